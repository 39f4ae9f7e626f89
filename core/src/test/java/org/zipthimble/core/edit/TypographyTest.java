package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;

/** Signs, cases, finding and replacing: what words say changes, how they look does not. */
class TypographyTest {
  private static final WordStyle STYLE = Made.style("Alegreya", "Regular", 14);

  private static String signs(String text) {
    Story story = Story.of(text, STYLE);
    return Typography.signs(story, 0, story.length()).text();
  }

  /** Usage as handbooks of typography have it; common practice, no source. */
  @ParameterizedTest
  @CsvSource(delimiter = '|', quoteCharacter = '#', value = {
    "\"Bring seeds\", she said | “Bring seeds”, she said", "'Bring seeds' | ‘Bring seeds’", "don't | don’t", "the '90s | the ’90s",
        "1/2 cup and 3/4 in | ½ cup and ¾ in",
    "5 x 7 in | 5 × 7 in", "5x7 | 5×7", "wait... | wait…", "2-5 p.m. | 2–5 p.m.", "beans -- and peas | beans – and peas",
    "beans--peas | beans—peas", "6\" wide | 6″ wide",
    "a \"word\" here | a “word” here", "11/12/27 | 11/12/27", "well-known | well-known", "(\"yes\") | (“yes”)"})
  void signsAreSetAsATypesetterDoes(String typed, String wanted) {
    assertEquals(wanted, signs(typed));
    assertEquals(wanted, signs(signs(typed)), "done twice it is the same");
  }

  @Test
  void onlyWhatIsChosenChangesAndLooksStay() {
    Story story = Story.of("\"one\" and \"two\"", STYLE).restyled(10, 15, s -> s.inFace("Alegreya", "Bold"));
    Story set = Typography.signs(story, 10, 15);
    assertEquals("\"one\" and “two”", set.text());
    assertEquals("“two”", set.runs().stream().filter(r -> r.look().style().equals("Bold")).map(r -> r.text())
        .collect(Collectors.joining()));
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
    "CAPITALS | Bring your seeds | BRING YOUR SEEDS", "SMALL | Bring YOUR Seeds | bring your seeds",
        "TITLE | the art of saving seeds | The Art of Saving Seeds",
    "SENTENCE | BRING SEEDS. TAKE SEEDS! WHO? | Bring seeds. Take seeds! Who?", "TITLE | don’t dig | Don’t Dig",
    "CAPITALS | straße | straße"})
  void casesAreChanged(Typography.CaseChange change, String typed, String wanted) {
    assertEquals(wanted, Typography.cased(Story.of(typed, STYLE), 0, typed.length(), change).text());
  }

  @Test
  void aFieldSaysWhatItsFactSays() {
    Story field = FactEdits.field(new org.zipthimble.core.job.Fact("place", org.zipthimble.core.job.Fact.Kind.PLACE, "old barn"), "",
        STYLE.letters(), STYLE.paragraph());
    assertEquals("old barn", Typography.cased(field, 0, 8, Typography.CaseChange.CAPITALS).text());
  }

  private static Job job() {
    HoldsWords one = Made.words("i1", "Bring seeds and more Seeds", 0.5, 1, 4, 1, STYLE);
    HoldsWords two = Made.words("i2", "seedsman", 0.5, 3, 4, 1, Made.style("Alegreya", "Bold", 20));
    return Made.card(one, two);
  }

  private static List<String> said(Job job) {
    return job.faces().get(0).items().stream().flatMap(i -> i.words().stream()).map(HoldsWords::text).toList();
  }

  @Test
  void wordsAreFoundOverAllFaces() {
    assertEquals(3, WordSearch.in(job(), new WordSearch.Wanted("seeds", false, false, Optional.empty())).size());
    assertEquals(2, WordSearch.in(job(), new WordSearch.Wanted("seeds", false, true, Optional.empty())).size());
    assertEquals(2, WordSearch.in(job(), new WordSearch.Wanted("seeds", true, false, Optional.empty())).size());
    List<WordSearch.Match> bold = WordSearch.in(
        job(), new WordSearch.Wanted("seeds", false, false, Optional.of(Made.style("Alegreya", "Bold", 20).letters())));
    assertEquals(List.of(new WordSearch.Match("f1", "i2", 0, 5)), bold);
    assertEquals(1, WordSearch.in(job(), new WordSearch.Wanted("", false, false, Optional.of(STYLE.letters()))).size(),
        "by the look alone");
    assertTrue(WordSearch.in(job(), new WordSearch.Wanted("", false, false, Optional.empty())).isEmpty());
  }

  @Test
  void everyPlaceIsReplacedAtOnce() {
    Job job = WordSearch.replace(new WordSearch.Wanted("seeds", false, true, Optional.empty()), "beans (dried)").change().apply(job());
    assertEquals(List.of("Bring beans (dried) and more beans (dried)", "seedsman"), said(job));
    Job none = WordSearch.replace(new WordSearch.Wanted("$1", false, false, Optional.empty()), "x").change().apply(job());
    assertEquals(said(job()), said(none), "signs of patterns are only signs");
  }
}
