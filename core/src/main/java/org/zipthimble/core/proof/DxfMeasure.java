package org.zipthimble.core.proof;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** The unit, size and reach of a drawing exchange file of polylines and splines. */
final class DxfMeasure {
  private DxfMeasure() {}

  static VectorBack.Outlines of(String name, String text) throws Trouble {
    try {
      String[] lines = text.split("\n");
      double per = 0;
      double width = 0;
      double height = 0;
      List<Box> boxes = new ArrayList<>();
      String entity = "";
      List<Point> places = new ArrayList<>();
      double x = 0;
      for (int i = 0; i + 1 < lines.length; i += 2) {
        int code = Integer.parseInt(lines[i].strip());
        String value = lines[i + 1].strip();
        if (code == 0) {
          finish(entity, places, boxes);
          places = new ArrayList<>();
          entity = value;
        } else if (code == 9 && value.equals("$INSUNITS")) {
          per = lines[i + 3].strip().equals("1") ? 1 : 0;
        } else if (code == 9 && value.equals("$EXTMAX")) {
          width = Double.parseDouble(lines[i + 3].strip());
          height = Double.parseDouble(lines[i + 5].strip());
        } else if (code == 10) {
          x = Double.parseDouble(value);
        } else if (code == 20 && drawn(entity)) {
          places.add(new Point(x, Double.parseDouble(value)));
        }
      }
      double top = height;
      return new VectorBack.Outlines(
          new Size(width * per, height * per), boxes.stream().map(b -> new Box(b.x(), top - b.bottom(), b.width(), b.height())).toList());
    } catch (RuntimeException e) {
      throw Trouble.because(e, "proof.damaged", name);
    }
  }

  private static boolean drawn(String entity) {
    return entity.equals("LWPOLYLINE") || entity.equals("SPLINE");
  }

  private static void finish(String entity, List<Point> places, List<Box> boxes) {
    if (!drawn(entity) || places.isEmpty()) {
      return;
    }
    if (entity.equals("LWPOLYLINE")) {
      boxes.add(Box.around(places));
      return;
    }
    Path.Builder path = Path.build().start(places.get(0));
    for (int i = 1; i + 2 < places.size(); i += 3) {
      path.curve(places.get(i), places.get(i + 1), places.get(i + 2));
    }
    Measure.bounds(path.path()).ifPresent(boxes::add);
  }
}
