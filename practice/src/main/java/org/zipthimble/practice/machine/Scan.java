package org.zipthimble.practice.machine;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;

/**
 * The eye of a cutter: it sees a printed sheet that lies askew and finds the registration marks on it, round black
 * spots. All it knows is the picture and where the marks should be.
 */
public final class Scan {
  /** Pixels for each inch of what the eye sees. */
  public static final double PPI = 200;

  private static final double REACH = 0.45;

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
   * The marks nearest to where they should be, as the middle of darkness around them.
   *
   * @param wanted where they should be, in inches; three at least
   * @param radius of a mark in inches
   * @return one for each; empty when one cannot be seen
   */
  public static List<Point> marks(BufferedImage seen, List<Point> wanted, double radius) {
    List<Point> out = new ArrayList<>();
    for (Point at : wanted) {
      Point found = spot(seen, at, REACH, radius);
      if (found == null) {
        return List.of();
      }
      out.add(spot(seen, found, radius * 1.6, radius));
    }
    return out.contains(null) ? List.of() : out;
  }

  private static Point spot(BufferedImage seen, Point about, double reach, double radius) {
    int x0 = (int) Math.max(0, (about.x() - reach) * PPI);
    int y0 = (int) Math.max(0, (about.y() - reach) * PPI);
    int x1 = (int) Math.min(seen.getWidth() - 1, (about.x() + reach) * PPI);
    int y1 = (int) Math.min(seen.getHeight() - 1, (about.y() + reach) * PPI);
    double sum = 0;
    double sx = 0;
    double sy = 0;
    for (int y = y0; y <= y1; y++) {
      for (int x = x0; x <= x1; x++) {
        double dark = 1 - seen.getRaster().getSample(x, y, 0) / 255.0;
        dark = dark < 0.35 ? 0 : dark;
        sum += dark;
        sx += dark * (x + 0.5);
        sy += dark * (y + 0.5);
      }
    }
    double area = Math.PI * radius * radius * PPI * PPI;
    return sum < area * 0.5 ? null : new Point(sx / sum / PPI, sy / sum / PPI);
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
