package org.zipthimble.core.units;

import io.soabase.recordbuilder.core.RecordBuilder;

/** A width for each of four sides, in inches: a bleed, a safe margin. */
@RecordBuilder
public record Insets(double left, double top, double right, double bottom) implements InsetsBuilder.With {
  /** None on any side. */
  public static final Insets NONE = new Insets(0, 0, 0, 0);

  /** Checks that all are finite and none is below zero. */
  public Insets {
    if (!(left >= 0 && top >= 0 && right >= 0 && bottom >= 0) || !Double.isFinite(left + top + right + bottom)) {
      throw new IllegalArgumentException("widths of sides are 0 or more: " + left + ", " + top + ", " + right + ", " + bottom);
    }
  }

  /** The same on all sides, in inches. */
  public static Insets all(double inches) {
    return new Insets(inches, inches, inches, inches);
  }

  /** That of a side, in inches. */
  public double at(Side side) {
    return switch (side) {
      case LEFT -> left;
      case TOP -> top;
      case RIGHT -> right;
      case BOTTOM -> bottom;
    };
  }

  /** The same with one side changed, in inches. */
  public Insets with(Side side, double inches) {
    return switch (side) {
      case LEFT -> withLeft(inches);
      case TOP -> withTop(inches);
      case RIGHT -> withRight(inches);
      case BOTTOM -> withBottom(inches);
    };
  }

  /** Whether all sides are the same. */
  public boolean even() {
    return left == top && left == right && left == bottom;
  }

  /** The widest, in inches. */
  public double most() {
    return Math.max(Math.max(left, right), Math.max(top, bottom));
  }

  /** The narrowest, in inches. */
  public double least() {
    return Math.min(Math.min(left, right), Math.min(top, bottom));
  }

  /** On each side the wider of both, in inches. */
  public Insets atLeast(double inches) {
    return new Insets(Math.max(left, inches), Math.max(top, inches), Math.max(right, inches), Math.max(bottom, inches));
  }

  /** On each side the narrower of both, in inches. */
  public Insets atMost(double inches) {
    return new Insets(Math.min(left, inches), Math.min(top, inches), Math.min(right, inches), Math.min(bottom, inches));
  }

  /** Seen in a mirror: left and right change places. */
  public Insets mirrored() {
    return new Insets(right, top, left, bottom);
  }
}
