package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.arrange.Resizing;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.RecordingOut;
import org.zipthimble.core.sheet.Imposition;

/** Live combinations, offsets and repeats; made permanent, broken apart, taken back. */
class LiveTest {
  private static Job done(Job job, Edit... edits) {
    Job out = job;
    for (Edit edit : edits) {
      out = edit.change().apply(out);
    }
    return out;
  }

  private static Item top(Job job) {
    List<Item> items = job.faces().get(0).items();
    return items.get(items.size() - 1);
  }

  private static double area(Job job, Item item) {
    return Extent.area(new Forms(job).outline(item));
  }

  private static Job two() {
    return Made.card(Made.rectangle("i1", 1, 1, 2, 2), Made.rectangle("i2", 2, 2, 2, 2));
  }

  @Test
  void aCombinationStaysLiveInsideAndGivesItsOriginalsBack() {
    Job job = done(two(), Shaping.combine("f1", Set.of("i1", "i2"), Way.TAKE_AWAY));
    ItemGroup cut = (ItemGroup) top(job);
    assertEquals(3, area(job, cut), 1e-9);
    assertEquals(new Box(1, 1, 2, 2), cut.placement().box(), "its box is that of what it makes");
    Job moved = done(job, Grouping.inside("f1", cut.id(), Edits.place("f1", Set.of("i2"), "edit.move", p -> p.moved(0.5, 0))));
    assertEquals(3.5, area(moved, top(moved)), 1e-9);
    Job wide = done(moved, Edits.place("f1", Set.of(cut.id()), "edit.resize", p -> Reshape.widened(p, 4, false)));
    assertEquals(7, area(wide, top(wide)), 1e-9);
    Job back = done(job, Grouping.ungroup("f1", Set.of(cut.id())));
    assertEquals(two().faces().get(0).items().stream().map(Item::placement).toList(),
        back.faces().get(0).items().stream().map(Item::placement).toList());
  }

  @Test
  void madePermanentItIsOneShapeWithTheSameOutlineAndLook() {
    Job job = done(two(), Shaping.combine("f1", Set.of("i1", "i2"), Way.JOIN));
    Job red = done(job, Edits.shape("f1", Set.of(top(job).id()), "edit.fill", s -> s.filled(Optional.of(Made.BEET))));
    Job fixed = done(red, Shaping.permanent("f1", Set.of(top(job).id())));
    ItemShape shape = (ItemShape) top(fixed);
    assertEquals(7, area(fixed, shape), 1e-9);
    assertEquals(Optional.of(Made.BEET), shape.fill());
  }

  /** Steiner's formula again, on a live group that is then made larger: the distance stays true. */
  @Test
  void anOffsetKeepsItsDistanceWhateverTheSize() {
    LiveEffect.Rings rings = new LiveEffect.Rings(List.of(0.25), Corner.ROUND, true, true, 128,
        new Look(Optional.empty(), Optional.empty()));
    Job job = done(Made.card(Made.rectangle("i1", 1, 1, 2, 1)), Shaping.offset("f1", Set.of("i1"), rings));
    double grown = 2 + 6 * 0.25 + Math.PI * 0.0625;
    assertEquals(grown, area(job, top(job)), 2e-3);
    Placement p = top(job).placement();
    Job twice = done(job, Edits.place("f1", Set.of(top(job).id()), "edit.resize",
        q -> q.boxed(q.x(), q.y(), p.width() * 2, p.height() * 2)));
    assertEquals(8 + 12 * 0.25 + Math.PI * 0.0625, area(twice, top(twice)), 4e-3);
  }

  @Test
  void ringsMadePermanentAreAShapeUnderTheOriginal() {
    LiveEffect.Rings rings = new LiveEffect.Rings(List.of(0.25), Corner.ROUND, true, true, 128,
        new Look(Optional.empty(), Optional.empty()));
    Job job = done(two(), Shaping.combine("f1", Set.of("i1", "i2"), Way.TAKE_AWAY));
    Job ringed = done(job, Shaping.offset("f1", Set.of(top(job).id()), rings));
    Job fixed = done(ringed, Shaping.permanent("f1", Set.of(top(ringed).id())));
    assertEquals(2, fixed.faces().get(0).items().size());
    assertTrue(fixed.faces().get(0).items().get(0) instanceof ItemShape);
    assertEquals(area(job, top(job)), area(fixed, top(fixed)), 1e-9);
  }

  @Test
  void repeatsStandWhereTheyShouldAndFillAWidthExactly() {
    Job one = Made.card(Made.rectangle("i1", 0, 0, 0.75, 0.5));
    Job filled = done(one, Shaping.repeat("f1", Set.of("i1"), new Pattern.Fill(5, 0.2)));
    Box box = Measure.bounds(new Forms(filled).outline(top(filled))).orElseThrow();
    assertEquals(5, box.width(), 1e-9, "the last one ends where the width does");
    assertEquals(5, Scene.of(filled.faces().get(0)).leaves().size(), "5 x 0.75 and 4 gaps of 0.3125");
    Job round = done(one, Shaping.repeat("f1", Set.of("i1"), new Pattern.Round(12, new Point(2, 3), true, false)));
    for (SceneNode placed : Scene.of(round.faces().get(0)).leaves()) {
      Point middle = placed.toFace().apply(new Point(0.375, 0.25));
      assertEquals(new Point(2, 3).distance(new Point(0.375, 0.25)), middle.distance(new Point(2, 3)), 1e-9);
    }
    Job along = done(one, Shaping.repeat("f1", Set.of("i1"), new Pattern.Along(Shapes.line(new Point(0, 0), new Point(4, 0)), 5, true)));
    assertEquals(4.75, Measure.bounds(new Forms(along).outline(top(along))).orElseThrow().width(), 1e-9);
    Job apart = done(round, Shaping.permanent("f1", Set.of(top(round).id())));
    assertEquals(12, top(apart).members().size());
    assertEquals(area(round, top(round)), area(apart, top(apart)), 1e-6);
  }

  @Test
  void brokenApartThePiecesAreListedTheLargestFirstAndSmallOnesGoAtOnce() {
    Job job = done(two(), Shaping.apart("f1", Set.of("i1", "i2")));
    List<Item> pieces = job.faces().get(0).items();
    assertEquals(3, pieces.size());
    assertEquals(List.of("Piece 1, 2 × 2 in", "Piece 2, 2 × 2 in", "Piece 3, 1 × 1 in"),
        pieces.stream().map(i -> i.properties().name()).toList());
    Set<String> small = Shaping.smaller(job, pieces, 1.5);
    assertEquals(Set.of(pieces.get(2).id()), small);
    assertEquals(2, done(job, Edits.remove("f1", small)).faces().get(0).items().size());
  }

  @Test
  void linesBecomeShapesOfTheirPaint() {
    ItemShape line = Made.rectangle("i1", 1, 1, 2, 2).filled(Optional.empty()).withLine(Optional.of(LineLook.of(14.4, Colour.BLACK)));
    Job job = done(Made.card(line), Shaping.linesToShapes("f1", Set.of("i1")));
    assertEquals(2.2 * 2.2 - 1.8 * 1.8, area(job, top(job)), 1e-2);
    Job inside = done(Made.card(line.withLine(line.line().map(l -> l.withSide(LineSide.INSIDE)))),
        Shaping.linesToShapes("f1", Set.of("i1")));
    assertEquals(4 - 1.6 * 1.6, area(inside, top(inside)), 1e-2);
  }

  @Test
  void mirrorsAndSlantsAreExactAndUndoThemselves() {
    Job job = Made.card(Made.drawn("i1"), Made.words("i2", "Beans", 1, 3, 2, 1, Made.style("Figtree", "Regular", 20)));
    Job twice = done(job, Resizing.flip("f1", Set.of("i1", "i2"), 90, new Point(2, 2)),
        Resizing.flip("f1", Set.of("i1", "i2"), 90, new Point(2, 2)));
    for (int i = 0; i < 2; i++) {
      Placement was = job.faces().get(0).items().get(i).placement();
      Placement is = twice.faces().get(0).items().get(i).placement();
      assertEquals(was.x(), is.x(), 1e-9);
      assertTrue(!is.flipped() && Math.abs(is.turn() - was.turn()) < 1e-9);
    }
    Job once = done(job, Resizing.flip("f1", Set.of("i1"), 90, new Point(2, 2)));
    Box before = Measure.bounds(new Forms(job).outline(job.faces().get(0).items().get(0))).orElseThrow();
    Box after = Measure.bounds(new Forms(once).outline(once.faces().get(0).items().get(0))).orElseThrow();
    assertEquals(4 - before.right(), after.x(), 1e-9);
    Job slanted = done(Made.card(Made.rectangle("i1", 1, 1, 2, 1)), Resizing.slant("f1", Set.of("i1"), 30));
    assertEquals(2, area(slanted, top(slanted)), 1e-9, "a shear keeps the area");
    assertEquals(2 + Math.tan(Math.toRadians(30)), top(slanted).placement().around().width(), 1e-9);
    Job held = done(Made.card(Made.rectangle("i1", 1, 1, 2, 1).with(new Placement(1, 1, 2, 1, 20, 15, true)),
        Made.rectangle("i2", 4, 4, 1, 1)), Grouping.group("f1", Set.of("i1", "i2")));
    Job squashed = done(held, Edits.place("f1", Set.of(top(held).id()), "edit.resize", p -> Reshape.widened(p, p.width() * 1.7, false)));
    double seen = Extent.area(new Forms(squashed).silhouette(Scene.of(squashed.faces().get(0)).leaves().get(0)));
    Job free = done(squashed, Grouping.ungroup("f1", Set.of(top(held).id())));
    assertEquals(seen, area(free, free.faces().get(0).items().get(0)), 1e-9, "nothing is lost when a squashed group is let go");
  }

  @Test
  void aPatternRunsOverTileEdgesWithoutASeam() {
    ItemShape ground = Made.rectangle("i1", 0, 0, 4, 3);
    ItemShape dot = Made.ellipse("i2", 1, 1, 0.5, 0.5).filled(Optional.of(Made.BEET));
    Job job = done(Made.card(ground, dot), Shaping.pattern("f1", Set.of("i1", "i2"), FillStyle.Laying.BRICK, 0.25));
    FillStyle.Tiles tiles = (FillStyle.Tiles) ((ItemShape) top(job)).fillStyle().orElseThrow();
    assertEquals(0.75, tiles.tile().width(), 1e-12);
    RecordingOut out = new RecordingOut();
    Imposition.bench(job, job.faces().get(0)).marks().accept(out);
    assertTrue(out.lines().stream().filter(l -> l.startsWith("fill " + Made.BEET.hex())).count() >= 24, out.lines().toString());
    assertTrue(out.lines().stream().anyMatch(l -> l.startsWith("clip")));
  }
}
