package org.zipthimble.desktop.bench;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Grounds;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.job.Held;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.job.Shown;
import org.zipthimble.desktop.state.Session;

/** Moves, zooms and turns the picture inside a mount that was clicked twice. */
final class MountHand {
  private static final double WHEEL = 1.0012;

  private final Session session;
  private final BenchLens lens;

  MountHand(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    session.touch().insideProperty().addListener(o -> bench.redrawLines());
    session.selectionProperty().addListener(o -> leaveUnless());
    session.faceIdProperty().addListener(o -> leaveUnless());
  }

  private void leaveUnless() {
    if (session.touch().insideProperty().get().filter(id -> session.selectionProperty().get().equals(Set.of(id))).isEmpty()) {
      session.touch().insideProperty().set(Optional.empty());
    }
  }

  /** Reaches into a mount that holds a picture; whether it was one. */
  boolean enter(Item item) {
    boolean holds = Shown.mount(item).flatMap(Making.Mounted::pictureId).isPresent();
    if (holds) {
      session.selectionProperty().set(Set.of(item.id()));
      session.touch().insideProperty().set(Optional.of(item.id()));
    }
    return holds;
  }

  private Optional<Item> mount() {
    return session.touch().insideProperty().get().flatMap(id -> session.face().find(id)).filter(i -> Shown.by(i, session.job().pictures()).isPresent());
  }

  private Affine toFace(Item mount) {
    return mount.placement().toGround().then(Grounds.under(session.face(), mount.id()));
  }

  /** A press while a mount is reached into; beside the picture and the mount it leaves. */
  Optional<Drag> press(Point pixel) {
    if (mount().isEmpty()) {
      return Optional.empty();
    }
    Item mount = mount().get();
    Point own = toFace(mount).inverse().apply(lens.now().toFace(pixel));
    Box box = new Box(0, 0, mount.placement().width(), mount.placement().height());
    Box picture = Shown.by(mount, session.job().pictures()).orElseThrow().toBox().apply(new Box(0, 0, 1, 1));
    if (!box.contains(own) && !picture.contains(own)) {
      session.touch().insideProperty().set(Optional.empty());
      return Optional.empty();
    }
    return Optional.of(new Moving(mount, own));
  }

  /** Zooms the picture by the wheel; whether a mount is reached into. */
  boolean wheel(double by) {
    Optional<Item> mount = mount();
    mount.ifPresent(m -> session.apply(hold(m, h -> h.zoomed(Math.max(0.01, Math.min(Held.MOST_ZOOM, h.zoom() * Math.pow(WHEEL, by)))))));
    return mount.isPresent();
  }

  private Edit hold(Item mount, java.util.function.UnaryOperator<Held> change) {
    return Mounts.hold(session.faceIdProperty().get(), Set.of(mount.id()), change);
  }

  /** The picture's whole frame, so that what the mount hides can be seen to be there. */
  void show(Viewport view, List<Node> nodes) {
    mount().ifPresent(m -> session.shownProperty().get().face(session.face().id()).flatMap(f -> f.find(m.id())).flatMap(i -> Shown.by(i, session.shownProperty().get().pictures()))
          .ifPresent(s -> nodes.add(Drawn.polygon(new Box(0, 0, 1, 1).corners().stream().map(s.toBox().then(toFace(m))::apply).toList(), view, "mount-waits"))));
  }

  private final class Moving implements Drag {
    private final Item mount;
    private final Point pressed;
    private final Placement box;
    private final Affine inverse;
    private Optional<Edit> tried = Optional.empty();

    Moving(Item mount, Point pressed) {
      this.mount = mount;
      this.pressed = pressed;
      this.box = mount.placement();
      this.inverse = toFace(mount).inverse();
    }

    @Override
    public void to(Point now, Drag.Held held) {
      Point own = inverse.apply(lens.now().toFace(now));
      Edit edit = hold(mount, h -> {
        if (held.keep()) {
          return h.turnedBy(pressed, own, box.width(), box.height());
        }
        return h.moved((own.x() - pressed.x()) / box.width(), (own.y() - pressed.y()) / box.height());
      });
      tried = Optional.of(edit);
      session.tryOut(edit);
    }

    @Override
    public void done() {
      tried.ifPresent(session::apply);
    }

    @Override
    public void dropped() {
      session.dropTry();
    }
  }
}
