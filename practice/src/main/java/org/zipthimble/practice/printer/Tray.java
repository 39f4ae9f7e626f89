package org.zipthimble.practice.printer;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.zipthimble.core.units.Size;

/**
 * A tray of a practice printer and the paper in it.
 *
 * @param name as senders call it, a keyword
 * @param paper in inches, as it is fed
 * @param sheets that are left
 * @param rightSide whether the side that is to be printed lies where this printer prints
 */
@RecordBuilder
public record Tray(String name, Size paper, PaperKind kind, int sheets, boolean rightSide) implements TrayBuilder.With {
  /** Papers that a tray takes, with what the standard calls them (PWG 5101.1, self-describing media size names). */
  public enum Paper {
    /** US letter. */
    LETTER("na_letter_8.5x11in", 8.5, 11),
    /** US legal. */
    LEGAL("na_legal_8.5x14in", 8.5, 14),
    /** Tabloid. */
    TABLOID("na_ledger_11x17in", 11, 17),
    /** 13 x 19. */
    SUPER("na_super-b_13x19in", 13, 19),
    /** 4 x 6. */
    INDEX("na_index-4x6_4x6in", 4, 6),
    /** A4. */
    A4("iso_a4_210x297mm", 210 / 25.4, 297 / 25.4),
    /** A3. */
    A3("iso_a3_297x420mm", 297 / 25.4, 420 / 25.4);

    private final String keyword;
    private final Size size;

    Paper(String keyword, double width, double height) {
      this.keyword = keyword;
      this.size = new Size(width, height);
    }

    /** Its keyword. */
    public String keyword() {
      return keyword;
    }

    /** Its size in inches. */
    public Size size() {
      return size;
    }

    /** The paper of a size; the first where there is none. */
    public static Paper of(Size size) {
      return List.of(values()).stream().filter(p -> Math.abs(p.size.width() - size.width()) < 0.02
          && Math.abs(p.size.height() - size.height()) < 0.02).findFirst().orElse(LETTER);
    }
  }

  /** Checks the count. */
  public Tray {
    if (name == null || paper == null || kind == null || sheets < 0) {
      throw new IllegalArgumentException("a tray has a name, a paper and no fewer than 0 sheets");
    }
  }
}
