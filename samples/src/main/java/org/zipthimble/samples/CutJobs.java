package org.zipthimble.samples;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Contrast;
import org.zipthimble.core.cut.Bridges;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.cut.Pieces;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.LiveGroups;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.CutEdge;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Finish;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Split;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.plan.Turns;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.work.Progress;

/** The window decal in three vinyls, and the stencil of the raised-bed sign. */
final class CutJobs {
  private static final Colour CREAM = Colour.of(0xF0E4C4);
  private static final Colour LEAF = Colour.of(0x5D8A4E);
  private static final Colour BEET = Colour.of(0x7A2E4A);
  private static final Colour FILM = Colour.of(0x9DB6C4);
  private static final Point MIDDLE = new Point(5.5, 7);
  private static final double GAP = 1.0 / 16;

  private CutJobs() {}

  private static ItemProperties properties(SampleFace d, String name, String lane, CutKind kind) {
    return d.art.properties(name).withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane(lane).withKind(kind));
  }

  private static HasOutline shape(ItemProperties properties, Path path, Colour colour) {
    return Drawings.shape(properties, path, Optional.of(colour), Optional.empty());
  }

  private static Look look(Colour colour) {
    return new Look(Optional.of(colour), Optional.empty());
  }

  private static HoldsWords words(ItemProperties properties, String text, Box box, String family, String style, double pt, double tracking,
      Colour colour) {
    return ItemWords.of(properties, Placement.of(box), text, new WordStyle(family, style, pt, 110, tracking, Align.CENTRE, colour));
  }

  /** A leaf from its stem at the left to its tip. */
  private static Path leaf(Point stem, double length, double width) {
    return Path.build().start(stem.x(), stem.y())
        .curve(stem.x() + length * 0.25, stem.y() - width * 0.68, stem.x() + length * 0.72, stem.y() - width * 0.62, stem.x() + length,
        stem.y())
        .curve(stem.x() + length * 0.78, stem.y() + width * 0.58, stem.x() + length * 0.3, stem.y() + width * 0.72, stem.x(), stem.y())
        .close().path();
  }

  /** Objects repeated round the middle of the decal, each copy a piece of its own. */
  private static Item round(SampleFace d, Job job, String name, Item one, int count, boolean mirrored) {
    ItemProperties properties = properties(d, name, one.properties().cutting().lane(), CutKind.KISS);
    ItemProperties apart = properties.withCutting(properties.cutting().withTogether(false));
    return LiveGroups.of(job, apart, List.of(one), new LiveEffect.Repeated(new Pattern.Round(count, MIDDLE, true, mirrored)));
  }

  static Job decal() {
    SampleFace d = new SampleFace();
    Job empty = SampleFace.job("Library window decal", "Window decal", 21, new Size(11, 14), 0, "Three vinyls", 1,
        List.of(Face.of("f1", "glass", List.of())));
    d.put(ground(d, empty));
    Item leaf = shape(properties(d, "Leaf", "l2", CutKind.KISS), leaf(new Point(9.05, 7.06), 1.62, 0.72), LEAF);
    d.put(round(d, empty, "Outer leaves", leaf, 18, false));
    Item small = shape(properties(d, "Small leaf", "l2", CutKind.KISS), leaf(new Point(8.42, 7.5), 0.78, 0.36), LEAF);
    d.put(round(d, empty, "Inner leaves", small, 18, true));
    ItemProperties seedling = d.art.properties("Seedling").withRole(Role.PRINTS);
    d.put(Grouping.of(seedling, List.of(bean(d), sprout(d))));
    Item name = words(properties(d, "Name", "l3", CutKind.KISS), "Marrowfield", new Box(2.2, 6.35, 6.6, 2), "Caveat", "Bold", 96, 0, BEET);
    d.put(LiveGroups.of(empty, properties(d, "Library name", "l3", CutKind.KISS), List.of(name),
        new LiveEffect.Combined(Way.JOIN, look(BEET))));
    d.put(words(properties(d, "Seed library", "l3", CutKind.KISS), "SEED LIBRARY", new Box(2.5, 7.98, 6, 0.75), "Josefin Sans", "Bold", 38,
        140, BEET));
    d.put(words(properties(d, "Hours", "l3", CutKind.KISS), "SWAP  SOW  SHARE", new Box(2.9, 8.82, 5.2, 0.7), "Josefin Sans", "Bold", 34,
        60, BEET));
    Face face = d.face("f1", "glass");
    return laid(empty.withFaces(List.of(face)).withCutting(plan()));
  }

  /** The cream ground: a round with bumps along its edge, joined and live. */
  private static Item ground(SampleFace d, Job job) {
    Path disc = Shapes.ellipse(new Box(MIDDLE.x() - 3.55, MIDDLE.y() - 3.55, 7.1, 7.1));
    Path bump = Shapes.ellipse(new Box(MIDDLE.x() + 3.55 - 0.62, MIDDLE.y() - 0.62, 1.24, 1.24));
    Item round = shape(properties(d, "Disc", "l1", CutKind.KISS), disc, CREAM);
    Item edge = LiveGroups.of(job, properties(d, "Bumps", "l1", CutKind.KISS),
        List.of(shape(properties(d, "Bump", "l1", CutKind.KISS), bump, CREAM)),
        new LiveEffect.Repeated(new Pattern.Round(18, MIDDLE, true, false)));
    return LiveGroups.of(job, properties(d, "Ground", "l1", CutKind.KISS), List.of(round, edge),
        new LiveEffect.Combined(Way.JOIN, look(CREAM)));
  }

  private static Item bean(SampleFace d) {
    Path bean = Path.build().start(4.35, 5.75)
        .curve(4.2, 5.05, 5.0, 4.75, 5.5, 5.0).curve(6.05, 4.7, 6.95, 4.95, 6.9, 5.75)
        .curve(6.85, 6.5, 6.15, 6.72, 5.6, 6.55).curve(5.05, 6.72, 4.5, 6.5, 4.35, 5.75).close().path();
    return shape(properties(d, "Bean", "l3", CutKind.KISS), bean, BEET);
  }

  /** The sprout grows out of the bean and clears a gap around itself in it. */
  private static Item sprout(SampleFace d) {
    Path sprout = Path.build().start(5.42, 5.9)
        .curve(5.38, 5.5, 5.4, 5.1, 5.44, 4.78).curve(4.9, 4.86, 4.3, 4.6, 4.22, 3.92).curve(4.85, 3.82, 5.4, 4.1, 5.56, 4.5)
        .curve(5.72, 3.98, 6.25, 3.62, 6.95, 3.76).curve(6.85, 4.44, 6.22, 4.84, 5.66, 4.76)
        .curve(5.6, 5.1, 5.6, 5.5, 5.64, 5.9).curve(5.6, 6.0, 5.46, 6.0, 5.42, 5.9).close().path();
    HasOutline shape = shape(properties(d, "Sprout", "l2", CutKind.KISS), sprout, LEAF);
    return shape.with(shape.properties().withClearGap(GAP));
  }

  /** The job with the pieces of every lane laid once, so that it opens with them in their places. */
  private static Job laid(Job job) {
    CutPlan plan = job.cutting();
    for (Lane lane : plan.lanes()) {
      plan = plan.laying(lane.id(), Layout.laid(Layout.nest(lane, Pieces.of(job, lane), job.cutting(), 0, Progress.SILENT, n -> { })));
    }
    return job.withCutting(plan);
  }

  private static CutPlan plan() {
    Lane cream = Lane.of("l1", "Cream", Material.CUT_VINYL, CREAM).withSupply(Supply.MAT_12).withUnderlay(Optional.of(1.0 / 32))
        .withCost(0.02);
    Lane leaf = Lane.of("l2", "Leaf green", Material.CUT_VINYL, LEAF).withSupply(Supply.MAT_12).withCost(0.03);
    Lane beet = Lane.of("l3", "Beet", Material.CUT_VINYL, BEET).withFinish(Finish.GLITTER).withSupply(Supply.MAT_12).withCost(0.045);
    return new CutPlan(List.of(cream, leaf, beet), 0.125, Turns.QUARTER, false, 0.25, 0, Optional.empty(), 0.01, false, true, Map.of(),
        Split.NONE);
  }

  static Job stencil() {
    SampleFace d = new SampleFace();
    Job empty = SampleFace.job("Raised-bed sign", "Stencil sign", 22, new Size(30, 9), 0, "Stencil film", 1,
        List.of(Face.of("f1", "sign", List.of())));
    d.put(row(d, empty, "Upper seeds", 0.75));
    d.put(words(properties(d, "Bed", "l1", CutKind.THROUGH), "BEANS & PEAS", new Box(0.5, 1.75, 29, 4.4), "Josefin Sans", "Bold", 262, 40,
        FILM));
    d.put(words(properties(d, "Owner", "l1", CutKind.THROUGH), "MARROWFIELD SEED LIBRARY", new Box(0.5, 6.0, 29, 1.7), "Josefin Sans",
        "Bold", 96, 90, FILM));
    d.put(row(d, empty, "Lower seeds", 7.85));
    Lane film = Lane.of("l1", "Stencil film", Material.STENCIL_FILM, FILM).withSupply(Supply.MAT_12);
    CutPlan plan = new CutPlan(List.of(film), 0.125, Turns.NONE, false, 0, 0, Optional.empty(), 0.01, false, false, Map.of(),
        new Split(true, List.of(), true, 0));
    Job job = empty.withFaces(List.of(d.face("f1", "sign"))).withCutting(plan);
    for (String name : List.of("Bed", "Owner")) {
      Item words = job.faces().get(0).items().stream().filter(i -> i.properties().name().equals(name)).findFirst().orElseThrow();
      double width = name.equals("Bed") ? 0.22 : 0.14;
      job = Shaping.bridged("f1", words.id(), Bridges.propose(new Forms(job).outline(words), width, 2)).change().apply(job);
    }
    return job;
  }

  /** Seeds in a row across the sign, as many as go in. */
  private static Item row(SampleFace d, Job job, String name, double y) {
    Item seed = ItemShape.of(properties(d, "Seed", "l1", CutKind.THROUGH), Placement.of(0.75, y, 0.62, 0.4, 0), new Outline.Ellipse(),
        Optional.of(FILM), Optional.empty());
    return LiveGroups.of(job, properties(d, name, "l1", CutKind.THROUGH), List.of(seed),
        new LiveEffect.Repeated(new Pattern.Fill(28.5, 0.5)));
  }

  /** Six round stickers on one sheet of sticker paper: printed first, then kiss cut round each by the registration marks. */
  static Job stickers() {
    SampleFace d = new SampleFace();
    Job empty = SampleFace.job("Jar lid stickers", "Sticker sheet", 23, new Size(6.5, 9), 0, "Sticker paper", 1,
        List.of(Face.of("f1", "sheet", List.of())));
    List<String> names = List.of("Ember Runner", "Tollgate Pea", "Saltmarsh Kale", "Lantern Squash", "Penny Beet", "Owl Poppy");
    List<String> seeds = List.of("Kidney bean", "Pea", "Fern", "Pumpkin seed", "Seed packet", "Leaf wreath");
    List<Colour> grounds = List.of(SampleFace.BEET, LEAF, SampleFace.GREEN, SampleFace.BRASS, BEET, SampleFace.PLUM);
    List<Item> all = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      all.add(sticker(d, new Point(1.7 + i % 2 * 3.1, 1.55 + i / 2 * 2.95), names.get(i), seeds.get(i), grounds.get(i)));
    }
    Lane paper = Lane.of("l1", "Sticker paper", Material.STICKER_PAPER, CREAM);
    CutPlan plan = new CutPlan(List.of(paper), 0.125, Turns.NONE, false, 0, 0, Optional.empty(), 0.01, false, false, Map.of(), Split.NONE);
    return empty.withFaces(List.of(Face.of("f1", "sheet", all))).withCutting(plan).withSheet(new SheetPlan(true, SheetPlan.LETTER, false));
  }

  private static Item sticker(SampleFace d, Point middle, String name, String seed, Colour colour) {
    double r = 1.3;
    d.put(ItemShape.of(d.art.properties("Ground"), Placement.of(new Box(middle.x() - r, middle.y() - r, 2 * r, 2 * r)),
        new Outline.Ellipse(),
        Optional.of(colour), Optional.empty()));
    double in = r - 0.14;
    d.put(ItemShape.of(d.art.properties("Ring"), Placement.of(new Box(middle.x() - in, middle.y() - in, 2 * in, 2 * in)),
        new Outline.Ellipse(),
        Optional.of(CREAM), Optional.empty()));
    d.ornament(seed, new Point(middle.x(), middle.y() - 0.42), seed.equals("Fern") ? 0.26 : seed.equals("Seed packet") ? 0.42 : 0.66, 0);
    d.words("Variety", name, new Box(middle.x() - 1.1, middle.y() + 0.08, 2.2, 0.46), "Fraunces", "Semibold Italic", 20, 0, Align.CENTRE,
        Contrast.ratio(colour, CREAM) < Contrast.LEAST_LARGE ? SampleFace.INK : colour);
    d.words("From", "MARROWFIELD", new Box(middle.x() - 0.9, middle.y() + 0.52, 1.8, 0.3), "Josefin Sans", "Bold", 9, 140, Align.CENTRE,
        SampleFace.INK);
    ItemProperties properties = d.art.properties("Sticker " + name).withRole(Role.PRINTS_AND_CUTS)
        .withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS).along(CutEdge.ART, 0).withSpread(1.0 / 16));
    return Grouping.of(properties, d.face("f1", "sheet").items());
  }
}
