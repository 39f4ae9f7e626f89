package org.zipthimble.core.view;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * From where a thing is looked at. Things stand about 0, 0, 0 with x to the right, y down and z towards the eye; lengths are inches.
 *
 * @param turn degrees that the thing is turned about its upright axis, its front to the right
 * @param tilt degrees that it is tipped towards the eye, so that more of its top is seen; -90 to 90
 * @param far how far the eye is from the middle, in times the radius of the ball around the thing, above 1.5
 */
@RecordBuilder
public record Camera(double turn, double tilt, double far) implements CameraBuilder.With {
  /** From the front, a little from above. */
  public static final Camera USUAL = new Camera(0, 12, 5);

  /** Checks the figures. */
  public Camera {
    if (!Double.isFinite(turn) || !(Math.abs(tilt) <= 90) || !(far >= 1.5 && far <= 1000)) {
      throw new IllegalArgumentException("no place to look from: " + turn + ", " + tilt + ", " + far);
    }
  }
}
