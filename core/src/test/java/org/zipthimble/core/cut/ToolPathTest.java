package org.zipthimble.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.plan.Blade;

/** The way of the blade, held against JTS: its linear referencing, its polygons, and a blade that is pulled. */
class ToolPathTest {
  private static final GeometryFactory JTS = new GeometryFactory();
  private static final Blade PLAIN = Blade.FINE.reaching(0, 0);
  private static final double DASH = 0.125;
  private static final double BRIDGE = 0.0625;

  private static CutLine line(Path path, CutKind kind, String id) {
    return new CutLine(path, kind, "l1", id, id, id);
  }

  private static Path open(Point... places) {
    Path.Builder out = Path.build().start(places[0]);
    for (int i = 1; i < places.length; i++) {
      out.line(places[i]);
    }
    return out.path();
  }

  private static LineString jts(List<Point> places) {
    return JTS.createLineString(places.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new));
  }

  /** A perforation is dashes of 1/8 in with bridges of 1/16 in (common practice, no source), measured along the way from its beginning. */
  @ParameterizedTest
  @ValueSource(doubles = {0.05, 0.125, 0.1875, 0.2, 0.3125, 1, 2.6, 7.03})
  void aPerforationIsDashesAlongTheWay(double length) {
    List<Point> way = List.of(new Point(0, 0), new Point(length * 0.4, 0), new Point(length * 0.4, length * 0.6));
    LengthIndexedLine along = new LengthIndexedLine(jts(way));
    List<Stroke> strokes = ToolPath.of(List.of(line(open(way.toArray(new Point[0])), CutKind.PERFORATE, "a")),
        Blade.FINE.reaching(0.1, 0.01));
    int wanted = 0;
    for (double from = 0; from < length - 1e-9; from += DASH + BRIDGE) {
      LineString dash = (LineString) along.extractLine(from, Math.min(length, from + DASH));
      Stroke stroke = strokes.get(wanted++);
      assertEquals(dash.getLength(), stroke.length(), 1e-9, "dash from " + from);
      assertTrue(dash.buffer(1e-7).covers(jts(stroke.places())), "dash from " + from);
      assertEquals(CutKind.PERFORATE, stroke.kind());
      assertFalse(stroke.closed());
    }
    assertEquals(wanted, strokes.size());
  }

  @Test
  void aClosedPerforationGoesRoundOnceAndNoFurther() {
    List<Stroke> strokes = ToolPath.of(List.of(line(Shapes.rectangle(new Box(1, 1, 3, 2)), CutKind.PERFORATE, "a")),
        Blade.FINE.reaching(0.25, 0.02));
    double dashes = strokes.stream().mapToDouble(Stroke::length).sum();
    double whole = 10;
    int full = (int) Math.floor(whole / (DASH + BRIDGE));
    assertEquals(full * DASH + Math.min(DASH, whole - full * (DASH + BRIDGE)), dashes, 1e-9, "no overcut, no holder that runs ahead");
    strokes.forEach(s -> assertTrue(s.length() <= DASH + 1e-9));
  }

  /** What is only drawn or pressed is not gone over past its beginning, and no holder runs ahead of a pen. */
  @ParameterizedTest
  @EnumSource(value = CutKind.class, names = "PERFORATE", mode = EnumSource.Mode.EXCLUDE)
  void onlyBladesGoPastTheBeginning(CutKind kind) {
    Path square = Shapes.rectangle(new Box(1, 1, 2, 2));
    Blade past = Blade.FINE.reaching(0.3, 0);
    boolean parts = kind == CutKind.THROUGH || kind == CutKind.KISS;
    Stroke closed = ToolPath.of(List.of(line(square, kind, "a")), past).get(0);
    assertEquals(parts ? 8.3 : 8, closed.length(), 1e-9);
    assertTrue(closed.closed());
    Stroke open = ToolPath.of(List.of(line(open(new Point(1, 1), new Point(3, 1)), kind, "a")), past).get(0);
    assertEquals(2, open.length(), 1e-9, "an open line has no beginning to go past");
    assertFalse(open.closed());
    Stroke trailing = ToolPath.of(List.of(line(square, kind, "a")), Blade.FINE.reaching(0, 0.05)).get(0);
    assertEquals(parts, trailing.length() > 8 + 1e-6);
  }

  /** An overcut longer than the whole outline goes round again, over corners as well. */
  @Test
  void anOvercutGoesOnRoundCorners() {
    Path square = Shapes.rectangle(new Box(0, 0, 0.1, 0.1));
    Stroke stroke = ToolPath.of(List.of(line(square, CutKind.KISS, "a")), Blade.FINE.reaching(0.25, 0)).get(0);
    assertEquals(0.4 + 0.25, stroke.length(), 1e-9);
    assertTrue(jts(List.of(new Point(0, 0), new Point(0.1, 0), new Point(0.1, 0.1), new Point(0, 0.1), new Point(0, 0))).buffer(1e-9)
        .covers(jts(stroke.places())));
    assertEquals(0.05, Math.abs(stroke.end().x() - stroke.begin().x()) + Math.abs(stroke.end().y() - stroke.begin().y()) - 0.1, 1e-9,
        "half an edge past the second corner");
  }

  @Test
  void kindsLeaveInTheirOrder() {
    List<CutLine> lines = new ArrayList<>();
    int i = 0;
    for (CutKind kind : List.of(CutKind.THROUGH, CutKind.PERFORATE, CutKind.PEN, CutKind.KISS, CutKind.SCORE)) {
      lines.add(line(Shapes.rectangle(new Box(i, i++, 0.05, 0.02)), kind, kind.name()));
    }
    assertEquals(List.of(CutKind.PEN, CutKind.SCORE, CutKind.PERFORATE, CutKind.KISS, CutKind.THROUGH),
        ToolPath.of(lines, PLAIN).stream().map(Stroke::kind).distinct().toList());
  }

  /** Rings in rings in any order of drawing: none is cut before what lies within it, by JTS. */
  @ParameterizedTest
  @ValueSource(longs = {3, 17, 2026})
  void nothingIsCutBeforeWhatLiesWithinIt(long seed) {
    System.out.println("seed " + seed);
    Random random = new Random(seed);
    List<CutLine> lines = new ArrayList<>();
    for (int nest = 0; nest < 6; nest++) {
      double x = nest % 3 * 5;
      double y = nest / 3 * 5;
      for (int ring = 0; ring < 5; ring++) {
        double in = ring * 0.35 + random.nextDouble() * 0.1;
        lines.add(line(ring % 2 == 0 ? Shapes.rectangle(new Box(x + in, y + in, 4.2 - 2 * in, 4.2 - 2 * in))
            : Shapes.ellipse(new Box(x + in, y + in, 4.2 - 2 * in, 4.2 - 2 * in)),
            CutKind.KISS, nest + "." + ring));
      }
    }
    Collections.shuffle(lines, random);
    List<Polygon> cut = ToolPath.of(lines, PLAIN).stream().map(s -> JTS.createPolygon(jts(s.places()).getCoordinates())).toList();
    assertEquals(30, cut.size());
    int within = 0;
    for (int early = 0; early < cut.size(); early++) {
      for (int late = early + 1; late < cut.size(); late++) {
        assertFalse(cut.get(early).contains(cut.get(late)), early + " is cut before " + late + " within it");
        within += cut.get(late).contains(cut.get(early)) ? 1 : 0;
      }
    }
    assertTrue(within >= 6 * 6, "pairs within each other: " + within);
  }

  @Test
  void aLineIsBegunWhereTheBladeIsNearest() {
    List<Stroke> strokes = ToolPath.of(List.of(
        line(open(new Point(9, 0), new Point(1, 0)), CutKind.PEN, "a"),
        line(open(new Point(9.5, 3), new Point(9.2, 0.1)), CutKind.PEN, "b"),
        line(Shapes.rectangle(new Box(9, 5, 1, 1)), CutKind.PEN, "c")), PLAIN);
    assertEquals(new Point(1, 0), strokes.get(0).begin(), "the nearer end from the corner of the sheet");
    assertEquals(new Point(9, 0), strokes.get(0).end());
    assertEquals(new Point(9.2, 0.1), strokes.get(1).begin());
    assertEquals(new Point(9, 5), strokes.get(2).begin(), "a closed one at the corner that is nearest");
    double lifted = 1 + Math.hypot(0.2, 0.1) + Math.hypot(0.5, 2);
    assertEquals(lifted, ToolPath.travel(strokes), 1e-9);
    assertEquals(0, ToolPath.travel(List.of()));
  }

  /**
   * A blade that is pulled behind its holder (a tractrix, in small steps) draws the outline that was meant, but for the swing into its
   * corners.
   */
  @ParameterizedTest
  @ValueSource(doubles = {0.01, 0.02, 0.04})
  void aPulledBladeDrawsWhatWasMeant(double trail) {
    List<Point> meant = List.of(new Point(0, 0), new Point(2, 0), new Point(2, 1.5), new Point(0.6, 2.4), new Point(0.2, 1));
    List<Point> holder = ToolPath.ahead(meant, trail);
    Point blade = meant.get(0);
    List<Point> drawn = new ArrayList<>(List.of(blade));
    for (int i = 0; i + 1 < holder.size(); i++) {
      Point a = holder.get(i);
      Point b = holder.get(i + 1);
      int steps = (int) Math.ceil(a.distance(b) / (trail / 50));
      for (int s = 1; s <= steps; s++) {
        Point at = new Point(a.x() + (b.x() - a.x()) * s / steps, a.y() + (b.y() - a.y()) * s / steps);
        double away = at.distance(blade);
        blade = new Point(at.x() + (blade.x() - at.x()) * trail / away, at.y() + (blade.y() - at.y()) * trail / away);
        drawn.add(blade);
      }
    }
    assertTrue(jts(meant).buffer(trail * 0.03).covers(jts(drawn)), "it leaves the outline");
    assertEquals(0, blade.distance(meant.get(meant.size() - 1)), trail * 0.05, "and ends where it ends");
    assertEquals(jts(meant).getLength(), jts(drawn).getLength(), trail);
  }

  @Test
  void placesTwiceOverAndAWayOfOnePlaceDoNoHarm() {
    List<Point> way = ToolPath.ahead(List.of(new Point(0, 0), new Point(0, 0), new Point(1, 0), new Point(1, 0), new Point(1, 1)), 0.1);
    assertEquals(ToolPath.ahead(List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1)), 0.1), way);
    List<Point> still = List.of(new Point(2, 2), new Point(2, 2));
    assertEquals(still, ToolPath.ahead(still, 0.1));
  }
}
