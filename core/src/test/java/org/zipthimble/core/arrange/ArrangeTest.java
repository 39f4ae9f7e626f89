package org.zipthimble.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;

class ArrangeTest {
  private static final double EXACT = 1e-9;
  private static final double REACH = 0.05;

  private static Face face(Job job) {
    return job.faces().get(0);
  }

  private static Item item(Job job, String id) {
    return face(job).find(id).orElseThrow();
  }

  private static Job done(Job job, Edit edit) {
    return edit.change().apply(job);
  }

  private static Snapper snapper(Job job, String... moving) {
    return Snapper.of(job, face(job), Set.of(moving), 0);
  }

  @Test
  void snapsToTrimBleedSafeAndTheMiddleOfTheTrim() {
    Job job = Made.card(Made.rectangle("i1", 2, 2, 1, 1));
    Snapper snapper = snapper(job, "i1");
    Box box = new Box(2, 2, 1, 1);
    assertEquals(-2, snapper.move(box, -1.98, 0.3, REACH).dx(), EXACT, "trim");
    assertEquals(-2.125, snapper.move(box, -2.12, 0.3, REACH).dx(), EXACT, "bleed edge");
    assertEquals(-1.875, snapper.move(box, -1.87, 0.3, REACH).dx(), EXACT, "safe edge");
    Snapper.Snapped middle = snapper.move(box, 0.01, 0.3, REACH);
    assertEquals(0, middle.dx(), EXACT, "its middle on that of the trim");
    assertEquals("centred on trim", middle.hints().get(0).text());
    assertEquals(0.4, snapper.move(box, 0.4, 0.3, REACH).dx(), EXACT, "nothing near");
  }

  @Test
  void snapsToEdgesAndMiddlesOfOthersAndOfMembersInGroups() {
    Job plain = Made.card(Made.rectangle("i1", 3, 5, 1, 1), Made.rectangle("i2", 0.4, 0.4, 0.6, 0.5),
        Made.rectangle("i3", 1.3, 1.7, 0.4, 0.4));
    Job job = done(plain, Grouping.group("f1", Set.of("i2", "i3")));
    Snapper snapper = snapper(job, "i1");
    Snapper.Snapped snapped = snapper.move(new Box(3, 5, 1, 1), -1.28, 0, REACH);
    assertEquals(1.7, 3 + snapped.dx(), EXACT, "its left on the right side of a member");
    assertEquals("2.9 in", snapped.hints().get(0).text(), "the tag states the distance");
    assertEquals(1.5, 3.5 + snapper.move(new Box(3, 5, 1, 1), -2.02, 0, REACH).dx(), EXACT, "middle on middle");
  }

  @Test
  void makesGapsEqualBetweenAndBeside() {
    Job job = Made.card(Made.rectangle("i1", 0.3, 4, 0.4, 0.4), Made.rectangle("i2", 0.3, 1, 0.5, 0.5),
        Made.rectangle("i3", 1.9, 1, 0.5, 0.5));
    Snapper snapper = snapper(job, "i1");
    Snapper.Snapped between = snapper.move(new Box(0.3, 4, 0.4, 0.4), 0.84, -2.95, REACH);
    assertEquals(0.8 + 0.35, 0.3 + between.dx(), EXACT);
    assertTrue(between.hints().stream().filter(h -> h.text().equals("0.35 in")).count() >= 2, "both gaps are told");
    Snapper.Snapped beside = snapper.move(new Box(0.3, 4, 0.4, 0.4), 3.18, -2.95, REACH);
    assertEquals(2.4 + 1.1, 0.3 + beside.dx(), EXACT, "the gap of the two others once more");
  }

  @Test
  void snapsToGuidesSlantingOnesAndMirrorAxes() {
    Job job = Made.card(Made.rectangle("i1", 4, 6, 0.4, 0.4), Made.rectangle("i2", 0.6, 3, 0.5, 0.5))
        .changed("f1", f -> f.withGuides(new Guides(
        List.of(Guide.across(2.3), Guide.down(2.5).withAxis(true), new Guide(new Point(0, 0), 45, false)), Optional.empty())));
    Snapper snapper = snapper(job, "i1");
    assertEquals(2.3, 6 + snapper.move(new Box(4, 6, 0.4, 0.4), 0.3, -3.68, REACH).dy(), EXACT);
    assertEquals(3.9, 4 + snapper.move(new Box(4, 6, 0.4, 0.4), -0.08, -1.2, REACH).dx(), EXACT, "where the other is seen in the axis");
    Snapper.Snapped slant = snapper.move(new Box(4, 6, 0.4, 0.4), -2.33, -4.37, REACH);
    Point corner = new Point(4 + slant.dx(), 6 + slant.dy());
    Guide line = new Guide(new Point(0, 0), 45, false);
    assertTrue(List.of(corner, corner.plus(0.4, 0), corner.plus(0, 0.4), corner.plus(0.4, 0.4), corner.plus(0.2, 0.2)).stream()
        .anyMatch(p -> line.distance(p) < EXACT), "a place of it lies on the slanting guide");
  }

  @Test
  void linesUpToEachOtherTheKeyTrimAndSafe() {
    Job job = Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.rectangle("i2", 3, 2, 0.5, 0.5));
    Set<String> both = Set.of("i1", "i2");
    assertEquals(
        1, item(done(job, AlignObjects.edit(job.frame(face(job)), face(job), both, AlignObjects.Edge.LEFT, AlignObjects.To.EACH_OTHER,
        Optional.empty())), "i2").placement().x(), EXACT);
    Job key = done(job, AlignObjects.edit(job.frame(face(job)), face(job), both, AlignObjects.Edge.LEFT, AlignObjects.To.KEY,
        Optional.of("i2")));
    assertEquals(3, item(key, "i1").placement().x(), EXACT);
    assertEquals(3, item(key, "i2").placement().x(), EXACT, "the key object stays");
    assertEquals(
        2, item(done(job, AlignObjects.edit(job.frame(face(job)), face(job), both, AlignObjects.Edge.MIDDLE, AlignObjects.To.TRIM,
        Optional.empty())), "i1").placement().x(), EXACT);
    assertEquals(6.875 - 0.5,
        item(done(job, AlignObjects.edit(job.frame(face(job)), face(job), both, AlignObjects.Edge.BOTTOM, AlignObjects.To.SAFE,
        Optional.empty())), "i2").placement().y(), EXACT);
    assertEquals(-0.125,
        item(done(job, AlignObjects.edit(job.frame(face(job)), face(job), both, AlignObjects.Edge.TOP, AlignObjects.To.FACE,
        Optional.empty())), "i1").placement().y(), EXACT);
  }

  @Test
  void spacesByGapsByEdgesAndByATypedGap() {
    Job job = Made.card(Made.rectangle("i1", 0, 1, 1, 1), Made.rectangle("i2", 1.2, 1, 0.5, 1), Made.rectangle("i3", 4, 1, 1, 1));
    Set<String> all = Set.of("i1", "i2", "i3");
    Job gaps = done(job, Spacing.evenly(job.frame(face(job)), face(job), all, Axis.ACROSS, Spacing.By.GAPS, AlignObjects.To.EACH_OTHER));
    assertEquals(2.25, item(gaps, "i2").placement().x(), EXACT);
    assertTrue(Spacing.gaps(face(gaps), all, Axis.ACROSS).orElseThrow().even());
    Job starts = done(job, Spacing.evenly(job.frame(face(job)), face(job), all, Axis.ACROSS, Spacing.By.STARTS,
        AlignObjects.To.EACH_OTHER));
    assertEquals(2, item(starts, "i2").placement().x(), EXACT);
    Job typed = done(job, Spacing.gap(face(job), all, Axis.ACROSS, 0.25, Optional.of("i2")));
    assertEquals(1.2, item(typed, "i2").placement().x(), EXACT, "the key object stays");
    assertEquals(-0.05, item(typed, "i1").placement().x(), EXACT);
    assertEquals(1.95, item(typed, "i3").placement().x(), EXACT);
    Job pulled = done(gaps, Spacing.pulled(face(gaps), all, Axis.ACROSS, 6));
    assertEquals(2.75, item(pulled, "i2").placement().x(), EXACT);
    assertEquals(6, item(pulled, "i3").placement().box().right(), EXACT);
    assertEquals(Optional.empty(), Spacing.gaps(face(job), Set.of("i1"), Axis.DOWN));
  }

  @Test
  void membersOfAGroupMoveByInchesOfTheFace() {
    Job plain = Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.rectangle("i2", 3, 3, 1, 1));
    Job grouped = done(plain, Grouping.group("f1", Set.of("i1", "i2")));
    String group = face(grouped).items().get(0).id();
    Job turned = done(grouped, Edits.place("f1", Set.of(group), "edit.turn", p -> p.withTurn(90)));
    Box before = Scene.of(face(turned)).around(item(turned, "i1"));
    Job moved = done(turned, Grouping.inside("f1", group, PlacedBox.shift("f1", "edit.move", Set.of("i1"), 0.3, 0.1)));
    Box after = Scene.of(face(moved)).around(item(moved, "i1"));
    assertEquals(before.x() + 0.3, after.x(), EXACT);
    assertEquals(before.y() + 0.1, after.y(), EXACT);
    Box other = Scene.of(face(turned)).around(item(turned, "i2"));
    assertEquals(other.x(), Scene.of(face(moved)).around(item(moved, "i2")).x(), EXACT, "the other member is where it was");
    assertEquals(other.y(), Scene.of(face(moved)).around(item(moved, "i2")).y(), EXACT);
    Box whole = item(moved, group).placement().around();
    assertEquals(after.union(other).width(), whole.width(), EXACT, "the group's box fits again");
    assertEquals(after.union(other).x(), whole.x(), EXACT);
  }

  @Test
  void resizesSeveralWithTheirTypeAndKnowsASquash() {
    Job job = Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.words("i2", "Hi", 2, 1, 1, 1, Made.style("Figtree", "Regular", 20)));
    Set<String> both = Set.of("i1", "i2");
    Box from = Resizing.box(face(job), both).orElseThrow();
    Job twice = done(job, Resizing.fit("f1", both, from, new Box(1, 1, 4, 2)));
    assertEquals(new Box(3, 1, 2, 2), item(twice, "i2").placement().box());
    assertEquals(40, ((HoldsWords) item(twice, "i2")).style().sizePt(), EXACT);
    Job half = done(job, Resizing.scale("f1", both, 0.5, new Point(3, 2)));
    assertEquals(new Box(2, 1.5, 0.5, 0.5), item(half, "i1").placement().box());

    Picture picture = Made.picture(300, 200);
    Job squashed = Made.with(picture, Made.photo("i1", picture, 1, 1, 3, 1));
    assertEquals(2, Resizing.squash(squashed, item(squashed, "i1")).orElseThrow(), EXACT);
    Job mended = done(squashed, Resizing.unsquash(squashed, "f1", item(squashed, "i1")));
    assertEquals(new Box(1, 0.5, 3, 2), item(mended, "i1").placement().box());
    assertEquals(Optional.empty(), Resizing.squash(mended, item(mended, "i1")));
  }

  @Test
  void findsWhatIsAlike() {
    Job job = Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.ellipse("i2", 2, 1, 1, 1), Made.rectangle("i3", 3, 1, 1, 1),
        Made.words("i4", "A", 1, 3, 1, 1, Made.style("Caveat", "Bold", 9)),
        Made.words("i5", "B", 1, 4, 1, 1, Made.style("Caveat", "Bold", 30)));
    List<Item> items = face(job).items();
    assertEquals(Set.of("i1", "i2", "i3"), SimilarObjects.among(items, Set.of("i1"), SimilarObjects.By.KIND));
    assertEquals(Set.of("i1", "i3"), SimilarObjects.among(items, Set.of("i1"), SimilarObjects.By.FILL));
    assertEquals(Set.of("i4", "i5"), SimilarObjects.among(items, Set.of("i4"), SimilarObjects.By.FONT));
    assertEquals(Set.of("i2", "i4", "i5"), SimilarObjects.among(items, Set.of("i2"), SimilarObjects.By.FILL), "words of that colour too");
  }

  @Test
  void formsAndGridsHaveTheNumbersAskedFor() {
    LineLook line = LineLook.of(0.75, Made.BEET);
    assertEquals(1 + 4 + 9, FormGrid.table(1, new Box(1, 1, 5, 2), 5, 10, line).members().size(), "a frame and the lines between");
    assertEquals(12, FormGrid.boxes(1, new Box(0, 0, 4, 3), 4, 3, 0.25, line).members().size());
    HoldsObjects ruled = FormGrid.lines(1, new Box(1, 1, 3, 2), 8, line);
    assertEquals(8, ruled.members().size());
    assertEquals(3, ruled.placement().box().bottom(), EXACT, "the last line lies on the lower side");
    assertThrows(IllegalArgumentException.class, () -> FormGrid.table(1, new Box(0, 0, 1, 1), 100, 100, line));
    Job job = done(Made.card(Made.rectangle("i1", 0, 0, 1, 0.5)), Copies.grid("f1", Set.of("i1"), 3, 4, 0.25, 0.125));
    assertEquals(12, face(job).items().size());
    assertEquals(new Box(2.5, 1.875, 1, 0.5), face(job).items().get(11).placement().box());
    assertThrows(IllegalArgumentException.class, () -> Copies.grid("f1", Set.of("i1"), 100, 100, 0, 0));
  }
}
