package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.zipthimble.core.wording.Trouble;

/** Reads picture files within limits; the file itself is kept as it is. */
public final class Pictures {
  static {
    ImageIO.setUseCache(false);
  }

  /**
   * What may be brought in.
   *
   * @param bytes most bytes of a file
   * @param pixels most pixels of a picture
   */
  public record Limits(long bytes, long pixels) {
    /** What the program allows by default: 200 MB, 120 megapixels. */
    public static final Limits USUAL = new Limits(200_000_000, 120_000_000);
  }

  private Pictures() {}

  /**
   * Looks at a picture file: its kind, its pixels, and that it can be drawn.
   *
   * @throws Trouble with a sentence when it is no picture, damaged, or larger than the limits
   */
  public static Picture look(String name, byte[] bytes, Limits limits) throws Trouble {
    if (bytes.length > limits.bytes()) {
      throw Trouble.of("picture.tooManyBytes", name, limits.bytes() / 1_000_000);
    }
    Kind kind = Kind.of(bytes).orElseThrow(() -> Trouble.of("picture.unknownKind", name));
    Blob blob = new Blob(bytes);
    try (ImageInputStream in = ImageIO.createImageInputStream(blob.open())) {
      ImageReader reader = reader(in, name);
      try {
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > limits.pixels()) {
          throw Trouble.of("picture.tooManyPixels", name, reader.getWidth(0), reader.getHeight(0), limits.pixels() / 1_000_000);
        }
        Picture picture = new Picture(blob, kind, name, reader.getWidth(0), reader.getHeight(0));
        reader.read(0);
        return picture;
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "picture.damaged", name);
    }
  }

  /**
   * Decodes a picture at full size.
   *
   * @throws Trouble when the bytes cannot be decoded
   */
  public static BufferedImage decode(Picture picture) throws Trouble {
    try {
      BufferedImage image = ImageIO.read(picture.blob().open());
      if (image == null) {
        throw Trouble.of("picture.damaged", picture.name());
      }
      return image;
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "picture.damaged", picture.name());
    }
  }

  private static ImageReader reader(ImageInputStream in, String name) throws Trouble {
    Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
    if (!readers.hasNext()) {
      throw Trouble.of("picture.unknownKind", name);
    }
    ImageReader reader = readers.next();
    reader.setInput(in);
    return reader;
  }
}
