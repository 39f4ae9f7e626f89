package org.zipthimble.core.job;

/** What to do with each kind of object. */
public interface ItemVisitor<R> {
  /** Words. */
  R words(Item.Words item);

  /** A shape. */
  R shape(Item.Shape item);

  /** A picture. */
  R photo(Item.Photo item);

  /** A group. */
  R group(Item.Group item);
}
