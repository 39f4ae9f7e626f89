package org.zipthimble.core.work;

import java.time.LocalDate;

/** The day on which a job is checked and its sheets are made. */
public final class Today {
  /** Under this name a day can be given in place of that of the clock, as {@code 2027-03-13}. */
  public static final String PROPERTY = "zt.today";

  private Today() {}

  /** The day, by the clock unless one is given. */
  public static LocalDate now() {
    String given = System.getProperty(PROPERTY, "");
    return given.isEmpty() ? LocalDate.now() : LocalDate.parse(given);
  }
}
