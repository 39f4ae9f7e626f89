package org.zipthimble.desktop.page;

import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

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
    session.preferences().settingsProperty().addListener(o -> show());
    session.historyProperty().addListener(o -> show());
  }

  private String name() {
    return session.stationProperty().get().name().toLowerCase(Locale.ROOT);
  }

  /** Shows the hint of the station that is shown, for a job such as this. */
  public void show() {
    boolean cuts = session.stationProperty().get() == Station.SHEET && !session.job().cutting().lanes().isEmpty();
    text.setText(Wording.text(cuts ? "hint.sheet.cut" : "hint." + name()));
    setVisible(!session.preferences().now().putAway().contains(name()));
  }
}
