package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.text.Text;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.units.RulerMarks;
import org.zipthimble.core.units.Unit;
import org.zipthimble.desktop.control.Controls;

/** A ruler like a piece of tape along the bench's edge. */
final class TapeRuler extends Pane {
  /** How wide the tape is, in pixels. */
  static final double THICK = 22;

  private static final double[] LENGTHS = {11, 8, 6, 4, 3};

  private final boolean across;

  TapeRuler(boolean across) {
    this.across = across;
    getStyleClass().add("tape-ruler");
    Controls.clip(this);
    setCursor(across ? Cursor.V_RESIZE : Cursor.H_RESIZE);
  }

  void show(Viewport view, Unit unit, double length) {
    double start = across ? view.left() : view.top();
    Path ticks = new Path();
    ticks.getStyleClass().add("ruler-ticks");
    List<Node> nodes = new ArrayList<>();
    nodes.add(ticks);
    for (RulerMarks.Mark mark : RulerMarks.between(view.scale(), -start / view.scale(), (length - start) / view.scale(), unit)) {
      double at = Math.round(start + mark.inches() * view.scale()) + 0.5;
      double end = THICK - LENGTHS[Math.min(mark.level(), LENGTHS.length - 1)];
      ticks.getElements().add(across ? new MoveTo(at, THICK) : new MoveTo(THICK, at));
      ticks.getElements().add(across ? new LineTo(at, end) : new LineTo(end, at));
      if (!mark.label().isEmpty()) {
        nodes.add(number(mark.label(), at));
      }
    }
    getChildren().setAll(nodes);
  }

  private Text number(String label, double at) {
    Text text = new Text(label);
    text.getStyleClass().add("ruler-number");
    text.setTextOrigin(VPos.TOP);
    text.setX(across ? at + 3 : 2);
    text.setY(across ? 1 : at + 1);
    return text;
  }
}
