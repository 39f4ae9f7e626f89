package org.zipthimble.core.work;

/** Told by long work how far it is; asked by it whether to go on. May be called from any one thread. */
public interface Progress {
  /** Says nothing and never stops. */
  Progress SILENT = fraction -> {};

  /** The work has come to this fraction, 0 to 1. */
  void at(double fraction);

  /** Whether the person has asked to stop. */
  default boolean stopped() {
    return false;
  }

  /**
   * Reports the fraction and ends the work if the person asked for that.
   *
   * @throws Stopped when stopping was asked for
   */
  default void step(double fraction) throws Stopped {
    at(fraction);
    if (stopped()) {
      throw new Stopped();
    }
  }
}
