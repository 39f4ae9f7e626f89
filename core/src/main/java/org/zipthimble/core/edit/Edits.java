package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Facts;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.job.SheetPlan;
import org.zipthimble.core.job.Ticket;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** The edits there are. Each is a value; an edit that finds nothing to change returns the job as it is. */
public final class Edits {
  /** How far a duplicate stands from its original, in inches. */
  public static final double DUPLICATE_STEP = 0.125;

  private Edits() {}

  /** Puts a new object on top of a face. */
  public static Edit add(String faceId, Item item) {
    return new Edit(
        Wording.text("edit.add", item.facts().name()),
        job -> job.changed(faceId, face -> face.holding(plus(face.items(), item))));
  }

  /** Puts a picture into the job and on top of a face. */
  public static Edit add(String faceId, Item item, Picture picture) {
    Edit add = add(faceId, item);
    return new Edit(add.label(), job -> add.change().apply(job.with(picture)));
  }

  /** Takes objects away. */
  public static Edit remove(String faceId, Set<String> ids) {
    return new Edit(
        Wording.counted("edit.remove", ids.size()),
        job -> job.changed(faceId, face -> {
          Face left = face;
          for (String id : ids) {
            left = left.without(id);
          }
          return left;
        }).withoutUnusedPictures());
  }

  /** Puts objects at new places, each by a function of its old one. */
  public static Edit place(String faceId, Set<String> ids, String key, UnaryOperator<Placement> change) {
    return each(faceId, ids, Wording.text(key), item -> item.with(change.apply(item.placement())));
  }

  /** Changes facts such as name, visibility, lock, role or opacity. */
  public static Edit facts(String faceId, Set<String> ids, String key, UnaryOperator<Facts> change) {
    return each(faceId, ids, Wording.text(key), item -> item.with(change.apply(item.facts())));
  }

  /** Changes the look of words; other objects stay. */
  public static Edit style(String faceId, Set<String> ids, String key, UnaryOperator<WordStyle> change) {
    return each(faceId, ids, Wording.text(key),
        item -> item instanceof Item.Words ? ((Item.Words) item).with(change.apply(((Item.Words) item).style())) : item);
  }

  /** Changes what a block of words says. */
  public static Edit say(String faceId, String id, String text) {
    return each(faceId, Set.of(id), Wording.text("edit.words"),
        item -> item instanceof Item.Words ? ((Item.Words) item).saying(text) : item);
  }

  /** Changes shapes; other objects stay. */
  public static Edit shape(String faceId, Set<String> ids, String key, UnaryOperator<Item.Shape> change) {
    return each(faceId, ids, Wording.text(key),
        item -> item instanceof Item.Shape ? change.apply((Item.Shape) item) : item);
  }

  /**
   * Moves an object in the order of its face.
   *
   * @param index the new place among the face's own objects, 0 the lowest; held within the list
   */
  public static Edit order(String faceId, String id, int index) {
    return new Edit(
        Wording.text("edit.order"),
        job -> job.changed(faceId, face -> {
          List<Item> items = new ArrayList<>(face.items());
          Optional<Item> item = items.stream().filter(i -> i.id().equals(id)).findFirst();
          if (item.isEmpty()) {
            return face;
          }
          items.remove(item.get());
          items.add(Math.max(0, Math.min(items.size(), index)), item.get());
          return face.holding(items);
        }));
  }

  /** Puts a copy of each object above it, a step to the right and down. */
  public static Edit duplicate(String faceId, Set<String> ids) {
    return new Edit(
        Wording.counted("edit.duplicate", ids.size()),
        job -> {
          Job out = job;
          for (Item item : job.face(faceId).map(Face::items).orElse(List.of())) {
            if (ids.contains(item.id())) {
              Item copy = fresh(out, item);
              Item moved = copy.with(copy.placement().moved(DUPLICATE_STEP, DUPLICATE_STEP));
              out = out.changed(faceId, face -> face.holding(plus(face.items(), moved)));
            }
          }
          return out;
        });
  }

  /** Holds objects together as a group that stands where the topmost of them stood. */
  public static Edit group(String faceId, Set<String> ids) {
    return new Edit(
        Wording.text("edit.group"),
        job -> job.changed(faceId, face -> {
          List<Item> members = face.items().stream().filter(i -> ids.contains(i.id())).toList();
          if (members.size() < 2) {
            return face;
          }
          Box box = members.stream().map(i -> i.placement().around()).reduce(Box::union).orElseThrow();
          Size inner = new Size(Math.max(box.width(), Reshape.LEAST), Math.max(box.height(), Reshape.LEAST));
          List<Item> inside =
              members.stream().map(i -> i.with(i.placement().moved(-box.x(), -box.y()))).toList();
          Item.Group group = new Item.Group(
              Facts.of(job.freshId(), Wording.text("item.group")),
              new Placement(box.x(), box.y(), inner.width(), inner.height(), 0), inner, inside);
          List<Item> items = new ArrayList<>(face.items());
          items.add(items.indexOf(members.get(members.size() - 1)) + 1, group);
          items.removeAll(members);
          return face.holding(items);
        }));
  }

  /** Lets the members of groups go again, each where it is seen. */
  public static Edit ungroup(String faceId, Set<String> ids) {
    return new Edit(
        Wording.text("edit.ungroup"),
        job -> job.changed(faceId, face -> {
          List<Item> items = new ArrayList<>();
          for (Item item : face.items()) {
            if (ids.contains(item.id()) && item instanceof Item.Group) {
              items.addAll(released((Item.Group) item));
            } else {
              items.add(item);
            }
          }
          return face.holding(items);
        }));
  }

  /** Changes the ticket. */
  public static Edit ticket(String key, UnaryOperator<Ticket> change) {
    return new Edit(Wording.text(key), job -> job.with(change.apply(job.ticket())));
  }

  /** Changes how the item lies on the sheet. */
  public static Edit sheet(UnaryOperator<SheetPlan> change) {
    return new Edit(Wording.text("edit.sheet"), job -> job.with(change.apply(job.sheet())));
  }

  /** Gives the job another name. */
  public static Edit rename(String name) {
    return new Edit(Wording.text("edit.rename"), job -> job.named(name));
  }

  /** Adds a blank face after the others. */
  public static Edit addFace(String name) {
    return new Edit(Wording.text("edit.addFace", name), job -> {
      int number = job.faces().size() + 1;
      while (job.face("f" + number).isPresent()) {
        number++;
      }
      List<Face> faces = new ArrayList<>(job.faces());
      faces.add(new Face("f" + number, name, List.of()));
      return job.with(faces);
    });
  }

  /** Takes a face away; the last one stays. */
  public static Edit removeFace(String faceId) {
    return new Edit(Wording.text("edit.removeFace"), job -> job.faces().size() == 1
        ? job
        : job.with(job.faces().stream().filter(f -> !f.id().equals(faceId)).toList()).withoutUnusedPictures());
  }

  /** The map from a group's inner field to the ground the group stands on. */
  public static Affine innerToGround(Item.Group group) {
    Placement p = group.placement();
    return Affine.scale(p.width() / group.inner().width(), p.height() / group.inner().height()).then(p.toGround());
  }

  private static Edit each(String faceId, Set<String> ids, String label, UnaryOperator<Item> change) {
    return new Edit(label, job -> job.changed(faceId, face -> {
      Face out = face;
      for (String id : ids) {
        out = out.changed(id, change);
      }
      return out;
    }));
  }

  private static List<Item> plus(List<Item> items, Item item) {
    List<Item> more = new ArrayList<>(items);
    more.add(item);
    return more;
  }

  private static Item fresh(Job job, Item item) {
    int[] next = {Integer.parseInt(job.freshId().substring(1))};
    return renumbered(item, next);
  }

  private static Item renumbered(Item item, int[] next) {
    Item out = item.with(item.facts().withId("i" + next[0]++));
    return out instanceof Item.Group
        ? ((Item.Group) out).holding(out.members().stream().map(m -> renumbered(m, next)).toList())
        : out;
  }

  private static List<Item> released(Item.Group group) {
    Affine map = innerToGround(group);
    return group.members().stream().map(m -> {
      Item out = m.with(Reshape.lifted(m.placement(), map));
      return out.with(out.facts().withOpacity(out.facts().opacity() * group.facts().opacity()));
    }).toList();
  }
}
