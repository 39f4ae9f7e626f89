package org.zipthimble.core.units;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.wording.Trouble;

class LengthsTest {
  /** The spellings of the design; 1 in = 25.4 mm (international inch), 1 pt = 1/72 in (ISO 32000). */
  @ParameterizedTest
  @CsvSource(delimiter = '|', quoteCharacter = '~', value = {
    "4.75 | 4.75", "4 3/4 | 4.75", "4-3/4\" | 4.75", "4¾ | 4.75", "¾ | 0.75", "120 mm | 4.724409448818897", "12cm | 4.724409448818897",
    "28 pt | 0.3888888888888889", "2ft 6in | 30", "2 + 2*1/8 | 2.25", "5' 3\" | 63", "1 pica | 0.16666666666666666",
    "(5 + 2*1/8) / 2 | 2.625", "-1 1/8 | -1.125", "4 - 3/4 | 3.25", "25.4mm | 1", "1m | 39.37007874015748",
    "2 x 3/16 | 0.375", "10mm + 1/2 | 0.8937007874015748", ".5 | 0.5", "3″ | 3", "−2 | -2", "1 in - 4 mm | 0.8425196850393701"})
  void readsWhatPeopleType(String typed, double inches) throws Trouble {
    assertEquals(inches, Lengths.parse(typed, Unit.INCH), 1e-12);
  }

  /** A fraction of a unit is a length, whatever the person's own unit. */
  @ParameterizedTest
  @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
    "1/8 in | 0.125", "1/2in | 0.5", "3/4\" | 0.75", "1/64in + 1/8 in | 0.140625", "2*1/8 in | 0.25", "1/2 ft | 6", "-1/4 in | -0.25",
    "7/2 in/2 | 1.75", "36/2 pt | 0.25"})
  void aFractionOfAUnitIsALength(String typed, double inches) throws Trouble {
    assertEquals(inches, Lengths.parse(typed, Unit.INCH), 1e-12);
    assertEquals(inches, Lengths.parse(typed, Unit.POINT), 1e-12);
  }

  @Test
  void aBareNumberIsInThePersonsUnit() throws Trouble {
    assertEquals(1, Lengths.parse("25.4", Unit.MILLIMETRE), 1e-15);
    assertEquals(0.5, Lengths.parse("36", Unit.POINT), 1e-15);
    assertEquals(1, Lengths.parse("1 in", Unit.MILLIMETRE), 1e-15);
    assertEquals(2, Lengths.parse("25.4 + 1in", Unit.MILLIMETRE), 1e-15);
  }

  @ParameterizedTest
  @ValueSource(strings = {
    "", "   ", "abc", "4 3/", "3/0", "4 3/0", "2in*3in", "1/0in", "12,5", "1,000", "(3", "3)", "3 4", "5 px", "5 furlongs", "1e5",
    "NaN", "Infinity", "--", "+", "999999999", "5 in in", "((((((((((((((((((((((1))))))))))))))))))))))"})
  void saysWhatIsWrong(String typed) {
    Trouble trouble = assertThrows(Trouble.class, () -> Lengths.parse(typed, Unit.INCH));
    assertTrue(trouble.getMessage().length() > 15 && trouble.getMessage().endsWith("."), trouble.getMessage());
  }

  @Test
  void aLongTextIsRefusedAndNotRead() {
    assertThrows(Trouble.class, () -> Lengths.parse("1+".repeat(5000) + "1", Unit.INCH));
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
    "4.75 | 4 3/4", "0.125 | 1/8", "-1.125 | -1 1/8", "0 | 0", "5 | 5", "0.015625 | 1/64", "0.4 | 0.4", "0.3333333333 | 0.3333",
        "-0.00000001 | 0"})
  void showsInchesAsFractionsWhereTheyFit(double inches, String shown) {
    assertEquals(shown, Lengths.show(inches, Unit.INCH));
  }

  @Test
  void showsOtherUnits() {
    assertEquals("127", Lengths.show(5, Unit.MILLIMETRE));
    assertEquals("120", Lengths.show(120 / 25.4, Unit.MILLIMETRE));
    assertEquals("360", Lengths.show(5, Unit.POINT));
    assertEquals("5 × 7 in", Lengths.show(new Size(5, 7), Unit.INCH));
    assertEquals("1/8 in", Lengths.showWithSign(0.125, Unit.INCH));
  }

  @Property(seed = "20261128")
  void everySixtyFourthComesBackExactly(@ForAll @IntRange(min = -64_000, max = 64_000) int parts) throws Trouble {
    double inches = parts / 64.0;
    assertEquals(inches, Lengths.parse(Lengths.show(inches, Unit.INCH), Unit.INCH), 0);
  }

  @Property(seed = "20261128")
  void whatIsShownIsReadAgainNearly(@ForAll @DoubleRange(min = -500, max = 500) double inches) throws Trouble {
    for (Unit unit : Unit.values()) {
      assertEquals(inches, Lengths.parse(Lengths.show(inches, unit), unit), 1e-4);
    }
  }

  @Property(seed = "20261128")
  void anyTextIsReadOrRefusedWithASentence(@ForAll String text) {
    try {
      assertTrue(Math.abs(Lengths.parse(text, Unit.INCH)) <= Lengths.LONGEST);
    } catch (Trouble trouble) {
      assertTrue(!trouble.getMessage().isBlank());
    }
  }

  @Test
  void plainNumbersTakePerCentAndDegreesButNoLengths() throws Trouble {
    assertEquals(120, Lengths.parseNumber("120 %", 0, 400));
    assertEquals(45, Lengths.parseNumber("45°", 0, 360));
    assertEquals(30, Lengths.parseNumber("360/12", 0, 360));
    assertThrows(Trouble.class, () -> Lengths.parseNumber("5 mm", 0, 360));
    Trouble out = assertThrows(Trouble.class, () -> Lengths.parseNumber("500", 0, 360));
    assertTrue(out.getMessage().contains("360"), out.getMessage());
  }

  @Test
  void rulersMarkWholeUnitsAndSixteenths() {
    var inches = RulerMarks.between(96, 0, 1, Unit.INCH);
    assertEquals(17, inches.size(), "an inch in sixteenths has 17 marks");
    assertEquals(1.0 / 16, inches.get(1).inches(), 1e-12);
    assertEquals("1", inches.get(16).label());
    assertEquals(0, inches.get(16).level());
    assertEquals(1, inches.get(8).level(), "the half inch is the longest of the parts");
    assertEquals("10", RulerMarks.between(200, 0, 1, Unit.MILLIMETRE).get(10).label());
    assertTrue(RulerMarks.between(4, -50, 50, Unit.INCH).stream().filter(m -> !m.label().isEmpty()).count() < 15);
  }

  @Test
  void sizesAreAboveZero() {
    assertThrows(IllegalArgumentException.class, () -> new Size(0, 1));
    assertThrows(IllegalArgumentException.class, () -> new Size(1, Double.NaN));
    assertEquals(new Size(7, 5), new Size(5, 7).swapped());
    assertEquals(new Size(5.25, 7.25), new Size(5, 7).grown(0.125));
  }
}
