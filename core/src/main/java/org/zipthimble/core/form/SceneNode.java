package org.zipthimble.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;

/**
 * One object as it stands on a face, after all that holds it has had its say.
 *
 * @param ground the map from the ground it stands on to the face, in inches
 * @param owners the groups that hold it, the outermost first
 * @param visible whether neither it nor an owner is hidden
 * @param helps whether it or an owner is guide-only: seen on the bench, never leaving it
 * @param printed whether it goes to the printer
 * @param solid whether nothing shows through it
 * @param cut how it is cut as a whole; empty where it is not, or where its children are cut each for itself
 * @param clearedBy what stands above it and clears it away around itself; those of its owners too
 * @param children what is drawn of what it holds, the lowest first: members, copies of a repeat, originals over their rings
 * @param parts what it is made of or draws as a pattern; not drawn for itself
 */
public record SceneNode(
    Item item, Affine ground, List<Item> owners, boolean visible, boolean helps, boolean printed, boolean solid, Optional<Cutting> cut,
    List<SceneNode> clearedBy, List<SceneNode> children, List<SceneNode> parts) {
  /** Keeps copies. */
  public SceneNode {
    owners = List.copyOf(owners);
    clearedBy = List.copyOf(clearedBy);
    children = List.copyOf(children);
    parts = List.copyOf(parts);
  }

  /** The map from its own inches, 0, 0 at the top left of its box, to the face. */
  public Affine toFace() {
    return item.placement().toGround().then(ground);
  }

  /** The upright box around it on the face, in inches. */
  public Box around() {
    return toFace().apply(new Box(0, 0, item.placement().width(), item.placement().height()));
  }

  /** The id of the outermost group that holds it, or its own. */
  public String top() {
    return owners.isEmpty() ? item.id() : owners.get(0).id();
  }

  /** Whether it is cut and not printed, so that it is seen in the colour of its material. */
  public boolean onlyCut() {
    return cut.isPresent() && !printed;
  }

  /** Whether anything of it leaves for a printer or a cutter. */
  public boolean leaves() {
    return printed || cut.isPresent() || children.stream().anyMatch(SceneNode::leaves);
  }

  /** Whether it stands for its children alone: a plain group, a grid, a repeat. */
  public boolean holdsOnly() {
    return item.holder().filter(HoldsObjects::onlyHolds).isPresent();
  }

  /** Whether it is a leaf that is printed and cut round as one. */
  public boolean cutRound() {
    return item.properties().role() == Role.PRINTS_AND_CUTS;
  }

  /** Itself, or the leaves of its children where it stands for them alone, the lowest first. */
  public List<SceneNode> leavesBelow() {
    if (!holdsOnly()) {
      return List.of(this);
    }
    List<SceneNode> out = new ArrayList<>();
    children.forEach(c -> out.addAll(c.leavesBelow()));
    return out;
  }

  /** Itself and all of its children, down to the last. */
  public List<SceneNode> drawn() {
    List<SceneNode> out = new ArrayList<>(List.of(this));
    children.forEach(c -> out.addAll(c.drawn()));
    return out;
  }

  /** Itself, its children and its parts, down to the last. */
  public List<SceneNode> everything() {
    List<SceneNode> out = new ArrayList<>(List.of(this));
    children.forEach(c -> out.addAll(c.everything()));
    parts.forEach(p -> out.addAll(p.everything()));
    return out;
  }

  /** Whether its box reaches into a box of the face. */
  public boolean reaches(Box box) {
    Box own = around();
    return own.x() < box.right() && own.right() > box.x() && own.y() < box.bottom() && own.bottom() > box.y();
  }
}
