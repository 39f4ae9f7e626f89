package org.zipthimble.core.edit;

import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.zipthimble.core.job.HoldsWords;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.FontShelf;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;

/** Edits of words: what they say between two places, how they look there, how they stand in their block. A block that grows does so at once. */
public final class StoryEdits {
  private static final double LEAST_HEIGHT = 0.01;

  /** Room is given in steps of so many inches, and asked for so often at most. */
  private static final double ROOM_STEP = 0.01;
  private static final int ROOM_STEPS = 6;

  private StoryEdits() {}

  /** Puts plain text in place of a part, in a look. */
  public static Edit type(String faceId, String id, int from, int to, String text, LetterLook look) {
    return words(faceId, Set.of(id), "edit.words", w -> w.withStory(w.story().typed(held(w, from), held(w, to), text, look)));
  }

  /** Puts another story in place of a part. */
  public static Edit put(String faceId, String id, int from, int to, Story story) {
    return words(faceId, Set.of(id), "edit.words", w -> w.withStory(w.story().replaced(held(w, from), held(w, to), story)));
  }

  /**
   * Puts a field in. The first paragraph that was typed and reads as the field does becomes the field, so that a piece that was set by hand is filled from
   * then on; without such a paragraph it is put at the end, and where a word stands there, a space goes before it.
   *
   * @param field the field in the look that it is to have
   */
  public static Edit putIn(String faceId, String id, Function<WordStyle, Story> field) {
    return words(faceId, Set.of(id), "edit.words", w -> {
      Story now = w.story();
      for (int i = 0; i < now.paragraphs().size(); i++) {
        Paragraph typed = now.paragraphs().get(i);
        int from = now.begins(i);
        Story put = field.apply(now.styleAt(from));
        if (!typed.text().isBlank() && typed.text().strip().equals(put.text().strip()) && typed.runs().stream().allMatch(r -> r.field().isEmpty())) {
          return w.withStory(now.replaced(from, from + typed.length(), put));
        }
      }
      String text = now.text();
      boolean apart = text.isEmpty() || Character.isWhitespace(text.charAt(text.length() - 1));
      Story before = apart ? now : now.typed(now.length(), now.length(), " ");
      return w.withStory(before.replaced(before.length(), before.length(), field.apply(now.styleAt(now.length()))));
    });
  }

  /** Changes the look of a part: its letters, and the paragraphs that have a share in it. */
  public static Edit style(String faceId, String id, int from, int to, UnaryOperator<WordStyle> change) {
    return words(faceId, Set.of(id), "edit.type", w -> w.withStory(w.story().restyled(held(w, from), held(w, to), change)));
  }

  /** Changes how blocks hold their words. */
  public static Edit setting(String faceId, Set<String> ids, UnaryOperator<BlockSetting> change) {
    return words(faceId, ids, "edit.block", w -> w.withSetting(change.apply(w.setting())));
  }

  /** Changes blocks of words in any way; other objects stay. */
  public static Edit words(String faceId, Set<String> ids, String key, UnaryOperator<HoldsWords> change) {
    return new Edit(Wording.text(key), job -> {
      FontShelf fonts = new JobFonts(job);
      return job.changed(faceId, face -> face.changed(ids, item -> item.rephrased(w -> grown(change.apply(w), fonts))));
    });
  }

  private static int held(HoldsWords words, int place) {
    return Math.max(0, Math.min(words.story().length(), place));
  }

  /** The same with its block as high as its words need, where it grows. */
  static HoldsWords grown(HoldsWords words, FontShelf fonts) {
    if (words.setting().fitting() != Fitting.GROW || words.course().isPresent()) {
      return words;
    }
    Placement p = words.placement();
    double height = words.setting().columns() == 1 ? words.set(fonts).height() : balanced(words, fonts);
    double held = Math.max(LEAST_HEIGHT, Math.min(Placement.FARTHEST, height));
    return held == p.height() ? words : words.with(kept(p, p.withHeight(held), 0));
  }

  /** Gives a block as much room as its words need, by {@link #room(HoldsWords, FontShelf)}; one that no room helps stays. */
  public static Edit room(String faceId, String id) {
    return new Edit(Wording.text("edit.room"), job -> {
      FontShelf fonts = new JobFonts(job);
      Function<HoldsWords, Item> roomy = w -> room(w, fonts).map(w::with).orElse(w);
      return job.changed(faceId, face -> face.changed(Set.of(id), item -> item.rephrased(roomy)));
    });
  }

  /**
   * The place of a block that has as much room as its words need: as wide as the longest of them, then as high as all lines. Its top stays, and across what the
   * first paragraph is ranged on.
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

  /**
   * Makes words as large as it takes for their ink to have an exact width or height; type, lines and block are scaled together.
   *
   * @param inches the wanted size of the ink, above zero
   */
  public static Edit inkTo(String faceId, String id, boolean width, double inches) {
    return new Edit(Wording.text("edit.inkTo"), job -> {
      FontShelf fonts = new JobFonts(job);
      Function<HoldsWords, Item> fitted = w -> inkTo(w, width, inches, fonts);
      return job.changed(faceId, face -> face.changed(Set.of(id), item -> item.rephrased(fitted)));
    });
  }

  private static Item inkTo(HoldsWords words, boolean width, double inches, FontShelf fonts) {
    Item now = words;
    // what is held within the ranges of sizes comes nearer in a second step
    for (int i = 0; i < 3; i++) {
      HoldsWords w = now.words().orElseThrow();
      double ink = w.set(fonts).ink().map(b -> width ? b.width() : b.height()).orElse(0.0);
      if (ink <= 0 || inches <= 0) {
        return now;
      }
      double factor = inches / ink;
      Placement p = w.placement();
      if (p.width() * factor > Placement.FARTHEST || p.height() * factor > Placement.FARTHEST) {
        return words;
      }
      var middle = p.toGround().apply(new org.zipthimble.core.geom.Point(p.width() / 2, p.height() / 2));
      Placement larger = p.withWidth(p.width() * factor).withHeight(p.height() * factor);
      var moved = larger.toGround().apply(new org.zipthimble.core.geom.Point(larger.width() / 2, larger.height() / 2));
      now = w.scaled(factor).with(larger.withX(larger.x() + middle.x() - moved.x()).withY(larger.y() + middle.y() - moved.y()));
    }
    return now;
  }

  /** The job with blocks that grow as high as their words need, after something that all of them may follow. */
  static Job settled(Job job) {
    FontShelf fonts = new JobFonts(job);
    return job.withFaces(job.faces().stream().map(f -> f.changed(Set.copyOf(f.all().stream().filter(i -> i.words().isPresent()).map(Item::id).toList()),
        item -> item.rephrased(w -> grown(w, fonts)))).toList());
  }
}
