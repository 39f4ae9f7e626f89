package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Course;
import org.zipthimble.core.type.LetterCase;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.ParagraphDetail;
import org.zipthimble.core.type.Sits;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.TabStop;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.work.Progress;

/** What independent readers find said in our PDF: the words as they were typed, in their order, however they are set. */
class WordsInPdfTest {
  @TempDir
  Path folder;

  private static WordStyle style(double pt) {
    return new WordStyle("Alegreya", "Regular", pt, 125, 0, Align.LEFT, Colour.BLACK);
  }

  private static HoldsWords words(String text, WordStyle style, double width, double height) {
    return Made.words("w", text, 0.5, 0.5, width, height, style);
  }

  private String said(String reader, HoldsWords words) throws Exception {
    return said(reader, Made.card(words));
  }

  private String said(String reader, Job job) throws Exception {
    Path pdf = folder.resolve(reader + ".pdf");
    Sender.send(job, FileOrder.of(pdf, OptionalInt.empty(), 300, PageOptions.of(job)), Progress.SILENT);
    List<String> command = reader.equals("poppler") ? List.of("pdftotext", "-enc", "UTF-8", pdf.toString(), "-")
        : List.of("mutool", "draw", "-q", "-F", "txt", pdf.toString());
    Process process = new ProcessBuilder(new ArrayList<>(command)).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertEquals(0, process.waitFor(), out);
    return Normalizer.normalize(out, Normalizer.Form.NFKC).replaceAll("\\s+", " ").strip();
  }

  @ParameterizedTest
  @ValueSource(strings = {"poppler", "mutool"})
  void ligaturesAndSmallCapitalsSayWhatWasTyped(String reader) throws Exception {
    assertEquals("office fly fjord affluent", said(reader, words("office fly fjord affluent", style(18), 4, 1)));
    WordStyle small = style(18);
    small = small.withLetters(small.letters().withDetail(LetterDetail.NONE.withLetters(LetterCase.SMALL_CAPITALS)));
    assertEquals("Marrowfield Seeds", said(reader, words("Marrowfield Seeds", small, 4, 1)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"poppler", "mutool"})
  void curvedWordsSayWhatWasTyped(String reader) throws Exception {
    String text = "Marrowfield seed library";
    for (Course course : List.of(Course.OVER_THE_TOP, Course.OVER_THE_TOP.withFoot(true), Course.ARC.withRise(0.8),
        Course.OVER_THE_TOP.withSits(Sits.BELOW).withSpread(5))) {
      HoldsWords curved = words(text, style(18).withAlign(Align.CENTRE), 4, 4).withCourse(Optional.of(course));
      // one of both takes letters that are turned each for themselves as lines of one letter
      String found = said(reader, curved);
      assertEquals(reader.equals("poppler") ? text : text.replace(" ", ""), reader.equals("poppler") ? found : found.replace(" ", ""),
          course.toString());
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"poppler", "mutool"})
  void shadedAndFoiledWordsSayWhatWasTyped(String reader) throws Exception {
    HoldsWords plain = words("Marrowfield office", style(18), 4, 1);
    FillStyle shade = new FillStyle.Gradient(false, 0, List.of(new FillStyle.Stop(0, Made.BEET), new FillStyle.Stop(1, Made.CREAM)));
    assertEquals("Marrowfield office", said(reader, plain.withFillStyle(Optional.of(shade))));
    FillStyle foil = new FillStyle.Finish(Texture.Surface.FOIL, Made.BEET, 0.5, 30, 1);
    assertEquals("Marrowfield office", said(reader, plain.withFillStyle(Optional.of(foil))));
  }

  @ParameterizedTest
  @ValueSource(strings = {"poppler", "mutool"})
  void bentWordsSayWhatWasTyped(String reader) throws Exception {
    String text = "Marrowfield office seeds";
    HoldsWords flat = words(text, style(18), 4, 0.5);
    for (Bow bow : Bow.values()) {
      Job bent = Shaping.bend("f1", Set.of("w"), Bend.of(bow, 30)).change().apply(Made.card(flat));
      String found = said(reader, bent);
      // letters that are turned each for themselves are taken as lines of one letter by one of both
      assertEquals(reader.equals("poppler") ? text : text.replace(" ", ""), reader.equals("poppler") ? found : found.replace(" ", ""),
          bow.toString());
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"poppler", "mutool"})
  void colouredKernedAndTabbedWordsSayWhatWasTyped(String reader) throws Exception {
    HoldsWords plain = words("Bring your AVATAR seeds", style(18), 4, 1);
    Story coloured = plain.story().restyled(6, 10, s -> s.withColour(Made.BEET)).restyled(11, 12, s -> s.withTracking(-90))
        .restyled(18, 23, s -> s.withSizePt(12));
    assertEquals("Bring your AVATAR seeds", said(reader, plain.withStory(coloured)));
    ParagraphDetail tabs = ParagraphDetail.NONE.withTabs(List.of(new TabStop(3, TabStop.Kind.RIGHT, "")));
    HoldsWords tabbed = words("Beans\t1.25\nPeas\t3.50", style(14).withParagraph(style(14).paragraph().withDetail(tabs)), 4, 1);
    assertEquals("Beans 1.25 Peas 3.50", said(reader, tabbed));
  }

  @ParameterizedTest
  @ValueSource(strings = {"poppler", "mutool"})
  void columnsAreReadOneAfterTheOther(String reader) throws Exception {
    String text = "one two three four five six seven eight nine ten eleven twelve thirteen fourteen";
    HoldsWords columns = words(text, style(14), 4, 1).withSetting(BlockSetting.PLAIN.withColumns(2).withGutter(0.5));
    assertEquals(0, columns.set(new JobFonts(Made.card())).leftOver());
    assertEquals(text, said(reader, columns));
  }

  @ParameterizedTest
  @CsvSource({"poppler, זרעים טובים", "poppler, بذور جيدة", "mutool, זרעים טובים"})
  void wordsFromRightToLeftAreFound(String reader, String text) throws Exception {
    String found = said(reader, words(text, style(24), 4, 1)).replaceAll("[\\u200E\\u200F\\u202A-\\u202E]", "");
    // one of both turns words round that run from right to left, the other gives them as they stand
    if (text.equals("بذور جيدة")) {
      // it guesses blanks where letters do not join
      found = found.replace(" ", "");
      text = text.replace(" ", "");
    }
    assertEquals(reader.equals("poppler") ? text : new StringBuilder(text).reverse().toString(), found);
  }
}
