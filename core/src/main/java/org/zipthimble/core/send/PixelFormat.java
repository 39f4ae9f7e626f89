package org.zipthimble.core.send;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.sheet.BookletPages;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Register;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * A kind of file made of pixels: one for each face; the first has the name that was asked for, the others carry their face's name as well.
 */
abstract class PixelFormat extends OutputFormat {
  private static final double PAINTED = 0.95;
  private static final int MOST_FILES = 500;

  private final Set<Choice> own;

  PixelFormat(String id, List<String> endings, Set<Choice> own) {
    super(id, endings, List.of(Content.PAGES));
    this.own = Set.copyOf(own);
  }

  @Override
  public Set<Choice> choices(Content content) {
    Set<Choice> choices = EnumSet.of(Choice.FACE, Choice.BLEED, Choice.MIRROR, Choice.RESOLUTION);
    choices.addAll(own);
    return choices;
  }

  @Override
  public boolean pixels() {
    return true;
  }

  @Override
  List<Path> each(Job job, FileOrder order) throws Trouble {
    if (!sheets(job, order)) {
      return named(order.file(), faces(job, order));
    }
    int count = run(job, order).count();
    if (count > MOST_FILES) {
      throw Trouble.of("send.manyFiles", count, MOST_FILES);
    }
    List<Path> files = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      files.add(count == 1 ? order.file() : beside(order.file(), String.valueOf(i)));
    }
    return files;
  }

  /** Whether whole sheets with several pieces, or a page for each row, are painted, a file each. */
  private static boolean sheets(Job job, FileOrder order) {
    return Imposition.ganged(order.options()) || BookletPages.wanted(order.options()) && order.face().isEmpty() || job.list().isPresent();
  }

  private static PageRun run(Job job, FileOrder order) throws Trouble {
    return Imposition.run(job, faces(job, order), order.options().withCuts(false));
  }

  @Override
  List<Measured> write(Job job, FileOrder order, Progress progress) throws Trouble, Stopped, IOException {
    List<Path> files = each(job, order);
    List<Measured> measured = new ArrayList<>();
    Halvings pictures = Halvings.SHARED;
    List<Face> faces = faces(job, order);
    Optional<PageRun> run = sheets(job, order) ? Optional.of(run(job, order)) : Optional.empty();
    for (int i = 0; i < files.size(); i++) {
      double share = 1.0 / files.size();
      boolean turned = run.isEmpty() && turned(faces.get(i), order.options());
      DrawnPage page = run.isPresent() ? run.get().at(i)
          : Imposition.of(job, faces.get(i), order.options().withCuts(false).withMirror(order.options().mirror() && !turned));
      measured.add(page(job, order, page, turned, files.get(i), pictures, part(progress, i * share, share * PAINTED)));
    }
    return measured;
  }

  /**
   * Whether a page is painted as it stands and its pixels are turned, so that the mirror image is the exact one. Registration marks tell
   * the cutter which way a sheet lies: where there are some, the art alone is mirrored.
   */
  private static boolean turned(Face face, PageOptions options) {
    return options.mirror() && !(options.sheet().onPaper() && Register.wanted(face));
  }

  /**
   * Writes one page and measures it.
   *
   * @param turned whether its pixels are laid left for right
   */
  abstract Measured page(Job job, FileOrder order, DrawnPage page, boolean turned, Path file, Halvings pictures, Progress progress)
      throws Trouble, Stopped, IOException;
}
