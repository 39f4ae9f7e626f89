package org.zipthimble.core.send;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.zipthimble.core.cut.Assembly;
import org.zipthimble.core.cut.CutSheet;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.cut.Stroke;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.CutKind;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Lane;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.DxfFile;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.paint.SvgFile;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.proof.VectorBack;
import org.zipthimble.core.store.SafeWrite;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Writes files for cutters and reads each back from the disk. */
public final class CutSender {
  private CutSender() {}

  /**
   * Carries an order out.
   *
   * @return what each written file measures
   * @throws Trouble when there is nothing to cut or a file cannot be written; no half file is left
   */
  public static List<Measured> send(Job job, CutOrder order, Progress progress) throws Trouble, Stopped {
    Format format = Format.of(order.file().getFileName().toString());
    List<String> lanes = order.lane().map(List::of).orElseGet(() -> job.cutting().lanes().stream().map(Lane::id).toList());
    try {
      if (order.what() == CutOrder.What.ASSEMBLY || format == Format.PDF) {
        return List.of(pdf(job, order, lanes, progress));
      }
      if (order.what() == CutOrder.What.DESIGN && format != Format.PLOTTER) {
        VectorSheet sheet = CutDrawings.design(job, lanes);
        return List.of(vector(job, order.file(), format, sheet));
      }
      List<CutSheet> sheets = sheets(job, lanes);
      List<Measured> out = new ArrayList<>();
      for (int i = 0; i < sheets.size(); i++) {
        progress.step((double) i / sheets.size());
        Path file = file(order.file(), format, sheets.size(), i);
        if (format == Format.PLOTTER) {
          String text = CutDrawings.plotter(sheets.get(i));
          SafeWrite.write(file, text.getBytes(StandardCharsets.US_ASCII));
          out.add(VectorBack.plotter(file, CutDrawings.size(sheets.get(i)), downs(sheets.get(i)), job.ticket().unit()));
        } else {
          out.add(vector(job, file, format, CutDrawings.sheet(job, sheets.get(i))));
        }
      }
      progress.at(1);
      return out;
    } catch (IOException | IllegalStateException e) {
      throw Trouble.because(e, "send.failed", order.file().getFileName(), String.valueOf(e.getMessage()));
    }
  }

  /** The files an order writes. */
  public static List<Path> files(Job job, CutOrder order) throws Trouble {
    Format format = Format.of(order.file().getFileName().toString());
    if (format == Format.PDF || order.what() != CutOrder.What.SHEETS && format != Format.PLOTTER) {
      return List.of(order.file());
    }
    List<String> lanes = order.lane().map(List::of).orElseGet(() -> job.cutting().lanes().stream().map(Lane::id).toList());
    List<CutSheet> sheets = sheets(job, lanes);
    List<Path> out = new ArrayList<>();
    for (int i = 0; i < sheets.size(); i++) {
      out.add(file(order.file(), format, sheets.size(), i));
    }
    return out;
  }

  private static List<CutSheet> sheets(Job job, List<String> lanes) throws Trouble {
    List<CutSheet> sheets = Layout.of(job).sheets().stream().filter(s -> lanes.contains(s.lane().id())).toList();
    if (sheets.isEmpty()) {
      throw Trouble.of("send.nothingToCut");
    }
    return sheets;
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

  private static Path file(Path file, Format format, int count, int index) {
    if (count == 1) {
      return file;
    }
    String name = file.getFileName().toString();
    String ending = name.substring(name.length() - format.endingOf(name).length());
    return file.resolveSibling(name.substring(0, name.length() - ending.length()) + "-" + (index + 1) + ending);
  }

  private static Measured vector(Job job, Path file, Format format, VectorSheet sheet) throws Trouble {
    if (sheet.layers().isEmpty()) {
      throw Trouble.of("send.nothingToCut");
    }
    if (format == Format.SVG) {
      SafeWrite.write(file, SvgFile.text(sheet).getBytes(StandardCharsets.UTF_8));
      return VectorBack.svg(file, sheet, job.ticket().unit());
    }
    SafeWrite.write(file, DxfFile.text(sheet).getBytes(StandardCharsets.US_ASCII));
    return VectorBack.dxf(file, sheet, job.ticket().unit());
  }

  private static Measured pdf(Job job, CutOrder order, List<String> lanes, Progress progress) throws Trouble, Stopped, IOException {
    List<DrawnPage> pages = new ArrayList<>();
    if (order.what() == CutOrder.What.ASSEMBLY) {
      pages.addAll(Assembly.pages(job));
      if (pages.isEmpty()) {
        throw Trouble.of("send.nothingSplit");
      }
    } else {
      for (CutSheet sheet : sheets(job, lanes)) {
        pages.add(CutDrawings.page(job, sheet));
      }
    }
    SafeWrite.write(order.file(), PdfPainter.bytes(job.name(), pages, progress));
    return ReadBack.pdf(order.file(), pages, job.ticket().unit());
  }
}
