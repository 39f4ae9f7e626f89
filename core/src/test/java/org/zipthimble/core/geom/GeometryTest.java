package org.zipthimble.core.geom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.CubicCurve2D;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GeometryTest {
  private static final Path WAVE =
      Path.build().start(0, 0).curve(1, 3, 2, -3, 3, 0).line(3, 2).close().path();

  @Test
  void boundsOfACurveAreItsExtremesAndNotItsControls() {
    Box box = Measure.bounds(WAVE).orElseThrow();
    // y(t) = 9t(1-t)² - 9t²(1-t), whose extremes are at t = (3 ± √3)/6 with |y| = √3/2
    assertEquals(-Math.sqrt(3) / 2, box.y(), 1e-12);
    assertEquals(2, box.bottom(), 1e-12);
    assertTrue(Measure.bounds(Path.EMPTY).isEmpty());
  }

  @Property(seed = "20261128")
  void boundsHoldEveryPlaceOfTheCurve(
      @ForAll @DoubleRange(min = -5, max = 5) double x1, @ForAll @DoubleRange(min = -5, max = 5) double y1,
      @ForAll @DoubleRange(min = -5, max = 5) double x2, @ForAll @DoubleRange(min = -5, max = 5) double y2) {
    Point a = new Point(0, 0);
    Point b = new Point(x1, y1);
    Point c = new Point(x2, y2);
    Point d = new Point(1, 2);
    Box box = Measure.bounds(Path.build().start(a).curve(b, c, d).path()).orElseThrow();
    for (int i = 0; i <= 50; i++) {
      Point p = Measure.onCurve(a, b, c, d, i / 50.0);
      assertTrue(box.grown(1e-9).contains(p), p + " outside " + box);
    }
    // an independent bound: the toolkit's curve, cut in pieces, lies within too
    CubicCurve2D.Double awt = new CubicCurve2D.Double(0, 0, x1, y1, x2, y2, 1, 2);
    assertTrue(awt.getBounds2D().getMinX() <= box.x() + 1e-9);
  }

  @Test
  void aQuarterCircleStaysWithinItsStatedError() {
    Path circle = Shapes.ellipse(new Box(-1, -1, 2, 2));
    for (List<Point> chain : Flatten.chains(circle, 1e-6)) {
      for (Point p : chain) {
        assertEquals(1, Math.hypot(p.x(), p.y()), 0.00028);
      }
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.1, 0.01, 0.001, 0.0001})
  void chainsKeepTheirTolerance(double tolerance) {
    Point a = new Point(0, 0);
    Point b = new Point(1, 3);
    Point c = new Point(2, -3);
    Point d = new Point(3, 0);
    Path path = Path.build().start(a).curve(b, c, d).path();
    Path chain = chainAsPath(Flatten.chains(path, tolerance).get(0));
    for (int i = 0; i <= 400; i++) {
      double away = Inside.distance(chain, Measure.onCurve(a, b, c, d, i / 400.0), 0.001);
      assertTrue(away <= tolerance, away + " at " + i);
    }
  }

  private static Path chainAsPath(List<Point> chain) {
    Path.Builder out = Path.build().start(chain.get(0));
    chain.forEach(out::line);
    return out.path();
  }

  @Test
  void insideGoesByTheNonZeroRule() {
    Path ring = Shapes.rectangle(new Box(0, 0, 4, 4)).plus(
        Path.build().start(1, 1).line(1, 3).line(3, 3).line(3, 1).close().path());
    assertTrue(Inside.contains(ring, new Point(0.5, 0.5), 0.01));
    assertFalse(Inside.contains(ring, new Point(2, 2), 0.01), "the hole runs the other way round");
    assertFalse(Inside.contains(ring, new Point(5, 2), 0.01));
    Path doubled = Shapes.rectangle(new Box(0, 0, 4, 4)).plus(Shapes.rectangle(new Box(1, 1, 2, 2)));
    assertTrue(Inside.contains(doubled, new Point(2, 2), 0.01), "the same way round fills");
    assertEquals(0.5, Inside.distance(ring, new Point(-0.5, 2), 0.01), 1e-12);
  }

  @Property(seed = "20261128")
  void aMapAndItsInverseLeaveEverythingInPlace(
      @ForAll @DoubleRange(min = -720, max = 720) double degrees, @ForAll @DoubleRange(min = 0.01, max = 50) double scale,
      @ForAll @DoubleRange(min = -100, max = 100) double x, @ForAll @DoubleRange(min = -100, max = 100) double y) {
    Affine map = Affine.scale(scale, -scale).then(Affine.turn(degrees, new Point(3, 4))).then(Affine.move(x, y));
    Point back = map.inverse().apply(map.apply(new Point(x, y)));
    assertEquals(x, back.x(), 1e-8);
    assertEquals(y, back.y(), 1e-8);
    assertEquals(scale, map.meanScale(), 1e-9);
    assertTrue(map.determinant() < 0, "one axis is turned round");
  }

  @Test
  void quarterTurnsAreExact() {
    Point turned = Affine.turn(90, new Point(0, 0)).apply(new Point(1, 0));
    assertEquals(new Point(0, 1), turned, "clockwise with y downwards");
    assertEquals(new Point(1, 0), Affine.turn(360, new Point(0, 0)).apply(new Point(1, 0)));
    assertThrows(IllegalArgumentException.class, () -> Affine.scale(0, 1).inverse());
  }

  @Test
  void pathsComeBackFromTheirText() {
    assertEquals(WAVE, PathText.read(PathText.write(WAVE)));
    assertEquals("M0 0C1 3 2 -3 3 0L3 2Z", PathText.write(WAVE));
    assertEquals(Path.EMPTY, PathText.read(""));
  }

  @Test
  void figuresOfAPathAreTheNearestToWhatIsWritten() {
    Random chance = new Random(20_261_130);
    for (int i = 0; i < 20_000; i++) {
      double x = Double.longBitsToDouble(chance.nextLong());
      double y = (chance.nextInt() - 0.5) / Math.pow(10, chance.nextInt(12));
      if (Double.isFinite(x)) {
        String text = "M" + x + " " + y + ",L\t" + y + "\n" + x;
        assertEquals(Path.build().start(Double.parseDouble(String.valueOf(x)), y).line(y, x).path(), PathText.read(text),
            "as the platform reads them: " + text);
      }
    }
    assertEquals(Path.build().start(0.1, -2e-7).line(30, 4).path(), PathText.read(" M , 0.1 -2e-7 L 3E1 , 4 "));
  }

  @ParameterizedTest
  @ValueSource(strings = {"M", "M1", "M.5 0", "M1. 0", "M0 0L1e 2", "M0 0L-,1", "M0 0L1 1 ,", "M0 0L1e+5 2", "L1 1", "M0 0 X", "M0 0L1",
      "M0 0C1 1 2 2 3", "1 2", "M0 0Z4", "M0 0,,1 1", "M1e999999 0 0"})
  void textThatIsNoPathIsRefused(String text) {
    assertThrows(IllegalArgumentException.class, () -> PathText.read(text));
  }

  @Property
  void noCurveLeavesTheBoxOfItsPlaces(@ForAll @DoubleRange(min = -9, max = 9) double x, @ForAll @DoubleRange(min = -9, max = 9) double y) {
    Path path = Path.build().start(1, 2).curve(new Point(x, y), new Point(y, -x), new Point(3, 1)).line(x / 2, 0).close().path();
    assertTrue(Measure.hull(path).orElseThrow().contains(Measure.bounds(path).orElseThrow(), 1e-12));
    assertTrue(Measure.hull(Path.EMPTY).isEmpty());
  }

  @Test
  void boxesKeepTheirLaws() {
    Box box = new Box(1, 2, 3, 4);
    assertEquals(new Box(0.5, 1.5, 4, 5), box.grown(0.5));
    assertEquals(new Point(2.5, 4), box.grown(-9).centre(), "shrinking past nothing stops in the middle");
    assertTrue(box.contains(new Box(1, 2, 3, 4), 0));
    assertFalse(box.contains(new Box(1, 2, 3.1, 4), 0.01));
    assertEquals(new Box(0, 0, 4, 6), box.union(new Box(0, 0, 1, 1)));
    assertThrows(IllegalArgumentException.class, () -> new Box(0, 0, -1, 1));
    assertThrows(IllegalArgumentException.class, () -> new Box(Double.NaN, 0, 1, 1));
  }

  @Test
  void aViewportZoomsToThePointerAndFits() {
    Viewport view = Viewport.fit(new Box(-0.125, -0.125, 5.25, 7.25), 800, 600, 20);
    assertEquals(560 / 7.25, view.scale(), 1e-9);
    assertEquals(400, view.toPixel(new Point(2.5, 3.5)).x(), 1e-9);
    Point pixel = new Point(123, 456);
    Point before = view.toFace(pixel);
    Viewport near = view.scaledAt(view.scale() * 3, pixel);
    assertEquals(before.x(), near.toFace(pixel).x(), 1e-9);
    assertEquals(before.y(), near.toFace(pixel).y(), 1e-9);
    assertEquals(Viewport.MOST, view.scaledAt(1e9, pixel).scale());
  }
}
