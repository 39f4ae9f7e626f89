package org.zipthimble.core.geom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Bends against closed formulas, and bent paths against the places they ought to run through. */
class BendTest {
  private static final Box FIELD = new Box(1, 2, 4, 1);

  private static Path bent(Path path, Bend bend) {
    return Bending.of(path, bend.in(FIELD), 0.5);
  }

  private static double middle(Bow bow) {
    return bow == Bow.ARCH || bow == Bow.BULGE || bow == Bow.TAPER ? 60 : 75 % bow.most();
  }

  @ParameterizedTest
  @EnumSource(Bow.class)
  void everyBendIsUndoneByItsOwnWayBack(Bow bow) {
    Random random = new Random(7);
    for (int i = 0; i < 400; i++) {
      double amount = bow.least() * 0.8 + random.nextDouble() * (bow.most() - bow.least()) * 0.8;
      Warp warp = new Bend(bow, amount, random.nextBoolean(), 1 + random.nextInt(4)).in(FIELD);
      Point p = new Point(FIELD.x() + random.nextDouble() * FIELD.width(), FIELD.y() + random.nextDouble() * FIELD.height());
      Point there = warp.there(p);
      assertEquals(0, warp.back(there).distance(p), 1e-9, bow + " " + amount + " seed 7, " + i);
    }
  }

  /** Shears along one axis and turns keep areas; what grows in one direction keeps them by the integral of its share. Worked by hand. */
  @ParameterizedTest
  @CsvSource({"ARC, 90, 4", "ARC, -200, 4", "ARCH, 70, 4", "ARCH, -40, 4", "WAVE, 80, 4", "SLANT, 30, 4", "TWIST, 120, 4",
      "BULGE, 60, 5.6", "BULGE, -45, 2.8", "TAPER, 50, 3", "TAPER, -80, 2.4"})
  void areasComeOutAsTheFormulasSay(Bow bow, double amount, double area) {
    assertEquals(area, Extent.area(bent(Shapes.rectangle(FIELD), Bend.of(bow, amount))), 4e-4);
    Box tall = new Box(2, 1, 1, 4);
    Path upright = Bending.of(Shapes.rectangle(tall), new Bend(bow, amount, true, 1).in(tall), 0.5);
    assertEquals(area, Extent.area(upright), 4e-4, "along the height it is the same turned");
  }

  @Test
  void anArcHasTheRadiusAndTheAngleThatItsWidthAndDegreesGive() {
    Path line = Path.build().start(1, 2.5).line(5, 2.5).path();
    Path arc = bent(line, Bend.of(Bow.ARC, 120));
    double radius = 4 / Math.toRadians(120);
    Point centre = new Point(3, 2.5 + radius);
    Trail trail = new Trail(arc);
    for (int i = 0; i <= 100; i++) {
      assertEquals(radius, trail.at(trail.length() * i / 100).at().distance(centre), 1e-4);
    }
    assertEquals(4, trail.length(), 1e-3, "the middle line keeps its length");
    Point first = trail.at(0).at();
    assertEquals(-60, Math.toDegrees(Math.atan2(first.x() - centre.x(), centre.y() - first.y())), 1e-6);
  }

  @Test
  void aFullCircleOfATallFieldDoesNotFold() {
    Box tall = new Box(0, 0, 2, 3);
    Path ring = Bending.of(Shapes.rectangle(tall), Bend.of(Bow.ARC, 350).in(tall), 0.2);
    double inner = 1.02 * 1.5 - 1.5;
    double outer = 1.02 * 1.5 + 1.5;
    assertEquals(Math.toRadians(350) / 2 * (outer * outer - inner * inner), Extent.area(ring), 2e-3);
  }

  @Test
  void anArchRisesBySoMuchAndKeepsItsEnds() {
    Warp arch = Bend.of(Bow.ARCH, 50).in(FIELD);
    assertEquals(2.5 - 1, arch.there(new Point(3, 2.5)).y(), 1e-9, "half of half the width");
    assertEquals(2.5, arch.there(new Point(1, 2.5)).y(), 1e-9);
    assertEquals(3, arch.there(new Point(3, 2.5)).x(), 1e-9, "letters stay upright");
    // rise 1 over a chord of 4: radius 2.5
    double quarter = Math.sqrt(2.5 * 2.5 - 1) - 1.5;
    assertEquals(2.5 - quarter, arch.there(new Point(2, 2.5)).y(), 1e-9);
  }

  @ParameterizedTest
  @EnumSource(Bow.class)
  void bentCurvesRunWhereEveryPlaceOfThemIsBentTo(Bow bow) {
    Bend bend = Bend.of(bow, middle(bow));
    Warp warp = bend.in(FIELD);
    Path circle = Shapes.ellipse(new Box(1.2, 2.1, 2.6, 0.8));
    Path bent = bent(circle, bend);
    double worst = 0;
    for (Contour contour : Contour.of(circle)) {
      for (Span span : contour.spans()) {
        for (int i = 0; i <= 60; i++) {
          worst = Math.max(worst, Inside.distance(bent, warp.there(span.at(i / 60.0)), 1e-6));
        }
      }
    }
    assertTrue(worst < 2 * Bending.TOLERANCE, bow + " is off by " + worst);
  }

  @Test
  void whatStaysStraightStaysALine() {
    Path slanted = bent(Shapes.rectangle(FIELD), Bend.of(Bow.SLANT, 30));
    assertTrue(Contour.of(slanted).get(0).spans().stream().allMatch(Span::straight));
    Path arched = bent(Shapes.rectangle(FIELD), Bend.of(Bow.ARCH, 30));
    List<Span> spans = Contour.of(arched).get(0).spans();
    assertTrue(spans.stream().anyMatch(s -> !s.straight()) && spans.stream().anyMatch(Span::straight), "its ends stay upright lines");
  }

  @Test
  void amountsOutOfRangeAreRefused() {
    assertThrows(IllegalArgumentException.class, () -> Bend.of(Bow.TAPER, 96));
    assertThrows(IllegalArgumentException.class, () -> new Bend(Bow.WAVE, 10, false, 0));
    assertEquals(90, Bend.of(Bow.ARC, 200).as(Bow.ARCH).amount(), "a way with less room takes what it can");
  }
}
