package org.zipthimble.core.check.edge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.work.Progress;

/** Coverage of the bleed is computed, for sides, corners and outlines; the mends cover it. */
class CoverageTest {
  private static Coverage trim(Job job) {
    return Coverage.ofTrim(job, job.faces().get(0));
  }

  private static List<String> codes(Job job) {
    return Checks.run(job).stream().map(Finding::code).filter(c -> c.startsWith("bleed")).toList();
  }

  private static Mend mend(Job job, String key) {
    Finding finding = Checks.run(job).stream().filter(f -> f.code().startsWith("bleed")).findFirst().orElseThrow();
    return Checks.mends(job, finding).stream().filter(m -> m.key().equals(key)).findFirst().orElseThrow();
  }

  @Test
  void eachSideIsMeasuredInHundredths() {
    // The bleed is 1/8 in all round a card of 5 x 7 in; the art passes the trim by 0.125, 0.06, 0.03 and 0.
    Job job = Made.card(Made.rectangle("g", -0.125, -0.06, 5.155, 7.06));
    Coverage coverage = trim(job);
    assertEquals(0.125, coverage.least(Side.LEFT), 1e-9);
    assertEquals(0.06, coverage.least(Side.TOP), 0.0051);
    assertEquals(0.03, coverage.least(Side.RIGHT), 0.0051);
    assertEquals(0, coverage.least(Side.BOTTOM), 1e-9);
    assertTrue(Double.isNaN(trim(Made.card(Made.ellipse("e", 1, 1, 2, 2))).least(Side.LEFT)), "nothing near");
  }

  @Test
  void aGapBetweenTwoPanelsIsFoundWhereItIs() {
    Job job = Made.card(Made.rectangle("a", -0.125, -0.125, 2.6, 7.25), Made.rectangle("b", 2.475, -0.05, 2.65, 7.175));
    List<Coverage.Gap> gaps = trim(job).gaps();
    assertEquals(1, gaps.size());
    assertEquals(2.475, gaps.get(0).from().x(), 0.03);
    assertEquals(0.05, gaps.get(0).reach(), 0.0051);
  }

  /** A ground with rounded corners covers the sides and leaves the corners open: found, told, and mended by growing the background. */
  @Test
  void anOpenCornerIsFoundAndMended() {
    ItemShape round = Made.background("g").withOutline(new Outline.Rectangle(0.3));
    Job job = Made.card(round);
    assertEquals(4, trim(job).gaps().stream().filter(Coverage.Gap::corner).count());
    assertEquals(4, codes(job).size());
    assertTrue(Checks.run(job).get(0).sentence().contains("corner"));
    Job mended = mend(job, "mend.ground").edit().change().apply(job);
    assertTrue(codes(mended).isEmpty(), codes(mended).toString());
    assertEquals(Made.CREAM, ((ItemShape) mended.faces().get(0).items().get(0)).fill().orElseThrow(), "in the art's own colour");
  }

  @Test
  void stretchingReachesTheBleedAndKeepsAPicturesProportion() {
    Job job = Made.card(Made.rectangle("g", 0, 0, 5, 7));
    Job mended = mend(job, "mend.stretch").edit().change().apply(job);
    assertTrue(codes(mended).isEmpty());
    assertEquals(job.frame(job.faces().get(0)).bleedBox().width(), mended.faces().get(0).items().get(0).placement().width(), 1e-9);
    Picture picture = Made.picture(1500, 2100);
    Job photo = Made.with(picture, Made.photo("p", picture, 0, 0, 5, 7));
    Job grown = mend(photo, "mend.stretch").edit().change().apply(photo);
    assertTrue(codes(grown).isEmpty());
    Placement p = grown.faces().get(0).items().get(0).placement();
    assertEquals(5.0 / 7, p.width() / p.height(), 1e-9);
  }

  /** Mirrored outward, the picture inside the trim is the same pixel for pixel, and past the trim each pixel is that as far inside. */
  @Test
  void mirroringTheEdgeLeavesThePictureAlone() throws Exception {
    Picture picture = Made.picture(500, 700);
    Job job = Made.with(picture, Made.photo("p", picture, 0, 0, 5, 7));
    Job mended = mend(job, "mend.mirror").edit().change().apply(job);
    assertTrue(codes(mended).isEmpty(), codes(mended).toString());
    BufferedImage image = RasterPainter.paint(Imposition.of(mended, mended.faces().get(0), PageOptions.of(mended)), 200, new Halvings(),
        Progress.SILENT);
    for (int i = 2; i < 23; i += 5) {
      for (int y = 100; y < 1300; y += 97) {
        int out = image.getRGB(25 - 1 - i, y);
        int in = image.getRGB(25 + i, y);
        for (int shift = 0; shift <= 16; shift += 8) {
          assertEquals(in >> shift & 255, out >> shift & 255, 12, i + " past the trim at " + y);
        }
      }
    }
  }

  /** A round outline: colour that passes a circle of 1 in radius by 0.04 all round is told as 0.04. */
  @Test
  void anyOutlineIsMeasured() {
    Job job = Made.card(Made.ellipse("e", 1 - 0.04, 1 - 0.04, 2.08, 2.08));
    Path circle = new Outline.Ellipse().within(2, 2, org.zipthimble.core.geom.Affine.move(1, 1));
    Coverage coverage = Coverage.of(job, job.faces().get(0), circle, 0.0625);
    for (Coverage.Spot spot : coverage.spots()) {
      assertTrue(spot.inked());
      assertEquals(0.04, spot.reach(), 0.006);
    }
    assertEquals(1, coverage.gaps().size(), "open all round, one run");
    assertEquals(Optional.empty(), coverage.gaps().stream().filter(Coverage.Gap::corner).findFirst());
  }
}
