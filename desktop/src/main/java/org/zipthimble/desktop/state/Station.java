package org.zipthimble.desktop.state;

import org.zipthimble.core.wording.Wording;

/** The five stations, in the order people work. */
public enum Station {
  /** What is made and how big it is. */
  ITEM,
  /** What is on it. */
  COMPOSE,
  /** Whether it will come out right. */
  CHECK,
  /** How it lies on the sheet. */
  SHEET,
  /** Out to a file. */
  SEND;

  /** Its name as people read it. */
  public String title() {
    return Wording.of(this);
  }
}
