package org.zipthimble.samples;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.units.Size;

/** Seeds, leaves and sprigs as paths, and objects made of them. Ids are counted up from i1. */
final class SeedArt {
  static final Colour LEAF = Colour.of(0x4F8A57);
  static final Colour LEAF_DARK = Colour.of(0x3A6B45);
  static final Colour LEAF_LIGHT = Colour.of(0x86AE6A);

  private int count;

  ItemProperties properties(String name) {
    return ItemProperties.of("i" + ++count, name);
  }

  /** A leaf from its stalk at 0, 0 to its tip at length, 0. */
  static Path leaf(double length, double width) {
    return Path.build().start(0, 0)
        .curve(length * 0.22, -width * 0.62, length * 0.66, -width * 0.66, length, 0)
        .curve(length * 0.62, width * 0.34, length * 0.26, width * 0.44, 0, 0)
        .close().path();
  }

  /** A kidney bean in a box of about 1 by 0.7, its hollow below. */
  static Path bean() {
    return Path.build().start(0.06, 0.46)
        .curve(-0.04, 0.2, 0.16, 0, 0.44, 0.01)
        .curve(0.78, 0.02, 1.02, 0.18, 0.99, 0.46)
        .curve(0.97, 0.68, 0.74, 0.76, 0.64, 0.6)
        .curve(0.57, 0.49, 0.44, 0.47, 0.36, 0.57)
        .curve(0.26, 0.7, 0.11, 0.64, 0.06, 0.46)
        .close().path();
  }

  /** A filled object whose outline is a path given in inches on the face. */
  HasOutline filled(String name, Path path, Colour colour) {
    return drawn(name, path, Optional.of(colour), Optional.empty());
  }

  /** A line along a path given in inches on the face. */
  HasOutline lined(String name, Path path, double widthPt, Colour colour) {
    return drawn(name, path, Optional.empty(), Optional.of(LineLook.of(widthPt, colour)));
  }

  private HasOutline drawn(String name, Path path, Optional<Colour> fill, Optional<LineLook> line) {
    Box box = Measure.bounds(path).orElseThrow();
    Path unit = path.mapped(Affine.move(-box.x(), -box.y()).then(Affine.scale(1 / box.width(), 1 / box.height())));
    return ItemShape.of(properties(name), Placement.of(box), new Outline.Drawn(unit), fill, line);
  }

  /** Objects on the face held together. */
  HoldsObjects group(String name, List<Item> members) {
    Box box = members.stream().map(m -> m.placement().around()).reduce(Box::union).orElseThrow();
    List<Item> inside = new ArrayList<>();
    members.forEach(m -> inside.add(m.with(m.placement().moved(-box.x(), -box.y()))));
    return ItemGroup.of(
        properties(name), Placement.of(box), new Size(box.width(), box.height()), inside);
  }

  /**
   * A sprig of paired leaves that grows upwards from a root.
   *
   * @param height in inches
   * @param lean how far its top stands to the right of its root, in inches
   */
  HoldsObjects sprig(String name, Point root, double height, double lean, int pairs, Colour leaves, Colour stem) {
    List<Item> parts = new ArrayList<>();
    Point top = new Point(root.x() + lean, root.y() - height);
    Point c1 = new Point(root.x(), root.y() - height * 0.4);
    Point c2 = new Point(root.x() + lean * 0.4, root.y() - height * 0.75);
    parts.add(lined("Stem", Path.build().start(root).curve(c1, c2, top).path(), 1.5, stem));
    for (int i = 0; i < pairs; i++) {
      double t = 0.24 + 0.7 * i / pairs;
      Point at = Measure.onCurve(root, c1, c2, top, t);
      Point next = Measure.onCurve(root, c1, c2, top, t + 0.01);
      double up = Math.toDegrees(Math.atan2(next.y() - at.y(), next.x() - at.x()));
      double length = height * 0.24 * (1 - 0.55 * t);
      parts.add(filled("Leaf", placedLeaf(length, at, up + 52), leaves));
      parts.add(filled("Leaf", placedLeaf(length, at, up - 52), leaves));
    }
    Point below = Measure.onCurve(root, c1, c2, top, 0.97);
    double up = Math.toDegrees(Math.atan2(top.y() - below.y(), top.x() - below.x()));
    parts.add(filled("Tip", placedLeaf(height * 0.14, below, up), leaves));
    return group(name, parts);
  }

  private static Path placedLeaf(double length, Point at, double degrees) {
    Point origin = new Point(0, 0);
    return leaf(length, length * 0.62).mapped(Affine.turn(degrees, origin)).mapped(Affine.move(at.x(), at.y()));
  }

  /** A bean with a glint on it, turned about its middle. */
  HoldsObjects beanAt(Point middle, double width, double degrees, Colour colour, Colour glint) {
    Affine place = Affine.move(-0.5, -0.36).then(Affine.scale(width, width))
        .then(Affine.turn(degrees, new Point(0, 0))).then(Affine.move(middle.x(), middle.y()));
    Path shine = Path.build().start(0.2, 0.3).curve(0.26, 0.16, 0.42, 0.1, 0.58, 0.13).path();
    return group("Bean", List.of(
        filled("Seed", bean().mapped(place), colour), lined("Glint", shine.mapped(place), width * 6, glint)));
  }
}
