package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.zipthimble.core.units.Size;

/**
 * How an item lies on what is printed.
 *
 * @param onPaper false: the page is the item with its bleed; true: the item stands in the middle of a sheet
 * @param paper the sheet, in inches
 * @param cropMarks whether crop marks stand outside the corners, on paper only
 * @param gang how several lie on one sheet; empty for one in its middle
 * @param marks what stands on the sheet beside crop marks
 * @param stock what else is known of the paper
 */
@RecordBuilder
public record SheetPlan(boolean onPaper, Size paper, boolean cropMarks, Optional<Gang> gang, SheetMarks marks, SheetStock stock)
    implements SheetPlanBuilder.With {
  /** US letter, ANSI/ASME Y14.1 size A. */
  public static final Size LETTER = new Size(8.5, 11);

  /** The item by itself. */
  public static final SheetPlan ALONE = new SheetPlan(false, LETTER, true);

  /** One piece in the middle of a sheet. */
  public SheetPlan(boolean onPaper, Size paper, boolean cropMarks) {
    this(onPaper, paper, cropMarks, Optional.empty());
  }

  /** Pieces on a sheet with the usual marks. */
  public SheetPlan(boolean onPaper, Size paper, boolean cropMarks, Optional<Gang> gang) {
    this(onPaper, paper, cropMarks, gang, SheetMarks.USUAL, SheetStock.UNKNOWN);
  }

  /** Checks the paper. */
  public SheetPlan {
    if (Math.max(paper.width(), paper.height()) > Ticket.MOST_SIDE) {
      throw new IllegalArgumentException("a sheet is up to " + Ticket.MOST_SIDE + " in: " + paper);
    }
  }
}
