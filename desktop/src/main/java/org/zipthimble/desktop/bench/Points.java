package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.ArcTo;
import javafx.scene.shape.Circle;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import org.zipthimble.core.arrange.Hint;
import org.zipthimble.core.arrange.Snapper;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.shape.Nodes;
import org.zipthimble.desktop.state.Session;

/** The points of the shape that is being edited: how they are shown, and what the hand does to them. */
final class Points {
  private static final double NEAR = 7;
  /** With more points chosen than this their handles would hide each other and are not shown. */
  private static final int MOST_HANDLED = 60;

  private static final PseudoClass MANY = PseudoClass.getPseudoClass("many");

  private static final double HALF = 3.6;
  private static final double SNAP = 6;

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;

  Points(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
  }

  private Optional<Item> item() {
    return session.selection().pointsProperty().get().flatMap(session.face()::find).filter(i -> i.outlined().isPresent());
  }

  /** The path on the ground the shape stands on. */
  private Path path(Item item) {
    return new Forms(session.shownProperty().get()).outline(item);
  }

  private Set<Nodes.At> chosen() {
    return session.selection().chosenPointsProperty().get();
  }

  /** Draws the points, and the handles of those that are chosen. */
  void show(Viewport view, List<Node> nodes) {
    item().ifPresent(item -> {
      Affine map = session.ground().then(view.toPixels());
      Path path = path(item);
      nodes.add(DrawnNodes.path(path.mapped(session.ground()), view, "point-line"));
      javafx.scene.shape.Path free = dots("point-free");
      javafx.scene.shape.Path picked = dots("point-picked");
      boolean few = chosen().size() <= MOST_HANDLED;
      for (Nodes.Node node : Nodes.of(path)) {
        boolean held = chosen().contains(node.at());
        Point at = map.apply(node.place());
        if (held && few) {
          handle(map, at, node.handleIn(), nodes);
          handle(map, at, node.handleOut(), nodes);
        }
        dot(held ? picked : free, at, node.smooth());
      }
      picked.pseudoClassStateChanged(MANY, !few);
      nodes.addAll(List.of(free, picked));
    });
  }

  /** All points of one kind are one outline on the screen, so that thousands of them can be pulled about. */
  private static javafx.scene.shape.Path dots(String style) {
    javafx.scene.shape.Path path = new javafx.scene.shape.Path();
    path.getStyleClass().addAll("point", style);
    path.setMouseTransparent(true);
    return path;
  }

  private static void dot(javafx.scene.shape.Path path, Point at, boolean smooth) {
    double r = smooth ? HALF + 0.6 : HALF;
    if (smooth) {
      path.getElements().addAll(new MoveTo(at.x() - r, at.y()), new ArcTo(r, r, 0, at.x() + r, at.y(), false, true),
          new ArcTo(r, r, 0, at.x() - r, at.y(), false, true), new ClosePath());
    } else {
      path.getElements().addAll(new MoveTo(at.x() - r, at.y() - r), new LineTo(at.x() + r, at.y() - r), new LineTo(at.x() + r, at.y() + r),
          new LineTo(at.x() - r, at.y() + r), new ClosePath());
    }
  }

  private static void handle(Affine map, Point at, Optional<Point> handle, List<Node> nodes) {
    handle.map(map::apply).filter(p -> p.distance(at) > 1).ifPresent(p -> {
      Line thread = new Line(at.x(), at.y(), p.x(), p.y());
      thread.getStyleClass().add("thread");
      thread.setMouseTransparent(true);
      Circle bead = new Circle(p.x(), p.y(), HALF);
      bead.getStyleClass().add("bead");
      bead.setMouseTransparent(true);
      nodes.addAll(List.of(thread, bead));
    });
  }

  /** What a press begins while points are edited; empty when it is not meant for them. */
  Optional<Drag> press(MouseEvent e, Point pixel) {
    Optional<Item> item = item();
    if (item.isEmpty()) {
      return Optional.empty();
    }
    Path path = path(item.get());
    Affine map = session.ground().then(lens.now().toPixels());
    List<Nodes.Node> all = Nodes.of(path);
    for (Nodes.Node node : all) {
      if (chosen().contains(node.at())) {
        for (boolean out : new boolean[] {true, false}) {
          Optional<Point> handle = (out ? node.handleOut() : node.handleIn()).map(map::apply);
          if (handle.filter(p -> p.distance(pixel) < NEAR && p.distance(map.apply(node.place())) > 2).isPresent()) {
            return Optional.of(new Bending(item.get(), path, node, out));
          }
        }
      }
    }
    for (Nodes.Node node : all) {
      if (map.apply(node.place()).distance(pixel) < NEAR) {
        pick(node.at(), e.isShiftDown());
        return Optional.of(new Moving(item.get(), path, node));
      }
    }
    Point face = map.inverse().apply(pixel);
    Optional<Nodes.Near> near = Nodes.nearest(path, face).filter(n -> map.apply(n.place()).distance(pixel) < NEAR);
    if (near.isPresent() && e.getClickCount() == 2) {
      session.apply(Shaping.redraw(session.faceIdProperty().get(), item.get().id(), Nodes.added(path, near.get().span(), near.get().t()),
          "edit.pointAdd"));
      session.selection().chosenPointsProperty().set(Set.of(new Nodes.At(near.get().span().contour(), near.get().span().index() + 1)));
      return Optional.of(Drag.NONE);
    }
    return near.map(n -> Drag.NONE);
  }

  private void pick(Nodes.At at, boolean more) {
    Set<Nodes.At> now = new LinkedHashSet<>(chosen());
    if (more && !now.remove(at)) {
      now.add(at);
    } else if (!more && !now.contains(at)) {
      now = new LinkedHashSet<>(Set.of(at));
    }
    session.selection().chosenPointsProperty().set(now);
  }

  /** Takes the chosen points away; whether there were any. */
  boolean remove() {
    if (item().isEmpty() || chosen().isEmpty()) {
      return false;
    }
    item().ifPresent(item -> session.apply(Shaping.redraw(
        session.faceIdProperty().get(), item.id(), Nodes.removed(path(item), new ArrayList<>(chosen())), "edit.pointRemove")));
    session.selection().chosenPointsProperty().set(Set.of());
    return true;
  }

  /** Nudges the chosen points; whether there were any. */
  boolean nudge(double dx, double dy) {
    if (item().isEmpty() || chosen().isEmpty()) {
      return false;
    }
    item().ifPresent(item -> session.apply(Shaping.redraw(
        session.faceIdProperty().get(), item.id(), Nodes.moved(path(item), new ArrayList<>(chosen()), dx, dy), "edit.pointMove")));
    return true;
  }

  private abstract class Trying extends TryingDrag {
    Trying() {
      super(session, bench);
    }

    void tryOut(Item item, Path path, List<Hint> hints) {
      tryOut(Shaping.redraw(session.faceIdProperty().get(), item.id(), path, "edit.pointMove"), hints);
    }
  }

  private final class Moving extends Trying {
    private final Item item;
    private final Path from;
    private final Nodes.Node held;

    Moving(Item item, Path from, Nodes.Node held) {
      this.item = item;
      this.from = from;
      this.held = held;
    }

    @Override
    public void to(Point now, Keys keys) {
      Point face = lens.now().toFace(now);
      List<Hint> hints = List.of();
      if (session.preferences().now().snap() && !keys.free()) {
        Snapper.Snapped snapped = Snapper.of(session.job(), session.face(), Set.of(item.id()),
            session.preferences().now().gridShown() ? session.preferences().now().grid() : 0)
            .point(face, true, true, SNAP / lens.now().scale());
        face = face.plus(snapped.dx(), snapped.dy());
        hints = snapped.hints();
      }
      Point to = session.ground().inverse().apply(face);
      tryOut(item, Nodes.moved(from, new ArrayList<>(chosen()), to.x() - held.place().x(), to.y() - held.place().y()), hints);
    }
  }

  private final class Bending extends Trying {
    private final Item item;
    private final Path from;
    private final Nodes.Node node;
    private final boolean out;

    Bending(Item item, Path from, Nodes.Node node, boolean out) {
      this.item = item;
      this.from = from;
      this.node = node;
      this.out = out;
    }

    @Override
    public void to(Point now, Keys keys) {
      Point to = session.ground().inverse().apply(lens.now().toFace(now));
      tryOut(item, Nodes.handled(from, node.at(), out, to, node.smooth() && !keys.other()), List.of());
    }
  }
}
