package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Softening, narrow and wide, against the bell curve (the normal distribution's density) and its variance. */
class BlurTest {
  private static final int SIDE = 121;
  private static final int MIDDLE = SIDE / 2;

  private static float[] dot() {
    float[] field = new float[SIDE * SIDE];
    field[MIDDLE * SIDE + MIDDLE] = 1;
    return field;
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.5, 0.8, 1, 1.4, 2, 4, 8})
  void aDotBecomesABellOfTheAskedWidth(double sigma) {
    float[] soft = Blur.soft(dot(), SIDE, SIDE, sigma);
    double sum = 0;
    double across = 0;
    double down = 0;
    for (int i = 0; i < soft.length; i++) {
      double dx = i % SIDE - MIDDLE;
      double dy = Math.floorDiv(i, SIDE) - MIDDLE;
      sum += soft[i];
      across += soft[i] * dx * dx;
      down += soft[i] * dy * dy;
    }
    assertEquals(1, sum, 1e-4, "nothing is lost");
    assertEquals(sigma, Math.sqrt(across), sigma * 2e-3, "as wide as it is asked");
    assertEquals(across, down, 1e-3 * across, "as wide as high");
    double top = 1 / (2 * Math.PI * across);
    assertEquals(top, soft[MIDDLE * SIDE + MIDDLE], top * (sigma < 1 ? 0.45 : 0.2), "the height of a bell of that variance");
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.4, 0.8, 1.2, 3, 9})
  void whatIsEvenStaysEvenToTheEdges(double sigma) {
    float[] even = new float[40 * 25];
    Arrays.fill(even, 0.7f);
    assertArrayEquals(even, Blur.soft(even, 40, 25, sigma), 1e-5f);
  }

  /** The same picture lying on its side is softened to the same, whichever way the sums run. */
  @ParameterizedTest
  @ValueSource(doubles = {0.8, 1.5, 5})
  void rowsAndColumnsAreAlike(double sigma) {
    Random random = new Random(5);
    float[] field = new float[31 * 17];
    float[] turned = new float[field.length];
    for (int y = 0; y < 17; y++) {
      for (int x = 0; x < 31; x++) {
        field[y * 31 + x] = random.nextFloat();
        turned[x * 17 + y] = field[y * 31 + x];
      }
    }
    float[] one = Blur.soft(field, 31, 17, sigma);
    float[] two = Blur.soft(turned, 17, 31, sigma);
    for (int y = 0; y < 17; y++) {
      for (int x = 0; x < 31; x++) {
        assertEquals(one[y * 31 + x], two[x * 17 + y], 1e-5, x + ", " + y);
      }
    }
  }

  @Test
  void aWidthBelowAThirdOfAPixelChangesNothing() {
    float[] field = dot();
    assertSame(field, Blur.soft(field, SIDE, SIDE, 0.29));
  }
}
