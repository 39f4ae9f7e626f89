package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;

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
 * @param aside how words make room for it
 * @param whole whether it must be seen whole: no hole, rim, bend or seam may lie in it
 */
@RecordBuilder
public record ItemProperties(
    String id, String name, boolean visible, boolean locked, Role role, double opacity, Cutting cutting, double clearGap,
    Effects effects, Optional<TextWrap> aside, Optional<Boolean> whole) implements ItemPropertiesBuilder.With {
  /** The widest clear gap in inches. */
  public static final double MOST_GAP = 2;

  /** Checks the figures and that nothing is missing. */
  public ItemProperties {
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

  /** An object that clears nothing away and is cut in the plain way if it is cut; its opacity is 0 to 1. */
  public static ItemProperties of(String id, String name, boolean visible, boolean locked, Role role, double opacity) {
    return new ItemProperties(id, name, visible, locked, role, opacity, Cutting.PLAIN, 0, Effects.NONE, Optional.empty(), Optional.empty());
  }

  /** A visible, unlocked, solid object that prints. */
  public static ItemProperties of(String id, String name) {
    return ItemProperties.of(id, name, true, false, Role.PRINTS, 1);
  }

  /** The same with the colours of its effects changed. */
  public ItemProperties recoloured(UnaryOperator<Colour> map) {
    return effects.equals(Effects.NONE) ? this : withEffects(effects.recoloured(map));
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
