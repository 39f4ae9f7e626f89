package org.zipthimble.core.form;

import java.util.List;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.units.Unit;

/** Lines as shapes: the outline of the paint that a line lays down. */
public final class Strokes {
  private Strokes() {}

  /** The outline of a shape's line, dashes left out; the given outline where it has no line. */
  public static Path outline(HasOutline shape, Path outline) {
    return shape.line().map(line -> outline(outline, line)).orElse(outline);
  }

  /** The outline of the paint of a line along a path. */
  public static Path outline(Path path, LineLook line) {
    double half = Unit.POINT.toInches(line.widthPt()) / 2;
    boolean round = line.corner() == Corner.ROUND || line.end() == LineEnd.ROUND;
    if (line.side() == LineSide.CENTRE) {
      return Offset.around(path, half, round);
    }
    Path band = Offset.around(path, 2 * half, round);
    return Combine.combine(line.side() == LineSide.INSIDE ? Way.KEEP_OVERLAP : Way.TAKE_AWAY, List.of(band, path));
  }
}
