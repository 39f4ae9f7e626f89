package org.zipthimble.core.send;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.zipthimble.core.cut.CutSheet;
import org.zipthimble.core.cut.Stroke;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.VectorBack;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;

/** Plotter language, for cutters: strokes in the order they are cut, knife and overcut seen to. */
final class PlotterFormat extends VectorFormat {
  PlotterFormat() {
    super("plotter", List.of(".plt", ".hpgl"), List.of(Content.SHEETS));
  }

  @Override
  Measured drawing(Path file, VectorSheet drawing, Unit unit) {
    throw new IllegalStateException("plotter language knows sheets alone");
  }

  @Override
  Measured sheet(Job job, CutSheet sheet, Path file) throws Trouble {
    SafeWrite.write(file, CutDrawings.plotter(sheet).getBytes(StandardCharsets.US_ASCII));
    return VectorBack.plotter(file, CutDrawings.size(sheet), downs(sheet), job.ticket().unit());
  }

  /** Every time the tool goes down: each stroke as often as it is gone over. */
  private static List<List<Point>> downs(CutSheet sheet) {
    List<List<Point>> downs = new ArrayList<>();
    for (Stroke stroke : CutDrawings.strokes(sheet)) {
      int passes = stroke.kind() == CutKind.PEN ? 1 : sheet.lane().blade().passes();
      downs.addAll(Collections.nCopies(passes, stroke.places()));
    }
    return downs;
  }
}
