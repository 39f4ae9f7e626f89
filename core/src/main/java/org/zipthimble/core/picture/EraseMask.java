package org.zipthimble.core.picture;

import java.util.List;
import org.zipthimble.core.geom.Point;

/** What the brush has rubbed out of a picture and what it has brought back, pixel by pixel. */
final class EraseMask {
  private final int width;
  private final int height;
  private final byte[] gone;
  private final byte[] back;

  /** The strokes in their order over a picture of a size. */
  EraseMask(List<BrushStroke> rubs, int width, int height) {
    this.width = width;
    this.height = height;
    this.gone = new byte[width * height];
    boolean restoring = rubs.stream().anyMatch(BrushStroke::restores);
    this.back = restoring ? new byte[width * height] : new byte[0];
    rubs.forEach(this::stroke);
  }

  /** How much of each pixel is rubbed out, 0 to 255. */
  byte[] gone() {
    return gone;
  }

  /** How much of a pixel was brought back last, 0 to 255. */
  int back(int at) {
    return back.length == 0 ? 0 : back[at] & 255;
  }

  /** Whether anything is brought back at all. */
  boolean restoring() {
    return back.length > 0;
  }

  private void stroke(BrushStroke rub) {
    double radius = Math.max(0.5, rub.radius() * width);
    // A hard edge still fades over one pixel, so that it is smooth.
    double inner = Math.max(0, Math.min(radius * (1 - rub.soft()), radius - 0.5));
    double outer = Math.max(radius, inner + 1);
    Area area = Area.of(rub, outer, width, height);
    if (area.width() <= 0 || area.height() <= 0) {
      return;
    }
    byte[] touched = new byte[area.width() * area.height()];
    Point last = at(rub, 0);
    for (int i = 0; i < rub.places().size(); i++) {
      Point next = at(rub, i);
      piece(last, next, inner, outer, touched, area);
      last = next;
    }
    for (int y = 0; y < area.height(); y++) {
      for (int x = 0; x < area.width(); x++) {
        int t = touched[y * area.width() + x] & 255;
        if (t != 0) {
          lay((y + area.top()) * width + x + area.left(), t, rub.restores());
        }
      }
    }
  }

  private void lay(int at, int touched, boolean restores) {
    int g = gone[at] & 255;
    gone[at] = (byte) (restores ? Math.min(g, 255 - touched) : Math.max(g, touched));
    if (back.length > 0) {
      int b = back[at] & 255;
      back[at] = (byte) (restores ? Math.max(b, touched) : Math.min(b, 255 - touched));
    }
  }

  private record Area(int left, int top, int width, int height) {
    static Area of(BrushStroke rub, double outer, int width, int height) {
      double left = Double.MAX_VALUE;
      double top = Double.MAX_VALUE;
      double right = -Double.MAX_VALUE;
      double bottom = -Double.MAX_VALUE;
      for (Point p : rub.places()) {
        left = Math.min(left, p.x() * width);
        right = Math.max(right, p.x() * width);
        top = Math.min(top, p.y() * height);
        bottom = Math.max(bottom, p.y() * height);
      }
      int x = (int) Math.max(0, Math.floor(left - outer));
      int y = (int) Math.max(0, Math.floor(top - outer));
      return new Area(x, y, (int) Math.min(width, Math.ceil(right + outer)) - x, (int) Math.min(height, Math.ceil(bottom + outer)) - y);
    }
  }

  private Point at(BrushStroke rub, int i) {
    Point p = rub.places().get(i);
    return new Point(p.x() * width, p.y() * height);
  }

  private static void piece(Point a, Point b, double inner, double outer, byte[] touched, Area area) {
    int left = (int) Math.max(0, Math.floor(Math.min(a.x(), b.x()) - outer) - area.left());
    int right = (int) Math.min(area.width() - 1, Math.ceil(Math.max(a.x(), b.x()) + outer) - area.left());
    int top = (int) Math.max(0, Math.floor(Math.min(a.y(), b.y()) - outer) - area.top());
    int bottom = (int) Math.min(area.height() - 1, Math.ceil(Math.max(a.y(), b.y()) + outer) - area.top());
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double square = dx * dx + dy * dy;
    for (int y = top; y <= bottom; y++) {
      for (int x = left; x <= right; x++) {
        double px = x + area.left() + 0.5 - a.x();
        double py = y + area.top() + 0.5 - a.y();
        double along = square == 0 ? 0 : Math.max(0, Math.min(1, (px * dx + py * dy) / square));
        double away = Math.hypot(px - along * dx, py - along * dy);
        if (away < outer) {
          double t = away <= inner ? 1 : (outer - away) / (outer - inner);
          int cover = (int) Math.round(255 * t * t * (3 - 2 * t));
          int at = y * area.width() + x;
          touched[at] = (byte) Math.max(cover, touched[at] & 255);
        }
      }
    }
  }
}
