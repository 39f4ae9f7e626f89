package org.zipthimble.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;

/** The size of a face, its bleed and its safe area come from one value. */
class FrameTest {
  private static final double EXACT = 1e-9;
  private static final Insets UNEVEN = new Insets(0.25, 0, 0.125, 0.5);

  private static Job card(Insets bleed, Item... items) {
    Job job = Made.card(items);
    return job.withTicket(job.ticket().withBleed(bleed));
  }

  private static Frame frame(Job job) {
    return job.frame(job.faces().get(0));
  }

  @Test
  void boxesFollowFromTheSizeAndTheSides() {
    Frame frame = new Frame(new Size(5, 7), UNEVEN, new Insets(0.1, 0.2, 0.3, 0.4), List.of(), List.of(), java.util.Optional.empty());
    assertEquals(new Box(0, 0, 5, 7), frame.trim());
    assertEquals(new Box(-0.25, 0, 5.375, 7.5), frame.bleedBox());
    assertEquals(0.1, frame.safeBox().x(), EXACT);
    assertEquals(0.2, frame.safeBox().y(), EXACT);
    assertEquals(4.6, frame.safeBox().width(), EXACT);
    assertEquals(6.4, frame.safeBox().height(), EXACT);
    assertTrue(frame.bleeds());
    assertFalse(new Frame(new Size(5, 7), Insets.NONE, Insets.NONE, List.of(), List.of(), java.util.Optional.empty()).bleeds());
  }

  @ParameterizedTest
  @EnumSource(Side.class)
  void howFarAPlaceLiesPastASide(Side side) {
    Frame frame = frame(card(Insets.NONE));
    double x = side == Side.LEFT ? -0.2 : side == Side.RIGHT ? 5.2 : 2;
    double y = side == Side.TOP ? -0.2 : side == Side.BOTTOM ? 7.2 : 3;
    assertEquals(0.2, frame.past(x, y, side), EXACT);
    assertTrue(frame.past(2.5, 3.5, side) < 0, "the middle lies inside every side");
    assertEquals(side.upright() ? 7 : 5, frame.length(side), EXACT);
  }

  @Test
  void allFacesOfAJobHaveTheTicketsFrame() {
    Job job = Job.blank("Two", Ticket.usual("Card", new Size(4, 6)), List.of("front", "back"));
    assertEquals(job.frame(job.faces().get(0)), job.frame(job.faces().get(1)));
    assertEquals(new Size(4, 6), frame(job).size());
    assertEquals(job.ticket().bleed(), frame(job).bleed());
  }

  @Test
  void aPageIsAsLargeAsItsUnevenBleedAndTellsWhereTheTrimIs() throws Exception {
    DrawnPage page = Imposition.of(card(UNEVEN, Made.background("g")), PageOptions.of(true, false, SheetPlan.ALONE)).get(0);
    assertEquals(5.375, page.size().width(), EXACT);
    assertEquals(7.5, page.size().height(), EXACT);
    assertEquals(0.25, page.trim().x(), EXACT);
    assertEquals(0, page.trim().y(), EXACT);
    assertEquals(5, page.trim().width(), EXACT);
  }

  /** On a page to be pressed the left bleed is at the right. */
  @Test
  void aMirroredPageHasItsSidesMirrored() throws Exception {
    DrawnPage page = Imposition.of(card(UNEVEN, Made.background("g")), PageOptions.of(true, true, SheetPlan.ALONE)).get(0);
    assertEquals(5.375, page.size().width(), EXACT);
    assertEquals(0.125, page.trim().x(), EXACT);
  }

  @Test
  void aCheckAsksEachSideForItsOwnBleed() {
    Item art = Made.rectangle("a", -0.25, 0, 5.375, 7.125);
    List<Finding> findings = Checks.run(card(UNEVEN, art));
    assertEquals(List.of("bleed-short"), findings.stream().map(Finding::code).toList());
    assertEquals(Side.BOTTOM, findings.get(0).side().orElseThrow());
    assertEquals(0.125, findings.get(0).figure(), EXACT);
    assertEquals(0.5, findings.get(0).limit(), EXACT);
    assertEquals(List.of(), Checks.run(card(UNEVEN, Made.rectangle("a", -0.25, 0, 5.375, 7.5))),
        "art that ends at a trim without bleed is right there");
  }

  @Test
  void aTicketRefusesSidesThatLeaveNothing() {
    Ticket ticket = Ticket.usual("Card", new Size(2, 2));
    assertThrows(IllegalArgumentException.class, () -> ticket.withBleed(Insets.all(Ticket.MOST_BLEED + 0.1)));
    assertThrows(IllegalArgumentException.class, () -> ticket.withSafe(Insets.all(Ticket.mostSafe(new Size(2, 2)) + 0.1)));
    assertEquals(0.5, ticket.withBleed(new Insets(0.5, 0, 0, 0)).bleed().most());
  }

  @Test
  void asASmallerSizeIsTakenTheSafeAreaStillFits() {
    Ticket ticket = Ticket.usual("Card", new Size(5, 7)).withSafe(Insets.all(1));
    Ticket small = ticket.sized(new Size(1, 1));
    assertTrue(small.safe().most() <= Ticket.mostSafe(new Size(1, 1)));
  }
}
