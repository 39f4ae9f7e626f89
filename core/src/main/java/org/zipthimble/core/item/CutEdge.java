package org.zipthimble.core.item;

/** Where the cut line of an object runs that is printed and cut. */
public enum CutEdge {
  /** Along the item's trim. */
  TRIM,
  /** Along the object's own outline, or at a typed distance from it. */
  OUTLINE,
  /** Along what is seen of the art: a picture's opaque part, a group's members joined. */
  ART
}
