package org.zipthimble.desktop.compose;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import org.zipthimble.core.edit.History;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Session;

/** The steps that were done, and those that were undone, the first at the top; a click jumps there. */
final class StepsList extends ListView<StepsList.Row> {
  private static final javafx.css.PseudoClass UNDONE = javafx.css.PseudoClass.getPseudoClass("undone");

  private final Session session;
  private boolean filling;

  /** A step: how many are done after it, its label, and whether it is undone now. */
  record Row(int steps, String label, boolean undone) {}

  StepsList(Session session) {
    this.session = session;
    setId("steps-list");
    getStyleClass().add("layer-list");
    setAccessibleText(Wording.text("steps.title"));
    setCellFactory(view -> new ListCell<>() {
      {
        getStyleClass().add("step-cell");
      }

      @Override
      protected void updateItem(Row row, boolean empty) {
        super.updateItem(row, empty);
        setText(empty || row == null ? "" : row.label());
        setId(empty || row == null ? null : "step-" + row.steps());
        pseudoClassStateChanged(UNDONE, !empty && row != null && row.undone());
      }
    });
    getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
      if (!filling && is != null) {
        session.jumpTo(is.steps());
      }
    });
    session.historyProperty().addListener(o -> fill());
    fill();
  }

  private void fill() {
    History history = session.historyProperty().get();
    List<Row> rows = new ArrayList<>(List.of(new Row(0, Wording.text("steps.first"), false)));
    int done = 0;
    for (History.Step step : history.done()) {
      rows.add(new Row(++done, step.label(), false));
    }
    for (int i = history.undone().size() - 1; i >= 0; i--) {
      rows.add(new Row(++done, history.undone().get(i).label(), true));
    }
    filling = true;
    if (!getItems().equals(rows)) {
      getItems().setAll(rows);
    }
    getSelectionModel().clearAndSelect(history.done().size());
    filling = false;
    if (history.undone().isEmpty()) {
      scrollTo(rows.size() - 1);
    }
  }
}
