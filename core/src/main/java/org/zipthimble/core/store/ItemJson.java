package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.job.FillStyle;
import org.zipthimble.core.job.ItemProperties;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.Outline;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.job.Role;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Turns objects into JSON and back. */
final class ItemJson {
  private static final int DEEPEST = 32;
  private static final int MOST_STOPS = 16;
  private static final int MOST_MEMBERS = 20_000;

  private ItemJson() {}

  static ObjectNode write(Item item) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    ItemProperties properties = item.properties();
    Placement p = item.placement();
    node.put("kind", item.accept(new KindName())).put("id", properties.id()).put("name", properties.name());
    node.put("visible", properties.visible()).put("locked", properties.locked()).put("role", word(properties.role()))
        .put("opacity", properties.opacity());
    LiveEffectJson.write(node, properties);
    PictureJson.write(node, properties);
    node.put("x", p.x()).put("y", p.y()).put("width", p.width()).put("height", p.height()).put("turn", p.turn());
    if (p.slant() != 0 || p.flipped()) {
      node.put("slant", p.slant()).put("flipped", p.flipped());
    }
    return item.accept(new Writer(node));
  }

  static Item read(JsonNode node) throws Trouble {
    return read(node, 0);
  }

  private static Item read(JsonNode node, int depth) throws Trouble {
    if (depth > DEEPEST) {
      throw Trouble.of("thimble.tooDeep");
    }
    ItemProperties properties = new ItemProperties(
        Json.text(node, "id"), Json.text(node, "name"), Json.yes(node, "visible"), Json.yes(node, "locked"),
        Json.choice(node, "role", Role.class), Json.number(node, "opacity"), LiveEffectJson.cutting(node),
        node.has("clearGap") ? Json.number(node, "clearGap") : 0, PictureJson.effects(node));
    Placement placement = new Placement(
        Json.number(node, "x"), Json.number(node, "y"), Json.number(node, "width"), Json.number(node, "height"),
        Json.number(node, "turn"), node.has("slant") ? Json.number(node, "slant") : 0, node.has("flipped") && Json.yes(node, "flipped"));
    String kind = Json.text(node, "kind");
    return switch (kind) {
      case "words" -> new Item.Words(properties, placement, Json.text(node, "text"), style(Json.child(node, "style")));
      case "shape" -> new Item.Shape(
          properties, placement, outline(Json.child(node, "outline")), fill(node), line(node), cover(node, depth));
      case "picture" -> new Item.Photo(properties, placement, Json.text(node, "picture"), PictureJson.retouch(node));
      case "group" -> group(node, properties, placement, depth);
      default -> throw Trouble.of("thimble.unknownWord", "kind", kind);
    };
  }

  private static Item.Group group(JsonNode node, ItemProperties properties, Placement placement, int depth) throws Trouble {
    List<Item> members = new ArrayList<>();
    for (JsonNode member : Json.list(node, "members", MOST_MEMBERS)) {
      members.add(read(member, depth + 1));
    }
    Size inner = new Size(Json.number(node, "innerWidth"), Json.number(node, "innerHeight"));
    return new Item.Group(properties, placement, inner, members, LiveEffectJson.making(node));
  }

  private static Optional<FillStyle> cover(JsonNode node, int depth) throws Trouble {
    if (!node.has("cover")) {
      return Optional.empty();
    }
    JsonNode cover = Json.child(node, "cover");
    String kind = Json.text(cover, "kind");
    if (kind.equals("gradient")) {
      List<FillStyle.Stop> stops = new ArrayList<>();
      for (JsonNode stop : Json.list(cover, "stops", MOST_STOPS)) {
        stops.add(new FillStyle.Stop(Json.number(stop, "at"), Colour.parse(Json.text(stop, "colour"))));
      }
      return Optional.of(new FillStyle.Gradient(Json.yes(cover, "round"), Json.number(cover, "degrees"), stops));
    }
    if (kind.equals("tiles")) {
      List<Item> art = new ArrayList<>();
      for (JsonNode item : Json.list(cover, "art", MOST_MEMBERS)) {
        art.add(read(item, depth + 1));
      }
      return Optional.of(new FillStyle.Tiles(
          art, new Size(Json.number(cover, "width"), Json.number(cover, "height")), Json.choice(cover, "laying", FillStyle.Laying.class)));
    }
    if (kind.equals("finish")) {
      return Optional.of(new FillStyle.Finish(
          Json.choice(cover, "surface", Texture.Surface.class), Colour.parse(Json.text(cover, "colour")), Json.number(cover, "grain"),
          Json.number(cover, "degrees"), Json.whole(cover, "seed")));
    }
    throw Trouble.of("thimble.unknownWord", "cover", kind);
  }

  private record CoverWriter(ObjectNode node) implements FillStyle.Visitor<ObjectNode> {
    @Override
    public ObjectNode gradient(FillStyle.Gradient cover) {
      node.put("kind", "gradient").put("round", cover.round()).put("degrees", cover.degrees());
      ArrayNode stops = node.putArray("stops");
      cover.stops().forEach(s -> stops.addObject().put("at", s.at()).put("colour", s.colour().hex()));
      return node;
    }

    @Override
    public ObjectNode tiles(FillStyle.Tiles cover) {
      node.put("kind", "tiles").put("width", cover.tile().width()).put("height", cover.tile().height())
          .put("laying", word(cover.laying()));
      ArrayNode art = node.putArray("art");
      cover.art().forEach(i -> art.add(write(i)));
      return node;
    }

    @Override
    public ObjectNode finish(FillStyle.Finish cover) {
      return node.put("kind", "finish").put("surface", word(cover.surface())).put("colour", cover.colour().hex())
          .put("grain", cover.grain()).put("degrees", cover.degrees()).put("seed", cover.seed());
    }
  }

  private static WordStyle style(JsonNode node) throws Trouble {
    return new WordStyle(
        Json.text(node, "family"), Json.text(node, "style"), Json.number(node, "sizePt"),
        Json.number(node, "leadingPercent"), Json.number(node, "tracking"), Json.choice(node, "align", Align.class),
        Colour.parse(Json.text(node, "colour")));
  }

  private static Outline outline(JsonNode node) throws Trouble {
    String form = Json.text(node, "form");
    return switch (form) {
      case "rectangle" -> new Outline.Rectangle(Json.number(node, "radius"));
      case "ellipse" -> new Outline.Ellipse();
      case "straight" -> new Outline.Straight();
      case "drawn" -> new Outline.Drawn(PathText.read(Json.text(node, "path")));
      case "ready" -> LiveEffectJson.ready(node);
      default -> throw Trouble.of("thimble.unknownWord", "form", form);
    };
  }

  static Optional<Colour> fill(JsonNode node) throws Trouble {
    return node.has("fill") ? Optional.of(Colour.parse(Json.text(node, "fill"))) : Optional.empty();
  }

  static Optional<LineLook> line(JsonNode node) throws Trouble {
    return node.has("line") ? Optional.of(LiveEffectJson.line(Json.child(node, "line"))) : Optional.empty();
  }

  static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }

  private static final class KindName implements Item.Visitor<String> {
    @Override
    public String words(Item.Words item) {
      return "words";
    }

    @Override
    public String shape(Item.Shape item) {
      return "shape";
    }

    @Override
    public String photo(Item.Photo item) {
      return "picture";
    }

    @Override
    public String group(Item.Group item) {
      return "group";
    }
  }

  private record Writer(ObjectNode node) implements Item.Visitor<ObjectNode> {
    @Override
    public ObjectNode words(Item.Words item) {
      WordStyle style = item.style();
      node.put("text", item.text());
      node.putObject("style").put("family", style.family()).put("style", style.style()).put("sizePt", style.sizePt())
          .put("leadingPercent", style.leadingPercent()).put("tracking", style.tracking())
          .put("align", word(style.align())).put("colour", style.colour().hex());
      return node;
    }

    @Override
    public ObjectNode shape(Item.Shape item) {
      item.outline().accept(new OutlineWriter(node.putObject("outline")));
      item.fill().ifPresent(fill -> node.put("fill", fill.hex()));
      item.fillStyle().ifPresent(cover -> cover.accept(new CoverWriter(node.putObject("cover"))));
      item.line().ifPresent(line -> LiveEffectJson.write(node.putObject("line"), line));
      return node;
    }

    @Override
    public ObjectNode photo(Item.Photo item) {
      node.put("picture", item.pictureId());
      PictureJson.write(node, item.retouch());
      return node;
    }

    @Override
    public ObjectNode group(Item.Group item) {
      node.put("innerWidth", item.inner().width()).put("innerHeight", item.inner().height());
      LiveEffectJson.write(node, item.effect());
      ArrayNode members = node.putArray("members");
      item.members().forEach(m -> members.add(write(m)));
      return node;
    }
  }

  private record OutlineWriter(ObjectNode node) implements Outline.Visitor<ObjectNode> {
    @Override
    public ObjectNode rectangle(Outline.Rectangle outline) {
      return node.put("form", "rectangle").put("radius", outline.radius());
    }

    @Override
    public ObjectNode ellipse(Outline.Ellipse outline) {
      return node.put("form", "ellipse");
    }

    @Override
    public ObjectNode straight(Outline.Straight outline) {
      return node.put("form", "straight");
    }

    @Override
    public ObjectNode drawn(Outline.Drawn outline) {
      return node.put("form", "drawn").put("path", PathText.write(outline.unit()));
    }
  
    @Override
    public ObjectNode ready(Outline.Ready outline) {
      node.put("form", "ready").put("shape", word(outline.form()));
      ObjectNode figures = node.putObject("figures");
      for (int i = 0; i < outline.values().size(); i++) {
        figures.put(outline.form().settings().get(i).name(), outline.values().get(i));
      }
      return node;
    }
  }
}
