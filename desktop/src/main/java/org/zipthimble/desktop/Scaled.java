package org.zipthimble.desktop;

import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.Preferences;

/** Shows the whole interface larger: it is laid out on a smaller page and scaled up; what does not go on is scrolled to. */
final class Scaled extends Region {
  private static final double LEAST_WIDTH = 620;
  private static final double LEAST_HEIGHT = 540;

  private final Preferences preferences;
  private final Region inside;
  private final ScrollPane scroll = new PlainScroll();
  private final Scale scale = new Scale(1, 1);

  Scaled(Region inside, Preferences preferences) {
    this.preferences = preferences;
    this.inside = inside;
    scroll.setFitToWidth(true);
    scroll.setFitToHeight(true);
    scroll.getStyleClass().add("bare-scroll");
    scroll.setFocusTraversable(false);
    scroll.getTransforms().add(scale);
    getStyleClass().add("workbench");
    // What stands out of a region widens it, and a region that has grown is painted whole: by a few pixels more at one edge all of the
    // window.
    Controls.clip(this);
    Controls.clip(inside);
    put();
    preferences.settingsProperty().addListener((o, was, is) -> {
      if (was.scale() != is.scale()) {
        put();
      }
    });
  }

  /** At its own size the interface stands here by itself; larger it is scrolled where it does not go on. */
  private void put() {
    if (preferences.now().scale() == 1) {
      scroll.setContent(null);
      inside.setMinSize(USE_COMPUTED_SIZE, USE_COMPUTED_SIZE);
      getChildren().setAll(inside);
    } else {
      getChildren().setAll(scroll);
      inside.setMinSize(LEAST_WIDTH, LEAST_HEIGHT);
      scroll.setContent(inside);
    }
    requestLayout();
  }

  @Override
  protected void layoutChildren() {
    double s = preferences.now().scale();
    scale.setX(s);
    scale.setY(s);
    getChildren().get(0).resizeRelocate(0, 0, getWidth() / s, getHeight() / s);
  }
}
