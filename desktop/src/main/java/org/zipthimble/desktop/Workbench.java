package org.zipthimble.desktop;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuBar;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.input.Dragboard;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.bench.BenchPane;
import org.zipthimble.desktop.command.Commands;
import org.zipthimble.desktop.command.Shapes;
import org.zipthimble.desktop.page.FigureSlip;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.page.Finder;
import org.zipthimble.desktop.page.HelpPage;
import org.zipthimble.desktop.page.HintSlip;
import org.zipthimble.desktop.page.PlacingSlip;
import org.zipthimble.desktop.page.ScreenCard;
import org.zipthimble.desktop.page.ShelfPane;
import org.zipthimble.desktop.state.Clip;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.station.ObjectAdder;
import org.zipthimble.desktop.station.CutStation;
import org.zipthimble.desktop.station.FindingsPane;
import org.zipthimble.desktop.station.ItemStation;
import org.zipthimble.desktop.station.LayersPane;
import org.zipthimble.desktop.station.SendStation;
import org.zipthimble.desktop.station.SheetStation;
import org.zipthimble.desktop.station.TicketPane;
import org.zipthimble.desktop.station.TrayPane;
import org.zipthimble.desktop.tag.TagPane;

/** The whole window: menus and tape above, the ticket at the left, a station in the middle and at the right. */
final class Workbench extends StackPane {
  private static final double SIDE = 248;
  private static final double NARROW = 1120;

  private final Session session;
  private final BorderPane window = new BorderPane();
  private final BenchPane bench;
  private final ObjectAdder adding;
  private final LayersPane layers;
  private final ShelfPane shelf;
  private final VBox bottom = new VBox();
  private final TrayPane tray;
  private final Node compose;
  private final Supplier<FindingsPane> findings;
  private final Node itemBench;
  private final Node itemSide;
  private final Supplier<SheetStation> sheet;
  private final Supplier<CutStation> cut;
  private boolean printedSheet;
  private final Supplier<SendStation> send;
  private final TicketPane ticket;
  private final StackPane side = new StackPane();
  private final Finder finder;
  private final ScreenCard screen;
  private final PlacingSlip placing;
  private final FigureSlip figures;
  private final Commands commands;
  private boolean helping;

  Workbench(Session session, Runnable quit) {
    this.session = session;
    bench = new BenchPane(session);
    adding = new ObjectAdder(session);
    shelf = new ShelfPane(session, adding, () -> shelf(false));
    placing = new PlacingSlip(session, adding);
    figures = new FigureSlip(session);
    bench.setOnDrawn(adding::drawn);
    bench.setOnDropped(this::dropped);
    bench.setPlacing(placing::place);
    adding.setOnSeveral(placing::wait);
    adding.setOnShelf(shelf::fill);
    tray = new TrayPane(session, adding, () -> shelf(!bottom.getChildren().contains(shelf)));
    TagPane tag = new TagPane(session);
    adding.setOnWords(() -> Platform.runLater(tag::typeWords));
    bench.setOnWords(() -> Platform.runLater(tag::typeWords));
    layers = new LayersPane(session);
    VBox.setVgrow(layers, Priority.ALWAYS);
    tag.maxHeightProperty().bind(Bindings.createDoubleBinding(() -> Math.floor(side.getHeight() * 0.7), side.heightProperty()));
    VBox composing = new VBox(8, tag, layers);
    composing.getStyleClass().add("side");
    compose = composing;
    ItemStation item = new ItemStation(session);
    itemBench = item.bench();
    itemSide = item.side();
    findings = once(() -> new FindingsPane(session, bench.lenses()));
    sheet = once(() -> new SheetStation(session, () -> printed(false)));
    cut = once(() -> new CutStation(session, () -> printed(true)));
    send = once(() -> new SendStation(session));
    ticket = new TicketPane(session);
    Clip clip = new Clip(session, files -> adding.loose(files, bench.middle()), text -> adding.words(text, bench.middle()), (name, bytes) -> adding.picture(name, bytes, bench.middle()));
    commands = new Commands(session, bench, adding, clip, new Shapes(session, figures), pages(quit));
    finder = new Finder(session, commands::all);
    screen = new ScreenCard(session);
    window.setTop(new VBox(top(new Menus(session, commands).bar()), new Tape(session)));
    window.setLeft(ticket);
    side.setMinWidth(SIDE);
    side.setPrefWidth(SIDE);
    side.setMaxWidth(SIDE);
    side.getStyleClass().add("side-place");
    window.setRight(side);
    bottom.getChildren().add(tray);
    getStyleClass().add("workbench");
    getChildren().addAll(window, over(finder, Pos.TOP_CENTER, 76), over(screen, Pos.CENTER, 0));
    session.stationProperty().addListener(o -> {
      helping = false;
      show();
    });
    widthProperty().addListener((o, was, is) -> {
      boolean narrow = is.doubleValue() < NARROW;
      if (narrow != (was.doubleValue() < NARROW && was.doubleValue() > 0)) {
        ticket.foldedProperty().set(narrow);
        show();
      }
    });
    show();
  }

  /** A station that is made when it is first gone to, so that the window opens sooner. */
  private static <T> Supplier<T> once(Supplier<T> maker) {
    List<T> made = new ArrayList<>(1);
    return () -> {
      if (made.isEmpty()) {
        made.add(maker.get());
      }
      return made.get(0);
    };
  }

  private static Node over(Region slip, Pos at, double down) {
    StackPane.setAlignment(slip, at);
    StackPane.setMargin(slip, new Insets(down, 0, 0, 0));
    return slip;
  }

  private Commands.Pages pages(Runnable quit) {
    return new Commands.Pages() {
      @Override
      public void find() {
        finder.open();
      }

      @Override
      public void help() {
        helping = !helping;
        show();
      }

      @Override
      public void measureScreen() {
        screen.open();
      }

      @Override
      public void steps() {
        layers.stepsProperty().set(!layers.stepsProperty().get());
      }

      @Override
      public void ornaments() {
        session.stationProperty().set(Station.COMPOSE);
        shelf(!bottom.getChildren().contains(shelf));
      }

      @Override
      public void quit() {
        quit.run();
      }
    };
  }

  /** What adds to the bench, for what stands in a person's stead. */
  ObjectAdder adding() {
    return adding;
  }

  private boolean dropped(Dragboard board, Point at) {
    if (board.hasString() && shelf.dropped(board.getString(), at)) {
      return true;
    }
    if (board.hasFiles()) {
      adding.dropped(board.getFiles().stream().map(File::toPath).toList(), at);
      return true;
    }
    if (board.hasImage() && board.getImage() != null) {
      adding.picture("dropped", Clip.png(board.getImage()), at);
      return true;
    }
    if (board.hasString() && !board.getString().isBlank()) {
      adding.words(board.getString(), at);
      return true;
    }
    return false;
  }

  /** Opens or closes the ornament shelf above the tray. */
  void shelf(boolean open) {
    if (open && !bottom.getChildren().contains(shelf)) {
      shelf.fill();
      bottom.getChildren().add(0, shelf);
    } else if (!open) {
      bottom.getChildren().remove(shelf);
    }
  }

  private Node top(MenuBar bar) {
    Label name = Controls.label("", "job-name");
    name.textProperty().bind(Bindings.createStringBinding(() -> session.job().name(), session.historyProperty()));
    name.setId("job-name");
    Label saved = Controls.label("", "saved-note");
    saved.setId("saved-note");
    saved.textProperty().bind(Bindings.createStringBinding(
        session::savedText, session.historyProperty(), session.filing().savedAtProperty()));
    ProgressIndicator busy = new ProgressIndicator();
    busy.getStyleClass().add("busy");
    busy.setMaxSize(18, 18);
    busy.visibleProperty().bind(session.filing().busyProperty());
    busy.setAccessibleText(Wording.text("file.busy"));
    javafx.scene.control.Button stop = Controls.button("file-stop", "send.stop", session.filing()::stopReading, "quiet");
    stop.visibleProperty().bind(session.filing().busyProperty().and(session.filing().canStopProperty()));
    HBox row = Controls.row(8, bar, Controls.spring(), stop, busy, saved);
    row.getStyleClass().add("top-row");
    StackPane top = new StackPane(row, name);
    name.setMouseTransparent(true);
    return top;
  }

  private void show() {
    if (helping) {
      put(new HelpPage(commands::all, () -> {
        helping = false;
        show();
      }), session.stationProperty().get() == Station.COMPOSE ? compose : itemSide, false);
      window.getCenter().requestFocus();
      return;
    }
    switch (session.stationProperty().get()) {
      case ITEM -> put(itemBench, itemSide, false);
      case COMPOSE -> put(bench, compose, true);
      case CHECK -> put(bench, findings.get(), false);
      case SHEET -> {
        boolean cuts = !session.job().cutting().lanes().isEmpty() && !printedSheet;
        put(cuts ? cut.get().bench() : sheet.get().bench(), cuts ? cut.get().side() : sheet.get().side(), false);
      }
      case SEND -> put(send.get().bench(), send.get().side(), false);
    }
    if (session.stationProperty().get() == Station.COMPOSE) {
      bench.takeFocus();
    }
  }

  /** Shows at the sheet station how the printed sheet lies, or how the pieces to be cut do. */
  private void printed(boolean on) {
    printedSheet = on;
    show();
  }

  private void put(Node middle, Node right, boolean withTray) {
    side.getChildren().setAll(right);
    HintSlip hint = new HintSlip(session);
    if (!withTray && !helping) {
      side.getChildren().add(hint);
      StackPane.setAlignment(hint, Pos.BOTTOM_CENTER);
      StackPane.setMargin(hint, new Insets(10));
    }
    StackPane centre = new StackPane(middle);
    centre.setMinSize(0, 0);
    if (!helping) {
      VBox slips = withTray ? new VBox(6, placing, hint) : new VBox(placing);
      slips.setAlignment(Pos.BOTTOM_RIGHT);
      slips.setPickOnBounds(false);
      slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
      StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
      StackPane.setMargin(slips, new Insets(10));
      centre.getChildren().add(slips);
      if (withTray) {
        centre.getChildren().add(figures);
        StackPane.setAlignment(figures, Pos.TOP_RIGHT);
        StackPane.setMargin(figures, new Insets(34, 12, 0, 0));
      }
    }
    centre.setViewOrder(1);
    window.setCenter(centre);
    window.setBottom(null);
    if (withTray && getWidth() < NARROW) {
      window.setBottom(bottom);
    } else if (withTray) {
      BorderPane both = new BorderPane(centre);
      both.setBottom(bottom);
      both.setViewOrder(1);
      window.setCenter(both);
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

  /** Every command, for the tests that read them. */
  List<org.zipthimble.desktop.command.Command> commands() {
    return commands.all();
  }
}
