package org.zipthimble.core.thing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Measuring a cup of one's own: what the tape tells, and how surely. */
class TapingTest {
  private static final double ERROR = 1.0 / 32;

  /** 500 made-up cups, every reading off by a normal error of 1/32 in. */
  @Test
  void theTruthLiesWithinWhatIsSaid() {
    Random random = new Random(1303);
    System.out.println("seed 1303");
    int cups = 500;
    int[] held = new int[5];
    for (int i = 0; i < cups; i++) {
      double top = 2 + 2 * random.nextDouble();
      double base = top * (0.6 + 0.25 * random.nextDouble());
      double slant = 3 + 5 * random.nextDouble();
      Taping taping = new Taping(Math.PI * top + error(random), Math.PI * base + error(random), slant + error(random), Optional.empty(),
          ERROR);
      held[0] += taping.top().holds(top) ? 1 : 0;
      held[1] += taping.base().holds(base) ? 1 : 0;
      held[2] += taping.slant().holds(slant) ? 1 : 0;
      held[3] += taping.round().holds(Math.PI * (top + base) / 2) ? 1 : 0;
      held[4] += taping.radius().orElseThrow().holds(slant * top / (top - base)) ? 1 : 0;
    }
    for (int count : held) {
      System.out.println("held " + count + " of " + cups);
      assertTrue(count >= 0.95 * cups, count + " of " + cups);
    }
  }

  private static double error(Random random) {
    return random.nextGaussian() * ERROR;
  }

  @Test
  void atTheSeamTheErrorOfTheRoundCounts() {
    Taping taping = new Taping(10, 8, 5, Optional.empty(), ERROR);
    assertEquals(2.2 * ERROR, taping.atSeam(), 1e-6);
  }

  /** By hand: 6 and 4 across with a side of 5 have a band of radius 15; a strip of 6 in sags 15 - sqrt(225 - 9) = 0.303 in. */
  @Test
  void aStripIsComparedWithTheTape() {
    Taping fits = new Taping(6 * Math.PI, 4 * Math.PI, 5, Optional.of(new Taping.Strip(6, 0.303)), ERROR);
    assertEquals(15 - Math.sqrt(225 - 9), fits.sagExpected().orElseThrow().value(), 1e-9);
    assertEquals(15, fits.stripRadius().orElseThrow().value(), 0.02);
    assertTrue(fits.agrees());
    Taping off = new Taping(6 * Math.PI, 4 * Math.PI, 5, Optional.of(new Taping.Strip(6, 0.6)), ERROR);
    assertFalse(off.agrees());
  }

  @Test
  void whatTheTapeCannotTellApartIsStraight() {
    Taping nearly = new Taping(9.50, 9.45, 4.5, Optional.empty(), ERROR);
    assertFalse(nearly.tapered());
    Cup cup = nearly.cup(0, 0.125);
    assertTrue(cup.untapered());
    assertEquals(9.475, cup.round(), 1e-9);
    assertTrue(new Taping(11, 8.5, 6, Optional.empty(), ERROR).cup(0, 0.125).band().isPresent());
  }

  @Test
  void heightUprightGivesTheSide() {
    assertEquals(Math.hypot(4, 0.5), Taping.side(3.5 * Math.PI, 2.5 * Math.PI, 4), 1e-12);
  }
}
