package org.zipthimble.samples;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.picture.Tones;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.store.ShopShelf;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/**
 * The Spring Swap invitation for a press by its card: the picture straightened, toned and faded out at its top, a gold foil on a plate of
 * its own, and on the back a grid of mounts whose pictures have four looks; the sun
 * is patched out of one, and the hill below it restored.
 */
final class FoilInvitation {
  private static final Colour GOLD = Colour.of(0xB8862D);
  private static final double BLEED = 0.125;
  private static final List<PictureLook> LOOKS = List.of(PictureLook.FIRST_FROST, PictureLook.UNDER_GLASS, PictureLook.ALMANAC,
      PictureLook.SEED_PACKET);

  private FoilInvitation() {}

  static Job make() throws Trouble {
    Job plain = SwapInvitation.good();
    Picture field = plain.pictures().values().iterator().next();
    SampleFace d = new SampleFace();
    Face front = front(d, field);
    Face back = back(d);
    Job empty = SampleFace.job("Spring Swap, foil edition", "Invitation", 25, new Size(5, 7), BLEED, "Card 350 g/m²", 120,
        List.of(Face.of("f1", "front", List.of())));
    Palette palette = new Palette(List.of(Swatch.of("paper", SampleFace.PAPER), Swatch.of("beet", SampleFace.BEET),
        Swatch.of("soil ink", SampleFace.INK),
        new Swatch("gold foil", GOLD, Optional.of(new Ink.Spot("Gold foil", Ink.Kind.FOIL, new Cmyk(0.18, 0.42, 0.9, 0.12), 1)))),
        Colour.WHITE);
    Job job = empty.with(field).withFaces(List.of(front, back)).withPalette(palette);
    job = Mounts.grid("f2", new Box(0.45, 1.75, 4.1, 3.7), List.of(3.0, 2.0), List.of(2.0, 3.0), 0.12).change().apply(job);
    List<String> mounts = Mounts.among(job.face("f2").orElseThrow().items()).stream().map(Item::id).toList();
    job = Mounts.fill("f2", mounts, List.of(field, field, field, field)).change().apply(job);
    for (int i = 0; i < mounts.size(); i++) {
      PictureLook look = LOOKS.get(i);
      double across = 0.05 - 0.04 * i;
      job = job.changed("f2", f -> f.changed(mounts.get(LOOKS.indexOf(look)), m -> ((HoldsObjects) m).withEffect(
          held((LiveEffect.Mounted) ((HoldsObjects) m).effect(), look, across))));
    }
    return ColourEdits.shop(ShopShelf.shipped().get(0)).change().apply(job);
  }

  private static LiveEffect held(LiveEffect.Mounted mount, PictureLook look, double dx) {
    BrushStroke sun = new BrushStroke(List.of(new Point(0.64, 0.385)), 0.064, 0.15, false);
    BrushStroke hill = new BrushStroke(List.of(new Point(0.54, 0.493), new Point(0.64, 0.493), new Point(0.74, 0.499)), 0.032, 0.1, true);
    Retouch how = look == PictureLook.ALMANAC ? Retouch.NONE.rubbed(sun).rubbed(hill).withPatched(true) : Retouch.NONE;
    return mount.withRetouch(how.looking(look, 0.85)).withFit(mount.fit().withZoom(1.15).moved(dx, -0.05));
  }

  private static Face front(SampleFace d, Picture field) {
    d.fill("Paper tint", new Box(-BLEED, -BLEED, 5 + 2 * BLEED, 7 + 2 * BLEED), SampleFace.PAPER);
    BrushStroke fading = new BrushStroke(List.of(new Point(-0.05, -0.03), new Point(1.05, -0.03)), 0.09, 1, false);
    Retouch how = Retouch.NONE.rubbed(fading).withStraighten(0.6).withTones(Tones.NONE.withBrightness(0.08).withSaturation(-0.1))
        .looking(PictureLook.LATE_HARVEST, 0.35);
    d.put(new ItemPhoto(d.art.properties("Sunrise field"), Placement.of(-BLEED, 3.75, 5.25, 3.375, 0), field.id(), how));
    d.put(shadowed(d.art.sprig("Seedling, left", new Point(0.95, 6.72), 1.5, 0.16, 6, SeedArt.LEAF_DARK, SeedArt.LEAF_DARK)));
    d.put(shadowed(d.art.sprig("Seedling, right", new Point(4.1, 6.76), 1.25, -0.14, 6, SeedArt.LEAF, SeedArt.LEAF_DARK)));
    d.words("Library name", "MARROWFIELD SEED LIBRARY", new Box(0.6, 0.72, 3.8, 0.26), "Figtree", "Semibold", 9.5, 260, Align.CENTRE,
        SampleFace.INK);
    d.words("Title", "Spring Swap", new Box(0.4, 1.02, 4.2, 0.95), "Fraunces", "Semibold Italic", 49, 0, Align.CENTRE, SampleFace.BEET);
    foil(d, "Foil rule", new Box(1.3, 2.12, 2.4, 0.03), new Outline.Rectangle(0));
    for (int i = 0; i < 3; i++) {
      double side = i == 1 ? 0.3 : 0.2;
      Outline star = new Outline.Ready(ReadyForm.STAR, ReadyForm.STAR.usual(side, side));
      foil(d, "Foil star " + (i + 1), new Box(2.5 - side / 2 + (i - 1) * 0.42, 0.45 - side / 2, side, side), star);
    }
    d.words("Motto", "Bring a handful, take a handful", new Box(0.6, 2.26, 3.8, 0.34), "Fraunces", "Italic", 15, 0, Align.CENTRE,
        SampleFace.INK);
    d.words("When", "SATURDAY 13 MARCH · TWO TO FIVE", new Box(0.5, 2.76, 4, 0.25), "Figtree", "Semibold", 9.5, 150, Align.CENTRE,
        SampleFace.BEET);
    d.words("Where", "THE OLD DRYING BARN, MILL LANE", new Box(0.5, 3.0, 4, 0.25), "Figtree", "Regular", 9.5, 150, Align.CENTRE,
        Colour.BLACK);
    return d.face("f1", "front");
  }

  private static Face back(SampleFace d) {
    d.fill("Paper tint", new Box(-BLEED, -BLEED, 5 + 2 * BLEED, 7 + 2 * BLEED), SampleFace.PAPER);
    d.words("Heading", "One field, four seasons", new Box(0.5, 0.7, 4, 0.6), "Fraunces", "Semibold Italic", 25, 0, Align.CENTRE,
        SampleFace.BEET);
    foil(d, "Foil rule", new Box(1.9, 1.4, 1.2, 0.025), new Outline.Rectangle(0));
    d.words("Answer", "What grew here last year lies in paper packets on the long table. Take some home; tell us in autumn how it did.",
        new Box(0.55, 5.65, 3.9, 0.75), "Alegreya", "Italic", 13, 0, Align.CENTRE, SampleFace.INK);
    return d.face("f2", "back");
  }

  private static Item shadowed(Item item) {
    return item.with(item.properties().withEffects(Effects.NONE.with(new Effect.Shadow(25, 0.05, 0.07, Colour.of(0x2A211C), 0.4))));
  }

  /** Foil: on the screen with its sheen, for the press a plate of its own. */
  private static void foil(SampleFace d, String name, Box box, Outline outline) {
    d.put(ItemShape.of(d.art.properties(name), Placement.of(box), outline, Optional.of(GOLD), Optional.empty())
        .withFillStyle(Optional.of(new FillStyle.Finish(Texture.Surface.FOIL, GOLD, 0.16, 25, 3))));
  }
}
