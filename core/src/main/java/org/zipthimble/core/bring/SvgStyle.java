package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;

/** The style of elements: presentation attributes, the rules of style elements by type, class and id, and style attributes, in that order. */
final class SvgStyle {
  private static final Set<String> NOT_INHERITED = Set.of("opacity", "clip-path", "mask", "filter", "display", "stop-color", "stop-opacity");
  private static final Set<String> KNOWN = Set.of(
      "fill", "fill-opacity", "fill-rule", "stroke", "stroke-width", "stroke-opacity", "stroke-dasharray", "stroke-linecap", "stroke-linejoin",
      "opacity", "display", "visibility", "font-family", "font-size", "font-weight", "font-style", "text-anchor", "color", "stop-color",
      "stop-opacity", "clip-path", "clip-rule", "mask", "filter", "letter-spacing", "marker-start", "marker-mid", "marker-end");
  private static final Pattern RULE = Pattern.compile("([^{}]+)\\{([^{}]*)\\}");
  private static final Pattern SIMPLE = Pattern.compile("([a-zA-Z]*|\\*)((?:[.#][\\w-]+)*)");

  private record Rule(String type, List<String> names, Map<String, String> values, int weight) {}

  private final List<Rule> rules = new ArrayList<>();
  private boolean leftOut;

  /** Whether rules were met that choose elements in ways not understood here. */
  boolean leftOut() {
    return leftOut;
  }

  void sheet(String css) {
    String plain = css.replaceAll("(?s)/\\*.*?\\*/", " ").replace("<!--", " ").replace("-->", " ");
    leftOut |= plain.contains("@import") || plain.contains("@media") || plain.contains("@font-face");
    Matcher m = RULE.matcher(plain.replaceAll("@[^{;]*;", " "));
    while (m.find() && rules.size() < 5000) {
      Map<String, String> values = declarations(m.group(2));
      for (String selector : m.group(1).split(",")) {
        Matcher simple = SIMPLE.matcher(selector.strip());
        if (simple.matches()) {
          List<String> names = new ArrayList<>();
          Matcher name = Pattern.compile("[.#][\\w-]+").matcher(simple.group(2));
          int weight = simple.group(1).isEmpty() || simple.group(1).equals("*") ? 0 : 1;
          while (name.find()) {
            names.add(name.group());
            weight += name.group().startsWith("#") ? 100 : 10;
          }
          rules.add(new Rule(simple.group(1), names, values, weight));
        } else {
          leftOut = true;
        }
      }
    }
    rules.sort((a, b) -> Integer.compare(a.weight(), b.weight()));
  }

  private static Map<String, String> declarations(String text) {
    Map<String, String> out = new HashMap<>();
    for (String part : text.split(";")) {
      int colon = part.indexOf(':');
      if (colon > 0) {
        out.put(part.substring(0, colon).strip().toLowerCase(Locale.ROOT), part.substring(colon + 1).replace("!important", "").strip());
      }
    }
    return out;
  }

  /** The values that hold for an element inside another one whose values are given. */
  Map<String, String> of(Element element, Map<String, String> outer) {
    Map<String, String> values = new HashMap<>(outer);
    NOT_INHERITED.forEach(values::remove);
    for (String name : KNOWN) {
      String value = element.getAttribute(name);
      if (!value.isEmpty()) {
        put(values, outer, name, value.strip());
      }
    }
    Set<String> classes = Set.of(element.getAttribute("class").strip().split("\\s+"));
    for (Rule rule : rules) {
      boolean type = rule.type().isEmpty() || rule.type().equals("*") || rule.type().equals(element.getLocalName());
      boolean names = rule.names().stream().allMatch(n -> n.startsWith(".")
          ? classes.contains(n.substring(1)) : element.getAttribute("id").equals(n.substring(1)));
      if (type && names) {
        rule.values().forEach((k, v) -> put(values, outer, k, v));
      }
    }
    declarations(element.getAttribute("style")).forEach((k, v) -> put(values, outer, k, v));
    return values;
  }

  private static void put(Map<String, String> values, Map<String, String> outer, String name, String value) {
    if (value.equals("inherit")) {
      if (outer.containsKey(name)) {
        values.put(name, outer.get(name));
      }
    } else {
      values.put(name, value);
    }
  }
}
