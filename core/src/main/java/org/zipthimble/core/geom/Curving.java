package org.zipthimble.core.geom;

/** A bend of a field: its map, and paths that follow it. */
public interface Curving {
  /** The map of the field. */
  Warp warp();

  /** A path of the field, bent within {@link Bending#TOLERANCE}. */
  Path path(Path flat);
}
