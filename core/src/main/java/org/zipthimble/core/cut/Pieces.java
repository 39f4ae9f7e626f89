package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.work.Ongoing;

/** The pieces of a lane. */
public final class Pieces {
  /** What a line without an inside takes up to either hand, in inches. */
  private static final double THIN = 0.01;

  private Pieces() {}

  /** The pieces of one lane over all faces and copies; where the plan does not nest, all of one face and copy is one piece. */
  public static List<CutPiece> of(Job job, Lane lane) {
    List<CutPiece> pieces = new ArrayList<>();
    for (Face face : job.leaving()) {
      List<CutLine> all = CutLines.allLeaving(job, face);
      List<CutLine> lines = all.stream().filter(l -> l.lane().equals(lane.id())).toList();
      if (lines.isEmpty()) {
        continue;
      }
      Box whole = CutLines.bounds(all).orElseThrow();
      List<CutLine> seen = job.mirrorsHere(lane)
          ? lines.stream().map(l -> l.mapped(Repeats.mirror(90, whole.centre()))).toList()
          : lines;
      for (int copy = 1; copy <= Math.min(job.ticket().quantity(), MOST_COPIES); copy++) {
        Ongoing.check();
        String suffix = (job.faces().size() > 1 ? "@" + face.id() : "") + (copy > 1 ? "*" + copy : "");
        pieces.addAll(job.cutting().nested() ? apart(face, seen, suffix) : List.of(piece("all" + suffix, face.name(), seen)));
      }
    }
    return pieces;
  }

  /** The most copies that are laid out; more would be laid out the same way again. */
  public static final int MOST_COPIES = 200;

  private static List<CutPiece> apart(Face face, List<CutLine> lines, String suffix) {
    Map<String, List<CutLine>> together = new LinkedHashMap<>();
    for (CutLine line : lines) {
      Optional<Item> top = face.find(line.top());
      boolean kept = top.isPresent() && !top.get().members().isEmpty() && top.get().properties().cutting().together();
      together.computeIfAbsent(kept ? line.top() : line.source(), k -> new ArrayList<>()).add(line);
    }
    List<CutPiece> out = new ArrayList<>();
    together.forEach(
        (id, some) -> out.addAll(split(id, face.find(id).map(i -> i.properties().name()).orElse(some.get(0).name()), some, suffix)));
    return out;
  }

  /** Lines of one object stay together; an object met several times, as by a repeat, gives several pieces. */
  private static List<CutPiece> split(String id, String name, List<CutLine> lines, String suffix) {
    boolean repeats = lines.size() > 1 && lines.stream().allMatch(l -> l.source().equals(lines.get(0).source()));
    if (!repeats) {
      return List.of(piece(id + suffix, name, lines));
    }
    List<CutPiece> out = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      out.add(piece(id + "#" + (i + 1) + suffix, name + " " + (i + 1), List.of(lines.get(i))));
    }
    return out;
  }

  static CutPiece piece(String id, String name, List<CutLine> lines) {
    List<Path> areas = new ArrayList<>();
    for (CutLine line : lines) {
      List<Contour> closed = Contour.of(line.path()).stream().filter(Contour::closed).toList();
      List<Contour> open = Contour.of(line.path()).stream().filter(c -> !c.closed()).toList();
      if (!closed.isEmpty()) {
        areas.add(Contour.path(closed));
      }
      if (!open.isEmpty()) {
        areas.add(Offset.around(Contour.path(open), THIN, true));
      }
    }
    Path joined = areas.isEmpty() ? Path.EMPTY : Combine.combine(Way.JOIN, areas);
    boolean nothing = joined.segments().isEmpty() || Extent.area(joined) <= 0;
    return new CutPiece(id, name, lines, nothing ? Offset.around(lines.get(0).path(), THIN, true) : joined);
  }

  /** The number of separate outlines that a path falls into once overlaps are joined. */
  public static int count(Path path) {
    return Combine.parts(path).size();
  }

  /** The middle of a path's box. */
  static Point middle(Path path) {
    return Measure.bounds(path).orElse(new Box(0, 0, 0, 0)).centre();
  }
}
