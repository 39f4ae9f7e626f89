package org.zipthimble.desktop.ticket;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleSupplier;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/**
 * A width for each side of the item: all four alike in one field, or each in a field of its own. Which of both is a visible choice; sides
 * that differ are shown one by one.
 */
final class SidesLine extends VBox {
  private final Session session;
  private final TicketLine all;
  private final Map<Side, TypedField> fields = new EnumMap<>(Side.class);
  private final GridPane each = new GridPane();
  private final ToggleButton apart;
  private final DoubleSupplier most;
  private final Consumer<Insets> taking;
  private Insets shown = Insets.NONE;

  SidesLine(Session session, String id, String key, DoubleSupplier most, Consumer<Insets> taking) {
    this.session = session;
    this.most = most;
    this.taking = taking;
    apart = new ToggleButton(Wording.text("ticket.sides.apart"));
    apart.setId(id + "-apart");
    apart.getStyleClass().setAll("line-choice");
    Controls.tip(apart, Wording.text("ticket.sides.apart.tip"));
    apart.setAccessibleText(Wording.text("ticket.sides.apart.tip"));
    apart.setOnAction(e -> toggled());
    all = new TicketLine(id, key, text -> taking.accept(Insets.all(width(text))), Optional.of(apart));
    each.setHgap(4);
    each.setVgap(2);
    apart.selectedProperty().addListener(o -> sides(id, key));
    each.managedProperty().bind(each.visibleProperty());
    each.visibleProperty().bind(apart.selectedProperty());
    getChildren().addAll(all, each);
    getStyleClass().add("sides-line");
  }

  /** The fields of the sides, made when they are first asked for. */
  private void sides(String id, String key) {
    for (Side side : fields.isEmpty() ? Side.values() : new Side[0]) {
      String word = side.name().toLowerCase(Locale.ROOT);
      TypedField field = new TypedField(id + "-" + word, Wording.text(key) + " " + side.spoken(),
          text -> taking.accept(shown.with(side, width(text))));
      field.getStyleClass().add("line-field");
      field.show(word(shown.at(side)));
      fields.put(side, field);
      each.add(Controls.under(side.spoken(), field), side.ordinal() % 2, side.ordinal() / 2);
    }
  }

  /** The line above the sides. */
  TicketLine line() {
    return all;
  }

  void show(Insets insets) {
    shown = insets;
    if (!insets.even()) {
      apart.setSelected(true);
    }
    all.show(insets.even() ? word(insets.left()) : Wording.text("ticket.sides.uneven"));
    fields.forEach((side, field) -> field.show(word(insets.at(side))));
  }

  private String word(double inches) {
    return inches == 0 ? Wording.text("ticket.none") : Lengths.showWithSign(inches, session.unit());
  }

  private void toggled() {
    if (!apart.isSelected() && !shown.even()) {
      taking.accept(Insets.all(shown.most()));
    }
  }

  private double width(String text) throws Trouble {
    double inches = text.strip().toLowerCase(Locale.ROOT).equals(Wording.text("ticket.none")) ? 0 : Lengths.parse(text, session.unit());
    if (!(inches >= 0 && inches <= most.getAsDouble())) {
      throw Trouble.of("field.range", Lengths.showWithSign(inches, session.unit()), Lengths.showWithSign(0, session.unit()),
          Lengths.showWithSign(most.getAsDouble(), session.unit()));
    }
    return inches;
  }
}
