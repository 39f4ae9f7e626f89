package org.zipthimble.desktop.slip;

import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** A hint for the first time at a station; once put away it stays away. */
public final class HintSlip extends VBox {
  private static final double WIDTH = 430;
  private static final double NARROWEST = 150;

  private final Session session;
  private final Button away;
  private final Label text = Controls.wrapped("", "hint-text");

  /** The hints of a window. */
  public HintSlip(Session session) {
    super(8);
    this.session = session;
    getStyleClass().add("hint-slip");
    setMaxSize(WIDTH, Region.USE_PREF_SIZE);
    HBox.setHgrow(text, Priority.ALWAYS);
    away = Controls.button("hint-away", "hint.away", () -> session.preferences().change(s -> s.without(name())), "quiet");
    beside(0);
    managedProperty().bind(visibleProperty());
    session.preferences().settingsProperty().addListener(o -> show());
    session.historyProperty().addListener(o -> show());
  }

  /**
   * How many pixels are free for it beside what is looked at; where that is too narrow for words it keeps its usual width.
   *
   * @return whether it has room there
   */
  public boolean beside(double free) {
    boolean narrow = free >= NARROWEST && free < WIDTH;
    setMaxWidth(narrow ? free : WIDTH);
    if (narrow) {
      getChildren().setAll(text, away);
    } else {
      getChildren().setAll(Controls.row(10, text, away));
    }
    return free >= NARROWEST;
  }

  /** How high it is where it has its usual width, in pixels; 0 once it is put away. */
  public double high() {
    return isVisible() ? prefHeight(WIDTH) : 0;
  }

  /** What is cut is told of in other words, and how it comes to be cut while nothing is. */
  private String kind(Job job) {
    Station here = session.stationProperty().get();
    boolean cuts = !job.cutting().lanes().isEmpty();
    if (cuts) {
      return here == Station.SHEET ? ".cut" : "";
    }
    return StandardItem.bladed(job.ticket().item()) && (here == Station.COMPOSE || here == Station.SHEET) ? ".blade" : "";
  }

  private String name() {
    return session.stationProperty().get().name().toLowerCase(Locale.ROOT);
  }

  /** Shows the hint of the station that is shown, for a job such as this. */
  public void show() {
    text.setText(Wording.text("hint." + name() + kind(session.job())));
    setVisible(!session.preferences().now().putAway().contains(name()));
  }
}
