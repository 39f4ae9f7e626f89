package org.zipthimble.desktop;

import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuBar;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.desktop.bench.BenchPane;
import org.zipthimble.desktop.control.Kit;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.station.Adding;
import org.zipthimble.desktop.station.FindingsPane;
import org.zipthimble.desktop.station.ItemStation;
import org.zipthimble.desktop.station.LayersPane;
import org.zipthimble.desktop.station.SendStation;
import org.zipthimble.desktop.station.SheetStation;
import org.zipthimble.desktop.station.TagPane;
import org.zipthimble.desktop.station.TicketPane;
import org.zipthimble.desktop.station.TrayPane;

/** The whole window: menus and tape above, the ticket at the left, a station in the middle and at the right. */
final class Workbench extends BorderPane {
  private static final double SIDE = 248;

  private final Session session;
  private final BenchPane bench;
  private final TrayPane tray;
  private final TagPane tag;
  private final Node compose;
  private final FindingsPane findings;
  private final ItemStation item;
  private final SheetStation sheet;
  private final SendStation send;
  private final Node sendBench;
  private final TicketPane ticket;
  private final StackPane side = new StackPane();

  Workbench(Session session, Runnable quit) {
    this.session = session;
    bench = new BenchPane(session);
    Adding adding = new Adding(session);
    bench.setOnFiles(adding::pictures);
    tray = new TrayPane(session, adding);
    tag = new TagPane(session);
    adding.setOnWords(() -> Platform.runLater(tag::typeWords));
    LayersPane layers = new LayersPane(session);
    VBox.setVgrow(layers, Priority.ALWAYS);
    VBox composing = new VBox(10, tag, layers);
    composing.getStyleClass().add("side");
    compose = composing;
    findings = new FindingsPane(session);
    item = new ItemStation(session);
    sheet = new SheetStation(session);
    send = new SendStation(session);
    sendBench = send.bench();
    ticket = new TicketPane(session);
    setTop(new VBox(top(new Menus(session, bench, quit).bar()), new Tape(session)));
    setLeft(ticket);
    side.setMinWidth(SIDE);
    side.setPrefWidth(SIDE);
    side.setMaxWidth(SIDE);
    side.getStyleClass().add("side-place");
    setRight(side);
    getStyleClass().add("workbench");
    session.stationProperty().addListener(o -> show());
    show();
  }

  private Node top(MenuBar bar) {
    Label name = Kit.label("", "job-name");
    name.textProperty().bind(Bindings.createStringBinding(() -> session.job().name(), session.historyProperty()));
    name.setId("job-name");
    Label saved = Kit.label("", "saved-note");
    saved.setId("saved-note");
    saved.textProperty().bind(Bindings.createStringBinding(
        session::savedText, session.historyProperty(), session.savedAtProperty()));
    HBox row = Kit.row(0, bar, Kit.spring(), saved);
    row.getStyleClass().add("top-row");
    StackPane top = new StackPane(row, name);
    name.setMouseTransparent(true);
    return top;
  }

  private void show() {
    switch (session.stationProperty().get()) {
      case ITEM -> put(item.bench(), item.side(), false);
      case COMPOSE -> put(bench, compose, true);
      case CHECK -> put(bench, findings, false);
      case SHEET -> put(sheet.bench(), sheet.side(), false);
      case SEND -> put(sendBench, send.side(), false);
    }
    if (session.stationProperty().get() == Station.COMPOSE) {
      bench.takeFocus();
    }
  }

  private void put(Node middle, Node right, boolean withTray) {
    setCenter(middle);
    side.getChildren().setAll(right);
    setBottom(null);
    if (withTray) {
      BorderPane both = new BorderPane(middle);
      both.setBottom(tray);
      setCenter(both);
    }
  }

  /** The bench, for driving it. */
  BenchPane bench() {
    return bench;
  }

  /** The ticket, for folding it. */
  TicketPane ticket() {
    return ticket;
  }
}
