package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import org.zipthimble.core.edit.Handle;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.job.Placement;

/** The pin heads of a selected object, and the thread with the bead that turns it. */
final class Pins {
  private static final double PIN = 4.5;
  private static final double REACH = 9;
  private static final double THREAD = 30;

  private final Map<Handle, Point> pins = new EnumMap<>(Handle.class);
  private final List<Node> nodes = new ArrayList<>();
  private final Point bead;

  Pins(Placement placement, Viewport view) {
    Affine map = placement.toGround().then(view.toPixels());
    for (Handle handle : Handle.values()) {
      if (placement.height() > 0 || handle == Handle.LEFT || handle == Handle.RIGHT) {
        pins.put(handle, map.apply(new Point(
            placement.width() * (handle.across() + 1) / 2, placement.height() * (handle.down() + 1) / 2)));
      }
    }
    Box own = new Box(0, 0, placement.width(), placement.height());
    nodes.add(Drawn.polygon(own.corners().stream().map(placement.toGround()::apply).toList(), view, "selected-box"));
    Point root = map.apply(new Point(placement.width() / 2, 0));
    Point away = Affine.turn(placement.turn(), new Point(0, 0)).apply(new Point(0, -THREAD));
    bead = root.plus(away.x(), away.y());
    nodes.add(thread(root, bead));
    pins.values().forEach(p -> nodes.add(dot(p, PIN, "pin")));
    nodes.add(dot(bead, PIN + 1, "bead"));
  }

  List<Node> nodes() {
    return nodes;
  }

  Optional<Handle> at(Point pixel) {
    return pins.entrySet().stream().filter(e -> e.getValue().distance(pixel) <= REACH)
        .min((a, b) -> Double.compare(a.getValue().distance(pixel), b.getValue().distance(pixel))).map(Map.Entry::getKey);
  }

  boolean onBead(Point pixel) {
    return bead.distance(pixel) <= REACH;
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
