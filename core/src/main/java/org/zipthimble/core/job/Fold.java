package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.units.Size;

/**
 * How a flat face is folded into a card or a leaflet.
 *
 * @param kind in which way
 * @param across whether the folds run from left to right, as on a card that opens upwards; else from top to bottom
 * @param outside whether this face is seen when the card is closed
 * @param panels how many an accordion has, 3 to 12; of no account for the others
 */
@RecordBuilder
public record Fold(Kind kind, boolean across, boolean outside, int panels) implements FoldBuilder.With {
  /** By how much a panel that is folded inwards is shorter than the others, in inches; common practice, no source. */
  public static final double SHORTER = 1.0 / 16;

  /** The fewest panels of an accordion. */
  public static final int FEWEST = 3;

  /** The most panels of an accordion. */
  public static final int MOST = 12;

  /** Ways of folding. */
  public enum Kind {
    /** Once, in the middle. */
    HALF,
    /** In three, the last panel inwards; it is shorter. */
    TRI,
    /** Two half panels that meet in the middle. */
    GATE,
    /** To and fro, in even panels. */
    ACCORDION
  }

  /**
   * A part of the face between folds.
   *
   * @param key what it is called, as a key of the wording
   * @param number from 1, from the left or the top
   * @param headDown whether it stands on its head on the flat face, to be upright once it is folded
   */
  public record Panel(Box box, String key, int number, boolean headDown) {}

  /** Checks the panels. */
  public Fold {
    if (kind == null || panels < FEWEST || panels > MOST) {
      throw new IllegalArgumentException("an accordion has " + FEWEST + " to " + MOST + " panels: " + panels);
    }
  }

  /** A way of folding as it is usual: with folds from top to bottom, seen from outside. */
  public static Fold of(Kind kind) {
    return new Fold(kind, false, true, FEWEST);
  }

  /** How long each panel is, in order from the left or the top, on a face of a length, all in inches. */
  public List<Double> lengths(double length) {
    switch (kind) {
      case HALF:
        return List.of(length / 2, length / 2);
      case TRI:
        double full = (length + SHORTER) / 3;
        return outside ? List.of(full - SHORTER, full, full) : List.of(full, full, full - SHORTER);
      case GATE:
        // each gate stays half of what is taken off short of the middle, so that they do not rub
        double middle = (length + SHORTER) / 2;
        return List.of((length - middle) / 2, middle, (length - middle) / 2);
      default:
        return java.util.Collections.nCopies(panels, length / panels);
    }
  }

  /** Where the folds lie, in inches from the left or the top. */
  public List<Double> at(double length) {
    List<Double> out = new ArrayList<>();
    double at = 0;
    List<Double> lengths = lengths(length);
    for (double one : lengths.subList(0, lengths.size() - 1)) {
      at += one;
      out.add(at);
    }
    return out;
  }

  /** The folds of a face of a size, as lines across all of it. */
  public List<Path> lines(Size size) {
    return at(across ? size.height() : size.width()).stream().map(at -> across
        ? Shapes.line(new Point(0, at), new Point(size.width(), at)) : Shapes.line(new Point(at, 0), new Point(at, size.height())))
        .toList();
  }

  /** The panels of a face of a size, from the left or the top. */
  public List<Panel> panels(Size size) {
    List<Panel> out = new ArrayList<>();
    double at = 0;
    List<Double> lengths = lengths(across ? size.height() : size.width());
    for (int i = 0; i < lengths.size(); i++) {
      double length = lengths.get(i);
      Box box = across ? new Box(0, at, size.width(), length) : new Box(at, 0, length, size.height());
      out.add(new Panel(box, name(i), i + 1, headDown(i)));
      at += length;
    }
    return out;
  }

  private String name(int i) {
    if (kind == Kind.ACCORDION) {
      return "panel.numbered";
    }
    if (kind == Kind.HALF) {
      return outside ? i == 0 ? "panel.back" : "panel.front" : across ? i == 0 ? "panel.insideTop" : "panel.insideFoot" : i == 0
          ? "panel.insideLeft" : "panel.insideRight";
    }
    if (kind == Kind.GATE) {
      return i == 1 ? outside ? "panel.back" : "panel.middle" : "panel.gate";
    }
    int fromFlap = outside ? i : 2 - i;
    return fromFlap == 0 ? "panel.flap" : outside ? fromFlap == 1 ? "panel.back" : "panel.front" : fromFlap == 1 ? "panel.middle"
        : "panel.first";
  }

  /** The back of a card that opens upwards is read after turning it over sideways. */
  private boolean headDown(int i) {
    return across && outside && kind == Kind.HALF && i == 0;
  }
}
