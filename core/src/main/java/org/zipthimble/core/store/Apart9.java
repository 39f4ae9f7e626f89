package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** From version 9 to 10: the effects of an object stand in a list, each by its kind; till then they were five fields of one object. */
final class Apart9 {
  private Apart9() {}

  static void lifted(JsonNode node) {
    if (node instanceof ObjectNode && node.path("effects") instanceof ObjectNode) {
      ((ObjectNode) node).set("effects", list((ObjectNode) node.path("effects")));
    }
    node.forEach(Apart9::lifted);
  }

  private static ArrayNode list(ObjectNode was) {
    ArrayNode out = JsonNodeFactory.instance.arrayNode();
    for (String ring : new String[] {"shadow", "glow"}) {
      if (was.path(ring) instanceof ObjectNode) {
        ObjectNode one = JsonNodeFactory.instance.objectNode().put("kind", ring);
        was.path(ring).fields().forEachRemaining(f -> one.set(f.getKey(), f.getValue()));
        out.add(one);
      }
    }
    for (String soft : new String[] {"blur", "feather"}) {
      if (!was.path(soft).isMissingNode() && !(was.path(soft).isNumber() && was.path(soft).doubleValue() == 0)) {
        out.addObject().put("kind", soft).set("size", was.path(soft));
      }
    }
    JsonNode blend = was.path("blend");
    if (!blend.isMissingNode() && !"normal".equals(blend.textValue())) {
      out.addObject().put("kind", "mixing").set("blend", blend);
    }
    return out;
  }
}
