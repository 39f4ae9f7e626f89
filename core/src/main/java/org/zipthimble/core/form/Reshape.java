package org.zipthimble.core.form;

import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Placement;

/** What pulling at pins and typing figures does to a placement. */
public final class Reshape {
  /** The smallest side that pulling leaves, in inches. */
  public static final double LEAST = 1.0 / 64;

  private Reshape() {}

  /**
   * Pulls a pin to a place; the opposite pin stays where it is.
   *
   * @param to where the pin goes, on the ground the object stands on
   * @param keepProportion whether width and height keep their ratio
   */
  public static Placement pulled(Placement from, Handle handle, Point to, boolean keepProportion) {
    Point own = from.toGround().inverse().apply(to);
    double width = handle.across() == 0 ? from.width() : handle.across() > 0 ? own.x() : from.width() - own.x();
    double height = handle.down() == 0 ? from.height() : handle.down() > 0 ? own.y() : from.height() - own.y();
    return sized(from, handle, width, height, keepProportion, -handle.across(), -handle.down());
  }

  /**
   * Pulls a pin to a place while the middle stays where it is: the opposite pin moves as far the other way.
   *
   * @param to where the pin goes, on the ground the object stands on
   */
  public static Placement pulledAboutMiddle(Placement from, Handle handle, Point to, boolean keepProportion) {
    Point own = from.toGround().inverse().apply(to);
    double width = handle.across() == 0 ? from.width() : 2 * handle.across() * (own.x() - from.width() / 2);
    double height = handle.down() == 0 ? from.height() : 2 * handle.down() * (own.y() - from.height() / 2);
    return sized(from, handle, width, height, keepProportion, 0, 0);
  }

  private static Placement sized(
      Placement from, Handle handle, double wide, double high, boolean keepProportion, int across, int down) {
    double width = from.width() == 0 ? 0 : Math.max(LEAST, wide);
    double height = from.height() == 0 ? 0 : Math.max(LEAST, high);
    if (keepProportion && from.width() > 0 && from.height() > 0) {
      double ratio = from.width() / from.height();
      boolean byWidth = handle.corner() ? width / from.width() > height / from.height() : handle.across() != 0;
      height = byWidth ? width / ratio : height;
      width = byWidth ? width : height * ratio;
    }
    return anchored(from, width, height, across, down);
  }

  /** One of the nine places of a box, on the ground it stands on; -1 left or top, 0 middle, 1 right or bottom. */
  public static Point reference(Placement placement, int across, int down) {
    return placement.toGround().apply(at(placement.width(), placement.height(), across, down));
  }

  /**
   * Gives a box another size while one of its nine places stays where it is, turned as it is.
   *
   * @param across the fixed place: -1 left, 0 middle, 1 right
   * @param down -1 top, 0 middle, 1 bottom
   */
  public static Placement anchored(Placement from, double width, double height, int across, int down) {
    Point fixed = from.toGround().apply(at(from.width(), from.height(), across, down));
    Placement sized = from.boxed(from.x(), from.y(), width, height);
    Point now = sized.toGround().apply(at(width, height, across, down));
    return sized.moved(fixed.x() - now.x(), fixed.y() - now.y());
  }

  /**
   * A typed width; with proportion kept the height follows. The top left stays.
   *
   * @param width in inches
   */
  public static Placement widened(Placement from, double width, boolean keepProportion) {
    double height = keepProportion && from.width() > 0 ? from.height() * width / from.width() : from.height();
    return anchored(from, width, height, -1, -1);
  }

  /** A typed height in inches; with proportion kept the width follows. The top left stays. */
  public static Placement heightened(Placement from, double height, boolean keepProportion) {
    double width = keepProportion && from.height() > 0 ? from.width() * height / from.height() : from.width();
    return anchored(from, width, height, -1, -1);
  }

  /**
   * Turns a box so that the thread above its middle points at a place.
   *
   * @param stepDegrees whole steps to keep to, or 0 for any angle
   */
  public static Placement turnedTowards(Placement from, Point to, double stepDegrees) {
    Point centre = from.centre();
    double degrees = Math.toDegrees(Math.atan2(to.x() - centre.x(), centre.y() - to.y()));
    return from.withTurn(stepDegrees > 0 ? Math.rint(degrees / stepDegrees) * stepDegrees : degrees);
  }

  /** The placement of a straight line between two places: a box without height, turned. */
  public static Placement line(Point from, Point to) {
    double length = from.distance(to);
    double turn = Math.toDegrees(Math.atan2(to.y() - from.y(), to.x() - from.x()));
    Point middle = new Point((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
    return Placement.of(middle.x() - length / 2, middle.y(), length, 0, turn);
  }

  /**
   * A placement seen through a map, such as that of the group that held it: turned, leaning and mirrored as it is then
   * seen (the map's QR decomposition).
   */
  public static Placement lifted(Placement inner, Affine map) {
    Point centre = map.apply(inner.centre());
    Affine both = inner.toGround().then(new Affine(map.a(), map.b(), map.c(), map.d(), 0, 0));
    boolean flipped = both.determinant() < 0;
    double ax = flipped ? -both.a() : both.a();
    double ay = flipped ? -both.b() : both.b();
    double across = Math.hypot(ax, ay);
    double down = across == 0 ? Math.hypot(both.c(), both.d()) : Math.abs(both.determinant()) / across;
    double lean = across == 0 ? 0 : (ax * both.c() + ay * both.d()) / across;
    double slant = down == 0 ? 0 : Math.toDegrees(Math.atan(lean / down));
    double held = Math.max(-Placement.MOST_SLANT, Math.min(Placement.MOST_SLANT, Math.abs(slant) < 1e-9 ? 0 : slant));
    double width = inner.width() * across;
    double height = inner.height() * down;
    return new Placement(
        centre.x() - width / 2, centre.y() - height / 2, width, height, Math.toDegrees(Math.atan2(ay, ax)), held, flipped);
  }

  private static Point at(double width, double height, int across, int down) {
    return new Point(width * (across + 1) / 2, height * (down + 1) / 2);
  }
}
