package org.zipthimble.core.colour;

/** How different two colours look. */
public final class Difference {
  private static final double FAR = Math.pow(25, 7);

  private Difference() {}

  /**
   * The difference CIEDE2000 with all weights 1 (ISO/CIE 11664-6; worked as in Sharma, Wu and Dalal, "The CIEDE2000
   * Color-Difference Formula", Color Research and Application 30, 2005). About 1 is just seen side by side.
   */
  public static double ciede2000(Lab one, Lab two) {
    double mean = Math.pow((Math.hypot(one.a(), one.b()) + Math.hypot(two.a(), two.b())) / 2, 7);
    double g = 0.5 * (1 - Math.sqrt(mean / (mean + FAR)));
    double a1 = one.a() * (1 + g);
    double a2 = two.a() * (1 + g);
    double c1 = Math.hypot(a1, one.b());
    double c2 = Math.hypot(a2, two.b());
    double h1 = hue(a1, one.b());
    double h2 = hue(a2, two.b());
    double dl = two.l() - one.l();
    double dc = c2 - c1;
    boolean grey = c1 * c2 == 0;
    double turn = grey ? 0 : nearest(h2 - h1);
    double dh = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(turn / 2));
    double l = (one.l() + two.l()) / 2;
    double c = (c1 + c2) / 2;
    double h = grey ? h1 + h2 : meanHue(h1, h2);
    double t = 1 - 0.17 * cos(h - 30) + 0.24 * cos(2 * h) + 0.32 * cos(3 * h + 6) - 0.20 * cos(4 * h - 63);
    double c7 = Math.pow(c, 7);
    double rotation = -Math.sin(Math.toRadians(60 * Math.exp(-Math.pow((h - 275) / 25, 2)))) * 2 * Math.sqrt(c7 / (c7 + FAR));
    double away = (l - 50) * (l - 50);
    double sl = dl / (1 + 0.015 * away / Math.sqrt(20 + away));
    double sc = dc / (1 + 0.045 * c);
    double sh = dh / (1 + 0.015 * c * t);
    return Math.sqrt(sl * sl + sc * sc + sh * sh + rotation * sc * sh);
  }

  private static double hue(double a, double b) {
    if (a == 0 && b == 0) {
      return 0;
    }
    double h = Math.toDegrees(Math.atan2(b, a));
    return h < 0 ? h + 360 : h;
  }

  private static double nearest(double turn) {
    return turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
  }

  private static double meanHue(double h1, double h2) {
    double sum = h1 + h2;
    return Math.abs(h1 - h2) <= 180 ? sum / 2 : sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  }

  private static double cos(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }
}
