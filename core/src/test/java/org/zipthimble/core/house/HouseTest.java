package org.zipthimble.core.house;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.plan.Ticket;

/** The house keeps its one-way road. */
class HouseTest {
  private static final List<String> ROOMS = List.of(
      "wording", "work", "kept", "units", "files", "geom", "overlay", "shape", "nest", "colour", "font", "type", "code", "picture",
      "thing", "item", "plan", "job",
      "form", "fill", "edit", "marks", "arrange", "cut", "sheet", "paint", "view", "check", "check.edge", "check.ink", "check.words",
      "check.picture", "check.sheet",
      "check.blade", "check.all", "bring", "importer", "store", "proof", "send", "guide");
  private static final JavaClasses CORE = new ClassFileImporter()
      .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("org.zipthimble.core");

  @Test
  void coreKnowsNoWindow() {
    noClasses().should().dependOnClassesThat().resideInAnyPackage("javafx..", "javax.swing..")
        .orShould().dependOnClassesThat().haveFullyQualifiedName("java.awt.Component")
        .orShould().dependOnClassesThat().haveFullyQualifiedName("java.awt.Toolkit").check(CORE);
  }

  @Test
  void roomsHaveNoCycles() {
    slices().matching("org.zipthimble.core.(**)").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void aRoomUsesOnlyRoomsAboveIt() {
    for (int i = 0; i < ROOMS.size(); i++) {
      for (String later : ROOMS.subList(i + 1, ROOMS.size())) {
        noClasses().that().resideInAPackage("org.zipthimble.core." + ROOMS.get(i))
            .should().dependOnClassesThat().resideInAPackage("org.zipthimble.core." + later).allowEmptyShould(true).check(CORE);
      }
    }
  }

  @Test
  void everyClassStandsInAKnownRoom() {
    CORE.forEach(c -> assertTrue(ROOMS.contains(c.getPackageName().replace("org.zipthimble.core.", "")), c.getName()));
  }

  @Test
  void paintersKnowNoJob() {
    noClasses().that().resideInAPackage("..core.paint").should().dependOnClassesThat()
        .resideInAnyPackage("..core.job", "..core.item", "..core.plan").check(CORE);
  }

  /** Sizes come from a face's frame; the ticket is asked only where it is written, kept or shown as a ticket. */
  @Test
  void onlyTheFrameAsksTheTicketForASize() {
    for (String figure : List.of("finished", "bleed", "safe")) {
      noClasses().that().resideOutsideOfPackages("..core.job", "..core.plan", "..core.store").and().doNotHaveSimpleName("ColourEdits")
          .should().callMethod(Ticket.class, figure).check(CORE);
    }
  }

  /** Kinds of object, effect, outline, fill, pattern and ink answer for themselves: nobody asks what they are, by no other name either. */
  @Test
  void hardlyAnyoneAsksOfWhatKindAThingIs() throws IOException {
    String kind = "(?:Item(?:Words|Shape|Photo|Group)?|LiveEffect|Outline|FillStyle|Pattern|Ink|Words|Shape|Photo|Group)(?:\\.[A-Z]\\w*)?";
    Pattern asks = Pattern.compile("instanceof " + kind + "\\b|\\b" + kind + "\\.class::(?:isInstance|cast)|\\b" + kind
        + "\\.class\\.isInstance|\\(" + kind + "\\) [a-z(]"
        + "|kind::isInstance");
    List<String> found = new ArrayList<>();
    int read = 0;
    for (Path file : sources()) {
      read++;
      int number = 0;
      for (String line : Files.readAllLines(file)) {
        number++;
        if (asks.matcher(line).find()) {
          found.add(file.getFileName() + ":" + number + " " + line.strip());
        }
      }
    }
    assertTrue(read > 300, "sources read: " + read);
    assertTrue(asks.matcher("if (item instanceof ItemGroup && true)").find(), "the pattern finds what it looks for");
    assertTrue(found.size() < 15, () -> found.size() + " places ask:\n" + String.join("\n", found));
  }

  /** Every walk over what a face holds reads the scene. */
  @Test
  void whatIsSeenIsReadFromTheScene() {
    noClasses().that().resideInAnyPackage("..core.marks", "..core.cut", "..core.check..", "..core.proof", "..core.sheet", "..core.send",
        "..core.paint").and().doNotHaveSimpleName("BleedMends")
        .should().callMethod(Face.class, "items").check(CORE);
  }

  /** The main sources of all modules but the codec of files. */
  private static List<Path> sources() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("..").toRealPath())) {
      return files.filter(p -> p.toString().endsWith(".java") && p.toString().replace('\\', '/').contains("/src/main/") && !p.getParent()
          .endsWith("store")).sorted().toList();
    }
  }

  @Test
  void nothingReachesForTheNetwork() {
    noClasses().should().dependOnClassesThat().haveFullyQualifiedName("java.net.URL")
        .orShould().dependOnClassesThat().haveFullyQualifiedName("java.net.Socket")
        .orShould().dependOnClassesThat().resideInAPackage("java.net.http").check(CORE);
  }
}
