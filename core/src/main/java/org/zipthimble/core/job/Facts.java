package org.zipthimble.core.job;

/**
 * What every object has.
 *
 * @param id unique within the job
 * @param name what the person calls it
 * @param visible whether it is drawn at all
 * @param locked whether it is safe from the hand
 * @param role what it is for
 * @param opacity 0 (not seen) to 1 (solid)
 */
public record Facts(String id, String name, boolean visible, boolean locked, Role role, double opacity) {
  /** Checks the opacity and that nothing is missing. */
  public Facts {
    if (id == null || id.isBlank() || name == null || role == null) {
      throw new IllegalArgumentException("an object needs an id, a name and a role");
    }
    if (!(opacity >= 0 && opacity <= 1)) {
      throw new IllegalArgumentException("opacity is 0 to 1: " + opacity);
    }
  }

  /** A visible, unlocked, solid object that prints. */
  public static Facts of(String id, String name) {
    return new Facts(id, name, true, false, Role.PRINTS, 1);
  }

  /** The same under another name. */
  public Facts named(String other) {
    return new Facts(id, other, visible, locked, role, opacity);
  }

  /** The same, shown or hidden. */
  public Facts visible(boolean shown) {
    return new Facts(id, name, shown, locked, role, opacity);
  }

  /** The same, locked or free. */
  public Facts locked(boolean held) {
    return new Facts(id, name, visible, held, role, opacity);
  }

  /** The same for another purpose. */
  public Facts withRole(Role other) {
    return new Facts(id, name, visible, locked, other, opacity);
  }

  /** The same with another opacity. */
  public Facts withOpacity(double other) {
    return new Facts(id, name, visible, locked, role, other);
  }

  /** The same under another id. */
  public Facts withId(String other) {
    return new Facts(other, name, visible, locked, role, opacity);
  }

  /** Whether it goes to the printer. */
  public boolean printed() {
    return visible && role == Role.PRINTS && opacity > 0;
  }
}
