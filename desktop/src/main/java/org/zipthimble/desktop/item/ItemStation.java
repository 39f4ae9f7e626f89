package org.zipthimble.desktop.item;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.job.WallItem;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.store.PressShelf;
import org.zipthimble.core.store.Recovery;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.store.ThingShelf;
import org.zipthimble.core.thing.Laid;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.OneStop;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Listening;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.state.StationView;
import org.zipthimble.samples.DemoShelf;

/** What is made and how big it is: the size wall, a typed size with its live outline, recent jobs, the demo shelf. */
public final class ItemStation implements StationView {
  private static final double PREVIEW_WIDE = 96;
  private static final double JOB_WIDE = 220;
  private static final double PREVIEW = 92;
  private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMMM, HH:mm", Locale.ENGLISH);

  /** Ready jobs do not change while the program runs: whoever comes back to the wall does not wait for their pictures again. */
  private static final Map<String, Optional<Image>> DEMO_PREVIEWS = new ConcurrentHashMap<>();

  /** A narrower wall has what stands above it on several rows. */
  private static final double NARROW = 640;

  /** A lower window scrolls. */
  private static final double LEAST_WALL = 160;

  private final Session session;
  private final SizeWall wall;
  private final ThingWall things;
  private final ThingBench thingBench;
  private final ToggleGroup walls = new ToggleGroup();
  private final StackPane hangs = new StackPane();
  private final List<Node> shelf = new ArrayList<>();
  private final VBox bench = new VBox(10);
  private final VBox side = new VBox(8);
  private final VBox leftWork = new VBox(6);
  private final FlowPane jobs = new FlowPane(10, 10);
  private final WaysCard ways;
  private final ToggleGroup faceChoice = new ToggleGroup();
  private final TypedField name;
  private final TypedField width;
  private final TypedField height;
  private final Label envelopes = Controls.wrapped("", "side-note");
  private final LatestWork previews = new LatestWork();
  private final Listening listening = new Listening();
  private boolean furnished;
  private final ScrollPane middle = new PlainScroll(bench);
  private final ScrollPane right = new PlainScroll(side);
  private String item = StandardItem.INVITATION.title();
  private Size size = StandardItem.INVITATION.size();
  private int faces = StandardItem.INVITATION.faces();

  /**
   * The station for a session.
   *
   * @param together begins a first job together
   */
  public ItemStation(Session session, Runnable together) {
    this.session = session;
    ways = new WaysCard(session, this::catalogue, () -> jobs.getChildren().stream().findFirst().ifPresent(Node::requestFocus), together);
    wall = new SizeWall(session, this::choose);
    things = new ThingWall(session, this::thing);
    thingBench = new ThingBench(session, taking());
    name = new TypedField("item-name", Wording.text("itemPage.name"), text -> {
      item = text.isBlank() ? item : text.strip();
      refresh();
    });
    width = new TypedField("item-width", Wording.text("itemPage.width"), text -> choose(item, new Size(side(text), size.height()), faces));
    height = new TypedField("item-height", Wording.text("itemPage.height"),
        text -> choose(item, new Size(size.width(), side(text)), faces));
    width.textProperty().addListener(o -> live());
    height.textProperty().addListener(o -> live());
    width.setOnMouseClicked(e -> width.selectAll());
    build();
    listening.to(session.historyProperty(), (o, was, is) -> {
      if (was.now().ticket().unit() != is.now().ticket().unit()) {
        refresh();
        wall.hang();
      }
    });
    listening.to(session.preferences().settingsProperty(), () -> {
      ways.refresh();
      wall.hang();
    });
    middle.setFitToWidth(true);
    middle.setFitToHeight(true);
    middle.getStyleClass().add("bench-scroll");
    middle.setMinSize(0, 0);
    right.setFitToWidth(true);
    right.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    right.getStyleClass().add("bare-scroll");
  }

  @Override
  public Node middle() {
    return middle;
  }

  @Override
  public Node side() {
    return right;
  }

  @Override
  public void entered() {
    listening.attach();
    refresh();
    ways.refresh();
    wall.hang();
    leftWork();
    if (furnished) {
      shelf();
    }
  }

  /** Makes what stands further down, the rest of the wall and the shelf of jobs; until then only what is seen first is there. */
  public void furnish() {
    furnished = true;
    wall.hangAll();
    shelf();
  }

  @Override
  public void left() {
    listening.release();
    previews.drop();
    things.drop();
  }

  /** Tells whether a first job is being made together: then no other ways to begin are offered. */
  public void guided(boolean on) {
    ways.taken(on);
  }

  private void build() {
    bench.getStyleClass().add("item-bench");
    ScrollPane jobStrip = new PlainScroll(jobs);
    jobStrip.setFitToWidth(true);
    jobStrip.getStyleClass().add("bare-scroll");
    jobStrip.setMinHeight(PREVIEW + 30);
    jobStrip.setPrefHeight(2 * PREVIEW + 60);
    jobStrip.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    VBox.setVgrow(hangs, Priority.ALWAYS);
    StackPane searches = new StackPane(wall.search(), things.search());
    things.search().setVisible(false);
    hangs.getChildren().setAll(wall);
    hangs.setAlignment(javafx.geometry.Pos.TOP_LEFT);
    hangs.setMinSize(0, LEAST_WALL);
    bench.getChildren().addAll(leftWork, ways,
        head(List.of(title(), wallPill("item-papers", "itemPage.papers", () -> hang(wall)),
        wallPill("item-things", "itemPage.things", this::catalogue)),
            List.of(Controls.button("item-measure", "itemPage.measure", this::measureMine, "quiet"), searches)),
        hangs);
    shelf.addAll(List.of(Controls.wrapped(Wording.text("itemPage.shelf"), "side-title"), jobStrip));
    bench.getChildren().addAll(shelf);
    OneStop.of(jobs);
    bench.setMinWidth(0);
    HBox sizes = Controls.row(6, Controls.under(Wording.text("itemPage.width"), width),
        Controls.under(Wording.text("itemPage.height"), height),
        Controls.iconButton("item-swap", Icons.SWAP, "ticket.swap", () -> choose(item, size.swapped(), faces), "swap"));
    sizes.setAlignment(javafx.geometry.Pos.BOTTOM_LEFT);
    HBox pills = new HBox(4, pill("item-one", "itemPage.one", 1), pill("item-two", "itemPage.two", 2),
        pill("item-four", "itemPage.four", 4), pill("item-eight", "itemPage.eight", 8));
    VBox card = new VBox(8, Controls.under(Wording.text("itemPage.name"), name), sizes,
        Controls.under(Wording.text("itemPage.faces"), pills),
        Controls.wrapped(Wording.text("itemPage.typing"), "side-note"), envelopes,
        Controls.button("item-start", "itemPage.start", this::start, "main"),
        Controls.button("item-keep", "itemPage.keep", this::keepOwn, "quiet"));
    card.getStyleClass().add("card");
    side.getStyleClass().add("side");
    side.getChildren().addAll(Controls.label(Wording.text("itemPage.own"), "side-title"), card,
        Controls.button("item-open", "itemPage.open", session.filing()::askAndOpen, "plain"));
  }

  /** What stands above the wall: at both ends of one row, or one after the other where there is no room. */
  private static Node head(List<Node> left, List<Node> right) {
    VBox head = new VBox();
    HBox row = Controls.row(12);
    FlowPane wrapped = new FlowPane(12, 8);
    InvalidationListener laid = o -> {
      boolean narrow = head.getWidth() > 0 && head.getWidth() < NARROW;
      if (head.getChildren().isEmpty() || narrow != head.getChildren().contains(wrapped)) {
        List<Node> all = new ArrayList<>(left);
        if (!narrow) {
          all.add(Controls.spring());
        }
        all.addAll(right);
        row.getChildren().clear();
        wrapped.getChildren().clear();
        Pane now = narrow ? wrapped : row;
        now.getChildren().setAll(all);
        head.getChildren().setAll(now);
      }
    };
    laid.invalidated(head.widthProperty());
    head.widthProperty().addListener(o -> Platform.runLater(() -> laid.invalidated(o)));
    return head;
  }

  private ToggleButton wallPill(String id, String key, Runnable action) {
    ToggleButton pill = Pills.pill(id, Wording.text(key), walls, action);
    pill.setMinWidth(ToggleButton.USE_PREF_SIZE);
    pill.setSelected(walls.getToggles().size() == 1);
    return pill;
  }

  private void hang(Node node) {
    hangs.getChildren().setAll(node);
    wall.search().setVisible(node == wall);
    things.search().setVisible(node == things);
    walls.getToggles().get(node == wall ? 0 : 1).setSelected(true);
    // a thing that is measured takes the room of the shelf
    right.setContent(node == thingBench ? thingBench.side() : side);
    shelf.forEach(n -> {
      n.setVisible(node == wall);
      n.setManaged(node == wall);
    });
  }

  /** Shows the catalogue of things. */
  private void catalogue() {
    hang(things);
    things.show();
  }

  /** Shows how a cup of one's own is measured. */
  private void measureMine() {
    hang(thingBench);
    thingBench.measure();
  }

  private void thing(Thing chosen) {
    hang(thingBench);
    thingBench.show(chosen);
  }

  private ThingBench.ThingTaker taking() {
    return new ThingBench.ThingTaker() {
      @Override
      public void start(Thing thing) {
        if (session.filing().leave()) {
          Job job = ThingEdits.put(thing).change().apply(StandardItem.blank(thing.title(), Laid.of(thing.body()).size(), 1));
          Job carded = PressShelf.card(session.preferences().places().press(), thing.press())
              .map(c -> ThingEdits.card(Optional.of(c)).change().apply(job)).orElse(job);
          session.take(carded, Optional.empty());
          session.stationProperty().set(Station.COMPOSE);
        }
      }

      @Override
      public void put(Thing thing) {
        session.apply(ThingEdits.put(thing));
        session.stationProperty().set(Station.COMPOSE);
      }

      @Override
      public void keep(Thing thing) {
        try {
          ThingShelf.keep(session.preferences().places().things(), thing);
          things.hang();
          session.say(Wording.text("itemPage.thingKept", thing.title()));
        } catch (Trouble trouble) {
          session.say(trouble.getMessage());
        }
      }

      @Override
      public void back() {
        catalogue();
      }
    };
  }

  private static Label title() {
    Label title = Controls.label(Wording.text("itemPage.title"), "page-title");
    title.setMinWidth(Label.USE_PREF_SIZE);
    return title;
  }

  private ToggleButton pill(String id, String key, int count) {
    ToggleButton pill = Pills.pill(id, Wording.text(key), faceChoice, () -> choose(item, size, count));
    pill.setUserData(count);
    return pill;
  }

  private double side(String text) throws Trouble {
    double inches = Lengths.parse(text, session.unit());
    if (!(inches >= Ticket.LEAST_SIDE && inches <= Ticket.MOST_SIDE)) {
      throw Trouble.of("field.range", text, Lengths.showWithSign(Ticket.LEAST_SIDE, session.unit()),
          Lengths.showWithSign(Ticket.MOST_SIDE, session.unit()));
    }
    return inches;
  }

  /** While a size is being typed the outline follows as soon as it can be read. */
  private void live() {
    try {
      size = new Size(side(width.getText()), side(height.getText()));
      hang();
    } catch (Trouble stillTyping) {
      wall.getProperties().put("typing", stillTyping.getMessage());
    }
  }

  private void choose(String newItem, Size newSize, int newFaces) {
    item = newItem;
    size = newSize;
    faces = newFaces;
    refresh();
  }

  private void refresh() {
    Size whole = size;
    name.show(item);
    width.show(Lengths.show(whole.width(), session.unit()));
    height.show(Lengths.show(whole.height(), session.unit()));
    // A field that changes is read together with the other, which may not have changed yet.
    size = whole;
    faceChoice.getToggles().forEach(t -> t.setSelected(Integer.valueOf(faces).equals(t.getUserData())));
    hang();
  }

  private void hang() {
    wall.own(size);
    List<StandardItem> fitting = WallItem.envelopes(size);
    envelopes.setText(fitting.isEmpty() ? Wording.text("itemPage.noEnvelope") : Wording.text("itemPage.envelopes", fitting.stream()
        .map(e -> e.title() + " (" + Lengths.show(e.size(), session.unit()) + ")").collect(Collectors.joining(", "))));
  }

  private void start() {
    if (session.filing().leave()) {
      session.take(StandardItem.blank(item, size, faces), Optional.empty());
      session.stationProperty().set(Station.COMPOSE);
    }
  }

  private void keepOwn() {
    Settings.OwnItem own = new Settings.OwnItem(item, size, faces);
    session.preferences().change(s -> s.with(own));
    session.say(Wording.text("itemPage.kept", item));
  }

  private void leftWork() {
    leftWork.getChildren().clear();
    for (Recovery.Left left : session.filing().left()) {
      Button take = Controls.button("recover-take", "leftWork.take", () -> {
        if (session.filing().leave()) {
          session.filing().takeUp(left);
          leftWork.getChildren().clear();
        }
      }, "plain");
      Button drop = Controls.button("recover-drop", "leftWork.drop", () -> {
        session.filing().discard(left);
        leftWork();
      }, "quiet");
      Label text = Controls.wrapped(Wording.text("leftWork.left", left.name(),
          WHEN.format(left.when().atZone(ZoneId.systemDefault()))), "recovery-text");
      HBox.setHgrow(text, Priority.ALWAYS);
      HBox slip = Controls.row(10, text, take, drop);
      slip.getStyleClass().add("recovery-slip");
      leftWork.getChildren().add(slip);
    }
  }

  private void shelf() {
    jobs.getChildren().clear();
    for (Path recent : session.preferences().now().recent()) {
      if (Files.isRegularFile(recent)) {
        String title = recent.getFileName().toString().replace(ThimbleFile.ENDING, "");
        jobs.getChildren().add(job("recent-" + jobs.getChildren().size(), title, Wording.text("itemPage.recent", recent.getParent()),
            () -> preview(() -> Files.newInputStream(recent)), () -> {
              if (session.filing().leave()) {
                session.filing().open(recent);
              }
            }));
      }
    }
    for (String file : DemoShelf.NAMES) {
      String key = "demo." + file.replace(ThimbleFile.ENDING, "");
      jobs.getChildren().add(job("demo-" + file.replace(ThimbleFile.ENDING, ""), Wording.text(key), Wording.text(key + ".note"),
          () -> DEMO_PREVIEWS.computeIfAbsent(file, f -> preview(() -> DemoShelf.open(f))),
          () -> session.filing().openUnfiled(() -> DemoShelf.job(file))));
    }
  }

  private interface Opening {
    InputStream open() throws IOException;
  }

  private Node job(String id, String title, String note, Supplier<Optional<Image>> preview, Runnable action) {
    StackPane frame = new StackPane();
    frame.setMinSize(70, PREVIEW);
    previews.queue(preview, image -> image.ifPresent(i -> {
      ImageView view = new ImageView(i);
      view.setPreserveRatio(true);
      view.setFitHeight(PREVIEW);
      view.setFitWidth(PREVIEW_WIDE);
      view.setSmooth(true);
      frame.getChildren().setAll(view);
    }));
    VBox words = new VBox(3, Controls.wrapped(title, "finding-title"), Controls.wrapped(note, "side-note"));
    words.setPrefWidth(0);
    words.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox inside = new HBox(8, frame, words);
    // of one width whatever the preview's, so that the cards stand in columns
    inside.setPrefWidth(JOB_WIDE);
    return Controls.card(id, title, inside, action, "demo-card");
  }

  private static Optional<Image> preview(Opening file) {
    try (InputStream in = file.open()) {
      // No larger than it is shown on a fine screen: a shelf of previews is a good part of the memory.
      return ThimbleFile.preview(in).map(bytes -> new Image(new ByteArrayInputStream(bytes), 2 * PREVIEW_WIDE, 2 * PREVIEW, true, true));
    } catch (IOException e) {
      return Optional.empty();
    }
  }
}
