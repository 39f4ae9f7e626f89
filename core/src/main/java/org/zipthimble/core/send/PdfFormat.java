package org.zipthimble.core.send;

import java.io.IOException;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.cut.Assembly;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.paint.PdfPress;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.SheetSigns;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Portable Document Format: all faces, all sheets or all assembly pages in one file. */
final class PdfFormat extends OutputFormat {
  private static final double WRITTEN = 0.7;

  PdfFormat() {
    super("pdf", List.of(".pdf"), List.of(Content.PAGES, Content.SHEETS, Content.ASSEMBLY, Content.PROOF, Content.TRAVELLER));
  }

  @Override
  public Set<Choice> choices(Content content) {
    return switch (content) {
      case PAGES -> EnumSet.of(Choice.FACE, Choice.BLEED, Choice.MIRROR, Choice.PLAIN, Choice.PICTURES, Choice.MOST_PPI);
      case SHEETS -> EnumSet.of(Choice.LANE, Choice.MIRROR);
      default -> Set.of();
    };
  }

  @Override
  public boolean inks() {
    return true;
  }

  @Override
  List<Measured> write(Job job, FileOrder order, Progress progress) throws Trouble, Stopped, IOException {
    boolean press = content(order) == Content.PAGES && InkedPage.asked(job, order);
    PageRun pages = pages(job, order);
    Optional<PdfPress> how = press ? Optional.of(press(job, order)) : Optional.empty();
    SafeWrite.write(order.file(), out -> PdfPainter.write(job.name(), pages, how, order.how().mostPpi(), out, part(progress, 0, WRITTEN)),
        () -> { });
    progress.step(WRITTEN);
    Progress reading = part(progress, WRITTEN, 1 - WRITTEN);
    Measured measured = press ? ReadBack.press(order.file(), pages, how.get().inking(), job.ticket().unit())
        : ReadBack.pdf(order.file(), pages, job.ticket().unit(), reading);
    return List.of(content(order) == Content.SHEETS ? measured.with(VectorFormat.mirrored(job, order)) : measured);
  }

  private PageRun pages(Job job, FileOrder order) throws Trouble {
    if (content(order) == Content.PAGES) {
      if (job.list().filter(l -> l.sent().isEmpty()).isPresent()) {
        throw Trouble.of("send.noRows");
      }
      return Imposition.run(job, faces(job, order), order.options().withCuts(true));
    }
    if (content(order) == Content.ASSEMBLY) {
      List<DrawnPage> pages = Assembly.pages(job);
      if (pages.isEmpty()) {
        throw Trouble.of("send.nothingSplit");
      }
      return PageRun.of(pages);
    }
    if (content(order) == Content.PROOF) {
      return PageRun.of(List.of(ProofPage.of(job)));
    }
    if (content(order) == Content.TRAVELLER) {
      return PageRun.of(List.of(Traveller.of(job)));
    }
    return PageRun.of(VectorFormat.sheets(job, order).stream().map(s -> CutDrawings.page(job, s)).toList());
  }

  private static PdfPress press(Job job, FileOrder order) {
    boolean shipped = job.colour().own().isEmpty();
    return new PdfPress(job.colour().inking(SheetSigns.inked(job.palette(), order.options().sheet())), shipped ? "CGATS TR 006" : "Custom",
        order.how().pictures());
  }
}
