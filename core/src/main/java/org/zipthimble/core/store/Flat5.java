package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;

/**
 * From version 5, in which an object's properties, place and kind stood side by side and one bleed went all round, to version 6, which
 * nests as the model does and knows a bleed and a safe margin for each side.
 */
final class Flat5 {
  private static final List<String> PROPERTIES = List.of("id", "name", "visible", "locked", "role", "opacity", "clearGap", "effects");
  private static final List<String> PLACEMENT = List.of("x", "y", "width", "height", "turn", "slant", "flipped");

  private Flat5() {}

  static void lifted(ObjectNode root) {
    object(root, "ticket").ifPresent(ticket -> {
      nest(ticket, "finished", List.of("width", "height"));
      sides(ticket, "bleed");
      sides(ticket, "safe");
    });
    object(root, "sheet").ifPresent(sheet -> nest(sheet, "paper", List.of("width", "height")));
    object(root, "palette").ifPresent(p -> Upcasters.objects(p.path("swatches"))
        .forEach(s -> object(s, "ink").ifPresent(i -> s.set("ink", ink(i)))));
    object(root, "cutting").ifPresent(c -> Upcasters.objects(c.path("lanes")).forEach(
        lane -> object(lane, "supply").ifPresent(s -> nest(s, "size", List.of("width", "height")))));
    object(root, "colour").ifPresent(colour -> {
      rename(colour, "profile", "own");
      object(colour, "shop").ifPresent(card -> rename(card, "shop", "name"));
    });
    for (ObjectNode face : Upcasters.objects(root.path("faces"))) {
      object(face, "guides").ifPresent(g -> Upcasters.objects(g.path("lines")).forEach(line -> place(line, "through", "x", "y")));
      Upcasters.objects(face.path("items")).forEach(Flat5::item);
    }
  }

  private static void item(ObjectNode item) {
    ObjectNode properties = nest(item, "properties", PROPERTIES);
    JsonNode cut = item.remove("cut");
    if (cut != null) {
      properties.set("cutting", cut);
    }
    usually(properties, "clearGap", JsonNodeFactory.instance.numberNode(0.0));
    ObjectNode placement = nest(item, "placement", PLACEMENT);
    usually(placement, "slant", JsonNodeFactory.instance.numberNode(0.0));
    usually(placement, "flipped", JsonNodeFactory.instance.booleanNode(false));
    switch (item.path("kind").asText()) {
      case "shape" -> shape(item);
      case "picture" -> {
        rename(item, "picture", "pictureId");
        object(item, "retouch").ifPresent(Flat5::retouch);
        rename(item, "retouch", "retouching");
      }
      case "group" -> group(item);
      default -> { }
    }
  }

  private static void shape(ObjectNode item) {
    object(item, "outline").ifPresent(o -> {
      rename(o, "form", "kind");
      rename(o, "path", "unit");
    });
    object(item, "line").ifPresent(Flat5::line);
    object(item, "cover").ifPresent(cover -> {
      if (cover.path("kind").asText().equals("tiles")) {
        nest(cover, "tile", List.of("width", "height"));
        Upcasters.objects(cover.path("art")).forEach(Flat5::item);
      }
    });
    rename(item, "cover", "fillStyle");
  }

  private static void line(ObjectNode line) {
    JsonNodeFactory make = JsonNodeFactory.instance;
    usually(line, "dashesPt", make.arrayNode());
    usually(line, "end", make.textNode("butt"));
    usually(line, "corner", make.textNode("mitre"));
    usually(line, "side", make.textNode("centre"));
  }

  private static void group(ObjectNode item) {
    ObjectNode inner = nest(item, "inner", List.of("innerWidth", "innerHeight"));
    rename(inner, "innerWidth", "width");
    rename(inner, "innerHeight", "height");
    Upcasters.objects(item.path("members")).forEach(Flat5::item);
    ObjectNode effect = object(item, "making").orElseGet(() -> JsonNodeFactory.instance.objectNode().put("kind", "together"));
    item.remove("making");
    item.set("effect", effect);
    switch (effect.path("kind").asText()) {
      case "combined", "rings" -> dress(effect);
      case "repeated" -> repeated(effect);
      case "mount" -> {
        dress(effect);
        rename(effect, "picture", "pictureId");
        object(effect, "retouch").ifPresent(Flat5::retouch);
        nest(effect, "fit", List.of("zoom", "dx", "dy", "turn"));
      }
      default -> { }
    }
  }

  private static void dress(ObjectNode effect) {
    ObjectNode dress = nest(effect, "dress", List.of("fill", "line"));
    object(dress, "line").ifPresent(Flat5::line);
  }

  private static void repeated(ObjectNode effect) {
    rename(effect, "pattern", "shape");
    List<String> fields = new ArrayList<>();
    effect.fieldNames().forEachRemaining(f -> {
      if (!f.equals("kind")) {
        fields.add(f);
      }
    });
    ObjectNode places = nest(effect, "places", fields);
    rename(places, "shape", "kind");
    String kind = places.path("kind").asText();
    if (kind.equals("round") || kind.equals("mirror")) {
      place(places, kind.equals("round") ? "centre" : "through", "px", "py");
    }
  }

  private static void retouch(ObjectNode retouch) {
    usually(retouch, "crop", JsonNodeFactory.instance.arrayNode().add(0.0).add(0.0).add(1.0).add(1.0));
    nest(retouch, "tones", List.of("brightness", "contrast", "warmth", "saturation"));
    for (ObjectNode rub : Upcasters.objects(retouch.path("rubs"))) {
      JsonNode flat = rub.path("places");
      ArrayNode pairs = JsonNodeFactory.instance.arrayNode();
      for (int i = 0; i + 1 < flat.size(); i += 2) {
        pairs.addArray().add(flat.get(i)).add(flat.get(i + 1));
      }
      rub.set("places", pairs);
    }
  }

  private static ObjectNode ink(ObjectNode ink) {
    boolean spot = ink.has("spot");
    ObjectNode out = JsonNodeFactory.instance.objectNode().put("is", spot ? "spot" : "process");
    ObjectNode inks = out.putObject(spot ? "alternate" : "process");
    for (String name : List.of("cyan", "magenta", "yellow", "black")) {
      move(ink, name, inks, name);
    }
    if (spot) {
      move(ink, "spot", out, "name");
      move(ink, "kind", out, "kind");
      move(ink, "tint", out, "tint");
    }
    return out;
  }

  private static void sides(ObjectNode node, String name) {
    JsonNode all = node.path(name);
    if (all.isNumber()) {
      ObjectNode sides = node.putObject(name);
      List.of("left", "top", "right", "bottom").forEach(side -> sides.set(side, all));
    }
  }

  private static java.util.Optional<ObjectNode> object(JsonNode node, String name) {
    return node.path(name) instanceof ObjectNode ? java.util.Optional.of((ObjectNode) node.path(name)) : java.util.Optional.empty();
  }

  private static ObjectNode nest(ObjectNode node, String name, List<String> fields) {
    ObjectNode inner = JsonNodeFactory.instance.objectNode();
    fields.forEach(f -> move(node, f, inner, f));
    node.set(name, inner);
    return inner;
  }

  private static void place(ObjectNode node, String name, String x, String y) {
    ArrayNode place = JsonNodeFactory.instance.arrayNode();
    for (String field : List.of(x, y)) {
      JsonNode value = node.remove(field);
      if (value != null) {
        place.add(value);
      }
    }
    node.set(name, place);
  }

  private static void rename(ObjectNode node, String from, String to) {
    move(node, from, node, to);
  }

  private static void move(ObjectNode from, String field, ObjectNode to, String name) {
    JsonNode value = from.remove(field);
    if (value != null) {
      to.set(name, value);
    }
  }

  private static void usually(ObjectNode node, String name, JsonNode value) {
    if (!node.has(name)) {
      node.set(name, value);
    }
  }
}
