package org.zipthimble.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.desktop.state.Preferences;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.samples.Scratch;

/** A person sits at the bench with a blank card in a window of its own, in a home folder of its own. */
@ExtendWith(BenchExtension.class)
abstract class AtTheBench {
  /** A machine that does much else opens a window slowly. */
  private static final long PATIENCE_MILLIS = 180_000;

  static {
    FxToolkit.toolkitContext().setSetupTimeoutInMillis(PATIENCE_MILLIS);
  }

  final Hand.Answers answers = new Hand.Answers();
  /** Where the person comes in. */
  Station beginsAt = Station.COMPOSE;
  Path folder;
  Session session;
  Workbench workbench;
  Hand hand;

  /** Opens the window with a blank card; called by what each class has to mark as its start. */
  void open(Stage stage, int faces) throws IOException {
    folder = Scratch.folder("bench");
    session = new Session(StandardItem.blank("Card", StandardItem.INVITATION.size(), faces), answers,
        new Preferences(Folders.in(folder.resolve("home"))));
    session.stationProperty().set(beginsAt);
    workbench = Main.fill(stage, session);
    workbench.prepareAll();
  }

  @BeforeEach
  void sitDown(FxRobot robot) {
    hand = new Hand(robot, workbench, session);
    robot.interact(() -> session.stationProperty().set(beginsAt));
    QuickRobot.settled();
  }

  /** Puts the hints of all stations away. */
  void withoutHints(FxRobot robot) {
    robot.interact(() -> {
      for (Station station : Station.values()) {
        session.preferences().change(s -> s.without(station.name().toLowerCase(Locale.ROOT)));
      }
    });
  }

  /** Scrolls what a control stands in to its end, where the control is seen. */
  static void down(FxRobot robot, String id) {
    robot.interact(() -> {
      Node node = robot.lookup(id).query();
      for (Node up = node; up != null; up = up.getParent()) {
        if (up instanceof ScrollPane) {
          ((ScrollPane) up).setVvalue(1);
        }
      }
    });
    QuickRobot.settled();
  }

  /** A filled rectangle on the first face, in inches. */
  void box(FxRobot robot, String name, double x, double y, double width, double height) {
    robot.interact(() -> session.apply(Edits.add("f1", ItemShape.of(ItemProperties.of(session.job().freshId(), name),
        Placement.of(new Box(x, y, width, height)), new Outline.Rectangle(0), Optional.of(Colour.BLACK), Optional.empty()))));
  }

  /** Scrolls what holds a control until it is seen. */
  void bringIntoSight(FxRobot robot, String id) {
    hand.bringIntoSight(id);
  }

  /** Presses a control wherever it has to be scrolled to. */
  void pressInSight(FxRobot robot, String id) {
    bringIntoSight(robot, id);
    robot.clickOn(id);
    QuickRobot.settled();
  }
}
