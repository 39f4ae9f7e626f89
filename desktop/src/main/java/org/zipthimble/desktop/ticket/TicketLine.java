package org.zipthimble.desktop.ticket;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.TypedField;

/** One line of the ticket: a value to type over, a note on whether the design keeps it, a mark. */
final class TicketLine extends VBox {
  private final TypedField field;
  private final Label note = Controls.wrapped("", "line-note");
  private final StackPane mark = new StackPane();

  TicketLine(String id, String key, TypedField.TextTaker taking) {
    this(id, key, taking, Optional.empty());
  }

  /** The same with something to choose beside its name. */
  TicketLine(String id, String key, TypedField.TextTaker taking, Optional<Node> choice) {
    field = new TypedField(id, Wording.text(key), taking);
    field.getStyleClass().add("line-field");
    Controls.tip(field, Wording.text("ticket.typeOver"));
    HBox row = Controls.row(4, field, mark);
    HBox.setHgrow(field, Priority.ALWAYS);
    HBox head = Controls.row(4, Controls.label(Wording.text(key), "line-label"));
    choice.ifPresent(c -> head.getChildren().addAll(Controls.spring(), c));
    getChildren().addAll(head, row, note);
    getStyleClass().add("ticket-line");
    note.managedProperty().bind(note.textProperty().isNotEmpty());
  }

  void show(String value) {
    field.show(value);
  }

  void note(String text) {
    note.setText(text);
  }

  void prompt(String text) {
    field.setPromptText(text);
  }

  /** Says what was found against the value; where nothing was, what is well about it, with a tick unless it is only a note. */
  void judge(List<Finding> findings, String wellKey, boolean ticked) {
    Optional<Finding> worst = findings.stream().filter(f -> f.weight() == Weight.RUIN).findFirst()
        .or(() -> findings.stream().findFirst());
    String state = worst.map(f -> f.weight() == Weight.RUIN ? "ruin" : "look").orElse("well");
    note.getStyleClass().removeAll("ruin", "look", "well");
    note.getStyleClass().add(worst.isPresent() || ticked ? state : "line-note");
    note.setText(worst.map(Finding::title).orElseGet(() -> Wording.text(wellKey)));
    mark.getChildren().clear();
    if (worst.isPresent() || ticked) {
      mark.getChildren()
          .setAll(Icons.of(state.equals("well") ? Icons.WELL : state.equals("ruin") ? Icons.RUIN : Icons.LOOK, "mark-" + state));
    }
  }
}
