package org.zipthimble.core.thing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.units.Size;

/**
 * A print behind a mat in a frame. Lengths are inches.
 *
 * @param size of the print
 * @param covered of the print along every edge that the mat or the rebate lies over
 * @param mat that is seen around the print; 0 for none
 * @param frame width of the frame's wood
 */
@RecordBuilder
public record Framed(Size size, double covered, double mat, double frame) implements Body, FramedBuilder.With {
  /** Checks the ranges. */
  public Framed {
    Ranges.check("a print", Math.min(size.width(), size.height()), 0.25, 100);
    Ranges.check("a print", Math.max(size.width(), size.height()), 0.25, 100);
    Ranges.check("what a mat covers", covered, 0, Math.min(size.width(), size.height()) / 4);
    Ranges.check("a mat", mat, 0, 20);
    Ranges.check("a frame", frame, 0, 6);
  }

  @Override
  public Optional<Path> outline() {
    return Optional.empty();
  }

  @Override
  public List<Zone> zones() {
    if (covered == 0) {
      return List.of();
    }
    Box box = new Box(0, 0, size.width(), size.height());
    Path inner = Shapes.rectangle(box.grown(-covered)).mapped(Affine.move(-size.width(), 0).then(Affine.scale(-1, 1)));
    return List.of(new Zone("zone.mat", Shapes.rectangle(box).plus(inner)));
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.framed(this);
  }
}
