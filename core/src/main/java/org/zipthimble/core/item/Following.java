package org.zipthimble.core.item;

/**
 * Words that go on from another block.
 *
 * @param block the id of the block before
 * @param within whether the first paragraph is one with the last of the block before
 */
public record Following(String block, boolean within) {
  /** Checks that there is a block. */
  public Following {
    if (block == null || block.isBlank()) {
      throw new IllegalArgumentException("words go on from a block");
    }
  }
}
