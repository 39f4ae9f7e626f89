package org.zipthimble.core.nest;

import org.zipthimble.core.geom.Path;

/** A piece to be laid: its outline in inches, on its own ground. */
public record Part(String id, Path outline) {}
