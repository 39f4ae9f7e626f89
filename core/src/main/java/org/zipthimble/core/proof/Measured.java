package org.zipthimble.core.proof;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** What reading an output file of so many bytes back gave, beside what was asked for. */
public record Measured(Path file, long bytes, List<Line> lines) {
  /**
   * One line of the report.
   *
   * @param name what was measured
   * @param wanted what the ticket asks
   * @param found what the file has
   * @param right whether they agree
   */
  public record Line(String name, String wanted, String found, boolean right) {}

  /** Keeps a copy. */
  public Measured {
    lines = List.copyOf(lines);
  }

  /** The same with one line more. */
  public Measured with(Line line) {
    List<Line> more = new ArrayList<>(lines);
    more.add(line);
    return new Measured(file, bytes, more);
  }

  /** Whether every line agrees. */
  public boolean right() {
    return lines.stream().allMatch(Line::right);
  }
}
