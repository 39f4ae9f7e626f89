package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.wording.Trouble;

/**
 * The press notebook: cards that ship as starting points, and the person's own, a JSON file each in a folder, with the pictures of results
 * beside them. It goes out and comes in as CSV (RFC 4180) with a row a card.
 */
public final class PressShelf {
  /** The columns of a notebook as CSV. */
  public static final List<String> COLUMNS = List.of("key", "blank", "film", "fahrenheit", "seconds", "pressure", "layers", "peel",
      "order", "says", "from", "results");

  private static final String SHIPPED = "/org/zipthimble/core/things/press.json";
  private static final int MOST_BYTES = 2_000_000;
  private static final int MOST_CARDS = 1000;
  private static final int VERSION = 1;
  private static final String STEP = " > ";
  private static List<PressCard> shipped;

  private PressShelf() {}

  /** The cards that ship: common practice and made up, each marked as such. */
  public static synchronized List<PressCard> shipped() {
    if (shipped == null) {
      try (InputStream in = PressShelf.class.getResourceAsStream(SHIPPED)) {
        List<PressCard> out = new ArrayList<>();
        for (JsonNode node : ThingShelf.root("press.json", in.readAllBytes(), "cards").get("cards")) {
          out.add(Binding.MAPPER.treeToValue(node, PressCard.class));
        }
        shipped = List.copyOf(out);
      } catch (IOException | Trouble broken) {
        throw new IllegalStateException("the shipped cards cannot be read", broken);
      }
    }
    return shipped;
  }

  /** All cards, the person's own in place of shipped ones of the same key; own ones first, each group by blank. */
  public static List<PressCard> all(Path folder) {
    List<PressCard> own = own(folder);
    List<PressCard> out = new ArrayList<>(own);
    shipped().stream().filter(s -> own.stream().noneMatch(o -> o.key().equals(s.key()))).forEach(out::add);
    return List.copyOf(out);
  }

  /** A card by its key. */
  public static Optional<PressCard> card(Path folder, String key) {
    return all(folder).stream().filter(c -> c.key().equals(key)).findFirst();
  }

  /** The person's own cards; those that cannot be read are left out. */
  public static List<PressCard> own(Path folder) {
    Map<String, PressCard> out = new TreeMap<>();
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (var files = Files.list(folder)) {
      for (Path file : files.filter(f -> f.toString().endsWith(".json")).sorted().limit(MOST_CARDS).toList()) {
        try {
          PressCard card = read(file.getFileName().toString(), Files.readAllBytes(file));
          out.put(card.blank().toLowerCase(Locale.ROOT) + " " + card.key(), card);
        } catch (Trouble | IOException unreadable) {
          continue;
        }
      }
    } catch (IOException unreadable) {
      return List.of();
    }
    return List.copyOf(out.values());
  }

  /** Reads a card of the person's. */
  public static PressCard read(String name, byte[] bytes) throws Trouble {
    if (bytes.length > MOST_BYTES) {
      throw Trouble.of("press.unreadable", name);
    }
    try {
      JsonNode tree = Binding.MAPPER.readTree(bytes);
      if (!(tree instanceof ObjectNode) || !tree.path("version").isInt() || tree.path("version").asInt() != VERSION) {
        throw Trouble.of("press.unreadable", name);
      }
      ((ObjectNode) tree).remove("version");
      return Binding.MAPPER.treeToValue(tree, PressCard.class);
    } catch (IOException | IllegalArgumentException e) {
      throw Trouble.because(e, "press.unreadable", name);
    }
  }

  /** Keeps a card in the person's folder; one of the same key is replaced. */
  public static void keep(Path folder, PressCard card) throws Trouble {
    Folders.made(folder);
    ObjectNode tree = Binding.MAPPER.valueToTree(card);
    tree.put("version", VERSION);
    try {
      SafeWrite.write(folder.resolve(card.key() + ".json"), Binding.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(tree));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Takes a card of the person's away; the shipped one of the same key, if there is one, is seen again. */
  public static void remove(Path folder, String key) throws Trouble {
    try {
      Files.deleteIfExists(folder.resolve(key + ".json"));
    } catch (IOException e) {
      throw Trouble.because(e, "press.unwritten", key);
    }
  }

  /** Puts a picture of a result beside the cards and gives the name it has there. */
  public static String picture(Path folder, String key, Path picture) throws Trouble {
    Folders.made(folder);
    String ending = picture.getFileName().toString().toLowerCase(Locale.ROOT).replaceAll("^.*\\.", ".");
    if (!ending.matches("\\.(png|jpg|jpeg|webp)")) {
      throw Trouble.of("press.noPicture", picture.getFileName());
    }
    try {
      int number = 1;
      while (Files.exists(folder.resolve(key + "-" + number + ending))) {
        number++;
      }
      String name = key + "-" + number + ending;
      SafeWrite.write(folder.resolve(name), Files.readAllBytes(picture));
      return name;
    } catch (IOException e) {
      throw Trouble.because(e, "press.noPicture", picture.getFileName());
    }
  }

  /** A key that no card has yet, made of words. */
  public static String freshKey(Path folder, String words) {
    String key = PressCard.keyOf(words);
    List<String> taken = all(folder).stream().map(PressCard::key).toList();
    String fresh = key;
    for (int i = 2; taken.contains(fresh); i++) {
      fresh = key + "-" + i;
    }
    return fresh;
  }

  /** Cards as CSV. */
  public static String csv(List<PressCard> cards) {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
      printer.printRecord(COLUMNS);
      for (PressCard c : cards) {
        printer.printRecord(c.key(), c.blank(), c.film(), plain(c.fahrenheit()), c.seconds(), word(c.pressure()), c.layers(),
            word(c.peel()), String.join(STEP, c.order()), c.says(), word(c.from()),
            String.join(STEP, c.results().stream().map(r -> r.day() + " " + r.words()).toList()));
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    return out.toString();
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }

  /**
   * Cards from CSV with a head; columns may come in any order, and those for key, film, layers, order, says, from and results may be
   * missing.
   *
   * @throws Trouble with the row and what is wrong in it; nothing is taken in then
   */
  public static List<PressCard> fromCsv(String name, byte[] bytes) throws Trouble {
    if (bytes.length > MOST_BYTES) {
      throw Trouble.of("press.unreadable", name);
    }
    String text;
    try {
      text = StandardCharsets.UTF_8.newDecoder().decode(java.nio.ByteBuffer.wrap(bytes)).toString().replaceFirst("^\uFEFF", "");
    } catch (CharacterCodingException e) {
      throw Trouble.because(e, "press.unreadable", name);
    }
    List<PressCard> out = new ArrayList<>();
    CSVFormat form = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setIgnoreHeaderCase(true).setTrim(true)
        .setIgnoreEmptyLines(true).get();
    try (CSVParser rows = CSVParser.parse(new StringReader(text), form)) {
      for (String needed : List.of("blank", "fahrenheit", "seconds")) {
        if (rows.getHeaderNames().stream().noneMatch(h -> h.strip().equalsIgnoreCase(needed))) {
          throw Trouble.of("press.noColumn", name, needed);
        }
      }
      for (CSVRecord row : rows) {
        if (out.size() >= MOST_CARDS) {
          throw Trouble.of("press.many", name, MOST_CARDS);
        }
        out.add(card(name, row));
      }
    } catch (IOException | java.io.UncheckedIOException | IllegalStateException e) {
      throw Trouble.because(e, "press.unreadable", name);
    } catch (IllegalArgumentException e) {
      throw Trouble.because(e, "press.unreadable", name);
    }
    return List.copyOf(out);
  }

  private static PressCard card(String name, CSVRecord row) throws Trouble {
    try {
      String blank = text(row, "blank", "");
      String from = text(row, "from", "own");
      return new PressCard(text(row, "key", PressCard.keyOf(blank)), blank, text(row, "film", ""),
          Double.parseDouble(text(row, "fahrenheit", "")), Integer.parseInt(text(row, "seconds", "")),
          PressCard.Pressure.valueOf(upper(text(row, "pressure", "medium"))), text(row, "layers", ""),
          PressCard.Peel.valueOf(upper(text(row, "peel", "warm"))), steps(text(row, "order", "")),
          text(row, "says", ""), PressCard.From.valueOf(upper(from)), results(text(row, "results", "")));
    } catch (RuntimeException e) {
      throw Trouble.because(e, "press.row", name, row.getRecordNumber() + 1, ThingShelf.reason(e));
    }
  }

  private static String text(CSVRecord row, String column, String otherwise) {
    String value = row.isMapped(column) && row.isSet(column) ? row.get(column).strip() : "";
    return value.isEmpty() ? otherwise : value;
  }

  private static String upper(String word) {
    return word.toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_');
  }

  private static List<String> steps(String text) {
    return text.isBlank() ? List.of() : Arrays.stream(text.split(">")).map(String::strip).filter(s -> !s.isEmpty()).toList();
  }

  private static List<PressCard.Result> results(String text) {
    return steps(text).stream()
        .map(s -> new PressCard.Result(LocalDate.parse(s.substring(0, 10)), s.substring(10).strip(), Optional.empty())).toList();
  }
}
