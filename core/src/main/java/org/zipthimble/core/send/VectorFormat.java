package org.zipthimble.core.send;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutSheet;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.Register;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** A kind of file for cutters: outlines alone, in one file for the design or one for each sheet. */
abstract class VectorFormat extends OutputFormat {
  VectorFormat(String id, List<String> endings, List<Content> contents) {
    super(id, endings, contents);
  }

  @Override
  public Set<Choice> choices(Content content) {
    return EnumSet.of(Choice.LANE, Choice.MIRROR);
  }

  @Override
  List<Path> each(Job job, FileOrder order) throws Trouble {
    return content(order) == Content.SHEETS ? files(order.file(), sheets(job, order).size()) : List.of(order.file());
  }

  private List<Path> files(Path file, int count) {
    List<Path> files = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      files.add(count == 1 ? file : beside(file, String.valueOf(i)));
    }
    return files;
  }

  @Override
  List<Measured> write(Job job, FileOrder order, Progress progress) throws Trouble, Stopped {
    if (content(order) == Content.DESIGN) {
      VectorSheet design = CutDrawings.design(job, lanes(job, order), order.how().mirror());
      if (design.layers().isEmpty()) {
        throw Trouble.of("send.nothingToCut");
      }
      return List.of(drawing(order.file(), design, job.ticket().unit()).with(mirrored(job, order)));
    }
    List<CutSheet> sheets = sheets(job, order);
    List<Path> files = files(order.file(), sheets.size());
    List<Measured> out = new ArrayList<>();
    for (int i = 0; i < sheets.size(); i++) {
      progress.step((double) i / sheets.size());
      out.add(sheet(job, sheets.get(i), files.get(i)).with(mirrored(job, order)));
    }
    return out;
  }

  /** Writes a drawing and measures it. */
  abstract Measured drawing(Path file, VectorSheet drawing, Unit unit) throws Trouble;

  /** Writes one sheet as it goes under the blade and measures it. */
  Measured sheet(Job job, CutSheet sheet, Path file) throws Trouble {
    return drawing(file, CutDrawings.sheet(job, sheet), job.ticket().unit());
  }

  /** The sheets of an order's lanes. */
  static List<CutSheet> sheets(Job job, FileOrder order) throws Trouble {
    List<String> lanes = lanes(job, order);
    if (Imposition.ganged(order.options()) && Register.wanted(job)) {
      return ganged(job, order, lanes);
    }
    List<CutSheet> sheets = Layout.of(job).sheets().stream().filter(s -> lanes.contains(s.lane().id())).toList();
    if (sheets.isEmpty()) {
      throw Trouble.of("send.nothingToCut");
    }
    List<CutSheet> out = new ArrayList<>();
    for (CutSheet sheet : sheets) {
      boolean turned = order.how().mirror().filter(m -> m != job.mirrorsHere(sheet.lane())).isPresent();
      if (turned && sheet.supply().scrap().isPresent()) {
        throw Trouble.of("send.mirrorScrap", sheet.lane().name());
      }
      out.add(turned ? sheet.mapped(Repeats.mirror(90, new Point(sheet.supply().size().width() / 2, 0))) : sheet);
    }
    return out;
  }

  /** The cuts of printed sheets with several pieces, as they lie on the paper: once for all sheets that are cut alike. */
  private static List<CutSheet> ganged(Job job, FileOrder order, List<String> lanes) throws Trouble {
    List<CutSheet> out = new ArrayList<>();
    for (Lane lane : job.cutting().lanes().stream().filter(l -> lanes.contains(l.id())).toList()) {
      List<List<CutLine>> known = new ArrayList<>();
      for (List<Face> faces : Imposition.alike(job, faces(job, order))) {
        GangPages pages = GangPages.of(job, faces, order.options());
        for (int sheet = 0; sheet < pages.differing(); sheet++) {
          List<CutLine> lines = pages.cuts(sheet, faces.get(0).id()).stream().filter(l -> l.lane().equals(lane.id())).toList();
          if (!lines.isEmpty() && known.stream().noneMatch(k -> alike(k, lines))) {
            known.add(lines);
            Supply paper = new Supply(pages.paper(), 0, false, Optional.empty());
            out.add(new CutSheet(lane, known.size(), paper, List.of(), lines, pages.paper().height(), 1 - pages.waste()));
          }
        }
      }
    }
    if (out.isEmpty()) {
      throw Trouble.of("send.nothingToCut");
    }
    return out;
  }

  private static boolean alike(List<CutLine> a, List<CutLine> b) {
    return a.stream().map(CutLine::path).toList().equals(b.stream().map(CutLine::path).toList());
  }

  /** Which lanes of a file are a mirror image. */
  static Measured.Line mirrored(Job job, FileOrder order) {
    List<String> lanes = lanes(job, order);
    String names = job.cutting().lanes().stream().filter(l -> lanes.contains(l.id()) && order.how().mirror().orElse(job.mirrorsHere(l)))
        .map(Lane::name)
        .collect(Collectors.joining(", "));
    String said = names.isEmpty() ? Wording.text("proof.asItStands") : Wording.text("proof.mirrored", names);
    return new Measured.Line(Wording.text("proof.hand"), said, said, true);
  }
}
