package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.job.ShopCard;
import org.zipthimble.core.wording.Trouble;

/** The cards of print shops: three that ship, and the person's own, each a JSON file in a folder. */
public final class ShopShelf {
  private static final String SHIPPED = "/org/zipthimble/core/shops/";
  private static final List<String> NAMES = List.of("cobble-lane.json", "tall-window.json", "kettle-transfers.json");
  private static final int MOST_BYTES = 100_000;
  private static final int MOST_OWN = 200;
  private static final int VERSION = 2;

  private ShopShelf() {}

  /** The cards that ship; their shops are made up. */
  public static List<ShopCard> shipped() {
    List<ShopCard> out = new ArrayList<>();
    for (String name : NAMES) {
      try (InputStream in = ShopShelf.class.getResourceAsStream(SHIPPED + name)) {
        out.add(read(name, in.readAllBytes()));
      } catch (IOException | Trouble broken) {
        throw new IllegalStateException("a shop's card cannot be read: " + name, broken);
      }
    }
    return out;
  }

  /** The person's own cards in a folder, by name; those that cannot be read are left out. */
  public static List<ShopCard> own(Path folder) {
    List<ShopCard> out = new ArrayList<>();
    if (!Files.isDirectory(folder)) {
      return out;
    }
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.filter(f -> f.toString().endsWith(".json")).sorted().limit(MOST_OWN).toList()) {
        try {
          out.add(read(file.getFileName().toString(), Files.readAllBytes(file)));
        } catch (Trouble | IOException unreadable) {
          continue;
        }
      }
    } catch (IOException unreadable) {
      return List.of();
    }
    return out;
  }

  /** Keeps a card in the person's folder; one of the same name is replaced. */
  public static void keep(Path folder, ShopCard card) throws Trouble {
    Folders.made(folder);
    String name = card.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    try {
      SafeWrite.write(folder.resolve((name.isEmpty() ? "card" : name) + ".json"),
          Binding.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(tree(card)));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * Reads a card.
   *
   * @throws Trouble with a sentence when it is none, or a figure is out of range
   */
  public static ShopCard read(String name, byte[] bytes) throws Trouble {
    if (bytes.length > MOST_BYTES) {
      throw Trouble.of("shop.unreadable", name);
    }
    try {
      return Binding.MAPPER.treeToValue(newest(Binding.MAPPER.readTree(bytes)), ShopCard.class);
    } catch (IOException | IllegalArgumentException e) {
      throw Trouble.because(e, "shop.unreadable", name);
    }
  }

  private static ObjectNode tree(ShopCard card) {
    ObjectNode tree = Binding.MAPPER.valueToTree(card);
    return tree.put("version", VERSION);
  }

  /** The tree of a card as it is bound: version 1 said no version and called the shop's name "shop". */
  private static JsonNode newest(JsonNode tree) {
    if (tree instanceof ObjectNode) {
      ObjectNode card = (ObjectNode) tree;
      if (card.remove("version") == null && card.has("shop")) {
        card.set("name", card.remove("shop"));
      }
    }
    return tree;
  }
}
