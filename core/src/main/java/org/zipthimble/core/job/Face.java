package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** One printable side or page: its objects from the lowest to the topmost. */
public record Face(String id, String name, List<Item> items) {
  /** Keeps a copy. */
  public Face {
    items = List.copyOf(items);
  }

  /** The same with other objects. */
  public Face holding(List<Item> others) {
    return new Face(id, name, others);
  }

  /** All objects and their members, lowest first. */
  public List<Item> all() {
    List<Item> all = new ArrayList<>();
    items.forEach(i -> all.addAll(i.withMembers()));
    return all;
  }

  /** The object with this id, members of groups included. */
  public Optional<Item> find(String itemId) {
    return all().stream().filter(i -> i.id().equals(itemId)).findFirst();
  }

  /** The face with one object changed, wherever it stands; unchanged when there is none. */
  public Face changed(String itemId, UnaryOperator<Item> change) {
    return holding(changed(items, itemId, change));
  }

  /** The face without one of its objects or members; a group that is left empty goes too. */
  public Face without(String itemId) {
    return holding(without(items, itemId));
  }

  private static List<Item> changed(List<Item> items, String itemId, UnaryOperator<Item> change) {
    List<Item> out = new ArrayList<>();
    for (Item item : items) {
      if (item.id().equals(itemId)) {
        out.add(change.apply(item));
      } else if (item.members().isEmpty()) {
        out.add(item);
      } else {
        out.add(((Item.Group) item).holding(changed(item.members(), itemId, change)));
      }
    }
    return out;
  }

  private static List<Item> without(List<Item> items, String itemId) {
    List<Item> out = new ArrayList<>();
    for (Item item : items) {
      if (item.id().equals(itemId)) {
        continue;
      }
      if (item.members().isEmpty()) {
        out.add(item);
      } else {
        List<Item> left = without(item.members(), itemId);
        if (!left.isEmpty()) {
          out.add(((Item.Group) item).holding(left));
        }
      }
    }
    return out;
  }
}
