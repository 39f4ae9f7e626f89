package org.zipthimble.desktop.slip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.BookEdits;
import org.zipthimble.core.edit.GroundEdits;
import org.zipthimble.core.fill.Grounds;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Fold;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.FieldText;
import org.zipthimble.desktop.state.Session;

/** How the face that is shown is made: its own size, its folds, what it shares; and how all faces are bound. */
public final class MakeSlip extends ToolSlip {
  private final List<Runnable> fresh = new ArrayList<>();
  private final Label panels = Controls.wrapped("", "side-note");
  private final Label bound = Controls.wrapped("", "side-note");
  private final ComboBox<String> ground = new ComboBox<>();
  private final Button blank = Controls.button("make-blank", "makeSlip.blank", () -> session.apply(BookEdits.filled()), "plain");
  private final TypedField width;
  private boolean showing;

  /** The slip of a session. */
  public MakeSlip(Session session) {
    super(session, "make", "makeSlip.title", 400);
    width = side("make-width", "makeSlip.width", true);
    panels.setId("make-panels");
    bound.setId("make-bound");
    ground.setId("make-ground");
    ground.setAccessibleText(Wording.text("makeSlip.ground"));
    ground.setPrefWidth(190);
    ground.setOnAction(e -> ground());
    inside.getChildren().addAll(
        Controls.row(6, Controls.under(Wording.text("makeSlip.width"), width),
        Controls.under(Wording.text("makeSlip.height"), side("make-height", "makeSlip.height", false)),
            new VBox(Controls.label(" ", "field-label"),
            Controls.button("make-usual", "makeSlip.usual", () -> session.apply(BookEdits.size(face(), Optional.empty())), "quiet"))),
        Controls.under(Wording.text("makeSlip.fold"), folds()),
        Controls.row(8, check("make-across", "makeSlip.across", () -> fold().filter(Fold::across).isPresent(), on -> f -> f.withAcross(on)),
            check("make-outside", "makeSlip.outside", () -> fold().filter(Fold::outside).isPresent(), on -> f -> f.withOutside(on)),
            count()),
        panels,
        Controls.row(6, shared(), Controls.under(Wording.text("makeSlip.ground"), ground),
            new VBox(Controls.label(" ", "field-label"),
            Controls.button("make-ground-all", "makeSlip.groundAll", this::groundAll, "quiet"))),
        Controls.stitch(),
        Controls.under(Wording.text("makeSlip.book"), bindings()),
        Controls.row(6, Controls.under(Wording.text("makeSlip.inner"),
        length("make-inner", "makeSlip.inner", Book.MOST_INNER, () -> book().map(Book::inner).orElse(Double.NaN),
        v -> session.apply(BookEdits.book(b -> b.withInner(v))))),
            Controls.under(Wording.text("makeSlip.leaf"),
            length("make-leaf", "makeSlip.leaf", Book.MOST_LEAF, () -> book().map(Book::leaf).orElse(Double.NaN),
            v -> session.apply(BookEdits.book(b -> b.withLeaf(v)))))),
        bound, blank,
        Controls.row(6, Controls.button("make-page", "makeSlip.page", () -> put(Grounds.PAGE), "quiet"),
        Controls.button("make-pages", "makeSlip.pages", () -> put(Grounds.PAGES), "quiet")));
  }

  private String face() {
    return session.faceIdProperty().get();
  }

  private Optional<Fold> fold() {
    return session.face().form().fold();
  }

  private Optional<Book> book() {
    return session.job().book();
  }

  private TypedField side(String id, String key, boolean across) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double inches = FieldText.length(text, session.unit(), Ticket.LEAST_SIDE, Ticket.MOST_SIDE);
      Size now = session.frame().size();
      session.apply(BookEdits.size(face(), Optional.of(across ? new Size(inches, now.height()) : new Size(now.width(), inches))));
    });
    fresh.add(() -> field.show(Lengths.show(across ? session.frame().size().width() : session.frame().size().height(), session.unit())));
    field.setPrefWidth(90);
    return field;
  }

  private TypedField length(String id, String key, double most, DoubleSupplier read, DoubleConsumer take) {
    TypedField field = new TypedField(id, Wording.text(key), text -> take.accept(FieldText.length(text, session.unit(), 0, most)));
    fresh.add(() -> {
      double value = read.getAsDouble();
      field.show(Double.isNaN(value) ? "" : Lengths.show(value, session.unit()));
      field.setDisable(Double.isNaN(value));
    });
    field.setPrefWidth(110);
    return field;
  }

  private ToggleButton pill(String id, String text, BooleanSupplier on, Runnable take) {
    ToggleButton pill = new ToggleButton(text);
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setOnAction(e -> {
      pill.setSelected(true);
      take.run();
    });
    fresh.add(() -> pill.setSelected(on.getAsBoolean()));
    return pill;
  }

  private Node folds() {
    FlowPane pane = new FlowPane(4, 4, pill("make-flat", Wording.text("makeSlip.flat"), () -> fold().isEmpty(),
        () -> session.apply(BookEdits.fold(face(), Optional.empty()))));
    for (Fold.Kind kind : Fold.Kind.values()) {
      pane.getChildren()
          .add(pill("make-" + kind.name().toLowerCase(java.util.Locale.ROOT), Wording.of(kind),
          () -> fold().filter(f -> f.kind() == kind).isPresent(),
          () -> session.apply(BookEdits.fold(face(), Optional.of(fold().map(f -> f.withKind(kind)).orElse(Fold.of(kind)))))));
    }
    return pane;
  }

  private interface Changing {
    UnaryOperator<Fold> to(boolean on);
  }

  private CheckBox check(String id, String key, BooleanSupplier read, Changing change) {
    CheckBox box = Controls.check(id, key, false, on -> session.apply(BookEdits.fold(face(), fold().map(change.to(on)))));
    fresh.add(() -> {
      box.setSelected(read.getAsBoolean());
      box.setDisable(fold().isEmpty());
    });
    return box;
  }

  private Node count() {
    TypedField field = new TypedField("make-count", Wording.text("makeSlip.count"),
        text -> {
          int panels = (int) Lengths.parseNumber(text, Fold.FEWEST, Fold.MOST);
          session.apply(BookEdits.fold(face(), fold().map(f -> f.withPanels(panels))));
        });
    field.setPrefWidth(50);
    fresh.add(() -> {
      field.show(fold().map(f -> String.valueOf(f.panels())).orElse(""));
      field.setDisable(fold().filter(f -> f.kind() == Fold.Kind.ACCORDION).isEmpty());
    });
    return field;
  }

  private CheckBox shared() {
    CheckBox box = Controls.check("make-shared", "makeSlip.shared", false, on -> session.apply(GroundEdits.share(face(), on)));
    fresh.add(() -> box.setSelected(session.face().form().shared()));
    return box;
  }

  private Node bindings() {
    FlowPane pane = new FlowPane(4, 4, pill("make-loose", Wording.text("makeSlip.loose"), () -> book().isEmpty(),
        () -> session.apply(BookEdits.bind(Optional.empty()))));
    for (Book.Binding binding : Book.Binding.values()) {
      pane.getChildren()
          .add(pill("make-" + binding.name().toLowerCase(java.util.Locale.ROOT), Wording.of(binding),
          () -> book().filter(b -> b.binding() == binding).isPresent(),
          () -> session.apply(BookEdits.bind(Optional.of(book().orElse(Book.USUAL).withBinding(binding))))));
    }
    return pane;
  }

  private List<Face> grounds() {
    return session.job().faces().stream().filter(f -> f.form().shared()).toList();
  }

  private void ground() {
    int index = ground.getSelectionModel().getSelectedIndex();
    if (!showing && index >= 0) {
      session.apply(GroundEdits.ground(Optional.of(face()), index == 0 ? Optional.empty() : Optional.of(grounds().get(index - 1).id())));
    }
  }

  private void groundAll() {
    Optional<String> id = session.face().form().shared() ? Optional.of(face()) : session.face().form().ground();
    session.apply(GroundEdits.ground(Optional.empty(), id));
  }

  /** At the caret, or at the end of the words that are selected. */
  private void put(String field) {
    FieldText.put(session, style -> GroundEdits.field(field, style.letters(), style.paragraph()));
  }

  @Override
  void show() {
    showing = true;
    List<String> names = new ArrayList<>(List.of(Wording.text("makeSlip.noGround")));
    grounds().forEach(f -> names.add(f.name()));
    if (!ground.getItems().equals(names)) {
      ground.getItems().setAll(names);
    }
    int at = session.face().form().ground().map(id -> grounds().stream().map(Face::id).toList().indexOf(id) + 1).orElse(0);
    ground.getSelectionModel().select(at);
    ground.setDisable(session.face().form().shared() || grounds().isEmpty());
    showing = false;
    fresh.forEach(Runnable::run);
    panels.setText(fold().map(f -> f.panels(session.frame().size()).stream().map(this::told).collect(Collectors.joining(" · ")))
        .orElse(Wording.text("makeSlip.flatNote")));
    int pages = session.job().pages().size();
    int lacking = book().map(b -> b.binding().lacking(pages)).orElse(0);
    bound.setText(book().map(b -> Wording.text(lacking == 0 ? "makeSlip.bound" : "makeSlip.lacking", pages, pages + lacking))
        .orElse(Wording.text("makeSlip.looseNote")));
    blank.setText(Wording.text("mend.blankPages", lacking));
    blank.setVisible(lacking > 0);
    blank.setManaged(lacking > 0);
  }

  private String told(Fold.Panel panel) {
    String name = Wording.text(panel.key(), panel.number());
    boolean across = fold().filter(Fold::across).isPresent();
    String length = Lengths.show(across ? panel.box().height() : panel.box().width(), session.unit());
    return (panel.headDown() ? Wording.text("panel.headDown", name) : name) + " " + length;
  }

  @Override
  Node first() {
    return width;
  }
}
