package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.job.CutPlan;
import org.zipthimble.core.job.Cutting;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Material;
import org.zipthimble.core.job.PiecePlace;
import org.zipthimble.core.job.Lane;
import org.zipthimble.core.job.Role;
import org.zipthimble.core.job.Supply;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Edits of what is cut, how and from which lane. */
public final class CutEdits {
  private CutEdits() {}

  /** Changes how objects are cut. */
  public static Edit cutting(String faceId, Set<String> ids, UnaryOperator<Cutting> change) {
    return Edits.properties(faceId, ids, "edit.cutting", f -> f.withCutting(change.apply(f.cutting())));
  }

  /** Cuts objects from a lane: what only printed is cut from now on, members of groups too, in the way that its material usually is. */
  public static Edit assign(String faceId, Set<String> ids, Lane lane) {
    return Edits.each(faceId, ids, Wording.text("edit.lane.assign", lane.name()), item -> assigned(item, lane));
  }

  private static Item assigned(Item item, Lane lane) {
    boolean cuts = item.properties().role().cuts();
    Cutting cutting = item.properties().cutting().withLane(lane.id());
    Item out = item.with(item.properties().withCutting(cuts ? cutting : cutting.withKind(lane.material().kind())).withRole(cuts ? item.properties().role() : Role.CUTS));
    return out.live() ? out : out.holding(out.members().stream().map(m -> assigned(m, lane)).toList());
  }

  /** Changes the cut plan. */
  public static Edit plan(String key, UnaryOperator<CutPlan> change) {
    return new Edit(Wording.text(key), job -> job.withCutting(change.apply(job.cutting())));
  }

  /**
   * A lane as the job asks for one, not added yet: of iron-on film where the job is pressed on as film, else of vinyl, and cut as a mirror
   * image where the way onto its thing wants that.
   *
   * @param colour in which its sheets are shown
   */
  public static Lane fresh(Job job, Colour colour) {
    CutPlan plan = job.cutting();
    Material material = job.process() == Process.IRON_ON ? Material.IRON_ON : Material.CUT_VINYL;
    Lane lane = Lane.of(plan.freshId(), Wording.text("lane.new", plan.lanes().size() + 1), material, colour);
    return lane.withMirrored(job.mustMirror(lane));
  }

  /** Makes a lane of another material, with what that usually asks for; the way onto the job's thing still says which way round it is cut. */
  public static Edit material(String id, Material material) {
    return new Edit(Wording.text("edit.lane.change"), job -> job.cutting().lane(id).map(l -> l.with(material))
        .map(l -> job.withCutting(job.cutting().with(l.withMirrored(job.mustMirror(l))))).orElse(job));
  }

  /** Adds a lane on top. */
  public static Edit addLane(Lane lane) {
    return new Edit(Wording.text("edit.lane.add", lane.name()), job -> job.cutting().lane(lane.id()).isPresent()
        || job.cutting().lanes().size() == CutPlan.MOST_LANES ? job : job.withCutting(job.cutting().plus(lane)));
  }

  /** Changes a lane by its id. */
  public static Edit lane(String id, UnaryOperator<Lane> change) {
    return new Edit(Wording.text("edit.lane.change"), job ->
        job.cutting().lane(id).map(l -> job.withCutting(job.cutting().with(change.apply(l)))).orElse(job));
  }

  /**
   * Makes an outline the stock that a lane is cut from, an irregular scrap, drawn or traced.
   *
   * @param scrap in inches on any ground; its box becomes the sheet
   */
  public static Edit scrap(String id, Path scrap) {
    Box box = Measure.bounds(scrap).orElseThrow(() -> new IllegalArgumentException("a scrap needs an outline"));
    Path own = scrap.mapped(Affine.move(-box.x(), -box.y()));
    Size size = new Size(Math.max(1, box.width()), Math.max(1, box.height()));
    return lane(id, lane -> lane.withSupply(new Supply(size, 0, false, Optional.of(own))));
  }

  /** Takes a lane away; what was cut from it has no lane then, and where its pieces lay is forgotten. */
  public static Edit removeLane(String id) {
    return new Edit(Wording.text("edit.lane.remove"), job -> {
      if (job.cutting().lane(id).isEmpty()) {
        return job;
      }
      var faces = job.faces().stream().map(f -> f.withItems(f.items().stream().map(i -> without(i, id)).toList())).toList();
      Map<String, List<PiecePlace>> laid = new TreeMap<>(job.cutting().laid());
      laid.remove(id);
      return job.withFaces(faces).withCutting(job.cutting().withLaid(laid).withLanes(job.cutting().lanes().stream().filter(l -> !l.id().equals(id)).toList()));
    });
  }

  private static Item without(Item item, String lane) {
    Item out = item.properties().cutting().lane().equals(lane) ? item.with(item.properties().withCutting(item.properties().cutting().withLane(""))) : item;
    if (out.members().isEmpty()) {
      return out;
    }
    return out.holding(out.members().stream().map(m -> without(m, lane)).toList());
  }

  /** Moves a lane in the order of application, 0 the lowest. */
  public static Edit orderLane(String id, int index) {
    return new Edit(Wording.text("edit.lane.order"), job -> job.cutting().lane(id).map(lane -> {
      List<Lane> lanes = new ArrayList<>(job.cutting().lanes());
      lanes.remove(lane);
      lanes.add(Math.max(0, Math.min(lanes.size(), index)), lane);
      return job.withCutting(job.cutting().withLanes(lanes));
    }).orElse(job));
  }

  /** Keeps where the pieces of a lane lie. */
  public static Edit laid(String lane, List<PiecePlace> pieces, String key) {
    return new Edit(Wording.text(key), job -> job.withCutting(job.cutting().laying(lane, pieces)));
  }
}
