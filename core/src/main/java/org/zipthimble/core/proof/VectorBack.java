package org.zipthimble.core.proof;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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

  /**
   * What a reading of a file gave, in inches from the top left.
   *
   * @param outlines the box of each outline
   */
  record Outlines(Size size, List<Box> outlines) {}

  /** Reads an SVG back. */
  public static Measured svg(Path file, VectorSheet sheet, Unit unit) throws Trouble {
    byte[] bytes = bytes(file);
    return measured(file, bytes.length, sheet.size(), outlines(sheet), SvgMeasure.of(name(file), bytes), unit);
  }

  /** Reads a drawing exchange file back. */
  public static Measured dxf(Path file, VectorSheet sheet, Unit unit) throws Trouble {
    byte[] bytes = bytes(file);
    Outlines found = DxfMeasure.of(name(file), new String(bytes, StandardCharsets.US_ASCII));
    return measured(file, bytes.length, sheet.size(), outlines(sheet), found, unit);
  }

  /**
   * Reads plotter language back.
   *
   * @param strokes what was to be cut, in inches, one for each time the tool goes down
   */
  public static Measured plotter(Path file, Size size, List<List<Point>> strokes, Unit unit) throws Trouble {
    byte[] bytes = bytes(file);
    Outlines found = PlotterMeasure.of(name(file), new String(bytes, StandardCharsets.US_ASCII), size);
    return measured(file, bytes.length, size, strokes.stream().map(Box::around).toList(), found, unit);
  }

  private static Measured measured(
      Path file, long bytes, Size size, List<Box> outlines, Outlines found, Unit unit) {
    List<Measured.Line> lines = new ArrayList<>();
    Optional<Box> reach = reach(outlines);
    Optional<Box> seen = reach(found.outlines());
    boolean sized = Math.abs(size.width() - found.size().width()) <= TOLERANCE
        && Math.abs(size.height() - found.size().height()) <= TOLERANCE;
    lines.add(new Measured.Line(Wording.text("proof.size"), show(size, unit), show(found.size(), unit), sized));
    boolean same = reach.isPresent() && seen.isPresent() && reach.get().contains(seen.get(), TOLERANCE)
        && seen.get().contains(reach.get(), TOLERANCE);
    lines.add(new Measured.Line(Wording.text("proof.reach"), show(reach, unit), show(seen, unit), same));
    lines.add(new Measured.Line(Wording.text("proof.outlines"), String.valueOf(outlines.size()), String.valueOf(found.outlines().size()),
        outlines.size() == found.outlines().size()));
    Point middle = middle(outlines);
    Point there = middle(found.outlines());
    lines.add(new Measured.Line(Wording.text("proof.middle"), show(middle, unit), show(there, unit), middle.distance(there) <= TOLERANCE));
    return new Measured(file, bytes, lines);
  }

  private static String show(Optional<Box> box, Unit unit) {
    return box.map(b -> show(new Size(b.width(), b.height()), unit)).orElse(Wording.text("proof.nothing"));
  }

  private static String show(Size size, Unit unit) {
    return Wording.text(
        "size.pair", Lengths.plain(unit.fromInches(size.width()), 3), Lengths.plain(unit.fromInches(size.height()), 3), unit.sign());
  }

  /** The middle of the middles of all outlines: in a mirror it lies on the other side. */
  private static Point middle(List<Box> outlines) {
    double x = outlines.stream().mapToDouble(b -> b.centre().x()).average().orElse(0);
    double y = outlines.stream().mapToDouble(b -> b.centre().y()).average().orElse(0);
    return new Point(x, y);
  }

  private static String show(Point place, Unit unit) {
    return Wording.text("proof.place", Lengths.plain(unit.fromInches(place.x()), 3), Lengths.plain(unit.fromInches(place.y()), 3),
        unit.sign());
  }

  private static Optional<Box> reach(List<Box> outlines) {
    return outlines.stream().reduce(Box::union);
  }

  private static List<Box> outlines(VectorSheet sheet) {
    return sheet.layers().stream().flatMap(l -> l.lines().stream()).flatMap(l -> boxes(l.path())).toList();
  }

  /** The box of each outline of a path. */
  static Stream<Box> boxes(org.zipthimble.core.geom.Path path) {
    return Contour.of(path).stream().flatMap(c -> Measure.bounds(c.path()).stream());
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
