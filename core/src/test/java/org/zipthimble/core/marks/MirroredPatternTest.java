package org.zipthimble.core.marks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.work.Progress;

/** Where the tiles of a pattern come out on a page, seen in its pixels. A tile is an inch; its art is a quarter of it at its top left. */
class MirroredPatternTest {
  private static final int PPI = 40;

  private static Job tiled(FillStyle.Laying laying, Item... art) {
    ItemShape ground = Made.rectangle("g", 0, 0, 4, 4).filled(Optional.empty());
    return Made.card(ground.withFillStyle(Optional.of(new FillStyle.Tiles(List.of(art), new Size(1, 1), laying))));
  }

  private static BufferedImage painted(Job job) throws Exception {
    return RasterPainter.paint(Imposition.of(job, job.faces().get(0), PageOptions.of(false, job.ticket().mirror(), SheetPlan.ALONE)), PPI,
        new Halvings(), Progress.SILENT);
  }

  private static boolean inked(BufferedImage image, double x, double y) {
    return (image.getRGB((int) (x * PPI), (int) (y * PPI)) & 0xFFFFFF) != 0xFFFFFF;
  }

  private static Item corner() {
    return Made.rectangle("t", 0, 0, 0.5, 0.5).filled(Optional.of(Made.BEET));
  }

  /** The art of the second tile stands at its right, of the second row at its bottom: mirror images meet at the seams. */
  @ParameterizedTest
  @CsvSource({"0, 0, 0.25, 0.25", "1, 0, 0.75, 0.25", "0, 1, 0.25, 0.75", "1, 1, 0.75, 0.75", "2, 0, 0.25, 0.25", "3, 2, 0.75, 0.25",
      "2, 3, 0.25, 0.75"})
  void mirroredTilesMeetTheirImages(int column, int row, double x, double y) throws Exception {
    BufferedImage image = painted(tiled(FillStyle.Laying.MIRRORED, corner()));
    assertTrue(inked(image, column + x, row + y), "the art is there");
    assertTrue(!inked(image, column + 1 - x, row + 1 - y), "and not at the other corner");
  }

  @ParameterizedTest
  @EnumSource(FillStyle.Laying.class)
  void theFirstTileBeginsAtTheGroundsCorner(FillStyle.Laying laying) throws Exception {
    assertTrue(inked(painted(tiled(laying, corner())), 0.25, 0.25));
  }

  @Test
  void bricksAreShiftedByHalfInEverySecondRow() throws Exception {
    BufferedImage image = painted(tiled(FillStyle.Laying.BRICK, corner()));
    assertTrue(inked(image, 1.25, 0.25) && !inked(image, 1.75, 0.25));
    assertTrue(inked(image, 1.75, 1.25) && !inked(image, 1.25, 1.25));
  }

  @Test
  void halfDropsSinkByHalfInEverySecondColumn() throws Exception {
    BufferedImage image = painted(tiled(FillStyle.Laying.HALF_DROP, corner()));
    assertTrue(inked(image, 0.25, 1.25) && !inked(image, 0.25, 1.75));
    assertTrue(inked(image, 1.25, 1.75) && !inked(image, 1.25, 1.25));
  }

  /** A page that is mirrored for a press mirrors what a pattern draws, tile by tile. */
  @Test
  void aMirroredPageMirrorsThePatternToo() throws Exception {
    Job job = tiled(FillStyle.Laying.GRID, corner());
    BufferedImage plain = painted(job);
    BufferedImage mirrored = painted(job.withTicket(job.ticket().withMirror(true)));
    int differing = 0;
    for (int y = 0; y < plain.getHeight(); y++) {
      for (int x = 0; x < plain.getWidth(); x++) {
        differing += plain.getRGB(x, y) == mirrored.getRGB(plain.getWidth() - 1 - x, y) ? 0 : 1;
      }
    }
    assertTrue(differing < plain.getWidth() * plain.getHeight() / 200, "pixels that differ: " + differing);
  }

  @Test
  void aPatternEndsWhereItsGroundDoes() throws Exception {
    BufferedImage image = painted(tiled(FillStyle.Laying.GRID, Made.rectangle("t", 0, 0, 1, 1).filled(Optional.of(Made.BEET))));
    assertTrue(inked(image, 3.9, 3.9));
    assertTrue(!inked(image, 4.1, 3.9) && !inked(image, 3.9, 4.1));
  }

  /** Foil on words: the sheen lies within the letters, and their colour is not flat any more. */
  @Test
  void foilOnWordsIsDrawnWithinTheLetters() throws Exception {
    HoldsWords words = Made.words("w", "MARROW", 0.5, 1, 4, 1.5, Made.style("Fraunces", "Black", 60));
    HoldsWords shiny = words.finished(Optional.of(FillStyle.Finish.of(Texture.Surface.FOIL, Colour.of(0xB07F2A))));
    BufferedImage flat = painted(Made.card(words.styled(s -> s.withColour(Colour.of(0xB07F2A)))));
    BufferedImage foil = painted(Made.card(shiny));
    int inked = 0;
    int outside = 0;
    java.util.Set<Integer> colours = new java.util.HashSet<>();
    for (int y = 0; y < flat.getHeight(); y++) {
      for (int x = 0; x < flat.getWidth(); x++) {
        boolean in = (flat.getRGB(x, y) & 0xFFFFFF) != 0xFFFFFF;
        boolean shines = (foil.getRGB(x, y) & 0xFFFFFF) != 0xFFFFFF;
        inked += shines ? 1 : 0;
        outside += shines && !in ? 1 : 0;
        if (shines) {
          colours.add(foil.getRGB(x, y));
        }
      }
    }
    assertTrue(inked > 500, "pixels with ink: " + inked);
    assertEquals(0, outside, inked * 0.02, "pixels beyond the letters");
    assertTrue(colours.size() > 50, "shades of the sheen: " + colours.size());
  }
}
