package org.zipthimble.core.sheet;

import java.util.List;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;

/** Sheets to print on: ANSI/ASME Y14.1 sizes A and B, US legal, the sheets of digital presses, ISO 216 A4 to A2. */
public enum Papers {
  /** US letter. */
  LETTER("paper.letter", new Size(8.5, 11)),
  /** US legal. */
  LEGAL("paper.legal", new Size(8.5, 14)),
  /** Tabloid or ledger. */
  TABLOID("paper.tabloid", new Size(11, 17)),
  /** ARCH B of ASME Y14.1, which digital presses take. */
  TWELVE("paper.twelve", new Size(12, 18)),
  /** Oversize tabloid; common practice, no source. */
  THIRTEEN("paper.thirteen", new Size(13, 19)),
  /** ISO A4. */
  A4("paper.a4", new Size(210 / Unit.MM_PER_INCH, 297 / Unit.MM_PER_INCH)),
  /** ISO A3. */
  A3("paper.a3", new Size(297 / Unit.MM_PER_INCH, 420 / Unit.MM_PER_INCH)),
  /** ISO A2. */
  A2("paper.a2", new Size(420 / Unit.MM_PER_INCH, 594 / Unit.MM_PER_INCH));

  private final String key;
  private final Size size;

  Papers(String key, Size size) {
    this.key = key;
    this.size = size;
  }

  /** The wording key of its name. */
  public String key() {
    return key;
  }

  /** Its size, upright. */
  public Size size() {
    return size;
  }

  /** All of them. */
  public static List<Papers> all() {
    return List.of(values());
  }
}
