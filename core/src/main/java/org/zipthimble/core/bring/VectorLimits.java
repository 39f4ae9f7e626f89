package org.zipthimble.core.bring;

/**
 * What a drawing file may ask for.
 *
 * @param bytes most bytes of the file
 * @param objects most objects it may draw
 * @param places most places of outlines
 * @param depth how deep groups and references may be nested
 */
public record VectorLimits(int bytes, int objects, int places, int depth) {
  /** What the program allows by default. */
  public static final VectorLimits USUAL = new VectorLimits(40_000_000, 15_000, 400_000, 40);
}
