package org.zipthimble.desktop.bench;

import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;

/** What of the face the bench shows, and how large. */
final class BenchLens {
  private static final double MARGIN = 20;
  private static final double SLIP = 36;

  private final ReadOnlyObjectWrapper<Viewport> view = new ReadOnlyObjectWrapper<>(new Viewport(60, 40, 40));
  private double width = 1;
  private double height = 1;
  private double below = SLIP;
  private double right;
  private boolean fitted = true;
  private Box whole = new Box(0, 0, 1, 1);

  /** The window's size in pixels. A fitted view stays fitted. */
  void size(double newWidth, double newHeight) {
    width = newWidth;
    height = newHeight;
    if (fitted) {
      fit();
    }
  }

  /** What fit shows whole. */
  void whole(Box box) {
    if (!box.equals(whole)) {
      whole = box;
      fit();
    }
  }

  void fit() {
    fitted = true;
    view.set(Viewport.fit(whole, width - right, height - below, MARGIN));
  }

  /** So many pixels at the right and at the lower edge belong to what lies over the bench there; what is fitted stays clear of it. */
  void leave(double atRight, double atFoot) {
    double asked = Math.max(SLIP, atFoot);
    if (asked != below || atRight != right) {
      below = asked;
      right = atRight;
      if (fitted) {
        fit();
      }
    }
  }

  /** What would be shown if nothing but the usual lay over the bench. */
  Viewport usual() {
    return fitted ? Viewport.fit(whole, width, height - SLIP, MARGIN) : view.get();
  }

  void show(Box box) {
    fitted = false;
    view.set(Viewport.fit(box, width, height - SLIP, MARGIN * 2));
  }

  void acrossWhole() {
    show(new Box(whole.x(), view.get().toFace(new Point(0, height / 2)).y(), whole.width(), 0));
  }

  void scaledAt(double scale, Point pixel) {
    fitted = false;
    view.set(view.get().scaledAt(scale, pixel));
  }

  void scaledAtMiddle(double scale) {
    scaledAt(scale, new Point(width / 2, height / 2));
  }

  void moved(double dx, double dy) {
    fitted = false;
    view.set(view.get().moved(dx, dy));
  }

  Viewport now() {
    return view.get();
  }

  double width() {
    return width;
  }

  double height() {
    return height;
  }

  ReadOnlyObjectProperty<Viewport> viewProperty() {
    return view.getReadOnlyProperty();
  }
}
