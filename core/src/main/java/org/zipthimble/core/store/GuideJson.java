package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Columns;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.wording.Trouble;

/** Turns guides, columns and the palette into JSON and back. */
final class GuideJson {
  private GuideJson() {}

  static ObjectNode write(Guides guides) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    ArrayNode lines = node.putArray("lines");
    for (Guide guide : guides.lines()) {
      lines.addObject().put("x", guide.through().x()).put("y", guide.through().y()).put("degrees", guide.degrees())
          .put("axis", guide.axis());
    }
    guides.columns().ifPresent(c -> node.putObject("columns").put("columns", c.columns()).put("rows", c.rows())
        .put("left", c.left()).put("top", c.top()).put("right", c.right()).put("bottom", c.bottom()).put("gutter", c.gutter()));
    return node;
  }

  static Guides guides(JsonNode node) throws Trouble {
    List<Guide> lines = new ArrayList<>();
    for (JsonNode line : Json.list(node, "lines", Guides.MOST)) {
      lines.add(new Guide(
          new Point(Json.number(line, "x"), Json.number(line, "y")), Json.number(line, "degrees"), Json.yes(line, "axis")));
    }
    return new Guides(lines, node.has("columns") ? Optional.of(columns(node.get("columns"))) : Optional.empty());
  }

  static ObjectNode write(Palette palette) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("stock", palette.stock().hex());
    ArrayNode swatches = node.putArray("swatches");
    for (Swatch swatch : palette.swatches()) {
      ObjectNode one = swatches.addObject().put("name", swatch.name()).put("colour", swatch.colour().hex());
      swatch.ink().ifPresent(ink -> one.set("ink", ColourJson.write(ink)));
    }
    return node;
  }

  static Palette palette(JsonNode node) throws Trouble {
    List<Swatch> swatches = new ArrayList<>();
    for (JsonNode swatch : Json.list(node, "swatches", Palette.MOST)) {
      swatches.add(new Swatch(Json.text(swatch, "name"), Colour.parse(Json.text(swatch, "colour")),
          swatch.has("ink") ? Optional.of(ColourJson.ink(swatch.get("ink"))) : Optional.empty()));
    }
    return new Palette(swatches, Colour.parse(Json.text(node, "stock")));
  }

  private static Columns columns(JsonNode node) throws Trouble {
    return new Columns(
        Json.whole(node, "columns"), Json.whole(node, "rows"), Json.number(node, "left"), Json.number(node, "top"),
        Json.number(node, "right"), Json.number(node, "bottom"), Json.number(node, "gutter"));
  }
}
