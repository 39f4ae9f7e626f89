package org.zipthimble.core.check;

import java.time.LocalDate;

/** The day on which a job is checked. */
final class Today {
  /** Under this name a day can be given in place of that of the clock, as {@code 2027-03-13}. */
  static final String PROPERTY = "zt.today";

  private Today() {}

  static LocalDate now() {
    String given = System.getProperty(PROPERTY, "");
    return given.isEmpty() ? LocalDate.now() : LocalDate.parse(given);
  }
}
