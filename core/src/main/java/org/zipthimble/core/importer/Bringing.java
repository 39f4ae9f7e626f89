package org.zipthimble.core.importer;

import java.nio.charset.Charset;
import java.util.Optional;
import java.util.OptionalDouble;
import org.zipthimble.core.bring.VectorLimits;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.type.WordStyle;

/**
 * What a person said of a file before it is read, and how much of it is taken at most.
 *
 * @param perInch how many of a drawing's units an inch has, where the file does not say
 * @param look what words look like where the file does not say
 * @param encoding of a list, where it is not found rightly
 * @param sheet of a workbook; the first without it
 */
public record Bringing(OptionalDouble perInch, WordStyle look, Optional<Charset> encoding, Optional<String> sheet, VectorLimits drawings,
    Pictures.Limits pictures) {
  /** Nothing said but what words look like, and the usual limits. */
  public static Bringing usual(WordStyle look) {
    return new Bringing(OptionalDouble.empty(), look, Optional.empty(), Optional.empty(), VectorLimits.USUAL, Pictures.Limits.USUAL);
  }

  /** The same with a drawing's units for each inch, above 0. */
  public Bringing scaled(double units) {
    return new Bringing(OptionalDouble.of(units), look, encoding, sheet, drawings, pictures);
  }

  /** The same with the encoding of a list and the sheet of a workbook. */
  public Bringing listed(Optional<Charset> charset, Optional<String> name) {
    return new Bringing(perInch, look, charset, name, drawings, pictures);
  }
}
