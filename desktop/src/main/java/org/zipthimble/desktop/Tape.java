package org.zipthimble.desktop;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.sheet.BookletPages;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** The tailor's tape across the window: the stations at whole inches, the thimble on the current one. */
final class Tape extends StackPane {
  private static final double HEIGHT = 42;
  private static final double INCH = 64;
  private static final double FIRST = 120;
  private static final double APART = 3 * INCH;
  private static final double THIMBLE = 0.9;

  /** Where the first station stands on the narrowest tape. */
  private static final double NARROW = 20;

  /** Room for the last station and its words. */
  private static final double LAST = 90;

  private final Session session;
  private final Path ticks = new Path();
  private final Pane places;
  private final Map<Station, ToggleButton> buttons = new EnumMap<>(Station.class);
  private final Label found = Controls.label("", "badge");
  private final LatestWork counter = new LatestWork();
  private final Label sheet = Controls.label("", "badge", "sheet-badge");

  Tape(Session session) {
    this.session = session;
    getStyleClass().add("tape");
    setMinHeight(HEIGHT);
    setMaxHeight(HEIGHT);
    ticks.getStyleClass().add("tape-ticks");
    ticks.setManaged(false);
    places = new Pane();
    for (Station station : Station.values()) {
      ToggleButton button = button(station);
      places.getChildren().add(button);
    }
    getChildren().addAll(ticks, places);
    widthProperty().addListener(o -> measure());
    session.stationProperty().addListener((o, was, is) -> {
      refresh();
      if (is != Station.COMPOSE) {
        buttons.get(is).requestFocus();
      }
    });
    session.checking().reportProperty().addListener(o -> refresh());
    session.historyProperty().addListener(o -> refresh());
    refresh();
  }

  private ToggleButton button(Station station) {
    ToggleButton button = new ToggleButton();
    button.setId("station-" + station.name().toLowerCase(Locale.ROOT));
    button.setAccessibleText(station.title());
    Controls.tip(button, Wording.text("tape.station", station.title(), station.ordinal() + 1));
    button.getStyleClass().add("station");
    button.setMinHeight(HEIGHT - 6);
    button.setOnAction(e -> {
      session.stationProperty().set(station);
      refresh();
    });
    buttons.put(station, button);
    return button;
  }

  private static int ganged(Job job, PageOptions options) throws Trouble {
    int sheets = 0;
    for (List<Face> faces : Imposition.alike(job, job.leaving())) {
      sheets += GangPages.of(job, faces, options).sheets();
    }
    return sheets;
  }

  /** How many sheets all of a job takes. */
  private static int sheets(Job job) {
    PageOptions options = PageOptions.of(job);
    try {
      return BookletPages.wanted(options) ? BookletPages.of(job, options).sheetsInAll() : Imposition.ganged(options) ? ganged(job, options)
          : 1;
    } catch (Trouble none) {
      return 1;
    }
  }

  private void refresh() {
    List<Finding> findings = session.checking().findingsProperty().get();
    int counted = session.checking().report().counted();
    found.setText(String.valueOf(counted));
    found.getStyleClass().removeAll("ruin", "look");
    found.getStyleClass().add(Checks.ruin(findings) ? "ruin" : "look");
    Job job = session.job();
    counter.replace(() -> sheets(job), n -> sheet.setText(Wording.text("tape.sheets", n)));
    for (Station station : Station.values()) {
      boolean here = session.stationProperty().get() == station;
      HBox inside = Controls.row(6, here ? thimble() : dot(), Controls.label(station.title(), here ? "station-here" : "station-name"));
      if (station == Station.CHECK && counted > 0 && begun()) {
        inside.getChildren().add(found);
      }
      if (station == Station.SHEET && session.job().sheet().onPaper()) {
        inside.getChildren().add(sheet);
      }
      buttons.get(station).setGraphic(inside);
      buttons.get(station).setSelected(here);
    }
  }

  /** A job on which nothing lies yet is not reproached with it. */
  private boolean begun() {
    return session.job().faces().stream().anyMatch(face -> !face.items().isEmpty());
  }

  private static Node dot() {
    StackPane place = new StackPane(new Circle(4));
    place.getChildren().get(0).getStyleClass().add("station-dot");
    place.setMinWidth(24);
    place.setAlignment(Pos.CENTER);
    return place;
  }

  private static Node thimble() {
    Group drawing = new Group(Icons.of(Icons.THIMBLE, "thimble"), Icons.of(Icons.DIMPLES, "dimples"));
    drawing.setScaleX(THIMBLE);
    drawing.setScaleY(THIMBLE);
    Group whole = new Group(drawing);
    StackPane place = new StackPane(whole);
    place.setMinWidth(Region.USE_PREF_SIZE);
    return place;
  }

  /** The stations stand three inches apart, or nearer on a narrow window; always at whole inches. */
  private void measure() {
    double apart = Math.max(2, Math.min(3, Math.floor((getWidth() - FIRST) / Station.values().length / INCH))) * INCH;
    double ends = INCH + apart * (Station.values().length - 1) + LAST;
    double first = apart == APART ? FIRST : ends > getWidth() ? NARROW : INCH;
    for (Station station : Station.values()) {
      buttons.get(station).relocate(first + apart * station.ordinal() - 16, 3);
    }
    ticks.getElements().clear();
    for (int i = 0; i * INCH / 8 < getWidth(); i++) {
      double x = first % INCH - INCH + i * INCH / 8 + 0.5;
      double length = i % 8 == 0 ? 11 : i % 4 == 0 ? 7 : i % 2 == 0 ? 5 : 3;
      ticks.getElements().addAll(new MoveTo(x, HEIGHT), new LineTo(x, HEIGHT - length));
    }
  }
}
