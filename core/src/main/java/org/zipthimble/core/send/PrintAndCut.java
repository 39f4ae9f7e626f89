package org.zipthimble.core.send;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.cut.Stroke;
import org.zipthimble.core.cut.ToolPath;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.PlotterFile;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.plan.Blade;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Register;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * A printed sheet with its registration marks, and the cuts that go round what is on it, both in inches from the
 * sheet's top left.
 *
 * @param png the whole printed sheet
 * @param ppi pixels for each inch of it
 * @param marks the middles of the registration marks
 * @param height of the sheet
 * @param plotter the cuts in plotter language
 */
public record PrintAndCut(byte[] png, double ppi, List<Point> marks, double height, String plotter) {
  private static final double PPI = 150;

  /** Keeps copies. */
  public PrintAndCut {
    png = png.clone();
    marks = List.copyOf(marks);
  }

  /**
   * What a face gives; where several pieces lie on a sheet, the first sheet with one cut file for all of them.
   *
   * @throws Trouble when the item does not lie on paper, or nothing on the face is printed and cut
   */
  public static PrintAndCut of(Job job, Face face, Progress progress) throws Trouble, Stopped {
    if (!job.sheet().onPaper() || !Register.wanted(face)) {
      throw Trouble.of("send.noRegister");
    }
    PageOptions options = PageOptions.of(job);
    boolean ganged = Imposition.ganged(options);
    DrawnPage page = Imposition.of(job, face, options);
    byte[] png = PngFile.bytes(RasterPainter.paint(page, PPI, new Halvings(), progress), PPI);
    Affine place = Affine.move(page.trim().x(), page.trim().y());
    List<CutLine> lines = ganged ? GangPages.of(job, List.of(face), options).cuts(0, face.id()) : CutLines.leaving(job, face).stream()
        .map(l -> l.mapped(place)).toList();
    Blade blade = job.cutting().lanes().stream().filter(l -> lines.stream().anyMatch(c -> c.lane().equals(l.id()))).findFirst()
        .map(Lane::blade).orElse(Blade.FINE);
    List<PlotterFile.Run> runs = new ArrayList<>();
    List<Stroke> strokes = ToolPath.of(lines, blade);
    for (CutKind kind : CutKind.values()) {
      List<List<Point>> some = strokes.stream().filter(s -> s.kind() == kind).map(Stroke::places).toList();
      if (!some.isEmpty()) {
        runs.add(new PlotterFile.Run(CutDrawings.pen(kind), blade.speed(), blade.pressure(), blade.passes(), some));
      }
    }
    return new PrintAndCut(png, PPI, Register.marks(page.bleed()), page.size().height(), PlotterFile.text(page.size(), runs, false));
  }
}
