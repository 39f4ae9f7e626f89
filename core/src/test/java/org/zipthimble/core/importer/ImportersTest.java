package org.zipthimble.core.importer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;

/** Files are told apart by their names, read by what they are, and refused in one sentence. */
class ImportersTest {
  private static final WordStyle LOOK = Made.style("Alegreya", "Regular", 12);

  @TempDir private Path folder;

  @ParameterizedTest
  @CsvSource({"a.SVG, DRAWING", "b.dxf, DRAWING", "c.Ttf, FONT", "d.otf, FONT", "e.txt, WORDS", "f.docx, WORDS", "g.RTF, WORDS",
      "h.csv, LIST", "i.xlsx, LIST",
      "j.gpl, PALETTE", "k.pdf, PICTURES", "l.webp, PICTURES", "m.unheard, PICTURES", "n, PICTURES"})
  void theNameTellsTheKind(String name, Importer.Brings brings) {
    assertEquals(brings, Importers.of(name).brings());
  }

  @Test
  void whatOneChoseGoesBeforeTheName() {
    assertEquals(Importer.Brings.PALETTE, Importers.of("a.svg", Importer.Brings.PALETTE).orElseThrow().brings());
    assertEquals(Importer.Brings.LIST, Importers.of("a.txt", Importer.Brings.LIST).orElseThrow().brings());
    assertTrue(Importers.of("a.png", Importer.Brings.LIST).isEmpty());
    assertEquals(List.of(".svg", ".dxf"), Importers.endings(Importer.Brings.DRAWING));
    assertTrue(Importers.endings(Importer.Brings.PICTURES, Importer.Brings.DRAWING).containsAll(List.of(".pdf", ".png", ".svg")));
  }

  @Test
  void ofSeveralFilesOneKindIsTakenInTheOrderOfTheList() {
    List<Path> mixed = List.of(Path.of("a.png"), Path.of("b.ttf"), Path.of("c.svg"), Path.of("d.dxf"), Path.of("e.pdf"));
    assertEquals(List.of(Path.of("c.svg"), Path.of("d.dxf")), Importers.together(mixed));
    assertEquals(List.of(Path.of("a.png"), Path.of("e.pdf")), Importers.together(List.of(Path.of("a.png"), Path.of("e.pdf"))));
    assertEquals(List.of(), Importers.together(List.of()));
  }

  private static List<Importer> all() {
    return Importers.all();
  }

  @ParameterizedTest
  @MethodSource("all")
  void whatIsTooLargeIsToldBeforeItIsRead(Importer kind) throws IOException {
    Path file = folder.resolve("big" + kind.endings().get(0));
    try (RandomAccessFile large = new RandomAccessFile(file.toFile(), "rw")) {
      large.setLength(kind.mostBytes(Bringing.usual(LOOK)) + 1);
    }
    String told = assertThrows(Trouble.class, () -> kind.read(file, Bringing.usual(LOOK))).getMessage();
    assertTrue(told.contains("big" + kind.endings().get(0)) && told.contains("MB"), told);
  }

  @ParameterizedTest
  @MethodSource("all")
  void aFileThatIsGoneIsToldByItsName(Importer kind) {
    String told = assertThrows(Trouble.class, () -> kind.read(folder.resolve("gone" + kind.endings().get(0)), Bringing.usual(LOOK)))
        .getMessage();
    assertTrue(told.contains("gone"), told);
  }

  @ParameterizedTest
  @MethodSource("all")
  void endingsAreSmallAndBeginWithADot(Importer kind) {
    List<String> wrong = new ArrayList<>(kind.endings());
    wrong.removeIf(e -> e.startsWith(".") && e.equals(e.toLowerCase(Locale.ROOT)));
    assertEquals(List.of(), wrong);
    assertEquals(kind.brings() == Importer.Brings.DRAWING, !kind.unitsPerInch().isEmpty());
  }

  @Test
  void aDrawingWithoutASizeIsReadAgainWithItsUnits() throws Exception {
    Path file = Files.writeString(folder.resolve("a.svg"),
        "<svg xmlns=\"http://www.w3.org/2000/svg\"><rect width=\"144\" height=\"72\"/></svg>", StandardCharsets.UTF_8);
    ImportedDrawing open = Importers.drawing(file, OptionalDouble.empty());
    assertTrue(!open.sized());
    ImportedDrawing sized = Importers.drawing(file, OptionalDouble.of(72));
    assertEquals(2, sized.items().get(0).placement().width(), 1e-9);
  }

  @Test
  void aListIsReadWithTheEncodingThatThePersonNames() throws Exception {
    Path file = Files.write(folder.resolve("a.csv"), "name,b\nPříbor,x\n".getBytes(Charset.forName("windows-1250")));
    assertEquals(List.of("Příbor", "x"), Importers.table(file, Optional.of(Charset.forName("windows-1250")), Optional.empty()).list()
        .rows().get(0));
  }
}
