package org.zipthimble.core.check.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.edit.FactEdits;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.FamilyNames;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.work.Today;

/** Spelling, family names, and what an invitation must say. */
class SpellingTest {
  private static final WordStyle STYLE = Made.style("Alegreya", "Regular", 12);

  private static List<String> unknown(String text) {
    return Spelling.unknown(text, Set.of(), English.AMERICAN).stream().map(Spelling.Unknown::word).toList();
  }

  /**
   * Among these are words that handbooks list as often misspelt (common lists, no single source), each with what is meant among the
   * suggestions.
   */
  @ParameterizedTest
  @CsvSource({"recieve, receive", "seperate, separate", "definately, definitely", "occured, occurred", "accomodate, accommodate",
      "calender, calendar", "wich, which", "seedlinngs, seedlings",
      "invitaion, invitation", "tommorow, tomorrow"})
  void misspeltWordsAreFoundAndWhatIsMeantIsOffered(String wrong, String right) {
    boolean found = unknown("a " + wrong + " word").contains(wrong);
    assertTrue(found || wrong.equals("calender"), "a calender presses cloth, so it is a word");
    assertTrue(!found || Spelling.suggestions(wrong, English.AMERICAN).contains(right),
        Spelling.suggestions(wrong, English.AMERICAN).toString());
  }

  @ParameterizedTest
  @ValueSource(strings = {"Bring seeds that you have saved, dry and in a paper packet", "SATURDAY MARCH", "don’t you’re it's",
      "the library’s desk", "write to odile@marrowfield.example", "see www.marrowfield.example/swap",
      "Odile and Marrowfield", "MARROWFIELD", "12pt 3rd B27", "well-known", "", "I a"})
  void soundTextHasNothingToTell(String text) {
    assertEquals(List.of(), unknown(text));
  }

  /**
   * Pairs that style guides list (common knowledge): each is right by one custom and found by the other, with the other's word offered
   * first.
   */
  @ParameterizedTest
  @CsvSource({"colour, color", "organise, organize", "favourite, favorite", "centre, center", "catalogue, catalog",
      "neighbours, neighbors", "ploughed, plowed", "honour, honor"})
  void eachCustomKnowsItsOwnSpelling(String british, String american) {
    assertEquals(List.of(), Spelling.unknown("the " + british + " garden", Set.of(), English.BRITISH));
    assertEquals(List.of(), Spelling.unknown("the " + american + " garden", Set.of(), English.AMERICAN));
    boolean told = !Spelling.unknown("the " + american + " garden", Set.of(), English.BRITISH).isEmpty();
    // some words are right by both; ploughed is too far from plowed to be guessed
    assertTrue(!told || american.equals("plowed") || Spelling.suggestions(american, English.BRITISH).contains(british),
        british + " for " + american + ": " + Spelling.suggestions(american, English.BRITISH));
    assertTrue(told || List.of("catalog", "plowed").contains(american), american);
  }

  @Test
  void aJobIsSpeltOneWayAndAMendChangesIt() {
    Job job = Made.card(Made.words("i1", "Bring your favourite seeds", 0.5, 1, 4, 1, STYLE));
    Finding found = findings(job, "words-spelt").get(0);
    Mend british = Checks.mends(job, found).stream().filter(m -> m.key().equals("mend.english")).findFirst().orElseThrow();
    assertEquals("this job is spelt the British way", british.title());
    Job then = british.edit().change().apply(job);
    assertEquals(List.of(), findings(then, "words-spelt"));
    Job colour = then.changed("f1", f -> f.changed("i1", i -> i.words().orElseThrow().saying("Neighbors welcome")));
    Finding other = findings(colour, "words-spelt").get(0);
    assertEquals("Neighbours", Checks.mends(colour, other).get(0).title());
  }

  @Test
  void whatIsRightInAllJobsIsNotTold() {
    Job job = Made.card(Made.words("i1", "Bring your zinniaseeds", 0.5, 1, 4, 1, STYLE));
    assertEquals(1, findings(job, "words-spelt").size());
    OwnWords.know(List.of("Zinniaseeds"));
    assertEquals(List.of(), findings(job, "words-spelt"));
    OwnWords.know(List.of());
    assertEquals(1, findings(job, "words-spelt").size());
  }

  @ParameterizedTest
  @CsvSource({"color, colour, 1", "plough, plow, 3", "abc, abc, 0", "recieve, receive, 1", "'', seed, 4"})
  void lettersApartAreCounted(String a, String b, int away) {
    assertEquals(away, English.away(a, b));
    assertEquals(away, English.away(b, a));
  }

  @Test
  void aTitleWithOneWrongLetterIsFound() {
    assertEquals(List.of("INVITAION"), unknown("AN INVITAION TO ALL"));
    assertEquals(List.of("Libary"), unknown("the Seed Libary"));
    assertEquals("INVITATION", Spelling.suggestions("INVITAION", English.AMERICAN).get(0), "in capitals as it was written");
  }

  private static List<Finding> findings(Job job, String beginning) {
    return Checks.run(job).stream().filter(f -> f.code().startsWith(beginning)).toList();
  }

  @Test
  void aMendPutsTheRightWordInAndAnotherKeepsIt() {
    Job job = Made.card(Made.words("i1", "Bring your seedlinngs", 0.5, 1, 4, 1, STYLE).withStory(
        Made.words("x", "Bring your seedlinngs", 0, 0, 1, 1, STYLE).story().restyled(11, 15, s -> s.withSizePt(20))));
    Finding finding = findings(job, "words-spelt").get(0);
    List<Mend> mends = Checks.mends(job, finding);
    assertEquals("seedlings", mends.get(0).title());
    HoldsWords mended = mends.get(0).edit().change().apply(job).faces().get(0).items().get(0).words().orElseThrow();
    assertEquals("Bring your seedlings", mended.text());
    assertEquals(20, mended.story().styleAt(14).sizePt(), "its look stays");
    Job kept = mends.get(mends.size() - 1).edit().change().apply(job);
    assertEquals(List.of(), findings(kept, "words-spelt"));
    Job twice = Made.card(Made.words("i1", "bring seedlinngs and seedlinngs", 0.5, 1, 4, 1, STYLE));
    assertEquals(1, findings(twice, "words-spelt").size(), "a word is told once a block");
  }

  @Test
  void wordsOfTheFactsAreKnown() {
    Job job = Made.card(Made.words("i1", "come to wurzelton", 0.5, 1, 4, 1, STYLE));
    assertEquals(1, findings(job, "words-spelt").size());
    assertEquals(0, findings(FactEdits.set(new Fact("place", Fact.Kind.PLACE, "Wurzelton Barn")).change().apply(job), "words-spelt")
        .size());
  }

  @Test
  void anotherLanguageIsLeftInPeace() {
    assertEquals(
        0, findings(Made.card(Made.words("i1", "bitte bringt eigene trockene bohnen und erbsen mit zum tausch", 0.5, 1, 4, 1, STYLE)),
        "words-spelt").size());
    assertEquals(0, findings(Made.card(Made.words("i1", "lorem ipsum dolor", 0.5, 1, 4, 1, STYLE)), "words-spelt").size(),
        "words that hold a place are told as such");
  }

  @ParameterizedTest
  @CsvSource({"Wheeler, Wheelers, Wheelers’", "Jones, Joneses, Joneses’", "Kennedy, Kennedys, Kennedys’", "Finch, Finches, Finches’",
      "Marsh, Marshes, Marshes’", "Fox, Foxes, Foxes’", "WHEELER, WHEELERS, WHEELERS’",
      "Sanchez, Sanchezes, Sanchezes’"})
  void familyNamesOfSeveral(String name, String plural, String owning) {
    assertEquals(plural, FamilyNames.plural(name));
    assertEquals(owning, FamilyNames.owning(name));
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {"Love, the Wheeler's | Love, the Wheelers", "The Jones's invite you | The Joneses invite you",
      "Music of the 1990's | Music of the 1990s", "from the Finch’s. | from the Finches."})
  void anApostropheInAPluralIsTold(String text, String mended) {
    Job job = Made.card(Made.words("i1", text, 0.5, 1, 4, 1, STYLE));
    Finding finding = findings(job, "words-apostrophe").get(0);
    assertEquals(mended, Checks.mends(job, finding).get(0).edit().change().apply(job).faces().get(0).items().get(0).words().orElseThrow()
        .text());
  }

  /** What a field shows is set in the facts, with its apostrophe; the mend is for what was typed, and the field stays. */
  @Test
  void anApostropheIsMendedBesideAField() {
    Fact names = new Fact("hosts", Fact.Kind.OTHER, "the Finch's and more");
    Job job = Made.card(Made.words("i1", "Love,  from the Wheeler's", 0.5, 1, 4, 1, STYLE));
    job = FactEdits.set(names).change().apply(job);
    job = StoryEdits.put("f1", "i1", 6, 6, FactEdits.field(names, "", STYLE.letters(), STYLE.paragraph())).change().apply(job);
    assertEquals("Love, the Finch's and more from the Wheeler's", words(job).text());
    Job mended = Checks.mends(job, findings(job, "words-apostrophe").get(0)).get(0).edit().change().apply(job);
    assertEquals("Love, the Finch's and more from the Wheelers", words(mended).text());
    Job other = FactEdits.set(names.saying("Odile")).change().apply(mended);
    assertEquals("Love, Odile from the Wheelers", words(other).text());
  }

  private static HoldsWords words(Job job) {
    return job.faces().get(0).items().get(0).words().orElseThrow();
  }

  @ParameterizedTest
  @ValueSource(strings = {"the Wheeler’s garden", "the library's desk", "the Wheelers", "it's 1990"})
  void whatOwnsSomethingKeepsItsApostrophe(String text) {
    assertEquals(List.of(), ProofReading.apostrophes(text));
  }

  private static Job invitation(String text) {
    Job job = Made.card(Made.words("i1", text, 0.5, 0.5, 4, 3, STYLE));
    return job.withTicket(job.ticket().withItem("Long invitation"));
  }

  private static List<String> lacking(String text) {
    return Checks.run(invitation(text)).stream().map(Finding::code).filter(c -> c.startsWith("invitation-")).toList();
  }

  @Test
  void anInvitationSaysWhenWhereAndHowToAnswer() {
    String whole = "Please join us for the Spring Swap on Saturday 13 March at 2 p.m. in the Old Drying Barn. Kindly reply to Odile";
    assertEquals(List.of(), lacking(whole));
    assertEquals(List.of("invitation-date"), lacking(whole.replace("on Saturday 13 March", "this spring")));
    assertEquals(List.of("invitation-time"), lacking(whole.replace("at 2 p.m.", "early")));
    assertEquals(List.of("invitation-place"), lacking(whole.replace("in the Old Drying Barn", "with all of us")));
    assertEquals(List.of("invitation-reply"), lacking(whole.replace("Kindly reply to Odile", "Love from Odile")));
    assertEquals(List.of(), lacking("Spring Swap"), "one that is only begun is left in peace");
    assertEquals(List.of(),
        lacking("You are invited on the thirteenth of March at half past two, at the library, and please let us know if you come"));
  }

  @Test
  void fieldsCountAsWhatTheyShow() {
    Job job = invitation("Please come and swap your seeds with all of us in spring, and tell us, at two o’clock, at the library ");
    Fact date = new Fact("date", Fact.Kind.DATE, "2027-03-13");
    assertEquals(1, findings(job, "invitation-").size());
    Job dated = StoryEdits.put("f1", "i1", 0, 0, FactEdits.field(date, "figures", STYLE.letters(), STYLE.paragraph())).change()
        .apply(FactEdits.set(date).change().apply(job));
    assertEquals(List.of(), findings(dated, "invitation-"));
  }

  /** Tests are given a day of their own, so that none of them depends on the clock. */
  @Test
  void daysThatArePastAndAnswersThatComeTooLateAreTold() {
    assertEquals("2026-11-28", Today.now().toString());
    Job job = Made.card(Made.background("g"));
    assertEquals(1, findings(FactEdits.set(new Fact("date", Fact.Kind.DATE, "2026-11-27")).change().apply(job), "date-past").size());
    Job next = FactEdits.set(new Fact("date", Fact.Kind.DATE, "2027-03-13")).change().apply(job);
    assertEquals(0, findings(next, "date-past").size());
    assertEquals(1, findings(FactEdits.set(new Fact("reply by", Fact.Kind.REPLY, "2027-03-14")).change().apply(next), "reply-late").size());
    assertEquals(0, findings(FactEdits.set(new Fact("reply by", Fact.Kind.REPLY, "2027-03-01")).change().apply(next), "reply-late").size());
  }

  /** Whatever letters come, the search ends; what is longer than any word has no suggestions. */
  @ParameterizedTest
  @ValueSource(strings = {"xqzwvkjhgfdsxqzwvkjhgf", "aaaaaaaaaaaaaaaaaaaaaa", "zzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzz", "unbelievablyvery",
      "qwertyuiopasdf"})
  void theSearchForWhatIsMeantEnds(String word) {
    assertTrue(Spelling.suggestions(word, English.AMERICAN).size() <= 3);
    assertTrue(word.length() <= 22 || Spelling.suggestions(word, English.AMERICAN).isEmpty());
  }
}
