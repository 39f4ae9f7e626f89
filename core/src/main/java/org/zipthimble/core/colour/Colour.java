package org.zipthimble.core.colour;

import java.util.Locale;
import org.zipthimble.core.wording.Trouble;

/** A colour of sRGB (IEC 61966-2-1), each part 0 to 255. */
public record Colour(int red, int green, int blue) {
  /** Black. */
  public static final Colour BLACK = new Colour(0, 0, 0);

  /** White. */
  public static final Colour WHITE = new Colour(255, 255, 255);

  /** Checks the range. */
  public Colour {
    if ((red | green | blue) < 0 || red > 255 || green > 255 || blue > 255) {
      throw new IllegalArgumentException("colour parts are 0 to 255: " + red + ", " + green + ", " + blue);
    }
  }

  /**
   * Reads {@code #RRGGBB} or {@code #RGB}, with or without the sign.
   *
   * @throws Trouble with a sentence when it is neither
   */
  public static Colour parse(String text) throws Trouble {
    String hex = text.strip().toLowerCase(Locale.ROOT);
    hex = hex.startsWith("#") ? hex.substring(1) : hex;
    if (hex.matches("[0-9a-f]{3}")) {
      hex = hex.replaceAll("(.)", "$1$1");
    }
    if (!hex.matches("[0-9a-f]{6}")) {
      throw Trouble.of("colour.unreadable", text.strip());
    }
    int all = Integer.parseInt(hex, 16);
    return new Colour(all >> 16, all >> 8 & 255, all & 255);
  }

  /** A colour from its hex digits, 0x000000 to 0xFFFFFF, for colours written in code. */
  public static Colour of(int rgb) {
    return new Colour(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255);
  }

  /** Its parts as one number, red first: 0xRRGGBB, 0 to 0xFFFFFF. */
  public int rgb() {
    return red << 16 | green << 8 | blue;
  }

  /** {@code #RRGGBB} in lower case. */
  public String hex() {
    return String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
  }
}
