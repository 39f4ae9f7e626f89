package org.zipthimble.core.edit;

import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.zipthimble.core.fill.BlockRoom;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;

/**
 * Edits of words: what they say between two places, how they look there, how they stand in their block. A block that grows does so at
 * once.
 */
public final class StoryEdits {


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
   * Puts a field in. The first paragraph that was typed and reads as the field does becomes the field, so that a piece that was set by
   * hand is filled from then on; without such a paragraph it is put at the end, and where a word stands there, a space goes before it.
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
        if (!typed.text().isBlank() && typed.text().strip().equals(put.text().strip()) && typed.runs().stream()
            .allMatch(r -> r.field().isEmpty())) {
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
      return job.changed(faceId, face -> face.changed(ids, item -> item.rephrased(w -> BlockRoom.grown(change.apply(w), fonts))));
    });
  }

  private static int held(HoldsWords words, int place) {
    return Math.max(0, Math.min(words.story().length(), place));
  }

  /** Gives a block as much room as its words need, by {@link BlockRoom#room}; one that no room helps stays. */
  public static Edit room(String faceId, String id) {
    return new Edit(Wording.text("edit.room"), job -> {
      FontShelf fonts = new JobFonts(job);
      Function<HoldsWords, Item> roomy = w -> BlockRoom.room(w, fonts).map(w::with).orElse(w);
      return job.changed(faceId, face -> face.changed(Set.of(id), item -> item.rephrased(roomy)));
    });
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
}
