package org.zipthimble.core.bring;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;
import org.xml.sax.helpers.DefaultHandler;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * Brings SVG in: paths, basic shapes, groups, transforms, units and view boxes at true size, style sheets, use and
 * symbol, clips, gradients, embedded pictures and text. Nothing outside the file is ever fetched; what cannot be brought
 * in is listed.
 */
public final class SvgIn {
  private static final Set<String> QUIET = Set.of(
      "defs", "title", "desc", "metadata", "style", "symbol", "clipPath", "linearGradient", "radialGradient", "stop", "namedview", "view",
      "a",
      "script", "switch", "tspan");
  private static final Set<String> HOLDERS = Set.of("g", "a", "switch");

  final VectorLimits limits;
  final SvgStyle styles = new SvgStyle();
  final Map<String, Element> byId = new HashMap<>();
  final Map<String, Picture> pictures = new HashMap<>();
  final Set<String> left = new LinkedHashSet<>();
  private int objects;
  private int places;
  private int ids;

  private SvgIn(VectorLimits limits) {
    this.limits = limits;
  }

  /**
   * Reads an SVG.
   *
   * @param perInch units of the drawing for each inch, for a file that does not say how large it is; 96 without it
   * @throws Trouble with a sentence when it cannot be read or asks for too much
   */
  public static ImportedDrawing read(String name, byte[] bytes, OptionalDouble perInch, VectorLimits limits) throws Trouble {
    if (bytes.length > limits.bytes()) {
      throw Trouble.of("drawing.tooManyBytes", name, limits.bytes() / 1_000_000);
    }
    try {
      Document document = builder().parse(new ByteArrayInputStream(bytes));
      Element root = document.getDocumentElement();
      if (!"svg".equals(root.getLocalName())) {
        throw Trouble.of("drawing.notSvg", name);
      }
      return new SvgIn(limits).drawing(root, perInch);
    } catch (TooMuch e) {
      throw Trouble.because(e, "drawing.tooMuch", name);
    } catch (SAXException | IOException | ParserConfigurationException | RuntimeException | StackOverflowError e) {
      throw Trouble.because(e, "drawing.damaged", name, e instanceof SAXParseException
          ? Wording.text("drawing.line", ((SAXParseException) e).getLineNumber()) : DxfIn.why(e));
    }
  }

  /** The drawing asks for more than the limits. */
  static final class TooMuch extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  private static DocumentBuilder builder() throws ParserConfigurationException {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultInstance();
    factory.setNamespaceAware(true);
    factory.setXIncludeAware(false);
    factory.setExpandEntityReferences(true);
    factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
    factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
    factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
    factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
    factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_DTD, "");
    factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "");
    factory.setAttribute("jdk.xml.entityExpansionLimit", "200");
    factory.setAttribute("jdk.xml.totalEntitySizeLimit", "100000");
    DocumentBuilder builder = factory.newDocumentBuilder();
    builder.setEntityResolver((id, system) -> new InputSource(new StringReader("")));
    builder.setErrorHandler(new DefaultHandler());
    return builder;
  }

  private ImportedDrawing drawing(Element root, OptionalDouble perInch) {
    collect(root, 0);
    List<Double> box = SvgNumbers.all(root.getAttribute("viewBox"));
    boolean viewed = box.size() == 4 && box.get(2) > 0 && box.get(3) > 0;
    OptionalDouble wide = SvgNumbers.inches(root.getAttribute("width"));
    OptionalDouble high = SvgNumbers.inches(root.getAttribute("height"));
    boolean sized = wide.isPresent() || high.isPresent();
    double unit = 1 / perInch.orElse(96);
    double boxWide = viewed ? box.get(2) : SvgNumbers.units(root.getAttribute("width"), 300, 300);
    double boxHigh = viewed ? box.get(3) : SvgNumbers.units(root.getAttribute("height"), 150, 150);
    double w = wide.orElse(high.isPresent() && viewed ? high.getAsDouble() * boxWide / boxHigh
        : SvgNumbers.units(root.getAttribute("width"), boxWide, boxWide) * unit);
    double h = high.orElse(wide.isPresent() && viewed ? wide.getAsDouble() * boxHigh / boxWide
        : SvgNumbers.units(root.getAttribute("height"), boxHigh, boxHigh) * unit);
    if (!(w > 0 && h > 0 && w < 10_000 && h < 10_000)) {
      throw new IllegalArgumentException("no size");
    }
    Affine map = viewed ? fitted(root, box, w, h) : Affine.scale(sized ? 1.0 / 96 : unit, sized ? 1.0 / 96 : unit);
    Map<String, String> style = styles.of(root, new HashMap<>());
    List<Item> items = children(root, map, style, Optional.empty(), 0);
    if (styles.leftOut()) {
      left.add(Wording.text("drawing.left.rules"));
    }
    return new ImportedDrawing(items, pictures, new Size(w, h), sized, List.copyOf(left));
  }

  /** From a view box to a viewport, its proportion kept unless the file says otherwise (7.8). */
  private static Affine fitted(Element element, List<Double> box, double w, double h) {
    double sx = w / box.get(2);
    double sy = h / box.get(3);
    String how = element.getAttribute("preserveAspectRatio");
    if (!how.startsWith("none")) {
      double s = how.contains("slice") ? Math.max(sx, sy) : Math.min(sx, sy);
      double across = how.contains("xMin") ? 0 : how.contains("xMax") ? 1 : 0.5;
      double down = how.contains("YMin") ? 0 : how.contains("YMax") ? 1 : 0.5;
      return Affine.move(-box.get(0), -box.get(1)).then(Affine.scale(s, s))
          .then(Affine.move((w - box.get(2) * s) * across, (h - box.get(3) * s) * down));
    }
    return Affine.move(-box.get(0), -box.get(1)).then(Affine.scale(sx, sy));
  }

  private void collect(Element element, int depth) {
    if (depth > 400) {
      throw new TooMuch();
    }
    if (!element.getAttribute("id").isEmpty()) {
      byId.putIfAbsent(element.getAttribute("id"), element);
    }
    if ("style".equals(element.getLocalName())) {
      styles.sheet(element.getTextContent());
    }
    for (Node n = element.getFirstChild(); n != null; n = n.getNextSibling()) {
      if (n instanceof Element) {
        collect((Element) n, depth + 1);
      }
    }
  }

  private List<Item> children(Element holder, Affine map, Map<String, String> style, Optional<Path> clip, int depth) {
    List<Item> out = new ArrayList<>();
    for (Node n = holder.getFirstChild(); n != null; n = n.getNextSibling()) {
      if (n instanceof Element) {
        out.addAll(element((Element) n, map, style, clip, depth));
      }
    }
    return out;
  }

  private List<Item> element(Element e, Affine outer, Map<String, String> outerStyle, Optional<Path> outerClip, int depth) {
    if (depth > limits.depth()) {
      throw new TooMuch();
    }
    String kind = e.getLocalName();
    boolean foreign = e.getNamespaceURI() != null && !e.getNamespaceURI().contains("/svg");
    if (foreign || QUIET.contains(kind) && !HOLDERS.contains(kind)) {
      if ("script".equals(kind)) {
        left.add(Wording.text("drawing.left.element", kind));
      }
      return List.of();
    }
    Map<String, String> style = styles.of(e, outerStyle);
    if ("none".equals(style.get("display"))) {
      return List.of();
    }
    Affine map = SvgNumbers.transform(e.getAttribute("transform")).then(outer);
    for (String effect : List.of("filter", "mask", "marker-start", "marker-mid", "marker-end")) {
      if (style.containsKey(effect) && !style.get(effect).equals("none")) {
        left.add(Wording.text("drawing.left.effect", effect, name(e)));
      }
    }
    Optional<Path> clip = clip(style, map, outerClip, depth);
    if (HOLDERS.contains(kind)) {
      return grouped(e, children(e, map, style, clip, depth + 1), style);
    }
    return switch (kind) {
      case "use" -> use(e, map, style, clip, depth);
      case "svg" -> viewport(e, map, style, clip, depth);
      case "path", "rect", "circle", "ellipse", "line", "polyline",
          "polygon" -> count(new SvgShapes(this).shape(e, kind, map, style, clip));
      case "text" -> count(new SvgShapes(this).text(e, map, style, clip));
      case "image" -> count(new SvgShapes(this).image(e, map, style, clip));
      default -> {
        left.add(Wording.text("drawing.left.element", kind));
        yield List.of();
      }
    };
  }

  private List<Item> count(List<Item> items) {
    objects += items.size();
    if (objects > limits.objects()) {
      throw new TooMuch();
    }
    return items;
  }

  void count(Path path) {
    places += path.segments().size();
    if (places > limits.places()) {
      throw new TooMuch();
    }
  }

  private List<Item> grouped(Element e, List<Item> members, Map<String, String> style) {
    double opacity = opacity(style, "opacity");
    if (members.isEmpty()) {
      return members;
    }
    if (members.size() == 1) {
      Item only = members.get(0);
      return List.of(only.with(only.properties().withOpacity(only.properties().opacity() * opacity)));
    }
    return List.of(Grouping.of(ItemProperties.of(freshId(), name(e)).withOpacity(opacity), members));
  }

  static double opacity(Map<String, String> style, String name) {
    List<Double> n = SvgNumbers.all(style.getOrDefault(name, "1"));
    double value = n.isEmpty() ? 1 : n.get(0) / (style.getOrDefault(name, "1").contains("%") ? 100 : 1);
    return Math.max(0, Math.min(1, value));
  }

  private List<Item> use(Element e, Affine map, Map<String, String> style, Optional<Path> clip, int depth) {
    Element target = reference(e);
    if (target == null) {
      left.add(Wording.text("drawing.left.reference", name(e)));
      return List.of();
    }
    if (++objects > limits.objects()) {
      throw new TooMuch();
    }
    Affine moved = Affine.move(SvgNumbers.units(e.getAttribute("x"), 0, 0), SvgNumbers.units(e.getAttribute("y"), 0, 0)).then(map);
    if (!"symbol".equals(target.getLocalName())) {
      return element(target, moved, style, clip, depth + 1);
    }
    Map<String, String> inner = styles.of(target, style);
    List<Double> box = SvgNumbers.all(target.getAttribute("viewBox"));
    Affine into = moved;
    if (box.size() == 4 && box.get(2) > 0 && box.get(3) > 0) {
      double w = SvgNumbers.units(e.getAttribute("width"), box.get(2), box.get(2));
      double h = SvgNumbers.units(e.getAttribute("height"), box.get(3), box.get(3));
      into = fitted(target, box, w, h).then(moved);
    }
    return grouped(target, children(target, into, inner, clip, depth + 1), inner);
  }

  private List<Item> viewport(Element e, Affine map, Map<String, String> style, Optional<Path> clip, int depth) {
    Affine moved = Affine.move(SvgNumbers.units(e.getAttribute("x"), 0, 0), SvgNumbers.units(e.getAttribute("y"), 0, 0)).then(map);
    List<Double> box = SvgNumbers.all(e.getAttribute("viewBox"));
    if (box.size() == 4 && box.get(2) > 0 && box.get(3) > 0) {
      double w = SvgNumbers.units(e.getAttribute("width"), box.get(2), box.get(2));
      double h = SvgNumbers.units(e.getAttribute("height"), box.get(3), box.get(3));
      moved = fitted(e, box, w, h).then(moved);
    }
    return grouped(e, children(e, moved, style, clip, depth + 1), style);
  }

  /** The element that a reference within the file points to; null for any other reference. */
  Element reference(Element e) {
    String href = e.getAttribute("href");
    if (href.isEmpty()) {
      href = e.getAttributeNS("http://www.w3.org/1999/xlink", "href");
    }
    return href.startsWith("#") ? byId.get(href.substring(1)) : null;
  }

  private Optional<Path> clip(Map<String, String> style, Affine map, Optional<Path> outer, int depth) {
    String value = style.get("clip-path");
    if (value == null || value.equals("none")) {
      return outer;
    }
    Element target = url(value);
    if (target == null || !"clipPath".equals(target.getLocalName()) || "objectBoundingBox".equals(target.getAttribute("clipPathUnits"))) {
      left.add(Wording.text("drawing.left.clip"));
      return outer;
    }
    Affine inner = SvgNumbers.transform(target.getAttribute("transform")).then(map);
    Path all = new SvgShapes(this).clip(target, inner, depth);
    return Optional.of(outer.map(o -> SvgShapes.within(all, o)).orElse(all));
  }

  /** The element of a url(#id) value; null for any other. */
  Element url(String value) {
    int hash = value.indexOf('#');
    int end = value.indexOf(')');
    return value.startsWith("url(") && hash > 0 && end > hash
        ? byId.get(value.substring(hash + 1, end).replace("\"", "").replace("'", "").strip()) : null;
  }

  String freshId() {
    return "i" + ++ids;
  }

  static String name(Element e) {
    for (Node n = e.getFirstChild(); n != null; n = n.getNextSibling()) {
      if (n instanceof Element && "title".equals(n.getLocalName()) && !n.getTextContent().isBlank()) {
        return shortened(n.getTextContent().strip());
      }
    }
    String id = e.getAttribute("id");
    return id.isEmpty() ? e.getLocalName() : shortened(id.replace('_', ' ').replace('-', ' ').strip());
  }

  private static String shortened(String text) {
    String plain = text.replaceAll("\\s+", " ");
    return plain.length() > 60 ? plain.substring(0, 60) : plain.isEmpty() ? "svg" : plain;
  }
}
