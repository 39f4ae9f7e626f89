package org.zipthimble.samples;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.zipthimble.core.edit.GroundEdits;
import org.zipthimble.core.fill.Grounds;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.FaceForm;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SizeSet;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetMarks;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.SheetStock;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** A bound album and a poster in several sizes. */
final class BookJobs {
  private static final double BLEED = 0.125;
  private static final int PIXELS = 1500;
  private static final String[] MONTHS = {"April", "May", "June", "July", "August", "September"};
  private static final String[] SAID = {
    "The first beans are up.", "Peas have found the string.", "Everything is in leaf.", "Squash fills the path.",
        "We save what we can carry.", "Cleared, and the seed is dry."};

  private BookJobs() {}

  /** Eight pages of a year on the plot: a cover, a page for each of six months on a shared ground with its number, a back cover. */
  static Job album() throws Trouble {
    SampleFace d = new SampleFace();
    Map<String, Picture> pictures = new TreeMap<>();
    List<Face> faces = new ArrayList<>();
    d.fill("Ground", new Box(-BLEED, -BLEED, 8.25, 8.25), SampleFace.GREEN);
    d.frame("Border", new Box(0.55, 0.4, 7.05, 7.2), 0.1, 1.5, SampleFace.BRASS);
    d.ornament("Leaf wreath", new Point(4.08, 3.6), 5, 0);
    d.words("Title", "A year\non the plot", new Box(2.2, 2.85, 3.8, 1.5), "Fraunces", "Semibold Italic", 38, 0, Align.CENTRE,
        SampleFace.PAPER);
    d.words("Library", "MARROWFIELD SEED LIBRARY", new Box(1.6, 6.85, 5, 0.3), "Figtree", "Semibold", 11, 200, Align.CENTRE,
        SampleFace.PAPER);
    faces.add(d.face("f1", "cover"));
    for (int i = 0; i < MONTHS.length; i++) {
      Picture picture = Pictures.look(MONTHS[i].toLowerCase(java.util.Locale.ROOT) + ".png",
          PngFile.bytes(PlotPicture.draw(PIXELS, PIXELS, i), 300), Pictures.Limits.USUAL);
      pictures.put(picture.id(), picture);
      // left-hand pages keep the fold at their right, right-hand pages at their left
      double x = i % 2 == 0 ? 1.2 : 1.8;
      d.put(ItemPhoto.of(d.art.properties("The plot in " + MONTHS[i]), Placement.of(x, 0.8, 5, 5, 0), picture.id()));
      d.words("Month", MONTHS[i], new Box(x, 5.95, 5, 0.5), "Fraunces", "Semibold Italic", 22, 0, i % 2 == 0 ? Align.LEFT : Align.RIGHT,
          SampleFace.BEET);
      d.words("Line", SAID[i], new Box(x, 6.45, 5, 0.32), "Alegreya", "Italic", 13, 0, i % 2 == 0 ? Align.LEFT : Align.RIGHT,
          SampleFace.INK);
      faces.add(d.face("f" + (i + 2), MONTHS[i]).withForm(FaceForm.USUAL.withGround(Optional.of("f9"))));
    }
    d.fill("Ground", new Box(-BLEED, -BLEED, 8.25, 8.25), SampleFace.GREEN);
    d.ornament("Bean divider", new Point(3.92, 3.9), 2.6, 0);
    d.words("Where", "The Old Drying Barn, Mill Lane", new Box(1.4, 4.2, 5, 0.3), "Figtree", "Semibold", 11, 0, Align.CENTRE,
        SampleFace.PAPER);
    faces.add(d.face("f8", "back cover"));
    d.fill("Paper", new Box(-BLEED, -BLEED, 8.25, 8.25), SampleFace.PAPER);
    WordStyle figure = new WordStyle("Figtree", "Semibold", 9, 110, 0, Align.CENTRE, SampleFace.INK);
    d.put(ItemWords.of(d.art.properties("Page"), Placement.of(3.5, 7.6, 1, 0.22, 0), "", figure)
        .withStory(GroundEdits.field(Grounds.PAGE, figure.letters(), figure.paragraph())));
    faces.add(d.face("f9", "ground of the pages").withForm(FaceForm.USUAL.withShared(true)));
    Job job = SampleFace.job("A year on the plot", "Album", 49, new Size(8, 8), BLEED, "Paper 150 g/m²", 30, pictures, faces);
    SheetPlan sheet = new SheetPlan(true, new Size(11, 17), true,
        Optional.of(Gang.USUAL.withBooklet(true).withBacks(Gang.Backs.SHORT_EDGE)), SheetMarks.USUAL, SheetStock.UNKNOWN);
    return Grounds.laid(job.withBook(Optional.of(new Book(Book.Binding.STAPLED, 0.5, 0.007))).withSheet(sheet));
  }

  /** A poster that is sold in four sizes. */
  static Job poster() {
    SampleFace d = new SampleFace();
    d.fill("Ground", new Box(-BLEED, -BLEED, 16.25, 20.25), SampleFace.PAPER);
    d.fill("Foot", new Box(-BLEED, 17.6, 16.25, 2.525), SampleFace.GREEN);
    d.frame("Border", new Box(0.6, 0.6, 14.8, 16.4), 0.2, 3, SampleFace.BRASS);
    d.words("Title", "Sow what\nyou can share", new Box(2, 1.5, 12, 3.4), "Fraunces", "Semibold Italic", 88, 0, Align.CENTRE,
        SampleFace.BEET);
    d.ornament("Leaf wreath", new Point(8, 10.1), 9.6, 0);
    d.ornament("Seed packet", new Point(8, 10.1), 2.8, -6);
    d.ornament("Kidney bean", new Point(1.7, 15.9), 1.2, -18);
    d.ornament("Pumpkin seed", new Point(14.3, 15.9), 0.9, 16);
    d.words("Line", "Borrow a packet, bring back a handful", new Box(2, 15.6, 12, 0.8), "Alegreya", "Italic", 34, 0, Align.CENTRE,
        SampleFace.INK);
    d.words("Library", "MARROWFIELD SEED LIBRARY", new Box(1, 18.45, 14, 0.7), "Figtree", "Semibold", 30, 160, Align.CENTRE,
        SampleFace.PAPER);
    return SampleFace.job("Sowing poster", "Wall print", 50, new Size(16, 20), BLEED, "Poster paper 200 g/m²", 12,
        List.of(d.face("f1", "poster")))
        .withSizes(new SizeSet(List.of(new Size(8, 10), new Size(11, 14), new Size(24, 36)), true));
  }
}
