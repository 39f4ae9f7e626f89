package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Iterator;
import java.util.Map;
import org.zipthimble.core.wording.Trouble;

/** What is looked at in a tree before it is bound: that lists are not too long, groups not too deep and numbers finite. */
final class JsonLimits {
  private static final int MOST = 20_000;
  private static final int DEEPEST = 32;

  private JsonLimits() {}

  /** Tells what goes beyond. */
  static void check(JsonNode tree) throws Trouble {
    check(tree, "", 0);
  }

  private static void check(JsonNode node, String name, int groups) throws Trouble {
    if (groups > DEEPEST) {
      throw Trouble.of("thimble.tooDeep");
    }
    if (node.isNumber() && !Double.isFinite(node.doubleValue()) || node.isArray() && node.size() > MOST) {
      throw Trouble.of("thimble.wrongKind", name);
    }
    if (node.isArray()) {
      for (JsonNode element : node) {
        check(element, name, groups);
      }
    }
    for (Iterator<Map.Entry<String, JsonNode>> fields = node.fields(); fields.hasNext();) {
      Map.Entry<String, JsonNode> field = fields.next();
      boolean inward = field.getKey().equals("members") || field.getKey().equals("art");
      check(field.getValue(), field.getKey(), inward ? groups + 1 : groups);
    }
  }
}
