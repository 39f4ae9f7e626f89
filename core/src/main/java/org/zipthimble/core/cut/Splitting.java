package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Split;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Ongoing;

/** Parts a design that is wider than its sheet. The design itself stays as it is. */
public final class Splitting {
  private static final double FAR = 1000;
  private static final double MARK = 0.15;
  private static final double STEP_REACH = 1.5;

  private Splitting() {}

  /**
   * The parts of one lane.
   *
   * @param seams from above the design to below it, on the design's ground; none where it needs no split
   * @param sheets one for each part, in order from the left
   * @param whole what could not be parted: it is higher than its sheet too
   */
  public record Parts(List<List<Point>> seams, List<CutSheet> sheets, Optional<CutPiece> whole) {
    /** Keeps copies. */
    public Parts {
      seams = List.copyOf(seams);
      sheets = List.copyOf(sheets);
    }
  }

  /** Parts the pieces of a lane, which are kept as they lie to each other. */
  public static Parts parts(Job job, Lane lane, List<CutPiece> pieces) {
    List<CutLine> lines = new ArrayList<>();
    pieces.forEach(p -> lines.addAll(p.lines()));
    CutPiece whole = Pieces.piece("all", lane.name(), lines);
    Box box = CutLines.bounds(lines).orElseThrow();
    Split split = job.cutting().split();
    double trail = lane.blade().trail();
    Optional<Supply> supply = supply(lane.supply(), box, split.overlap(), trail);
    if (supply.isEmpty()) {
      CutPiece lies = whole.mapped(Layout.intoCorner(box, lane.supply().usable(), lane.blade().trail()));
      return new Parts(List.of(), List.of(Layout.sheet(job.cutting(), lane, 1, lane.supply(), List.of(lies))), Optional.of(whole));
    }
    List<List<Point>> seams = seams(lines, box, supply.get(), split, trail);
    List<CutSheet> sheets = new ArrayList<>();
    for (int part = 0; part <= seams.size(); part++) {
      Ongoing.check();
      List<CutLine> cut = part(lines, box, seams, part, split, lane);
      if (!cut.isEmpty()) {
        CutPiece piece = Pieces.piece("part" + (part + 1), String.valueOf(part + 1), cut);
        Box own = CutLines.bounds(cut).orElseThrow();
        Box usable = supply.get().usable();
        CutPiece lies = piece.mapped(Layout.intoCorner(own, usable, lane.blade().trail()));
        sheets.add(Layout.sheet(job.cutting(), lane, part + 1, supply.get(), List.of(lies)));
      }
    }
    return new Parts(seams, sheets, Optional.empty());
  }

  /** The supply as it lies for the fewest parts; empty when the design is too high either way. */
  private static Optional<Supply> supply(Supply supply, Box box, double overlap, double trail) {
    Supply best = null;
    for (Supply way : List.of(supply, supply.turned())) {
      boolean high = box.height() <= way.usable().height() + 1e-6;
      if (high && (best == null || count(way, box, overlap, trail) < count(best, box, overlap, trail))) {
        best = way;
      }
    }
    return Optional.ofNullable(best);
  }

  private static int count(Supply supply, Box box, double overlap, double trail) {
    double usable = supply.usable().width() - 2 * trail;
    return box.width() <= usable + 1e-6 ? 1 : (int) Math.ceil((box.width() - overlap) / (usable - overlap) - 1e-9);
  }

  private static List<List<Point>> seams(List<CutLine> lines, Box box, Supply supply, Split split, double trail) {
    Seams finder = new Seams(lines.stream().map(CutLine::path).toList(), box);
    List<Double> at = new ArrayList<>(split.at());
    double widest = supply.usable().width() - 2 * trail;
    boolean proposed = at.isEmpty();
    if (proposed) {
      int count = count(supply, box, split.overlap(), trail) - 1;
      at.addAll(finder.straight(count, widest, split.overlap()));
      if (at.size() < count) {
        at.clear();
        at.addAll(finder.straight(count + 1, widest, split.overlap()));
      }
    } else {
      at.replaceAll(x -> box.x() + x);
      at.removeIf(x -> x <= box.x() || x >= box.right());
      at.sort(Double::compare);
    }
    List<List<Point>> seams = new ArrayList<>();
    for (int i = 0; i < at.size(); i++) {
      double left = i == 0 ? box.x() : at.get(i - 1);
      double right = i + 1 == at.size() ? box.right() : at.get(i + 1);
      double room = Math.min(at.get(i) - left, right - at.get(i)) / 3;
      double slack = Math.min(widest - (at.get(i) - left) - split.overlap(), widest - (right - at.get(i)) - split.overlap()) / 2;
      double reach = Math.max(0, Math.min(STEP_REACH, Math.min(room, slack)));
      seams.add(split.stepped() && reach > 0.1
          ? finder.stepped(at.get(i), reach)
          : List.of(new Point(at.get(i), box.y() - 0.01), new Point(at.get(i), box.bottom() + 0.01)));
    }
    return seams;
  }

  private static List<CutLine> part(List<CutLine> lines, Box box, List<List<Point>> seams, int part, Split split, Lane lane) {
    Path region = region(box, seams, part, split.overlap() / 2);
    boolean open = lane.material() == Material.STENCIL_FILM;
    List<CutLine> out = new ArrayList<>();
    for (CutLine line : lines) {
      boolean closed = Contour.of(line.path()).stream().allMatch(Contour::closed);
      Path in = closed ? Combine.combine(Way.KEEP_OVERLAP, List.of(line.path(), region)) : line.path();
      if (open && closed) {
        in = withoutSeams(in, region);
      }
      if (!in.segments().isEmpty()) {
        out.add(line.withPath(in));
      }
    }
    if (!out.isEmpty()) {
      marks(box, seams, part, split.overlap(), lane).forEach(out::add);
    }
    return out;
  }

  /** The field of one part, from its left seam to its right one. */
  static Path region(Box box, List<List<Point>> seams, int part, double over) {
    List<Point> around = new ArrayList<>();
    if (part == 0) {
      around.add(new Point(box.x() - FAR, box.bottom() + FAR));
      around.add(new Point(box.x() - FAR, box.y() - FAR));
    } else {
      List<Point> left = seams.get(part - 1);
      for (int i = left.size() - 1; i >= 0; i--) {
        around.add(ended(left, i).plus(-over, 0));
      }
    }
    if (part == seams.size()) {
      around.add(new Point(box.right() + FAR, box.y() - FAR));
      around.add(new Point(box.right() + FAR, box.bottom() + FAR));
    } else {
      List<Point> right = seams.get(part);
      for (int i = 0; i < right.size(); i++) {
        around.add(ended(right, i).plus(over, 0));
      }
    }
    Path.Builder path = Path.build().start(around.get(0));
    around.subList(1, around.size()).forEach(path::line);
    return path.close().path();
  }

  /** A seam's place, its ends drawn out far beyond the design. */
  private static Point ended(List<Point> seam, int i) {
    Point p = seam.get(i);
    return i == 0 ? new Point(p.x(), p.y() - FAR) : i == seam.size() - 1 ? new Point(p.x(), p.y() + FAR) : p;
  }

  /** A stencil's openings are not closed along a seam: the sheet ends there. */
  private static Path withoutSeams(Path path, Path region) {
    List<Contour> out = new ArrayList<>();
    for (Contour contour : Contour.of(path)) {
      List<List<Span>> runs = new ArrayList<>();
      runs.add(new ArrayList<>());
      boolean any = false;
      for (Span span : contour.spans()) {
        boolean seam = span.straight() && Inside.distance(region, span.at(0.5), 0.001) < 2e-4
            && Inside.distance(region, span.at(0.1), 0.001) < 2e-4;
        any |= seam;
        if (seam) {
          runs.add(new ArrayList<>());
        } else {
          runs.get(runs.size() - 1).add(span);
        }
      }
      if (!any) {
        out.add(contour);
        continue;
      }
      if (runs.size() > 1) {
        runs.get(runs.size() - 1).addAll(runs.remove(0));
      }
      runs.stream().filter(r -> !r.isEmpty()).forEach(r -> out.add(new Contour(r, false)));
    }
    return Contour.path(out);
  }

  /** Marks at both ends of a seam: halves that make a diamond where parts butt, whole ones that lie over each other where they overlap. */
  private static List<CutLine> marks(Box box, List<List<Point>> seams, int part, double overlap, Lane lane) {
    List<CutLine> out = new ArrayList<>();
    for (int side = -1; side <= 1; side += 2) {
      int seam = side < 0 ? part - 1 : part;
      if (seam < 0 || seam >= seams.size()) {
        continue;
      }
      for (int end = 0; end < 2; end++) {
        List<Point> line = seams.get(seam);
        double x = line.get(end == 0 ? 0 : line.size() - 1).x();
        double y = end == 0 ? box.y() - 2 * MARK : box.bottom() + 2 * MARK;
        Path.Builder diamond = Path.build().start(x, y - MARK);
        if (overlap > 0 || side < 0) {
          diamond.line(x + MARK, y);
        }
        diamond.line(x, y + MARK);
        if (overlap > 0 || side > 0) {
          diamond.line(x - MARK, y);
        }
        String name = Wording.text("cut.mark", seam + 1);
        out.add(new CutLine(diamond.close().path(), CutKind.KISS, lane.id(), "", name, ""));
      }
    }
    return out;
  }

  /** How many edges a seam crosses. */
  public static int crossed(List<CutLine> lines, List<Point> seam) {
    int count = 0;
    for (CutLine line : lines) {
      for (int i = 0; i + 1 < seam.size(); i++) {
        count += crossings(line.path(), seam.get(i), seam.get(i + 1));
      }
    }
    return count;
  }

  private static int crossings(Path path, Point a, Point b) {
    int count = 0;
    for (List<Point> chain : Flatten.chains(path, 0.002)) {
      for (int i = 0; i + 1 < chain.size(); i++) {
        double d1 = side(a, b, chain.get(i));
        double d2 = side(a, b, chain.get(i + 1));
        double d3 = side(chain.get(i), chain.get(i + 1), a);
        double d4 = side(chain.get(i), chain.get(i + 1), b);
        count += d1 > 0 != d2 > 0 && d3 > 0 != d4 > 0 ? 1 : 0;
      }
    }
    return count;
  }

  private static double side(Point a, Point b, Point p) {
    return (b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x());
  }
}
