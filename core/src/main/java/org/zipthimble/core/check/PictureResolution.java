package org.zipthimble.core.check;

import java.util.OptionalDouble;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.picture.Picture;

/** The resolution that placed pictures really have. */
public final class PictureResolution {
  private PictureResolution() {}

  /**
   * Pixels per inch of a placed picture at the size it has on its face, the lower of both directions.
   *
   * @throws IllegalArgumentException when the object is no picture
   */
  public static double of(Job job, Placed placed) {
    if (!(placed.item() instanceof Item.Photo)) {
      throw new IllegalArgumentException(placed.item().id() + " is no picture");
    }
    Picture picture = job.pictures().get(((Item.Photo) placed.item()).pictureId());
    Affine map = placed.toFace();
    double width = placed.item().placement().width() * Math.hypot(map.a(), map.b());
    double height = placed.item().placement().height() * Math.hypot(map.c(), map.d());
    return picture.ppiAt(width, height);
  }

  /** The lowest of all printed pictures of a job; empty when it prints none. */
  public static OptionalDouble lowest(Job job) {
    return job.faces().stream().flatMap(face -> Placed.printing(job, face, job.ticket().bleedBox()).stream())
        .filter(p -> p.item() instanceof Item.Photo).mapToDouble(p -> of(job, p)).min();
  }
}
