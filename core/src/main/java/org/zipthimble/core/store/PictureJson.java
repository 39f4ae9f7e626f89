package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Effects;
import org.zipthimble.core.job.ItemProperties;
import org.zipthimble.core.job.PictureFit;
import org.zipthimble.core.picture.Backdrop;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.picture.Tones;
import org.zipthimble.core.wording.Trouble;

/** The parts of objects that came with version 5: what is done to pictures, how mounts hold them, effects. */
final class PictureJson {
  private PictureJson() {}

  static void write(ObjectNode node, Retouch r) {
    if (r.none()) {
      return;
    }
    ObjectNode out = node.putObject("retouch");
    if (!r.crop().equals(Retouch.WHOLE)) {
      out.putArray("crop").add(r.crop().x()).add(r.crop().y()).add(r.crop().width()).add(r.crop().height());
    }
    out.put("straighten", r.straighten()).put("flippedX", r.flippedX()).put("flippedY", r.flippedY());
    r.backdrop().ifPresent(b -> out.putObject("backdrop").put("colour", b.colour().hex()).put("near", b.near())
        .put("connected", b.connected()).put("clean", b.clean()));
    ArrayNode rubs = out.putArray("rubs");
    for (BrushStroke rub : r.rubs()) {
      ObjectNode stroke = rubs.addObject().put("radius", rub.radius()).put("soft", rub.soft()).put("restores", rub.restores());
      ArrayNode places = stroke.putArray("places");
      rub.places().forEach(p -> places.add(p.x()).add(p.y()));
    }
    Tones t = r.tones();
    out.put("patched", r.patched()).put("brightness", t.brightness()).put("contrast", t.contrast()).put("warmth", t.warmth())
        .put("saturation", t.saturation()).put("look", ItemJson.word(r.look())).put("strength", r.strength()).put("enlarged", r.enlarged());
    r.tint().ifPresent(c -> out.put("tint", c.hex()));
  }

  static Retouch retouch(JsonNode parent) throws Trouble {
    if (!parent.has("retouch")) {
      return Retouch.NONE;
    }
    JsonNode node = Json.child(parent, "retouch");
    List<Double> crop = node.has("crop") ? LiveEffectJson.numbers(node, "crop", 4) : List.of(0.0, 0.0, 1.0, 1.0);
    if (crop.size() != 4) {
      throw Trouble.of("thimble.wrongKind", "crop");
    }
    List<BrushStroke> rubs = new ArrayList<>();
    for (JsonNode rub : Json.list(node, "rubs", Retouch.MOST_RUBS)) {
      rubs.add(new BrushStroke(places(rub), Json.number(rub, "radius"), Json.number(rub, "soft"), Json.yes(rub, "restores")));
    }
    Tones tones = new Tones(
        Json.number(node, "brightness"), Json.number(node, "contrast"), Json.number(node, "warmth"), Json.number(node, "saturation"));
    return new Retouch(
        new Box(crop.get(0), crop.get(1), crop.get(2), crop.get(3)), Json.number(node, "straighten"), Json.yes(node, "flippedX"),
        Json.yes(node, "flippedY"), backdrop(node), rubs, Json.yes(node, "patched"), tones, Json.choice(node, "look", PictureLook.class),
        Json.number(node, "strength"), colour(node, "tint"), Json.number(node, "enlarged"));
  }

  private static List<Point> places(JsonNode rub) throws Trouble {
    List<Double> numbers = LiveEffectJson.numbers(rub, "places", 2 * BrushStroke.MOST);
    List<Point> out = new ArrayList<>();
    for (int i = 0; i + 1 < numbers.size(); i += 2) {
      out.add(new Point(numbers.get(i), numbers.get(i + 1)));
    }
    return out;
  }

  private static Optional<Backdrop> backdrop(JsonNode node) throws Trouble {
    if (!node.has("backdrop")) {
      return Optional.empty();
    }
    JsonNode b = Json.child(node, "backdrop");
    return Optional.of(new Backdrop(
        Colour.parse(Json.text(b, "colour")), Json.number(b, "near"), Json.yes(b, "connected"), Json.number(b, "clean")));
  }

  private static Optional<Colour> colour(JsonNode node, String name) throws Trouble {
    return node.has(name) ? Optional.of(Colour.parse(Json.text(node, name))) : Optional.empty();
  }

  static void write(ObjectNode node, PictureFit held) {
    node.put("zoom", held.zoom()).put("dx", held.dx()).put("dy", held.dy()).put("turn", held.turn());
  }

  static PictureFit held(JsonNode node) throws Trouble {
    return new PictureFit(Json.number(node, "zoom"), Json.number(node, "dx"), Json.number(node, "dy"), Json.number(node, "turn"));
  }

  static void write(ObjectNode node, ItemProperties properties) {
    Effects e = properties.effects();
    if (e.equals(Effects.NONE)) {
      return;
    }
    ObjectNode out = node.putObject("effects").put("blur", e.blur()).put("feather", e.feather()).put("blend", ItemJson.word(e.blend()));
    e.shadow().ifPresent(s -> out.putObject("shadow").put("degrees", s.degrees()).put("distance", s.distance())
        .put("softness", s.softness()).put("colour", s.colour().hex()).put("opacity", s.opacity()));
    e.glow().ifPresent(g -> out.putObject("glow").put("width", g.width()).put("colour", g.colour().hex()).put("opacity", g.opacity()));
  }

  static Effects effects(JsonNode parent) throws Trouble {
    if (!parent.has("effects")) {
      return Effects.NONE;
    }
    JsonNode node = Json.child(parent, "effects");
    Optional<Effects.Shadow> shadow = Optional.empty();
    if (node.has("shadow")) {
      JsonNode s = Json.child(node, "shadow");
      shadow = Optional.of(new Effects.Shadow(Json.number(s, "degrees"), Json.number(s, "distance"), Json.number(s, "softness"),
          Colour.parse(Json.text(s, "colour")), Json.number(s, "opacity")));
    }
    Optional<Effects.Glow> glow = Optional.empty();
    if (node.has("glow")) {
      JsonNode g = Json.child(node, "glow");
      glow = Optional.of(new Effects.Glow(Json.number(g, "width"), Colour.parse(Json.text(g, "colour")), Json.number(g, "opacity")));
    }
    return new Effects(shadow, glow, Json.number(node, "blur"), Json.number(node, "feather"), Json.choice(node, "blend", Blend.class));
  }
}
