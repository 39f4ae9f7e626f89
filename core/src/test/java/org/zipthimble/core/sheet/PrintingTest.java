package org.zipthimble.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;

/** How printers lay pages, against arithmetic. */
class PrintingTest {
  private static Printing on(Size paper, Printing.Scaling scaling) {
    return new Printing(paper, Insets.all(0.25), scaling, 2, false);
  }

  /** Shrink to fit on 11 in with 0.25 in margins is (11 - 0.5) / 11: 12 in come out as 11.45 (trade facts, arithmetic). */
  @Test
  void shrinkToFitMakesTwelveElevenPointFortyFive() {
    Size sheet = new Size(11, 17);
    double scale = on(sheet, Printing.Scaling.SHRINK).scale(sheet);
    assertEquals(10.5 / 11, scale, 1e-12);
    assertEquals(11.4545, 12 * scale, 1e-4);
    assertFalse(on(sheet, Printing.Scaling.SHRINK).trueSize(sheet));
    assertTrue(on(sheet, Printing.Scaling.ACTUAL).trueSize(sheet));
  }

  @Test
  void shrinkNeverEnlargesAndFillDoes() {
    assertEquals(1, on(new Size(8.5, 11), Printing.Scaling.SHRINK).scale(new Size(4, 6)));
    assertEquals(Math.max(8 / 4.0, 10.5 / 6), on(new Size(8.5, 11), Printing.Scaling.FILL).scale(new Size(4, 6)), 1e-12);
    assertEquals(1.02, on(new Size(8.5, 11), Printing.Scaling.BORDERLESS).scale(new Size(8.5, 11)), 1e-12);
  }

  @Test
  void actualSizeLosesWhatLiesInTheMargins() {
    Printing how = on(new Size(8.5, 11), Printing.Scaling.ACTUAL);
    Insets lost = how.lost(new Size(8.5, 11), new Box(0, 0, 8.5, 11));
    assertEquals(Insets.all(0.25), lost);
    Insets inside = how.lost(new Size(8.5, 11), new Box(1, 1, 6.5, 9));
    assertEquals(Insets.NONE, inside);
  }

  @Test
  void aPageThatLiesTheOtherWayIsTurnedAndStaysInTheMiddle() {
    Printing how = on(new Size(8.5, 11), Printing.Scaling.ACTUAL);
    Size page = new Size(9, 4);
    assertTrue(how.turned(page));
    assertTrue(how.place(page).apply(new Point(4.5, 2)).distance(new Point(4.25, 5.5)) < 1e-12);
    assertEquals(4, how.place(page).apply(new Box(0, 0, 9, 4)).width(), 1e-9);
  }

  @Test
  void itsOwnMirrorTurnsLeftForRightAboutTheMiddle() {
    Printing how = on(new Size(8.5, 11), Printing.Scaling.ACTUAL).withMirror(true);
    assertTrue(how.place(new Size(8.5, 11)).apply(new Point(1, 2)).distance(new Point(7.5, 2)) < 1e-12);
  }

  @Test
  void marginsLeaveSomething() {
    assertThrows(IllegalArgumentException.class, () -> new Printing(new Size(4, 6), Insets.all(2), Printing.Scaling.ACTUAL, 0, false));
  }
}
