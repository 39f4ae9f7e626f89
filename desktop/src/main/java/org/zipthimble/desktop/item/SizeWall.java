package org.zipthimble.desktop.item;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.job.Purpose;
import org.zipthimble.core.job.WallItem;
import org.zipthimble.core.job.WallScale;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.OneStop;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.Session;

/** The size wall: finished items at one true scale beside each other, by what they are for, with a typed size among them. */
final class SizeWall extends PlainScroll {
  private static final double LEAST_PIXELS = 4;
  private static final double TALLEST = 168;
  private static final double NAME_WIDTH = 96;
  /** What stands above and below a hanging paper on its board: the board's tab, name, size and margins. */
  private static final double CAPTIONS = 116;
  private static final double LEAST_TALL = 40;

  private final Session session;
  private final Choosing choosing;
  private final VBox boards = new VBox(8);
  private final TextField search = new TextField();
  private final Region ownPaper = new Region();
  private final Label ownSize = Controls.label("", "hung-size");
  private Size own = new Size(5, 7);
  private double scale = 8;
  private boolean all;

  /** Takes an item from the wall. */
  interface Choosing {
    void take(String title, Size size, int faces);
  }

  SizeWall(Session session, Choosing choosing) {
    this.session = session;
    this.choosing = choosing;
    getStyleClass().add("size-wall");
    boards.getStyleClass().add("wall-boards");
    setContent(boards);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setMinHeight(150);
    OneStop.of(boards);
    search.setId("wall-search");
    search.setPromptText(Wording.text("wall.search"));
    search.setAccessibleText(Wording.text("wall.search"));
    search.setPrefWidth(240);
    search.textProperty().addListener(o -> hang());
    ownPaper.getStyleClass().add("hung-own");
  }

  /** The field that searches the wall. */
  TextField search() {
    return search;
  }

  /** Shows the typed size; the wall itself stays as it hangs. */
  void own(Size size) {
    own = size;
    sized(ownPaper, size);
    ownSize.setText(Lengths.show(size, session.unit()));
  }

  /** Hangs the items anew, as the settings, the unit and what is searched say. */
  void hang() {
    Settings settings = session.preferences().now();
    List<WallItem> items = new ArrayList<>();
    settings.own().forEach(o -> items.add(WallItem.own(o.name(), o.size(), o.faces())));
    items.addAll(WallItem.standard());
    items.removeIf(i -> !i.answers(search.getText(), session.unit()));
    List<Size> sizes = items.stream().map(WallItem::size).collect(Collectors.toCollection(ArrayList::new));
    sizes.add(own);
    scale = WallScale.fitting(sizes, 520, search.getText().isBlank() ? 288 : tallest());
    boards.getChildren().clear();
    List<Node> first = new ArrayList<>(List.of(yours()));
    Set<String> liked = settings.favourites();
    items.stream().filter(i -> i.purpose().isEmpty() || liked.contains(i.key())).forEach(i -> first.add(hanging(i)));
    boards.getChildren().add(board(Wording.text("wall.yours"), first));
    Map<Purpose, List<WallItem>> groups = new LinkedHashMap<>();
    items.forEach(i -> i.purpose().ifPresent(p -> groups.computeIfAbsent(p, k -> new ArrayList<>()).add(i)));
    groups.entrySet().stream().limit(all ? groups.size() : 1).forEach(this::hangBoard);
    own(own);
  }

  /** Hangs all boards and what keeps an item; until then only the first hang, which are seen when the window opens. */
  void hangAll() {
    all = true;
    hang();
  }

  private void hangBoard(Map.Entry<Purpose, List<WallItem>> group) {
    boards.getChildren().add(board(group.getKey().title(), group.getValue().stream().map(this::hanging).toList()));
  }

  /** What is searched for is seen whole, with its name and its size below it, under the board with one's own. */
  private double tallest() {
    double room = getViewportBounds().getHeight() / 2 - CAPTIONS;
    return Math.max(LEAST_TALL, Math.min(TALLEST, room));
  }

  private static Node board(String title, List<Node> items) {
    FlowPane flow = new FlowPane(6, 8);
    flow.setRowValignment(javafx.geometry.VPos.BOTTOM);
    flow.getChildren().setAll(items);
    VBox board = new VBox(3, Controls.label(title, "board-tab"), flow);
    board.getStyleClass().add("board");
    return board;
  }

  private Node hanging(WallItem item) {
    Region paper = new Region();
    sized(paper, item.size());
    paper.getStyleClass().add("hung-paper");
    Button button = new Button();
    button.setGraphic(outline(paper, item.title(), Controls.label(Lengths.show(item.size(), session.unit()), "hung-size")));
    button.setId("wall-" + item.key().replace(':', '-').replace(' ', '-'));
    button.setAccessibleText(Wording.text("itemPage.spoken", item.title(), Lengths.show(item.size(), session.unit())));
    button.getStyleClass().add("hung");
    button.setOnAction(e -> choosing.take(item.title(), item.size(), item.faces()));
    StackPane both = new StackPane(button);
    StackPane.setAlignment(button, Pos.BOTTOM_CENTER);
    if (all) {
      both.getChildren().add(like(item));
    }
    return both;
  }

  private Node like(WallItem item) {
    boolean liked = session.preferences().now().favourites().contains(item.key());
    ToggleButton like = new ToggleButton();
    like.setGraphic(Icons.of(Icons.BUTTON));
    like.setSelected(liked);
    like.getStyleClass().add("like");
    like.setId("like-" + item.key().replace(':', '-').replace(' ', '-'));
    boolean mine = item.purpose().isEmpty();
    like.setAccessibleText(Wording.text(mine ? "wall.forget" : "wall.like", item.title()));
    Controls.tip(like, Wording.text(mine ? "wall.forget" : "wall.like", item.title()));
    like.setOnAction(e -> session.preferences().change(s -> mine
        ? s.without(new Settings.OwnItem(item.title(), item.size(), item.faces())) : s.liking(item.key())));
    StackPane.setAlignment(like, Pos.TOP_RIGHT);
    return like;
  }

  private Node yours() {
    VBox box = outline(ownPaper, Wording.text("itemPage.yours"), ownSize);
    box.setId("wall-own");
    box.getStyleClass().add("hung-yours");
    return box;
  }

  private void sized(Region paper, Size size) {
    double w = Math.max(LEAST_PIXELS, size.width() * scale);
    double h = Math.max(LEAST_PIXELS, size.height() * scale);
    paper.setMinSize(w, h);
    paper.setPrefSize(w, h);
    paper.setMaxSize(w, h);
  }

  private static VBox outline(Region paper, String title, Label size) {
    Label name = Controls.wrapped(title, "hung-name");
    name.setMaxWidth(NAME_WIDTH);
    name.setMinWidth(NAME_WIDTH);
    name.setAlignment(Pos.CENTER);
    VBox box = new VBox(2, paper, name, size);
    size.setMinWidth(Region.USE_PREF_SIZE);
    box.setAlignment(Pos.BOTTOM_CENTER);
    return box;
  }
}
