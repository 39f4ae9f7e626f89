package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.units.Size;

/** What is kept of a person's preferences, and that no file of settings stops the program. */
class SettingsTest {
  private static final Box SCREEN = new Box(0, 0, 1280, 800);
  @TempDir private Path folder;

  private Settings read(String text) throws Exception {
    Path file = folder.resolve("settings.json");
    Files.writeString(file, text, StandardCharsets.UTF_8);
    return Settings.read(file);
  }

  private Settings again(Settings settings) throws Exception {
    Path file = folder.resolve("kept.json");
    settings.write(file);
    return Settings.read(file);
  }

  @Test
  void wordsAndFontsOfOnesOwnAreKept() throws Exception {
    Settings settings = Settings.USUAL.knowing("zinnias").knowing("  ").knowing("zinnias").likingFont("Caveat").afterFont("Figtree")
        .afterFont("Alegreya").afterFont("Figtree");
    assertEquals(List.of("zinnias"), settings.words());
    assertEquals(List.of("Figtree", "Alegreya"), settings.recentFonts());
    Path file = folder.resolve("own.json");
    settings.write(file);
    assertEquals(settings, Settings.read(file));
    assertEquals(Set.of(), settings.likingFont("Caveat").likedFonts());
    Settings many = settings;
    for (int i = 0; i < 40; i++) {
      many = many.afterFont("Font " + i);
    }
    assertEquals(Settings.MOST_FONTS, many.recentFonts().size());
    assertEquals("Font 39", many.recentFonts().get(0));
  }

  @Test
  void whatIsKeptComesBack() throws Exception {
    Settings all = Settings.USUAL.withNight(true).withScale(1.5).withScreenPpi(96.4).withNudge(0.25).withSnap(false).withGrid(0.2, true)
        .withSheetOrigin(true).liking("invitation").without("compose").with(new Settings.OwnItem("Seed box", new Size(4, 3.5), 2))
        .after(folder.resolve("beans.thimble")).withCurrency("p.").withWindow(Optional.of(new Settings.Window(10, 20, 1000, 700, false)));
    assertEquals(all, again(all));
  }

  @Test
  void withoutAFileTheUsualIsTaken() {
    assertEquals(Settings.USUAL, Settings.read(folder.resolve("none.json")));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "{", "[]", "null", "7", "\"settings\"", "{\"night\":true", "not json at all", "{\"version\":99999}"})
  void aFileThatIsNoneLeavesTheUsual(String text) throws Exception {
    Settings read = read(text);
    assertEquals(Settings.USUAL.scale(), read.scale());
    assertEquals(Settings.USUAL.recent(), read.recent());
  }

  /** One bad value spoils itself alone. */
  @ParameterizedTest
  @ValueSource(strings = {"\"scale\":\"large\"", "\"scale\":-3", "\"scale\":1e99", "\"recent\":7", "\"own\":[{\"name\":\"x\"}]",
      "\"window\":{\"x\":1}",
      "\"band\":\"sideways\"", "\"putAway\":{}", "\"unheardOf\":true"})
  void aBadValueIsPassedOverAndTheRestIsKept(String bad) throws Exception {
    Settings read = read("{\"version\":2,\"night\":true," + bad + ",\"nudge\":0.5}");
    assertTrue(read.night(), bad);
    assertEquals(0.5, read.nudge(), bad);
    assertTrue(read.scale() >= 0.5 && read.scale() <= 4, bad);
  }

  @Test
  void recentJobsAreFewAndTheLastStandsFirst() {
    Settings settings = Settings.USUAL;
    for (int i = 0; i < Settings.MOST_RECENT + 5; i++) {
      settings = settings.after(folder.resolve("job" + i + ".thimble"));
    }
    assertEquals(Settings.MOST_RECENT, settings.recent().size());
    assertTrue(settings.recent().get(0).endsWith("job" + (Settings.MOST_RECENT + 4) + ".thimble"));
    Settings twice = settings.after(settings.recent().get(2));
    assertEquals(Settings.MOST_RECENT, twice.recent().size(), "a job stands there once");
    assertEquals(settings.recent().get(2), twice.recent().get(0));
  }

  @Test
  void likingTwiceIsNotLiking() {
    Settings liked = Settings.USUAL.liking("bookmark");
    assertEquals(Set.of("bookmark"), liked.favourites());
    assertEquals(Set.of(), liked.liking("bookmark").favourites());
  }

  @Test
  void hintsArePutAwayOneByOneAndComeBackTogether() {
    Settings away = Settings.USUAL.without("item").without("sheet");
    assertEquals(Set.of("item", "sheet"), away.putAway());
    assertEquals(Set.of(), away.withHints().putAway());
  }

  @Test
  void ownItemsAreKeptOnceAndForgotten() {
    Settings.OwnItem box = new Settings.OwnItem("Seed box", new Size(4, 3), 1);
    Settings with = Settings.USUAL.with(box).with(box);
    assertEquals(List.of(box), with.own());
    assertEquals(List.of(), with.without(box).own());
  }

  @Test
  void noCurrencyIsShownUntilOneIsNamed() {
    assertEquals("", Settings.USUAL.currency());
  }

  @Test
  void aWindowThatFitsComesBackAsItWasLeft() {
    Settings.Window window = new Settings.Window(100, 50, 1000, 700, false);
    assertEquals(new Box(100, 50, 1000, 700), window.within(SCREEN));
  }

  @Test
  void aWindowIsNeverLargerThanTheScreen() {
    Box at = new Settings.Window(-300, -200, 4000, 3000, false).within(SCREEN);
    assertEquals(SCREEN, at);
  }

  /** Left on a screen that is gone, it comes back onto the one there is. */
  @Test
  void aWindowLeftElsewhereIsBroughtBack() {
    Box at = new Settings.Window(2600, 1500, 1000, 700, false).within(SCREEN);
    assertTrue(at.x() >= 0 && at.right() <= 1280 && at.y() >= 0 && at.bottom() <= 800, at.toString());
    assertEquals(1000, at.width());
    assertEquals(700, at.height());
  }

  @Test
  void aScreenThatDoesNotBeginAtNothingIsKeptTo() {
    Box usable = new Box(60, 28, 1220, 772);
    Box at = new Settings.Window(0, 0, 1280, 800, true).within(usable);
    assertEquals(usable, at);
  }

  @Test
  void settingsOfTheFirstVersionAreStillRead() throws Exception {
    Settings read = read("{\"night\":true,\"scale\":1.25,\"favourites\":[\"bookmark\"]}");
    assertTrue(read.night());
    assertEquals(1.25, read.scale());
    assertFalse(read.window().isPresent());
  }
}
