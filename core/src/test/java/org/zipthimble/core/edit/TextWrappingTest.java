package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.TextWrap;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.overlay.Polygons;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.WordStyle;

/** Words keep clear of what stands in their way, by its box, its outline or the whole width, with a typed gap, measured on the letters. */
class TextWrappingTest {
  private static final WordStyle STYLE = Made.style("Alegreya", "Regular", 11);
  private static final String TEXT =
      ("Bring seed that you have saved dry and in a paper packet with its name and the year and lay it on the long table. "
      + "Take as many packets as you brought and come with empty hands if you are new. ").repeat(2).strip();

  private static History beside(TextWrap aside, Item obstacle) {
    return History.of(Made.card(Made.words("i1", TEXT, 0.5, 0.5, 4, 5, STYLE), obstacle))
        .after(Edits.properties("f1", Set.of(obstacle.id()), "edit.aside", p -> p.withAside(Optional.of(aside))));
  }

  private static HoldsWords words(History history) {
    return history.now().faces().get(0).find("i1").orElseThrow().words().orElseThrow();
  }

  private static SetWords set(History history) {
    return words(history).set(new JobFonts(history.now()));
  }

  private static String said(SetWords set) {
    return set.lines().stream().map(l -> l.text().strip()).collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @EnumSource(TextWrap.Way.class)
  void lettersKeepTheGap(TextWrap.Way way) {
    Item circle = Made.ellipse("i2", 3, 1, 1.5, 1.5);
    History history = beside(new TextWrap(way, 0.125), circle);
    SetWords set = set(history);
    assertEquals(TEXT, said(set), "nothing is lost");
    Item shape = history.now().faces().get(0).find("i2").orElseThrow();
    var letters = set.outline().mapped(words(history).placement().toGround());
    var outline = way == TextWrap.Way.OUTLINE ? shape.outlined().orElseThrow().outline().within(1.5, 1.5, shape.placement().toGround())
        : org.zipthimble.core.geom.Shapes.rectangle(new Box(3, 1, 1.5, 1.5));
    double gap = Polygons.distance(letters, outline);
    assertTrue(gap >= 0.125 - 0.01, way + " keeps " + gap);
    assertTrue(gap < 0.4, "and no more than a line's worth: " + gap);
  }

  @Test
  void theOutlineLeavesMoreRoomThanItsBox() {
    Item circle = Made.ellipse("i2", 3, 1, 1.5, 1.5);
    long byBox = set(beside(new TextWrap(TextWrap.Way.BOX, 0.1), circle)).lines().size();
    long byOutline = set(beside(new TextWrap(TextWrap.Way.OUTLINE, 0.1), circle)).lines().size();
    long across = set(beside(new TextWrap(TextWrap.Way.ABOVE_AND_BELOW, 0.1), circle)).lines().size();
    long plain = set(History.of(Made.card(Made.words("i1", TEXT, 0.5, 0.5, 4, 5, STYLE)))).lines().size();
    assertTrue(byOutline <= byBox && plain <= byOutline, plain + " " + byOutline + " " + byBox);
    assertEquals(plain, across, "lines of the whole width, above and below");
    List<Double> baselines = set(beside(new TextWrap(TextWrap.Way.ABOVE_AND_BELOW, 0.1), circle)).lines().stream()
        .map(l -> l.baseline().y()).toList();
    assertTrue(baselines.stream().noneMatch(y -> y > 0.5 - 0.1 && y < 2.0 + 0.1), "none beside it: " + baselines);
  }

  @Test
  void wordsFollowWhenTheObjectMovesOrGoes() {
    History history = beside(new TextWrap(TextWrap.Way.BOX, 0.1), Made.ellipse("i2", 3, 1, 1.5, 1.5));
    SetWords before = set(history);
    History moved = history.after(Edits.place("f1", Set.of("i2"), "edit.move", p -> p.moved(-2.3, -0.5)));
    assertFalse(before.lines().equals(set(moved).lines()));
    assertTrue(set(moved).lines().stream().anyMatch(l -> l.baseline().x() > 1), "words stand at its right now");
    History gone = moved.after(Edits.remove("f1", Set.of("i2")));
    assertEquals(Optional.empty(), words(gone).spared());
    History apart = history.after(Edits.place("f1", Set.of("i2"), "edit.move", p -> p.moved(0, 20)));
    assertEquals(Optional.empty(), words(apart).spared(), "what does not reach in takes no room");
  }

  @Test
  void whatDoesNotFitFlowsOnAndAllIsSaved() throws Exception {
    History history = History.of(Made.card(Made.words("i1", TEXT, 0.5, 0.5, 4, 0.9, STYLE), Made.words("i3", "", 0.5, 3, 4, 3, STYLE),
        Made.ellipse("i2", 2, 0.4, 1, 1)))
        .after(Edits.properties("f1", Set.of("i2"), "edit.aside", p -> p.withAside(Optional.of(new TextWrap(TextWrap.Way.OUTLINE, 0.1)))))
        .after(Flow.link("f1", Set.of("i1", "i3")));
    HoldsWords second = history.now().faces().get(0).find("i3").orElseThrow().words().orElseThrow();
    assertEquals(TEXT, words(history).text() + second.text());
    assertTrue(second.text().length() > 20);
    assertEquals(history.now(), ThimbleFile.read("job", new ByteArrayInputStream(ThimbleFile.bytes(history.now()))));
  }

  @Test
  void wordsOnATurnedBlockMakeRoomToo() {
    History history = History.of(
        Made.card(Made.words("i1", TEXT, 0.5, 1, 4, 4, STYLE).with(org.zipthimble.core.item.Placement.of(0.5, 1, 4, 4, 20)),
        Made.ellipse("i2", 2, 2, 1, 1)))
        .after(Edits.properties("f1", Set.of("i2"), "edit.aside", p -> p.withAside(Optional.of(new TextWrap(TextWrap.Way.OUTLINE, 0.1)))));
    var letters = set(history).outline().mapped(words(history).placement().toGround());
    Item circle = history.now().faces().get(0).find("i2").orElseThrow();
    assertTrue(Polygons.distance(letters, circle.outlined().orElseThrow().outline().within(1, 1, circle.placement().toGround())) > 0.09);
  }
}
