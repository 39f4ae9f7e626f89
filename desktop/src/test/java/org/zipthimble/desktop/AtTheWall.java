package org.zipthimble.desktop;

import java.io.IOException;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxRobot;
import org.zipthimble.desktop.state.Station;

/** A person comes in at the size wall, with a card of one face. */
abstract class AtTheWall extends AtTheBench {
  FxRobot robot;

  void openAtTheWall(Stage stage) throws IOException {
    beginsAt = Station.ITEM;
    open(stage, 1);
  }

  @Override
  @BeforeEach
  void sitDown(FxRobot given) {
    robot = given;
    hand = new Hand(given, workbench, session);
    withoutHints(given);
    Hand.until(() -> workbench.lookup("#like-wall_word") != null && workbench.lookup("#demo-shirt") != null);
  }
}
