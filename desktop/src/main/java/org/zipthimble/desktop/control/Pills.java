package org.zipthimble.desktop.control;

import java.util.List;
import javafx.event.ActionEvent;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;

/**
 * Choices of which one is taken. The toolkit's arrow keys mark the next one without doing what it does; here they go from choice to choice,
 * and the space bar takes one as a press does, so that passing a choice changes nothing.
 */
public final class Pills {
  private Pills() {}

  /** A pill of a group, which stays chosen when it is pressed again. */
  public static ToggleButton pill(String id, String text, ToggleGroup group, Runnable action) {
    ToggleButton pill = new ToggleButton(text);
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setOnAction(e -> action.run());
    return among(pill, group);
  }

  /** Puts a button among those of which one is chosen; what it does stays its own. */
  public static <T extends ToggleButton> T among(T button, ToggleGroup group) {
    button.setToggleGroup(group);
    button.addEventFilter(ActionEvent.ACTION, e -> button.setSelected(true));
    button.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
      int step = step(e, button.getParent() instanceof GridPane ? ((GridPane) button.getParent()).getColumnCount() : 1);
      if (step != 0 && button.getToggleGroup() != null) {
        go(button, step);
        e.consume();
      }
    });
    return button;
  }

  /** How far an arrow key goes among choices that stand in so many columns; 0 for any other key. */
  private static int step(KeyEvent e, int columns) {
    if (e.isAltDown() || e.isControlDown() || e.isMetaDown() || e.isShiftDown()) {
      return 0;
    }
    switch (e.getCode()) {
      case RIGHT:
        return 1;
      case LEFT:
        return -1;
      case DOWN:
        return columns;
      case UP:
        return -columns;
      default:
        return 0;
    }
  }

  private static void go(ToggleButton from, int step) {
    List<ToggleButton> all = from.getToggleGroup().getToggles().stream().map(t -> (ToggleButton) t)
        .filter(b -> b == from || Pointing.seen(b) && !b.isDisabled() && b.getScene() == from.getScene()).toList();
    ToggleButton next = all.get(Math.floorMod(all.indexOf(from) + step, all.size()));
    next.requestFocus();
  }
}
