package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Another job whose pieces lie on this job's sheets, kept as it was when it was taken in.
 *
 * @param id told apart from other guests by it: {@code g1}, {@code g2}
 * @param file where it came from, so that it can be read anew; a path in the form of the machine it was on
 * @param quantity how many of its pieces are laid, 1 to 10,000
 */
@RecordBuilder
public record Guest(String id, Job job, String file, int quantity) implements GuestBuilder.With {
  /** The most pieces of one guest. */
  public static final int MOST = 10_000;

  /** The most guests of a job. */
  public static final int MOST_GUESTS = 40;

  /** Checks the figures; guests of a guest stay behind. */
  public Guest {
    if (id == null || !id.matches("g\\d{1,4}") || file == null || !(quantity >= 1 && quantity <= MOST)) {
      throw new IllegalArgumentException("a guest has a number and 1 to " + MOST + " pieces: " + id + ", " + quantity);
    }
    job = job.guests().isEmpty() ? job : job.withGuests(java.util.List.of());
  }
}
