package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.PictureFit;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** The form of a job file: everything comes back, every broken field is told in a sentence, and older trees are lifted step by step. */
class UpcastersTest {
  private static final Picture PICTURE = Made.picture(60, 40);

  private static byte[] replaced(byte[] thimble, Consumer<ObjectNode> change) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(thimble)); ZipOutputStream zip = new ZipOutputStream(out)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        byte[] bytes = in.readAllBytes();
        if (entry.getName().equals("job.json")) {
          ObjectNode tree = (ObjectNode) Binding.MAPPER.readTree(bytes);
          change.accept(tree);
          bytes = Binding.MAPPER.writeValueAsBytes(tree);
        }
        zip.putNextEntry(new ZipEntry(entry.getName()));
        zip.write(bytes);
        zip.closeEntry();
      }
    }
    return out.toByteArray();
  }

  private static Job again(Job job) throws Trouble {
    return ThimbleFile.read("job", new ByteArrayInputStream(ThimbleFile.bytes(job)));
  }

  private static Trouble refused(Job job, Consumer<ObjectNode> change) throws Exception {
    byte[] bytes = replaced(ThimbleFile.bytes(job), change);
    return assertThrows(Trouble.class, () -> ThimbleFile.read("job", new ByteArrayInputStream(bytes)));
  }

  private static ItemGroup group(LiveEffect effect, Item... members) {
    return new ItemGroup(ItemProperties.of("g", "Group"), Placement.of(1, 1, 2, 2, 0), new Size(2, 2), List.of(members), effect);
  }

  private static Stream<Item> everything() {
    ItemShape shape = Made.rectangle("s", 1, 1, 2, 1);
    return Stream.of(
        shape.withLine(Optional.of(LineLook.of(2, Made.BEET).withDashesPt(List.of(3.0, 1.5)))),
        shape.withFillStyle(
        Optional.of(new FillStyle.Gradient(true, 30, List.of(new FillStyle.Stop(0, Made.BEET), new FillStyle.Stop(1, Made.CREAM))))),
        shape.withFillStyle(
        Optional.of(new FillStyle.Tiles(List.of(Made.ellipse("t", 0, 0, 0.2, 0.2)), new Size(0.3, 0.3), FillStyle.Laying.HALF_DROP))),
        shape.withFillStyle(Optional.of(new FillStyle.Finish(Texture.Surface.FOIL, Made.BEET, 0.2, 15, 4))),
        Made.words("w", "Beans\n& peas", 1, 1, 2, 1, Made.style("Fraunces", "Regular", 20)),
        Made.words("w", "Beans", 1, 1, 2, 1, Made.style("Fraunces", "Regular", 20))
        .finished(Optional.of(FillStyle.Finish.of(Texture.Surface.GLITTER, Made.BEET))),
        Made.photo("p", PICTURE, 1, 1, 1, 1).retouched(Retouch.NONE.withFlippedY(true).withTint(Optional.of(Made.BEET)).withStraighten(-7)),
        Made.drawn("d"),
        shape.with(shape.properties().withEffects(Effects.NONE.with(Effect.Shadow.USUAL).withBlur(0.05)).withOpacity(0.4).withLocked(true)),
        group(new LiveEffect.Together(), shape), group(new LiveEffect.Combined(Way.KEEP_OVERLAP, Look.NONE), shape),
        group(new LiveEffect.Rings(List.of(0.1, -0.1), Corner.MITRE, false, true, 90, Look.NONE), shape),
        group(new LiveEffect.Repeated(new Pattern.Round(5, new Point(1, 2), true, true)), shape),
        group(new LiveEffect.Repeated(new Pattern.Fill(5, 0.25)), shape),
        group(new LiveEffect.Repeated(new Pattern.Mirror(30, new Point(0, 1))), shape),
        group(new LiveEffect.Mounted(Optional.of(PICTURE.id()), Retouch.NONE, new PictureFit(1.5, 0.1, -0.1, 12), Look.NONE), shape),
        group(new LiveEffect.Gridded(List.of(0.4, 0.6), List.of(1.0), 0.125),
        group(LiveEffect.Mounted.empty(Look.NONE), shape).withProperties(ItemProperties.of("h", "Held"))));
  }

  @ParameterizedTest
  @MethodSource("everything")
  void whateverIsOnAFaceComesBack(Item item) throws Trouble {
    Job job = Made.with(PICTURE, item, Made.photo("keep", PICTURE, 0, 0, 1, 1));
    assertEquals(job, again(job));
  }

  @Test
  void ticketsLanesAndSidesComeBack() throws Trouble {
    Job job = Made.card(Made.background("g"));
    Lane lane = Lane.of("l1", "Cream", Material.STICKER_PAPER, Made.CREAM).withSupply(Supply.ROLL_12).withUnderlay(Optional.of(-0.02))
        .withCost(3.5).withMirrored(true);
    Job full = job.withTicket(job.ticket().withBleed(new Insets(0.25, 0, 0.125, 0.5)).withQuantity(250).withStock("120 lb felt")
        .withMirror(true))
        .withCutting(CutPlan.NONE.withLanes(List.of(lane)).withGap(0.05).withWeedBox(0.1));
    assertEquals(full, again(full));
  }

  @Test
  void aFieldThatIsUnheardOfIsTold() throws Exception {
    Trouble told = refused(Made.card(Made.background("g")), tree -> ((ObjectNode) tree.path("ticket")).put("sparkle", true));
    assertTrue(told.getMessage().contains("sparkle"), told.getMessage());
  }

  @ParameterizedTest
  @ValueSource(strings = {"name", "ticket", "faces", "sheet", "palette", "cutting", "colour"})
  void aPartThatIsMissingIsTold(String part) throws Exception {
    Trouble told = refused(Made.card(Made.background("g")), tree -> tree.remove(part));
    assertTrue(told.getMessage().contains(part), told.getMessage());
  }

  @ParameterizedTest
  @ValueSource(strings = {"name", "ticket", "faces", "sheet", "palette", "cutting", "colour"})
  void aPartOfAnotherKindIsTold(String part) throws Exception {
    Trouble told = refused(Made.card(Made.background("g")), tree -> tree.put(part, 17.5));
    assertFalse(told.getMessage().contains("com.fasterxml") || told.getMessage().contains("Exception"), told.getMessage());
  }

  /** Every field of a rich job, one after another, is turned into nonsense: a sentence each time, never anything else. */
  @ParameterizedTest
  @ValueSource(strings = {"null", "\"x\"", "-1e300", "[[[]]]", "{}"})
  void noFieldMakesTheReaderStumble(String nonsense) throws Exception {
    ItemShape shape = Made.rectangle("s", 1, 1, 2, 1);
    Job job = Made.with(PICTURE, shape.withLine(Optional.of(LineLook.of(2, Made.BEET))), Made.photo("p", PICTURE, 1, 1, 1, 1),
        Made.words("w", "Beans", 1, 1, 2, 1, Made.style("Fraunces", "Regular", 20)),
        group(new LiveEffect.Repeated(new Pattern.Grid(2, 2, 0.1, 0.1, false)), Made.ellipse("m", 0, 0, 1, 1)));
    byte[] whole = ThimbleFile.bytes(job);
    JsonNode bad = Binding.MAPPER.readTree(nonsense);
    int fields = count(Binding.MAPPER.readTree(ThimbleFile.json(job)));
    assertTrue(fields > 80, "fields: " + fields);
    for (int i = 0; i < fields; i++) {
      int which = i;
      byte[] spoilt = replaced(whole, tree -> spoil(tree, new int[] {which}, bad));
      try {
        ThimbleFile.read("job", new ByteArrayInputStream(spoilt));
      } catch (Trouble told) {
        assertFalse(told.getMessage().isBlank() || told.getMessage().contains("fasterxml") || told.getMessage().contains("java."),
            told.getMessage());
      }
    }
  }

  private static int count(JsonNode node) {
    int n = node.isObject() ? node.size() : 0;
    for (JsonNode child : node) {
      n += count(child);
    }
    return n;
  }

  private static boolean spoil(JsonNode node, int[] left, JsonNode bad) {
    if (node.isObject()) {
      for (Iterator<Map.Entry<String, JsonNode>> fields = node.fields(); fields.hasNext();) {
        Map.Entry<String, JsonNode> field = fields.next();
        if (left[0]-- == 0) {
          ((ObjectNode) node).set(field.getKey(), bad);
          return true;
        }
      }
    }
    for (JsonNode child : node) {
      if (spoil(child, left, bad)) {
        return true;
      }
    }
    return false;
  }

  @Test
  void aNewerJobIsRefusedAndSaysSo() throws Exception {
    Trouble told = refused(Made.card(), tree -> tree.put("version", JobDocument.VERSION + 1));
    assertTrue(told.getMessage().contains(String.valueOf(JobDocument.VERSION + 1)), told.getMessage());
  }

  @ParameterizedTest
  @ValueSource(strings = {"0", "-1", "\"six\"", "5.5", "null", "99999999999"})
  void aVersionThatIsNoneIsRefused(String version) throws Exception {
    JsonNode bad = Binding.MAPPER.readTree(version);
    refused(Made.card(), tree -> tree.set("version", bad));
  }

  @Test
  void somethingElseIsNoJob() throws Exception {
    refused(Made.card(), tree -> tree.put("format", "seed-list"));
    refused(Made.card(), tree -> tree.remove("format"));
    byte[] empty = new byte[0];
    assertThrows(Trouble.class, () -> ThimbleFile.read("job", new ByteArrayInputStream(empty)));
    byte[] words = "beans".getBytes(StandardCharsets.UTF_8);
    assertThrows(Trouble.class, () -> ThimbleFile.read("job", new ByteArrayInputStream(words)));
  }

  @Test
  void tooMuchOfAnythingIsRefusedBeforeItIsBuilt() throws Exception {
    refused(Made.card(Made.background("g")), tree -> {
      ArrayNode items = (ArrayNode) tree.path("faces").get(0).path("items");
      JsonNode one = items.get(0);
      for (int i = 0; i < 21_000; i++) {
        items.add(one);
      }
    });
  }

  @Test
  void twoObjectsOfOneIdentityAreRefused() throws Exception {
    refused(Made.card(Made.background("g")), tree -> {
      ArrayNode items = (ArrayNode) tree.path("faces").get(0).path("items");
      items.add(items.get(0));
    });
  }
}
