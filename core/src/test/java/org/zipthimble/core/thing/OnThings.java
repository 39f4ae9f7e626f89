package org.zipthimble.core.thing;

import java.util.List;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.store.ThingShelf;
import org.zipthimble.core.units.Size;

/** Jobs on things, for tests. */
public final class OnThings {
  private OnThings() {}

  /** A job on a thing of the catalogue, with objects. */
  public static Job job(String key, Item... items) {
    return job(ThingShelf.shipped(key).orElseThrow(), items);
  }

  /** A job on a thing. */
  public static Job job(Thing thing, Item... items) {
    Job blank = ThingEdits.put(thing).change().apply(StandardItem.blank("test", new Size(5, 7), 1));
    return blank.changed(blank.faces().get(0).id(), f -> f.withItems(List.of(items)));
  }

  /** A cup as a thing. */
  public static Thing cup(Cup cup) {
    return ThingShelf.shipped("tumbler-20").orElseThrow().withKey("cup").withBody(cup);
  }
}
