package org.zipthimble.practice.machine;

import java.util.Random;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;

/**
 * How a printed sheet lies askew on the mat: scaled by the printer, turned and shifted by the hand.
 *
 * @param right in inches
 * @param down in inches
 * @param degrees clockwise
 * @param percent larger than asked
 */
public record Misplacement(double right, double down, double degrees, double percent) {
  /** Not at all. */
  public static final Misplacement NONE = new Misplacement(0, 0, 0, 0);

  /** Somehow, within 0.1 in, 1 degree and half a per cent. */
  public static Misplacement random(Random random) {
    return new Misplacement(
        (random.nextDouble() - 0.5) * 0.2, (random.nextDouble() - 0.5) * 0.2, (random.nextDouble() - 0.5) * 2, random.nextDouble() - 0.5);
  }

  /** From where the sheet should lie to where it does. */
  public Affine map() {
    double s = 1 + percent / 100;
    return Affine.scale(s, s).then(Affine.turn(degrees, new Point(0, 0))).then(Affine.move(right, down));
  }
}
