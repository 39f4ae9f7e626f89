package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;

/**
 * Sets words in one column of which parts are taken: every line stands in the widest part that is free at its height, or lower where none
 * is wide enough.
 */
final class WrapSetter {
  private static final double SLACK = 1e-6;

  /** A part of a line narrower than so many ems of its letters is passed over. */
  private static final double NARROWEST_EMS = 3;

  private static final int MOST_STEPS = 2_000;

  private final BlockSetting setting;
  private final FontShelf shelf;
  private final Spared spared;
  private final double left;
  private final double right;
  private final double bottom;
  private double baseline;
  private boolean first = true;

  private WrapSetter(BlockSetting setting, Path spared, FontShelf shelf, double width, double height) {
    this.setting = setting;
    this.shelf = shelf;
    this.spared = new Spared(spared);
    this.left = setting.margins().left();
    this.right = Math.max(left + 0.01, width - setting.margins().right());
    this.bottom = height - setting.margins().bottom();
    this.baseline = setting.margins().top();
  }

  static SetWords set(Story story, BlockSetting setting, Path spared, double width, double height, FontShelf shelf) {
    return new WrapSetter(setting, spared, shelf, width, height).set(story);
  }

  /** Where a line stands: its free part and the height of its baseline. */
  private record Slot(Spared.Free free, double baseline) {}

  private SetWords set(Story story) {
    List<SetWords.Line> lines = new ArrayList<>();
    int at = 0;
    int number = 0;
    int tooWide = 0;
    double after = 0;
    Optional<Integer> ends = Optional.empty();
    double lowest = 0;
    for (Paragraph paragraph : story.paragraphs()) {
      ParagraphDetail detail = paragraph.look().detail();
      number = detail.mark().filter(ListMark::numbered).isPresent() ? number + 1 : 0;
      int counted = number;
      if (!first) {
        baseline += after + detail.beforePt() / 72;
      }
      List<Slot> slots = new ArrayList<>();
      double[] extent = new ShapedParagraph(paragraph.length() == 0 ? paragraph.saying(List.of(paragraph.runs().get(0).saying(" ")))
          : paragraph, shelf)
          .extent(0, Math.max(1, paragraph.length()));
      double step = detail.leadingPt().orElse(extent[2] * paragraph.look().leadingPercent() / 100) / 72;
      List<ParagraphLines.Bare> bare = ParagraphLines.of(paragraph, shelf, line -> {
        while (slots.size() <= line) {
          slots.add(next(extent[0], extent[1], step, extent[2] / 72));
        }
        return new double[] {slots.get(line).free().left(), slots.get(line).free().width()};
      }, detail.mark().map(m -> m.shown(counted)));
      for (int i = 0; i < bare.size(); i++) {
        ParagraphLines.Bare line = bare.get(i);
        Slot slot = slots.get(i);
        lowest = slot.baseline() + line.fall();
        if (ends.isPresent() || slot.baseline() + line.fall() > bottom + SLACK) {
          ends = Optional.of(ends.orElse(at + line.from()));
        }
        if (ends.isEmpty()) {
          tooWide += line.wide() ? 1 : 0;
          lines.add(new SetWords.Line(line.pieces(), new Point(slot.free().left() + line.left(), slot.baseline()), line.width(),
              line.rise(), line.fall(), at, at + line.from(), at + line.to()));
        }
      }
      after = detail.afterPt() / 72;
      at += paragraph.length() + 1;
    }
    int end = ends.orElse(story.length());
    return new SetWords(lines, ends.isPresent() ? Typesetter.countWords(story.text().substring(end)) : 0, tooWide,
        lowest + setting.margins().bottom(), end, 1);
  }

  private Slot next(double rise, double fall, double step, double em) {
    baseline += first ? rise : step;
    first = false;
    for (int i = 0; i < MOST_STEPS && baseline + fall <= bottom + SLACK; i++) {
      Spared.Free free = spared.widest(left, right, baseline - rise, baseline + fall);
      if (free.width() >= NARROWEST_EMS * em) {
        return new Slot(free, baseline);
      }
      baseline += step;
    }
    return new Slot(new Spared.Free(left, right), baseline);
  }
}
