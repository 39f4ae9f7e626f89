package org.zipthimble.core.bring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.swing.text.DefaultStyledDocument;
import javax.swing.text.SimpleAttributeSet;
import javax.swing.text.StyleConstants;
import javax.swing.text.rtf.RTFEditorKit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;

/** Words from files: plain, RTF and DOCX, sound ones and damaged ones. */
class WordsInTest {
  private static final WordStyle LOOK = Made.style("Alegreya", "Regular", 12);
  private static final String RTF =
      "{\\rtf1\\ansi\\deff0{\\fonttbl{\\f0 Any;}}{\\colortbl;\\red122\\green46\\blue34;}{\\*\\generator Nothing;}"
      + "\\pard\\qc\\b\\fs40 Spring Swap\\b0\\par\\pard\\ql Bring {\\i seeds} and {\\cf1 labels}.\\line Gr\\u252?\\'fc\\'dfe\\emdash "
          + "soon\\par}";

  private static byte[] docx(String body) throws IOException {
    return docx(body, StandardCharsets.UTF_8);
  }

  private static byte[] docx(String body, Charset charset) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("[Content_Types].xml"));
      zip.write("<Types/>".getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry("word/document.xml"));
      zip.write(("<?xml version=\"1.0\"?><w:document xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"><w:body>"
          + body + "</w:body></w:document>")
          .getBytes(charset));
    }
    return out.toByteArray();
  }

  private static Story read(String name, byte[] bytes) throws Trouble {
    return WordsIn.read(name, bytes, LOOK).story();
  }

  private static Run saying(Story story, String text) {
    return story.runs().stream().filter(r -> r.text().contains(text)).findFirst().orElseThrow();
  }

  @Test
  void rtfBringsItsLooks() throws Exception {
    Story story = read("a.rtf", RTF.getBytes(StandardCharsets.ISO_8859_1));
    assertEquals("Spring Swap\nBring seeds and labels.\u2028Grüüße—soon", story.text());
    assertEquals("Bold", saying(story, "Spring").look().style());
    assertEquals(20, saying(story, "Spring").look().sizePt());
    assertEquals("Italic", saying(story, "seeds").look().style());
    assertEquals(Colour.of(0x7A2E22), saying(story, "labels").look().colour());
    assertEquals(List.of(Align.CENTRE, Align.LEFT), story.paragraphs().stream().map(p -> p.look().align()).toList());
  }

  /** The reader of RTF that comes with Java finds the same text in the same file, and we in the file that it writes. */
  @Test
  void anotherReaderOfRtfAgrees() throws Exception {
    RTFEditorKit kit = new RTFEditorKit();
    DefaultStyledDocument document = new DefaultStyledDocument();
    kit.read(new ByteArrayInputStream("{\\rtf1\\ansi Bring {\\b seeds} and labels.\\par Two \\{braces\\}\\par}".getBytes(
        StandardCharsets.ISO_8859_1)), document, 0);
    String theirs = document.getText(0, document.getLength()).strip();
    assertEquals(theirs,
        read("a.rtf", "{\\rtf1\\ansi Bring {\\b seeds} and labels.\\par Two \\{braces\\}\\par}".getBytes(StandardCharsets.ISO_8859_1))
        .text().strip());
    DefaultStyledDocument written = new DefaultStyledDocument();
    SimpleAttributeSet bold = new SimpleAttributeSet();
    StyleConstants.setBold(bold, true);
    written.insertString(0, "Plain words\nand ", null);
    written.insertString(written.getLength(), "bold ones", bold);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    kit.write(out, written, 0, written.getLength());
    Story ours = read("b.rtf", out.toByteArray());
    assertEquals("Plain words\nand bold ones", ours.text().strip());
    assertEquals("Bold", saying(ours, "bold").look().style());
  }

  @Test
  void docxBringsItsLooks() throws Exception {
    Story story = read("a.docx", docx("<w:p><w:pPr><w:jc w:val=\"center\"/></w:pPr><w:r><w:rPr><w:b/><w:sz w:val=\"40\"/><w:color "
        + "w:val=\"7A2E22\"/></w:rPr><w:t>Spring Swap</w:t></w:r></w:p>"
        + "<w:p><w:r><w:t xml:space=\"preserve\">Bring </w:t></w:r><w:r><w:rPr><w:i w:val=\"0\"/><w:b "
            + "w:val=\"true\"/></w:rPr><w:t>seeds</w:t><w:tab/><w:t>now</w:t><w:br/><w:t>here</w:t></w:r></w:p>"
        + "<w:tbl><w:tr><w:tc><w:p><w:r><w:t>cell</w:t></w:r></w:p></w:tc></w:tr></w:tbl>"));
    assertEquals("Spring Swap\nBring seeds\tnow\u2028here\ncell", story.text());
    assertEquals(Colour.of(0x7A2E22), saying(story, "Spring").look().colour());
    assertEquals(20, saying(story, "Spring").look().sizePt());
    assertEquals("Bold", saying(story, "seeds").look().style());
    assertEquals(Align.CENTRE, story.paragraphs().get(0).look().align());
  }

  /** A package may be in either; what is in neither gets its sentence and prints nothing beside it. */
  @Test
  void docxIsReadInBothItsEncodings() throws Exception {
    String body = "<w:p><w:r><w:t>süße Erbsen</w:t></w:r></w:p>";
    assertEquals("süße Erbsen", read("a.docx", docx(body)).text());
    assertEquals("süße Erbsen", read("a.docx", docx(body, StandardCharsets.UTF_16)).text());
    PrintStream usual = System.err;
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    System.setErr(new PrintStream(printed, true, StandardCharsets.UTF_8));
    try {
      String told = assertThrows(Trouble.class, () -> read("a.docx", docx(body, StandardCharsets.ISO_8859_1))).getMessage();
      assertTrue(told.contains("a.docx") && told.endsWith("."), told);
    } finally {
      System.setErr(usual);
    }
    assertEquals("", printed.toString(StandardCharsets.UTF_8));
  }

  @ParameterizedTest
  @CsvSource({"UTF-8, false", "UTF-16, false", "windows-1252, true"})
  void plainTextIsReadInItsEncoding(String charset, boolean told) throws Exception {
    String text = "Grüße aus dem Garten: Möhren, Äpfel, Bohnen und süße Erbsen\nzweite Zeile";
    WordsIn.Brought brought = WordsIn.read("a.txt", text.getBytes(Charset.forName(charset)), LOOK);
    assertEquals(text, brought.story().text());
    assertEquals(told, !brought.note().isEmpty(), brought.note());
  }

  @Test
  void whatIsNoTextIsRefusedWithASentence() throws Exception {
    for (byte[] bytes : List.of(new byte[] {1, 2, 0, 4, 5}, docx(""), "{\\rtf1 }".getBytes(StandardCharsets.ISO_8859_1),
        "PK\3\4rubbish".getBytes(StandardCharsets.ISO_8859_1))) {
      String told = assertThrows(Trouble.class, () -> read("a.docx", bytes)).getMessage();
      assertTrue(told.contains("a.docx") && told.endsWith("."), told);
    }
  }

  @Test
  void longTextsAreCutAndThatIsSaid() throws Exception {
    WordsIn.Brought brought = WordsIn.read("a.txt", "bean ".repeat(8_000).getBytes(StandardCharsets.UTF_8), LOOK);
    assertEquals(WordsIn.MOST_CHARACTERS, brought.story().length());
    assertFalse(brought.note().isEmpty());
    String deep = "{\\rtf1 " + "{".repeat(3000) + "x";
    assertThrows(Trouble.class, () -> read("deep.rtf", deep.getBytes(StandardCharsets.ISO_8859_1)));
  }

  /** No entity is resolved, whatever it names. */
  @Test
  void nothingIsFetched() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("word/document.xml"));
      zip.write(("<!DOCTYPE d [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><d><p><r><t>safe &x; words</t></r></p></d>")
          .getBytes(StandardCharsets.UTF_8));
    }
    try {
      assertFalse(read("a.docx", out.toByteArray()).text().contains("root"));
    } catch (Trouble told) {
      assertTrue(told.getMessage().endsWith("."));
    }
  }

  /** 3,000 damaged files: a sentence or sound words, never anything else. The seed is fixed. */
  @ParameterizedTest
  @ValueSource(strings = {"rtf", "docx", "txt"})
  void damagedFilesAreToldOrRead(String kind) throws Exception {
    byte[] sound = kind.equals("rtf") ? RTF.getBytes(StandardCharsets.ISO_8859_1) : kind.equals("docx")
        ? docx("<w:p><w:r><w:rPr><w:b/><w:sz w:val=\"40\"/></w:rPr><w:t>Spring Swap</w:t></w:r></w:p>".repeat(4))
        : "Bring seeds\nand labels, süß".getBytes(StandardCharsets.UTF_8);
    Random random = new Random(20261128);
    int read = 0;
    for (int i = 0; i < 1000; i++) {
      byte[] bytes = sound.clone();
      for (int k = 0; k <= random.nextInt(6); k++) {
        bytes[random.nextInt(bytes.length)] = (byte) (random.nextBoolean() ? "{}\\<>&\"'019abu".charAt(random.nextInt(14))
            : random.nextInt(256));
      }
      byte[] cut = random.nextInt(4) == 0 ? java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length)) : bytes;
      try {
        Story story = WordsIn.read("damaged." + kind, cut, LOOK).story();
        assertEquals(story.text().length(), story.length());
        assertEquals(Story.clean(story.text()), story.text(), "what was read is sound");
        read++;
      } catch (Trouble told) {
        assertTrue(told.getMessage().endsWith("."), told.getMessage());
      }
    }
    assertTrue(read > 50, kind + ": " + read);
  }
}
