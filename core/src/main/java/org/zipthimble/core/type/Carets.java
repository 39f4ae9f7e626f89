package org.zipthimble.core.type;

import com.ibm.icu.text.BreakIterator;
import java.util.AbstractList;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;

/** Where the caret stands in set words, and which place in the story a point of the block means. */
public final class Carets {
  private static final double FAR = 1000;

  private final SetWords set;
  private final List<NavigableMap<Integer, Caret>> lines;

  /**
   * A caret.
   *
   * @param top in block inches
   * @param bottom in block inches
   */
  public record Caret(Point top, Point bottom) {
    /** The middle of it. */
    public Point middle() {
      return new Point((top.x() + bottom.x()) / 2, (top.y() + bottom.y()) / 2);
    }
  }

  /** Four corners of a part of a line that is chosen, in block inches. */
  public record Chosen(Point topLeft, Point topRight, Point bottomRight, Point bottomLeft) {}

  /** The carets of set words. */
  public Carets(SetWords set) {
    this.set = set;
    this.lines = new Worked(set.lines());
  }

  /** The carets of lines, worked out when they are first asked for: of a long story few are. */
  private static final class Worked extends AbstractList<NavigableMap<Integer, Caret>> {
    private final List<SetWords.Line> of;
    private final Map<Integer, NavigableMap<Integer, Caret>> done = new HashMap<>();

    Worked(List<SetWords.Line> of) {
      this.of = of;
    }

    @Override
    public NavigableMap<Integer, Caret> get(int index) {
      return done.computeIfAbsent(index, i -> stops(of.get(i)));
    }

    @Override
    public int size() {
      return of.size();
    }
  }

  private static NavigableMap<Integer, Caret> stops(SetWords.Line line) {
    NavigableMap<Integer, Caret> ends = new TreeMap<>();
    NavigableMap<Integer, Caret> stops = new TreeMap<>();
    for (Piece piece : line.pieces()) {
      if (piece.typed()) {
        stops(line, piece, stops, ends);
      }
    }
    ends.forEach(stops::putIfAbsent);
    if (stops.isEmpty()) {
      Point at = line.baseline();
      stops.put(line.from(), new Caret(new Point(at.x(), at.y() - line.rise()), new Point(at.x(), at.y() + line.fall())));
    }
    return stops;
  }

  /** Every letter has its caret at the side from which it is read; within a ligature letters share its width. */
  private static void stops(SetWords.Line line, Piece piece, Map<Integer, Caret> stops, Map<Integer, Caret> ends) {
    GlyphRun run = piece.run();
    Affine map = piece.map().then(line.toBlock());
    double rise = run.face().ascent() * run.em();
    double fall = run.face().descent() * run.em();
    boolean back = run.rightToLeft();
    double pen = 0;
    for (int i = 0; i < run.glyphs().size();) {
      int cluster = run.glyphs().get(i).cluster();
      double advance = 0;
      int characters = 0;
      for (; i < run.glyphs().size() && run.glyphs().get(i).cluster() == cluster; i++) {
        advance += run.glyphs().get(i).advance();
        characters += run.glyphs().get(i).text().length();
      }
      List<Integer> letters = letters(run.text().substring(cluster, Math.min(run.text().length(), cluster + Math.max(1, characters))));
      int from = line.paragraph() + piece.begins() + cluster;
      int count = letters.size() - 1;
      for (int k = 0; k <= count; k++) {
        double x = pen + advance * (back ? count - k : k) / Math.max(1, count);
        Caret caret = new Caret(map.apply(new Point(x, -rise)), map.apply(new Point(x, fall)));
        (k < count ? stops : ends).put(from + letters.get(k), caret);
      }
      pen += advance;
    }
  }

  /** Where what a person takes for a letter begins, and where the last one ends. */
  private static List<Integer> letters(String text) {
    BreakIterator found = BreakIterator.getCharacterInstance(Locale.ROOT);
    found.setText(text);
    List<Integer> out = new ArrayList<>();
    for (int at = found.first(); at != BreakIterator.DONE; at = found.next()) {
      out.add(at);
    }
    return out;
  }

  /** The line in which a place is; the next one where one ends and another begins. */
  public int lineOf(int place) {
    for (int i = lines.size() - 1; i >= 0; i--) {
      if (place >= set.lines().get(i).from()) {
        return i;
      }
    }
    return 0;
  }

  /**
   * The caret at a place of the story, in characters from 0; at the end of what is shown where the place is not shown. Empty where nothing
   * is.
   */
  public Optional<Caret> at(int place) {
    if (lines.isEmpty()) {
      return Optional.empty();
    }
    NavigableMap<Integer, Caret> line = lines.get(lineOf(place));
    Map.Entry<Integer, Caret> found = line.floorEntry(place);
    return Optional.of(found == null ? line.firstEntry().getValue() : found.getValue());
  }

  /** The place of the story nearest to a point of the block. */
  public int nearest(Point point) {
    int best = 0;
    double least = Double.MAX_VALUE;
    for (int i = 0; i < lines.size(); i++) {
      double distance = distance(set.lines().get(i), lines.get(i), point);
      if (distance < least) {
        least = distance;
        best = i;
      }
    }
    return lines.isEmpty() ? 0 : nearestIn(best, point);
  }

  /** The place in a line nearest to a point. */
  private int nearestIn(int line, Point point) {
    int place = set.lines().get(line).from();
    double least = Double.MAX_VALUE;
    for (Map.Entry<Integer, Caret> stop : lines.get(line).entrySet()) {
      double distance = segment(stop.getValue(), point);
      if (distance < least && stop.getKey() <= lastIn(line)) {
        least = distance;
        place = stop.getKey();
      }
    }
    return place;
  }

  /** How far a point is from a line: first by height, then along it; from one that is not level, the distance. */
  private static double distance(SetWords.Line line, NavigableMap<Integer, Caret> stops, Point p) {
    Caret first = stops.firstEntry().getValue();
    Caret last = stops.lastEntry().getValue();
    boolean level = stops.values().stream().allMatch(c -> Math.abs(c.top().x() - c.bottom().x()) < 1e-9) && line.pieces().stream()
        .allMatch(q -> q.map().b() == 0);
    if (!level) {
      return stops.values().stream().mapToDouble(c -> segment(c, p)).min().orElse(Double.MAX_VALUE);
    }
    double top = line.baseline().y() - line.rise();
    double bottom = line.baseline().y() + line.fall();
    double dy = Math.max(0, Math.max(top - p.y(), p.y() - bottom));
    double left = Math.min(first.top().x(), last.top().x());
    double right = Math.max(first.top().x(), last.top().x());
    return dy * FAR + Math.max(0, Math.max(left - p.x(), p.x() - right));
  }

  private static double segment(Caret caret, Point p) {
    double dx = caret.bottom().x() - caret.top().x();
    double dy = caret.bottom().y() - caret.top().y();
    double length = dx * dx + dy * dy;
    double t = length == 0 ? 0 : Math.max(0, Math.min(1, ((p.x() - caret.top().x()) * dx + (p.y() - caret.top().y()) * dy) / length));
    return p.distance(new Point(caret.top().x() + t * dx, caret.top().y() + t * dy));
  }

  /** The last place that belongs to a line: before the blank at which it was broken. */
  private int lastIn(int line) {
    SetWords.Line here = set.lines().get(line);
    boolean broken = line + 1 < set.lines().size() && set.lines().get(line + 1).from() == here.to();
    return broken ? Math.max(here.from(), here.to() - 1) : Math.max(here.from(), lines.get(line).lastKey());
  }

  /** The beginning of the line in which a place is. */
  public int lineBegin(int place) {
    return lines.isEmpty() ? 0 : set.lines().get(lineOf(place)).from();
  }

  /** The end of the line in which a place is. */
  public int lineEnd(int place) {
    return lines.isEmpty() ? 0 : lastIn(lineOf(place));
  }

  /**
   * The place above or below another, in the line before or after.
   *
   * @param lines how many lines farther, below zero for upwards
   * @param goal the point that the eye keeps to, where a move up or down began
   */
  public int vertically(int place, int lines, Point goal) {
    if (set.lines().isEmpty()) {
      return place;
    }
    int to = lineOf(place) + lines;
    if (to < 0) {
      return set.lines().get(0).from();
    }
    if (to >= set.lines().size()) {
      return lastIn(set.lines().size() - 1);
    }
    SetWords.Line line = set.lines().get(to);
    boolean level = line.pieces().stream().allMatch(q -> q.map().b() == 0);
    return nearestIn(to, level ? new Point(goal.x(), line.baseline().y()) : goal);
  }

  /** What is covered by the words between two places, in characters from 0, piece by piece. */
  public List<Chosen> chosen(int from, int to) {
    List<Chosen> out = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      SetWords.Line line = set.lines().get(i);
      if (line.from() <= to && line.to() >= from && from < to) {
        NavigableMap<Integer, Caret> stops = lines.get(i);
        List<Integer> within = new ArrayList<>(
            stops.subMap(Math.max(from, line.from()), true, Math.max(Math.max(from, line.from()), to), true).keySet());
        for (int k = 0; k + 1 < within.size(); k++) {
          Caret a = stops.get(within.get(k));
          Caret b = stops.get(within.get(k + 1));
          out.add(new Chosen(a.top(), b.top(), b.bottom(), a.bottom()));
        }
      }
    }
    return out;
  }
}
