package org.zipthimble.core.edit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.TextWrap;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.work.Ongoing;

/** Words make room for objects that stand in their way: what each block keeps clear of is laid anew after every edit. */
final class TextWrapping {
  private TextWrapping() {}

  static Job settled(Job job) {
    if (job.faces().stream().noneMatch(TextWrapping::asked)) {
      return job;
    }
    Forms forms = new Forms(job);
    return job.withFaces(job.faces().stream().map(f -> asked(f) ? settled(f, forms) : f).toList());
  }

  private static boolean asked(Face face) {
    return face.all().stream().anyMatch(i -> i.properties().aside().isPresent() || i.words().flatMap(HoldsWords::spared).isPresent());
  }

  private static Face settled(Face face, Forms forms) {
    List<SceneNode> nodes = Scene.of(face).everything();
    List<SceneNode> obstacles = nodes.stream().filter(n -> n.visible() && n.item().properties().aside().isPresent()).toList();
    Map<String, Optional<Path>> spared = new HashMap<>();
    for (SceneNode node : nodes) {
      Ongoing.check();
      node.item().words().ifPresent(w -> {
        Optional<Path> path = spared(node, w, obstacles, forms);
        if (!path.equals(w.spared())) {
          spared.put(w.id(), path);
        }
      });
    }
    return spared.isEmpty() ? face : face.changed(Set.copyOf(spared.keySet()),
        item -> item.rephrased(w -> w.withSpared(spared.get(w.id()))));
  }

  private static Optional<Path> spared(SceneNode words, HoldsWords item, List<SceneNode> obstacles, Forms forms) {
    Path all = Path.EMPTY;
    Affine back = words.toFace().inverse();
    Placement p = item.placement();
    for (SceneNode obstacle : obstacles) {
      boolean own = obstacle.item().id().equals(item.id()) || words.owners().stream().anyMatch(o -> o.id().equals(obstacle.item().id()));
      TextWrap aside = obstacle.item().properties().aside().orElseThrow();
      Box near = obstacle.around().grown(aside.gap());
      if (!own && words.reaches(near)) {
        all = all.plus(outline(obstacle, aside, forms, back, p.width()));
      }
    }
    return all.segments().isEmpty() ? Optional.empty() : Optional.of(all);
  }

  private static Path outline(SceneNode obstacle, TextWrap aside, Forms forms, Affine back, double width) {
    if (aside.way() == TextWrap.Way.OUTLINE) {
      Path own = forms.outline(obstacle.item()).mapped(obstacle.ground());
      return (aside.gap() > 0 ? Offset.of(own, aside.gap(), Corner.ROUND) : own).mapped(back);
    }
    Placement p = obstacle.item().placement();
    Path box = Shapes.rectangle(new Box(0, 0, p.width(), p.height()).grown(aside.gap())).mapped(obstacle.toFace()).mapped(back);
    if (aside.way() == TextWrap.Way.BOX) {
      return box;
    }
    return Measure.bounds(box).map(b -> Shapes.rectangle(new Box(-1, b.y(), width + 2, b.height()))).orElse(Path.EMPTY);
  }
}
