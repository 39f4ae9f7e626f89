package org.zipthimble.core.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.marks.RecordingOut;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;

/** The one list of what is on a face, and that what is drawn and what is cut read the same of it. */
class SceneTest {
  private static final double EXACT = 1e-9;
  private static final Lane VINYL = Lane.of("l1", "Cream", Material.CUT_VINYL, Made.CREAM);

  private static Face face(Item... items) {
    return Made.card(items).faces().get(0);
  }

  private static List<String> ids(List<SceneNode> nodes) {
    return nodes.stream().map(n -> n.item().id()).collect(Collectors.toList());
  }

  private static Face grouped(Face face, String... ids) {
    Job job = Made.card(face.items().toArray(Item[]::new));
    return Grouping.group("f1", Set.of(ids)).change().apply(job).faces().get(0);
  }

  private static String group(Face face) {
    return face.items().stream().filter(i -> !i.members().isEmpty()).findFirst().orElseThrow().id();
  }

  private static Item role(Item item, Role role) {
    return item.with(item.properties().withRole(role));
  }

  private static Item clearing(Item item, double gap) {
    return item.with(item.properties().withClearGap(gap));
  }

  @Test
  void nodesStandFromTheLowestToTheTopmost() {
    Scene scene = Scene.of(face(Made.rectangle("a", 0, 0, 1, 1), Made.ellipse("b", 1, 1, 1, 1), Made.rectangle("c", 2, 2, 1, 1)));
    assertEquals(List.of("a", "b", "c"), ids(scene.nodes()));
    assertEquals(List.of("a", "b", "c"), ids(scene.leaves()));
    assertEquals(List.of("a", "b", "c"), ids(scene.everything()));
  }

  @Test
  void whatAGroupHoldsKnowsItsOwnersAndItsPlaceOnTheFace() {
    Face face = grouped(face(Made.rectangle("a", 1, 1, 1, 1), Made.rectangle("b", 3, 4, 1, 2)), "a", "b");
    String group = group(face);
    Face wider = face.changed(group, g -> g.with(g.placement().boxed(0, 0, 6, 10)));
    Scene scene = Scene.of(wider);
    assertEquals(List.of(group), ids(scene.nodes()));
    assertEquals(List.of("a", "b"), ids(scene.leaves()));
    SceneNode b = scene.leaves().get(1);
    assertEquals(List.of(group), b.owners().stream().map(Item::id).toList());
    assertEquals(group, b.top());
    Box around = b.around();
    assertEquals(4, around.x(), EXACT, "two thirds of the group's width to the right");
    assertEquals(6, around.y(), EXACT);
    assertEquals(2, around.width(), EXACT);
    assertEquals(4, around.height(), EXACT);
  }

  @Test
  void aTurnedGroupTurnsItsMembers() {
    Face face = grouped(face(Made.rectangle("a", 0, 0, 1, 1), Made.rectangle("b", 3, 0, 1, 1)), "a", "b");
    Face turned = face.changed(group(face), g -> g.with(g.placement().withTurn(90)));
    Box around = Scene.of(turned).leaves().get(0).around();
    assertEquals(1.5, around.x(), EXACT, "a quarter turn clockwise about the middle of 4 by 1 at 2, 0.5");
    assertEquals(-1.5, around.y(), EXACT);
    Affine under = Scene.of(turned).under("a");
    Point corner = under.apply(new Point(0, 0));
    assertEquals(2.5, corner.x(), EXACT);
    assertEquals(-1.5, corner.y(), EXACT);
  }

  @ParameterizedTest
  @EnumSource(Role.class)
  void theRoleTellsWhatIsPrintedAndWhatIsCut(Role role) {
    SceneNode node = Scene.of(face(role(Made.rectangle("a", 1, 1, 1, 1), role))).nodes().get(0);
    assertEquals(role == Role.PRINTS || role == Role.PRINTS_AND_CUTS, node.printed());
    assertEquals(role == Role.CUTS || role == Role.PRINTS_AND_CUTS, node.cut().isPresent());
    assertEquals(role == Role.CUTS, node.onlyCut());
    assertEquals(role == Role.GUIDE, node.helps());
  }

  @Test
  void whatIsHiddenIsOnTheListAndOfNoUse() {
    Item hidden = Made.rectangle("a", 1, 1, 1, 1);
    Scene scene = Scene.of(face(hidden.with(hidden.properties().withVisible(false)), Made.rectangle("b", 2, 2, 1, 1)));
    assertEquals(List.of("a", "b"), ids(scene.everything()));
    assertFalse(scene.nodes().get(0).visible());
    assertFalse(ids(scene.inUse()).contains("a"));
    assertEquals(List.of("b"), ids(scene.printing(new Box(0, 0, 5, 7))));
  }

  @Test
  void aHiddenGroupHidesWhatItHolds() {
    Face face = grouped(face(Made.rectangle("a", 1, 1, 1, 1), Made.rectangle("b", 3, 4, 1, 2)), "a", "b");
    Face hidden = face.changed(group(face), g -> g.with(g.properties().withVisible(false)));
    assertEquals(List.of(), ids(Scene.of(hidden).printing(new Box(0, 0, 5, 7))));
    assertEquals(List.of(), ids(Scene.of(hidden).inUse()).stream().filter(Set.of("a", "b")::contains).toList());
  }

  @Test
  void whatDoesNotReachAPlaceDoesNotPrintThere() {
    Scene scene = Scene.of(face(Made.rectangle("in", 1, 1, 1, 1), Made.rectangle("out", 20, 20, 1, 1)));
    assertEquals(List.of("in"), ids(scene.printing(new Box(0, 0, 5, 7))));
  }

  @Test
  void aCombinationIsOneLeafAndItsPartsAreInUse() {
    Job job = Made.card(Made.rectangle("a", 1, 1, 2, 2), Made.ellipse("b", 2, 2, 2, 2));
    Face face = Shaping.combine("f1", Set.of("a", "b"), Way.TAKE_AWAY).change().apply(job).faces().get(0);
    Scene scene = Scene.of(face);
    assertEquals(1, scene.leaves().size());
    assertTrue(scene.leaves().get(0).item().live());
    assertTrue(ids(scene.inUse()).containsAll(List.of("a", "b")), "its parts are in use, for their faces and pictures");
  }

  @Test
  void thePartsOfAPatternAreInUseAndNoLeaves() {
    ItemShape ground = Made.rectangle("g", 1, 1, 3, 3);
    Item tiled = ground.withFillStyle(
        Optional.of(new FillStyle.Tiles(List.of(Made.ellipse("t", 0, 0, 0.4, 0.4)), new org.zipthimble.core.units.Size(0.5, 0.5),
        FillStyle.Laying.GRID)));
    Scene scene = Scene.of(face(tiled));
    assertEquals(List.of("g"), ids(scene.leaves()));
    assertTrue(ids(scene.inUse()).contains("t"));
    assertEquals(List.of("t"), ids(scene.nodes().get(0).parts()));
    assertEquals(1, scene.nodes().get(0).parts().get(0).around().x(), EXACT, "in the first tile, which begins at the ground's corner");
  }

  @Test
  void aClearGapTakesFromWhatLiesBelowAndFromNothingAbove() {
    Scene scene = Scene.of(face(Made.rectangle("low", 1, 1, 3, 3), clearing(Made.rectangle("mid", 2, 2, 1, 1), 0.1),
        Made.rectangle("top", 2.2, 2.2, 0.2, 0.2)));
    assertEquals(List.of("mid"), ids(scene.nodes().get(0).clearedBy()));
    assertEquals(List.of(), ids(scene.nodes().get(1).clearedBy()));
    assertEquals(List.of(), ids(scene.nodes().get(2).clearedBy()));
  }

  private static double cutArea(Item... items) {
    Job job = Made.card(items).withCutting(CutPlan.NONE.withLanes(List.of(VINYL)));
    return CutLines.of(job, job.faces().get(0)).stream().map(CutLine::path).mapToDouble(Extent::area).sum();
  }

  private static List<String> drawn(Item... items) {
    Job job = Made.card(items);
    RecordingOut out = new RecordingOut();
    MarkWalk.walk(job, job.faces().get(0), Affine.IDENTITY, out);
    return out.lines();
  }

  private static Item kiss(Item item) {
    return item.with(item.properties().withRole(Role.PRINTS_AND_CUTS).withCutting(Cutting.PLAIN.withKind(CutKind.KISS).withLane("l1")));
  }

  @Test
  void aClearGapIsCutAsItIsDrawn() {
    Item low = kiss(Made.rectangle("low", 1, 1, 2, 2));
    Item top = clearing(Made.rectangle("top", 1.5, 1.5, 1, 1), 0.1);
    assertTrue(cutArea(low, top) < 4 - 1, "what is cleared is not cut");
  }

  /** What is only a guide, or hidden, clears neither what is drawn nor what is cut. */
  @Test
  void aGuideOrAHiddenObjectWithAClearGapClearsNothing() {
    Item low = kiss(Made.rectangle("low", 1, 1, 2, 2));
    Item top = clearing(Made.rectangle("top", 1.5, 1.5, 1, 1), 0.1);
    Item guide = role(top, Role.GUIDE);
    Item hidden = top.with(top.properties().withVisible(false));
    assertEquals(4, cutArea(low), EXACT);
    assertEquals(4, cutArea(low, guide), EXACT);
    assertEquals(4, cutArea(low, hidden), EXACT);
    assertEquals(drawn(low), drawn(low, guide));
    assertEquals(drawn(low), drawn(low, hidden));
    assertTrue(drawn(low, top).size() > drawn(low).size() + 1, "while one that is seen is drawn as a clip too");
  }

  @Test
  void aGroundIsFoundForAnOpenGroupAndForNone() {
    Face face = grouped(face(Made.rectangle("a", 1, 1, 1, 1), Made.rectangle("b", 3, 4, 1, 2)), "a", "b");
    Scene scene = Scene.of(face);
    assertEquals(Affine.IDENTITY, scene.inside(Optional.empty()));
    Point first = scene.inside(Optional.of(group(face))).apply(new Point(0, 0));
    assertEquals(1, first.x(), EXACT);
    assertEquals(1, first.y(), EXACT);
    assertEquals(List.of("a", "b"), ids(scene.inside(group(face))));
  }

  @Test
  void objectsAreFoundByWhatTheyAre() {
    Face face = face(Made.rectangle("a", 1, 1, 1, 1), Made.words("w", "Beans", 1, 1, 2, 1, Made.style("Fraunces", "Regular", 20)));
    assertEquals(Set.of("w"), Scene.ids(face, i -> i.words().isPresent()));
  }
}
