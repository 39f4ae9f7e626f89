package org.zipthimble.desktop.control;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import org.zipthimble.core.view.Camera;
import org.zipthimble.core.view.Stage;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.LatestWork;

/**
 * A thing that turns under the hand, drawn beside the window: coarsely while it is turned, finely when it rests. Arrow keys turn it too.
 */
public final class TurningView extends StackPane {
  private static final double DEGREES_A_PIXEL = 0.6;
  private static final double STEP = 10;
  private static final int FINE = 2;

  private final ImageView picture = new ImageView();
  private final LatestWork painter = new LatestWork();
  private final int side;
  private Supplier<Stage> stage = () -> null;
  private Camera camera = Camera.USUAL;
  private boolean empty = true;

  /**
   * A view with nothing on it.
   *
   * @param side in pixels
   */
  public TurningView(String id, int side) {
    this.side = side;
    setId(id);
    getStyleClass().add("turning-view");
    getChildren().add(picture);
    setMinSize(side, side);
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    setPrefSize(side, side);
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setAccessibleText(Wording.text("turning.spoken"));
    setCursor(Cursor.OPEN_HAND);
    picture.setMouseTransparent(true);
    picture.setFitWidth(side);
    picture.setFitHeight(side);
    double[] held = new double[2];
    setOnMousePressed(e -> {
      requestFocus();
      setCursor(Cursor.CLOSED_HAND);
      held[0] = e.getX();
      held[1] = e.getY();
    });
    setOnMouseDragged(e -> {
      turn((e.getX() - held[0]) * DEGREES_A_PIXEL, (e.getY() - held[1]) * DEGREES_A_PIXEL, 1);
      held[0] = e.getX();
      held[1] = e.getY();
    });
    setOnMouseReleased(e -> {
      setCursor(Cursor.OPEN_HAND);
      paint(FINE);
    });
    addEventHandler(KeyEvent.KEY_PRESSED, e -> {
      switch (e.getCode()) {
        case LEFT -> turn(-STEP, 0, FINE);
        case RIGHT -> turn(STEP, 0, FINE);
        case UP -> turn(0, -STEP, FINE);
        case DOWN -> turn(0, STEP, FINE);
        default -> {
          return;
        }
      }
      e.consume();
    });
  }

  /** Shows a thing from where it is best looked at, or from where it was looked at before; it is made beside the window. */
  public void show(Supplier<Stage> made, Optional<Camera> from) {
    stage = made;
    from.ifPresent(c -> camera = c);
    paint(FINE);
  }

  /** From where it is looked at now. */
  public Camera camera() {
    return camera;
  }

  private void turn(double right, double down, int fine) {
    // what is pulled to the right turns its left side to the front
    camera = camera.withTurn(camera.turn() + right).withTilt(Math.max(-80, Math.min(80, camera.tilt() + down)));
    paint(fine);
  }

  private void paint(int fine) {
    Supplier<Stage> made = stage;
    Camera from = camera;
    painter.want(() -> Optional.ofNullable(made.get()).map(s -> s.draw(from, side, side, fine)), image -> {
      empty = image.isEmpty();
      picture.setImage(image.map(FxPictures::of).orElse(null));
    });
  }

  /** Whether nothing is seen yet. */
  public boolean empty() {
    return empty;
  }

  /** What is being drawn counts for nothing any more. */
  public void drop() {
    painter.drop();
  }
}
