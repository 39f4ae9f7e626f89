package org.zipthimble.core.cut;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Supply;

/**
 * One sheet of a lane with what lies on it, in inches from the sheet's top left.
 *
 * @param number from 1 among the sheets of its lane
 * @param supply the stock as it lies, turned where that was needed
 * @param pieces where they lie
 * @param extras weeding boxes and lines, split marks
 * @param length of the sheet that is used from its top, in inches
 * @param yield the area of the pieces over the area used, 0 to 1
 */
public record CutSheet(
    Lane lane, int number, Supply supply, List<CutPiece> pieces, List<CutLine> extras, double length, double yield) {
  /** Keeps copies. */
  public CutSheet {
    pieces = List.copyOf(pieces);
    extras = List.copyOf(extras);
  }

  /** The same seen through a map of the sheet onto itself. */
  public CutSheet mapped(Affine map) {
    return new CutSheet(lane, number, supply, pieces.stream().map(p -> p.mapped(map)).toList(),
        extras.stream().map(l -> l.mapped(map)).toList(), length, yield);
  }

  /** All lines, the pieces' first. */
  public List<CutLine> lines() {
    List<CutLine> all = new java.util.ArrayList<>();
    pieces.forEach(p -> all.addAll(p.lines()));
    all.addAll(extras);
    return all;
  }

  /** The area in square inches that is used and is no piece. */
  public double waste() {
    double used = supply.usable().width() * length;
    return used * (1 - yield);
  }

  /** The box around all pieces; empty when there are none. */
  public Optional<Box> reach() {
    return pieces.stream().map(CutPiece::outline).flatMap(p -> org.zipthimble.core.geom.Measure.bounds(p).stream()).reduce(Box::union);
  }

  /** The outlines of all pieces as one path, each by itself. */
  public Path outlines() {
    Path all = Path.EMPTY;
    for (CutPiece piece : pieces) {
      all = all.plus(piece.outline());
    }
    return all;
  }
}
