package org.zipthimble.core.check;

import org.zipthimble.core.edit.Edit;

/** Something that can be done at once about a finding: the key of its name, and the edit that does it. */
public record Mend(String key, Edit edit) {}
