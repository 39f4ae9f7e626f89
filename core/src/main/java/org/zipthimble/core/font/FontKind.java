package org.zipthimble.core.font;

/** Kinds of faces, as a person looks for them. */
public enum FontKind {
  /** With serifs. */
  SERIF,
  /** Without. */
  SANS,
  /** As if written by hand. */
  SCRIPT,
  /** For a few large words. */
  DISPLAY,
  /** All letters as wide as each other. */
  TYPEWRITER,
  /** Signs, and whatever says nothing of itself. */
  OTHER;

  private static final int HAND = 3;
  private static final int DECORATIVE = 4;
  private static final int FIRST_SANS = 11;
  private static final int MONOSPACED = 9;

  /**
   * What a font file says of itself (OpenType specification 1.9: OS/2 panose, sFamilyClass; post isFixedPitch).
   *
   * @param family of the ten figures of panose the first
   * @param serif the second
   * @param proportion the fourth
   * @param familyClass the high byte of sFamilyClass
   */
  static FontKind told(int family, int serif, int proportion, int familyClass, boolean fixed) {
    if (fixed || family == 2 && proportion == MONOSPACED) {
      return TYPEWRITER;
    }
    if (family == HAND || familyClass == 10) {
      return SCRIPT;
    }
    if (family == DECORATIVE || familyClass == 9) {
      return DISPLAY;
    }
    if (family == 2 && serif >= 2) {
      return serif >= FIRST_SANS ? SANS : SERIF;
    }
    return familyClass == 8 ? SANS : familyClass >= 1 && familyClass <= 7 && familyClass != 6 ? SERIF : OTHER;
  }
}
