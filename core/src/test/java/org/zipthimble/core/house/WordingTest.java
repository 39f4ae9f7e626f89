package org.zipthimble.core.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.arrange.AlignObjects;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;

/** Every wording that the code asks for is there, and every wording that is there is asked for. */
class WordingTest {
  private static final Pattern ASKED = Pattern.compile("\"([a-z][A-Za-z-]*(?:\\.[A-Za-z0-9_-]+)+)\"");
  private static final Pattern BUILT =
      Pattern.compile("\"((?:[a-z][A-Za-z-]*\\.)+)\" \\+");

  private static List<String> sources() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("..").toRealPath())) {
      List<Path> java = files.filter(p -> p.toString().endsWith(".java") && p.toString().contains("/src/main/")).toList();
      assertTrue(java.size() > 100, "the sources of all modules are read");
      return java.stream().map(WordingTest::read).toList();
    }
  }

  private static String read(Path file) {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  @Test
  void everyWordingIsAskedForSomewhere() throws IOException {
    Set<String> literal = new TreeSet<>();
    Set<String> prefixes = new TreeSet<>();
    for (String source : sources()) {
      Matcher asked = ASKED.matcher(source);
      while (asked.find()) {
        literal.add(asked.group(1));
      }
      Matcher built = BUILT.matcher(source);
      while (built.find()) {
        prefixes.add(built.group(1));
      }
    }
    prefixes.addAll(enums());
    Set<String> idle = new TreeSet<>();
    for (String key : Wording.keys()) {
      String stem = key.replaceAll("\\.(one|many|tip|note|title|sentence|mend|sign)$", "").replaceAll("\\.(title|sentence)$", "");
      boolean used = literal.contains(key) || literal.contains(stem) || !key.contains(".") || !stem.contains(".")
          || prefixes.stream().anyMatch(key::startsWith);
      if (!used) {
        idle.add(key);
      }
    }
    assertEquals(Set.of(), idle);
  }

  /** The beginnings of the keys that values of enums ask for by their type. */
  private static Set<String> enums() throws IOException {
    Pattern declared = Pattern.compile("(?:public |private |static )*(class|record|interface|enum) ([A-Z]\\w*)[ <({]");
    Set<String> beginnings = new TreeSet<>();
    for (String source : sources()) {
      Matcher matcher = declared.matcher(source);
      String outer = null;
      while (matcher.find()) {
        String name = Character.toLowerCase(matcher.group(2).charAt(0)) + matcher.group(2).substring(1);
        if (matcher.group(1).equals("enum")) {
          beginnings.add((outer == null ? "" : outer + ".") + name + ".");
        }
        outer = outer == null ? name : outer;
      }
    }
    assertTrue(beginnings.contains("side.") && beginnings.contains("alignObjects.edge."), beginnings.toString());
    return beginnings;
  }

  private static List<String> lines(String room) {
    return read(Path.of("src/main/resources/org/zipthimble/core/wording/" + room + ".properties")).lines()
        .filter(line -> line.contains("=") && !line.startsWith("#")).toList();
  }

  /** Every key stands once, and all of one beginning stand together in one file. */
  @Test
  void noBeginningIsReopened() {
    Set<String> begun = new TreeSet<>();
    Set<String> keys = new TreeSet<>();
    for (String room : List.of("core", "window", "guide", "command-line", "practice")) {
      String last = "";
      for (String line : lines(room)) {
        String key = line.substring(0, line.indexOf('='));
        assertTrue(keys.add(key), key + " stands twice");
        String beginning = key.split("\\.")[0];
        if (!beginning.equals(last)) {
          assertTrue(begun.add(beginning), beginning + " is reopened in " + room);
          last = beginning;
        }
      }
    }
    assertEquals(Wording.keys(), keys);
  }

  /** One of a thing is said as one, several as several, and wherever a word waits for a figure the figure is said too. */
  @Test
  void oneOfAThingIsSaidAsOne() {
    assertEquals("8 on a sheet; 1 piece takes 1 sheet; 37 % of the paper is left over.", Wording.text("gangCard.told", 8, 1, 1, "37"));
    assertEquals("8 on a sheet; 9 pieces take 2 sheets; 37 % of the paper is left over.", Wording.text("gangCard.told", 8, 9, 2, "37"));
    assertEquals("seeds.csv: 11 rows, 0 pieces are sent.", Wording.text("listSlip.told", "seeds.csv", 11, 0));
    assertEquals("delete", Wording.text("edit.remove", 1));
    assertEquals("delete 2 objects", Wording.text("edit.remove", 2));
    assertEquals("Joined: it comes out as one piece.", Wording.text("joined", 1));
    Pattern waits = Pattern.compile("\\{(\\d), plural, one\\{((?:[^{}]|\\{\\d})+)} other\\{((?:[^{}]|\\{\\d})+)}}");
    int pairs = 0;
    for (String key : Wording.keys()) {
      String said = Wording.text(key);
      Matcher pair = waits.matcher(said);
      while (pair.find()) {
        pairs++;
        assertTrue(said.contains("{" + pair.group(1) + "}"), key);
        assertFalse(pair.group(2).equals(pair.group(3)), key);
      }
      assertFalse(waits.matcher(said).replaceAll("").contains(", plural,"), key);
    }
    assertTrue(pairs > 20, pairs + " words wait for a figure");
  }

  @Test
  void valuesOfEnumsAskByTheirType() {
    assertEquals("side.top", Wording.key(Side.TOP));
    assertEquals("alignObjects.to.each_other", Wording.key(AlignObjects.To.EACH_OTHER));
    assertEquals("Kiss cut", Wording.of(CutKind.KISS, "spot"));
    assertEquals("kiss", Wording.of(CutKind.KISS));
  }

  @Test
  void everyWordingThatIsAskedForIsThere() throws IOException {
    Pattern call = Pattern.compile(
        "(?:Wording\\.text|Trouble\\.of|Controls\\.button|Controls\\.check)\\((?:\"[a-z-]+\", )?\"([a-z][A-Za-z]*\\.[A-Za-z.-]+)\"");
    Set<String> lacking = new TreeSet<>();
    int found = 0;
    for (String source : sources()) {
      Matcher matcher = call.matcher(source);
      while (matcher.find()) {
        found++;
        if (!Wording.has(matcher.group(1)) && !matcher.group(1).endsWith(".")) {
          lacking.add(matcher.group(1));
        }
      }
    }
    assertTrue(found > 150, "calls found: " + found);
    assertEquals(Set.of(), lacking);
  }

  @Test
  void placesAreFilledAndCountsChooseTheirForm() {
    assertEquals("5 × 7 in", Wording.text("size.pair", 5, 7, "in"));
    assertEquals("one face", Wording.text("faces", 1));
    assertEquals("3 faces", Wording.text("faces", 3));
    assertThrows(IllegalArgumentException.class, () -> Wording.text("no.such.key"));
    assertFalse(Wording.has("no.such.key"));
  }

  @Test
  void whatIsPutInIsNeverReadAsAPlace() {
    assertEquals("move: {1} $0", Wording.text("edit.on", "move", "{1} $0"), "a name that a person gave stays as it is");
    assertEquals("move: C:\\new", Wording.text("edit.on", "move", "C:\\new"));
  }

  @Test
  void standardItemsHaveNamesAndSoundBlankJobs() {
    for (StandardItem item : StandardItem.values()) {
      assertFalse(item.title().isBlank());
      assertEquals(item.faces(), StandardItem.blank(item.title(), item.size(), item.faces()).faces().size());
    }
  }
}
