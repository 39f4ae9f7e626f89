package org.zipthimble.core.bring;

import java.util.List;
import java.util.Map;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;

/**
 * What a drawing file gave.
 *
 * @param items in inches from the drawing's top left, the lowest first
 * @param pictures that the items show, by their identity
 * @param size of the drawing in inches
 * @param sized whether the file says how large it is; else the person must be asked how many units an inch has
 * @param left sentences about all that could not be brought in
 */
public record ImportedDrawing(List<Item> items, Map<String, Picture> pictures, Size size, boolean sized, List<String> left) {
  /** Keeps copies. */
  public ImportedDrawing {
    items = List.copyOf(items);
    pictures = Map.copyOf(pictures);
    left = List.copyOf(left);
  }
}
