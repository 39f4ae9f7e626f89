package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;

/** Which object an edit touched, so that the steps can be told apart. */
final class TouchedObject {
  private TouchedObject() {}

  /** The name of the one object that was changed or added; empty when it was none or several. */
  static Optional<String> name(Job before, Job after) {
    if (before.faces().size() != after.faces().size()) {
      return Optional.empty();
    }
    List<Item> touched = new ArrayList<>();
    for (int i = 0; i < after.faces().size() && touched.size() < 2; i++) {
      Face was = before.faces().get(i);
      Face is = after.faces().get(i);
      if (was.items() != is.items()) {
        collect(was, is, touched);
      }
    }
    return touched.size() == 1 ? Optional.of(touched.get(0).properties().name()) : Optional.empty();
  }

  private static void collect(Face was, Face is, List<Item> touched) {
    Map<String, Item> known = new HashMap<>();
    was.items().forEach(i -> known.put(i.id(), i));
    for (Item item : is.items()) {
      Item old = known.get(item.id());
      if (old == null || old != item && !old.equals(item)) {
        touched.add(item);
      }
    }
  }
}
