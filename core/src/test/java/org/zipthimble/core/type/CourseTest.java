package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.overlay.Polygons;

/** Words along circles, arcs and paths, measured against the formulas of the circle and on the outlines of their letters. */
class CourseTest {
  private static SetWords set(String text, Course course, double pt, double width, double height, Align align) {
    return Typesetter.set(Story.of(text, Stories.style("Alegreya", pt).withAlign(align)), BlockSetting.PLAIN, Optional.of(course),
        Optional.empty(), width, height, Stories.SHELF);
  }

  /** Where a letter's baseline has its middle, in the block. */
  private static Point foot(SetWords.Placed p) {
    return p.toBlock().apply(new Point(p.piece().run().advance() / 2, 0));
  }

  private static Path outline(SetWords.Placed p) {
    return p.piece().run().outline().mapped(p.toBlock());
  }

  private static List<SetWords.Placed> inked(SetWords set) {
    return set.placed().stream().filter(p -> p.piece().run().ink().isPresent()).toList();
  }

  private static List<Double> gaps(SetWords set) {
    List<SetWords.Placed> letters = inked(set);
    List<Double> out = new ArrayList<>();
    for (int i = 1; i < letters.size(); i++) {
      out.add(Polygons.distance(outline(letters.get(i - 1)), outline(letters.get(i))));
    }
    return out;
  }

  /** Every baseline is on the circle, the letters turn with it, and the middle of the words is at its top or foot. */
  @ParameterizedTest
  @CsvSource({"false, 10, 30", "true, 10, 30", "false, 3, 18", "true, 2, 10", "false, 12, 72"})
  void lettersStandOnTheCircle(boolean foot, double diameter, double pt) {
    SetWords set = set("MARROWFIELD SEED LIBRARY", Course.OVER_THE_TOP.withFoot(foot), pt, diameter, diameter, Align.CENTRE);
    Point centre = new Point(diameter / 2, diameter / 2);
    for (SetWords.Placed p : set.placed()) {
      Point at = foot(p);
      assertEquals(diameter / 2, at.distance(centre), 1e-9, "the radius of the baseline");
      Point up = p.toBlock().apply(new Point(p.piece().run().advance() / 2, -0.01));
      assertEquals(diameter / 2 + (foot ? -0.01 : 0.01), up.distance(centre), 1e-9, "upright on it");
    }
    SetWords.Placed first = set.placed().get(0);
    SetWords.Placed last = set.placed().get(set.placed().size() - 1);
    double begin = angle(first, centre, 0);
    double end = angle(last, centre, last.piece().run().advance());
    double middle = (begin + end) / 2;
    assertEquals(foot ? 90 : -90, middle, 0.02, "the middle angle");
    assertTrue(set.lines().get(0).width() <= Math.PI * diameter);
  }

  /** The angle of a place on the line beside a letter's middle: half its width along the circle. */
  private static double angle(SetWords.Placed p, Point centre, double x) {
    Point at = foot(p);
    double radius = at.distance(centre);
    double along = (x - p.piece().run().advance() / 2) / radius;
    double sense = p.toBlock().a() * (at.y() - centre.y()) - p.toBlock().b() * (at.x() - centre.x()) < 0 ? 1 : -1;
    return Math.toDegrees(Math.atan2(at.y() - centre.y(), at.x() - centre.x()) + sense * along);
  }

  /** The length of the words along the line is the angle between its ends times the radius. */
  @ParameterizedTest
  @ValueSource(doubles = {3, 6, 20})
  void theLengthIsThatOfTheArc(double diameter) {
    SetWords set = set("BRING SEEDS", Course.OVER_THE_TOP, 20, diameter, diameter, Align.CENTRE);
    Point centre = new Point(diameter / 2, diameter / 2);
    List<SetWords.Placed> all = set.placed();
    double degrees = angle(all.get(all.size() - 1), centre, all.get(all.size() - 1).piece().run().advance()) - angle(all.get(0), centre, 0);
    assertEquals(Math.toRadians(degrees) * diameter / 2, set.lines().get(0).width(), 1e-9);
  }

  /** The gap between neighbours is what it is in a straight line, outside and inside of a bend, to a thousandth of an inch. */
  @ParameterizedTest
  @CsvSource({"false, 3", "true, 3", "false, 1.6", "true, 1.6", "false, 10"})
  void lettersNeitherCrowdNorGape(boolean foot, double diameter) {
    String text = "SOW AND REAP";
    SetWords straight = Typesetter.set(Story.of(text, Stories.style("Alegreya", 20)), BlockSetting.PLAIN, 9, 1, Stories.SHELF);
    List<Double> wanted = new ArrayList<>();
    Course flat = Course.along(Path.build().start(0, 0.5).line(1, 0.5).path());
    SetWords along = set(text, flat, 20, 9, 1, Align.LEFT);
    wanted.addAll(gaps(along));
    assertEquals(straight.lines().get(0).width(), along.lines().get(0).width(), 1e-6, "along a straight path nothing changes");
    List<Double> found = gaps(set(text, Course.OVER_THE_TOP.withFoot(foot), 20, diameter, diameter, Align.CENTRE));
    for (int i = 0; i < wanted.size(); i++) {
      assertEquals(wanted.get(i), found.get(i), 0.001, "gap " + i);
    }
  }

  @Test
  void theLeastGapIsKept() {
    for (double gap : gaps(set("WAVERLEY", Course.OVER_THE_TOP.withLeast(0.06), 24, 5, 5, Align.CENTRE))) {
      assertTrue(gap >= 0.06 - 0.0005, "gap " + gap);
    }
    assertTrue(gaps(set("WAVERLEY", Course.OVER_THE_TOP, 24, 5, 5, Align.CENTRE)).stream().anyMatch(g -> g < 0.06),
        "else some come closer");
  }

  @Test
  void wordsSpreadOverATypedLength() {
    SetWords set = set("SEEDS", Course.OVER_THE_TOP.withSpread(6), 24, 8, 8, Align.CENTRE);
    assertEquals(6, set.lines().get(0).width(), 1e-9);
  }

  @Test
  void slidingMovesAlongTheLine() {
    SetWords still = set("SEEDS", Course.OVER_THE_TOP, 24, 8, 8, Align.CENTRE);
    SetWords slid = set("SEEDS", Course.OVER_THE_TOP.withSlide(2), 24, 8, 8, Align.CENTRE);
    Point centre = new Point(4, 4);
    assertEquals(Math.toDegrees(2 / 4.0), angle(slid.placed().get(0), centre, 0) - angle(still.placed().get(0), centre, 0), 1e-6);
  }

  /** Chord, rise and radius: r = c²/8h + h/2, the usual formula of a segment of a circle. */
  @ParameterizedTest
  @CsvSource({"6, 1", "4, 0.25", "10, 3", "6, -1"})
  void anArcHasItsRise(double chord, double rise) {
    double radius = Course.radius(chord, rise);
    assertEquals(chord * chord / (8 * Math.abs(rise)) + Math.abs(rise) / 2, radius, 1e-12);
    assertEquals(Math.abs(rise), Course.rise(chord, radius), 1e-9);
    SetWords set = set("SPRING SWAP", Course.ARC.withRise(rise), 14, chord, 2, Align.CENTRE);
    Point centre = new Point(chord / 2, rise > 0 ? 2 - rise + radius : 2 - radius);
    for (SetWords.Placed p : set.placed()) {
      assertEquals(radius, foot(p).distance(centre), 1e-9);
    }
    double middle = (foot(set.placed().get(0)).y() + foot(set.placed().get(10)).y()) / 2;
    assertTrue(rise > 0 ? foot(set.placed().get(5)).y() < middle : foot(set.placed().get(5)).y() > middle, "it bends the right way");
    assertThrows(IllegalArgumentException.class, () -> Course.rise(6, 2.9));
  }

  @ParameterizedTest
  @CsvSource({"ABOVE, 0", "ON, 0.5", "BELOW, 1"})
  void lettersSitAboveOnOrBelowTheLine(Sits sits, double share) {
    double capitals = Stories.SHELF.findOrStandIn("Alegreya", "Regular").capHeight() * 20 / 72;
    SetWords set = set("SEEDS", Course.OVER_THE_TOP.withSits(sits), 20, 6, 6, Align.CENTRE);
    assertEquals(3 - share * capitals, foot(set.placed().get(2)).distance(new Point(3, 3)), 1e-9);
  }

  @Test
  void wordsFollowAPathAndSaySoWhenItIsTooShort() {
    Path wave = Path.build().start(0, 0.5).curve(0.3, -0.5, 0.7, 1.5, 1, 0.5).path();
    SetWords set = set("A path for beans", Course.along(wave), 12, 4, 1, Align.LEFT);
    assertEquals(0, set.tooWide());
    assertTrue(set.placed().stream().map(p -> Math.round(Math.toDegrees(Math.atan2(p.toBlock().b(), p.toBlock().a())))).distinct()
        .count() > 5, "they turn with it");
    assertEquals(1, set("A path for beans", Course.along(wave), 60, 4, 1, Align.LEFT).tooWide());
    assertEquals("A path for beans", set.lines().get(0).text());
  }

  /** An ellipse is followed as exactly as curves can: every baseline fulfils its equation. */
  @Test
  void anEllipseIsFollowed() {
    for (SetWords.Placed p : set("MARROWFIELD SEEDS", Course.OVER_THE_TOP, 20, 6, 4, Align.CENTRE).placed()) {
      Point at = foot(p);
      double x = (at.x() - 3) / 3;
      double y = (at.y() - 2) / 2;
      assertEquals(1, Math.sqrt(x * x + y * y), 5e-4);
      assertTrue(at.y() < 2.2, "over its top");
    }
  }

  @Test
  void caretsStandAlongTheLineAndPointsFindThem() {
    SetWords set = set("MARROWFIELD", Course.OVER_THE_TOP, 30, 4, 4, Align.CENTRE);
    Carets carets = new Carets(set);
    for (int i = 0; i <= 11; i++) {
      Carets.Caret caret = carets.at(i).orElseThrow();
      assertEquals(i, carets.nearest(caret.middle()));
      assertTrue(new Point(2, 2).distance(caret.top()) > new Point(2, 2).distance(caret.bottom()), "it points outwards");
    }
  }

  /** Joined letters of a script stay joined. */
  @Test
  void scriptStaysJoined() {
    Story story = Story.of("illuminate", Stories.style("Great Vibes", 40).withAlign(Align.CENTRE));
    SetWords set = Typesetter.set(story, BlockSetting.PLAIN, Optional.of(Course.OVER_THE_TOP), Optional.empty(), 9, 9, Stories.SHELF);
    SetWords straight = Typesetter.set(story, BlockSetting.PLAIN, 9, 1, Stories.SHELF);
    assertEquals(straight.lines().get(0).width(), set.lines().get(0).width(), 0.03);
  }

  @Test
  void aSecondLineStandsALeadingFartherIn() {
    SetWords set = set("OUTER\nINNER", Course.OVER_THE_TOP, 20, 6, 6, Align.CENTRE);
    SetWords.Line second = set.lines().get(1);
    Point at = foot(new SetWords.Placed(second.pieces().get(0), second.pieces().get(0).map().then(Affine.IDENTITY)));
    assertEquals(3 - 20 * 1.2 / 72, at.distance(new Point(3, 3)), 1e-9);
  }

  @Test
  void nothingToRunAlongIsRefused() {
    assertThrows(IllegalArgumentException.class, () -> Course.ARC.withRise(0));
    assertThrows(IllegalArgumentException.class, () -> new Course(Course.Kind.PATH, 0, Optional.empty(), false, Sits.ABOVE, 0, 0, 0));
    assertThrows(IllegalArgumentException.class, () -> Course.OVER_THE_TOP.withLeast(-1));
  }
}
