package org.zipthimble.core.send;

import java.nio.file.Path;
import java.util.List;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Writes output files by the kind that their name tells. */
public final class Sender {
  private Sender() {}

  /**
   * Carries an order out and reads each written file back from the disk.
   *
   * @return what each written file measures
   * @throws Trouble when the order makes no sense or cannot be met; no half file is left
   */
  public static List<Measured> send(Job job, FileOrder order, Progress progress) throws Trouble, Stopped {
    return OutputFormats.of(String.valueOf(order.file().getFileName())).send(job, order, progress);
  }

  /** The files an order will write, in the order they are written. */
  public static List<Path> files(Job job, FileOrder order) throws Trouble {
    return OutputFormats.of(String.valueOf(order.file().getFileName())).files(job, order);
  }
}
