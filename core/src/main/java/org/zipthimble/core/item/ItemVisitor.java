package org.zipthimble.core.item;

/** What to do with each kind of object. */
public interface ItemVisitor<R> {
  /** Words. */
  R words(ItemWords item);

  /** A shape. */
  R shape(ItemShape item);

  /** A picture. */
  R photo(ItemPhoto item);

  /** A group. */
  R group(ItemGroup item);
}
