package org.zipthimble.core.thing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.units.Insets;

/** The development of a cone against handbook figures and against what must be true of any development. */
class DevelopmentTest {
  private static final double[][] CUPS = {{3.5, 2.5, 4.031}, {3.9, 2.75, 7.42}, {2.4, 3.3, 5}, {3.21, 3.2, 4}, {8, 2.2, 3.4}};

  /** Once round, without a flap. */
  private static Development once(double top, double base, double slant) {
    return new Development(top, base, slant, Math.PI * (top + base) / 2);
  }

  /**
   * By hand: a frustum 6 and 4 across with a slant of 5 has R = 15, r = 10 and an angle of 2 pi / 5 = 72 degrees (development of a cone's
   * frustum, geometry handbooks).
   */
  @Test
  void handbookFrustum() {
    Development d = once(6, 4, 5);
    assertEquals(15, d.outer(), 1e-12);
    assertEquals(10, d.inner(), 1e-12);
    assertEquals(72, Math.toDegrees(d.once()), 1e-9);
    assertEquals(72, Math.toDegrees(d.angle()), 1e-9);
    // the box around a sector of 72 degrees: 2 R sin 36 wide, R - r cos 36 high
    assertEquals(2 * 15 * Math.sin(Math.toRadians(36)), d.size().width(), 1e-9);
    assertEquals(15 - 10 * Math.cos(Math.toRadians(36)), d.size().height(), 1e-9);
  }

  @Test
  void arcsAreAsLongAsBothRimsAndSidesAsTheSlant() {
    for (double[] c : CUPS) {
      Development d = once(c[0], c[1], c[2]);
      Box s = d.straight();
      assertEquals(Math.PI * c[0], length(d.path(Shapes.line(new Point(0, 0), new Point(s.width(), 0)))), 2e-3, "rim");
      assertEquals(Math.PI * c[1], length(d.path(Shapes.line(new Point(0, s.height()), new Point(s.width(), s.height())))), 2e-3, "base");
      for (double x : new double[] {0, s.width() / 3, s.width()}) {
        assertEquals(c[2], d.there(new Point(x, 0)).distance(d.there(new Point(x, s.height()))), 1e-9, "slant");
      }
    }
  }

  /** The lateral area of a frustum is pi (r1 + r2) s. */
  @Test
  void areaIsTheConesLateralArea() {
    for (double[] c : CUPS) {
      double area = Math.abs(Contour.of(once(c[0], c[1], c[2]).band(Insets.NONE)).get(0).area());
      assertEquals(Math.PI * (c[0] + c[1]) / 2 * c[2], area, 0.002 * area);
    }
  }

  @Test
  void theBoxAroundTheBandIsItsSize() {
    for (double[] c : CUPS) {
      Development d = once(c[0], c[1], c[2]);
      Box box = Measure.bounds(d.band(Insets.NONE)).orElseThrow();
      assertEquals(0, box.x(), 1e-3);
      assertEquals(0, box.y(), 1e-3);
      assertEquals(d.size().width(), box.width(), 2e-3);
      assertEquals(d.size().height(), box.height(), 2e-3);
    }
  }

  @Test
  void goesThereAndBack() {
    Random random = new Random(13);
    System.out.println("seed 13");
    for (double[] c : CUPS) {
      Development d = once(c[0], c[1], c[2]);
      for (int i = 0; i < 100; i++) {
        Point p = new Point(random.nextDouble() * d.width(), random.nextDouble() * c[2]);
        assertTrue(d.back(d.there(p)).distance(p) < 1e-7, p + " " + d);
      }
    }
  }

  /** A cone in space rebuilt by other means: the flat band rolled up must put every place where its angle and height say. */
  @Test
  void rolledUpAGridIsLevelUprightAndEven() {
    double top = 3.5;
    double base = 2.5;
    double slant = Math.hypot(4, 0.5);
    Cup cup = new Cup(top, base, slant, 0, 0.125, 0.1, 0.1, 0.1, true);
    Development d = cup.development().orElseThrow();
    double step = 0.5;
    for (double x = 0; x < 8; x += step) {
      for (double y = 0; y + step < slant; y += step) {
        double[] a = Rolled.up(d.there(new Point(x, y)), d, top, base, slant);
        double[] right = Rolled.up(d.there(new Point(x + step, y)), d, top, base, slant);
        double[] below = Rolled.up(d.there(new Point(x, y + step)), d, top, base, slant);
        assertEquals(a[1], right[1], 0.005 * step, "level");
        assertEquals(step, distance(a, below), 0.005 * step, "as high as drawn");
        // the corner is square: along the round and down the side
        double[] near = Rolled.up(d.there(new Point(x + 1e-5, y)), d, top, base, slant);
        double dot = (near[0] - a[0]) * (below[0] - a[0]) + (near[1] - a[1]) * (below[1] - a[1]) + (near[2] - a[2]) * (below[2] - a[2]);
        assertEquals(0, dot / distance(a, near) / step, 0.005, "square");
        double chord = distance(a, right);
        double round = 2 * Math.asin(chord / 2 / Math.hypot(a[0], a[2])) * Math.hypot(a[0], a[2]);
        double wanted = step * (top - (top - base) * y / slant) / ((top + base) / 2);
        assertEquals(wanted, round, 0.005 * step, "even round the cup");
      }
    }
  }

  /** A flat band rolled up again by its polar form alone: own code, nothing of {@link Development} but the place of its tip. */
  private static final class Rolled {
    static double[] up(Point p, Development d, double top, double base, double slant) {
      double outer = slant * top / (top - base);
      double half = Math.min(Math.PI / 2, d.width() / (outer - slant / 2) / 2);
      double tipX = outer * Math.sin(half);
      double tipY = outer;
      double radius = Math.hypot(p.x() - tipX, p.y() - tipY);
      double turn = Math.atan2(p.x() - tipX, tipY - p.y());
      double sine = (top - base) / 2 / slant;
      double angle = turn / sine;
      double r = radius * sine;
      return new double[] {r * Math.sin(angle), (outer - radius) * Math.sqrt(1 - sine * sine), r * Math.cos(angle)};
    }
  }

  private static double distance(double[] a, double[] b) {
    return Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
  }

  private static double length(Path path) {
    List<Point> chain = Flatten.chains(path, 1e-5).get(0);
    double sum = 0;
    for (int i = 1; i < chain.size(); i++) {
      sum += chain.get(i).distance(chain.get(i - 1));
    }
    return sum;
  }

  @Test
  void straightWrapsArePiTimesTheDiameter() {
    assertEquals(Math.PI * 2.92 + 0.125, Cup.straight(2.92, 8.2, 0).size().width(), 1e-12);
    assertEquals(Math.PI * 3.2 - 1.5, Cup.straight(3.2, 3.7, 1.5).size().width(), 1e-12);
    // 9.5 in round means 3.024 in across (trade facts, arithmetic)
    assertEquals(9.5, Cup.straight(3.024, 4.5, 0).round(), 0.001);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThrows(IllegalArgumentException.class, () -> new Development(3, 3, 4, 9));
    assertThrows(IllegalArgumentException.class, () -> new Development(8, 2, 2, 9));
    assertThrows(IllegalArgumentException.class, () -> Cup.straight(0.1, 3, 0));
    assertThrows(IllegalArgumentException.class, () -> Cup.straight(3, 3, 9));
  }
}
