package org.zipthimble.core.geom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.overlay.Clip;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Fit;
import org.zipthimble.core.overlay.Polygons;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.wording.Trouble;

/**
 * Outlines against figures of handbooks (areas, lengths and centres of plane figures; from memory where no book is named) and against the
 * geometry that comes with Java.
 */
class HandbookShapesTest {
  private static Path polygon(double... xy) {
    Path.Builder out = Path.build().start(xy[0], xy[1]);
    for (int i = 2; i < xy.length; i += 2) {
      out.line(xy[i], xy[i + 1]);
    }
    return out.close().path();
  }

  private static Path regular(int corners, double radius) {
    double[] xy = new double[2 * corners];
    for (int i = 0; i < corners; i++) {
      xy[2 * i] = radius * Math.cos(2 * Math.PI * i / corners);
      xy[2 * i + 1] = radius * Math.sin(2 * Math.PI * i / corners);
    }
    return polygon(xy);
  }

  private static Path of(List<Span> spans, boolean closed) {
    return new Contour(spans, closed).path();
  }

  /** n r² sin(2π/n) / 2 and 2 n r sin(π/n). */
  @ParameterizedTest
  @ValueSource(ints = {3, 4, 5, 6, 8, 12, 60})
  void regularPolygonsHaveTheirAreaAndLength(int corners) {
    Path shape = regular(corners, 2);
    assertEquals(corners * 4 * Math.sin(2 * Math.PI / corners) / 2, Extent.area(shape), 1e-9);
    assertEquals(4 * corners * Math.sin(Math.PI / corners), Extent.length(shape), 1e-9);
    assertEquals(corners, Extent.points(shape));
  }

  /** The circumference of an ellipse, 4 a E(e); E by its series, which converges quickly for these. */
  @ParameterizedTest
  @CsvSource({"2, 1", "1, 1", "3, 2", "0.5, 0.25"})
  void ellipsesHaveTheirAreaAndCircumference(double a, double b) {
    double e2 = 1 - b * b / (a * a);
    double sum = 1;
    double factor = 1;
    for (int n = 1; n < 200; n++) {
      factor *= (2 * n - 1.0) / (2 * n);
      sum -= factor * factor * Math.pow(e2, n) / (2 * n - 1);
    }
    Path shape = Shapes.ellipse(new Box(-a, -b, 2 * a, 2 * b));
    assertEquals(Math.PI * a * b, Extent.area(shape), Math.PI * a * b * 3e-4);
    assertEquals(2 * Math.PI * a * sum, Extent.length(shape), 2 * Math.PI * a * sum * 3e-4);
  }

  /** A parabola from 0 to 1: √5/2 + asinh(2)/4; a Bézier curve of order three draws it exactly. */
  @Test
  void aParabolaHasItsLength() {
    Path parabola = Path.build().start(0, 0).curve(1 / 3.0, 0, 2 / 3.0, 1 / 3.0, 1, 1).path();
    double asinh = Math.log(2 + Math.sqrt(5));
    assertEquals(Math.sqrt(5) / 2 + asinh / 4, Extent.length(parabola), 1e-6);
  }

  /** A rectangle whose corners are rounded loses (4 - π) r². */
  @ParameterizedTest
  @ValueSource(doubles = {0, 0.1, 0.5, 1})
  void roundedCornersTakeTheirShare(double radius) {
    Path shape = Shapes.rectangle(new Box(1, 1, 4, 2), radius);
    assertEquals(8 - (4 - Math.PI) * radius * radius, Extent.area(shape), 1e-3);
    assertEquals(new Box(1, 1, 4, 2), Measure.bounds(shape).orElseThrow());
  }

  @ParameterizedTest
  @CsvSource({"0, 90", "30, 200", "-45, 360", "10, -270", "180, 12"})
  void arcsLieOnTheirCircle(double from, double sweep) {
    List<Span> arc = Arcs.arc(new Point(1, 2), 3, from, sweep);
    double length = 0;
    for (Span span : arc) {
      length += span.length();
      for (int i = 0; i <= 20; i++) {
        assertEquals(3, span.at(i / 20.0).distance(new Point(1, 2)), 3 * 5e-6);
      }
    }
    assertEquals(Math.toRadians(Math.abs(sweep)) * 3, length, 1e-4);
    Point end = arc.get(arc.size() - 1).to();
    assertEquals(1 + 3 * Math.cos(Math.toRadians(from + sweep)), end.x(), 1e-9);
    assertEquals(2 + 3 * Math.sin(Math.toRadians(from + sweep)), end.y(), 1e-9);
  }

  /** Of the four arcs between two places, large and sweep choose one (SVG 1.1, 8.3.8); too small radii grow until they reach (F.6.6). */
  @Test
  void endPointArcsAreThoseOfTheStandard() {
    Point from = new Point(0, 0);
    Point to = new Point(2, 0);
    double radius = 1.25;
    double half = Math.asin(1 / radius);
    for (boolean large : new boolean[] {false, true}) {
      for (boolean sweep : new boolean[] {false, true}) {
        List<Span> arc = Arcs.ellipse(from, radius, radius, 0, large, sweep, to);
        double length = arc.stream().mapToDouble(Span::length).sum();
        assertEquals((large ? 2 * Math.PI - 2 * half : 2 * half) * radius, length, 1e-3, large + " " + sweep);
        double middle = arc.get(arc.size() / 2).at(arc.size() % 2 == 0 ? 0 : 0.5).y();
        assertTrue(sweep ? middle < 0 : middle > 0, "clockwise with y downwards goes over the top: " + middle);
        assertEquals(to, arc.get(arc.size() - 1).to());
      }
    }
    double grown = Arcs.ellipse(from, 0.1, 0.1, 30, false, true, to).stream().mapToDouble(Span::length).sum();
    assertEquals(Math.PI, grown, 1e-3, "half a circle of radius 1");
    assertEquals(List.of(Span.line(from, to)), Arcs.ellipse(from, 0, 1, 0, false, false, to), "a radius of nothing is a straight line");
  }

  /** The arcs of Java's own geometry, whatever turn the ellipse has. */
  @Property(seed = "20261128")
  void ellipticalArcsLieOnTheirEllipse(
      @ForAll @DoubleRange(min = 0.5, max = 3) double rx, @ForAll @DoubleRange(min = 0.5, max = 3) double ry,
      @ForAll @DoubleRange(min = 0, max = 180) double turn,
      @ForAll @DoubleRange(min = 0, max = 360) double begin, @ForAll @DoubleRange(min = 20, max = 340) double extent) {
    // degrees of Java's arcs run against the clock
    Arc2D arc = new Arc2D.Double(-rx, -ry, 2 * rx, 2 * ry, begin, -extent, Arc2D.OPEN);
    AffineTransform turned = AffineTransform.getRotateInstance(Math.toRadians(turn));
    Point2D from = turned.transform(arc.getStartPoint(), null);
    Point2D to = turned.transform(arc.getEndPoint(), null);
    List<Span> ours = Arcs.ellipse(new Point(from.getX(), from.getY()), rx, ry, turn, extent > 180, true, new Point(to.getX(), to.getY()));
    for (Span span : ours) {
      for (int i = 0; i <= 4; i++) {
        Point p = span.at(i / 4.0);
        double c = Math.cos(Math.toRadians(-turn));
        double s = Math.sin(Math.toRadians(-turn));
        double u = (p.x() * c - p.y() * s) / rx;
        double v = (p.x() * s + p.y() * c) / ry;
        assertEquals(1, u * u + v * v, 1e-3);
      }
    }
  }

  @Property(seed = "20261128")
  void mapsCompose(
      @ForAll @DoubleRange(min = -3, max = 3) double dx, @ForAll @DoubleRange(min = 0.2, max = 3) double sx,
      @ForAll @DoubleRange(min = -360, max = 360) double turn,
      @ForAll @DoubleRange(min = -5, max = 5) double x, @ForAll @DoubleRange(min = -5, max = 5) double y) {
    Affine map = Affine.scale(sx, 2).then(Affine.turn(turn, new Point(1, 2))).then(Affine.move(dx, -dx));
    AffineTransform theirs = AffineTransform.getTranslateInstance(dx, -dx);
    theirs.rotate(Math.toRadians(turn), 1, 2);
    theirs.scale(sx, 2);
    Point2D wanted = theirs.transform(new Point2D.Double(x, y), null);
    Point got = map.apply(new Point(x, y));
    assertEquals(wanted.getX(), got.x(), 1e-9);
    assertEquals(wanted.getY(), got.y(), 1e-9);
    assertEquals(theirs.getDeterminant(), map.determinant(), 1e-9);
    Point back = map.inverse().apply(got);
    assertEquals(x, back.x(), 1e-9);
    assertEquals(y, back.y(), 1e-9);
    assertEquals(2 * sx * Extent.area(regular(5, 1)), Math.abs(Extent.area(regular(5, 1).mapped(map))), 1e-9);
  }

  /** Inside is told as Java tells it, for a star that winds twice round its middle. */
  @Test
  void insideIsWhatJavaCallsInside() {
    Path star = polygon(0, -2, 1.2, 1.6, -1.9, -0.6, 1.9, -0.6, -1.2, 1.6);
    Path2D theirs = new Path2D.Double(Path2D.WIND_NON_ZERO);
    theirs.moveTo(0, -2);
    for (double[] p : new double[][] {{1.2, 1.6}, {-1.9, -0.6}, {1.9, -0.6}, {-1.2, 1.6}}) {
      theirs.lineTo(p[0], p[1]);
    }
    theirs.closePath();
    Random random = new Random(4);
    Flat flat = new Flat(star, 1e-4);
    int in = 0;
    for (int i = 0; i < 4000; i++) {
      Point p = new Point(random.nextDouble() * 4 - 2, random.nextDouble() * 4 - 2);
      if (Inside.distance(star, p, 1e-4) < 1e-6) {
        continue;
      }
      boolean wanted = theirs.contains(p.x(), p.y());
      assertEquals(wanted, Inside.contains(star, p, 1e-4), p.toString());
      assertEquals(wanted, flat.contains(p), p.toString());
      in += wanted ? 1 : 0;
    }
    assertTrue(in > 500, "places inside: " + in);
  }

  @ParameterizedTest
  @EnumSource(ReadyForm.class)
  void everyReadyFormStaysInItsBox(ReadyForm form) {
    for (double[] size : new double[][] {{2, 2}, {4, 1}, {0.3, 2.5}}) {
      Path path = form.path(size[0], size[1], form.usual(size[0], size[1]));
      Box bounds = Measure.bounds(path).orElseThrow();
      assertTrue(new Box(0, 0, size[0], size[1]).contains(bounds, 1e-6), form + " " + bounds);
      assertTrue(form.open() || Math.abs(Extent.area(path)) > 0.05 * size[0] * size[1], form + " encloses something");
      assertTrue(Contour.of(path).stream().allMatch(c -> c.closed() != form.open()), form + " is closed but where it is a line");
      List<Double> wild = form.settings().stream().map(s -> 1e9).toList();
      List<Double> least = form.settings().stream().map(s -> -1e9).toList();
      assertTrue(Measure.bounds(form.path(size[0], size[1], wild)).isPresent(), "figures are held within their range");
      assertTrue(Measure.bounds(form.path(size[0], size[1], least)).isPresent());
    }
    assertThrows(IllegalArgumentException.class, () -> form.path(1, 1, List.of(1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0)));
  }

  @Property(seed = "20261128")
  void partsOfACurveLieOnIt(@ForAll @DoubleRange(min = 0, max = 0.9) double t0, @ForAll @DoubleRange(min = 0.05, max = 0.1) double more,
      @ForAll @DoubleRange(min = -3, max = 3) double y) {
    Span span = Span.curve(new Point(0, 0), new Point(1, y), new Point(2, -y), new Point(3, 1));
    Span part = span.part(t0, t0 + more);
    for (int i = 0; i <= 10; i++) {
      Point wanted = span.at(t0 + more * i / 10);
      assertEquals(0, part.at(i / 10.0).distance(wanted), 1e-9);
    }
    assertEquals(part.length(), part.reversed().length(), 1e-9);
    assertEquals(0, part.reversed().at(0.25).distance(part.at(0.75)), 1e-9);
    assertTrue(part.shorterThan(part.length() * 2 + 1e-6));
  }

  @Test
  void contoursTurnRoundAndBeginElsewhere() {
    Contour square = Contour.of(polygon(0, 0, 2, 0, 2, 1, 0, 1)).get(0);
    assertEquals(-square.area(), square.reversed().area(), 1e-12);
    assertEquals(6, square.length(), 1e-12);
    Contour other = square.startingAt(2);
    assertEquals(new Point(2, 1), other.begin());
    assertEquals(square.area(), other.area(), 1e-12);
    assertEquals(2, Contour.of(polygon(0, 0, 1, 0, 1, 1).plus(polygon(5, 5, 6, 5, 6, 6))).size());
  }

  /** What a view shows and where a place of it is go together, at every zoom; the pixel under the pointer stays under it. */
  @Property(seed = "20261128")
  void aViewGoesThereAndBack(@ForAll @DoubleRange(min = 1, max = 2000) double scale, @ForAll @DoubleRange(min = 0, max = 800) double px,
      @ForAll @DoubleRange(min = 0, max = 600) double py) {
    Viewport view = new Viewport(scale, -3, 2);
    Point pixel = new Point(px, py);
    Point face = view.toFace(pixel);
    assertEquals(0, view.toPixel(face).distance(pixel), 1e-6);
    Viewport nearer = view.scaledAt(scale * 1.5, pixel);
    assertEquals(0, nearer.toPixel(face).distance(pixel), 1e-6);
    assertEquals(0, view.toPixels().apply(face).distance(pixel), 1e-6);
    Viewport fitted = Viewport.fit(new Box(-1, -2, 5, 7), 800, 600, 20);
    for (Point corner : new Box(-1, -2, 5, 7).corners()) {
      Point at = fitted.toPixel(corner);
      assertTrue(at.x() >= 19.9 && at.x() <= 780.1 && at.y() >= 19.9 && at.y() <= 580.1, at.toString());
    }
  }

  /** Places on a circle become few curves that stay within the tolerance. */
  @ParameterizedTest
  @ValueSource(doubles = {0.01, 0.001, 0.0002})
  void aTracedCircleIsRound(double tolerance) {
    List<Point> chain = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      chain.add(new Point(2 * Math.cos(Math.PI * i / 200), 2 * Math.sin(Math.PI * i / 200)));
    }
    Contour traced = Fit.contour(chain, true, new Fit.Reading(tolerance, 30, 1));
    assertTrue(traced.spans().size() <= 24, "curves: " + traced.spans().size());
    for (Span span : traced.spans()) {
      for (int i = 0; i <= 10; i++) {
        assertEquals(2, span.at(i / 10.0).distance(new Point(0, 0)), tolerance + 2 * (1 - Math.cos(Math.PI / 400)));
      }
    }
    assertThrows(IllegalArgumentException.class, () -> new Fit.Reading(0, 30, 1));
  }

  @Test
  void linesArePartedAtAnAreasEdge() {
    Path lines = Path.build().start(-2, 0).line(2, 0).path().plus(Path.build().start(0, -3).line(0, 3).path());
    Path disc = Shapes.ellipse(new Box(-1, -1, 2, 2));
    double in = Extent.length(Clip.inside(lines, disc));
    double out = Extent.length(Clip.outside(lines, disc));
    assertEquals(4, in, 1e-3, "two diameters");
    assertEquals(10, in + out, 1e-6, "nothing is lost");
  }

  @Test
  void distancesBetweenOutlines() {
    Path one = Shapes.ellipse(new Box(-1, -1, 2, 2));
    Path two = Shapes.ellipse(new Box(4, -1, 2, 2));
    assertEquals(3, Polygons.distance(one, two), 1e-3);
    assertEquals(0, Polygons.distance(one, Shapes.rectangle(new Box(0, 0, 5, 5))), 0);
    Path tight = Shapes.rectangle(new Box(-0.95, -0.95, 1.9, 1.9));
    assertTrue(Polygons.within(one, tight, 0.06), "but for a border of that much");
    assertFalse(Polygons.within(one, tight, 0.04));
  }

  /** A tangle is counted before it is worked out: two hundred bars are, a thousand are refused with a sentence. */
  @Test
  void tanglesAreRefusedWithASentence() {
    Path few = bars(60);
    assertTrue(Extent.area(Combine.clean(few, Rule.NON_ZERO)) > 1);
    IllegalStateException refused = assertThrows(IllegalStateException.class, () -> Combine.clean(bars(1000), Rule.NON_ZERO));
    assertTrue(Trouble.in(refused).orElseThrow().getMessage().contains("100000"), refused.getMessage());
    Path comb = comb(420, false);
    IllegalStateException crossed = assertThrows(IllegalStateException.class,
        () -> Combine.combine(Way.KEEP_OVERLAP, List.of(comb, comb(420, true))));
    assertTrue(Trouble.in(crossed).isPresent());
    assertEquals(0.25 * 40 * 40 * 0.0625 * 0.0625 * 4,
        Extent.area(Combine.combine(Way.KEEP_OVERLAP, List.of(comb(40, false), comb(40, true)))), 1e-6);
  }

  private static Path bars(int count) {
    Random random = new Random(3);
    Path.Builder out = Path.build();
    for (int i = 0; i < count; i++) {
      double t = Math.PI * random.nextDouble();
      Affine map = Affine.turn(Math.toDegrees(t), new Point(0, 0)).then(Affine.move(random.nextDouble(), random.nextDouble()));
      Point[] c = new Box(-4, -0.01, 8, 0.02).corners().stream().map(map::apply).toArray(Point[]::new);
      out.start(c[0].x(), c[0].y()).line(c[1].x(), c[1].y()).line(c[2].x(), c[2].y()).line(c[3].x(), c[3].y()).close();
    }
    return out.path();
  }

  private static Path comb(int teeth, boolean level) {
    List<Contour> all = new ArrayList<>();
    for (int i = 0; i < teeth; i++) {
      Box box = level ? new Box(0, i * 0.125, teeth * 0.125, 0.0625) : new Box(i * 0.125, 0, 0.0625, teeth * 0.125);
      all.addAll(Contour.of(Shapes.rectangle(box)));
    }
    return Contour.path(all);
  }
}
