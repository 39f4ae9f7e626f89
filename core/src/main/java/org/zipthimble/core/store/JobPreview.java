package org.zipthimble.core.store;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.wording.Trouble;

/** The small picture that a job carries, taken out without opening the job. */
public final class JobPreview {
  /** The fewest pixels that may be asked for. */
  public static final int LEAST = 16;

  /** The most pixels that may be asked for. */
  public static final int MOST = 1024;

  private static final String NAME = "preview.png";
  private static final int MOST_BYTES = 20_000_000;
  private static final Pictures.Limits SMALL = new Pictures.Limits(4_000_000, 16_000_000);

  private JobPreview() {}

  /**
   * Writes the picture of a job as PNG.
   *
   * @param to where it goes; the folder is there
   * @param size its longer side at most, in pixels, {@value #LEAST} to {@value #MOST}; a smaller picture stays as it is
   * @throws Trouble when the job cannot be read, carries no sound picture, or the file cannot be written
   * @throws IllegalArgumentException when the size is out of range
   */
  public static void write(Path job, Path to, int size) throws Trouble {
    if (size < LEAST || size > MOST) {
      throw new IllegalArgumentException("size " + size);
    }
    BufferedImage image = fitted(image(job), size);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", bytes);
    } catch (IOException e) {
      throw new IllegalStateException("memory can be written", e);
    }
    SafeWrite.write(to, bytes.toByteArray());
  }

  private static BufferedImage image(Path job) throws Trouble {
    String name = String.valueOf(job.getFileName());
    if (!Files.isRegularFile(job)) {
      throw Trouble.of("file.none", name);
    }
    try (ZipFile zip = new ZipFile(job.toFile())) {
      ZipEntry entry = zip.getEntry(NAME);
      if (entry == null) {
        throw new IOException(NAME);
      }
      try (InputStream in = zip.getInputStream(entry)) {
        byte[] bytes = in.readNBytes(MOST_BYTES);
        // looked at within limits first: a small file may claim a picture of any size
        Pictures.look(NAME, bytes, SMALL);
        return ImageIO.read(new ByteArrayInputStream(bytes));
      }
    } catch (IOException | RuntimeException | Trouble e) {
      throw Trouble.because(e, "thimble.noPreview", name);
    }
  }

  private static BufferedImage fitted(BufferedImage image, int size) {
    double scale = (double) size / Math.max(image.getWidth(), image.getHeight());
    if (scale >= 1) {
      return image;
    }
    int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
    int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.drawImage(image, 0, 0, width, height, null);
    g.dispose();
    return out;
  }
}
