package org.zipthimble.desktop.state;

import java.util.Set;
import org.zipthimble.core.edit.Edit;

/** Something done to a selection that can be done again to another one. */
public interface Step {
  /** The edit for these objects of a face. */
  Edit on(String faceId, Set<String> ids);
}
