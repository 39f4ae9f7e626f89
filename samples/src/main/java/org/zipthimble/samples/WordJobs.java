package org.zipthimble.samples;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.code.CodeKind;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Flow;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.TextWrap;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.NamedStyle;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Course;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.LetterRing;
import org.zipthimble.core.type.ListMark;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Sits;
import org.zipthimble.core.type.Standing;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/**
 * Jobs that show what words can do: round a ring, through a flyer, with a code on a label, outlined to colour, and three designs of the
 * same facts.
 */
final class WordJobs {
  private static final double BLEED = 0.125;

  private WordJobs() {}

  private static WordStyle style(String family, String style, double pt, double leading, double tracking, Align align, Colour colour) {
    return new WordStyle(family, style, pt, leading, tracking, align, colour);
  }

  private static HoldsWords words(SampleFace d, String name, Box box, Story story) {
    return ItemWords.of(d.art.properties(name), Placement.of(box), "", story.style()).withStory(story);
  }

  private static void disc(SampleFace d, String name, Point middle, double radius, Colour colour) {
    d.put(ItemShape.of(d.art.properties(name), Placement.of(new Box(middle.x() - radius, middle.y() - radius, 2 * radius, 2 * radius)),
        new Outline.Ellipse(), Optional.of(colour), Optional.empty()));
  }

  /** Round a plate: 12 in across, its centre 8 in flat, the words on a circle of 10 in. */
  static Job ring() {
    SampleFace d = new SampleFace();
    Point c = new Point(6, 6);
    d.fill("Rim", new Box(-BLEED, -BLEED, 12.25, 12.25), SampleFace.GREEN);
    disc(d, "Flat centre", c, 4, SampleFace.PAPER);
    WordStyle capitals = style("Josefin Sans", "Bold", 72, 100, 60, Align.CENTRE, SampleFace.PAPER);
    WordStyle small = style("Josefin Sans", "Semibold", 50, 100, 80, Align.CENTRE, SampleFace.PAPER);
    Course above = Course.OVER_THE_TOP.withSits(Sits.ON);
    d.put(words(d, "Above", new Box(1, 1, 10, 10), Story.of("SAVE A SEED", capitals)).withCourse(Optional.of(above)));
    d.put(words(d, "Below", new Box(1, 1, 10, 10), Story.of("share a handful", small)).withCourse(Optional.of(above.withFoot(true))));
    d.ornament("Kidney bean", new Point(1, 6), 0.6, -80);
    d.ornament("Kidney bean", new Point(11, 6), 0.6, 100);
    d.ornament("Leaf wreath", new Point(6, 6), 6.4, 0);
    d.put(words(d, "Middle", new Box(3.6, 5.1, 4.8, 1.8),
        SwapFacts.story(SwapFacts.line(style("Fraunces", "Semibold Italic", 64, 100, 0, Align.CENTRE, SampleFace.BEET), "heading",
        SwapFacts.text("Beans", style("Fraunces", "Semibold Italic", 64, 100, 0, Align.CENTRE, SampleFace.BEET)))))
        .withSetting(BlockSetting.PLAIN.withStanding(Standing.MIDDLE)));
    return SampleFace.job("Seed plate ring", "Plate ring", 41, new Size(12, 12), BLEED, "Coated plate, 12 in", 4,
        List.of(d.face("f1", "plate")));
  }

  /** A jar label with a code that says the library's address. */
  static Job label() {
    SampleFace d = new SampleFace();
    d.fill("Ground", new Box(-BLEED, -BLEED, 2.5, 3.5), SampleFace.PAPER);
    d.frame("Border", new Box(0.14, 0.14, 1.97, 2.97), 0.1, 1, SampleFace.BRASS);
    WordStyle name = style("Fraunces", "Semibold Italic", 22, 105, 0, Align.CENTRE, SampleFace.BEET);
    WordStyle note = style("Alegreya", "Regular", 9, 120, 0, Align.CENTRE, SampleFace.INK);
    d.ornament("Kidney bean", new Point(1.125, 0.46), 0.34, -12);
    d.put(words(d, "Variety", new Box(0.25, 0.7, 1.75, 0.75),
        SwapFacts.story(SwapFacts.line(name, "variety", SwapFacts.text("Scarlet", name)),
        SwapFacts.line(name, "variety", SwapFacts.text("runner", name)))));
    d.ornament("Sprout divider", new Point(1.125, 1.52), 0.9, 0);
    d.put(words(d, "How", new Box(0.25, 1.64, 1.75, 0.34),
        SwapFacts.story(SwapFacts.line(note, "note", SwapFacts.text("Sow in May, two inches deep,", note)),
        SwapFacts.line(note, "note", SwapFacts.text("beside a pole of nine feet", note)))));
    d.put(ItemShape.of(d.art.properties("Code"), Placement.of(0.75, 2.02, 0.75, 0.75, 0),
        new Outline.Coded(CodeKind.QR, SwapFacts.WEB.value(), Optional.of(SwapFacts.WEB.name())), Optional.of(SampleFace.INK),
        Optional.empty()));
    WordStyle from = SwapFacts.capitals(style("Figtree", "Semibold", 6, 120, 120, Align.CENTRE, SampleFace.GREEN));
    d.put(words(d, "From", new Box(0.2, 2.82, 1.85, 0.2),
        SwapFacts.story(SwapFacts.line(from, "from", SwapFacts.field(SwapFacts.NAMES, "", from)))));
    return SampleFace.job("Jar label with a code", "Jar label", 42, new Size(2.25, 3.25), BLEED, "Label paper", 24,
        List.of(d.face("f1", "label")))
        .withFacts(List.of(SwapFacts.NAMES, SwapFacts.WEB))
        .withStyles(List.of(new NamedStyle("variety", name), new NamedStyle("note", note), new NamedStyle("from", from)));
  }

  /** A phrase in thick outlines, to be coloured. */
  static Job phrase() {
    SampleFace d = new SampleFace();
    d.frame("Border", new Box(0.5, 0.5, 7.5, 10), 0.3, 3, SampleFace.INK);
    d.frame("Inner border", new Box(0.68, 0.68, 7.14, 9.64), 0.2, 1, SampleFace.INK);
    WordStyle plain = style("Josefin Sans", "Bold", 128, 108, 20, Align.CENTRE, Colour.WHITE);
    LetterDetail lined = LetterDetail.NONE.withRings(
        List.of(new LetterRing(14, SampleFace.INK, LineSide.OUTSIDE), new LetterRing(10, Colour.WHITE, LineSide.OUTSIDE),
        new LetterRing(3.5, SampleFace.INK, LineSide.OUTSIDE)));
    WordStyle outlined = plain.withLetters(plain.letters().withDetail(lined));
    d.put(words(d, "Phrase", new Box(0.9, 2.45, 6.7, 5.85), Story.of("SOW\nWAIT\nSHARE", outlined))
        .withSetting(BlockSetting.PLAIN.withStanding(Standing.SPREAD)));
    for (int i = 0; i < 4; i++) {
      d.ornament("Fern", new Point(i % 2 == 0 ? 1.35 : 7.15, i < 2 ? 1.6 : 9.4), 0.55, i < 2 ? (i == 0 ? -35 : 35) : (i == 2 ? -145 : 145));
    }
    WordStyle note = style("Alegreya", "Italic", 18, 120, 0, Align.CENTRE, SampleFace.INK);
    d.put(words(d, "Over the top", new Box(1.25, 0.95, 6, 1), Story.of("Fill the letters, then the leaves", note))
        .withCourse(Optional.of(Course.ARC.withRise(0.35))));
    d.put(words(d, "Name", new Box(2, 8.95, 4.5, 0.4), Story.of("filled in by", note)));
    d.put(ItemShape.of(d.art.properties("Name line"), Placement.of(2.5, 9.7, 3.5, 0, 0), new Outline.Straight(), Optional.empty(),
        Optional.of(LineLook.of(1, SampleFace.INK))));
    Job flat = SampleFace.job("Phrase to colour", "Colouring page", 43, new Size(8.5, 11), 0, "Drawing paper", 40,
        List.of(d.face("f1", "page")));
    String phrase = flat.faces().get(0).items().stream().filter(i -> i.properties().name().equals("Phrase")).findFirst().orElseThrow().id();
    return Shaping.bend("f1", Set.of(phrase), Bend.of(Bow.BULGE, 10)).change().apply(flat);
  }

  /** A flyer: a story over two blocks round a picture, and a list with flowers. */
  static Job flyer() throws Trouble {
    SampleFace d = new SampleFace();
    Picture field = Pictures.look("field.png", PngFile.bytes(FieldPicture.draw(960, 720, SampleFace.PAPER), 320), Pictures.Limits.USUAL);
    d.fill("Ground", new Box(-BLEED, -BLEED, 8.75, 11.25), SampleFace.PAPER);
    d.fill("Foot", new Box(-BLEED, 9.9, 8.75, 1.225), SampleFace.GREEN);
    WordStyle title = style("Fraunces", "Semibold Italic", 58, 100, 0, Align.LEFT, SampleFace.BEET);
    WordStyle body = style("Alegreya", "Regular", 15.5, 135, 0, Align.JUSTIFIED, SampleFace.INK);
    WordStyle justified = body.withParagraph(body.paragraph()
        .withDetail(body.paragraph().detail().withFirst(0.2).withHyphens(true).withCompany(true)));
    WordStyle list = body.withParagraph(body.paragraph().withAlign(Align.LEFT)
        .withDetail(body.paragraph().detail().withMark(Optional.of(new ListMark("❀", 0.25))).withAfterPt(3)));
    WordStyle when = SwapFacts.capitals(style("Figtree", "Semibold", 12, 130, 120, Align.LEFT, SampleFace.PAPER));
    d.put(words(d, "Title", new Box(0.6, 0.5, 7.3, 1.05),
        SwapFacts.story(SwapFacts.line(title, "title", SwapFacts.text("Spring Swap", title)))).withFillStyle(Optional.of(
        new FillStyle.Gradient(false, 0, List.of(new FillStyle.Stop(0, SampleFace.BEET), new FillStyle.Stop(1, SampleFace.BRASS))))));
    d.put(words(d, "Story, left", new Box(0.6, 1.7, 3.5, 4.75), story(justified)));
    d.put(words(d, "Story, right", new Box(4.4, 1.7, 3.5, 4.75), Story.of("", justified)));
    Item photo = ItemPhoto.of(d.art.properties("Field").withAside(Optional.of(new TextWrap(TextWrap.Way.BOX, 0.15))),
        Placement.of(3.05, 3.1, 2.4, 1.8, 0), field.id());
    d.put(photo);
    WordStyle head = style("Fraunces", "Semibold", 20, 120, 0, Align.LEFT, SampleFace.BEET);
    d.put(words(d, "List head", new Box(0.6, 6.85, 7, 0.5),
        SwapFacts.story(SwapFacts.line(head, "head", SwapFacts.text("What to bring", head)))));
    List<Paragraph> lines = new ArrayList<>();
    for (String one : List.of("seed that you have saved, dry and clean", "a paper packet with its name and the year",
        "a pencil, and a story of how it grew")) {
      lines.add(SwapFacts.line(list, "list", SwapFacts.text(one, list)));
    }
    d.put(words(d, "List", new Box(0.6, 7.45, 5.6, 1.7), new Story(lines)));
    d.ornament("Fern", new Point(7, 8.2), 0.9, 20);
    d.put(words(d, "When", new Box(0.6, 10.1, 7.3, 0.7), SwapFacts.story(
        SwapFacts.line(when, "when", SwapFacts.field(SwapFacts.DATE, "weekdayDayMonth", when), SwapFacts.text(" at ", when),
        SwapFacts.field(SwapFacts.TIME, "twelveShort", when)),
        SwapFacts.line(when, "when", SwapFacts.field(SwapFacts.PLACE, "", when)))));
    Job job = SampleFace.job("Spring Swap flyer", "Flyer", 44, new Size(8.5, 11), BLEED, "Paper 120 g/m²", 100, Map.of(field.id(), field),
        List.of(d.face("f1", "flyer")))
        .withFacts(List.of(SwapFacts.DATE, SwapFacts.TIME, SwapFacts.PLACE))
        .withStyles(List.of(new NamedStyle("title", title), new NamedStyle("body", justified), new NamedStyle("list", list),
        new NamedStyle("head", head), new NamedStyle("when", when)));
    Set<String> blocks = Set.copyOf(job.faces().get(0).items().stream().filter(i -> i.properties().name().startsWith("Story"))
        .map(Item::id).toList());
    return Flow.link("f1", blocks).change().apply(job);
  }

  private static Story story(WordStyle style) {
    List<Paragraph> out = new ArrayList<>();
    for (String text : List.of(
        "Every spring the seed library opens its drawers. Whoever has saved something brings it, whoever has not may still take a "
            + "packet home, and by the time the soup is ready there is not a bean that has stayed with its owner.",
        "It began with one shoe box. A gardener had more runner beans than she could sow and put them beside the library door with a "
            + "note: take ten, bring back twenty. By autumn the box was full again, and there were two of them.",
        "Since then the swap has grown like everything here. There are lettuces that stand the first frost, peas that climb to the "
            + "roof, and a pumpkin nobody has ever seen twice in the same shape. Ask the person who grew it; the story goes with the seed.",
        "Children plant the window boxes of the lane at four. Bring boots."))  {
      out.add(SwapFacts.line(style, "body", SwapFacts.text(text, style)));
    }
    return new Story(out);
  }

  /** Three invitations that say the same: change a fact, and all of them follow. */
  static Job designs() {
    SampleFace d = new SampleFace();
    List<Face> faces = List.of(leafy(d), plain(d), round(d));
    return SampleFace.job("Swap invitation, three designs", "Invitation", 45, new Size(5, 7), BLEED, "Card 300 g/m²", 20, faces)
        .withFacts(SwapFacts.ALL);
  }

  private static Face leafy(SampleFace d) {
    d.fill("Ground", new Box(-BLEED, -BLEED, 5.25, 7.25), SampleFace.PAPER);
    d.ornament("Leaf wreath", new Point(2.5, 2.5), 4, 0);
    WordStyle title = style("Great Vibes", "Regular", 37, 100, 0, Align.CENTRE, SampleFace.BEET);
    WordStyle body = style("Alegreya", "Regular", 14, 140, 0, Align.CENTRE, SampleFace.INK);
    d.put(words(d, "Title", new Box(0.9, 1.95, 3.2, 1.1), Story.of("Spring Swap", title)));
    d.put(words(d, "Who", new Box(0.5, 4.75, 4, 0.35),
        SwapFacts.story(SwapFacts.line(body, "body", SwapFacts.text("The ", body), SwapFacts.field(SwapFacts.NAMES, "", body)))));
    d.put(words(d, "When", new Box(0.4, 5.1, 4.2, 0.65),
        SwapFacts.story(SwapFacts.line(body, "body", SwapFacts.field(SwapFacts.DATE, "inWords", body)),
        SwapFacts.line(body, "body", SwapFacts.field(SwapFacts.TIME, "inWords", body)))));
    d.put(words(d, "Where", new Box(0.4, 5.75, 4.2, 0.35),
        SwapFacts.story(SwapFacts.line(body, "body", SwapFacts.field(SwapFacts.PLACE, "", body)))));
    d.put(words(d, "Answer", new Box(0.4, 6.2, 4.2, 0.35),
        SwapFacts.story(SwapFacts.line(body, "body", SwapFacts.text("Please answer by ", body),
        SwapFacts.field(SwapFacts.REPLY, "monthDay", body)))));
    return d.face("f1", "leafy");
  }

  private static Face plain(SampleFace d) {
    d.fill("Ground", new Box(-BLEED, -BLEED, 5.25, 7.25), Colour.WHITE);
    d.fill("Band", new Box(-BLEED, 2.2, 5.25, 0.06), SampleFace.BRASS);
    WordStyle title = style("Josefin Sans", "Bold", 44, 100, 0, Align.LEFT, SampleFace.INK);
    WordStyle body = style("Figtree", "Regular", 12, 160, 0, Align.LEFT, SampleFace.INK);
    d.put(words(d, "Title", new Box(0.5, 0.6, 4, 1.5), Story.of("Spring\nSwap", title)));
    d.put(words(d, "All", new Box(0.5, 2.6, 4, 2.2), SwapFacts.story(
        SwapFacts.line(body, "body", SwapFacts.field(SwapFacts.DATE, "monthDayYear", body), SwapFacts.text(", ", body),
        SwapFacts.field(SwapFacts.TIME, "twelve", body)),
        SwapFacts.line(body, "body", SwapFacts.field(SwapFacts.PLACE, "", body)),
        SwapFacts.line(body, "body", SwapFacts.text("Reply by ", body), SwapFacts.field(SwapFacts.REPLY, "monthDay", body)))));
    d.put(ItemShape.of(d.art.properties("Code"), Placement.of(3.5, 5.5, 1, 1, 0),
        new Outline.Coded(CodeKind.QR, SwapFacts.WEB.value(), Optional.of(SwapFacts.WEB.name())), Optional.of(SampleFace.INK),
        Optional.empty()));
    d.put(words(d, "From", new Box(0.5, 6.1, 2.8, 0.4),
        SwapFacts.story(SwapFacts.line(body, "body", SwapFacts.field(SwapFacts.NAMES, "", body)))));
    return d.face("f2", "plain");
  }

  private static Face round(SampleFace d) {
    d.fill("Ground", new Box(-BLEED, -BLEED, 5.25, 7.25), SampleFace.GREEN);
    disc(d, "Round", new Point(2.5, 2.9), 2.1, SampleFace.PAPER);
    WordStyle circle = SwapFacts.capitals(style("Josefin Sans", "Semibold", 19, 100, 60, Align.CENTRE, SampleFace.GREEN));
    d.put(words(d, "Above", new Box(0.7, 1.1, 3.6, 3.6),
        SwapFacts.story(SwapFacts.line(circle, "circle", SwapFacts.field(SwapFacts.NAMES, "", circle))))
        .withCourse(Optional.of(Course.OVER_THE_TOP.withSits(Sits.ON))));
    d.put(words(d, "Below", new Box(0.7, 1.1, 3.6, 3.6),
        SwapFacts.story(SwapFacts.line(circle, "circle", SwapFacts.field(SwapFacts.DATE, "weekdayDayMonth", circle))))
        .withCourse(Optional.of(Course.OVER_THE_TOP.withFoot(true).withSits(Sits.ON))));
    WordStyle title = style("Fraunces", "Semibold Italic", 38, 105, 0, Align.CENTRE, SampleFace.BEET);
    d.put(words(d, "Title", new Box(1, 2.25, 3, 1.3), Story.of("Spring\nSwap", title)));
    WordStyle body = style("Alegreya", "Regular", 16, 135, 0, Align.CENTRE, SampleFace.PAPER);
    d.put(words(d, "Where", new Box(0.4, 5.4, 4.2, 1.1), SwapFacts.story(
        SwapFacts.line(body, "body", SwapFacts.field(SwapFacts.PLACE, "", body)),
        SwapFacts.line(body, "body", SwapFacts.text("from ", body), SwapFacts.field(SwapFacts.TIME, "inWords", body)),
        SwapFacts.line(body, "body", SwapFacts.text("Tell us by ", body), SwapFacts.field(SwapFacts.REPLY, "monthDay", body)))));
    return d.face("f3", "round");
  }
}
