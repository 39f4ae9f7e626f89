package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.code.CodeKind;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;

/** Rows that fill the fields of a job in turn. */
class ListEditsTest {
  private static final WordStyle STYLE = Made.style("Alegreya", "Regular", 14);
  private static final RowList SEEDS = RowList.of("seeds.csv", List.of("name", "note", "how many"), List.of(
      List.of("Runner bean", "sow in May", "3"), List.of("Pea", "", ""), List.of("Pumpkin", "wide", "10"), List.of("Kale", "hardy", "0")));

  private static Story lines(String... columns) {
    List<Paragraph> out = new java.util.ArrayList<>();
    for (String column : columns) {
      out.addAll(ListEdits.field(SEEDS, column, STYLE.letters(), STYLE.paragraph()).paragraphs());
    }
    return new Story(out);
  }

  private static Job labels() {
    HoldsWords words = Made.words("w", "", 0.5, 0.5, 4, 2, STYLE).withStory(lines("name", "note", "name"));
    ItemShape code = ItemShape.of(ItemProperties.of("c", "Code"), Placement.of(1, 3, 1, 1, 0),
        new Outline.Coded(CodeKind.QR, "x", Optional.of("name")), Optional.of(Made.BEET), Optional.empty());
    return ListEdits.take(SEEDS).change().apply(Made.card(words, code));
  }

  private static String said(Job job) {
    return job.faces().get(0).find("w").flatMap(Item::words).orElseThrow().text();
  }

  @Test
  void fieldsAndCodesSayWhatTheRowSays() {
    Job job = labels();
    assertEquals("Runner bean\nsow in May\nRunner bean", said(job));
    Job third = ListEdits.show(2).change().apply(job);
    assertEquals("Pumpkin\nwide\nPumpkin", said(third));
    assertEquals("Pumpkin", third.faces().get(0).find("c").flatMap(Item::outlined).flatMap(s -> s.outline().asCoded()).orElseThrow()
        .content());
    assertEquals("Kale\nhardy\nKale", said(Filling.bound(job, 3)), "a job and a row give a job");
    assertEquals(said(job), said(Filling.bound(Filling.bound(job, 3), 0)));
    assertEquals(3, ListEdits.show(99).change().apply(job).list().orElseThrow().at());
  }

  @Test
  void aLineLeftEmptyClosesUpAndComesBack() {
    Job job = labels();
    double step = lines(job, 1) - lines(job, 0);
    Job pea = ListEdits.show(1).change().apply(job);
    assertEquals("Pea\n\nPea", said(pea));
    assertEquals(2, pea.faces().get(0).find("w").flatMap(Item::words).orElseThrow().set(new JobFonts(pea)).lines().size());
    assertEquals(lines(job, 0) + step, lines(pea, 1), 1e-9, "what stood on the third line stands on the second");
    assertEquals(said(job), said(ListEdits.show(0).change().apply(pea)));
    Job none = ListEdits.cell(1, "name", "").change().apply(pea);
    assertEquals("\n\n", said(none));
    assertEquals("Runner bean\nsow in May\nRunner bean", said(ListEdits.show(0).change().apply(none)),
        "fields are kept though they say nothing");
  }

  private static double lines(Job job, int line) {
    return job.faces().get(0).find("w").flatMap(Item::words).orElseThrow().set(new JobFonts(job)).lines().get(line).baseline().y();
  }

  @Test
  void howManyIsAColumnAndRowsAreLeftOut() {
    Job job = ListEdits.count(Optional.of("how many")).change().apply(labels());
    RowList list = job.list().orElseThrow();
    assertEquals(List.of(3, 0, 10, 0), List.of(list.wanted(0), list.wanted(1), list.wanted(2), list.wanted(3)));
    assertEquals(13, list.sent().size());
    Job left = ListEdits.leave(Set.of(2), true).change().apply(job);
    assertEquals(List.of(0, 0, 0), left.list().orElseThrow().sent());
    assertEquals(13, ListEdits.leave(Set.of(2), false).change().apply(left).list().orElseThrow().sent().size());
    assertEquals(List.of(0, 1, 2, 3), ListEdits.count(Optional.empty()).change().apply(job).list().orElseThrow().sent());
  }

  @Test
  void rowsAreSortedAsNumbersOrWordsAndNumbered() {
    Job job = ListEdits.leave(Set.of(1), true).change().apply(ListEdits.show(2).change().apply(labels()));
    RowList down = ListEdits.sort("how many", true).change().apply(job).list().orElseThrow();
    assertEquals(List.of("Pumpkin", "Runner bean", "Kale", "Pea"), down.rows().stream().map(r -> r.get(0)).toList(), "10 is more than 3");
    assertEquals(0, down.at(), "the row that is shown is shown still");
    assertEquals(Set.of(3), down.leftOut(), "and what is left out stays so");
    RowList words = ListEdits.sort("name", false).change().apply(job).list().orElseThrow();
    assertEquals(List.of("Kale", "Pea", "Pumpkin", "Runner bean"), words.rows().stream().map(r -> r.get(0)).toList());
    RowList numbered = ListEdits.number("no.", 8, 3).change().apply(job).list().orElseThrow();
    assertEquals(List.of("008", "009", "010", "011"), numbered.rows().stream().map(r -> r.get(3)).toList());
  }

  /** By pairs "2" comes before "10", "10" before "1a", and "1a" before "2" in a dictionary: no order at all. */
  @Test
  void figuresAndWordsInOneColumnHaveOneOrder() {
    List<List<String>> rows = new java.util.ArrayList<>();
    List<String> cells = List.of("2", "10", "1a", "", "-3", "b", "9", "1b", "11", "");
    for (int i = 0; i < 200; i++) {
      rows.add(List.of(cells.get(i * 7 % cells.size())));
    }
    Job job = labels().withList(Optional.of(RowList.of("mixed.csv", List.of("name"), rows)));
    List<String> sorted = ListEdits.sort("name", false).change().apply(job).list().orElseThrow().rows().stream().map(r -> r.get(0))
        .distinct().toList();
    assertEquals(List.of("", "-3", "2", "9", "10", "11", "1a", "1b", "b"), sorted);
  }

  @Test
  void theListIsSavedWithTheJobAndFactsGoOn() throws Exception {
    Job job = FactEdits.set(new Fact("place", Fact.Kind.PLACE, "Barn")).change().apply(labels());
    assertEquals(job, ThimbleFile.read("kept", new ByteArrayInputStream(ThimbleFile.bytes(job))));
    Job without = ListEdits.drop().change().apply(job);
    assertFalse(without.list().isPresent());
    assertEquals(said(job), said(without), "what was shown stays");
    Job fact = FactEdits.set(new Fact("name", Fact.Kind.OTHER, "Lettuce")).change().apply(job);
    assertTrue(said(fact).startsWith("Runner bean"), "a column goes before a fact of its name");
    assertTrue(said(ListEdits.drop().change().apply(fact)).startsWith("Runner bean"));
  }

  @Test
  void aListThatIsNoneIsRefused() {
    assertThrows(IllegalArgumentException.class, () -> RowList.of("x", List.of("a", "a"), List.of(List.of("1", "2"))));
    assertThrows(IllegalArgumentException.class, () -> RowList.of("x", List.of("a"), List.of()));
    assertThrows(IllegalArgumentException.class, () -> RowList.of("x", List.of("a"), List.of(List.of("two\nlines"))));
    assertThrows(IllegalArgumentException.class, () -> SEEDS.withAt(4));
    assertEquals("Runner bean, sow in May", SEEDS.name(0));
  }
}
