package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;

/** What the bench says about blocks whose words do not go in: one slip at each of a few, one flag for very many. */
class FlagsTest extends AtTheBench {
  private static final WordStyle STYLE = new WordStyle("Alegreya", "Regular", 12, 120, 0, Align.LEFT, Colour.BLACK);

  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  /** Blocks of a quarter of an inch with far too many words. */
  private void tight(FxRobot robot, int count) {
    robot.interact(() -> {
      for (int i = 0; i < count; i++) {
        session.apply(Edits.add("f1", ItemWords.of(ItemProperties.of(session.job().freshId(), "Block " + i),
            Placement.of(0.4 + i % 4, 0.5 + i / 4, 0.8, 0.25, 0), "beans and peas and leeks", STYLE)));
      }
    });
    Hand.until(() -> session.checking().findingsProperty().get().stream().filter(f -> f.code().equals("words-left-over")).count() == count);
  }

  private List<String> flags() {
    return Stream.of(workbench.lookupAll(".flag").toArray()).map(n -> ((Label) n).getText()).toList();
  }

  private String title() {
    return session.checking().findingsProperty().get().stream().filter(f -> f.code().equals("words-left-over")).findFirst().orElseThrow()
        .title();
  }

  @Test
  void aFewBlocksHaveASlipEach(FxRobot robot) {
    tight(robot, 6);
    Hand.until(() -> flags().stream().filter(title()::equals).count() == 6);
  }

  @Test
  void veryManyHaveOneFlagWithTheirNumber(FxRobot robot) {
    tight(robot, 16);
    Hand.until(() -> flags().contains(Wording.text("flag.several", title(), 16)));
    assertEquals(0, flags().stream().filter(title()::equals).count(), flags().toString());
    assertTrue(workbench.lookupAll(".flagged-ruin").size() <= 2,
        "their boxes are one shape: " + workbench.lookupAll(".flagged-ruin").size());
  }
}
