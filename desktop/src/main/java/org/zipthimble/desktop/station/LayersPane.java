package org.zipthimble.desktop.station;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Role;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.Kit;
import org.zipthimble.desktop.state.Session;

/** The layers of the face, topmost first: shown or hidden, locked or free, and dragged into order. */
public final class LayersPane extends VBox {
  private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
  private static final double ROW = 34;

  private final Session session;
  private final VBox rows = new VBox(4);
  private final Label faceName = Kit.label("", "side-note");

  /** The layers of a session's face. */
  public LayersPane(Session session) {
    this.session = session;
    HBox head = Kit.row(8, Kit.label(Wording.text("layers.title"), "side-title"), Kit.spring(), faceName);
    ScrollPane scroll = new ScrollPane(rows);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    setSpacing(6);
    setMinHeight(0);
    getChildren().addAll(head, scroll);
    session.historyProperty().addListener(o -> refresh());
    session.faceIdProperty().addListener(o -> refresh());
    session.selectionProperty().addListener(o -> select());
    refresh();
  }

  private void refresh() {
    faceName.setText(Wording.text("layers.face", session.face().name()));
    List<Item> items = new ArrayList<>(session.face().items());
    Collections.reverse(items);
    List<Node> nodes = new ArrayList<>();
    items.forEach(item -> nodes.add(row(item)));
    if (nodes.isEmpty()) {
      nodes.add(Kit.wrapped(Wording.text("layers.empty"), "side-note"));
    }
    rows.getChildren().setAll(nodes);
    select();
  }

  private void select() {
    rows.getChildren().forEach(row ->
        row.pseudoClassStateChanged(SELECTED, session.selectionProperty().get().contains(String.valueOf(row.getUserData()))));
  }

  private Node row(Item item) {
    Set<String> one = Set.of(item.id());
    ToggleButton seen = toggle("layer-seen", "layers.show", item.facts().visible(),
        () -> session.apply(Edits.facts(face(), one, "edit.show", f -> f.visible(!f.visible()))));
    ToggleButton locked = toggle("layer-lock", "layers.lock", item.facts().locked(),
        () -> session.apply(Edits.facts(face(), one, "edit.lock", f -> f.locked(!f.locked()))));
    Label name = Kit.label(item.facts().name(), "layer-name");
    name.setMaxWidth(Double.MAX_VALUE);
    name.setTooltip(new Tooltip(item.facts().name()));
    VBox names = new VBox(name, Kit.label(kind(item), "layer-kind"));
    names.setMinWidth(0);
    names.setAlignment(Pos.CENTER_LEFT);
    HBox.setHgrow(names, Priority.ALWAYS);
    StackPane grip = new StackPane(Icons.of(Icons.GRIP));
    grip.getStyleClass().add("grip");
    grip.setCursor(Cursor.OPEN_HAND);
    Tooltip.install(grip, new Tooltip(Wording.text("layers.drag")));
    HBox row = Kit.row(6, seen, names, locked, grip);
    row.getStyleClass().add("layer-row");
    row.setUserData(item.id());
    row.setMinHeight(ROW);
    row.setId("layer-" + item.id());
    row.setOnMouseClicked(e -> session.selectionProperty().set(one));
    dragging(row, grip, item);
    return row;
  }

  private ToggleButton toggle(String style, String key, boolean on, Runnable action) {
    ToggleButton button = new ToggleButton();
    button.setSelected(on);
    button.getStyleClass().add(style);
    button.setAccessibleText(Wording.text(key));
    button.setTooltip(new Tooltip(Wording.text(key)));
    button.setOnAction(e -> action.run());
    button.setMinSize(18, 18);
    return button;
  }

  private void dragging(HBox row, Node grip, Item item) {
    double[] begun = {0};
    grip.setOnMousePressed(e -> begun[0] = e.getSceneY());
    grip.setOnMouseDragged(e -> {
      row.setTranslateY(e.getSceneY() - begun[0]);
      row.setViewOrder(-1);
    });
    grip.setOnMouseReleased(e -> {
      int moved = (int) Math.round((e.getSceneY() - begun[0]) / (ROW + rows.getSpacing()));
      row.setTranslateY(0);
      row.setViewOrder(0);
      if (moved != 0) {
        session.apply(Edits.order(face(), item.id(), session.face().items().indexOf(item) - moved));
      }
      e.consume();
    });
  }

  private String face() {
    return session.faceIdProperty().get();
  }

  private static String kind(Item item) {
    String kind = item.accept(new KindName());
    return item.facts().role() == Role.GUIDE ? Wording.text("kind.guide", kind) : kind;
  }

  /** What people call each kind of object. */
  static final class KindName implements Item.Visitor<String> {
    @Override
    public String words(Item.Words item) {
      return Wording.text("kind.words");
    }

    @Override
    public String shape(Item.Shape item) {
      return Wording.text("kind.shape");
    }

    @Override
    public String photo(Item.Photo item) {
      return Wording.text("kind.picture");
    }

    @Override
    public String group(Item.Group item) {
      return Wording.text("kind.group", item.members().size());
    }
  }
}
