package org.zipthimble.desktop.sheets;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.Guillotine;
import org.zipthimble.core.sheet.Spots;
import org.zipthimble.desktop.control.Controls;

/**
 * What lies over a sheet that is looked at: the numbers of rows, places that are left free, the cuts in their order, the piece under the
 * hand.
 */
final class SheetOver extends Pane {
  private static final int MOST_NUMBERED = 120;
  private static final double LEAST_PIXELS = 26;

  SheetOver() {
    setMouseTransparent(true);
    setId("sheet-over");
  }

  void show(GangPages pages, int sheet, double scale, Optional<Integer> held, boolean cuts) {
    getChildren().clear();
    List<Spots.Spot> spots = pages.spots(sheet);
    for (int i = 0; i < spots.size(); i++) {
      Box t = spots.get(i).trim();
      if (pages.leftFree(sheet, i)) {
        getChildren().add(box(t, scale, "sheet-free"));
      }
      int place = i;
      if (held.filter(h -> h == place).isPresent()) {
        getChildren().add(box(t, scale, "sheet-held"));
      }
      if (spots.size() <= MOST_NUMBERED && Math.min(t.width(), t.height()) * scale > LEAST_PIXELS) {
        pages.row(sheet, i).ifPresent(row -> getChildren().add(number(String.valueOf(row + 1), t.x() * scale + 2, t.y() * scale + 2)));
      }
    }
    if (cuts) {
      List<Guillotine.Cut> all = pages.straightCuts(sheet);
      for (int i = 0; i < all.size(); i++) {
        cut(all.get(i), i + 1, scale);
      }
    }
  }

  private static Rectangle box(Box box, double scale, String style) {
    Rectangle shape = new Rectangle(box.x() * scale, box.y() * scale, box.width() * scale, box.height() * scale);
    shape.getStyleClass().add(style);
    return shape;
  }

  private static Label number(String text, double x, double y) {
    Label label = Controls.label(text, "sheet-number");
    label.relocate(x, y);
    return label;
  }

  private void cut(Guillotine.Cut cut, int number, double scale) {
    Box w = cut.within();
    Line line = cut.upright() ? new Line(cut.at() * scale, w.y() * scale, cut.at() * scale, w.bottom() * scale)
        : new Line(w.x() * scale, cut.at() * scale, w.right() * scale, cut.at() * scale);
    line.getStyleClass().add("sheet-cut");
    getChildren().addAll(line, number(String.valueOf(number), cut.upright() ? cut.at() * scale - 8 : w.x() * scale + (number % 2) * 20,
        cut.upright() ? w.y() * scale + (number % 2) * 14 : cut.at() * scale - 8));
  }
}
