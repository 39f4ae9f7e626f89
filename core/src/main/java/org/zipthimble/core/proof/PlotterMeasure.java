package org.zipthimble.core.proof;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** The reach of a file in plotter language, at 1016 units for each inch. */
final class PlotterMeasure {
  private static final double UNITS = 1016;

  private PlotterMeasure() {}

  /** The language carries no size of the sheet; the given one is taken for it. */
  static VectorBack.Outlines of(String name, String text, Size size) throws Trouble {
    List<List<Point>> down = new ArrayList<>();
    Point at = new Point(0, 0);
    boolean drawing = false;
    try {
      for (String order : text.split(";")) {
        String plain = order.strip();
        boolean pd = plain.startsWith("PD");
        if (pd && !drawing) {
          down.add(new ArrayList<>(List.of(at)));
        }
        if (pd || plain.startsWith("PU")) {
          drawing = pd;
          String[] figures = plain.substring(2).split(",");
          for (int i = 0; i + 1 < figures.length; i += 2) {
            at = new Point(Integer.parseInt(figures[i].strip()) / UNITS, size.height() - Integer.parseInt(figures[i + 1].strip()) / UNITS);
            if (pd) {
              down.get(down.size() - 1).add(at);
            }
          }
        }
      }
    } catch (NumberFormatException e) {
      throw Trouble.because(e, "proof.damaged", name);
    }
    return new VectorBack.Outlines(size, down.stream().map(Box::around).toList());
  }
}
