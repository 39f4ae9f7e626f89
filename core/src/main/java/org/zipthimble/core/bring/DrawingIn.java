package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.wording.Wording;

/** Brings drawing files into a job, whatever their kind. */
public final class DrawingIn {
  private DrawingIn() {}

  /** Puts a drawing on a face as one group, the middle of its sheet at a place. */
  public static Edit place(String faceId, String name, ImportedDrawing brought, Point middle) {
    List<Item> items = new ArrayList<>(brought.items());
    if (items.size() > 1) {
      items = List.of(Grouping.of(ItemProperties.of("drawing", plain(name)), items));
    }
    Box sheet = new Box(0, 0, brought.size().width(), brought.size().height());
    Edit paste = Copies.paste(faceId, items, brought.pictures(), middle.x() - sheet.width() / 2, middle.y() - sheet.height() / 2);
    return new Edit(Wording.text("edit.bring", plain(name)), paste.change());
  }

  private static String plain(String name) {
    int dot = name.lastIndexOf('.');
    String stem = dot > 0 ? name.substring(0, dot) : name;
    return stem.length() > 60 ? stem.substring(0, 60) : stem;
  }
}
