package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.fill.BlockRoom;
import org.zipthimble.core.fill.EachStory;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.wording.Wording;

/** Finds words over all faces, by what they say and how they look, and puts others in their place. */
public final class WordSearch {
  private WordSearch() {}

  /**
   * What is looked for.
   *
   * @param text what the words say; empty for any that look so
   * @param exactly whether capitals and small letters must be the same
   * @param whole whether only whole words count
   * @param look how they must look; empty for any
   */
  public record Wanted(String text, boolean exactly, boolean whole, Optional<LetterLook> look) {
    /** Whether nothing was said of what is looked for. */
    public boolean nothing() {
      return text.isEmpty() && look.isEmpty();
    }
  }

  /** Where it was found, in characters of the story from 0, the end not included. */
  public record Match(String faceId, String itemId, int from, int to) {}

  /** Every place, face by face, from the lowest object to the topmost; groups and what they hold too. */
  public static List<Match> in(Job job, Wanted wanted) {
    List<Match> out = new ArrayList<>();
    if (wanted.nothing()) {
      return out;
    }
    for (Face face : job.faces()) {
      for (Item item : face.all()) {
        item.words().ifPresent(w -> in(w.story(), wanted).forEach(s -> out.add(new Match(face.id(), w.id(), s[0], s[1]))));
      }
    }
    return out;
  }

  private static List<int[]> in(Story story, Wanted wanted) {
    List<int[]> out = new ArrayList<>();
    if (wanted.text().isEmpty()) {
      int at = 0;
      for (var paragraph : story.paragraphs()) {
        for (Run run : paragraph.runs()) {
          if (!run.text().isEmpty() && wanted.look().filter(run.look()::equals).isPresent()) {
            out.add(new int[] {at, at + run.text().length()});
          }
          at += run.text().length();
        }
        at++;
      }
      return out;
    }
    String quoted = Pattern.quote(wanted.text());
    String pattern = wanted.whole() ? "(?<![\\p{L}\\p{N}])" + quoted + "(?![\\p{L}\\p{N}])" : quoted;
    Matcher found = Pattern.compile(pattern, wanted.exactly() ? 0 : Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE).matcher(story.text());
    while (found.find()) {
      boolean looks = wanted.look().isEmpty() || story.part(found.start(), found.end()).runs().stream()
          .allMatch(r -> r.look().equals(wanted.look().get()));
      if (looks) {
        out.add(new int[] {found.start(), found.end()});
      }
    }
    return out;
  }

  /** Puts other words in every place where something is found; each takes the look of what stood there. Fields are left alone. */
  public static Edit replace(Wanted wanted, String with) {
    return new Edit(Wording.text("edit.replaced"), job -> wanted.text().isEmpty() ? job
        : BlockRoom.settled(EachStory.changed(job, story -> {
      Story now = story;
      List<int[]> all = in(story, wanted);
      for (int i = all.size() - 1; i >= 0; i--) {
        int[] s = all.get(i);
        boolean field = story.part(s[0], s[1]).runs().stream().anyMatch(r -> r.field().isPresent());
        now = field ? now : now.typed(s[0], s[1], with);
      }
      return now;
    })));
  }
}
