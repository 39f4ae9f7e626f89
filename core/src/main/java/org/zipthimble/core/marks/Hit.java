package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Role;
import org.zipthimble.core.units.Unit;

/** What stands under the pointer. */
public final class Hit {
  private static final double FINE = 0.002;

  private Hit() {}

  /**
   * The objects under a place, topmost first, guide-only ones after all others; what is hidden or locked
   * never is. A member counts as the outermost group that holds it, or, inside an open group, as that
   * group's member.
   *
   * @param open the group that is being edited, if one is; only what it holds is found
   * @param reach how near in inches a line or an edge must be
   */
  public static List<String> at(Job job, Face face, Optional<String> open, Point place, double reach) {
    List<Placed> placed = new ArrayList<>(open.map(id -> Placed.inside(job, face, id)).orElseGet(() -> Placed.on(job, face)));
    Collections.reverse(placed);
    placed.removeIf(p -> !free(face, p) || !touches(p, place, reach));
    List<String> found = new ArrayList<>();
    placed.stream().filter(p -> !helps(face, p)).map(Placed::top).forEach(found::add);
    placed.stream().filter(p -> helps(face, p)).map(Placed::top).forEach(found::add);
    return found.stream().distinct().toList();
  }

  private static boolean helps(Face face, Placed placed) {
    return placed.item().properties().role() == Role.GUIDE
        || face.find(placed.top()).filter(t -> t.properties().role() == Role.GUIDE).isPresent();
  }

  private static boolean free(Face face, Placed placed) {
    Optional<Item> top = face.find(placed.top());
    return placed.item().properties().visible() && top.isPresent()
        && top.get().properties().visible() && !top.get().properties().locked();
  }

  private static boolean touches(Placed placed, Point place, double reach) {
    Path path = placed.silhouette();
    if (placed.item() instanceof Item.Group) {
      return Inside.contains(path, place, FINE) || Inside.distance(path, place, FINE) <= reach;
    }
    if (placed.item() instanceof Item.Shape) {
      Item.Shape shape = (Item.Shape) placed.item();
      double half = shape.line().map(l -> Unit.POINT.toInches(l.widthPt()) / 2).orElse(0.0);
      boolean inFill = (shape.painted() || shape.properties().role().cuts()) && Inside.contains(path, place, FINE);
      return inFill || Inside.distance(path, place, FINE) <= reach + half;
    }
    Box own = new Box(0, 0, placed.item().placement().width(), placed.item().placement().height());
    return Inside.contains(Shapes.rectangle(own).mapped(placed.toFace()), place, FINE);
  }
}
