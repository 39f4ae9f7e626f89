package org.zipthimble.core.job;

import org.zipthimble.core.picture.Blob;

/** A font that came inside a job and is not among the bundled ones. */
public record CarriedFont(String family, String style, Blob file) {}
