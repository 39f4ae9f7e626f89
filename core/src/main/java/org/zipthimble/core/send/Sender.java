package org.zipthimble.core.send;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.Bands;
import org.zipthimble.core.paint.InkBands;
import org.zipthimble.core.paint.JpegFile;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.paint.PdfPress;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.paint.TiffFile;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.sheet.Pages;
import org.zipthimble.core.store.SafeWrite;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Writes output files and reads each back from the disk. */
public final class Sender {
  private static final double WRITTEN = 0.7;
  private static final double PAINTED = 0.95;

  private Sender() {}

  /**
   * Carries an order out: PDF as one file with all its faces, PNG and JPEG as one file for each face. The
   * first has the name that was asked for; the others carry their face's name as well.
   *
   * @return what each written file measures
   * @throws Trouble when the order cannot be met; no half file is left
   */
  public static List<Measured> send(Job job, Order order, Progress progress) throws Trouble, Stopped {
    Format format = Format.of(order.file().getFileName().toString());
    if (format.cuts()) {
      return CutSender.send(job, new CutOrder(order.file(), CutOrder.What.DESIGN, Optional.empty()), progress);
    }
    List<DrawnPage> pages = new ArrayList<>();
    for (Face face : faces(job, order)) {
      pages.add(Pages.of(job, face, order.options().withCuts(format == Format.PDF)));
    }
    try {
      return format.pixels() ? pixels(job, order, format, pages, progress) : List.of(pdf(job, order, pages, progress));
    } catch (OutOfMemoryError e) {
      throw Trouble.because(e, "send.memory", order.file().getFileName());
    } catch (IOException | IllegalStateException e) {
      throw Trouble.because(e, "send.failed", order.file().getFileName(), String.valueOf(e.getMessage()));
    }
  }

  /** The files an order will write, in the order of the faces. */
  public static List<Path> files(Job job, Order order) throws Trouble {
    List<Face> faces = faces(job, order);
    List<Path> files = new ArrayList<>();
    files.add(order.file());
    String name = order.file().getFileName().toString();
    if (Format.of(name).pixels()) {
      String ending = name.substring(name.length() - Format.of(name).endingOf(name).length());
      String stem = name.substring(0, name.length() - ending.length());
      for (int i = 1; i < faces.size(); i++) {
        String faceName = faces.get(i).name().replaceAll("[^\\p{L}\\p{N}]+", "-");
        Path file = order.file().resolveSibling(stem + "-" + faceName + ending);
        files.add(files.contains(file) ? order.file().resolveSibling(stem + "-" + (i + 1) + ending) : file);
      }
    }
    return files;
  }

  private static List<Face> faces(Job job, Order order) throws Trouble {
    if (order.face().isEmpty()) {
      return job.faces();
    }
    int face = order.face().getAsInt();
    if (face < 1 || face > job.faces().size()) {
      throw Trouble.of("send.noFace", face, job.faces().size());
    }
    return List.of(job.faces().get(face - 1));
  }

  private static Measured pdf(Job job, Order order, List<DrawnPage> pages, Progress progress)
      throws Trouble, Stopped, IOException {
    Optional<PdfPress> press = inks(job, order) ? Optional.of(press(job, order)) : Optional.empty();
    byte[] bytes = PdfPainter.bytes(job.name(), pages, press, order.manner().mostPpi(), part(progress, 0, WRITTEN));
    progress.step(WRITTEN);
    SafeWrite.write(order.file(), bytes);
    Measured measured = press.isPresent() ? ReadBack.press(order.file(), pages, press.get().inking(), job.ticket().unit()) : ReadBack.pdf(order.file(), pages, job.ticket().unit());
    progress.at(1);
    return measured;
  }

  private static boolean inks(Job job, Order order) {
    return job.colour().to().inks() && !order.manner().plain();
  }

  private static PdfPress press(Job job, Order order) {
    boolean shipped = job.colour().own().isEmpty();
    return new PdfPress(job.colour().inking(job.palette()), shipped ? "CGATS TR 006" : "Custom", order.manner().pictures());
  }

  private static void tiff(Job job, Order order, DrawnPage page, Path file, Halvings pictures, Progress progress) throws Trouble, Stopped {
    boolean press = inks(job, order);
    Inking inking = job.colour().inking(job.palette());
    Bands bands = new Bands(press ? InkBands.without(page, inking) : page, order.ppi(), pictures);
    Optional<InkBands> inks = press ? Optional.of(new InkBands(page, order.ppi(), inking, pictures)) : Optional.empty();
    byte[] profile = press ? job.colour().profile().bytes() : ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
    SafeWrite.write(file, out -> TiffFile.write(bands, inks, order.manner().packing(), profile, out, progress), () -> { });
  }

  private static List<Measured> pixels(Job job, Order order, Format format, List<DrawnPage> pages, Progress progress)
      throws Trouble, Stopped {
    List<Path> files = files(job, order);
    List<Measured> measured = new ArrayList<>();
    Halvings pictures = new Halvings();
    for (int i = 0; i < pages.size(); i++) {
      double share = 1.0 / pages.size();
      Progress here = part(progress, i * share, share * PAINTED);
      if (format == Format.TIFF) {
        tiff(job, order, pages.get(i), files.get(i), pictures, here);
        measured.add(ReadBack.tiff(files.get(i), pages.get(i), order.ppi(), job.ticket().unit(), inks(job, order)));
        continue;
      }
      if (format == Format.JPEG) {
        Optional<JpegFile.Inks> inks = jpegInks(job, order, pages.get(i), pictures);
        Bands bands = jpegBands(job, order, pages.get(i), pictures);
        SafeWrite.write(files.get(i), out -> JpegFile.write(bands, order.manner().quality(), inks, out, here), () -> { });
        measured.add(ReadBack.jpeg(files.get(i), pages.get(i), order.ppi(), job.ticket().unit()));
      } else {
        Bands bands = order.manner().open() ? Bands.open(pages.get(i), order.ppi(), pictures) : new Bands(pages.get(i), order.ppi(), pictures);
        SafeWrite.write(files.get(i), out -> PngFile.write(bands, out, here), () -> { });
        measured.add(ReadBack.png(files.get(i), pages.get(i), order.ppi(), job.ticket().unit()));
      }
    }
    progress.at(1);
    return measured;
  }

  private static Bands jpegBands(Job job, Order order, DrawnPage page, Halvings pictures) throws Trouble {
    return new Bands(inks(job, order) ? InkBands.without(page, job.colour().inking(job.palette())) : page, order.ppi(), pictures);
  }

  private static Optional<JpegFile.Inks> jpegInks(Job job, Order order, DrawnPage page, Halvings pictures) {
    return inks(job, order)
        ? Optional.of(new JpegFile.Inks(new InkBands(page, order.ppi(), job.colour().inking(job.palette()), pictures), job.colour().profile().bytes()))
        : Optional.empty();
  }

  /**
   * About how many bytes a JPEG file of a face will have, judged by coding some of its bands.
   *
   * @param face by its number from 1
   */
  public static long estimate(Job job, Order order, int face, Halvings pictures, Progress progress) throws Trouble, Stopped {
    DrawnPage page = Pages.of(job, job.faces().get(face - 1), order.options());
    try {
      return JpegFile.estimate(jpegBands(job, order, page, pictures), order.manner().quality(), jpegInks(job, order, page, pictures), progress);
    } catch (IOException e) {
      throw Trouble.because(e, "send.failed", order.file().getFileName(), String.valueOf(e.getMessage()));
    }
  }

  private static Progress part(Progress whole, double from, double share) {
    return new Progress() {
      @Override
      public void at(double fraction) {
        whole.at(from + share * fraction);
      }

      @Override
      public boolean stopped() {
        return whole.stopped();
      }
    };
  }
}
