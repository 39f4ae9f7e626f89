package org.zipthimble.core.send;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.paint.SvgFile;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.VectorBack;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;

/** Scalable Vector Graphics, for cutters and other programs. */
final class SvgFormat extends VectorFormat {
  SvgFormat() {
    super("svg", List.of(".svg"), List.of(Content.DESIGN, Content.SHEETS));
  }

  @Override
  Measured drawing(Path file, VectorSheet drawing, Unit unit) throws Trouble {
    SafeWrite.write(file, SvgFile.text(drawing).getBytes(StandardCharsets.UTF_8));
    return VectorBack.svg(file, drawing, unit);
  }
}
