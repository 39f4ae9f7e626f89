package org.zipthimble.core.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The rooms of all modules, read from their sources: every one is known, none is crowded, none reaches back, and a name stands for one
 * thing.
 */
class WholeHouseTest {
  /** The modules from the ground up; a module uses only those above it. What measures is used by none. */
  private static final Map<String, List<String>> MODULES = modules();
  private static final int MOST_IN_A_ROOM = 35;
  private static final int MOST_NAMES_TWICE = 8;
  private static final int WIDEST = 140;
  private static final Pattern IMPORT = Pattern.compile("^import (?:static )?org\\.zipthimble\\.([a-z.]+)\\.[A-Z]");
  private static final Pattern PACKAGE = Pattern.compile("^package org\\.zipthimble\\.([a-z.]+);");

  private record Source(Path file, String room, List<String> uses) {}

  private static Map<String, List<String>> modules() {
    Map<String, List<String>> out = new LinkedHashMap<>();
    out.put("core", List.of());
    out.put("link", List.of("link"));
    out.put("practice", List.of("practice.machine", "practice.printer", "practice.window"));
    out.put("samples", List.of("samples.ornament", "samples"));
    out.put("cli", List.of("cli"));
    out.put("desktop", List.of());
    out.put("measure", List.of("measure.work", "measure.window"));
    return out;
  }

  private static List<Source> sources() throws IOException {
    List<Source> out = new ArrayList<>();
    try (Stream<Path> files = Files.walk(Path.of("..").toRealPath())) {
      for (Path file : files.filter(p -> p.toString().endsWith(".java") && p.toString().replace('\\', '/').contains("/src/main/")
          && !p.endsWith("module-info.java")).sorted().toList()) {
        List<String> lines = Files.readAllLines(file);
        Matcher room = PACKAGE.matcher(lines.get(0));
        assertTrue(room.find(), file.toString());
        List<String> uses = new ArrayList<>();
        for (String line : lines) {
          Matcher used = IMPORT.matcher(line);
          if (used.find()) {
            uses.add(used.group(1));
          }
        }
        out.add(new Source(file, room.group(1), uses));
      }
    }
    assertTrue(out.size() > 500, "sources read: " + out.size());
    return out;
  }

  private static String module(String room) {
    return room.split("\\.")[0];
  }

  @Test
  void everyModuleIsKnownAndUsesOnlyThoseAboveIt() throws IOException {
    List<String> order = List.copyOf(MODULES.keySet());
    TreeSet<String> wrong = new TreeSet<>();
    for (Source source : sources()) {
      int at = order.indexOf(module(source.room()));
      assertTrue(at >= 0, source.room());
      source.uses().stream().filter(u -> order.indexOf(module(u)) > at || order.indexOf(module(u)) < 0)
          .forEach(u -> wrong.add(source.room() + " -> " + u));
    }
    assertEquals(new TreeSet<>(), wrong);
  }

  /** The rooms of the core and of the window are held by tests of their own. */
  @Test
  void everySmallRoomIsKnownAndUsesOnlyThoseAboveIt() throws IOException {
    TreeSet<String> wrong = new TreeSet<>();
    for (Source source : sources()) {
      List<String> rooms = MODULES.get(module(source.room()));
      if (!rooms.isEmpty()) {
        int at = rooms.indexOf(source.room());
        assertTrue(at >= 0, source.room());
        source.uses().stream().filter(u -> module(u).equals(module(source.room())) && rooms.indexOf(u) > at)
            .forEach(u -> wrong.add(source.room() + " -> " + u));
      }
    }
    assertEquals(new TreeSet<>(), wrong);
  }

  @Test
  void noRoomIsCrowded() throws IOException {
    Map<String, Integer> count = new TreeMap<>();
    sources().forEach(s -> count.merge(s.room(), 1, Integer::sum));
    count.values().removeIf(n -> n <= MOST_IN_A_ROOM);
    assertEquals(Map.of(), count);
  }

  @Test
  void aNameStandsForOneClass() throws IOException {
    Map<String, Integer> count = new TreeMap<>();
    sources().forEach(s -> count.merge(s.file().getFileName().toString(), 1, Integer::sum));
    count.values().removeIf(n -> n == 1);
    assertTrue(count.size() <= MOST_NAMES_TWICE, count.keySet().toString());
  }

  @Test
  void linesAreNoWiderThanAScreen() throws IOException {
    List<String> wide = new ArrayList<>();
    for (Source source : sources()) {
      int number = 0;
      for (String line : Files.readAllLines(source.file())) {
        number++;
        if (line.length() > WIDEST) {
          wide.add(source.file().getFileName() + ":" + number);
        }
      }
    }
    assertEquals(List.of(), wide);
  }
}
