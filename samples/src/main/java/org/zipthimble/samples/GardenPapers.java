package org.zipthimble.samples;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.arrange.FormGrid;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.job.Columns;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.FaceForm;
import org.zipthimble.core.job.Fold;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetMarks;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.SheetStock;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.units.Size;

/** The bookmark, the thank-you card's front, the sowing list and the colouring page. */
final class GardenPapers {
  private static final double BLEED = 0.125;
  private static final Point ORIGIN = new Point(0, 0);

  private GardenPapers() {}

  static Job bookmark() {
    SampleFace d = new SampleFace();
    d.fill("Paper tint", new Box(-BLEED, -BLEED, 2, 7.25), SampleFace.PAPER);
    d.fill("Green foot", new Box(-BLEED, 5.6, 2, 1.525), SampleFace.GREEN);
    d.frame("Brass border", new Box(0.16, 0.16, 1.43, 5.3), 0.08, 0.75, SampleFace.BRASS);
    d.ornament("Fern", new Point(0.9, 1.85), 0.72, 0);
    d.words("Library name", "Marrowfield\nSeed Library", new Box(0.2, 3.55, 1.35, 0.62), "Fraunces", "Semibold Italic", 14, 0,
        Align.CENTRE, SampleFace.BEET);
    d.ornament("Bean divider", new Point(0.875, 4.35), 1.1, 0);
    d.words("Motto", "Borrow a seed,\nbring back a handful", new Box(0.2, 4.5, 1.35, 0.5), "Alegreya", "Italic", 10, 0, Align.CENTRE,
        SampleFace.INK);
    d.ornament("Kidney bean", new Point(0.5, 6.2), 0.3, -18);
    d.ornament("Pea", new Point(0.875, 6.3), 0.22, 0);
    d.ornament("Pumpkin seed", new Point(1.24, 6.2), 0.22, 16);
    d.words("Foot", "SPRING SWAP 13 MARCH", new Box(0.15, 6.55, 1.45, 0.2), "Figtree", "Semibold", 6.5, 80, Align.CENTRE, SampleFace.PAPER);
    Face front = d.face("f1", "front").withGuides(new Guides(List.of(Guide.down(0.875).withAxis(true)), Optional.empty()));
    d.fill("Green ground", new Box(-BLEED, -BLEED, 2, 7.25), SampleFace.GREEN);
    d.fill("Paper panel", new Box(0.25, 0.3, 1.25, 6.4), SampleFace.PAPER);
    d.words("Heading", "This book goes back on", new Box(0.32, 0.45, 1.11, 0.5), "Fraunces", "Italic", 11, 0, Align.CENTRE,
        SampleFace.BEET);
    d.put(d.named(FormGrid.lines(1, new Box(0.4, 0.95, 0.95, 4.2), 14, LineLook.of(0.5, SampleFace.BRASS))));
    d.ornament("Sprout divider", new Point(0.875, 5.7), 1, 0);
    d.words("Where", "The Old Drying Barn\nMill Lane", new Box(0.32, 6, 1.11, 0.5), "Alegreya", "Regular", 9.5, 0, Align.CENTRE,
        SampleFace.INK);
    return SampleFace.job("Seed library bookmark", "Bookmark", 16, new Size(1.75, 7), BLEED, "Card 300 g/m²", 200,
        List.of(front, d.face("f2", "back")))
        .withSheet(new SheetPlan(true, new Size(11, 17), true, Optional.of(Gang.USUAL.withBacks(Gang.Backs.LONG_EDGE)),
        new SheetMarks(true, false, false, false, true), SheetStock.UNKNOWN));
  }

  /** A card that is folded in half: the outside with the front at the right, and the inside. */
  static Job thanks() {
    SampleFace d = new SampleFace();
    d.fill("Paper tint", new Box(-BLEED, -BLEED, 8.75, 5.75), SampleFace.PAPER);
    d.ornament("Leaf wreath", new Point(6.375, 2.35), 3.5, 0);
    d.words("Thanks", "Thank you", new Box(4.95, 1.75, 2.85, 0.85), "Great Vibes", "Regular", 42, 0, Align.CENTRE, SampleFace.BEET);
    d.words("For", "for the beans", new Box(5.15, 2.6, 2.45, 0.36), "Alegreya", "Italic", 16, 0, Align.CENTRE, SampleFace.INK);
    d.ornament("Bean border", new Point(6.375, 4.75), 3.6, 0);
    d.words("Library", "MARROWFIELD SEED LIBRARY", new Box(4.75, 4.98, 3.25, 0.22), "Figtree", "Semibold", 7.5, 220, Align.CENTRE,
        SampleFace.INK);
    d.ornament("Kidney bean", new Point(2.125, 4.6), 0.34, -18);
    d.words("Where", "The Old Drying Barn, Mill Lane", new Box(0.6, 4.85, 3.05, 0.26), "Alegreya", "Italic", 10, 0, Align.CENTRE,
        SampleFace.INK);
    Face outside = d.face("f1", "outside").withForm(FaceForm.USUAL.withFold(Optional.of(Fold.of(Fold.Kind.HALF))));
    d.fill("Paper tint", new Box(-BLEED, -BLEED, 8.75, 5.75), SampleFace.PAPER);
    d.words("Greeting", "Dear friends of the plot,\nevery seed you brought back is asleep in its packet until spring.",
        new Box(4.75, 1.2, 3.25, 1.9), "Alegreya", "Regular", 15, 0, Align.CENTRE, SampleFace.INK);
    d.ornament("Sprout divider", new Point(6.375, 3.35), 2, 0);
    d.words("Greetings", "The Marrowfield librarians", new Box(4.75, 3.6, 3.25, 0.3), "Alegreya", "Italic", 12, 0, Align.CENTRE,
        SampleFace.BEET);
    d.ornament("Fern", new Point(2.125, 2.75), 1.4, 8);
    Face inside = d.face("f2", "inside").withForm(FaceForm.USUAL.withFold(Optional.of(Fold.of(Fold.Kind.HALF).withOutside(false))));
    return SampleFace.job("Thank-you card, folded", "Folded card", 17, new Size(8.5, 5.5), BLEED, "Card 270 g/m², folded", 80,
        List.of(outside, inside))
        .withSheet(new SheetPlan(true, new Size(8.5, 11).swapped(), true));
  }

  /** One row is drawn and repeated by number; the table and the lines come by number too. */
  static Job sowing() {
    SampleFace d = new SampleFace();
    d.words("Title", "What we sow", new Box(0.75, 0.6, 4.6, 0.7), "Fraunces", "Semibold Italic", 36, 0, Align.LEFT, SampleFace.BEET);
    d.words("Sub", "Marrowfield Seed Library · plot and year", new Box(0.75, 1.3, 3.6, 0.3), "Alegreya", "Italic", 14, 0, Align.LEFT,
        SampleFace.INK);
    d.put(d.named(FormGrid.lines(1, new Box(4.45, 1.2, 3.3, 0.36), 1, LineLook.of(0.75, SampleFace.BRASS))));
    d.ornament("Seed packet", new Point(7.2, 0.78), 0.5, 8);
    String[] heads = {"seed", "from", "sown", "up", "picked"};
    for (int i = 0; i < heads.length; i++) {
      d.words("Head: " + heads[i], heads[i], new Box(1.15 + i * 1.32, 1.82, 1.3, 0.24), "Figtree", "Semibold", 10, 40, Align.LEFT,
          SampleFace.GREEN);
    }
    d.put(d.named(FormGrid.table(1, new Box(1.1, 2.1, 6.6, 7.68), 5, 16, LineLook.of(0.75, SampleFace.INK))));
    d.frame("Tick box", new Box(0.78, 2.26, 0.2, 0.2), 0.03, 0.75, SampleFace.BRASS);
    Face row = d.face("f1", "list");
    Item box = row.items().get(row.items().size() - 1);
    Job job = SampleFace.job("Seed-sowing list", "Letter page", 18, new Size(8.5, 11), 0, "Plain paper", 30, List.of(row));
    Job ruled = Copies.grid("f1", Set.of(box.id()), 1, 16, 0.25, 0.28).change().apply(job);
    Guides guides = new Guides(List.of(Guide.down(0.75)), Optional.of(new Columns(1, 1, 0.75, 0.6, 0.75, 0.75, 0)));
    return ruled.changed("f1", face -> face.withGuides(guides));
  }

  static Job colouring() {
    SampleFace d = new SampleFace();
    Point c = new Point(4.25, 5.2);
    LineLook line = LineLook.of(1.25, SampleFace.INK);
    rings(d, c);
    ring(d, c, "Inner petal", leaf(0.5, 1.15, 0.42), 12, 0, line);
    ring(d, c, "Bean", bean(1.42), 12, 15, line);
    ring(d, c, "Round leaf", leaf(1.75, 2.55, 0.62), 16, 0, line);
    ring(d, c, "Seed", dot(2.35, 0.11), 16, 11.25, line);
    ring(d, c, "Outer petal", leaf(2.7, 3.45, 0.5), 24, 7.5, line);
    ring(d, c, "Berry", dot(3.32, 0.1), 24, 0, line);
    d.words("Title", "Colour the seed wheel", new Box(1.25, 0.55, 6, 0.6), "Fraunces", "Italic", 28, 0, Align.CENTRE, SampleFace.INK);
    d.words("Name", "My name is", new Box(1.25, 9.6, 1.3, 0.36), "Alegreya", "Regular", 16, 0, Align.LEFT, SampleFace.INK);
    d.put(d.named(FormGrid.lines(1, new Box(2.55, 9.5, 4.7, 0.4), 1, LineLook.of(0.75, SampleFace.INK))));
    return SampleFace.job("Seed wheel to colour", "Colouring page", 19, new Size(8.5, 11), 0, "Drawing paper", 40,
        List.of(d.face("f1", "page")));
  }

  private static void rings(SampleFace d, Point c) {
    for (double r : new double[] {0.45, 1.2, 1.65, 2.65, 3.5}) {
      d.put(d.art.lined("Ring", Shapes.ellipse(new Box(c.x() - r, c.y() - r, 2 * r, 2 * r)), 1.25, SampleFace.INK));
    }
  }

  private static void ring(SampleFace d, Point c, String name, Path one, int times, double from, LineLook line) {
    List<Item> members = new java.util.ArrayList<>();
    for (int i = 0; i < times; i++) {
      Affine place = Affine.turn(from + 360.0 * i / times, ORIGIN).then(Affine.move(c.x(), c.y()));
      members.add(d.art.lined(name, one.mapped(place), line.widthPt(), line.colour()));
    }
    d.put(d.art.group(name + " ring", members));
  }

  private static Path leaf(double from, double to, double width) {
    double length = to - from;
    return SeedArt.leaf(length, length * width).mapped(Affine.move(from, 0));
  }

  private static Path bean(double at) {
    return SeedArt.bean().mapped(Affine.move(-0.5, -0.36).then(Affine.scale(0.3, 0.3)).then(Affine.turn(90, ORIGIN))
        .then(Affine.move(at, 0)));
  }

  private static Path dot(double at, double radius) {
    return Shapes.ellipse(new Box(at - radius, -radius, 2 * radius, 2 * radius));
  }
}
