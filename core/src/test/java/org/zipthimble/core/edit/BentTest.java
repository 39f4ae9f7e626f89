package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.form.Seen;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Warp;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.Hit;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.sheet.Imposition;

/** Objects that are bent together: live, seen as they ought to be, taken back. */
class BentTest {
  private static Item top(Job job) {
    List<Item> items = job.faces().get(0).items();
    return items.get(items.size() - 1);
  }

  private static Job bent(Job job, Bend bend, String... ids) {
    return Shaping.bend("f1", Set.of(ids), bend).change().apply(job);
  }

  private static Box reach(Job job) {
    return Measure.bounds(new Forms(job).outline(top(job))).orElseThrow();
  }

  @Test
  void whatIsBentStaysEditableAndComesBackAsItWas() {
    Job flat = Made.card(Made.rectangle("a", 1, 2, 2, 1), Made.rectangle("b", 3, 2, 1, 0.5));
    Job job = bent(flat, Bend.of(Bow.ARCH, 50), "a", "b");
    // rise half of half of 3 in, over the middle of the field at 2.5
    assertEquals(2 - 0.75, reach(job).y(), 1e-4);
    assertEquals(reach(job), top(job).placement().box(), "its box is that of what it makes");
    Job less = LiveGroups.change("f1", top(job).id(), "edit.figure",
        e -> new org.zipthimble.core.item.LiveEffect.Bent(Bend.of(Bow.ARCH, 20))).change().apply(job);
    assertEquals(2 - 0.3, reach(less).y(), 1e-4);
    Job back = Grouping.ungroup("f1", Set.of(top(less).id())).change().apply(less);
    for (int i = 0; i < 2; i++) {
      Box was = flat.faces().get(0).items().get(i).placement().box();
      Box is = back.faces().get(0).items().get(i).placement().box();
      assertEquals(0, was.centre().distance(is.centre()), 1e-9);
    }
  }

  @Test
  void typedWordsMakeTheBendFollow() {
    Job job = bent(Made.card(Made.words("w", "Seeds", 1, 1, 3, 1, Made.style("Alegreya", "Regular", 30))), Bend.of(Bow.ARC, 90), "w");
    String group = top(job).id();
    double before = reach(job).width();
    Job more = Grouping.inside("f1", group, Edits.say("f1", "w", "Seeds and beans")).change().apply(job);
    assertTrue(reach(more).width() > before + 0.5);
    assertEquals("Seeds and beans", more.faces().get(0).find("w").flatMap(Item::words).orElseThrow().text());
    assertEquals(0, reach(more).centre().distance(top(more).placement().box().centre()), 1e-6);
  }

  @Test
  void overlappingLettersAreCutAsOnePieceWhenBentToo() {
    Job flat = Made.card(Made.rectangle("a", 1, 2, 1, 1), Made.rectangle("b", 1.5, 2, 1, 1));
    Path one = new Forms(bent(flat, Bend.of(Bow.WAVE, 40), "a", "b")).outline(top(bent(flat, Bend.of(Bow.WAVE, 40), "a", "b")));
    assertEquals(1, org.zipthimble.core.geom.Contour.of(one).size());
  }

  private static BufferedImage drawn(Job job, int ppi) {
    return FacePainter.onPaper(Imposition.bench(job, job.faces().get(0)), ppi, new Halvings());
  }

  private static int at(BufferedImage image, int ppi, Point p) {
    return image.getRGB((int) (p.x() * ppi), (int) (p.y() * ppi));
  }

  @Test
  void coloursGradientsAndPicturesAreSeenWhereTheyAreBentTo() {
    Picture chequers = Made.picture(40, 20);
    ItemPhoto photo = Made.photo("p", chequers, 0.5, 0.5, 4, 2);
    ItemShape shade = Made.rectangle("s", 0.5, 3, 4, 1).withFillStyle(Optional.of(new FillStyle.Gradient(false, 0,
        List.of(new FillStyle.Stop(0, Colour.BLACK), new FillStyle.Stop(1, Colour.WHITE)))));
    Job flat = Made.with(chequers, photo, shade);
    Job job = bent(flat, Bend.of(Bow.ARC, 60), "p", "s");
    BufferedImage before = drawn(flat, 72);
    BufferedImage after = drawn(job, 72);
    Warp picture = Seen.of(job.faces().get(0), "p");
    int same = 0;
    int asked = 0;
    for (double x = 0.15; x < 3.9; x += 0.23) {
      for (double y = 0.15; y < 1.9; y += 0.23) {
        Point seen = picture.there(new Point(x, y));
        if (seen.x() > 0.1 && seen.x() < 4.9 && seen.y() > 0.1 && seen.y() < 6.9) {
          asked++;
          int a = at(before, 72, new Point(0.5 + x, 0.5 + y)) & 255;
          int b = at(after, 72, seen) & 255;
          same += Math.abs(a - b) < 60 ? 1 : 0;
        }
      }
    }
    assertTrue(asked > 60 && same > asked * 0.9, same + " of " + asked + " places of the picture");
    Warp run = Seen.of(job.faces().get(0), "s");
    for (double x = 0.4; x < 3.7; x += 0.3) {
      Point seen = run.there(new Point(x, 0.5));
      assertEquals(255 * x / 4, at(after, 72, seen) & 255, 8, "the gradient at " + x);
    }
  }

  @Test
  void aPressOnABentMemberFindsItWhereItIsSeen() {
    Job flat = Made.card(Made.rectangle("a", 1, 3, 0.5, 0.5), Made.rectangle("b", 4, 3, 0.5, 0.5));
    Job job = bent(flat, Bend.of(Bow.ARC, 150), "a", "b");
    String group = top(job).id();
    Point middle = Seen.of(job.faces().get(0), "a").there(new Point(0.25, 0.25));
    assertTrue(middle.distance(new Point(1.25, 3.25)) > 0.3, "it is seen elsewhere than it lies flat");
    assertEquals(List.of("a"), Hit.at(job, job.faces().get(0), Optional.of(group), middle, 0.01));
    assertEquals(List.of(group), Hit.at(job, job.faces().get(0), Optional.empty(), middle, 0.01));
  }

  @Test
  void madePermanentEveryMemberKeepsItsOwnColourAndWithAPictureItStaysLive() {
    ItemShape red = Made.rectangle("a", 1, 2, 1, 1).filled(Optional.of(Made.BEET));
    Job job = bent(Made.card(red, Made.words("w", "Seeds", 2, 2, 2, 1, Made.style("Alegreya", "Regular", 30))), Bend.of(Bow.BULGE, 50),
        "a", "w");
    Box before = reach(job);
    Job fixed = Shaping.permanent("f1", Set.of(top(job).id())).change().apply(job);
    assertFalse(top(fixed).live());
    assertEquals(Optional.of(Made.BEET), top(fixed).members().get(0).outlined().orElseThrow().fill());
    assertEquals(0, before.centre().distance(reach(fixed).centre()), 1e-3);
    Picture picture = Made.picture(8, 8);
    Job held = bent(Made.with(picture, Made.photo("p", picture, 1, 1, 1, 1)), Bend.of(Bow.WAVE, 10), "p");
    assertTrue(top(Shaping.permanent("f1", Set.of(top(held).id())).change().apply(held)).live());
  }

  @Test
  void aBentGroupMayBeResizedAndTurned() {
    Job job = bent(Made.card(Made.rectangle("a", 1, 2, 2, 1)), Bend.of(Bow.TAPER, 50), "a");
    Placement p = top(job).placement();
    Job wide = Edits.place("f1", Set.of(top(job).id()), "edit.resize", q -> Reshape.widened(q, 4, true)).change().apply(job);
    assertEquals(4, reach(wide).width(), 1e-6);
    assertEquals(p.height() * 2, reach(wide).height(), 1e-6);
  }
}
