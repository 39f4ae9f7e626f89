package org.zipthimble.core.send;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.paint.DxfFile;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.VectorBack;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;

/** Drawing exchange format, for cutters and other programs. */
final class DxfFormat extends VectorFormat {
  DxfFormat() {
    super("dxf", List.of(".dxf"), List.of(Content.DESIGN, Content.SHEETS));
  }

  @Override
  Measured drawing(Path file, VectorSheet drawing, Unit unit) throws Trouble {
    SafeWrite.write(file, DxfFile.text(drawing).getBytes(StandardCharsets.US_ASCII));
    return VectorBack.dxf(file, drawing, unit);
  }
}
