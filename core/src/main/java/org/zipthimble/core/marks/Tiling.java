package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;

/** Where the tiles of a pattern lie. The first one's top left is at the top left of the shape's box. */
final class Tiling {
  private Tiling() {}

  /** Maps from a tile's own inches to the shape's box, for every tile whose art can reach into an area. */
  static List<Affine> of(FillStyle.Tiles tiles, Box area) {
    double w = tiles.tile().width();
    double h = tiles.tile().height();
    Box art = tiles.art().stream().map(Item::placement).map(p -> p.around()).reduce(Box::union)
        .orElse(new Box(0, 0, w, h)).union(new Box(0, 0, w, h));
    int left = (int) Math.floor((area.x() - art.right()) / w) - 1;
    int right = (int) Math.ceil((area.right() - art.x()) / w) + 1;
    int top = (int) Math.floor((area.y() - art.bottom()) / h) - 1;
    int bottom = (int) Math.ceil((area.bottom() - art.y()) / h) + 1;
    List<Affine> out = new ArrayList<>();
    if ((long) (right - left + 1) * (bottom - top + 1) > FillStyle.Tiles.MOST) {
      return out;
    }
    for (int row = top; row <= bottom; row++) {
      for (int column = left; column <= right; column++) {
        out.add(place(tiles.laying(), column, row, w, h));
      }
    }
    return out;
  }

  private static Affine place(FillStyle.Laying laying, int column, int row, double w, double h) {
    boolean oddRow = Math.floorMod(row, 2) == 1;
    boolean oddColumn = Math.floorMod(column, 2) == 1;
    return switch (laying) {
      case GRID -> Affine.move(column * w, row * h);
      case BRICK -> Affine.move(column * w + (oddRow ? w / 2 : 0), row * h);
      case HALF_DROP -> Affine.move(column * w, row * h + (oddColumn ? h / 2 : 0));
      case MIRRORED -> new Affine(
          oddColumn ? -1 : 1, 0, 0, oddRow ? -1 : 1, (column + (oddColumn ? 1 : 0)) * w, (row + (oddRow ? 1 : 0)) * h);
    };
  }
}
