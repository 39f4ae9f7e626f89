package org.zipthimble.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.units.Size;

/** Flags beside what they speak of, none over another. */
class FlagLayoutTest {
  private static final Box ROOM = new Box(0, 0, 800, 600);
  private static final Box ART = new Box(250, 100, 300, 400);
  private static final double GAP = 6;

  private static boolean meet(Box a, Box b) {
    return a.x() < b.right() - 1e-9 && a.right() > b.x() + 1e-9 && a.y() < b.bottom() - 1e-9 && a.bottom() > b.y() + 1e-9;
  }

  private static void assertApart(List<Box> flags) {
    for (int i = 0; i < flags.size(); i++) {
      for (int j = i + 1; j < flags.size(); j++) {
        assertTrue(!meet(flags.get(i), flags.get(j)), i + " and " + j + " meet: " + flags);
      }
    }
  }

  private static void assertInside(List<Box> flags) {
    for (Box flag : flags) {
      assertTrue(flag.x() >= -1e-9 && flag.y() >= -1e-9 && flag.right() <= 800 + 1e-9 && flag.bottom() <= 600 + 1e-9, flag.toString());
    }
  }

  @Test
  void oneFlagKeepsItsSizeAndStandsClearOfTheArt() {
    List<Box> placed = FlagLayout.place(List.of(new Box(300, 200, 40, 20)), List.of(new Size(150, 30)), ROOM, ART, GAP);
    assertEquals(1, placed.size());
    assertEquals(150, placed.get(0).width(), 1e-9);
    assertEquals(30, placed.get(0).height(), 1e-9);
    assertTrue(!meet(placed.get(0), ART), placed.toString());
    assertInside(placed);
  }

  @Test
  void flagsOfOnePlaceStandApart() {
    List<Box> spots = new ArrayList<>();
    List<Size> sizes = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      spots.add(new Box(300, 300, 10, 10));
      sizes.add(new Size(140, 34));
    }
    List<Box> placed = FlagLayout.place(spots, sizes, ROOM, ART, GAP);
    assertEquals(8, placed.size());
    assertApart(placed);
    assertInside(placed);
  }

  @Test
  void whatLiesLeftHasItsFlagLeft() {
    List<Box> placed = FlagLayout.place(List.of(new Box(255, 120, 10, 10), new Box(535, 120, 10, 10)),
        List.of(new Size(120, 30), new Size(120, 30)), ROOM, ART, GAP);
    assertTrue(placed.get(0).right() < placed.get(1).x(), placed.toString());
  }

  @Test
  void nothingToPlaceIsNothingPlaced() {
    assertEquals(List.of(), FlagLayout.place(List.of(), List.of(), ROOM, ART, GAP));
  }

  /** Made-up places by a fixed seed: however they lie, no flag covers another. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34})
  void anyPlacesGiveFlagsApart(long seed) {
    Random random = new Random(seed);
    List<Box> spots = new ArrayList<>();
    List<Size> sizes = new ArrayList<>();
    int many = 2 + random.nextInt(9);
    for (int i = 0; i < many; i++) {
      spots.add(new Box(250 + random.nextInt(290), 100 + random.nextInt(390), 1 + random.nextInt(40), 1 + random.nextInt(40)));
      sizes.add(new Size(90 + random.nextInt(70), 24 + random.nextInt(20)));
    }
    List<Box> placed = FlagLayout.place(spots, sizes, ROOM, ART, GAP);
    assertEquals(many, placed.size(), "seed " + seed);
    assertApart(placed);
  }
}
