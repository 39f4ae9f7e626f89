package org.zipthimble.desktop.slip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.check.words.English;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.FactEdits;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.FactForms;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.FieldText;
import org.zipthimble.desktop.state.Session;

/** The facts of a job: each is typed here once, and put into words as a field. */
public final class FactsSlip extends ToolSlip {
  private static final double NAME = 92;

  private final VBox rows = new VBox(4);
  private final ComboBox<String> kinds = new ComboBox<>();
  private List<String> rowsShown = List.of();
  private final List<Runnable> fresh = new ArrayList<>();
  private final List<Runnable> always = new ArrayList<>();

  /** The slip of a session. */
  public FactsSlip(Session session) {
    super(session, "facts", "facts.title", 436);
    kinds.setId("facts-kind");
    kinds.setAccessibleText(Wording.text("facts.kind"));
    Arrays.stream(Fact.Kind.values()).map(k -> Wording.of(k)).forEach(kinds.getItems()::add);
    kinds.getSelectionModel().selectLast();
    inside.getChildren().addAll(
        Controls.wrapped(Wording.text("facts.note"), "side-note"), rows,
        Controls.row(6, kinds, Controls.button("facts-add", "facts.add", this::add, "quiet"), Controls.spring(),
            Controls.button("facts-usual", "facts.usual", this::usual, "quiet")),
        Controls.row(6, Controls.label(Wording.text("facts.english"), "field-label"), english(English.AMERICAN), english(English.BRITISH)),
        Controls.under(Wording.text("facts.own"), own()));
  }

  private ToggleButton english(English way) {
    ToggleButton pill = new ToggleButton(Wording.of(way));
    pill.setId("facts-" + way.name().toLowerCase(Locale.ROOT));
    pill.getStyleClass().add("pill");
    pill.setOnAction(e -> {
      pill.setSelected(true);
      session.apply(way.chosen());
    });
    always.add(() -> pill.setSelected(English.of(session.job()) == way));
    return pill;
  }

  /** The words that are right in all jobs, in one line. */
  private TypedField own() {
    TypedField field = new TypedField("facts-own", Wording.text("facts.own"),
        text -> session.preferences().change(s -> s.withWords(List.of(text.strip().split("[\\s,;]+"))))).keeping();
    always.add(() -> field.show(String.join(" ", session.preferences().now().words())));
    session.preferences().settingsProperty().addListener(o -> field.show(String.join(" ", session.preferences().now().words())));
    return field;
  }

  private void add() {
    Fact.Kind kind = Fact.Kind.values()[kinds.getSelectionModel().getSelectedIndex()];
    String name = Wording.of(kind);
    for (int i = 2; Filling.find(session.job(), name).isPresent(); i++) {
      name = Wording.of(kind) + " " + i;
    }
    session.apply(FactEdits.set(new Fact(name, kind, "")));
  }

  /** The facts that every invitation has, those that are not there yet. */
  private void usual() {
    session.apply(new Edit(Wording.text("edit.factsUsual"), job -> {
      var now = job;
      for (Fact fact : Fact.usual()) {
        now = Filling.find(now, fact.name()).isPresent() ? now : FactEdits.set(fact).change().apply(now);
      }
      return now;
    }));
  }

  @Override
  void show() {
    List<String> names = session.job().facts().stream().map(f -> f.kind() + " " + f.name()).toList();
    if (!names.equals(rowsShown) || rows.getChildren().isEmpty()) {
      rowsShown = names;
      fresh.clear();
      rows.getChildren().setAll(session.job().facts().stream().map(this::row).toList());
      if (names.isEmpty()) {
        rows.getChildren().setAll(List.of(Controls.wrapped(Wording.text("facts.none"), "field-label")));
      }
    }
    fresh.forEach(Runnable::run);
    always.forEach(Runnable::run);
  }

  private Node row(Fact made) {
    String id = made.name().replaceAll("[^\\p{L}\\p{N}]+", "-");
    TypedField name = new TypedField("fact-name-" + id, Wording.text("facts.name"),
        text -> session.apply(FactEdits.rename(made.name(), text)));
    name.setPrefWidth(NAME);
    name.setMinWidth(NAME);
    name.show(made.name());
    TypedField value = new TypedField("fact-" + id, made.name(), text -> take(made.name(), text));
    HBox.setHgrow(value, Priority.ALWAYS);
    value.setPromptText(Wording.text(made.kind().day() ? "facts.day" : made.kind() == Fact.Kind.TIME ? "facts.hour" : "facts.words"));
    fresh.add(() -> Filling.find(session.job(), made.name()).ifPresent(f -> value.show(f.value().isEmpty() ? "" : f.kind().day()
        ? f.shown("monthDayYear") : f.shown(""))));
    Node put = Controls.button("fact-put-" + id, "facts.put", () -> Filling.find(session.job(), made.name()).ifPresent(this::put), "quiet");
    fresh.add(() -> put.setDisable(target().isEmpty()));
    return Controls.row(4, name, value, put,
        Controls.button("fact-away-" + id, "facts.away", () -> session.apply(FactEdits.remove(made.name())), "quiet"));
  }

  private void take(String name, String text) throws Trouble {
    Optional<Fact> fact = Filling.find(session.job(), name);
    if (fact.isPresent()) {
      String value = text.isBlank() ? "" : fact.get().kind().day() ? FactForms.readDay(text).toString()
          : fact.get().kind() == Fact.Kind.TIME ? FactForms.readHour(text).toString() : text.strip();
      session.apply(FactEdits.set(fact.get().saying(value)));
    }
  }

  private Optional<HoldsWords> target() {
    return session.typing().on() ? session.typing().words() : session.single().flatMap(Item::words);
  }

  /** At the caret, or at the end of the words that are selected. */
  private void put(Fact fact) {
    String form = fact.forms().get(0);
    FieldText.put(session, style -> FactEdits.field(fact, form, style.letters(), style.paragraph()));
  }

  @Override
  Node first() {
    return kinds;
  }
}
