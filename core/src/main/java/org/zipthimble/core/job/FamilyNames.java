package org.zipthimble.core.job;

import java.util.Locale;

/** Family names of several people, as they stand on cards and signs (common practice of handbooks of style, no source). */
public final class FamilyNames {
  private FamilyNames() {}

  /** The plural: es after s, x, z, ch and sh, else s; a y stays, and never an apostrophe. */
  public static String plural(String name) {
    String small = name.toLowerCase(Locale.ROOT);
    boolean hissing = small.endsWith("s") || small.endsWith("x") || small.endsWith("z") || small.endsWith("ch") || small.endsWith("sh");
    String end = hissing ? "es" : "s";
    return name + (name.length() > 1 && name.equals(name.toUpperCase(Locale.ROOT)) ? end.toUpperCase(Locale.ROOT) : end);
  }

  /** Which rule makes the plural. */
  public static boolean hissing(String name) {
    return plural(name).toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT) + "es");
  }

  /** The plural that owns something: an apostrophe after it. */
  public static String owning(String name) {
    return plural(name) + "’";
  }
}
