package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.geom.Point;

/**
 * Lines along a level against the areas that each kind of cell has in the table of marching squares, and against a cone whose lines are
 * circles.
 */
class IsoLinesTest {
  private static final long SEED = 20_261_130;

  /** What of a cell is inside when so many of its corners are; two that lie across from each other leave two corners out. */
  private static final double[] PARTS = {0, 1 / 8.0, 1 / 2.0, 7 / 8.0, 1};

  private static double area(List<Point> chain) {
    double twice = 0;
    for (int i = 0; i < chain.size(); i++) {
      Point a = chain.get(i);
      Point b = chain.get((i + 1) % chain.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }

  private static int in(float[] field, int width, int height, int x, int y) {
    return x < 0 || y < 0 || x >= width || y >= height ? 0 : (int) field[y * width + x];
  }

  @ParameterizedTest
  @CsvSource({"1, 1", "1, 40", "62, 30", "63, 31", "64, 17", "65, 9", "127, 20", "128, 20", "200, 150"})
  void chanceIsParted(int width, int height) {
    Random chance = new Random(SEED + width);
    float[] field = new float[width * height];
    for (int i = 0; i < field.length; i++) {
      field[i] = chance.nextInt(2);
    }
    field[0] = 1;
    double expected = 0;
    int edges = 0;
    for (int y = -1; y < height; y++) {
      for (int x = -1; x < width; x++) {
        int here = in(field, width, height, x, y);
        int right = in(field, width, height, x + 1, y);
        int below = in(field, width, height, x, y + 1);
        int across = in(field, width, height, x + 1, y + 1);
        boolean saddle = here == across && right == below && here != right;
        expected += saddle ? 3 / 4.0 : PARTS[here + right + below + across];
        edges += (here == right ? 0 : 1) + (here == below ? 0 : 1);
      }
    }
    List<List<Point>> chains = IsoLines.of(field, width, height, 0.5f);
    assertEquals(edges, chains.stream().mapToInt(List::size).sum(), "every edge between in and out is passed once, seed " + SEED);
    double found = chains.stream().mapToDouble(IsoLinesTest::area).sum();
    assertEquals(expected, Math.abs(found), 0.002 * edges + 0.01, "seed " + SEED);
  }

  @Test
  void aConesLinesAreCirclesAndARingHasAHole() {
    int side = 129;
    float[] field = new float[side * side];
    for (int i = 0; i < field.length; i++) {
      field[i] = (float) (100 - Math.abs(40 - Math.hypot(i % side - 64, i / side - 64)));
    }
    List<List<Point>> chains = IsoLines.of(field, side, side, 95);
    assertEquals(2, chains.size());
    for (List<Point> chain : chains) {
      double radius = chain.get(0).distance(new Point(64.5, 64.5)) > 40 ? 45 : 35;
      chain.forEach(p -> assertEquals(radius, p.distance(new Point(64.5, 64.5)), 0.01));
      assertEquals(Math.PI * radius * radius, Math.abs(area(chain)), Math.PI * radius * radius * 0.001);
    }
    assertTrue(area(chains.get(0)) * area(chains.get(1)) < 0, "a hole runs the other way");
  }
}
