package org.zipthimble.desktop.state;

import javafx.scene.Node;

/** What a station shows: made when it is first gone to, listening only while it is shown. */
public interface StationView {
  /** What stands in the middle. */
  Node middle();

  /** What stands at the right. */
  Node side();

  /** It is shown from now on: it attaches its listeners and brings itself up to date. */
  void entered();

  /** It is shown no longer: it releases its listeners and drops what is being worked out for it. */
  void left();
}
