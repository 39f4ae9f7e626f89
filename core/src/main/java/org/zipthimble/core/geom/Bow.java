package org.zipthimble.core.geom;

/** Ways to bend what lies in a field. */
public enum Bow {
  /** Round a circle: the middle line keeps its length, and the field spans so many degrees; above zero its middle rises. */
  ARC(-360, 360, true),
  /** Letters stay upright and stand on an arc of a circle, which rises by so many hundredths of half the width. */
  ARCH(-90, 90, false),
  /** The middle is taller than the ends by so many hundredths, or lower. */
  BULGE(-90, 300, false),
  /** Up and down as a sine, by so many hundredths of half the height. */
  WAVE(-200, 200, false),
  /** The far end is smaller by so many hundredths; below zero the near one. */
  TAPER(-95, 95, false),
  /** Sheared by so many degrees. */
  SLANT(-75, 75, true),
  /** Turned about the middle, there by so many degrees, farther out by less and in the corners not at all. */
  TWIST(-360, 360, true);

  private final double least;
  private final double most;
  private final boolean degrees;

  Bow(double least, double most, boolean degrees) {
    this.least = least;
    this.most = most;
    this.degrees = degrees;
  }

  /** The least amount, in degrees or per cent as {@link #degrees} tells. */
  public double least() {
    return least;
  }

  /** The greatest amount, in degrees or per cent as {@link #degrees} tells. */
  public double most() {
    return most;
  }

  /** Whether the amount is in degrees; else it is in hundredths. */
  public boolean degrees() {
    return degrees;
  }
}
