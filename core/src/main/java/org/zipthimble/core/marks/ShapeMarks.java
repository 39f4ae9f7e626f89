package org.zipthimble.core.marks;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.units.Unit;

/** The marks of a shape: its fill, gradient or pattern, and its line. */
final class ShapeMarks {
  private final MarkOut out;
  private final Consumer<Affine> art;

  /** Draws to an output; the art of a pattern by what is given, which is told the map from a tile to the shape's box. */
  ShapeMarks(MarkOut out, Consumer<Affine> art) {
    this.out = out;
    this.art = art;
  }

  static Path path(HasOutline shape, Affine ground) {
    Placement p = shape.placement();
    return shape.outline().within(p.width(), p.height(), p.toGround().then(ground));
  }

  void draw(HasOutline shape, Affine ground) {
    Path path = path(shape, ground);
    shape.fillStyle().ifPresentOrElse(
        style -> cover(style, path, new Box(0, 0, shape.placement().width(), shape.placement().height()),
        shape.placement().toGround().then(ground), shape.fill()), () -> shape.fill().ifPresent(colour -> out.fill(path, colour)));
    dress(path, Optional.empty(), shape.line(), ground.meanScale());
  }

  /**
   * Covers a path.
   *
   * @param box over which the colours run, given with the map from its field to where the path stands
   * @param behind the colour that is seen where a pattern leaves gaps
   */
  void cover(FillStyle style, Path path, Box box, Affine map, Optional<Colour> behind) {
    style.accept(new Covering(path, box, map, behind));
  }

  /** Fills a path and draws its line, inside or outside by way of a clip. */
  void dress(Path path, Optional<Colour> fill, Optional<LineLook> line, double scale) {
    fill.ifPresent(colour -> out.fill(path, colour));
    if (line.isEmpty()) {
      return;
    }
    LineLook look = line.get();
    double width = Unit.POINT.toInches(look.widthPt()) * scale;
    List<Double> dashes = look.dashesPt().stream().map(d -> Unit.POINT.toInches(d) * scale).toList();
    if (look.side() == LineSide.CENTRE) {
      out.line(path, new Pen(width, look.colour(), dashes, look.end(), look.corner(), Optional.empty()));
      return;
    }
    Pen pen = new Pen(2 * width, look.colour(), dashes, look.end(), look.corner(), Optional.empty());
    Path within = look.side() == LineSide.INSIDE ? path
        : Clearing.outside(Measure.bounds(path).orElse(new Box(0, 0, 0, 0)), List.of(path));
    try (MarkOut.Scope scope = out.clip(within)) {
      out.line(path, pen);
    }
  }

  /** Fills a path with foil or glitter that spans a box, given with the map from the box's field to where the path stands. */
  private void glossy(FillStyle.Finish finish, Path path, Box box, Affine map) {
    Picture surface = new Texture(finish.surface(), finish.colour(), finish.grain(), finish.degrees(), finish.seed(), box.width(),
        box.height()).picture();
    out.fill(path, new FinishedArea(finish.colour(), surface, Affine.scale(box.width(), box.height()).then(Affine.move(box.x(), box.y()))
        .then(map)));
  }

  private final class Covering implements FillStyle.Visitor<Optional<Void>> {
    private final Path path;
    private final Box box;
    private final Affine map;
    private final Optional<Colour> behind;

    Covering(Path path, Box box, Affine map, Optional<Colour> behind) {
      this.path = path;
      this.box = box;
      this.map = map;
      this.behind = behind;
    }

    @Override
    public Optional<Void> gradient(FillStyle.Gradient gradient) {
      out.fill(path, new Shade(
          gradient.round(), gradient.stops().stream().map(FillStyle.Stop::at).toList(),
          gradient.stops().stream().map(FillStyle.Stop::colour).toList(),
          field(gradient, box.width(), box.height()).then(Affine.move(box.x(), box.y())).then(map)));
      return Optional.empty();
    }

    /** The map from the gradient's field to the box: from edge to edge along its direction, or from the middle to the corners. */
    private static Affine field(FillStyle.Gradient gradient, double w, double h) {
      if (gradient.round()) {
        return Affine.scale(w / Math.sqrt(2), h / Math.sqrt(2)).then(Affine.move(w / 2, h / 2));
      }
      double angle = Math.toRadians(gradient.degrees());
      double cos = Math.cos(angle);
      double sin = Math.sin(angle);
      double length = Math.max(1e-9, Math.abs(w * cos) + Math.abs(h * sin));
      return new Affine(length * cos, length * sin, -length * sin, length * cos, w / 2 - length * cos / 2, h / 2 - length * sin / 2);
    }

    @Override
    public Optional<Void> finish(FillStyle.Finish finish) {
      glossy(finish, path, box, map);
      return Optional.empty();
    }

    @Override
    public Optional<Void> tiles(FillStyle.Tiles tiles) {
      behind.ifPresent(colour -> out.fill(path, colour));
      Optional<Box> seen = Measure.bounds(path).map(b -> map.inverse().apply(b));
      if (seen.isEmpty()) {
        return Optional.empty();
      }
      try (MarkOut.Scope scope = out.clip(path)) {
        for (Affine tile : Tiling.of(tiles, seen.get())) {
          art.accept(tile);
        }
      }
      return Optional.empty();
    }
  }
}
