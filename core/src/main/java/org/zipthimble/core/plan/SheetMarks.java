package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Marks on a sheet beside its crop marks.
 *
 * @param folds short dashes outside the trim where a piece is folded
 * @param centre crosses at the middle of each side, by which sheets are laid straight
 * @param registration rings with a cross in all inks, by which plates are laid on each other
 * @param bar patches of every ink, full and in half tone
 * @param ruler a line of 4 inches and one of 100 millimetres, to be measured on the printed sheet
 */
@RecordBuilder
public record SheetMarks(boolean folds, boolean centre, boolean registration, boolean bar, boolean ruler)
    implements SheetMarksBuilder.With {
  /** Where pieces are folded is told; nothing else. */
  public static final SheetMarks USUAL = new SheetMarks(true, false, false, false, false);
}
