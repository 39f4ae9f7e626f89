package org.zipthimble.core.check.picture;

import java.util.OptionalDouble;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.job.Job;

/** The resolution that placed pictures really have. */
public final class PictureResolution {
  private PictureResolution() {}

  /**
   * Pixels per inch of a placed picture at the size it has on its face, the lower of both directions.
   *
   * @throws IllegalArgumentException when the object shows no picture
   */
  public static double of(Job job, SceneNode placed) {
    return placed.item().shown(job.pictures()).map(s -> s.ppi(placed.toFace()))
        .orElseThrow(() -> new IllegalArgumentException(placed.item().id() + " shows no picture"));
  }

  /** The lowest of all printed pictures of a job, in pixels per inch; empty when it prints none. */
  public static OptionalDouble lowest(Job job) {
    return job.faces().stream().flatMap(face -> Scene.of(face).printing(job.frame(face).bleedBox()).stream())
        .filter(p -> p.item().shown(job.pictures()).filter(s -> !s.picture().kind().outlines()).isPresent()).mapToDouble(p -> of(job, p))
        .min();
  }
}
