package org.zipthimble.core.marks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.LetterRing;
import org.zipthimble.core.type.WordStyle;

/** Where a face has changed: outside of it, every pixel is as it was. */
class ChangedTest {
  private static final String TEXT =
      "Bring a handful of seed that you have saved, take a handful home, and stay for soup; nobody leaves the barn with an empty basket.";

  private static Job job() {
    WordStyle ringed = Made.style("Figtree", "Bold", 14);
    ringed = ringed.withLetters(ringed.letters().withDetail(
        LetterDetail.NONE.withRings(List.of(new LetterRing(3, Made.BEET, LineSide.OUTSIDE)))));
    HoldsWords story = Made.words("w", TEXT, 0.5, 0.5, 3.5, 2.5, ringed)
        .with(Made.words("x", "", 0, 0, 1, 1, ringed).placement().boxed(0.5, 0.5, 3.5, 2.5).withTurn(12));
    Job plain = Made.card(Made.background("b"), Made.rectangle("r", 1, 4, 2, 1), story, Made.ellipse("e", 2, 3.5, 1, 1),
        Made.words("v", "Seeds", 1, 5.5, 3, 0.8, Made.style("Alegreya", "Regular", 24)));
    return Shaping.bend("f1", Set.of("v"), Bend.of(Bow.ARC, 60)).change().apply(plain);
  }

  private static BufferedImage drawn(Job job) {
    return FacePainter.onPaper(Imposition.bench(job, job.faces().get(0)), 72, new Halvings());
  }

  private static Edit any(Job job, Random random) {
    int at = random.nextInt(TEXT.length() / 2);
    return switch (random.nextInt(6)) {
      case 0 -> StoryEdits.type("f1", "w", at, at + random.nextInt(3), "x",
          job.faces().get(0).find("w").flatMap(Item::words).orElseThrow().style().letters());
      case 1 -> Edits.place("f1", Set.of("r"), "edit.move", p -> p.moved(random.nextDouble() - 0.5, random.nextDouble() - 0.5)
          .withTurn(random.nextInt(90)));
      case 2 -> Edits.shape("f1", Set.of("e"), "edit.fill", s -> s.filled(Optional.of(Colour.of(random.nextInt(0xFFFFFF)))));
      case 3 -> Edits.say("f1", "v", "Seeds".substring(0, 1 + random.nextInt(4)));
      case 4 -> Edits.style("f1", Set.of("w"), "edit.type", s -> s.withSizePt(10 + random.nextInt(8)));
      default -> StoryEdits.type("f1", "w", at, at + 1, " ", job.faces().get(0).find("w").flatMap(Item::words).orElseThrow().style()
          .letters());
    };
  }

  @Test
  void outsideOfItEveryPixelIsAsItWas() {
    Random random = new Random(11);
    Job job = job();
    BufferedImage before = drawn(job);
    int small = 0;
    for (int step = 0; step < 60; step++) {
      Job next = any(job, random).change().apply(job);
      BufferedImage after = drawn(next);
      Box box = Changed.box(job, next, "f1").orElseThrow();
      small += box.width() * box.height() < 12 ? 1 : 0;
      for (int y = 0; y < after.getHeight(); y++) {
        for (int x = 0; x < after.getWidth(); x++) {
          boolean inside = x >= box.x() * 72 - 2 && x <= box.right() * 72 + 2 && y >= box.y() * 72 - 2 && y <= box.bottom() * 72 + 2;
          if (!inside) {
            assertEquals(before.getRGB(x, y), after.getRGB(x, y), "step " + step + " of seed 11 at " + x + ", " + y + " outside " + box);
          }
        }
      }
      job = next;
      before = after;
    }
    assertTrue(small > 30, small + " of 60 steps ask for less than a third of the face");
  }

  @Test
  void whatCannotBeToldIsAllOfIt() {
    Job job = job();
    assertEquals(Optional.empty(), Changed.box(job, Edits.add("f1", Made.rectangle("n", 1, 1, 1, 1)).change().apply(job), "f1"));
    Job cut = job.changed("f1", f -> f.changed("r", i -> i.with(i.properties().withRole(Role.CUTS))));
    assertEquals(Optional.empty(), Changed.box(job, cut, "f1"));
    Job clears = job.changed("f1", f -> f.changed("r", i -> i.with(i.properties().withClearGap(0.1))));
    assertEquals(Optional.empty(), Changed.box(clears, job, "f1"));
    Box same = Changed.box(job, job, "f1").orElseThrow();
    assertEquals(0, same.width() * same.height());
  }
}
