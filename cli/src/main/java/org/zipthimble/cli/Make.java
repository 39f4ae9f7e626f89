package org.zipthimble.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PdfPress;
import org.zipthimble.core.paint.TiffFile;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.send.Choice;
import org.zipthimble.core.send.Content;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.OutputFormat;
import org.zipthimble.core.send.OutputFormats;
import org.zipthimble.core.send.SendOptions;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Register;
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
@Command(name = "make", description = "Writes files from a job; the kind goes by the file's ending.", mixinStandardHelpOptions = true,
    versionProvider = Main.Version.class)
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

  @Option(names = "--packing", paramLabel = "lzw|zip", description = "of TIFF files")
  private String packing;

  @Option(names = "--pictures", paramLabel = "ink|screen|as-came", description = "what becomes of pictures in a PDF for a press")
  private String pictures;

  @Option(names = "--most-ppi", paramLabel = "N", description = "pictures finer than this are made coarser in a PDF")
  private Double mostPpi;

  @Option(names = "--as", paramLabel = "pages|design|sheets|assembly|proof|traveller",
      description = "what a file for a cutter holds: the design as it stands, the sheets as they are cut (a file each), how a split "
          + "design is put together (.pdf), a proof to sign or the traveller for the press (.pdf)")
  private String as;

  @Option(names = "--rows", paramLabel = "FILE",
      description = "a list (.csv, .tsv, .xlsx) whose columns fill the fields: a page for each row and face")
  private Path rows;

  @Option(names = "--lane", paramLabel = "NAME", description = "one lane only, by its name")
  private String lane;

  @Option(names = "--stand-in", description = "cut words in the stand-in face where theirs is missing")
  private boolean standIn;

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    try {
      if (ppi != null) {
        within(ppi, FileOrder.LEAST_PPI, FileOrder.MOST_PPI);
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
    Job read = rows == null ? ThimbleFile.open(job) : Main.filled(ThimbleFile.open(job), rows);
    PageOptions options = options(read);
    boolean cut = Imposition.ganged(options) && Register.wanted(read);
    Optional<Path> other = Optional.empty();
    for (Path file : rows == null ? List.<Path>of() : files) {
      OutputFormat format = OutputFormats.of(String.valueOf(file.getFileName()));
      other = other.isEmpty() && !format.pixels() && !format.id().equals("pdf") && !cut ? Optional.of(file) : other;
    }
    if (other.isPresent()) {
      throw Trouble.of("cli.rowsPdf", other.get().getFileName());
    }
    boolean right = true;
    List<FileOrder> orders = new ArrayList<>();
    for (Path file : files) {
      orders.add(order(read, options, file));
    }
    chosen(orders);
    // What would go wrong is looked for while the files are made.
    CompletableFuture<List<Finding>> checked = CompletableFuture.supplyAsync(() -> Checks.run(read));
    for (FileOrder order : orders) {
      for (Measured measured : Sender.send(read, order, Progress.SILENT)) {
        print(out, measured);
        right &= measured.right();
      }
    }
    int counted = (int) checked.join().stream().filter(f -> f.weight().counts()).count();
    if (counted > 0) {
      out.println(Wording.text("cli.findings", counted));
    }
    return right ? 0 : NOT_AS_ASKED;
  }

  private FileOrder order(Job read, PageOptions options, Path file) throws Trouble {
    OutputFormat format = OutputFormats.of(String.valueOf(file.getFileName()));
    Optional<Content> content = as == null ? Optional.empty() : Optional.of(content());
    Optional<String> id = Optional.empty();
    if (lane != null) {
      id = Optional.of(read.cutting().lanes().stream().filter(l -> l.name().equalsIgnoreCase(lane)).findFirst()
          .orElseThrow(() -> Trouble.of("send.noLane", lane)).id());
    }
    FileOrder order = new FileOrder(
        file, content, face == null ? OptionalInt.empty() : OptionalInt.of(face), id, ppi == null ? read.ticket().ppi() : ppi, options,
        how(), standIn);
    format.check(read, order);
    return order;
  }

  private Content content() throws Trouble {
    return Arrays.stream(Content.values()).filter(c -> c.word().equalsIgnoreCase(as)).findFirst().orElseThrow(() -> Trouble.of(
        "cli.noSuchWhat", as, Arrays.stream(Content.values()).map(Content::word).collect(Collectors.joining(", "))));
  }

  /** Refuses what was chosen and is of no meaning for any of the files. */
  private void chosen(List<FileOrder> orders) throws Trouble {
    Map<Choice, Object> said = new EnumMap<>(Choice.class);
    said.put(Choice.QUALITY, quality);
    said.put(Choice.PACKING, packing);
    said.put(Choice.PICTURES, pictures);
    said.put(Choice.MOST_PPI, mostPpi);
    said.put(Choice.RESOLUTION, ppi);
    said.put(Choice.BLEED, bleed);
    said.put(Choice.MIRROR, mirror);
    said.put(Choice.OPEN, open ? true : null);
    said.put(Choice.PLAIN, plain ? true : null);
    for (Map.Entry<Choice, Object> one : said.entrySet()) {
      boolean meant = one.getValue() == null;
      for (FileOrder order : orders) {
        OutputFormat format = OutputFormats.of(String.valueOf(order.file().getFileName()));
        meant |= format.choices(format.content(order)).contains(one.getKey());
      }
      if (!meant) {
        throw Trouble.of("cli.noChoice", one.getKey().title(), OutputFormats.all().stream()
            .filter(f -> f.contents().stream().anyMatch(c -> f.choices(c).contains(one.getKey()))).map(OutputFormat::ending)
            .collect(Collectors.joining(", ")));
      }
    }
  }

  private SendOptions how() throws Trouble {
    SendOptions how = SendOptions.USUAL.withPlain(plain).withOpen(open)
        .withMirror(mirror == null ? Optional.empty() : Optional.of(Switch.or(mirror, false)));
    if (quality != null) {
      how = how.withQuality(within(quality, 30, 100) / 100);
    }
    if (mostPpi != null) {
      how = how.withMostPpi(within(mostPpi, FileOrder.LEAST_PPI, FileOrder.MOST_PPI));
    }
    if (packing != null) {
      how = how.withPacking(Arrays.stream(TiffFile.Packing.values()).filter(v -> v.name().equalsIgnoreCase(packing)).findFirst()
          .orElseThrow(() -> Trouble.of("cli.noSuchPacking", packing)));
    }
    if (pictures == null) {
      return how;
    }
    return switch (pictures) {
      case "ink" -> how.withPictures(PdfPress.Pictures.INK);
      case "screen" -> how.withPictures(PdfPress.Pictures.SCREEN);
      case "as-came" -> how.withPictures(PdfPress.Pictures.AS_CAME);
      default -> throw Trouble.of("cli.noSuchPictures", pictures);
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
    SheetPlan laid = plan.withOnPaper(Switch.or(sheet, plan.onPaper()));
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
