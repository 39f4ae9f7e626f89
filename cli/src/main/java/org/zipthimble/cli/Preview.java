package org.zipthimble.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.zipthimble.core.store.JobPreview;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes the small picture that a job carries; file managers show it in place of an icon. */
@Command(name = "preview", mixinStandardHelpOptions = true, versionProvider = Main.Version.class,
    description = "Writes the small picture that a job carries, as PNG. Exits 2 when the job cannot be read or carries none.")
final class Preview implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "JOB", description = "the .thimble file")
  private Path job;

  @Option(names = "--to", required = true, paramLabel = "FILE", description = "where the picture goes")
  private Path to;

  @Option(names = "--size", paramLabel = "PIXELS", defaultValue = "256", description = "the longer side at most, 16 to 1024; usually 256")
  private int size;

  @Override
  public Integer call() {
    try {
      if (size < JobPreview.LEAST || size > JobPreview.MOST) {
        throw Trouble.of("cli.preview.size", JobPreview.LEAST, JobPreview.MOST, size);
      }
      JobPreview.write(job, to, size);
      return 0;
    } catch (Trouble e) {
      spec.commandLine().getErr().println(e.getMessage());
      return Main.UNREADABLE;
    }
  }
}
