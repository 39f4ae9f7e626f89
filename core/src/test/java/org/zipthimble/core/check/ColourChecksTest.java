package org.zipthimble.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.paint.LensPainter;
import org.zipthimble.core.paint.LensView;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.store.ThimbleFile;

/** Colours in ink: what is found, what the lenses show, and the edits of palette and destination. */
class ColourChecksTest {
  private static final Colour LIME = Colour.of(0x00FF00);
  private static final Colour SLATE = Colour.of(0x6B7A85);

  private static Job shop(Item... items) {
    return Made.card(items).withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
  }

  private static Item filled(String id, Colour colour) {
    return Made.rectangle(id, -0.125, -0.125, 5.25, 7.25).filled(Optional.of(colour));
  }

  private static List<String> codes(Job job) {
    return Checks.run(job).stream().map(Finding::code).toList();
  }

  @Test
  void aScreensGreenIsOutOfRangeForAPressAndForNoneElse() {
    Job job = shop(filled("a", LIME));
    Finding found = Checks.run(job).stream().filter(f -> f.code().equals("colour-range")).findFirst().orElseThrow();
    assertTrue(found.figure() > 15, "far out: " + found.figure());
    assertTrue(found.sentence().contains("#00ff00"));
    assertFalse(codes(shop(filled("a", SLATE))).contains("colour-range"));
    assertFalse(codes(job.withColour(ColourPlan.HOME)).contains("colour-range"));
    Job spot = ColourEdits.ink(LIME, Optional.of(new Ink.Spot("Bright green", Ink.Kind.INK, new Cmyk(0.7, 0, 1, 0), 1))).change()
        .apply(job);
    assertFalse(codes(spot).contains("colour-range"), "a spot ink shows it");
  }

  @Test
  void moreInkThanTheShopAllowsIsFoundWithItsSum() {
    Job job = shop(filled("a", Colour.BLACK));
    double load = job.colour().press().ink(Colour.BLACK).load();
    assertTrue(load > 2.5 && load <= 3.03, "the profile was made for 300 %: " + load);
    assertFalse(codes(job).contains("ink-load"));
    Job strict = job.withColour(job.colour().withLimit(2.4));
    Finding found = Checks.run(strict).stream().filter(f -> f.code().equals("ink-load")).findFirst().orElseThrow();
    assertEquals(load, found.figure(), 1e-9);
    Job rich = ColourEdits.ink(Colour.BLACK, Optional.of(new Ink.Process(Cmyk.RICH_BLACK))).change().apply(strict);
    assertEquals(2.4, rich.colour().inking(rich.palette()).of(Colour.BLACK).process().load(), 1e-9);
    assertFalse(codes(rich).contains("ink-load"), "60/40/40/100 is 240 %");
  }

  @Test
  void blackWordsAreInBlackAloneUnlessThatIsNotWanted() {
    Job job = shop(Made.words("w", "Ink", 1, 1, 3, 1, Made.style("Alegreya", "Bold", 40).withColour(Colour.BLACK)));
    assertFalse(codes(job.withColour(job.colour().withLimit(1.5))).contains("ink-load"));
    assertTrue(codes(job.withColour(job.colour().withLimit(1.5).withBlackWords(false))).contains("ink-load"));
  }

  /** Black words leave the ground on its plates: what counts is the sum of both. */
  @Test
  void inkThatIsOverTheLimitOnlyTogetherIsFound() {
    Item words = Made.words("w", "Ink", 1, 1, 3, 1, Made.style("Alegreya", "Bold", 40).withColour(Colour.BLACK));
    double ground = shop().colour().press().ink(SLATE).load();
    Job job = shop(filled("a", SLATE), words);
    Job strict = job.withColour(job.colour().withLimit(ground + 0.5));
    Finding found = Checks.run(strict).stream().filter(f -> f.code().equals("ink-load")).findFirst().orElseThrow();
    assertEquals(Optional.of("w"), found.itemId());
    double under = job.colour().press().ink(SLATE).load() - job.colour().press().ink(SLATE).black();
    assertEquals(under + 1, found.figure(), 0.02, "the full black plate over the other three");
    assertFalse(codes(job.withColour(job.colour().withLimit(under + 1.05))).contains("ink-load"));
    ItemShape above = Made.rectangle("m", 1, 3, 2, 2).filled(Optional.of(SLATE));
    Item multiplied = above.withProperties(above.properties().withEffects(Effects.NONE.withBlend(Blend.MULTIPLY)));
    Job dark = shop(filled("a", SLATE), multiplied);
    assertTrue(codes(dark.withColour(dark.colour().withLimit(ground + 0.1))).contains("ink-load"), "two that multiply");
    Job onTop = shop(filled("a", SLATE), above);
    assertFalse(codes(onTop.withColour(onTop.colour().withLimit(ground + 0.1))).contains("ink-load"),
        "one that lies on top takes the other's ink away");
  }

  @Test
  void whatMixesOtherwiseInInksThanInLightIsSaid() {
    ItemShape above = Made.rectangle("m", 1, 3, 2, 2).filled(Optional.of(LIME));
    Item apart = above.withProperties(above.properties().withEffects(Effects.NONE.withBlend(Blend.DIFFERENCE)));
    Job job = shop(filled("a", SLATE), apart);
    Finding found = Checks.run(job).stream().filter(f -> f.code().equals("mixed-in-ink")).findFirst().orElseThrow();
    assertEquals(Optional.of("m"), found.itemId());
    assertTrue(found.figure() > Press.MISSED && found.sentence().contains("Rectangle m"), found.sentence());
    assertFalse(codes(job.withColour(ColourPlan.HOME)).contains("mixed-in-ink"), "at home it leaves as it is seen");
    ItemShape thin = Made.rectangle("t", 1, 3, 2, 2).filled(Optional.of(Made.CREAM));
    assertFalse(codes(shop(filled("a", Colour.WHITE), thin.withProperties(thin.properties().withOpacity(0.5)))).contains("mixed-in-ink"),
        "a thin tint on paper looks alike");
  }

  @Test
  void aPictureIsLookedAtToo() throws Exception {
    BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < 400; y++) {
      for (int x = 0; x < 600; x++) {
        image.setRGB(x, y, x < 150 ? 0x00FF00 : 0x6B7A85);
      }
    }
    Picture picture = Pictures.look("lime.png", PngFile.bytes(image, 300), Pictures.Limits.USUAL);
    Job job = Made.with(picture, Made.background("b"), Made.photo("p", picture, 1, 1, 2, 1.333))
        .withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
    Finding found = Checks.run(job).stream().filter(f -> f.code().equals("colour-range")).findFirst().orElseThrow();
    assertEquals(Optional.of("p"), found.itemId());
    assertTrue(found.sentence().contains("25 %"), found.sentence());
  }

  @Test
  void whiteIsToldWhereThingsArePressed() {
    Job job = Made.card(filled("a", Colour.WHITE));
    assertFalse(codes(job).contains("white-unprinted"));
    Job pressed = ColourEdits.destination(Destination.SUBLIMATION).change().apply(job);
    assertTrue(codes(pressed).contains("white-on-white"), "the stock is white: a note");
    assertFalse(codes(pressed).contains("white-unprinted"));
    assertTrue(codes(pressed.withPalette(pressed.palette().withStock(Made.CREAM))).contains("white-unprinted"));
    assertTrue(pressed.ticket().mirror(), "what is pressed is mirrored");
    assertFalse(ColourEdits.destination(Destination.PRINT_SHOP).change().apply(pressed).ticket().mirror());
  }

  @Test
  void theLensesShowPlatesLoadAndWhatIsOutOfRange() {
    Job job = shop(filled("a", SLATE), Made.rectangle("b", 0, 0, 2.5, 7).filled(Optional.of(LIME)));
    var page = Imposition.bench(job, job.faces().get(0));
    var inking = job.colour().inking(job.palette());
    for (Lens lens : Lens.values()) {
      if (lens == Lens.NONE) {
        continue;
      }
      LensView seen = LensPainter.paint(page, job.frame(job.faces().get(0)).trim(), Affine.scale(40, 40), 200, 280, new Halvings(), inking,
          lens, 3, Colour.WHITE);
      assertEquals(LIME.green(), seen.at(50, 140).orElseThrow().colour().green());
      int left = seen.image().getRGB(50, 140);
      int right = seen.image().getRGB(150, 141);
      Cmyk slate = inking.of(SLATE).process();
      LensView.Reading read = seen.at(50, 140).orElseThrow();
      assertEquals(inking.of(LIME).process().yellow(), read.inks().yellow(), 0.01);
      assertEquals(inking.press().miss(LIME), read.miss(), 0.5);
      switch (lens) {
        case OUT_OF_RANGE -> {
          assertEquals(0.5, seen.share(), 0.02);
          assertEquals(right & 255, right >> 8 & 255, "what is in range is grey");
        }
        case ON_STOCK -> {
          int blue = LensPainter.paint(page, job.frame(job.faces().get(0)).trim(), Affine.scale(40, 40), 200, 280, new Halvings(), inking,
              lens, 3, Colour.of(0x5B8FB0))
              .image().getRGB(150, 141);
          assertEquals(SLATE.red() * 0x5B / 255, blue >> 16 & 255, 1, "the stock shows through");
          assertEquals(SLATE.rgb(), right & 0xFFFFFF, "on white it is as it was made");
        }
        case IN_INK -> assertEquals(inking.press().onPaper(slate).colour().red(), right >> 16 & 255, 3);
        case INK_LOAD -> assertEquals(Math.max(slate.load(), inking.of(LIME).process().load()), seen.highest(), 0.02);
        default -> {
          assertEquals(255 * (1 - slate.parts()[lens.plate()]), right & 255, 2, lens.name());
          assertEquals(255 * (1 - inking.of(LIME).process().parts()[lens.plate()]), left & 255, 2, lens.name());
        }
      }
    }
  }

  @Test
  void aSwatchThatChangesChangesAllThatUsesIt() throws Exception {
    FillStyle cover = new FillStyle.Gradient(false, 0, List.of(new FillStyle.Stop(0, SLATE), new FillStyle.Stop(1, Made.BEET)));
    Item covered = ((ItemShape) filled("g", SLATE)).withFillStyle(Optional.of(cover));
    Job job = Made.card(filled("a", SLATE), covered,
        Made.words("w", "Ink", 1, 1, 3, 1, Made.style("Alegreya", "Bold", 40).withColour(SLATE)))
        .withPalette(new Palette(List.of(Swatch.of("slate", SLATE), Swatch.of("beet", Made.BEET)), Colour.WHITE));
    Job changed = ColourEdits.swatch(
        SLATE, new Swatch("moss", Colour.of(0x556B2F), Optional.of(new Ink.Process(new Cmyk(0.5, 0.2, 0.9, 0.3))))).change().apply(job);
    for (Item item : changed.faces().get(0).items()) {
      assertTrue(item.colours().contains(Colour.of(0x556B2F)), item.id());
      assertFalse(item.colours().contains(SLATE), item.id());
    }
    assertEquals("moss", changed.palette().swatches().get(0).name());
    Job other = ColourEdits.repaint(List.of(Swatch.of("one", Made.BEET), Swatch.of("two", SLATE))).change().apply(job);
    assertTrue(other.faces().get(0).items().get(0).colours().contains(Made.BEET), "two colours that change places");
    assertEquals(List.of(Made.BEET, SLATE),
        ((FillStyle.Gradient) ((ItemShape) other.faces().get(0).items().get(1)).fillStyle().orElseThrow()).stops().stream()
        .map(FillStyle.Stop::colour).toList());
    Job again = ThimbleFile.read("j", new java.io.ByteArrayInputStream(
        ThimbleFile.bytes(changed.withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP).withLimit(2.8)))));
    assertEquals(changed.palette(), again.palette());
    assertEquals(2.8, again.colour().limit());
    assertEquals(Destination.PRINT_SHOP, again.colour().to());
  }

  /** Black ink alone over a large area is told; one press makes it a black of four inks within the limit. */
  @Test
  void aLargeFlatBlackIsOfferedDepth() {
    Job card = Made.card(Made.background("g").filled(Optional.of(Colour.BLACK))).withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
    Job flat = ColourEdits.ink(Colour.BLACK, Optional.of(new Ink.Process(Cmyk.BLACK))).change().apply(card);
    Finding finding = Checks.run(flat).stream().filter(f -> f.code().equals("black-flat")).findFirst().orElseThrow();
    assertEquals(5.25 * 7.25, finding.figure(), 1e-9);
    Job rich = Checks.mends(flat, finding).get(0).edit().change().apply(flat);
    assertTrue(Checks.run(rich).stream().noneMatch(f -> f.code().equals("black-flat") || f.code().equals("ink-load")));
    assertEquals(2.4, rich.colour().inking(rich.palette()).of(Colour.BLACK).process().load(), 1e-9);
  }
}
