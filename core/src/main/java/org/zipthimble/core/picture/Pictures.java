package org.zipthimble.core.picture;

import java.awt.Graphics2D;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;
import org.zipthimble.core.wording.Trouble;

/** Reads picture files within limits; the file itself is kept as it is. */
public final class Pictures {
  /** The most pixels that are decoded to see whether a picture can be drawn. */
  private static final long TRIED = 12_000_000;

  private static final long TRIED_COARSELY = 1_000_000;

  private static final int BYTES_BESIDE = 6;

  /** WebP is decoded whole, whatever part of it is wanted, and copied once. */
  private static final int COPIES_OF_WEBP = 2;

  /** No file packs more pixels into a byte, unless it is a few bytes that ask for a great sheet. */
  private static final long MOST_A_BYTE = 20_000;

  private static final long ROOMY = 10_000_000;

  private static final int TRIED_SIDE = 16;

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
    /** What the program allows by default: 400 MB, and 220 megapixels or as many as there is memory for. */
    public static final Limits USUAL = within(Runtime.getRuntime().maxMemory());

    /** What can be drawn, sent and saved in so many bytes of memory: a picture takes four a pixel, and something beside it. */
    public static Limits within(long memory) {
      return new Limits(400_000_000, Math.min(220_000_000, memory / BYTES_BESIDE));
    }
  }

  private Pictures() {}

  /**
   * Looks at a picture file: its kind, its pixels, and that it can be drawn.
   *
   * @throws Trouble with a sentence when it is no picture, damaged, or larger than the limits
   */
  public static Picture look(String name, byte[] bytes, Limits limits) throws Trouble {
    return look(name, bytes, limits, "");
  }

  /**
   * Looks at a picture file that may have been looked at before: bytes of the same SHA-256 are not drawn again, which takes most of the
   * time.
   * Their kind and size are held against the limits all the same, and a check draws every picture beside the window.
   *
   * @param known the SHA-256 of the bytes that were found sound, in hexadecimal
   * @throws Trouble with a sentence when it is no picture, damaged, or larger than the limits
   */
  public static Picture look(String name, byte[] bytes, Limits limits, String known) throws Trouble {
    Kind kind = kind(name, bytes, limits);
    return kind == Kind.PDF ? PdfPages.look(name, bytes, limits) : look(name, new Blob(bytes), kind, limits, known);
  }

  /**
   * Looks at a picture file whose SHA-256 is taken as it is stated, to be proved later ({@link Blob#proved()}): its kind and its size are
   * held against the limits at once.
   *
   * @param bytes taken over as they are: nobody changes them any more
   * @param stated the SHA-256 of the bytes, in hexadecimal
   * @throws Trouble with a sentence when it is no picture or larger than the limits
   */
  public static Picture stated(String name, byte[] bytes, Limits limits, String stated) throws Trouble {
    Kind kind = kind(name, bytes, limits);
    return kind == Kind.PDF ? PdfPages.look(name, bytes, limits) : look(name, Blob.stated(bytes, stated), kind, limits, stated);
  }

  private static Kind kind(String name, byte[] bytes, Limits limits) throws Trouble {
    if (bytes.length > limits.bytes()) {
      throw Trouble.of("picture.tooManyBytes", name, limits.bytes() / 1_000_000);
    }
    return Kind.of(bytes).orElseThrow(() -> Trouble.of("picture.unknownKind", name));
  }

  private static Picture look(String name, Blob blob, Kind kind, Limits limits, String known) throws Trouble {
    try (ImageInputStream in = ImageIO.createImageInputStream(blob.open())) {
      ImageReader reader = reader(in, name);
      try {
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > limits.pixels() / (kind == Kind.WEBP ? COPIES_OF_WEBP : 1)) {
          throw Trouble.of("picture.tooManyPixels", name, reader.getWidth(0), reader.getHeight(0), limits.pixels() / 1_000_000);
        }
        if (pixels > ROOMY && pixels / MOST_A_BYTE > blob.length()) {
          throw Trouble.of("picture.hollow", name, reader.getWidth(0), reader.getHeight(0), blob.length());
        }
        boolean swaps = Exif.swaps(Exif.turn(kind, headed(kind) ? blob.bytes() : new byte[0]));
        int width = swaps ? reader.getHeight(0) : reader.getWidth(0);
        int height = swaps ? reader.getWidth(0) : reader.getHeight(0);
        Picture picture = Picture.of(blob, kind, name, width, height);
        // Drawn once to be sure of it, of a large one only some of its pixels.
        if (!picture.id().equals(known)) {
          drawn(untouched(picture, (int) Math.max(1, Math.ceil(Math.sqrt((double) pixels / TRIED)))));
        }
        return picture;
      } finally {
        reader.dispose();
      }
    } catch (OutOfMemoryError e) {
      throw Trouble.because(e, "picture.noMemory", name);
    } catch (IOException | RuntimeException | StackOverflowError e) {
      throw Trouble.because(e, "picture.damaged", name);
    }
  }

  /**
   * Decodes a picture at full size, retouched as it is.
   *
   * @throws Trouble when the bytes cannot be decoded
   */
  public static BufferedImage decode(Picture picture) throws Trouble {
    BufferedImage image = untouched(picture, 1);
    return picture.retouch().none() ? image : Retoucher.apply(image, picture.retouch(), true);
  }

  /**
   * Decodes a picture coarsely, to see whether it can be.
   *
   * @throws Trouble when it cannot
   */
  public static void tried(Picture picture) throws Trouble {
    untouched(picture, (int) Math.max(1, Math.ceil(Math.sqrt((double) pixels(picture) / TRIED_COARSELY))));
  }

  /** How many pixels the file of a picture holds, whatever is kept of them. */
  static long pixels(Picture picture) throws Trouble {
    if (picture.kind().outlines()) {
      return (long) picture.width() * picture.height();
    }
    try (ImageInputStream in = ImageIO.createImageInputStream(picture.blob().open())) {
      ImageReader reader = reader(in, picture.name());
      try {
        return (long) reader.getWidth(0) * reader.getHeight(0);
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "picture.damaged", picture.name());
    }
  }

  /**
   * Decodes a picture as it came.
   *
   * @param step of so many pixels across and down one is read, 1 for all
   */
  static BufferedImage untouched(Picture picture, int step) throws Trouble {
    if (picture.kind() == Kind.TEXTURE) {
      return Texture.draw(picture, step);
    }
    if (picture.kind() == Kind.PDF) {
      return PdfPages.draw(picture, step);
    }
    byte[] bytes = headed(picture.kind()) ? picture.blob().bytes() : new byte[0];
    try (ImageInputStream in = ImageIO.createImageInputStream(picture.blob().open())) {
      ImageReader reader = reader(in, picture.name());
      try {
        BufferedImage upright = Exif.upright(plain(read(reader, picture.kind(), bytes, step)), Exif.turn(picture.kind(), bytes));
        Optional<ICC_Profile> profile = picture.kind() == Kind.PNG ? PngProfile.of(picture.blob().head()) : Optional.empty();
        return profile.isPresent() ? PngProfile.inScreen(upright, profile.get()) : upright;
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "picture.damaged", picture.name());
    }
  }

  /** Only these have a head that tells more; a copy of a large file's bytes is not made for others. */
  private static boolean headed(Kind kind) {
    return kind == Kind.JPEG || kind == Kind.TIFF || kind == Kind.PNG || kind == Kind.WEBP;
  }

  /** Whether the bytes can go into a PDF as they are: a JPEG that is upright and in the screen's colours. */
  public static boolean asTheyAre(Picture picture) {
    if (picture.kind() != Kind.JPEG || !picture.retouch().none()) {
      return false;
    }
    byte[] bytes = picture.blob().bytes();
    JpegHead head = JpegHead.of(bytes);
    boolean screen = head.profile().map(icc -> new String(icc, StandardCharsets.ISO_8859_1).contains("sRGB")).orElse(true);
    return head.components() != 4 && screen && Exif.turn(Kind.JPEG, bytes) == 1;
  }

  /** The bytes of a JPEG without what says where and by whom it was taken. */
  public static byte[] bare(Picture picture) {
    return JpegHead.bare(picture.blob().bytes());
  }

  /** Whether the bytes can go into a PDF for a press as they are: an upright JPEG in four inks. */
  public static boolean inksAsTheyAre(Picture picture) {
    if (picture.kind() != Kind.JPEG || !picture.retouch().none()) {
      return false;
    }
    byte[] bytes = picture.blob().bytes();
    JpegHead head = JpegHead.of(bytes);
    return head.components() == 4 && head.inverted() && Exif.turn(Kind.JPEG, bytes) == 1;
  }

  /**
   * The pixels of a file as they are seen: those in four inks by their own profile.
   *
   * @param bytes of a JPEG, whose head tells more; others need none
   * @param step of so many pixels across and down one is read, 1 for all
   * @throws IOException when it cannot be read
   */
  public static BufferedImage read(ImageReader reader, Kind kind, byte[] bytes, int step) throws IOException {
    ImageReadParam some = reader.getDefaultReadParam();
    some.setSourceSubsampling(step, step, 0, 0);
    if (kind == Kind.JPEG) {
      JpegHead head = JpegHead.of(bytes);
      if (head.components() == 4) {
        return InkJpeg.seen(reader.readRaster(0, some), head);
      }
      Iterator<ImageTypeSpecifier> kinds = reader.getImageTypes(0);
      if (kinds.hasNext() && kinds.next().getBufferedImageType() == BufferedImage.TYPE_3BYTE_BGR) {
        return RowsIn.read(reader, some, step);
      }
    }
    BufferedImage image = reader.read(0, some);
    return kind == Kind.TIFF && InkTiff.is(reader, image.getRaster()) ? InkTiff.seen(image.getRaster(), reader) : image;
  }

  private static void drawn(BufferedImage image) {
    Graphics2D g = new BufferedImage(TRIED_SIDE, TRIED_SIDE, BufferedImage.TYPE_INT_ARGB_PRE).createGraphics();
    g.drawImage(image, 0, 0, TRIED_SIDE, TRIED_SIDE, null);
    g.dispose();
  }

  /** Pictures of 16 bits, with palettes or in another space of colours become the screen's, eight bits; others stay as they are. */
  private static BufferedImage plain(BufferedImage image) {
    boolean usual = image.getType() != BufferedImage.TYPE_CUSTOM && image.getType() != BufferedImage.TYPE_USHORT_GRAY
        && image.getColorModel().getColorSpace().isCS_sRGB();
    if (usual || image.getType() == BufferedImage.TYPE_BYTE_GRAY) {
      return image;
    }
    int type = image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB;
    BufferedImage out = new BufferedImage(image.getWidth(), image.getHeight(), type);
    if (image.getRaster().getTransferType() == DataBuffer.TYPE_SHORT && image.getRaster().getNumBands() == 1) {
      return signed(image.getRaster());
    }
    Graphics2D g = out.createGraphics();
    g.drawImage(image, 0, 0, null);
    g.dispose();
    return out;
  }

  /** Greys with a sign, which the toolkit does not draw: black up to zero, white at the highest. */
  private static BufferedImage signed(Raster raster) {
    BufferedImage out = new BufferedImage(raster.getWidth(), raster.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
    int[] row = new int[raster.getWidth()];
    for (int y = 0; y < raster.getHeight(); y++) {
      raster.getSamples(raster.getMinX(), raster.getMinY() + y, row.length, 1, 0, row);
      for (int x = 0; x < row.length; x++) {
        row[x] = Math.max(0, row[x]) * 255 / Short.MAX_VALUE;
      }
      out.getRaster().setSamples(0, y, row.length, 1, 0, row);
    }
    return out;
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
