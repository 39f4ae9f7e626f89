package org.zipthimble.desktop.bench;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.arrange.Axis;
import org.zipthimble.core.arrange.PlacedBox;
import org.zipthimble.core.arrange.Resizing;
import org.zipthimble.core.arrange.Snapper;
import org.zipthimble.core.arrange.Spacing;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.Handle;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.store.Settings;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Step;

/** Drags that change what is selected: moving, pulling at pins, turning, spacing. */
final class ObjectDrags {
  private static final double START = 3;
  private static final double REACH = 7;
  private static final double TURN_STEP = 15;

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;

  ObjectDrags(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
  }

  /** Moves the selection; a press that is released where it was does what a click does. */
  Drag move(Point pressed, Runnable clicked) {
    return new Moving(pressed, clicked);
  }

  /** Pulls a pin of the selection. */
  Drag pull(Handle handle) {
    return session.single().isPresent() ? new PullingOne(handle, session.single().get().placement()) : new PullingMany(handle);
  }

  /** Turns the selection by its bead. */
  Drag turn() {
    return session.single().isPresent() ? new TurningOne(session.single().get().placement()) : new TurningMany();
  }

  /** Changes the gaps of the selection by pulling its end. */
  Drag spread(Axis axis) {
    return new Spreading(axis);
  }

  private Set<String> free() {
    Set<String> free = new HashSet<>(session.selectionProperty().get());
    session.selected().stream().filter(i -> i.properties().locked()).map(Item::id).forEach(free::remove);
    return free;
  }

  private String face() {
    return session.faceIdProperty().get();
  }

  private double reach() {
    return REACH / lens.now().scale();
  }

  private boolean snaps(Drag.Keys held) {
    return session.preferences().now().snap() && !held.free();
  }

  private Snapper snapper(Set<String> moving) {
    Settings settings = session.preferences().now();
    return Snapper.of(session.job(), session.face(), moving, settings.gridShown() ? settings.grid() : 0);
  }

  private abstract class Trying extends TryingDrag {
    Trying() {
      super(session, bench);
    }
  }

  private final class Moving extends Trying {
    private final Point pressed;
    private final Runnable clicked;
    private final Set<String> ids = free();
    private final Box box;
    private final Affine ground = session.ground();
    private Snapper snapper;
    private Optional<Step> step = Optional.empty();

    Moving(Point pressed, Runnable clicked) {
      this.pressed = pressed;
      this.clicked = clicked;
      this.box = PlacedBox.of(session.face(), ids).stream().map(PlacedBox::box).reduce(Box::union).orElse(new Box(0, 0, 0, 0));
    }

    @Override
    public void to(Point now, Keys held) {
      if (ids.isEmpty() || !begun() && now.distance(pressed) < START) {
        return;
      }
      if (snapper == null) {
        snapper = snapper(ids);
      }
      Point from = lens.now().toFace(pressed);
      Point to = lens.now().toFace(now);
      double dx = to.x() - from.x();
      double dy = to.y() - from.y();
      if (held.keep()) {
        boolean across = Math.abs(dx) >= Math.abs(dy);
        dx = across ? dx : 0;
        dy = across ? 0 : dy;
      }
      Snapper.Snapped snapped = snaps(held) ? snapper.move(box, dx, dy, reach()) : new Snapper.Snapped(dx, dy, List.of());
      double sx = held.keep() && dx == 0 ? 0 : snapped.dx();
      double sy = held.keep() && dy == 0 ? 0 : snapped.dy();
      Point inGround = PlacedBox.inGround(ground, new Point(sx, sy));
      step = Optional.of(held.other()
          ? (face, some) -> Copies.duplicate(face, some, inGround.x(), inGround.y())
          : (face, some) -> PlacedBox.shift(face, "edit.move", some, sx, sy));
      bench.moved(held.other() ? Optional.empty() : Optional.of(new Point(sx, sy)));
      tryOut(step.get().on(face(), ids), snapped.hints());
    }

    @Override
    public void dropped() {
      bench.moved(Optional.empty());
      super.dropped();
    }

    @Override
    public void done() {
      bench.moved(Optional.empty());
      bench.hints(List.of());
      if (step.isPresent()) {
        session.perform(step.get());
      } else {
        session.dropTry();
        clicked.run();
      }
    }
  }

  private final class PullingOne extends Trying {
    private final Handle handle;
    private final Placement from;
    private final Affine ground = session.ground();
    private final Snapper snapper = snapper(session.selectionProperty().get());

    PullingOne(Handle handle, Placement from) {
      this.handle = handle;
      this.from = from;
    }

    @Override
    public void to(Point now, Keys held) {
      Point place = lens.now().toFace(now);
      boolean keep = session.selection().keepProportionProperty().get() != held.keep();
      Snapper.Snapped snapped = new Snapper.Snapped(0, 0, List.of());
      if (snaps(held)) {
        boolean upright = from.turn() % 90 == 0;
        snapped = snapper.point(place, handle.across() != 0 || !upright, handle.down() != 0 || !upright, reach());
      }
      Point to = ground.inverse().apply(place.plus(snapped.dx(), snapped.dy()));
      tryOut(Edits.place(face(), session.selectionProperty().get(), "edit.resize", p -> held.other()
          ? Reshape.pulledAboutMiddle(from, handle, to, keep) : Reshape.pulled(from, handle, to, keep)), snapped.hints());
    }
  }

  private final class PullingMany extends Trying {
    private final Handle handle;
    private final Set<String> ids = free();
    private final Box from = Resizing.box(session.face(), ids).orElse(new Box(0, 0, 1, 1));
    private final Affine ground = session.ground();
    private final Snapper snapper = snapper(ids);

    PullingMany(Handle handle) {
      this.handle = handle;
    }

    @Override
    public void to(Point now, Keys held) {
      Point place = lens.now().toFace(now);
      Snapper.Snapped snapped = snaps(held)
          ? snapper.point(place, handle.across() != 0, handle.down() != 0, reach()) : new Snapper.Snapped(0, 0, List.of());
      Point to = ground.inverse().apply(place.plus(snapped.dx(), snapped.dy()));
      boolean keep = session.selection().keepProportionProperty().get() != held.keep();
      Placement whole = Placement.of(from);
      Placement pulled = held.other() ? Reshape.pulledAboutMiddle(whole, handle, to, keep) : Reshape.pulled(whole, handle, to, keep);
      tryOut(Resizing.fit(face(), ids, from, pulled.box()), snapped.hints());
    }
  }

  private final class TurningOne extends Trying {
    private final Placement from;
    private final Affine ground = session.ground();

    TurningOne(Placement from) {
      this.from = from;
    }

    @Override
    public void to(Point now, Keys held) {
      Point to = ground.inverse().apply(lens.now().toFace(now));
      tryOut(Edits.place(face(), session.selectionProperty().get(), "edit.turn",
          p -> Reshape.turnedTowards(from, to, held.keep() ? TURN_STEP : 0)), List.of());
    }
  }

  private final class TurningMany extends Trying {
    private final Set<String> ids = free();
    private final Placement whole = Placement.of(Resizing.box(session.face(), ids).orElse(new Box(0, 0, 1, 1)));
    private final Affine ground = session.ground();

    @Override
    public void to(Point now, Keys held) {
      Point to = ground.inverse().apply(lens.now().toFace(now));
      double degrees = Reshape.turnedTowards(whole, to, held.keep() ? TURN_STEP : 0).turn();
      tryOut(Resizing.turn(face(), ids, degrees, whole.centre()), List.of());
    }
  }

  private final class Spreading extends Trying {
    private final Axis axis;
    private final Set<String> ids = free();

    Spreading(Axis axis) {
      this.axis = axis;
    }

    @Override
    public void to(Point now, Keys held) {
      double end = axis.of(lens.now().toFace(now)) - Pins.SPREAD_OFF / lens.now().scale();
      tryOut(Spacing.pulled(session.job().face(face()).orElseThrow(), ids, axis, end), List.of());
      bench.hints(Gaps.hints(session, axis));
    }
  }
}
