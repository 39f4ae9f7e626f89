package org.zipthimble.core.send;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.WayRound;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * What must leave as a mirror image is turned exactly once on its way to the thing: by this program or by the machine's own setting. What
 * must not is turned by neither. Asked for by hand for one file, a mirror image is what must leave.
 */
public final class MirrorGuard {
  private static final double PPI = 40;
  private static final int MOST_LOOKED = 6;

  private MirrorGuard() {}

  /** What becomes of a way to the thing. */
  public enum Verdict {
    /** Turned as often as it must be. */
    RIGHT,
    /** It must be turned, and nobody does. */
    NONE,
    /** Turned twice: it would read as if it had not been turned. */
    TWICE,
    /** Turned though it must not be. */
    NEEDLESS;

    /** Whether it may leave. */
    public boolean right() {
      return this == RIGHT;
    }
  }

  /** What becomes of a way: whether it must be turned, whether this program does it, whether the machine does. */
  public static Verdict of(boolean must, boolean program, boolean machine) {
    if (program && machine) {
      return Verdict.TWICE;
    }
    if (must) {
      return program || machine ? Verdict.RIGHT : Verdict.NONE;
    }
    return program || machine ? Verdict.NEEDLESS : Verdict.RIGHT;
  }

  /** That of pages in a file. */
  public static Verdict ofPages(Job job, boolean program) {
    return of(job.mustMirror() || program, program, machine(job));
  }

  private static boolean machine(Job job) {
    return job.making().by() == Making.MirrorBy.MACHINE;
  }

  /**
   * Refuses an order whose way to the thing turns it too often or not at all.
   *
   * @throws Trouble with the sentence that mends it
   */
  static void check(Job job, FileOrder order, Content content, List<String> lanes) throws Trouble {
    if (content == Content.PAGES) {
      refuse(ofPages(job, order.options().mirror()), job.process().title());
      return;
    }
    if (!content.cut()) {
      return;
    }
    for (Lane lane : job.cutting().lanes().stream().filter(l -> lanes.contains(l.id())).toList()) {
      boolean program = order.how().mirror().orElse(job.mirrorsHere(lane));
      boolean must = lane.mirrored() || program;
      boolean machine = machine(job) && must;
      Verdict verdict = of(must, program, machine);
      if (!verdict.right()) {
        throw Trouble.of("mirror.lane." + verdict.name().toLowerCase(java.util.Locale.ROOT), lane.name());
      }
    }
  }

  /**
   * Refuses what is not right.
   *
   * @throws Trouble with the sentence that mends it
   */
  public static void refuse(Verdict verdict, String process) throws Trouble {
    if (!verdict.right()) {
      throw Trouble.of("mirror." + verdict.name().toLowerCase(java.util.Locale.ROOT), process);
    }
  }

  /** Whether the pixels of what leaves are worth proving: where turning plays a part at all. */
  static boolean concerns(Job job, FileOrder order) {
    return job.mustMirror() || order.options().mirror() || machine(job);
  }

  /**
   * Which way round the files' own pixels show the art, beside which way they must; of pages that look the same both ways the next is
   * taken.
   */
  static Measured.Line proven(Job job, FileOrder order, List<Path> files) throws Trouble {
    boolean turned = order.options().mirror();
    PageOptions seen = order.options().withMirror(false).withCuts(false);
    PageRun run = Imposition.run(job, OutputFormat.faces(job, order), seen);
    Box part = Imposition.ganged(seen) ? GangPages.of(job, List.of(OutputFormat.faces(job, order).get(0)), seen).spots().get(0).trim()
        : null;
    WayRound found = WayRound.EITHER;
    for (int i = 0; i < Math.min(MOST_LOOKED, run.count()) && found == WayRound.EITHER; i++) {
      DrawnPage page = run.at(i);
      BufferedImage art = FacePainter.onPaper(page, PPI, Halvings.SHARED);
      BufferedImage left = files.size() == 1 && files.get(0).toString().toLowerCase(java.util.Locale.ROOT).endsWith(".pdf")
          ? pdf(files.get(0), i) : i < files.size() ? pixels(files.get(i)) : art;
      found = WayRound.of(cut(left, page, part), cut(art, page, part));
    }
    String wanted = Wording.text(turned ? "mirror.turnedHere" : machine(job) && job.mustMirror() ? "mirror.turnedThere" : "mirror.asSeen");
    return new Measured.Line(Wording.text("mirror.line"), wanted, Wording.of(found),
        found == WayRound.EITHER || found == (turned ? WayRound.MIRRORED : WayRound.AS_SEEN));
  }

  private static BufferedImage pdf(Path file, int page) throws Trouble {
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      return new PDFRenderer(document).renderImageWithDPI(page, (float) PPI, ImageType.RGB);
    } catch (IOException e) {
      throw Trouble.because(e, "proof.damaged", file.getFileName());
    }
  }

  private static BufferedImage pixels(Path file) throws Trouble {
    try {
      BufferedImage image = Files.exists(file) ? ImageIO.read(file.toFile()) : null;
      if (image == null) {
        throw Trouble.of("proof.damaged", file.getFileName());
      }
      return image;
    } catch (IOException e) {
      throw Trouble.because(e, "proof.damaged", file.getFileName());
    }
  }

  private static BufferedImage cut(BufferedImage image, DrawnPage page, Box own) {
    Box part = own == null ? page.trim() : own;
    double x = image.getWidth() / page.size().width();
    double y = image.getHeight() / page.size().height();
    int left = (int) Math.max(0, Math.round(part.x() * x));
    int top = (int) Math.max(0, Math.round(part.y() * y));
    int wide = (int) Math.max(1, Math.min(image.getWidth() - left, Math.round(part.width() * x)));
    int high = (int) Math.max(1, Math.min(image.getHeight() - top, Math.round(part.height() * y)));
    return image.getSubimage(left, top, wide, high);
  }
}
