package org.zipthimble.core.fill;

import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.Story;

/** All words of a job. */
public final class EachStory {
  private EachStory() {}

  /** The job with every story changed, members of groups included. */
  public static Job changed(Job job, UnaryOperator<Story> change) {
    return job.withFaces(job.faces().stream().map(f -> changed(f, change)).toList());
  }

  private static Face changed(Face face, UnaryOperator<Story> change) {
    Set<String> words = face.all().stream().filter(i -> i.words().isPresent()).map(Item::id).collect(Collectors.toSet());
    return words.isEmpty() ? face : face.changed(words, item -> item.rephrased(w -> told(w, change.apply(w.story()))));
  }

  /** Words that say the same stay the very same. */
  private static HoldsWords told(HoldsWords words, Story story) {
    return story.equals(words.story()) ? words : words.withStory(story);
  }
}
