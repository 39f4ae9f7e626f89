package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.wording.Trouble;

/**
 * Brings the tree of an older {@code job.json} up to the newest version, one version after another. What a step does not find it leaves
 * missing; the binding tells it. A new version is a step more at the end of the list; the steps before it are never changed.
 */
final class Upcasters {
  /** A step from one version to the next. */
  private interface Step {
    void apply(ObjectNode root) throws Trouble;
  }

  /** The first leads from version 1 to version 2. */
  private static final List<Step> STEPS = List.of(
      Upcasters::withPalette, Upcasters::withCutting, Upcasters::withColour, root -> { }, Flat5::lifted, root -> { }, Plain7::lifted,
      root -> { }, Apart9::lifted);

  private Upcasters() {}

  /**
   * The tree as the newest version has it.
   *
   * @throws Trouble when it is no job or from a newer program
   */
  static ObjectNode newest(JsonNode tree) throws Trouble {
    if (!tree.isObject() || !JobDocument.FORMAT.equals(tree.path("format").textValue())) {
      throw Trouble.of("thimble.notJob");
    }
    JsonNode says = tree.path("version");
    if (!says.isIntegralNumber() || !says.canConvertToInt() || says.intValue() < 1) {
      throw Trouble.of(says.isMissingNode() ? "thimble.missing" : "thimble.wrongKind", "version");
    }
    int version = says.intValue();
    if (version > JobDocument.VERSION) {
      throw Trouble.of("thimble.newer", version, JobDocument.VERSION);
    }
    ObjectNode root = (ObjectNode) tree;
    for (Step step : STEPS.subList(version - 1, STEPS.size())) {
      step.apply(root);
    }
    root.put("version", JobDocument.VERSION);
    return root;
  }

  private static void withPalette(ObjectNode root) {
    root.set("palette", JsonNodeFactory.instance.objectNode().put("stock", Palette.PLAIN.stock().hex())
        .set("swatches", JsonNodeFactory.instance.arrayNode()));
  }

  private static void withCutting(ObjectNode root) {
    CutPlan none = CutPlan.NONE;
    ObjectNode cutting = root.putObject("cutting").put("gap", none.gap()).put("turns", "quarter").put("grain", none.grain())
        .put("weedBox", 0.0)
        .put("weedLines", 0.0).put("speck", none.speck()).put("marks", false).put("nested", false);
    cutting.putArray("lanes");
    cutting.putObject("laid");
    cutting.putObject("split").put("on", false).put("stepped", true).put("overlap", 0.0).putArray("at");
  }

  private static void withColour(ObjectNode root) throws Trouble {
    if (root.path("ticket").isObject()) {
      JsonNode colour = ((ObjectNode) root.path("ticket")).remove("colour");
      if (colour == null || !"rgb".equals(colour.textValue())) {
        throw colour == null ? Trouble.of("thimble.missing", "colour") : Trouble.of("thimble.unknownWord", "colour", colour.asText());
      }
    }
    ColourPlan home = ColourPlan.HOME;
    root.putObject("colour").put("to", "home_printer").put("intent", "relative").put("blackPoint", home.blackPoint())
        .put("blackWords", home.blackWords()).put("limit", home.limit());
  }

  /** The elements of a list that are objects; none where it is no list. */
  static List<ObjectNode> objects(JsonNode list) {
    List<ObjectNode> out = new java.util.ArrayList<>();
    if (list instanceof ArrayNode) {
      list.forEach(n -> {
        if (n instanceof ObjectNode) {
          out.add((ObjectNode) n);
        }
      });
    }
    return out;
  }
}
