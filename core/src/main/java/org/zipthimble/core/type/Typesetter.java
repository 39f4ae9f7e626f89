package org.zipthimble.core.type;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.zipthimble.core.geom.Point;

/**
 * Sets words into a block: greedy lines at the break places of the Unicode line-breaking rules, first
 * baseline one ascent below the block's top. A line that would pass the lower edge is left out and
 * its words are counted; a word wider than the block stays whole and is counted too.
 */
public final class Typesetter {
  private static final double SLACK = 1e-6;
  private static final int LONGEST_TEXT = 200_000;
  private static final int MOST_KEPT = 3_000;
  private static final Map<Asked, SetWords> KEPT = new LinkedHashMap<>(256, 0.75f, true) {
    private static final long serialVersionUID = 1L;

    @Override
    protected boolean removeEldestEntry(Map.Entry<Asked, SetWords> eldest) {
      return size() > MOST_KEPT;
    }
  };

  /** What was set before need not be set again. */
  private record Asked(String text, WordStyle style, FontFace face, double width, double height) {}

  private final WordStyle style;
  private final FontFace face;
  private final double width;

  private Typesetter(WordStyle style, FontFace face, double width) {
    this.style = style;
    this.face = face;
    this.width = width;
  }

  /**
   * Sets the words.
   *
   * @param width of the block in inches
   * @param height of the block in inches
   */
  public static SetWords set(String text, WordStyle style, double width, double height, FontShelf shelf) {
    if (text.length() > LONGEST_TEXT) {
      throw new IllegalArgumentException("too many characters for one block: " + text.length());
    }
    FontFace face = shelf.findOrStandIn(style.family(), style.style());
    Asked asked = new Asked(text, style, face, width, height);
    synchronized (KEPT) {
      SetWords known = KEPT.get(asked);
      if (known != null) {
        return known;
      }
    }
    SetWords set = new Typesetter(style, face, width).set(text, height);
    synchronized (KEPT) {
      KEPT.put(asked, set);
    }
    return set;
  }

  /** How many words a text holds, parted by white space. */
  public static int countWords(String text) {
    return text.isBlank() ? 0 : text.strip().split("\\s+").length;
  }

  private SetWords set(String text, double height) {
    List<String> lines = new ArrayList<>();
    for (String paragraph : text.replace("\r\n", "\n").replace('\r', '\n').replace('\t', ' ').split("\n", -1)) {
      breakLines(paragraph, lines);
    }
    double em = style.sizePt() / 72;
    double step = em * style.leadingPercent() / 100;
    double baseline = em * face.ascent();
    List<SetWords.Line> set = new ArrayList<>();
    int leftOver = 0;
    int tooWide = 0;
    for (String line : lines) {
      if (baseline + em * face.descent() > height + SLACK) {
        leftOver += countWords(line);
      } else if (!line.isEmpty()) {
        GlyphRun run = shaped(line);
        tooWide += run.advance() > width + SLACK ? 1 : 0;
        set.add(new SetWords.Line(run, new Point((width - run.advance()) * style.align().share(), baseline)));
      }
      baseline += step;
    }
    double needed = em * (face.ascent() + face.descent()) + step * (lines.size() - 1);
    return new SetWords(set, leftOver, tooWide, needed);
  }

  private void breakLines(String paragraph, List<String> out) {
    BreakIterator places = BreakIterator.getLineInstance(Locale.ROOT);
    places.setText(paragraph);
    int begun = 0;
    int fits = 0;
    for (int next = places.next(); next != BreakIterator.DONE; next = places.next()) {
      if (fits > begun && widthOf(paragraph.substring(begun, next).stripTrailing()) > width + SLACK) {
        out.add(paragraph.substring(begun, fits).stripTrailing());
        begun = fits;
      }
      fits = next;
    }
    out.add(paragraph.substring(begun).stripTrailing());
  }

  private double widthOf(String text) {
    return shaped(text).advance();
  }

  private GlyphRun shaped(String text) {
    return Shaper.shape(face, text, style.sizePt(), style.tracking());
  }
}
