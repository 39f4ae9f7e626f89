package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Split;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** Every kind of file with everything it could be asked to hold: made and measured, or refused in a sentence that says what would work. */
class OutputFormatsTest {
  private static final Lane VINYL = Lane.of("l1", "Cream", Material.CUT_VINYL, Made.CREAM).withSupply(Supply.MAT_12);
  @TempDir private Path folder;

  private static Job job() {
    Item sticker = Made.rectangle("a", 1, 1, 2, 2);
    Item cut = sticker.with(sticker.properties().withRole(Role.PRINTS_AND_CUTS)
        .withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS)));
    Job job = Made.card(Made.background("g"), cut)
        .withCutting(CutPlan.NONE.withLanes(List.of(VINYL)).withSplit(new Split(true, List.of(), true, 0)));
    return job.withFaces(List.of(job.faces().get(0), Face.of("f2", "back", List.of(Made.background("h")))));
  }

  private FileOrder order(String name) {
    return FileOrder.of(folder.resolve(name), OptionalInt.empty(), 72, PageOptions.of(job()));
  }

  private static Stream<Arguments> everyPair() {
    return OutputFormats.all().stream().flatMap(f -> Stream.of(Content.values()).map(c -> Arguments.of(f.id(), c)));
  }

  @ParameterizedTest
  @MethodSource("everyPair")
  void aKindOfFileHoldsWhatItSaysOrRefuses(String id, Content content) throws Exception {
    OutputFormat format = OutputFormats.byId(id);
    FileOrder order = order("it" + format.ending()).withContent(Optional.of(content));
    if (format.contents().contains(content)) {
      try {
        List<?> measured = Sender.send(job(), order, Progress.SILENT);
        assertFalse(measured.isEmpty());
        for (Path file : Sender.files(job(), order)) {
          assertTrue(Files.size(file) > 0, file.toString());
        }
      } catch (Trouble nothingSplit) {
        assertEquals(Content.ASSEMBLY, content, nothingSplit.getMessage());
      }
      return;
    }
    Trouble refused = assertThrows(Trouble.class, () -> Sender.send(job(), order, Progress.SILENT));
    for (OutputFormat would : OutputFormats.holding(content)) {
      assertTrue(refused.getMessage().contains(would.ending()), refused.getMessage() + " names " + would.ending());
    }
    try (Stream<Path> left = Files.list(folder)) {
      assertEquals(0, left.count(), "no file is left");
    }
  }

  @Test
  void everyContentHasAFileForIt() {
    for (Content content : Content.values()) {
      assertFalse(OutputFormats.holding(content).isEmpty(), content.title());
      assertEquals(content.name().toLowerCase(Locale.ROOT), content.word());
    }
  }

  @Test
  void endingsBelongToOneKindAndAreFoundInAnyCase() throws Trouble {
    Set<String> endings = new HashSet<>();
    for (OutputFormat format : OutputFormats.all()) {
      for (String ending : format.endings()) {
        assertTrue(endings.add(ending), ending);
        assertEquals(format, OutputFormats.of("Seed List" + ending.toUpperCase(Locale.ROOT)));
        assertEquals(ending, format.endingOf("a" + ending));
      }
      assertFalse(format.title().isBlank());
    }
    assertThrows(IllegalArgumentException.class, () -> OutputFormats.byId("gif"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"seeds.gif", "seeds", "seeds.pdf.exe", ".", "pdf"})
  void anUnknownEndingIsRefusedAndAllKnownOnesAreNamed(String name) {
    Trouble refused = assertThrows(Trouble.class, () -> OutputFormats.of(name));
    assertTrue(refused.getMessage().contains(name), refused.getMessage());
    OutputFormats.all().forEach(f -> assertTrue(refused.getMessage().contains(f.ending()), f.ending()));
  }

  @ParameterizedTest
  @CsvSource({"png, design", "jpg, sheets", "tif, assembly", "dxf, pages", "plt, design", "svg, pages", "pdf, design"})
  void aMismatchIsNeverWritten(String ending, String content) throws Exception {
    FileOrder order = order("x." + ending).withContent(Optional.of(Content.valueOf(content.toUpperCase(Locale.ROOT))));
    assertThrows(Trouble.class, () -> Sender.send(job(), order, Progress.SILENT));
    assertThrows(Trouble.class, () -> Sender.files(job(), order));
    assertFalse(Files.exists(folder.resolve("x." + ending)));
  }

  @Test
  void aFaceIsChosenForPagesAlone() throws Exception {
    assertEquals(1, Sender.files(job(), order("a.png").withFace(OptionalInt.of(2))).size());
    assertEquals(2, Sender.files(job(), order("a.png")).size());
    Trouble here = assertThrows(Trouble.class, () -> Sender.files(job(), order("a.svg").withFace(OptionalInt.of(1))));
    assertTrue(here.getMessage().contains("face"), here.getMessage());
    Trouble none = assertThrows(Trouble.class, () -> Sender.files(job(), order("a.png").withFace(OptionalInt.of(3))));
    assertTrue(none.getMessage().contains("3") && none.getMessage().contains("2"), none.getMessage());
  }

  @Test
  void aLaneIsChosenForWhatIsCutAlone() throws Exception {
    assertThrows(Trouble.class, () -> Sender.files(job(), order("a.pdf").withLane(Optional.of("l1"))));
    assertThrows(Trouble.class, () -> Sender.files(job(), order("a.svg").withContent(Optional.of(Content.SHEETS))
        .withLane(Optional.of("l7"))));
    assertEquals(1, Sender.files(job(), order("a.svg").withContent(Optional.of(Content.SHEETS)).withLane(Optional.of("l1"))).size());
  }

  @Test
  void choicesFollowFromWhatAFileIs() {
    for (OutputFormat format : OutputFormats.all()) {
      for (Content content : format.contents()) {
        Set<Choice> choices = format.choices(content);
        assertEquals(format.pixels(), choices.contains(Choice.RESOLUTION), format.id());
        assertFalse(content.cut() && choices.contains(Choice.BLEED), format.id() + " " + content);
        assertEquals(content.cut() && content != Content.ASSEMBLY, choices.contains(Choice.LANE), format.id() + " " + content);
        choices.forEach(c -> assertFalse(c.title().isBlank()));
      }
    }
    assertTrue(OutputFormats.byId("jpeg").choices(Content.PAGES).contains(Choice.QUALITY));
    assertTrue(OutputFormats.byId("tiff").choices(Content.PAGES).contains(Choice.PACKING));
    assertTrue(OutputFormats.byId("png").choices(Content.PAGES).contains(Choice.OPEN));
  }

  /** Two faces of one name give two files. */
  @Test
  void facesOfOneNameOverwriteNothing() throws Exception {
    Job twins = job().withFaces(List.of(Face.of("f1", "leaf", List.of(Made.background("g"))), Face.of("f2", "leaf", List.of()),
        Face.of("f3", "leaf", List.of())));
    List<Path> files = Sender.files(twins, order("a.png"));
    assertEquals(3, new HashSet<>(files).size(), files.toString());
  }

  @Test
  void aStoppedOrderLeavesNoFile() throws Exception {
    Progress stopped = new Progress() {
      @Override
      public void at(double fraction) {
        // nobody looks
      }

      @Override
      public boolean stopped() {
        return true;
      }
    };
    for (OutputFormat format : OutputFormats.all()) {
      FileOrder order = order("s" + format.ending());
      try {
        Sender.send(job(), order, stopped);
      } catch (org.zipthimble.core.work.Stopped asAsked) {
        try (Stream<Path> left = Files.list(folder)) {
          assertEquals(0, left.filter(p -> p.getFileName().toString().startsWith("s.")).count(), format.id());
        }
      }
      for (Path file : Sender.files(job(), order)) {
        Files.deleteIfExists(file);
      }
    }
  }
}
