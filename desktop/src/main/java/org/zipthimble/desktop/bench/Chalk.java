package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.Line;
import org.zipthimble.core.arrange.Hint;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.units.Size;
import org.zipthimble.desktop.control.Controls;

/** Chalk on the bench: guides, columns, the grid, snapping hints and the measuring tape. */
final class Chalk {
  private static final double TAG_WIDTH = 7;
  private static final double TAG_HALF = 11;
  private static final double LEAST_GRID = 6;
  private static final int MOST_GRID = 600;

  private Chalk() {}

  static List<Node> guides(Face face, Size size, Viewport view, double width, double height) {
    Box seen = Box.between(view.toFace(new Point(0, 0)), view.toFace(new Point(width, height)));
    List<Node> nodes = new ArrayList<>();
    for (Guide guide : face.guides().lines()) {
      guide.within(seen).ifPresent(ends -> nodes.add(line(ends[0], ends[1], view, guide.axis() ? "axis-line" : "guide-line")));
    }
    face.guides().columns().ifPresent(c -> c.cells(size).forEach(cell -> nodes.add(DrawnNodes.box(cell, view, "column-box"))));
    return nodes;
  }

  static List<Node> grid(Box area, double step, Viewport view) {
    List<Node> nodes = new ArrayList<>();
    if (step * view.scale() < LEAST_GRID || (area.width() + area.height()) / step > MOST_GRID) {
      return nodes;
    }
    for (double x = Math.ceil(area.x() / step) * step; x <= area.right(); x += step) {
      nodes.add(line(new Point(x, area.y()), new Point(x, area.bottom()), view, "grid-line"));
    }
    for (double y = Math.ceil(area.y() / step) * step; y <= area.bottom(); y += step) {
      nodes.add(line(new Point(area.x(), y), new Point(area.right(), y), view, "grid-line"));
    }
    return nodes;
  }

  static List<Node> hints(List<Hint> hints, Viewport view, double width, double height) {
    List<Node> nodes = new ArrayList<>();
    for (Hint hint : hints) {
      nodes.add(line(hint.from(), hint.to(), view, "hint-line"));
    }
    for (Hint hint : hints) {
      nodes.add(beside(hint, view, width, height));
    }
    return nodes;
  }

  /** The tag hangs above a level line and at the right of an upright one, so that it covers little. */
  private static Node beside(Hint hint, Viewport view, double width, double height) {
    Point at = view.toPixel(hint.middle());
    boolean level = Math.abs(hint.to().x() - hint.from().x()) >= Math.abs(hint.to().y() - hint.from().y());
    double half = hint.text().length() * TAG_WIDTH / 2;
    return tag(hint.text(), level ? at.plus(0, -2 * TAG_HALF) : at.plus(half + TAG_HALF, 0), width, height);
  }

  static List<Node> tape(Hint hint, Viewport view, double width, double height) {
    List<Node> nodes = new ArrayList<>();
    nodes.add(line(hint.from(), hint.to(), view, "tape-line"));
    nodes.add(tag(hint.text(), view.toPixel(hint.middle()), width, height));
    return nodes;
  }

  private static Node tag(String text, Point at, double width, double height) {
    Label tag = Controls.label(text, "tape-tag");
    tag.setMouseTransparent(true);
    double half = text.length() * TAG_WIDTH / 2;
    tag.relocate(Math.max(4, Math.min(width - 2 * half - 8, at.x() - half)),
        Math.max(4, Math.min(height - 2 * TAG_HALF, at.y() - TAG_HALF)));
    return tag;
  }

  private static Node line(Point from, Point to, Viewport view, String style) {
    Point a = view.toPixel(from);
    Point b = view.toPixel(to);
    Line line = new Line(a.x(), a.y(), b.x(), b.y());
    line.getStyleClass().add(style);
    line.setMouseTransparent(true);
    return line;
  }
}
