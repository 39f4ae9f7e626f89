package org.zipthimble.core.check.edge;

import java.util.List;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.form.SceneNode;

/** An object that lies wholly beside the item: it leaves for no printer. */
public final class OffItem extends FaceCheck {
  @Override
  public Set<String> codes() {
    return Set.of("off-item");
  }

  @Override
  public List<Finding> examine(Subject on) {
    return on.scene().nodes().stream().filter(n -> n.visible() && !n.helps() && n.leavesBelow().stream().anyMatch(SceneNode::printed)
            && n.leavesBelow().stream().noneMatch(l -> l.reaches(on.frame().bleedBox())))
        .map(n -> on.finding("off-item", Weight.NOTE, n, 0, 0, n.item().properties().name(), on.face().name())).toList();
  }
}
