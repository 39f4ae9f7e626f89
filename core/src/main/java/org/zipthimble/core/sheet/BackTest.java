package org.zipthimble.core.sheet;

import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/**
 * A sheet by which a printer that prints both sides is measured: crosses with scales on the front, single lines on the back. Held against
 * the light, the line of the back tells on the scale of the front by how much it is off; that figure is typed as the correction.
 */
public final class BackTest {
  /** From one line of the scale to the next, in inches. */
  public static final double STEP = 0.02;

  private static final int STEPS = 10;
  private static final double FROM_EDGE = 1.25;
  private static final double HAIR = 0.25 / 72;

  private BackTest() {}

  /** Front and back for a paper and a way of turning it, with the correction that is typed already. */
  public static PageRun pages(Job job, Size paper, Gang gang) {
    List<DrawnPage> both = List.of(page(job, paper, gang, false), page(job, paper, gang, true));
    return PageRun.of(both);
  }

  /** Where the crosses stand on the front: near each corner and in the middle, in inches. */
  public static List<Point> places(Size paper) {
    double w = paper.width();
    double h = paper.height();
    return List.of(new Point(FROM_EDGE, FROM_EDGE), new Point(w - FROM_EDGE, FROM_EDGE), new Point(w / 2, h / 2),
        new Point(FROM_EDGE, h - FROM_EDGE), new Point(w - FROM_EDGE, h - FROM_EDGE));
  }

  private static DrawnPage page(Job job, Size paper, Gang gang, boolean back) {
    boolean tall = paper.height() >= paper.width();
    boolean aboutUpright = gang.backs() == Gang.Backs.NONE || (gang.backs() == Gang.Backs.LONG_EDGE) == tall;
    Box all = new Box(0, 0, paper.width(), paper.height());
    return new DrawnPage(Wording.text(back ? "sheet.testBack" : "sheet.testFront"), paper, all, all, out -> {
      for (Point front : places(paper)) {
        if (back) {
          Point seen = aboutUpright ? new Point(paper.width() - front.x(), front.y()) : new Point(front.x(), paper.height() - front.y());
          cross(new Point(seen.x() - gang.backX(), seen.y() - gang.backY()), 0.5, out);
        } else {
          scale(job, front, out);
        }
      }
      String text = Wording.text(back ? "sheet.testBack" : "sheet.testFront") + (back ? "" : " · " + Wording.text("sheet.testNote"));
      SheetSigns.said(job, text, 9, new Point(0.6, 0.5), out);
    });
  }

  private static void cross(Point at, double reach, MarkOut out) {
    out.line(Shapes.line(new Point(at.x() - reach, at.y()), new Point(at.x() + reach, at.y())), HAIR, Colour.BLACK);
    out.line(Shapes.line(new Point(at.x(), at.y() - reach), new Point(at.x(), at.y() + reach)), HAIR, Colour.BLACK);
  }

  private static void scale(Job job, Point at, MarkOut out) {
    for (int i = -STEPS; i <= STEPS; i++) {
      double reach = i % 5 == 0 ? 0.2 : 0.1;
      out.line(Shapes.line(new Point(at.x() + i * STEP, at.y() - reach), new Point(at.x() + i * STEP, at.y() + reach)), HAIR, Colour.BLACK);
      out.line(Shapes.line(new Point(at.x() - reach, at.y() + i * STEP), new Point(at.x() + reach, at.y() + i * STEP)), HAIR, Colour.BLACK);
      if (i % 5 == 0 && i != 0) {
        String figure = String.valueOf(Math.abs(i) * 2 / 100.0);
        SheetSigns.said(job, figure, 4, new Point(at.x() + i * STEP - 0.04, at.y() + 0.27), out);
        SheetSigns.said(job, figure, 4, new Point(at.x() + 0.23, at.y() + i * STEP + 0.02), out);
      }
    }
    out.fill(Shapes.ellipse(new Box(at.x() - 0.01, at.y() - 0.01, 0.02, 0.02)).mapped(Affine.IDENTITY), Colour.BLACK);
  }
}
