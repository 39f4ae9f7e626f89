package org.zipthimble.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.PdfMeasure;
import org.zipthimble.core.send.Content;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.thing.OnThings;
import org.zipthimble.core.work.Progress;

/** A tapered wrap as it is printed, projected back onto the cone by code of its own. */
class WrapPagesTest {
  private static final Cup CUP = Cup.tapered(3.5, 2.5, 4).withFlap(0);
  private static final double PPI = 400;

  private static Item dot(String id, double x, double y) {
    return ItemShape.of(ItemProperties.of(id, id), Placement.of(x - 0.05, y - 0.05, 0.1, 0.1, 0), new Outline.Ellipse(),
        Optional.of(Colour.BLACK), Optional.<LineLook>empty());
  }

  /** Where a printed place lies on the cone: its height along the side and its angle, from the band's radii alone. */
  private static double[] onCone(Point p, Box trim) {
    double slant = CUP.slant();
    double outer = slant * CUP.top() / (CUP.top() - CUP.base());
    double half = Math.PI * (CUP.top() - CUP.base()) / slant / 2;
    double tipX = trim.x() + outer * Math.sin(half);
    double tipY = trim.y() + outer;
    double radius = Math.hypot(p.x() - tipX, p.y() - tipY);
    double sine = (CUP.top() - CUP.base()) / 2 / slant;
    return new double[] {outer - radius, Math.atan2(p.x() - tipX, tipY - p.y()) / sine};
  }

  /** A grid of dots drawn on the bench, printed, found in the pixels, and rolled up: level, even, and as high as drawn, within 0.5 %. */
  @Test
  void aGridIsSquareOnTheCone() throws Exception {
    List<Item> dots = new ArrayList<>();
    List<Point> at = new ArrayList<>();
    for (int column = 0; column < 7; column++) {
      for (int row = 0; row < 4; row++) {
        Point p = new Point(0.7 + column * 1.3, 0.5 + row);
        at.add(p);
        dots.add(dot("i" + (at.size()), p.x(), p.y()));
      }
    }
    Job job = OnThings.job(OnThings.cup(CUP), dots.toArray(Item[]::new));
    DrawnPage page = Imposition.of(job, job.faces().get(0), PageOptions.of(true, false, job.sheet()));
    var image = FacePainter.onPaper(page, PPI, new Halvings());
    double along = CUP.along();
    List<double[]> found = new ArrayList<>();
    for (Point p : at) {
      Point expected = job.development(job.faces().get(0)).orElseThrow().there(p);
      found.add(onCone(middle(image, expected.x() + page.trim().x(), expected.y() + page.trim().y()), page.trim()));
    }
    double middleRound = Math.PI * (CUP.top() + CUP.base()) / 2;
    for (int i = 0; i < at.size(); i++) {
      double wantedAngle = 2 * Math.PI * (at.get(i).x() - along / 2) / middleRound;
      assertEquals(at.get(i).y(), found.get(i)[0], 0.005, "height " + i);
      assertEquals(wantedAngle, found.get(i)[1], 0.005, "angle " + i);
      if (i % 4 < 3) {
        assertEquals(1, found.get(i + 1)[0] - found.get(i)[0], 0.005, "a row is an inch");
        assertEquals(0, (found.get(i + 1)[1] - found.get(i)[1]) * CUP.top() / 2, 0.005, "straight down");
      }
      if (i + 4 < at.size()) {
        assertEquals(1.3, (found.get(i + 4)[1] - found.get(i)[1]) * middleRound / 2 / Math.PI, 0.0065,
            "a column, at the middle of the cup");
      }
    }
  }

  /** The middle of darkness about a place, in inches. */
  private static Point middle(java.awt.image.BufferedImage image, double x, double y) {
    double sum = 0;
    double sx = 0;
    double sy = 0;
    for (int py = (int) ((y - 0.15) * PPI); py < (y + 0.15) * PPI; py++) {
      for (int px = (int) ((x - 0.15) * PPI); px < (x + 0.15) * PPI; px++) {
        double dark = 255 - (image.getRGB(px, py) & 255);
        sum += dark;
        sx += dark * (px + 0.5);
        sy += dark * (py + 0.5);
      }
    }
    assertTrue(sum > 0, "a dot is printed at " + x + ", " + y);
    return new Point(sx / sum / PPI, sy / sum / PPI);
  }

  /** Words keep their height on the cone: the distance of their highest from their lowest place along the side. */
  @Test
  void wordsKeepTheirHeight() throws Exception {
    Job job = OnThings.job(OnThings.cup(CUP), Made.words("i1", "HHH", 3.5, 1.5, 3, 1, Made.style("Figtree", "Bold", 60)));
    DrawnPage page = Imposition.of(job, job.faces().get(0), PageOptions.of(true, false, job.sheet()));
    double[] bent = heights(page);
    Box straight = straight(job);
    assertEquals(straight.height(), bent[1] - bent[0], 0.005 * straight.height());
    assertEquals(straight.y(), bent[0], 0.005);
  }

  private static Box straight(Job job) {
    Box[] box = new Box[1];
    var words = job.faces().get(0).items().get(0).words().orElseThrow();
    words.set(new org.zipthimble.core.job.JobFonts(job)).ink(words.placement().toGround()).ifPresent(b -> box[0] = b);
    return box[0];
  }

  /** The least and greatest height along the side of all that is dark in the printed page. */
  private static double[] heights(DrawnPage page) {
    double[] out = {Double.MAX_VALUE, -Double.MAX_VALUE};
    double fine = 600;
    var image = FacePainter.onPaper(page, fine, new Halvings());
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        if ((image.getRGB(x, y) >> 8 & 255) < 128) {
          double h = onCone(new Point((x + 0.5) / fine, (y + 0.5) / fine), page.trim())[0];
          // a pixel reaches half of itself beyond its middle
          out[0] = Math.min(out[0], h - 0.5 / fine);
          out[1] = Math.max(out[1], h + 0.5 / fine);
        }
      }
    }
    return out;
  }

  /** Pictures and gradients are bent with the rest, and what is told of words stays for whoever searches the PDF. */
  @Test
  void allKindsOfArtLeaveBentInAFileThatMeasuresRight(@TempDir Path folder) throws Exception {
    Job bare = OnThings.job(OnThings.cup(CUP));
    var picture = Made.picture(300, 300);
    Job job = bare.with(picture).changed(bare.faces().get(0).id(), f -> f.withItems(List.of(
        Made.photo("i1", picture, 1, 1, 2, 2), Made.words("i2", "SOW", 4, 1, 3, 1, Made.style("Fraunces", "Regular", 50)))));
    Path file = folder.resolve("wrap.pdf");
    Measured measured = Sender.send(job, FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(job)), Progress.SILENT).get(0);
    assertTrue(measured.right(), measured.lines().toString());
    Box band = Measure.bounds(CUP.band().orElseThrow().band(job.frame(job.faces().get(0)).bleed())).orElseThrow();
    assertEquals(band.width() * 72, PdfMeasure.of(file).pages().get(0).media().width(), 0.05);
    try (var document = org.apache.pdfbox.Loader.loadPDF(file.toFile())) {
      assertTrue(new org.apache.pdfbox.text.PDFTextStripper().getText(document).contains("SOW"));
    }
  }

  /** Traveller and proof: one page of letter size each, which say what the press must know. */
  @Test
  void travellerAndProofSayWhatThePressMustKnow(@TempDir Path folder) throws Exception {
    Job job = OnThings.job("metal-panel-12-6", Made.words("i1", "SEED", 3, 2, 5, 1.2, Made.style("Fraunces", "Bold", 60)));
    Job carded = org.zipthimble.core.edit.ThingEdits.card(
        org.zipthimble.core.store.PressShelf.shipped().stream().filter(c -> c.key().equals("metal-panel")).findFirst()).change().apply(job);
    for (Content content : List.of(Content.TRAVELLER, Content.PROOF)) {
      Path file = folder.resolve(content.word() + ".pdf");
      Measured measured = Sender.send(carded, FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(carded))
          .withContent(Optional.of(content)), Progress.SILENT).get(0);
      assertTrue(measured.right(), measured.lines().toString());
      try (var document = org.apache.pdfbox.Loader.loadPDF(file.toFile())) {
        String text = new org.apache.pdfbox.text.PDFTextStripper().getText(document);
        List<String> wanted = content == Content.TRAVELLER
            ? List.of("400 °F (204 °C)", "60 s", "1 min", "medium to firm", "12 × 6 in", "mirrored once", "gloves", "common practice")
            : List.of("Version 1", "12 × 6 in", "Signature", "#7a2e22");
        for (String one : wanted) {
          boolean either = one.equals("60 s") || one.equals("1 min");
          assertTrue(either ? text.contains("60 s") || text.contains("1 min") : text.contains(one), one + " in " + text);
        }
        assertEquals(1, document.getNumberOfPages());
      }
    }
  }
}
