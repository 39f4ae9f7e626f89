package org.zipthimble.desktop.control;

import javafx.animation.PauseTransition;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.stage.Popup;
import javafx.util.Duration;

/** A small paper slip under a field that says what could not be read. */
final class FieldError {
  private static final double WIDTH = 260;
  private static final Duration STAYS = Duration.seconds(7);

  private FieldError() {}

  static void show(Node field, String sentence) {
    if (field.getScene() == null || field.getScene().getWindow() == null) {
      return;
    }
    Label slip = new Label(sentence);
    slip.getStyleClass().add("misread-slip");
    slip.setWrapText(true);
    slip.setMaxWidth(WIDTH);
    slip.getStylesheets().addAll(field.getScene().getStylesheets());
    Popup popup = new Popup();
    popup.setAutoHide(true);
    popup.setConsumeAutoHidingEvents(false);
    popup.getContent().add(slip);
    popup.getScene().getStylesheets().addAll(field.getScene().getStylesheets());
    Bounds at = field.localToScreen(field.getBoundsInLocal());
    popup.show(field, at.getMinX(), at.getMaxY() + 4);
    PauseTransition pause = new PauseTransition(STAYS);
    pause.setOnFinished(e -> popup.hide());
    pause.play();
  }
}
