package org.zipthimble.core.type;

import com.ibm.icu.text.BreakIterator;
import java.util.Locale;
import java.util.Optional;

/** Steps of a caret through a story: letter by letter as a person takes them, word by word, never into a field. */
public final class Walk {
  private Walk() {}

  /** A part of a story. */
  public record Span(int from, int to) {
    /** The span between two places, in characters from 0, whichever comes first. */
    public static Span between(int a, int b) {
      return new Span(Math.min(a, b), Math.max(a, b));
    }

    /** Whether nothing is between. */
    public boolean empty() {
      return from == to;
    }
  }

  /** The place one letter farther or back, in characters from 0. */
  public static int letter(Story story, int place, boolean forward) {
    BreakIterator found = BreakIterator.getCharacterInstance(Locale.ROOT);
    return stepped(story, found, place, forward);
  }

  /** The place of the next beginning of a word, or of the one before; places are counted in characters of UTF-16 from 0. */
  public static int word(Story story, int place, boolean forward) {
    String text = story.text();
    BreakIterator found = BreakIterator.getWordInstance(Locale.ROOT);
    int at = place;
    do {
      at = stepped(text, found, at, forward);
    } while (at > 0 && at < text.length() && !(begins(text, at)));
    return beside(story, at, forward);
  }

  private static boolean begins(String text, int at) {
    return !Character.isWhitespace(text.charAt(at))
        && (Character.isWhitespace(text.charAt(at - 1)) || !Character.isLetterOrDigit(text.charAt(at - 1))
        && Character.isLetterOrDigit(text.charAt(at)))
        || text.charAt(at) == '\n';
  }

  private static int stepped(Story story, BreakIterator found, int place, boolean forward) {
    return beside(story, stepped(story.text(), found, place, forward), forward);
  }

  private static int stepped(String text, BreakIterator found, int place, boolean forward) {
    found.setText(text);
    int next = forward ? found.following(Math.min(place, text.length())) : found.preceding(Math.max(0, Math.min(place, text.length())));
    return next == BreakIterator.DONE ? forward ? text.length() : 0 : next;
  }

  /** The field around a place, where the place is within one. */
  private static Optional<Span> field(Story story, int place) {
    int at = 0;
    for (Paragraph p : story.paragraphs()) {
      for (Run run : p.runs()) {
        int end = at + run.text().length();
        if (run.field().isPresent() && place > at && place < end) {
          return Optional.of(new Span(at, end));
        }
        at = end;
      }
      at++;
    }
    return Optional.empty();
  }

  private static int beside(Story story, int place, boolean forward) {
    return field(story, place).map(f -> forward ? f.to() : f.from()).orElse(place);
  }

  /** A place, in characters from 0, that is not within a field: the nearer end of it. */
  public static int outsideFields(Story story, int place) {
    return field(story, place).map(f -> place - f.from() < f.to() - place ? f.from() : f.to()).orElse(place);
  }

  /** The word at a place, in characters from 0, or the blanks there. */
  public static Span wordAt(Story story, int place) {
    String text = story.text();
    BreakIterator found = BreakIterator.getWordInstance(Locale.ROOT);
    found.setText(text);
    int at = Math.max(0, Math.min(place, text.length() - 1));
    int to = text.isEmpty() ? 0 : found.following(at);
    int from = text.isEmpty() ? 0 : found.preceding(to);
    return new Span(beside(story, Math.max(0, from), false), beside(story, to == BreakIterator.DONE ? text.length() : to, true));
  }

  /** The paragraph at a place, its line end not counted. */
  public static Span paragraphAt(Story story, int place) {
    int p = story.paragraphAt(place);
    int from = story.begins(p);
    return new Span(from, from + story.paragraphs().get(p).length());
  }
}
