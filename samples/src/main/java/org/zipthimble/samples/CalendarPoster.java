package org.zipthimble.samples;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.store.ShopShelf;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/**
 * The planting calendar, 20 x 30 in, for a poster shop by its card: what is sown in which month. Two things are wrong with it on purpose:
 * the picture has too few pixels, and one colour is brighter than any ink.
 */
final class CalendarPoster {
  private static final Colour NEON = Colour.of(0x5CFF2E);
  private static final int PIXELS = 1650;
  private static final List<String> MONTHS = List.of("March", "April", "May", "June", "July", "August");
  private static final List<String> SOWN = List.of(
      "Ember Runner under glass\nLantern Squash in pots", "Tollgate Pea outdoors\nPenny Beet, first row",
      "Ember Runner planted out\nSaltmarsh Kale in the bed",
      "Owl Poppy scattered\nPenny Beet, second row", "Saltmarsh Kale moved\nTollgate Pea picked",
      "Seeds dried and saved\nKale through the winter");

  private CalendarPoster() {}

  static Job make() throws Trouble {
    SampleFace d = new SampleFace();
    byte[] png = PngFile.bytes(FieldPicture.draw(PIXELS, PIXELS * 10 / 20, SampleFace.PAPER), 150);
    Picture field = Pictures.look("drying-barn-field.png", png, Pictures.Limits.USUAL);
    d.fill("Paper tint", new Box(-0.25, -0.25, 20.5, 30.5), SampleFace.PAPER);
    d.put(ItemPhoto.of(d.art.properties("Field"), Placement.of(-0.25, 20, 20.5, 10.25, 0), field.id()));
    d.words("Library name", "MARROWFIELD SEED LIBRARY", new Box(1, 1.2, 18, 0.9), "Figtree", "Semibold", 34, 260, Align.CENTRE,
        SampleFace.INK);
    d.words("Title", "The Planting Calendar", new Box(1, 2.2, 18, 2.6), "Fraunces", "Semibold Italic", 122, 0, Align.CENTRE,
        SampleFace.BEET);
    d.fill("Brass rule", new Box(7, 5, 6, 0.06), SampleFace.BRASS);
    for (int i = 0; i < MONTHS.size(); i++) {
      month(d, i, 1 + i % 2 * 9.3, 5.8 + i / 2 * 4.5);
    }
    d.fill("Spring band", new Box(1, 19.35, 18, 0.3), NEON);
    Job empty = SampleFace.job("Planting calendar", "Wall poster", 24, new Size(20, 30), 0.25, "Poster paper 200 g/m²", 40,
        List.of(Face.of("f1", "poster", List.of())));
    Palette palette = new Palette(
        List.of(Swatch.of("paper", SampleFace.PAPER), Swatch.of("beet", SampleFace.BEET), Swatch.of("soil ink", SampleFace.INK),
        Swatch.of("leaf", SampleFace.GREEN),
            new Swatch("brass", SampleFace.BRASS, Optional.of(new Ink.Spot("Brass ink", Ink.Kind.INK, new Cmyk(0.2, 0.45, 0.9, 0.15), 1))),
            Swatch.of("spring", NEON)),
        Colour.WHITE);
    Job job = empty.with(field).withFaces(List.of(d.face("f1", "poster"))).withPalette(palette);
    return ColourEdits.shop(ShopShelf.shipped().get(1)).change().apply(job.withTicket(job.ticket().withPpi(150)));
  }

  private static void month(SampleFace d, int index, double x, double y) {
    d.frame("Frame " + MONTHS.get(index), new Box(x, y, 8.7, 4), 0.25, 3, SampleFace.GREEN);
    d.words("Month " + (index + 1), MONTHS.get(index), new Box(x + 0.5, y + 0.45, 7.7, 1.1), "Fraunces", "Semibold Italic", 56, 0,
        Align.LEFT, SampleFace.BEET);
    d.words("Sown " + (index + 1), SOWN.get(index), new Box(x + 0.5, y + 1.75, 7.7, 1.9), "Alegreya", "Regular", 40, 0, Align.LEFT,
        Colour.BLACK);
  }
}
