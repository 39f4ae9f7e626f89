package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.JobColours;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** A part of the tag: its controls, and how they are brought up to date. */
abstract class Section extends VBox {
  private static final double LABEL_WIDTH = 40;
  private static final double WIDTH = 190;

  final Session session;
  final List<Runnable> fresh = new ArrayList<>();

  Section(Session session) {
    super(5);
    this.session = session;
  }

  /** Brings every control up to date. */
  void refresh() {
    List.copyOf(fresh).forEach(Runnable::run);
  }

  /** Makes controls anew; those that were made the last time are no longer brought up to date. */
  void anew(List<Runnable> made, Runnable maker) {
    fresh.removeAll(made);
    made.clear();
    int before = fresh.size();
    maker.run();
    made.addAll(fresh.subList(before, fresh.size()));
    List.copyOf(made).forEach(Runnable::run);
  }

  String face() {
    return session.faceIdProperty().get();
  }

  Set<String> ids() {
    return session.selectionProperty().get();
  }

  Optional<Item> now() {
    return session.single();
  }

  List<Colour> colours() {
    return JobColours.of(session.shownProperty().get());
  }

  /** A control with its label at the left. */
  static Node beside(String key, Node control) {
    Label label = Controls.label(Wording.text(key), "field-label");
    label.setMinWidth(LABEL_WIDTH);
    return Controls.row(4, label, control);
  }

  /** A field for a length in the job's unit, from least to most inches. */
  TypedField length(String id, String key, double least, double most, DoubleSupplier get, DoubleConsumer take) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double inches = Lengths.parse(text, session.unit());
      if (!(inches >= least && inches <= most)) {
        throw Trouble.of("field.range", text, Lengths.showWithSign(least, session.unit()), Lengths.showWithSign(most, session.unit()));
      }
      take.accept(inches);
    });
    fresh.add(() -> {
      double value = get.getAsDouble();
      field.show(Double.isNaN(value) ? "" : Lengths.show(value, session.unit()));
    });
    return field;
  }

  /** A field for a number within a range. */
  TypedField number(String id, String key, double least, double most, Supplier<String> shown, DoubleConsumer take) {
    TypedField field = new TypedField(id, Wording.text(key), text ->
        take.accept(Lengths.parseNumber(text.replace("pt", "").replace("×", ""), least, most)));
    fresh.add(() -> field.show(shown.get()));
    return field;
  }

  /** A list of words, one of which holds. */
  ComboBox<String> choice(String id, String key, List<String> words, Supplier<Optional<Integer>> get, IntConsumer take) {
    ComboBox<String> box = new ComboBox<>();
    box.getItems().addAll(words);
    box.setId(id);
    box.setAccessibleText(Wording.text(key));
    box.setMaxWidth(Double.MAX_VALUE);
    boolean[] showing = {false};
    fresh.add(() -> {
      showing[0] = true;
      get.get().ifPresentOrElse(box.getSelectionModel()::select, box.getSelectionModel()::clearSelection);
      showing[0] = false;
    });
    box.setOnAction(e -> {
      if (!showing[0] && box.getSelectionModel().getSelectedIndex() >= 0) {
        take.accept(box.getSelectionModel().getSelectedIndex());
      }
    });
    return box;
  }

  /** A pill that is on or off. */
  ToggleButton pill(String id, String key, BooleanSupplier get, Consumer<Boolean> take) {
    ToggleButton pill = new ToggleButton(Wording.text(key));
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setOnAction(e -> {
      take.accept(pill.isSelected());
      refresh();
    });
    fresh.add(() -> pill.setSelected(get.getAsBoolean()));
    return pill;
  }

  /** A field for a share in per cent. */
  TypedField percent(String id, String key, double least, double most, DoubleSupplier get, DoubleConsumer take) {
    return number(id, key, least, most, () -> {
      double value = get.getAsDouble();
      return Double.isNaN(value) ? "" : Lengths.plain(value * 100, 1);
    }, v -> take.accept(v / 100));
  }

  /** A pane that breaks its rows where the tag ends. */
  static FlowPane flow(Node... nodes) {
    FlowPane pane = new FlowPane(5, 5, nodes);
    pane.setPrefWrapLength(WIDTH);
    pane.setRowValignment(VPos.BOTTOM);
    return pane;
  }

  /** Fields under their labels, so many beside each other. */
  static FlowPane fields(double width, Object... keysAndFields) {
    FlowPane pane = flow();
    for (int i = 0; i < keysAndFields.length; i += 2) {
      pane.getChildren().add(field(width, (String) keysAndFields[i], (Node) keysAndFields[i + 1]));
    }
    return pane;
  }

  /** A field of a width under its label. */
  static VBox field(double width, String key, Node control) {
    VBox box = Controls.under(Wording.text(key), control);
    box.setPrefWidth(width);
    return box;
  }
}
