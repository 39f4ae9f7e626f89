package org.zipthimble.core.fill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Under;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;

/**
 * What follows from a face's place among the others: the objects of a shared ground lie below its own, and fields tell its page number.
 * Laid down anew after every edit.
 */
public final class Grounds {
  /** The field that says which page it stands on, the first being 1. */
  public static final String PAGE = "page number";

  /** The field that says how many pages there are. */
  public static final String PAGES = "page count";

  private Grounds() {}

  /** The job with shared grounds below its faces and page numbers in their fields; the same where nothing differs. */
  public static Job laid(Job job) {
    List<Face> leaving = job.leaving();
    List<Face> out = new ArrayList<>();
    boolean any = false;
    for (Face face : job.faces()) {
      int page = leaving.indexOf(face) + 1;
      Face next = page > 0 ? numbered(face, page, leaving.size(), job) : face;
      Under under = under(job, face, page, leaving.size());
      next = under.equals(next.under()) ? next : next.withUnder(under);
      any |= next != face;
      out.add(next);
    }
    return any ? job.withFaces(out) : job;
  }

  private static Under under(Job job, Face face, int page, int pages) {
    Optional<Face> ground = face.form().shared() ? Optional.empty() : face.form().ground().flatMap(job::face)
        .filter(f -> f.form().shared());
    if (ground.isEmpty()) {
      return Under.NONE;
    }
    List<Item> items = new ArrayList<>();
    for (Item item : numbered(ground.get(), page, pages, job).items()) {
      Item copy = renamed(item);
      items.add(copy.with(copy.properties().withLocked(true)));
    }
    return new Under(items);
  }

  /** The same object, and all within it, under ids of its own; words that flow stay as they are laid. */
  private static Item renamed(Item item) {
    Item own = item.with(item.properties().withId(Under.PREFIX + item.id()));
    own = own.rephrased(w -> w.withFollows(Optional.empty()));
    return own.members().isEmpty() ? own : own.holding(own.members().stream().map(Grounds::renamed).toList());
  }

  private static Face numbered(Face face, int page, int pages, Job job) {
    Set<String> ids = face.all().stream().filter(i -> i.words().filter(w -> w.story().runs().stream().anyMatch(r -> counts(job, r)))
        .isPresent())
        .map(Item::id).collect(Collectors.toCollection(HashSet::new));
    return ids.isEmpty() ? face : face.changed(ids, item -> item.rephrased(w -> {
      Story story = w.story().eachRun(r -> counts(job, r) ? r.saying(String.valueOf(r.field().get().name().equals(PAGE) ? page : pages))
          : r);
      return story.equals(w.story()) ? w : w.withStory(story);
    }));
  }

  /** Whether a run tells pages; a fact or a column of that name comes first. */
  private static boolean counts(Job job, Run run) {
    return run.field().map(FieldUse::name).filter(n -> n.equals(PAGE) || n.equals(PAGES))
        .filter(n -> Filling.find(job, n).isEmpty() && job.list().flatMap(l -> l.value(n)).isEmpty()).isPresent();
  }
}
