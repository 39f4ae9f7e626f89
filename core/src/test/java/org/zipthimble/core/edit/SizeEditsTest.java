package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SizeSet;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.work.Progress;

/** One design in several sizes: ties to edges, middles, grounds, letters; a file for each size. */
class SizeEditsTest {
  private static HoldsWords words(String id, double x, double y, double w, double h, double pt) {
    return ItemWords.of(ItemProperties.of(id, "Words " + id), Placement.of(x, y, w, h, 0), "Beans",
        new WordStyle("Figtree", "Regular", pt, 120, 0, Align.CENTRE, Colour.BLACK));
  }

  private static Box at(Job job, String id) {
    return job.faces().get(0).find(id).orElseThrow().placement().box();
  }

  private static Job design(boolean scaleWords) {
    Job job = Made.card(Made.rectangle("ground", -0.125, -0.125, 5.25, 7.25), Made.rectangle("foot", -0.125, 6, 5.25, 1.125),
        Made.rectangle("frame", 0.25, 0.25, 4.5, 6.5),
        Made.ellipse("middle", 1.5, 2.5, 2, 2), Made.ellipse("corner", 4.25, 0.25, 0.5, 0.5), words("title", 1, 1, 3, 0.6, 24));
    return job.withSizes(new SizeSet(List.of(new Size(10, 14), new Size(8, 10), new Size(4, 4)), scaleWords));
  }

  /**
   * By hand: the ground reaches an eighth past every side, the frame keeps its quarter inch times the growth, the middle stays in the
   * middle.
   */
  @ParameterizedTest
  @CsvSource({"10, 14", "8, 10", "4, 4", "24, 36", "2.75, 4.75"})
  void tiesHold(double w, double h) {
    double grow = Math.min(w / 5, h / 7);
    Job job = SizeEdits.at(design(true), new Size(w, h));
    assertEquals(new Size(w, h), job.ticket().finished());
    assertEquals(SizeSet.NONE, job.sizes());
    Box ground = at(job, "ground");
    assertEquals(-0.125, ground.x(), 1e-9);
    assertEquals(-0.125, ground.y(), 1e-9);
    assertEquals(w + 0.125, ground.right(), 1e-9);
    assertEquals(h + 0.125, ground.bottom(), 1e-9);
    Box foot = at(job, "foot");
    assertEquals(w + 0.125, foot.right(), 1e-9);
    assertEquals(h + 0.125, foot.bottom(), 1e-9);
    assertEquals(1.125 * grow, foot.height(), 1e-9);
    Box frame = at(job, "frame");
    assertEquals(0.25 * grow, frame.x(), 1e-9);
    assertEquals(w - 0.25 * grow, frame.right(), 1e-9);
    assertEquals(h - 0.25 * grow, frame.bottom(), 1e-9);
    Box middle = at(job, "middle");
    assertEquals(w / 2, middle.centre().x(), 1e-9);
    assertEquals(h / 2, middle.centre().y(), 1e-9);
    assertEquals(2 * grow, middle.width(), 1e-9);
    assertEquals(middle.width(), middle.height(), 1e-9);
    Box corner = at(job, "corner");
    assertEquals(w - 0.25 * grow, corner.right(), 1e-9);
    assertEquals(0.25 * grow, corner.y(), 1e-9);
  }

  @Test
  void lettersGrowOrKeepTheirSize() {
    assertEquals(24 * 1.6 * 5 / 5.6, SizeEdits.at(design(true), new Size(8, 10)).faces().get(0).find("title").orElseThrow().words()
        .orElseThrow().style().sizePt(), 0.1);
    HoldsWords kept = SizeEdits.at(design(false), new Size(8, 10)).faces().get(0).find("title").orElseThrow().words().orElseThrow();
    assertEquals(24, kept.style().sizePt(), 1e-9);
    assertEquals(3 * 8 / 5.0, kept.placement().width(), 1e-9, "their block follows the width");
    assertEquals(4, kept.placement().centre().x(), 1e-9);
  }

  @Test
  void theSameSizeIsTheSameDesign() {
    Job job = design(true);
    Job same = SizeEdits.at(job, new Size(5, 7));
    for (Item item : job.faces().get(0).items()) {
      Box was = item.placement().box();
      Box is = at(same, item.id());
      assertEquals(was.x(), is.x(), 1e-9, item.id());
      assertEquals(was.bottom(), is.bottom(), 1e-9, item.id());
      assertEquals(was.width(), is.width(), 1e-9, item.id());
    }
  }

  @Test
  void aLongLineThatIsTiedToBothEdgesStretches() {
    ItemShape line = ItemShape.of(ItemProperties.of("line", "Line"), Placement.of(0.2, 3, 4.6, 0, 0), new Outline.Straight(),
        Optional.empty(), Optional.empty());
    Job job = SizeEdits.at(Made.card(line), new Size(20, 7));
    assertEquals(0.2, at(job, "line").x(), 1e-9);
    assertEquals(19.8, at(job, "line").right(), 1e-9);
  }

  @Test
  void sizesAreTakenInOnceAndOutAgain() {
    Job job = Made.card(Made.background("g"));
    Job two = SizeEdits.add(new Size(8, 10)).change().apply(SizeEdits.add(new Size(4, 6)).change().apply(job));
    assertEquals(2, two.sizes().sizes().size());
    assertEquals(two, SizeEdits.add(new Size(8, 10)).change().apply(two));
    assertEquals(two, SizeEdits.add(new Size(5, 7)).change().apply(two), "the ticket's own");
    assertEquals(List.of(new Size(4, 6)), SizeEdits.remove(new Size(8, 10)).change().apply(two).sizes().sizes());
  }

  /** Each file is read by the library and measured: the trim boxes are the sizes to a thousandth of a point. */
  @Test
  void everySizeLeavesAsAFileOfItsOwn(@TempDir Path folder) throws Exception {
    Job job = design(true);
    Path kept = folder.resolve("design.thimble");
    ThimbleFile.save(job, kept);
    assertEquals(job.sizes(), ThimbleFile.open(kept).sizes());
    FileOrder order = FileOrder.of(folder.resolve("poster.pdf"), OptionalInt.empty(), 300, PageOptions.of(job));
    List<Path> files = Sender.files(job, order);
    List<Measured> measured = Sender.send(job, order, Progress.SILENT);
    assertEquals(List.of("poster-5x7in.pdf", "poster-10x14in.pdf", "poster-8x10in.pdf", "poster-4x4in.pdf"),
        files.stream().map(f -> f.getFileName().toString()).toList());
    assertTrue(measured.stream().allMatch(Measured::right), measured.toString());
    double[][] sizes = {{5, 7}, {10, 14}, {8, 10}, {4, 4}};
    for (int i = 0; i < 4; i++) {
      try (PDDocument document = Loader.loadPDF(files.get(i).toFile())) {
        assertEquals(sizes[i][0] * 72, document.getPage(0).getTrimBox().getWidth(), 0.001);
        assertEquals(sizes[i][1] * 72, document.getPage(0).getTrimBox().getHeight(), 0.001);
      }
    }
  }

  @Test
  void whatFailsInAnotherSizeIsToldWithThatSize() {
    Job large = Made.card(words("w", 0.4, 3, 4.2, 0.5, 30));
    Job job = large.withSizes(new SizeSet(List.of(new Size(0.5, 0.7)), true));
    List<Finding> found = Checks.run(job).stream().filter(f -> f.code().equals("size-misfit")).toList();
    assertFalse(found.isEmpty());
    assertTrue(found.get(0).title().startsWith(Lengths.show(new Size(0.5, 0.7), Unit.INCH)), found.get(0).title());
    assertTrue(Checks.run(large).stream().noneMatch(f -> f.code().equals("size-misfit")));
  }
}
