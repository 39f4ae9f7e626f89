package org.zipthimble.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import org.zipthimble.core.check.Checks;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SheetPlan;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.send.CutOrder;
import org.zipthimble.core.send.CutSender;
import org.zipthimble.core.send.Format;
import org.zipthimble.core.paint.PdfPress;
import org.zipthimble.core.send.SendOptions;
import org.zipthimble.core.send.Order;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes output files from a job and says what each measures. */
@Command(name = "make", description = "Writes files from a job; the kind goes by the file's ending: .pdf, .png, .jpg; for cutters .svg, .dxf, .plt.", mixinStandardHelpOptions = true)
final class Make implements Callable<Integer> {
  private static final int NOT_AS_ASKED = 1;

  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "JOB", description = "the .thimble file")
  private Path job;

  @Option(names = "--to", paramLabel = "FILE", required = true, description = "what to write; may be given more than once")
  private List<Path> files;

  @Option(names = "--face", paramLabel = "N", description = "one face only, from 1")
  private Integer face;

  @Option(names = "--ppi", paramLabel = "N", description = "pixels per inch of picture files (the ticket's without it)")
  private Double ppi;

  @Option(names = "--bleed", paramLabel = "on|off", description = "with the bleed (on) or trimmed (off)")
  private Switch bleed;

  @Option(names = "--mirror", paramLabel = "on|off", description = "left for right, whatever the ticket says")
  private Switch mirror;

  @Option(names = "--sheet", paramLabel = "on|off", description = "on the job's paper, or the item alone")
  private Switch sheet;

  @Option(names = "--plain", description = "in RGB, even though the job goes to a press")
  private boolean plain;

  @Option(names = "--open", description = "PNG: see-through where nothing is printed")
  private boolean open;

  @Option(names = "--quality", paramLabel = "PERCENT", description = "of JPEG files, 30 to 100")
  private Double quality;

  @Option(names = "--pictures", paramLabel = "ink|screen|as-came", description = "what becomes of pictures in a PDF for a press")
  private String pictures;

  @Option(names = "--most-ppi", paramLabel = "N", description = "pictures finer than this are made coarser in a PDF")
  private Double mostPpi;

  @Option(names = "--as", paramLabel = "pages|design|sheets|assembly",
      description = "what a file for a cutter holds: the design as it stands, the sheets as they are cut (a file each), or how a split design is put together (.pdf)")
  private String as;

  @Option(names = "--lane", paramLabel = "NAME", description = "one lane only, by its name")
  private String lane;

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    try {
      if (ppi != null) {
        within(ppi, Order.LEAST_PPI, Order.MOST_PPI);
      }
      for (Path file : files) {
        Format.of(String.valueOf(file.getFileName()));
      }
      return write(out);
    } catch (Trouble e) {
      spec.commandLine().getErr().println(e.getMessage());
      return Main.UNREADABLE;
    } catch (Stopped e) {
      throw new IllegalStateException("nobody stops a command", e);
    }
  }

  private int write(PrintWriter out) throws Trouble, Stopped {
    Job read = ThimbleFile.open(job);
    PageOptions options = options(read);
    boolean right = true;
    for (Path file : files) {
      OptionalInt one = face == null ? OptionalInt.empty() : OptionalInt.of(face);
      Order order = new Order(file, one, ppi == null ? read.ticket().ppi() : ppi, options, manner());
      Optional<CutOrder> cuts = cuts(read, file);
      List<Measured> all = cuts.isPresent() ? CutSender.send(read, cuts.get(), Progress.SILENT) : Sender.send(read, order, Progress.SILENT);
      for (Measured measured : all) {
        print(out, measured);
        right &= measured.right();
      }
    }
    List<Finding> findings = Checks.run(read);
    if (!findings.isEmpty()) {
      out.println(Wording.counted("cli.findings", findings.size()));
    }
    return right ? 0 : NOT_AS_ASKED;
  }

  /** What is asked for a cutter: by the option, else by the kind of file. */
  private Optional<CutOrder> cuts(Job read, Path file) throws Trouble {
    Format format = Format.of(String.valueOf(file.getFileName()));
    String word = as != null ? as : !format.cuts() ? "pages" : format == Format.PLOTTER ? "sheets" : "design";
    if (word.equals("pages") && !format.cuts()) {
      return Optional.empty();
    }
    Optional<String> id = Optional.empty();
    if (lane != null) {
      id = Optional.of(read.cutting().lanes().stream().filter(l -> l.name().equalsIgnoreCase(lane)).findFirst()
          .orElseThrow(() -> Trouble.of("send.noLane", lane)).id());
    }
    return switch (word) {
      case "design" -> Optional.of(new CutOrder(file, CutOrder.What.DESIGN, id));
      case "sheets" -> Optional.of(new CutOrder(file, CutOrder.What.SHEETS, id));
      case "assembly" -> Optional.of(new CutOrder(file, CutOrder.What.ASSEMBLY, id));
      default -> throw Trouble.of("send.noSuchWhat", word);
    };
  }

  private SendOptions manner() throws Trouble {
    SendOptions manner = SendOptions.USUAL.withPlain(plain).withOpen(open);
    if (quality != null) {
      manner = manner.withQuality(within(quality, 30, 100) / 100);
    }
    if (mostPpi != null) {
      manner = manner.withMostPpi(within(mostPpi, Order.LEAST_PPI, Order.MOST_PPI));
    }
    if (pictures == null) {
      return manner;
    }
    return switch (pictures) {
      case "ink" -> manner.withPictures(PdfPress.Pictures.INK);
      case "screen" -> manner.withPictures(PdfPress.Pictures.SCREEN);
      case "as-came" -> manner.withPictures(PdfPress.Pictures.AS_CAME);
      default -> throw Trouble.of("send.noSuchPictures", pictures);
    };
  }

  private static double within(double value, double least, double most) throws Trouble {
    if (!(value >= least && value <= most)) {
      throw Trouble.of("number.range", Lengths.plain(value, 2), Lengths.plain(least, 0), Lengths.plain(most, 0));
    }
    return value;
  }

  private PageOptions options(Job read) {
    PageOptions usual = PageOptions.of(read);
    SheetPlan plan = read.sheet();
    SheetPlan laid = new SheetPlan(Switch.or(sheet, plan.onPaper()), plan.paper(), plan.cropMarks());
    return PageOptions.of(Switch.or(bleed, usual.bleed()), Switch.or(mirror, usual.mirror()), laid);
  }

  private static void print(PrintWriter out, Measured measured) {
    out.println(Wording.text("cli.wrote", measured.file(), measured.bytes()));
    for (Measured.Line line : measured.lines()) {
      String key = line.right() ? "cli.measured" : "cli.measuredOther";
      out.println("  " + Wording.text(key, line.name(), line.found(), line.wanted()));
    }
  }
}
