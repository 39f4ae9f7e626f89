package org.zipthimble.desktop.page;

import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** A hint for the first time at a station; once put away it stays away. */
public final class HintSlip extends HBox {
  private final Session session;
  private final Label text = Controls.wrapped("", "hint-text");

  /** The hints of a window. */
  public HintSlip(Session session) {
    super(10);
    this.session = session;
    getStyleClass().add("hint-slip");
    setAlignment(javafx.geometry.Pos.CENTER_LEFT);
    setMaxSize(430, Region.USE_PREF_SIZE);
    HBox.setHgrow(text, Priority.ALWAYS);
    getChildren().addAll(text, Controls.button("hint-away", "hint.away", () -> session.preferences().change(s -> s.without(name())), "quiet"));
    managedProperty().bind(visibleProperty());
    session.stationProperty().addListener(o -> show());
    session.preferences().settingsProperty().addListener(o -> show());
    show();
  }

  private String name() {
    return session.stationProperty().get().name().toLowerCase(Locale.ROOT);
  }

  private void show() {
    text.setText(Wording.text("hint." + name()));
    setVisible(!session.preferences().now().putAway().contains(name()));
  }
}
