package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.wording.Trouble;

/** The catalogue of things: those that ship, and the person's own, in JSON files of the same form in a folder ({@code docs/things.md}). */
public final class ThingShelf {
  private static final String SHIPPED = "/org/zipthimble/core/things/things.json";
  private static final int MOST_BYTES = 2_000_000;
  private static final int MOST_FILES = 200;
  private static final int MOST_THINGS = 2000;
  private static final int VERSION = 1;
  private static List<Thing> shipped;

  private ThingShelf() {}

  /** What was read of a folder, with a sentence for every file that could not be read. */
  public record Own(List<Thing> things, List<String> troubles) {}

  /** The things that ship, in the order of the catalogue. */
  public static synchronized List<Thing> shipped() {
    if (shipped == null) {
      try (InputStream in = ThingShelf.class.getResourceAsStream(SHIPPED)) {
        shipped = read("things.json", in.readAllBytes());
      } catch (IOException | Trouble broken) {
        throw new IllegalStateException("the catalogue cannot be read", broken);
      }
    }
    return shipped;
  }

  /** A thing that ships, by its key. */
  public static Optional<Thing> shipped(String key) {
    return shipped().stream().filter(t -> t.key().equals(key)).findFirst();
  }

  /** The person's own things in a folder, by file and in the order they stand there; a file that cannot be read is told. */
  public static Own own(Path folder) {
    List<Thing> things = new ArrayList<>();
    List<String> troubles = new ArrayList<>();
    for (Path file : files(folder)) {
      try {
        if (Files.size(file) > MOST_BYTES) {
          throw Trouble.of("things.unreadable", file.getFileName());
        }
        things.addAll(read(file.getFileName().toString(), Files.readAllBytes(file)));
      } catch (Trouble e) {
        troubles.add(e.getMessage());
      } catch (IOException e) {
        troubles.add(Trouble.because(e, "things.unreadable", file.getFileName()).getMessage());
      }
    }
    return new Own(List.copyOf(things), List.copyOf(troubles));
  }

  private static List<Path> files(Path folder) {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(f -> f.toString().endsWith(".json")).sorted().limit(MOST_FILES).toList();
    } catch (IOException unreadable) {
      return List.of();
    }
  }

  /** Keeps a thing in the person's folder, in a file of its own; one of the same key is replaced. */
  public static void keep(Path folder, Thing thing) throws Trouble {
    Folders.made(folder);
    ObjectNode root = Binding.MAPPER.createObjectNode().put("version", VERSION);
    root.putArray("things").add(Binding.MAPPER.<JsonNode>valueToTree(thing));
    try {
      SafeWrite.write(folder.resolve(PressCard.keyOf(thing.key()) + ".json"),
          Binding.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * Reads a file of things.
   *
   * @throws Trouble with a sentence that names the thing when the file is none, or a figure is out of range
   */
  public static List<Thing> read(String name, byte[] bytes) throws Trouble {
    JsonNode root = root(name, bytes, "things");
    List<Thing> out = new ArrayList<>();
    Set<String> keys = new HashSet<>();
    for (JsonNode node : (ArrayNode) root.get("things")) {
      try {
        Thing thing = Binding.MAPPER.treeToValue(node, Thing.class);
        if (!keys.add(thing.key()) || out.size() >= MOST_THINGS) {
          throw Trouble.of("things.twice", name, thing.key());
        }
        out.add(thing);
      } catch (IOException | IllegalArgumentException e) {
        throw Trouble.because(e, "things.thing", name, node.path("key").asText("?"), reason(e));
      }
    }
    return List.copyOf(out);
  }

  /** What is wrong, as the model says it. */
  static String reason(Throwable e) {
    Throwable at = e;
    while (at.getCause() != null && at.getCause() != at) {
      at = at.getCause();
    }
    String words = String.valueOf(at.getMessage()).lines().findFirst().orElse("");
    return words.length() > 160 ? words.substring(0, 160) : words;
  }

  /** The root of a file with a version and a list. */
  static JsonNode root(String name, byte[] bytes, String list) throws Trouble {
    try {
      JsonNode root = Binding.MAPPER.readTree(bytes);
      boolean sound = root instanceof ObjectNode && root.path("version").isInt() && root.path("version").asInt() >= 1 && root.path(list)
          .isArray();
      if (!sound) {
        throw Trouble.of("things.unreadable", name);
      }
      if (root.path("version").asInt() > VERSION) {
        throw Trouble.of("things.newer", name);
      }
      return root;
    } catch (IOException | IllegalArgumentException e) {
      throw Trouble.because(e, "things.unreadable", name);
    }
  }
}
