package org.zipthimble.core.font;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.kept.Reading;

/**
 * Where faces are found: the bundled ones and those that came inside a job. A shelf whose faces may change notes what is found in it as
 * read ({@link Reading}).
 */
public interface FontShelf {
  /** The family that stands in for a missing one. */
  String STAND_IN = "Figtree";

  /** The families, in alphabetical order. */
  List<String> families();

  /** The styles of a family, in the order of their weight; empty for an unknown family. */
  List<String> styles(String family);

  /** The face of this family and style, if it is on the shelf. */
  Optional<FontFace> find(String family, String style);

  /** What kind of faces a family has. */
  default FontKind kind(String family) {
    return styles(family).stream().findFirst().flatMap(s -> find(family, s)).map(FontFace::kind).orElse(FontKind.OTHER);
  }

  /** Faces from which characters are set that the chosen face lacks, in the order in which they are asked. */
  List<String> STAND_INS = List.of("Noto Sans", "Noto Sans Hebrew", "Noto Sans Arabic", "Noto Sans Symbols 2", "Noto Sans Symbols");

  /** A face for a character that the chosen one lacks, bold where that is bold; empty where none has it. */
  default Optional<FontFace> standIn(int character, String style) {
    boolean bold = style.contains("Bold") || style.contains("bold") || style.contains("Black");
    return STAND_INS.stream().flatMap(family -> find(family, bold ? "Bold" : "Regular").or(() -> find(family, "Regular")).stream())
        .filter(face -> face.has(character)).findFirst();
  }

  /** The face of this family and style, or the stand-in's regular. */
  default FontFace findOrStandIn(String family, String style) {
    return find(family, style).or(() -> find(STAND_IN, "Regular"))
        .orElseThrow(() -> new IllegalStateException("the stand-in face is not on the shelf"));
  }
}
