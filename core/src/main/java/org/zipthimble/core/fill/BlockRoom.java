package org.zipthimble.core.fill;

import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.SetWords;

/** How much room blocks give their words. */
public final class BlockRoom {
  private static final double LEAST_HEIGHT = 0.01;
  /** Room is given in steps of so many inches, and asked for so often at most. */
  private static final double ROOM_STEP = 0.01;
  private static final int ROOM_STEPS = 6;

  private BlockRoom() {}

  /** The same with its block as high as its words need, where it grows. */
  public static HoldsWords grown(HoldsWords words, FontShelf fonts) {
    if (words.setting().fitting() != Fitting.GROW || words.course().isPresent()) {
      return words;
    }
    Placement p = words.placement();
    double height = words.setting().columns() == 1 ? words.set(fonts).height() : balanced(words, fonts);
    double held = Math.max(LEAST_HEIGHT, Math.min(Placement.FARTHEST, height));
    return held == p.height() ? words : words.with(kept(p, p.withHeight(held), 0));
  }

  /**
   * The place of a block that has as much room as its words need: as wide as the longest of them, then as high as all lines. Its top
   * stays, and across what the first paragraph is ranged on.
   *
   * @return empty where no block helps, as along a course or where it would be larger than any can be
   */
  public static Optional<Placement> room(HoldsWords words, FontShelf fonts) {
    HoldsWords now = words;
    for (int i = 0; i < ROOM_STEPS && now.course().isEmpty() && now.set(fonts).tooWide() > 0; i++) {
      double longest = now.set(fonts).lines().stream().mapToDouble(SetWords.Line::width).max().orElse(0);
      double margins = now.setting().margins().left() + now.setting().margins().right();
      double more = Math.max(ROOM_STEP, longest + margins - now.placement().width()) * now.setting().columns();
      double width = Math.ceil((now.placement().width() + more) / ROOM_STEP) * ROOM_STEP;
      if (width > Placement.FARTHEST) {
        return Optional.empty();
      }
      Placement p = now.placement();
      double share = now.story().paragraphs().get(0).look().align().share();
      now = now.with(kept(p, p.withWidth(width), share));
    }
    if (now.course().isEmpty() && now.set(fonts).leftOver() > 0) {
      double height = now.setting().columns() == 1 ? now.set(fonts).height() : balanced(now, fonts);
      if (height > Placement.FARTHEST) {
        return Optional.empty();
      }
      now = now.with(kept(now.placement(), now.placement().withHeight(Math.ceil(height / ROOM_STEP) * ROOM_STEP), 0));
    }
    return Optional.of(now).filter(w -> w.set(fonts).fits()).map(HoldsWords::placement);
  }

  /** The least height at which all words fit into several columns. */
  private static double balanced(HoldsWords words, FontShelf fonts) {
    double low = 0;
    double high = words.set(fonts).height();
    for (int i = 0; i < 20; i++) {
      double middle = (low + high) / 2;
      if (words.with(words.placement().withHeight(Math.max(LEAST_HEIGHT, middle))).set(fonts).leftOver() == 0) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }

  /** A placement of another size whose top edge stays where it is, and along it the place at a share of its width, turned ones too. */
  private static Placement kept(Placement p, Placement larger, double share) {
    var before = p.toGround().apply(new org.zipthimble.core.geom.Point(p.width() * share, 0));
    var after = larger.toGround().apply(new org.zipthimble.core.geom.Point(larger.width() * share, 0));
    return larger.withX(larger.x() + before.x() - after.x()).withY(larger.y() + before.y() - after.y());
  }

  /** The job with blocks that grow as high as their words need, after something that all of them may follow. */
  public static Job settled(Job job) {
    FontShelf fonts = new JobFonts(job);
    return job.withFaces(job.faces().stream()
        .map(f -> f.changed(Set.copyOf(f.all().stream().filter(i -> i.words().isPresent()).map(Item::id).toList()),
        item -> item.rephrased(w -> grown(w, fonts)))).toList());
  }
}
