package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.WayRound;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;

/** What must leave mirrored is turned exactly once, whichever way it goes. */
class MirrorGuardTest {
  @TempDir Path folder;

  /** A small square at the left and a large one at the right: the two hands differ. */
  private static Job job(Process process, boolean ticket, Making.MirrorBy by) {
    Job job = Made.card(Made.rectangle("i1", 0.5, 1, 0.5, 0.5), Made.rectangle("i2", 2.5, 1, 2, 2));
    return job.withMaking(job.making().withProcess(process).withBy(by)).withTicket(job.ticket().withMirror(ticket));
  }

  /** Every combination: whether it must be turned, whether the program does, whether the machine does, and what becomes of it. */
  @ParameterizedTest
  @CsvSource({
      "false,false,false,RIGHT", "false,false,true,NEEDLESS", "false,true,false,NEEDLESS", "false,true,true,TWICE",
      "true,false,false,NONE", "true,false,true,RIGHT", "true,true,false,RIGHT", "true,true,true,TWICE"})
  void everyCombinationIsJudged(boolean must, boolean program, boolean machine, MirrorGuard.Verdict verdict) {
    assertEquals(verdict, MirrorGuard.of(must, program, machine));
  }

  /** The same through every kind of file that holds pages: what is refused says how to mend it, what leaves is proven by its pixels. */
  @ParameterizedTest
  @CsvSource({"p.pdf", "p.png", "p.jpg", "p.tif"})
  void everyRouteOfPagesKeepsToIt(String name) throws Exception {
    for (Process process : Process.values()) {
      for (boolean program : new boolean[] {false, true}) {
        for (Making.MirrorBy by : Making.MirrorBy.values()) {
          Job job = job(process, process.mirrored(), by);
          Path file = folder.resolve(process + "-" + program + "-" + by + "-" + name);
          FileOrder order = FileOrder.of(file, OptionalInt.empty(), 60, PageOptions.of(job).withMirror(program));
          boolean machine = by == Making.MirrorBy.MACHINE;
          // asked for by hand, a mirror image of what is as seen is what must leave
          MirrorGuard.Verdict verdict = MirrorGuard.of(process.mirrored() || program, program, machine);
          if (verdict.right()) {
            List<Measured> measured = Sender.send(job, order, Progress.SILENT);
            measured.forEach(m -> assertTrue(m.right(), m.lines().toString()));
            Optional<Measured.Line> line = measured.get(0).lines().stream().filter(l -> l.name().equals(Wording.text("mirror.line")))
                .findFirst();
            assertEquals(process.mirrored() || program || machine, line.isPresent(), "told where it plays a part");
            line.ifPresent(l -> assertEquals(Wording.of(program ? WayRound.MIRRORED : WayRound.AS_SEEN), l.found()));
          } else {
            Trouble refused = assertThrows(Trouble.class, () -> Sender.send(job, order, Progress.SILENT), file.getFileName().toString());
            assertTrue(refused.getMessage().contains("Switch"), refused.getMessage());
            assertTrue(!Files.exists(file), "nothing is written");
          }
        }
      }
    }
  }

  private static Item cut(Item item) {
    return item.with(item.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS)));
  }

  private static Job lanes(boolean mirrored, Making.MirrorBy by) {
    Lane lane = Lane.of("l1", "Shirt", Material.IRON_ON, Made.BEET).withSupply(Supply.MAT_12).withMirrored(mirrored);
    Job job = Made.card(cut(Made.rectangle("i1", 0.5, 1, 0.5, 0.5)), cut(Made.rectangle("i2", 2.5, 1, 2, 2)))
        .withCutting(CutPlan.NONE.withLanes(List.of(lane)));
    return job.withMaking(job.making().withBy(by));
  }

  /** Lanes of a cut job likewise: whether the lane is mirrored, what is asked for by hand, whether the cutter does it. */
  @ParameterizedTest
  @CsvSource({
      "true,,PROGRAM,true", "true,true,PROGRAM,true", "true,false,PROGRAM,false", "true,,MACHINE,true", "true,true,MACHINE,false",
          "true,false,MACHINE,true",
      "false,,PROGRAM,true", "false,true,PROGRAM,true", "false,false,PROGRAM,true", "false,true,MACHINE,false"})
  void everyRouteOfLanesKeepsToIt(boolean lane, Boolean asked, Making.MirrorBy by, boolean leaves) throws Exception {
    for (String name : List.of("d.svg", "d.dxf", "s.plt")) {
      Job job = lanes(lane, by);
      FileOrder order = FileOrder.of(folder.resolve(name), OptionalInt.empty(), 300, PageOptions.of(job))
          .withHow(SendOptions.USUAL.withMirror(Optional.ofNullable(asked)));
      if (leaves) {
        Sender.send(job, order, Progress.SILENT);
      } else {
        Trouble refused = assertThrows(Trouble.class, () -> Sender.send(job, order, Progress.SILENT));
        assertTrue(refused.getMessage().contains("Shirt"), refused.getMessage());
      }
    }
  }

  @Test
  void aForgottenMirrorIsFoundAndMended() {
    Job job = job(Process.TRANSFER, false, Making.MirrorBy.PROGRAM);
    Finding finding = Checks.run(job).stream().filter(f -> f.code().equals("transfer-unmirrored")).findFirst().orElseThrow();
    Job mended = Checks.mends(job, finding).get(0).edit().change().apply(job);
    assertTrue(Checks.run(mended).stream().noneMatch(f -> f.code().equals("transfer-unmirrored")));
    assertTrue(Checks.run(job(Process.TRANSFER, false, Making.MirrorBy.MACHINE)).stream()
        .noneMatch(f -> f.code().equals("transfer-unmirrored")), "the printer does it");
  }

  @Test
  void choosingTheProcessSetsTheMirrorAndTheLanes() {
    Job job = ThingEdits.process(Process.PANE_INSIDE).change().apply(lanes(false, Making.MirrorBy.PROGRAM));
    assertTrue(job.ticket().mirror() && job.cutting().lanes().get(0).mirrored() && job.mustMirror());
    Job back = ThingEdits.process(Process.AS_SEEN).change().apply(job);
    assertTrue(!back.ticket().mirror() && back.cutting().lanes().get(0).mirrored(), "iron-on film is cut from behind whatever it is for");
  }

  @Test
  void whatLooksTheSameBothWaysIsToldAsSuch() throws Exception {
    Job job = Made.card(Made.rectangle("i1", 1, 1, 3, 2)).withMaking(Making.FLAT.withProcess(Process.TRANSFER));
    Job turned = job.withTicket(job.ticket().withMirror(true));
    Measured measured = Sender.send(turned, FileOrder.of(folder.resolve("even.png"), OptionalInt.empty(), 60, PageOptions.of(turned)),
        Progress.SILENT).get(0);
    assertTrue(measured.lines().stream().anyMatch(l -> l.found().equals(Wording.of(WayRound.EITHER)) && l.right()),
        measured.lines().toString());
  }
}
