package org.zipthimble.core.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.proof.Comparison;
import org.zipthimble.core.proof.JpegMeasure;
import org.zipthimble.core.proof.PngMeasure;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Files written in bands hold what the page painted whole shows, read by the platform's own readers. */
class BandsTest {
  private static DrawnPage page() throws Trouble {
    Picture picture = Made.picture(400, 300);
    Job job = Made.with(picture, Made.background("i1"), Made.photo("i2", picture, 0.5, 0.5, 3, 2.25), Made.ellipse("i3", 1, 2, 3, 4),
        Made.words("i4", "Spring Swap office", 0.5, 3.5, 4, 1, Made.style("Fraunces", "Italic", 40)), Made.drawn("i5"));
    return Imposition.of(job, job.faces().get(0), PageOptions.of(job));
  }

  @ParameterizedTest
  @ValueSource(doubles = {72, 150, 133.7})
  void pngInBandsIsThePagePaintedWhole(double ppi) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PngFile.write(new Bands(page(), ppi, new Halvings()), out, Progress.SILENT);
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
    BufferedImage whole = RasterPainter.paint(page(), ppi, new Halvings(), Progress.SILENT);
    assertEquals(whole.getWidth(), read.getWidth());
    assertEquals(whole.getHeight(), read.getHeight());
    Comparison compared = Comparison.of(whole, read);
    assertTrue(compared.mean() < 0.0002, "mean " + compared.mean());
    PngMeasure measured = PngMeasure.of("x", out.toByteArray());
    assertEquals(Math.round(ppi / 0.0254), measured.perMetre());
  }

  @ParameterizedTest
  @ValueSource(doubles = {60, 150, 301})
  void jpegInBandsReadsAsOnePicture(double ppi) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    JpegFile.write(new Bands(page(), ppi, new Halvings()), 0.95, out, Progress.SILENT);
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
    BufferedImage whole = RasterPainter.paint(page(), ppi, new Halvings(), Progress.SILENT);
    assertEquals(whole.getWidth(), read.getWidth());
    assertEquals(whole.getHeight(), read.getHeight());
    Comparison compared = Comparison.of(whole, read);
    assertTrue(compared.mean() < 0.01, "mean " + compared.mean());
    JpegMeasure measured = JpegMeasure.of("x", new ByteArrayInputStream(out.toByteArray()));
    assertEquals(Math.round(ppi), measured.ppi());
    assertEquals(whole.getHeight(), measured.height());
  }

  @Test
  void picturesAreMetFromTheTopAsTheyAreDrawnAndOnlyThoseOfThePage() throws Exception {
    Picture picture = Made.picture(400, 300);
    Job job = Made.with(picture, Made.photo("i1", picture, 0.5, 4, 2, 1.5), Made.photo("i2", picture, 0.5, -9, 4, 3),
        Made.photo("i3", picture, 1, 0.5, 1, 0.75));
    DrawnPage page = Imposition.of(job, job.faces().get(0), PageOptions.of(job));
    PicturesAhead ahead = new PicturesAhead(RasterPainter.toPixels(page, 100),
        new Box(0, 0, page.size().width() * 100, page.size().height() * 100));
    page.marks().accept(ahead);
    List<PicturesAhead.Met> met = ahead.fromTheTop();
    assertEquals(2, met.size(), "what lies beside the page is not drawn");
    assertEquals(350, met.get(1).row() - met.get(0).row(), 1);
    assertEquals(0.25, met.get(0).share(), 0.001, "one inch at 100 ppi of 400 pixels");
    assertEquals(0.5, met.get(1).share(), 0.001);
    Halvings decoded = new Halvings();
    met.get(0).decode(decoded);
    assertSame(decoded.atLeast(picture, met.get(0).share()), decoded.atLeast(picture, 0.25), "it is there when it is drawn");
  }

  @Test
  void writingStopsWhenAskedAndHugePagesAreRefused() throws Exception {
    Progress stopping = new Progress() {
      @Override
      public void at(double fraction) {
      }

      @Override
      public boolean stopped() {
        return true;
      }
    };
    Bands bands = new Bands(page(), 150, new Halvings());
    assertThrows(Stopped.class, () -> PngFile.write(bands, new ByteArrayOutputStream(), stopping));
    assertThrows(Trouble.class, () -> new Bands(page(), 20_000, new Halvings()));
  }

  @Test
  void damagedFilesAreSeenByTheReader() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    JpegFile.write(new Bands(page(), 60, new Halvings()), 0.9, out, Progress.SILENT);
    byte[] cut = java.util.Arrays.copyOf(out.toByteArray(), out.size() - 40);
    assertThrows(Trouble.class, () -> JpegMeasure.of("x.jpg", new ByteArrayInputStream(cut)));
    assertThrows(Trouble.class, () -> JpegMeasure.of("x.jpg", new ByteArrayInputStream(new byte[] {1, 2, 3})));
  }
}
