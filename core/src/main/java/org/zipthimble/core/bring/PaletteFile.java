package org.zipthimble.core.bring;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.wording.Trouble;

/** Palettes as files: GPL text, CSS custom properties, SVG with one square for each colour. */
public final class PaletteFile {
  /** The largest file that is read, in bytes. */
  public static final int MOST_BYTES = 2_000_000;
  private static final Pattern LINE = Pattern.compile("\\s*(\\d{1,3})\\s+(\\d{1,3})\\s+(\\d{1,3})(?:\\s+(.*))?");
  private static final Pattern PROPERTY = Pattern.compile("--([A-Za-z0-9_-]+)\\s*:\\s*(#[0-9A-Fa-f]{3,6})\\b");
  private static final int SQUARE = 40;

  /** The magic bytes that a GPL file begins with. */
  private static final String MAGIC = new String(HexFormat.of().parseHex("47494d502050616c65747465"), StandardCharsets.US_ASCII);

  private PaletteFile() {}

  /**
   * Reads a palette; its kind is told by the name's ending.
   *
   * @throws Trouble when there is no colour in it
   */
  public static List<Swatch> read(String name, byte[] bytes) throws Trouble {
    if (bytes.length > MOST_BYTES) {
      throw Trouble.of("palette.tooLarge", name, MOST_BYTES / 1_000_000);
    }
    String lower = name.toLowerCase(Locale.ROOT);
    Map<Colour, String> found = new LinkedHashMap<>();
    if (lower.endsWith(".svg")) {
      ImportedDrawing brought = SvgIn.read(name, bytes, OptionalDouble.of(96), VectorLimits.USUAL);
      brought.items().forEach(i -> i.withMembers().forEach(m -> colours(m, found)));
    } else {
      text(new String(bytes, StandardCharsets.UTF_8), lower.endsWith(".css"), found);
    }
    if (found.isEmpty()) {
      throw Trouble.of("palette.none", name);
    }
    List<Swatch> out = new ArrayList<>();
    found.forEach((colour, called) -> out.add(
        new Swatch(called.isBlank() ? colour.hex() : short80(called.strip()), colour, Optional.empty())));
    return out.subList(0, Math.min(Palette.MOST, out.size()));
  }

  private static String short80(String name) {
    return name.length() > Swatch.LONGEST_NAME ? name.substring(0, Swatch.LONGEST_NAME) : name;
  }

  private static void colours(Item item, Map<Colour, String> found) {
    item.colours().forEach(c -> found.putIfAbsent(c, item.properties().name()));
  }

  private static void text(String text, boolean css, Map<Colour, String> found) throws Trouble {
    if (css) {
      Matcher property = PROPERTY.matcher(text);
      while (property.find()) {
        if (property.group(2).length() == 4 || property.group(2).length() == 7) {
          found.putIfAbsent(Colour.parse(property.group(2)), property.group(1).replace('-', ' '));
        }
      }
      return;
    }
    for (String line : text.split("\\R")) {
      Matcher three = LINE.matcher(line);
      if (three.matches() && Integer.parseInt(three.group(1)) < 256 && Integer.parseInt(three.group(2)) < 256
          && Integer.parseInt(three.group(3)) < 256) {
        Colour colour = new Colour(Integer.parseInt(three.group(1)), Integer.parseInt(three.group(2)), Integer.parseInt(three.group(3)));
        found.putIfAbsent(colour, three.group(4) == null ? "" : three.group(4));
      }
    }
  }

  /** The palette as a file of the kind that the name's ending tells: CSS, SVG, else GPL text. Inks of their own are told as a comment. */
  public static byte[] write(String name, String title, List<Swatch> swatches) {
    String lower = name.toLowerCase(Locale.ROOT);
    String text = lower.endsWith(".css") ? css(swatches) : lower.endsWith(".svg") ? svg(swatches) : gpl(title, swatches);
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static String gpl(String title, List<Swatch> swatches) {
    StringBuilder out = new StringBuilder(MAGIC + "\nName: " + line(title) + "\nColumns: 6\n#\n");
    swatches.forEach(
        s -> out.append(String.format(Locale.ROOT, "%3d %3d %3d\t%s%n", s.colour().red(), s.colour().green(), s.colour().blue(),
        line(s.name()))));
    return out.toString();
  }

  private static String line(String text) {
    return text.replaceAll("[\\p{Cntrl}]", " ").strip();
  }

  private static String css(List<Swatch> swatches) {
    StringBuilder out = new StringBuilder(":root {\n");
    List<String> used = new ArrayList<>();
    for (Swatch swatch : swatches) {
      String plain = swatch.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
      String name = plain.isEmpty() ? "colour" : plain;
      String own = used.contains(name) ? name + "-" + (used.size() + 1) : name;
      used.add(own);
      swatch.ink().ifPresent(ink -> out.append("  /* C/M/Y/K ").append(ink.process().text()).append(" */\n"));
      out.append("  --").append(own).append(": ").append(swatch.colour().hex()).append(";\n");
    }
    return out.append("}\n").toString();
  }

  private static String svg(List<Swatch> swatches) {
    StringBuilder out = new StringBuilder(String.format(Locale.ROOT,
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%dpx\" height=\"%dpx\">%n", SQUARE * Math.max(1, swatches.size()), SQUARE));
    for (int i = 0; i < swatches.size(); i++) {
      String name = line(swatches.get(i).name()).replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
      out.append(
          String.format(Locale.ROOT,
          "  <rect id=\"colour-%d\" x=\"%d\" y=\"0\" width=\"%d\" height=\"%d\" fill=\"%s\"><title>%s</title></rect>%n",
          i + 1, i * SQUARE, SQUARE, SQUARE, swatches.get(i).colour().hex(), name));
    }
    return out.append("</svg>\n").toString();
  }
}
