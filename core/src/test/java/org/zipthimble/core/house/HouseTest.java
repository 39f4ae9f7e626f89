package org.zipthimble.core.house;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The house keeps its one-way road. */
class HouseTest {
  private static final List<String> ROOMS = List.of(
      "wording", "work", "units", "geom", "nest", "colour", "type", "picture", "job", "form", "edit", "marks", "arrange", "cut", "check", "sheet", "paint", "bring",
      "store", "proof", "send");
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
    slices().matching("org.zipthimble.core.(*)..").should().beFreeOfCycles().check(CORE);
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
    noClasses().that().resideInAPackage("..core.paint").should().dependOnClassesThat().resideInAPackage("..core.job").check(CORE);
  }

  @Test
  void nothingReachesForTheNetwork() {
    noClasses().should().dependOnClassesThat().haveFullyQualifiedName("java.net.URL")
        .orShould().dependOnClassesThat().haveFullyQualifiedName("java.net.Socket")
        .orShould().dependOnClassesThat().resideInAPackage("java.net.http").check(CORE);
  }
}
