package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Preferences;
import org.zipthimble.desktop.state.Session;

/** What befalls a file while its job is on the bench: its disk vanishes, another window saves it, what was brought in is taken away. */
class MisfortunesTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private Path saved(FxRobot robot, Path file) {
    answers.save = Optional.of(file);
    box(robot, "First", 1, 1, 1, 1);
    robot.interact(() -> session.filing().save());
    Hand.until(() -> !session.filing().unsaved());
    return file;
  }

  private static void remove(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(one);
      }
    }
  }

  private long copies() {
    try (Stream<Path> all = Files.list(session.preferences().places().recovery())) {
      return all.filter(p -> Files.exists(p.resolve("job.json"))).count();
    } catch (IOException none) {
      return 0;
    }
  }

  /** A stick that is pulled out takes its folder along; when it is back, saving goes on as if nothing had been. */
  @Test
  void aDiskThatVanishesIsToldAndTheWorkIsKeptTillItIsBack(FxRobot robot) throws Exception {
    Path stick = Files.createDirectory(folder.resolve("stick"));
    Path file = saved(robot, stick.resolve("card.thimble"));
    remove(stick);
    box(robot, "Second", 2, 2, 1, 1);
    Job work = session.job();
    Hand.until(() -> copies() == 1);
    robot.interact(() -> session.filing().save());
    Hand.until(() -> !session.noticeProperty().get().isBlank());
    String told = session.noticeProperty().get();
    assertTrue(told.contains("stick") && !told.contains("Exception"), told);
    assertFalse(session.filing().busyProperty().get());
    assertTrue(session.filing().unsaved());
    assertEquals(work, session.job(), "the work is untouched");
    assertEquals(1, copies(), "and its recovery copy stays");

    Files.createDirectory(stick);
    robot.interact(() -> session.filing().save());
    Hand.until(() -> !session.filing().unsaved());
    assertEquals(work.faces(), ThimbleFile.open(file).faces());
  }

  /** Two programs with the same job: the one that saves last is asked, and neither's work is lost. */
  @Test
  void twoWindowsOnOneJobLoseNothing(FxRobot robot) throws Exception {
    Path file = saved(robot, folder.resolve("card.thimble"));
    AtomicReference<Session> other = new AtomicReference<>();
    robot.interact(() -> {
      Session second = new Session(session.job(), new Hand.Answers(), new Preferences(Folders.in(folder.resolve("other"))));
      second.filing().open(file);
      other.set(second);
    });
    Hand.until(() -> other.get().filing().file().isPresent());
    robot.interact(() -> {
      other.get().apply(Edits.remove("f1", Set.of(other.get().face().items().get(0).id())));
      other.get().filing().save();
    });
    Hand.until(() -> !other.get().filing().unsaved());
    byte[] theirs = Files.readAllBytes(file);

    box(robot, "Second", 2, 2, 1, 1);
    answers.changed = Asker.Changed.STAY;
    robot.interact(() -> session.filing().save());
    assertEquals(List.of("changed card.thimble"), answers.asked);
    assertArrayEquals(theirs, Files.readAllBytes(file), "nothing is written over what the other saved");
    assertTrue(session.filing().unsaved());

    answers.changed = Asker.Changed.NUMBERED;
    robot.interact(() -> session.filing().save());
    Hand.until(() -> !session.filing().unsaved());
    assertArrayEquals(theirs, Files.readAllBytes(file));
    assertEquals(2, ThimbleFile.open(folder.resolve("card 2.thimble")).faces().get(0).items().size(), "both boxes of this window");
    assertEquals(0, ThimbleFile.open(file).faces().get(0).items().size(), "what the other window left");
  }

  /** A clock that was set back, or a program that keeps the old date, does not hide that the file is another. */
  @Test
  void aChangeIsSeenThoughTheClockSaysOtherwise(FxRobot robot) throws Exception {
    Path file = saved(robot, folder.resolve("card.thimble"));
    FileTime then = Files.getLastModifiedTime(file);
    ThimbleFile.save(session.job().withName("Elsewhere"), file);
    Files.setLastModifiedTime(file, then);
    box(robot, "Second", 2, 2, 1, 1);
    answers.changed = Asker.Changed.OVER;
    robot.interact(() -> session.filing().save());
    Hand.until(() -> !session.filing().unsaved());
    assertEquals(List.of("changed card.thimble"), answers.asked);
    assertEquals(1, session.filing().versions().stream().filter(v -> name(v.file()).equals("Elsewhere")).count(),
        "what was saved over is kept as a version");
  }

  private static String name(Path job) {
    try {
      return ThimbleFile.open(job).name();
    } catch (Trouble unread) {
      return unread.getMessage();
    }
  }

  /** What was brought in belongs to the job: its file may go. */
  @Test
  void picturesAndFontsMayBeTakenAwayWhileTheJobIsOpen(FxRobot robot) throws Exception {
    Path picture = folder.resolve("field.png");
    BufferedImage green = new BufferedImage(300, 300, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 300 * 300; i++) {
      green.setRGB(i % 300, i / 300, 0x3A6B45);
    }
    ImageIO.write(green, "png", picture.toFile());
    Path font = folder.resolve("hand.ttf");
    try (InputStream in = BundledFonts.open("Caveat_400Regular.ttf")) {
      // under another family, so that it is not one of ours
      String named = new String(in.readAllBytes(), StandardCharsets.ISO_8859_1).replace("\0C\0a\0v\0e\0a\0t", "\0C\0a\0v\0e\0r\0n");
      Files.write(font, named.getBytes(StandardCharsets.ISO_8859_1));
    }
    robot.interact(() -> workbench.adding().pictures().dropped(List.of(picture), new Point(2.5, 3.5)));
    Hand.until(() -> session.face().items().size() == 1);
    robot.interact(() -> workbench.adding().pictures().dropped(List.of(font), new Point(1, 1)));
    Hand.until(() -> !session.job().fonts().isEmpty());
    Files.delete(picture);
    Files.delete(font);

    Path png = folder.resolve("out.png");
    answers.send = Optional.of(png);
    int before = session.writtenProperty().get();
    hand.keys(KeyCode.DIGIT5, KeyCode.ALT);
    pressInSight(robot, "#send-png");
    pressInSight(robot, "#send-write");
    Hand.until(() -> session.writtenProperty().get() > before);
    BufferedImage out = ImageIO.read(png.toFile());
    assertEquals(0x3A6B45, out.getRGB(out.getWidth() / 2, out.getHeight() / 2) & 0xFFFFFF, "the picture is in the file");
    Path file = saved(robot, folder.resolve("card.thimble"));
    Job again = ThimbleFile.open(file);
    assertEquals(1, again.pictures().size());
    assertTrue(new JobFonts(again).families().contains("Cavern"));
  }

  @Test
  void severalDrawingsWithoutASizeAreEachAskedAboutAndNoneIsLost(FxRobot robot) throws Exception {
    List<Path> drawings = new ArrayList<>();
    for (String name : List.of("leaf", "pod")) {
      drawings.add(Files.writeString(folder.resolve(name + ".svg"),
          "<svg xmlns=\"http://www.w3.org/2000/svg\"><rect width=\"144\" height=\"72\"/></svg>"));
    }
    answers.units = Optional.of(72.0);
    robot.interact(() -> workbench.adding().pictures().dropped(drawings, new Point(2, 2)));
    Hand.until(() -> session.face().items().size() == 2);
    assertEquals(List.of("units leaf.svg of [96.0, 72.0, 90.0]", "units pod.svg of [96.0, 72.0, 90.0]"), answers.asked);
    session.face().items().forEach(i -> assertEquals(2, i.placement().width(), 1e-9));
    assertTrue(session.face().items().get(0).placement().x() < session.face().items().get(1).placement().x(), "both are seen");
  }
}
