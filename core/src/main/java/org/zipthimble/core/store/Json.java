package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import org.zipthimble.core.wording.Trouble;

/** Reads required parts of a JSON tree; what is missing or of another kind is told by its name. */
final class Json {
  private Json() {}

  static JsonNode child(JsonNode node, String name) throws Trouble {
    JsonNode child = node.get(name);
    if (child == null || child.isNull()) {
      throw Trouble.of("thimble.missing", name);
    }
    return child;
  }

  static String text(JsonNode node, String name) throws Trouble {
    JsonNode child = child(node, name);
    if (!child.isTextual()) {
      throw Trouble.of("thimble.wrongKind", name);
    }
    return child.textValue();
  }

  static double number(JsonNode node, String name) throws Trouble {
    JsonNode child = child(node, name);
    if (!child.isNumber() || !Double.isFinite(child.doubleValue())) {
      throw Trouble.of("thimble.wrongKind", name);
    }
    return child.doubleValue();
  }

  static int whole(JsonNode node, String name) throws Trouble {
    JsonNode child = child(node, name);
    if (!child.canConvertToInt() || !child.isIntegralNumber()) {
      throw Trouble.of("thimble.wrongKind", name);
    }
    return child.intValue();
  }

  static boolean yes(JsonNode node, String name) throws Trouble {
    JsonNode child = child(node, name);
    if (!child.isBoolean()) {
      throw Trouble.of("thimble.wrongKind", name);
    }
    return child.booleanValue();
  }

  static JsonNode list(JsonNode node, String name, int most) throws Trouble {
    JsonNode child = child(node, name);
    if (!child.isArray() || child.size() > most) {
      throw Trouble.of("thimble.wrongKind", name);
    }
    return child;
  }

  static <E extends Enum<E>> E choice(JsonNode node, String name, Class<E> kind) throws Trouble {
    String word = text(node, name);
    for (E value : kind.getEnumConstants()) {
      if (value.name().equalsIgnoreCase(word)) {
        return value;
      }
    }
    throw Trouble.of("thimble.unknownWord", name, word);
  }
}
