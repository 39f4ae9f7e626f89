package org.zipthimble.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** The reach of a file in plotter language, at 1016 units for each inch. */
final class PlotterMeasure {
  private static final double UNITS = 1016;

  private PlotterMeasure() {}

  /** The language carries no size of the sheet; the given one is taken for it. */
  static VectorBack.Found of(String name, String text, Size size) throws Trouble {
    List<Point> down = new ArrayList<>();
    int outlines = 0;
    Point at = new Point(0, 0);
    boolean drawing = false;
    try {
      for (String order : text.split(";")) {
        String plain = order.strip();
        boolean pd = plain.startsWith("PD");
        if (pd && !drawing) {
          outlines++;
          down.add(at);
        }
        if (pd || plain.startsWith("PU")) {
          drawing = pd;
          String[] figures = plain.substring(2).split(",");
          for (int i = 0; i + 1 < figures.length; i += 2) {
            at = new Point(Integer.parseInt(figures[i].strip()) / UNITS, size.height() - Integer.parseInt(figures[i + 1].strip()) / UNITS);
            if (pd) {
              down.add(at);
            }
          }
        }
      }
    } catch (NumberFormatException e) {
      throw Trouble.because(e, "proof.damaged", name);
    }
    return new VectorBack.Found(size, down.isEmpty() ? Optional.empty() : Optional.of(Box.around(down)), outlines);
  }
}
