package org.zipthimble.core.store;

import io.soabase.recordbuilder.core.RecordBuilder;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/**
 * What the person has chosen for the program itself. What cannot be read of a settings file keeps its usual value.
 *
 * @param night whether the window is dark
 * @param scale of the interface, 1 to 2
 * @param screenPpi pixels per inch of the screen as measured with a card, or 0 when it never was
 * @param nudge how far an arrow key moves things, in inches
 * @param snap whether things snap
 * @param band what a rubber band takes
 * @param grid the grid's step in inches
 * @param gridShown whether the grid is seen
 * @param sheetOrigin whether the rulers begin at the sheet; else at the trim
 * @param putAway the hints that were put away
 * @param favourites the items of the wall that come first, by their key
 * @param own items of the person's own
 * @param recent job files, the newest first
 */
@RecordBuilder
public record Settings(
    boolean night, double scale, double screenPpi, double nudge, boolean snap, Band band, double grid,
    boolean gridShown, boolean sheetOrigin, Set<String> putAway, Set<String> favourites, List<OwnItem> own, List<Path> recent) implements SettingsBuilder.With {
  /** How many recent jobs are kept. */
  public static final int MOST_RECENT = 12;

  /** The usual nudge: 1/16 in. */
  public static final double USUAL_NUDGE = 1.0 / 16;

  /** What stands in no file yet. */
  public static final Settings USUAL = new Settings(
      false, 1, 0, USUAL_NUDGE, true, Band.DIRECTION, 0.25, false, false, Set.of(), Set.of(), List.of(), List.of());

  private static final ObjectMapper MAPPER = new ObjectMapper();

  /** What a rubber band takes. */
  public enum Band {
    /** What it encloses when drawn to the right, what it touches when drawn to the left. */
    DIRECTION,
    /** What it touches. */
    TOUCH,
    /** What it encloses. */
    ENCLOSE;

    static Band of(String word) {
      return java.util.Arrays.stream(values()).filter(b -> b.name().equalsIgnoreCase(word)).findFirst().orElse(DIRECTION);
    }

    /** Whether a band drawn this way takes only what it encloses. */
    public boolean encloses(boolean toTheRight) {
      return this == ENCLOSE || this == DIRECTION && toTheRight;
    }
  }

  /** An item of the person's own. */
  public record OwnItem(String name, Size size, int faces) {}

  /** Brings figures into range and keeps copies. */
  public Settings {
    scale = Math.max(1, Math.min(2, scale));
    screenPpi = screenPpi >= 20 && screenPpi <= 2000 ? screenPpi : 0;
    nudge = nudge > 0 && nudge <= 12 ? nudge : USUAL_NUDGE;
    grid = grid >= 1.0 / 64 && grid <= 48 ? grid : 0.25;
    putAway = Set.copyOf(putAway);
    favourites = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(favourites));
    own = List.copyOf(own);
    recent = List.copyOf(recent.subList(0, Math.min(recent.size(), MOST_RECENT)));
  }

  /** Reads settings; where there are none, or they are damaged, the usual ones. */
  public static Settings read(Path file) {
    try {
      JsonNode root = Files.isRegularFile(file) ? MAPPER.readTree(file.toFile()) : MAPPER.createObjectNode();
      return root != null && root.isObject() ? read(root) : USUAL;
    } catch (IOException | RuntimeException damaged) {
      return USUAL;
    }
  }

  /**
   * Writes settings whole or not at all.
   *
   * @throws Trouble when they cannot be written
   */
  public void write(Path file) throws Trouble {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("night", night).put("scale", scale).put("screenPpi", screenPpi).put("nudge", nudge).put("snap", snap)
        .put("band", band.name().toLowerCase(Locale.ROOT)).put("grid", grid).put("gridShown", gridShown).put("sheetOrigin", sheetOrigin);
    ArrayNode away = root.putArray("putAway");
    putAway.stream().sorted().forEach(away::add);
    ArrayNode liked = root.putArray("favourites");
    favourites.forEach(liked::add);
    ArrayNode items = root.putArray("own");
    own.forEach(i -> items.addObject().put("name", i.name()).put("width", i.size().width()).put("height", i.size().height())
        .put("faces", i.faces()));
    ArrayNode files = root.putArray("recent");
    recent.forEach(p -> files.add(p.toString()));
    try {
      Places.made(file.toAbsolutePath().getParent());
      SafeWrite.write(file, MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root));
    } catch (IOException e) {
      throw Trouble.because(e, "settings.unwritable", file);
    }
  }

  private static Settings read(JsonNode root) {
    List<OwnItem> own = new ArrayList<>();
    root.path("own").forEach(i -> {
      double width = i.path("width").asDouble();
      double height = i.path("height").asDouble();
      if (width > 0 && height > 0 && width <= 200 && height <= 200) {
        own.add(new OwnItem(i.path("name").asText(), new Size(width, height), Math.max(1, Math.min(60, i.path("faces").asInt(1)))));
      }
    });
    List<Path> recent = new ArrayList<>();
    root.path("recent").forEach(p -> recent.add(Path.of(p.asText())));
    return new Settings(
        root.path("night").asBoolean(), root.path("scale").asDouble(1), root.path("screenPpi").asDouble(),
        root.path("nudge").asDouble(USUAL_NUDGE), root.path("snap").asBoolean(true), Band.of(root.path("band").asText()),
        root.path("grid").asDouble(0.25), root.path("gridShown").asBoolean(), root.path("sheetOrigin").asBoolean(),
        texts(root.path("putAway")), texts(root.path("favourites")), own, recent);
  }

  private static Set<String> texts(JsonNode list) {
    Set<String> texts = new LinkedHashSet<>();
    list.forEach(t -> texts.add(t.asText()));
    return texts;
  }

  /** The same with another grid. */
  public Settings withGrid(double step, boolean shown) {
    return withGrid(step).withGridShown(shown);
  }

  /** The same with one more hint put away. */
  public Settings without(String hint) {
    Set<String> away = new LinkedHashSet<>(putAway);
    away.add(hint);
    return new Settings(night, scale, screenPpi, nudge, snap, band, grid, gridShown, sheetOrigin, away, favourites, own, recent);
  }

  /** The same with every hint shown again. */
  public Settings withHints() {
    return withPutAway(Set.of());
  }

  /** The same with an item among the favourites, or no longer. */
  public Settings liking(String key) {
    Set<String> liked = new LinkedHashSet<>(favourites);
    if (!liked.remove(key)) {
      liked.add(key);
    }
    return new Settings(night, scale, screenPpi, nudge, snap, band, grid, gridShown, sheetOrigin, putAway, liked, own, recent);
  }

  /** The same with one more item of the person's own; one of the same name gives way. */
  public Settings with(OwnItem item) {
    List<OwnItem> items = new ArrayList<>(own.stream().filter(i -> !i.name().equals(item.name())).toList());
    items.add(item);
    return new Settings(night, scale, screenPpi, nudge, snap, band, grid, gridShown, sheetOrigin, putAway, favourites, items, recent);
  }

  /** The same without one of the person's own items. */
  public Settings without(OwnItem item) {
    List<OwnItem> items = own.stream().filter(i -> !i.equals(item)).toList();
    return new Settings(night, scale, screenPpi, nudge, snap, band, grid, gridShown, sheetOrigin, putAway, favourites, items, recent);
  }

  /** The same with a job as the most recent. */
  public Settings after(Path job) {
    List<Path> files = new ArrayList<>(List.of(job.toAbsolutePath()));
    recent.stream().filter(p -> !p.equals(job.toAbsolutePath())).forEach(files::add);
    return new Settings(night, scale, screenPpi, nudge, snap, band, grid, gridShown, sheetOrigin, putAway, favourites, own, files);
  }
}
