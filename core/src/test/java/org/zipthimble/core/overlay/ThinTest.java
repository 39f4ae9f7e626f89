package org.zipthimble.core.overlay;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;

/** Thin parts: the width told is the true one, and sharp inner joints of wide strokes are none. */
class ThinTest {
  private static final double LEAST = 1.0 / 16;

  /** Two arms that meet in a notch; the strokes are 0.064 in wide where they are narrowest (drawn by hand, worked out with a ruler). */
  @Test
  void theJointOfTwoWideEnoughStrokesIsNotThin() {
    Path w = PathText.read(
        "M5.9231 8.8290L5.7890 9.1893L5.7064 8.9834L5.6100 9.1902L5.4703 8.8290L5.5505 8.8290L5.6188 9.0299L5.6720 8.8976L5.6445 8.8290"
            + "L5.7125 8.8290L5.7906 9.0219L5.8494 8.8290Z");
    assertTrue(Thin.thinnest(w, LEAST).isEmpty());
  }

  @Test
  void aBarBetweenTwoPostsIsToldWithItsTrueWidth() {
    for (double bar : new double[] {0.01, 0.03, 0.05, 0.058}) {
      Path posts = Combine.combine(Way.JOIN, List.of(
          Shapes.rectangle(new Box(0, 0, 0.3, 1)), Shapes.rectangle(new Box(0.7, 0, 0.3, 1)),
          Shapes.rectangle(new Box(0.2, 0.4, 0.6, bar))));
      Thin.Place place = Thin.thinnest(posts, LEAST).orElseThrow();
      assertEquals(bar, place.width(), 0.001);
      assertTrue(place.where().grown(0.05).contains(new Box(0.5, 0.4, 0.01, bar), 1e-3));
    }
  }

  @Test
  void aBarJustAsWideAsAskedForIsWell() {
    assertTrue(Thin.thinnest(Shapes.rectangle(new Box(0, 0, 2, LEAST)), LEAST).isEmpty());
    assertTrue(Thin.thinnest(Shapes.rectangle(new Box(0, 0, 2, LEAST * 0.95)), LEAST).isPresent());
  }
}
