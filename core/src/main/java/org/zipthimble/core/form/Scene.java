package org.zipthimble.core.form;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.kept.Kept;

/**
 * What is on a face: every object where it stands, and what becomes of it. This is the one place that decides what prints, what is cut,
 * what clears what and what a live group shows; drawing, cut lines, coverage, hits, snapping, fonts and pictures in use and the checks
 * all read it.
 *
 * <p>The rules: what is hidden, or held by what is hidden, is not there. What is guide-only, or held by what is, is seen on the bench and
 * never leaves it; it clears nothing away. A group that is cut hands its cut down to members that name no lane; what it holds is then not
 * printed. A group that is printed and cut is cut round as a whole. A live group is cut as the outline it makes. What leaves neither for
 * the printer nor for the cutter clears nothing away.
 */
public final class Scene {
  private static final Kept<Face, String, Void, Scene> KEPT = Kept.ofNewest(Kept.STATES, (face, whole, nothing) -> new Scene(face));

  private final List<SceneNode> nodes;
  private final Map<String, Affine> grounds = new HashMap<>();
  private final Face face;

  private Scene(Face face) {
    this.face = face;
    List<Item> all = new ArrayList<>(face.under().items());
    all.addAll(face.items());
    this.nodes = nodes(all, Affine.IDENTITY, Context.FACE);
    note(all, Affine.IDENTITY);
  }

  /** What is on a face. Kept for as long as the face lives. */
  public static Scene of(Face face) {
    return KEPT.of(face, "", null);
  }

  /** What holds an object says of it before it speaks itself. */
  private record Context(
      List<Item> owners, boolean visible, boolean helps, boolean printed, boolean solid, boolean cutAlone, Optional<Cutting> cutting,
      List<SceneNode> clearedBy) {
    static final Context FACE = new Context(List.of(), true, false, true, true, true, Optional.empty(), List.of());
  }

  private void note(List<Item> items, Affine ground) {
    for (Item item : items) {
      grounds.put(item.id(), ground);
      item.holder().ifPresent(g -> note(g.members(), g.innerToGround().then(ground)));
    }
  }

  private static List<SceneNode> nodes(List<Item> items, Affine ground, Context holder) {
    List<SceneNode> out = new ArrayList<>(items.size());
    List<SceneNode> clears = new ArrayList<>(holder.clearedBy());
    for (int i = items.size() - 1; i >= 0; i--) {
      SceneNode node = node(items.get(i), ground, holder, clears);
      out.add(node);
      if (items.get(i).properties().clearGap() > 0 && node.leaves()) {
        clears.add(node);
      }
    }
    Collections.reverse(out);
    return out;
  }

  private static SceneNode node(Item item, Affine ground, Context holder, List<SceneNode> clears) {
    Role role = item.properties().role();
    boolean visible = holder.visible() && item.properties().visible();
    boolean helps = holder.helps() || role == Role.GUIDE;
    boolean printed = holder.printed() && !helps && item.properties().printed();
    boolean solid = holder.solid() && item.properties().solid();
    Optional<Cutting> cutting = role.cuts() || holder.cutting().isPresent()
        ? Optional.of(given(item.properties().cutting(), holder.cutting())).filter(c -> visible && !helps && holder.cutAlone())
        : Optional.empty();
    boolean holdsOnly = item.holder().filter(HoldsObjects::onlyHolds).isPresent();
    boolean handsDown = holdsOnly && role != Role.PRINTS_AND_CUTS;
    List<Item> owners = new ArrayList<>(holder.owners());
    owners.add(item);
    Context own = new Context(
        owners, visible, helps, printed, solid, holder.cutAlone() && handsDown, handsDown ? cutting : Optional.empty(),
        holdsOnly ? clears : List.of());
    return new SceneNode(
        item, ground, holder.owners(), visible, helps, printed, solid, handsDown ? Optional.empty() : cutting, clears,
        children(item, ground, own), parts(item, ground, own));
  }

  /** What an object does not say itself it takes from the group that is cut. */
  private static Cutting given(Cutting own, Optional<Cutting> inherited) {
    return own.lane().isEmpty() && inherited.isPresent() ? inherited.get() : own;
  }

  private static List<SceneNode> children(Item item, Affine ground, Context own) {
    Optional<HoldsObjects> group = item.holder().filter(g -> g.effect().showsMembers());
    if (group.isEmpty()) {
      return List.of();
    }
    Affine map = group.get().innerToGround().then(ground);
    List<SceneNode> out = new ArrayList<>();
    for (Affine copy : Repeats.copies(group.get())) {
      out.addAll(nodes(group.get().members(), copy.then(map), own));
    }
    return out;
  }

  private static List<SceneNode> parts(Item item, Affine ground, Context own) {
    List<SceneNode> out = new ArrayList<>(nodes(item.patternArt(), item.placement().toGround().then(ground), own));
    item.holder().filter(g -> !g.effect().showsMembers())
        .ifPresent(g -> out.addAll(nodes(g.members(), g.innerToGround().then(ground), own)));
    return out;
  }

  /** What is shared with other faces and above it the face's own objects, the lowest first. */
  public List<SceneNode> nodes() {
    return nodes;
  }

  /** Every object that is drawn as one, the lowest first: no plain group, but what a live one makes; copies one by one. */
  public List<SceneNode> leaves() {
    return nodes.stream().flatMap(n -> n.leavesBelow().stream()).toList();
  }

  /** Every leaf that is printed and reaches into a box of the face; what is parked beside the item is left out. */
  public List<SceneNode> printing(Box within) {
    return leaves().stream().filter(SceneNode::printed).filter(n -> n.reaches(within)).toList();
  }

  /** Everything that is there, groups, members of live groups and the art of patterns included; copies one by one. */
  public List<SceneNode> everything() {
    return nodes.stream().flatMap(n -> n.everything().stream()).toList();
  }

  /** Everything that has a part in what leaves for a printer or a cutter, by itself or as a part of another; each object once. */
  public List<SceneNode> inUse() {
    List<SceneNode> out = new ArrayList<>();
    nodes.forEach(n -> use(n, false, out));
    Set<Item> seen = Collections.newSetFromMap(new java.util.IdentityHashMap<>());
    return out.stream().filter(n -> seen.add(n.item())).toList();
  }

  private static void use(SceneNode node, boolean part, List<SceneNode> out) {
    if (node.visible() && (part || node.leaves())) {
      out.add(node);
      node.children().forEach(c -> use(c, part, out));
      node.parts().forEach(p -> use(p, true, out));
    }
  }

  /**
   * The leaves of what a group holds, the lowest first, as they stand within it: copies of a repeat are not among them. The outermost
   * owner of each is the group's own member.
   */
  public List<SceneNode> inside(String groupId) {
    return face.find(groupId)
        .map(g -> nodes(g.members(), inside(Optional.of(groupId)), Context.FACE).stream().flatMap(n -> n.leavesBelow().stream()).toList())
        .orElse(List.of());
  }

  /** The map from the ground on which an object stands to the face; in a repeat, that of the originals. */
  public Affine under(String itemId) {
    return grounds.getOrDefault(itemId, Affine.IDENTITY);
  }

  /** The map from a group's inner field to the face; the identity for no group. */
  public Affine inside(Optional<String> groupId) {
    return groupId.flatMap(face::find).flatMap(Item::holder).map(g -> g.innerToGround().then(under(g.id()))).orElse(Affine.IDENTITY);
  }

  /** The upright box around an object on the face, in inches. */
  public Box around(Item item) {
    return around(item.placement(), under(item.id()));
  }

  /** The upright box around a placement seen through the map of its ground. */
  public static Box around(Placement placement, Affine ground) {
    return placement.toGround().then(ground).apply(new Box(0, 0, placement.width(), placement.height()));
  }

  /** The ids of the objects of which a question is true, members included. */
  public static Set<String> ids(Face face, java.util.function.Predicate<Item> asked) {
    return face.all().stream().filter(asked).map(Item::id).collect(Collectors.toSet());
  }
}
