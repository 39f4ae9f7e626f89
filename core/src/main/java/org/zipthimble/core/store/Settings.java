package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.plan.Ticket;
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
 * @param window where the window was left; empty before it was closed the first time
 * @param currency the sign that costs are shown with; none is shown while it is empty
 * @param words words that are right in all jobs
 * @param likedFonts the families that the person likes
 * @param recentFonts the families used last, the newest first
 * @param papers sheets of the person's own sizes, upright, in inches
 */
@RecordBuilder
public record Settings(
    boolean night, double scale, double screenPpi, double nudge, boolean snap, Band band, double grid,
    boolean gridShown, boolean sheetOrigin, Set<String> putAway, Set<String> favourites, List<OwnItem> own, List<Path> recent,
    Optional<Window> window,
    String currency, List<String> words, Set<String> likedFonts, List<String> recentFonts, List<Size> papers)
    implements SettingsBuilder.With {
  /** How many recent jobs are kept. */
  public static final int MOST_RECENT = 12;

  /** Reads one value and does not mind what follows it. */
  private static final ObjectMapper PLAIN = new ObjectMapper();

  /** The coarsest screen, in pixels per inch. */
  public static final double LEAST_SCREEN_PPI = 20;

  /** The finest screen, in pixels per inch. */
  public static final double MOST_SCREEN_PPI = 2000;

  /** The shortest nudge, in inches. */
  public static final double LEAST_NUDGE = 1.0 / 1000;

  /** The longest nudge, in inches. */
  public static final double MOST_NUDGE = 12;

  /** The finest grid, in inches. */
  public static final double LEAST_GRID = 1.0 / 64;

  /** The coarsest grid, in inches. */
  public static final double MOST_GRID = 48;

  /** The usual nudge: 1/16 in. */
  public static final double USUAL_NUDGE = 1.0 / 16;

  /** What stands in no file yet. */
  public static final Settings USUAL = new Settings(
      false, 1, 0, USUAL_NUDGE, true, Band.DIRECTION, 0.25, false, false, Set.of(), Set.of(), List.of(), List.of(), Optional.empty(), "",
      List.of(), Set.of(), List.of(), List.of());

  private static final int VERSION = 2;

  /** What a rubber band takes. */
  public enum Band {
    /** What it encloses when drawn to the right, what it touches when drawn to the left. */
    DIRECTION,
    /** What it touches. */
    TOUCH,
    /** What it encloses. */
    ENCLOSE;

    /** Whether a band drawn this way takes only what it encloses. */
    public boolean encloses(boolean toTheRight) {
      return this == ENCLOSE || this == DIRECTION && toTheRight;
    }
  }

  /**
   * Where the window stands on its screen, in the screen's own pixels.
   *
   * @param maximised whether it fills the screen; the box is then what it goes back to
   */
  public record Window(double x, double y, double width, double height, boolean maximised) {
    /** Checks that all is finite. */
    public Window {
      if (!Double.isFinite(x + y) || !(width > 0 && width < 1e6 && height > 0 && height < 1e6)) {
        throw new IllegalArgumentException("no window: " + x + ", " + y + ", " + width + " x " + height);
      }
    }

    /** The window on a screen that may have changed: no larger than its usable part, and wholly on it. */
    public Box within(Box usable) {
      double w = Math.min(width, usable.width());
      double h = Math.min(height, usable.height());
      return new Box(Math.max(usable.x(), Math.min(usable.right() - w, x)), Math.max(usable.y(), Math.min(usable.bottom() - h, y)), w, h);
    }
  }

  /** The most words that are held right in all jobs. */
  public static final int MOST_WORDS = 5000;

  /** How many fonts used last are kept. */
  public static final int MOST_FONTS = 12;

  /** How many papers of the person's own are kept. */
  public static final int MOST_PAPERS = 24;

  /** The longest sign of a currency. */
  public static final int LONGEST_CURRENCY = 4;

  /** An item of the person's own, with so many faces. */
  public record OwnItem(String name, Size size, int faces) {
    /** The longest side in inches. */
    public static final double MOST_SIDE = 200;

    /** The most faces. */
    public static final int MOST_FACES = 60;

    /** Checks the ranges. */
    public OwnItem {
      if (name == null || size.width() > MOST_SIDE || size.height() > MOST_SIDE || faces < 1 || faces > MOST_FACES) {
        throw new IllegalArgumentException("an own item is up to " + MOST_SIDE + " in and has 1 to " + MOST_FACES + " faces");
      }
    }
  }

  /** Brings figures into range and keeps copies. */
  public Settings {
    scale = Math.max(1, Math.min(2, scale));
    screenPpi = screenPpi >= LEAST_SCREEN_PPI && screenPpi <= MOST_SCREEN_PPI ? screenPpi : 0;
    nudge = nudge > 0 && nudge <= MOST_NUDGE ? nudge : USUAL_NUDGE;
    grid = grid >= LEAST_GRID && grid <= MOST_GRID ? grid : 0.25;
    putAway = Set.copyOf(putAway);
    favourites = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(favourites));
    own = List.copyOf(own);
    currency = currency.strip().length() > LONGEST_CURRENCY ? "" : currency.strip();
    words = words.stream().map(String::strip).filter(w -> !w.isEmpty() && w.length() <= 60).distinct().limit(MOST_WORDS).toList();
    likedFonts = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(likedFonts));
    recentFonts = List.copyOf(recentFonts.subList(0, Math.min(recentFonts.size(), MOST_FONTS)));
    papers = papers.stream().filter(p -> Math.min(p.width(), p.height()) >= 1 && Math.max(p.width(), p.height()) <= Ticket.MOST_SIDE)
        .distinct().limit(MOST_PAPERS).toList();
    recent = List.copyOf(recent.subList(0, Math.min(recent.size(), MOST_RECENT)));
  }

  /** Reads settings; where there are none the usual ones. What cannot be read keeps its usual value, of a list what can be read is kept. */
  public static Settings read(Path file) {
    if (!Files.isRegularFile(file)) {
      return USUAL;
    }
    try {
      byte[] text = Files.readAllBytes(file);
      try {
        JsonNode tree = Binding.MAPPER.readTree(text);
        return tree instanceof ObjectNode ? read((ObjectNode) tree) : USUAL;
      } catch (JsonProcessingException damaged) {
        return read(salvaged(new String(text, StandardCharsets.UTF_8)));
      }
    } catch (IOException | RuntimeException unreadable) {
      return USUAL;
    }
  }

  /** What can still be read of a text that is damaged somewhere: every setting whose value is whole. */
  private static ObjectNode salvaged(String text) {
    ObjectNode tree = Binding.MAPPER.createObjectNode();
    List<String> names = new ArrayList<>(Arrays.stream(Settings.class.getRecordComponents()).map(RecordComponent::getName).toList());
    names.add("version");
    for (String name : names) {
      int at = text.indexOf("\n  \"" + name + "\" :");
      if (at >= 0) {
        // As the first of a list: a value at the root may not be followed by a comma.
        try (JsonParser parser = PLAIN.createParser("[" + text.substring(text.indexOf(':', at) + 1))) {
          parser.nextToken();
          parser.nextToken();
          Optional.<JsonNode>ofNullable(parser.readValueAsTree()).ifPresent(value -> tree.set(name, value));
        } catch (IOException damaged) {
          continue;
        }
      }
    }
    return tree;
  }

  /** Makes ready what reading takes, so that the first reading is as fast as any. */
  public static void warm() {
    bound(Binding.MAPPER.valueToTree(USUAL));
  }

  /**
   * Writes settings whole or not at all.
   *
   * @throws Trouble when they cannot be written
   */
  public void write(Path file) throws Trouble {
    try {
      ObjectNode tree = Binding.MAPPER.valueToTree(this);
      tree.put("version", VERSION);
      Folders.made(file.toAbsolutePath().getParent());
      SafeWrite.secret(file, Binding.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(tree));
    } catch (IOException e) {
      throw Trouble.because(e, "settings.unwritable", file);
    }
  }

  private static Settings read(ObjectNode tree) {
    JsonNode version = tree.remove("version");
    if (version == null) {
      // Version 1 said no version, and the width and height of an own item stood beside its name.
      tree.path("own").forEach(i -> {
        if (i instanceof ObjectNode) {
          ObjectNode item = (ObjectNode) i;
          ObjectNode size = Binding.MAPPER.createObjectNode();
          size.set("width", item.remove("width"));
          size.set("height", item.remove("height"));
          item.set("size", size);
        }
      });
    }
    ObjectNode good = Binding.MAPPER.valueToTree(USUAL);
    Set<String> known = Arrays.stream(Settings.class.getRecordComponents()).map(RecordComponent::getName).collect(Collectors.toSet());
    tree.fields().forEachRemaining(field -> {
      if (known.contains(field.getKey()) && field.getValue().isArray()) {
        ArrayNode kept = Binding.MAPPER.createArrayNode();
        field.getValue().forEach(element -> {
          if (bound(good.deepCopy().set(field.getKey(), kept.deepCopy().add(element))).isPresent()) {
            kept.add(element);
          }
        });
        good.set(field.getKey(), kept);
      } else if (known.contains(field.getKey()) && bound(good.deepCopy().set(field.getKey(), field.getValue())).isPresent()) {
        good.set(field.getKey(), field.getValue());
      }
    });
    return bound(good).orElse(USUAL);
  }

  private static Optional<Settings> bound(JsonNode tree) {
    try {
      return Optional.of(Binding.MAPPER.treeToValue(tree, Settings.class));
    } catch (JsonProcessingException | RuntimeException unreadable) {
      return Optional.empty();
    }
  }

  /** The same with another grid, its step in inches. */
  public Settings withGrid(double step, boolean shown) {
    return withGrid(step).withGridShown(shown);
  }

  /** The same with one more hint put away. */
  public Settings without(String hint) {
    Set<String> away = new LinkedHashSet<>(putAway);
    away.add(hint);
    return withPutAway(away);
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
    return withFavourites(liked);
  }

  /** The same with one more item of the person's own; one of the same name gives way. */
  public Settings with(OwnItem item) {
    List<OwnItem> items = new ArrayList<>(own.stream().filter(i -> !i.name().equals(item.name())).toList());
    items.add(item);
    return withOwn(items);
  }

  /** The same without one of the person's own items. */
  public Settings without(OwnItem item) {
    List<OwnItem> items = own.stream().filter(i -> !i.equals(item)).toList();
    return withOwn(items);
  }

  /** The same with one more word that is right in all jobs. */
  public Settings knowing(String word) {
    List<String> all = new ArrayList<>(words);
    all.add(word);
    return withWords(all);
  }

  /** The same with a font among the liked ones, or no longer. */
  public Settings likingFont(String family) {
    Set<String> liked = new LinkedHashSet<>(likedFonts);
    if (!liked.remove(family)) {
      liked.add(family);
    }
    return withLikedFonts(liked);
  }

  /** The same with a font as the one that was used last. */
  public Settings afterFont(String family) {
    List<String> all = new ArrayList<>(List.of(family));
    recentFonts.stream().filter(f -> !f.equals(family)).forEach(all::add);
    return withRecentFonts(all);
  }

  /** The same with a job as the most recent. */
  public Settings after(Path job) {
    List<Path> files = new ArrayList<>(List.of(job.toAbsolutePath()));
    recent.stream().filter(p -> !p.equals(job.toAbsolutePath())).forEach(files::add);
    return withRecent(files);
  }
}
