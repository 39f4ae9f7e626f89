package org.zipthimble.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;

/**
 * A scroll pane that paints of what it shows what has changed. The toolkit's own keeps a picture of all of it and makes that anew with
 * every change: the blinking caret of one field then takes as long as the whole tag.
 */
public class PlainScroll extends ScrollPane {
  /** Shows nothing yet. */
  public PlainScroll() {}

  /** Shows a node. */
  public PlainScroll(Node content) {
    super(content);
  }

  @Override
  protected Skin<?> createDefaultSkin() {
    Skin<?> skin = super.createDefaultSkin();
    getChildrenUnmodifiable().forEach(n -> n.setCache(false));
    return skin;
  }
}
