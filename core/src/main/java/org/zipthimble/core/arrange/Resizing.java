package org.zipthimble.core.arrange;

import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/** Several objects resized and turned as one, scaling by per cent, and what a squash is and how it is mended. */
public final class Resizing {
  /** A picture or group whose proportion is off by more than this share counts as squashed. */
  public static final double SQUASH = 0.005;

  private Resizing() {}

  /** The box around objects on the ground they share, in that ground's inches. */
  public static Optional<Box> box(Face face, Set<String> ids) {
    return face.all().stream().filter(i -> ids.contains(i.id())).map(i -> i.placement().around()).reduce(Box::union);
  }

  /**
   * Scales objects about a place of their ground, with their type and lines.
   *
   * @param factor above zero
   */
  public static Edit scale(String faceId, Set<String> ids, double factor, Point about) {
    Affine map = Affine.move(-about.x(), -about.y()).then(Affine.scale(factor, factor)).then(Affine.move(about.x(), about.y()));
    return through(faceId, ids, "edit.scale", map, factor);
  }

  /** Fits the box around objects into another one, with their type and lines scaled by the mean of both directions. */
  public static Edit fit(String faceId, Set<String> ids, Box from, Box to) {
    double sx = from.width() == 0 ? 1 : Math.max(Reshape.LEAST, to.width()) / from.width();
    double sy = from.height() == 0 ? 1 : Math.max(Reshape.LEAST, to.height()) / from.height();
    Affine map = Affine.move(-from.x(), -from.y()).then(Affine.scale(sx, sy)).then(Affine.move(to.x(), to.y()));
    return through(faceId, ids, "edit.resize", map, Math.sqrt(sx * sy));
  }

  /** Mirrors objects across an axis through a place of their ground; 90 degrees is upright, 0 lies flat. */
  public static Edit flip(String faceId, Set<String> ids, double degrees, Point through) {
    return Edits.place(faceId, ids, "edit.flip", p -> Reshape.lifted(p, Repeats.mirror(degrees, through)));
  }

  /** Leans objects by an angle in degrees about their middles. */
  public static Edit slant(String faceId, Set<String> ids, double degrees) {
    return Edits.place(faceId, ids, "edit.slant", p -> p.withSlant(degrees));
  }

  /** Turns objects by degrees, clockwise, about a place of their ground in inches. */
  public static Edit turn(String faceId, Set<String> ids, double degrees, Point about) {
    return Edits.place(faceId, ids, "edit.turn", p -> {
      Point middle = Affine.turn(degrees, about).apply(p.centre());
      return p.moved(middle.x() - p.centre().x(), middle.y() - p.centre().y()).withTurn(p.turn() + degrees);
    });
  }

  /**
   * How much wider than its own proportion an object is drawn: 1 is true, 1.2 is a fifth too wide. Empty
   * for words and shapes, which have no proportion of their own.
   */
  public static Optional<Double> squash(Job job, Item item) {
    Placement p = item.placement();
    return item.proportion(job.pictures()).filter(r -> p.height() > 0 && p.width() > 0).map(r -> p.width() / p.height() / r)
        .filter(s -> Math.abs(s - 1) > SQUASH);
  }

  /** Gives an object its own proportion back; its width and its middle stay. */
  public static Edit unsquash(Job job, String faceId, Item item) {
    Optional<Double> ratio = item.proportion(job.pictures());
    return Edits.place(faceId, Set.of(item.id()), "edit.unsquash", p ->
        ratio.map(r -> Reshape.anchored(p, p.width(), p.width() / r, 0, 0)).orElse(p));
  }

  private static Edit through(String faceId, Set<String> ids, String key, Affine map, double mean) {
    return new Edit(Wording.text(key), job -> job.changed(faceId, face -> face.changed(ids, item -> {
      Item placed = item.with(Reshape.lifted(item.placement(), map));
      return Mounts.laid(placed.scaled(mean));
    })));
  }
}
