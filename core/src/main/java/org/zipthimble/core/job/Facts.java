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
 * @param cutting how it is cut, where its role says that it is
 * @param clearGap how far it clears away what lies under it, in inches; 0 for not at all, at most 2
 * @param effects what softens it or lies around it
 */
public record Facts(
    String id, String name, boolean visible, boolean locked, Role role, double opacity, Cutting cutting, double clearGap,
    Effects effects) {
  /** The widest clear gap in inches. */
  public static final double MOST_GAP = 2;

  /** Checks the figures and that nothing is missing. */
  public Facts {
    if (id == null || id.isBlank() || name == null || role == null || cutting == null || effects == null) {
      throw new IllegalArgumentException("an object needs an id, a name, a role and a way to be cut");
    }
    if (!(opacity >= 0 && opacity <= 1)) {
      throw new IllegalArgumentException("opacity is 0 to 1: " + opacity);
    }
    if (!(clearGap >= 0 && clearGap <= MOST_GAP)) {
      throw new IllegalArgumentException("a clear gap is 0 to " + MOST_GAP + ": " + clearGap);
    }
  }

  /** An object that clears nothing away and is cut in the plain way if it is cut. */
  public Facts(String id, String name, boolean visible, boolean locked, Role role, double opacity) {
    this(id, name, visible, locked, role, opacity, Cutting.PLAIN, 0, Effects.NONE);
  }

  /** A visible, unlocked, solid object that prints. */
  public static Facts of(String id, String name) {
    return new Facts(id, name, true, false, Role.PRINTS, 1);
  }

  /** The same under another name. */
  public Facts named(String other) {
    return new Facts(id, other, visible, locked, role, opacity, cutting, clearGap, effects);
  }

  /** The same, shown or hidden. */
  public Facts visible(boolean shown) {
    return new Facts(id, name, shown, locked, role, opacity, cutting, clearGap, effects);
  }

  /** The same, locked or free. */
  public Facts locked(boolean held) {
    return new Facts(id, name, visible, held, role, opacity, cutting, clearGap, effects);
  }

  /** The same for another purpose. */
  public Facts withRole(Role other) {
    return new Facts(id, name, visible, locked, other, opacity, cutting, clearGap, effects);
  }

  /** The same with another opacity. */
  public Facts withOpacity(double other) {
    return new Facts(id, name, visible, locked, role, other, cutting, clearGap, effects);
  }

  /** The same under another id. */
  public Facts withId(String other) {
    return new Facts(other, name, visible, locked, role, opacity, cutting, clearGap, effects);
  }

  /** The same, cut otherwise. */
  public Facts with(Cutting other) {
    return new Facts(id, name, visible, locked, role, opacity, other, clearGap, effects);
  }

  /** The same with another clear gap. */
  public Facts withClearGap(double inches) {
    return new Facts(id, name, visible, locked, role, opacity, cutting, inches, effects);
  }

  /** The same with other effects. */
  public Facts with(Effects other) {
    return new Facts(id, name, visible, locked, role, opacity, cutting, clearGap, other);
  }

  /** Whether nothing shows through it. */
  public boolean solid() {
    return opacity == 1 && effects.solid();
  }

  /** Whether it goes to the printer. */
  public boolean printed() {
    return visible && role.prints() && opacity > 0;
  }

  /** Whether it goes to the cutter. */
  public boolean cut() {
    return visible && role.cuts();
  }
}
