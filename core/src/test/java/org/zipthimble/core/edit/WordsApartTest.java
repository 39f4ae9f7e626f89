package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.Course;

/** Words taken apart: nothing moves, nothing is lost, every part is a shape with its letters' name and colour. */
class WordsApartTest {
  private static Job job(Optional<Course> course) {
    HoldsWords words = Made.words("i1", "Bring your\nseeds", 1, 1, 3, 3, Made.style("Josefin Sans", "Bold", 30));
    return Made.card(Made.background("i9"), words.withCourse(course)
        .withStory(words.story().restyled(6, 10, s -> s.withColour(Made.CREAM))).with(Placement.of(1, 1, 3, 3, 15)),
        Made.ellipse("i2", 4, 6, 0.5, 0.5));
  }

  private static List<Item> apart(Job job, WordsApart.Into into) {
    return WordsApart.apart("f1", Set.of("i1"), into).change().apply(job).faces().get(0).items();
  }

  @ParameterizedTest
  @CsvSource({"LETTERS, 14", "WORDS, 3", "LINES, 2"})
  void thePartsStandWhereTheLettersStood(WordsApart.Into into, int count) {
    for (Optional<Course> course : List.of(Optional.<Course>empty(), Optional.of(Course.OVER_THE_TOP))) {
      Job job = job(course);
      List<Item> items = apart(job, into);
      assertEquals(count + 2, items.size());
      assertEquals("i9", items.get(0).id());
      assertEquals("i2", items.get(items.size() - 1).id(), "they keep their place in the order");
      Forms forms = new Forms(job);
      Path before = forms.outline(job.faces().get(0).items().get(1));
      Path after = items.subList(1, count + 1).stream().map(forms::outline).reduce(Path.EMPTY, Path::plus);
      assertEquals(Extent.area(before), Extent.area(after), 1e-9);
      var a = Measure.bounds(before).orElseThrow();
      var b = Measure.bounds(after).orElseThrow();
      assertEquals(a.x(), b.x(), 1e-9);
      assertEquals(a.bottom(), b.bottom(), 1e-9);
      assertEquals(count + 2, items.stream().map(Item::id).distinct().count());
    }
  }

  @Test
  void namesAndColoursAreThoseOfTheLetters() {
    List<Item> words = apart(job(Optional.empty()), WordsApart.Into.WORDS);
    assertEquals(List.of("Bring", "your", "seeds"), words.subList(1, 4).stream().map(i -> i.properties().name()).toList());
    assertEquals(Optional.of(Made.CREAM), words.get(2).outlined().orElseThrow().fill());
    assertEquals("B", apart(job(Optional.empty()), WordsApart.Into.LETTERS).get(1).properties().name());
    assertTrue(apart(Made.card(Made.words("i1", "  ", 1, 1, 1, 1, Made.style("Alegreya", "Regular", 12))), WordsApart.Into.LETTERS).get(0)
        .words().isPresent(), "blanks stay words");
  }
}
