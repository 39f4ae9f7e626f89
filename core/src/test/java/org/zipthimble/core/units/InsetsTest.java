package org.zipthimble.core.units;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.geom.Box;

/** Widths at the four sides. */
class InsetsTest {
  private static final Insets FOUR = new Insets(0.1, 0.2, 0.3, 0.4);

  @Test
  void sidesStandInOrder() {
    assertEquals(0.1, FOUR.at(Side.LEFT));
    assertEquals(0.2, FOUR.at(Side.TOP));
    assertEquals(0.3, FOUR.at(Side.RIGHT));
    assertEquals(0.4, FOUR.at(Side.BOTTOM));
  }

  @ParameterizedTest
  @EnumSource(Side.class)
  void oneSideIsChangedAndTheOthersStay(Side side) {
    Insets other = FOUR.with(side, 0.9);
    for (Side each : Side.values()) {
      assertEquals(each == side ? 0.9 : FOUR.at(each), other.at(each), each.toString());
    }
  }

  @Test
  void evenMeansAllAlike() {
    assertTrue(Insets.all(0.125).even());
    assertTrue(Insets.NONE.even());
    assertFalse(FOUR.even());
  }

  @Test
  void theLeastAndTheMostAreTold() {
    assertEquals(0.1, FOUR.least());
    assertEquals(0.4, FOUR.most());
    assertEquals(new Insets(0.25, 0.25, 0.3, 0.4), FOUR.atLeast(0.25));
    assertEquals(new Insets(0.1, 0.2, 0.25, 0.25), FOUR.atMost(0.25));
  }

  @Test
  void mirroringSwapsLeftAndRightAlone() {
    assertEquals(new Insets(0.3, 0.2, 0.1, 0.4), FOUR.mirrored());
    assertEquals(FOUR, FOUR.mirrored().mirrored());
  }

  @ParameterizedTest
  @ValueSource(doubles = {-0.01, Double.NaN, Double.POSITIVE_INFINITY})
  void aWidthBelowNothingOrWithoutEndIsRefused(double bad) {
    assertThrows(IllegalArgumentException.class, () -> Insets.all(bad));
    assertThrows(IllegalArgumentException.class, () -> FOUR.with(Side.TOP, bad));
  }

  @Test
  void aBoxGrowsAndShrinksBySides() {
    Box box = new Box(1, 1, 5, 7);
    Box grown = box.grown(FOUR);
    assertEquals(0.9, grown.x(), 1e-12);
    assertEquals(0.8, grown.y(), 1e-12);
    assertEquals(5.4, grown.width(), 1e-12);
    assertEquals(7.6, grown.height(), 1e-12);
    Box back = grown.shrunk(FOUR);
    assertEquals(box.x(), back.x(), 1e-12);
    assertEquals(box.height(), back.height(), 1e-12);
  }

  @Test
  void sidesAreSpokenAndKnowWhichWayTheyRun() {
    assertEquals("left", Side.LEFT.spoken());
    assertTrue(Side.LEFT.upright() && Side.RIGHT.upright());
    assertFalse(Side.TOP.upright() || Side.BOTTOM.upright());
  }
}
