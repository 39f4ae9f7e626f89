package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.CutEdge;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.wording.Wording;

/** All that is cut of a face, in the face's inches: what the objects say, underlays and alignment marks. */
public final class CutLines {
  private static final double MARK = 0.25;
  private static final Kept<Face, String, Job, List<CutLine>> OWN = Kept.ofNewest(Kept.STATES, (face, own, job) -> found(job, face));
  private static final Kept<Face, String, Job, List<CutLine>> ALL = Kept.ofNewest(Kept.STATES, (face, all, job) -> all(job, face));

  private final Forms forms;
  private final Frame frame;
  private final List<CutLine> out = new ArrayList<>();

  private CutLines(Job job, Face face) {
    this.frame = job.frame(face);
    this.forms = new Forms(job);
  }

  /** The cut lines of a face's objects alone, the lowest first. Kept for as long as the face lives and what is cut of it stays. */
  public static List<CutLine> own(Job job, Face face) {
    return OWN.of(face, "", job);
  }

  /** The cut lines of a face's objects where the face leaves: bent where it goes round something tapered. */
  public static List<CutLine> leaving(Job job, Face face) {
    return bent(job, face, own(job, face));
  }

  /** All cut lines of a face where it leaves. */
  public static List<CutLine> allLeaving(Job job, Face face) {
    return bent(job, face, of(job, face));
  }

  private static List<CutLine> bent(Job job, Face face, List<CutLine> lines) {
    return job.development(face).map(d -> lines.stream().map(l -> l.withPath(d.path(l.path()))).toList()).orElse(lines);
  }

  private static List<CutLine> found(Job job, Face face) {
    CutLines lines = new CutLines(job, face);
    Scene.of(face).nodes().forEach(lines::node);
    return List.copyOf(lines.out);
  }

  /** All cut lines of a face: with underlays, and alignment marks where the plan asks for them. */
  public static List<CutLine> of(Job job, Face face) {
    return ALL.of(face, "", job);
  }

  private static List<CutLine> all(Job job, Face face) {
    List<CutLine> own = own(job, face);
    List<CutLine> all = new ArrayList<>();
    List<Lane> lanes = job.cutting().lanes();
    for (int i = 0; i < lanes.size(); i++) {
      all.addAll(laid(lanes, i, own));
    }
    own.stream().filter(l -> job.cutting().lane(l.lane()).isEmpty()).forEach(all::add);
    if (job.cutting().marks() && !job.cutting().nested()) {
      List<String> used = all.stream().map(CutLine::lane).filter(l -> !l.isEmpty()).distinct().toList();
      bounds(all).ifPresent(box -> used.forEach(lane -> all.addAll(marks(lane, box))));
    }
    return List.copyOf(all);
  }

  /** The box around cut lines; empty when there are none. */
  public static Optional<Box> bounds(List<CutLine> lines) {
    return lines.stream().flatMap(l -> Measure.bounds(l.path()).stream()).reduce(Box::union);
  }

  /** The lines of one lane, with what reaches under the lanes above it. */
  private static List<CutLine> laid(List<Lane> lanes, int index, List<CutLine> own) {
    Lane lane = lanes.get(index);
    List<CutLine> mine = own.stream().filter(l -> l.lane().equals(lane.id())).toList();
    List<String> higher = lanes.subList(index + 1, lanes.size()).stream().map(Lane::id).toList();
    List<Path> above = own.stream().filter(l -> higher.contains(l.lane()) && l.kind().parts()).map(CutLine::path).toList();
    if (lane.underlay().isEmpty() || above.isEmpty()) {
      return mine;
    }
    double reach = lane.underlay().get();
    Path region = Offset.of(Combine.combine(Way.JOIN, above), reach, Corner.ROUND);
    List<CutLine> out = new ArrayList<>();
    if (reach >= 0) {
      List<Path> joined = new ArrayList<>();
      mine.stream().filter(l -> l.kind().parts()).forEach(l -> joined.add(l.path()));
      joined.add(region);
      CutKind kind = mine.isEmpty() ? lane.material().kind() : mine.get(0).kind();
      List<Path> parts = Combine.parts(Combine.combine(Way.JOIN, joined));
      for (int i = 0; i < parts.size(); i++) {
        String source = lane.id() + "." + (i + 1);
        out.add(new CutLine(parts.get(i), kind, lane.id(), source, lane.name() + " " + (i + 1), source));
      }
      mine.stream().filter(l -> !l.kind().parts()).forEach(out::add);
      return out;
    }
    for (CutLine line : mine) {
      Path left = line.kind().parts() ? Combine.combine(Way.TAKE_AWAY, List.of(line.path(), region)) : line.path();
      if (!left.segments().isEmpty()) {
        out.add(line.withPath(left));
      }
    }
    return out;
  }

  /** A small square and a small round beside the design's lower corners: all lanes have them at the same place, and only one way fits. */
  private static List<CutLine> marks(String lane, Box box) {
    double y = box.bottom() + MARK;
    Path square = Shapes.rectangle(new Box(box.x(), y, MARK, MARK));
    Path round = Shapes.ellipse(new Box(box.right() - MARK, y, MARK, MARK));
    return List.of(
        new CutLine(square, CutKind.KISS, lane, "", Wording.text("cut.mark", 1), ""),
        new CutLine(round, CutKind.KISS, lane, "", Wording.text("cut.mark", 2), ""));
  }

  private void node(SceneNode node) {
    node.children().forEach(this::node);
    node.cut().ifPresent(cutting -> {
      List<Path> clears = node.clearedBy().stream().map(forms::clearing).toList();
      Path path = cleared(edge(node, cutting), clears);
      if (!path.segments().isEmpty()) {
        out.add(new CutLine(path, cutting.kind(), cutting.lane(), node.item().id(), node.item().properties().name(), node.top()));
      }
    });
  }

  private static Path cleared(Path path, List<Path> clears) {
    Optional<Box> box = Measure.bounds(path);
    List<Path> near = new ArrayList<>(List.of(path));
    clears.stream().filter(c -> box.isPresent() && Measure.bounds(c).filter(b -> meets(b, box.get())).isPresent()).forEach(near::add);
    boolean closed = Contour.of(path).stream().allMatch(Contour::closed);
    return near.size() == 1 || !closed ? path : Combine.combine(Way.TAKE_AWAY, near);
  }

  private static boolean meets(Box a, Box b) {
    return a.x() < b.right() && a.right() > b.x() && a.y() < b.bottom() && a.bottom() > b.y();
  }

  /** Where the cut of an object runs, on the face. */
  private Path edge(SceneNode node, Cutting cutting) {
    if (node.cutRound() && cutting.edge() == CutEdge.TRIM) {
      Path trim = Shapes.rectangle(frame.trim());
      return (cutting.distance() == 0 ? trim : Offset.of(trim, cutting.distance(), Corner.ROUND)).mapped(node.ground());
    }
    Path outline = forms.outline(node.item(), cutting.threshold());
    boolean plain = !node.cutRound() || cutting.edge() == CutEdge.OUTLINE && cutting.distance() == 0;
    Path whole = !plain && cutting.edge() == CutEdge.ART ? Combine.withoutHoles(outline) : outline;
    return (plain || cutting.distance() == 0 ? whole : Offset.of(whole, cutting.distance(), Corner.ROUND)).mapped(node.ground());
  }
}
