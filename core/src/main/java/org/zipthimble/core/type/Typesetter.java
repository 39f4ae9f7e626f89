package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.kept.Recent;
import org.zipthimble.core.work.Ongoing;

/**
 * Sets a story into a block: paragraph after paragraph, column after column, first baseline one ascent below the top. A line that would
 * pass the lower edge of the last column is left out and its words are counted; a word wider than its column stays whole and is counted
 * too.
 */
public final class Typesetter {
  private static final double SLACK = 1e-6;
  private static final int LONGEST_TEXT = 200_000;
  private static final int SHRINKINGS = 12;
  private static final Recent<WordsToSet, FontShelf, SetWords> BLOCKS = Recent.of(3_000, Typesetter::made);
  private static final Recent<AskedParagraph, FontShelf, List<ParagraphLines.Bare>> PARAGRAPHS =
      Recent.of(20_000, (asked, shelf) -> ParagraphLines.of(asked.paragraph(), shelf, asked.column(), asked.sign()));

  /** What was set before need not be set again. */
  private record WordsToSet(Story story, BlockSetting setting, Optional<Course> course, Optional<Path> spared, double width,
      double height) {}

  private record AskedParagraph(Paragraph paragraph, double column, Optional<String> sign) {}

  private final BlockSetting setting;
  private final FontShelf shelf;
  private final double width;
  private final double top;
  private final double bottom;

  private Typesetter(BlockSetting setting, FontShelf shelf, double width, double height) {
    this.setting = setting;
    this.shelf = shelf;
    this.width = width;
    this.top = setting.margins().top();
    this.bottom = height - setting.margins().bottom();
  }

  /**
   * Sets plain words of one look.
   *
   * @param width of the block in inches
   * @param height of the block in inches
   */
  public static SetWords set(String text, WordStyle style, double width, double height, FontShelf shelf) {
    return set(Story.of(text, style), BlockSetting.PLAIN, width, height, shelf);
  }

  /**
   * Sets a story.
   *
   * @param width of the block in inches
   * @param height of the block in inches
   */
  public static SetWords set(Story story, BlockSetting setting, double width, double height, FontShelf shelf) {
    return set(story, setting, Optional.empty(), Optional.empty(), width, height, shelf);
  }

  /**
   * Sets a story along a course, or in lines where there is none.
   *
   * @param spared what lines keep clear of, in block inches
   * @param width of the block in inches
   * @param height of the block in inches
   */
  public static SetWords set(Story story, BlockSetting setting, Optional<Course> course, Optional<Path> spared, double width,
      double height, FontShelf shelf) {
    if (story.length() > LONGEST_TEXT) {
      throw new IllegalArgumentException("too many characters for one block: " + story.length());
    }
    return BLOCKS.get(new WordsToSet(story, setting, course, spared, width, height), shelf);
  }

  private static SetWords made(WordsToSet asked, FontShelf shelf) {
    return asked.course().map(c -> CourseSetter.set(asked.story(), c, asked.width(), asked.height(), shelf))
        .or(() -> asked.spared().map(s -> WrapSetter.set(asked.story(), asked.setting(), s, asked.width(), asked.height(), shelf)))
        .orElseGet(() -> fitted(asked.story(), asked.setting(), asked.width(), asked.height(), shelf));
  }

  private static SetWords fitted(Story story, BlockSetting setting, double width, double height, FontShelf shelf) {
    Typesetter setter = new Typesetter(setting, shelf, width, height);
    SetWords full = setter.set(story, 1);
    if (setting.fitting() != Fitting.SHRINK || full.fits()) {
      return full;
    }
    double low = setting.leastPercent() / 100;
    double high = 1;
    SetWords best = setter.set(scaled(story, low), low);
    for (int i = 0; best.fits() && i < SHRINKINGS; i++) {
      double middle = (low + high) / 2;
      SetWords tried = setter.set(scaled(story, middle), middle);
      if (tried.fits()) {
        low = middle;
        best = tried;
      } else {
        high = middle;
      }
    }
    return best;
  }

  private static Story scaled(Story story, double factor) {
    return story.restyled(s -> new WordStyle(s.letters().scaled(factor), s.paragraph().scaled(factor)));
  }

  /** How many words a text holds, parted by white space. */
  public static int countWords(String text) {
    return text.isBlank() ? 0 : text.strip().split("\\s+").length;
  }

  /** A line of a paragraph and the room that it wants above itself. */
  private record Queued(ParagraphLines.Bare line, int paragraph, double before) {}

  private List<Queued> queued(Story story) {
    List<Queued> all = new ArrayList<>();
    double column = setting.columnWidth(width);
    int at = 0;
    int number = 0;
    double after = 0;
    boolean nothing = story.paragraphs().stream().allMatch(Paragraph::closesUp);
    for (Paragraph paragraph : story.paragraphs()) {
      Ongoing.check();
      if (paragraph.closesUp() && !nothing) {
        at += paragraph.length() + 1;
        continue;
      }
      ParagraphDetail detail = paragraph.look().detail();
      number = detail.mark().filter(ListMark::numbered).isPresent() ? number + 1 : 0;
      int counted = number;
      Optional<String> sign = detail.mark().map(m -> m.shown(counted));
      List<ParagraphLines.Bare> lines = lines(paragraph, column, sign);
      for (int i = 0; i < lines.size(); i++) {
        all.add(new Queued(lines.get(i), at, i == 0 ? after + detail.beforePt() / 72 : 0));
      }
      after = detail.afterPt() / 72;
      at += paragraph.length() + 1;
    }
    return all;
  }

  private List<ParagraphLines.Bare> lines(Paragraph paragraph, double column, Optional<String> sign) {
    return PARAGRAPHS.get(new AskedParagraph(paragraph, column, sign), shelf);
  }

  private SetWords set(Story story, double scale) {
    List<Queued> all = queued(story);
    List<List<SetWords.Line>> columns = new ArrayList<>(List.of(new ArrayList<>()));
    double baseline = 0;
    int tooWide = 0;
    int next = 0;
    for (; next < all.size(); next++) {
      ParagraphLines.Bare line = all.get(next).line();
      List<SetWords.Line> now = columns.get(columns.size() - 1);
      double at = now.isEmpty() ? top + line.rise() : baseline + all.get(next).before() + line.step();
      if (at + line.fall() > bottom + SLACK && !(now.isEmpty() && columns.size() < setting.columns())) {
        if (columns.size() == setting.columns()) {
          break;
        }
        columns.add(new ArrayList<>());
        next--;
        continue;
      }
      tooWide += line.wide() ? 1 : 0;
      now.add(placed(all.get(next), columns.size() - 1, at));
      baseline = at;
    }
    int ends = next < all.size() ? all.get(next).paragraph() + all.get(next).line().from() : story.length();
    int leftOver = next < all.size() ? countWords(story.text().substring(ends)) : 0;
    List<SetWords.Line> lines = columns.stream().flatMap(c -> standing(c).stream()).toList();
    return new SetWords(lines, leftOver, tooWide, height(all) + setting.margins().top() + setting.margins().bottom(), ends, scale);
  }

  private SetWords.Line placed(Queued queued, int column, double baseline) {
    ParagraphLines.Bare line = queued.line();
    return new SetWords.Line(
        line.pieces(), new Point(setting.columnLeft(column, width) + line.left(), baseline), line.width(), line.rise(), line.fall(),
        queued.paragraph(), queued.paragraph() + line.from(), queued.paragraph() + line.to());
  }

  /** A column's lines moved to where they stand in its height. */
  private List<SetWords.Line> standing(List<SetWords.Line> lines) {
    if (lines.isEmpty() || setting.standing() == Standing.TOP) {
      return lines;
    }
    SetWords.Line last = lines.get(lines.size() - 1);
    double free = bottom - last.baseline().y() - last.fall();
    List<SetWords.Line> out = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      double down = switch (setting.standing()) {
        case TOP -> 0;
        case MIDDLE -> free / 2;
        case BOTTOM -> free;
        case SPREAD -> lines.size() < 2 ? 0 : free * i / (lines.size() - 1);
      };
      SetWords.Line l = lines.get(i);
      out.add(new SetWords.Line(
          l.pieces(), new Point(l.baseline().x(), l.baseline().y() + down), l.width(), l.rise(), l.fall(), l.paragraph(), l.from(),
          l.to()));
    }
    return out;
  }

  private static double height(List<Queued> all) {
    double height = 0;
    for (int i = 0; i < all.size(); i++) {
      ParagraphLines.Bare line = all.get(i).line();
      height += i == 0 ? line.rise() : all.get(i).before() + line.step();
    }
    return height + all.get(all.size() - 1).line().fall();
  }
}
