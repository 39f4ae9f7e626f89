package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Columns;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.picture.Backdrop;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.picture.Tones;
import org.zipthimble.core.proof.PngMeasure;
import org.zipthimble.core.wording.Trouble;

class ThimbleFileTest {
  private static final Picture PICTURE = Made.photograph(300, 200);

  @TempDir private Path folder;

  private static Job job() {
    return Made.with(PICTURE, Made.background("i1"), Made.photo("i2", PICTURE, 1, 1, 1, 0.66), Made.photo("i3", PICTURE, 1, 3, 1, 0.66),
        Made.words("i4", "Spring\nSwap “é”", 1, 5, 3, 1, Made.style("Fraunces", "Italic", 20)));
  }

  @Test
  void aSavedJobOpensAsItWas() throws Trouble {
    Path file = folder.resolve("card.thimble");
    ThimbleFile.save(job(), file);
    assertEquals(job(), ThimbleFile.open(file));
  }

  @Test
  void theFileIsAZipThatAnyoneCanRead() throws Exception {
    Map<String, byte[]> entries = unzip(ThimbleFile.bytes(job()));
    assertEquals("job.json", entries.keySet().iterator().next());
    JsonNode json = new ObjectMapper().readTree(entries.get("job.json"));
    assertEquals("zip-thimble-job", json.get("format").textValue());
    assertEquals(10, json.get("version").intValue());
    assertEquals(5.0, json.get("ticket").get("finished").get("width").doubleValue());
    assertEquals(1, entries.keySet().stream().filter(n -> n.startsWith("pictures/")).count(), "two uses, one copy");
    assertArrayEquals(PICTURE.blob().bytes(), entries.get("pictures/" + PICTURE.id() + ".jpg"));
    assertTrue(entries.containsKey("fonts/Fraunces/Italic.ttf"));
    PngMeasure preview = PngMeasure.of("preview", entries.get("preview.png"));
    assertEquals(480, preview.height());
  }

  @Test
  void theSameJobGivesTheSameBytes() throws Trouble {
    assertArrayEquals(ThimbleFile.bytes(job()), ThimbleFile.bytes(job()));
  }

  @Test
  void aFontThatIsNotBundledTravelsWithTheJob() throws Exception {
    byte[] ttf = BundledFonts.shelf().find("Caveat", "Bold").orElseThrow().bytes();
    Job plain = Made.card(Made.words("i1", "Beans", 1, 1, 3, 1, Made.style("Barn Hand", "Bold", 20)));
    Job job = Job.of(plain.name(), plain.ticket(), plain.faces(), plain.pictures()).withFonts(
        List.of(new CarriedFont("Barn Hand", "Bold", new Blob(ttf))));
    Job opened = ThimbleFile.read("x", new ByteArrayInputStream(ThimbleFile.bytes(job)));
    assertEquals(job, opened);
    assertTrue(new JobFonts(opened).find("Barn Hand", "Bold").isPresent());
    assertTrue(new JobFonts(opened).families().contains("Barn Hand"));
    assertTrue(org.zipthimble.core.check.all.Checks.run(opened).isEmpty());
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
    "\"version\" : 10 | \"version\" : 11 | newer", "\"unit\" : \"inch\" | \"unit\" : \"cubit\" | cubit",
    "\"width\" : 5.0 | \"width\" : -5.0 | finished", "\"width\" : 5.0 | \"width\" : \"5\" | width", "\"bleed\" : { | \"bled\" : { | bleed",
    "\"kind\" : \"shape\" | \"kind\" : \"ghost\" | ghost", "\"opacity\" : 1.0 | \"opacity\" : 7 | out of range",
    "\"id\" : \"i1\" | \"id\" : \"i2\" | damaged",
    "zip-thimble-job | other-job | not a Zip Thimble job", "\"x\" : 1.0 | \"x\" : 1e400 | x", "{ | [ | description"})
  void aChangedDescriptionIsRefusedWithASentence(String from, String to, String told) throws Exception {
    Map<String, byte[]> entries = unzip(ThimbleFile.bytes(job()));
    String json = new String(entries.get("job.json"), StandardCharsets.UTF_8);
    assertTrue(json.contains(from), from);
    int at = json.indexOf(from);
    entries.put("job.json", (json.substring(0, at) + to + json.substring(at + from.length())).getBytes(StandardCharsets.UTF_8));
    Trouble trouble = assertThrows(Trouble.class, () -> ThimbleFile.read("card.thimble", new ByteArrayInputStream(zip(entries))));
    assertTrue(trouble.getMessage().contains("card.thimble") && trouble.getMessage().contains(told), trouble.getMessage());
  }

  @Test
  void aPictureThatIsMissingOrAnotherIsTold() throws Exception {
    String name = "pictures/" + PICTURE.id() + ".jpg";
    Map<String, byte[]> entries = unzip(ThimbleFile.bytes(job()));
    byte[] kept = entries.remove(name);
    assertThrows(Trouble.class, () -> ThimbleFile.read("x", new ByteArrayInputStream(zip(entries))));
    kept[kept.length - 5] ^= 1;
    entries.put(name, kept);
    Job other = ThimbleFile.read("x", new ByteArrayInputStream(zip(entries)));
    assertArrayEquals(kept, other.pictures().values().iterator().next().blob().bytes(), "what is there is kept under its own name");
  }

  @Test
  void hostileEntriesAreRefused() throws Exception {
    for (String name : List.of("../../evil.sh", "/etc/passwd", "a\\..\\b")) {
      Map<String, byte[]> entries = unzip(ThimbleFile.bytes(job()));
      entries.put(name, new byte[] {1});
      assertThrows(Trouble.class, () -> ThimbleFile.read("x", new ByteArrayInputStream(zip(entries))), name);
    }
    Map<String, byte[]> bomb = Map.of("job.json", new byte[3_000_000]);
    byte[] packed = zip(bomb);
    assertTrue(packed.length < 20_000);
    assertThrows(Trouble.class, () -> ZipEntries.read(new ByteArrayInputStream(packed), 1_000_000));
  }

  /** Bytes changed anywhere, files cut short, and descriptions changed inside a sound ZIP: 3,600 in all. */
  @Test
  void damagedBytesGiveASentenceOrASoundJob() throws Exception {
    Job job = Made.card(Made.background("i1"), Made.words("i2", "Hi", 1, 1, 2, 1, Made.style("Caveat", "Regular", 20)), Made.drawn("i3"))
        .changed("f1", f -> f.withGuides(new Guides(List.of(Guide.down(1)), Optional.of(Columns.of(2, 2, 0.5, 0.25)))));
    byte[] good = ThimbleFile.bytes(job);
    Map<String, byte[]> entries = unzip(good);
    byte[] json = entries.get("job.json");
    Random random = new Random(7);
    int sound = 0;
    for (int i = 0; i < 3600; i++) {
      byte[] bytes = good.clone();
      int length = bytes.length;
      if (i % 2 == 0) {
        byte[] changed = json.clone();
        for (int k = 0; k <= random.nextInt(3); k++) {
          changed[random.nextInt(changed.length)] = (byte) (32 + random.nextInt(95));
        }
        bytes = zip(Map.of("job.json", changed));
        length = bytes.length;
      } else {
        for (int k = 0; k <= random.nextInt(4); k++) {
          bytes[random.nextInt(Math.min(bytes.length, i % 4 == 1 ? 3000 : bytes.length))] = (byte) random.nextInt(256);
        }
        length = i % 5 == 0 ? random.nextInt(bytes.length) : bytes.length;
      }
      try {
        Job read = ThimbleFile.read("x.thimble", new ByteArrayInputStream(bytes, 0, length));
        assertFalse(read.faces().isEmpty());
        sound++;
      } catch (Trouble trouble) {
        assertTrue(trouble.getMessage().contains("x.thimble"), trouble.getMessage());
      }
    }
    assertTrue(sound > 20 && sound < 3000, "some damage is harmless and most is seen: " + sound);
  }

  @Test
  void savingNeverLeavesHalfAFile() throws Exception {
    Path file = folder.resolve("card.thimble");
    ThimbleFile.save(job(), file);
    byte[] before = Files.readAllBytes(file);
    Trouble none = assertThrows(Trouble.class, () -> ThimbleFile.save(job(), folder.resolve("none/card.thimble")));
    assertTrue(none.getMessage().contains("none"), none.getMessage());
    Path blocked = Files.createDirectory(folder.resolve("blocked.thimble"));
    Files.writeString(blocked.resolve("inside"), "x");
    assertThrows(Trouble.class, () -> ThimbleFile.save(job(), blocked));
    assertArrayEquals(before, Files.readAllBytes(file));
    try (var left = Files.list(folder)) {
      assertEquals(List.of("blocked.thimble", "card.thimble"), left.map(p -> p.getFileName().toString()).sorted().toList());
    }
  }

  @Test
  void whatIsNoJobIsToldByName() throws IOException {
    Path text = Files.writeString(folder.resolve("notes.thimble"), "seed notes");
    Trouble trouble = assertThrows(Trouble.class, () -> ThimbleFile.open(text));
    assertTrue(trouble.getMessage().contains("notes.thimble"), trouble.getMessage());
    assertTrue(assertThrows(Trouble.class, () -> ThimbleFile.open(folder.resolve("gone.thimble"))).getMessage().contains("gone"));
  }

  @Test
  void groupsWithinGroupsComeBack() throws Trouble {
    Job job = org.zipthimble.core.edit.Grouping.group("f1", java.util.Set.of("i1", "i2")).change()
        .apply(Made.card(Made.rectangle("i1", 0, 0, 1, 1), Made.ellipse("i2", 2, 2, 1, 1)));
    Item group = job.faces().get(0).items().get(0);
    assertEquals(2, group.members().size());
    assertEquals(job, ThimbleFile.read("x", new ByteArrayInputStream(ThimbleFile.bytes(job))));
  }

  private static Map<String, byte[]> unzip(byte[] bytes) throws IOException {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        entries.put(entry.getName(), zip.readAllBytes());
      }
    }
    return entries;
  }

  private static byte[] zip(Map<String, byte[]> entries) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
        zip.putNextEntry(new ZipEntry(entry.getKey()));
        zip.write(entry.getValue());
        zip.closeEntry();
      }
    }
    return out.toByteArray();
  }

  /** All that came with version 5 is written and read alike; a figure out of range is refused with a sentence, never an exception. */
  @Test
  void retouchesEffectsAndSurfacesAreKept() throws Exception {
    Retouch all = Retouch.NONE.withCrop(new Box(0.1, 0.2, 0.7, 0.6)).withStraighten(-3.5).flipped(true, false).withPatched(true)
        .withBackdrop(Optional.of(new Backdrop(Colour.of(0xFAFAF0), 0.12, false, 0.4)))
        .rubbed(new BrushStroke(List.of(new Point(0.1, 0.2), new Point(0.3, -0.05)), 0.04, 0.5, true))
        .withTones(new Tones(0.1, -0.2, 0.3, -0.4)).looking(PictureLook.LONG_DUSK, 0.6).withTint(Optional.of(Made.BEET)).withEnlarged(2.5);
    Effects effects = Effects.of(new Effect.Glow(0.3, Made.CREAM, 0.5), new Effect.Shadow(33, 0.11, 0.2, Made.BEET, 0.7))
        .withBlur(0.01).withFeather(0.02).withBlend(Blend.SOFT_LIGHT);
    ItemPhoto photo = Made.photo("i1", PICTURE, 1, 1, 3, 2).withRetouching(all);
    Item foil = Made.ellipse("i2", 1, 4, 2, 2).withFillStyle(
        Optional.of(new FillStyle.Finish(Texture.Surface.GLITTER, Made.BEET, 0.03, 12, 7)));
    Job job = Made.with(PICTURE, photo.with(photo.properties().withEffects(effects)), foil);
    byte[] bytes = ThimbleFile.bytes(job);
    assertEquals(job, ThimbleFile.read("job", new ByteArrayInputStream(bytes)));
    String json = new String(unzip(bytes).get("job.json"), StandardCharsets.UTF_8);
    for (String[] change : new String[][] {{"\"straighten\" : -3.5", "\"straighten\" : 80"},
        {"\"blend\" : \"soft_light\"", "\"blend\" : \"vivid\""},
        {"\"grain\" : 0.03", "\"grain\" : 90"}, {"\"enlarged\" : 2.5", "\"enlarged\" : \"much\""},
        {"\"near\" : 0.12", "\"nearly\" : 0.12"}}) {
      assertTrue(json.contains(change[0]), change[0]);
      Map<String, byte[]> entries = unzip(bytes);
      entries.put("job.json", json.replace(change[0], change[1]).getBytes(StandardCharsets.UTF_8));
      Trouble told = assertThrows(Trouble.class, () -> ThimbleFile.read("job", new ByteArrayInputStream(zip(entries))));
      assertFalse(told.getMessage().isBlank());
    }
  }
}
