package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.FactEdits;
import org.zipthimble.core.form.Seen;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.desktop.state.Station;

/** In the window: bends and typing in them, wording from the bank, fonts by kind, words that are right, outlines that are words again. */
class WordsBentAndBankedTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private void add(FxRobot robot, String text) {
    withoutHints(robot);
    robot.interact(() -> {
      session.apply(Edits.add("f1", ItemWords.of(ItemProperties.of("w", "Words"), Placement.of(0.75, 2, 3.5, 0.7, 0), text,
          new WordStyle("Alegreya", "Regular", 30, 120, 0, Align.CENTRE, Colour.BLACK))));
      session.selectionProperty().set(Set.of("w"));
    });
    QuickRobot.settled();
  }

  private HoldsWords words() {
    return session.face().find("w").flatMap(Item::words).orElseThrow();
  }

  private void run(FxRobot robot, String key) {
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals(key)).findFirst().orElseThrow().run());
    QuickRobot.settled();
  }

  private Optional<LiveEffect.Bent> bent() {
    return session.face().items().get(0).holder().flatMap(g -> g.effect().bent());
  }

  @Test
  void wordsAreBentByAFigureAndTypedInWhereTheyAreSeen(FxRobot robot) {
    add(robot, "Seeds");
    run(robot, "menu.bend");
    robot.clickOn("#figure-bow-arch");
    hand.type("#figure-percent", "60");
    robot.clickOn("#figures-make");
    QuickRobot.settled();
    assertEquals(Bow.ARCH, bent().orElseThrow().bend().bow());
    assertEquals(60, bent().orElseThrow().bend().amount());
    hand.type("#bend-amount", "40");
    assertEquals(40, bent().orElseThrow().bend().amount(), "the tag changes it");
    Point middle = Seen.of(session.face(), "w").there(new Point(1.75, 0.3));
    hand.doubleClick(middle.x(), middle.y());
    assertTrue(session.typing().on(), "a double click goes into the words");
    robot.type(KeyCode.END);
    robot.write(" too");
    assertEquals("Seeds too", words().text());
    Point first = session.typing().toFace().there(session.typing().carets().orElseThrow().at(0).orElseThrow().middle());
    hand.click(first.x(), first.y());
    assertEquals(0, session.typing().cursorProperty().get().orElseThrow().caret(), "a press puts the caret where it is seen");
    hand.keys(KeyCode.ESCAPE);
    hand.keys(KeyCode.ESCAPE);
    robot.interact(() -> session.undo());
    robot.interact(() -> session.undo());
    assertEquals("Seeds", words().text(), "the word and the blank before it are taken back");
    assertTrue(bent().isPresent());
  }

  @Test
  void wordingIsPutInWithItsFactsAndADesignFollowsThem(FxRobot robot) {
    withoutHints(robot);
    robot.interact(() -> session.apply(FactEdits.set(new Fact("where", Fact.Kind.PLACE, "The Old Drying Barn"))));
    run(robot, "menu.wording");
    robot.clickOn("#wording-plain");
    robot.clickOn("#wording-take-0");
    QuickRobot.settled();
    HoldsWords put = session.single().flatMap(Item::words).orElseThrow();
    assertTrue(put.text().contains("The Old Drying Barn") && put.text().contains("[date]"), put.text());
    hand.type("#wording-family", "Marsh");
    assertTrue(robot.lookup("#wording-rule").queryAs(Label.class).getText().contains("Marshes"));
    robot.clickOn("#wording-design");
    QuickRobot.settled();
    assertEquals(2, session.job().faces().size());
    assertEquals(session.job().faces().get(1).id(), session.faceIdProperty().get(), "the new design is shown");
    robot.interact(() -> session.apply(FactEdits.set(new Fact("where", Fact.Kind.PLACE, "The Seed Loft"))));
    assertTrue(session.job().faces().stream()
        .allMatch(f -> f.all().stream().flatMap(i -> i.words().stream()).anyMatch(w -> w.text().contains("The Seed Loft"))));
  }

  @Test
  void fontsAreFoundByKindLikedAndRemembered(FxRobot robot) {
    add(robot, "Seeds");
    robot.clickOn("#tag-fonts");
    robot.clickOn("#fonts-script");
    assertTrue(robot.lookup("#font-Caveat").tryQuery().isPresent());
    assertFalse(robot.lookup("#font-Figtree").tryQuery().isPresent());
    robot.clickOn("#font-Caveat");
    assertEquals("Caveat", words().style().family());
    assertEquals(List.of("Caveat"), session.preferences().now().recentFonts());
    robot.clickOn("#font-like-Great-Vibes");
    assertEquals(Set.of("Great Vibes"), session.preferences().now().likedFonts());
    robot.clickOn("#fonts-liked");
    assertTrue(robot.lookup("#font-Great-Vibes").tryQuery().isPresent());
    assertFalse(robot.lookup("#font-Caveat").tryQuery().isPresent());
    robot.clickOn("#fonts-recent");
    assertTrue(robot.lookup("#font-Caveat").tryQuery().isPresent());
  }

  @Test
  void aWordIsRightInAllJobsOnceItIsSaidToBe(FxRobot robot) {
    add(robot, "Bring zinniaseeds");
    robot.interact(() -> session.stationProperty().set(Station.CHECK));
    Hand.until(() -> robot.lookup(".finding-card .quiet").queryAll().stream()
        .anyMatch(n -> n.getId() != null && n.getId().endsWith("-own")));
    robot.interact(() -> robot.lookup(".finding-card .quiet").queryAllAs(javafx.scene.control.Button.class).stream()
        .filter(n -> n.getId().endsWith("-own")).findFirst().orElseThrow().fire());
    Hand.until(() -> session.checking().findingsProperty().get().stream().noneMatch(f -> f.code().equals("words-spelt")));
    assertEquals(List.of("zinniaseeds"), session.preferences().now().words());
    Hand.until(() -> Settings.read(folder.resolve("home/settings.json")).words().size() == 1);
    robot.interact(() -> session.stationProperty().set(Station.COMPOSE));
    run(robot, "menu.facts");
    assertEquals("zinniaseeds", robot.lookup("#facts-own").queryAs(TextField.class).getText());
    robot.clickOn("#facts-british");
    robot.clickOn("#facts-own");
    hand.keys(KeyCode.A, KeyCode.CONTROL);
    robot.type(KeyCode.DELETE, KeyCode.ENTER);
    QuickRobot.settled();
    assertTrue(session.preferences().now().words().isEmpty());
  }

  @Test
  void outlinesAreWordsAgainAndLettersAreJoinedBackedAndShaded(FxRobot robot) {
    add(robot, "nun");
    run(robot, "menu.outlined");
    Hand.until(() -> session.single().flatMap(Item::outlined).isPresent());
    pressInSight(robot, "#words-again");
    Hand.until(() -> session.single().flatMap(Item::words).isPresent());
    assertEquals("nun", words().text());
    run(robot, "menu.gradient");
    robot.clickOn("#figures-make");
    Hand.until(() -> words().fillStyle().isPresent());
    hand.type("#tag-colour", "#7a2e22");
    assertTrue(words().fillStyle().isEmpty(), "one colour takes its place");
    run(robot, "menu.joinLetters");
    Hand.until(() -> session.noticeProperty().get().startsWith("Joined"));
    assertTrue(session.noticeProperty().get().contains("3 pieces"), session.noticeProperty().get());
    robot.interact(() -> session.undo());
    robot.interact(() -> session.selectionProperty().set(Set.of("w")));
    run(robot, "menu.backing");
    hand.type("#figure-behind", "1/16");
    robot.clickOn("#figures-make");
    Hand.until(() -> session.face().items().get(0).holder().flatMap(g -> g.effect().rings()).isPresent());
    assertEquals(List.of(0.0625), session.face().items().get(0).holder().flatMap(g -> g.effect().rings()).orElseThrow().distances());
  }
}
