package org.zipthimble.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;

/** The size wall: what hangs there, how it is found, at which scale it hangs. */
class WallTest {
  private static List<String> found(String search) {
    return WallItem.standard().stream().filter(i -> i.answers(search, Unit.INCH)).map(WallItem::title).toList();
  }

  @Test
  void everyItemHangsOnceWithItsPurpose() {
    Set<String> keys = new HashSet<>();
    for (WallItem item : WallItem.standard()) {
      assertTrue(keys.add(item.key()), item.key());
      assertTrue(item.purpose().isPresent());
      assertFalse(item.title().isBlank());
      assertTrue(item.size().width() >= Ticket.LEAST_SIDE && item.size().height() <= Ticket.MOST_SIDE, item.title());
      assertTrue(item.faces() >= 1);
    }
    assertTrue(keys.size() >= 50, "items: " + keys.size());
  }

  @ParameterizedTest
  @EnumSource(Purpose.class)
  void everyPurposeHasItemsAndAName(Purpose purpose) {
    assertTrue(WallItem.standard().stream().anyMatch(i -> i.purpose().equals(Optional.of(purpose))));
    assertFalse(purpose.title().isBlank());
  }

  @Test
  void nothingTypedFindsAll() {
    assertEquals(WallItem.standard().size(), found("").size());
    assertEquals(WallItem.standard().size(), found("   ").size());
  }

  @Test
  void wordsAreFoundInAnyCaseAndAllOfThem() {
    assertTrue(found("bookmark").contains("Bookmark"));
    assertEquals(found("bookmark"), found("BOOKMARK"));
    assertTrue(found("jar label").size() < found("label").size());
    assertEquals(List.of(), found("bookmark aeroplane"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"5 x 7", "5x7", "7 x 5", "127 mm x 177.8 mm", "5 × 7"})
  void aSizeIsFoundEitherWayRoundAndInAnyUnit(String typed) {
    List<String> found = found(typed);
    assertTrue(found.contains("Invitation"), typed + ": " + found);
    assertFalse(found.contains("Bookmark"), typed + ": " + found);
  }

  @Test
  void aPersonsOwnItemIsFoundByItsNameAndSize() {
    WallItem own = WallItem.own("Seed drawer front", new Size(3.25, 1.5), 1);
    assertEquals(Optional.empty(), own.purpose());
    assertTrue(own.answers("drawer", Unit.INCH));
    assertTrue(own.answers("3 1/4 x 1 1/2", Unit.INCH));
    assertFalse(own.answers("poster", Unit.INCH));
  }

  @ParameterizedTest
  @CsvSource({"5, 7", "4, 6", "3.5, 2", "5.25, 7.25"})
  void envelopesHoldTheCardEitherWayRoundTheSnuggestFirst(double width, double height) {
    Size card = new Size(width, height);
    List<StandardItem> envelopes = WallItem.envelopes(card);
    double last = 0;
    for (StandardItem envelope : envelopes) {
      double longer = Math.max(envelope.size().width(), envelope.size().height());
      double shorter = Math.min(envelope.size().width(), envelope.size().height());
      assertTrue(longer > Math.max(width, height) && shorter > Math.min(width, height), envelope.title());
      double area = longer * shorter;
      assertTrue(area >= last);
      last = area;
    }
    assertEquals(Set.copyOf(envelopes), Set.copyOf(WallItem.envelopes(card.swapped())));
  }

  /** An A7 envelope is 5 1/4 by 7 1/4 in and holds a 5 by 7 in card (common practice, no source). */
  @Test
  void aFiveBySevenCardGoesIntoAnA7() {
    StandardItem first = WallItem.envelopes(new Size(5, 7)).get(0);
    assertEquals(5.25, Math.min(first.size().width(), first.size().height()), 1e-9);
    assertEquals(7.25, Math.max(first.size().width(), first.size().height()), 1e-9);
    assertEquals(List.of(), WallItem.envelopes(new Size(24, 36)));
  }

  @Test
  void theScaleLetsTheTallestAndTheWidestHangWhole() {
    List<Size> sizes = List.of(new Size(5, 7), new Size(24, 36), new Size(12, 6));
    double scale = WallScale.fitting(sizes, 520, 288);
    assertEquals(8, scale, 1e-9, "36 in stand in 288 pixels");
    assertTrue(sizes.stream().allMatch(s -> s.width() * scale <= 520 && s.height() * scale <= 288));
  }

  @ParameterizedTest
  @ValueSource(doubles = {40, 60, 168, 288})
  void aLowWallHangsThingsSmaller(double height) {
    double scale = WallScale.fitting(List.of(new Size(5, 7)), 520, height);
    assertTrue(7 * scale <= height + 1e-9 || scale == WallScale.LEAST);
    assertTrue(scale >= WallScale.LEAST && scale <= WallScale.MOST);
  }

  @Test
  void theScaleKeepsWithinItsRange() {
    assertEquals(WallScale.LEAST, WallScale.fitting(List.of(new Size(200, 200)), 520, 288));
    assertEquals(WallScale.MOST, WallScale.fitting(List.of(new Size(0.5, 0.5)), 520, 288));
  }
}
