package org.zipthimble.core.check.edge;

import java.awt.image.BufferedImage;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Pixels;
import org.zipthimble.core.units.Side;

/**
 * What of a face is really painted, looked at small: feathered edges, see-through pictures and mounts that are not filled count as little
 * as they cover. Painted is what covers nearly as much as the face's own ground does, so that a tint laid on thinly is a ground like any
 * other.
 */
final class Painted {
  private static final double FINEST_PPI = 60;
  private static final double MOST_PIXELS = 700;
  private static final double NEARLY = 0.75;
  private static final double LEAST_COVER = 0.08;
  private static final Kept<Face, String, Job, Painted> KEPT = Kept.ofNewest(24, (face, whole, job) -> new Painted(Subject.of(job, face)));

  private final boolean[] covered;
  private final int width;
  private final int height;
  private final double ppi;

  private Painted(Subject on) {
    Frame frame = on.frame();
    this.ppi = Math.min(FINEST_PPI, MOST_PIXELS / Math.max(frame.size().width(), frame.size().height()));
    this.width = (int) Math.max(1, Math.round(frame.size().width() * ppi));
    this.height = (int) Math.max(1, Math.round(frame.size().height() * ppi));
    DrawnPage page = new DrawnPage(on.face().name(), frame.size(), frame.trim(), frame.bleedBox(),
        out -> MarkWalk.walk(on.job(), on.face(), Affine.IDENTITY, out));
    BufferedImage image = FacePainter.paint(page, page.bleed(), false,
        Affine.scale(width / frame.size().width(), height / frame.size().height()), width, height, Halvings.SHARED);
    int[] pixels = Pixels.argb(image);
    double usual = Math.max(LEAST_COVER * 255, NEARLY * upperQuarter(pixels));
    this.covered = new boolean[pixels.length];
    for (int i = 0; i < pixels.length; i++) {
      covered[i] = pixels[i] >>> 24 >= usual;
    }
  }

  /** The opacity, 0 to 255, that no more than a quarter of all pixels exceed. */
  private static int upperQuarter(int[] pixels) {
    int[] counts = new int[256];
    for (int pixel : pixels) {
      counts[pixel >>> 24]++;
    }
    int opacity = 0;
    for (int below = counts[0]; below <= pixels.length * 3L / 4; below += counts[opacity]) {
      opacity++;
    }
    return opacity;
  }

  /** That of a face; kept for as long as the face lives. */
  static Painted of(Subject on) {
    return KEPT.of(on.face(), "", on.job());
  }

  /** How much of the item is painted, 0 to 1. */
  double share() {
    int count = 0;
    for (boolean one : covered) {
      count += one ? 1 : 0;
    }
    return (double) count / covered.length;
  }

  /** Inches between two places that are looked at. */
  double step() {
    return 1 / ppi;
  }

  /** How far inside a side of the trim paint begins, place by place along it; as far as the item goes where none does. In inches. */
  double[] depths(Side side) {
    int along = side.upright() ? height : width;
    int across = side.upright() ? width : height;
    double[] out = new double[along];
    for (int i = 0; i < along; i++) {
      int deep = 0;
      while (deep < across && !at(side, i, deep)) {
        deep++;
      }
      out[i] = deep / ppi;
    }
    return out;
  }

  private boolean at(Side side, int along, int deep) {
    return switch (side) {
      case LEFT -> covered[along * width + deep];
      case RIGHT -> covered[along * width + width - 1 - deep];
      case TOP -> covered[deep * width + along];
      case BOTTOM -> covered[(height - 1 - deep) * width + along];
    };
  }
}
