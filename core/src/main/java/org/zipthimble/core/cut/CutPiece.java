package org.zipthimble.core.cut;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;

/**
 * What is laid on a sheet as one: lines that are kept together.
 *
 * @param id of its object, or of the group that keeps it together, and of the copy
 * @param lines in inches on the item's own ground, mirrored already where the lane is
 * @param outline the area it takes up
 */
@RecordBuilder
public record CutPiece(String id, String name, List<CutLine> lines, Path outline) implements CutPieceBuilder.With {
  /** Keeps a copy. */
  public CutPiece {
    lines = List.copyOf(lines);
  }

  /** The same seen through a map. */
  public CutPiece mapped(Affine map) {
    return withLines(lines.stream().map(l -> l.mapped(map)).toList()).withOutline(outline.mapped(map));
  }
}
