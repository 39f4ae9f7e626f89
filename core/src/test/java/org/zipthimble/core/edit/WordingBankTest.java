package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.FamilyNames;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;

/** Wording from the bank and new designs, filled from facts and following them. */
class WordingBankTest {
  private static final List<Fact> FACTS = List.of(
      new Fact("who", Fact.Kind.NAMES, "The Marrowfield Seed Library"), new Fact("day", Fact.Kind.DATE, "2027-03-13"),
      new Fact("hour", Fact.Kind.TIME, "14:00"),
      new Fact("where", Fact.Kind.PLACE, "The Old Drying Barn, Mill Lane"), new Fact("answer", Fact.Kind.REPLY, "2027-03-06"),
      new Fact("web", Fact.Kind.WEB, "https://marrowfield.example/swap"));

  private static Job known() {
    Job job = Made.card();
    for (Fact fact : FACTS) {
      job = FactEdits.set(fact).change().apply(job);
    }
    return job;
  }

  @ParameterizedTest
  @EnumSource(WordingBank.Occasion.class)
  void everyOccasionHasSeveralWordingsInEveryToneAndNoneIsMisspeltOrLeavesAPlace(WordingBank.Occasion occasion) {
    for (WordingBank.Tone tone : WordingBank.Tone.values()) {
      List<WordingBank.Entry> entries = WordingBank.of(occasion, tone);
      assertTrue(entries.size() >= 2, occasion + " " + tone);
      for (WordingBank.Entry entry : entries) {
        String said = entry.said(known());
        assertFalse(said.contains("{") || said.contains("["), said);
        Job job = WordingBank.put("f1", entry).change().apply(known());
        List<Finding> found = Checks.run(job).stream().filter(f -> f.code().startsWith("words-")).toList();
        assertEquals(List.of(), found.stream().filter(f -> !f.code().equals("words-outside")).map(Finding::sentence).toList(), said);
      }
    }
  }

  @Test
  void invitationsSayAllThatAnInvitationMust() {
    for (WordingBank.Tone tone : WordingBank.Tone.values()) {
      for (WordingBank.Entry entry : WordingBank.of(WordingBank.Occasion.INVITATION, tone)) {
        Job job = WordingBank.put("f1", entry).change().apply(known());
        Job invitation = job.withTicket(job.ticket().withItem("Invitation"));
        assertEquals(List.of(), Checks.run(invitation).stream().filter(f -> f.code().startsWith("invitation-")).map(Finding::code)
            .toList(), entry.said(known()));
      }
    }
  }

  @Test
  void wordsFollowTheFactsAndThoseNotKnownYetAreAddedOnce() {
    WordingBank.Entry entry = WordingBank.of(WordingBank.Occasion.INVITATION, WordingBank.Tone.PLAIN).get(0);
    Job job = WordingBank.put("f1", entry).change().apply(Made.card());
    Set<Fact.Kind> kinds = job.facts().stream().map(Fact::kind).collect(Collectors.toSet());
    assertEquals(Set.of(Fact.Kind.NAMES, Fact.Kind.DATE, Fact.Kind.TIME, Fact.Kind.PLACE, Fact.Kind.REPLY, Fact.Kind.WEB), kinds);
    HoldsWords words = job.faces().get(0).items().get(0).words().orElseThrow();
    assertTrue(words.text().contains("[date]"));
    String date = job.facts().stream().filter(f -> f.kind() == Fact.Kind.DATE).findFirst().orElseThrow().name();
    Job then = FactEdits.set(new Fact(date, Fact.Kind.DATE, "2027-05-01")).change().apply(job);
    assertTrue(then.faces().get(0).items().get(0).words().orElseThrow().text().contains("Saturday, May 1"));
    Job twice = WordingBank.put("f1", entry).change().apply(then);
    assertEquals(then.facts(), twice.facts());
  }

  @Test
  void eachNewDesignIsAFaceInAnotherLookThatFitsAndFollows() {
    Job job = known();
    for (int i = 0; i < 5; i++) {
      String id = FactDesigns.nextId(job);
      job = FactDesigns.next(WordingBank.Occasion.INVITATION).change().apply(job);
      Face face = job.face(id).orElseThrow();
      HoldsWords words = face.items().get(face.items().size() - 1).words().orElseThrow();
      assertTrue(words.set(new JobFonts(job)).fits(), "the words of design " + i + " fit");
      assertTrue(words.text().contains("Barn"));
    }
    assertEquals(6, job.faces().size());
    Set<String> families = job.faces().stream().skip(1)
        .map(f -> f.items().get(f.items().size() - 1).words().orElseThrow().style().family()).collect(Collectors.toSet());
    assertEquals(4, families.size());
    assertEquals(List.of(), Checks.run(job).stream()
        .filter(f -> Set.of("words-outside", "words-faint", "words-left-over").contains(f.code())).map(Finding::sentence).toList());
    Job moved = FactEdits.set(new Fact("where", Fact.Kind.PLACE, "The Seed Loft")).change().apply(job);
    assertTrue(moved.faces().stream().skip(1)
        .allMatch(f -> f.items().get(f.items().size() - 1).words().orElseThrow().text().contains("The Seed Loft")));
  }

  @ParameterizedTest
  @CsvSource({"Wheeler, Wheelers, false", "Jones, Joneses, true", "Marsh, Marshes, true", "Kelly, Kellys, false", "Fox, Foxes, true",
      "FINCH, FINCHES, true"})
  void theRuleIsToldThatMadeThePlural(String name, String plural, boolean hissing) {
    assertEquals(plural, FamilyNames.plural(name));
    assertEquals(hissing, FamilyNames.hissing(name));
  }

  @Test
  void anAddressIsShownAsPeopleSayIt() {
    Fact web = new Fact("web", Fact.Kind.WEB, "https://www.marrowfield.example/");
    assertEquals("marrowfield.example", web.shown("bare"));
    assertEquals("https://www.marrowfield.example/", web.shown(""));
    assertTrue(web.forms().contains("bare"));
  }
}
