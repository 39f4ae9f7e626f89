package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.thing.Body;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.thing.Laid;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Edits of what a job is put onto, and of art that goes round it. */
public final class ThingEdits {
  /** Two places round a thing this near each other are one, in inches. */
  private static final double SAME = 1e-6;

  private ThingEdits() {}

  /** Makes a job for a thing: its size, its overhang, how it comes onto it. Objects stay where they are. */
  public static Edit put(Thing thing) {
    return new Edit(Wording.text("edit.thing", thing.title()), job -> {
      Ticket ticket = job.ticket().sized(Laid.of(thing.body()).size()).withItem(thing.title()).withBleed(Insets.all(thing.overhang()));
      Job out = job.withTicket(ticket).withMaking(job.making().withThing(Optional.of(thing)));
      return through(out, thing.process());
    });
  }

  /** Takes a job from its thing: it is flat again, at the size it has. */
  public static Edit flat() {
    return new Edit(Wording.text("edit.thing.flat"), job -> job.withMaking(job.making().withThing(Optional.empty())));
  }

  /** Changes the form of a job's thing; the finished size follows. */
  public static Edit body(String key, Body body) {
    return new Edit(Wording.text(key), job -> job.making().thing().isEmpty() ? job
        : job.withTicket(job.ticket().sized(Laid.of(body).size()))
        .withMaking(job.making().withThing(job.making().thing().map(t -> t.withBody(body)))));
  }

  /** Chooses whether art for something tapered is composed straight and bent, or on the flat band itself. */
  public static Edit bent(boolean bent) {
    return new Edit(Wording.text(bent ? "edit.thing.bent" : "edit.thing.unbent"), job -> cup(job)
        .map(c -> body("edit.thing.bent", c.withBent(bent)).change().apply(job)).orElse(job));
  }

  /** Chooses how a job comes onto its thing; what must be turned left for right is turned from then on. */
  public static Edit process(Process process) {
    return new Edit(Wording.text("edit.process"), job -> through(job, process));
  }

  private static Job through(Job job, Process process) {
    boolean transfer = process == Process.TRANSFER;
    boolean was = job.colour().to() == Destination.SUBLIMATION;
    Destination to = transfer ? Destination.SUBLIMATION : was ? Destination.HOME_PRINTER : job.colour().to();
    boolean lanes = process == Process.IRON_ON || process == Process.PANE_INSIDE;
    Job out = job.withColour(job.colour().withTo(to)).withMaking(job.making().withProcess(process))
        .withTicket(job.ticket().withMirror(process.mirrored()));
    return out.withCutting(
        job.cutting().withLanes(job.cutting().lanes().stream().map(l -> l.withMirrored(lanes || l.material().mirrored())).toList()));
  }

  /** Chooses who turns what leaves. */
  public static Edit mirrorBy(Making.MirrorBy by) {
    return new Edit(Wording.text("edit.mirrorBy"), job -> job.withMaking(job.making().withBy(by)));
  }

  /** Chooses how the job is pressed. */
  public static Edit card(Optional<PressCard> card) {
    return new Edit(Wording.text("edit.card"), job -> job.withMaking(job.making().withCard(card)));
  }

  /** The cup that a job's art goes round; empty where it goes round none. */
  public static Optional<Cup> cup(Job job) {
    return job.making().thing().flatMap(t -> t.body().asCup());
  }

  /** The cup whose ends meet that a face goes round as it is composed, straight; empty for all else. */
  public static Optional<Cup> closing(Job job, Face face) {
    return job.onThing(face).isEmpty() ? Optional.empty() : cup(job).filter(c -> c.closes() && (c.bent() || c.untapered()));
  }

  /**
   * Turns what is composed round the thing by a distance, in inches to the right. What goes over an end comes in at the other; what lies
   * over the seam stands at both. What is as long as the whole round stays.
   */
  public static Edit turned(String faceId, double by) {
    return new Edit(Wording.text("edit.turned"), job -> {
      Face face = job.face(faceId).orElseThrow();
      Optional<Cup> cup = closing(job, face);
      return cup.isEmpty() ? job : job.changed(faceId, f -> f.withItems(round(job, f.items(), cup.get(), job.frame(f), by)));
    });
  }

  private static List<Item> round(Job job, List<Item> items, Cup cup, Frame frame, double by) {
    double once = cup.round();
    Copies.Fresh fresh = new Copies.Fresh(job);
    List<Item> out = new ArrayList<>();
    List<Item> met = new ArrayList<>();
    double left = -frame.bleed().left();
    double right = frame.size().width() + frame.bleed().right();
    for (Item item : items) {
      Box box = item.placement().around();
      if (box.width() >= once - SAME) {
        out.add(item);
        continue;
      }
      // what stands at both ends is one object: only the first of the two is turned
      if (met.stream().anyMatch(m -> twin(m, item, once))) {
        continue;
      }
      met.add(item);
      double at = box.x() + by;
      // brought to where its left edge lies within the first round
      double shift = by - once * Math.floor((at - left) / once);
      Item first = item.with(item.placement().moved(shift, 0));
      out.add(first);
      for (double more : new double[] {-once, once}) {
        Box seen = first.placement().around();
        if (seen.right() + more > left + SAME && seen.x() + more < right - SAME) {
          Item twin = fresh.of(first);
          out.add(twin.with(twin.placement().moved(more, 0)));
        }
      }
    }
    return out;
  }

  /** Whether two objects are the same, once round apart. */
  private static boolean twin(Item a, Item b, double once) {
    double times = (b.placement().x() - a.placement().x()) / once;
    if (Math.abs(times - Math.rint(times)) * once > SAME || Math.abs(a.placement().y() - b.placement().y()) > SAME
        || Math.rint(times) == 0) {
      return false;
    }
    Item there = b.with(a.placement()).with(b.properties().withId(a.id()));
    return near(a.placement(), b.placement()) && (there.equals(a) || members(there).equals(members(a)) && !members(a).isEmpty());
  }

  /** What a group holds, without the ids, by which twins differ. */
  private static List<Item> members(Item item) {
    return item.members().stream().map(m -> m.with(m.properties().withId("m"))).toList();
  }

  private static boolean near(Placement a, Placement b) {
    return Math.abs(a.width() - b.width()) < SAME && Math.abs(a.height() - b.height()) < SAME && Math.abs(a.turn() - b.turn()) < SAME
        && Math.abs(a.slant() - b.slant()) < SAME && a.flipped() == b.flipped();
  }

  /**
   * Makes patterns meet at the seam: rows of repeats get a step that goes into the round a whole number of times and reach past both ends;
   * tiles are made larger or smaller until a whole number goes round. Nothing changes where there are none.
   */
  public static Edit meet(String faceId) {
    return new Edit(Wording.text("edit.meet"), job -> {
      Optional<Cup> cup = closing(job, job.face(faceId).orElseThrow());
      if (cup.isEmpty()) {
        return job;
      }
      Job out = job;
      for (Item item : job.face(faceId).orElseThrow().items()) {
        Frame frame = job.frame(job.face(faceId).orElseThrow());
        Optional<HoldsObjects> live = item.holder().filter(Item::live);
        boolean row = live.flatMap(g -> g.effect().pattern()).flatMap(p -> step(p, live.get())).isPresent();
        if (row) {
          out = row(out, faceId, live.get(), cup.get().round(), frame);
        } else if (item.outlined().flatMap(HasOutline::fillStyle).isPresent()) {
          out = out.changed(faceId, f -> f.changed(item.id(), i -> tiled(i, cup.get().round())));
        }
      }
      return out;
    });
  }

  /** Whether a face has something that {@link #meet} would change. */
  public static boolean meets(Job job, String faceId) {
    return meet(faceId).change().apply(job).equals(job);
  }

  /** The step of a row to the right, in the inches of its members; empty for other patterns. */
  private static Optional<Double> step(Pattern pattern, HoldsObjects group) {
    Box box = group.members().stream().map(m -> m.placement().around()).reduce(Box::union).orElse(new Box(0, 0, 1, 1));
    if (pattern.asGrid().isPresent()) {
      double step = box.width() + pattern.asGrid().get().gapX();
      return pattern.asGrid().get().across() > 1 && step > SAME ? Optional.of(step) : Optional.empty();
    }
    return pattern.asFill().filter(f -> Repeats.filling(box.width(), f) > 1)
        .map(f -> (f.width() - box.width()) / (Repeats.filling(box.width(), f) - 1));
  }

  private static Job row(Job job, String faceId, HoldsObjects group, double once, Frame frame) {
    Affine map = group.innerToGround();
    if (Math.abs(map.b()) > SAME || Math.abs(map.c()) > SAME || map.a() <= 0) {
      return job;
    }
    Pattern pattern = group.effect().pattern().orElseThrow();
    double step = step(pattern, group).orElseThrow() * map.a();
    double met = once / Math.max(1, Math.rint(once / step));
    Box box = group.members().stream().map(m -> m.placement().around()).reduce(Box::union).orElseThrow();
    double wide = box.width() * map.a();
    double left = -frame.bleed().left();
    double first = map.apply(new Point(box.x(), box.y())).x();
    // as many steps to the left as it takes to pass the end, and as many to the right
    double back = Math.ceil((first - left) / met);
    double from = first - Math.max(0, back) * met;
    int across = (int) Math.ceil((frame.size().width() + frame.bleed().right() - from) / met);
    int down = pattern.asGrid().map(Pattern.Grid::down).orElse(1);
    double gapY = pattern.asGrid().map(Pattern.Grid::gapY).orElse(0.0);
    boolean brick = pattern.asGrid().filter(Pattern.Grid::brick).isPresent();
    if (across < 1 || (long) across * down > Pattern.MOST) {
      return job;
    }
    Pattern whole = new Pattern.Grid(Math.max(2, across), down, (met - wide) / map.a(), gapY, brick);
    Job changed = LiveGroups.change(faceId, group.id(), "edit.meet", e -> new LiveEffect.Repeated(whole)).change().apply(job);
    return changed.changed(faceId, f -> f.changed(group.id(), i -> {
      HoldsObjects now = i.holder().orElseThrow();
      Box members = now.members().stream().map(m -> m.placement().around()).reduce(Box::union).orElseThrow();
      double at = now.innerToGround().apply(new Point(members.x(), members.y())).x();
      return i.with(i.placement().moved(from - at, 0));
    }));
  }

  private static Item tiled(Item item, double once) {
    HasOutline shape = item.outlined().orElseThrow();
    return shape.fillStyle().map(style -> style.accept(new FillStyle.Visitor<Item>() {
      @Override
      public Item gradient(FillStyle.Gradient gradient) {
        return item;
      }

      @Override
      public Item tiles(FillStyle.Tiles tiles) {
        // laid as bricks or mirrored, two tiles make one repeat
        double repeat = tiles.tile().width() * (tiles.laying() == FillStyle.Laying.HALF_DROP || tiles.laying() == FillStyle.Laying.MIRRORED
            ? 2 : 1);
        double factor = once / Math.max(1, Math.rint(once / repeat)) / repeat;
        if (Math.abs(factor - 1) < 1e-12) {
          return item;
        }
        Size size = new Size(tiles.tile().width() * factor, tiles.tile().height() * factor);
        List<Item> art = tiles.art().stream().map(i -> larger(i, factor)).toList();
        return item.covered(Optional.of(new FillStyle.Tiles(art, size, tiles.laying())));
      }

      @Override
      public Item finish(FillStyle.Finish finish) {
        return item;
      }
    })).orElse(item);
  }

  private static Item larger(Item item, double factor) {
    Placement p = item.placement();
    return item.scaled(factor).with(p.boxed(p.x() * factor, p.y() * factor, p.width() * factor, p.height() * factor));
  }

  /** Adds a line that cuts along the finished edge: straight, round, or with its corners; what leaves bent is cut bent. */
  public static Edit cutEdge(String faceId) {
    return new Edit(Wording.text("edit.cutEdge"), job -> {
      Frame frame = job.frame(job.face(faceId).orElseThrow());
      Path edge = frame.outline().orElse(Shapes.rectangle(frame.trim()));
      ItemProperties properties = ItemProperties.of(job.freshId(), Wording.text("thing.edge"), true, false, Role.CUTS, 1);
      Item line = Drawings.shape(properties, edge, Optional.empty(), Optional.empty());
      return job.changed(faceId, f -> f.withItems(Stream.concat(f.items().stream(), Stream.of(line)).toList()));
    });
  }
}
