package org.zipthimble.core.form;

import java.util.List;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;

/**
 * How much a job asks to be drawn, told by counting alone: repeats in repeats and rings in rings ask for millions of outlines with a few
 * words.
 * What asks for more than can be drawn is refused at every door, before it is worked out.
 */
public final class Load {
  /** The most outlines that a face draws, copies counted one by one. */
  public static final long MOST_DRAWN = 60_000;

  /** The most places of all outlines of a face, copies not counted. */
  public static final long MOST_PLACES = 400_000;

  /** The most characters of one block of words. */
  public static final int MOST_CHARACTERS = 20_000;

  /** The most dashes of all lines of a face. */
  public static final int MOST_DASHES = 200_000;

  /** The most pairs of objects of which one clears itself a gap in the other. */
  public static final long MOST_CLEARED = 400_000;

  /** An outline at a distance is worked out as slowly as so many are drawn. */
  private static final long A_RING = 5;

  private Load() {}

  /**
   * Tells what is too much.
   *
   * @throws Trouble with a sentence that says what and how much of it there may be
   */
  public static void check(Job job) throws Trouble {
    for (Face face : job.faces()) {
      check(face);
    }
  }

  private static void check(Face face) throws Trouble {
    long drawn = 0;
    long places = 0;
    long clearing = 0;
    double dashes = 0;
    List<Item> all = face.all();
    for (Item item : all) {
      String text = item.words().map(HoldsWords::text).orElse("");
      text = item.outlined().flatMap(s -> s.outline().asLettered()).map(l -> l.words().text()).orElse(text);
      if (text.length() > MOST_CHARACTERS) {
        throw Trouble.of("load.characters", item.properties().name(), text.length(), MOST_CHARACTERS);
      }
      places += item.outlined().map(s -> s.outline().places()).orElse(0);
      dashes += item.outlined().map(Load::dashes).orElse(0.0);
      clearing += item.properties().clearGap() > 0 ? 1 : 0;
    }
    for (Item item : face.items()) {
      drawn = sum(drawn, drawn(item));
    }
    if (drawn > MOST_DRAWN) {
      throw Trouble.of("load.drawn", face.name(), MOST_DRAWN);
    }
    if (places > MOST_PLACES) {
      throw Trouble.of("load.places", face.name(), places, MOST_PLACES);
    }
    if (dashes > MOST_DASHES) {
      throw Trouble.of("load.dashes", face.name(), MOST_DASHES);
    }
    if (clearing * all.size() > MOST_CLEARED) {
      throw Trouble.of("load.cleared", face.name(), clearing);
    }
  }

  /** How many dashes a shape's line has, told by the length of its outline. */
  private static double dashes(HasOutline shape) {
    double period = shape.line().map(LineLook::dashesPt).orElse(List.of()).stream().mapToDouble(d -> d).sum();
    return period > 0 ? Unit.POINT.fromInches(
        Extent.length(shape.outline().within(shape.placement().width(), shape.placement().height()))) / period : 0;
  }

  /** How many outlines an object draws; far above the limit it is no longer counted. */
  private static long drawn(Item item) {
    long own = 1;
    for (Item member : item.members()) {
      own = sum(own, drawn(member));
    }
    for (Item tile : item.patternArt()) {
      own = sum(own, drawn(tile));
    }
    return product(own, item.holder().map(Load::times).orElse(1L));
  }

  private static long times(HoldsObjects group) {
    return group.effect().accept(new LiveEffect.Visitor<>() {
      @Override
      public Long together(LiveEffect.Together effect) {
        return 1L;
      }

      @Override
      public Long combined(LiveEffect.Combined effect) {
        return 1L;
      }

      @Override
      public Long rings(LiveEffect.Rings effect) {
        return 1 + A_RING * effect.distances().size();
      }

      @Override
      public Long repeated(LiveEffect.Repeated effect) {
        return (long) Repeats.copies(group).size();
      }

      @Override
      public Long mounted(LiveEffect.Mounted effect) {
        return 1L;
      }

      @Override
      public Long gridded(LiveEffect.Gridded effect) {
        return 1L;
      }

      @Override
      public Long bent(LiveEffect.Bent effect) {
        return A_RING;
      }
    });
  }

  private static long sum(long a, long b) {
    return Math.min(MOST_DRAWN * 2, a + b);
  }

  private static long product(long a, long b) {
    return a == 0 || b == 0 ? 0 : a > MOST_DRAWN * 2 / b ? MOST_DRAWN * 2 : a * b;
  }
}
