package org.zipthimble.desktop;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.beans.Observable;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuBar;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.guide.Order;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Register;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.bench.BenchPane;
import org.zipthimble.desktop.check.FindingsPane;
import org.zipthimble.desktop.command.Command;
import org.zipthimble.desktop.command.Commands;
import org.zipthimble.desktop.command.FinderPlace;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pointing;
import org.zipthimble.desktop.item.ItemStation;
import org.zipthimble.desktop.page.Finder;
import org.zipthimble.desktop.page.HelpPage;
import org.zipthimble.desktop.sending.SendStation;
import org.zipthimble.desktop.sheets.CutStation;
import org.zipthimble.desktop.sheets.SheetStation;
import org.zipthimble.desktop.slip.HintSlip;
import org.zipthimble.desktop.slip.ScreenCard;
import org.zipthimble.desktop.slip.TogetherStrip;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.state.StationView;
import org.zipthimble.desktop.ticket.TicketPane;
import org.zipthimble.desktop.tray.Adders;
import org.zipthimble.samples.DemoShelf;

/**
 * The whole window: menus and tape above, the ticket at the left, a station in the middle and at the right. Only the station that is shown
 * first is made at once; the others are made one after another while the window is idle, or when they are gone to.
 */
public final class Workbench extends StackPane {
  /** How far the job's name stays from what lies beside it. */
  private static final double NAME_APART = 16;

  private static final double NOTICE_DOWN = 102;
  private static final double SIDE = 248;
  private static final double NARROW = 1120;

  private final Session session;
  private final BorderPane window = new BorderPane();
  private final Map<Station, Supplier<? extends StationView>> stations = new EnumMap<>(Station.class);
  private final Supplier<Composing> composing;
  private final Supplier<ItemStation> item;
  private final Supplier<CutStation> cut;
  private final Supplier<HelpPage> help;
  private final Commands commands;
  private final Supplier<TicketPane> ticket;
  private final StackPane side = new StackPane();
  private final VBox head = new VBox();
  private final Supplier<TogetherStrip> together;
  private final HintSlip hint;
  private final MenuBar menus = new MenuBar();
  private final Supplier<Finder> finder;
  private final Supplier<ScreenCard> screen;
  private final Deque<Runnable> idle = new ArrayDeque<>();
  private final Deque<Runnable> warmings = new ArrayDeque<>();
  private Optional<StationView> shown = Optional.empty();
  /** Which of its sheets a job that is cut shows first, where the person has said so. */
  private Optional<Boolean> printedSheet = Optional.empty();
  private boolean helping;

  Workbench(Session session, Runnable quit) {
    this.session = session;
    composing = once(() -> new Composing(session, side));
    cut = once(() -> new CutStation(session, () -> printed(true)));
    item = once(() -> new ItemStation(session, () -> together(true)));
    stations.put(Station.ITEM, item);
    stations.put(Station.COMPOSE, composing);
    stations.put(Station.CHECK, once(() -> new FindingsPane(session, bench(), bench().lenses())));
    stations.put(Station.SHEET, once(() -> new SheetStation(session, () -> printed(false))));
    stations.put(Station.SEND, once(() -> new SendStation(session)));
    commands = new Commands(session, this::bench, () -> composing.get().adders(), () -> composing.get().clip(),
        () -> composing.get().shapes(), () -> composing.get().wordSlips(), pages(quit));
    help = once(() -> new HelpPage(commands::all, this::ready, () -> help(false)));
    ticket = once(() -> new TicketPane(session));
    hint = new HintSlip(session);
    together = once(() -> new TogetherStrip(session, this::point, () -> together(false)));
    finder = once(
        () -> over(new Finder(session, () -> Stream.concat(commands.all().stream(), composing.get().tray().commands().stream()).toList(),
        this::lead), Pos.TOP_CENTER, 76));
    screen = once(() -> over(new ScreenCard(session), Pos.CENTER, 0));
    menus.setId("menus");
    head.getChildren().addAll(top(), new Tape(session));
    window.setTop(head);
    window.setLeft(TicketPane.place());
    side.setMinWidth(SIDE);
    side.setPrefWidth(SIDE);
    side.setMaxWidth(SIDE);
    side.getStyleClass().add("side-place");
    window.setRight(side);
    getStyleClass().add("workbench");
    getChildren().add(window);
    over(notice(), Pos.TOP_CENTER, NOTICE_DOWN);
    session.historyProperty().addListener(o -> sheetsChanged());
    session.stationProperty().addListener(o -> {
      helping = false;
      show();
    });
    widthProperty().addListener((o, was, is) -> {
      boolean narrow = is.doubleValue() < NARROW;
      if (narrow != (was.doubleValue() < NARROW && was.doubleValue() > 0)) {
        ticket.get().foldedProperty().set(narrow);
        window.setLeft(ticket.get());
        show();
      }
    });
    idle.add(() -> window.setLeft(ticket.get()));
    idle.add(() -> new Menus(session, commands).fill(menus));
    idle.add(() -> item.get().furnish());
    idle.add(composing::get);
    idle.add(() -> warmings.addAll(composing.get().warmings()));
    stations.values().forEach(s -> idle.add(s::get));
    idle.add(cut::get);
    idle.add(finder::get);
    show();
  }

  /** Makes what is not shown yet, a part each time the window has nothing else to do. */
  void prepare() {
    Runnable next = idle.isEmpty() ? warmings.poll() : idle.poll();
    if (next != null) {
      next.run();
      Platform.runLater(this::prepare);
    }
  }

  /** Makes all that is not shown yet at once, and from now on a tag whole before it is drawn. */
  public void prepareAll() {
    while (!idle.isEmpty()) {
      idle.poll().run();
    }
    composing.get().tagAtOnce();
  }

  /** Something that is made when it is first asked for. */
  private static <T> Supplier<T> once(Supplier<T> maker) {
    List<T> made = new ArrayList<>(1);
    return () -> {
      if (made.isEmpty()) {
        made.add(maker.get());
      }
      return made.get(0);
    };
  }

  /** What the person is told, at whatever station: a press on it puts it away and still reaches what lies under it. */
  private Label notice() {
    Label label = Controls.wrapped("", "notice");
    label.setId("notice");
    label.textProperty().bind(session.noticeProperty());
    label.visibleProperty().bind(session.noticeProperty().isNotEqualTo(""));
    label.setMaxWidth(520);
    label.setMaxHeight(Region.USE_PREF_SIZE);
    label.setMouseTransparent(true);
    addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
      if (label.isVisible() && label.getBoundsInParent().contains(sceneToLocal(e.getSceneX(), e.getSceneY()))) {
        session.say("");
      }
    });
    return label;
  }

  private <N extends Region> N over(N slip, Pos at, double down) {
    StackPane.setAlignment(slip, at);
    StackPane.setMargin(slip, new Insets(down, 0, 0, 0));
    getChildren().add(slip);
    return slip;
  }

  private Commands.Pages pages(Runnable quit) {
    return new Commands.Pages() {
      @Override
      public void find() {
        finder.get().open();
      }

      @Override
      public void help() {
        Workbench.this.help(!helping);
      }

      @Override
      public boolean helping() {
        return helping;
      }

      @Override
      public void measureScreen() {
        screen.get().open();
      }

      @Override
      public void steps() {
        composing.get().layers().stepsProperty().set(!stepsShown());
      }

      @Override
      public boolean stepsShown() {
        return composing.get().layers().stepsProperty().get();
      }

      @Override
      public void ornaments() {
        session.stationProperty().set(Station.COMPOSE);
        shelf(!composing.get().shelfOpen());
      }

      @Override
      public boolean ornamentsOpen() {
        return composing.get().shelfOpen();
      }

      @Override
      public void together() {
        Workbench.this.together(true);
      }

      @Override
      public void quit() {
        quit.run();
      }
    };
  }

  /** Opens the ready job of an order, at its bench. */
  private void ready(Order order) {
    help(false);
    session.filing().openUnfiled(() -> DemoShelf.job(order.demo() + ".thimble"));
  }

  private void help(boolean on) {
    helping = on;
    show();
  }

  /** Begins a first job together on a strip below the tape, or takes the strip away. */
  private void together(boolean on) {
    TogetherStrip strip = together.get();
    item.get().guided(on);
    head.getChildren().remove(strip);
    if (on) {
      head.getChildren().add(strip);
      session.stationProperty().set(Station.ITEM);
      strip.begin();
    } else {
      strip.end();
      session.say(Wording.text("togetherStrip.left"));
    }
  }

  /** Leads to a part of the window. */
  private void lead(FinderPlace spot) {
    helping = false;
    spot.station().ifPresent(session.stationProperty()::set);
    if (spot.station().isEmpty()) {
      ticket.get().foldedProperty().set(false);
    }
    show();
    point(spot.id());
  }

  /** Shows the part of the window with an id, once it has been laid out; what a job such as this does not have is said. */
  private void point(String id) {
    Platform.runLater(() -> {
      applyCss();
      layout();
      Node node = lookup("#" + id);
      if (node == null || !Pointing.seen(node)) {
        session.say(Wording.text("spot.notHere"));
        return;
      }
      Pointing.sight(node);
      layout();
      Pointing.at(this, node);
      node.requestFocus();
    });
  }

  /** What adds to the bench, for what stands in a person's stead. */
  public Adders adding() {
    return composing.get().adders();
  }

  /** Opens or closes the ornament shelf above the tray. */
  public void shelf(boolean open) {
    composing.get().shelf(open);
  }

  private Node top() {
    Label name = Controls.label("", "job-name");
    name.textProperty().bind(Bindings.createStringBinding(() -> session.job().name(), session.historyProperty()));
    name.setId("job-name");
    Label saved = Controls.label("", "saved-note");
    saved.setId("saved-note");
    saved.textProperty().bind(Bindings.createStringBinding(
        session::savedText, session.historyProperty(), session.filing().savedAtProperty()));
    HBox row = Controls.row(8, menus, Controls.spring(), saved);
    session.filing().busyProperty().addListener(new InvalidationListener() {
      @Override
      public void invalidated(Observable o) {
        session.filing().busyProperty().removeListener(this);
        row.getChildren().addAll(2, reading());
      }
    });
    row.getStyleClass().add("top-row");
    StackPane top = new StackPane(row, name);
    name.setMouseTransparent(true);
    // on a narrow window the name stands in the title of the window alone
    name.visibleProperty().bind(top.widthProperty().subtract(name.widthProperty()).divide(2)
        .greaterThan(Bindings.max(menus.widthProperty(), saved.widthProperty()).add(NAME_APART)));
    return top;
  }

  /** What turns while a file is read, and the button that stops it; made when a file is first read. */
  private List<Node> reading() {
    ProgressIndicator busy = new ProgressIndicator();
    busy.getStyleClass().add("busy");
    busy.setMaxSize(18, 18);
    busy.visibleProperty().bind(session.filing().busyProperty());
    busy.setAccessibleText(Wording.text("jobFile.busy"));
    Button stop = Controls.button("file-stop", "sendPane.stop", session.filing()::stopReading, "quiet");
    stop.visibleProperty().bind(session.filing().busyProperty().and(session.filing().canStopProperty()));
    return List.of(stop, busy);
  }

  private void show() {
    Station station = session.stationProperty().get();
    StationView next = station == Station.SHEET && cutFirst() ? cut.get() : stations.get(station).get();
    boolean composes = station == Station.COMPOSE;
    if (shown.filter(s -> s == next).isEmpty()) {
      shown.ifPresent(StationView::left);
      shown = Optional.of(next);
      next.entered();
    }
    if (helping) {
      put(help.get(), next.side(), false);
      window.getCenter().requestFocus();
      return;
    }
    put(next.middle(), next.side(), composes);
    if (composes) {
      bench().takeFocus();
    }
  }

  /** Shows at the sheet station how the printed sheet lies, or how the pieces to be cut do. */
  private void printed(boolean on) {
    printedSheet = Optional.of(on);
    show();
  }

  /**
   * Whether the sheet station shows what is cut: unless the person said otherwise for all jobs but those whose printed sheets are cut by
   * marks.
   */
  private boolean cutFirst() {
    Job job = session.job();
    if (job.cutting().lanes().isEmpty()) {
      printedSheet = Optional.empty();
      return false;
    }
    return !printedSheet.orElseGet(() -> Imposition.ganged(PageOptions.of(job)) && Register.wanted(job));
  }

  /** Another job, or its first or last lane, may show other sheets. */
  private void sheetsChanged() {
    if (session.stationProperty().get() == Station.SHEET && shown.isPresent()
        && shown.get() != (cutFirst() ? cut.get() : stations.get(Station.SHEET).get())) {
      show();
    }
  }

  /** A hint stands below what it speaks of, never over it. */
  private void put(Node middle, Node right, boolean withTray) {
    VBox column = new VBox(8, right);
    VBox.setVgrow(right, javafx.scene.layout.Priority.ALWAYS);
    if (!withTray && !helping) {
      hint.show();
      hint.beside(0);
      column.getChildren().add(hint);
      VBox.setMargin(hint, new Insets(0, 10, 10, 10));
    }
    side.getChildren().setAll(column);
    StackPane centre = new StackPane(middle);
    centre.setMinSize(0, 0);
    centre.setViewOrder(1);
    window.setBottom(null);
    if (!withTray) {
      window.setCenter(centre);
      return;
    }
    composing.get().dress(centre, hint);
    if (getWidth() < NARROW) {
      window.setCenter(centre);
      window.setBottom(composing.get().bottom());
    } else {
      BorderPane both = new BorderPane(centre);
      both.setBottom(composing.get().bottom());
      both.setViewOrder(1);
      window.setCenter(both);
    }
  }

  /** The bench. */
  public BenchPane bench() {
    return composing.get().bench();
  }

  /** The ticket, for folding it. */
  TicketPane ticket() {
    return ticket.get();
  }

  /** Every command, for the tests that read them. */
  public List<Command> commands() {
    return commands.all();
  }
}
