package org.zipthimble.desktop.bench;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.Node;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.edit.PictureEdits;
import org.zipthimble.core.form.Handle;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.PictureFit;
import org.zipthimble.core.item.Placement;
import org.zipthimble.desktop.state.Session;

/** Moves, zooms and turns the picture inside a mount or a frame that was clicked twice; a frame's pins crop it. */
final class MountHand {
  private static final double WHEEL = 1.0012;
  private static final long PAUSE = 700_000_000;

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;
  private long run;
  private long wheeledAt;
  private double wheeled;

  MountHand(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
    session.pointerMode().insideProperty().addListener(o -> bench.redrawLines());
    session.selectionProperty().addListener(o -> leaveUnless());
    session.faceIdProperty().addListener(o -> leaveUnless());
  }

  private void leaveUnless() {
    if (session.pointerMode().insideProperty().get().filter(id -> session.selectionProperty().get().equals(Set.of(id))).isEmpty()) {
      session.pointerMode().insideProperty().set(Optional.empty());
    }
  }

  /** Reaches into a picture's frame or a mount that holds a picture; whether it was one. */
  boolean enter(Item item) {
    boolean holds = item.pictured().isPresent() || item.mount().flatMap(LiveEffect.Mounted::pictureId).isPresent();
    if (holds) {
      session.selectionProperty().set(Set.of(item.id()));
      session.pointerMode().insideProperty().set(Optional.of(item.id()));
    }
    return holds;
  }

  private Optional<Item> mount() {
    return session.pointerMode().insideProperty().get().flatMap(id -> session.face().find(id))
        .filter(i -> i.shown(session.job().pictures()).isPresent());
  }

  private Affine toFace(Item mount) {
    return mount.placement().toGround().then(Scene.of(session.face()).under(mount.id()));
  }

  /** A press while a mount is reached into; beside the picture and the mount it leaves. */
  Optional<Drag> press(Point pixel) {
    wheeledAt = 0;
    if (mount().isEmpty()) {
      return Optional.empty();
    }
    Item mount = mount().get();
    Point own = toFace(mount).inverse().apply(lens.now().toFace(pixel));
    Box box = new Box(0, 0, mount.placement().width(), mount.placement().height());
    Box picture = mount.shown(session.job().pictures()).orElseThrow().toBox().apply(new Box(0, 0, 1, 1));
    if (!box.contains(own) && !picture.contains(own)) {
      session.pointerMode().insideProperty().set(Optional.empty());
      return Optional.empty();
    }
    return Optional.of(new Moving(mount, own));
  }

  /** Pulling a pin of a frame that is reached into crops the picture; empty when none is. */
  Optional<Drag> crop(Handle handle) {
    return mount().flatMap(Item::pictured).map(photo -> new Trying() {
      private final Affine inverse = Scene.of(session.face()).under(photo.id()).inverse();

      @Override
      public void to(Point now, Drag.Keys held) {
        Placement frame = Reshape.pulled(photo.placement(), handle, inverse.apply(lens.now().toFace(now)), false);
        tryOut(PictureEdits.frame(session.job(), session.faceIdProperty().get(), photo.id(), frame));
      }
    });
  }

  /** Zooms the picture by the wheel; whether a mount is reached into. Turns that follow each other closely are one step. */
  boolean wheel(double by) {
    Optional<Item> mount = mount();
    mount.ifPresent(m -> {
      long now = System.nanoTime();
      if (now - wheeledAt > PAUSE) {
        run++;
        wheeled = 0;
      }
      wheeled += by;
      double times = Math.pow(WHEEL, wheeled);
      session.amend("wheel " + run, m.pictured().isPresent() ? PictureEdits.slide(session.faceIdProperty().get(), m.id(), 0, 0, times)
          : hold(m, h -> h.withZoom(Math.max(0.01, Math.min(PictureFit.MOST_ZOOM, h.zoom() * times)))));
      free();
      Platform.runLater(this::free);
    });
    return mount.isPresent();
  }

  /** A pause is the person's, not the window's: it is counted from when the window has done what the last turn asked and is free again. */
  private void free() {
    wheeledAt = System.nanoTime();
  }

  private Edit hold(Item mount, java.util.function.UnaryOperator<PictureFit> change) {
    return Mounts.hold(session.faceIdProperty().get(), Set.of(mount.id()), change);
  }

  /** The picture's whole frame, so that what the mount hides can be seen to be there. */
  void show(Viewport view, List<Node> nodes) {
    mount().ifPresent(m -> session.shownProperty().get().face(session.face().id()).flatMap(f -> f.find(m.id()))
        .flatMap(i -> i.shown(session.shownProperty().get().pictures()))
          .ifPresent(
          s -> nodes.add(DrawnNodes.polygon(new Box(0, 0, 1, 1).corners().stream().map(s.toBox().then(toFace(m))::apply).toList(), view,
          "mount-waits"))));
  }

  private abstract class Trying extends TryingDrag {
    Trying() {
      super(session, bench);
    }

    void tryOut(Edit edit) {
      tryOut(edit, List.of());
    }
  }

  private final class Moving extends Trying {
    private final Item mount;
    private final Point pressed;
    private final Placement box;
    private final Affine inverse;

    Moving(Item mount, Point pressed) {
      this.mount = mount;
      this.pressed = pressed;
      this.box = mount.placement();
      this.inverse = toFace(mount).inverse();
    }

    @Override
    public void to(Point now, Drag.Keys held) {
      Point own = inverse.apply(lens.now().toFace(now));
      double across = (own.x() - pressed.x()) / box.width();
      double down = (own.y() - pressed.y()) / box.height();
      if (mount.pictured().isPresent()) {
        tryOut(PictureEdits.slide(session.faceIdProperty().get(), mount.id(), across, down, 1));
      } else {
        tryOut(hold(mount, h -> held.keep() ? h.turnedBy(pressed, own, box.width(), box.height()) : h.moved(across, down)));
      }
    }
  }
}
