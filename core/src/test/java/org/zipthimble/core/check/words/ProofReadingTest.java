package org.zipthimble.core.check.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.WordsPanel;
import org.zipthimble.core.job.Job;

/** What a proof-reader finds without a dictionary, and what it lets stand. */
class ProofReadingTest {
  private static Job saying(String text) {
    return Made.card(Made.background("g"), Made.words("w", text, 0.5, 1, 4, 5, Made.style("Figtree", "Regular", 14)));
  }

  private static List<String> codes(Job job) {
    return Checks.run(job).stream().map(Finding::code).filter(c -> c.startsWith("words-") && !c.equals("words-spelt")).toList();
  }

  private static String mended(Job job) {
    Finding found = Checks.run(job).stream().filter(f -> f.code().startsWith("words-")).findFirst().orElseThrow();
    Job after = Checks.mends(job, found).get(0).edit().change().apply(job);
    return after.faces().get(0).find("w").flatMap(Item::words).orElseThrow().text();
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
      "Bring the the beans | Bring the beans", "Bring bring seeds | Bring seeds", "Come to the\\nto the fair | -",
          "and\\nand peas | and peas", "Grüne grüne Bohnen | Grüne Bohnen"})
  void aWordThatStandsTwiceIsFoundAndOneIsKept(String text, String wanted) {
    Job job = saying(text.replace("\\n", "\n"));
    if (wanted.equals("-")) {
      assertEquals(List.of(), codes(job), "two words in turn are no word twice");
    } else {
      assertEquals(List.of("words-doubled"), codes(job));
      assertEquals(wanted, mended(job));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"He had had enough", "Hear, hear! Hear hear!", "the theme", "co-op-op", "2 2", "Ha ha", "that's that",
      "O'Brien's Brien's", "bean beans"})
  void whatIsMeantToStandTwiceIsLeftInPeace(String text) {
    assertEquals(List.of(), codes(saying(text)));
  }

  /** Two known days: the first step on the Moon was on a Sunday, 20 July 1969; the year 2000 began on a Saturday. */
  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
      "Monday 20 July 1969 | Sunday 20 July 1969", "Mon, July 20th, 1969 | Sun, July 20th, 1969",
          "SUNDAY · 1 JANUARY · 2000 | SATURDAY · 1 JANUARY · 2000",
      "friday the 1st of january 2000 | saturday the 1st of january 2000"})
  void aWeekdayThatIsNotThatOfItsDateIsPutRight(String text, String wanted) {
    Job job = saying("Come on " + text + " at two");
    assertEquals(List.of("words-weekday"), codes(job));
    assertEquals("Come on " + wanted + " at two", mended(job));
    assertTrue(Checks.ruin(Checks.run(job)), "an invitation with a wrong day is printed for nothing");
  }

  /**
   * Every day of four years, in both orders, against the calendar of Java (ISO 8601, proleptic): the right weekday is never found, a wrong
   * one always.
   */
  @Test
  void theWholeCalendarAgrees() {
    DateTimeFormatter dayFirst = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);
    DateTimeFormatter monthFirst = DateTimeFormatter.ofPattern("EEE, MMM d, yyyy", Locale.ENGLISH);
    for (LocalDate day = LocalDate.of(2027, 1, 1); day.getYear() < 2031; day = day.plusDays(1)) {
      assertEquals(List.of(), ProofReading.weekdays(dayFirst.format(day)), day.toString());
      assertEquals(List.of(), ProofReading.weekdays(monthFirst.format(day)), day.toString());
      DayOfWeek other = day.getDayOfWeek().plus(1 + day.getDayOfYear() % 6);
      String wrong = dayFirst.format(day).replaceFirst("\\w+", other.getDisplayName(java.time.format.TextStyle.FULL, Locale.ENGLISH));
      List<ProofReading.Slip> found = ProofReading.weekdays(wrong);
      assertEquals(1, found.size(), wrong);
      assertEquals(dayFirst.format(day), found.get(0).mended());
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"Tuesday 30 February 2027", "Monday, April 31st, 2027", "Thursday 29 Feb 2027"})
  void aDayThatNoMonthHasIsToldAndNotGuessed(String text) {
    Job job = saying(text);
    assertEquals(List.of("words-no-day"), codes(job));
    Finding found = Checks.run(job).stream().filter(f -> f.code().equals("words-no-day")).findFirst().orElseThrow();
    assertTrue(Checks.mends(job, found).isEmpty(), "only the person knows which day is meant");
  }

  @ParameterizedTest
  @ValueSource(strings = {"Saturday 13 March", "Saturday, two to five", "13 March 2027", "Sunday lunch for 12 May 2027", "Mondays 4 to 6"})
  void whatTellsNoWholeDateIsLeftInPeace(String text) {
    assertEquals(List.of(), codes(saying(text)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"Type your words", "Lorem ipsum dolor", "Dear [first name]", "Reply by xx/xx/27"})
  void wordsThatHoldAPlaceAreFound(String text) {
    assertEquals(List.of("words-held"), codes(saying(text)));
  }

  @Test
  void whatIsHiddenOrAGuideIsNotRead() {
    HoldsWords words = Made.words("w", "the the", 0.5, 1, 4, 5, Made.style("Figtree", "Regular", 14));
    assertEquals(List.of(), codes(Made.card(Made.background("g"), words.with(words.properties().withVisible(false)))));
    assertEquals(Optional.empty(), ProofReading.doubled("beans and peas").stream().findFirst());
  }

  private static List<String> faint(Item... items) {
    return Checks.run(Made.card(items)).stream().filter(f -> f.code().equals("words-faint")).map(f -> f.itemId().orElseThrow()).toList();
  }

  private static HoldsWords coloured(String id, int rgb, double pt, double y) {
    return Made.words(id, "Bring seeds", 0.5, y, 4, 1, Made.style("Figtree", "Regular", pt).withColour(Colour.of(rgb)));
  }

  /** On white, #767676 may be read and #808080 may not; on a dark panel it is the other way; large words need less. */
  @Test
  void wordsThatHardlyStandOutAreFound() {
    assertEquals(List.of(), faint(coloured("w", 0x767676, 12, 1)));
    assertEquals(List.of("w"), faint(coloured("w", 0x808080, 12, 1)));
    assertEquals(List.of(), faint(coloured("w", 0x808080, 24, 1)), "large words");
    Item panel = Made.rectangle("p", 0.25, 0.75, 4.5, 1.5).filled(Optional.of(Colour.of(0x2B2F55)));
    assertEquals(List.of("w"), faint(panel, coloured("w", 0x3A6B45, 12, 1)));
    assertEquals(List.of(), faint(panel, coloured("w", 0xFFFFFF, 12, 1)));
    assertEquals(List.of("w"), faint(panel, coloured("w", 0xFFFFFF, 12, 4)), "white words on white paper");
  }

  @Test
  void aLineThatBeginsAnewRepeatsNothing() {
    assertEquals(List.of(), ProofReading.doubled("Thank you\nYou made the day"));
    assertEquals(1, ProofReading.doubled("bring the\nthe seeds").size());
    assertEquals(1, ProofReading.doubled("The\nThe seeds").size());
  }

  /** Bold words are large from 14 points on; what is called bold has the weight 700 (CSS Fonts Level 4, 2.2), half bold faces have 600. */
  @ParameterizedTest
  @CsvSource({"Regular, true", "SemiBold, true", "Bold, false"})
  void onlyBoldWordsAreLargeAtFourteenPoints(String style, boolean told) {
    HoldsWords words = Made.words("w", "Bring seeds", 0.5, 1, 4, 1, Made.style("Figtree", style, 14).withColour(Colour.of(0x808080)));
    assertEquals(told, !faint(words).isEmpty());
  }

  /** Words on a panel of their own are looked at, and mended, against it and not against the paper. */
  @Test
  void wordsOnTheirOwnPanelAreMendedForIt() {
    HoldsWords words = coloured("w", 0x3A6B45, 12, 1);
    words = words.withPanel(Optional.of(new WordsPanel(new Look(Optional.of(Colour.of(0x2B2F55)), Optional.empty()), 0)));
    Job job = Made.card(words);
    Finding finding = Checks.run(job).stream().filter(f -> f.code().equals("words-faint")).findFirst().orElseThrow();
    Mend mend = Checks.mends(job, finding).get(0);
    assertEquals("mend.inWhite", mend.key());
    assertTrue(Checks.run(mend.edit().change().apply(job)).stream().noneMatch(f -> f.code().equals("words-faint")));
  }

  @ParameterizedTest
  @ValueSource(strings = {"mend.panel", "mend.halo", "mend.shade"})
  void aPanelAHaloAndAShadowMendFaintWordsToo(String key) {
    Item ground = Made.rectangle("p", 0.25, 0.75, 4.5, 1.5).filled(Optional.of(Colour.of(0x707070)));
    Job job = Made.card(ground, coloured("w", 0x5A5A5A, 12, 1));
    Finding finding = Checks.run(job).stream().filter(f -> f.code().equals("words-faint")).findFirst().orElseThrow();
    Mend mend = Checks.mends(job, finding).stream().filter(m -> m.key().equals(key)).findFirst().orElseThrow();
    Job after = mend.edit().change().apply(job);
    assertTrue(Checks.run(after).stream().noneMatch(f -> f.code().equals("words-faint")));
    assertEquals(Colour.of(0x5A5A5A), after.faces().get(0).find("w").flatMap(Item::words).orElseThrow().style().colour(),
        "the words keep their colour");
  }

  @Test
  void theMendTakesWhatStandsOutMost() {
    Item panel = Made.rectangle("p", 0.25, 0.75, 4.5, 1.5).filled(Optional.of(Colour.of(0x2B2F55)));
    Job job = Made.card(panel, coloured("w", 0x3A6B45, 12, 1), coloured("v", 0xEEEEEE, 12, 4));
    for (Finding finding : Checks.run(job).stream().filter(f -> f.code().equals("words-faint")).toList()) {
      Mend mend = Checks.mends(job, finding).get(0);
      assertEquals(finding.itemId().orElseThrow().equals("w") ? "mend.inWhite" : "mend.inBlack", mend.key());
      Job after = mend.edit().change().apply(job);
      assertTrue(Checks.run(after).stream().noneMatch(f -> f.code().equals("words-faint") && f.itemId().equals(finding.itemId())));
    }
  }
}
