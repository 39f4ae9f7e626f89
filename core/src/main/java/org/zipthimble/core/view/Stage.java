package org.zipthimble.core.view;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.zipthimble.core.geom.Point;

/**
 * A thing as it stands to be looked at. Rays go from the eye through the middle of every pixel; the nearest part that one meets gives its
 * colour, in the light of a broad lamp over the left shoulder. Places and directions are in inches about the middle of the thing.
 */
public final class Stage {
  private static final Vec LAMP = new Vec(-0.35, -0.4, 0.95).unit();
  private static final double DARK = 0.36;
  private static final double LIGHT = 0.74;
  private static final double DULL = 0.06;

  private final Solid[] solids;
  private final double radius;
  private final double lying;
  private final double ground;
  private final double footprint;

  /**
   * A stage.
   *
   * @param radius of the ball around all of it
   * @param lying degrees that what is made about an upright axis is tipped forwards, so that its top is looked at; 0 for what stands
   * @param ground y of what it stands on, with the radius of the foot that throws a shadow; none where that is 0
   */
  Stage(List<Solid> solids, double radius, double lying, double ground, double footprint) {
    this.solids = solids.toArray(Solid[]::new);
    this.radius = radius;
    this.lying = Math.toRadians(lying);
    this.ground = ground;
    this.footprint = footprint;
  }

  /** The eye and what is right, below and ahead of it, for the thing as it stands unturned. */
  private record Eye(Vec at, Vec right, Vec down, Vec ahead, Vec lamp, double span) {}

  private Eye eye(Camera camera) {
    double tilt = Math.toRadians(camera.tilt());
    double turn = Math.toRadians(camera.turn());
    Vec right = turned(new Vec(1, 0, 0), tilt, turn);
    Vec down = turned(new Vec(0, 1, 0), tilt, turn);
    Vec ahead = turned(new Vec(0, 0, -1), tilt, turn);
    Vec lamp = right.times(LAMP.x()).plus(down.times(LAMP.y())).plus(ahead.times(-LAMP.z()));
    return new Eye(ahead.times(-camera.far() * radius), right, down, ahead, lamp, Math.tan(Math.asin(Math.min(0.98, 1 / camera.far()))));
  }

  /** From the eye's own directions to those of the thing: the thing lies, is turned, and is tipped. */
  private Vec turned(Vec v, double tilt, double turn) {
    Vec tipped = new Vec(v.x(), v.y() * Math.cos(tilt) - v.z() * Math.sin(tilt), v.y() * Math.sin(tilt) + v.z() * Math.cos(tilt));
    Vec about = new Vec(tipped.x() * Math.cos(turn) - tipped.z() * Math.sin(turn), tipped.y(),
        tipped.x() * Math.sin(turn) + tipped.z() * Math.cos(turn));
    return new Vec(about.x(), about.y() * Math.cos(lying) - about.z() * Math.sin(lying),
        about.y() * Math.sin(lying) + about.z() * Math.cos(lying));
  }

  private void aim(Ray ray, Eye eye, double px, double py) {
    Vec d = eye.ahead();
    double x = px * eye.span();
    double y = py * eye.span();
    ray.towards(d.x() + eye.right().x() * x + eye.down().x() * y, d.y() + eye.right().y() * x + eye.down().y() * y,
        d.z() + eye.right().z() * x + eye.down().z() * y);
    for (Solid solid : solids) {
      solid.meet(ray);
    }
  }

  /**
   * The place of the flat piece that is seen at a place of a square picture.
   *
   * @param px from -1 at its left edge to 1 at its right
   * @param py from -1 at its upper edge to 1 at its lower
   * @return in inches of the flat piece; empty where nothing with art is seen
   */
  public Optional<Point> seen(Camera camera, double px, double py) {
    Eye eye = eye(camera);
    Ray ray = new Ray();
    ray.from(eye.at());
    aim(ray, eye, px, py);
    return ray.surface == null || Double.isNaN(ray.u) ? Optional.empty() : Optional.of(new Point(ray.u, ray.v));
  }

  /**
   * Draws what is seen, on nothing.
   *
   * @param width in pixels; the ball around the thing just fits into the shorter side
   * @param fine rays for each pixel and direction, 1 while it is turned
   */
  public BufferedImage draw(Camera camera, int width, int height, int fine) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
    int[] out = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    Eye eye = eye(camera);
    double half = Math.min(width, height) / 2.0;
    // while it turns, blocks around which nothing is met are not looked at pixel by pixel
    Blocks blocks = fine > 1 ? null : new Blocks(eye, width, height, half);
    IntStream.range(0, height).parallel().forEach(row -> row(out, row, width, height, half, eye, fine, blocks));
    return image;
  }

  /** The corners of blocks of pixels: whether a part is met there, and else how dark the ground is. */
  private final class Blocks {
    private static final int SIDE = 8;

    private final int across;
    private final float[] corners;

    Blocks(Eye eye, int width, int height, double half) {
      across = width / SIDE + 2;
      int down = height / SIDE + 2;
      corners = new float[across * down];
      IntStream.range(0, down).parallel().forEach(row -> {
        Ray ray = new Ray();
        ray.from(eye.at());
        for (int column = 0; column < across; column++) {
          aim(ray, eye, (column * SIDE - width / 2.0) / half, (row * SIDE - height / 2.0) / half);
          corners[row * across + column] = ray.surface != null ? -1 : footprint > 0 ? (float) shadow(ray) : 0;
        }
      });
    }

    /** Whether something is met in a block or beside it. */
    boolean busy(int column, int row) {
      int left = Math.max(0, column / SIDE - 1);
      int right = Math.min(across - 1, column / SIDE + 2);
      int low = Math.min(corners.length / across - 1, row / SIDE + 2);
      for (int y = Math.max(0, row / SIDE - 1); y <= low; y++) {
        for (int x = left; x <= right; x++) {
          if (corners[y * across + x] < 0) {
            return true;
          }
        }
      }
      return false;
    }

    /** How dark the ground is within a block in which nothing is met. */
    double dark(int column, int row) {
      int at = row / SIDE * across + column / SIDE;
      double x = (column % SIDE + 0.5) / SIDE;
      double y = (row % SIDE + 0.5) / SIDE;
      return (corners[at] * (1 - x) + corners[at + 1] * x) * (1 - y) + (corners[at + across] * (1 - x) + corners[at + across + 1] * x) * y;
    }
  }

  private void row(int[] out, int row, int width, int height, double half, Eye eye, int fine, Blocks blocks) {
    Ray ray = new Ray();
    ray.from(eye.at());
    double[] rgb = new double[3];
    double[] sum = new double[4];
    boolean busy = true;
    for (int column = 0; column < width; column++) {
      if (blocks != null && column % Blocks.SIDE == 0) {
        busy = blocks.busy(column, row);
      }
      if (!busy) {
        out[row * width + column] = (int) Math.round(255 * blocks.dark(column, row)) << 24;
        continue;
      }
      java.util.Arrays.fill(sum, 0);
      for (int i = 0; i < fine * fine; i++) {
        double px = (column + (i % fine + 0.5) / fine - width / 2.0) / half;
        double py = (row + (i / fine + 0.5) / fine - height / 2.0) / half;
        aim(ray, eye, px, py);
        if (ray.surface != null) {
          lit(ray, eye, rgb);
          sum[0] += 1;
          sum[1] += rgb[0];
          sum[2] += rgb[1];
          sum[3] += rgb[2];
        } else if (footprint > 0) {
          sum[0] += shadow(ray);
        }
      }
      double n = fine * fine;
      out[row * width + column] = (int) Math.round(255 * sum[0] / n) << 24 | (int) Math.round(sum[1] / n) << 16 | (int) Math.round(
          sum[2] / n) << 8 | (int) Math.round(sum[3] / n);
    }
  }

  /** How dark the ground is where a ray meets it: darkest beside the foot. */
  private double shadow(Ray ray) {
    double t = (ground - ray.oy) / ray.dy;
    if (!(t > 0)) {
      return 0;
    }
    double x = ray.ox + t * ray.dx;
    double z = ray.oz + t * ray.dz;
    double off = Math.max(0, Math.sqrt(x * x + z * z) - footprint) / (0.3 * footprint);
    return off > 3 ? 0 : 0.34 * Math.exp(-off * off);
  }

  /** The colour of what a ray meets, 0 to 255 each. */
  private void lit(Ray ray, Eye eye, double[] rgb) {
    ray.surface.at(ray.u, ray.v, rgb);
    Vec lamp = eye.lamp();
    double facing = Math.max(0, ray.nx * lamp.x() + ray.ny * lamp.y() + ray.nz * lamp.z());
    double light = DARK + LIGHT * facing;
    // the lamp seen in the surface, broad on dull ones and narrow on bright ones
    double hx = lamp.x() - ray.dx;
    double hy = lamp.y() - ray.dy;
    double hz = lamp.z() - ray.dz;
    double length = Math.sqrt(hx * hx + hy * hy + hz * hz);
    double mirror = Math.max(0, (ray.nx * hx + ray.ny * hy + ray.nz * hz) / length);
    double sheen = ray.surface.sheen();
    // a power of the cosine by Schlick's rational form (A Customizable Reflectance Model for Everyday Rendering, 1993): near enough, and
    // many times as fast
    double power = 12 + 140 * sheen;
    double spark = (DULL + 0.5 * sheen * sheen) * mirror / (power - power * mirror + mirror) * 255;
    // at a grazing angle a bright surface shows the room
    double graze = 1 + ray.nx * ray.dx + ray.ny * ray.dy + ray.nz * ray.dz;
    double room = sheen * 0.35 * graze * graze * graze * 235;
    for (int i = 0; i < 3; i++) {
      rgb[i] = Math.max(0, Math.min(255, rgb[i] * Math.min(1.06, light) + spark + room));
    }
  }
}
