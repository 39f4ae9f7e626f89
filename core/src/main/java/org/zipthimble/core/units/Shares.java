package org.zipthimble.core.units;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.zipthimble.core.wording.Trouble;

/** Columns or rows as people type them: a count (3), or shares with spaces or colons between them (2 1 1, 2:1:1). */
public final class Shares {
  private static final int MOST = 50;
  private static final double LARGEST = 1000;

  private Shares() {}

  /**
   * Reads a count or shares.
   *
   * @throws Trouble with a sentence when it is neither
   */
  public static List<Double> read(String text) throws Trouble {
    String[] parts = text.strip().split("[\\s:,;]+");
    if (parts.length == 1) {
      return Collections.nCopies((int) Lengths.parseNumber(parts[0], 1, MOST), 1.0);
    }
    List<Double> out = new ArrayList<>();
    for (String part : parts) {
      out.add(Lengths.parseNumber(part, 0.001, LARGEST));
    }
    if (out.size() > MOST) {
      throw Trouble.of("number.range", String.valueOf(out.size()), "1", String.valueOf(MOST));
    }
    return out;
  }

  /** A count where all are alike, else the shares. */
  public static String show(List<Double> shares) {
    boolean alike = shares.stream().allMatch(s -> s.equals(shares.get(0)));
    return alike ? String.valueOf(shares.size()) : String.join(" ", shares.stream().map(s -> Lengths.plain(s, 3)).toList());
  }
}
