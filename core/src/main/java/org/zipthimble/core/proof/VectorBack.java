package org.zipthimble.core.proof;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** Reads files for cutters back and sets their size, their reach and their outlines beside what was asked for. */
public final class VectorBack {
  /** Figures must be right to this many inches. */
  public static final double TOLERANCE = 0.001;

  private VectorBack() {}

  /** What a reading of a file gave, in inches from the top left. */
  record Found(Size size, Optional<Box> reach, int outlines) {}

  /** Reads an SVG back. */
  public static Measured svg(Path file, VectorSheet sheet, Unit unit) throws Trouble {
    byte[] bytes = bytes(file);
    return measured(file, bytes.length, sheet.size(), reach(sheet), outlines(sheet), SvgMeasure.of(name(file), bytes), unit);
  }

  /** Reads a drawing exchange file back. */
  public static Measured dxf(Path file, VectorSheet sheet, Unit unit) throws Trouble {
    byte[] bytes = bytes(file);
    Found found = DxfMeasure.of(name(file), new String(bytes, StandardCharsets.US_ASCII));
    return measured(file, bytes.length, sheet.size(), reach(sheet), outlines(sheet), found, unit);
  }

  /**
   * Reads plotter language back.
   *
   * @param strokes what was to be cut, in inches, one for each time the tool goes down
   */
  public static Measured plotter(Path file, Size size, List<List<Point>> strokes, Unit unit) throws Trouble {
    byte[] bytes = bytes(file);
    Found found = PlotterMeasure.of(name(file), new String(bytes, StandardCharsets.US_ASCII), size);
    Optional<Box> reach = strokes.stream().map(Box::around).reduce(Box::union);
    return measured(file, bytes.length, size, reach, strokes.size(), found, unit);
  }

  private static Measured measured(
      Path file, long bytes, Size size, Optional<Box> reach, int outlines, Found found, Unit unit) {
    List<Measured.Line> lines = new ArrayList<>();
    boolean sized = Math.abs(size.width() - found.size().width()) <= TOLERANCE && Math.abs(size.height() - found.size().height()) <= TOLERANCE;
    lines.add(new Measured.Line(Wording.text("proof.size"), show(size, unit), show(found.size(), unit), sized));
    boolean same = reach.isPresent() && found.reach().isPresent() && reach.get().contains(found.reach().get(), TOLERANCE)
        && found.reach().get().contains(reach.get(), TOLERANCE);
    lines.add(new Measured.Line(Wording.text("proof.reach"), show(reach, unit), show(found.reach(), unit), same));
    lines.add(new Measured.Line(
        Wording.text("proof.outlines"), String.valueOf(outlines), String.valueOf(found.outlines()), outlines == found.outlines()));
    return new Measured(file, bytes, lines);
  }

  private static String show(Optional<Box> box, Unit unit) {
    return box.map(b -> show(new Size(b.width(), b.height()), unit)).orElse(Wording.text("proof.nothing"));
  }

  private static String show(Size size, Unit unit) {
    return Wording.text(
        "size.pair", Lengths.plain(unit.fromInches(size.width()), 3), Lengths.plain(unit.fromInches(size.height()), 3), unit.sign());
  }

  private static Optional<Box> reach(VectorSheet sheet) {
    return sheet.layers().stream().flatMap(l -> l.lines().stream()).flatMap(l -> Measure.bounds(l.path()).stream()).reduce(Box::union);
  }

  private static int outlines(VectorSheet sheet) {
    return sheet.layers().stream().flatMap(l -> l.lines().stream()).mapToInt(l -> Contour.of(l.path()).size()).sum();
  }

  private static String name(Path file) {
    return file.getFileName().toString();
  }

  private static byte[] bytes(Path file) throws Trouble {
    try {
      return Files.readAllBytes(file);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", file.getFileName());
    }
  }
}
