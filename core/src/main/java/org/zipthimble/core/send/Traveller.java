package org.zipthimble.core.send;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.Caption;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * The one page that goes with a job to the press: pictures, sizes, sheets, which side goes where, who mirrors, the press card, and what is
 * ticked off.
 */
public final class Traveller {
  private static final double COLUMN = (Paperwork.WIDE - 0.4) / 2;
  private static final double SECOND = Paperwork.MARGIN + COLUMN + 0.4;

  private Traveller() {}

  /** The page of a job. */
  public static DrawnPage of(Job job) {
    return Paperwork.page(Wording.text("content.traveller"), out -> draw(job, out));
  }

  private static void draw(Job job, MarkOut out) {
    Face face = job.leaving().get(0);
    Paperwork.head(out, Wording.text("traveller.title"), job, Wording.text("paperwork.docket", job.ticket().number(), job.ticket().item()));
    double top = 1.3;
    Box left = Paperwork.picture(out, Paperwork.seen(job, face), new Box(Paperwork.MARGIN, top, COLUMN, 2.7));
    Box right = Paperwork.picture(out, Paperwork.flat(job, face, job.mirrorsHere()), new Box(SECOND, top, COLUMN, 2.7));
    out.line(Shapes.rectangle(right), Pen.plain(0.008, Caption.INK));
    double under = top + 2.78;
    Caption.plain(out, Wording.text(job.making().thing().isPresent() ? "traveller.onThing" : "traveller.finished"), 8,
        new Box(Paperwork.MARGIN, under, COLUMN, 0.2));
    Caption.plain(out, Wording.text(job.mirrorsHere() ? "traveller.leavesMirrored" : "traveller.leaves"), 8,
        new Box(SECOND, under, COLUMN, 0.2));
    double y = under + 0.3;
    Paperwork.rule(out, y - 0.06);
    double a = figures(job, face, out, y);
    double b = press(job, out, y);
    double low = Math.max(a, b) + 0.1;
    Paperwork.rule(out, low);
    ticks(job, out, low + 0.12);
    foot(out);
  }

  private static double figures(Job job, Face face, MarkOut out, double from) {
    double y = from;
    double x = Paperwork.MARGIN;
    y = Paperwork.row(out, x, y, COLUMN, Wording.text("traveller.size"), Paperwork.size(job, face));
    y = Paperwork.row(out, x, y, COLUMN, Wording.text("traveller.overhang"), Paperwork.overhang(job, face));
    y = Paperwork.row(out, x, y, COLUMN, Wording.text("traveller.pieces"), String.valueOf(job.ticket().quantity()));
    y = Paperwork.row(out, x, y, COLUMN, Wording.text("traveller.sheets"), sheets(job));
    y = Paperwork.row(out, x, y, COLUMN, Wording.text("traveller.stock"),
        job.ticket().stock().isBlank() ? Wording.text("traveller.noStock") : job.ticket().stock());
    y = Paperwork.row(out, x, y, COLUMN, Wording.text("traveller.loading"),
        Wording.text("traveller.loading." + job.process().name().toLowerCase(java.util.Locale.ROOT)));
    y = Paperwork.row(out, x, y, COLUMN, Wording.text("traveller.mirror"), Paperwork.mirror(job));
    return Paperwork.row(out, x, y, COLUMN, Wording.text("traveller.lies"),
        Wording.text("traveller.lies." + (job.process() == Process.TRANSFER || job.process() == Process.PANE_INSIDE ? "down"
        : job.process() == Process.IRON_ON ? "carrier" : "up")));
  }

  private static String sheets(Job job) {
    if (!job.sheet().onPaper()) {
      return Wording.text("traveller.alone");
    }
    try {
      PageRun run = Imposition.run(job, job.leaving(), PageOptions.of(job));
      return Wording.text("traveller.onSheets", run.count(), Lengths.show(job.sheet().paper(), job.ticket().unit()));
    } catch (Trouble misfit) {
      return misfit.getMessage();
    }
  }

  private static double press(Job job, MarkOut out, double from) {
    Optional<PressCard> chosen = job.making().card();
    if (chosen.isEmpty()) {
      Caption.plain(out, Wording.text("traveller.noCard"), 9, new Box(SECOND, from, COLUMN, 0.6));
      return from + 0.5;
    }
    PressCard card = chosen.get();
    Caption.heading(out, card.heat() + " · " + card.time(), 15, new Box(SECOND, from - 0.03, COLUMN, 0.35));
    double y = from + 0.32;
    y = Paperwork.row(out, SECOND, y, COLUMN, Wording.text("traveller.blank"), card.blank());
    y = Paperwork.row(out, SECOND, y, COLUMN, Wording.text("traveller.film"), card.film());
    y = Paperwork.row(out, SECOND, y, COLUMN, Wording.text("traveller.pressure"), card.pressure().title());
    y = Paperwork.row(out, SECOND, y, COLUMN, Wording.text("traveller.layers"), card.layers());
    y = Paperwork.row(out, SECOND, y, COLUMN, Wording.text("traveller.peel"), card.peel().title());
    return Paperwork.row(out, SECOND, y, COLUMN, Wording.text("traveller.from"), card.says().isBlank() ? card.from().title()
        : card.from().title() + ": " + card.says());
  }

  /** The card's own steps in order at the right; what is got ready, and what is looked at last, at the left. */
  private static void ticks(Job job, MarkOut out, double from) {
    List<String> steps = new ArrayList<>(job.making().card().map(PressCard::order).orElse(List.of()));
    double y = from;
    Caption.strong(out, Wording.text("traveller.ready"), 10, new Box(Paperwork.MARGIN, y, COLUMN, 0.25));
    y += 0.26;
    for (String key : List.of("file", "mirror", "paper", "film", "covers", "tape", "gloves", "measured", "cool")) {
      if (key.equals("mirror") && !job.mustMirror()) {
        continue;
      }
      y = Paperwork.tick(out, Paperwork.MARGIN, y, COLUMN, Wording.text("traveller.tick." + key));
    }
    double z = from;
    Caption.strong(out, Wording.text(steps.isEmpty() ? "traveller.notes" : "traveller.order"), 10, new Box(SECOND, z, COLUMN, 0.25));
    z += 0.26;
    for (int i = 0; i < steps.size() && z < 9.9; i++) {
      z = Paperwork.tick(out, SECOND, z, COLUMN, i + 1 + ". " + steps.get(i));
    }
  }

  private static void foot(MarkOut out) {
    double y = 10.42;
    double third = Paperwork.WIDE / 3;
    for (int i = 0; i < 3; i++) {
      double x = Paperwork.MARGIN + i * third;
      out.line(Shapes.line(new Point(x, y), new Point(x + third - 0.25, y)), Pen.plain(0.008, Caption.INK));
      Caption.plain(out, Wording.text("traveller.foot." + (i + 1)), 8, new Box(x, y + 0.04, third, 0.2));
    }
  }
}
