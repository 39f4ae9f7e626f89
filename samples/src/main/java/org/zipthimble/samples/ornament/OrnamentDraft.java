package org.zipthimble.samples.ornament;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Segment;

/** An ornament while it is drawn: parts by name, each one colour and one compound path. */
final class OrnamentDraft {
  static final String LEAF = "#4f8a57";
  static final String DEEP = "#3a6b45";
  static final String PALE = "#86ae6a";
  static final String BEET = "#7a2e22";
  static final String RUST = "#c9593a";
  static final String GOLD = "#dda33a";
  static final String BRASS = "#b07f2a";
  static final String PLUM = "#7a3f63";
  static final String INK = "#2b2f55";
  static final String CHALK = "#5b8fb0";
  static final String CREAM = "#f6e3c4";
  static final String SOIL = "#6b4a34";

  final String set;
  final String name;
  private final String words;
  private final double longest;
  private final Map<String, Path> paths = new LinkedHashMap<>();
  private final Map<String, String> colours = new LinkedHashMap<>();

  /**
   * A draft.
   *
   * @param words to be found by
   * @param longest its longer side when it is placed, in inches
   */
  OrnamentDraft(String set, String name, String words, double longest) {
    this.set = set;
    this.name = name;
    this.words = words;
    this.longest = longest;
  }

  OrnamentDraft put(String part, String colour, Path path) {
    paths.merge(part, path, Path::plus);
    colours.putIfAbsent(part, colour);
    return this;
  }

  OrnamentDraft put(String part, String colour, Path path, Affine place) {
    return put(part, colour, place.determinant() < 0 ? reversed(path.mapped(place)) : path.mapped(place));
  }

  /** The same outlines run the other way, so that a mirrored form does not cut holes into its neighbours. */
  private static Path reversed(Path path) {
    Path.Builder out = Path.build();
    List<Segment> contour = new ArrayList<>();
    for (Segment segment : path.segments()) {
      contour.add(segment);
      if (segment instanceof Segment.Close) {
        backwards(contour, out);
        contour.clear();
      }
    }
    return out.path();
  }

  private static void backwards(List<Segment> contour, Path.Builder out) {
    out.start(end(contour.get(contour.size() - 2)));
    for (int i = contour.size() - 2; i > 0; i--) {
      Point to = end(contour.get(i - 1));
      if (contour.get(i) instanceof Segment.Curve) {
        Segment.Curve curve = (Segment.Curve) contour.get(i);
        out.curve(curve.second(), curve.first(), to);
      } else {
        out.line(to);
      }
    }
    out.close();
  }

  private static Point end(Segment segment) {
    return segment.accept(new Segment.Visitor<>() {
      @Override
      public Point start(Point to) {
        return to;
      }

      @Override
      public Point line(Point to) {
        return to;
      }

      @Override
      public Point curve(Point first, Point second, Point to) {
        return to;
      }

      @Override
      public Point close() {
        throw new IllegalArgumentException("a contour ends once");
      }
    });
  }

  String file() {
    return name.toLowerCase(Locale.ROOT).replace(' ', '-') + ".svg";
  }

  /** The ornament as SVG 1.1: inches, one path for each part. */
  String svg() {
    Box box = paths.values().stream().map(p -> Measure.bounds(p).orElseThrow()).reduce(Box::union).orElseThrow();
    double scale = 100 / Math.max(box.width(), box.height());
    double inch = longest / 100;
    Affine fit = Affine.move(-box.x(), -box.y()).then(Affine.scale(scale, scale));
    StringBuilder out = new StringBuilder();
    out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"").append(number(box.width() * scale * inch))
        .append("in\" height=\"").append(number(box.height() * scale * inch)).append("in\" viewBox=\"0 0 ")
        .append(number(box.width() * scale)).append(' ').append(number(box.height() * scale)).append("\">\n");
    out.append("<title>").append(name).append("</title>\n<desc>").append(words).append("</desc>\n");
    paths.forEach((part, path) -> out.append("<path id=\"").append(part.replace(' ', '-')).append("\" fill=\"").append(colours.get(part))
        .append("\" d=\"").append(PathText.write(rounded(path.mapped(fit)))).append("\"/>\n"));
    return out.append("</svg>\n").toString();
  }

  private static String number(double value) {
    double rounded = Math.round(value * 1000) / 1000.0;
    return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
  }

  private static Path rounded(Path path) {
    Path.Builder out = Path.build();
    Segment.Visitor<Path.Builder> visitor =
        new Segment.Visitor<>() {
          @Override
          public Path.Builder start(Point to) {
            return out.start(near(to));
          }

          @Override
          public Path.Builder line(Point to) {
            return out.line(near(to));
          }

          @Override
          public Path.Builder curve(Point first, Point second, Point to) {
            return out.curve(near(first), near(second), near(to));
          }

          @Override
          public Path.Builder close() {
            return out.close();
          }
        };
    path.segments().forEach(s -> s.accept(visitor));
    return out.path();
  }

  private static Point near(Point p) {
    return new Point(Math.round(p.x() * 1000) / 1000.0, Math.round(p.y() * 1000) / 1000.0);
  }
}
