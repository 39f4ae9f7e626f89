package org.zipthimble.core.plan;

/** How pieces may be turned when they are nested. */
public enum Turns {
  /** As they stand. */
  NONE,
  /** Upside down too. */
  HALF,
  /** By quarters. */
  QUARTER,
  /** Any way. */
  ANY;

  /** The step between allowed turns in degrees. */
  public double step() {
    return switch (this) {
      case NONE -> 360;
      case HALF -> 180;
      case QUARTER -> 90;
      case ANY -> 15;
    };
  }
}
