package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.CutPlan;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.SheetPlan;
import org.zipthimble.core.job.Ticket;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;

/** Turns a job into the tree of {@code job.json} and back, as {@code docs/job-format.md} describes. */
final class JobJson {
  /** The version this program writes; it reads this one and those below. */
  static final int VERSION = 5;

  private static final int MOST_ITEMS = 20_000;

  private JobJson() {}

  static ObjectNode write(Job job) {
    ObjectNode root = JsonNodeFactory.instance.objectNode();
    root.put("format", "zip-thimble-job").put("version", VERSION).put("name", job.name());
    root.set("ticket", ticket(job.ticket()));
    root.set("palette", GuideJson.write(job.palette()));
    root.set("cutting", CutJson.write(job.cutting()));
    root.set("colour", ColourJson.write(job.colour()));
    ObjectNode sheet = root.putObject("sheet");
    sheet.put("onPaper", job.sheet().onPaper()).put("width", job.sheet().paper().width())
        .put("height", job.sheet().paper().height()).put("cropMarks", job.sheet().cropMarks());
    ArrayNode pictures = root.putArray("pictures");
    for (Picture picture : job.pictures().values()) {
      pictures.addObject().put("id", picture.id()).put("name", picture.name()).put("file", file(picture))
          .put("width", picture.width()).put("height", picture.height());
    }
    ArrayNode faces = root.putArray("faces");
    for (Face face : job.faces()) {
      ObjectNode node = faces.addObject().put("id", face.id()).put("name", face.name());
      if (!face.guides().equals(Guides.NONE)) {
        node.set("guides", GuideJson.write(face.guides()));
      }
      ArrayNode items = node.putArray("items");
      face.items().forEach(item -> items.add(ItemJson.write(item)));
    }
    return root;
  }

  static Job read(JsonNode root, Map<String, Picture> pictures, List<CarriedFont> fonts, Map<String, Profile> profiles) throws Trouble {
    int version = version(root);
    if (version > VERSION) {
      throw Trouble.of("thimble.newer", version, VERSION);
    }
    List<Face> faces = new ArrayList<>();
    for (JsonNode node : Json.list(root, "faces", Job.MOST_FACES)) {
      List<Item> items = new ArrayList<>();
      for (JsonNode item : Json.list(node, "items", MOST_ITEMS)) {
        items.add(ItemJson.read(item));
      }
      Guides guides = node.has("guides") ? GuideJson.guides(node.get("guides")) : Guides.NONE;
      faces.add(new Face(Json.text(node, "id"), Json.text(node, "name"), items, guides));
    }
    JsonNode sheet = Json.child(root, "sheet");
    SheetPlan plan = new SheetPlan(
        Json.yes(sheet, "onPaper"), new Size(Json.number(sheet, "width"), Json.number(sheet, "height")),
        Json.yes(sheet, "cropMarks"));
    Palette palette = version < 2 ? Palette.PLAIN : GuideJson.palette(Json.child(root, "palette"));
    CutPlan cutting = version < 3 ? CutPlan.NONE : CutJson.read(Json.child(root, "cutting"));
    ColourPlan colour = version < 4 ? ColourPlan.HOME : ColourJson.read(Json.child(root, "colour"), profiles);
    return new Job(
        Json.text(root, "name"), readTicket(Json.child(root, "ticket"), version), faces, plan, pictures, fonts, palette, cutting, colour);
  }

  /** The version the tree says; tells when it is no job at all. */
  static int version(JsonNode root) throws Trouble {
    if (!root.isObject() || !"zip-thimble-job".equals(root.path("format").textValue())) {
      throw Trouble.of("thimble.notJob");
    }
    return Json.whole(root, "version");
  }

  /** Where a picture's bytes stand in the file. */
  static String file(Picture picture) {
    return "pictures/" + picture.id() + "." + picture.kind().ending();
  }

  private static ObjectNode ticket(Ticket ticket) {
    return JsonNodeFactory.instance.objectNode()
        .put("item", ticket.item()).put("number", ticket.number())
        .put("width", ticket.finished().width()).put("height", ticket.finished().height())
        .put("bleed", ticket.bleed()).put("safe", ticket.safe()).put("ppi", ticket.ppi())
        .put("mirror", ticket.mirror()).put("stock", ticket.stock())
        .put("quantity", ticket.quantity()).put("unit", ticket.unit().name().toLowerCase(Locale.ROOT));
  }

  private static Ticket readTicket(JsonNode node, int version) throws Trouble {
    if (version < 4 && !"rgb".equals(Json.text(node, "colour"))) {
      throw Trouble.of("thimble.unknownWord", "colour", Json.text(node, "colour"));
    }
    return new Ticket(
        Json.text(node, "item"), Json.whole(node, "number"),
        new Size(Json.number(node, "width"), Json.number(node, "height")),
        Json.number(node, "bleed"), Json.number(node, "safe"), Json.number(node, "ppi"), Json.yes(node, "mirror"),
        Json.text(node, "stock"), Json.whole(node, "quantity"), Json.choice(node, "unit", Unit.class));
  }
}
