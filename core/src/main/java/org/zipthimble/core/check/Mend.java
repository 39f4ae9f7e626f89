package org.zipthimble.core.check;

import java.util.List;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.wording.Wording;

/**
 * Something that can be done at once about a finding.
 *
 * @param key of its name
 * @param values what stands in its name
 */
public record Mend(String key, Edit edit, List<String> values) {
  /** Keeps a copy. */
  public Mend {
    values = List.copyOf(values);
  }

  /** One whose name needs nothing else. */
  public Mend(String key, Edit edit) {
    this(key, edit, List.of());
  }

  /** Its name. */
  public String title() {
    return Wording.text(key, values.toArray());
  }
}
