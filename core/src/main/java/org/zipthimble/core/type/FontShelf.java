package org.zipthimble.core.type;

import java.util.List;
import java.util.Optional;

/** Where faces are found: the bundled ones and those that came inside a job. */
public interface FontShelf {
  /** The family that stands in for a missing one. */
  String STAND_IN = "Figtree";

  /** The families, in alphabetical order. */
  List<String> families();

  /** The styles of a family, in the order of their weight; empty for an unknown family. */
  List<String> styles(String family);

  /** The face of this family and style, if it is on the shelf. */
  Optional<FontFace> find(String family, String style);

  /** The face of this family and style, or the stand-in's regular. */
  default FontFace findOrStandIn(String family, String style) {
    return find(family, style).or(() -> find(STAND_IN, "Regular"))
        .orElseThrow(() -> new IllegalStateException("the stand-in face is not on the shelf"));
  }
}
