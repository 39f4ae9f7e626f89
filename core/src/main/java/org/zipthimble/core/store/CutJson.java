package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.job.Blade;
import org.zipthimble.core.job.CutPlan;
import org.zipthimble.core.job.Finish;
import org.zipthimble.core.job.PiecePlace;
import org.zipthimble.core.job.Lane;
import org.zipthimble.core.job.Material;
import org.zipthimble.core.job.Split;
import org.zipthimble.core.job.Supply;
import org.zipthimble.core.job.Turns;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Turns the cut plan into JSON and back. */
final class CutJson {
  private static final int MOST_LAID = 20_000;
  private static final int MOST_SEAMS = 200;

  private CutJson() {}

  static ObjectNode write(CutPlan plan) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    ArrayNode lanes = node.putArray("lanes");
    plan.lanes().forEach(l -> lane(lanes.addObject(), l));
    node.put("gap", plan.gap()).put("turns", ItemJson.word(plan.turns())).put("grain", plan.grain())
        .put("weedBox", plan.weedBox()).put("weedLines", plan.weedLines()).put("speck", plan.speck()).put("marks", plan.marks())
        .put("nested", plan.nested());
    ObjectNode laid = node.putObject("laid");
    plan.laid().forEach((lane, pieces) -> {
      ArrayNode list = laid.putArray(lane);
      pieces.forEach(p -> list.addObject().put("piece", p.piece()).put("sheet", p.sheet()).put("x", p.x()).put("y", p.y())
          .put("turn", p.turn()));
    });
    ObjectNode split = node.putObject("split").put("on", plan.split().on()).put("stepped", plan.split().stepped())
        .put("overlap", plan.split().overlap());
    ArrayNode at = split.putArray("at");
    plan.split().at().forEach(at::add);
    return node;
  }

  private static void lane(ObjectNode node, Lane lane) {
    node.put("id", lane.id()).put("name", lane.name()).put("material", ItemJson.word(lane.material()))
        .put("colour", lane.colour().hex()).put("finish", ItemJson.word(lane.finish())).put("mirrored", lane.mirrored())
        .put("cost", lane.cost()).put("leastWidth", lane.leastWidth());
    lane.underlay().ifPresent(u -> node.put("underlay", u));
    Supply supply = lane.supply();
    ObjectNode stock = node.putObject("supply").put("width", supply.size().width()).put("height", supply.size().height())
        .put("margin", supply.margin()).put("roll", supply.roll());
    supply.scrap().ifPresent(scrap -> stock.put("scrap", PathText.write(scrap)));
    Blade blade = lane.blade();
    node.putObject("blade").put("name", blade.name()).put("pressure", blade.pressure()).put("speed", blade.speed())
        .put("passes", blade.passes()).put("overcut", blade.overcut()).put("trail", blade.trail());
  }

  static CutPlan read(JsonNode node) throws Trouble {
    List<Lane> lanes = new ArrayList<>();
    for (JsonNode lane : Json.list(node, "lanes", CutPlan.MOST_LANES)) {
      lanes.add(lane(lane));
    }
    JsonNode split = Json.child(node, "split");
    List<Double> seams = new ArrayList<>();
    for (JsonNode at : Json.list(split, "at", MOST_SEAMS)) {
      if (!at.isNumber()) {
        throw Trouble.of("thimble.wrongKind", "at");
      }
      seams.add(at.doubleValue());
    }
    return new CutPlan(
        lanes, Json.number(node, "gap"), Json.choice(node, "turns", Turns.class), Json.yes(node, "grain"),
        Json.number(node, "weedBox"), Json.number(node, "weedLines"), Json.number(node, "speck"), Json.yes(node, "marks"), Json.yes(node, "nested"),
        laid(Json.child(node, "laid")),
        new Split(Json.yes(split, "on"), seams, Json.yes(split, "stepped"), Json.number(split, "overlap")));
  }

  private static Map<String, List<PiecePlace>> laid(JsonNode node) throws Trouble {
    Map<String, List<PiecePlace>> all = new TreeMap<>();
    for (Iterator<String> names = node.fieldNames(); names.hasNext();) {
      String lane = names.next();
      List<PiecePlace> pieces = new ArrayList<>();
      for (JsonNode p : Json.list(node, lane, MOST_LAID)) {
        pieces.add(new PiecePlace(
            Json.text(p, "piece"), Json.whole(p, "sheet"), Json.number(p, "x"), Json.number(p, "y"), Json.number(p, "turn")));
      }
      all.put(lane, pieces);
    }
    return all;
  }

  private static Lane lane(JsonNode node) throws Trouble {
    JsonNode stock = Json.child(node, "supply");
    Optional<Path> scrap = stock.has("scrap") ? Optional.of(PathText.read(Json.text(stock, "scrap"))) : Optional.empty();
    Supply supply = new Supply(
        new Size(Json.number(stock, "width"), Json.number(stock, "height")), Json.number(stock, "margin"),
        Json.yes(stock, "roll"), scrap);
    JsonNode knife = Json.child(node, "blade");
    Blade blade = new Blade(
        Json.text(knife, "name"), Json.number(knife, "pressure"), Json.number(knife, "speed"), Json.whole(knife, "passes"),
        Json.number(knife, "overcut"), Json.number(knife, "trail"));
    Optional<Double> underlay = node.has("underlay") ? Optional.of(Json.number(node, "underlay")) : Optional.empty();
    return new Lane(
        Json.text(node, "id"), Json.text(node, "name"), Json.choice(node, "material", Material.class),
        Colour.parse(Json.text(node, "colour")), Json.choice(node, "finish", Finish.class), supply, blade,
        Json.yes(node, "mirrored"), Json.number(node, "cost"), Json.number(node, "leastWidth"), underlay);
  }
}
