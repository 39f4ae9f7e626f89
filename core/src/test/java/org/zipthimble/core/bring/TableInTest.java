package org.zipthimble.core.bring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.wording.Trouble;

/** Lists from texts and workbooks: what RFC 4180 says, encodings, what is damaged or hostile. */
class TableInTest {
  private static TableIn.Table read(String text) throws Trouble {
    return TableIn.read("list.csv", text.getBytes(StandardCharsets.UTF_8), Optional.empty(), Optional.empty());
  }

  /** The rules of RFC 4180, section 2: quotes round cells, doubled quotes, separators and line ends within quotes. */
  @Test
  void quotedCellsAreReadAsTheStandardSays() throws Exception {
    RowList list = read("name,note\r\n\"Bean, runner\",\"said \"\"sow me\"\"\"\r\n\"two\r\nlines\",plain\r\n").list();
    assertEquals(List.of("name", "note"), list.columns());
    assertEquals(List.of("Bean, runner", "said \"sow me\""), list.rows().get(0));
    assertEquals("two lines", list.rows().get(1).get(0), "a line end within a cell becomes a blank");
  }

  @Test
  void leadingZerosDatesAndAccentsComeThroughAndFormulasStayText() throws Exception {
    RowList list = read("code;day;who;sum\n00417;2027-03-13;Odile Thistlewood-Pérez;=1+2\n00007;3/14/2027;Žofie;@cmd\n").list();
    assertEquals(List.of("00417", "2027-03-13", "Odile Thistlewood-Pérez", "=1+2"), list.rows().get(0));
    assertEquals("00007", list.rows().get(1).get(0));
  }

  @ParameterizedTest
  @CsvSource({"UTF-8", "windows-1252", "UTF-16LE", "UTF-16BE"})
  void encodingsAreFoundAndTold(String encoding) throws Exception {
    String text = (encoding.startsWith("UTF-16") ? "\uFEFF" : "") + "name\tplace\nZoë\tCafé Müller\n";
    TableIn.Table table = TableIn.read("list.tsv", text.getBytes(Charset.forName(encoding)), Optional.empty(), Optional.empty());
    assertEquals(encoding, table.encoding());
    assertEquals(List.of("Zoë", "Café Müller"), table.list().rows().get(0));
    TableIn.Table corrected = TableIn.read("list.tsv", "name,b\nPříbor,x\n".getBytes(Charset.forName("windows-1250")),
        Optional.of(Charset.forName("windows-1250")), Optional.empty());
    assertEquals("Příbor", corrected.list().rows().get(0).get(0), "a person who knows better says so");
  }

  @Test
  void columnsWithoutOrWithTheSameNamesGetNamesAndShortRowsAreFilled() throws Exception {
    RowList list = read("name,,name\na,b\n,,\nc,d,e,f\n").list();
    assertEquals(List.of("name", "column 2", "name 2", "column 4"), list.columns());
    assertEquals(List.of("a", "b", "", ""), list.rows().get(0));
    assertEquals(2, list.rows().size(), "a row that says nothing is none");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "only,names\n", "\n\n", "  "})
  void whatHasNoRowsIsToldInASentence(String text) {
    Trouble trouble = assertThrows(Trouble.class, () -> read(text));
    assertTrue(trouble.getMessage().contains("no rows"), trouble.getMessage());
  }

  @Test
  void whatIsTooLargeIsRefusedOrCut() throws Exception {
    TableIn.Table cut = read("a,b\n" + "x".repeat(1_000_000) + ",y\n");
    assertEquals(1, cut.cut());
    assertEquals(RowList.LONGEST_CELL, cut.list().rows().get(0).get(0).length());
    StringBuilder many = new StringBuilder("n\n");
    for (int i = 0; i <= RowList.MOST_ROWS + 1; i++) {
      many.append(i).append('\n');
    }
    assertTrue(assertThrows(Trouble.class, () -> read(many.toString())).getMessage().contains("more than"));
    String wide = ",".repeat(RowList.MOST_COLUMNS + 5);
    assertTrue(assertThrows(Trouble.class, () -> read("a" + wide + "\nb" + wide + "\n")).getMessage().contains("columns"));
    Trouble binary = assertThrows(Trouble.class, () -> read("a,b\n\0\1,x"));
    assertTrue(binary.getMessage().contains("no text"), binary.getMessage());
  }

  /** A workbook of the parts that ECMA-376 requires. */
  private static byte[] workbook(String cells) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      put(zip, "[Content_Types].xml", "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\"><Default "
          + "Extension=\"rels\" ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/>"
          + "<Override PartName=\"/xl/workbook.xml\" "
              + "ContentType=\"application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml\"/>"
          + "<Override PartName=\"/xl/styles.xml\" "
              + "ContentType=\"application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml\"/></Types>");
      put(zip, "_rels/.rels", "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship "
          + "Id=\"r1\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument\" "
          + "Target=\"xl/workbook.xml\"/></Relationships>");
      put(zip, "xl/workbook.xml", "<workbook xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\" "
          + "xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\"><sheets><sheet name=\"Guests\" "
          + "sheetId=\"1\" r:id=\"r1\"/></sheets></workbook>");
      put(zip, "xl/_rels/workbook.xml.rels", "<Relationships "
          + "xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship Id=\"r1\" "
          + "Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet\" Target=\"worksheets/sheet1.xml\"/>"
          + "<Relationship Id=\"r2\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles\" "
              + "Target=\"styles.xml\"/></Relationships>");
      put(zip, "xl/styles.xml", "<styleSheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><numFmts "
          + "count=\"1\"><numFmt numFmtId=\"164\" formatCode=\"00000\"/></numFmts>"
          + "<cellXfs count=\"3\"><xf numFmtId=\"0\"/><xf numFmtId=\"14\"/><xf numFmtId=\"164\"/></cellXfs></styleSheet>");
      put(zip, "xl/worksheets/sheet1.xml", "<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData>"
          + cells + "</sheetData></worksheet>");
    }
    return bytes.toByteArray();
  }

  private static void put(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  private static final String CELLS = "<row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>name</t></is></c><c r=\"B1\" "
      + "t=\"inlineStr\"><is><t>day</t></is></c><c r=\"C1\" t=\"inlineStr\"><is><t>code</t></is></c><c r=\"D1\" "
      + "t=\"inlineStr\"><is><t>sum</t></is></c></row>"
      // 46459 is the day number of March 13, 2027, counted from 1899-12-30
      + "<row r=\"2\"><c r=\"A2\" t=\"inlineStr\"><is><t>Zoë</t></is></c><c r=\"B2\" s=\"1\"><v>46459</v></c><c r=\"C2\" "
          + "s=\"2\"><v>417</v></c><c r=\"D2\"><f>1+2</f><v>3</v></c></row>";

  @Test
  void aWorkbookGivesDaysZerosAndTheLastValueOfAFormula() throws Exception {
    TableIn.Table table = TableIn.read("guests.xlsx", workbook(CELLS), Optional.empty(), Optional.empty());
    assertEquals(List.of("Guests"), table.sheets());
    assertEquals(List.of("name", "day", "code", "sum"), table.list().columns());
    assertEquals(List.of("Zoë", "March 13, 2027", "00417", "3"), table.list().rows().get(0));
    Trouble none = assertThrows(Trouble.class, () -> TableIn.read("guests.xlsx", workbook(CELLS), Optional.empty(), Optional.of("Tables")));
    assertTrue(none.getMessage().contains("Guests"), none.getMessage());
  }

  @Test
  void damagedAndHostileFilesGiveASentenceOrSoundRows() throws Exception {
    byte[] sound = workbook(CELLS);
    byte[] text = "name,note\n\"Bean, runner\",\"said \"\"sow\"\"\"\nPea,x\n".getBytes(StandardCharsets.UTF_8);
    Random random = new Random(5);
    int told = 0;
    for (int i = 0; i < 3000; i++) {
      byte[] one = (i % 3 == 0 ? sound : text).clone();
      int hits = 1 + random.nextInt(8);
      for (int k = 0; k < hits; k++) {
        one[random.nextInt(one.length)] = (byte) random.nextInt(256);
      }
      byte[] damaged = random.nextInt(4) == 0 ? java.util.Arrays.copyOf(one, random.nextInt(one.length)) : one;
      try {
        RowList list = TableIn.read("x", damaged, Optional.empty(), Optional.empty()).list();
        assertFalse(list.columns().isEmpty());
      } catch (Trouble trouble) {
        told++;
        assertTrue(trouble.getMessage().endsWith(".") && trouble.getMessage().length() > 20,
            "seed 5, file " + i + ": " + trouble.getMessage());
      }
    }
    assertTrue(told > 200, told + " of 3000 were told");
  }

  @Test
  void whatUnpacksToFarTooMuchIsNotOpened() throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
      byte[] zeros = new byte[1_000_000];
      for (int i = 0; i < 450; i++) {
        zip.write(zeros);
      }
      zip.closeEntry();
    }
    assertTrue(assertThrows(Trouble.class, () -> TableIn.read("bomb.xlsx", bytes.toByteArray(), Optional.empty(), Optional.empty()))
        .getMessage().contains("far more"));
  }

  @Test
  void aPastedTableIsAListToo() throws Exception {
    RowList list = TableIn.pasted("name\ttable\nOdile\t4\nBram\t12\n");
    assertEquals(List.of("Odile", "4"), list.rows().get(0));
    assertEquals(2, list.rows().size());
  }
}
