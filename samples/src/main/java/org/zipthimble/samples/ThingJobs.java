package org.zipthimble.samples;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.LiveGroups;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.store.PressShelf;
import org.zipthimble.core.store.ThingShelf;
import org.zipthimble.core.thing.Laid;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.units.Size;

/**
 * Jobs for the heat press: a mug with a border that meets itself, a tapered tumbler, bookmarks and a panel of metal, a plate, a shirt.
 * Each has its press card.
 */
final class ThingJobs {
  private static final double OVER = 0.125;
  private static final Colour CREAM = Colour.of(0xFBF0D9);

  private ThingJobs() {}

  private static Thing thing(String key) {
    return ThingShelf.shipped(key).orElseThrow();
  }

  /** Puts a job onto a thing of the catalogue, with the press card that goes with it. */
  static Job on(String key, Job job) {
    Thing thing = thing(key);
    Job put = ThingEdits.put(thing).change().apply(job);
    return ThingEdits.card(PressShelf.shipped().stream().filter(c -> c.key().equals(thing.press())).findFirst()).change().apply(put);
  }

  private static Size size(String key) {
    return Laid.of(thing(key).body()).size();
  }

  private static Job pressed(String key, String name, int number, String stock, int quantity, SampleFace d) {
    return on(key, SampleFace.job(name, thing(key).title(), number, size(key), OVER, stock, quantity, List.of(d.face("f1", "wrap"))));
  }

  /** A row of one ornament, to be made to meet. */
  private static void row(SampleFace d, Job with, String ornament, double y, double width, double turn, int count, double gap) {
    Item one = d.drawn(ornament, new Point(0.35, y), width, turn);
    d.put(LiveGroups.of(with, d.art.properties(ornament + " row"), List.of(one),
        new LiveEffect.Repeated(new Pattern.Grid(count, 1, gap, 0, false))));
  }

  static Job mug() {
    String key = "handleless-mug";
    Size size = size(key);
    double w = size.width();
    double h = size.height();
    Job blank = SampleFace.job("Mug wrap", thing(key).title(), 51, size, OVER, "Transfer paper, letter", 1,
        List.of(new SampleFace().face("f1", "wrap")));
    SampleFace d = new SampleFace();
    d.fill("Ground", new Box(-OVER, -OVER, w + 2 * OVER, h + 2 * OVER), CREAM);
    d.fill("Upper band", new Box(-OVER, 0.3, w + 2 * OVER, 0.55), SampleFace.GREEN);
    d.fill("Lower band", new Box(-OVER, h - 0.85, w + 2 * OVER, 0.55), SampleFace.GREEN);
    row(d, blank, "Kidney bean", 0.575, 0.3, -20, 18, 0.22);
    row(d, blank, "Kidney bean", h - 0.575, 0.3, 20, 18, 0.22);
    double c = w / 2;
    d.ornament("Fern", new Point(c - 2.1, h / 2), 0.62, -8);
    d.ornament("Fern", new Point(c + 2.1, h / 2), 0.62, 8);
    d.words("Name", "Marrowfield\nSeed Library", new Box(c - 1.6, h / 2 - 0.7, 3.2, 1.08), "Fraunces", "Semibold Italic", 30, 0,
        Align.CENTRE, SampleFace.BEET);
    d.words("Motto", "borrow a seed, bring back a handful", new Box(c - 1.7, h / 2 + 0.44, 3.4, 0.28), "Figtree", "Semibold", 11.5, 0,
        Align.CENTRE, SampleFace.INK);
    d.ornament("Sprout divider", new Point(2.2, h / 2), 1.5, 0);
    d.ornament("Sprout divider", new Point(w - 2.2, h / 2), 1.5, 0);
    Job job = pressed(key, "Mug wrap", 51, "Transfer paper, letter", 6, d);
    Job met = ThingEdits.meet("f1").change().apply(job);
    return met.withSheet(new SheetPlan(true, new Size(11, 8.5), true));
  }

  static Job tumbler() {
    String key = "tapered-tumbler-20";
    Size size = size(key);
    double w = size.width();
    double h = size.height();
    SampleFace d = new SampleFace();
    FillStyle dusk = new FillStyle.Gradient(false, 90,
        List.of(new FillStyle.Stop(0, Colour.of(0xF3E3B8)), new FillStyle.Stop(0.55, Colour.of(0xCFE0B4)),
        new FillStyle.Stop(1, Colour.of(0x6E9A63))));
    d.put(ItemShape.of(d.art.properties("Sky to field"), Placement.of(new Box(-OVER, -OVER, w + 2 * OVER, h + 2 * OVER)),
        new Outline.Rectangle(0), Optional.of(SampleFace.PAPER), Optional.empty())
        .withFillStyle(Optional.of(dusk)));
    d.fill("Upper line", new Box(-OVER, 0.5, w + 2 * OVER, 0.05), SampleFace.GREEN);
    d.fill("Lower line", new Box(-OVER, h - 0.5, w + 2 * OVER, 0.05), SampleFace.GREEN);
    double c = w / 2;
    d.ornament("Leaf wreath", new Point(c, h / 2), 3.9, 0);
    d.words("Words", "grown\nfrom a\nhandful", new Box(c - 1.3, h / 2 - 1.1, 2.6, 2.25), "Fraunces", "Semibold Italic", 42, 0,
        Align.CENTRE, SampleFace.BEET);
    for (double at : new double[] {-3.25, 3.25}) {
      d.ornament("Fern", new Point(c + at, h / 2), 1.0, at < 0 ? -6 : 6);
    }
    d.words("Name", "MARROWFIELD SEED LIBRARY", new Box(c - 2.2, h - 0.98, 4.4, 0.3), "Josefin Sans", "Semibold", 15, 180, Align.CENTRE,
        SampleFace.INK);
    d.words("Volunteer", "for everyone who turned a bed", new Box(c - 2, 0.66, 4, 0.32), "Figtree", "Semibold", 13, 20, Align.CENTRE,
        SampleFace.INK);
    return pressed(key, "Tumbler wrap, tapered", 52, "Transfer paper, 13 × 19", 4, d)
        .withSheet(new SheetPlan(true, new Size(13, 19), true));
  }

  static Job bookmarks() {
    SampleFace d = new SampleFace();
    d.fill("Ground", new Box(-OVER, -OVER, 1.25 + 2 * OVER, 4.75 + 2 * OVER), SampleFace.GREEN);
    d.fill("Panel", new Box(0.14, 0.62, 0.97, 3.98), CREAM);
    d.frame("Border", new Box(0.19, 0.67, 0.87, 3.88), 0.06, 0.75, SampleFace.BRASS);
    d.ornament("Fern", new Point(0.625, 1.6), 0.5, 0);
    d.words("Name", "Marrow-\nfield", new Box(0.13, 2.42, 0.99, 0.62), "Fraunces", "Semibold Italic", 14, 0, Align.CENTRE, SampleFace.BEET);
    d.ornament("Bean divider", new Point(0.625, 3.16), 0.72, 0);
    d.words("Motto", "read a row,\nsow a row", new Box(0.2, 3.32, 0.85, 0.5), "Figtree", "Semibold", 8, 0, Align.CENTRE, SampleFace.INK);
    d.ornament("Kidney bean", new Point(0.48, 4.16), 0.22, -18);
    d.ornament("Pea", new Point(0.78, 4.18), 0.16, 0);
    Gang two = Gang.USUAL.withGutter(0.375);
    return pressed("metal-bookmark", "Metal bookmarks", 53, "Transfer paper, 5 × 7", 2, d)
        .withSheet(new SheetPlan(true, new Size(5, 7), true, Optional.of(two)));
  }

  static Job panel() {
    SampleFace d = new SampleFace();
    d.fill("Ground", new Box(-OVER, -OVER, 12.25, 6.25), SampleFace.GREEN);
    d.fill("Field", new Box(0.35, 0.9, 11.3, 4.2), CREAM);
    d.frame("Border", new Box(0.5, 1.05, 11, 3.9), 0.15, 2, SampleFace.BRASS);
    d.words("Word", "SEED LIBRARY", new Box(0.8, 1.5, 10.4, 1.5), "Fraunces", "Bold", 84, 20, Align.CENTRE, SampleFace.BEET);
    d.words("Where", "the old drying barn · mill lane", new Box(0.8, 3.05, 10.4, 0.56), "Alegreya", "Italic", 28, 0, Align.CENTRE,
        SampleFace.INK);
    d.ornament("Bean border", new Point(6, 4.2), 7.2, 0);
    d.words("Top", "MARROWFIELD", new Box(2, 0.28, 8, 0.4), "Josefin Sans", "Bold", 24, 320, Align.CENTRE, CREAM);
    d.words("Foot", "borrow a seed, bring back a handful", new Box(2, 5.3, 8, 0.42), "Figtree", "Bold", 18, 20, Align.CENTRE, CREAM);
    d.ornament("Kidney bean", new Point(1.3, 4.2), 0.55, -18);
    d.ornament("Kidney bean", new Point(10.7, 4.2), 0.55, 18);
    return pressed("metal-panel-12-6", "Metal panel, 12 × 6", 54, "Transfer paper, 13 × 19", 1, d)
        .withSheet(new SheetPlan(true, new Size(19, 13), true));
  }

  static Job shirt() {
    SampleFace d = new SampleFace();
    d.words("Marrowfield", "Marrowfield", new Box(0.4, 1.4, 10.2, 1.7), "Figtree", "Bold", 90, 40, Align.CENTRE, SampleFace.BEET);
    d.words("Seed library", "SEED LIBRARY", new Box(0.5, 7.3, 10, 1.1), "Figtree", "Bold", 56, 60, Align.CENTRE, SampleFace.GREEN);
    d.words("Crew", "swap crew", new Box(2, 8.6, 7, 1.2), "Figtree", "Bold", 58, 60, Align.CENTRE, SampleFace.BEET);
    for (int i = 0; i < 7; i++) {
      Affine lie = Affine.scale(1.05, 1.05).then(Affine.turn(i % 2 == 0 ? -20 : 20, new Point(0, 0)))
          .then(Affine.move(2 + i * 7.0 / 6, 5 + (i % 2 == 0 ? 0.5 : -0.5)));
      d.put(Drawings.shape(d.art.properties("Bean " + (i + 1)), SeedArt.bean().mapped(lie), Optional.of(SampleFace.BEET),
          Optional.empty()));
    }
    Job job = on("shirt-front", SampleFace.job("Shirt for the swap crew", thing("shirt-front").title(), 55, size("shirt-front"), 0,
        "Iron-on film, two colours", 8, List.of(d.face("f1", "front"))));
    Lane beet = Lane.of("l1", "Beet film", Material.IRON_ON, SampleFace.BEET).withSupply(Supply.ROLL_12).withCost(0.05);
    Lane green = Lane.of("l2", "Leaf film", Material.IRON_ON, SampleFace.GREEN).withSupply(Supply.ROLL_12).withCost(0.05);
    Job laned = job.withCutting(CutPlan.NONE.withLanes(List.of(beet, green)));
    return laned.changed("f1", f -> f.withItems(f.items().stream().map(i -> cut(i, i.properties().name().startsWith("Seed") ? "l2" : "l1"))
        .toList()));
  }

  private static Item cut(Item item, String lane) {
    Item out = item.with(item.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane(lane).withKind(CutKind.KISS)));
    return out.holding(out.members().stream().map(m -> cut(m, lane)).toList());
  }
}
