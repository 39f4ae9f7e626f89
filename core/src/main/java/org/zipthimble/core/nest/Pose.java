package org.zipthimble.core.nest;

/** A form turned and moved to a place, with all its edges worked out there. */
final class Pose {
  final Form form;
  double x;
  double y;
  double turn;
  final double[][] xs;
  final double[][] ys;
  final double[] px;
  final double[] py;
  double left;
  double top;
  double right;
  double bottom;

  Pose(Form form) {
    this.form = form;
    xs = new double[form.xs.length][];
    ys = new double[form.xs.length][];
    for (int r = 0; r < xs.length; r++) {
      xs[r] = new double[form.xs[r].length];
      ys[r] = new double[form.xs[r].length];
    }
    px = new double[form.poles.length];
    py = new double[form.poles.length];
    set(0, 0, 0);
  }

  void set(Pose other) {
    set(other.x, other.y, other.turn);
  }

  void set(double newX, double newY, double newTurn) {
    x = newX;
    y = newY;
    turn = newTurn;
    double cos = Math.cos(Math.toRadians(turn));
    double sin = Math.sin(Math.toRadians(turn));
    left = Double.MAX_VALUE;
    top = Double.MAX_VALUE;
    right = -Double.MAX_VALUE;
    bottom = -Double.MAX_VALUE;
    for (int r = 0; r < xs.length; r++) {
      double[] fx = form.xs[r];
      double[] fy = form.ys[r];
      for (int i = 0; i < fx.length; i++) {
        double vx = cos * fx[i] - sin * fy[i] + x;
        double vy = sin * fx[i] + cos * fy[i] + y;
        xs[r][i] = vx;
        ys[r][i] = vy;
        left = Math.min(left, vx);
        right = Math.max(right, vx);
        top = Math.min(top, vy);
        bottom = Math.max(bottom, vy);
      }
    }
    for (int i = 0; i < px.length; i++) {
      px[i] = cos * form.poles[i][0] - sin * form.poles[i][1] + x;
      py[i] = sin * form.poles[i][0] + cos * form.poles[i][1] + y;
    }
  }

  /** How much two poses lie over each other: 0 when they do not. */
  static double overlap(Pose a, Pose b) {
    if (a.left >= b.right || b.left >= a.right || a.top >= b.bottom || b.top >= a.bottom) {
      return 0;
    }
    double sum = 0;
    for (int i = 0; i < a.px.length; i++) {
      double ra = a.form.poles[i][2];
      for (int k = 0; k < b.px.length; k++) {
        double rb = b.form.poles[k][2];
        double dx = a.px[i] - b.px[k];
        double dy = a.py[i] - b.py[k];
        double reach = ra + rb;
        double away = dx * dx + dy * dy;
        if (away < reach * reach) {
          sum += (reach - Math.sqrt(away)) * Math.min(ra, rb);
        }
      }
    }
    if (sum > 0) {
      return Math.sqrt(sum) + 1e-4;
    }
    return touches(a, b) ? Math.sqrt(depth(a, b)) * 0.5 + 1e-4 : 0;
  }

  /** A measure for crossings that no circles tell: how far the boxes reach into each other. */
  private static double depth(Pose a, Pose b) {
    double dx = Math.min(a.right, b.right) - Math.max(a.left, b.left);
    double dy = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
    double small = Math.min(a.form.poles[0][2], b.form.poles[0][2]);
    return Math.min(Math.min(dx, dy), small) * small * 0.2;
  }

  private static boolean touches(Pose a, Pose b) {
    double l = Math.max(a.left, b.left);
    double r = Math.min(a.right, b.right);
    double t = Math.max(a.top, b.top);
    double m = Math.min(a.bottom, b.bottom);
    for (int ra = 0; ra < a.xs.length; ra++) {
      double[] ax = a.xs[ra];
      double[] ay = a.ys[ra];
      int na = ax.length;
      for (int i = 0; i < na; i++) {
        int i2 = i + 1 == na ? 0 : i + 1;
        if (Math.max(ax[i], ax[i2]) < l || Math.min(ax[i], ax[i2]) > r || Math.max(ay[i], ay[i2]) < t || Math.min(ay[i], ay[i2]) > m) {
          continue;
        }
        if (crosses(ax[i], ay[i], ax[i2], ay[i2], b)) {
          return true;
        }
      }
    }
    return a.covers(b.px[0], b.py[0]) || b.covers(a.px[0], a.py[0]);
  }

  private static boolean crosses(double x1, double y1, double x2, double y2, Pose b) {
    for (int rb = 0; rb < b.xs.length; rb++) {
      double[] bx = b.xs[rb];
      double[] by = b.ys[rb];
      int nb = bx.length;
      for (int k = 0; k < nb; k++) {
        int k2 = k + 1 == nb ? 0 : k + 1;
        double d1 = (x2 - x1) * (by[k] - y1) - (y2 - y1) * (bx[k] - x1);
        double d2 = (x2 - x1) * (by[k2] - y1) - (y2 - y1) * (bx[k2] - x1);
        if (d1 * d2 >= 0) {
          continue;
        }
        double d3 = (bx[k2] - bx[k]) * (y1 - by[k]) - (by[k2] - by[k]) * (x1 - bx[k]);
        double d4 = (bx[k2] - bx[k]) * (y2 - by[k]) - (by[k2] - by[k]) * (x2 - bx[k]);
        if (d3 * d4 < 0) {
          return true;
        }
      }
    }
    return false;
  }

  /** Whether a place lies inside, by the even-odd rule. */
  boolean covers(double qx, double qy) {
    boolean in = false;
    for (int r = 0; r < xs.length; r++) {
      for (int i = 0, k = xs[r].length - 1; i < xs[r].length; k = i++) {
        if (ys[r][i] > qy != ys[r][k] > qy
            && qx < (xs[r][k] - xs[r][i]) * (qy - ys[r][i]) / (ys[r][k] - ys[r][i]) + xs[r][i]) {
          in = !in;
        }
      }
    }
    return in;
  }
}
