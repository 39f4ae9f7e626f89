package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.PiecePlace;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Edits of what is cut, how and from which lane. */
public final class CutEdits {
  /** The colour in which the sheets of a lane are shown whose objects have none of their own. */
  private static final Colour PLAIN = Colour.of(0x5D8A6C);

  private CutEdits() {}

  /**
   * Gives objects a role. What a blade is to cut from then on and lies in no lane yet goes into a lane at once: what is cut alone into
   * that of its colour, what is printed and cut into that of others that are, and where there is none into a new one as the job asks for
   * it. A lane that nothing lies in any more, and that was left as it was made, goes with the last of its objects.
   */
  public static Edit role(String faceId, Set<String> ids, Role role) {
    return new Edit(Wording.text("edit.role"), job -> {
      Job out = job;
      for (Item item : job.face(faceId).map(Face::all).orElse(List.of())) {
        if (ids.contains(item.id())) {
          out = given(out, faceId, item, role);
        }
      }
      return role.cuts() ? out : swept(job, out);
    });
  }

  private static Job given(Job job, String faceId, Item item, Role role) {
    Cutting cutting = item.properties().cutting();
    boolean homeless = role.cuts() && job.cutting().lane(cutting.lane()).isEmpty();
    Optional<Lane> lane = homeless ? Optional.of(home(job, item, role)) : Optional.empty();
    Job with = lane.map(l -> addLane(l).change().apply(job)).orElse(job);
    Cutting cut = lane.filter(l -> with.cutting().lane(l.id()).isPresent()).map(l -> {
      Cutting in = cutting.withLane(l.id());
      return item.properties().role().cuts() ? in : in.withKind(l.material().kind());
    }).orElse(cutting);
    return with.changed(faceId, f -> f.changed(Set.of(item.id()), i -> i.with(i.properties().withRole(role).withCutting(cut))));
  }

  /** The lane that something goes into that lies in none. */
  private static Lane home(Job job, Item item, Role role) {
    CutPlan plan = job.cutting();
    Optional<Colour> fill = item.inheritedLook().fill();
    Optional<Lane> there = role == Role.PRINTS_AND_CUTS
        ? plan.lanes().stream().filter(l -> within(job, l.id()).anyMatch(i -> i.properties().role() == role)).findFirst()
        : plan.lanes().stream().filter(l -> fill.filter(l.colour()::equals).isPresent()).findFirst();
    return there.orElseGet(() -> fresh(job, fill.orElse(PLAIN)));
  }

  private static Stream<Item> within(Job job, String lane) {
    return job.faces().stream().flatMap(f -> f.all().stream())
        .filter(i -> i.properties().role().cuts() && i.properties().cutting().lane().equals(lane));
  }

  /** Without the lanes that have become empty and are as they were made. */
  private static Job swept(Job before, Job after) {
    Job out = after;
    for (Lane lane : after.cutting().lanes()) {
      Lane made = Lane.of(lane.id(), lane.name(), lane.material(), lane.colour());
      boolean untouched = made.withMirrored(after.mustMirror(made)).equals(lane);
      if (untouched && within(before, lane.id()).findAny().isPresent() && within(after, lane.id()).findAny().isEmpty()) {
        out = removeLane(lane.id()).change().apply(out);
      }
    }
    return out;
  }

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
    Item out = item.with(item.properties().withCutting(cuts ? cutting : cutting.withKind(lane.material().kind()))
        .withRole(cuts ? item.properties().role() : Role.CUTS));
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

  /**
   * Makes a lane of another material, with what that usually asks for; the way onto the job's thing still says which way round it is cut.
   */
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
      return job.withFaces(faces).withCutting(job.cutting().withLaid(laid)
          .withLanes(job.cutting().lanes().stream().filter(l -> !l.id().equals(id)).toList()));
    });
  }

  private static Item without(Item item, String lane) {
    Item out = item.properties().cutting().lane().equals(lane)
        ? item.with(item.properties().withCutting(item.properties().cutting().withLane(""))) : item;
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
