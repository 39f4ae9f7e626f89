package org.zipthimble.practice.printer;

import org.zipthimble.core.wording.Wording;

/** What lies in a tray. */
public enum PaperKind {
  /** Ordinary paper. */
  PLAIN("stationery"),
  /** Coated paper for transfers. */
  TRANSFER("com.zip-thimble.transfer"),
  /** Glossy paper. */
  PHOTO("photographic-glossy"),
  /** Card. */
  CARD("cardstock"),
  /** Self-adhesive sheets. */
  LABELS("labels");

  private final String keyword;

  PaperKind(String keyword) {
    this.keyword = keyword;
  }

  /** What the standard calls it (PWG 5101.1, media types), or a keyword of our own. */
  public String keyword() {
    return keyword;
  }

  /** Its name. */
  public String title() {
    return Wording.of(this);
  }
}
