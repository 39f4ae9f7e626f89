package org.zipthimble.desktop.slip;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.tray.PictureAdder;

/** Several pictures that wait: each click on the bench places the next, or all go into a grid at once. */
public final class PlacingSlip extends HBox {
  private final Session session;
  private final PictureAdder adding;
  private final Label next = Controls.label("", "placing-next");
  private final TypedField columnsField;
  private final TypedField gapField;
  private List<Picture> waiting = List.of();
  private int columns = 3;
  private double gap = 0.125;

  /** The slip of a session; it is hidden while nothing waits. */
  public PlacingSlip(Session session, PictureAdder adding) {
    super(8);
    this.session = session;
    this.adding = adding;
    getStyleClass().add("placing-slip");
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    columnsField = new TypedField("placing-columns", Wording.text("repeat.columns"), text -> {
      columns = (int) Lengths.parseNumber(text, 1, Copies.MOST);
      show();
    });
    gapField = new TypedField("placing-gap", Wording.text("placing.gap"), text -> {
      double inches = Lengths.parse(text, session.unit());
      if (!(inches >= 0 && inches <= Pattern.MOST_GAP)) {
        throw Trouble.of("field.range", text, "0", Lengths.showWithSign(Pattern.MOST_GAP, session.unit()));
      }
      gap = inches;
      show();
    });
    columnsField.setPrefWidth(44);
    gapField.setPrefWidth(60);
    setAlignment(javafx.geometry.Pos.CENTER_LEFT);
    getChildren().addAll(next, Controls.button("placing-grid", "placing.grid", this::grid, "plain"), columnsField,
        Controls.label(Wording.text("placing.columns"), "field-label"), gapField,
        Controls.label(Wording.text("placing.gap"), "field-label"),
        Controls.button("placing-stop", "placing.stop", () -> wait(List.of()), "quiet"));
    managedProperty().bind(visibleProperty());
    wait(List.of());
  }

  /** Lets pictures wait to be placed. */
  public void wait(List<Picture> pictures) {
    waiting = pictures;
    show();
  }

  /** Places the next picture at a place of the face; whether one waited. */
  public boolean place(Point at) {
    if (waiting.isEmpty()) {
      return false;
    }
    adding.place(waiting.get(0), at);
    wait(waiting.subList(1, waiting.size()));
    return true;
  }

  private void grid() {
    adding.grid(waiting, columns, gap);
    wait(List.of());
  }

  private void show() {
    setVisible(!waiting.isEmpty());
    if (!waiting.isEmpty()) {
      next.setText(Wording.text("placing.next", waiting.get(0).name(), waiting.size()));
    }
    columnsField.show(String.valueOf(columns));
    gapField.show(Lengths.show(gap, session.unit()));
  }
}
