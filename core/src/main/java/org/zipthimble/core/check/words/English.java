package org.zipthimble.core.check.words;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.FactEdits;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/** How English is spelt in a job: by American custom, or by British one, which a fact of the job says. */
public enum English {
  /** As the dictionary has it. */
  AMERICAN,
  /** With the words that only British custom has, and without those that only American custom has (the lists of SCOWL, size 60). */
  BRITISH;

  private static final class Lists {
    private static final Set<String> AMERICAN_ONLY = read("american.txt");
    private static final Set<String> BRITISH_ONLY = read("british.txt");

    private Lists() {}

    private static Set<String> read(String file) {
      try (InputStream in = English.class.getResourceAsStream("/org/zipthimble/core/check/" + file);
          BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
        return lines.lines().collect(Collectors.toUnmodifiableSet());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /** What a job is spelt by. */
  public static English of(Job job) {
    return Filling.find(job, Wording.text("fact.english")).filter(f -> f.value().strip().equalsIgnoreCase(Wording.of(BRITISH))).isPresent()
        ? BRITISH : AMERICAN;
  }

  /** Spells a job by this from now on. */
  public Edit chosen() {
    return new Edit(Wording.text("edit.english"),
        job -> FactEdits.set(new Fact(Wording.text("fact.english"), Fact.Kind.OTHER, Wording.of(this))).change().apply(job));
  }

  /** Whether a word is right here although the dictionary does not have it. */
  boolean adds(String word) {
    return this == BRITISH && Lists.BRITISH_ONLY.contains(word.toLowerCase(Locale.ROOT));
  }

  /** Whether a word is wrong here although the dictionary has it. */
  boolean lacks(String word) {
    return this == BRITISH && Lists.AMERICAN_ONLY.contains(word.toLowerCase(Locale.ROOT));
  }

  /** Whether a word is right by the other custom alone. */
  boolean elsewhere(String word) {
    return (this == BRITISH ? Lists.AMERICAN_ONLY : Lists.BRITISH_ONLY).contains(word.toLowerCase(Locale.ROOT));
  }

  /** Words of this custom alone that are a few letters away from another, the nearest first. */
  List<String> near(String word) {
    String small = word.toLowerCase(Locale.ROOT);
    int most = small.length() > 6 ? 2 : 1;
    return this == AMERICAN ? List.of() : Lists.BRITISH_ONLY.stream()
        .filter(w -> Math.abs(w.length() - small.length()) <= most && w.charAt(0) == small.charAt(0))
        .filter(w -> away(w, small) <= most)
        .sorted((a, b) -> away(a, small) == away(b, small) ? a.compareTo(b) : away(a, small) - away(b, small)).toList();
  }

  /** How many letters are put in, left out, taken for others or changed with their neighbours between two words (Damerau 1964). */
  static int away(String a, String b) {
    int[][] d = new int[a.length() + 1][b.length() + 1];
    for (int i = 0; i <= a.length(); i++) {
      for (int k = 0; k <= b.length(); k++) {
        if (i == 0 || k == 0) {
          d[i][k] = i + k;
          continue;
        }
        int same = a.charAt(i - 1) == b.charAt(k - 1) ? 0 : 1;
        d[i][k] = Math.min(Math.min(d[i - 1][k], d[i][k - 1]) + 1, d[i - 1][k - 1] + same);
        if (i > 1 && k > 1 && a.charAt(i - 1) == b.charAt(k - 2) && a.charAt(i - 2) == b.charAt(k - 1)) {
          d[i][k] = Math.min(d[i][k], d[i - 2][k - 2] + 1);
        }
      }
    }
    return d[a.length()][b.length()];
  }
}
