package org.zipthimble.core.thing;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.units.Size;

/**
 * The form of a thing, and what it means for the flat piece that goes onto it. Lengths are inches; the origin of the flat piece is the top
 * left of its finished edge as it is composed.
 */
public sealed interface Body permits Cup, Disc, Panel, Cloth, Framed {
  /** The finished size as it is composed. */
  Size size();

  /** The finished edge where it is no rectangle, as it is composed. */
  Optional<Path> outline();

  /** What words and faces keep out of. */
  List<Zone> zones();

  /** The bending of what is composed straight into the shape that leaves; empty where it leaves as it is composed. */
  default Optional<Development> development() {
    return Optional.empty();
  }

  /** Itself as a cup. */
  default Optional<Cup> asCup() {
    return Optional.empty();
  }

  /** An answer for each kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * A part that words and faces keep out of.
   *
   * @param why as a key of the wording
   */
  record Zone(String why, Path outline) {}

  /** Asks a body what it is. */
  interface Visitor<R> {
    /** Round and straight, or tapered. */
    R cup(Cup cup);

    /** A round plate or disc. */
    R disc(Disc disc);

    /** A flat piece. */
    R panel(Panel panel);

    /** Sewn cloth. */
    R cloth(Cloth cloth);

    /** Behind glass. */
    R framed(Framed framed);
  }
}
