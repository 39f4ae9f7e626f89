package org.zipthimble.core.picture;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;

/**
 * What is done to a picture; the picture itself stays as it came. The order is fixed: the background goes, the brush rubs out and
 * restores, patches are filled, tones, look and tint are laid on, and last it is straightened, cropped and flipped.
 *
 * @param crop the part that is kept, 0 to 1 across and down
 * @param straighten degrees clockwise, -45 to 45; the picture is drawn as much larger as keeps the crop full
 * @param patched whether what was rubbed out is filled with the colours around it
 * @param look the named look
 * @param strength of the look, 0 to 1
 * @param tint the one colour of the whole silhouette
 * @param enlarged how often the pixels are multiplied on the way out, 1 to 8; no real resolution
 */
@RecordBuilder
public record Retouch(
    Box crop, double straighten, boolean flippedX, boolean flippedY, Optional<Backdrop> backdrop, List<BrushStroke> rubs, boolean patched,
    Tones tones, PictureLook look, double strength, Optional<Colour> tint, double enlarged) implements RetouchBuilder.With {
  /** The most that a picture is turned straight, in degrees. */
  public static final double MOST_STRAIGHTEN = 45;

  /** The whole picture. */
  public static final Box WHOLE = new Box(0, 0, 1, 1);

  /** As it came. */
  public static final Retouch NONE = new Retouch(
      WHOLE, 0, false, false, Optional.empty(), List.of(), false, Tones.NONE, PictureLook.NONE, 1, Optional.empty(), 1);

  /** The smallest side of a crop. */
  public static final double LEAST_CROP = 0.001;

  /** The most strokes. */
  public static final int MOST_RUBS = 2_000;

  /** The most that pixels are multiplied. */
  public static final double MOST_ENLARGED = 8;

  /** Keeps a copy and checks the figures. */
  public Retouch {
    rubs = List.copyOf(rubs);
    boolean inside = crop.x() >= 0 && crop.y() >= 0 && crop.right() <= 1 + 1e-9 && crop.bottom() <= 1 + 1e-9;
    if (!inside || crop.width() < LEAST_CROP || crop.height() < LEAST_CROP) {
      throw new IllegalArgumentException("a crop lies within the picture: " + crop);
    }
    if (!(Math.abs(straighten) <= MOST_STRAIGHTEN) || !(strength >= 0 && strength <= 1) || !(enlarged >= 1 && enlarged <= MOST_ENLARGED)
        || rubs.size() > MOST_RUBS || tones == null || look == null) {
      throw new IllegalArgumentException("a retouch is out of range");
    }
  }

  /** Whether nothing is done. */
  public boolean none() {
    return equals(NONE);
  }

  /** The same, mirrored across or down, or both. */
  public Retouch flipped(boolean x, boolean y) {
    return withFlippedX(x).withFlippedY(y);
  }

  /** The same with one stroke more. */
  public Retouch rubbed(BrushStroke stroke) {
    List<BrushStroke> all = new ArrayList<>(rubs);
    all.add(stroke);
    return withRubs(all);
  }

  /** The same with another look, as strong as a share from 0 to 1. */
  public Retouch looking(PictureLook other, double share) {
    return withLook(other).withStrength(share);
  }

  /**
   * How much larger a picture is drawn so that its crop stays full when it is turned straight: a factor of 1 or more, for a picture of so
   * many pixels.
   */
  public double zoom(int width, int height) {
    if (straighten == 0) {
      return 1;
    }
    double angle = Math.toRadians(-straighten);
    double cx = crop.centre().x() * width;
    double cy = crop.centre().y() * height;
    double zoom = 1;
    for (int corner = 0; corner < 4; corner++) {
      double x = (corner % 2 == 0 ? -0.5 : 0.5) * crop.width() * width;
      double y = (corner < 2 ? -0.5 : 0.5) * crop.height() * height;
      double u = x * Math.cos(angle) - y * Math.sin(angle);
      double v = x * Math.sin(angle) + y * Math.cos(angle);
      zoom = Math.max(zoom, Math.max(u > 0 ? u / (width - cx) : -u / cx, v > 0 ? v / (height - cy) : -v / cy));
    }
    return zoom;
  }
}
