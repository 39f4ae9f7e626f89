package org.zipthimble.desktop.sending;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;

/** What written files measure, beside what the ticket asks. */
final class SendReport extends VBox {
  SendReport() {
    super(8);
  }

  /** Whether nothing was measured yet. */
  boolean empty() {
    return getChildren().isEmpty();
  }

  void clear() {
    getChildren().clear();
  }

  void show(List<Measured> measured) {
    getChildren().setAll(measured.stream().map(SendReport::table).toList());
  }

  private static Node table(Measured measured) {
    GridPane grid = new GridPane();
    grid.getStyleClass().add("report");
    grid.setHgap(18);
    grid.setVgap(5);
    grid.addRow(0, Controls.label(Wording.text("report.what"), "field-label"), Controls.label(Wording.text("report.wanted"), "field-label"),
        Controls.label(Wording.text("report.found"), "field-label"));
    int row = 1;
    for (Measured.Line line : measured.lines()) {
      grid.addRow(row++, Controls.label(line.name(), "report-cell"), Controls.label(line.wanted(), "report-cell"),
          Controls.label(line.found(), "report-figure"),
          Icons.of(line.right() ? Icons.WELL : Icons.RUIN, line.right() ? "mark-well" : "mark-ruin"));
    }
    Label title = Controls.label(Wording.text(measured.right() ? "report.right" : "report.wrong", measured.file().getFileName()),
        "side-title");
    title.setId("report-title");
    VBox card = new VBox(6, title, Controls.label(Wording.text("report.where", measured.file().toAbsolutePath().getParent(),
        Lengths.plain(measured.bytes() / 1000.0, 0)), "side-note"), grid);
    card.getStyleClass().add("card");
    return card;
  }
}
