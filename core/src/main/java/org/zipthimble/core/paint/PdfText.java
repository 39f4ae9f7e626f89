package org.zipthimble.core.paint;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Segment;

/** Text of a PDF content stream (ISO 32000-1, 8 and 9): locale-free, finite, at most six decimals. */
final class PdfText {
  private static final int DECIMALS = 6;
  private static final double LARGEST = 1e7;

  private final StringBuilder out = new StringBuilder();

  PdfText raw(String operator) {
    out.append(operator).append('\n');
    return this;
  }

  PdfText numbers(String operator, double... values) {
    for (double value : values) {
      out.append(number(value)).append(' ');
    }
    return raw(operator);
  }

  PdfText matrix(Affine m, String operator) {
    return numbers(operator, m.a(), m.b(), m.c(), m.d(), m.e(), m.f());
  }

  /** Figures with spaces between them. */
  static String joined(double... values) {
    StringBuilder all = new StringBuilder();
    for (double value : values) {
      all.append(all.length() > 0 ? " " : "").append(number(value));
    }
    return all.toString();
  }

  PdfText path(Path path) {
    path.segments().forEach(s -> s.accept(new Writer()));
    return this;
  }

  String text() {
    return out.toString();
  }

  static String number(double value) {
    if (!(Math.abs(value) <= LARGEST)) {
      throw new IllegalArgumentException("a figure too large for the file: " + value);
    }
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }

  private final class Writer implements Segment.Visitor<PdfText> {
    @Override
    public PdfText start(Point to) {
      return numbers("m", to.x(), to.y());
    }

    @Override
    public PdfText line(Point to) {
      return numbers("l", to.x(), to.y());
    }

    @Override
    public PdfText curve(Point first, Point second, Point to) {
      return numbers("c", first.x(), first.y(), second.x(), second.y(), to.x(), to.y());
    }

    @Override
    public PdfText close() {
      return raw("h");
    }
  }
}
