package org.zipthimble.desktop.page;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zipthimble.core.guide.Seeking;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.command.Command;
import org.zipthimble.desktop.command.FinderPlace;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** Finds any command and any object by a few letters; Enter does it or selects it. */
public final class Finder extends VBox {
  private static final int MOST = 40;
  private static final double ROW = 28;
  private static final double MOST_HEIGHT = 320;

  private final Session session;
  private final Supplier<List<Command>> commands;
  private final Consumer<FinderPlace> lead;
  private final TextField text = new TextField();
  private final ListView<Entry> list = new ListView<>();

  private record Entry(int fit, String title, String note, Runnable action) {}

  /**
   * The finder of a window; it is hidden until it is opened.
   *
   * @param lead goes to a part of the window
   */
  public Finder(Session session, Supplier<List<Command>> commands, Consumer<FinderPlace> lead) {
    super(6);
    this.session = session;
    this.lead = lead;
    this.commands = commands;
    getStyleClass().add("finder");
    setMaxSize(460, Region.USE_PREF_SIZE);
    text.setId("finder-text");
    text.setPromptText(Wording.text("finder.prompt"));
    text.setAccessibleText(Wording.text("finder.prompt"));
    text.textProperty().addListener(o -> look());
    text.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    list.setId("finder-list");
    list.getStyleClass().add("finder-list");
    list.setFocusTraversable(false);
    list.setCellFactory(view -> new Cell());
    list.setOnMouseClicked(e -> take());
    list.setPlaceholder(Controls.label(Wording.text("finder.none"), "side-note"));
    getChildren().addAll(text, list);
    setVisible(false);
    managedProperty().bind(visibleProperty());
    text.focusedProperty().addListener((o, was, is) -> {
      if (!is) {
        setVisible(false);
      }
    });
  }

  /** Opens it with nothing typed. */
  public void open() {
    setVisible(true);
    text.clear();
    look();
    text.requestFocus();
  }

  private void key(KeyEvent e) {
    int at = list.getSelectionModel().getSelectedIndex();
    if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
      int to = Math.max(0, Math.min(list.getItems().size() - 1, at + (e.getCode() == KeyCode.DOWN ? 1 : -1)));
      list.getSelectionModel().select(to);
      list.scrollTo(Math.max(0, to - 4));
      e.consume();
    } else if (e.getCode() == KeyCode.ENTER) {
      take();
      e.consume();
    } else if (e.getCode() == KeyCode.ESCAPE) {
      setVisible(false);
      e.consume();
    }
  }

  private void take() {
    Entry found = list.getSelectionModel().getSelectedItem();
    setVisible(false);
    if (found != null) {
      found.action().run();
    }
  }

  private void look() {
    String typed = text.getText().strip();
    List<Entry> found = new ArrayList<>();
    for (Command command : commands.get()) {
      String also = Wording.maybe("also." + command.key()).orElse("");
      if (command.able().getAsBoolean()) {
        add(found, typed, command.title(), also, command.keysShown(), command::run);
      } else if (!typed.isEmpty()) {
        later(found, typed, command.title(), also);
      }
    }
    for (Station station : Station.values()) {
      add(found, typed, station.title(), "", "Alt+" + (station.ordinal() + 1), () -> session.stationProperty().set(station));
    }
    if (!typed.isEmpty()) {
      FinderPlace.ALL.forEach(spot -> add(found, typed, spot.title(), Wording.maybe("also." + spot.key()).orElse(""),
          spot.station().map(Station::title).orElse(""), () -> lead.accept(spot)));
    }
    session.job().faces().forEach(face -> face.items()
        .forEach(i -> add(found, typed, i.properties().name(), "", Wording.text("layers.face", face.name()), () -> show(face.id(), i))));
    if (!typed.isEmpty()) {
      found.sort(Comparator.comparingInt(Entry::fit).reversed());
    }
    list.getItems().setAll(found.subList(0, Math.min(MOST, found.size())));
    list.setPrefHeight(Math.min(MOST_HEIGHT, 6 + ROW * Math.max(1, list.getItems().size())));
    list.setMinHeight(USE_PREF_SIZE);
    list.getSelectionModel().select(0);
    list.scrollTo(0);
  }

  private static void add(List<Entry> found, String typed, String title, String also, String note, Runnable action) {
    int fit = Seeking.fit(typed, title, also);
    if (fit > 0) {
      found.add(new Entry(fit, title, note, action));
    }
  }

  /** What cannot be done now is found all the same, behind what can, and says why. */
  private void later(List<Entry> found, String typed, String title, String also) {
    int fit = Seeking.fit(typed, title, also);
    if (fit > 0) {
      found.add(new Entry(Math.max(1, fit / 2), title, Wording.text("finder.notNow"),
          () -> session.say(Wording.text("finder.notNow.said", title))));
    }
  }

  private void show(String faceId, Item item) {
    session.stationProperty().set(Station.COMPOSE);
    session.faceIdProperty().set(faceId);
    session.openProperty().set(java.util.Optional.empty());
    session.selectionProperty().set(Set.of(item.id()));
  }

  private static final class Cell extends ListCell<Entry> {
    private final Label title = Controls.label("", "finder-title");
    private final Label note = Controls.label("", "finder-note");
    private final HBox row = Controls.row(8, title, Controls.spring(), note);

    @Override
    protected void updateItem(Entry found, boolean empty) {
      super.updateItem(found, empty);
      setGraphic(empty || found == null ? null : row);
      if (!empty && found != null) {
        title.setText(found.title());
        note.setText(found.note());
      }
    }
  }
}
