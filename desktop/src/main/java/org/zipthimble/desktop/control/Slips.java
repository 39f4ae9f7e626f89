package org.zipthimble.desktop.control;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.stage.Popup;

/** Paper slips that unfold at a control and go away by themselves. */
public final class Slips {
  private Slips() {}

  /**
   * Unfolds a slip above a control.
   *
   * @param rise how far above it the slip begins, in pixels
   * @return the slip, to put it away
   */
  public static Popup above(Node control, Region paper, double rise) {
    Popup popup = new Popup();
    paper.getStyleClass().addAll("slip", "root-colours");
    popup.setAutoHide(true);
    popup.setHideOnEscape(true);
    popup.getContent().add(paper);
    popup.getScene().getStylesheets().addAll(control.getScene().getStylesheets());
    Bounds at = control.localToScreen(control.getBoundsInLocal());
    popup.show(control, at.getMinX(), at.getMinY() - rise);
    return popup;
  }
}
