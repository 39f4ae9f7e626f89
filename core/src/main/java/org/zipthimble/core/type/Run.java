package org.zipthimble.core.type;

import java.util.Optional;

/**
 * Words of one look within a paragraph.
 *
 * @param text without line ends; of a field, its value as it is now
 * @param named the style that the letters were given; empty where they have that of their paragraph
 * @param field the field that it is
 */
public record Run(String text, LetterLook look, Optional<String> named, Optional<FieldUse> field) {
  /** Checks the text. */
  public Run {
    if (text == null || look == null || text.indexOf('\n') >= 0 || text.indexOf('\r') >= 0) {
      throw new IllegalArgumentException("words of a paragraph have a look and no line ends");
    }
  }

  /** Words of a look. */
  public static Run of(String text, LetterLook look) {
    return new Run(text, look, Optional.empty(), Optional.empty());
  }

  /** The same saying something else. */
  public Run saying(String other) {
    return new Run(other, look, named, field);
  }

  /** The same looking otherwise. */
  public Run looking(LetterLook other) {
    return new Run(text, other, named, field);
  }

  /** Whether it can be made one with another. */
  boolean joins(Run other) {
    return field.isEmpty() && other.field.isEmpty() && look.equals(other.look) && named.equals(other.named);
  }
}
