package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.edit.PictureEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.desktop.state.Station;

/** A person mounts, rubs out, tones and softens pictures, picks a colour and mends the bleed, with mouse and keyboard. */
class PicturesTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private Path png(String name, int rgb) throws IOException {
    BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(rgb));
    g.fillRect(0, 0, 600, 400);
    g.dispose();
    return Files.write(folder.resolve(name), PngFile.bytes(image, 300));
  }

  private Picture photo(FxRobot robot, double x, double y, double width, double height) throws Exception {
    Picture picture = Importers.pictures(png("plain.png", 0x7A2E22)).get(0);
    robot.interact(() -> {
      String id = session.job().freshId();
      session.apply(Edits.add("f1", ItemPhoto.of(ItemProperties.of(id, "Field"), Placement.of(new Box(x, y, width, height)), picture.id()),
          picture));
      session.selectionProperty().set(Set.of(id));
    });
    QuickRobot.settled();
    return picture;
  }

  private Retouch retouch() {
    return session.single().flatMap(Item::retouch).orElseThrow();
  }

  private void type(FxRobot robot, String id, String text) {
    robot.interact(() -> ((javafx.scene.control.TextField) robot.lookup(id).query()).requestFocus());
    robot.interact(() -> ((javafx.scene.control.TextField) robot.lookup(id).query()).selectAll());
    robot.write(text).type(KeyCode.ENTER);
    QuickRobot.settled();
  }

  private void press(FxRobot robot, String id) {
    robot.interact(() -> ((javafx.scene.control.ButtonBase) robot.lookup(id).query()).fire());
    QuickRobot.settled();
  }

  @Test
  void aGridOfMountsIsLaidOutFilledAndReachedInto(FxRobot robot) throws Exception {
    withoutHints(robot);
    robot.clickOn("#add-mounts");
    robot.clickOn("#mounts-columns").eraseText(1).write("2 1").clickOn("#mounts-gutter").eraseText(5).write("0.25").clickOn("#mounts-make");
    ItemGroup grid = (ItemGroup) session.single().orElseThrow();
    assertEquals(List.of(2.0, 1.0), ((LiveEffect.Gridded) grid.effect()).columns());
    assertEquals(4, Mounts.among(session.face().items()).size());
    assertTrue(robot.lookup(".mount-label").queryAllAs(Label.class).size() >= 4, "empty mounts are shown");
    answers.pictures = List.of(png("a.png", 0x7A2E22), png("b.png", 0x3A6B45), png("c.png", 0x2B2F55), png("d.png", 0xDDA33A),
        png("e.png", 0x808080));
    down(robot, "#mount-grid-fill");
    press(robot, "#mount-grid-fill");
    Hand.until(() -> Mounts.among(session.face().items()).stream().noneMatch(m -> m.pictureIds().isEmpty()));
    assertTrue(session.noticeProperty().get().contains("One picture more"), session.noticeProperty().get());
    type(robot, "#mount-gutter", "1/8");
    Item first = Mounts.among(session.face().items()).get(0);
    Item second = Mounts.among(session.face().items()).get(1);
    assertEquals(0.125, second.placement().x() - first.placement().x() - first.placement().width(), 1e-9);
    robot.interact(() -> {
      session.openGroup(grid.id());
      session.selectionProperty().set(Set.of(first.id()));
    });
    QuickRobot.settled();
    Placement p = first.placement();
    double x = grid.placement().x() + p.width() / 2;
    double y = grid.placement().y() + p.height() / 2;
    hand.to(x, y);
    robot.doubleClickOn(MouseButton.PRIMARY);
    assertEquals(Optional.of(first.id()), session.pointerMode().insideProperty().get());
    robot.scroll(5, javafx.geometry.VerticalDirection.UP);
    QuickRobot.settled();
    LiveEffect.Mounted zoomed = session.face().find(first.id()).orElseThrow().mount().orElseThrow();
    assertFalse(zoomed.fit().zoom() == 1, "the wheel zooms the picture");
    robot.interact(session::undo);
    assertEquals(1, session.face().find(first.id()).orElseThrow().mount().orElseThrow().fit().zoom(), 1e-9, "five turns are one step");
    robot.interact(session::redo);
    hand.drag(x, y, x + 0.4, y);
    LiveEffect.Mounted moved = session.face().find(first.id()).orElseThrow().mount().orElseThrow();
    assertEquals(0.4 / p.width(), moved.fit().dx(), 0.05, "and a drag moves it");
    assertEquals(p, session.face().find(first.id()).orElseThrow().placement(), "the mount stays");
    robot.type(KeyCode.ESCAPE);
    assertTrue(session.pointerMode().insideProperty().get().isEmpty());
  }

  @Test
  void aShapeBecomesAMountAndAFullOneAsksBeforeItIsRefilled(FxRobot robot) throws Exception {
    box(robot, "Window", 1, 1, 2, 2);
    robot.interact(() -> session.selectionProperty().set(Set.of(session.face().items().get(0).id())));
    robot.clickOn("#menu-picture").clickOn("#menu-mount");
    assertTrue(session.single().flatMap(Item::mount).isPresent());
    answers.pictures = List.of(png("a.png", 0x7A2E22));
    down(robot, "#mount-put");
    press(robot, "#mount-put");
    Hand.until(() -> !session.face().items().get(0).pictureIds().isEmpty());
    press(robot, "#mount-fit");
    assertEquals(2.0 / 3, session.single().orElseThrow().mount().orElseThrow().fit().zoom(), 1e-9);
    press(robot, "#mount-out");
    assertEquals(2, session.face().items().size());
    robot.interact(session::undo);
    assertEquals(1, session.face().items().size());
  }

  @Test
  void theBrushRubsOutAndUndoBringsBack(FxRobot robot) throws Exception {
    photo(robot, 1, 1, 3, 2);
    withoutHints(robot);
    press(robot, "#fold-brush");
    down(robot, "#brush-rub");
    press(robot, "#brush-rub");
    assertTrue(session.pointerMode().brushProperty().get().isPresent());
    hand.drag(1.5, 2, 3.5, 2);
    assertEquals(1, retouch().rubs().size());
    assertEquals((1.5 - 1) / 3, retouch().rubs().get(0).places().get(0).x(), 0.02, "where the brush touched");
    press(robot, "#brush-patch");
    assertTrue(retouch().patched());
    robot.interact(session::undo);
    robot.interact(session::undo);
    assertTrue(retouch().rubs().isEmpty());
    robot.interact(() -> workbench.bench().takeFocus());
    robot.type(KeyCode.ESCAPE);
    assertTrue(session.pointerMode().brushProperty().get().isEmpty(), "Escape lays the brush by");
  }

  @Test
  void looksTonesCropsAndEffectsAreTyped(FxRobot robot) throws Exception {
    photo(robot, 1, 1, 3, 2);
    robot.interact(() -> ((ComboBox<?>) robot.lookup("#picture-look").query()).getSelectionModel().select(PictureLook.ALMANAC.ordinal()));
    assertEquals(PictureLook.ALMANAC, retouch().look());
    type(robot, "#picture-warmth", "30");
    assertEquals(0.3, retouch().tones().warmth(), 1e-9);
    type(robot, "#picture-crop-left", "50");
    assertEquals(0.5, retouch().crop().x(), 1e-9);
    assertEquals(1.5, session.single().orElseThrow().placement().width(), 1e-9, "what is left stays as large as it was");
    type(robot, "#picture-enlarge", "2");
    assertTrue(robot.lookup("#tag-resolution").queryAs(Label.class).getText().contains("no real resolution"));
    press(robot, "#fold-effects");
    press(robot, "#shadow-on");
    type(robot, "#shadow-distance", "1/4");
    Effects effects = session.single().orElseThrow().properties().effects();
    assertEquals(0.25, effects.shadow().orElseThrow().distance(), 1e-9);
    robot.interact(() -> ((ComboBox<?>) robot.lookup("#effects-blend").query()).getSelectionModel().select(Blend.MULTIPLY.ordinal()));
    assertEquals(Blend.MULTIPLY, session.single().orElseThrow().properties().effects().blend());
    type(robot, "#effects-blur", "9");
    assertEquals(0, session.single().orElseThrow().properties().effects().blur(), "too large is refused");
  }

  @Test
  void aColourIsPickedFromAPictureOnTheBench(FxRobot robot) throws Exception {
    photo(robot, 1, 1, 3, 2);
    withoutHints(robot);
    robot.clickOn("#menu-picture").clickOn("#menu-pickSwatch");
    hand.to(2, 2);
    robot.clickOn(MouseButton.PRIMARY);
    Hand.until(() -> session.job().palette().swatches().stream().anyMatch(s -> s.colour().equals(Colour.of(0x7A2E22))));
  }

  @Test
  void anotherFileTakesAPicturesPlace(FxRobot robot) throws Exception {
    Picture first = photo(robot, 1, 1, 3, 2);
    answers.pictures = List.of(png("other.png", 0x3A6B45));
    down(robot, "#picture-replace");
    press(robot, "#picture-replace");
    Hand.until(() -> !session.face().items().get(0).pictureIds().contains(first.id()));
    assertEquals(1, session.job().pictures().size());
  }

  @Test
  void aFindingsMendIsPressed(FxRobot robot) {
    box(robot, "Ground", 0, 0, 5, 7);
    robot.interact(() -> session.stationProperty().set(Station.CHECK));
    Hand.until(() -> robot.lookup("#finding-1-mend-stretch").tryQuery().isPresent());
    robot.clickOn("#finding-1-mend-stretch");
    Hand.until(() -> session.frame().bleedBox().width() == session.face().items().get(0).placement().width());
    Hand.until(() -> robot.lookup("#edge-note").queryAs(Label.class).getText().contains("left 0.125"));
  }

  @Test
  void aFrameThatIsReachedIntoIsCroppedByItsPins(FxRobot robot) throws Exception {
    photo(robot, 1, 1, 3, 2);
    withoutHints(robot);
    hand.doubleClick(2.5, 2);
    assertTrue(session.pointerMode().insideProperty().get().isPresent());
    Item before = session.single().orElseThrow();
    robot.scroll(3, javafx.geometry.VerticalDirection.DOWN);
    QuickRobot.settled();
    assertTrue(session.face().items().size() == 1 && session.single().isPresent(),
        "zoomed out where all of it is seen, nothing is taken back");
    robot.interact(() -> session.apply(PictureEdits.retouch("f1", Set.of(before.id()), "edit.crop", r -> Retouch.NONE)));
    hand.drag(4, 2, 2.5, 2);
    assertEquals(0.5, retouch().crop().width(), 0.03);
    assertEquals(1.5, session.single().orElseThrow().placement().width(), 0.09);
    hand.drag(1.7, 2, 1.4, 2);
    assertEquals(0.1, retouch().crop().x(), 0.03, "pulled to the left its right part comes in");
    robot.interact(() -> workbench.bench().takeFocus());
    robot.type(KeyCode.ESCAPE);
    assertTrue(session.pointerMode().insideProperty().get().isEmpty());
  }

  /**
   * A drop on an empty mount fills it, one on a full mount asks, one beside it stays loose; what the tray adds never falls into a mount.
   */
  @Test
  void onlyWhatIsDroppedOnAMountGoesInAndAFullOneAsks(FxRobot robot) throws Exception {
    box(robot, "Window", 1, 2, 3, 3);
    robot.interact(() -> session.apply(Mounts.make("f1", Set.of(session.face().items().get(0).id()))));
    answers.pictures = List.of(png("loose.png", 0x808080));
    robot.interact(() -> session.selectionProperty().set(Set.of()));
    robot.clickOn("#add-picture");
    Hand.until(() -> session.face().items().size() == 2);
    assertTrue(session.face().items().get(0).pictureIds().isEmpty(), "the tray's picture lies over the mount, loose");
    robot.interact(session::undo);
    robot.interact(() -> workbench.adding().pictures().dropped(files("a.png", 0x7A2E22), new org.zipthimble.core.geom.Point(2, 3)));
    Hand.until(() -> !session.face().items().get(0).pictureIds().isEmpty());
    List<String> first = session.face().items().get(0).pictureIds();
    robot.interact(() -> workbench.adding().pictures().dropped(files("b.png", 0x3A6B45), new org.zipthimble.core.geom.Point(2, 3)));
    Hand.until(() -> session.face().items().size() == 2);
    assertEquals(List.of("mount a.png"), answers.asked);
    assertEquals(first, session.face().items().get(0).pictureIds(), "refused, it is laid on top");
    robot.interact(session::undo);
    answers.intoMount = true;
    robot.interact(() -> workbench.adding().pictures().dropped(files("b.png", 0x3A6B45), new org.zipthimble.core.geom.Point(2, 3)));
    Hand.until(() -> !session.face().items().get(0).pictureIds().equals(first));
    assertEquals(1, session.face().items().size());
  }

  private List<Path> files(String name, int rgb) {
    try {
      return List.of(png(name, rgb));
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }
}
