package org.zipthimble.core.cut;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.CutKind;

/**
 * A line for the blade.
 *
 * @param path in inches
 * @param lane the id of its lane; empty when none is chosen
 * @param source the id of the object it belongs to, or of the lane for an underlay; empty for marks
 * @param name what a person calls it
 * @param top the id of the outermost group that holds the object, or its own
 */
@RecordBuilder
public record CutLine(Path path, CutKind kind, String lane, String source, String name, String top) implements CutLineBuilder.With {
  /** The same seen through a map. */
  public CutLine mapped(Affine map) {
    return withPath(path.mapped(map));
  }
}
