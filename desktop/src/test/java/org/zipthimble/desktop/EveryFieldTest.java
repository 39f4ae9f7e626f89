package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.desktop.control.Pointing;
import org.zipthimble.desktop.control.TypedField;

/**
 * Every field and every pill of the tag, for every kind of object: what cannot be read is refused in words and changes nothing, what is out
 * of range too, and each change that a field or a pill makes is one step that can be taken back.
 */
class EveryFieldTest extends AtTheBench {
  /** Fields that take words, in which nothing is wrong. */
  private static final Set<String> WORDS = Set.of("tag-name", "layers-search");

  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  @BeforeEach
  void quiet(FxRobot robot) {
    withoutHints(robot);
  }

  private static Item made(String kind, Picture picture) {
    ItemProperties named = ItemProperties.of("i1", "Bean");
    Placement place = Placement.of(new Box(1, 1, 2, 1.5));
    Optional<LineLook> line = Optional.of(LineLook.of(2, Colour.BLACK));
    return switch (kind) {
      case "rectangle" -> ItemShape.of(named, place, new Outline.Rectangle(0.1), Optional.of(Colour.of(0x5D8A4E)), line);
      case "line" -> ItemShape.of(named, Placement.of(1, 2, 2, 0, 0), new Outline.Straight(), Optional.empty(), line);
      case "star" -> ItemShape.of(named, place, new Outline.Ready(ReadyForm.STAR, ReadyForm.STAR.usual(2, 1.5)),
          Optional.of(Colour.of(0x5D8A4E)), line);
      case "words" -> ItemWords.of(named, place, "Bring seeds", new WordStyle("Figtree", "Regular", 14, 120, 0, Align.LEFT, Colour.BLACK));
      default -> ItemPhoto.of(named, place, picture.id());
    };
  }

  private void select(FxRobot robot, String kind) throws Exception {
    java.awt.image.BufferedImage image = new java.awt.image.BufferedImage(300, 225, java.awt.image.BufferedImage.TYPE_INT_RGB);
    Picture picture = Pictures.look("beans.png", PngFile.bytes(image, 300), Pictures.Limits.USUAL);
    robot.interact(() -> {
      session.take(session.job().with(picture), Optional.empty());
      session.apply(Edits.add("f1", made(kind, picture)));
      session.selectionProperty().set(Set.of("i1"));
    });
    QuickRobot.settled();
    Set<Node> folds = robot.lookup(".fold-head").queryAll();
    robot.interact(() -> folds.forEach(fold -> ((Button) fold).fire()));
  }

  private static List<Node> under(Parent parent) {
    List<Node> out = new ArrayList<>();
    for (Node child : parent.getChildrenUnmodifiable()) {
      out.add(child);
      if (child instanceof Parent) {
        out.addAll(under((Parent) child));
      }
    }
    return out;
  }

  private Set<String> ids(Class<? extends Node> kind) {
    Set<String> out = new TreeSet<>();
    for (Node node : under((Parent) workbench.lookup(".tag"))) {
      if (kind.isInstance(node) && node.getId() != null && !node.isDisabled() && Pointing.seen(node) && !WORDS.contains(node.getId())) {
        out.add(node.getId());
      }
    }
    return out;
  }

  /** The field with the cursor in it, typed over by the keyboard. */
  private void typed(FxRobot robot, String id, String text) {
    robot.interact(() -> {
      TextInputControl field = (TextInputControl) workbench.lookup("#" + id);
      assertTrue(field != null, id + " is still there");
      Pointing.sight(field);
      field.requestFocus();
      assertTrue(field.isFocused(), id + " takes the keys");
      field.setText(text);
    });
    robot.type(KeyCode.ENTER);
    QuickRobot.settled();
  }

  private String shown(String id) {
    return ((TextInputControl) workbench.lookup("#" + id)).getText();
  }

  @ParameterizedTest
  @ValueSource(strings = {"star", "words", "photo"})
  void nonsenseIsRefusedInWordsAndChangesNothing(String kind) throws Exception {
    FxRobot robot = new FxRobot();
    select(robot, kind);
    Set<String> fields = ids(TypedField.class);
    assertTrue(fields.size() >= 6, kind + " has fields: " + fields);
    for (String id : fields) {
      Job before = session.job();
      String was = shown(id);
      for (String wrong : List.of("beans", "9e99")) {
        typed(robot, id, wrong);
        assertSame(before, session.job(), () -> kind + ", " + id + " took " + wrong + ": " + session.historyProperty().get().done());
      }
      hand.keys(KeyCode.ESCAPE);
      robot.interact(() -> workbench.bench().takeFocus());
      QuickRobot.settled();
      assertEquals(was, shown(id), kind + ", " + id + " shows what holds again");
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"rectangle", "line", "star", "words", "photo"})
  void whatIsTypedIsOneStepThatIsTakenBack(String kind) throws Exception {
    FxRobot robot = new FxRobot();
    select(robot, kind);
    int changed = 0;
    for (String id : ids(TypedField.class)) {
      Job before = session.job();
      typed(robot, id, "3");
      if (session.job() != before) {
        changed++;
        Job after = session.job();
        robot.interact(session::undo);
        assertEquals(before, session.job(), kind + ", " + id);
        robot.interact(session::redo);
        assertEquals(after, session.job(), kind + ", " + id);
        robot.interact(session::undo);
      }
    }
    assertTrue(changed >= 4, kind + ": fields that take 3: " + changed);
  }

  @ParameterizedTest
  @ValueSource(strings = {"rectangle", "words", "photo"})
  void pillsAreStepsToo(String kind) throws Exception {
    FxRobot robot = new FxRobot();
    select(robot, kind);
    int changed = 0;
    for (String id : ids(ToggleButton.class)) {
      Node node = workbench.lookup("#" + id);
      if (!(node instanceof ToggleButton) || node.isDisabled()) {
        continue;
      }
      Job before = session.job();
      robot.interact(((ToggleButton) node)::fire);
      QuickRobot.settled();
      if (session.job() != before) {
        changed++;
        robot.interact(session::undo);
        QuickRobot.settled();
        assertEquals(before, session.job(), kind + ", " + id);
        ToggleButton again = (ToggleButton) workbench.lookup("#" + id);
        assertFalse(again == null, kind + ", " + id + " is still there");
      }
    }
    assertTrue(changed >= 3, kind + ": pills that change something: " + changed);
  }
}
