package org.zipthimble.samples;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.NamedStyle;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;

/** The Spring Swap invitation, 5 x 7 in, two faces; and the same with two faults. */
final class SwapInvitation {
  private static final Colour PAPER = Colour.of(0xFBF5E6);
  private static final Colour BEET = Colour.of(0x7A2E22);
  private static final Colour INK = Colour.of(0x3B2B26);
  private static final Colour BRASS = Colour.of(0xB07F2A);
  private static final double BLEED = 0.125;

  private static final WordStyle TITLE = type("Fraunces", "Semibold Italic", 49, 0, BEET);
  private static final WordStyle MOTTO = type("Fraunces", "Italic", 15, 0, INK);
  private static final WordStyle SMALL = SwapFacts.capitals(type("Figtree", "Semibold", 9.5, 260, INK));
  private static final WordStyle WHEN = SwapFacts.capitals(type("Figtree", "Semibold", 9.5, 150, BEET));
  private static final WordStyle WHERE = SwapFacts.capitals(type("Figtree", "Regular", 9.5, 150, INK));
  private static final WordStyle BOTH = SwapFacts.capitals(new WordStyle("Figtree", "Semibold", 8.5, 150, 120, Align.CENTRE, BEET));

  private final SeedArt art = new SeedArt();

  private SwapInvitation() {}

  static Job good() throws Trouble {
    return new SwapInvitation().job("Spring Swap invitation", 14, 320, -BLEED);
  }

  /** The picture has half the pixels it needs, and the paper tint stops half-way to the bleed edge at the left. */
  static Job faulty() throws Trouble {
    return new SwapInvitation().job("Spring Swap invitation, two faults", 15, 160, -BLEED / 2);
  }

  private Job job(String name, int number, int ppi, double tintLeft) throws Trouble {
    int width = (int) Math.round(5.25 * ppi);
    int height = (int) Math.round(3.375 * ppi);
    byte[] png = PngFile.bytes(FieldPicture.draw(width, height, PAPER), ppi);
    Picture field = Pictures.look("sunrise-field.png", png, Pictures.Limits.USUAL);
    Ticket ticket = new Ticket(
        "Invitation", number, new Size(5, 7), Insets.all(BLEED), Insets.all(3.0 / 16), 300, false, "Card 300 g/m²", 60, Unit.INCH);
    return Job.of(name, ticket, List.of(front(field, tintLeft), back()), Map.of(field.id(), field)).withFacts(SwapFacts.ALL)
        .withStyles(List.of(
        new NamedStyle("title", TITLE), new NamedStyle("motto", MOTTO), new NamedStyle("small", SMALL), new NamedStyle("when", WHEN),
        new NamedStyle("where", WHERE), new NamedStyle("both", BOTH)));
  }

  private Face front(Picture field, double tintLeft) {
    List<Item> items = new ArrayList<>();
    items.add(tint(tintLeft));
    items.add(ItemPhoto.of(art.properties("Sunrise field"), Placement.of(-BLEED, 3.75, 5.25, 3.375, 0), field.id()));
    items.add(art.sprig("Seedling, left", new Point(0.95, 6.72), 1.5, 0.16, 6, SeedArt.LEAF_DARK, SeedArt.LEAF_DARK));
    items.add(art.sprig("Seedling, small", new Point(1.55, 6.8), 0.95, -0.1, 5, SeedArt.LEAF, SeedArt.LEAF_DARK));
    items.add(art.sprig("Seedling, right", new Point(4.1, 6.76), 1.25, -0.14, 6, SeedArt.LEAF, SeedArt.LEAF_DARK));
    items.add(beans());
    items.add(story("Library name", 0.6, 0.62, 3.8, 0.26, SwapFacts.line(SMALL, "small", SwapFacts.field(SwapFacts.NAMES, "", SMALL))));
    items.add(story("Title", 0.4, 0.98, 4.2, 0.95, SwapFacts.line(TITLE, "title", SwapFacts.text("Spring Swap", TITLE))));
    items.add(rule("Brass rule", 1.5, 2.02, 2));
    items.add(story("Motto", 0.6, 2.14, 3.8, 0.34,
        SwapFacts.line(MOTTO, "motto", SwapFacts.text("Bring a handful, take a handful", MOTTO))));
    items.add(story("When", 0.5, 2.66, 4, 0.25,
        SwapFacts.line(WHEN, "when", SwapFacts.field(SwapFacts.DATE, "weekdayDayMonth", WHEN), SwapFacts.text(" · two to five", WHEN))));
    items.add(story("Where", 0.5, 2.9, 4, 0.25, SwapFacts.line(WHERE, "where", SwapFacts.field(SwapFacts.PLACE, "", WHERE))));
    return Face.of("f1", "front", items);
  }

  private Item beans() {
    Colour[] seeds = {Colour.of(0xC9593A), Colour.of(0xDDA33A), Colour.of(0x7A3F63)};
    Colour glint = Colour.of(0xF6E3C4);
    List<Item> beans = new ArrayList<>();
    double[][] places = {{2.2, 6.42, 10}, {2.66, 6.62, -35}, {3.1, 6.36, 150}, {3.48, 6.64, 20}, {2.0, 6.7, 80}};
    for (int i = 0; i < places.length; i++) {
      beans.add(art.beanAt(new Point(places[i][0], places[i][1]), 0.27, places[i][2], seeds[i % 3], glint));
    }
    return art.group("Beans", beans);
  }

  private Face back() {
    List<Item> items = new ArrayList<>();
    items.add(tint(-BLEED));
    items.add(ItemShape.of(
        art.properties("Frame"), Placement.of(0.3, 0.3, 4.4, 6.4, 0), new Outline.Rectangle(0.14), Optional.empty(),
        Optional.of(LineLook.of(0.75, BRASS))));
    items.add(art.sprig("Sprig, left", new Point(2.36, 1.34), 0.62, -0.34, 5, SeedArt.LEAF, SeedArt.LEAF_DARK));
    items.add(art.sprig("Sprig, right", new Point(2.64, 1.34), 0.62, 0.34, 5, SeedArt.LEAF_LIGHT, SeedArt.LEAF_DARK));
    items.add(words("Heading", "How a swap goes", 0.6, 1.5, 3.8, 0.55, type("Fraunces", "Semibold Italic", 25, 0, BEET)));
    items.add(rule("Brass rule", 2.1, 2.1, 0.8));
    WordStyle steps = new WordStyle("Alegreya", "Regular", 13, 138, 0, Align.CENTRE, INK);
    items.add(words("Steps",
        "Bring seed that you have saved, dry and in a paper packet, with its name and the year.\n\n"
            + "Lay it on the long table and take as many packets as you brought. New to it? "
            + "Come with empty hands: the library starts you off with beans.\n\n"
            + "At four the children plant the window boxes of Mill Lane, and there is soup.",
        0.72, 2.3, 3.56, 2.62, steps));
    items.add(row());
    items.add(story("Where", 0.6, 5.55, 3.8, 0.44, SwapFacts.line(BOTH, "both", SwapFacts.field(SwapFacts.PLACE, "", BOTH)),
        SwapFacts.line(BOTH, "both", SwapFacts.field(SwapFacts.DATE, "weekdayDayMonth", BOTH), SwapFacts.text(", two to five", BOTH))));
    items.add(words("Answer", "Tell Odile at the library desk if you will come", 0.6, 6.08, 3.8, 0.3,
        type("Alegreya", "Italic", 12, 0, INK)));
    return Face.of("f2", "back", items);
  }

  private Item row() {
    Colour[] seeds = {Colour.of(0x7A3F63), Colour.of(0xDDA33A), Colour.of(0xC9593A), Colour.of(0xDDA33A), Colour.of(0x7A3F63)};
    List<Item> beans = new ArrayList<>();
    for (int i = 0; i < seeds.length; i++) {
      beans.add(art.beanAt(new Point(1.9 + 0.3 * i, 5.22), 0.19, i % 2 == 0 ? -18 : 24, seeds[i], Colour.of(0xF6E3C4)));
    }
    return art.group("Row of beans", beans);
  }

  private Item tint(double left) {
    return ItemShape.of(
        art.properties("Paper tint"), Placement.of(new Box(left, -BLEED, 5 + BLEED - left, 7 + 2 * BLEED)),
        new Outline.Rectangle(0), Optional.of(PAPER), Optional.empty());
  }

  private Item rule(String name, double x, double y, double length) {
    return ItemShape.of(
        art.properties(name), Placement.of(x, y, length, 0, 0), new Outline.Straight(), Optional.empty(),
        Optional.of(LineLook.of(1.25, BRASS)));
  }

  private Item words(String name, String text, double x, double y, double width, double height, WordStyle style) {
    return ItemWords.of(art.properties(name), Placement.of(x, y, width, height, 0), text, style);
  }

  private Item story(String name, double x, double y, double width, double height, Paragraph... lines) {
    Story story = SwapFacts.story(lines);
    return ItemWords.of(art.properties(name), Placement.of(x, y, width, height, 0), "", story.style()).withStory(story);
  }

  private static WordStyle type(String family, String style, double pt, double tracking, Colour colour) {
    return new WordStyle(family, style, pt, 120, tracking, Align.CENTRE, colour);
  }
}
