package org.zipthimble.desktop.slip;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import javafx.scene.transform.Scale;
import org.zipthimble.core.bring.Ornament;
import org.zipthimble.core.bring.OrnamentShelf;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.store.OwnShelf;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.OneStop;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.tray.Adders;

/** The ornament shelf: boards with the sets of ornaments and, on the first, the person's own objects. */
public final class ShelfPane extends VBox {
  /** Begins the text of an ornament that is dragged. */
  public static final String DRAGGED = "zip-thimble-ornament:";

  private static final double CARD = 58;
  private static final double DRAWING = 46;
  private static final double HEIGHT = 232;

  private final Session session;
  private final Adders adding;
  private final TextField search = new TextField();
  private final VBox boards = new VBox(4);
  private final Label count = Controls.label("", "side-note");
  private final Map<Ornament, Node> drawn = new LinkedHashMap<>();

  /** The shelf of a session. */
  public ShelfPane(Session session, Adders adding, Runnable close) {
    super(6);
    this.session = session;
    this.adding = adding;
    getStyleClass().add("shelf");
    search.setId("shelf-search");
    search.setPromptText(Wording.text("shelf.search"));
    search.setAccessibleText(Wording.text("shelf.search"));
    search.setPrefWidth(230);
    search.textProperty().addListener(o -> fill());
    Button keep = Controls.button("shelf-keep", "shelf.keep", adding.shelf()::keepOnShelf, "quiet");
    session.selectionProperty().addListener((o, was, is) -> keep.setDisable(is.isEmpty()));
    keep.setDisable(session.selectionProperty().get().isEmpty());
    ScrollPane scroll = new PlainScroll(boards);
    OneStop.of(boards);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("bare-scroll");
    scroll.setPrefHeight(HEIGHT);
    getChildren().addAll(Controls.row(10, Controls.label(Wording.text("shelf.title"), "side-title"), search, count, Controls.spring(), keep,
        Controls.button("shelf-close", "shelf.close", close, "quiet")), scroll);
  }

  /** Fills the boards anew. */
  public void fill() {
    boards.getChildren().clear();
    List<Node> own = new ArrayList<>();
    String wanted = search.getText().strip().toLowerCase(java.util.Locale.ROOT);
    for (OwnShelf.Own one : OwnShelf.all(session.preferences().places().shelf())) {
      if (one.name().toLowerCase(java.util.Locale.ROOT).contains(wanted)) {
        own.add(ownCard(one));
      }
    }
    if (!own.isEmpty()) {
      boards.getChildren().add(board(Wording.text("shelf.own"), own));
    }
    Map<String, List<Node>> sets = new LinkedHashMap<>();
    List<Ornament> found = OrnamentShelf.search(search.getText());
    found.forEach(o -> sets.computeIfAbsent(o.set(), s -> new ArrayList<>()).add(drawn.computeIfAbsent(o, this::card)));
    sets.forEach((set, cards) -> boards.getChildren().add(board(Wording.text("shelf.set." + set), cards)));
    count.setText(Wording.text("shelf.count", found.size() + own.size()));
    if (boards.getChildren().isEmpty()) {
      boards.getChildren().add(Controls.wrapped(Wording.text("shelf.none"), "side-note"));
    }
  }

  /** Adds what was dragged from the shelf at a place; whether the text was such a thing. */
  public boolean dropped(String text, Point at) {
    if (!text.startsWith(DRAGGED)) {
      return false;
    }
    OrnamentShelf.all().stream().filter(o -> text.equals(DRAGGED + o.set() + "/" + o.name())).findFirst()
        .ifPresent(o -> adding.objects().ornament(o, at));
    return true;
  }

  private Node board(String title, List<Node> cards) {
    FlowPane flow = new FlowPane(6, 6);
    flow.getChildren().setAll(cards);
    Label tab = Controls.label(title, "board-tab");
    VBox board = new VBox(3, tab, flow);
    board.getStyleClass().add("board");
    return board;
  }

  private Node card(Ornament ornament) {
    Group group = new Group();
    for (Ornament.Part part : ornament.parts()) {
      SVGPath path = new SVGPath();
      path.setContent(PathText.write(part.path()));
      path.setStyle("-fx-fill: " + part.colour().hex() + ";");
      group.getChildren().add(path);
    }
    double scale = DRAWING / Math.max(ornament.size().width(), ornament.size().height());
    group.getTransforms().add(new Scale(scale, scale));
    Button card = shell(new Group(group), ornament.name(), ornament.set() + "/" + ornament.name(),
        (name, at) -> adding.objects().ornament(ornament, at));
    card.setId("ornament-" + ornament.name().toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
    return card;
  }

  private Node ownCard(OwnShelf.Own own) {
    ImageView view = new ImageView();
    view.setPreserveRatio(true);
    view.setFitHeight(DRAWING);
    view.setFitWidth(DRAWING);
    preview(own).ifPresent(view::setImage);
    return shell(view, own.name(), "own/" + own.name(), (name, at) -> adding.shelf().own(own, at));
  }

  private Button shell(Node picture, String name, String key, BiConsumer<String, Point> add) {
    StackPane frame = new StackPane(picture);
    frame.setMinSize(DRAWING, DRAWING);
    frame.setMaxSize(DRAWING, DRAWING);
    Button card = new Button();
    card.setGraphic(frame);
    card.setMinSize(CARD, CARD);
    card.setMaxSize(CARD, CARD);
    card.getStyleClass().add("shelf-card");
    card.setAccessibleText(Wording.text("shelf.add", name));
    Controls.tip(card, Wording.text("shelf.add", name));
    card.setOnAction(e -> add.accept(name, session.frame().trim().centre()));
    card.setOnDragDetected(e -> {
      Dragboard board = card.startDragAndDrop(TransferMode.COPY);
      ClipboardContent content = new ClipboardContent();
      content.putString(DRAGGED + key);
      board.setContent(content);
      e.consume();
    });
    card.setMinHeight(Region.USE_PREF_SIZE);
    return card;
  }

  private static Optional<Image> preview(OwnShelf.Own own) {
    try (InputStream in = Files.newInputStream(own.file())) {
      return ThimbleFile.preview(in).map(bytes -> new Image(new ByteArrayInputStream(bytes)));
    } catch (IOException e) {
      return Optional.empty();
    }
  }
}
