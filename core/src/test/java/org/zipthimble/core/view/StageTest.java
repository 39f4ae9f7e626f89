package org.zipthimble.core.view;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Fold;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.PhotoPatch;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.thing.OnThings;
import org.zipthimble.core.thing.Process;

/** What is seen on a thing, against closed formulas of projection that know nothing of rays. */
class StageTest {
  private static Item rectangle(String id, Box box, Colour colour) {
    return ItemShape.of(ItemProperties.of(id, id), Placement.of(box), new Outline.Rectangle(0), Optional.of(colour), Optional.empty());
  }

  private static Stage stage(Cup cup) {
    Job job = OnThings.job(OnThings.cup(cup));
    return OnThing.of(job, job.faces().get(0));
  }

  /**
   * Where a place of a cup is seen: its place in space by angle and height, turned, tipped, and divided by its distance. From -1 to 1 both
   * ways.
   */
  private static double[] projected(Cup cup, double x, double y, Camera camera) {
    double angle = 2 * Math.PI * (x - cup.along() / 2) / cup.round();
    double part = y / cup.slant();
    double radius = cup.top() / 2 + (cup.base() - cup.top()) / 2 * part;
    double[] p = {radius * Math.sin(angle), (part - 0.5) * cup.height(), radius * Math.cos(angle)};
    double turn = Math.toRadians(camera.turn());
    double tilt = Math.toRadians(camera.tilt());
    // the thing is turned by the inverse of the eye's turn, and then tipped
    double[] q = {p[0] * Math.cos(turn) + p[2] * Math.sin(turn), p[1], -p[0] * Math.sin(turn) + p[2] * Math.cos(turn)};
    double[] r = {q[0], q[1] * Math.cos(tilt) + q[2] * Math.sin(tilt), -q[1] * Math.sin(tilt) + q[2] * Math.cos(tilt)};
    double ball = Math.hypot(cup.height() / 2, Math.max(cup.top(), cup.base()) / 2) * 1.02;
    double far = camera.far() * ball - r[2];
    double span = Math.tan(Math.asin(1 / camera.far()));
    return new double[] {r[0] / far / span, r[1] / far / span, r[2]};
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void fiftyPlacesOfACupAreSeenWhereTheFormulaPutsThem(boolean tapered) {
    Cup cup = tapered ? Cup.tapered(3.5, 2.5, 5.5) : Cup.straight(3, 6, 0);
    Stage stage = stage(cup);
    Random random = new Random(77);
    System.out.println("seed 77");
    int looked = 0;
    while (looked < 50) {
      Camera camera = new Camera(random.nextDouble() * 60 - 30, random.nextDouble() * 30 - 5, 5);
      double x = cup.along() / 2 + (random.nextDouble() - 0.5) * cup.round() * 0.3;
      double y = random.nextDouble() * cup.slant();
      double[] at = projected(cup, x, y, camera);
      Point seen = stage.seen(camera, at[0], at[1]).orElseThrow(() -> new AssertionError("nothing is seen there"));
      assertTrue(seen.distance(new Point(x, y)) < 1e-6, seen + " for " + x + ", " + y);
      looked++;
    }
  }

  @Test
  void whereTheEndsOverlapTheRightOneIsSeen() {
    Cup cup = Cup.straight(3, 6, 0);
    // from behind, a little to the left of the seam and a little to its right
    Camera behind = new Camera(180, 0, 5);
    Point one = stage(cup).seen(behind, 0.02, 0).orElseThrow();
    Point other = stage(cup).seen(behind, -0.02, 0).orElseThrow();
    assertTrue(one.x() >= cup.flap() && other.x() >= cup.flap() && one.x() <= cup.along() && other.x() <= cup.along(), one + " " + other);
    assertTrue(Math.max(one.x(), other.x()) > cup.round() - 0.5);
  }

  /** A printed white lets the blank's own colour through; vinyl does not. */
  @Test
  void noWhiteIsSeenWhereTheProcessPrintsNone() {
    Colour blank = Colour.of(0x3D5A80);
    for (Process process : new Process[] {Process.TRANSFER, Process.AS_SEEN}) {
      Cup cup = Cup.straight(3, 6, 0);
      Job job = OnThings.job(OnThings.cup(cup).withColour(blank).withSheen(0).withProcess(process),
          rectangle("i1", new Box(-0.125, -0.125, 12, 8), Colour.WHITE));
      BufferedImage image = OnThing.of(job, job.faces().get(0)).draw(new Camera(0, 0, 5), 200, 200, 1);
      int middle = image.getRGB(100, 100);
      boolean white = (middle & 255) > 200 && (middle >> 8 & 255) > 200 && (middle >> 16 & 255) > 200;
      assertEquals(process == Process.AS_SEEN, white, process + " " + Integer.toHexString(middle));
    }
  }

  @Test
  void everyThingOfTheCatalogueIsSeen() {
    for (var thing : org.zipthimble.core.store.ThingShelf.shipped()) {
      Job job = OnThings.job(thing, rectangle("i1", new Box(-0.1, -0.1, 30, 30), Colour.of(0x2B6F55)));
      BufferedImage image = OnThing.of(job, job.faces().get(0)).draw(OnThing.usual(job, job.faces().get(0)), 90, 90, 1);
      int solid = 0;
      int green = 0;
      for (int i = 0; i < 90 * 90; i++) {
        int p = image.getRGB(i % 90, i / 90);
        solid += p >>> 24 == 255 ? 1 : 0;
        green += p >>> 24 == 255 && (p >> 8 & 255) > (p >> 16 & 255) + 12 ? 1 : 0;
      }
      assertTrue(solid > 400, thing.key() + " " + solid);
      assertTrue(green > 25, thing.key() + " shows its art: " + green);
    }
  }

  /** A folded card, an album and a loose sheet are seen without any thing; a card stands with its front to the eye. */
  @Test
  void cardsAlbumsAndSheetsAreSeen() {
    Job flat = Made.card(Made.rectangle("i1", 0, 0, 5, 7));
    Job folded = flat.changed("f1", f -> f.withForm(f.form().withFold(Optional.of(Fold.of(Fold.Kind.HALF)))));
    Job bound = Job.blank("album", flat.ticket(), List.of("a", "b", "c", "d")).withBook(Optional.of(Book.USUAL));
    for (Job job : List.of(flat, folded, bound)) {
      BufferedImage image = OnThing.of(job, job.faces().get(0)).draw(OnThing.usual(job, job.faces().get(0)), 90, 90, 1);
      int solid = 0;
      for (int i = 0; i < 90 * 90; i++) {
        solid += image.getRGB(i % 90, i / 90) >>> 24 == 255 ? 1 : 0;
      }
      assertTrue(solid > 500, job.name() + " " + solid);
    }
    Point front = OnThing.of(folded, folded.faces().get(0)).seen(OnThing.usual(folded, folded.faces().get(0)), 0.2, 0).orElseThrow();
    assertTrue(front.x() > 2.5, "the right half is the front: " + front);
  }

  /** A cover lies in the middle, an open book with its back there; boards are seen around what is bound at its back alone. */
  @ParameterizedTest
  @EnumSource(Book.Binding.class)
  void aBookIsSeenClosedAtItsCoversAndOpenBetweenThem(Book.Binding binding) {
    Job blank = Job.blank("album", Made.card(Made.rectangle("i1", 0, 0, 5, 7)).ticket(), List.of("a", "b", "c", "d"));
    Job job = blank.withBook(Optional.of(Book.USUAL.withBinding(binding)));
    double[] wide = new double[4];
    for (int page = 0; page < 4; page++) {
      BufferedImage image = OnThing.of(job, job.faces().get(page)).draw(OnThing.usual(job, job.faces().get(page)).withTurn(0), 120, 120, 1);
      int left = 120;
      int right = 0;
      int brown = 0;
      for (int i = 0; i < 120 * 120; i++) {
        int p = image.getRGB(i % 120, i / 120);
        if (p >>> 24 == 255) {
          left = Math.min(left, i % 120);
          right = Math.max(right, i % 120);
          brown += (p & 255) < (p >> 16 & 255) - 20 ? 1 : 0;
        }
      }
      assertEquals(119, left + right, 2, "in the middle");
      assertEquals(binding == Book.Binding.BACK, brown > 0, "boards at page " + page + ": " + brown);
      wide[page] = right - left;
    }
    // a ball around one page of 5 x 7 in is smaller than one around two, so that a cover is drawn larger
    assertEquals(wide[0], wide[3], 1.5);
    assertEquals(wide[1], wide[2], 1.5);
    double onePage = 5 / Math.hypot(2.5, 3.5);
    double twoPages = 10 / Math.hypot(5, 3.5);
    assertEquals(onePage / twoPages, wide[0] / wide[1], 0.06);
  }

  @Test
  void holesAreSeenThrough() {
    Job job = OnThings.job("metal-panel-12-6", rectangle("i1", new Box(-0.1, -0.1, 13, 7), Colour.of(0x2B6F55)));
    Stage stage = OnThing.of(job, job.faces().get(0));
    Camera straight = new Camera(0, 0, 1000);
    double ball = Math.hypot(6, 3) * 1.02;
    assertTrue(stage.seen(straight, (0.5 - 6) / ball, (0.5 - 3) / ball).isEmpty(), "the hole");
    assertTrue(stage.seen(straight, (1.2 - 6) / ball, (0.5 - 3) / ball).isPresent(), "beside it");
  }

  /**
   * The projective map by hand: the corners go to the corners, and straight lines stay straight; with a sag the middle of the upper edge
   * lies lower by it.
   */
  @Test
  void artIsLaidIntoAPhotographThroughItsCorners() {
    PhotoPatch patch = new PhotoPatch("p", new Point(0.2, 0.25), new Point(0.8, 0.2), new Point(0.75, 0.7), new Point(0.3, 0.8), 0, 0);
    OnPhoto lie = new OnPhoto(patch, 1000, 800);
    assertTrue(lie.there(new Point(0, 0)).distance(new Point(200, 200)) < 1e-9);
    assertTrue(lie.there(new Point(1, 0)).distance(new Point(800, 160)) < 1e-9);
    assertTrue(lie.there(new Point(1, 1)).distance(new Point(750, 560)) < 1e-9);
    assertTrue(lie.there(new Point(0, 1)).distance(new Point(300, 640)) < 1e-9);
    Point a = lie.there(new Point(0.2, 0.3));
    Point b = lie.there(new Point(0.5, 0.5));
    Point c = lie.there(new Point(0.8, 0.7));
    assertEquals(0, (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x()), 1e-6, "on one line");
    assertTrue(lie.back(a).orElseThrow().distance(new Point(0.2, 0.3)) < 1e-9);
    PhotoPatch even = new PhotoPatch("p", new Point(0.2, 0.2), new Point(0.8, 0.2), new Point(0.8, 0.8), new Point(0.2, 0.8), 0.1, 120);
    OnPhoto bowed = new OnPhoto(even, 1000, 1000);
    assertTrue(bowed.there(new Point(0.5, 0)).distance(new Point(500, 260)) < 1e-9);
    // round a half angle of 60 degrees a quarter of the way round lies at sin 30 / sin 60 of the half width
    assertEquals(500 - 300 * Math.sin(Math.toRadians(30)) / Math.sin(Math.toRadians(60)), bowed.there(new Point(0.25, 0)).x(), 1e-9);
    assertTrue(bowed.back(bowed.there(new Point(0.3, 0.6))).orElseThrow().distance(new Point(0.3, 0.6)) < 1e-9);
  }

  @Test
  void artIsMultipliedIntoTheLight() {
    BufferedImage photo = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 10_000; i++) {
      photo.setRGB(i % 100, i / 100, 0x808080);
    }
    BufferedImage art = new BufferedImage(10, 10, BufferedImage.TYPE_INT_ARGB);
    for (int i = 0; i < 100; i++) {
      art.setRGB(i % 10, i / 10, 0xFF80FF00);
    }
    BufferedImage out = OnPhoto.draw(photo, art, PhotoPatch.of("p"));
    assertEquals(0x40, out.getRGB(50, 50) >> 16 & 255, "half the red");
    assertEquals(0x80, out.getRGB(50, 50) >> 8 & 255);
    assertEquals(0, out.getRGB(50, 50) & 255);
    assertEquals(0x808080, out.getRGB(5, 5) & 0xFFFFFF, "beside it nothing changes");
  }
}
