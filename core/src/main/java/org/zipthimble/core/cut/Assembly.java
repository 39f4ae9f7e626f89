package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.Caption;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** The sheet that shows how the parts of a split design go together, on US letter, lying. */
public final class Assembly {
  private static final Colour SEAM = new Colour(0xB0, 0x7F, 0x2A);
  private static final Size PAGE = new Size(11, 8.5);
  private static final double MARGIN = 0.6;

  private Assembly() {}

  /** One page for each lane that is split; none when nothing is. */
  public static List<DrawnPage> pages(Job job) {
    List<DrawnPage> pages = new ArrayList<>();
    for (Lane lane : job.cutting().lanes()) {
      List<CutPiece> pieces = Pieces.of(job, lane);
      if (!pieces.isEmpty() && job.cutting().split().on()) {
        Splitting.Parts parts = Splitting.parts(job, lane, pieces);
        if (!parts.seams().isEmpty()) {
          pages.add(page(job, lane, pieces, parts));
        }
      }
    }
    return pages;
  }

  private static DrawnPage page(Job job, Lane lane, List<CutPiece> pieces, Splitting.Parts parts) {
    Box whole = new Box(0, 0, PAGE.width(), PAGE.height());
    return new DrawnPage(lane.name(), PAGE, whole, whole, out -> draw(job, lane, pieces, parts, out));
  }

  private static void draw(Job job, Lane lane, List<CutPiece> pieces, Splitting.Parts parts, MarkOut out) {
    List<CutLine> lines = new ArrayList<>();
    pieces.forEach(p -> lines.addAll(p.lines()));
    Box box = CutLines.bounds(lines).orElseThrow();
    double wide = PAGE.width() - 2 * MARGIN;
    double scale = Math.min(wide / box.width(), 4.2 / box.height());
    Affine map = Affine.move(-box.x(), -box.y()).then(Affine.scale(scale, scale))
        .then(Affine.move((PAGE.width() - box.width() * scale) / 2, 2.2));
    words(out, job.name(), "Fraunces", "Semibold", 20, new Box(MARGIN, 0.5, wide, 0.5), Align.LEFT);
    words(out, Wording.text("assembly.lead", lane.name(), parts.sheets().size(), Lengths.plain(scale * 100, 0)),
        "Figtree", "Regular", 11, new Box(MARGIN, 1.0, wide, 0.6), Align.LEFT);
    for (CutLine line : lines) {
      out.line(line.path().mapped(map), Pen.plain(0.008, Caption.INK));
    }
    for (List<Point> seam : parts.seams()) {
      Path.Builder path = Path.build().start(seam.get(0));
      seam.subList(1, seam.size()).forEach(path::line);
      out.line(path.path().mapped(map), Pen.plain(0.02, SEAM).dashed(0.1, 0.06));
    }
    labels(job, parts, box, map, out);
    words(out, steps(job, parts), "Figtree", "Regular", 11, new Box(MARGIN, 6.9, wide, 1.4), Align.LEFT);
  }

  private static void labels(Job job, Splitting.Parts parts, Box box, Affine map, MarkOut out) {
    for (int part = 0; part <= parts.seams().size(); part++) {
      double left = part == 0 ? box.x() : parts.seams().get(part - 1).get(0).x();
      double right = part == parts.seams().size() ? box.right() : parts.seams().get(part).get(0).x();
      Point at = map.apply(new Point((left + right) / 2, box.y()));
      out.fill(Shapes.ellipse(new Box(at.x() - 0.16, at.y() - 0.52, 0.32, 0.32)), Caption.INK);
      Caption.words(out, String.valueOf(part + 1), "Figtree", "Bold", 12, new Box(at.x() - 0.3, at.y() - 0.46, 0.6, 0.25), Align.CENTRE,
          Colour.WHITE);
      String size = Lengths.show(right - left, job.ticket().unit());
      words(out, size, "Figtree", "Regular", 10, new Box(at.x() - 1, map.apply(new Point(0, box.bottom())).y() + 0.2, 2, 0.25),
          Align.CENTRE);
    }
  }

  private static String steps(Job job, Splitting.Parts parts) {
    double overlap = job.cutting().split().overlap();
    return overlap > 0
        ? Wording.text("assembly.overlap", Lengths.show(overlap, job.ticket().unit()))
        : Wording.text("assembly.butt", parts.seams().size());
  }

  private static void words(MarkOut out, String text, String family, String style, double pt, Box box, Align align) {
    Caption.words(out, text, family, style, pt, box, align, Caption.INK);
  }
}
