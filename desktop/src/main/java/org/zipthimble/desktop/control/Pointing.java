package org.zipthimble.desktop.control;

import javafx.animation.PauseTransition;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import javafx.util.Duration;

/** Shows where something is: scrolls it into sight and stitches a brass line round it for a while. */
public final class Pointing {
  private static final double ROOM = 4;
  private static final Duration WHILE = Duration.seconds(4);

  private Pointing() {}

  /** Whether a node and all it stands in are shown. */
  public static boolean seen(Node node) {
    for (Node up = node; up != null; up = up.getParent()) {
      if (!up.isVisible()) {
        return false;
      }
    }
    return true;
  }

  /** Brings a node into sight of every pane it scrolls in, at the place it has after all that was said before. */
  public static void sight(Node node) {
    if (node.getScene() != null) {
      node.getScene().getRoot().applyCss();
      node.getScene().getRoot().layout();
    }
    for (Node up = node.getParent(); up != null; up = up.getParent()) {
      if (up instanceof ScrollPane) {
        ScrollPane pane = (ScrollPane) up;
        Node content = pane.getContent();
        double free = content.getLayoutBounds().getHeight() - pane.getViewportBounds().getHeight();
        if (free > 0) {
          Bounds at = content.sceneToLocal(node.localToScene(node.getBoundsInLocal()));
          double middle = (at.getMinY() + at.getMaxY() - pane.getViewportBounds().getHeight()) / 2;
          pane.setVvalue(Math.max(0, Math.min(1, middle / free)));
          pane.layout();
        }
      }
    }
  }

  /** Points at a node that stands in a pane; a press anywhere or a while ends it. */
  public static void at(Pane over, Node node) {
    over.getChildren().removeIf(n -> n.getStyleClass().contains("pointed"));
    Bounds at = over.sceneToLocal(node.localToScene(node.getBoundsInLocal()));
    Rectangle ring = new Rectangle(at.getWidth() + 2 * ROOM, at.getHeight() + 2 * ROOM);
    ring.getStyleClass().add("pointed");
    ring.setManaged(false);
    ring.setMouseTransparent(true);
    ring.relocate(at.getMinX() - ROOM, at.getMinY() - ROOM);
    over.getChildren().add(ring);
    PauseTransition pause = new PauseTransition(WHILE);
    pause.setOnFinished(e -> over.getChildren().remove(ring));
    pause.play();
  }
}
