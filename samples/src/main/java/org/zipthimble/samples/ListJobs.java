package org.zipthimble.samples;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.bring.TableIn;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Gang;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.job.SheetPlan;
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
    Desk d = new Desk();
    d.fill("Ground", new Box(-BLEED, -BLEED, 3.75, 2.25), Desk.PAPER);
    d.frame("Border", new Box(0.14, 0.14, 3.22, 1.72), 0.1, 1, Desk.BRASS);
    d.ornament("Fern", new Point(0.45, 1.45), 0.3, 25);
    WordStyle name = new WordStyle("Fraunces", "Semibold Italic", 21, 110, 0, Align.CENTRE, Desk.BEET);
    WordStyle small = new WordStyle("Figtree", "Regular", 9, 140, 0, Align.CENTRE, Desk.INK);
    Item.Words names = Item.Words.of(d.art.properties("Guest"), Placement.of(0.5, 0.4, 2.5, 0.72, 0), "", name).withStory(new Story(List.of(line(name, column("name", name)))));
    d.put(names.withSetting(BlockSetting.PLAIN.withStanding(Standing.MIDDLE)));
    Story where = new Story(List.of(line(small, column("dish", small)), line(small, Run.of("table ", small.letters()), column("table", small))));
    d.put(Item.Words.of(d.art.properties("Where"), Placement.of(0.75, 1.25, 2, 0.5, 0), "", small).withStory(where));
    Job job = Desk.job("Place cards for the supper", "Place card", 46, new Size(3.5, 2), BLEED, "Card 300 g/m²", 12, List.of(d.face("f1", "card")));
    SheetPlan sheet = new SheetPlan(true, SheetPlan.LETTER, true, Optional.of(Gang.USUAL));
    return ListEdits.take(guests()).change().apply(job.withSheet(sheet));
  }

  private static RowList guests() throws Trouble {
    try (InputStream in = ListJobs.class.getResourceAsStream("/org/zipthimble/samples/place-cards.csv")) {
      return TableIn.read("place-cards.csv", in.readAllBytes(), Optional.empty(), Optional.empty()).list();
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", "place-cards.csv");
    }
  }
}
