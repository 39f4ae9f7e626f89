package org.zipthimble.desktop.tray;

import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import org.zipthimble.core.arrange.FormGrid;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.Slips;
import org.zipthimble.desktop.control.TypedField;

/** A paper slip that asks what form is to be made. */
public final class FormSlip {
  private static final double RISE = 200;

  private Popup popup;
  private String kind = "table";
  private int columns = 3;
  private int rows = 8;
  private double linePt = 0.75;

  private FormSlip() {}

  public static void show(Node card, ObjectAdder adding) {
    new FormSlip().open(card, adding);
  }

  private void open(Node card, ObjectAdder adding) {
    ToggleGroup group = new ToggleGroup();
    HBox kinds = new HBox(4);
    for (String one : new String[] {"table", "lines", "boxes"}) {
      ToggleButton pill = Pills.pill("form-" + one, Wording.text("form." + one), group, () -> kind = one);
      pill.setSelected(one.equals(kind));
      kinds.getChildren().add(pill);
    }
    TypedField across = count("form-columns", "repeat.columns", true);
    TypedField down = count("form-rows", "repeat.rows", false);
    TypedField line = new TypedField("form-line", Wording.text("tag.lineWidth"), text -> linePt = points(text)).keeping();
    across.show(String.valueOf(columns));
    down.show(String.valueOf(rows));
    line.show(Wording.text("tag.pt", Lengths.plain(linePt, 2)));
    VBox paper = new VBox(8, Controls.label(Wording.text("form.title"), "side-title"), kinds,
        Controls.row(6, Controls.under(Wording.text("repeat.columns"), across), Controls.under(Wording.text("repeat.rows"), down),
            Controls.under(Wording.text("tag.lineWidth"), line)),
        Controls.button("form-make", "form.make", () -> {
          popup.hide();
          adding.form(kind, columns, rows, linePt);
        }, "main"));
    paper.setPrefWidth(240);
    popup = Slips.above(card, paper, RISE);
  }

  private double points(String text) throws Trouble {
    double pt = Unit.POINT.fromInches(Lengths.parse(text, Unit.POINT));
    if (!(pt >= 0.01 && pt <= 72)) {
      throw Trouble.of("number.range", text, "0.01 pt", "72 pt");
    }
    return pt;
  }

  private TypedField count(String id, String key, boolean across) {
    TypedField[] field = new TypedField[1];
    field[0] = new TypedField(id, Wording.text(key), text -> {
      int value = (int) Lengths.parseNumber(text, 1, FormGrid.MOST);
      if ((long) value * (across ? rows : columns) > FormGrid.MOST) {
        throw Trouble.of("form.tooMany", FormGrid.MOST);
      }
      columns = across ? value : columns;
      rows = across ? rows : value;
      field[0].show(String.valueOf(value));
    });
    return field[0];
  }
}
