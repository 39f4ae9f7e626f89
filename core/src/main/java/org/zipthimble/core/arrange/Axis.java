package org.zipthimble.core.arrange;

import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;

/** One of the two directions in which things are lined up and spaced. */
public enum Axis {
  /** From left to right. */
  ACROSS {
    @Override
    public double start(Box box) {
      return box.x();
    }

    @Override
    public double length(Box box) {
      return box.width();
    }

    @Override
    public Point shift(double by) {
      return new Point(by, 0);
    }

    @Override
    public double of(Point p) {
      return p.x();
    }
  },
  /** From top to bottom. */
  DOWN {
    @Override
    public double start(Box box) {
      return box.y();
    }

    @Override
    public double length(Box box) {
      return box.height();
    }

    @Override
    public Point shift(double by) {
      return new Point(0, by);
    }

    @Override
    public double of(Point p) {
      return p.y();
    }
  };

  /** Where a box begins, in inches. */
  public abstract double start(Box box);

  /** How long a box is, in inches. */
  public abstract double length(Box box);

  /** A distance in this direction, in inches. */
  public abstract Point shift(double by);

  /** A place's coordinate along this axis, in inches. */
  public abstract double of(Point p);

  /** Where a box ends, in inches. */
  public double end(Box box) {
    return start(box) + length(box);
  }

  /** The middle of a box, in inches. */
  public double middle(Box box) {
    return start(box) + length(box) / 2;
  }

  /** The other direction. */
  public Axis other() {
    return this == ACROSS ? DOWN : ACROSS;
  }

  /** The place with this coordinate here and that one in the other direction. */
  public Point at(double here, double there) {
    return this == ACROSS ? new Point(here, there) : new Point(there, here);
  }
}
