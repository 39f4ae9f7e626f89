package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.proof.PdfMeasure;
import org.zipthimble.core.type.Course;
import org.zipthimble.desktop.state.Station;

/** A person who has no mouse makes an invitation from nothing and sends it. */
class KeyboardOrderTest extends AtTheWall {
  /** More controls than any station has. */
  private static final int ROUNDS = 200;
  private static final double RADIUS = 1.5;

  @Start
  void start(Stage stage) throws IOException {
    openAtTheWall(stage);
  }

  @Test
  void anInvitationWithAStyleAFieldAndACurveIsMadeAndSent() throws Exception {
    figure("#item-width", "5");
    figure("#item-height", "7");
    press("#item-start");
    Hand.until(() -> session.stationProperty().get() == Station.COMPOSE);

    String heading = words("Seed Swap", "0.5", "0.5", "4", "0.7");
    figure("#tag-size", "40");
    command("styles");
    robot.write("Heading");
    hand.keys(KeyCode.ENTER);
    hand.keys(KeyCode.ESCAPE);
    assertEquals(List.of("Heading"), session.job().styles().stream().map(s -> s.name()).toList());

    String day = words("We meet on ", "0.5", "5", "4", "1.2");
    command("facts");
    press("#facts-usual");
    String row = session.job().facts().stream().filter(f -> f.kind().day()).findFirst().orElseThrow().name()
        .replaceAll("[^\\p{L}\\p{N}]+", "-");
    figure("#fact-" + row, "12 April 2027");
    press("#fact-put-" + row);
    hand.keys(KeyCode.ESCAPE);
    assertEquals("We meet on Monday, April 12", item(day).text(), "the date gives its weekday");
    command("styles");
    press("#style-give-Heading");
    hand.keys(KeyCode.ESCAPE);
    assertEquals(40, item(day).style().sizePt());
    assertEquals(40, item(heading).style().sizePt());

    String round = words("BRING WHAT YOU SAVED", "1", "2", "3", "3");
    press("#fold-course");
    to("#course-kind");
    hand.keys(KeyCode.DOWN);
    figure("#course-radius", Double.toString(RADIUS));
    assertEquals(Course.Kind.ROUND, item(round).course().orElseThrow().kind());

    command("facts");
    figure("#fact-" + row, "19 April 2027");
    hand.keys(KeyCode.ESCAPE);
    assertEquals("We meet on Monday, April 19", item(day).text(), "the words follow the fact");

    answers.send = Optional.of(folder.resolve("invitation.pdf"));
    hand.keys(KeyCode.DIGIT5, KeyCode.ALT);
    press("#send-write");
    Hand.until(() -> robot.lookup("#report-title").tryQuery().isPresent());
    assertEquals("invitation.pdf measures as asked", robot.lookup("#report-title").queryAs(Label.class).getText());
    measure(folder.resolve("invitation.pdf"), item(day).text(), item(round));
  }

  /** Adds words, types them and where they stand; they stay selected. */
  private String words(String text, String left, String top, String width, String height) {
    press("#add-words");
    Hand.until(() -> session.typing().on());
    robot.write(text);
    hand.keys(KeyCode.ESCAPE);
    figure("#tag-width", width);
    figure("#tag-height", height);
    figure("#tag-left", left);
    figure("#tag-top", top);
    HoldsWords made = session.single().flatMap(Item::words).orElseThrow();
    assertEquals(text, made.text());
    return made.id();
  }

  private HoldsWords item(String id) {
    return session.face().find(id).flatMap(Item::words).orElseThrow();
  }

  /** Goes on from control to control until one has the keys. */
  private void to(String id) {
    List<String> met = new ArrayList<>();
    for (int i = 0; i < ROUNDS; i++) {
      QuickRobot.settled();
      Node focus = workbench.getScene().getFocusOwner();
      if (focus != null && id.equals("#" + focus.getId())) {
        return;
      }
      met.add(String.valueOf(focus == null ? null : focus.getId() == null ? focus.getClass().getSimpleName() : focus.getId()));
      robot.type(KeyCode.TAB);
    }
    throw new AssertionError("the Tab key does not come to " + id + " but to " + met.subList(0, 90));
  }

  private void press(String id) {
    to(id);
    hand.keys(KeyCode.SPACE);
  }

  private void figure(String id, String text) {
    to(id);
    hand.keys(KeyCode.A, KeyCode.CONTROL);
    robot.write(text);
    hand.keys(KeyCode.ENTER);
  }

  /** Finds a command by its name and does it. */
  private void command(String name) {
    hand.keys(KeyCode.F, KeyCode.CONTROL);
    robot.write(name);
    hand.keys(KeyCode.ENTER);
  }

  /** The page and the middles of the letters on the curve, as another reader finds them: a letter's middle lies on the circle. */
  private static void measure(Path file, String day, HoldsWords round) throws Exception {
    byte[] pdf = Files.readAllBytes(file);
    PdfMeasure.PageBoxes page = PdfMeasure.of("invitation.pdf", pdf).pages().get(0);
    assertEquals(360, page.trim().width(), 0.001);
    assertEquals(504, page.trim().height(), 0.001);
    List<TextPosition> letters = new ArrayList<>();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      PDFTextStripper reader = new PDFTextStripper() {
        @Override
        protected void processTextPosition(TextPosition letter) {
          letters.add(letter);
          super.processTextPosition(letter);
        }
      };
      String text = reader.getText(document);
      assertTrue(text.contains("Seed Swap"), text);
      assertTrue(text.replaceAll("\\s+", " ").contains(day), text);
    }
    Placement at = round.placement();
    double middleX = page.trim().x() + 72 * (at.x() + at.width() / 2);
    double middleY = page.media().height() - page.trim().y() - 72 * (at.y() + at.height() / 2);
    List<TextPosition> turned = letters.stream().filter(l -> Math.abs(l.getTextMatrix().getShearY()) > 1e-6).toList();
    assertTrue(turned.size() >= 12, "letters on the curve: " + turned.size());
    for (TextPosition letter : turned) {
      double size = Math.hypot(letter.getTextMatrix().getScaleX(), letter.getTextMatrix().getShearY());
      double half = letter.getFont().getWidth(letter.getCharacterCodes()[0]) / 1000 * size / 2;
      double x = letter.getTextMatrix().getTranslateX() + half * letter.getTextMatrix().getScaleX() / size;
      double y = letter.getTextMatrix().getTranslateY() + half * letter.getTextMatrix().getShearY() / size;
      assertEquals(RADIUS, Math.hypot(x - middleX, y - middleY) / 72, 0.001, letter.getUnicode());
    }
  }
}
