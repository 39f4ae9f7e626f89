package org.zipthimble.core.send;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.Bands;
import org.zipthimble.core.paint.JpegFile;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** JPEG, in RGB or in the inks of a press. */
public final class JpegFormat extends PixelFormat {
  JpegFormat() {
    super("jpeg", List.of(".jpg", ".jpeg"), Set.of(Choice.QUALITY, Choice.PLAIN));
  }

  @Override
  public boolean inks() {
    return true;
  }

  @Override
  Measured page(Job job, FileOrder order, DrawnPage page, boolean turned, Path file, Halvings pictures, Progress progress)
      throws Trouble, Stopped, IOException {
    InkedPage inked = new InkedPage(job, whole(order), page, pictures, turned);
    Bands bands = inked.bands();
    SafeWrite.write(file, out -> JpegFile.write(bands, order.how().quality(), inks(inked), out, progress), () -> { });
    return ReadBack.jpeg(file, page, whole(order).ppi(), order.ppi(), job.ticket().unit());
  }

  /** Such files can say a whole number of pixels per inch alone: with the nearest one the size stays right. */
  private static FileOrder whole(FileOrder order) {
    return order.withPpi(Math.max(1, Math.round(order.ppi())));
  }

  private static Optional<JpegFile.Inks> inks(InkedPage inked) {
    return inked.inks().map(i -> new JpegFile.Inks(i, inked.job().colour().profile().bytes()));
  }

  /**
   * About how many bytes the file of a face will have, judged by coding some of its bands.
   *
   * @param face by its number from 1
   */
  public static long estimate(Job job, FileOrder order, int face, Halvings pictures, Progress progress) throws Trouble, Stopped {
    DrawnPage page = Imposition.of(job, job.faces().get(face - 1), order.options());
    InkedPage inked = new InkedPage(job, whole(order), page, pictures, false);
    try {
      return JpegFile.estimate(inked.bands(), order.how().quality(), inks(inked), progress);
    } catch (IOException e) {
      throw Trouble.because(e, "send.failed", order.file().getFileName(), String.valueOf(e.getMessage()));
    }
  }
}
