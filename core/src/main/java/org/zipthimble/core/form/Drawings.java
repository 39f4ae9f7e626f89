package org.zipthimble.core.form;

import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;

/** Objects from paths. */
public final class Drawings {
  /** A side this short counts as none: the path is a straight line across or down. */
  private static final double NONE = 1e-9;

  private Drawings() {}

  /**
   * A drawn shape that lies where its path lies.
   *
   * @param path in inches of the ground it will stand on
   * @throws IllegalArgumentException when the path has no places
   */
  public static HasOutline shape(ItemProperties properties, Path path, Optional<Colour> fill, Optional<LineLook> line) {
    Box box = Measure.bounds(path).orElseThrow(() -> new IllegalArgumentException("a shape needs a path"));
    return ItemShape.of(properties, Placement.of(box), new Outline.Drawn(unit(path, box)), fill, line);
  }

  /** The same shape with another path, given on the ground it stands on; turn, slant and mirror are kept. */
  public static HasOutline redrawn(HasOutline shape, Path path) {
    Placement p = shape.placement();
    Path own = path.mapped(p.toGround().inverse());
    Box box = Measure.bounds(own).orElseThrow(() -> new IllegalArgumentException("a shape needs a path"));
    org.zipthimble.core.geom.Point middle = p.toGround().apply(box.centre());
    Placement placed = p.boxed(middle.x() - box.width() / 2, middle.y() - box.height() / 2, box.width(), box.height());
    return shape.with(placed).withOutline(new Outline.Drawn(unit(own, box)));
  }

  private static Path unit(Path path, Box box) {
    double sx = box.width() < NONE ? 1 : 1 / box.width();
    double sy = box.height() < NONE ? 1 : 1 / box.height();
    return path.mapped(Affine.move(-box.x(), -box.y()).then(Affine.scale(sx, sy)));
  }
}
