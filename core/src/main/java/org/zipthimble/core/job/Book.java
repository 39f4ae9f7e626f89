package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a job's faces become the pages of something bound: the first is its cover, the last its back cover, and those between face each
 * other in pairs.
 *
 * @param binding in which way
 * @param inner how far what matters keeps from the fold or the back, in inches
 * @param leaf how thick a leaf is, in inches; what lies within other sheets is pushed out by it
 */
@RecordBuilder
public record Book(Binding binding, double inner, double leaf) implements BookBuilder.With {
  /** The widest inner margin, in inches. */
  public static final double MOST_INNER = 3;

  /** The thickest leaf, in inches. */
  public static final double MOST_LEAF = 0.05;

  /** A stapled booklet of ordinary paper, 0.004 in thick (common practice, no source). */
  public static final Book USUAL = new Book(Binding.STAPLED, 0.375, 0.004);

  /** Ways of binding. */
  public enum Binding {
    /** Folded sheets within each other, stapled through the fold. */
    STAPLED(4),
    /** Leaves glued or sewn at the back. */
    BACK(2),
    /** Leaves held by rings, a comb or staples beside the edge. */
    RINGS(2);

    private final int pages;

    Binding(int pages) {
      this.pages = pages;
    }

    /** Pages come by so many: 4 where sheets are folded, 2 where leaves are bound. */
    public int pages() {
      return pages;
    }

    /** How many pages are lacking to a number that can be bound. */
    public int lacking(int count) {
      return (pages - count % pages) % pages;
    }
  }

  /** Checks the ranges. */
  public Book {
    if (binding == null || !(inner >= 0 && inner <= MOST_INNER && leaf >= 0 && leaf <= MOST_LEAF)) {
      throw new IllegalArgumentException("a book is out of range: " + inner + ", " + leaf);
    }
  }
}
