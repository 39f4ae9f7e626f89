package org.zipthimble.desktop.slip;

import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** A slip over the bench for work that goes on while it is open; it is closed with its button or with Escape. */
abstract class ToolSlip extends Slip {
  final VBox inside = new VBox(7);
  private Runnable after = () -> { };

  ToolSlip(Session session, String id, String titleKey, double width) {
    super(session, "tool-slip", width, 8);
    setId(id);
    Button away = Controls.button(id + "-close", "toolSlip.close", this::close, "quiet");
    HBox head = Controls.row(6, Controls.label(Wording.text(titleKey), "side-title"), Controls.spring(), away);
    carried(head);
    getChildren().addAll(head, inside);
    session.historyProperty().addListener(o -> showIfOpen());
    session.selectionProperty().addListener(o -> showIfOpen());
  }

  /** It can be moved by its head, so that it covers nothing that is looked at. */
  private void carried(HBox head) {
    double[] held = new double[2];
    head.setCursor(Cursor.MOVE);
    head.setOnMousePressed(e -> {
      held[0] = e.getScreenX() - getTranslateX();
      held[1] = e.getScreenY() - getTranslateY();
    });
    head.setOnMouseDragged(e -> {
      setTranslateX(e.getScreenX() - held[0]);
      setTranslateY(e.getScreenY() - held[1]);
    });
  }

  private void showIfOpen() {
    if (isVisible()) {
      show();
    }
  }

  /** What is done once it has been closed. */
  void setOnClosed(Runnable action) {
    after = action;
  }

  /** Opens it. */
  public void open() {
    setVisible(true);
    show();
    first().requestFocus();
  }

  @Override
  public void close() {
    if (isVisible()) {
      setVisible(false);
      after.run();
    }
  }

  /** Brings what it shows up to date. */
  abstract void show();

  /** What has the keys first. */
  abstract Node first();
}
