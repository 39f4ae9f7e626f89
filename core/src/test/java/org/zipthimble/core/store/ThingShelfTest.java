package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.thing.OnThings;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.wording.Trouble;

/** The catalogue of things and the press notebook: open data that people add to, and what of it is broken. */
class ThingShelfTest {
  @TempDir Path folder;

  @Test
  void theCatalogueHoldsFortyThingsOfEveryGroup() {
    List<Thing> all = ThingShelf.shipped();
    assertTrue(all.size() >= 40, all.size() + " things");
    Set<String> keys = new HashSet<>();
    EnumSet<Thing.Group> groups = EnumSet.noneOf(Thing.Group.class);
    Set<String> cards = new HashSet<>();
    PressShelf.shipped().forEach(c -> cards.add(c.key()));
    for (Thing thing : all) {
      assertTrue(keys.add(thing.key()), thing.key());
      groups.add(thing.group());
      assertTrue(thing.press().isEmpty() || cards.contains(thing.press()), thing.key() + " asks for the card " + thing.press());
    }
    assertEquals(EnumSet.allOf(Thing.Group.class), groups);
  }

  /** Sizes of the trade facts: common practice, no source. */
  @Test
  void usualSizesAreThoseOfTheTrade() {
    assertEquals(12, ThingShelf.shipped("metal-panel-12-6").orElseThrow().body().size().width());
    assertEquals(4, ThingShelf.shipped("metal-panel-12-6").orElseThrow().body().zones().stream().filter(z -> z.why().equals("zone.hole"))
        .count());
    assertEquals(9.5, ThingShelf.shipped("can-glass-16").orElseThrow().body().asCup().orElseThrow().round(), 1e-3);
    assertEquals(4.75, ThingShelf.shipped("metal-bookmark").orElseThrow().body().size().height());
    assertEquals(9.3, ThingShelf.shipped("tumbler-20").orElseThrow().body().size().width(), 0.02);
  }

  @Test
  void onesOwnThingIsKeptAndFoundAgain() throws Exception {
    Thing mine = ThingShelf.shipped("pint-glass").orElseThrow().withKey("barn-glass").withTitle("Glass of the barn");
    ThingShelf.keep(folder, mine);
    assertEquals(List.of(mine), ThingShelf.own(folder).things());
  }

  @Test
  void aBrokenFileIsToldAndTheOthersAreRead() throws Exception {
    ThingShelf.keep(folder, ThingShelf.shipped("pint-glass").orElseThrow().withKey("a"));
    Files.writeString(folder.resolve("z.json"), "{ \"version\": 1, \"things\": [ { \"key\": \"odd\" } ] }");
    ThingShelf.Own own = ThingShelf.own(folder);
    assertEquals(1, own.things().size());
    assertEquals(1, own.troubles().size());
    assertTrue(own.troubles().get(0).contains("odd"), own.troubles().get(0));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "[]", "{", "{\"version\":1}", "{\"version\":\"1\",\"things\":[]}", "{\"version\":2,\"things\":[]}",
      "{\"version\":1,\"things\":{}}",
      "{\"version\":1,\"things\":[{\"key\":\"x\",\"title\":\"x\",\"group\":\"cups\",\"body\":{\"kind\":\"cup\",\"top\":1e9,\"base\":3,"
          + "\"slant\":3,\"gap\":0,\"flap\":0,\"rim\":0,\"foot\":0,\"seam\":0,\"bent\":true},\"colour\":\"#ffffff\",\"sheen\":0,\"proce"
          + "ss\":\"transfer\",\"overhang\":0,\"press\":\"\"}]}"})
  void whatIsNoFileOfThingsIsRefusedWithASentence(String text) {
    Trouble trouble = assertThrows(Trouble.class, () -> ThingShelf.read("mine.json", text.getBytes(StandardCharsets.UTF_8)));
    assertTrue(trouble.getMessage().contains("mine.json"), trouble.getMessage());
    assertFalse(trouble.getMessage().contains("Exception"), trouble.getMessage());
  }

  /** The starting points of the trade facts (common practice, no source), each marked as such. */
  @Test
  void startingPointsAreMarked() {
    PressCard bookmark = PressShelf.shipped().stream().filter(c -> c.key().equals("metal-bookmark")).findFirst().orElseThrow();
    assertEquals(340, bookmark.fahrenheit());
    assertEquals(171, Math.round(bookmark.celsius()));
    assertEquals(50, bookmark.seconds());
    assertEquals(PressCard.From.COMMON, bookmark.from());
    PressCard panel = PressShelf.shipped().stream().filter(c -> c.key().equals("metal-panel")).findFirst().orElseThrow();
    assertEquals(400, panel.fahrenheit());
    assertEquals(PressCard.Pressure.MEDIUM_FIRM, panel.pressure());
    PressCard oven = PressShelf.shipped().stream().filter(c -> c.key().equals("tumbler-oven")).findFirst().orElseThrow();
    assertEquals("7 min", oven.time());
    assertEquals("395 °F (202 °C)", oven.heat());
    PressShelf.shipped().forEach(c -> assertTrue(c.from() == PressCard.From.COMMON || c.from() == PressCard.From.MADE_UP, c.key()));
  }

  @Test
  void theNotebookGoesOutAndComesInAsCsv() throws Exception {
    PressCard card = PressShelf.shipped().get(0).withKey("mine").withBlank("Key tag, \"long\"").withFrom(PressCard.From.OWN)
        .withResults(List.of(new PressCard.Result(LocalDate.of(2026, 3, 13), "edges crisp, a little pale", Optional.empty())));
    List<PressCard> again = PressShelf.fromCsv("notebook.csv", PressShelf.csv(List.of(card)).getBytes(StandardCharsets.UTF_8));
    assertEquals(List.of(card), again);
  }

  @Test
  void aNotebookWithAWrongRowIsNotTakenInAtAll() {
    String csv = "blank,fahrenheit,seconds\nmug,385,210\nplate,hot,60\n";
    Trouble trouble = assertThrows(Trouble.class, () -> PressShelf.fromCsv("n.csv", csv.getBytes(StandardCharsets.UTF_8)));
    assertTrue(trouble.getMessage().contains("Row 3"), trouble.getMessage());
    assertThrows(Trouble.class, () -> PressShelf.fromCsv("n.csv", "blank,seconds\nmug,210\n".getBytes(StandardCharsets.UTF_8)));
    assertThrows(Trouble.class, () -> PressShelf.fromCsv("n.csv", new byte[] {(byte) 0xFF, (byte) 0xFE, 0}));
  }

  @Test
  void onesOwnCardStandsInPlaceOfTheShippedOneUntilItIsTakenAway() throws Exception {
    PressCard mine = PressShelf.shipped().get(0).withFahrenheit(350).withFrom(PressCard.From.OWN);
    PressShelf.keep(folder, mine);
    assertEquals(350, PressShelf.card(folder, mine.key()).orElseThrow().fahrenheit());
    assertEquals(PressShelf.shipped().size(), PressShelf.all(folder).size());
    PressShelf.remove(folder, mine.key());
    assertEquals(PressShelf.shipped().get(0), PressShelf.card(folder, mine.key()).orElseThrow());
  }

  @Test
  void searchFindsByEveryWord() {
    PressCard tile = PressShelf.shipped().stream().filter(c -> c.key().equals("ceramic-flat")).findFirst().orElseThrow();
    assertTrue(tile.answers("tile warm 400"));
    assertFalse(tile.answers("tile hot-peel"));
  }

  @Test
  void aJobKeepsItsThingAndItsCard() throws Exception {
    Job job = OnThings.job("tapered-tumbler-20");
    Job carded = ThingEdits.card(Optional.of(PressShelf.shipped().get(2))).change().apply(job);
    Job again = ThimbleFile.read("t", new ByteArrayInputStream(ThimbleFile.bytes(carded)));
    assertEquals(carded, again);
    assertTrue(again.development(again.faces().get(0)).isPresent());
  }
}
