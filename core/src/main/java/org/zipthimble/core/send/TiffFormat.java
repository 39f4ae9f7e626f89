package org.zipthimble.core.send;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.Bands;
import org.zipthimble.core.paint.InkBands;
import org.zipthimble.core.paint.TiffFile;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Tagged Image File Format, in RGB or in the inks of a press. */
final class TiffFormat extends PixelFormat {
  TiffFormat() {
    super("tiff", List.of(".tif", ".tiff"), Set.of(Choice.PACKING, Choice.PLAIN));
  }

  @Override
  public boolean inks() {
    return true;
  }

  @Override
  Measured page(Job job, FileOrder order, DrawnPage page, boolean turned, Path file, Halvings pictures, Progress progress)
      throws Trouble, Stopped, IOException {
    InkedPage inked = new InkedPage(job, order, page, pictures, turned);
    Bands bands = inked.bands();
    Optional<InkBands> inks = inked.inks();
    byte[] profile = inked.asked() ? job.colour().profile().bytes() : ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
    SafeWrite.write(file, out -> TiffFile.write(bands, inks, order.how().packing(), profile, out, progress), () -> { });
    return ReadBack.tiff(file, page, order.ppi(), job.ticket().unit(), inked.asked());
  }
}
