package org.zipthimble.samples;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.bring.TableIn;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Split;
import org.zipthimble.core.plan.Turns;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Standing;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Demo jobs that are filled from lists. */
final class ListJobs {
  private static final double BLEED = 0.125;

  private ListJobs() {}

  private static Paragraph line(WordStyle style, Run... runs) {
    return new Paragraph(List.of(runs), style.paragraph(), Optional.empty());
  }

  private static Run column(String name, WordStyle style) {
    return new Run("", style.letters(), Optional.empty(), Optional.of(new FieldUse(name, "")));
  }

  /** Place cards for the supper; one name is too long for its card, and a guest without a dish has no line for it. */
  static Job placeCards() throws Trouble {
    SampleFace d = new SampleFace();
    d.fill("Ground", new Box(-BLEED, -BLEED, 3.75, 2.25), SampleFace.PAPER);
    d.frame("Border", new Box(0.14, 0.14, 3.22, 1.72), 0.1, 1, SampleFace.BRASS);
    d.ornament("Fern", new Point(0.45, 1.45), 0.3, 25);
    d.ornament("Fern", new Point(3.05, 1.45), 0.3, -25);
    WordStyle name = new WordStyle("Fraunces", "Semibold Italic", 21, 110, 0, Align.CENTRE, SampleFace.BEET);
    WordStyle small = new WordStyle("Figtree", "Regular", 9, 140, 0, Align.CENTRE, SampleFace.INK);
    HoldsWords names = ItemWords.of(d.art.properties("Guest"), Placement.of(0.5, 0.4, 2.5, 0.72, 0), "", name)
        .withStory(new Story(List.of(line(name, column("name", name)))));
    d.put(names.withSetting(BlockSetting.PLAIN.withStanding(Standing.MIDDLE)));
    Story where = new Story(List.of(line(small, column("dish", small)),
        line(small, Run.of("table ", small.letters()), column("table", small))));
    d.put(ItemWords.of(d.art.properties("Where"), Placement.of(0.75, 1.25, 2, 0.5, 0), "", small).withStory(where));
    Job job = SampleFace.job("Place cards for the supper", "Place card", 46, new Size(3.5, 2), BLEED, "Card 300 g/m²", 12,
        List.of(d.face("f1", "card")));
    SheetPlan sheet = new SheetPlan(true, SheetPlan.LETTER, true, Optional.of(Gang.USUAL));
    return ListEdits.take(list("place-cards.xlsx")).change().apply(job.withSheet(sheet));
  }

  /**
   * Labels for jars, one for each variety of a list: printed several on a sheet of sticker paper, then kiss cut round each by the marks of
   * the sheet.
   */
  static Job jarLabels() throws Trouble {
    SampleFace d = new SampleFace();
    Outline rounded = new Outline.Rectangle(0.15);
    HasOutline ground = ItemShape.of(d.art.properties("Ground"), Placement.of(0, 0, 2, 1.25, 0), rounded, Optional.of(SampleFace.PAPER),
        Optional.empty());
    d.put(ground.with(ground.properties().withRole(Role.PRINTS_AND_CUTS)
        .withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS).withSpread(0.06))));
    d.frame("Border", new Box(0.1, 0.1, 1.8, 1.05), 0.1, 0.75, SampleFace.GREEN);
    d.ornament("Seed packet", new Point(0.32, 0.62), 0.2, -8);
    d.put(ItemShape.of(d.art.properties("Rule"), Placement.of(0.75, 0.68, 0.75, 0, 0), new Outline.Straight(), Optional.empty(),
        Optional.of(LineLook.of(0.5, SampleFace.BRASS))));
    WordStyle variety = new WordStyle("Fraunces", "Semibold", 13, 105, 0, Align.CENTRE, SampleFace.BEET);
    WordStyle note = new WordStyle("Alegreya", "Italic", 8.5, 120, 0, Align.CENTRE, SampleFace.INK);
    d.put(ItemWords.of(d.art.properties("Variety"), Placement.of(0.45, 0.2, 1.35, 0.46, 0), "", variety)
        .withStory(new Story(List.of(line(variety, column("variety", variety)))))
        .withSetting(BlockSetting.PLAIN.withStanding(Standing.MIDDLE)));
    Story below = new Story(List.of(line(note, column("note", note)), line(note, Run.of("saved ", note.letters()), column("year", note))));
    d.put(ItemWords.of(d.art.properties("Note"), Placement.of(0.45, 0.7, 1.35, 0.36, 0), "", note).withStory(below));
    Lane paper = Lane.of("l1", "Sticker paper", Material.STICKER_PAPER, SampleFace.PAPER);
    CutPlan plan = new CutPlan(List.of(paper), 0.125, Turns.NONE, false, 0, 0, Optional.empty(), 0.01, false, false, Map.of(), Split.NONE);
    SheetPlan sheet = new SheetPlan(true, SheetPlan.LETTER, false, Optional.of(Gang.USUAL));
    Job job = SampleFace.job("Jar labels from a list", "Jar label", 47, new Size(2, 1.25), 0, "Sticker paper", 24,
        List.of(d.face("f1", "label"))).withCutting(plan).withSheet(sheet);
    return ListEdits.take(list("jar-labels.csv")).change().apply(job);
  }

  /** A thousand raffle tickets with numbers that run on through the piles of cut sheets. */
  static Job tickets() throws Trouble {
    SampleFace d = new SampleFace();
    d.fill("Ground", new Box(-BLEED, -BLEED, 4, 2.125), SampleFace.PAPER);
    d.fill("Stub", new Box(-BLEED, -BLEED, 1.075, 2.125), SampleFace.GREEN);
    d.put(ItemShape.of(d.art.properties("Tear line"), Placement.of(0.95, 0, 1.875, 0, 90), new Outline.Straight(), Optional.empty(),
        Optional.of(LineLook.of(0.75, SampleFace.BRASS).withDashesPt(List.of(3.0, 2.0)))));
    d.ornament("Leaf wreath", new Point(2.35, 0.98), 1.5, 0);
    d.ornament("Kidney bean", new Point(1.3, 1.5), 0.26, -18);
    d.ornament("Pea", new Point(3.4, 1.5), 0.2, 12);
    WordStyle small = new WordStyle("Figtree", "Semibold", 7, 110, 90, Align.CENTRE, SampleFace.INK);
    d.put(ItemWords.of(d.art.properties("Library"), Placement.of(1.15, 0.16, 2.4, 0.18, 0), "MARROWFIELD SEED LIBRARY", small));
    d.put(ItemWords.of(d.art.properties("Raffle"), Placement.of(1.75, 0.6, 1.2, 0.3, 0), "Harvest raffle",
        new WordStyle("Fraunces", "Semibold Italic", 13, 100, 0, Align.CENTRE, SampleFace.BEET)));
    WordStyle number = new WordStyle("Fraunces", "Semibold", 22, 100, 20, Align.CENTRE, SampleFace.INK);
    d.put(ItemWords.of(d.art.properties("Number"), Placement.of(1.65, 0.9, 1.4, 0.42, 0), "", number)
        .withStory(new Story(List.of(line(number, column("number", number))))));
    WordStyle stub = new WordStyle("Fraunces", "Semibold", 15, 100, 20, Align.CENTRE, SampleFace.PAPER);
    d.put(ItemWords.of(d.art.properties("Number on the stub"), Placement.of(0.1, 0.55, 0.75, 0.3, 0), "", stub)
        .withStory(new Story(List.of(line(stub, column("number", stub))))));
    WordStyle set = new WordStyle("Figtree", "Semibold", 8, 130, 0, Align.CENTRE, SampleFace.PAPER);
    d.put(ItemWords.of(d.art.properties("Set"), Placement.of(0.1, 0.95, 0.75, 0.4, 0), "", set)
        .withStory(new Story(List.of(line(set, Run.of("set ", set.letters()), column("set", set)), line(set, column("seed", set))))));
    Job job = SampleFace.job("Raffle tickets", "Raffle ticket", 48, new Size(3.75, 1.875), BLEED, "Card 200 g/m²", 1000,
        List.of(d.face("f1", "ticket")));
    SheetPlan sheet = new SheetPlan(true, SheetPlan.LETTER, true, Optional.of(Gang.USUAL.withGutter(0.125).withStacked(true)));
    return ListEdits.take(list("tickets.csv")).change().apply(job.withSheet(sheet));
  }

  private static RowList list(String name) throws Trouble {
    try (InputStream in = ListJobs.class.getResourceAsStream("/org/zipthimble/samples/" + name)) {
      return TableIn.read(name, in.readAllBytes(), Optional.empty(), Optional.empty()).list();
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", name);
    }
  }
}
