package org.zipthimble.core.thing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;

/**
 * A mug, tumbler, glass or cup that a wrap goes round, straight or tapered. Lengths are inches.
 *
 * @param top diameter where the wrap's upper edge lies, 0.5 to 30
 * @param base diameter where its lower edge lies, 0.5 to 30
 * @param slant from its upper to its lower edge along the side, 0.25 to 40
 * @param gap along the round that stays free for a handle; 0 for a wrap that closes
 * @param flap by which the ends overlap; of no account with a handle
 * @param rim below the upper edge that is no place for words
 * @param foot above the lower edge that is no place for words
 * @param seam to each side of where the ends meet, or of the handle, that is no place for words
 * @param bent whether art for a tapered one is composed straight and bent; else it is composed on the flat band itself
 */
@RecordBuilder
public record Cup(double top, double base, double slant, double gap, double flap, double rim, double foot, double seam, boolean bent)
    implements Body, CupBuilder.With {
  /** The widest cup. */
  public static final double WIDEST = 30;

  /** The narrowest cup. */
  public static final double NARROWEST = 0.5;

  /** The tallest cup. */
  public static final double TALLEST = 40;

  /** The overlap that is usual, in inches; common practice, no source. */
  public static final double USUAL_FLAP = 1.0 / 8;

  /** Checks the ranges. */
  public Cup {
    Ranges.check("a cup's top", top, NARROWEST, WIDEST);
    Ranges.check("a cup's base", base, NARROWEST, WIDEST);
    Ranges.check("a cup's side", slant, 0.25, TALLEST);
    Ranges.check("a handle's gap", gap, 0, Math.PI * Math.min(top, base) * 0.8);
    Ranges.check("a flap", flap, 0, 2);
    Ranges.check("a rim and a foot", Math.min(rim, foot), 0, slant);
    Ranges.check("a rim and a foot", rim + foot, 0, slant * 0.9);
    Ranges.check("a seam", seam, 0, Math.PI * Math.min(top, base) / 4);
    if (Math.abs(top - base) / 2 >= slant) {
      throw new IllegalArgumentException("a side is longer than the radii differ: " + slant);
    }
    if (Math.abs(top - base) >= Development.LEAST_TAPER) {
      // shallow bowls have no band that a printer could print in one piece
      double middle = slant * (top + base) / 2 / Math.abs(top - base);
      Ranges.check("a band's radius", middle, slant / 2 + 0.05, 1e7);
    }
  }

  /** A straight one; all in inches, the gap 0 without a handle. */
  public static Cup straight(double across, double height, double gap) {
    return new Cup(across, across, height, gap, gap > 0 ? 0 : USUAL_FLAP, 0.125, 0.125, 0.25, true);
  }

  /** A tapered one by its diameters and its height upright, in inches. */
  public static Cup tapered(double top, double base, double height) {
    return new Cup(top, base, Math.hypot(height, (top - base) / 2), 0, USUAL_FLAP, 0.125, 0.125, 0.25, true);
  }

  /** Whether it is as wide at its base as at its top. */
  public boolean untapered() {
    return Math.abs(top - base) < Development.LEAST_TAPER;
  }

  /** Its height upright, in inches. */
  public double height() {
    return Math.sqrt(slant * slant - (top - base) * (top - base) / 4);
  }

  /** Once round its middle, in inches. */
  public double round() {
    return Math.PI * (top + base) / 2;
  }

  /** How far in inches the wrap goes along the round of the middle, flap included. */
  public double along() {
    return gap > 0 ? round() - gap : round() + flap;
  }

  /** Whether the ends of the wrap meet. */
  public boolean closes() {
    return gap == 0;
  }

  /** The band as it lies flat, if it is tapered. */
  public Optional<Development> band() {
    return untapered() ? Optional.empty() : Optional.of(new Development(top, base, slant, along()));
  }

  @Override
  public Optional<Development> development() {
    return bent ? band() : Optional.empty();
  }

  @Override
  public Size size() {
    return bent || untapered() ? new Size(along(), slant) : band().orElseThrow().size();
  }

  @Override
  public Optional<Path> outline() {
    return bent ? Optional.empty() : band().map(b -> b.band(Insets.NONE));
  }

  @Override
  public List<Zone> zones() {
    List<Zone> out = new ArrayList<>();
    double wide = along();
    zone(out, "zone.rim", new Box(0, 0, wide, rim));
    zone(out, "zone.foot", new Box(0, slant - foot, wide, foot));
    String side = closes() ? "zone.seam" : "zone.handle";
    zone(out, side, new Box(0, 0, seam, slant));
    double end = closes() ? flap + seam : seam;
    zone(out, side, new Box(wide - end, 0, end, slant));
    return out;
  }

  private void zone(List<Zone> out, String why, Box box) {
    if (box.width() > 0 && box.height() > 0) {
      Path straight = Shapes.rectangle(box);
      out.add(new Zone(why, bent ? straight : band().map(b -> b.path(straight)).orElse(straight)));
    }
  }

  @Override
  public Optional<Cup> asCup() {
    return Optional.of(this);
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.cup(this);
  }
}
