package org.zipthimble.core.geom;

/**
 * How what lies in a field is bent. All but {@link Bow#SLANT} leave the middle of the field where it is.
 *
 * @param amount in degrees or hundredths, as its way says
 * @param upright whether it runs along the height of the field and not along its width
 * @param times how many waves there are, 1 to 20; of no account for other ways
 */
public record Bend(Bow bow, double amount, boolean upright, int times) {
  /** The most waves. */
  public static final int MOST_TIMES = 20;

  /** Where a curve is so narrow that its inner side would run through its own middle, it is this much wider than that. */
  private static final double OPEN = 1.02;

  /** Least share of the height that an end keeps which lies beyond the field. */
  private static final double LEAST_SHARE = 0.01;

  /** Checks the figures. */
  public Bend {
    if (bow == null || !(amount >= bow.least() && amount <= bow.most()) || times < 1 || times > MOST_TIMES) {
      throw new IllegalArgumentException("a bend out of range: " + bow + " " + amount + ", " + times + " times");
    }
  }

  /** One along the width; the amount in degrees or per cent, within the range of its bow. */
  public static Bend of(Bow bow, double amount) {
    return new Bend(bow, amount, false, 1);
  }

  /** The same by another way, its amount within the range of that. */
  public Bend as(Bow other) {
    return new Bend(other, Math.max(other.least(), Math.min(other.most(), amount)), upright, times);
  }

  /** The map of a field in inches; identical maps come of fields with the same middle and size. */
  public Warp in(Box field) {
    Point middle = field.centre();
    double half = Math.max(1e-6, (upright ? field.height() : field.width()) / 2);
    double tall = Math.max(1e-6, (upright ? field.width() : field.height()) / 2);
    Warp flat = flat(half, tall);
    return new Warp() {
      @Override
      public Point there(Point p) {
        return out(flat.there(in(p)));
      }

      @Override
      public Point back(Point p) {
        return out(flat.back(in(p)));
      }

      private Point in(Point p) {
        double x = p.x() - middle.x();
        double y = p.y() - middle.y();
        return upright ? new Point(y, x) : new Point(x, y);
      }

      private Point out(Point p) {
        return upright ? middle.plus(p.y(), p.x()) : middle.plus(p.x(), p.y());
      }
    };
  }

  /** The map about the middle of a field so many inches to either side wide and high. */
  private Warp flat(double a, double b) {
    if (amount == 0) {
      return warp(p -> p, p -> p);
    }
    double part = amount / 100;
    return switch (bow) {
      case ARC -> arc(a, b);
      case ARCH -> lifted(new Arch(a, part));
      case WAVE -> lifted(u -> part * b * Math.sin(Math.PI * times * (u + a) / a));
      case BULGE -> taller(u -> 1 + part * Math.max(0, 1 - u * u / (a * a)));
      case TAPER -> taller(u -> Math.max(LEAST_SHARE, 1 - Math.abs(part) * (part > 0 ? u + a : a - u) / (2 * a)));
      case SLANT -> {
        double tan = Math.tan(Math.toRadians(amount));
        yield warp(p -> p.plus(-p.y() * tan, 0), p -> p.plus(p.y() * tan, 0));
      }
      case TWIST -> {
        double reach = Math.hypot(a, b);
        yield warp(p -> turned(p, amount, reach), p -> turned(p, -amount, reach));
      }
    };
  }

  private static Point turned(Point p, double degrees, double reach) {
    double angle = Math.toRadians(degrees) * Math.max(0, 1 - Math.hypot(p.x(), p.y()) / reach);
    return new Point(p.x() * Math.cos(angle) - p.y() * Math.sin(angle), p.x() * Math.sin(angle) + p.y() * Math.cos(angle));
  }

  /** The middle line becomes an arc as long as it is; where that is too narrow for the height, a longer one of the same angle. */
  private Warp arc(double a, double b) {
    double angle = Math.toRadians(amount);
    double sign = Math.signum(angle);
    double radius = sign * Math.max(2 * a / Math.abs(angle), OPEN * b);
    return warp(p -> {
      double turn = angle * p.x() / (2 * a);
      double r = radius - p.y();
      return new Point(r * Math.sin(turn), radius - r * Math.cos(turn));
    }, p -> {
      double turn = sign * Math.atan2(p.x(), sign * (radius - p.y()));
      return new Point(turn * 2 * a / angle, radius - sign * Math.hypot(p.x(), radius - p.y()));
    });
  }

  private interface Along {
    double at(double u);
  }

  /** An arc of a circle over a width; beyond its ends it goes on straight. */
  private record Arch(double a, double part) implements Along {
    @Override
    public double at(double u) {
      double rise = Math.abs(part) * a;
      double radius = (a * a + rise * rise) / (2 * rise);
      double within = Math.min(Math.abs(u), a);
      double slope = -within / Math.sqrt(radius * radius - within * within);
      return Math.signum(part) * (Math.sqrt(radius * radius - within * within) - radius + rise + slope * (Math.abs(u) - within));
    }
  }

  private static Warp lifted(Along by) {
    return warp(p -> p.plus(0, -by.at(p.x())), p -> p.plus(0, by.at(p.x())));
  }

  private static Warp taller(Along by) {
    return warp(p -> new Point(p.x(), p.y() * by.at(p.x())), p -> new Point(p.x(), p.y() / by.at(p.x())));
  }

  private interface Placing {
    Point at(Point p);
  }

  private static Warp warp(Placing there, Placing back) {
    return new Warp() {
      @Override
      public Point there(Point p) {
        return there.at(p);
      }

      @Override
      public Point back(Point p) {
        return back.at(p);
      }
    };
  }
}
