package org.zipthimble.core.view;

import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.thing.Cloth;

/** The outlines of sewn things as they lie flat, drawn for this program, in parts of the box around them. */
public final class Garments {
  private static final double DARKER = 0.86;

  private Garments() {}

  /** The outline, in inches from the top left of the whole. */
  public static Path outline(Cloth cloth) {
    double w = cloth.whole().width();
    double h = cloth.whole().height();
    Path unit = switch (cloth.cut()) {
      case SHIRT -> shirt(cloth.behind());
      case TOTE -> tote();
      default -> Shapes.rectangle(new Box(0, 0, 1, 1), 0.02);
    };
    return unit.mapped(Affine.scale(w, h));
  }

  /** Its seams and hems as thin outlines. */
  static List<Path> seams(Cloth cloth) {
    double w = cloth.whole().width();
    double h = cloth.whole().height();
    Affine map = Affine.scale(w, h);
    if (cloth.cut() == Cloth.Cut.SHIRT) {
      return List.of(strip(0.215, 0.20, 0.235, 0.345).mapped(map), strip(0.785, 0.20, 0.765, 0.345).mapped(map),
          Shapes.rectangle(new Box(0.225, 0.962, 0.55, 0.003)).mapped(map));
    }
    return cloth.cut() == Cloth.Cut.TOTE ? List.of(Shapes.rectangle(new Box(0, 0.365, 1, 0.004)).mapped(map)) : List.of();
  }

  private static Path strip(double x0, double y0, double x1, double y1) {
    double t = 0.0022;
    return Path.build().start(new Point(x0 - t, y0)).line(new Point(x0 + t, y0)).line(new Point(x1 + t, y1)).line(new Point(x1 - t, y1))
        .close().path();
  }

  static Colour darker(Colour colour) {
    return new Colour((int) (colour.red() * DARKER), (int) (colour.green() * DARKER), (int) (colour.blue() * DARKER));
  }

  private static Path shirt(boolean behind) {
    double neck = behind ? 0.035 : 0.085;
    return Path.build().start(new Point(0.385, 0.02))
        .curve(new Point(0.42, neck), new Point(0.58, neck), new Point(0.615, 0.02))
        .curve(new Point(0.68, 0.03), new Point(0.74, 0.05), new Point(0.79, 0.075))
        .curve(new Point(0.87, 0.12), new Point(0.95, 0.25), new Point(1, 0.36))
        .line(new Point(0.86, 0.43))
        .curve(new Point(0.83, 0.39), new Point(0.8, 0.36), new Point(0.775, 0.34))
        .curve(new Point(0.765, 0.55), new Point(0.77, 0.8), new Point(0.78, 0.99))
        .curve(new Point(0.6, 1), new Point(0.4, 1), new Point(0.22, 0.99))
        .curve(new Point(0.23, 0.8), new Point(0.235, 0.55), new Point(0.225, 0.34))
        .curve(new Point(0.2, 0.36), new Point(0.17, 0.39), new Point(0.14, 0.43))
        .line(new Point(0, 0.36))
        .curve(new Point(0.05, 0.25), new Point(0.13, 0.12), new Point(0.21, 0.075))
        .curve(new Point(0.26, 0.05), new Point(0.32, 0.03), new Point(0.385, 0.02))
        .close().path();
  }

  /** A bag with two handles; the opening of the handle runs the other way. */
  private static Path tote() {
    Path bag = Shapes.rectangle(new Box(0.005, 0.34, 0.99, 0.655), 0.012);
    Path handle = Path.build().start(new Point(0.25, 0.36)).curve(new Point(0.25, -0.09), new Point(0.75, -0.09), new Point(0.75, 0.36))
        .line(new Point(0.69, 0.36))
        .curve(new Point(0.69, -0.02), new Point(0.31, -0.02), new Point(0.31, 0.36)).close().path();
    return bag.plus(handle);
  }
}
