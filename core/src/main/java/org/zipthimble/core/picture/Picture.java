package org.zipthimble.core.picture;

import java.nio.charset.StandardCharsets;
import java.util.OptionalDouble;
import org.zipthimble.core.kept.Recent;

/**
 * A picture as it was brought in: the untouched bytes and what they hold, and what is done to it when it is drawn.
 *
 * @param name the file's name when it was brought in
 * @param width in pixels, of the part that is kept; what is enlarged on the way out does not count
 * @param height in pixels
 */
public record Picture(Blob blob, Kind kind, String name, int width, int height, Retouch retouch) {
  /** What tells retouches apart; asked for at every drawing, and long where there are many strokes. */
  private static final Recent<Retouch, Void,
      String> KEYS = Recent.plain(5_000, r -> new Blob(r.toString().getBytes(StandardCharsets.UTF_8)).id());

  /** All of a picture but its bytes, by which what is kept for the bytes is told apart. */
  public record Drawn(Kind kind, String name, int width, int height, Retouch retouch) {
    /** The picture that has these bytes. */
    public Picture of(Blob blob) {
      return new Picture(blob, kind, name, width, height, retouch);
    }
  }

  /** Checks the pixels. */
  public Picture {
    if (width < 1 || height < 1) {
      throw new IllegalArgumentException("a picture needs pixels: " + width + " x " + height);
    }
  }

  /** A picture as it came; its sides in pixels. */
  public static Picture of(Blob blob, Kind kind, String name, int width, int height) {
    return new Picture(blob, kind, name, width, height, Retouch.NONE);
  }

  /** All of it but its bytes. */
  public Drawn drawn() {
    return new Drawn(kind, name, width, height, retouch);
  }

  /** The same, retouched. Begins from the picture as it came. */
  public Picture retouched(Retouch how) {
    if (!retouch.none()) {
      throw new IllegalStateException("a picture is retouched once");
    }
    if (how.none()) {
      return this;
    }
    double zoom = how.zoom(width, height);
    return new Picture(blob, kind, name, pixels(width * how.crop().width() / zoom), pixels(height * how.crop().height() / zoom), how);
  }

  private static int pixels(double wanted) {
    return Math.max(1, (int) Math.round(wanted));
  }

  /** The picture's identity: that of its bytes and of what is done to it. */
  public String id() {
    return retouch.none() ? blob.id()
        : blob.id() + "~" + KEYS.get(retouch);
  }

  /** Pixels per inch at its own size, for what has one: a page of a PDF. */
  public OptionalDouble truePpi() {
    return kind == Kind.PDF ? OptionalDouble.of(PdfPages.PPI) : OptionalDouble.empty();
  }

  /** Pixels per inch across when the picture is placed this wide, in inches. */
  public double ppiAt(double placedWidth, double placedHeight) {
    return Math.min(width / placedWidth, height / placedHeight);
  }
}
