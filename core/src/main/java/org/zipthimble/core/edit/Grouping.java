package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Holding objects together, letting them go, and editing inside a group without breaking it. */
public final class Grouping {
  private static final double SAME = 1e-9;

  private Grouping() {}

  /** A group of objects that stand on one ground; it stands there too, and they stay where they are seen. */
  public static HoldsObjects of(ItemProperties properties, List<Item> members) {
    Box box = members.stream().map(i -> i.placement().around()).reduce(Box::union)
        .orElseThrow(() -> new IllegalArgumentException("a group needs members"));
    Size inner = new Size(Math.max(box.width(), Reshape.LEAST), Math.max(box.height(), Reshape.LEAST));
    List<Item> inside = new ArrayList<>(members.size());
    members.forEach(i -> inside.add(i.with(i.placement().moved(-box.x(), -box.y()))));
    return ItemGroup.of(properties, Placement.of(box.x(), box.y(), inner.width(), inner.height(), 0), inner, inside);
  }

  /** Holds objects together as a group that stands where the topmost of them stood. */
  public static Edit group(String faceId, Set<String> ids) {
    return new Edit(
        Wording.text("edit.group"),
        job -> ids.isEmpty() ? job : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
          List<Item> members = items.stream().filter(i -> ids.contains(i.id())).toList();
          if (members.size() < 2) {
            return items;
          }
          List<Item> out = new ArrayList<>(items);
          out.add(items.indexOf(members.get(members.size() - 1)) + 1,
              of(ItemProperties.of(job.freshId(), Wording.text("item.group")), members));
          out.removeAll(members);
          return out;
        })));
  }

  /** Lets the members of groups go again, each where it is seen. */
  public static Edit ungroup(String faceId, Set<String> ids) {
    return new Edit(
        Wording.text("edit.ungroup"),
        job -> {
          Set<String> groups = new java.util.HashSet<>(ids);
          Copies.Fresh fresh = new Copies.Fresh(job);
          return ids.isEmpty() ? job : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
            List<Item> out = new ArrayList<>();
            for (Item item : items) {
              if (groups.contains(item.id()) && item.holder().isPresent()) {
                out.addAll(released(item.holder().get()));
                // A mount's picture is let go too; nothing is lost with its frame.
                Mounts.loose(job, item).map(fresh::of).ifPresent(out::add);
              } else {
                out.add(item);
              }
            }
            return out;
          }));
        });
  }

  /** An edit inside a group: afterwards the group's box, and that of every group that holds it, fits again. */
  public static Edit inside(String faceId, String groupId, Edit edit) {
    return new Edit(edit.label(), before -> {
      Job job = edit.change().apply(before);
      return job.changed(faceId, face -> refitted(job, face, groupId));
    });
  }

  /** The face with a group's box fitted to its members, and its holders' boxes after it; nothing is seen to move. */
  public static Face refitted(Job job, Face face, String groupId) {
    Face out = face;
    Optional<Item> next = face.find(groupId);
    while (next.isPresent()) {
      out = out.changed(next.get().id(), g -> g.regrouped(is -> refitted(job, is)));
      next = out.holder(next.get().id());
    }
    return out;
  }

  private static HoldsObjects refitted(Job job, HoldsObjects group) {
    if (group.live()) {
      return LiveGroups.refitted(job, group);
    }
    Box box = group.members().stream().map(m -> m.placement().around()).reduce(Box::union)
        .orElse(new Box(0, 0, group.inner().width(), group.inner().height()));
    Size inner = new Size(Math.max(box.width(), Reshape.LEAST), Math.max(box.height(), Reshape.LEAST));
    if (Math.abs(box.x()) < SAME && Math.abs(box.y()) < SAME && Math.abs(inner.width() - group.inner().width()) < SAME
        && Math.abs(inner.height() - group.inner().height()) < SAME) {
      return group;
    }
    Placement p = group.placement();
    double sx = p.width() / group.inner().width();
    double sy = p.height() / group.inner().height();
    Point middle = p.toGround().apply(new Point((box.x() + inner.width() / 2) * sx, (box.y() + inner.height() / 2) * sy));
    double width = inner.width() * sx;
    double height = inner.height() * sy;
    Placement fitted = p.boxed(middle.x() - width / 2, middle.y() - height / 2, width, height);
    List<Item> members = new ArrayList<>(group.members().size());
    group.members().forEach(m -> members.add(m.with(m.placement().moved(-box.x(), -box.y()))));
    return new ItemGroup(group.properties(), fitted, inner, members, group.effect());
  }

  private static List<Item> released(HoldsObjects group) {
    Affine map = group.innerToGround();
    return group.members().stream().map(m -> {
      Item out = m.with(Reshape.lifted(m.placement(), map));
      return out.with(out.properties().withOpacity(out.properties().opacity() * group.properties().opacity()));
    }).toList();
  }
}
