package org.zipthimble.core.type;

/**
 * A field in words: what it is called and how its value is shown.
 *
 * @param name of a fact of the job
 * @param form how the value is shown, such as a way to write a date; empty for as it is
 */
public record FieldUse(String name, String form) {
  /** Checks that it has a name. */
  public FieldUse {
    if (name == null || name.isBlank() || name.length() > 100 || form == null || form.length() > 100) {
      throw new IllegalArgumentException("a field has a name of 1 to 100 characters: " + name);
    }
  }
}
