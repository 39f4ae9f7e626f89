package org.zipthimble.practice.machine;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;

/**
 * The eye of a cutter: it sees a printed sheet that lies askew and finds the registration marks on it, round black
 * spots. All it knows is the picture and where the marks should be.
 */
public final class Scan {
  /** Pixels for each inch of what the eye sees. */
  public static final double PPI = 300;

  /** How far a mark may lie from where it should be, in inches. */
  private static final double REACH = 2;

  /** By how much the sheet may be larger or smaller, as a part. */
  private static final double STRETCH = 0.03;

  /** How near a spot must lie to where the others let expect it, in inches. */
  private static final double NEAR = 0.08;

  private Scan() {}

  /**
   * The sheet as the eye sees it.
   *
   * @param print the whole printed sheet
   * @param ppi pixels for each inch of the print
   */
  public static BufferedImage seen(BufferedImage print, double ppi, Misplacement askew, double width, double height) {
    BufferedImage out = new BufferedImage(
        (int) Math.round(width * PPI), (int) Math.round(height * PPI), BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D g = out.createGraphics();
    g.setColor(java.awt.Color.WHITE);
    g.fillRect(0, 0, out.getWidth(), out.getHeight());
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    Affine m = Affine.scale(1 / ppi, 1 / ppi).then(askew.map()).then(Affine.scale(PPI, PPI));
    g.drawImage(print, new AffineTransform(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()), null);
    g.dispose();
    return out;
  }

  /**
   * The marks as the picture alone shows them: of all round spots of about their size those whose places fit together best with where they
   * should be, however the sheet was turned, shifted and scaled within {@link #REACH}.
   *
   * @param wanted where they should be, in inches; three at least
   * @param radius of a mark in inches
   * @return one for each; empty when they cannot be told
   */
  public static List<Point> marks(BufferedImage seen, List<Point> wanted, double radius) {
    List<Point> spots = MarkSpots.of(seen, radius, PPI);
    int far = 1;
    for (int i = 2; i < wanted.size(); i++) {
      far = wanted.get(i).distance(wanted.get(0)) > wanted.get(far).distance(wanted.get(0)) ? i : far;
    }
    List<Point> best = List.of();
    double least = Double.MAX_VALUE;
    for (Point first : spots) {
      for (Point second : spots) {
        if (first != second && first.distance(wanted.get(0)) < REACH && second.distance(wanted.get(far)) < REACH
            && near(first.distance(second), wanted.get(0).distance(wanted.get(far)))) {
          List<Point> all = matched(spots, wanted, similar(wanted.get(0), wanted.get(far), first, second));
          double off = all.isEmpty() ? Double.MAX_VALUE : residual(wanted, all);
          if (off < least) {
            least = off;
            best = all;
          }
        }
      }
    }
    return best;
  }

  private static boolean near(double found, double wanted) {
    return Math.abs(found / wanted - 1) < STRETCH;
  }

  /** The map that turns, shifts and scales alone and takes two places to two others. */
  private static Affine similar(Point a, Point b, Point to, Point other) {
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double square = dx * dx + dy * dy;
    double c = ((other.x() - to.x()) * dx + (other.y() - to.y()) * dy) / square;
    double s = ((other.y() - to.y()) * dx - (other.x() - to.x()) * dy) / square;
    return new Affine(c, s, -s, c, to.x() - c * a.x() + s * a.y(), to.y() - s * a.x() - c * a.y());
  }

  /** The spot nearest to where each mark would be; none where one has no spot near. */
  private static List<Point> matched(List<Point> spots, List<Point> wanted, Affine map) {
    List<Point> out = new ArrayList<>();
    for (Point mark : wanted) {
      Point there = map.apply(mark);
      Optional<Point> nearest = spots.stream().min(Comparator.comparingDouble(s -> s.distance(there)))
          .filter(s -> s.distance(there) < NEAR && !out.contains(s));
      if (nearest.isEmpty()) {
        return List.of();
      }
      out.add(nearest.get());
    }
    return out;
  }

  private static double residual(List<Point> wanted, List<Point> found) {
    Affine fitted = fit(wanted, found);
    double sum = 0;
    for (int i = 0; i < wanted.size(); i++) {
      sum += fitted.apply(wanted.get(i)).distance(found.get(i));
    }
    return sum + Math.abs(Math.hypot(fitted.a(), fitted.b()) - Math.hypot(fitted.c(), fitted.d()));
  }

  /**
   * The map that takes wanted places to found ones with the least squares of the differences.
   *
   * @param wanted three at least, not on one line
   */
  public static Affine fit(List<Point> wanted, List<Point> found) {
    int n = wanted.size();
    double mx = wanted.stream().mapToDouble(Point::x).average().orElseThrow();
    double my = wanted.stream().mapToDouble(Point::y).average().orElseThrow();
    double xx = 0;
    double xy = 0;
    double yy = 0;
    double[] ux = new double[2];
    double[] uy = new double[2];
    double fx = 0;
    double fy = 0;
    for (int i = 0; i < n; i++) {
      double x = wanted.get(i).x() - mx;
      double y = wanted.get(i).y() - my;
      xx += x * x;
      xy += x * y;
      yy += y * y;
      ux[0] += x * found.get(i).x();
      ux[1] += y * found.get(i).x();
      uy[0] += x * found.get(i).y();
      uy[1] += y * found.get(i).y();
      fx += found.get(i).x() / n;
      fy += found.get(i).y() / n;
    }
    double det = xx * yy - xy * xy;
    if (Math.abs(det) < 1e-9) {
      throw new IllegalArgumentException("marks on one line say nothing");
    }
    double a = (ux[0] * yy - ux[1] * xy) / det;
    double c = (ux[1] * xx - ux[0] * xy) / det;
    double b = (uy[0] * yy - uy[1] * xy) / det;
    double d = (uy[1] * xx - uy[0] * xy) / det;
    return new Affine(a, b, c, d, fx - a * mx - c * my, fy - b * mx - d * my);
  }
}
