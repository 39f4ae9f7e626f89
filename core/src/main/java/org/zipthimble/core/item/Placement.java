package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;

/**
 * Where an object stands: a box in inches (from the trim's top left, or the group's) turned about its middle.
 *
 * @param turn degrees clockwise, kept at 0 or above and below 360
 * @param slant how far upright sides lean before the turn, in degrees, below zero to the right as seen; -80 to 80
 * @param flipped whether it is mirrored left for right before it is slanted and turned
 */
@RecordBuilder
public record Placement(double x, double y, double width, double height, double turn, double slant, boolean flipped)
    implements PlacementBuilder.With {
  /** The farthest that sides may lean, in degrees. */
  public static final double MOST_SLANT = 80;

  /** The farthest a place or size may be, in inches. */
  public static final double FARTHEST = 10_000;

  /** Checks the figures and brings the turn into range. */
  public Placement {
    if (!(width >= 0 && height >= 0 && width <= FARTHEST && height <= FARTHEST
        && Math.abs(x) <= FARTHEST && Math.abs(y) <= FARTHEST && Double.isFinite(turn) && Math.abs(slant) <= MOST_SLANT)) {
      throw new IllegalArgumentException("not a place: " + x + ", " + y + ", " + width + " x " + height + ", " + turn);
    }
    turn = turn - 360 * Math.floor(turn / 360) + 0.0;
    turn = turn >= 360 ? 0 : turn;
  }

  /** A box that neither leans nor is mirrored; in inches, the turn in degrees clockwise. */
  public static Placement of(double x, double y, double width, double height, double turn) {
    return new Placement(x, y, width, height, turn, 0, false);
  }

  /** An upright box. */
  public static Placement of(Box box) {
    return Placement.of(box.x(), box.y(), box.width(), box.height(), 0);
  }

  /** The box before it is turned. */
  public Box box() {
    return new Box(x, y, width, height);
  }

  /** The middle, which the turn leaves in place. */
  public Point centre() {
    return box().centre();
  }

  /** The map from the box's own inches (0, 0 at its top left) to the ground it stands on. */
  public Affine toGround() {
    Affine upright = Affine.move(x, y);
    if (slant != 0 || flipped) {
      Point c = centre();
      Affine lean = new Affine(flipped ? -1 : 1, 0, Math.tan(Math.toRadians(slant)), 1, 0, 0);
      upright = upright.then(Affine.move(-c.x(), -c.y())).then(lean).then(Affine.move(c.x(), c.y()));
    }
    return upright.then(Affine.turn(turn, centre()));
  }

  /** The upright box around the turned one. */
  public Box around() {
    return toGround().apply(new Box(0, 0, width, height));
  }

  /** The same, moved by inches. */
  public Placement moved(double dx, double dy) {
    return withX(x + dx).withY(y + dy);
  }

  /** The same at another place and size, in inches. */
  public Placement boxed(double left, double top, double wide, double high) {
    return withX(left).withY(top).withWidth(wide).withHeight(high);
  }
}
