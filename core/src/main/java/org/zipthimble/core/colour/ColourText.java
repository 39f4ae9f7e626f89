package org.zipthimble.core.colour;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.wording.Trouble;

/** Reads colours the way people and shops write them: hex digits, RGB, HSL, CMYK and Lab. */
public final class ColourText {
  private static final Pattern FUNCTION = Pattern.compile("(rgb|hsl|cmyk|lab)\\s*\\(?([^)]*)\\)?");
  private static final Pattern PLATES = Pattern.compile("[0-9.]+%?\\s*/\\s*[0-9.]+%?\\s*/\\s*[0-9.]+%?\\s*/\\s*[0-9.]+%?");

  private ColourText() {}

  /**
   * A colour that was typed.
   *
   * @param ink the inks, where it was typed as such
   */
  public record Typed(Colour colour, Optional<Ink> ink) {}

  /**
   * Reads {@code #7a2e22}, {@code rgb 122 46 34}, {@code hsl 8 56% 31%}, {@code cmyk 30 90 90 35} or {@code 30/90/90/35} (per cent)
   * and {@code lab 32 33 24}. A colour of inks shows as they are seen on white by the press; one of Lab that the screen lacks as the
   * nearest.
   *
   * @throws Trouble with a sentence when it is none of these or out of range
   */
  public static Typed read(String text, Press press) throws Trouble {
    String plain = text.strip().toLowerCase(Locale.ROOT);
    if (PLATES.matcher(plain).matches()) {
      return inks(figures(plain.replace('/', ' '), 4, text), press, text);
    }
    Matcher function = FUNCTION.matcher(plain);
    if (!function.matches()) {
      return new Typed(Colour.parse(text), Optional.empty());
    }
    String inside = function.group(2);
    return switch (function.group(1)) {
      case "rgb" -> new Typed(rgb(figures(inside, 3, text), text), Optional.empty());
      case "hsl" -> new Typed(hsl(figures(inside, 3, text), text), Optional.empty());
      case "cmyk" -> inks(figures(inside, 4, text), press, text);
      default -> new Typed(lab(figures(inside, 3, text), text), Optional.empty());
    };
  }

  private static double[] figures(String inside, int count, String text) throws Trouble {
    List<Double> found = new ArrayList<>();
    for (String part : inside.strip().split("[\\s,;]+")) {
      String figure = part.endsWith("%") ? part.substring(0, part.length() - 1) : part;
      if (!figure.matches("-?\\d{1,4}(\\.\\d{1,6})?")) {
        throw Trouble.of("colour.unreadable", text.strip());
      }
      found.add(Double.parseDouble(figure));
    }
    if (found.size() != count) {
      throw Trouble.of("colour.unreadable", text.strip());
    }
    return found.stream().mapToDouble(d -> d).toArray();
  }

  private static void check(boolean right, String text) throws Trouble {
    if (!right) {
      throw Trouble.of("colour.outOfRange", text.strip());
    }
  }

  private static Colour rgb(double[] v, String text) throws Trouble {
    for (double part : v) {
      check(part >= 0 && part <= 255, text);
    }
    return new Colour((int) Math.round(v[0]), (int) Math.round(v[1]), (int) Math.round(v[2]));
  }

  /** Hue in degrees, saturation and lightness in per cent (CSS Color Module Level 4, 7.1). */
  private static Colour hsl(double[] v, String text) throws Trouble {
    check(v[1] >= 0 && v[1] <= 100 && v[2] >= 0 && v[2] <= 100, text);
    double a = v[1] / 100 * Math.min(v[2] / 100, 1 - v[2] / 100);
    return new Colour(channel(0, v, a), channel(8, v, a), channel(4, v, a));
  }

  private static int channel(int n, double[] v, double a) {
    double k = (n + ((v[0] % 360) + 360) % 360 / 30) % 12;
    return (int) Math.round(255 * (v[2] / 100 - a * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1))));
  }

  private static Typed inks(double[] v, Press press, String text) throws Trouble {
    for (double part : v) {
      check(part >= 0 && part <= 100, text);
    }
    Cmyk inks = new Cmyk(v[0] / 100, v[1] / 100, v[2] / 100, v[3] / 100);
    return new Typed(press.seen(inks).colour(), Optional.of(new Ink.Process(inks)));
  }

  private static Colour lab(double[] v, String text) throws Trouble {
    check(v[0] >= 0 && v[0] <= 100 && Math.abs(v[1]) <= 128 && Math.abs(v[2]) <= 128, text);
    return new Lab(v[0], v[1], v[2]).colour();
  }
}
