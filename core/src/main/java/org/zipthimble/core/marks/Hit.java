package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.form.Seen;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemVisitor;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
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
    Scene scene = Scene.of(face);
    Forms forms = new Forms(job);
    List<SceneNode> nodes = new ArrayList<>(open.map(scene::inside).orElseGet(scene::leaves));
    Collections.reverse(nodes);
    Point at = open.map(id -> Seen.flat(face, id, place)).orElse(place);
    nodes.removeIf(n -> !free(n) || !touches(forms, n, at, reach));
    List<String> found = new ArrayList<>();
    nodes.stream().filter(n -> !n.helps()).map(SceneNode::top).forEach(found::add);
    nodes.stream().filter(SceneNode::helps).map(SceneNode::top).forEach(found::add);
    return found.stream().distinct().toList();
  }

  private static boolean free(SceneNode node) {
    Item top = node.owners().isEmpty() ? node.item() : node.owners().get(0);
    return node.visible() && !top.properties().locked();
  }

  private static boolean touches(Forms forms, SceneNode node, Point place, double reach) {
    Path path = forms.silhouette(node);
    return node.item().accept(new ItemVisitor<>() {
      @Override
      public Boolean words(ItemWords words) {
        boolean curved = words.course().isPresent();
        return curved ? forms.inkBox(node, place) : Inside.contains(path, place, FINE);
      }

      @Override
      public Boolean shape(ItemShape shape) {
        double half = shape.line().map(l -> Unit.POINT.toInches(l.widthPt()) / 2).orElse(0.0);
        boolean inFill = (shape.painted() || shape.properties().role().cuts()) && Inside.contains(path, place, FINE);
        return inFill || Inside.distance(path, place, FINE) <= reach + half;
      }

      @Override
      public Boolean photo(ItemPhoto photo) {
        return Inside.contains(path, place, FINE);
      }

      @Override
      public Boolean group(ItemGroup group) {
        return Inside.contains(path, place, FINE) || Inside.distance(path, place, FINE) <= reach;
      }
    });
  }
}
