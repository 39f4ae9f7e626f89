package org.zipthimble.desktop.slip;

import java.nio.charset.Charset;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.bring.TableIn;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.FieldText;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** The list that fills the fields: brought in, looked through row by row, sorted, counted, its columns put into words. */
public final class ListSlip extends ToolSlip {
  private static final List<String> ENCODINGS = List.of("UTF-8", "windows-1252", "windows-1250", "ISO-8859-15", "UTF-16LE", "UTF-16BE",
      "IBM850");
  private static final double HIGH = 132;
  private static final int MOST_CELLS = 12;

  private final Label told = Controls.wrapped("", "side-note");
  private final FlowPane columns = new FlowPane(4, 4);
  private final TextField search = new TextField();
  private final ListView<Integer> rows = new ListView<>();
  private final TypedField at;
  private final Label of = Controls.label("", "field-label");
  private final ComboBox<String> count = new ComboBox<>();
  private final ComboBox<String> by = new ComboBox<>();
  private final ComboBox<String> encoding = new ComboBox<>();
  private final ComboBox<String> sheet = new ComboBox<>();
  private final VBox cells = new VBox(4);
  private final VBox linked = new VBox(4);
  private final VBox below = new VBox(7);
  private final Button bring = Controls.button("list-bring", "listSlip.bring", this::bring, "plain");
  private final LatestWork reader = new LatestWork();
  private final LatestWork gatherer = new LatestWork();
  private Optional<Path> file = Optional.empty();
  private Optional<Path> book = Optional.empty();
  private List<String> cellsShown = List.of();
  private List<Object> linkedShown = List.of();
  private List<String> columnsShown = List.of();
  private boolean showing;
  private int seen = -1;

  /** The slip of a session. */
  public ListSlip(Session session) {
    super(session, "list", "listSlip.title", 436);
    told.setId("list-told");
    at = new TypedField("list-at", Wording.text("listSlip.row"),
        text -> session.apply(ListEdits.show((int) org.zipthimble.core.units.Lengths.parseNumber(text, 1, RowList.MOST_ROWS) - 1)));
    at.setPrefWidth(58);
    rowsAndColumns();
    choices();
    layOut();
    scrolled();
    session.checking().findingsProperty().addListener(o -> {
      if (isVisible()) {
        rows.refresh();
      }
    });
  }

  private void rowsAndColumns() {
    search.setId("list-search");
    search.setPromptText(Wording.text("listSlip.search"));
    search.setAccessibleText(Wording.text("listSlip.search"));
    HBox.setHgrow(search, Priority.ALWAYS);
    search.textProperty().addListener(o -> fill());
    rows.setId("list-rows");
    rows.setPrefHeight(HIGH);
    rows.setCellFactory(v -> new RowCell());
    rows.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
      if (!showing && is != null) {
        session.apply(ListEdits.show(is));
      }
    });
  }

  private void choices() {
    box(count, "list-count", "listSlip.count");
    count.setOnAction(e -> chosen(count, i -> ListEdits.count(i == 0 ? Optional.empty() : Optional.of(count.getItems().get(i)))));
    box(by, "list-by", "listSlip.by");
    box(encoding, "list-encoding", "listSlip.encoding");
    encoding.getItems().setAll(ENCODINGS);
    encoding.setOnAction(e -> {
      if (!showing && file.isPresent()) {
        read(file.get(), Optional.of(Charset.forName(encoding.getValue())), Optional.empty());
      }
    });
    box(sheet, "list-sheet", "listSlip.sheet");
    sheet.setOnAction(e -> {
      if (!showing && book.isPresent() && sheet.getValue() != null) {
        read(book.get(), Optional.empty(), Optional.of(sheet.getValue()));
      }
    });
    cells.setId("list-cells");
    linked.setId("list-linked");
  }

  private void layOut() {
    TypedField newColumn = new TypedField("list-new-column", Wording.text("listSlip.newColumn"),
        text -> session.apply(ListEdits.addColumn(text)));
    newColumn.setPromptText(Wording.text("listSlip.newColumn"));
    newColumn.setPrefWidth(130);
    below.getChildren().addAll(
        Controls.under(Wording.text("listSlip.columns"), columns),
        Controls.row(6, Controls.iconButton("list-back", Icons.EARLIER, "listSlip.back", () -> step(-1)), at, of,
            Controls.iconButton("list-on", Icons.LATER, "listSlip.on", () -> step(1)), search),
        rows,
        Controls.row(6, Controls.button("list-out", "listSlip.out", () -> leave(true), "quiet"),
        Controls.button("list-in", "listSlip.in", () -> leave(false), "quiet"),
            Controls.spring(), Controls.button("list-drop", "listSlip.drop", () -> session.apply(ListEdits.drop()), "quiet")),
        cells,
        Controls.row(6, Controls.button("list-add-row", "listSlip.addRow", () -> session.apply(ListEdits.addRow()), "quiet"),
            Controls.button("list-remove-row", "listSlip.removeRow", () -> session.apply(ListEdits.removeRow()), "quiet"), newColumn),
        linked,
        Controls.row(6, Controls.under(Wording.text("listSlip.count"), count), Controls.under(Wording.text("listSlip.encoding"), encoding)),
        Controls.under(Wording.text("listSlip.sheet"), sheet),
        Controls.row(6, Controls.under(Wording.text("listSlip.by"), by), new VBox(Controls.label(" ", "field-label"), Controls.row(4,
            Controls.button("list-up", "listSlip.up", () -> sort(false), "quiet"),
            Controls.button("list-down", "listSlip.down", () -> sort(true), "quiet"),
            Controls.button("list-number", "listSlip.number", this::number, "quiet")))));
  }

  private void scrolled() {
    ScrollPane scroll = new PlainScroll();
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    scroll.visibleProperty().bind(below.visibleProperty());
    scroll.managedProperty().bind(below.visibleProperty());
    scroll.setMaxHeight(460);
    inside.getChildren().addAll(told, Controls.row(6, bring, Controls.button("list-paste", "listSlip.paste", this::paste, "plain"),
        Controls.button("list-type", "listSlip.type", () -> session.apply(ListEdits.typed(List.of(Wording.text("listSlip.firstColumn")))),
        "plain")), scroll);
    scroll.setContent(below);
  }

  private static void box(ComboBox<String> box, String id, String key) {
    box.setId(id);
    box.setAccessibleText(Wording.text(key));
    box.setPrefWidth(168);
  }

  private interface Choice {
    org.zipthimble.core.edit.Edit edit(int index);
  }

  private void chosen(ComboBox<String> box, Choice choice) {
    int index = box.getSelectionModel().getSelectedIndex();
    if (!showing && index >= 0) {
      session.apply(choice.edit(index));
    }
  }

  private Optional<RowList> list() {
    return session.job().list();
  }

  private void bring() {
    session.asker().table().ifPresent(f -> read(f, Optional.empty(), Optional.empty()));
  }

  /** Pictures that columns name, from a folder: all that are chosen are taken in. */
  private void gather() {
    List<Path> files = session.asker().pictures();
    if (files.isEmpty()) {
      return;
    }
    gatherer.want(() -> {
      List<Picture> found = new ArrayList<>();
      List<String> troubles = new ArrayList<>();
      for (Path one : files) {
        try {
          found.addAll(Importers.pictures(one));
        } catch (Trouble trouble) {
          troubles.add(trouble.getMessage());
        }
      }
      return new Gathered(found, troubles);
    }, gathered -> {
      session.apply(ListEdits.gather(gathered.pictures()));
      session.say(gathered.troubles().isEmpty() ? Wording.text("listSlip.gathered", gathered.pictures().size())
          : gathered.troubles().get(0));
    });
  }

  private record Gathered(List<Picture> pictures, List<String> troubles) {}

  /** The cells of the shown row, to be typed in. */
  private void cells(RowList l) {
    if (cells.getChildren().size() != Math.min(MOST_CELLS, l.columns().size()) || !l.columns().equals(cellsShown)) {
      cellsShown = l.columns();
      cells.getChildren().clear();
      for (String column : l.columns().subList(0, Math.min(MOST_CELLS, l.columns().size()))) {
        TypedField cell = new TypedField("list-cell-" + column.replaceAll("[^\\p{L}\\p{N}]+", "-"), column,
            text -> list().ifPresent(now -> session.apply(ListEdits.cell(now.at(), column, text))));
        Label name = Controls.label(column, "field-label");
        name.setMinWidth(90);
        name.setPrefWidth(90);
        HBox.setHgrow(cell, Priority.ALWAYS);
        cells.getChildren().add(Controls.row(6, name, cell));
      }
    }
    for (int i = 0; i < cells.getChildren().size(); i++) {
      ((TypedField) ((HBox) cells.getChildren().get(i)).getChildren().get(1)).show(l.value(l.columns().get(i)).orElse(""));
    }
  }

  /** Which column names the picture of the object that is selected, and which tells a colour. */
  private void linked(RowList l) {
    Optional<Item> pictured = session.single().filter(i -> !i.pictureIds().isEmpty() || i.mount().isPresent());
    List<String> names = new ArrayList<>(List.of(Wording.text("listSlip.noColumn")));
    names.addAll(l.columns());
    List<Object> of = List.of(names, l.pictures(), l.colours(), pictured.map(Item::id).orElse(""), session.job().palette().swatches());
    if (of.equals(linkedShown)) {
      return;
    }
    linkedShown = of;
    linked.getChildren().clear();
    pictured.ifPresent(item -> linked.getChildren()
        .add(Controls.row(6, Controls.under(Wording.text("listSlip.picture", item.properties().name()),
        linking("list-picture", Wording.text("listSlip.picture", item.properties().name()), names,
        Optional.ofNullable(l.pictures().get(item.id())), c -> ListEdits.pictured(item.id(), c))),
        new VBox(Controls.label(" ", "field-label"), Controls.button("list-gather", "listSlip.gather", this::gather, "quiet")))));
    if (!session.job().palette().swatches().isEmpty()) {
      ComboBox<String> swatch = new ComboBox<>();
      swatch.setId("list-swatch");
      swatch.setAccessibleText(Wording.text("listSlip.colour"));
      swatch.getItems().setAll(session.job().palette().swatches().stream().map(Swatch::name).toList());
      swatch.getSelectionModel().select(l.colours().isEmpty() ? swatch.getItems().get(0) : l.colours().keySet().iterator().next());
      swatch.setPrefWidth(150);
      ComboBox<String> column = linking("list-colour", Wording.text("listSlip.colourFrom"), names,
          Optional.ofNullable(l.colours().get(swatch.getValue())), c -> ListEdits.coloured(swatch.getValue(), c));
      swatch.setOnAction(e -> column.getSelectionModel()
          .select(list().flatMap(now -> Optional.ofNullable(now.colours().get(swatch.getValue()))).map(names::indexOf).orElse(0)));
      linked.getChildren()
          .add(Controls.row(6, Controls.under(Wording.text("listSlip.colour"), swatch),
          Controls.under(Wording.text("listSlip.colourFrom"), column)));
    }
  }

  private interface Linking {
    org.zipthimble.core.edit.Edit edit(Optional<String> column);
  }

  private ComboBox<String> linking(String id, String spoken, List<String> names, Optional<String> now, Linking linking) {
    ComboBox<String> box = new ComboBox<>();
    box.setId(id);
    box.setAccessibleText(spoken);
    box.setPrefWidth(168);
    box.getItems().setAll(names);
    box.getSelectionModel().select(now.map(names::indexOf).orElse(0));
    box.setOnAction(e -> {
      int index = box.getSelectionModel().getSelectedIndex();
      Optional<String> column = index <= 0 ? Optional.empty() : Optional.of(names.get(index));
      session.apply(linking.edit(column));
    });
    return box;
  }

  private record ReadTable(Optional<TableIn.Table> table, String trouble) {}

  private void read(Path from, Optional<Charset> charset, Optional<String> named) {
    reader.want(() -> {
      try {
        return new ReadTable(Optional.of(Importers.table(from, charset, named)), "");
      } catch (Trouble trouble) {
        return new ReadTable(Optional.empty(), trouble.getMessage());
      }
    }, found -> {
      found.table().ifPresent(t -> {
        file = t.encoding().isEmpty() ? Optional.empty() : Optional.of(from);
        book = t.sheets().size() > 1 ? Optional.of(from) : Optional.empty();
        session.applyBeside(ListEdits.take(t.list()));
        showing = true;
        sheet.getItems().setAll(t.sheets());
        sheet.getSelectionModel().select(named.map(t.sheets()::indexOf).orElse(0));
        encoding.setValue(t.encoding().isEmpty() ? null : t.encoding());
        showing = false;
        session.say(t.cut() > 0 ? Wording.text("listSlip.cut", t.cut()) : "");
      });
      if (found.table().isEmpty()) {
        session.say(found.trouble());
      }
    });
  }

  private void paste() {
    String text = Optional.ofNullable(Clipboard.getSystemClipboard().getString()).orElse("");
    reader.read(progress -> TableIn.pasted(text), list -> {
      session.applyBeside(ListEdits.take(list));
      file = Optional.empty();
    }, session::say);
  }

  private void step(int by) {
    list().ifPresent(l -> session.apply(ListEdits.show(l.at() + by)));
  }

  private void sort(boolean down) {
    Optional.ofNullable(by.getValue()).ifPresent(c -> session.applyBeside(ListEdits.sort(c, down)));
  }

  private void number() {
    list().ifPresent(l -> session.apply(ListEdits.number(Wording.text("listSlip.numbers"), 1, String.valueOf(l.rows().size()).length())));
  }

  private void leave(boolean out) {
    session.apply(ListEdits.leave(Set.copyOf(rows.getItems()), out));
  }

  @Override
  void show() {
    Optional<RowList> list = list();
    below.setVisible(list.isPresent());
    below.setManaged(list.isPresent());
    told.setText(
        list.map(l -> Wording.text("listSlip.told", l.source().isEmpty() ? Wording.text("listSlip.typed") : l.source(), l.rows().size(),
        l.sent().size())).orElse(Wording.text("listSlip.none")));
    list.ifPresent(l -> {
      showing = true;
      at.show(String.valueOf(l.at() + 1));
      of.setText(Wording.text("listSlip.of", l.rows().size(), l.name(l.at())));
      if (!l.columns().equals(columnsShown)) {
        columnsShown = l.columns();
        columns.getChildren().setAll(l.columns().stream().map(this::chip).toList());
        by.getItems().setAll(l.columns());
        List<String> counts = new ArrayList<>(List.of(Wording.text("listSlip.one")));
        counts.addAll(l.columns());
        count.getItems().setAll(counts);
      }
      columns.getChildren().forEach(c -> c.setDisable(FieldText.words(session).isEmpty()));
      count.getSelectionModel().select(l.count().map(l.columns()::indexOf).map(i -> i + 1).orElse(0));
      encoding.setDisable(file.isEmpty());
      sheet.setDisable(book.isEmpty());
      cells(l);
      linked(l);
      showing = false;
      fill();
    });
  }

  /** The rows that hold what is searched for. */
  private void fill() {
    showing = true;
    String wanted = search.getText().strip().toLowerCase(Locale.ROOT);
    List<Integer> found = list().map(l -> IntStream.range(0, l.rows().size())
        .filter(i -> wanted.isEmpty() || l.rows().get(i).stream().anyMatch(c -> c.toLowerCase(Locale.ROOT).contains(wanted)))
        .boxed().toList()).orElse(List.of());
    if (!rows.getItems().equals(found)) {
      rows.getItems().setAll(found);
    }
    rows.refresh();
    list().ifPresent(l -> {
      int index = found.indexOf(l.at());
      if (index >= 0) {
        rows.getSelectionModel().select(index);
        if (index != seen) {
          seen = index;
          rows.scrollTo(Math.max(0, index - 2));
        }
      } else {
        rows.getSelectionModel().clearSelection();
      }
    });
    showing = false;
  }

  private Set<Integer> misfits() {
    return session.checking().findingsProperty().get().stream().filter(f -> f.code().equals("row-misfit")).map(Finding::figure)
        .map(Double::intValue).collect(Collectors.toSet());
  }

  /** A row: whether it is sent, its number and what it says first; one that does not fit says so. */
  private final class RowCell extends ListCell<Integer> {
    @Override
    protected void updateItem(Integer row, boolean empty) {
      super.updateItem(row, empty);
      setText(null);
      Optional<RowList> list = list().filter(l -> !empty && row != null && row < l.rows().size());
      setGraphic(list.map(l -> {
        CheckBox sent = new CheckBox();
        sent.setSelected(!l.leftOut().contains(row));
        sent.setAccessibleText(Wording.text("listSlip.sent", row + 1));
        sent.setOnAction(e -> session.apply(ListEdits.leave(Set.of(row), !sent.isSelected())));
        Label name = Controls.label(Wording.text("listSlip.line", row + 1, l.name(row)), "layer-name");
        HBox line = Controls.row(6, sent, name);
        if (l.count().isPresent()) {
          line.getChildren().addAll(Controls.spring(), Controls.label(Wording.text("listSlip.times", l.wanted(row)), "field-label"));
        }
        if (misfits().contains(row)) {
          line.getChildren().addAll(Controls.spring(), Icons.of(Icons.weight(0), "mark-ruin"),
              Controls.label(Wording.text("listSlip.misfit"), "field-label"));
        }
        return line;
      }).orElse(null));
    }
  }

  private Node chip(String column) {
    Button chip = Controls.button("list-column-" + column.replaceAll("[^\\p{L}\\p{N}]+", "-"), "listSlip.chip", () -> put(column), "quiet");
    chip.setText(column);
    Controls.tip(chip, Wording.text("listSlip.chip", column));
    return chip;
  }

  private void put(String column) {
    list().ifPresent(l -> FieldText.put(session, style -> ListEdits.field(l, column, style.letters(), style.paragraph())));
  }

  @Override
  Node first() {
    return bring;
  }
}
