package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** The objects of single SVG elements. */
final class SvgShapes {
  private final SvgIn in;

  SvgShapes(SvgIn in) {
    this.in = in;
  }

  private Path outline(Element e, String kind) {
    return switch (kind) {
      case "path" -> SvgPathData.read(e.getAttribute("d"), in.limits.places());
      case "rect" -> rectangle(e);
      case "circle" -> round(e, number(e, "r"), number(e, "r"));
      case "ellipse" -> round(e, number(e, "rx"), number(e, "ry"));
      case "line" -> Shapes.line(new Point(number(e, "x1"), number(e, "y1")), new Point(number(e, "x2"), number(e, "y2")));
      default -> points(e, kind.equals("polygon"));
    };
  }

  private static double number(Element e, String name) {
    return SvgNumbers.units(e.getAttribute(name), 0, 0);
  }

  private static Path rectangle(Element e) {
    double w = number(e, "width");
    double h = number(e, "height");
    if (!(w > 0 && h > 0)) {
      return Path.EMPTY;
    }
    double rx = e.hasAttribute("rx") ? number(e, "rx") : number(e, "ry");
    double ry = e.hasAttribute("ry") ? number(e, "ry") : rx;
    rx = Math.min(Math.max(0, rx), w / 2);
    ry = Math.min(Math.max(0, ry), h / 2);
    Affine place = Affine.move(number(e, "x"), number(e, "y"));
    if (rx <= 0 || ry <= 0) {
      return Shapes.rectangle(new Box(0, 0, w, h)).mapped(place);
    }
    return Shapes.rectangle(new Box(0, 0, w / rx, h / ry), 1).mapped(Affine.scale(rx, ry).then(place));
  }

  private static Path round(Element e, double rx, double ry) {
    return rx > 0 && ry > 0
        ? Shapes.ellipse(new Box(number(e, "cx") - rx, number(e, "cy") - ry, 2 * rx, 2 * ry)) : Path.EMPTY;
  }

  private static Path points(Element e, boolean closed) {
    List<Double> n = SvgNumbers.all(e.getAttribute("points"));
    if (n.size() < 4) {
      return Path.EMPTY;
    }
    Path.Builder out = Path.build().start(n.get(0), n.get(1));
    for (int i = 2; i + 1 < n.size(); i += 2) {
      out.line(n.get(i), n.get(i + 1));
    }
    return closed ? out.close().path() : out.path();
  }

  List<Item> shape(Element e, String kind, Affine map, Map<String, String> style, Optional<Path> clip) {
    Path path = outline(e, kind).mapped(map);
    in.count(path);
    if (Measure.bounds(path).isEmpty() || "hidden".equals(style.get("visibility"))) {
      return List.of();
    }
    Optional<LineLook> line = line(style, map);
    String fillText = style.getOrDefault("fill", "black");
    Optional<FillStyle> cover = cover(fillText);
    boolean pattern = fillText.startsWith("url(") && cover.isEmpty();
    if (pattern) {
      in.left.add(Wording.text("drawing.left.fill", SvgIn.name(e)));
    }
    Optional<Colour> fill = kind.equals("line") || pattern ? Optional.empty() : cover.isPresent() ? Optional.of(first(cover.get()))
        : SvgColours.of(fillText, style);
    if (fill.isEmpty() && line.isEmpty()) {
      return List.of();
    }
    double opacity = SvgIn.opacity(style, "opacity") * SvgIn.opacity(style, fill.isPresent() ? "fill-opacity" : "stroke-opacity");
    Path drawn = fill.isPresent() && "evenodd".equals(style.get("fill-rule")) ? Combine.clean(path, Rule.EVEN_ODD) : path;
    if (clip.isPresent()) {
      drawn = fill.isPresent() ? within(drawn, clip.get()) : org.zipthimble.core.overlay.Clip.inside(drawn, clip.get());
    }
    if (Measure.bounds(drawn).isEmpty()) {
      return List.of();
    }
    HasOutline shape = Drawings.shape(ItemProperties.of(in.freshId(), SvgIn.name(e)).withOpacity(opacity), drawn, fill, line);
    return List.of(cover.isPresent() ? shape.withFillStyle(cover) : shape);
  }

  private static Colour first(FillStyle cover) {
    return ((FillStyle.Gradient) cover).stops().get(0).colour();
  }

  static Path within(Path path, Path clip) {
    return Combine.combine(Way.KEEP_OVERLAP, List.of(path, clip));
  }

  private static Optional<LineLook> line(Map<String, String> style, Affine map) {
    Optional<Colour> colour = SvgColours.of(style.getOrDefault("stroke", "none"), style);
    double width = SvgNumbers.units(style.getOrDefault("stroke-width", "1"), 1, 0) * map.meanScale() * 72;
    if (colour.isEmpty() || !(width > 0)) {
      return Optional.empty();
    }
    List<Double> dashes = new ArrayList<>();
    for (double d : SvgNumbers.all(style.getOrDefault("stroke-dasharray", "none"))) {
      dashes.add(Math.max(0, Math.min(7200, d * map.meanScale() * 72)));
    }
    boolean dashed = !dashes.isEmpty() && dashes.size() <= 6 && dashes.stream().mapToDouble(d -> d).sum() >= 0.1;
    if (dashed && dashes.size() % 2 == 1) {
      dashes.addAll(List.copyOf(dashes));
    }
    LineEnd end = switch (style.getOrDefault("stroke-linecap", "butt")) {
      case "round" -> LineEnd.ROUND;
      case "square" -> LineEnd.SQUARE;
      default -> LineEnd.BUTT;
    };
    Corner corner = switch (style.getOrDefault("stroke-linejoin", "miter")) {
      case "round" -> Corner.ROUND;
      case "bevel" -> Corner.BEVEL;
      default -> Corner.MITRE;
    };
    return Optional.of(new LineLook(Math.max(0.01, Math.min(720, width)), colour.get(), dashed ? dashes : List.of(), end, corner,
        LineSide.CENTRE));
  }

  /** A gradient of the file; its direction is kept, its run goes from edge to edge of the shape. */
  private Optional<FillStyle> cover(String fill) {
    Element target = in.url(fill);
    if (target == null || !target.getLocalName().endsWith("Gradient")) {
      return Optional.empty();
    }
    List<FillStyle.Stop> stops = new ArrayList<>();
    Element holder = target;
    for (int hop = 0; hop < 8 && holder != null && stops.isEmpty(); hop++) {
      stops(holder, stops);
      holder = in.reference(holder);
    }
    if (stops.size() < 2) {
      return Optional.empty();
    }
    boolean round = target.getLocalName().equals("radialGradient");
    double dx = SvgNumbers.units(target.getAttribute("x2"), 1, 1) - SvgNumbers.units(target.getAttribute("x1"), 0, 1);
    double dy = SvgNumbers.units(target.getAttribute("y2"), 0, 1) - SvgNumbers.units(target.getAttribute("y1"), 0, 1);
    if (target.hasAttribute("gradientTransform") || "userSpaceOnUse".equals(target.getAttribute("gradientUnits"))
        || round && target.hasAttribute("fx")) {
      in.left.add(Wording.text("drawing.left.gradient", SvgIn.name(target)));
    }
    return Optional.of(new FillStyle.Gradient(round, Math.toDegrees(Math.atan2(dy, dx)), stops));
  }

  private void stops(Element gradient, List<FillStyle.Stop> out) {
    double last = 0;
    for (Node n = gradient.getFirstChild(); n != null && out.size() < 16; n = n.getNextSibling()) {
      if (n instanceof Element && "stop".equals(n.getLocalName())) {
        Map<String, String> style = in.styles.of((Element) n, Map.of());
        double at = SvgNumbers.units(((Element) n).getAttribute("offset"), 0, 1);
        last = Math.max(last, Math.max(0, Math.min(1, at)));
        out.add(new FillStyle.Stop(last, SvgColours.of(style.getOrDefault("stop-color", "black"), style).orElse(Colour.BLACK)));
      }
    }
  }

  Path clip(Element clip, Affine map, int depth) {
    List<Path> all = new ArrayList<>();
    for (Node n = clip.getFirstChild(); n != null; n = n.getNextSibling()) {
      if (!(n instanceof Element)) {
        continue;
      }
      Element e = (Element) n;
      Affine own = SvgNumbers.transform(e.getAttribute("transform")).then(map);
      Element shape = "use".equals(e.getLocalName()) ? in.reference(e) : e;
      if (shape != null && List.of("path", "rect", "circle", "ellipse", "polygon").contains(shape.getLocalName())) {
        Affine inner = shape == e ? own : SvgNumbers.transform(shape.getAttribute("transform")).then(own);
        Path path = outline(shape, shape.getLocalName()).mapped(inner);
        in.count(path);
        all.add(path);
      } else {
        in.left.add(Wording.text("drawing.left.clip"));
      }
    }
    return all.isEmpty() ? Path.EMPTY : Combine.combine(Way.JOIN, all);
  }

  List<Item> text(Element e, Affine map, Map<String, String> style, Optional<Path> clip) {
    List<Item> out = new ArrayList<>();
    line(e, map, style, new double[] {0, 0}, out);
    if (clip.isPresent() && !out.isEmpty()) {
      in.left.add(Wording.text("drawing.left.clipOn", SvgIn.name(e)));
    }
    return out;
  }

  /** Text and its spans one after another; each run of one style is a block of its own. */
  private void line(Element e, Affine map, Map<String, String> style, double[] pen, List<Item> out) {
    pen[0] = first(e, "x", pen[0]) + first(e, "dx", 0);
    pen[1] = first(e, "y", pen[1]) + first(e, "dy", 0);
    for (Node n = e.getFirstChild(); n != null; n = n.getNextSibling()) {
      if (n.getNodeType() == Node.TEXT_NODE || n.getNodeType() == Node.CDATA_SECTION_NODE) {
        String text = n.getTextContent().replaceAll("\\s+", " ");
        if (!text.isBlank()) {
          block(text.strip(), map, style, pen).ifPresent(out::add);
        }
      } else if (n instanceof Element && "tspan".equals(n.getLocalName())) {
        line((Element) n, map, in.styles.of((Element) n, style), pen, out);
      } else if (n instanceof Element && !List.of("title", "desc").contains(n.getLocalName())) {
        in.left.add(Wording.text("drawing.left.element", n.getLocalName()));
      }
    }
  }

  private static double first(Element e, String name, double usual) {
    List<Double> n = SvgNumbers.all(e.getAttribute(name));
    return n.isEmpty() ? usual : SvgNumbers.units(e.getAttribute(name).strip().split("[\\s,]+")[0], usual, 0);
  }

  private Optional<Item> block(String text, Affine map, Map<String, String> style, double[] pen) {
    double scale = map.meanScale();
    double size = SvgNumbers.units(style.getOrDefault("font-size", "16"), 16, 16) * scale * 72;
    if (!(size >= WordStyle.LEAST_PT && size <= WordStyle.MOST_PT) || scale <= 0) {
      in.left.add(Wording.text("drawing.left.text", text.length() > 24 ? text.substring(0, 24) + "…" : text));
      return Optional.empty();
    }
    String wanted = style.getOrDefault("font-family", "sans-serif").split(",")[0].replace("'", "").replace("\"", "").strip();
    String family = family(wanted);
    String face = face(family, style);
    Colour colour = SvgColours.of(style.getOrDefault("fill", "black"), style).orElse(Colour.BLACK);
    WordStyle look = new WordStyle(family, face, size, 120, 0, Align.LEFT, colour);
    SetWords set = Typesetter.set(text, look, 5000, 5000, BundledFonts.shelf());
    if (set.lines().isEmpty()) {
      return Optional.empty();
    }
    SetWords.Line first = set.lines().get(0);
    double width = first.width();
    double back = switch (style.getOrDefault("text-anchor", "start")) {
      case "middle" -> width / 2;
      case "end" -> width;
      default -> 0;
    };
    Placement own = Placement.of(pen[0] * scale - back, pen[1] * scale - first.baseline().y(), width + 0.02, size / 72 * 1.3, 0);
    pen[0] += width / scale;
    Affine local = Affine.scale(1 / scale, 1 / scale).then(map);
    Item words = ItemWords.of(ItemProperties.of(in.freshId(), text.length() > 30 ? text.substring(0, 30) : text), own, text, look);
    return Optional.of(words.with(Reshape.lifted(own, local)));
  }

  private String family(String wanted) {
    for (String known : BundledFonts.shelf().families()) {
      if (known.equalsIgnoreCase(wanted)) {
        return known;
      }
    }
    boolean plain = List.of("sans-serif", "serif", "monospace", "cursive").contains(wanted.toLowerCase(Locale.ROOT));
    String stand = switch (wanted.toLowerCase(Locale.ROOT)) {
      case "serif" -> "Alegreya";
      case "monospace" -> "Courier Prime";
      case "cursive" -> "Caveat";
      default -> "Figtree";
    };
    if (!plain) {
      in.left.add(Wording.text("drawing.left.font", wanted, stand));
    }
    return stand;
  }

  private static String face(String family, Map<String, String> style) {
    String weight = style.getOrDefault("font-weight", "normal");
    boolean bold = weight.equals("bold") || weight.matches("[7-9]00");
    boolean italic = style.getOrDefault("font-style", "normal").matches("italic|oblique");
    List<String> there = BundledFonts.shelf().styles(family);
    String wanted = bold && italic ? "Bold Italic" : bold ? "Bold" : italic ? "Italic" : "Regular";
    return there.contains(wanted) ? wanted : there.contains(bold ? "Bold" : "Regular") ? bold ? "Bold" : "Regular" : there.get(0);
  }

  List<Item> image(Element e, Affine map, Map<String, String> style, Optional<Path> clip) {
    String href = e.getAttribute("href");
    href = href.isEmpty() ? e.getAttributeNS("http://www.w3.org/1999/xlink", "href") : href;
    int comma = href.indexOf(',');
    if (!href.startsWith("data:") || comma < 0 || !href.substring(0, comma).contains("base64")) {
      in.left.add(Wording.text("drawing.left.picture", SvgIn.name(e)));
      return List.of();
    }
    try {
      byte[] bytes = Base64.getMimeDecoder().decode(href.substring(comma + 1));
      Picture picture = Pictures.look(SvgIn.name(e), bytes, Pictures.Limits.USUAL);
      in.pictures.put(picture.id(), picture);
      double w = SvgNumbers.units(e.getAttribute("width"), picture.width(), picture.width());
      double h = SvgNumbers.units(e.getAttribute("height"), picture.height(), picture.height());
      if (!(w > 0 && h > 0)) {
        return List.of();
      }
      double x = number(e, "x");
      double y = number(e, "y");
      if (!e.getAttribute("preserveAspectRatio").startsWith("none")) {
        double s = Math.min(w / picture.width(), h / picture.height());
        x += (w - picture.width() * s) / 2;
        y += (h - picture.height() * s) / 2;
        w = picture.width() * s;
        h = picture.height() * s;
      }
      if (clip.isPresent()) {
        in.left.add(Wording.text("drawing.left.clipOn", SvgIn.name(e)));
      }
      ItemProperties properties = ItemProperties.of(in.freshId(), SvgIn.name(e)).withOpacity(SvgIn.opacity(style, "opacity"));
      Placement own = Placement.of(0, 0, w * map.meanScale(), h * map.meanScale(), 0);
      Affine local = Affine.scale(1 / map.meanScale(), 1 / map.meanScale()).then(Affine.move(x, y)).then(map);
      return List.of(ItemPhoto.of(properties, Reshape.lifted(own, local), picture.id()));
    } catch (Trouble | IllegalArgumentException damaged) {
      in.left.add(Wording.text("drawing.left.picture", SvgIn.name(e)));
      return List.of();
    }
  }
}
