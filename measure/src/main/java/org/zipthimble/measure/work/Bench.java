package org.zipthimble.measure.work;

import java.io.IOException;
import java.io.PrintWriter;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.sheet.Imposition;
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

/** States how long the main work takes on a job, in CPU time of this thread. */
@Command(name = "bench", description = "States the CPU time of opening, checking, PDF and PNG on a job.", mixinStandardHelpOptions = true)
final class Bench implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "JOB", arity = "0..1", description = "the .thimble file")
  private Path job;

  @Option(names = "--make", paramLabel = "FOLDER", description = "only makes the large jobs that docs/speed.md speaks of")
  private Path folder;

  @Option(names = "--only", paramLabel = "WORK", description = "only one of: open, save, check, pdf, png300")
  private String only;

  @Option(names = "--runs", defaultValue = "9", description = "how many times (9 without it)")
  private int runs;

  /** A piece of work to time. */
  private interface Work {
    Object run() throws Trouble, Stopped, IOException;
  }

  @Override
  public Integer call() throws Stopped, IOException {
    try {
      if (folder != null) {
        BenchJobs.write(folder);
        return 0;
      }
      if (job == null) {
        throw Trouble.of("cli.benchNothing");
      }
      Job read = ThimbleFile.open(job);
      time("open", () -> ThimbleFile.open(job));
      time("save", () -> saved(read));
      time("check", () -> Checks.run(read));
      time("pdf", () -> PdfPainter.bytes(read.name(), Imposition.of(read, PageOptions.of(read)), Progress.SILENT));
      time("png300", () -> PngFile.bytes(
          RasterPainter.paint(Imposition.of(read, read.faces().get(0), PageOptions.of(read)), 300, new Halvings(), Progress.SILENT), 300));
      return 0;
    } catch (Trouble e) {
      spec.commandLine().getErr().println(e.getMessage());
      return org.zipthimble.cli.Main.UNREADABLE;
    }
  }

  private static Path saved(Job read) throws Trouble, IOException {
    Path file = Files.createTempFile("bench", ThimbleFile.ENDING);
    ThimbleFile.save(read, file);
    Files.delete(file);
    return file;
  }

  private void time(String what, Work work) throws Trouble, Stopped, IOException {
    if (only != null && !only.equals(what)) {
      return;
    }
    ThreadMXBean clock = ManagementFactory.getThreadMXBean();
    List<Double> seconds = new ArrayList<>();
    for (int i = 0; i < Math.max(1, runs); i++) {
      long begun = clock.getCurrentThreadCpuTime();
      if (work.run() == null) {
        throw new IllegalStateException("the work gave nothing");
      }
      seconds.add((clock.getCurrentThreadCpuTime() - begun) / 1e9);
    }
    PrintWriter out = spec.commandLine().getOut();
    double first = seconds.get(0);
    Collections.sort(seconds);
    out.println(Wording.text(
        "cli.bench", what, Lengths.plain(first, 3), Lengths.plain(seconds.get(seconds.size() / 2), 3),
        Lengths.plain(seconds.get(seconds.size() - 1), 3)));
  }
}
