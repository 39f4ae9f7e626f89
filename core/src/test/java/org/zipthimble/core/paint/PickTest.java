package org.zipthimble.core.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.units.Shares;
import org.zipthimble.core.wording.Trouble;

/** Colours picked from the bench, tints of swatches, and columns as people type them. */
class PickTest {
  private static Colour pick(Job job, double x, double y, double across) {
    return Pick.at(Imposition.bench(job, job.faces().get(0)), new Point(x, y), across, new Halvings());
  }

  @Test
  void aPointGivesItsColourAndASquareItsMean() {
    Job job = Made.card(Made.rectangle("a", 0, 0, 2, 7).filled(Optional.of(Colour.of(0x204060))),
        Made.rectangle("b", 2, 0, 3, 7).filled(Optional.of(Colour.of(0x6080A0))));
    assertEquals(Colour.of(0x204060), pick(job, 1.9, 3, 0));
    assertEquals(Colour.of(0x6080A0), pick(job, 2.1, 3, 0));
    assertEquals(Colour.of(0x406080), pick(job, 2, 3, 0.5), "half of each");
    assertEquals(Colour.WHITE, pick(Made.card(), 1, 1, 0), "bare paper");
  }

  /** 40 % of a plate is the same plate at 40 %; of four inks each is 40 %. */
  @Test
  void aTintIsSoMuchOfTheInks() {
    Swatch foil = new Swatch("foil", Colour.of(0xB8862D),
        Optional.of(new Ink.Spot("Gold foil", Ink.Kind.FOIL, new Cmyk(0.2, 0.4, 0.9, 0.1), 0.5)));
    Ink.Spot tint = (Ink.Spot) foil.tint(0.4).ink().orElseThrow();
    assertEquals("Gold foil", tint.name());
    assertEquals(0.2, tint.tint(), 1e-9);
    Swatch inks = new Swatch("slate", Colour.BLACK, Optional.of(new Ink.Process(new Cmyk(1, 0.5, 0, 0.25))));
    assertEquals(new Ink.Process(new Cmyk(0.4, 0.2, 0, 0.1)), inks.tint(0.4).ink().orElseThrow());
    assertEquals(Colour.of(0x999999), inks.tint(0.4).colour());
    assertEquals(Colour.WHITE, inks.tint(0).colour());
  }

  @Test
  void columnsAreACountOrShares() throws Exception {
    assertEquals(List.of(1.0, 1.0, 1.0), Shares.read("3"));
    assertEquals(List.of(2.0, 1.0, 1.0), Shares.read(" 2 1 1 "));
    assertEquals(List.of(2.0, 1.5), Shares.read("2:1.5"));
    assertEquals("3", Shares.show(List.of(1.0, 1.0, 1.0)));
    assertEquals("2 1.5", Shares.show(List.of(2.0, 1.5)));
    for (String wrong : new String[] {"0", "-2", "many", "1 0", "60", ""}) {
      assertThrows(Trouble.class, () -> Shares.read(wrong), wrong);
    }
  }
}
