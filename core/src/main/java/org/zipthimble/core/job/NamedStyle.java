package org.zipthimble.core.job;

import org.zipthimble.core.type.WordStyle;

/**
 * A look of words that has a name; words that were given it follow when it is changed.
 *
 * @param name 1 to 60 characters
 */
public record NamedStyle(String name, WordStyle look) {
  /** Checks the name. */
  public NamedStyle {
    if (name == null || name.isBlank() || name.length() > 60 || look == null) {
      throw new IllegalArgumentException("a style has a name of 1 to 60 characters and a look: " + name);
    }
  }
}
