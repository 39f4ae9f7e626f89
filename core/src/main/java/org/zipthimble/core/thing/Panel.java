package org.zipthimble.core.thing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.units.Size;

/**
 * A flat, rectangular thing: a metal panel, a bookmark blank, a tag, a tile, a cushion front. Lengths are inches.
 *
 * @param size of it, each side 0.25 to 100
 * @param corner radius of its corners
 * @param fold along every edge that is folded over or bent and no place for words
 * @param thick of the piece, for its look
 */
@RecordBuilder
public record Panel(Size size, double corner, double fold, double thick, List<Hole> holes) implements Body, PanelBuilder.With {
  /** Checks the ranges. */
  public Panel {
    holes = List.copyOf(holes);
    Ranges.check("a panel", Math.min(size.width(), size.height()), 0.25, 100);
    Ranges.check("a panel", Math.max(size.width(), size.height()), 0.25, 100);
    Ranges.check("a corner", corner, 0, Math.min(size.width(), size.height()) / 2);
    Ranges.check("a fold", fold, 0, Math.min(size.width(), size.height()) / 2.1);
    Ranges.check("a panel's thickness", thick, 0, 3);
  }

  private Box box() {
    return new Box(0, 0, size.width(), size.height());
  }

  @Override
  public Optional<Path> outline() {
    return corner > 0 ? Optional.of(Shapes.rectangle(box(), corner)) : Optional.empty();
  }

  @Override
  public List<Zone> zones() {
    List<Zone> out = new ArrayList<>();
    if (fold > 0) {
      // the inner rectangle runs the other way, so that only the border is inside
      Path inner = Shapes.rectangle(box().grown(-fold)).mapped(Affine.move(-size.width(), 0).then(Affine.scale(-1, 1)));
      out.add(new Zone("zone.fold", Shapes.rectangle(box()).plus(inner)));
    }
    holes.forEach(h -> out.add(new Zone("zone.hole", h.keepOut())));
    return out;
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.panel(this);
  }
}
