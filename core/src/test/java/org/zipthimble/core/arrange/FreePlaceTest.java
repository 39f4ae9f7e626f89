package org.zipthimble.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Size;

/** New words stand in the middle, or clear of the words that stand there. */
class FreePlaceTest {
  private static final Size BLOCK = new Size(2, 0.5);

  private static Box place(Item... items) {
    Job job = Made.card(items);
    return FreePlace.forWords(job.faces().get(0), job.frame(job.faces().get(0)), BLOCK);
  }

  private static Item words(String id, double y, double height) {
    return Made.words(id, "words", 1, y, 3, height, Made.style("Alegreya", "Regular", 12));
  }

  private static Box trim() {
    Job job = Made.card();
    return job.frame(job.faces().get(0)).trim();
  }

  @Test
  void theMiddleWhereNothingStands() {
    Box at = place();
    assertEquals(trim().centre().x(), at.centre().x(), 1e-9);
    assertEquals(trim().centre().y(), at.centre().y(), 1e-9);
    assertEquals(at, place(Made.rectangle("i1", 0, 0, trim().width(), trim().height())), "words may stand on a ground");
    assertEquals(at, place(words("i1", 0.5, 0.5)), "words elsewhere are in nobody's way");
  }

  @Test
  void belowTheWordsInTheMiddle() {
    double middle = trim().centre().y();
    Box at = place(words("i1", middle - 0.3, 0.5));
    assertEquals(middle + 0.2 + 0.125, at.y(), 1e-9);
    assertEquals(trim().centre().x(), at.centre().x(), 1e-9);
  }

  @Test
  void aboveThemWhereThatIsNearer() {
    double middle = trim().centre().y();
    Box at = place(words("i1", middle - 0.1, 1.2));
    assertEquals(middle - 0.1 - 0.125, at.bottom(), 1e-9);
  }

  /** One after the other until the face is full: none lies on another before there is no room. */
  @Test
  void manyBlocksDoNotLieOnOneAnother() {
    List<Item> items = new ArrayList<>();
    int room = (int) Math.floor((trim().height() - 0.25) / 0.625) - 1;
    for (int i = 0; i < room; i++) {
      Box at = place(items.toArray(Item[]::new));
      for (Item other : items) {
        Box box = other.placement().box();
        assertTrue(at.bottom() <= box.y() + 1e-9 || at.y() >= box.bottom() - 1e-9, i + ": " + at + " lies on " + box);
      }
      items.add(Made.words("i" + (i + 1), "words", at.x(), at.y(), at.width(), at.height(), Made.style("Alegreya", "Regular", 12)));
    }
    List<Item> full = List.of(words("i1", 0, trim().height()));
    assertEquals(trim().centre().y(), place(full.toArray(Item[]::new)).centre().y(), 1e-9, "no room: the middle");
  }
}
