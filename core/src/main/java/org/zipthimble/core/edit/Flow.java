package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.item.Following;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.ParagraphDetail;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Ongoing;

/**
 * Words that flow from block to block. Every block holds what it shows; after each edit of a job the words of a chain are taken together
 * and laid out anew, so that what does not fit into one goes on in the next, and comes back when there is room.
 */
public final class Flow {
  private Flow() {}

  /** Lets the words of blocks flow from one to the next: from the topmost, of those at one height the leftmost first. */
  public static Edit link(String faceId, Set<String> ids) {
    return new Edit(Wording.text("edit.flow"), job -> settled(job.changed(faceId, face -> {
      List<String> order = ids.stream().flatMap(id -> face.find(id).stream()).filter(i -> i.words().isPresent())
          .sorted(Comparator.comparingDouble((Item i) -> i.placement().around().y()).thenComparingDouble(i -> i.placement().around().x()))
          .map(Item::id).toList();
      return face.changed(Set.copyOf(order), item -> item.rephrased(w -> {
        int at = order.indexOf(w.id());
        return w.withFollows(at == 0 ? w.follows() : Optional.of(new Following(order.get(at - 1), w.story().length() == 0)));
      }));
    })));
  }

  /** Parts blocks from those before and after them; each keeps the words that it shows. */
  public static Edit part(String faceId, Set<String> ids) {
    return new Edit(Wording.text("edit.flowParted"), job -> job.changed(faceId, face -> face.changed(
        Set.copyOf(face.all().stream().map(Item::id).toList()), item -> item.rephrased(w -> {
          boolean gone = ids.contains(w.id()) || w.follows().filter(f -> ids.contains(f.block())).isPresent();
          return gone && w.follows().isPresent() ? w.withFollows(Optional.empty()) : w;
        }))));
  }

  /** The block that goes on from another. */
  public static Optional<HoldsWords> next(Face face, String id) {
    return face.all().stream().flatMap(i -> i.words().stream()).filter(w -> w.follows().filter(f -> f.block().equals(id)).isPresent())
        .findFirst();
  }

  /** A face without some objects; the words of blocks that are taken out of a chain stay in the chain. */
  static Face rescued(Face face, Set<String> ids) {
    Face now = face;
    for (String id : ids) {
      Optional<HoldsWords> gone = now.find(id).flatMap(Item::words);
      Optional<HoldsWords> after = gone.isPresent() ? next(now, id) : Optional.empty();
      Optional<HoldsWords> before = gone.flatMap(HoldsWords::follows).map(Following::block).flatMap(now::find).flatMap(Item::words);
      if (gone.isPresent() && after.isPresent()) {
        HoldsWords words = gone.get();
        Story joined = joined(words.story(), after.get().story(), after.get().follows().orElseThrow().within());
        now = now.changed(Set.of(after.get().id()), item -> item.rephrased(w -> w.withStory(joined).withFollows(words.follows())));
      } else if (gone.isPresent() && before.isPresent() && gone.get().story().length() > 0) {
        Story joined = joined(before.get().story(), gone.get().story(), gone.get().follows().orElseThrow().within());
        now = now.changed(Set.of(before.get().id()), item -> item.rephrased(w -> w.withStory(joined)));
      }
    }
    return now;
  }

  /**
   * The job with room made in words for what stands in their way, and the words of every chain where they belong. Else it stays as it is.
   */
  public static Job settled(Job given) {
    Job job = TextWrapping.settled(given);
    if (job.faces().stream().noneMatch(Flow::flows)) {
      return job;
    }
    FontShelf fonts = new JobFonts(job);
    return job.withFaces(job.faces().stream().map(f -> flows(f) ? settled(f, fonts) : f).toList());
  }

  private static boolean flows(Face face) {
    return face.all().stream().anyMatch(i -> i.words().flatMap(HoldsWords::follows).isPresent());
  }

  private static Face settled(Face face, FontShelf fonts) {
    Map<String, HoldsWords> all = new LinkedHashMap<>();
    face.all().forEach(i -> i.words().ifPresent(w -> all.put(w.id(), w)));
    Map<String, String> next = new HashMap<>();
    Map<String, HoldsWords> changed = new HashMap<>();
    for (HoldsWords w : all.values()) {
      if (w.follows().isPresent()) {
        String before = w.follows().get().block();
        boolean sound = all.containsKey(before) && !before.equals(w.id()) && !next.containsKey(before);
        if (sound) {
          next.put(before, w.id());
        } else {
          changed.put(w.id(), w.withFollows(Optional.empty()));
        }
      }
    }
    Set<String> followers = new HashSet<>(next.values());
    Set<String> seen = new HashSet<>();
    for (HoldsWords head : all.values()) {
      Ongoing.check();
      if (next.containsKey(head.id()) && !followers.contains(head.id())) {
        List<HoldsWords> chain = new ArrayList<>();
        for (String id = head.id(); id != null && seen.add(id); id = next.get(id)) {
          chain.add(changed.getOrDefault(id, all.get(id)));
        }
        laid(chain, fonts).forEach(w -> changed.put(w.id(), w));
      }
    }
    // a ring of blocks has no beginning: it is parted
    all.values().stream().filter(w -> followers.contains(w.id()) && !seen.contains(w.id()))
        .forEach(w -> changed.put(w.id(), w.withFollows(Optional.empty())));
    changed.values().removeIf(w -> w.equals(all.get(w.id())));
    return changed.isEmpty() ? face : face.changed(changed.keySet(), item -> changed.containsKey(item.id()) ? changed.get(item.id())
        : item);
  }

  private static List<HoldsWords> laid(List<HoldsWords> chain, FontShelf fonts) {
    Story rest = chain.get(0).story();
    for (HoldsWords w : chain.subList(1, chain.size())) {
      rest = joined(rest, w.story(), w.follows().orElseThrow().within());
    }
    List<HoldsWords> out = new ArrayList<>();
    boolean within = false;
    for (int i = 0; i < chain.size(); i++) {
      HoldsWords block = chain.get(i);
      HoldsWords full = block.withStory(rest).withFollows(
          i == 0 ? block.follows() : Optional.of(new Following(chain.get(i - 1).id(), within)));
      if (i == chain.size() - 1) {
        out.add(full);
        break;
      }
      SetWords set = full.withSetting(full.setting().withFitting(Fitting.COUNT)).set(fonts);
      int ends = set.ends();
      boolean betweenParagraphs = ends > 0 && ends < rest.length() && rest.text().charAt(ends - 1) == '\n';
      within = !betweenParagraphs;
      out.add(full.withStory(rest.part(0, betweenParagraphs ? ends - 1 : ends)));
      rest = ends >= rest.length() ? rest.part(rest.length(), rest.length()) : begun(rest.part(ends, rest.length()), within && ends > 0);
    }
    return out;
  }

  /** What goes on within a paragraph has no first line of its own. */
  private static Story begun(Story story, boolean within) {
    if (!within) {
      return story;
    }
    List<Paragraph> all = new ArrayList<>(story.paragraphs());
    Paragraph first = all.get(0);
    ParagraphDetail d = first.look().detail();
    all.set(0, first.looking(first.look().withDetail(
        d.withFirst(0).withBeforePt(0).withMark(Optional.empty()).withLeft(d.left() + d.mark().map(m -> m.hang()).orElse(0.0)))));
    return new Story(all);
  }

  private static Story joined(Story a, Story b, boolean within) {
    List<Paragraph> all = new ArrayList<>(a.paragraphs());
    List<Paragraph> more = new ArrayList<>(b.paragraphs());
    if (within) {
      Paragraph last = all.remove(all.size() - 1);
      Paragraph first = more.remove(0);
      List<Run> runs = new ArrayList<>(last.runs());
      runs.addAll(first.runs());
      Paragraph whole = last.length() == 0 ? first : last;
      all.add(new Paragraph(runs, whole.look(), whole.named()));
    }
    all.addAll(more);
    return new Story(all);
  }
}
