package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import org.zipthimble.core.type.Story;

/** From version 7, in which words were one text in one look, to version 8, which knows paragraphs of runs. */
final class Plain7 {
  private Plain7() {}

  static void lifted(ObjectNode root) {
    root.putArray("styles");
    root.putArray("facts");
    for (ObjectNode face : Upcasters.objects(root.path("faces"))) {
      Upcasters.objects(face.path("items")).forEach(Plain7::item);
    }
  }

  private static void item(ObjectNode item) {
    Upcasters.objects(item.path("members")).forEach(Plain7::item);
    Upcasters.objects(item.path("fillStyle").path("art")).forEach(Plain7::item);
    if (item.path("kind").asText().equals("words")) {
      words(item);
    }
  }

  /** A text or a style that is missing or of another kind stays as it is: the reader tells it. */
  private static void words(ObjectNode item) {
    JsonNode text = item.path("text");
    JsonNode style = item.path("style");
    if (!text.isTextual() || !(style instanceof ObjectNode)) {
      return;
    }
    Optional.ofNullable(item.remove("finish")).ifPresent(f -> item.set("fillStyle", f));
    item.remove("text");
    item.remove("style");
    ObjectNode letters = part((ObjectNode) style, "family", "style", "sizePt", "tracking", "colour");
    ObjectNode lines = part((ObjectNode) style, "align", "leadingPercent");
    ArrayNode paragraphs = item.putObject("story").putArray("paragraphs");
    // a tab was as wide as a space
    for (String line : Story.clean(text.textValue().replace('\t', ' ')).split("\n", -1)) {
      ObjectNode paragraph = paragraphs.addObject();
      paragraph.putArray("runs").addObject().put("text", line).set("look", letters.deepCopy());
      paragraph.set("look", lines.deepCopy());
    }
  }

  private static ObjectNode part(ObjectNode from, String... names) {
    ObjectNode out = JsonNodeFactory.instance.objectNode();
    for (String name : names) {
      if (from.has(name)) {
        out.set(name, from.get(name));
      }
    }
    return out;
  }
}
