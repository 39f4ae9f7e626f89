package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Polygon;
import org.zipthimble.core.arrange.Axis;
import org.zipthimble.core.form.Handle;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.item.Placement;

/** The pin heads of what is selected, the thread with the bead that turns it, and the ends that change its gaps. */
final class Pins {
  /** How far outside the last object the end that changes gaps stands, in pixels. */
  static final double SPREAD_OFF = 22;

  private static final double PIN = 4.5;
  private static final double REACH = 9;
  private static final double THREAD = 30;
  private static final double END = 6;
  private static final double CROWDED = 40;

  private final Map<Handle, Point> pins = new EnumMap<>(Handle.class);
  private final Map<Axis, Point> ends = new EnumMap<>(Axis.class);
  private final List<Node> nodes = new ArrayList<>();
  private final Point bead;
  private final Affine inside;
  private final Point size;

  /**
   * The pins of a box.
   *
   * @param ground from the box's ground to the face
   * @param spread whether ends are shown that change the gaps
   */
  Pins(Placement placement, Affine ground, Viewport view, boolean spread) {
    Affine map = placement.toGround().then(ground).then(view.toPixels());
    double wide = map.apply(new Point(0, 0)).distance(map.apply(new Point(placement.width(), 0)));
    double high = map.apply(new Point(0, 0)).distance(map.apply(new Point(0, placement.height())));
    inside = map;
    size = new Point(placement.width(), placement.height());
    for (Handle handle : Handle.values()) {
      boolean crowded = handle.down() == 0 && placement.height() > 0 && high < CROWDED || handle.across() == 0 && wide < CROWDED;
      if (crowded) {
        continue;
      }
      if (placement.height() > 0 || handle == Handle.LEFT || handle == Handle.RIGHT) {
        pins.put(handle, map.apply(new Point(
            placement.width() * (handle.across() + 1) / 2, placement.height() * (handle.down() + 1) / 2)));
      }
    }
    Box own = new Box(0, 0, placement.width(), placement.height());
    nodes.add(DrawnNodes.polygon(own.corners().stream().map(placement.toGround().then(ground)::apply).toList(), view, "selected-box"));
    Point root = map.apply(new Point(placement.width() / 2, 0));
    Point away = Affine.turn(placement.turn(), new Point(0, 0)).apply(new Point(0, -THREAD));
    bead = root.plus(away.x(), away.y());
    nodes.add(thread(root, bead));
    pins.values().forEach(p -> nodes.add(dot(p, PIN, "pin")));
    nodes.add(dot(bead, PIN + 1, "bead"));
    if (spread) {
      end(Axis.ACROSS, map.apply(new Point(placement.width(), placement.height() / 2)).plus(SPREAD_OFF, 0));
      end(Axis.DOWN, map.apply(new Point(placement.width() / 2, placement.height())).plus(0, SPREAD_OFF));
    }
  }

  List<Node> nodes() {
    return nodes;
  }

  /** The pin near a pixel; the middle of a small object is for moving it, however near its pins are. */
  Optional<Handle> at(Point pixel) {
    if (size.x() > 0 && size.y() > 0) {
      Point own = inside.inverse().apply(pixel);
      if (own.x() > size.x() / 4 && own.x() < size.x() * 3 / 4 && own.y() > size.y() / 4 && own.y() < size.y() * 3 / 4) {
        return Optional.empty();
      }
    }
    return pins.entrySet().stream().filter(e -> e.getValue().distance(pixel) <= REACH)
        .min((a, b) -> Double.compare(a.getValue().distance(pixel), b.getValue().distance(pixel))).map(Map.Entry::getKey);
  }

  Optional<Axis> spreadAt(Point pixel) {
    return ends.entrySet().stream().filter(e -> e.getValue().distance(pixel) <= REACH).map(Map.Entry::getKey).findFirst();
  }

  boolean onBead(Point pixel) {
    return bead.distance(pixel) <= REACH;
  }

  private void end(Axis axis, Point p) {
    ends.put(axis, p);
    Polygon diamond = new Polygon(p.x() - END, p.y(), p.x(), p.y() - END, p.x() + END, p.y(), p.x(), p.y() + END);
    diamond.getStyleClass().add("gap-end");
    diamond.setMouseTransparent(true);
    nodes.add(diamond);
  }

  private static Node thread(Point root, Point bead) {
    double dx = bead.x() - root.x();
    double dy = bead.y() - root.y();
    CubicCurve thread = new CubicCurve(
        root.x(), root.y(), root.x() + dx * 0.2 + dy * 0.25, root.y() + dy * 0.2 - dx * 0.25,
        root.x() + dx * 0.7 - dy * 0.25, root.y() + dy * 0.7 + dx * 0.25, bead.x(), bead.y());
    thread.getStyleClass().add("thread");
    thread.setMouseTransparent(true);
    return thread;
  }

  private static Node dot(Point at, double radius, String style) {
    Circle circle = new Circle(at.x(), at.y(), radius);
    circle.getStyleClass().add(style);
    circle.setMouseTransparent(true);
    return circle;
  }
}
