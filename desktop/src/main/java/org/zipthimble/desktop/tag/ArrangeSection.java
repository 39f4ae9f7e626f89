package org.zipthimble.desktop.tag;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import javafx.util.StringConverter;
import org.zipthimble.core.arrange.AlignObjects;
import org.zipthimble.core.arrange.Axis;
import org.zipthimble.core.arrange.Spacing;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** Lining up, spacing with gaps that are shown and typed, and repeating in rows and grids. */
final class ArrangeSection extends Section {
  private AlignObjects.To to;
  private Optional<String> key = Optional.empty();
  private Spacing.By by = Spacing.By.GAPS;
  private int columns = 3;
  private int rows = 1;
  private double gapAcross = 0.25;
  private double gapDown = 0.25;

  ArrangeSection(Session session, boolean several) {
    super(session);
    to = several ? AlignObjects.To.EACH_OTHER : AlignObjects.To.TRIM;
    getChildren().addAll(beside("arrange.to", toChoice(several)), aligns());
    if (several) {
      getChildren().addAll(spaces(), gaps(), Controls.button("tag-group", "tag.group",
          () -> session.applyAndSelect(Grouping.group(face(), ids())), "quiet"));
    }
    getChildren().addAll(Controls.stitch(), repeats());
  }

  private ComboBox<AlignObjects.To> toChoice(boolean several) {
    ComboBox<AlignObjects.To> box = new ComboBox<>(FXCollections.observableArrayList(AlignObjects.To.values()));
    if (!several) {
      box.getItems().removeAll(AlignObjects.To.EACH_OTHER, AlignObjects.To.KEY);
    }
    box.setId("arrange-to");
    box.setAccessibleText(Wording.text("arrange.to"));
    box.setConverter(named(t -> Wording.of(t)));
    box.setMaxWidth(Double.MAX_VALUE);
    box.setPrefWidth(130);
    box.setValue(to);
    box.setOnAction(e -> to = box.getValue());
    fresh.add(() -> {
      if (several && !session.keyProperty().get().equals(key)) {
        key = session.keyProperty().get();
        box.setValue(key.isPresent() ? AlignObjects.To.KEY : AlignObjects.To.EACH_OTHER);
      }
    });
    return box;
  }

  private static <E> StringConverter<E> named(Function<E, String> name) {
    return new StringConverter<>() {
      @Override
      public String toString(E value) {
        return value == null ? "" : name.apply(value);
      }

      @Override
      public E fromString(String text) {
        return null;
      }
    };
  }

  private Node aligns() {
    HBox row = new HBox(3);
    for (AlignObjects.Edge edge : AlignObjects.Edge.values()) {
      String name = edge.name().toLowerCase(Locale.ROOT);
      Button button = Controls.iconButton("arrange-" + name, Icons.align(edge.ordinal()), "menu.align." + name, () ->
          session.apply(AlignObjects.edit(session.frame(), session.face(), ids(), edge, to, session.keyProperty().get())), "bordered");
      row.getChildren().add(button);
    }
    return row;
  }

  private Node spaces() {
    ComboBox<Spacing.By> box = new ComboBox<>(FXCollections.observableArrayList(Spacing.By.values()));
    box.setId("arrange-by");
    box.setAccessibleText(Wording.text("arrange.by"));
    box.setConverter(named(b -> Wording.of(b)));
    box.setValue(by);
    box.setMaxWidth(Double.MAX_VALUE);
    box.setOnAction(e -> by = box.getValue());
    return Controls.row(4, Controls.under(Wording.text("arrange.by"), box),
        Controls.iconButton("space-across", Icons.SPACE_ACROSS, "menu.spaceAcross", () -> space(Axis.ACROSS), "bordered", "low"),
        Controls.iconButton("space-down", Icons.SPACE_DOWN, "menu.spaceDown", () -> space(Axis.DOWN), "bordered", "low"));
  }

  private void space(Axis axis) {
    session.apply(Spacing.evenly(session.frame(), session.face(), ids(), axis, by, to));
  }

  private Node gaps() {
    return Controls.row(6, Controls.under(Wording.text("arrange.gapAcross"), gap("gap-across", "arrange.gapAcross", Axis.ACROSS)),
        Controls.under(Wording.text("arrange.gapDown"), gap("gap-down", "arrange.gapDown", Axis.DOWN)));
  }

  private TypedField gap(String id, String key, Axis axis) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double inches = Lengths.parse(text, session.unit());
      session.apply(Spacing.gap(session.face(), ids(), axis, inches, session.keyProperty().get()));
    });
    fresh.add(() -> field.show(Spacing.gaps(session.face(), ids(), axis).map(this::shown).orElse("")));
    return field;
  }

  private String shown(Spacing.Gaps gaps) {
    String least = figure(gaps.least());
    return gaps.even() ? least : Wording.text("arrange.gapRange", least, figure(gaps.most()));
  }

  private String figure(double inches) {
    double sixtyFourths = Math.round(inches * 64) / 64.0;
    return session.unit() == Unit.INCH && Math.abs(sixtyFourths - inches) < 1e-6
        ? Lengths.show(sixtyFourths, Unit.INCH) : Lengths.plain(session.unit().fromInches(inches), 3);
  }

  private Node repeats() {
    TypedField across = number("repeat-columns", "repeat.columns", 1, Copies.MOST, () -> String.valueOf(columns), v -> {
      columns = (int) v;
      refresh();
    });
    TypedField down = number("repeat-rows", "repeat.rows", 1, Copies.MOST, () -> String.valueOf(rows), v -> {
      rows = (int) v;
      refresh();
    });
    TypedField gapX = length("repeat-gap-across", "repeat.gapAcross", -Pattern.MOST_GAP, Pattern.MOST_GAP, () -> gapAcross, v -> {
      gapAcross = v;
      refresh();
    });
    TypedField gapY = length("repeat-gap-down", "repeat.gapDown", -Pattern.MOST_GAP, Pattern.MOST_GAP, () -> gapDown, v -> {
      gapDown = v;
      refresh();
    });
    Button make = Controls.button("repeat-make", "repeat.make", () -> {
      if ((long) columns * rows <= Copies.MOST) {
        session.applyAndSelect(Copies.grid(face(), ids(), columns, rows, gapAcross, gapDown));
      } else {
        session.say(Wording.text("repeat.many", Copies.MOST));
      }
    }, "quiet");
    HBox fields = Controls.row(4, Controls.under(Wording.text("repeat.columns"), across), Controls.under(Wording.text("repeat.rows"), down),
        Controls.under(Wording.text("repeat.gapAcross"), gapX), Controls.under(Wording.text("repeat.gapDown"), gapY));
    return new javafx.scene.layout.VBox(5, fields, Controls.row(6, make, Controls.button("tag-duplicate", "menu.duplicate",
        () -> session.perform((face, ids) -> Copies.duplicate(face, ids, Copies.STEP, Copies.STEP)), "quiet")));
  }

}
