package org.zipthimble.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.check.all.Report;
import org.zipthimble.core.check.edge.EdgeReach;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.History;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Side;

/** What was found on a face is kept: only a face that has changed, or what it depends on, is looked at again. */
class KeptChecksTest {
  private static Job leaves(int many) {
    List<Face> faces = new ArrayList<>();
    for (int i = 1; i <= many; i++) {
      faces.add(Face.of("f" + i, "leaf " + i, List.of(Made.rectangle("g" + i, 0, 0, 5, 7))));
    }
    return Made.card().withFaces(faces);
  }

  private static List<Finding> of(Job job, int face) {
    return Checks.of(job, job.faces().get(face));
  }

  @Test
  void anUnchangedFaceIsNotLookedAtAgain() {
    Job job = leaves(3);
    List<Finding> first = of(job, 0);
    List<Finding> second = of(job, 1);
    Job edited = Edits.remove("f2", Set.of("g2")).change().apply(job);
    assertSame(first, of(edited, 0), "the very same findings");
    assertNotSame(second, of(edited, 1));
    assertEquals(List.of("empty-face"), of(edited, 1).stream().map(Finding::code).toList());
  }

  @Test
  void whatAllFacesDependOnMakesThemLookedAtAgain() {
    Job job = leaves(2);
    List<Finding> before = of(job, 0);
    Job wider = job.withTicket(job.ticket().withBleed(Insets.all(0.25)));
    assertNotEquals(before, of(wider, 0));
    assertEquals(0.25, of(wider, 0).get(0).limit());
    Job none = job.withTicket(job.ticket().withBleed(Insets.NONE));
    assertEquals(List.of(), of(none, 0));
  }

  @Test
  void aReportTellsEveryFaceAndTheirEdges() {
    Job job = leaves(4);
    Report report = Report.of(job);
    assertEquals(Checks.run(job), report.findings());
    assertEquals(report.findings().size(), report.counted());
    for (Face face : job.faces()) {
      EdgeReach reach = report.edges(face.id()).orElseThrow();
      assertTrue(reach.asked() && !reach.whiteAllRound());
      assertEquals(0, reach.past(Side.LEFT).orElseThrow(), 1e-6);
    }
    assertEquals(Optional.empty(), report.edges("nobody"));
    assertEquals(List.of(), Report.none(job).findings());
  }

  /** Undone, a face is the one it was, and so are its findings. */
  @Test
  void whatIsUndoneIsNotLookedAtAgain() {
    History history = History.of(leaves(2));
    List<Finding> before = of(history.now(), 0);
    History after = history.after(Edits.remove("f1", Set.of("g1")));
    assertNotEquals(before, of(after.now(), 0));
    assertSame(before, of(after.undo().now(), 0));
    assertEquals(of(after.now(), 0), of(after.undo().redo().now(), 0));
  }

  @Test
  void findingsStandInTheOrderOfTheFaces() {
    List<String> faces = Checks.run(leaves(5)).stream().map(Finding::faceId).distinct().toList();
    assertEquals(List.of("f1", "f2", "f3", "f4", "f5"), faces);
  }

  @Test
  void theCutLinesOfAFaceAreKeptWithTheJob() {
    Lane vinyl = Lane.of("l1", "Cream", Material.CUT_VINYL, Made.CREAM);
    Item shape = Made.ellipse("e", 1, 1, 2, 2);
    Item cut = shape.with(shape.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1")));
    Job job = Made.card(cut).withCutting(CutPlan.NONE.withLanes(List.of(vinyl)));
    assertSame(CutLines.of(job, job.faces().get(0)), CutLines.of(job, job.faces().get(0)));
    Job other = Edits.remove("f1", Set.of("e")).change().apply(job);
    assertTrue(CutLines.of(other, other.faces().get(0)).isEmpty());
    assertFalse(CutLines.of(job, job.faces().get(0)).isEmpty(), "the job before has its own");
  }

  @Test
  void weightsDecideWhatRuinsAJob() {
    Finding ruin = Checks.run(leaves(1)).get(0);
    assertTrue(Checks.ruin(List.of(ruin)));
    assertTrue(ruin.weight().counts());
    assertFalse(Weight.NOTE.counts());
    assertTrue(Weight.LOOK.counts());
    assertFalse(Checks.ruin(List.of()));
  }
}
