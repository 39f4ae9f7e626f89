package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.fill.Grounds;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Fold;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.Hit;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.work.Progress;

/** Folds and their panels, faces of their own size, shared grounds with page numbers, page counts, the side table. */
class BookEditsTest {
  private static final WordStyle PLAIN = new WordStyle("Figtree", "Regular", 12, 120, 0, Align.LEFT, Colour.BLACK);

  private static HoldsWords words(String id, double x, double y, double w, String text) {
    return ItemWords.of(ItemProperties.of(id, "Words " + id), Placement.of(x, y, w, 0.4, 0), text, PLAIN);
  }

  private static History after(Job job, Edit... edits) {
    History history = History.of(job);
    for (Edit edit : edits) {
      history = history.after(edit);
    }
    return history;
  }

  /** The trade's shorter inner panel: 1/16 in (trade facts, common practice). Of 11 inches: 3.6875, 3.6875 and 3.625. */
  @ParameterizedTest
  @CsvSource({"HALF, false, 11, 5.5", "HALF, true, 11, 5.5", "TRI, false, 11, '3.6875 7.375'", "TRI, true, 11, '3.625 7.3125'",
      "GATE, true, 11, '2.734375 8.265625'", "ACCORDION, true, 12, '3 6 9'"})
  void foldsLieWhereTheTradeWantsThem(Fold.Kind kind, boolean outside, double length, String at) {
    Fold fold = Fold.of(kind).withOutside(outside).withPanels(4);
    List<Double> wanted = List.of(at.split(" ")).stream().map(Double::valueOf).toList();
    assertEquals(wanted.size(), fold.at(length).size());
    for (int i = 0; i < wanted.size(); i++) {
      assertEquals(wanted.get(i), fold.at(length).get(i), 1e-9);
    }
    assertEquals(length, fold.lengths(length).stream().mapToDouble(d -> d).sum(), 1e-9);
  }

  /** Folded flat, an inner panel never reaches the fold it lies against; a gate's halves do not meet. */
  @Test
  void innerPanelsAreShorter() {
    List<Double> tri = Fold.of(Fold.Kind.TRI).lengths(11);
    assertEquals(1.0 / 16, tri.get(1) - tri.get(0), 1e-12);
    assertEquals(tri.get(1), tri.get(2), 1e-12);
    List<Double> gate = Fold.of(Fold.Kind.GATE).lengths(11);
    assertTrue(gate.get(0) + gate.get(2) < gate.get(1));
    assertThrows(IllegalArgumentException.class, () -> Fold.of(Fold.Kind.ACCORDION).withPanels(2));
  }

  @Test
  void theBackOfACardThatOpensUpwardsStandsOnItsHead() {
    List<Fold.Panel> up = Fold.of(Fold.Kind.HALF).withAcross(true).panels(new Size(5, 7));
    assertTrue(up.get(0).headDown());
    assertFalse(up.get(1).headDown());
    assertEquals(3.5, up.get(1).box().y(), 1e-12);
    assertTrue(Fold.of(Fold.Kind.HALF).panels(new Size(5, 7)).stream().noneMatch(Fold.Panel::headDown));
    assertTrue(Fold.of(Fold.Kind.HALF).withAcross(true).withOutside(false).panels(new Size(5, 7)).stream().noneMatch(Fold.Panel::headDown));
  }

  @Test
  void wordsOverAFoldAreFoundAndMovedOff() {
    Job flat = Made.card(words("w", 2, 3, 2, "across the fold"));
    Job job = after(flat, BookEdits.fold("f1", Optional.of(Fold.of(Fold.Kind.HALF)))).now();
    assertTrue(Checks.run(flat).stream().noneMatch(f -> f.code().equals("fold-crossed")));
    Finding found = Checks.run(job).stream().filter(f -> f.code().equals("fold-crossed")).findFirst().orElseThrow();
    Job mended = after(job, Checks.mends(job, found).get(0).edit()).now();
    assertTrue(Checks.run(mended).stream().noneMatch(f -> f.code().equals("fold-crossed")), Checks.run(mended).toString());
    double right = mended.faces().get(0).items().get(0).words().orElseThrow().set(new org.zipthimble.core.job.JobFonts(mended))
        .ink(mended.faces().get(0).items().get(0).placement().toGround()).orElseThrow().x();
    assertTrue(right >= 2.5 + 1.0 / 16 - 1e-6 || right < 2.5, "in one panel");
  }

  @Test
  void aFaceOfItsOwnSizeIsAnEnvelopeBesideACard(@TempDir Path folder) throws Exception {
    Job job = Job.blank("Set", Ticket.usual("Invitation", new Size(5, 7)), List.of("card", "envelope"));
    Job sized = after(job, BookEdits.size("f2", Optional.of(new Size(7.25, 5.25)))).now();
    assertEquals(new Size(7.25, 5.25), sized.frame(sized.faces().get(1)).size());
    assertEquals(new Size(5, 7), sized.frame(sized.faces().get(0)).size());
    Job drawn = sized.changed("f1", f -> f.withItems(List.of(Made.background("a"))))
        .changed("f2", f -> f.withItems(List.of(Made.rectangle("b", -0.125, -0.125, 7.5, 5.5))));
    Path file = folder.resolve("set.pdf");
    Sender.send(drawn, FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(drawn)), Progress.SILENT);
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      assertEquals(5 * 72, document.getPage(0).getTrimBox().getWidth(), 0.001);
      assertEquals(7.25 * 72, document.getPage(1).getTrimBox().getWidth(), 0.001);
      assertEquals(5.25 * 72, document.getPage(1).getTrimBox().getHeight(), 0.001);
    }
    assertEquals(job, after(sized, BookEdits.size("f2", Optional.empty())).now());
  }

  private static Job album(int pages) {
    List<Face> faces = new ArrayList<>();
    for (int i = 1; i <= pages; i++) {
      faces.add(Face.of("f" + i, "page " + i, List.of(words("i" + i, 1, 1, 3, "leaf " + i))));
    }
    faces.add(
        Face.of("g", "ground", List.of(Made.background("i90"),
        words("i91", 1, 6, 1, "x").withStory(GroundEdits.field(Grounds.PAGE, PLAIN.letters(), PLAIN.paragraph())),
        words("i92", 3, 6, 1, "x").withStory(GroundEdits.field(Grounds.PAGES, PLAIN.letters(), PLAIN.paragraph())))));
    return Job.blank("Album", Ticket.usual("Album", new Size(5, 7)), List.of("x")).withFaces(faces);
  }

  /** Read by the library's text stripper: every page says its own number and how many there are; the ground itself is no page. */
  @Test
  void aSharedGroundLiesBelowEveryPageWithItsNumber(@TempDir Path folder) throws Exception {
    Job job = after(album(5), GroundEdits.share("g", true), GroundEdits.ground(Optional.empty(), Optional.of("g"))).now();
    assertEquals(5, job.leaving().size());
    Path file = folder.resolve("album.pdf");
    Sender.send(job, FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(job)), Progress.SILENT);
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      assertEquals(5, document.getNumberOfPages());
      for (int page = 1; page <= 5; page++) {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        stripper.setSortByPosition(true);
        List<String> said = List.of(stripper.getText(document).strip().split("\\s+"));
        assertEquals(List.of("leaf", String.valueOf(page), String.valueOf(page), "5"), said);
      }
    }
    Job moved = after(job, FaceEdits.place("f5", 0)).now();
    assertTrue(moved.face("f5").orElseThrow().under().items().get(1).words().orElseThrow().text().equals("1"), "numbers follow the order");
    Path kept = folder.resolve("album.thimble");
    ThimbleFile.save(job, kept);
    assertEquals(job, ThimbleFile.open(kept));
    assertEquals(List.of("i1"), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(1.1, 1.1), 0),
        "what is shared is not taken hold of");
    assertEquals(List.of(), Hit.at(job, job.faces().get(0), Optional.empty(), new Point(4.5, 4.5), 0));
    Job apart = after(job, GroundEdits.share("g", false)).now();
    assertEquals(6, apart.leaving().size());
    assertTrue(apart.faces().stream().allMatch(f -> f.under().items().isEmpty()));
    assertSame(job, Grounds.laid(job), "nothing differs");
  }

  @Test
  void theOnlyFaceIsNotShared() {
    Job one = Made.card(Made.background("g"));
    assertEquals(one, after(one, GroundEdits.share("f1", true)).now());
  }

  @ParameterizedTest
  @CsvSource({"STAPLED, 6, 8", "STAPLED, 8, 8", "STAPLED, 9, 12", "BACK, 7, 8", "RINGS, 6, 6"})
  void pagesAreFilledUpToWhatTheBindingWants(Book.Binding binding, int pages, int wanted) {
    Job job = after(album(pages), GroundEdits.share("g", true), BookEdits.bind(Optional.of(Book.USUAL.withBinding(binding)))).now();
    Optional<Finding> found = Checks.run(job).stream().filter(f -> f.code().equals("pages-bound")).findFirst();
    assertEquals(pages != wanted, found.isPresent());
    if (found.isPresent()) {
      job = after(job, Checks.mends(job, found.get()).get(0).edit()).now();
    }
    assertEquals(wanted, job.pages().size());
    assertEquals("page " + pages, job.pages().get(wanted - 1).name(), "the back cover stays the last");
    assertTrue(Checks.run(job).stream().noneMatch(f -> f.code().equals("pages-bound")));
  }

  @Test
  void whatIsPutAsideNeitherPrintsNorIsCut() {
    ItemShape cut = Made.rectangle("i1", 1, 1, 2, 2);
    Job job = Made.card(Made.background("g"), cut.with(cut.properties().withRole(Role.CUTS)));
    assertEquals(1, CutLines.own(job, job.faces().get(0)).size());
    Job aside = after(job, FaceEdits.aside("f1", Set.of("i1"))).now();
    assertTrue(aside.faces().get(0).find("i1").orElseThrow().placement().x() > 5.125);
    assertEquals(List.of(), CutLines.own(aside, aside.faces().get(0)));
    assertEquals(job, after(job, FaceEdits.aside("f1", Set.of("i1"))).undo().now());
  }
}
