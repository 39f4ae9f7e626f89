package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The window shows and edits; it decides nothing, holds no colours and no wording. */
class DesktopHouseTest {
  private static List<Path> sources() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
      List<Path> all = files.filter(p -> p.toString().endsWith(".java")).toList();
      assertTrue(all.size() > 25);
      return all;
    }
  }

  private static TreeSet<String> holding(String pattern) throws IOException {
    Pattern wanted = Pattern.compile(pattern);
    TreeSet<String> found = new TreeSet<>();
    for (Path file : sources()) {
      if (wanted.matcher(Files.readString(file)).find()) {
        found.add(file.getFileName().toString());
      }
    }
    return found;
  }

  @Test
  void noWindowClassComputesGeometry() throws IOException {
    assertEquals(new TreeSet<>(), holding("Math\\.(sin|cos|tan|atan2|hypot|toRadians)"));
  }

  @Test
  void coloursStandInTheStyleSheet() throws IOException {
    assertEquals(new TreeSet<>(), holding("javafx\\.scene\\.paint\\.Color|Color\\.(web|rgb)"));
  }

  @Test
  void wordingStandsInTheBundle() throws IOException {
    assertEquals(new TreeSet<>(), holding("(new (Label|Button|MenuItem|Menu|Tooltip|CheckBox|ToggleButton|RadioButton)|set(Text|PromptText|Title))\\(\"[A-Za-z]"));
  }
}
