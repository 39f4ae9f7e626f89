package org.zipthimble.core.bring;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** Brings a font file into a job, which carries it from then on. */
public final class FontIn {
  /** The largest font file that is taken, in bytes. */
  public static final long MOST_BYTES = 30_000_000;

  private static final int LONGEST_NAME = 100;

  private FontIn() {}

  /**
   * Reads a font file's bytes: its letters are drawn and it is put into a file as it would be sent, so that nothing fails later.
   *
   * @throws Trouble when it is none, cannot be used, or its maker does not allow it to be embedded
   */
  public static CarriedFont read(String name, byte[] bytes) throws Trouble {
    if (!FontFace.mayBeEmbedded(bytes)) {
      throw Trouble.of("font.noEmbedding", name);
    }
    try {
      Font font = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(bytes));
      String family = plain(font.getFamily(Locale.ENGLISH), "Font");
      String whole = plain(font.getFontName(Locale.ENGLISH), family);
      String rest = whole.startsWith(family) ? whole.substring(family.length()).replaceAll("^[ -]+", "") : "";
      String style = rest.isBlank() ? "Regular" : rest;
      FontFace.tried(family, style, bytes);
      return new CarriedFont(family, style, new Blob(bytes));
    } catch (IOException | FontFormatException | RuntimeException e) {
      throw Trouble.because(e, "font.unreadable", name);
    }
  }

  /** A name that can stand in a file's path. */
  private static String plain(String name, String usual) {
    String plain = name.replaceAll("[/\\\\:*?\"<>|\\p{Cntrl}]", " ").replaceAll("\\s+", " ").replace("..", "").strip();
    return plain.isEmpty() ? usual : plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME).strip() : plain;
  }

  /** Puts a font into a job; one of the same family and style that it carries already is replaced. */
  public static Edit carry(CarriedFont font) {
    return new Edit(Wording.text("edit.font", font.family() + " " + font.style()), job -> {
      List<CarriedFont> fonts = new ArrayList<>(job.fonts());
      fonts.removeIf(f -> f.family().equals(font.family()) && f.style().equals(font.style()));
      fonts.add(font);
      return job.withFonts(fonts);
    });
  }
}
