package org.zipthimble.core.guide;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.check.all.Report;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** A first job made together: each step is done by what it asks for and by nothing sooner. */
class TogetherTest {
  private static Together.Seen at(Job job, Together.Place place) {
    return new Together.Seen(job, Report.of(job), place, false, false);
  }

  private static List<Together> done(Together.Seen seen) {
    return Arrays.stream(Together.values()).filter(t -> t.done(seen)).collect(Collectors.toList());
  }

  private static ItemShape ground() {
    return ItemShape.of(ItemProperties.of("i1", "Rectangle"), Placement.of(new Box(1.5, 2, 2, 1)), new Outline.Rectangle(0),
        Optional.of(Made.CREAM), Optional.empty());
  }

  @Test
  void everyStepIsDoneByWhatItAsksFor() {
    Job job = StandardItem.blank("Invitation", Together.SIZE, 1);
    assertEquals(List.of(), done(at(job, Together.Place.ITEM)), "an invitation that nobody has begun yet is no step");
    assertEquals(List.of(Together.BEGIN), done(at(job, Together.Place.COMPOSE)));
    assertEquals(List.of(), done(at(StandardItem.blank("Card", new Size(4, 6), 1), Together.Place.COMPOSE)), "another size is another job");
    job = Edits.add("f1", ground()).change().apply(job);
    assertEquals(List.of(Together.BEGIN, Together.GROUND), done(at(job, Together.Place.COMPOSE)));
    job = Edits.cover("f1", Set.of("i1")).change().apply(job);
    assertEquals(List.of(Together.BEGIN, Together.GROUND, Together.EDGES), done(at(job, Together.Place.COMPOSE)));
    HoldsWords fresh = Made.words("i2", Wording.text("words.new"), 0.6, 2, 3.5, 0.8, Made.style("Alegreya", "Regular", 12));
    Job asked = Edits.add("f1", fresh).change().apply(job);
    assertFalse(Together.WORDS.done(at(asked, Together.Place.COMPOSE)), "the words that stand there at first are nobody's");
    job = Edits.say("f1", "i2", "Spring Swap").change().apply(asked);
    assertTrue(Together.WORDS.done(at(job, Together.Place.COMPOSE)));
    assertFalse(Together.LARGE.done(at(job, Together.Place.COMPOSE)));
    job = Edits.style("f1", Set.of("i2"), "edit.type", s -> s.withLetters(s.letters().withSizePt(36))).change().apply(job);
    assertTrue(Together.LARGE.done(at(job, Together.Place.COMPOSE)));
    assertFalse(Together.MIDDLE.done(at(job, Together.Place.COMPOSE)));
    job = Edits.place("f1", Set.of("i2"), "edit.move", p -> p.withX(0.75)).change().apply(job);
    assertTrue(Together.MIDDLE.done(at(job, Together.Place.COMPOSE)));
    assertFalse(Together.WHEN.done(at(job, Together.Place.COMPOSE)));
    job = Edits.add("f1", Made.words("i3", "Saturday 14 March, 2 o'clock, the seed room", 1, 4, 3, 0.8,
        Made.style("Alegreya", "Regular", 14))).change().apply(job);
    assertTrue(Together.WHEN.done(at(job, Together.Place.COMPOSE)));
    assertFalse(Together.CHECK.done(at(job, Together.Place.COMPOSE)), "whoever has not looked has not checked");
    assertTrue(Together.CHECK.done(at(job, Together.Place.CHECK)), Checks.run(job).toString());
    assertFalse(Together.KEEP.done(at(job, Together.Place.COMPOSE)));
    assertTrue(Together.KEEP.done(new Together.Seen(job, Report.of(job), Together.Place.COMPOSE, true, false)));
    assertFalse(Together.OUT.done(new Together.Seen(job, Report.of(job), Together.Place.SEND, true, false)));
    assertTrue(Together.OUT.done(new Together.Seen(job, Report.of(job), Together.Place.SEND, true, true)));
  }

  @Test
  void aGroundThatStopsAtTheTrimIsNotDone() {
    Job job = StandardItem.blank("Invitation", Together.SIZE, 1);
    ItemShape atTrim = ItemShape.of(ItemProperties.of("i1", "Rectangle"), Placement.of(job.frame(job.faces().get(0)).trim()),
        new Outline.Rectangle(0),
        Optional.of(Colour.BLACK), Optional.empty());
    Job trimmed = Edits.add("f1", atTrim).change().apply(job);
    assertFalse(Together.EDGES.done(at(trimmed, Together.Place.COMPOSE)));
    assertFalse(Together.CHECK.done(at(trimmed, Together.Place.CHECK)) && Together.EDGES.done(at(trimmed, Together.Place.CHECK)));
  }

  /** What the checks said of the job before says nothing of this one. */
  @Test
  void checksThatAreNotThroughYetCountForNothing() {
    Job before = Edits.cover("f1", Set.of("i1")).change()
        .apply(Edits.add("f1", ground()).change().apply(StandardItem.blank("Invitation", Together.SIZE, 1)));
    Job now = Edits.place("f1", Set.of("i1"), "edit.move", p -> p.withX(1)).change().apply(before);
    assertTrue(Together.CHECK.done(at(before, Together.Place.CHECK)));
    assertFalse(Together.CHECK.done(new Together.Seen(now, Report.of(before), Together.Place.CHECK, false, false)));
    assertFalse(Together.EDGES.done(new Together.Seen(now, Report.of(before), Together.Place.COMPOSE, false, false)));
    assertFalse(Together.CHECK.done(new Together.Seen(before, Report.none(before), Together.Place.CHECK, false, false)),
        "nothing said yet is not nothing found");
  }

  @Test
  void thereAreTenAtMostAndEachSaysWhatToDo() {
    assertTrue(Together.values().length <= 10);
    for (Together step : Together.values()) {
      assertTrue(Wording.of(step).length() > 20, step.name());
      assertFalse(step.points().isBlank());
    }
  }

  /** A shape takes the form of the face; a turned shape and words are only made to reach over it. */
  @Test
  void coveringLaysAnObjectPastEveryEdge() {
    Job job = Edits.add("f1", ground()).change().apply(StandardItem.blank("Invitation", Together.SIZE, 1));
    Box bleed = job.frame(job.faces().get(0)).bleedBox();
    assertEquals(new Box(-0.125, -0.125, 5.25, 7.25), bleed, "an eighth past 5 x 7 in");
    Edit cover = Edits.cover("f1", Set.of("i1"));
    Placement at = cover.change().apply(job).faces().get(0).find("i1").orElseThrow().placement();
    assertEquals(bleed, at.box());
    assertEquals(0, at.turn());
    Job wide = Edits.add("f1", Made.words("i2", "wide", 1, 1, 2, 1, Made.style("Alegreya", "Regular", 12))).change().apply(job);
    Box over = Edits.cover("f1", Set.of("i2")).change().apply(wide).faces().get(0).find("i2").orElseThrow().placement().box();
    assertEquals(2, over.width() / over.height(), 1e-9, "it keeps its proportion");
    assertEquals(7.25, over.height(), 1e-9, "and reaches the farther edges");
    assertEquals(2.5, over.centre().x(), 1e-9);
  }
}
