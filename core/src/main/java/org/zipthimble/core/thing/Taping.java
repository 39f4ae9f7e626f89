package org.zipthimble.core.thing;

import java.util.Optional;

/**
 * Measuring a cup of one's own with a tape and a strip of paper. Lengths are inches.
 *
 * @param roundTop once round where the wrap's upper edge will lie
 * @param roundBase once round where its lower edge will lie
 * @param side from the one to the other along the side
 * @param strip what a straight strip of paper says, if one was laid on
 * @param error the standard error of a reading, such as 1/32
 */
public record Taping(double roundTop, double roundBase, double side, Optional<Strip> strip, double error) {
  /** The error of a tape read to the next sixteenth, in inches; common practice, no source. */
  public static final double USUAL_ERROR = 1.0 / 32;

  /** The least round. */
  public static final double LEAST = Math.PI * Cup.NARROWEST;

  /** The greatest round. */
  public static final double MOST = Math.PI * Cup.WIDEST;

  /**
   * A straight strip of paper laid on the side of a tapered cup without a crease, both its ends at the rim. Its edge leaves the rim by the
   * sag in the middle.
   *
   * @param length between the places where its edge meets the rim
   * @param sag of its edge from the rim, in the middle of that length, along the side
   */
  public record Strip(double length, double sag) {
    /** Checks the range. */
    public Strip {
      Ranges.check("a strip", length, 0.25, 100);
      Ranges.check("a strip's sag", sag, 0, length / 2);
    }
  }

  /** Checks the ranges. */
  public Taping {
    Ranges.check("round the top", roundTop, LEAST, MOST);
    Ranges.check("round the base", roundBase, LEAST, MOST);
    Ranges.check("the side", side, 0.25, Cup.TALLEST);
    Ranges.check("an error", error, 0, 1);
    if (side <= Math.abs(roundTop - roundBase) / (2 * Math.PI)) {
      throw new IllegalArgumentException("a side is longer than the radii differ: " + side);
    }
  }

  /** The side from a height upright and the rounds, all in inches (Pythagoras over the difference of the radii). */
  public static double side(double roundTop, double roundBase, double height) {
    return Math.hypot(height, (roundTop - roundBase) / (2 * Math.PI));
  }

  /** How far the truth may lie from a length that was read with an error, in inches. */
  public static double across(double error) {
    return Gauge.of(new double[] {1}, error, r -> r[0]).within();
  }

  private double[] readings() {
    return new double[] {roundTop, roundBase, side};
  }

  /** The diameter at the top. */
  public Gauge top() {
    return Gauge.of(readings(), error, r -> r[0] / Math.PI);
  }

  /** The diameter at the base. */
  public Gauge base() {
    return Gauge.of(readings(), error, r -> r[1] / Math.PI);
  }

  /** Along the side. */
  public Gauge slant() {
    return Gauge.of(readings(), error, r -> r[2]);
  }

  /** Once round the middle. */
  public Gauge round() {
    return Gauge.of(readings(), error, r -> (r[0] + r[1]) / 2);
  }

  /** Whether rim and base differ by more than the tape can tell. */
  public boolean tapered() {
    return Math.abs(roundTop - roundBase) > 2 * error * Math.sqrt(2) + 1e-9;
  }

  /** The radius of the band's edge at the top, from the rounds and the side; empty for what is not surely tapered. */
  public Optional<Gauge> radius() {
    return tapered() ? Optional.of(Gauge.of(readings(), error, r -> r[2] * r[0] / Math.abs(r[0] - r[1]))) : Optional.empty();
  }

  /**
   * The same radius from the strip alone: of a circle with the strip as chord (sagitta, geometry handbooks); empty without a strip or
   * without sag.
   */
  public Optional<Gauge> stripRadius() {
    return strip.filter(s -> s.sag() > 0)
        .map(s -> Gauge.of(new double[] {s.length(), s.sag()}, error, r -> (r[0] * r[0] / 4 + r[1] * r[1]) / (2 * r[1])));
  }

  /** The sag that the rounds and the side let expect of the strip; empty without a strip. Nothing for a straight cup. */
  public Optional<Gauge> sagExpected() {
    return strip.map(s -> Gauge.of(new double[] {roundTop, roundBase, side, s.length()}, error, r -> {
      double bend = Math.abs(r[0] - r[1]) / (r[2] * r[0]);
      double half = r[3] / 2;
      // 1 / radius keeps the figure sound where the cup is nearly straight
      double chord = Math.min(1, half * bend);
      return bend < 1e-9 ? 0 : (1 - Math.sqrt(1 - chord * chord)) / bend;
    }));
  }

  /** Whether the strip agrees with the tape within what both can tell; what has no strip agrees. */
  public boolean agrees() {
    return strip.isEmpty() || sagExpected().filter(g -> Math.abs(strip.get().sag() - g.value()) <= Math.hypot(g.within(), 2 * error))
        .isPresent();
  }

  /**
   * How many inches the ends of a wrap made by these figures may lie from where they should, along the round: so much the flap must
   * bridge, and so much a pattern may miss itself.
   */
  public double atSeam() {
    return Math.max(Gauge.of(readings(), error, r -> r[0]).within(), Gauge.of(readings(), error, r -> r[1]).within());
  }

  /** The cup; straight where the tape cannot tell the rounds apart. The handle's gap and the seam's flap in inches. */
  public Cup cup(double gap, double flap) {
    double across = (roundTop + roundBase) / 2 / Math.PI;
    double top = tapered() ? roundTop / Math.PI : across;
    double base = tapered() ? roundBase / Math.PI : across;
    double free = Math.min(0.125, side / 8);
    return new Cup(top, base, side, gap, gap > 0 ? 0 : flap, free, free, Math.min(0.25, across / 3), true);
  }
}
