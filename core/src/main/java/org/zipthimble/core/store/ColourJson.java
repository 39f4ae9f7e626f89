package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.wording.Trouble;

/** How colours leave and what they are printed with, as parts of {@code job.json}. */
final class ColourJson {
  private ColourJson() {}

  /** Where a profile's bytes stand in the file. */
  static String file(Profile profile) {
    return "profiles/" + profile.id() + ".icc";
  }

  static ObjectNode write(ColourPlan plan) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("to", word(plan.to())).put("intent", word(plan.intent())).put("blackPoint", plan.blackPoint())
        .put("blackWords", plan.blackWords()).put("limit", plan.limit());
    plan.own().ifPresent(p -> node.put("profile", file(p)));
    plan.shop().ifPresent(card -> node.set("shop", ShopShelf.write(card)));
    return node;
  }

  static ColourPlan read(JsonNode node, Map<String, Profile> profiles) throws Trouble {
    Optional<Profile> own = Optional.empty();
    if (node.has("profile")) {
      String file = Json.text(node, "profile");
      if (!profiles.containsKey(file)) {
        throw Trouble.of("thimble.missing", file);
      }
      own = Optional.of(profiles.get(file));
    }
    return new ColourPlan(Json.choice(node, "to", Destination.class), own, Json.choice(node, "intent", Intent.class),
        Json.yes(node, "blackPoint"), Json.yes(node, "blackWords"), Json.number(node, "limit"),
        node.has("shop") ? Optional.of(ShopShelf.read(node.get("shop"))) : Optional.empty());
  }

  static ObjectNode write(Ink ink) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    return ink.accept(new Ink.Visitor<>() {
      @Override
      public ObjectNode process(Ink.Process process) {
        return inks(node, process.process());
      }

      @Override
      public ObjectNode spot(Ink.Spot spot) {
        return inks(node.put("spot", spot.name()).put("kind", word(spot.kind())).put("tint", spot.tint()), spot.alternate());
      }
    });
  }

  private static ObjectNode inks(ObjectNode node, Cmyk inks) {
    return node.put("cyan", inks.cyan()).put("magenta", inks.magenta()).put("yellow", inks.yellow()).put("black", inks.black());
  }

  static Ink ink(JsonNode node) throws Trouble {
    Cmyk inks = new Cmyk(Json.number(node, "cyan"), Json.number(node, "magenta"), Json.number(node, "yellow"), Json.number(node, "black"));
    return node.has("spot") ? new Ink.Spot(Json.text(node, "spot"), Json.choice(node, "kind", Ink.Kind.class), inks, Json.number(node, "tint"))
        : new Ink.Process(inks);
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}
