package org.zipthimble.core.type;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;

/**
 * Breaks a paragraph into lines, each as full as it can be, at the places of the Unicode line-breaking rules (UAX 14), at forced breaks,
 * and within words where that is wished.
 */
final class LineBreaks {
  private static final double SLACK = 1e-6;

  /** Letters shape a little otherwise at a line's end than within the paragraph; nearer than this part of an em both are tried. */
  private static final double CLOSE = 0.3;

  private static final char FORCED = '\u2028';

  /** A line: where it begins, where the next one begins, where what is seen of it ends, and whether a hyphen stands there. */
  record Broken(int from, int next, int to, boolean hyphen) {}

  private final ShapedParagraph shaped;
  private final String text;
  private final ParagraphDetail detail;
  private final Measure measure;
  private final List<Integer> places = new ArrayList<>();

  /** The width of a part of the paragraph as a line, in inches; quickly or exactly. */
  interface Measure {
    double of(int from, int to, boolean exactly);
  }

  LineBreaks(ShapedParagraph shaped, ParagraphDetail detail, Measure measure) {
    this.shaped = shaped;
    this.text = shaped.shown();
    this.detail = detail;
    this.measure = measure;
    BreakIterator found = BreakIterator.getLineInstance(Locale.ROOT);
    found.setText(text);
    for (int next = found.next(); next != BreakIterator.DONE; next = found.next()) {
      places.add(next);
    }
    if (detail.company()) {
      keptTogether();
    }
  }

  /** The last word goes with the one before it. */
  private void keptTogether() {
    int last = places.size() - 2;
    while (last >= 0 && text.substring(places.get(last)).isBlank()) {
      last--;
    }
    if (last >= 0 && text.charAt(places.get(last) - 1) != FORCED) {
      places.remove(last);
    }
  }

  /** Every place before which a line may begin, the end too. */
  List<Integer> places() {
    return List.copyOf(places);
  }

  /**
   * The lines.
   *
   * @param room the width of a line by its number, in inches
   */
  List<Broken> lines(IntToDoubleFunction room) {
    List<Broken> out = new ArrayList<>();
    int begun = 0;
    int place = 0;
    while (place < places.size()) {
      double width = room.applyAsDouble(out.size());
      int best = place;
      while (!forced(places.get(best)) && best + 1 < places.size() && fits(begun, seen(begun, places.get(best + 1)), width)) {
        best++;
      }
      int next = places.get(best);
      boolean whole = fits(begun, seen(begun, next), width);
      Optional<Integer> within = detail.hyphens() && !(whole && (forced(next) || best + 1 == places.size()))
          ? hyphen(begun, whole ? next : begun, whole ? places.get(best + 1) : next, width) : Optional.empty();
      if (within.isPresent()) {
        out.add(new Broken(begun, within.get(), within.get(), true));
        begun = within.get();
        place = whole ? best + 1 : best;
      } else {
        out.add(new Broken(begun, next, seen(begun, next), text.charAt(next - 1) == '\u00AD'));
        begun = next;
        place = best + 1;
      }
    }
    if (places.isEmpty() || forced(text.length())) {
      out.add(new Broken(text.length(), text.length(), text.length(), false));
    }
    return out;
  }

  /** The last place within a word at which it may be parted so that its beginning still fits. */
  private Optional<Integer> hyphen(int begun, int from, int to, double width) {
    List<Integer> parts = Hyphens.english().places(text, from, to);
    for (int i = parts.size() - 1; i >= 0; i--) {
      int at = parts.get(i);
      if (at > begun && measure.of(begun, at, true) + shaped.lookAt(at - 1).em() / 3 <= width + SLACK) {
        return Optional.of(at);
      }
    }
    return Optional.empty();
  }

  private boolean forced(int place) {
    return place > 0 && text.charAt(place - 1) == FORCED;
  }

  /** Where what is seen of a line ends: blanks at its end are not. */
  private int seen(int from, int to) {
    int end = to;
    while (end > from && (Character.isWhitespace(text.charAt(end - 1)) || text.charAt(end - 1) == '\u00AD')) {
      end--;
    }
    return end;
  }

  private boolean fits(int from, int to, double width) {
    if (to <= from) {
      return true;
    }
    double about = measure.of(from, to, false);
    double em = shaped.lookAt(from).em();
    return Math.abs(about - width) < CLOSE * em ? measure.of(from, to, true) <= width + SLACK : about <= width;
  }
}
