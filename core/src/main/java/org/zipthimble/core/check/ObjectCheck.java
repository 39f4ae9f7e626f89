package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.form.SceneNode;

/** A question asked of every object that has a part in what leaves, those inside live groups and patterns too; each object once. */
public abstract class ObjectCheck extends FaceCheck {
  /** Every finding about one object. */
  public abstract List<Finding> examine(Subject on, SceneNode node);

  @Override
  public final List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    on.scene().inUse().stream().filter(on::near).forEach(n -> found.addAll(examine(on, n)));
    return found;
  }
}
