package org.zipthimble.desktop.compose;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemVisitor;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** The layers of the face or of the open group, topmost first; or in their place the steps that were done. */
public final class LayersPane extends VBox {
  private static final double LEAST_LIST = 110;

  /** So many characters of what words say are shown at most. */
  private static final int MOST_TOLD = 120;

  private final Session session;
  private final ObservableList<Item> rows = FXCollections.observableArrayList();
  private final ListView<Item> list = new ListView<>(rows);
  private final ListView<StepsList.Row> steps;
  private final TextField search = new TextField();
  private final BooleanProperty showSteps = new SimpleBooleanProperty();
  private boolean selecting;

  /** The layers of a session's face. */
  public LayersPane(Session session) {
    this.session = session;
    this.steps = new StepsList(session);
    ToggleButton layersPill = pill("layers-pill", "layers.title", false);
    ToggleButton stepsPill = pill("steps-pill", "steps.title", true);
    ToggleGroup group = new ToggleGroup();
    group.getToggles().addAll(layersPill, stepsPill);
    group.selectToggle(layersPill);
    showSteps.addListener((o, was, is) -> {
      group.selectToggle(is ? stepsPill : layersPill);
      show();
    });
    search.setId("layers-search");
    search.setPromptText(Wording.text("layers.search"));
    search.setAccessibleText(Wording.text("layers.search"));
    search.textProperty().addListener(o -> refresh());
    search.setPrefWidth(80);
    HBox.setHgrow(search, Priority.ALWAYS);
    setSpacing(5);
    setMinHeight(150);
    list.setId("layers-list");
    list.getStyleClass().add("layer-list");
    list.setAccessibleText(Wording.text("layers.title"));
    list.setCellFactory(view -> new LayerCell(session));
    list.setFixedCellSize(LayerCell.HIGH);
    list.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
    list.getSelectionModel().getSelectedItems().addListener((javafx.collections.ListChangeListener<Item>) c -> taken());
    list.setPlaceholder(Controls.wrapped(Wording.text("layers.empty"), "side-note"));
    list.setPrefHeight(LEAST_LIST);
    steps.setPrefHeight(LEAST_LIST);
    VBox.setVgrow(list, Priority.ALWAYS);
    VBox.setVgrow(steps, Priority.ALWAYS);
    getChildren().addAll(Controls.row(4, layersPill, stepsPill, search), list);
    session.historyProperty().addListener(o -> refresh());
    session.faceIdProperty().addListener(o -> refresh());
    session.openProperty().addListener(o -> refresh());
    session.selectionProperty().addListener(o -> select());
    refresh();
  }

  /** Whether the steps are shown in place of the layers. */
  public BooleanProperty stepsProperty() {
    return showSteps;
  }

  private ToggleButton pill(String id, String key, boolean on) {
    ToggleButton pill = new ToggleButton(Wording.text(key));
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setMinWidth(USE_PREF_SIZE);
    pill.setOnAction(e -> {
      showSteps.set(on);
      pill.setSelected(true);
    });
    return pill;
  }

  private void show() {
    getChildren().set(1, showSteps.get() ? steps : list);
    search.setVisible(!showSteps.get());
  }

  private void refresh() {
    List<Item> items = new ArrayList<>(session.beside());
    Collections.reverse(items);
    String wanted = search.getText().strip().toLowerCase(Locale.ROOT);
    items.removeIf(i -> !wanted.isEmpty() && !(i.properties().name() + " " + i.accept(new KindName()) + " " + told(i))
        .toLowerCase(Locale.ROOT).contains(wanted));
    selecting = true;
    if (!rows.equals(items)) {
      update(items);
    }
    selecting = false;
    select();
  }

  /** Changes only the rows that changed when there are as many as before, so that the list keeps its place. */
  private void update(List<Item> items) {
    if (rows.size() != items.size()) {
      rows.setAll(items);
      return;
    }
    for (int i = 0; i < items.size(); i++) {
      if (!rows.get(i).equals(items.get(i))) {
        rows.set(i, items.get(i));
      }
    }
  }

  private void select() {
    if (selecting) {
      return;
    }
    selecting = true;
    Set<String> ids = session.selectionProperty().get();
    int[] wanted = java.util.stream.IntStream.range(0, rows.size()).filter(i -> ids.contains(rows.get(i).id())).toArray();
    list.getSelectionModel().clearSelection();
    if (wanted.length > 0) {
      list.getSelectionModel().selectIndices(wanted[0], wanted);
      if (wanted.length == 1) {
        reveal(wanted[0]);
      }
    }
    selecting = false;
  }

  private void reveal(int index) {
    boolean seen = list.lookupAll(".list-cell").stream().filter(ListCell.class::isInstance).map(ListCell.class::cast)
        .anyMatch(c -> c.getIndex() == index && c.getBoundsInParent().getMaxY() <= list.getHeight());
    if (!seen) {
      list.scrollTo(Math.max(0, index - 1));
    }
  }

  private void taken() {
    if (selecting) {
      return;
    }
    Set<String> ids = new LinkedHashSet<>();
    list.getSelectionModel().getSelectedItems().stream().filter(java.util.Objects::nonNull).forEach(i -> ids.add(i.id()));
    selecting = true;
    session.selectionProperty().set(ids);
    selecting = false;
  }

  /** What an object is told apart by beside its name: words by what they say, all else by its kind. */
  static String told(Item item) {
    return item.words().map(w -> w.text().strip()).map(t -> t.substring(0, Math.min(MOST_TOLD, t.length())).replaceAll("\\s+", " "))
        .filter(t -> !t.isEmpty()).orElseGet(() -> item.accept(new KindName()));
  }

  /** What people call each kind of object. */
  public static final class KindName implements ItemVisitor<String> {
    @Override
    public String words(ItemWords item) {
      return Wording.text("kind.words");
    }

    @Override
    public String shape(ItemShape item) {
      return Wording.text("kind.shape");
    }

    @Override
    public String photo(ItemPhoto item) {
      return Wording.text("kind.picture");
    }

    @Override
    public String group(ItemGroup item) {
      return item.mount().isPresent() ? Wording.text("kind.mount") : Wording.text("kind.group", item.members().size());
    }
  }
}
