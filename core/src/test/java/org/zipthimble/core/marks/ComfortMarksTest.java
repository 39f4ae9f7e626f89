package org.zipthimble.core.marks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;

/** What is picked, what is parked, what is kept of the marks. */
class ComfortMarksTest {
  private static Face face(Job job) {
    return job.faces().get(0);
  }

  @Test
  void whatHelpsComesAfterWhatPrintsHoweverHighItLies() {
    Job job = Edits.properties("f1", Set.of("i3"), "edit.role", f -> f.withRole(Role.GUIDE)).change().apply(
        Made.card(Made.rectangle("i1", 1, 1, 2, 2), Made.rectangle("i2", 1, 1, 2, 2), Made.rectangle("i3", 0, 0, 4, 4)));
    assertEquals(List.of("i2", "i1", "i3"), Hit.at(job, face(job), Optional.empty(), new Point(2, 2), 0.05));
    assertEquals(List.of("i3"), Hit.at(job, face(job), Optional.empty(), new Point(3.5, 3.5), 0.05), "alone it can be picked");
  }

  @Test
  void insideAnOpenGroupItsMembersArePicked() {
    Job job = Grouping.group("f1", Set.of("i1", "i2")).change().apply(
        Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.rectangle("i2", 3, 3, 1, 1), Made.rectangle("i3", 0.5, 0.5, 4, 4)));
    String group = face(job).items().stream().filter(i -> !i.members().isEmpty()).findFirst().orElseThrow().id();
    assertEquals(List.of("i3", group), Hit.at(job, face(job), Optional.empty(), new Point(1.5, 1.5), 0.01));
    assertEquals(List.of("i1"), Hit.at(job, face(job), Optional.of(group), new Point(1.5, 1.5), 0.01));
    assertEquals(List.of(), Hit.at(job, face(job), Optional.of(group), new Point(2.5, 2.5), 0.01),
        "what the group does not hold is not found");
  }

  @Test
  void whatIsParkedBesideTheItemIsNeitherPrintedNorReproached() {
    Picture small = Made.picture(30, 20);
    Job job = Made.with(small, Made.background("i1"), Made.photo("i2", small, 6, 1, 3, 2),
        Made.words("i3", "A note to myself that is far too long for its block", -4, 1, 1, 0.2, Made.style("Nowhere", "Bold", 20)));
    assertTrue(Checks.run(job).stream().noneMatch(f -> f.weight().counts()), "only noted");
    Job moved = Edits.place("f1", Set.of("i2", "i3"), "edit.move", p -> p.moved(-p.x() + 1, 0)).change().apply(job);
    assertTrue(Checks.run(moved).stream().map(Finding::code).toList().containsAll(List.of("picture-small", "font-missing")));
    Job only = Made.card(Made.rectangle("i1", 8, 8, 1, 1));
    assertEquals(List.of("empty-face"), Checks.run(only).stream().filter(f -> f.weight().counts()).map(Finding::code).toList());
  }

  @Test
  void keptMarksPlayTheSameAgainAndAgain() throws Exception {
    Picture picture = Made.picture(60, 40);
    Job plain = Made.with(picture, Made.background("i1"), Made.photo("i2", picture, 1, 1, 1, 0.66), Made.ellipse("i3", 2, 2, 1, 1),
        Made.words("i4", "Beans", 1, 4, 2, 1, Made.style("Alegreya", "Italic", 20)));
    Job job = Edits.properties("f1", Set.of("i3"), "edit.opacity", f -> f.withOpacity(0.4)).change().apply(plain);
    DrawnPage page = Imposition.of(job, face(job), PageOptions.of(job));
    RecordingOut first = new RecordingOut();
    page.marks().accept(first);
    DrawnPage kept = MarkTape.kept(page);
    for (int i = 0; i < 2; i++) {
      RecordingOut again = new RecordingOut();
      kept.marks().accept(again);
      assertEquals(first.lines(), again.lines());
    }
    assertTrue(first.lines().stream().anyMatch(l -> l.startsWith("opacity 0.4")));
  }

  @Test
  void stockAndGuidesNeverReachAFile() throws Exception {
    Job job = LookEdits.palette("edit.stock", p -> p.withStock(Made.BEET)).change().apply(Made.card(Made.rectangle("i1", 1, 1, 1, 1)));
    RecordingOut out = new RecordingOut();
    Imposition.of(job, face(job), PageOptions.of(job)).marks().accept(out);
    assertEquals(1, out.lines().stream().filter(l -> l.startsWith("fill")).count());
    assertTrue(out.lines().stream().noneMatch(l -> l.contains(Made.BEET.hex())));
  }

  @Test
  void theTrimLiesOnThePageAsTheSheetSays() {
    Job job = Made.card(Made.background("i1"));
    assertEquals(new Point(0.125, 0.125), Imposition.trimOnPage(job, job.faces().get(0)));
    Job onPaper = Edits.sheet(s -> new org.zipthimble.core.plan.SheetPlan(true, s.paper(), true)).change().apply(job);
    assertEquals(new Point(1.75, 2), Imposition.trimOnPage(onPaper, onPaper.faces().get(0)), "letter less 5 x 7, halved");
  }

  @Test
  void membersKnowWhoHoldsThem() {
    Job job = Grouping.group("f1", Set.of("i1", "i2")).change()
        .apply(Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.rectangle("i2", 3, 3, 1, 1)));
    Item group = face(job).items().get(0);
    assertEquals(2, Scene.of(face(job)).inside(group.id()).size());
    assertEquals(List.of("i1", "i2"), face(job).beside("i1").stream().map(Item::id).toList());
    assertEquals(List.of(group), face(job).beside(group.id()));
  }
}
