package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.job.Frame;

/** The lines that the ticket puts on the bench: trim, bleed and safe area. */
final class TicketLines {
  private static final double[] SHADES = {3, 6};
  private static final double CROSS = 4;
  private static final double CROSS_OFF = 15;

  private TicketLines() {}

  static List<Node> paper(Frame frame, Colour stock, Viewport view) {
    return stocked(frame.bleedBox(), stock, view);
  }

  static List<Node> trimmed(Frame frame, Colour stock, Viewport view) {
    return stocked(frame.trim(), stock, view);
  }

  /** The paper on two flat shades; a blurred shadow would have to be drawn anew with every move of the art. */
  private static List<Node> stocked(Box box, Colour stock, Viewport view) {
    List<Node> nodes = new ArrayList<>();
    for (double off : SHADES) {
      Rectangle shade = DrawnNodes.box(box, view, "bench-shade");
      shade.setX(shade.getX() - off / 2);
      shade.setY(shade.getY() + off / 2);
      shade.setWidth(shade.getWidth() + off);
      shade.setHeight(shade.getHeight() + off / 2);
      nodes.add(shade);
    }
    Node paper = DrawnNodes.box(box, view, "bench-paper");
    paper.setStyle("-fx-fill: " + stock.hex() + ";");
    nodes.add(paper);
    return nodes;
  }

  static List<Node> of(Frame frame, Viewport view) {
    List<Node> lines = new ArrayList<>();
    if (frame.bleeds()) {
      Rectangle outer = DrawnNodes.box(frame.bleedBox(), view, "hidden-shape");
      Rectangle inner = DrawnNodes.box(frame.trim(), view, "hidden-shape");
      Shape wash = Shape.subtract(outer, inner);
      wash.getStyleClass().setAll("bleed-wash");
      wash.setMouseTransparent(true);
      lines.add(wash);
      lines.add(DrawnNodes.box(frame.bleedBox(), view, "bleed-edge"));
    }
    for (org.zipthimble.core.geom.Path zone : frame.keepOuts()) {
      lines.add(DrawnNodes.path(zone, view, "no-go"));
    }
    lines.add(frame.outline().<Node>map(edge -> DrawnNodes.path(edge, view, "trim-line"))
        .orElseGet(() -> DrawnNodes.box(frame.trim(), view, "trim-line")));
    lines.add(crosses(frame.bleedBox(), view));
    if (frame.safe().most() > 0) {
      lines.add(DrawnNodes.box(frame.safeBox(), view, "safe-line"));
    }
    for (org.zipthimble.core.geom.Path fold : frame.folds()) {
      Measure.bounds(fold)
          .ifPresent(b -> lines.add(fold(view.toPixel(new Point(b.x(), b.y())), view.toPixel(new Point(b.right(), b.bottom())))));
    }
    return lines;
  }

  private static Node fold(Point from, Point to) {
    Line line = new Line(from.x(), from.y(), to.x(), to.y());
    line.getStyleClass().add("fold-line");
    line.setMouseTransparent(true);
    return line;
  }

  private static Node crosses(Box bleed, Viewport view) {
    Path path = new Path();
    Point middle = view.toPixel(bleed.centre());
    for (Point corner : bleed.corners()) {
      Point p = view.toPixel(corner);
      double x = p.x() + Math.signum(p.x() - middle.x()) * CROSS_OFF / 2;
      double y = p.y() + Math.signum(p.y() - middle.y()) * CROSS_OFF / 2;
      path.getElements().addAll(
          new MoveTo(x - CROSS, y - CROSS), new LineTo(x + CROSS, y + CROSS),
          new MoveTo(x - CROSS, y + CROSS), new LineTo(x + CROSS, y - CROSS));
    }
    path.getStyleClass().add("corner-stitch");
    path.setMouseTransparent(true);
    return path;
  }
}
