package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.files.FileStamp;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.store.Recovery;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;

/**
 * What the window does where too much is asked for, where a file may not be written, and where work is taken up that lags behind its file.
 */
class DoorsInTheWindowTest extends AtTheBench {
  @Start
  void start(Stage stage) throws Exception {
    open(stage, 1);
  }

  private void wait(java.util.concurrent.Callable<Boolean> until) throws Exception {
    WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, until);
    QuickRobot.settled();
  }

  @Test
  void aBlockOfEndlessWordsIsRefusedWithASentenceAndSavingGoesOn(FxRobot robot) throws Exception {
    box(robot, "A", 1, 1, 1, 1);
    Job before = session.job();
    Item words = ItemWords.of(ItemProperties.of("i9", "Pasted"), Placement.of(1, 1, 3, 1, 0), "bean ".repeat(50_000),
        new WordStyle("Figtree", "Regular", 10, 120, 0, Align.LEFT, Colour.BLACK));
    robot.interact(() -> session.apply(Edits.add("f1", words)));
    assertSame(before, session.job(), "the work is as it was");
    assertTrue(session.noticeProperty().get().contains("250000 characters"), session.noticeProperty().get());
    answers.save = Optional.of(folder.resolve("card.thimble"));
    robot.interact(() -> session.filing().save());
    wait(() -> !session.filing().busyProperty().get());
    assertEquals(before.withName("Card"), ThimbleFile.open(folder.resolve("card.thimble")), "it is named after its first file");
  }

  @Test
  void repeatsInRepeatsAreNeitherTriedNorMade(FxRobot robot) throws Exception {
    box(robot, "A", 1, 1, 0.01, 0.01);
    String id = session.face().items().get(0).id();
    Pattern many = new Pattern.Grid(70, 70, 0.1, 0.1, false);
    robot.interact(() -> session.apply(Shaping.repeat("f1", Set.of(id), many)));
    Job once = session.job();
    String group = session.face().items().get(0).id();
    robot.interact(() -> session.applyBeside(Shaping.repeat("f1", Set.of(group), many)));
    wait(() -> session.noticeProperty().get().contains("more than"));
    assertSame(once, session.job());
  }

  @Test
  void aWriteProtectedFileIsSaidAndTheRecoveryCopyStaysThoughTheWorkIsLetGo(FxRobot robot) throws Exception {
    Path file = folder.resolve("card.thimble");
    answers.save = Optional.of(file);
    box(robot, "A", 1, 1, 1, 1);
    robot.interact(() -> session.filing().save());
    wait(() -> !session.filing().unsaved());
    byte[] kept = Files.readAllBytes(file);
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
    box(robot, "B", 2, 2, 1, 1);
    wait(() -> copies().size() == 1);
    robot.interact(() -> session.filing().save());
    wait(() -> session.noticeProperty().get().contains("write-protected"));
    assertFalse(session.filing().busyProperty().get());
    assertArrayEquals(kept, Files.readAllBytes(file));
    robot.interact(() -> session.take(session.job().withName("Another"), Optional.empty()));
    QuickRobot.settled();
    assertEquals(1, copies().size(), "it could not be saved, so its copy stays");
  }

  private List<Path> copies() throws Exception {
    Path root = session.preferences().places().recovery();
    if (!Files.isDirectory(root)) {
      return List.of();
    }
    try (Stream<Path> all = Files.list(root)) {
      return all.filter(p -> Files.exists(p.resolve("job.json"))).toList();
    }
  }

  @Test
  void workThatIsTakenUpAsksBeforeItIsSavedOverANewerFile(FxRobot robot) throws Exception {
    Path file = folder.resolve("card.thimble");
    Job old = session.job().withName("Old");
    ThimbleFile.save(old, file);
    Recovery.in(session.preferences().places().recovery()).keep(old.withName("Left"), Optional.of(file), FileStamp.of(file), Instant.EPOCH);
    Path note = copies().get(0).resolve("note.json");
    Files.writeString(note, Files.readString(note).replaceAll("\"program\":\\d+", "\"program\":999999999"));
    ThimbleFile.save(old.withName("Newer, from elsewhere"), file);
    Recovery.Left left = session.filing().left().get(0);
    robot.interact(() -> session.filing().takeUp(left));
    wait(() -> session.job().name().equals("Left"));
    robot.interact(() -> assertFalse(session.filing().save(), "the person said stay"));
    assertTrue(answers.asked.stream().anyMatch(a -> a.contains("card.thimble")), answers.asked.toString());
    assertEquals("Newer, from elsewhere", ThimbleFile.open(file).name());
  }
}
