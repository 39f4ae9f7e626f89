package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;

/** Faces duplicated, ordered and named; objects carried between them. */
class FaceEditsTest {
  /**
   * A card begins with a front; what is added is its back, then pages. What is cut by a blade has no edge that is trimmed, so it asks for
   * no bleed.
   */
  @Test
  void facesAreCalledAsTheTradeCallsThem() {
    Job card = StandardItem.blank("Invitation", StandardItem.INVITATION.size(), 1);
    assertEquals(List.of("front"), names(card));
    Job three = FaceEdits.another(FaceEdits.another(card).change().apply(card)).change()
        .apply(FaceEdits.another(card).change().apply(card));
    assertEquals(List.of("front", "back", "page 3"), names(three));
    Job tag = FaceEdits.rename("f1", "label").change().apply(card);
    assertEquals(List.of("label", "page 2"), names(FaceEdits.another(tag).change().apply(tag)));
    assertEquals(Insets.all(0.125), card.ticket().bleed());
    assertEquals(Insets.NONE, StandardItem.blank("decal ", new Size(4, 3), 1).ticket().bleed());
    assertEquals(Insets.all(0.125), StandardItem.blank(StandardItem.STICKER_SHEET.title(), StandardItem.STICKER_SHEET.size(), 1).ticket()
        .bleed(), "stickers are printed and cut");
  }

  private static List<String> names(Job job) {
    return job.faces().stream().map(Face::name).toList();
  }

  private static Job faces(int count) {
    Job job = Made.card(Made.rectangle("a", 1, 1, 1, 1), Made.rectangle("b", 2, 2, 1, 1));
    for (int i = 1; i < count; i++) {
      job = Edits.addFace("page " + i).change().apply(job);
    }
    return job;
  }

  private static List<String> order(Job job) {
    return job.faces().stream().map(Face::id).toList();
  }

  @Test
  void aCopyStandsBehindItsFirstAndItsWordsFlowOnInIt() {
    HoldsWords first = Made.words("w1", "Bring a handful of seed and take a handful home, and stay for soup", 0.5, 0.5, 1, 0.5,
        Made.style("Alegreya", "Regular", 14));
    Job plain = Made.card(first, Made.words("w2", "", 0.5, 2, 2, 2, Made.style("Alegreya", "Regular", 14)));
    Job linked = Flow.link("f1", Set.of("w1", "w2")).change().apply(plain);
    Job job = FaceEdits.duplicate("f1").change().apply(linked);
    assertEquals(List.of("f1", "f2"), order(job));
    List<Item> copies = job.faces().get(1).items();
    HoldsWords begin = copies.get(0).words().orElseThrow();
    HoldsWords after = copies.get(1).words().orElseThrow();
    assertEquals(begin.id(), after.follows().orElseThrow().block(), "the copy's second block goes on from the copy's first");
    assertNotEquals("w1", begin.id());
    assertEquals(linked.faces().get(0).items().get(1).words().orElseThrow().text(), after.text());
    Set<String> all = job.faces().stream().flatMap(f -> f.all().stream()).map(Item::id).collect(Collectors.toSet());
    assertEquals(4, all.size());
  }

  @Test
  void facesArePutInOrderAndNamed() {
    Job job = faces(4);
    assertEquals(List.of("f1", "f3", "f4", "f2"), order(FaceEdits.place("f2", 9).change().apply(job)));
    assertEquals(List.of("f4", "f1", "f2", "f3"), order(FaceEdits.place("f4", -3).change().apply(job)));
    assertEquals(List.of("f1", "f3", "f2", "f4"), order(FaceEdits.place("f3", 1).change().apply(job)));
    Job named = FaceEdits.rename("f2", "  inside left ").change().apply(job);
    assertEquals("inside left", named.faces().get(1).name());
    assertEquals(named, FaceEdits.rename("f2", " ").change().apply(named));
    assertEquals(FaceEdits.LONGEST_NAME, FaceEdits.rename("f2", "x".repeat(200)).change().apply(job).faces().get(1).name().length());
  }

  @Test
  void objectsAreMovedOrCopiedWithTheirPictures() {
    Picture picture = Made.picture(8, 8);
    Job job = Edits.addFace("back").change()
        .apply(Made.with(picture, Made.photo("p", picture, 1, 1, 1, 1), Made.rectangle("a", 2, 2, 1, 1)));
    Job moved = FaceEdits.carry("f1", Set.of("p"), "f2", false).change().apply(job);
    assertEquals(List.of("a"), moved.faces().get(0).items().stream().map(Item::id).toList());
    assertEquals(job.faces().get(0).find("p"), moved.faces().get(1).find("p"), "it is the same object at the same place");
    Job copied = FaceEdits.carry("f1", Set.of("p", "a"), "f2", true).change().apply(job);
    assertEquals(2, copied.faces().get(0).items().size());
    assertEquals(2, copied.faces().get(1).items().size());
    assertTrue(copied.faces().get(1).items().stream().noneMatch(i -> i.id().equals("p")));
    assertEquals(job, FaceEdits.carry("f1", Set.of("a"), "f1", false).change().apply(job));
  }
}
