package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Groups that make something of their members: combinations, offsets and repeats that stay live until they are made permanent. */
public final class LiveGroups {
  private LiveGroups() {}

  /**
   * A live group of objects that stand on one ground; its box is that of what it makes.
   *
   * @param making places in patterns are given on that ground
   */
  public static HoldsObjects of(Job job, ItemProperties properties, List<Item> members, LiveEffect making) {
    HoldsObjects plain = Grouping.of(properties, members);
    Point corner = new Point(plain.placement().x(), plain.placement().y());
    HoldsObjects live = plain.withEffect(making.moved(-corner.x(), -corner.y()));
    return refitted(job, live);
  }

  /** The group with its box fitted to what it makes; nothing is seen to move. */
  static HoldsObjects refitted(Job job, HoldsObjects group) {
    Size inner = group.inner();
    HoldsObjects here = group.with(Placement.of(0, 0, inner.width(), inner.height(), 0));
    Box box = reach(job, here).orElse(new Box(0, 0, inner.width(), inner.height()));
    Placement p = group.placement();
    double sx = p.width() / inner.width();
    double sy = p.height() / inner.height();
    double wide = Math.max(Reshape.LEAST, box.width());
    double high = Math.max(Reshape.LEAST, box.height());
    Point middle = p.toGround().apply(new Point((box.x() + wide / 2) * sx, (box.y() + high / 2) * sy));
    List<Item> members = new ArrayList<>(group.members().size());
    group.members().forEach(m -> members.add(m.with(m.placement().moved(-box.x(), -box.y()))));
    Placement fitted = p.boxed(middle.x() - wide * sx / 2, middle.y() - high * sy / 2, wide * sx, high * sy);
    return new ItemGroup(group.properties(), fitted, new Size(wide, high), members, group.effect().moved(-box.x(), -box.y()));
  }

  private static Optional<Box> reach(Job job, HoldsObjects here) {
    Optional<Box> members = here.members().stream().map(m -> m.placement().around()).reduce(Box::union);
    if (here.effect().pattern().isPresent()) {
      return members.flatMap(box -> Repeats.copies(here).stream().map(m -> m.apply(box)).reduce(Box::union));
    }
    Optional<Box> made = Measure.bounds(new Forms(job).made(here));
    return made.isEmpty() ? members : here.effect().showsMembers() ? made.map(b -> b.union(members.orElse(b))) : made;
  }

  /** Makes one live group of objects that stand beside each other, where the topmost of them stood; one alone will do. */
  public static Edit make(String faceId, Set<String> ids, String labelKey, String nameKey, UnaryOperator<LiveEffect> making) {
    return new Edit(Wording.text(labelKey), job -> ids.isEmpty() ? job
        : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
      List<Item> members = items.stream().filter(i -> ids.contains(i.id())).toList();
      if (members.isEmpty()) {
        return items;
      }
      Item lowest = members.get(0);
      ItemProperties properties = new ItemProperties(
          job.freshId(), Wording.text(nameKey), true, false, lowest.properties().role(), 1, lowest.properties().cutting(),
          lowest.properties().clearGap(), lowest.properties().effects(), lowest.properties().aside(), lowest.properties().whole());
      HoldsObjects live = of(job, properties, members, making.apply(new LiveEffect.Combined(Way.JOIN, lowest.inheritedLook())));
      List<Item> out = new ArrayList<>(items);
      out.add(items.indexOf(members.get(members.size() - 1)) + 1, live);
      out.removeAll(members);
      return out;
    })));
  }

  /** Changes what a live group makes. */
  public static Edit change(String faceId, String id, String labelKey, UnaryOperator<LiveEffect> change) {
    return new Edit(Wording.text(labelKey), job -> job.changed(faceId, face -> face.changed(id, item ->
      item.holder().filter(Item::live).<Item>map(group -> refitted(job, group.withEffect(change.apply(group.effect())))).orElse(item))));
  }
}
