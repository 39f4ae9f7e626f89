package org.zipthimble.core.send;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.cut.CutMarks;
import org.zipthimble.core.cut.CutSheet;
import org.zipthimble.core.cut.Stroke;
import org.zipthimble.core.cut.ToolPath;
import org.zipthimble.core.form.Leaving;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.paint.PlotterFile;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** The outlines that leave for a cutter: closed, without crossings of their own, words as outlines. */
public final class CutDrawings {
  private static final double HAIR = 0.25 / 72;

  private CutDrawings() {}

  /**
   * The design of all faces side by side as it stands on the item; the origin is the trim's top left, or above and left of it where lines
   * reach beyond. What is cut as a mirror image is mirrored about the middle of the trim.
   *
   * @param mirror whether all of it is a mirror image or none; empty to go by each lane
   */
  public static VectorSheet design(Job job, List<String> lanes, Optional<Boolean> mirror) {
    Set<String> mirrored = job.cutting().lanes().stream().filter(l -> mirror.orElse(job.mirrorsHere(l))).map(Lane::id)
        .collect(Collectors.toSet());
    List<VectorSheet.Layer> layers = new ArrayList<>();
    double right = 0;
    double bottom = 0;
    double x = 0;
    for (Face face : job.leaving()) {
      Box trim = Leaving.of(job, face).frame().trim();
      Affine turned = Repeats.mirror(90, trim.centre());
      List<CutLine> lines = CutLines.allLeaving(job, face).stream().filter(l -> lanes.contains(l.lane()) || l.lane().isEmpty())
          .map(l -> mirrored.contains(l.lane()) || l.lane().isEmpty() && mirror.orElse(false) ? l.mapped(turned) : l).toList();
      Box box = CutLines.bounds(lines).map(b -> b.union(trim)).orElse(trim);
      Affine place = Affine.move(x - box.x(), -box.y());
      layers.addAll(layers(job, lines.stream().map(l -> l.mapped(place)).toList(), job.faces().size() > 1 ? face.name() + " " : ""));
      right = Math.max(right, x + box.width());
      bottom = Math.max(bottom, box.height());
      x = right + 0.5;
    }
    return new VectorSheet(job.name(), new Size(right, bottom), layers);
  }

  /** One sheet as it goes under the blade. */
  public static VectorSheet sheet(Job job, CutSheet sheet) {
    return new VectorSheet(job.name() + ", " + name(sheet), size(sheet), layers(job, sheet.lines(), ""));
  }

  private static String name(CutSheet sheet) {
    return Wording.text("sheet.cutPage", sheet.lane().name(), sheet.number());
  }

  /** The size of a sheet; of a roll the length that is used. */
  public static Size size(CutSheet sheet) {
    Size size = sheet.supply().size();
    return sheet.supply().roll() ? new Size(size.width(), sheet.length() + 2 * sheet.supply().margin()) : size;
  }

  private static List<VectorSheet.Layer> layers(Job job, List<CutLine> lines, String prefix) {
    Map<String, List<CutLine>> groups = new LinkedHashMap<>();
    lines.forEach(l -> groups.computeIfAbsent(prefix + CutMarks.spot(job, l.kind(), l.lane()), k -> new ArrayList<>()).add(l));
    List<VectorSheet.Layer> out = new ArrayList<>();
    groups.forEach((name, some) -> {
      CutKind kind = some.get(0).kind();
      List<Double> dashes = kind == CutKind.SCORE ? List.of(0.08, 0.05) : kind == CutKind.PERFORATE ? List.of(0.03, 0.03) : List.of();
      out.add(new VectorSheet.Layer(
          name, CutMarks.colour(job, some.get(0).lane()), dashes,
          some.stream().map(l -> new VectorSheet.Line(l.name(), sound(l), Optional.empty())).toList()));
    });
    return out;
  }

  /** What parts the material leaves without crossings of its own. */
  private static Path sound(CutLine line) {
    boolean closed = Contour.of(line.path()).stream().allMatch(Contour::closed);
    return closed && line.kind().parts() ? Combine.clean(line.path(), Rule.NON_ZERO) : line.path();
  }

  /** The strokes of a sheet in the order they are cut. */
  public static List<Stroke> strokes(CutSheet sheet) {
    return ToolPath.of(sheet.lines().stream().map(l -> l.withPath(sound(l))).toList(), sheet.lane().blade());
  }

  /** A sheet in plotter language: pen 1 draws, 2 scores, 3 perforates, 4 kiss-cuts, 5 cuts through. */
  public static String plotter(CutSheet sheet) {
    List<PlotterFile.Run> runs = new ArrayList<>();
    List<Stroke> strokes = strokes(sheet);
    for (CutKind kind : List.of(CutKind.PEN, CutKind.SCORE, CutKind.PERFORATE, CutKind.KISS, CutKind.THROUGH)) {
      List<Stroke> some = strokes.stream().filter(s -> s.kind() == kind).toList();
      if (!some.isEmpty()) {
        runs.add(new PlotterFile.Run(
            pen(kind), sheet.lane().blade().speed(), sheet.lane().blade().pressure(),
            kind == CutKind.PEN ? 1 : sheet.lane().blade().passes(),
            some.stream().map(Stroke::places).toList()));
      }
    }
    return PlotterFile.text(size(sheet), runs);
  }

  /** The pen that a kind of cut has in plotter language, 1 to 5. */
  public static int pen(CutKind kind) {
    return switch (kind) {
      case PEN -> 1;
      case SCORE -> 2;
      case PERFORATE -> 3;
      case KISS -> 4;
      case THROUGH -> 5;
    };
  }

  /** A sheet as a page whose lines are spot colours in layers. */
  public static DrawnPage page(Job job, CutSheet sheet) {
    Size size = size(sheet);
    Box whole = new Box(0, 0, size.width(), size.height());
    List<CutLine> lines = sheet.lines().stream().map(l -> l.withPath(sound(l))).toList();
    return new DrawnPage(
        name(sheet), size, whole, whole,
        out -> CutMarks.steps(job, lines, Affine.IDENTITY, HAIR, out));
  }

  /** A sheet as it is shown: pieces in the colour of their lane, lines in the patterns of their kinds. */
  public static DrawnPage shown(Job job, CutSheet sheet) {
    Size size = size(sheet);
    Box whole = new Box(0, 0, size.width(), size.height());
    double line = Math.max(size.width(), size.height()) / 700;
    return new DrawnPage(name(sheet), size, whole, whole, out -> {
      sheet.pieces().forEach(p -> out.fill(p.outline(), sheet.lane().colour()));
      CutMarks.draw(job, sheet.lines(), Affine.IDENTITY, line, out);
    });
  }

  /** The whole design as it is shown: its cut lines in the patterns of their kinds, at the size of the file. */
  public static DrawnPage designPage(Job job) {
    List<String> lanes = job.cutting().lanes().stream().map(l -> l.id()).toList();
    VectorSheet sheet = design(job, lanes, Optional.empty());
    Size size = new Size(Math.max(0.1, sheet.size().width()), Math.max(0.1, sheet.size().height()));
    Box whole = new Box(0, 0, size.width(), size.height());
    double line = Math.max(size.width(), size.height()) / 500;
    return new DrawnPage(job.name(), size, whole, whole, out -> sheet.layers().forEach(layer -> layer.lines().forEach(
        l -> out.line(l.path(), line, layer.colour()))));
  }
}
