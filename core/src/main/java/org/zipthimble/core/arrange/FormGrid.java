package org.zipthimble.core.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.wording.Wording;

/** Lines and boxes for printed forms: a table of columns and rows, writing lines, tick boxes. */
public final class FormGrid {
  /** The most lines or boxes of one form. */
  public static final int MOST = 2_000;

  private FormGrid() {}

  /**
   * A table: one frame and the lines that part its columns and rows.
   *
   * @param firstId the number of the first id, such as 7 for i7; the ids after it are used too
   */
  public static HoldsObjects table(int firstId, Box box, int columns, int rows, LineLook line) {
    check(columns, rows);
    List<Item> parts = new ArrayList<>();
    int id = firstId + 1;
    parts.add(ItemShape.of(ItemProperties.of("i" + id++, Wording.text("item.frame")), Placement.of(box), new Outline.Rectangle(0),
        Optional.empty(), Optional.of(line)));
    for (int i = 1; i < columns; i++) {
      double x = box.x() + box.width() * i / columns;
      parts.add(straight(id++, new Point(x, box.y()), new Point(x, box.bottom()), line));
    }
    for (int i = 1; i < rows; i++) {
      double y = box.y() + box.height() * i / rows;
      parts.add(straight(id++, new Point(box.x(), y), new Point(box.right(), y), line));
    }
    return Grouping.of(ItemProperties.of("i" + firstId, Wording.text("item.table")), parts);
  }

  /** So many writing lines (rows, 1 or more) at even distances; the last one lies on the box's lower side. The box is in inches. */
  public static HoldsObjects lines(int firstId, Box box, int rows, LineLook line) {
    check(1, rows);
    List<Item> parts = new ArrayList<>();
    for (int i = 1; i <= rows; i++) {
      double y = box.y() + box.height() * i / rows;
      parts.add(straight(firstId + i, new Point(box.x(), y), new Point(box.right(), y), line));
    }
    return Grouping.of(ItemProperties.of("i" + firstId, Wording.text("item.lines")), parts);
  }

  /** Square boxes to tick, in columns and rows over a box, each as large as its place allows with a gap. */
  public static HoldsObjects boxes(int firstId, Box box, int columns, int rows, double gap, LineLook line) {
    check(columns, rows);
    double side = Math.max(Reshape.LEAST, Math.min(
        (box.width() - gap * (columns - 1)) / columns, (box.height() - gap * (rows - 1)) / rows));
    List<Item> parts = new ArrayList<>();
    for (int i = 0; i < columns * rows; i++) {
      Box one = new Box(box.x() + i % columns * (side + gap), box.y() + i / columns * (side + gap), side, side);
      parts.add(ItemShape.of(ItemProperties.of("i" + (firstId + 1 + i), Wording.text("item.tick")), Placement.of(one),
          new Outline.Rectangle(0), Optional.empty(), Optional.of(line)));
    }
    return Grouping.of(ItemProperties.of("i" + firstId, Wording.text("item.ticks")), parts);
  }

  private static Item straight(int id, Point from, Point to, LineLook line) {
    return ItemShape.of(ItemProperties.of("i" + id, Wording.text("item.line")), Reshape.line(from, to), new Outline.Straight(),
        Optional.empty(), Optional.of(line));
  }

  private static void check(int columns, int rows) {
    if (columns < 1 || rows < 1 || (long) columns * rows > MOST) {
      throw new IllegalArgumentException("a form has 1 to " + MOST + " places: " + columns + " x " + rows);
    }
  }
}
