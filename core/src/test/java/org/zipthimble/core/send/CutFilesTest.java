package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Split;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** Files for cutters, read back by programs of others: librsvg, python3-ezdxf, poppler; within 0.001 in. */
class CutFilesTest {
  private static Item cut(Item item, String lane, CutKind kind) {
    return item.with(item.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane(lane).withKind(kind)));
  }

  /** A heart of 2.5 x 2 with its box from 0.5, 0.75, a fold and a square, on a card of 5 x 7. */
  private static Job job() {
    Item heart = ItemShape.of(ItemProperties.of("i1", "Heart"), org.zipthimble.core.item.Placement.of(0.5, 0.75, 2.5, 2, 0),
        new org.zipthimble.core.item.Outline.Ready(org.zipthimble.core.shape.ReadyForm.HEART, List.of(0.22)), Optional.of(Made.BEET),
        Optional.empty());
    Item fold = cut(Made.rectangle("i2", 0.5, 4, 3, 0.5), "l1", CutKind.SCORE);
    Item square = cut(Made.rectangle("i3", 3, 5, 1.25, 1.5), "l2", CutKind.THROUGH);
    Lane beet = Lane.of("l1", "Beet", Material.CUT_VINYL, Made.BEET).withSupply(Supply.MAT_12);
    Lane card = Lane.of("l2", "Card", Material.CARD, Made.CREAM).withSupply(Supply.MAT_12);
    return Made.card(cut(heart, "l1", CutKind.KISS), fold, square).withCutting(CutPlan.NONE.withLanes(List.of(beet, card)));
  }

  private static List<Measured> sent(Job job, Path file, Content what) throws Exception {
    List<Measured> measured = Sender.send(job, FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(job))
        .withContent(Optional.of(what)), Progress.SILENT);
    measured.forEach(m -> assertTrue(m.right(), m.lines().toString()));
    return measured;
  }

  private static String run(Path folder, String... command) throws Exception {
    File out = folder.resolve("out.txt").toFile();
    Process process = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(out).start();
    assertTrue(process.waitFor(120, TimeUnit.SECONDS));
    String text = Files.readString(out.toPath());
    assertEquals(0, process.exitValue(), text);
    return text;
  }

  @Test
  void librsvgDrawsTheSvgAtItsTrueSize(@TempDir Path folder) throws Exception {
    Path svg = folder.resolve("d.svg");
    sent(job(), svg, Content.DESIGN);
    String text = Files.readString(svg);
    for (String name : List.of("width=\"5in\"", "kiss-cut-beet", "score-beet", "cut-through-card", "id=\"heart\"")) {
      assertTrue(text.contains(name), name);
    }
    Files.writeString(folder.resolve("thin.svg"), text.replaceAll("stroke-width=\"[0-9.]+\"", "stroke-width=\"0.0004\"")
        .replaceAll("stroke-dasharray=\"[^\"]*\"", ""));
    run(folder, "rsvg-convert", "-d", "1200", "-p", "1200", folder.resolve("thin.svg").toString(), "-o",
        folder.resolve("d.png").toString());
    BufferedImage image = ImageIO.read(folder.resolve("d.png").toFile());
    assertEquals(6000, image.getWidth());
    assertEquals(8400, image.getHeight());
    Box ink = ink(image, 1200);
    Box wanted = new Box(0.5, 0.75, 3.75, 5.75);
    assertTrue(ink.contains(wanted, 0.0015) && wanted.contains(ink, 0.0015), ink.toString());
  }

  private static Box ink(BufferedImage image, double ppi) {
    int left = Integer.MAX_VALUE;
    int top = Integer.MAX_VALUE;
    int right = 0;
    int bottom = 0;
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        if (image.getRGB(x, y) >>> 24 > 40) {
          left = Math.min(left, x);
          right = Math.max(right, x + 1);
          top = Math.min(top, y);
          bottom = Math.max(bottom, y + 1);
        }
      }
    }
    return new Box(left / ppi, top / ppi, (right - left) / ppi, (bottom - top) / ppi);
  }

  @Test
  void anotherLibraryReadsTheDxfWithoutAFaultAtItsTrueSize(@TempDir Path folder) throws Exception {
    Path dxf = folder.resolve("d.dxf");
    sent(job(), dxf, Content.DESIGN);
    Path script = folder.resolve("read.py");
    Files.writeString(script, String.join("\n",
        "import ezdxf, sys",
        "from ezdxf import bbox",
        "d = ezdxf.readfile(sys.argv[1]); a = d.audit()",
        "print(len(a.errors), len(a.fixes), d.header['$INSUNITS'])",
        "e = bbox.extents(d.modelspace(), flatten=0.0001) if 'flatten' in bbox.extents.__code__.co_varnames else "
            + "bbox.extents(d.modelspace())",
        "print(e.extmin.x, e.extmin.y, e.extmax.x, e.extmax.y)",
        "print(sorted(set(x.dxf.layer for x in d.modelspace())))"));
    String[] said = run(folder, "/usr/bin/python3", script.toString(), dxf.toString()).strip().split("\n");
    assertEquals("0 0 1", said[said.length - 3]);
    String[] box = said[said.length - 2].split(" ");
    double[] wanted = {0.5, 7 - 6.5, 4.25, 7 - 0.75};
    for (int i = 0; i < 4; i++) {
      assertEquals(wanted[i], Double.parseDouble(box[i]), 0.001, said[said.length - 2]);
    }
    assertTrue(said[said.length - 1].contains("Kiss cut Beet"), said[said.length - 1]);
  }

  @Test
  void whatIsWrittenComesInAgainTheVeryCurves(@TempDir Path folder) throws Exception {
    double heart = Extent.area(new Forms(job()).outline(job().faces().get(0).items().get(0)));
    for (String ending : List.of(".svg", ".dxf")) {
      Path file = folder.resolve("d" + ending);
      sent(job(), file, Content.DESIGN);
      ImportedDrawing back = Importers.drawing(file, java.util.OptionalDouble.empty());
      assertTrue(back.sized());
      List<Double> areas = new ArrayList<>();
      back.items().forEach(i -> i.withMembers().stream().filter(ItemShape.class::isInstance).forEach(s ->
          areas.add(Extent.area(new Forms(Made.card()).outline(s)))));
      assertTrue(areas.stream().anyMatch(a -> Math.abs(a - heart) < 1e-4), ending + areas);
      assertTrue(areas.stream().anyMatch(a -> Math.abs(a - 1.875) < 1e-6), ending + areas);
    }
  }

  /** The plotter language has 1016 units for each inch (0.025 mm a unit): read here by the units alone. */
  @Test
  void plotterLanguageHasTheRightUnitsAndAPenForEachKind(@TempDir Path folder) throws Exception {
    List<Measured> files = sent(job(), folder.resolve("d.plt"), Content.SHEETS);
    assertEquals(2, files.size(), "a file for each sheet");
    String card = Files.readString(folder.resolve("d-2.plt"));
    assertTrue(card.contains("SP5;") && card.startsWith("IN;"), card);
    int left = Integer.MAX_VALUE;
    int right = 0;
    for (String figures : card.replaceAll("[^PUD0-9,;]", "").split(";")) {
      if (figures.startsWith("PD")) {
        String[] n = figures.substring(2).split(",");
        for (int i = 0; i < n.length; i += 2) {
          left = Math.min(left, Integer.parseInt(n[i]));
          right = Math.max(right, Integer.parseInt(n[i]));
        }
      }
    }
    double trail = job().cutting().lanes().get(1).blade().trail();
    assertEquals(1.25 + 2 * trail, (right - left) / 1016.0, 0.001);
  }

  @Test
  void everyPassIsCountedWhenAPlotterFileIsMeasuredBack(@TempDir Path folder) throws Exception {
    Job twice = job().withCutting(job().cutting().with(job().cutting().lanes().get(1).withBlade(
        job().cutting().lanes().get(1).blade().set("deep", 300, 4, 3))));
    List<Measured> files = sent(twice, folder.resolve("p.plt"), Content.SHEETS);
    Measured.Line outlines = files.get(1).lines().get(2);
    assertEquals("3", outlines.wanted(), "one square, three times");
    assertEquals("3", outlines.found());
  }

  @Test
  void thePdfHasSpotColoursInLayersOfProcessingSteps(@TempDir Path folder) throws Exception {
    Path pdf = folder.resolve("d.pdf");
    sent(job(), pdf, Content.SHEETS);
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      assertEquals(2, document.getNumberOfPages());
      assertEquals(12 * 72, document.getPage(0).getMediaBox().getWidth(), 0.01);
      List<String> groups = List.of(document.getDocumentCatalog().getOCProperties().getGroupNames());
      assertEquals(List.of("Kiss cut Beet", "Score Beet", "Cut through Card").stream().sorted().toList(),
          groups.stream().sorted().toList());
      COSDictionary group = document.getDocumentCatalog().getOCProperties().getGroup("Cut through Card").getCOSObject();
      assertEquals("Cutting", ((COSDictionary) group.getDictionaryObject("GTS_Metadata")).getNameAsString("GTS_ProcStepsType"));
      String spaces = String.valueOf(document.getPage(1).getResources().getColorSpaceNames());
      assertTrue(document.getPage(1).getResources().getColorSpace(document.getPage(1).getResources().getColorSpaceNames().iterator().next())
          .getName().equals("Separation"), spaces);
    }
    run(folder, "pdftocairo", "-svg", "-f", "2", "-l", "2", pdf.toString(), folder.resolve("p.svg").toString());
    assertTrue(Files.readString(folder.resolve("p.svg")).contains("<path"));
  }

  @Test
  void nothingToCutIsSaidAndAnAssemblySheetIsWritten(@TempDir Path folder) throws Exception {
    Trouble nothing = assertThrows(Trouble.class,
        () -> sent(Made.card(Made.rectangle("i1", 1, 1, 1, 1)), folder.resolve("n.svg"), Content.SHEETS));
    assertTrue(nothing.getMessage().contains("lane"), nothing.getMessage());
    Item wide = cut(Made.rectangle("i1", 0, 0, 26, 3), "l1", CutKind.KISS);
    Job split = Made.card(wide).withCutting(
        CutPlan.NONE.withLanes(List.of(Lane.of("l1", "Beet", Material.CUT_VINYL, Made.BEET).withSupply(Supply.MAT_12)))
        .withSplit(new Split(true, List.of(), true, 0.25)));
    sent(split, folder.resolve("a.pdf"), Content.ASSEMBLY);
    assertEquals(3, sent(split, folder.resolve("s.dxf"), Content.SHEETS).size());
    assertTrue(Measure.bounds(new Forms(split).outline(wide)).isPresent());
  }
}
