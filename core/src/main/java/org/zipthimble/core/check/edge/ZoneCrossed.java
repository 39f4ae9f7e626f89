package org.zipthimble.core.check.edge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.thing.Body;
import org.zipthimble.core.thing.Laid;
import org.zipthimble.core.wording.Wording;

/**
 * Words, and what must be seen whole, where a thing has a hole, a rim, a bend, a seam or an edge; and words past an edge that is no
 * rectangle.
 */
public final class ZoneCrossed extends FaceCheck {
  /** Less than this, in inches both ways, is no overlap that a person could see. */
  private static final double SPECK = 0.004;

  /** What is moved clear stays this far off. */
  private static final double OFF = 0.02;

  @Override
  public Set<String> codes() {
    return Set.of("zone-crossed", "zone-past");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Optional<Laid> laid = on.job().onThing(on.face()).map(Laid::of);
    List<Finding> found = new ArrayList<>();
    for (SceneNode node : laid.isEmpty() ? List.<SceneNode>of() : counted(on)) {
      Path ink = ink(on, node);
      Optional<Box> around = Measure.bounds(ink);
      if (around.isEmpty()) {
        continue;
      }
      laid.get().outline().flatMap(edge -> past(ink, around.get(), edge)).ifPresent(
          box -> found.add(on.finding("zone-past", Weight.RUIN, Optional.of(node.item().id()), box, Math.max(box.width(), box.height()), 0,
          node.item().properties().name())));
      for (Body.Zone zone : laid.get().zones()) {
        meet(ink, around.get(), zone.outline())
            .ifPresent(box -> found.add(on.finding("zone-crossed", zone.why().equals("zone.hole") ? Weight.RUIN : Weight.LOOK,
            Optional.of(node.item().id()), box, Math.min(box.width(), box.height()), 0, node.item().properties().name(),
            Wording.text(zone.why()))));
      }
    }
    return found;
  }

  /** Words that are printed, and all that a person says must be seen whole, guides that mark a face in a picture too. */
  private static List<SceneNode> counted(Subject on) {
    List<SceneNode> out = new ArrayList<>(on.printing().stream().filter(n -> n.item().words().isPresent() || whole(n.item())).toList());
    on.scene().leaves().stream().filter(n -> !n.printed() && whole(n.item())).forEach(out::add);
    return out;
  }

  /** The letters of words, and the whole of what must be seen whole, on the face. */
  private static Path ink(Subject on, SceneNode node) {
    return node.item().words().isPresent() ? on.forms().outline(node.item(), 0).mapped(node.ground()) : on.forms().silhouette(node);
  }

  private static boolean whole(Item item) {
    return item.properties().whole().orElse(false);
  }

  private static Optional<Box> meet(Path ink, Box around, Path zone) {
    Optional<Box> box = Measure.bounds(zone).flatMap(z -> z.meet(around));
    return box.isEmpty() ? Optional.empty() : Measure.bounds(Combine.combine(Way.KEEP_OVERLAP, List.of(ink, zone)))
        .filter(b -> b.width() > SPECK && b.height() > SPECK);
  }

  private static Optional<Box> past(Path ink, Box around, Path edge) {
    return Measure.bounds(Combine.combine(Way.TAKE_AWAY, List.of(ink, edge))).filter(b -> b.width() > SPECK && b.height() > SPECK);
  }

  /** The shortest move straight up, down, left or right that clears every zone. */
  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    Optional<Laid> laid = job.onThing(face).map(Laid::of);
    Optional<Item> item = finding.itemId().flatMap(face::find);
    if (laid.isEmpty() || item.isEmpty() || face.holder(item.get().id()).isPresent()) {
      return List.of();
    }
    Subject on = Subject.of(job, face);
    Optional<Path> ink = counted(on).stream().filter(n -> n.item().id().equals(item.get().id())).findFirst().map(n -> ink(on, n));
    return ink.flatMap(path -> clear(path, laid.get())).map(move -> List.of(new Mend("mend.clearOfZone", moved(face, item.get(), move))))
        .orElse(List.of());
  }

  private static Edit moved(Face face, Item item, Affine move) {
    return new Edit(Wording.text("edit.move"), Edits.place(face.id(), Set.of(item.id()), "edit.move", p -> p.moved(move.e(), move.f()))
        .change());
  }

  private static Optional<Affine> clear(Path ink, Laid laid) {
    List<Affine> ways = new ArrayList<>();
    Box around = Measure.bounds(ink).orElseThrow();
    for (Body.Zone zone : laid.zones()) {
      for (Box part : Combine.parts(zone.outline()).stream().flatMap(p -> Measure.bounds(p).stream()).toList()) {
        ways.add(Affine.move(0, part.bottom() + OFF - around.y()));
        ways.add(Affine.move(0, part.y() - OFF - around.bottom()));
        ways.add(Affine.move(part.right() + OFF - around.x(), 0));
        ways.add(Affine.move(part.x() - OFF - around.right(), 0));
      }
    }
    ways.sort(Comparator.comparingDouble(a -> Math.hypot(a.e(), a.f())));
    return ways.stream().filter(way -> sound(ink.mapped(way), laid)).findFirst();
  }

  private static boolean sound(Path ink, Laid laid) {
    Box around = Measure.bounds(ink).orElseThrow();
    boolean inside = new Box(0, 0, laid.size().width(), laid.size().height()).contains(around, 0);
    return inside && laid.outline().flatMap(edge -> past(ink, around, edge)).isEmpty() && laid.zones().stream()
        .allMatch(z -> meet(ink, around, z.outline()).isEmpty());
  }
}
