package org.zipthimble.core.marks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import org.zipthimble.core.Made;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;

class MarksTest {
  private static List<String> marks(Job job) {
    RecordingOut out = new RecordingOut();
    MarkWalk.walk(job, job.faces().get(0), Affine.IDENTITY, out);
    return out.lines();
  }

  @Test
  void marksComeFromTheLowestToTheTopmost() {
    Picture picture = Made.picture(30, 20);
    Job job = Made.with(picture, Made.background("i1"), Made.photo("i2", picture, 1, 2, 3, 2),
        Made.words("i3", "one two", 1, 5, 3, 1.5, Made.style("Figtree", "Regular", 72)));
    List<String> marks = marks(job);
    assertEquals("fill #fbf5e6 -0.125 -0.125 5.25 7.25", marks.get(0));
    assertEquals("picture chequers.png 1 2 3 2", marks.get(1));
    assertTrue(marks.get(2).startsWith("words #7a2e22 1 5.95 one"), marks.get(2));
  }

  @Test
  void hiddenAndGuideOnlyObjectsLeaveNoMark() {
    Item a = Made.rectangle("i1", 0, 0, 1, 1);
    Item b = Made.rectangle("i2", 0, 0, 1, 1);
    Item c = Made.rectangle("i3", 0, 0, 1, 1);
    assertEquals(List.of(), marks(Made.card(
        a.with(a.properties().withVisible(false)), b.with(b.properties().withRole(Role.GUIDE)), c.with(c.properties().withOpacity(0)))));
  }

  @Test
  void aGroupsOpacityHoldsItsMembersTogether() {
    Job job = Grouping.group("f1", Set.of("i1", "i2")).change().apply(
        Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.ellipse("i2", 2, 2, 1, 1)));
    String id = job.faces().get(0).items().get(0).id();
    Job faint = Edits.properties("f1", Set.of(id), "edit.opacity", f -> f.withOpacity(0.5)).change().apply(job);
    assertEquals(List.of("opacity 0.5", "fill #fbf5e6 1 1 1 1", "fill #7a2e22 2 2 1 1", "end"), marks(faint));
  }

  @Test
  void scopesAreClosedInTheOrderTheyWereOpened() {
    MarkOut out = mock(MarkOut.class);
    MarkOut.Scope scope = mock(MarkOut.Scope.class);
    when(out.opacity(anyDouble())).thenReturn(scope);
    Item one = Made.rectangle("i1", 0, 0, 1, 1);
    Job job = Made.card(one.with(one.properties().withOpacity(0.25)), Made.ellipse("i2", 0, 0, 1, 1));
    MarkWalk.walk(job, job.faces().get(0), Affine.IDENTITY, out);
    InOrder order = inOrder(out, scope);
    order.verify(out).opacity(0.25);
    order.verify(out).fill(any(), eq(Made.CREAM));
    order.verify(scope).close();
    order.verify(out).fill(any(), eq(Made.BEET));
  }

  @Test
  void whatIsUnderThePointerIsGivenTopmostFirst() {
    Item locked = Made.rectangle("i3", 0, 0, 5, 7);
    Job job = Made.card(Made.rectangle("i1", 1, 1, 2, 2), Made.ellipse("i2", 1, 1, 2, 2),
        locked.with(locked.properties().withLocked(true)));
    assertEquals(List.of("i2", "i1"), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(2, 2), 0.05));
    assertEquals(List.of("i1"), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(1.1, 1.1), 0.02),
        "outside the ellipse, inside its box");
    assertEquals(List.of(), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(4, 4), 0.05));
  }

  @Test
  void aTurnedObjectIsHitWhereItIsSeen() {
    Item turned = Made.rectangle("i1", 1, 1, 4, 0.5).with(Placement.of(1, 1, 4, 0.5, 90));
    Job job = Made.card(turned);
    assertEquals(List.of("i1"), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(3, 3), 0.01));
    assertEquals(List.of(), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(1.2, 1.25), 0.01));
  }

  @Test
  void aMemberCountsAsItsGroup() {
    Job job = Grouping.group("f1", Set.of("i1", "i2")).change().apply(
        Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.rectangle("i2", 3, 3, 1, 1)));
    String group = job.faces().get(0).items().get(0).id();
    assertEquals(List.of(group), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(1.5, 1.5), 0.01));
    assertEquals(List.of(), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(2.5, 2.5), 0.01),
        "between its members there is nothing");
  }
}
