package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.item.Item;

/**
 * One printable side or page: its objects from the lowest to the topmost, and its guides.
 *
 * @param paper whether paper that shows at the edges is meant; empty when nobody has said so
 * @param form what it is made like where it differs from the others
 * @param under what stands below its objects because it is shared with other faces
 */
@RecordBuilder
public record Face(String id, String name, List<Item> items, Guides guides, Optional<Boolean> paper, FaceForm form, Under under)
    implements FaceBuilder.With {
  /** Keeps a copy. */
  public Face {
    items = List.copyOf(items);
  }

  /** A face without guides. */
  public static Face of(String id, String name, List<Item> items) {
    return new Face(id, name, items, Guides.NONE, Optional.empty(), FaceForm.USUAL, Under.NONE);
  }

  /** All objects and their members, lowest first. */
  public List<Item> all() {
    List<Item> all = new ArrayList<>(items.size());
    items.forEach(i -> collect(i, all));
    return all;
  }

  private static void collect(Item item, List<Item> all) {
    all.add(item);
    item.members().forEach(m -> collect(m, all));
  }

  /** The object with this id, members of groups included. */
  public Optional<Item> find(String itemId) {
    return find(items, itemId);
  }

  private static Optional<Item> find(List<Item> items, String itemId) {
    for (Item item : items) {
      if (item.id().equals(itemId)) {
        return Optional.of(item);
      }
      if (!item.members().isEmpty()) {
        Optional<Item> inside = find(item.members(), itemId);
        if (inside.isPresent()) {
          return inside;
        }
      }
    }
    return Optional.empty();
  }

  /** The face with some objects changed, wherever they stand; each is changed once. */
  public Face changed(Set<String> ids, UnaryOperator<Item> change) {
    return withItems(changed(items, ids, change));
  }

  /** The face with one object changed, wherever it stands; unchanged when there is none. */
  public Face changed(String itemId, UnaryOperator<Item> change) {
    return changed(Set.of(itemId), change);
  }

  /** The face without some of its objects or members; a group that is left empty goes too. */
  public Face without(Set<String> ids) {
    return withItems(without(items, ids));
  }

  /** The objects that stand directly beside this one: those of its group, or the face's own. */
  public List<Item> beside(String itemId) {
    return holder(itemId).map(Item::members).orElse(items);
  }

  /** The group that directly holds an object; empty when it stands on the face itself. */
  public Optional<Item> holder(String itemId) {
    return all().stream().filter(i -> i.members().stream().anyMatch(m -> m.id().equals(itemId))).findFirst();
  }

  /** The face with the list changed in which an object stands: its group's members, or the face's own. */
  public Face changedBeside(String itemId, UnaryOperator<List<Item>> change) {
    return holder(itemId)
        .map(group -> changed(group.id(), g -> g.holding(change.apply(g.members()))))
        .orElseGet(() -> withItems(change.apply(items)));
  }

  /** Objects that stay as they are stay the very same, so that a drawing of them can be kept. */
  private static List<Item> changed(List<Item> items, Set<String> ids, UnaryOperator<Item> change) {
    List<Item> out = new ArrayList<>(items.size());
    boolean any = false;
    for (Item item : items) {
      Item next = item;
      if (ids.contains(item.id())) {
        next = change.apply(item);
      } else if (!item.members().isEmpty()) {
        List<Item> members = changed(item.members(), ids, change);
        next = members == item.members() ? item : item.holding(members);
      }
      any |= next != item;
      out.add(next);
    }
    return any ? out : items;
  }

  private static List<Item> without(List<Item> items, Set<String> ids) {
    List<Item> out = new ArrayList<>(items.size());
    for (Item item : items) {
      if (ids.contains(item.id())) {
        continue;
      }
      if (item.members().isEmpty()) {
        out.add(item);
        continue;
      }
      List<Item> left = without(item.members(), ids);
      if (!left.isEmpty()) {
        out.add(item.holding(left));
      }
    }
    return out;
  }
}
