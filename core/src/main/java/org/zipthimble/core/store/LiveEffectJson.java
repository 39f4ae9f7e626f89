package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.ReadyForm;
import org.zipthimble.core.geom.Setting;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.job.CutEdge;
import org.zipthimble.core.job.CutKind;
import org.zipthimble.core.job.Cutting;
import org.zipthimble.core.job.ItemProperties;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.LineSide;
import org.zipthimble.core.job.LiveEffect;
import org.zipthimble.core.job.Outline;
import org.zipthimble.core.job.Pattern;
import org.zipthimble.core.wording.Trouble;

/** The parts of objects that came with version 3: cuts, clear gaps, live groups, ready shapes, dashed lines. */
final class LiveEffectJson {
  private static final int MOST_DASHES = 12;

  private LiveEffectJson() {}

  static void write(ObjectNode node, ItemProperties properties) {
    if (!properties.cutting().equals(Cutting.PLAIN)) {
      Cutting cut = properties.cutting();
      node.putObject("cut").put("kind", ItemJson.word(cut.kind())).put("lane", cut.lane()).put("edge", ItemJson.word(cut.edge()))
          .put("distance", cut.distance()).put("spread", cut.spread()).put("threshold", cut.threshold())
          .put("together", cut.together());
    }
    if (properties.clearGap() > 0) {
      node.put("clearGap", properties.clearGap());
    }
  }

  static Cutting cutting(JsonNode node) throws Trouble {
    if (!node.has("cut")) {
      return Cutting.PLAIN;
    }
    JsonNode cut = Json.child(node, "cut");
    return new Cutting(
        Json.choice(cut, "kind", CutKind.class), Json.text(cut, "lane"), Json.choice(cut, "edge", CutEdge.class),
        Json.number(cut, "distance"), Json.number(cut, "spread"), Json.whole(cut, "threshold"), Json.yes(cut, "together"));
  }

  static void write(ObjectNode node, LineLook line) {
    node.put("widthPt", line.widthPt()).put("colour", line.colour().hex());
    if (!line.equals(LineLook.of(line.widthPt(), line.colour()))) {
      ArrayNode dashes = node.putArray("dashesPt");
      line.dashesPt().forEach(dashes::add);
      node.put("end", ItemJson.word(line.end())).put("corner", ItemJson.word(line.corner())).put("side", ItemJson.word(line.side()));
    }
  }

  static LineLook line(JsonNode node) throws Trouble {
    double width = Json.number(node, "widthPt");
    Colour colour = Colour.parse(Json.text(node, "colour"));
    if (!node.has("end")) {
      return LineLook.of(width, colour);
    }
    return new LineLook(
        width, colour, numbers(node, "dashesPt", MOST_DASHES), Json.choice(node, "end", LineEnd.class),
        Json.choice(node, "corner", Corner.class), Json.choice(node, "side", LineSide.class));
  }

  static List<Double> numbers(JsonNode node, String name, int most) throws Trouble {
    List<Double> out = new ArrayList<>();
    for (JsonNode number : Json.list(node, name, most)) {
      if (!number.isNumber() || !Double.isFinite(number.doubleValue())) {
        throw Trouble.of("thimble.wrongKind", name);
      }
      out.add(number.doubleValue());
    }
    return out;
  }

  static Outline.Ready ready(JsonNode node) throws Trouble {
    ReadyForm form = Json.choice(node, "shape", ReadyForm.class);
    JsonNode figures = Json.child(node, "figures");
    List<Double> values = new ArrayList<>();
    for (Setting setting : form.settings()) {
      values.add(Json.number(figures, setting.name()));
    }
    return new Outline.Ready(form, values);
  }

  static void write(ObjectNode node, LiveEffect making) {
    making.accept(new MakingWriter(node));
  }

  static LiveEffect making(JsonNode node) throws Trouble {
    if (!node.has("making")) {
      return LiveEffect.TOGETHER;
    }
    JsonNode making = Json.child(node, "making");
    String kind = Json.text(making, "kind");
    return switch (kind) {
      case "combined" -> new LiveEffect.Combined(Json.choice(making, "way", Way.class), look(making));
      case "rings" -> new LiveEffect.Rings(
          numbers(making, "distances", LiveEffect.Rings.MOST), Json.choice(making, "corner", Corner.class),
          Json.yes(making, "filled"), Json.yes(making, "original"), Json.whole(making, "threshold"), look(making));
      case "repeated" -> new LiveEffect.Repeated(pattern(making));
      case "mount" -> new LiveEffect.Mounted(
          making.has("picture") ? Optional.of(Json.text(making, "picture")) : Optional.empty(), PictureJson.retouch(making),
          PictureJson.held(making), look(making));
      case "mountGrid" -> new LiveEffect.Gridded(
          numbers(making, "columns", LiveEffect.Gridded.MOST), numbers(making, "rows", LiveEffect.Gridded.MOST), Json.number(making, "gutter"));
      default -> throw Trouble.of("thimble.unknownWord", "making", kind);
    };
  }

  private static LiveEffect.Look look(JsonNode node) throws Trouble {
    return new LiveEffect.Look(ItemJson.fill(node), ItemJson.line(node));
  }

  private static Pattern pattern(JsonNode node) throws Trouble {
    String kind = Json.text(node, "pattern");
    return switch (kind) {
      case "grid" -> new Pattern.Grid(
          Json.whole(node, "across"), Json.whole(node, "down"), Json.number(node, "gapX"), Json.number(node, "gapY"),
          Json.yes(node, "brick"));
      case "fill" -> new Pattern.Fill(Json.number(node, "width"), Json.number(node, "leastGap"));
      case "round" -> new Pattern.Round(
          Json.whole(node, "count"), place(node), Json.yes(node, "turning"), Json.yes(node, "mirrored"));
      case "along" -> new Pattern.Along(
          PathText.read(Json.text(node, "path")), Json.whole(node, "count"), Json.yes(node, "turning"));
      case "mirror" -> new Pattern.Mirror(Json.number(node, "degrees"), place(node));
      default -> throw Trouble.of("thimble.unknownWord", "pattern", kind);
    };
  }

  private static Point place(JsonNode node) throws Trouble {
    return new Point(Json.number(node, "px"), Json.number(node, "py"));
  }

  private record MakingWriter(ObjectNode node) implements LiveEffect.Visitor<ObjectNode> {
    @Override
    public ObjectNode together(LiveEffect.Together making) {
      return node;
    }

    @Override
    public ObjectNode combined(LiveEffect.Combined making) {
      return look(node.putObject("making").put("kind", "combined").put("way", ItemJson.word(making.way())), making.dress());
    }

    @Override
    public ObjectNode rings(LiveEffect.Rings making) {
      ObjectNode out = node.putObject("making").put("kind", "rings").put("corner", ItemJson.word(making.corner()))
          .put("filled", making.filled()).put("original", making.original()).put("threshold", making.threshold());
      ArrayNode distances = out.putArray("distances");
      making.distances().forEach(distances::add);
      return look(out, making.dress());
    }

    @Override
    public ObjectNode repeated(LiveEffect.Repeated making) {
      return making.pattern().accept(new PatternWriter(node.putObject("making").put("kind", "repeated")));
    }

    @Override
    public ObjectNode mounted(LiveEffect.Mounted making) {
      ObjectNode out = node.putObject("making").put("kind", "mount");
      making.pictureId().ifPresent(id -> out.put("picture", id));
      PictureJson.write(out, making.retouch());
      PictureJson.write(out, making.fit());
      return look(out, making.dress());
    }

    @Override
    public ObjectNode gridded(LiveEffect.Gridded making) {
      ObjectNode out = node.putObject("making").put("kind", "mountGrid").put("gutter", making.gutter());
      ArrayNode columns = out.putArray("columns");
      making.columns().forEach(columns::add);
      ArrayNode rows = out.putArray("rows");
      making.rows().forEach(rows::add);
      return out;
    }

    private static ObjectNode look(ObjectNode out, LiveEffect.Look look) {
      look.fill().ifPresent(fill -> out.put("fill", fill.hex()));
      look.line().ifPresent(line -> write(out.putObject("line"), line));
      return out;
    }
  }

  private record PatternWriter(ObjectNode node) implements Pattern.Visitor<ObjectNode> {
    @Override
    public ObjectNode grid(Pattern.Grid pattern) {
      return node.put("pattern", "grid").put("across", pattern.across()).put("down", pattern.down())
          .put("gapX", pattern.gapX()).put("gapY", pattern.gapY()).put("brick", pattern.brick());
    }

    @Override
    public ObjectNode fill(Pattern.Fill pattern) {
      return node.put("pattern", "fill").put("width", pattern.width()).put("leastGap", pattern.leastGap());
    }

    @Override
    public ObjectNode round(Pattern.Round pattern) {
      return node.put("pattern", "round").put("count", pattern.count()).put("px", pattern.centre().x())
          .put("py", pattern.centre().y()).put("turning", pattern.turning()).put("mirrored", pattern.mirrored());
    }

    @Override
    public ObjectNode along(Pattern.Along pattern) {
      return node.put("pattern", "along").put("path", PathText.write(pattern.path())).put("count", pattern.count())
          .put("turning", pattern.turning());
    }

    @Override
    public ObjectNode mirror(Pattern.Mirror pattern) {
      return node.put("pattern", "mirror").put("degrees", pattern.degrees()).put("px", pattern.through().x())
          .put("py", pattern.through().y());
    }
  }
}
