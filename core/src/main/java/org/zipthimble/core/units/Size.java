package org.zipthimble.core.units;

/** A width and a height in inches, both above zero and finite. */
public record Size(double width, double height) {
  /** Checks that both are above zero. */
  public Size {
    if (!(width > 0) || !(height > 0) || Double.isInfinite(width) || Double.isInfinite(height)) {
      throw new IllegalArgumentException("a size must be above zero: " + width + " x " + height);
    }
  }

  /** The same size lying the other way. */
  public Size swapped() {
    return new Size(height, width);
  }

  /** The size with a border of the given inches added on all four sides. */
  public Size grown(double border) {
    return new Size(width + 2 * border, height + 2 * border);
  }

  /** The same with something added to each side, in inches. */
  public Size grown(Insets by) {
    return new Size(width + by.left() + by.right(), height + by.top() + by.bottom());
  }
}
