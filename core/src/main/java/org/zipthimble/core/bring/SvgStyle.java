package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;

/**
 * The style of elements: presentation attributes, the rules of style elements by type, class and id, and style attributes, in that order.
 */
final class SvgStyle {
  private static final Set<String> NOT_INHERITED = Set.of("opacity", "clip-path", "mask", "filter", "display", "stop-color",
      "stop-opacity");
  private static final Set<String> KNOWN = Set.of(
      "fill", "fill-opacity", "fill-rule", "stroke", "stroke-width", "stroke-opacity", "stroke-dasharray", "stroke-linecap",
      "stroke-linejoin",
      "opacity", "display", "visibility", "font-family", "font-size", "font-weight", "font-style", "text-anchor", "color", "stop-color",
      "stop-opacity", "clip-path", "clip-rule", "mask", "filter", "letter-spacing", "marker-start", "marker-mid", "marker-end");
  private static final Pattern SIMPLE = Pattern.compile("([a-zA-Z]*+|\\*)((?:[.#][\\w-]++)*+)");
  private static final Pattern NAME = Pattern.compile("[.#][\\w-]++");
  private static final int MOST_RULES = 5000;

  private record Rule(int place, String type, List<String> names, Map<String, String> values, int weight) {}

  private final List<Rule> rules = new ArrayList<>();
  private final Map<String, List<Rule>> byKey = new HashMap<>();
  private boolean leftOut;

  /** Whether rules were met that choose elements in ways not understood here. */
  boolean leftOut() {
    return leftOut;
  }

  /**
   * Takes the rules of a sheet, reading it once from front to back (CSS Syntax Module Level 3, 5: what does not close ends with the
   * sheet).
   */
  void sheet(String css) {
    StringBuilder prelude = new StringBuilder();
    int at = 0;
    while (at < css.length() && rules.size() < MOST_RULES) {
      char c = css.charAt(at);
      if (css.startsWith("/*", at)) {
        at = after(css, "*/", at + 2);
      } else if (css.startsWith("<!--", at) || css.startsWith("-->", at)) {
        at += c == '<' ? 4 : 3;
      } else if (c == '@') {
        leftOut = true;
        at = afterAtRule(css, at);
      } else if (c == '{') {
        int close = css.indexOf('}', at);
        int end = close < 0 ? css.length() : close;
        add(prelude.toString(), declarations(css.substring(at + 1, end)));
        prelude.setLength(0);
        at = end + 1;
      } else {
        prelude.append(c == '}' ? ' ' : c);
        at++;
      }
    }
  }

  private static int after(String css, String mark, int from) {
    int at = css.indexOf(mark, from);
    return at < 0 ? css.length() : at + mark.length();
  }

  /** Past an at-rule: to its semicolon, or past its block with all blocks in it. */
  private static int afterAtRule(String css, int from) {
    int depth = 0;
    for (int at = from; at < css.length(); at++) {
      char c = css.charAt(at);
      if (c == ';' && depth == 0) {
        return at + 1;
      }
      depth += c == '{' ? 1 : 0;
      if (c == '}' && --depth <= 0) {
        return at + 1;
      }
    }
    return css.length();
  }

  private void add(String selectors, Map<String, String> values) {
    for (String selector : selectors.split(",")) {
      Matcher simple = SIMPLE.matcher(selector.strip());
      if (simple.matches()) {
        List<String> names = new ArrayList<>();
        Matcher name = NAME.matcher(simple.group(2));
        int weight = simple.group(1).isEmpty() || simple.group(1).equals("*") ? 0 : 1;
        while (name.find()) {
          names.add(name.group());
          weight += name.group().startsWith("#") ? 100 : 10;
        }
        Rule rule = new Rule(rules.size(), simple.group(1), names, values, weight);
        rules.add(rule);
        String key = names.isEmpty() ? rule.type().isEmpty() ? "*" : rule.type() : names.get(names.size() - 1);
        byKey.computeIfAbsent(key, k -> new ArrayList<>()).add(rule);
      } else {
        leftOut = true;
      }
    }
  }

  /** The rules that may hold for an element, the weightiest last and of equals the later. */
  private List<Rule> candidates(Element element, Set<String> classes) {
    List<Rule> some = new ArrayList<>(byKey.getOrDefault("*", List.of()));
    some.addAll(byKey.getOrDefault(String.valueOf(element.getLocalName()), List.of()));
    some.addAll(byKey.getOrDefault("#" + element.getAttribute("id"), List.of()));
    classes.forEach(c -> some.addAll(byKey.getOrDefault("." + c, List.of())));
    some.sort(Comparator.comparingInt(Rule::weight).thenComparingInt(Rule::place));
    return some;
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
    Set<String> classes = new LinkedHashSet<>(Arrays.asList(element.getAttribute("class").strip().split("\\s+")));
    for (Rule rule : candidates(element, classes)) {
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
