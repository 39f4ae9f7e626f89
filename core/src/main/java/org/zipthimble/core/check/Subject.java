package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;

/** A face of a job with all that checks read of it. */
public record Subject(Job job, Face face, Frame frame, Scene scene, JobFonts fonts, Forms forms) {
  public static Subject of(Job job, Face face) {
    return new Subject(job, face, job.frame(face), Scene.of(face), new JobFonts(job), new Forms(job));
  }

  /** Every leaf that is printed and reaches into the bleed. */
  public List<SceneNode> printing() {
    return scene.printing(frame.bleedBox());
  }

  /** Every leaf that is printed, and what is drawn in the tiles of patterns; each object once. */
  public List<SceneNode> painting() {
    List<SceneNode> out = new ArrayList<>();
    Set<Item> seen = Collections.newSetFromMap(new IdentityHashMap<>());
    for (SceneNode leaf : printing()) {
      if (seen.add(leaf.item())) {
        out.add(leaf);
        Set<Item> tile = Collections.newSetFromMap(new IdentityHashMap<>());
        tile.addAll(leaf.item().patternArt());
        leaf.parts().stream().filter(p -> tile.contains(p.item())).flatMap(p -> p.leavesBelow().stream()).filter(p -> seen.add(p.item()))
            .forEach(out::add);
      }
    }
    return out;
  }

  /** Whether an object counts: what is parked beside the item counts only where it is cut. */
  boolean near(SceneNode node) {
    return !node.printed() || node.reaches(frame.bleedBox());
  }

  /** A finding about an object, in the words that stand under its code. */
  public Finding finding(String code, Weight weight, SceneNode node, double figure, double limit, Object... values) {
    return finding(code, weight, Optional.of(node.item().id()), node.around(), figure, limit, values);
  }

  /** A finding about a place, in the words that stand under its code. */
  public Finding finding(String code, Weight weight, Optional<String> item, Box where, double figure, double limit, Object... values) {
    return Finding.worded(code, weight, face.id(), item, where, figure, limit, values);
  }
}
