package org.zipthimble.core.proof;

import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Reads an output file from the disk again and sets what it measures beside what the page asked for. */
public final class ReadBack {
  /** Boxes must be right to this many points. */
  public static final double BOX_TOLERANCE_PT = 0.001;

  /** A drawing of the file must agree with the marks to this mean share of full scale. */
  public static final double MEAN_TOLERANCE = 0.01;

  /** No small square of it may be farther off, as a share of full scale: an object of 0.05 in that is missing is. */
  public static final double LOCAL_TOLERANCE = 0.2;

  private static final double COMPARE_PPI = 72;

  /** So many pages of a file are read back one by one. */
  private static final int MOST_READ = 24;

  private ReadBack() {}

  /**
   * Reads a PDF back: pages, boxes, fonts, and a drawing of it by the reading library's own hand.
   *
   * @param unit the unit for the report
   */
  public static Measured pdf(Path file, PageRun pages, Unit unit, Progress progress) throws Trouble, Stopped {
    PdfMeasure found = PdfMeasure.of(file);
    List<Measured.Line> lines = new ArrayList<>();
    lines.add(new Measured.Line(
        Wording.text("proof.pages"), String.valueOf(pages.count()), String.valueOf(found.pages().size()),
        pages.count() == found.pages().size()));
    for (int i : sampled(Math.min(pages.count(), found.pages().size()))) {
      boxes(pages.at(i), found.pages().get(i), unit, lines);
    }
    lines.add(new Measured.Line(
        Wording.text("proof.fonts"), Wording.text("proof.fontsInside"),
        Wording.text(found.fontsInside() ? "proof.fontsFound" : "proof.fontsLacking", found.fonts().size()),
        found.fontsInside()));
    lines.addAll(drawn(file, pages, progress));
    return new Measured(file, length(file), lines);
  }

  /** Reads a PDF for a press back: pages, boxes, fonts, each demand of PDF/X-4 that is claimed, and the plates. */
  public static Measured press(Path file, PageRun pages, Inking inking, Unit unit) throws Trouble {
    byte[] bytes = bytes(file);
    String name = file.getFileName().toString();
    PdfMeasure found = PdfMeasure.of(name, bytes);
    PressMeasure press = PressMeasure.of(name, bytes);
    List<Measured.Line> lines = new ArrayList<>();
    lines.add(new Measured.Line(
        Wording.text("proof.pages"), String.valueOf(pages.count()), String.valueOf(found.pages().size()),
        pages.count() == found.pages().size()));
    for (int i : sampled(Math.min(pages.count(), found.pages().size()))) {
      boxes(pages.at(i), found.pages().get(i), unit, lines);
    }
    press.demands().forEach((demand, met) -> lines.add(new Measured.Line(
        Wording.of(demand), Wording.text("proof.met"),
        Wording.text(met ? "proof.met" : "proof.notMet"), met)));
    Set<String> wanted = Plates.of(pages, inking);
    lines.add(new Measured.Line(Wording.text("proof.plates"), plates(wanted), plates(press.plates()), wanted.equals(press.plates())));
    return new Measured(file, bytes.length, lines);
  }

  private static String plates(Set<String> own) {
    return Wording.text("proof.processPlates") + (own.isEmpty() ? "" : ", " + String.join(", ", own));
  }

  /** Reads a TIFF back: its pixels, its recorded resolution, its channels and profile, and the size that they give. */
  public static Measured tiff(Path file, DrawnPage page, double ppi, Unit unit, boolean inks) throws Trouble {
    try {
      TiffMeasure found = TiffMeasure.of(file);
      Measured.Line resolution = new Measured.Line(
          Wording.text("proof.resolution"), Wording.text("proof.ppi", Lengths.plain(ppi, 1)),
          Wording.text("proof.ppi", Lengths.plain(found.ppi(), 1)), Math.abs(found.ppi() - ppi) < 0.01);
      Measured plain = pixels(file, page, ppi, unit, found.width(), found.height(), found.ppi(), resolution);
      List<Measured.Line> lines = new ArrayList<>(plain.lines());
      String wanted = Wording.text(inks ? "proof.inkChannels" : "proof.rgbChannels");
      boolean right = found.channels() == (inks ? 4 : 3) && found.photometric() == (inks ? 5 : 2) && found.profile() > 128;
      lines.add(new Measured.Line(Wording.text("proof.channels"), wanted,
          right ? wanted : Wording.text("proof.otherChannels", found.channels()), right));
      return new Measured(file, plain.bytes(), lines);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", file.getFileName());
    }
  }

  /** Reads a PNG back: its pixels, its recorded resolution, and the size that both give. */
  public static Measured png(Path file, DrawnPage page, double ppi, Unit unit) throws Trouble {
    try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
      PngMeasure found = PngMeasure.of(file.getFileName().toString(), in);
      Measured.Line resolution = new Measured.Line(
          Wording.text("proof.resolution"), Wording.text("proof.ppi", Lengths.plain(ppi, 1)),
          Wording.text("proof.ppiPerMetre", Lengths.plain(found.ppi(), 1), found.perMetre()),
          found.perMetre() == Math.round(ppi / 0.0254));
      return pixels(file, page, ppi, unit, found.width(), found.height(), found.ppi(), resolution);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", file.getFileName());
    }
  }

  /**
   * Reads a JPEG back: its pixels, its recorded resolution, and the size that both give.
   *
   * @param ppi the whole number of pixels per inch that it was made with
   * @param asked what was asked for
   */
  public static Measured jpeg(Path file, DrawnPage page, double ppi, double asked, Unit unit) throws Trouble {
    try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
      JpegMeasure found = JpegMeasure.of(file.getFileName().toString(), in);
      Measured.Line resolution = new Measured.Line(
          Wording.text("proof.resolution"), Wording.text("proof.ppi", Lengths.plain(asked, 1)),
          asked == ppi ? Wording.text("proof.ppi", found.ppi()) : Wording.text("proof.ppiWhole", found.ppi(), Lengths.plain(asked, 2)),
          found.ppi() == ppi);
      return pixels(file, page, ppi, unit, found.width(), found.height(), found.ppi(), resolution);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", file.getFileName());
    }
  }

  private static Measured pixels(
      Path file, DrawnPage page, double ppi, Unit unit, int wide, int high, double foundPpi, Measured.Line resolution)
      throws IOException {
    long width = Math.round(page.size().width() * ppi);
    long height = Math.round(page.size().height() * ppi);
    List<Measured.Line> lines = new ArrayList<>();
    lines.add(new Measured.Line(
        Wording.text("proof.pixels"), Wording.text("proof.by", width, height),
        Wording.text("proof.by", wide, high), width == wide && height == high));
    lines.add(resolution);
    double per = foundPpi > 0 ? foundPpi : Double.NaN;
    double tolerance = 1 / ppi + Math.abs(ppi - per) / ppi * Math.max(page.size().width(), page.size().height());
    boolean right = Math.abs(wide / per - page.size().width()) <= tolerance
        && Math.abs(high / per - page.size().height()) <= tolerance;
    lines.add(new Measured.Line(
        Wording.text("proof.size"), Lengths.show(page.size(), unit),
        foundPpi > 0 ? measured(wide / per, high / per, unit) : Wording.text("proof.noSize"), right));
    return new Measured(file, Files.size(file), lines);
  }

  /** A reader that smooths as we do: lines stay where they are and are not moved to whole pixels. */
  private static PDFRenderer reader(PDDocument document) {
    PDFRenderer reader = new PDFRenderer(document);
    RenderingHints hints = new RenderingHints(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    hints.put(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    hints.put(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    hints.put(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
    reader.setRenderingHints(hints);
    return reader;
  }

  private static void boxes(DrawnPage page, PdfMeasure.PageBoxes found, Unit unit, List<Measured.Line> lines) {
    lines.add(box("proof.media", page, page.media(), found.media(), unit));
    lines.add(box("proof.bleed", page, page.bleed(), found.bleed(), unit));
    lines.add(box("proof.trim", page, page.trim(), found.trim(), unit));
  }

  private static Measured.Line box(String key, DrawnPage page, Box wanted, Box found, Unit unit) {
    Box pt = new Box(
        wanted.x() * 72, (page.size().height() - wanted.bottom()) * 72, wanted.width() * 72, wanted.height() * 72);
    boolean right = pt.contains(found, BOX_TOLERANCE_PT) && found.contains(pt, BOX_TOLERANCE_PT);
    return new Measured.Line(
        Wording.text(key, page.name()), Lengths.show(new Size(wanted.width(), wanted.height()), unit),
        measured(found.width() / 72, found.height() / 72, unit), right);
  }

  private static String measured(double width, double height, Unit unit) {
    return Wording.text(
        "size.pair", Lengths.plain(unit.fromInches(width), 3), Lengths.plain(unit.fromInches(height), 3), unit.sign());
  }

  /** The pages that are looked at: all of a few; of many the first, the last and some that are evenly spread between them. */
  static List<Integer> sampled(int count) {
    if (count <= MOST_READ) {
      return IntStream.range(0, count).boxed().toList();
    }
    return IntStream.range(0, MOST_READ).map(i -> (int) Math.round((double) i * (count - 1) / (MOST_READ - 1))).boxed().toList();
  }

  private static List<Measured.Line> drawn(Path pdf, PageRun pages, Progress progress) throws Trouble, Stopped {
    double worst = 0;
    double local = 0;
    Halvings pictures = Halvings.SHARED;
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      PDFRenderer reader = reader(document);
      for (int i : sampled(pages.count())) {
        progress.step((double) i / pages.count());
        DrawnPage page = pages.at(i);
        BufferedImage ours = RasterPainter.paint(page, COMPARE_PPI, pictures, Progress.SILENT);
        BufferedImage theirs = reader.renderImageWithDPI(i, (float) COMPARE_PPI, ImageType.RGB);
        Comparison compared = shared(ours, theirs);
        worst = Math.max(worst, compared.mean());
        local = Math.max(local, compared.local());
      }
    } catch (IOException e) {
      throw Trouble.because(e, "proof.damaged", "PDF");
    }
    return List.of(
        new Measured.Line(
            Wording.text("proof.drawn"), Wording.text("proof.under", Lengths.plain(MEAN_TOLERANCE * 100, 1)),
            Wording.text("proof.percent", Lengths.plain(worst * 100, 2)), worst < MEAN_TOLERANCE),
        new Measured.Line(
            Wording.text("proof.local"), Wording.text("proof.under", Lengths.plain(LOCAL_TOLERANCE * 100, 1)),
            Wording.text("proof.percent", Lengths.plain(local * 100, 2)), local < LOCAL_TOLERANCE));
  }

  /**
   * A page whose pixels are no whole number may differ by one row or column; the shared part is compared. Other sizes are nothing alike.
   */
  private static Comparison shared(BufferedImage ours, BufferedImage theirs) {
    int width = Math.min(ours.getWidth(), theirs.getWidth());
    int height = Math.min(ours.getHeight(), theirs.getHeight());
    boolean near = Math.abs(ours.getWidth() - theirs.getWidth()) <= 1 && Math.abs(ours.getHeight() - theirs.getHeight()) <= 1;
    return near ? Comparison.of(ours.getSubimage(0, 0, width, height), theirs.getSubimage(0, 0, width, height)) : new Comparison(1, 1, 1);
  }

  private static long length(Path file) throws Trouble {
    try {
      return Files.size(file);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", file.getFileName());
    }
  }

  private static byte[] bytes(Path file) throws Trouble {
    try {
      return Files.readAllBytes(file);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", file.getFileName());
    }
  }
}
