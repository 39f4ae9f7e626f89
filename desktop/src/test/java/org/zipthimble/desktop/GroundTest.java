package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import javafx.application.Application;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Size;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.samples.DemoShelf;

/**
 * What the window stands on: the short sheet that controls begin from, panes that paint what has changed, a tray whose cards are all
 * within reach.
 */
class GroundTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 2);
  }

  private static List<Node> under(Node node) {
    List<Node> out = new ArrayList<>(List.of(node));
    if (node instanceof Parent) {
      ((Parent) node).getChildrenUnmodifiable().forEach(child -> out.addAll(under(child)));
    }
    return out;
  }

  private static String sheets() throws IOException {
    StringBuilder all = new StringBuilder();
    for (String name : List.of("ground.css", "linen.css")) {
      try (InputStream in = SceneLooks.class.getResourceAsStream(name)) {
        all.append(new String(in.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    return all.toString();
  }

  private static boolean ruled(Node control, String sheets) {
    return control.getStyleClass().stream()
        .anyMatch(kind -> Pattern.compile("\\." + Pattern.quote(kind) + "(?![\\w-])").matcher(sheets).find());
  }

  @Test
  void everyKindOfControlFindsItsRulesInTheShortSheet(FxRobot robot) throws IOException {
    String sheets = sheets();
    box(robot, "Bed", 1, 1, 2, 2);
    Set<String> kinds = new TreeSet<>();
    Set<String> bare = new TreeSet<>();
    for (Station station : Station.values()) {
      robot.interact(() -> session.stationProperty().set(station));
      QuickRobot.settled();
      robot.interact(() -> under(workbench).stream().filter(n -> n instanceof Control).forEach(n -> {
        kinds.addAll(n.getStyleClass());
        if (!ruled(n, sheets)) {
          bare.add(n.getStyleClass().toString());
        }
      }));
    }
    assertTrue(Application.getUserAgentStylesheet().endsWith("ground.css"));
    assertTrue(
        kinds.containsAll(Set.of("button", "toggle-button", "text-input", "check-box", "combo-box", "scroll-pane", "menu-bar", "label",
        "list-view")), kinds.toString());
    assertEquals(Set.of(), bare, "these have no rules: what the toolkit's own sheet says of them belongs into ground.css");
  }

  @Test
  void whatScrollsIsNotPaintedWholeWithEveryChange(FxRobot robot) {
    for (Station station : Station.values()) {
      robot.interact(() -> session.stationProperty().set(station));
      QuickRobot.settled();
      robot.interact(() -> under(workbench).stream().filter(ScrollPane.class::isInstance)
          .forEach(pane -> ((ScrollPane) pane).getChildrenUnmodifiable()
          .forEach(part -> assertFalse(part.isCache(), pane + " at " + station))));
    }
  }

  /**
   * Where one page more nearly fits beside the others all are drawn a little smaller than a third of the window, and it lies there; a page
   * alone is drawn as large as there is room.
   */
  @Test
  void pagesThatNearlyFitBesideEachOtherDo(FxRobot robot) throws Exception {
    double alone = drawn(robot, 1).get(0).getWidth();
    List<Bounds> four = drawn(robot, 4);
    assertEquals(2, four.stream().map(b -> Math.round(b.getMinY())).distinct().count(), "in two rows: " + four);
    double usual = workbench.getScene().getHeight() * 0.34 * 8.75 / 10.25;
    assertTrue(four.get(0).getWidth() < usual - 5 && four.get(0).getWidth() >= 0.75 * usual, four.get(0).getWidth() + " of " + usual);
    assertTrue(alone > 1.5 * usual, alone + " of " + usual);
  }

  private List<Bounds> drawn(FxRobot robot, int faces) throws Exception {
    Job cards = Job.blank("Cards", Ticket.usual("Cards", new Size(8.5, 10)), List.of("a", "b", "c", "d").subList(0, faces));
    robot.interact(() -> {
      session.stationProperty().set(Station.COMPOSE);
      session.take(cards, Optional.empty());
      session.stationProperty().set(Station.SEND);
    });
    Pane previews = robot.lookup(".previews").queryAs(Pane.class);
    WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> previews.getChildren().size() == faces);
    QuickRobot.settled();
    List<Bounds> out = new ArrayList<>();
    robot.interact(() -> {
      workbench.layout();
      previews.getChildren().forEach(page -> out.add(page.getBoundsInParent()));
    });
    assertTrue(out.stream().allMatch(b -> b.getMaxX() <= previews.getWidth()), out + " in " + previews.getWidth());
    return out;
  }

  @Test
  void everyCardOfTheTrayIsWithinReachBesideWideFaces(FxRobot robot) throws Exception {
    Job folded = DemoShelf.job("thank-you.thimble");
    robot.interact(() -> session.take(folded, Optional.empty()));
    for (double scale : new double[] {1, 2}) {
      robot.interact(() -> session.preferences().change(was -> was.withScale(scale)));
      QuickRobot.settled();
      robot.interact(() -> {
        Node tray = workbench.lookup(".tray");
        Bounds room = workbench.sceneToLocal(tray.localToScene(tray.getLayoutBounds()));
        assertTrue(workbench.getLayoutBounds().contains(room), "the tray at " + room + " in " + workbench.getLayoutBounds());
        Set<Node> cards = workbench.lookupAll(".tray-card");
        assertEquals(10, cards.size());
        for (Node card : cards) {
          Bounds at = workbench.sceneToLocal(card.localToScene(card.getLayoutBounds()));
          assertTrue(room.contains(at), card.getId() + " at " + at + " in " + room + " at " + scale);
        }
      });
    }
  }
}
