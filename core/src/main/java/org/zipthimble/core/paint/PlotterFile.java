package org.zipthimble.core.paint;

import java.util.List;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.units.Size;

/**
 * Strokes as plotter language (the common subset of HP-GL: IN, SP, VS, FS, PU, PD): 1016 units for each inch, y
 * upwards from the lower edge. Each pen is a kind of cut or a lane.
 */
public final class PlotterFile {
  /** Units for each inch: 0.025 mm a unit. */
  public static final int UNITS = 1016;

  private PlotterFile() {}

  /**
   * Strokes of one pen.
   *
   * @param pen 1 to 8
   * @param speed in inches per second; the language knows whole centimetres per second, 1 to 127
   * @param force in grams; written as it is
   * @param passes how often each stroke is gone over
   * @param strokes chains of places in inches, y downwards
   */
  public record Run(int pen, double speed, double force, int passes, List<List<Point>> strokes) {
    /** Keeps a copy and checks the pen. */
    public Run {
      strokes = List.copyOf(strokes);
      if (pen < 1 || pen > 8) {
        throw new IllegalArgumentException("pens are 1 to 8: " + pen);
      }
    }
  }

  /** The file as text in ASCII; the blade goes home at the end. */
  public static String text(Size size, List<Run> runs) {
    return text(size, runs, true);
  }

  /**
   * The same.
   *
   * @param home whether the lifted blade goes to the sheet's corner at the end; a sheet that lies askew may have it out of reach
   */
  public static String text(Size size, List<Run> runs, boolean home) {
    StringBuilder out = new StringBuilder("IN;\n");
    for (Run run : runs) {
      out.append("SP").append(run.pen()).append(";VS").append(Math.max(1, Math.min(127, Math.round(run.speed() * 2.54))))
          .append(";FS").append(Math.round(run.force())).append(";\n");
      for (List<Point> stroke : run.strokes()) {
        for (int pass = 0; pass < run.passes(); pass++) {
          stroke(out, stroke, size.height());
        }
      }
    }
    return out.append(home ? "PU0,0;SP0;\n" : "PU;SP0;\n").toString();
  }

  private static void stroke(StringBuilder out, List<Point> places, double height) {
    long lastX = Long.MIN_VALUE;
    long lastY = Long.MIN_VALUE;
    boolean down = false;
    for (Point p : places) {
      long x = Math.round(p.x() * UNITS);
      long y = Math.round((height - p.y()) * UNITS);
      if (x == lastX && y == lastY) {
        continue;
      }
      boolean first = lastX == Long.MIN_VALUE;
      out.append(first ? "PU" : down ? "," : ";PD").append(x).append(',').append(y);
      down = !first;
      lastX = x;
      lastY = y;
    }
    out.append(";\n");
  }
}
