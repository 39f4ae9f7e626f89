package org.zipthimble.core.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.geom.Arcs;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Span;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Thin;

/** Editing by points, drawing, ready shapes, measures. */
class NodesTest {
  private static final Path BOX = Shapes.rectangle(new Box(0, 0, 2, 1));
  private static final Path ROUND = Shapes.ellipse(new Box(0, 0, 2, 2));

  private static Nodes.At at(int index) {
    return new Nodes.At(0, index);
  }

  @Test
  void aPointThatIsAddedChangesNoForm() {
    Path more = Nodes.added(ROUND, at(1), 0.3);
    assertEquals(5, Nodes.of(more).size());
    assertEquals(Extent.area(ROUND), Extent.area(more), 1e-12);
    assertEquals(Extent.length(ROUND), Extent.length(more), 1e-9);
    assertTrue(Nodes.of(more).stream().allMatch(Nodes.Node::smooth), "a round stays smooth everywhere");
  }

  @Test
  void pointsMoveAreRemovedMadeCornersAndSmooth() {
    assertEquals(2.5, Extent.area(Nodes.moved(BOX, List.of(at(1), at(2)), 0.5, 0)), 1e-12);
    assertEquals(1, Extent.area(Nodes.removed(BOX, List.of(at(1)))), 1e-12, "a triangle is left");
    Path smooth = Nodes.smoothed(BOX, List.of(at(0)));
    assertTrue(Nodes.of(smooth).get(0).smooth());
    assertTrue(!Nodes.of(Nodes.cornered(smooth, List.of(at(0)))).get(0).smooth());
    assertEquals(2, Extent.area(Nodes.bent(Nodes.bent(BOX, List.of(at(0)), false), List.of(at(0)), true)), 1e-12);
  }

  @Test
  void anOutlineOpensAndItsEndsJoinAgain() {
    Path open = Nodes.opened(BOX, at(2));
    assertTrue(Contour.of(open).stream().noneMatch(Contour::closed));
    Path closed = Nodes.joined(open, at(0), at(4));
    assertEquals(2, Extent.area(closed), 1e-12);
    Path two = Shapes.line(new Point(0, 0), new Point(1, 0)).plus(Shapes.line(new Point(2, 1), new Point(1, 0)));
    Path one = Nodes.joined(two, new Nodes.At(0, 1), new Nodes.At(1, 1));
    assertEquals(1, Contour.of(one).size());
    assertEquals(1 + Math.sqrt(2), Extent.length(one), 1e-12);
  }

  @Test
  void theNearestPlaceOfACircleLiesOnItsRay() {
    Nodes.Near near = Nodes.nearest(ROUND, new Point(3, 3)).orElseThrow();
    assertEquals(1 + Math.sqrt(0.5), near.place().x(), 1e-3);
    assertEquals(2 * Math.sqrt(2) - 1, near.distance(), 1e-3);
  }

  @Test
  void pullingAHandleOfASmoothPointTurnsTheOther() {
    Path bent = Nodes.handled(ROUND, at(1), true, new Point(2.2, 1.6), true);
    Nodes.Node node = Nodes.of(bent).get(1);
    assertTrue(node.smooth());
    assertTrue(!Nodes.of(Nodes.handled(ROUND, at(1), true, new Point(2.6, 1.2), false)).get(1).smooth());
  }

  /** Circle and ellipse areas (geometry handbooks); a quarter of four cubics is 0.00027 of the radius off at most. */
  @Test
  void areasAndLengthsOfCurvesAreExact() {
    assertEquals(Math.PI, Extent.area(ROUND), 1e-3);
    assertEquals(2 * Math.PI, Extent.length(ROUND), 2e-3);
    List<Span> arc = Arcs.arc(new Point(0, 0), 3, 10, 200);
    assertEquals(3 * Math.toRadians(200), arc.stream().mapToDouble(Span::length).sum(), 2e-5);
    arc.forEach(s -> assertEquals(3, Math.hypot(s.at(0.5).x(), s.at(0.5).y()), 2e-5));
  }

  @Test
  void everyReadyShapeFillsItsBoxAndTakesItsFiguresWithinRange() {
    for (ReadyForm form : ReadyForm.values()) {
      Path path = form.path(3, 2, form.usual(3, 2));
      Box box = Measure.bounds(path).orElseThrow();
      assertTrue(new Box(0, 0, 3, 2).contains(box, 0.02), form + " " + box);
      assertTrue(box.width() > 1.4 && box.height() > 0.6, form + " " + box);
      if (!form.open()) {
        assertTrue(Extent.area(Combine.clean(path, Rule.NON_ZERO)) > 0.3, form.toString());
        assertTrue(Contour.of(path).stream().allMatch(Contour::closed), form.toString());
      }
      form.path(3, 2, form.settings().stream().map(s -> 1e9).toList());
      form.path(3, 2, form.settings().stream().map(s -> -1e9).toList());
    }
    assertEquals(6 - 4 * 0.04, Extent.area(ReadyForm.CORNERED.path(3, 2, List.of(0.2, 3.0, 0.2, 3.0, 0.2, 3.0, 0.2, 3.0))), 1e-9,
        "four square notches");
    assertEquals(6 - 4 * 0.02, Extent.area(ReadyForm.CORNERED.path(3, 2, List.of(0.2, 1.0, 0.2, 1.0, 0.2, 1.0, 0.2, 1.0))), 1e-9,
        "four cuts");
  }

  @Test
  void aHandDrawnRoundBecomesAFewSmoothCurves() {
    List<Point> hand = new java.util.ArrayList<>();
    for (int i = 0; i < 200; i++) {
      double a = 2 * Math.PI * i / 199;
      hand.add(new Point(2 * Math.cos(a) + 0.004 * Math.sin(37 * a), 2 * Math.sin(a) + 0.004 * Math.cos(29 * a)));
    }
    Contour smooth = Draft.smoothed(hand, 0.03, 0.1).orElseThrow();
    assertTrue(smooth.closed());
    assertTrue(smooth.spans().size() <= 10, "spans " + smooth.spans().size());
    assertEquals(Math.PI * 4, Math.abs(smooth.area()), 0.15);
  }

  @Test
  void cornersAndCurvesAreDrawnOneAfterAnother() {
    Draft draft = new Draft();
    draft.add(new Point(0, 0));
    draft.add(new Point(2, 0));
    draft.bend(new Point(2, 0), new Point(2, 1));
    draft.add(new Point(0, 2));
    Path path = draft.path(true);
    assertEquals(3, Nodes.of(path).size());
    assertTrue(Contour.of(path).get(0).closed());
  }

  @Test
  void thinPlacesAreFoundWithTheirWidthAndTipsAreNot() {
    Path bar = Combine.combine(Way.JOIN, List.of(
        Shapes.rectangle(new Box(0, 0, 1, 1)), Shapes.rectangle(new Box(0.9, 0.48, 1.2, 0.04)), Shapes.rectangle(new Box(2, 0, 1, 1))));
    Thin.Place place = Thin.thinnest(bar, 0.0625).orElseThrow();
    assertEquals(0.04, place.width(), 2e-3);
    assertTrue(place.where().x() > 0.9 && place.where().right() < 2.1);
    assertTrue(Thin.thinnest(BOX, 0.0625).isEmpty());
    assertTrue(Thin.thinnest(ReadyForm.STAR.path(2, 2, List.of(5.0, 0.5, 0.0)), 0.0625).isEmpty(), "the tips of a star are no thin parts");
  }
}
