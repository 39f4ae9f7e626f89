package org.zipthimble.core.type;

/** How letters are shown, whatever was typed. */
public enum LetterCase {
  /** As they were typed. */
  TYPED,
  /** All as capitals. */
  CAPITALS,
  /** Small letters as the face's own small capitals. */
  SMALL_CAPITALS
}
