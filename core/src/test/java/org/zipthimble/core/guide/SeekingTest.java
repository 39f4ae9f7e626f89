package org.zipthimble.core.guide;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Finding by a few letters, by other words and past a slip. */
class SeekingTest {
  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
      "mirror   | Mirror left for right | flip, reverse",
      "FLIP     | Mirror left for right | flip, reverse",
      "rever    | Mirror left for right | flip, reverse",
      "left mir | Mirror left for right | flip, reverse",
      "mirorr   | Mirror left for right | flip, reverse",
      "mirrr    | Mirror left for right | flip, reverse",
      "mirroor  | Mirror left for right | flip, reverse",
      "reserve  | Keep for later        | reserve",
      "cut out  | Take out a background colour | cut out, remove background"})
  void itIsFound(String typed, String title, String also) {
    assertTrue(Seeking.fit(typed, title, also) > 0, typed);
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
      "flip   | Mirror left for right | ''",
      "mirror bleed | Mirror left for right | flip",
      "milk   | Mirror left for right | flip",
      "flap   | Mirror left for right | flip",
      "nirrxr | Mirror left for right | flip"})
  void whatWasNotMeantIsNotFound(String typed, String title, String also) {
    assertEquals(0, Seeking.fit(typed, title, also), typed);
  }

  @Test
  void aNameGoesBeforeOtherWordsAndThoseBeforeSlips() {
    int whole = Seeking.fit("bleed", "Bleed", "");
    int begins = Seeking.fit("blee", "Bleed", "");
    int inside = Seeking.fit("leed", "Bleed", "");
    int other = Seeking.fit("bleed", "Edge", "bleed, overrun");
    int slip = Seeking.fit("blede", "Bleed", "");
    assertTrue(whole > begins && begins > inside && inside > slip && other > slip && whole > other,
        whole + " " + begins + " " + inside + " " + other + " " + slip);
    assertTrue(Seeking.fit("cut out", "x", "cut out, rub") > Seeking.fit("cut out", "x", "out, cut"), "said as one it fits better");
    assertEquals(1, Seeking.fit("  ", "Bleed", ""), "nothing typed fits all");
  }
}
