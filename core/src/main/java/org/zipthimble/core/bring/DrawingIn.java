package org.zipthimble.core.bring;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** Brings drawing files into a job, whatever their kind. */
public final class DrawingIn {
  private DrawingIn() {}

  /** Whether a file's name is that of a drawing. */
  public static boolean drawing(String name) {
    String lower = name.toLowerCase(Locale.ROOT);
    return lower.endsWith(".svg") || lower.endsWith(".dxf");
  }

  /**
   * Reads a drawing file.
   *
   * @param perInch units for each inch, for files that do not say
   */
  public static ImportedDrawing read(Path file, OptionalDouble perInch, VectorLimits limits) throws Trouble {
    String name = file.getFileName().toString();
    try {
      if (Files.size(file) > limits.bytes()) {
        throw Trouble.of("drawing.tooManyBytes", name, limits.bytes() / 1_000_000);
      }
      byte[] bytes = Files.readAllBytes(file);
      return name.toLowerCase(Locale.ROOT).endsWith(".dxf") ? DxfIn.read(name, bytes, perInch, limits)
          : SvgIn.read(name, bytes, perInch, limits);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", name);
    }
  }

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
