package org.zipthimble.core.type;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What paragraphs seldom have.
 *
 * @param leadingPt a fixed distance of baselines in points, 1 to 4000; empty for one in proportion to the size
 * @param beforePt room above in points, 0 to 4000; not at the top of a block
 * @param afterPt room below in points, 0 to 4000
 * @param left indent of all lines in inches, 0 to 100
 * @param right indent at the right in inches, 0 to 100
 * @param first further indent of the first line in inches, -100 to 100
 * @param tabs in their order from the left; none for one every half inch
 * @param hyphens whether words may be parted
 * @param company whether the last line may not be one word alone
 */
@RecordBuilder
public record ParagraphDetail(
    Optional<Double> leadingPt, double beforePt, double afterPt, double left, double right, double first, List<TabStop> tabs,
    Optional<ListMark> mark,
    boolean hyphens, boolean company) implements ParagraphDetailBuilder.With {
  /** Nothing special. */
  public static final ParagraphDetail NONE = new ParagraphDetail(Optional.empty(), 0, 0, 0, 0, 0, List.of(), Optional.empty(), false,
      false);

  private static final int MOST_TABS = 60;
  private static final double MOST_PT = 4000;
  private static final double MOST_INDENT = 100;

  /** Keeps a copy and checks the ranges. */
  public ParagraphDetail {
    tabs = tabs.stream().sorted(java.util.Comparator.comparingDouble(TabStop::at)).toList();
    leadingPt.ifPresent(v -> LookRanges.check("leading", v, 1, MOST_PT));
    LookRanges.check("room above", beforePt, 0, MOST_PT);
    LookRanges.check("room below", afterPt, 0, MOST_PT);
    LookRanges.check("the left indent", left, 0, MOST_INDENT);
    LookRanges.check("the right indent", right, 0, MOST_INDENT);
    LookRanges.check("the first line's indent", first, -MOST_INDENT, MOST_INDENT);
    if (tabs.size() > MOST_TABS) {
      throw new IllegalArgumentException("at most " + MOST_TABS + " tabs: " + tabs.size());
    }
  }
}
