package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.picture.PictureResolution;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.PictureFit;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.picture.Tones;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** Mounts hold pictures in any outline; grids of them keep their gutter. */
class MountsTest {
  private static final Picture A = Made.picture(600, 400);
  private static final Picture B = Made.photograph(500, 500);

  private static Job done(Job job, Edit edit) {
    return edit.change().apply(job);
  }

  private static BufferedImage painted(Job job) throws Exception {
    return RasterPainter.paint(Imposition.of(job, job.faces().get(0), PageOptions.of(job)), 100, new Halvings(), Progress.SILENT);
  }

  private static Item mount(Job job) {
    return Mounts.among(job.faces().get(0).items()).get(0);
  }

  @Test
  void anEllipseAndAPictureBecomeAMountThatClipsIt() throws Exception {
    Job job = done(Made.with(A, Made.ellipse("i1", 1, 1, 3, 2), Made.photo("i2", A, 0, 4, 1, 0.7)), Mounts.make("f1", Set.of("i1", "i2")));
    assertEquals(1, job.faces().get(0).items().size(), "the loose picture went into the mount");
    BufferedImage image = painted(job);
    assertEquals(0xFFFFFF, image.getRGB(115, 115) & 0xFFFFFF, "outside the ellipse, inside its box");
    assertFalse((image.getRGB(262, 212) & 0xFFFFFF) == 0xFFFFFF, "the picture in the middle");
    SceneNode placed = Scene.of(job.faces().get(0)).leaves().get(0);
    assertEquals(200, PictureResolution.of(job, placed), 0.01, "600 pixels fill 3 in, 400 fill 2 in");
    assertEquals(job, ThimbleFile.read("job", new java.io.ByteArrayInputStream(ThimbleFile.bytes(job))), "saved and opened again");
  }

  @Test
  void lettersHoldAPicture() throws Exception {
    HoldsWords word = Made.words("i1", "SWAP", 0.5, 1, 4, 2, Made.style("Figtree", "Bold", 90));
    Job job = done(Made.with(A, word, Made.photo("i2", A, 0, 4, 1, 0.7)), Mounts.make("f1", Set.of("i1", "i2")));
    assertEquals("SWAP", ((HoldsWords) mount(job).members().get(0)).text(), "the word stays a word");
    assertTrue(mount(job).shown(job.pictures()).isPresent());
    int coloured = 0;
    BufferedImage image = painted(job);
    for (int y = 0; y < image.getHeight(); y += 3) {
      for (int x = 0; x < image.getWidth(); x += 3) {
        coloured += (image.getRGB(x, y) & 0xFFFFFF) == 0xFFFFFF ? 0 : 1;
      }
    }
    assertTrue(coloured > 800 && coloured < 8000, "letters, not the whole box: " + coloured);
  }

  /** Worked by hand: 600 x 400 in a box of 3 x 3 fills by its height, 3 in over 400 pixels; fitting shows 3 in over 600. */
  @Test
  void fillFitAndTrueScaleAreExact() {
    Job job = done(Made.with(A, Made.rectangle("i1", 1, 1, 3, 3), Made.photo("i2", A, 0, 5, 1, 0.7)),
        Mounts.make("f1", Set.of("i1", "i2")));
    Item mount = mount(job);
    assertEquals(400 / 3.0, mount.shown(job.pictures()).orElseThrow().ppi(Affine.IDENTITY), 1e-9);
    Job fit = done(job, Mounts.hold("f1", Set.of(mount.id()), h -> h.withZoom(Mounts.fitting(job, mount))));
    assertEquals(200, mount(fit).shown(fit.pictures()).orElseThrow().ppi(Affine.IDENTITY), 1e-9);
    Job real = done(job, Mounts.hold("f1", Set.of(mount.id()), h -> h.withZoom(Mounts.zoomAt(job, mount, 300))));
    assertEquals(300, mount(real).shown(real.pictures()).orElseThrow().ppi(Affine.IDENTITY), 1e-9);
    PictureFit turned = PictureFit.FILLING.withTurn(45);
    // Turned by 45 degrees a square of 3 in needs a picture 3 sqrt 2 in across in both directions.
    assertEquals(3 * Math.sqrt(2) / 400, turned.inchesPerPixel(600, 400, 3, 3), 1e-9);
    Box all = turned.toBox(600, 400, 3, 3).apply(new Box(0, 0, 1, 1));
    assertTrue(all.contains(new Box(0, 0, 3, 3), 1e-9));
  }

  @Test
  void aGridKeepsItsGutterWhateverItsSize() throws Exception {
    Job job = done(Made.card(), Mounts.grid("f1", new Box(0.5, 0.5, 4, 6), List.of(2.0, 1.0), List.of(1.0, 1.0, 1.0), 0.25));
    String id = job.faces().get(0).items().get(0).id();
    List<Item> cells = Mounts.among(job.faces().get(0).items());
    assertEquals(6, cells.size());
    assertEquals(2.5, cells.get(0).placement().width(), 1e-9, "two thirds of 4 less the gutter");
    assertEquals(1.25, cells.get(1).placement().width(), 1e-9);
    assertEquals(2.75, cells.get(1).placement().x(), 1e-9);
    Job wider = done(job, Edits.place("f1", Set.of(id), "edit.resize", p -> Reshape.anchored(p, 4.75, 3, -1, -1)));
    List<Item> now = Mounts.among(wider.faces().get(0).items());
    assertEquals(0.25, now.get(1).placement().x() - now.get(0).placement().x() - now.get(0).placement().width(), 1e-9, "the gutter stays");
    assertEquals(3.0, now.get(0).placement().width(), 1e-9);
    Job filled = done(wider, Mounts.fill("f1", now.stream().map(Item::id).toList(), List.of(A, B, A)));
    assertEquals(3, Mounts.among(filled.faces().get(0).items()).stream().filter(m -> !m.pictureIds().isEmpty()).count());
    Job fewer = done(filled, Mounts.regrid(filled, "f1", id, new LiveEffect.Gridded(List.of(1.0, 1.0, 1.0), List.of(1.0), 0.125)));
    assertEquals(List.of(A.id(), B.id(), A.id()), Mounts.among(fewer.faces().get(0).items()).stream().map(m -> m.pictureIds().get(0))
        .toList());
    Trouble told = assertThrows(Trouble.class,
        () -> Mounts.regrid(filled, "f1", id, new LiveEffect.Gridded(List.of(1.0), List.of(1.0), 0)));
    assertTrue(told.getMessage().contains("3 pictures"), told.getMessage());
    assertEquals(fewer, ThimbleFile.read("job", new java.io.ByteArrayInputStream(ThimbleFile.bytes(fewer))));
  }

  @Test
  void picturesChangePlacesAndAreTakenOut() {
    Job job = done(Made.with(A, Made.ellipse("i1", 1, 1, 3, 2), Made.photo("i2", A, 0, 4, 1, 0.7)), Mounts.make("f1", Set.of("i1", "i2")));
    Job two = done(job.with(B), Edits.add("f1", Made.photo("i9", B, 1, 5, 2, 1)));
    String mount = mount(two).id();
    Job swapped = done(two, PictureEdits.swap("f1", mount, "i9"));
    assertEquals(List.of(B.id()), mount(swapped).pictureIds());
    ItemPhoto photo = (ItemPhoto) swapped.faces().get(0).find("i9").orElseThrow();
    assertEquals(A.id(), photo.pictureId());
    // The frame of 2 x 1 shows three quarters of the height of a picture of 3 x 2.
    assertEquals(0.75, photo.retouching().crop().height(), 1e-9);
    assertTrue(org.zipthimble.core.arrange.Resizing.squash(swapped, photo).isEmpty(), "not squashed");
    Job out = done(swapped, Mounts.takeOut("f1", mount));
    assertTrue(mount(out).pictureIds().isEmpty());
    assertEquals(3, out.faces().get(0).items().size());
  }

  @Test
  void looksAgreeOverAFaceAndTheJob() {
    Job job = Made.with(A, Made.photo("i1", A, 0, 0, 1, 1), Made.photo("i2", A, 2, 0, 1, 1));
    Retouch like = Retouch.NONE.looking(PictureLook.SEED_PACKET, 0.7).withTones(Tones.NONE.withWarmth(0.2));
    Job agreed = done(job, PictureEdits.agree(Optional.empty(), like));
    agreed.faces().get(0).items().forEach(i -> {
      assertEquals(PictureLook.SEED_PACKET, i.retouch().orElseThrow().look());
      assertEquals(0.2, i.retouch().orElseThrow().tones().warmth());
    });
  }

  /** What is still seen of a cropped picture stays where it was; the brush finds the place it touched. */
  @Test
  void croppingMovesNothingAndTheBrushTouchesWhereItIs() {
    ItemPhoto photo = Made.photo("i1", A, 1, 1, 3, 2);
    Job job = Made.with(A, photo.with(photo.placement().withTurn(30)));
    Job cropped = done(job, PictureEdits.crop("f1", "i1", new Box(0.25, 0.1, 0.5, 0.6)));
    Item before = job.faces().get(0).items().get(0);
    Item after = cropped.faces().get(0).items().get(0);
    Point place = new Point(2.4, 1.9);
    Point whole = PictureEdits.toPicture(job, before, Affine.IDENTITY).orElseThrow().apply(place);
    Point still = PictureEdits.toPicture(cropped, after, Affine.IDENTITY).orElseThrow().apply(place);
    assertEquals(whole.x(), still.x(), 1e-6);
    assertEquals(whole.y(), still.y(), 1e-6);
    assertEquals(200, after.shown(cropped.pictures()).orElseThrow().ppi(after.placement().toGround()), 0.5, "as sharp as before");
    Job rubbed = done(cropped, PictureEdits.rub("f1", "i1", new BrushStroke(List.of(still), 0.02, 0, false)));
    assertEquals(1, rubbed.faces().get(0).items().get(0).retouch().orElseThrow().rubs().size());
  }

  /** Turned straight, mirrored or not: what is still seen of the picture stays at its place on the face, to a thousandth of an inch. */
  @ParameterizedTest
  @CsvSource({"5, false, false, 0", "-12, false, false, 0", "12, true, false, 0", "-30, false, true, 25", "45, true, true, -40",
      "0.5, false, false, 90"})
  void croppingAStraightenedPictureMovesNothing(double degrees, boolean flippedX, boolean flippedY, double turn) {
    ItemPhoto photo = Made.photo("i1", A, 1, 1, 3, 2)
        .withRetouching(Retouch.NONE.withStraighten(degrees).withFlippedX(flippedX).withFlippedY(flippedY));
    Job job = Made.with(A, photo.with(photo.placement().withTurn(turn)));
    Item before = job.faces().get(0).items().get(0);
    Job cropped = done(job, PictureEdits.crop("f1", "i1", new Box(0.3, 0.2, 0.45, 0.5)));
    Item after = cropped.faces().get(0).items().get(0);
    for (Point inFrame : List.of(new Point(0.2, 0.2), new Point(0.5, 0.5), new Point(0.9, 0.3))) {
      Placement p = after.placement();
      Point onFace = p.toGround().apply(new Point(inFrame.x() * p.width(), inFrame.y() * p.height()));
      Point was = PictureEdits.toPicture(job, before, Affine.IDENTITY).orElseThrow().apply(onFace);
      Point is = PictureEdits.toPicture(cropped, after, Affine.IDENTITY).orElseThrow().apply(onFace);
      assertEquals(was.x(), is.x(), 0.001 / 3, "the same part of the picture at " + onFace);
      assertEquals(was.y(), is.y(), 0.001 / 2);
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {7, -20, 33})
  void pullingTheFrameOfAStraightenedPictureMovesNothing(double degrees) {
    ItemPhoto photo = Made.photo("i1", A, 1, 1, 3, 2).withRetouching(Retouch.NONE.withStraighten(degrees));
    Job job = Made.with(A, photo);
    Job pulled = done(job, PictureEdits.frame(job, "f1", "i1", photo.placement().boxed(1.5, 1.4, 1.6, 1)));
    Item before = job.faces().get(0).items().get(0);
    Item after = pulled.faces().get(0).items().get(0);
    Point middle = after.placement().centre();
    Point was = PictureEdits.toPicture(job, before, Affine.IDENTITY).orElseThrow().apply(middle);
    Point is = PictureEdits.toPicture(pulled, after, Affine.IDENTITY).orElseThrow().apply(middle);
    assertEquals(was.x(), is.x(), 0.001 / 3);
    assertEquals(was.y(), is.y(), 0.001 / 2);
    assertEquals(2.3, middle.x(), 0.01, "and the frame is where it was pulled to");
    assertEquals(1.9, middle.y(), 0.01);
  }

  @Test
  void relinkingKeepsWhatWasDoneAndReplacingFitsTheFrame() {
    ItemPhoto photo = Made.photo("i1", A, 1, 1, 3, 2)
        .withRetouching(Retouch.NONE.looking(PictureLook.ALMANAC, 1).withCrop(new Box(0, 0, 0.5, 1)));
    Job job = Made.with(A, photo);
    ItemPhoto linked = (ItemPhoto) done(job, PictureEdits.relink(A.id(), B)).faces().get(0).items().get(0);
    assertEquals(B.id(), linked.pictureId());
    assertEquals(photo.retouching(), linked.retouching());
    Job replaced = done(job, PictureEdits.replace("f1", "i1", B));
    ItemPhoto other = (ItemPhoto) replaced.faces().get(0).items().get(0);
    assertEquals(PictureLook.ALMANAC, other.retouching().look());
    assertEquals(photo.placement(), other.placement());
    assertEquals(Set.of(B.id()), replaced.pictures().keySet(), "the old one is not carried along");
  }

  /** Pulled in at the right by half, a picture keeps its left half where it was; pulled out past its end the frame ends with it. */
  @Test
  void pullingAFrameCropsAndSlidingMovesBehindIt() {
    ItemPhoto photo = Made.photo("i1", A, 1, 1, 3, 2);
    Job job = Made.with(A, photo);
    Job half = done(job, PictureEdits.frame(job, "f1", "i1", photo.placement().boxed(1, 1, 1.5, 2)));
    ItemPhoto cropped = (ItemPhoto) half.faces().get(0).items().get(0);
    assertEquals(new Box(0, 0, 0.5, 1), cropped.retouching().crop());
    assertEquals(1.5, cropped.placement().width(), 1e-9);
    Job out = done(half, PictureEdits.frame(half, "f1", "i1", cropped.placement().boxed(1, 1, 9, 2)));
    assertEquals(3, out.faces().get(0).items().get(0).placement().width(), 1e-9, "no farther than the picture goes");
    Job slid = done(half, PictureEdits.slide("f1", "i1", -0.5, 0, 1));
    ItemPhoto moved = (ItemPhoto) slid.faces().get(0).items().get(0);
    assertEquals(0.25, moved.retouching().crop().x(), 1e-9);
    assertEquals(cropped.placement(), moved.placement(), "the frame stays");
    ItemPhoto near = (ItemPhoto) done(half, PictureEdits.slide("f1", "i1", 0, 0, 2)).faces().get(0).items().get(0);
    assertEquals(0.25, near.retouching().crop().width(), 1e-9);
    ItemPhoto far = (ItemPhoto) done(half, PictureEdits.slide("f1", "i1", 0, 0, 0.1)).faces().get(0).items().get(0);
    assertEquals(0.5, far.retouching().crop().width(), 1e-9, "its height is all there already");
  }

  /** Ungrouped, a mount gives back its outline and its picture; made permanent it stays, for it would lose the picture. */
  @Test
  void nothingIsLostWithAMount() {
    Job job = done(Made.with(A, Made.ellipse("i1", 1, 1, 3, 2), Made.photo("i2", A, 0, 4, 1, 0.7)), Mounts.make("f1", Set.of("i1", "i2")));
    String id = mount(job).id();
    Job apart = done(job, Grouping.ungroup("f1", Set.of(id)));
    assertEquals(2, apart.faces().get(0).items().size());
    assertEquals(List.of(A.id()), apart.faces().get(0).items().get(1).pictureIds());
    assertEquals(2.0 / 400, apart.faces().get(0).items().get(1).placement().height() / 400, 1e-9, "as large as it was seen");
    assertEquals(job, done(job, Shaping.permanent("f1", Set.of(id))));
    assertEquals(job, done(job, Mounts.takeOut("f1", "none")));
    Job photo = Made.with(A, Made.photo("i1", A, 0, 0, 1, 1));
    assertEquals(photo, done(photo, Mounts.takeOut("f1", "i1")), "a loose picture is in no mount");
  }

  @Test
  void picturesThatAreLeftGoOnToThePagesThatFollow() {
    Job job = done(Made.card(), Mounts.grid("f1", new Box(0.5, 0.5, 4, 6), List.of(1.0), List.of(1.0, 1.0), 0.25));
    job = done(done(job, Edits.addFace("second")), Edits.addFace("third"));
    String second = job.faces().get(1).id();
    String third = job.faces().get(2).id();
    job = done(done(job, Mounts.grid(second, new Box(0.5, 0.5, 4, 6), List.of(1.0), List.of(1.0), 0)),
        Mounts.grid(third, new Box(0.5, 0.5, 4, 6), List.of(1.0), List.of(1.0), 0));
    List<String> first = Mounts.among(job.faces().get(0).items()).stream().map(Item::id).toList();
    assertEquals(4, Mounts.room(job, "f1", first));
    assertEquals(2, Mounts.room(job, second, Mounts.among(job.faces().get(1).items()).stream().map(Item::id).toList()),
        "pages before it are left alone");
    Job filled = done(job, Mounts.fillOn(job, "f1", first, List.of(A, B, A)));
    assertEquals(List.of(2L, 1L, 0L), filled.faces().stream()
        .map(f -> Mounts.among(f.items()).stream().filter(m -> !m.pictureIds().isEmpty()).count()).toList());
    assertEquals(1, Mounts.room(filled, second, List.of()), "a mount that holds a picture takes no other");
    Job one = done(job, Mounts.fill("f1", first, List.of(A, B, A)));
    assertEquals(List.of(2L, 0L, 0L), one.faces().stream()
        .map(f -> Mounts.among(f.items()).stream().filter(m -> !m.pictureIds().isEmpty()).count()).toList(),
        "asked for one face it stays there");
  }
}
