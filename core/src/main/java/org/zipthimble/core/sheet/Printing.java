package org.zipthimble.core.sheet;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/**
 * How a printer lays a page onto its paper. A page that lies the other way than the paper is turned by a quarter.
 *
 * @param paper in inches, as it is fed
 * @param margins along its edges that the printer cannot reach
 * @param scaling what it does with a page
 * @param enlarge per cent by which a borderless page is made larger, so that no white edge is left; drivers do 1 to 3 % (common practice,
 *     no source)
 * @param mirror whether the printer's own setting turns it left for right
 */
@RecordBuilder
public record Printing(Size paper, Insets margins, Scaling scaling, double enlarge, boolean mirror) implements PrintingBuilder.With {
  /** Desktop printers leave this free unless told otherwise, in inches; common practice, no source. */
  public static final double USUAL_MARGIN = 0.25;

  /** Sizes that differ less are the same, as a part. */
  private static final double SAME = 1e-4;

  /** What a printer does with a page. */
  public enum Scaling {
    /** At its own size, in the middle of the paper; what lies in the margins is lost. */
    ACTUAL,
    /** Made smaller until it fits between the margins; never larger. */
    SHRINK,
    /** Made larger or smaller until it fills all between the margins; what stands over is lost. */
    FILL,
    /** Past the paper's edges, a little enlarged. */
    BORDERLESS;

    /** Its name. */
    public String title() {
      return Wording.of(this);
    }
  }

  /** Checks the figures. */
  public Printing {
    if (!(enlarge >= 0 && enlarge <= 20) || scaling == null || margins.left() + margins.right() >= paper.width()
        || margins.top() + margins.bottom() >= paper.height()) {
      throw new IllegalArgumentException("a printer's margins leave something of the paper, and it enlarges by 0 to 20 %: " + margins
          + ", " + enlarge);
    }
  }

  /** All that can be printed of the paper. */
  public Box reach() {
    Box all = new Box(0, 0, paper.width(), paper.height());
    return scaling == Scaling.BORDERLESS ? all : all.shrunk(margins);
  }

  /** Whether a page is turned by a quarter to lie as the paper does. */
  public boolean turned(Size page) {
    boolean square = Math.abs(page.width() - page.height()) < 1e-9;
    return !square && page.width() > page.height() != paper.width() > paper.height();
  }

  /** How much larger or smaller a page comes out, as a factor above 0; 1 is its true size. */
  public double scale(Size page) {
    Size lying = turned(page) ? page.swapped() : page;
    double wide = reach().width() / lying.width();
    double high = reach().height() / lying.height();
    return switch (scaling) {
      case ACTUAL -> 1;
      case SHRINK -> Math.min(1, Math.min(wide, high));
      case FILL -> Math.max(wide, high);
      case BORDERLESS -> 1 + enlarge / 100;
    };
  }

  /** From a page's inches to the paper's. */
  public Affine place(Size page) {
    Point middle = scaling == Scaling.ACTUAL || scaling == Scaling.BORDERLESS ? new Point(paper.width() / 2, paper.height() / 2)
        : reach().centre();
    double s = scale(page);
    return Affine.move(-page.width() / 2, -page.height() / 2).then(Affine.scale(mirror ? -s : s, s))
        .then(Affine.turn(turned(page) ? 90 : 0, new Point(0, 0)))
        .then(Affine.move(middle.x(), middle.y()));
  }

  /** How much of a part of a page is lost at each of its sides, in inches of the page; the sides are those of the page. */
  public Insets lost(Size page, Box part) {
    Box seen = place(page).inverse().apply(reach());
    return new Insets(Math.max(0, seen.x() - part.x()), Math.max(0, seen.y() - part.y()), Math.max(0, part.right() - seen.right()),
        Math.max(0, part.bottom() - seen.bottom()));
  }

  /** Whether a page comes out at its own size. */
  public boolean trueSize(Size page) {
    return Math.abs(scale(page) - 1) < SAME;
  }
}
