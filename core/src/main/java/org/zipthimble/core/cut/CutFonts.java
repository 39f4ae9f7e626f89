package org.zipthimble.core.cut;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Run;

/** The faces that words need which are cut, by themselves or as part of what a live group makes. */
public final class CutFonts {
  private CutFonts() {}

  /** Those that are neither bundled nor in the job, each once: such words would be cut in the stand-in face. */
  public static List<String> missing(Job job) {
    JobFonts fonts = new JobFonts(job);
    Set<String> missing = new LinkedHashSet<>();
    for (Face face : job.faces()) {
      for (SceneNode root : Scene.of(face).nodes()) {
        root.drawn().stream().filter(n -> n.cut().isPresent()).flatMap(n -> n.everything().stream()).map(SceneNode::item).map(Item::words)
            .flatMap(java.util.Optional::stream).flatMap(w -> w.story().runs().stream()).map(Run::look)
            .filter(s -> fonts.find(s.family(), s.style()).isEmpty())
            .forEach(s -> missing.add(s.family() + " " + s.style()));
      }
    }
    return List.copyOf(missing);
  }
}
