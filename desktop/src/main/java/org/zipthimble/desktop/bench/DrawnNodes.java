package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Segment;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.geom.Warp;
import org.zipthimble.core.item.Placement;

/** Puts geometry of the core into shapes of the window; looks come from the style sheet. */
public final class DrawnNodes {
  private static final int EDGE_PIECES = 24;

  private DrawnNodes() {}

  /** A box of the face as a rectangle on whole pixels. */
  public static Rectangle box(Box face, Viewport view, String style) {
    Box b = view.toPixels().apply(face);
    Rectangle shape = new Rectangle(Math.round(b.x()) + 0.5, Math.round(b.y()) + 0.5, Math.round(b.width()), Math.round(b.height()));
    // what is added while the window is laid out has its style a frame later, and would be black until then
    shape.setFill(null);
    shape.getStyleClass().add(style);
    shape.setMouseTransparent(true);
    return shape;
  }

  /** Boxes of the face as rectangles on whole pixels, all in one shape: hundreds of shapes would hold up every frame. */
  static javafx.scene.shape.Path boxes(List<Box> face, Viewport view, String style) {
    javafx.scene.shape.Path shape = new javafx.scene.shape.Path();
    for (Box one : face) {
      Box b = view.toPixels().apply(one);
      double left = Math.round(b.x()) + 0.5;
      double top = Math.round(b.y()) + 0.5;
      double right = left + Math.round(b.width());
      double bottom = top + Math.round(b.height());
      shape.getElements().addAll(new MoveTo(left, top), new LineTo(right, top), new LineTo(right, bottom), new LineTo(left, bottom),
          new ClosePath());
    }
    shape.getStyleClass().add(style);
    shape.setMouseTransparent(true);
    return shape;
  }

  /** Places of the face as a polygon. */
  public static Polygon polygon(List<Point> face, Viewport view, String style) {
    Polygon shape = new Polygon();
    shape.setFill(null);
    for (Point p : face) {
      Point pixel = view.toPixel(p);
      shape.getPoints().addAll(pixel.x(), pixel.y());
    }
    shape.getStyleClass().add(style);
    shape.setMouseTransparent(true);
    return shape;
  }

  /** The edge of an object's box where it is seen, which may be bent. */
  public static Polygon bent(Placement placement, Warp seen, Viewport view, String style) {
    List<Point> edge = new ArrayList<>();
    for (int side = 0; side < 4; side++) {
      for (int i = 0; i < EDGE_PIECES; i++) {
        double t = (double) i / EDGE_PIECES;
        double x = side == 0 ? t : side == 1 ? 1 : side == 2 ? 1 - t : 0;
        double y = side == 0 ? 0 : side == 1 ? t : side == 2 ? 1 : 1 - t;
        edge.add(seen.there(new Point(x * placement.width(), y * placement.height())));
      }
    }
    return polygon(edge, view, style);
  }

  /** A path of the face. */
  public static javafx.scene.shape.Path path(Path face, Viewport view, String style) {
    javafx.scene.shape.Path shape = new javafx.scene.shape.Path();
    face.mapped(view.toPixels()).segments().forEach(s -> shape.getElements().add(s.accept(ELEMENT)));
    shape.getStyleClass().add(style);
    shape.setMouseTransparent(true);
    return shape;
  }

  private static final Segment.Visitor<PathElement> ELEMENT =
      new Segment.Visitor<>() {
        @Override
        public PathElement start(Point to) {
          return new MoveTo(to.x(), to.y());
        }

        @Override
        public PathElement line(Point to) {
          return new LineTo(to.x(), to.y());
        }

        @Override
        public PathElement curve(Point first, Point second, Point to) {
          return new CubicCurveTo(first.x(), first.y(), second.x(), second.y(), to.x(), to.y());
        }

        @Override
        public PathElement close() {
          return new ClosePath();
        }
      };
}
