package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.FactForms;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.NamedStyle;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;

/** A fact is typed once and stands everywhere; a style is changed once and all follow. */
class FactsAndStylesTest {
  private static final WordStyle STYLE = Made.style("Alegreya", "Regular", 14);
  private static final Fact DATE = new Fact("date", Fact.Kind.DATE, "2027-03-13");

  private static Job after(Job job, Edit... edits) {
    Job now = job;
    for (Edit edit : edits) {
      now = edit.change().apply(now);
    }
    return now;
  }

  private static HoldsWords words(Job job, String id) {
    return job.faces().stream().flatMap(f -> f.find(id).stream()).findFirst().orElseThrow().words().orElseThrow();
  }

  /** “On …” with a field at its end. */
  private static Job withField(String form) {
    Job job = after(Made.card(Made.words("i1", "On ", 0.5, 1, 4, 0.5, STYLE)), FactEdits.set(DATE));
    return after(job, StoryEdits.put("f1", "i1", 3, 3, FactEdits.field(DATE, form, STYLE.letters(), STYLE.paragraph())));
  }

  @Test
  void aFactThatChangesChangesEveryField() {
    Job job = withField("weekdayMonthDay");
    assertEquals("On Saturday, March 13", words(job, "i1").text());
    Job later = after(job, FactEdits.set(DATE.saying("2027-03-20")));
    assertEquals("On Saturday, March 20", words(later, "i1").text());
    Job sunday = after(later, FactEdits.set(DATE.saying("2027-03-21")));
    assertEquals("On Sunday, March 21", words(sunday, "i1").text(), "the weekday is that of the date");
    assertEquals("On [date]", words(after(job, FactEdits.set(DATE.saying(""))), "i1").text());
  }

  @Test
  void formsNamesAndEndsOfFields() {
    Job job = withField("weekdayMonthDay");
    assertEquals("On 13 March", words(after(job, FactEdits.form("f1", "i1", 4, 4, "dayMonth")), "i1").text());
    Job named = after(job, FactEdits.rename("date", "day of the swap"),
        FactEdits.set(new Fact("day of the swap", Fact.Kind.DATE, "2027-04-03")));
    assertEquals("On Saturday, April 3", words(named, "i1").text());
    Job gone = after(job, FactEdits.remove("date"), FactEdits.set(DATE.saying("2028-01-01")));
    assertEquals("On Saturday, March 13", words(gone, "i1").text(), "plain words stay as they were");
    assertTrue(words(gone, "i1").story().runs().stream().allMatch(r -> r.field().isEmpty()));
  }

  @Test
  void factsAndStylesAreSaved() throws Exception {
    Job job = after(withField("inWords"), StyleEdits.keep("heading", STYLE.withSizePt(30)), StyleEdits.give("f1", "i1", 0, 1, "heading"));
    assertEquals(job, ThimbleFile.read("job", new ByteArrayInputStream(ThimbleFile.bytes(job))));
    assertEquals(Optional.of(new FieldUse("date", "inWords")), words(job, "i1").story().runs().get(2).field());
  }

  /** Weekdays against Java's own calendar, over four years. */
  @Test
  void everyDayHasItsOwnWeekday() {
    for (LocalDate day = LocalDate.of(2026, 1, 1); day.getYear() < 2030; day = day.plusDays(1)) {
      String shown = new Fact("date", Fact.Kind.DATE, day.toString()).shown("weekday");
      assertEquals(day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH), shown);
      assertTrue(new Fact("date", Fact.Kind.DATE, day.toString()).shown("").startsWith(shown + ", "));
    }
  }

  /** As invitations are worded; common practice, no source. */
  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
    "2027-03-13 | inWords | Saturday, the thirteenth of March", "2027-05-21 | inWords | Friday, the twenty-first of May",
    "2027-06-30 | inWords | Wednesday, the thirtieth of June",
    "2027-06-12 | inWordsWithYear | Saturday, the twelfth of June, two thousand twenty-seven",
    "1998-10-03 | yearInWords | nineteen hundred ninety-eight", "2000-02-29 | yearInWords | two thousand",
    "2027-03-13 | figures | 3/13/2027",
    "2027-03-13 | monthDayYear | March 13, 2027", "2027-03-13 | weekdayDayMonth | Saturday 13 March"})
  void daysAreWritten(String day, String form, String wanted) {
    assertEquals(wanted, FactForms.day(LocalDate.parse(day), form));
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
    "14:00 | twelve | 2:00 p.m.", "14:00 | twelveShort | 2 p.m.", "14:30 | inWords | half past two in the afternoon",
        "00:15 | inWords | quarter past twelve in the morning",
    "18:45 | inWords | quarter to seven in the evening", "11:45 | inWords | quarter to twelve in the morning",
    "19:00 | inWords | seven o’clock in the evening",
    "09:05 | twentyFour | 09:05", "14:10 | inWords | 2:10 p.m.", "12:00 | twelve | 12:00 p.m."})
  void hoursAreWritten(String hour, String form, String wanted) {
    assertEquals(wanted, FactForms.hour(LocalTime.parse(hour), form));
  }

  @ParameterizedTest
  @ValueSource(strings = {"2027-03-13", "3/13/2027", "March 13, 2027", "march 13 2027", "13 March 2027", "Mar 13, 2027",
      "Saturday, March 13, 2027", "March 13th, 2027", "saturday 13 mar 2027"})
  void daysAreReadAsPeopleTypeThem(String text) throws Trouble {
    assertEquals(LocalDate.of(2027, 3, 13), FactForms.readDay(text));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "tomorrow", "Friday, March 13, 2027", "February 30, 2027", "13/13/2027", "March 2027"})
  void whatIsNoDayIsToldInASentence(String text) {
    assertTrue(assertThrows(Trouble.class, () -> FactForms.readDay(text)).getMessage().endsWith("."));
  }

  @ParameterizedTest
  @CsvSource({"2 pm, 14:00", "2:30 p.m., 14:30", "14:00, 14:00", "12 am, 00:00", "12pm, 12:00", "noon, 12:00", "9:05, 09:05", "17, 17:00"})
  void hoursAreReadAsPeopleTypeThem(String text, String hour) throws Trouble {
    assertEquals(LocalTime.parse(hour), FactForms.readHour(text));
  }

  @ParameterizedTest
  @ValueSource(strings = {"2", "25:00", "13 pm", "2:75", "late"})
  void anHourThatCouldBeTwoIsAskedFor(String text) {
    assertThrows(Trouble.class, () -> FactForms.readHour(text));
  }

  @Test
  void factsThatAreNoneAreRefused() {
    assertThrows(IllegalArgumentException.class, () -> new Fact("date", Fact.Kind.DATE, "2027-02-30"));
    assertThrows(IllegalArgumentException.class, () -> new Fact(" ", Fact.Kind.OTHER, ""));
    assertThrows(IllegalArgumentException.class, () -> new Fact("place", Fact.Kind.PLACE, "one\ntwo"));
    assertEquals(6, Fact.usual().size());
    Job job = Made.card();
    assertThrows(IllegalArgumentException.class, () -> job.withFacts(List.of(DATE, DATE)));
  }

  @Test
  void aStyleThatChangesTakesItsWordsAlong() {
    Job job = after(Made.card(Made.words("i1", "Heading\nBody", 0.5, 1, 4, 1, STYLE)),
        StyleEdits.keep("heading", STYLE.withSizePt(30).withAlign(Align.CENTRE)),
        StyleEdits.give("f1", "i1", 2, 2, "heading"));
    Story story = words(job, "i1").story();
    assertEquals(List.of(30.0, 14.0), story.runs().stream().map(r -> r.look().sizePt()).toList(), "the paragraph of the caret");
    assertEquals(Optional.of("heading"), story.paragraphs().get(0).named());
    Job own = after(job, StoryEdits.style("f1", "i1", 0, 4, s -> s.withColour(Made.CREAM)));
    Job changed = after(own, StyleEdits.keep("heading", STYLE.withSizePt(40).withColour(Made.BEET)));
    Paragraph first = words(changed, "i1").story().paragraphs().get(0);
    assertEquals(List.of(40.0, 40.0), first.runs().stream().map(r -> r.look().sizePt()).toList());
    assertEquals(Made.CREAM, first.runs().get(0).look().colour(), "an own change stays");
    assertEquals(Align.LEFT, first.look().align());
    assertEquals(14, words(changed, "i1").story().runs().get(2).look().sizePt(), "other words stay");
  }

  @Test
  void lettersWithinAParagraphTakeAStyleToo() {
    Job job = after(Made.card(Made.words("i1", "Bring your seeds", 0.5, 1, 4, 1, STYLE)),
        StyleEdits.keep("loud", STYLE.inFace("Alegreya", "Bold").withSizePt(20)),
        StyleEdits.give("f1", "i1", 6, 10, "loud"));
    assertEquals("your", words(job, "i1").story().runs().get(1).text());
    assertEquals(Optional.of("loud"), words(job, "i1").story().runs().get(1).named());
    Job changed = after(job, StyleEdits.keep("loud", STYLE.inFace("Alegreya", "Bold").withSizePt(28)));
    assertEquals(List.of(14.0, 28.0, 14.0), words(changed, "i1").story().runs().stream().map(r -> r.look().sizePt()).toList());
    assertEquals(1, changed.styles().size());
  }

  @Test
  void stylesAreCalledOtherwiseAndTakenAway() {
    Job job = after(Made.card(Made.words("i1", "Heading", 0.5, 1, 4, 1, STYLE)), StyleEdits.keep("a", STYLE.withSizePt(30)),
        StyleEdits.give("f1", "i1", 0, 7, "a"));
    Job named = after(job, StyleEdits.rename("a", "b"), StyleEdits.keep("b", STYLE.withSizePt(50)));
    assertEquals(50, words(named, "i1").style().sizePt());
    Job gone = after(named, StyleEdits.remove("b"));
    assertEquals(List.of(), gone.styles());
    assertEquals(50, words(gone, "i1").style().sizePt(), "the look stays");
    assertFalse(words(gone, "i1").story().paragraphs().get(0).named().isPresent());
    assertThrows(IllegalArgumentException.class, () -> new NamedStyle("", STYLE));
  }

  /** A block that grows is as high as its words need when it is made narrower; a height of its own is left where that is typed. */
  @Test
  void aBlockGrowsWithANarrowerWidth() {
    String saved = "Bring seed that you have saved dry and in a paper packet with its name.";
    Job job = Edits.place("f1", java.util.Set.of("i1"), "edit.resize", p -> p.withWidth(1.5)).change().apply(
        StoryEdits.setting("f1", java.util.Set.of("i1"), s -> BlockSetting.PLAIN.withFitting(Fitting.GROW)).change().apply(
            org.zipthimble.core.Made.card(org.zipthimble.core.Made.words("i1", saved, 0.5, 0.5, 4, 0.3, STYLE))));
    assertTrue(words(job, "i1").set(new JobFonts(job)).fits());
    double high = words(job, "i1").placement().height();
    Job wide = Edits.place("f1", java.util.Set.of("i1"), "edit.resize", p -> p.withWidth(4)).change().apply(job);
    assertTrue(words(wide, "i1").placement().height() < high / 2, "and as low as they need when it is made wider");
    Job both = Edits.place("f1", java.util.Set.of("i1"), "edit.resize", p -> p.withWidth(2).withHeight(0.2)).change().apply(job);
    assertEquals(0.2, words(both, "i1").placement().height(), 1e-12);
  }

  /** Everything is an edit with a way back, and blocks that grow do so with a fact. */
  @Test
  void aBlockGrowsWithAFact() {
    Job job = after(withField(""), StoryEdits.setting("f1", java.util.Set.of("i1"), s -> BlockSetting.PLAIN.withFitting(Fitting.GROW)));
    double high = words(job, "i1").placement().height();
    Job longer = after(
        job, FactEdits.set(new Fact("place", Fact.Kind.PLACE,
        "The Old Drying Barn at the end of Mill Lane, behind the library and beside the pond")),
        StoryEdits.put("f1", "i1", 0, 0, FactEdits.field(new Fact("place", Fact.Kind.PLACE, "Barn"), "", STYLE.letters(),
        STYLE.paragraph())),
        FactEdits.set(new Fact("place", Fact.Kind.PLACE,
        "The Old Drying Barn at the end of Mill Lane, behind the library and beside the pond")));
    assertTrue(words(longer, "i1").placement().height() > high + 0.1);
    assertTrue(words(longer, "i1").set(new JobFonts(longer)).fits());
  }

  @ParameterizedTest
  @CsvSource({"true, 1", "true, 3.25", "false, 0.4", "false, 2"})
  void inkIsMadeExactlyAsLargeAsTyped(boolean width, double inches) {
    Job job = after(Made.card(Made.words("i1", "Marrow", 0.5, 1, 3, 1, STYLE)), StoryEdits.inkTo("f1", "i1", width, inches));
    var ink = words(job, "i1").set(new JobFonts(job)).ink().orElseThrow();
    assertEquals(inches, width ? ink.width() : ink.height(), 1e-9);
  }

  @ParameterizedTest
  @CsvSource({"On, On March 13", "'On ', On March 13", "'', March 13"})
  void aFieldAtTheEndStandsApartFromTheWordBeforeIt(String before, String after) {
    Job job = after(Made.card(Made.words("i1", before, 0.5, 1, 4, 0.5, STYLE)), FactEdits.set(DATE));
    assertEquals(
        after, words(
        after(job, StoryEdits.putIn("f1", "i1", style -> FactEdits.field(DATE, "monthDay", style.letters(), style.paragraph()))), "i1")
        .text());
  }

  /** A card whose first row was set by hand: what reads as a column does becomes that column, in its own look, and follows from then on. */
  @Test
  void whatWasTypedAsTheRowReadsBecomesItsField() {
    RowList list = RowList.of("seeds.csv", List.of("Variety", "Latin"),
        List.of(List.of("Brown Kettle bean", "Phaseolus vulgaris"), List.of("Marrowfield pea", "Pisum sativum")));
    Job typed = after(Made.card(Made.words("i1", "Brown Kettle bean\nPhaseolus vulgaris", 0.5, 1, 4, 1, STYLE)), ListEdits.take(list),
        StoryEdits.style("f1", "i1", 18, 36, s -> s.withSizePt(9)));
    Function<String, Edit> put = column -> StoryEdits.putIn(
        "f1", "i1", style -> ListEdits.field(list, column, style.letters(), style.paragraph()));
    Job filled = after(typed, put.apply("Latin"), put.apply("Variety"));
    assertEquals(words(typed, "i1").text(), words(filled, "i1").text());
    assertEquals(9, words(filled, "i1").story().paragraphs().get(1).runs().get(0).look().sizePt(), 1e-9);
    assertEquals("Marrowfield pea\nPisum sativum", words(after(filled, ListEdits.show(1)), "i1").text());
    assertEquals("Brown Kettle bean\nPhaseolus vulgaris Brown Kettle bean", words(after(filled, put.apply("Variety")), "i1").text(),
        "a second one is put at the end");
    Job other = after(Made.card(Made.words("i1", "Brown Kettle bean, dried", 0.5, 1, 4, 1, STYLE)), ListEdits.take(list),
        put.apply("Variety"));
    assertEquals("Brown Kettle bean, dried Brown Kettle bean", words(other, "i1").text(), "what only begins the same stays");
  }
}
