package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.form.Bowed;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.form.Strokes;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Edits of outlines: combining, offsetting, repeating, breaking apart, making permanent, drawing anew. */
public final class Shaping {
  private static final double NEAR = 0.0005;

  /** The smallest area that small shapes are told by, in square inches. */
  public static final double LEAST_AREA = 0.0001;

  /** The largest area that small shapes are told by, in square inches. */
  public static final double MOST_AREA = 1000;

  private Shaping() {}

  /** Combines objects that stand beside each other; the combination stays live. */
  public static Edit combine(String faceId, Set<String> ids, Way way) {
    String word = switch (way) {
      case JOIN -> "join";
      case TAKE_AWAY -> "takeAway";
      case KEEP_OVERLAP -> "keepOverlap";
      case COMPOUND -> "compound";
    };
    return LiveGroups.make(faceId, ids, "edit." + word, "item." + word, m -> new LiveEffect.Combined(way, m.look().orElseThrow()));
  }

  /** Rings about objects, live. */
  public static Edit offset(String faceId, Set<String> ids, LiveEffect.Rings rings) {
    return LiveGroups.make(faceId, ids, "edit.offset", "item.offset", m -> rings.with(m.look().orElseThrow()));
  }

  /** One outline behind objects at a distance in inches, its holes filled, in a colour; it follows them. */
  public static Edit backing(String faceId, Set<String> ids, double distance, Colour colour) {
    return LiveGroups.make(faceId, ids, "edit.backing", "item.backing", m ->
        new LiveEffect.Rings(List.of(distance), Corner.ROUND, true, true, LiveEffect.USUAL_THRESHOLD,
            new Look(Optional.of(colour), Optional.empty())));
  }

  /** Objects several times, live. */
  public static Edit repeat(String faceId, Set<String> ids, Pattern pattern) {
    return LiveGroups.make(faceId, ids, "edit.repeat", "item.repeat", m -> new LiveEffect.Repeated(pattern));
  }

  /** Bends objects together, live. */
  public static Edit bend(String faceId, Set<String> ids, Bend bend) {
    return LiveGroups.make(faceId, ids, "edit.bend", "item.bent", m -> new LiveEffect.Bent(bend));
  }

  /** Puts other objects in place of each of some, where it stood. */
  private static Edit replace(String faceId, Set<String> ids, String label, Function<Job, Function<Item, List<Item>>> change) {
    return new Edit(label, job -> ids.isEmpty() ? job : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
      Function<Item, List<Item>> each = change.apply(job);
      List<Item> out = new ArrayList<>();
      items.forEach(i -> out.addAll(ids.contains(i.id()) ? each.apply(i) : List.of(i)));
      return out;
    })));
  }

  /** Makes live groups permanent: one shape with the outline, or a plain group of the copies. Ready shapes become drawn ones. */
  public static Edit permanent(String faceId, Set<String> ids) {
    return replace(faceId, ids, Wording.text("edit.permanent"), job -> {
      Copies.Fresh fresh = new Copies.Fresh(job);
      return item -> permanent(job, item, fresh);
    });
  }

  private static List<Item> permanent(Job job, Item item, Copies.Fresh fresh) {
    Optional<Item> drawn = item.outlined().map(shape -> Drawings.redrawn(
        shape, shape.outline().within(shape.placement().width(), shape.placement().height(), shape.placement().toGround())));
    // A mount stays: made permanent it would lose its picture.
    return drawn.map(List::of).orElseGet(() -> item.holder().filter(Item::live).filter(g -> g.mount().isEmpty())
        .map(g -> permanent(job, g, fresh)).orElse(List.of(item)));
  }

  private static List<Item> permanent(Job job, HoldsObjects group, Copies.Fresh fresh) {
    if (group.effect().pattern().isPresent()) {
      return List.of(copies(group, fresh));
    }
    if (group.effect().bent().isPresent()) {
      return bent(job, group, fresh);
    }
    Path made = new Forms(job).made(group);
    if (made.segments().isEmpty()) {
      return List.of(group);
    }
    Look look = group.effect().look().orElseThrow();
    HasOutline shape = Drawings.shape(group.properties(), made, look.fill(), look.line());
    if (!group.effect().showsMembers()) {
      return List.of(shape);
    }
    List<Item> out = new ArrayList<>(List.of(shape));
    Affine map = group.innerToGround();
    group.members().forEach(m -> out.add(m.with(Reshape.lifted(m.placement(), map))));
    return out;
  }

  /** Every member becomes a shape that is bent for good; a picture has no outline that could be, so that a group with one stays live. */
  private static List<Item> bent(Job job, HoldsObjects group, Copies.Fresh fresh) {
    if (group.withMembers().stream().anyMatch(i -> !i.pictureIds().isEmpty())) {
      return List.of(group);
    }
    Forms forms = new Forms(job);
    Bowed bowed = Bowed.of(group);
    List<Item> shapes = new ArrayList<>();
    for (Item member : plain(group.members(), Affine.IDENTITY)) {
      Path path = bowed.path(forms.outline(member)).mapped(group.innerToGround());
      if (!path.segments().isEmpty()) {
        Look look = member.inheritedLook();
        HasOutline shape = Drawings.shape(member.properties(), path, look.fill(), look.line());
        shapes.add(member.outlined().<Item>map(s -> shape.withFillStyle(s.fillStyle())).orElse(shape));
      }
    }
    return shapes.isEmpty() ? List.of(group) : shapes.size() == 1 ? List.of(shapes.get(0).with(group.properties()))
        : List.of(Grouping.of(group.properties(), shapes));
  }

  /** What is held by groups that only hold, each where it stands. */
  private static List<Item> plain(List<Item> items, Affine map) {
    List<Item> out = new ArrayList<>();
    for (Item item : items) {
      if (item.holder().filter(g -> !g.live()).isPresent()) {
        out.addAll(plain(item.members(), item.holder().orElseThrow().innerToGround().then(map)));
      } else if (item.properties().visible()) {
        out.add(item.with(Reshape.lifted(item.placement(), map)));
      }
    }
    return out;
  }

  private static Item copies(HoldsObjects group, Copies.Fresh fresh) {
    List<Item> all = new ArrayList<>();
    for (Affine copy : Repeats.copies(group)) {
      boolean first = all.isEmpty();
      group.members().forEach(m -> {
        Item own = first ? m : fresh.of(m);
        all.add(own.with(Reshape.lifted(own.placement(), copy)));
      });
    }
    return ItemGroup.of(group.properties(), group.placement(), group.inner(), all);
  }

  /**
   * Breaks objects apart at all their edges; a line among them cuts what it crosses and stays. The pieces take the place of the lowest,
   * the largest first, each in the look of the topmost object that it came from.
   */
  public static Edit apart(String faceId, Set<String> ids) {
    return new Edit(Wording.text("edit.apart"), job -> ids.isEmpty() ? job
        : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
      Forms forms = new Forms(job);
      List<Item> chosen = items.stream().filter(i -> ids.contains(i.id())).toList();
      List<Item> some = chosen.stream().filter(i -> !knife(forms, i)).toList();
      List<Path> lines = chosen.stream().filter(i -> knife(forms, i)).map(forms::outline).toList();
      List<Path> pieces = some.isEmpty() ? List.of() : Combine.apart(some.stream().map(forms::outline).toList(), lines);
      if (pieces.isEmpty()) {
        return items;
      }
      return replaced(job, forms, items, some, pieces);
    })));
  }

  /** Whether an object is a line alone: nothing of it closes, and nothing fills it. */
  private static boolean knife(Forms forms, Item item) {
    List<Contour> contours = Contour.of(forms.outline(item));
    return !contours.isEmpty() && contours.stream().noneMatch(Contour::closed) && item.inheritedLook().fill().isEmpty();
  }

  /** The topmost of some objects that covers a piece. */
  private static Item origin(Forms forms, List<Item> some, Path piece) {
    Point inside = Combine.inside(piece);
    for (int i = some.size() - 1; i >= 0; i--) {
      if (Inside.contains(forms.outline(some.get(i)), inside, NEAR)) {
        return some.get(i);
      }
    }
    return some.get(0);
  }

  private static List<Item> replaced(Job job, Forms forms, List<Item> items, List<Item> some, List<Path> pieces) {
    Copies.Fresh fresh = new Copies.Fresh(job);
    List<Item> out = new ArrayList<>();
    for (Item item : items) {
      if (item.id().equals(some.get(0).id())) {
        for (int i = 0; i < pieces.size(); i++) {
          Box size = Measure.bounds(pieces.get(i)).orElseThrow();
          Item origin = origin(forms, some, pieces.get(i));
          Look look = origin.inheritedLook();
          ItemProperties properties = origin.properties().withName(Wording.text(
              "item.piece", i + 1, Lengths.show(new Size(size.width(), size.height()), job.ticket().unit())));
          out.add(fresh.of(Drawings.shape(properties, pieces.get(i), look.fill(), look.line()).finished(origin.finish())));
        }
      } else if (!some.contains(item)) {
        out.add(item);
      }
    }
    return out;
  }

  /** Shapes among some that are smaller than an area in square inches. */
  public static Set<String> smaller(Job job, List<Item> items, double area) {
    Forms forms = new Forms(job);
    Set<String> out = new java.util.LinkedHashSet<>();
    for (Item item : items) {
      if (item.outlined().isPresent() && Extent.area(Combine.clean(forms.outline(item), Rule.NON_ZERO)) < area) {
        out.add(item.id());
      }
    }
    return out;
  }

  /** Words, pictures and live groups become shapes with the same outline; what was words remembers them. */
  public static Edit outlined(String faceId, Set<String> ids) {
    return replace(faceId, ids, Wording.text("edit.outlined"), job -> item -> {
      Path path = new Forms(job).outline(item);
      Look look = item.inheritedLook();
      if (path.segments().isEmpty() || item.outlined().isPresent()) {
        return List.of(item);
      }
      HasOutline shape = Drawings.shape(item.properties(), path, look.fill(), look.line());
      return List.of(item.words().map(w -> lettered(shape, w)).orElse(shape.finished(item.finish())));
    });
  }

  private static Item lettered(HasOutline shape, HoldsWords words) {
    Placement box = shape.placement();
    // what flowed on from elsewhere stands alone as a shape, and so do the words that it remembers
    HoldsWords kept = words.withFollows(Optional.empty()).withSpared(Optional.empty()).with(words.placement().moved(-box.x(), -box.y()));
    return shape.withOutline(new Outline.Lettered(shape.outline().within(1, 1), kept,
        new Size(Math.max(Reshape.LEAST, box.width()), Math.max(Reshape.LEAST, box.height()))))
        .covered(words.fillStyle());
  }

  /** Shapes that were words are words again, where the shapes stand and as large as they are now; fields show what their facts say now. */
  public static Edit wordsAgain(String faceId, Set<String> ids) {
    Edit back = replace(faceId, ids, Wording.text("edit.wordsAgain"), job -> item -> List.of(
        item.outlined().flatMap(s -> s.outline().asLettered().map(l -> wordsAgain(s, l))).orElse(item)));
    return new Edit(back.label(), job -> Filling.filled(back.change().apply(job)));
  }

  private static Item wordsAgain(HasOutline shape, Outline.Lettered was) {
    Placement p = shape.placement();
    Affine map = Affine.scale(p.width() / was.size().width(), p.height() / was.size().height()).then(p.toGround());
    HoldsWords words = was.words();
    Item sized = Math.abs(map.meanScale() - 1) < 1e-9 ? words : words.scaled(map.meanScale());
    Item placed = sized.with(Reshape.lifted(words.placement(), map)).with(shape.properties());
    boolean recoloured = shape.fill().isPresent() && !shape.fill().equals(words.inheritedLook().fill());
    return recoloured ? placed.words().orElseThrow().styled(s -> s.withColour(shape.fill().get())) : placed;
  }

  /** Lines become shapes with the outline of their paint, filled in the line's colour. */
  public static Edit linesToShapes(String faceId, Set<String> ids) {
    return replace(faceId, ids, Wording.text("edit.lineToShape"), job -> item -> {
      Optional<HasOutline> lined = item.outlined().filter(s -> s.line().isPresent());
      if (lined.isEmpty()) {
        return List.of(item);
      }
      HasOutline shape = lined.get();
      Path band = Strokes.outline(shape, new Forms(job).outline(shape));
      HasOutline line = Drawings.shape(
          shape.painted() ? ItemProperties.of(job.freshId(), shape.properties().name()).withRole(shape.properties().role())
          .withCutting(shape.properties().cutting()) : shape.properties(),
          band, Optional.of(shape.line().get().colour()), Optional.empty());
      return shape.painted() ? List.of(shape.withLine(Optional.empty()), line) : List.of(line);
    });
  }

  /** Overlaps within a shape count as holes from now on, or as filled. */
  public static Edit ruled(String faceId, Set<String> ids, Rule rule) {
    return replace(faceId, ids, Wording.text("edit.rule"), job -> item -> {
      if (item.outlined().isEmpty()) {
        return List.of(item);
      }
      Path path = new Forms(job).outline(item);
      boolean closed = Contour.of(path).stream().allMatch(Contour::closed);
      Path clean = closed ? Combine.clean(path, rule) : path;
      return List.of(clean.segments().isEmpty() ? item : Drawings.redrawn(item.outlined().get(), clean));
    });
  }

  /** Gives a shape another path, on the ground it stands on; an empty one takes the shape away. */
  public static Edit redraw(String faceId, String id, Path path, String labelKey) {
    return new Edit(Wording.text(labelKey), job -> job.changed(faceId, face -> Measure.bounds(path).isEmpty()
        ? face.without(Set.of(id))
        : face.changed(id, item -> item.redrawn(s -> Drawings.redrawn(s, path)))));
  }

  /** Gives ready shapes another figure, told by its place from 0; its unit is that of the setting (inches, degrees or a number). */
  public static Edit figure(String faceId, Set<String> ids, int index, double value) {
    return Edits.shape(faceId, ids, "edit.figure", shape -> shape.outline().asReady()
        .filter(r -> index < r.values().size()).map(r -> shape.withOutline(r.with(index, value))).orElse(shape));
  }

  /** Covers the lowest of some objects with the others as a pattern, a gap in inches apart; the others are taken up into it. */
  public static Edit pattern(String faceId, Set<String> ids, FillStyle.Laying laying, double gap) {
    return new Edit(Wording.text("edit.pattern"), job -> ids.isEmpty() ? job
        : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
      List<Item> some = items.stream().filter(i -> ids.contains(i.id())).toList();
      Optional<Item> ground = some.stream().filter(i -> i.outlined().isPresent() || i.words().isPresent()).findFirst();
      List<Item> art = some.stream().filter(i -> ground.isPresent() && i != ground.get()).toList();
      if (ground.isEmpty() || art.isEmpty()) {
        return items;
      }
      Box box = art.stream().map(i -> i.placement().around()).reduce(Box::union).orElseThrow();
      List<Item> at = art.stream().map(i -> i.with(i.placement().moved(gap / 2 - box.x(), gap / 2 - box.y()))).toList();
      Size tile = new Size(Math.max(1.0 / 64, box.width() + gap), Math.max(1.0 / 64, box.height() + gap));
      Item covered = ground.get().covered(Optional.of(new FillStyle.Tiles(at, tile, laying)));
      List<Item> out = new ArrayList<>();
      items.forEach(i -> {
        if (i == ground.get()) {
          out.add(covered);
        } else if (!art.contains(i)) {
          out.add(i);
        }
      });
      return out;
    })));
  }

  /** Takes bridges away from what a stencil's object cuts out: a live combination, in which each bridge can be moved. */
  public static Edit bridged(String faceId, String id, List<Placement> bridges) {
    return new Edit(Wording.text("edit.bridges"), job -> bridges.isEmpty() ? job
        : job.changed(faceId, face -> face.changedBeside(id, items -> {
      List<Item> out = new ArrayList<>();
      Copies.Fresh fresh = new Copies.Fresh(job);
      for (Item item : items) {
        if (!item.id().equals(id)) {
          out.add(item);
          continue;
        }
        List<Item> members = new ArrayList<>(List.of(item));
        ItemProperties properties = item.properties();
        HasOutline plain = ItemShape.of(
            ItemProperties.of("x", Wording.text("item.bridge")), bridges.get(0), new Outline.Rectangle(0),
            Optional.of(Colour.WHITE), Optional.empty());
        bridges.forEach(b -> members.add(fresh.of(plain.with(b))));
        HoldsObjects group = LiveGroups.of(job, ItemProperties.of("x", properties.name()).withRole(properties.role())
            .withCutting(properties.cutting()), members,
            new LiveEffect.Combined(Way.TAKE_AWAY, item.inheritedLook()));
        out.add(group.with(group.properties().withId(fresh.of(plain).id())));
      }
      return out;
    })));
  }
}
