package org.zipthimble.core.colour;


/**
 * From colours to amounts of ink, and from ink to what is seen, by a printing condition. Never changes; safe for several
 * threads.
 */
public final class Press {
  /** From this CIEDE2000 on a colour counts as out of range: the change is seen without a comparison (common practice, no source). */
  public static final double MISSED = 5;

  private final Profile profile;
  private final Intent intent;
  private final double[] black;
  private final double[] darkest;

  private Press(Profile profile, Intent intent, boolean fitted) {
    this.profile = profile;
    this.intent = intent;
    this.darkest = darkest(profile);
    this.black = fitted ? darkest : new double[3];
  }

  /**
   * A press.
   *
   * @param blackPoint whether the darkest colour becomes the darkest ink and all others are fitted in between; else what is
   *     darker than the ink is cut off. Counts for {@link Intent#RELATIVE} alone: the tables of the others have it in them.
   */
  public static Press of(Profile profile, Intent intent, boolean blackPoint) {
    return new Press(profile, intent, blackPoint && intent == Intent.RELATIVE);
  }

  /** XYZ of the darkest neutral that the inks give: black there and back by the perceptual tables, its hue left out. */
  private static double[] darkest(Profile profile) {
    double[] ink = profile.table("B2A", Intent.PERCEPTUAL).at(encoded(new Lab(0, 0, 0), profile.table("B2A", Intent.PERCEPTUAL).legacy()));
    IccTables.Table back = profile.table("A2B", Intent.PERCEPTUAL);
    Lab seen = decoded(back.at(ink), back.legacy());
    return new Lab(Math.max(0, Math.min(50, seen.l())), 0, 0).toXyz();
  }

  /** The printing condition. */
  public Profile profile() {
    return profile;
  }

  /** What is kept where inks cannot show a colour. */
  public Intent intent() {
    return intent;
  }

  /** Two presses are equal when they give the same inks. */
  @Override
  public boolean equals(Object other) {
    return other instanceof Press && ((Press) other).profile.equals(profile) && ((Press) other).intent == intent
        && ((Press) other).black[1] == black[1];
  }

  @Override
  public int hashCode() {
    return profile.hashCode() * 31 + intent.ordinal();
  }

  /** The inks for a colour. */
  public Cmyk ink(Colour colour) {
    return ink(colour.red() / 255.0, colour.green() / 255.0, colour.blue() / 255.0);
  }

  /** The inks for parts of sRGB, each 0 to 1. */
  Cmyk ink(double red, double green, double blue) {
    return ink(Lab.xyz(red, green, blue));
  }

  /** The inks for a colour of Lab. */
  public Cmyk ink(Lab lab) {
    return ink(lab.toXyz());
  }

  private Cmyk ink(double[] xyz) {
    double[] fitted = new double[3];
    double[] paper = profile.paper();
    for (int i = 0; i < 3; i++) {
      double white = Lab.WHITE[i];
      fitted[i] = intent == Intent.ABSOLUTE ? xyz[i] * white / paper[i] : xyz[i] * (white - black[i]) / white + black[i];
    }
    IccTables.Table table = profile.table("B2A", intent);
    return Cmyk.of(table.at(encoded(Lab.ofXyz(fitted), table.legacy())));
  }

  /** What ink looks like to an eye that takes the paper for white. */
  public Lab seen(Cmyk ink) {
    IccTables.Table table = profile.table("A2B", Intent.RELATIVE);
    return decoded(table.at(ink.parts()), table.legacy());
  }

  /** What ink looks like beside a white screen, the paper's own tone kept. */
  public Lab onPaper(Cmyk ink) {
    double[] xyz = seen(ink).toXyz();
    double[] paper = profile.paper();
    for (int i = 0; i < 3; i++) {
      xyz[i] *= paper[i] / Lab.WHITE[i];
    }
    return Lab.ofXyz(xyz);
  }

  /**
   * How far the nearest printed colour is from a colour, as CIEDE2000; what inks can show is below about 1. The darkest ink counts as
   * black, for nothing printed is darker.
   */
  public double miss(Colour colour) {
    double[] xyz = Lab.xyz(colour.red() / 255.0, colour.green() / 255.0, colour.blue() / 255.0);
    for (int i = 0; i < 3; i++) {
      xyz[i] = xyz[i] * (Lab.WHITE[i] - darkest[i]) / Lab.WHITE[i] + darkest[i];
    }
    Lab wanted = Lab.ofXyz(xyz);
    IccTables.Table table = profile.table("B2A", Intent.RELATIVE);
    Cmyk nearest = Cmyk.of(table.at(encoded(wanted, table.legacy())));
    return Difference.ciede2000(wanted, seen(nearest));
  }

  private static double[] encoded(Lab lab, boolean legacy) {
    double scale = legacy ? 65280.0 / 65535 : 1;
    double span = legacy ? 65535.0 / 256 : 255;
    return new double[] {cut(lab.l() / 100 * scale), cut((lab.a() + 128) / span), cut((lab.b() + 128) / span)};
  }

  private static Lab decoded(double[] v, boolean legacy) {
    double scale = legacy ? 65280.0 / 65535 : 1;
    double span = legacy ? 65535.0 / 256 : 255;
    return new Lab(near(v[0]) * 100 / scale, near(v[1]) * span - 128, near(v[2]) * span - 128);
  }

  /** Values of a table are 0 to 1; what a damaged one gives may be far off or no number at all. */
  private static double near(double v) {
    return v >= -1 ? Math.min(2, v) : 0;
  }

  private static double cut(double v) {
    return v >= 0 ? Math.min(1, v) : 0;
  }
}
