package org.zipthimble.desktop.slip;

import javafx.geometry.Pos;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zipthimble.desktop.state.Session;

/** A slip of paper over the bench, hidden at first; Escape puts it away, and so does another station. */
abstract class Slip extends VBox {
  final Session session;

  Slip(Session session, String style, double width, double gap) {
    super(gap);
    this.session = session;
    getStyleClass().addAll("slip", style);
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    setPrefWidth(width);
    setAlignment(Pos.TOP_LEFT);
    managedProperty().bind(visibleProperty());
    setVisible(false);
    setOnKeyPressed(e -> {
      if (e.getCode() == KeyCode.ESCAPE) {
        close();
        e.consume();
      }
    });
    session.stationProperty().addListener(o -> close());
  }

  /** Puts it away. */
  public abstract void close();
}
