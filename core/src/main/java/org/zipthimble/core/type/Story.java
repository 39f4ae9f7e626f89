package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.zipthimble.core.colour.Colour;

/**
 * Words with their looks: paragraphs of runs. Places in it count characters as Java does, a line end between paragraphs as one; a field
 * counts as many as its value has.
 */
public record Story(List<Paragraph> paragraphs) {
  /** Keeps a copy; there is always a paragraph. */
  public Story {
    paragraphs = List.copyOf(paragraphs);
    if (paragraphs.isEmpty()) {
      throw new IllegalArgumentException("a story has a paragraph");
    }
  }

  /** Plain words of one look; every line end begins a paragraph. */
  public static Story of(String text, WordStyle style) {
    List<Paragraph> all = new ArrayList<>();
    for (String line : clean(text).split("\n", -1)) {
      all.add(new Paragraph(List.of(Run.of(line, style.letters())), style.paragraph(), Optional.empty()));
    }
    return new Story(all);
  }

  /**
   * Text as a story can hold it: line ends of every system as one, forced line breaks kept, halves of characters that stand alone replaced,
   * what has no shape left out.
   */
  public static String clean(String text) {
    StringBuilder out = new StringBuilder(text.length());
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '\r') {
        i += i + 1 < text.length() && text.charAt(i + 1) == '\n' ? 1 : 0;
        out.append('\n');
      } else if (c == '\f' || c == '\u0085' || c == '\u2029') {
        out.append('\n');
      } else if (c == '\u000B') {
        out.append('\u2028');
      } else if (Character.isHighSurrogate(c) && i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1))) {
        out.append(c).append(text.charAt(++i));
      } else if (Character.isSurrogate(c)) {
        out.append('\uFFFD');
      } else if (c == '\n' || c == '\t' || !Character.isISOControl(c) && c != '\uFEFF') {
        out.append(c);
      }
    }
    return out.toString();
  }

  /** What it says, a line end between paragraphs. */
  public String text() {
    return paragraphs.size() == 1 ? paragraphs.get(0).text() : paragraphs.stream().map(Paragraph::text).collect(Collectors.joining("\n"));
  }

  /** How many characters it has, line ends between paragraphs counted. */
  public int length() {
    return paragraphs.stream().mapToInt(Paragraph::length).sum() + paragraphs.size() - 1;
  }

  /** Whether it says nothing. */
  public boolean silent() {
    return paragraphs.stream().allMatch(p -> p.text().isBlank());
  }

  /** Where a paragraph, counted from 0, begins: its place in characters of UTF-16. */
  public int begins(int paragraph) {
    int at = 0;
    for (int i = 0; i < paragraph; i++) {
      at += paragraphs.get(i).length() + 1;
    }
    return at;
  }

  /** The number of the paragraph in which a place is. */
  public int paragraphAt(int place) {
    int at = 0;
    for (int i = 0; i < paragraphs.size(); i++) {
      at += paragraphs.get(i).length() + 1;
      if (place < at) {
        return i;
      }
    }
    return paragraphs.size() - 1;
  }

  /** The look of its beginning: what a person takes for the look of the whole. */
  public WordStyle style() {
    Paragraph first = paragraphs.get(0);
    return new WordStyle(first.runs().get(0).look(), first.look());
  }

  /** The look that words typed at a place (in characters from 0) take: that of the character before it. */
  public WordStyle styleAt(int place) {
    int p = paragraphAt(place);
    Paragraph paragraph = paragraphs.get(p);
    return new WordStyle(paragraph.runBefore(place - begins(p)).look(), paragraph.look());
  }

  /** Every look between two places, each once, in their order; between equal ones the look that would be typed. */
  public List<WordStyle> styles(int from, int to) {
    if (from == to) {
      return List.of(styleAt(from));
    }
    Set<WordStyle> out = new LinkedHashSet<>();
    int at = 0;
    for (Paragraph p : paragraphs) {
      int end = at + p.length();
      if (from <= end && to >= at) {
        List<Run> part = p.part(Math.max(0, from - at), to - at);
        (part.isEmpty() && from <= at ? p.runs().subList(0, 1) : part).forEach(r -> out.add(new WordStyle(r.look(), p.look())));
      }
      at = end + 1;
    }
    return List.copyOf(out);
  }

  /** A part as a story of its own, between two places in characters of UTF-16; places outside are held to its ends. */
  public Story part(int from, int to) {
    List<Paragraph> out = new ArrayList<>();
    int at = 0;
    for (Paragraph p : paragraphs) {
      int end = at + p.length();
      if (from <= end && to >= at) {
        List<Run> part = p.part(Math.max(0, from - at), to - at);
        out.add(p.saying(part.isEmpty() ? List.of(Run.of("", p.runBefore(Math.max(0, from - at)).look())) : part));
      }
      at = end + 1;
    }
    return new Story(out);
  }

  /**
   * The same with a part replaced by another story: its first paragraph goes on in the one that is here, its last takes up what follows.
   */
  public Story replaced(int from, int to, Story with) {
    int p = paragraphAt(from);
    int q = paragraphAt(to);
    List<Run> head = paragraphs.get(p).part(0, from - begins(p));
    List<Run> tail = paragraphs.get(q).part(to - begins(q), paragraphs.get(q).length());
    List<Paragraph> middle = new ArrayList<>(with.paragraphs);
    Paragraph first = middle.get(0);
    // what stands in front of a place keeps its paragraph's look; a whole paragraph brings its own
    boolean own = head.isEmpty() && middle.size() > 1;
    middle.set(0, new Paragraph(joined(head, first.runs()), own ? first.look() : paragraphs.get(p).look(),
        own ? first.named() : paragraphs.get(p).named()));
    int end = middle.size() - 1;
    Paragraph last = middle.get(end);
    middle.set(end, end > 0 && !tail.isEmpty()
        ? new Paragraph(joined(last.runs(), tail), paragraphs.get(q).look(), paragraphs.get(q).named())
        : last.saying(joined(last.runs(), tail)));
    List<Paragraph> all = new ArrayList<>(paragraphs.subList(0, p));
    all.addAll(middle);
    all.addAll(paragraphs.subList(q + 1, paragraphs.size()));
    return new Story(all);
  }

  /** The same with a part replaced by plain text in the look of the character before it. */
  public Story typed(int from, int to, String text) {
    return typed(from, to, text, styleAt(from < to ? from + 1 : from).letters());
  }

  /** The same with a part replaced by plain text in a look. */
  public Story typed(int from, int to, String text, LetterLook look) {
    int p = paragraphAt(from);
    Paragraph here = paragraphs.get(p);
    Optional<String> named = here.runBefore(from - begins(p)).named();
    List<Paragraph> all = new ArrayList<>();
    for (String line : clean(text).split("\n", -1)) {
      all.add(new Paragraph(List.of(new Run(line, look, named, Optional.empty())), here.look(), here.named()));
    }
    return replaced(from, to, new Story(all));
  }

  /**
   * The same with every look changed: letters between two places, paragraphs that have a part in between. Between equal places, the
   * paragraph alone.
   */
  public Story restyled(int from, int to, UnaryOperator<WordStyle> change) {
    List<Paragraph> out = new ArrayList<>();
    int at = 0;
    for (Paragraph p : paragraphs) {
      int end = at + p.length();
      out.add(from <= end && to >= at ? restyled(p, from - at, to - at, change) : p);
      at = end + 1;
    }
    return new Story(out);
  }

  private static Paragraph restyled(Paragraph p, int from, int to, UnaryOperator<WordStyle> change) {
    List<Run> runs = new ArrayList<>();
    boolean whole = from <= 0 && to >= p.length();
    int at = 0;
    for (Run run : p.runs()) {
      int end = at + run.text().length();
      int a = Math.max(at, from);
      int b = Math.min(end, to);
      LetterLook changed = change.apply(new WordStyle(run.look(), p.look())).letters();
      if (whole || a < b && run.field().isPresent()) {
        runs.add(run.looking(changed));
      } else if (a >= b) {
        runs.add(run);
      } else {
        runs.add(run.saying(run.text().substring(0, a - at)));
        runs.add(run.saying(run.text().substring(a - at, b - at)).looking(changed));
        runs.add(run.saying(run.text().substring(b - at)));
      }
      at = end;
    }
    return p.saying(runs).looking(change.apply(new WordStyle(p.runs().get(0).look(), p.look())).paragraph());
  }

  /** The same saying something else: what is alike at the beginning and the end keeps its looks. */
  public Story saying(String other) {
    String was = text();
    String is = clean(other);
    int same = 0;
    while (same < Math.min(was.length(), is.length()) && was.charAt(same) == is.charAt(same)) {
      same++;
    }
    int end = 0;
    while (end < Math.min(was.length(), is.length()) - same && was.charAt(was.length() - 1 - end) == is.charAt(is.length() - 1 - end)) {
      end++;
    }
    return was.equals(is) ? this : typed(same, was.length() - end, is.substring(same, is.length() - end));
  }

  /** Every colour of its letters and of the lines round them, in their order. */
  public Set<Colour> colours() {
    Set<Colour> out = new LinkedHashSet<>();
    for (Run run : runs()) {
      out.add(run.look().colour());
      run.look().detail().rings().forEach(r -> out.add(r.colour()));
    }
    return out;
  }

  /** The same with every look changed. */
  public Story restyled(UnaryOperator<WordStyle> change) {
    return restyled(0, length(), change);
  }

  /** The same with every run changed, such as for new values of fields. */
  public Story eachRun(UnaryOperator<Run> change) {
    return new Story(paragraphs.stream().map(p -> p.saying(p.runs().stream().map(change).toList())).toList());
  }

  /** The same with every paragraph changed. */
  public Story eachParagraph(UnaryOperator<Paragraph> change) {
    return new Story(paragraphs.stream().map(change).toList());
  }

  /** All runs. */
  public List<Run> runs() {
    return paragraphs.stream().flatMap(p -> p.runs().stream()).toList();
  }

  private static List<Run> joined(List<Run> a, List<Run> b) {
    List<Run> all = new ArrayList<>(a);
    all.addAll(b);
    return all;
  }
}
