package org.zipthimble.practice.machine;

/**
 * What a cutter did.
 *
 * @param length cut, in inches
 * @param travel with the tool lifted, in inches
 * @param seconds that a real machine would have taken
 * @param lifts how often the tool was put down
 * @param refused how many moves lay outside its reach
 */
public record CutterReport(double length, double travel, double seconds, int lifts, int refused) {
  /** Nothing yet. */
  public static final CutterReport NONE = new CutterReport(0, 0, 0, 0, 0);
}
