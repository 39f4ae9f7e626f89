package org.zipthimble.core.work;

/** Long work ended because the person asked for it; nothing half-made is left behind. */
public final class Stopped extends Exception {
  private static final long serialVersionUID = 1L;

  /** Made by {@link Progress#step}. */
  public Stopped() {
    super("stopped");
  }
}
