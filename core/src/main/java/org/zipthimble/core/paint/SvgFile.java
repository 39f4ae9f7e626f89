package org.zipthimble.core.paint;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.units.Size;

/**
 * Outlines as SVG 1.1: the size in inches, one unit of the view box for each inch, one group for each layer under a
 * readable name.
 */
public final class SvgFile {
  private static final int DECIMALS = 6;
  private static final double HAIR = 0.01;

  private SvgFile() {}

  /** The file as text in UTF-8. */
  public static String text(VectorSheet sheet) {
    StringBuilder out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
    Size size = sheet.size();
    out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"").append(number(size.width()))
        .append("in\" height=\"").append(number(size.height())).append("in\" viewBox=\"0 0 ").append(number(size.width()))
        .append(' ').append(number(size.height())).append("\">\n  <title>").append(escaped(sheet.title())).append("</title>\n");
    Set<String> ids = new HashSet<>();
    for (VectorSheet.Layer layer : sheet.layers()) {
      out.append("  <g id=\"").append(id(layer.name(), ids)).append("\" fill=\"none\" stroke=\"").append(layer.colour().hex())
          .append("\" stroke-width=\"").append(number(HAIR)).append('"').append(dashes(layer.dashes())).append(">\n    <title>")
          .append(escaped(layer.name())).append("</title>\n");
      for (VectorSheet.Line line : layer.lines()) {
        out.append("    <path id=\"").append(id(line.name(), ids)).append('"');
        line.fill().ifPresent(fill -> out.append(" fill=\"").append(fill.hex()).append("\" stroke=\"none\""));
        out.append(" d=\"").append(PathText.write(line.path(), SvgFile::number)).append("\"/>\n");
      }
      out.append("  </g>\n");
    }
    return out.append("</svg>\n").toString();
  }

  private static String dashes(List<Double> lengths) {
    return lengths.isEmpty() ? ""
        : " stroke-dasharray=\"" + lengths.stream().map(SvgFile::number).collect(Collectors.joining(" ")) + "\"";
  }

  /** A name as an XML id that no other element has. */
  private static String id(String name, Set<String> used) {
    String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
    String base = plain.isEmpty() || Character.isDigit(plain.charAt(0)) ? "o-" + plain : plain;
    String id = base;
    for (int i = 2; !used.add(id); i++) {
      id = base + "-" + i;
    }
    return id;
  }

  static String number(double value) {
    if (!(Math.abs(value) < 1e7)) {
      throw new IllegalArgumentException("a figure too large for the file: " + value);
    }
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }

  static String escaped(String text) {
    return text.replaceAll("[\\p{Cntrl}]", " ").replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace("\"", "&quot;");
  }
}
