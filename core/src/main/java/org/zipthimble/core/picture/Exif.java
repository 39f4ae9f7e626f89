package org.zipthimble.core.picture;

import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.png.PngChunk;
import com.drew.imaging.png.PngChunkReader;
import com.drew.imaging.png.PngChunkType;
import com.drew.imaging.riff.RiffReader;
import com.drew.imaging.tiff.TiffReader;
import com.drew.lang.ByteArrayReader;
import com.drew.lang.SequentialByteArrayReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import com.drew.metadata.exif.ExifTiffHandler;
import com.drew.metadata.webp.WebpRiffHandler;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Set;

/** How the camera was held: the orientation of Exif (JEITA CP-3451, tag 274), which JPEG, TIFF, PNG (eXIf) and WebP (RFC 9649) carry. */
final class Exif {
  private Exif() {}

  /**
   * The orientation that a file states, 1 to 8; 1 where it states none that can be read. Within the file's own bytes, whatever lengths it
   * claims.
   */
  static int turn(Kind kind, byte[] bytes) {
    try {
      Metadata found = new Metadata();
      switch (kind) {
        case JPEG -> found = JpegMetadataReader.readMetadata(new ByteArrayInputStream(bytes), List.of(new ExifReader()));
        case TIFF -> new TiffReader().processTiff(new ByteArrayReader(bytes), new ExifTiffHandler(found, null, 0), 0);
        case PNG -> png(bytes, found);
        case WEBP -> new RiffReader().processRiff(new SequentialByteArrayReader(bytes), new OnlyExif(found));
        default -> { }
      }
      ExifIFD0Directory first = found.getFirstDirectoryOfType(ExifIFD0Directory.class);
      Integer turn = first == null ? null : first.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
      return turn != null && turn >= 1 && turn <= 8 ? turn : 1;
    } catch (ImageProcessingException | IOException | RuntimeException | StackOverflowError unreadable) {
      // a picture whose notes are broken is seen as its pixels lie, by everybody else as well
      return 1;
    }
  }

  private static void png(byte[] bytes, Metadata found) throws ImageProcessingException, IOException {
    for (PngChunk chunk : new PngChunkReader().extract(new SequentialByteArrayReader(bytes), Set.of(PngChunkType.eXIf))) {
      new ExifReader().extract(new ByteArrayReader(chunk.getBytes()), found);
    }
  }

  /** Of a WebP file nothing else is read. */
  private static final class OnlyExif extends WebpRiffHandler {
    OnlyExif(Metadata into) {
      super(into);
    }

    @Override
    public boolean shouldAcceptChunk(String name) {
      return name.equals("EXIF");
    }
  }

  /** Whether turning swaps width and height. */
  static boolean swaps(int turn) {
    return turn >= 5;
  }

  /** The picture upright. */
  static BufferedImage upright(BufferedImage image, int turn) {
    if (turn == 1) {
      return image;
    }
    int w = image.getWidth();
    int h = image.getHeight();
    AffineTransform map = switch (turn) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
      default -> new AffineTransform(0, -1, 1, 0, 0, w);
    };
    int type = image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB;
    BufferedImage out = new BufferedImage(swaps(turn) ? h : w, swaps(turn) ? w : h, type);
    Graphics2D g = out.createGraphics();
    g.drawImage(image, map, null);
    g.dispose();
    return out;
  }
}
