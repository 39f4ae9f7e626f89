package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.LineSide;

/**
 * How a line is drawn.
 *
 * @param widthPt in points, above zero up to 720
 * @param dashesPt lengths of dashes and gaps in turn, in points; empty for a solid line
 */
@RecordBuilder
public record LineLook(double widthPt, Colour colour, List<Double> dashesPt, LineEnd end, Corner corner, LineSide side)
    implements LineLookBuilder.With {
  /** The longest dash, in points. */
  public static final double MOST_DASH_PT = 7200;

  /** The thinnest line that scaling leaves, in points. */
  public static final double LEAST_PT = 0.01;

  /** The widest line, in points. */
  public static final double MOST_PT = 720;

  /** Keeps a copy and checks the figures. */
  public LineLook {
    dashesPt = List.copyOf(dashesPt);
    if (!(widthPt > 0 && widthPt <= MOST_PT)) {
      throw new IllegalArgumentException("a line is above 0 and up to " + MOST_PT + " pt wide: " + widthPt);
    }
    boolean sound = dashesPt.size() <= 12 && dashesPt.stream().allMatch(d -> d >= 0 && d <= MOST_DASH_PT)
        && (dashesPt.isEmpty() || dashesPt.stream().mapToDouble(d -> d).sum() >= 0.05);
    if (!sound || end == null || corner == null || side == null) {
      throw new IllegalArgumentException("a line's dashes are up to 12 lengths of 0 to 7200 pt: " + dashesPt);
    }
  }

  /** A solid line in the middle of the outline, with straight ends and sharp corners; its width in points. */
  public static LineLook of(double widthPt, Colour colour) {
    return new LineLook(widthPt, colour, List.of(), LineEnd.BUTT, Corner.MITRE, LineSide.CENTRE);
  }
}
