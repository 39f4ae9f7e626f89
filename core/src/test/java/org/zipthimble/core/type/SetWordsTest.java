package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;

/** Words set in a block, and the outlines of their letters. */
class SetWordsTest {
  private static final JobFonts FONTS = new JobFonts(Made.card());

  private static SetWords set(String text, double width, double height, Align align) {
    return Typesetter.set(text, Made.style("Fraunces", "Regular", 24).withAlign(align), width, height, FONTS);
  }

  @ParameterizedTest
  @EnumSource(Align.class)
  void theOutlinesLieWhereTheLettersAreDrawn(Align align) {
    Box box = Measure.bounds(set("Beans", 4, 1, align).outline()).orElseThrow();
    double middle = box.centre().x();
    assertTrue(align == Align.LEFT || align == Align.JUSTIFIED ? middle < 1.5 : align == Align.RIGHT ? middle > 2.5
        : Math.abs(middle - 2) < 0.1, align + " " + box);
    assertTrue(box.y() >= -0.05 && box.bottom() <= 1, box.toString());
  }

  @Test
  void noWordsHaveNoOutline() {
    assertTrue(set("", 4, 1, Align.LEFT).outline().segments().isEmpty());
    assertTrue(set("   ", 4, 1, Align.LEFT).fits());
  }

  @Test
  void twoLinesCoverTwiceAsMuchAsOne() {
    double one = Extent.area(set("BEANS", 4, 2, Align.LEFT).outline());
    double two = Extent.area(set("BEANS\nBEANS", 4, 2, Align.LEFT).outline());
    assertEquals(2 * one, two, 1e-9);
  }

  @Test
  void theOutlineOfAnObjectIsThatOfItsWords() {
    HoldsWords words = Made.words("w", "Marrow", 1, 2, 3, 1, Made.style("Fraunces", "Regular", 24));
    Job job = Made.card(words);
    double own = Extent.area(set("Marrow", 3, 1, Align.LEFT).outline());
    assertEquals(own, Extent.area(new Forms(job).outline(words)), 1e-9);
    assertFalse(Measure.bounds(new Forms(job).outline(words)).orElseThrow().x() < 1);
  }
}
