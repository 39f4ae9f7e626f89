package org.zipthimble.core.colour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Contrast ratios against figures that are published with the W3C's guidelines (Understanding success criterion 1.4.3 and its techniques
 * G17, G18: 21 for black on white, 4.54 for #767676, 7 for #595959 on white; the others worked out by hand from the formula of WCAG 2.2).
 */
class ContrastTest {
  @ParameterizedTest
  @CsvSource({"000000, ffffff, 21", "767676, ffffff, 4.54", "777777, ffffff, 4.48", "595959, ffffff, 7.0", "ff0000, ffffff, 4.0",
      "0000ff, ffffff, 8.59",
      "00ff00, ffffff, 1.37", "ffff00, ffffff, 1.07", "949494, ffffff, 3.03", "123456, 123456, 1"})
  void ratiosAreThoseOfTheGuidelines(String a, String b, double wanted) {
    Colour one = Colour.of(Integer.parseInt(a, 16));
    Colour two = Colour.of(Integer.parseInt(b, 16));
    assertEquals(wanted, Contrast.ratio(one, two), 0.005);
    assertEquals(Contrast.ratio(one, two), Contrast.ratio(two, one), 1e-12, "whichever lies on top");
  }

  @ParameterizedTest
  @CsvSource({"10, false, 4.5", "17.9, false, 4.5", "18, false, 3", "14, true, 3", "13.9, true, 4.5"})
  void largeWordsNeedLess(double pt, boolean bold, double least) {
    assertEquals(least, Contrast.least(pt, bold));
  }

  @ParameterizedTest
  @CsvSource({"000000, 0", "ffffff, 1", "ff0000, 0.2126", "00ff00, 0.7152", "0000ff, 0.0722"})
  void lightIsThatOfThePrimaries(String colour, double wanted) {
    double light = Contrast.luminance(Colour.of(Integer.parseInt(colour, 16)));
    assertEquals(wanted, light, 1e-9);
    assertTrue(light >= 0 && light <= 1);
  }
}
