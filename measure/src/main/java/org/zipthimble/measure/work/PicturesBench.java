package org.zipthimble.measure.work;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Backdrop;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** States how long a very large picture takes to open, to be retouched on the screen and to leave, and the memory it needs. */
@Command(name = "pictures", description = "States how a very large picture is opened, retouched and sent, and the memory it takes.",
    mixinStandardHelpOptions = true)
final class PicturesBench implements Callable<Integer> {
  private static final double PPI = 300;

  @Spec private CommandSpec spec;

  @Option(names = "--megapixels", paramLabel = "N", description = "1 to 210 (100 without it)")
  private int megapixels = 100;

  @Option(names = "--send", description = "writes a PDF too")
  private boolean send;

  private interface Work {
    Object run() throws Trouble, Stopped, IOException;
  }

  @Override
  public Integer call() {
    try {
      int wide = (int) Math.round(Math.sqrt(Math.max(1, Math.min(210, megapixels)) * 1e6 * 3 / 2));
      int high = wide * 2 / 3;
      byte[] file = png(wide, high);
      say("file of %d x %d pixels, %.0f MB", wide, high, file.length / 1e6);
      Picture picture = (Picture) timed("opened", () -> Pictures.look("field.png", file, Pictures.Limits.USUAL));
      Halvings halvings = new Halvings();
      double share = 1200.0 / wide;
      timed("first preview, 1200 pixels wide", () -> halvings.atLeast(picture, share));
      Retouch how = retouch();
      timed("retouched preview: background, three strokes, patch, look, crop, straightened",
          () -> halvings.atLeast(picture.retouched(how), share));
      timed("one stroke more", () -> halvings.atLeast(picture.retouched(how.rubbed(stroke(0.3, 0.35))), share));
      timed("retouched whole", () -> Pictures.decode(picture.retouched(how)));
      if (send) {
        timed("sent as TIFF at 300 ppi", () -> sent(picture.retouched(how), how));
      }
      return 0;
    } catch (Trouble | Stopped | IOException e) {
      spec.commandLine().getErr().println(e.getMessage());
      return org.zipthimble.cli.Main.UNREADABLE;
    }
  }

  private static Retouch retouch() {
    return Retouch.NONE.withBackdrop(Optional.of(new Backdrop(Colour.WHITE, 0.05, true, 1)))
        .withRubs(List.of(stroke(0.2, 0.2), stroke(0.5, 0.6), stroke(0.7, 0.3)))
        .withPatched(true).looking(PictureLook.LATE_HARVEST, 0.8).withCrop(new Box(0.05, 0.05, 0.9, 0.9)).withStraighten(2);
  }

  private static BrushStroke stroke(double x, double y) {
    return new BrushStroke(List.of(new Point(x, y), new Point(x + 0.1, y + 0.05), new Point(x + 0.15, y)), 0.03, 0.4, false);
  }

  private Object sent(Picture picture, Retouch how) throws Trouble, Stopped, IOException {
    double width = picture.width() / PPI;
    double height = picture.height() / PPI;
    Job job = Job.blank("large", Ticket.usual("Poster", new Size(width, height)), List.of("front"));
    Item photo = new ItemPhoto(ItemProperties.of("i1", "Field"), Placement.of(new Box(0, 0, width, height)), picture.blob().id(), how);
    Picture came = Pictures.look("field.png", picture.blob().bytes(), Pictures.Limits.USUAL);
    Job full = Edits.add("f1", photo, came).change().apply(job);
    java.nio.file.Path file = java.nio.file.Files.createTempFile("zip-thimble", ".tif");
    try {
      return Sender.send(full, FileOrder.of(file, OptionalInt.empty(), PPI, PageOptions.of(full)), Progress.SILENT);
    } finally {
      java.nio.file.Files.deleteIfExists(file);
    }
  }

  private Object timed(String what, Work work) throws Trouble, Stopped, IOException {
    System.gc();
    pools().forEach(MemoryPoolMXBean::resetPeakUsage);
    long start = System.nanoTime();
    Object made = work.run();
    double seconds = (System.nanoTime() - start) / 1e9;
    double peak = pools().mapToLong(p -> p.getPeakUsage().getUsed()).sum() / 1e6;
    say("%s: %.2f s, heap at most %.0f MB%s", what, seconds, peak,
        made instanceof BufferedImage ? String.format(Locale.ROOT, " (%d x %d)", ((BufferedImage) made).getWidth(),
        ((BufferedImage) made).getHeight()) : "");
    return made;
  }

  private static java.util.stream.Stream<MemoryPoolMXBean> pools() {
    return ManagementFactory.getMemoryPoolMXBeans().stream().filter(p -> p.getType() == MemoryType.HEAP);
  }

  private void say(String text, Object... figures) {
    PrintWriter out = spec.commandLine().getOut();
    out.println(String.format(Locale.ROOT, text, figures));
  }

  /** A field of slopes and stripes with a white border. */
  private static byte[] png(int wide, int high) {
    BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_3BYTE_BGR);
    int[] row = new int[wide];
    for (int y = 0; y < high; y++) {
      for (int x = 0; x < wide; x++) {
        boolean edge = x < wide / 20 || y < high / 20 || x > wide - wide / 20 || y > high - high / 20;
        row[x] = edge ? 0xFFFFFF : x * 200 / wide + 30 << 16 | (y / 9 % 2 == 0 ? 120 : 140) << 8 | y * 180 / high + 20;
      }
      image.setRGB(0, y, wide, 1, row, 0, wide);
    }
    return PngFile.bytes(image, PPI);
  }
}
