package org.zipthimble.core.send;

import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.Caption;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Today;

/** A page for the customer to look at and sign: the thing, the art as it is seen, sizes, version, colours and a place to sign. */
public final class ProofPage {
  private static final int MOST_FACES = 4;
  private static final int MOST_COLOURS = 12;

  private ProofPage() {}

  /** The page of a job. */
  public static DrawnPage of(Job job) {
    return Paperwork.page(Wording.text("content.proof"), out -> draw(job, out));
  }

  private static void draw(Job job, MarkOut out) {
    Face face = job.leaving().get(0);
    Paperwork.head(out, Wording.text("proofPage.title"), job,
        Wording.text("proofPage.version", job.making().version(), org.zipthimble.core.job.FactForms.day(Today.now(), "monthDayYear")));
    Paperwork.picture(out, Paperwork.seen(job, face), new Box(Paperwork.MARGIN, 1.3, Paperwork.WIDE, 4));
    List<Face> faces = job.leaving().stream().limit(MOST_FACES).toList();
    double wide = Math.min(3, (Paperwork.WIDE - 0.2 * (faces.size() - 1)) / faces.size());
    double x = Paperwork.MARGIN;
    for (Face one : faces) {
      Box at = Paperwork.picture(out, Paperwork.flat(job, one, false), new Box(x, 5.5, wide, 1.7));
      out.line(Shapes.rectangle(at), Pen.plain(0.006, Caption.INK));
      Caption.plain(out, one.name(), 8, new Box(x, 7.26, wide, 0.2));
      x += wide + 0.2;
    }
    Paperwork.rule(out, 7.52);
    double y = 7.62;
    y = Paperwork.row(out, Paperwork.MARGIN, y, 4.2, Wording.text("proofPage.item"),
        job.making().thing().map(t -> t.title()).orElse(job.ticket().item()));
    y = Paperwork.row(out, Paperwork.MARGIN, y, 4.2, Wording.text("traveller.size"), Paperwork.size(job, face));
    y = Paperwork.row(out, Paperwork.MARGIN, y, 4.2, Wording.text("proofPage.faces"), String.valueOf(job.leaving().size()));
    y = Paperwork.row(out, Paperwork.MARGIN, y, 4.2, Wording.text("traveller.pieces"), String.valueOf(job.ticket().quantity()));
    Paperwork.row(out, Paperwork.MARGIN, y, 4.2, Wording.text("traveller.stock"),
        job.ticket().stock().isBlank() ? Wording.text("traveller.noStock") : job.ticket().stock());
    colours(job, out);
    Caption.plain(out, Wording.text("proofPage.look"), 9, new Box(Paperwork.MARGIN, 8.95, Paperwork.WIDE, 0.6));
    sign(out);
  }

  private static void colours(Job job, MarkOut out) {
    List<Colour> all = job.leaving().stream().flatMap(f -> f.all().stream()).filter(i -> i.properties().printed() || i.properties().cut())
        .flatMap(i -> i.colours().stream()).distinct().toList();
    Caption.strong(out, Wording.text("proofPage.colours"), 9, new Box(5, 7.62, 2.9, 0.25));
    for (int i = 0; i < Math.min(MOST_COLOURS, all.size()); i++) {
      double x = 5 + i % 4 * 0.74;
      double y = 7.84 + i / 4 * 0.36;
      out.fill(Shapes.rectangle(new Box(x, y, 0.18, 0.18), 0.03), all.get(i));
      out.line(Shapes.rectangle(new Box(x, y, 0.18, 0.18), 0.03), Pen.plain(0.005, Caption.INK));
      Caption.plain(out, all.get(i).hex(), 7.5, new Box(x + 0.22, y + 0.02, 0.6, 0.2));
    }
    if (all.size() > MOST_COLOURS) {
      Caption.plain(out, Wording.text("proofPage.more", all.size() - MOST_COLOURS), 8, new Box(5, 8.78, 2.9, 0.2));
    }
  }

  private static void sign(MarkOut out) {
    double y = 9.55;
    Paperwork.tick(out, Paperwork.MARGIN, y, 3.4, Wording.text("proofPage.approved"));
    Paperwork.tick(out, Paperwork.MARGIN + 3.7, y, 3.4, Wording.text("proofPage.changes"));
    double line = 10.42;
    double third = Paperwork.WIDE / 3;
    for (int i = 0; i < 3; i++) {
      double x = Paperwork.MARGIN + i * third;
      out.line(Shapes.line(new Point(x, line), new Point(x + third - 0.25, line)), Pen.plain(0.008, Caption.INK));
      Caption.plain(out, Wording.text("proofPage.sign." + (i + 1)), 8, new Box(x, line + 0.04, third, 0.2));
    }
  }
}
