package org.zipthimble.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
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
  /** From the ground up; a room uses only rooms above it in this list. */
  private static final List<String> ROOMS =
      List.of("state", "control", "ticket", "tray", "bench", "slip", "command", "page", "compose", "tag", "item", "sheets", "sending",
      "check");
  private static final int MOST_IN_A_ROOM = 35;
  private static final JavaClasses WINDOW = new ClassFileImporter()
      .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("org.zipthimble.desktop");

  @Test
  void roomsHaveNoCircles() {
    slices().matching("org.zipthimble.desktop.(*)..").should().beFreeOfCycles().check(WINDOW);
  }

  @Test
  void aRoomUsesOnlyRoomsAboveItAndNoneTheWindowItself() {
    for (int i = 0; i < ROOMS.size(); i++) {
      noClasses().that().resideInAPackage("org.zipthimble.desktop." + ROOMS.get(i)).should().dependOnClassesThat()
          .resideInAPackage("org.zipthimble.desktop").check(WINDOW);
      for (String later : ROOMS.subList(i + 1, ROOMS.size())) {
        noClasses().that().resideInAPackage("org.zipthimble.desktop." + ROOMS.get(i))
            .should().dependOnClassesThat().resideInAPackage("org.zipthimble.desktop." + later).check(WINDOW);
      }
    }
  }

  @Test
  void everyClassStandsInAKnownRoomAndNoRoomIsCrowded() throws IOException {
    WINDOW.forEach(c -> assertTrue(c.getPackageName().equals("org.zipthimble.desktop")
        || ROOMS.contains(c.getPackageName().replace("org.zipthimble.desktop.", "")), c.getName()));
    for (String room : ROOMS) {
      try (Stream<Path> files = Files.list(Path.of("src/main/java/org/zipthimble/desktop", room))) {
        long count = files.count();
        assertTrue(count > 0 && count <= MOST_IN_A_ROOM, room + " has " + count);
      }
    }
  }

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
    assertEquals(new TreeSet<>(),
        holding("(new (Label|Button|MenuItem|Menu|Tooltip|CheckBox|ToggleButton|RadioButton)|set(Text|PromptText|Title))\\(\"[A-Za-z]"));
  }
}
