package org.zipthimble.core.type;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.units.Insets;

/**
 * How words stand in their block.
 *
 * @param margins free room at each side, in inches
 * @param columns 1 to 12
 * @param gutter between columns in inches, 0 to 20
 * @param leastPercent how far words that shrink may do so, in per cent of their size, 5 to 100
 */
@RecordBuilder
public record BlockSetting(Insets margins, int columns, double gutter, Standing standing, Fitting fitting, double leastPercent)
    implements BlockSettingBuilder.With {
  /** The whole block, one column, from the top. */
  public static final BlockSetting PLAIN = new BlockSetting(Insets.NONE, 1, 0.25, Standing.TOP, Fitting.COUNT, 50);

  /** The most columns. */
  public static final int MOST_COLUMNS = 12;

  /** Checks the ranges. */
  public BlockSetting {
    LookRanges.check("columns", columns, 1, MOST_COLUMNS);
    LookRanges.check("the gutter", gutter, 0, 20);
    LookRanges.check("the least size", leastPercent, 5, 100);
    if (margins == null || standing == null || fitting == null) {
      throw new IllegalArgumentException("a block's setting needs all its parts");
    }
  }

  /** The same with its lengths larger by a factor above 0. */
  public BlockSetting scaled(double factor) {
    Insets m = margins;
    return withMargins(new Insets(m.left() * factor, m.top() * factor, m.right() * factor, m.bottom() * factor))
        .withGutter(Math.min(20, gutter * factor));
  }

  /** The width of a column in a block this wide, in inches; never nothing. */
  public double columnWidth(double width) {
    double inside = width - margins.left() - margins.right() - gutter * (columns - 1);
    return Math.max(0.01, inside / columns);
  }

  /** The left edge of a column, counted from 0. */
  public double columnLeft(int column, double width) {
    return margins.left() + column * (columnWidth(width) + gutter);
  }
}
