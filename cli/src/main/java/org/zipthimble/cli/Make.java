package org.zipthimble.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import org.zipthimble.core.check.Checks;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SheetPlan;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.send.Format;
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
@Command(name = "make", description = "Writes files from a job; the kind goes by the file's ending (.pdf, .png).", mixinStandardHelpOptions = true)
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

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    try {
      if (ppi != null && !(ppi >= Order.LEAST_PPI && ppi <= Order.MOST_PPI)) {
        throw Trouble.of("number.range", Lengths.plain(ppi, 2), Lengths.plain(Order.LEAST_PPI, 0), Lengths.plain(Order.MOST_PPI, 0));
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
      Order order = new Order(file, one, ppi == null ? read.ticket().ppi() : ppi, options);
      for (Measured measured : Sender.send(read, order, Progress.SILENT)) {
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

  private PageOptions options(Job read) {
    PageOptions usual = PageOptions.of(read);
    SheetPlan plan = read.sheet();
    SheetPlan laid = new SheetPlan(Switch.or(sheet, plan.onPaper()), plan.paper(), plan.cropMarks());
    return new PageOptions(Switch.or(bleed, usual.bleed()), Switch.or(mirror, usual.mirror()), laid);
  }

  private static void print(PrintWriter out, Measured measured) {
    out.println(Wording.text("cli.wrote", measured.file(), measured.bytes()));
    for (Measured.Line line : measured.lines()) {
      String key = line.right() ? "cli.measured" : "cli.measuredOther";
      out.println("  " + Wording.text(key, line.name(), line.found(), line.wanted()));
    }
  }
}
