package org.zipthimble.core.send;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.Bands;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Portable Network Graphics. */
final class PngFormat extends PixelFormat {
  PngFormat() {
    super("png", List.of(".png"), Set.of(Choice.OPEN));
  }

  @Override
  Measured page(Job job, FileOrder order, DrawnPage page, boolean turned, Path file, Halvings pictures, Progress progress)
      throws Trouble, Stopped, IOException {
    Bands bands = Bands.of(page, order.ppi(), pictures, order.how().open(), turned);
    SafeWrite.write(file, out -> PngFile.write(bands, out, progress), () -> { });
    return ReadBack.png(file, page, order.ppi(), job.ticket().unit());
  }
}
