package org.zipthimble.core.job;

import java.util.List;
import org.zipthimble.core.item.Item;

/**
 * What stands below a face's own objects because it shares another face as its ground: laid down anew after every edit, never stored.
 *
 * @param items copies of the shared face's objects, locked, with ids of their own
 */
public record Under(List<Item> items) {
  /** How the ids of what is shared begin. */
  public static final String PREFIX = "below-";

  /** Nothing is shared. */
  public static final Under NONE = new Under(List.of());

  /** Keeps a copy. */
  public Under {
    items = List.copyOf(items);
  }
}
