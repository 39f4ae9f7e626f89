package org.zipthimble.core.send;

import java.util.Optional;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.Bands;
import org.zipthimble.core.paint.InkBands;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.wording.Trouble;

/**
 * A page for a kind of file that may hold inks: in those of the job's press, or in RGB.
 *
 * @param turned whether its pixels are laid left for right
 */
record InkedPage(Job job, FileOrder order, DrawnPage page, Halvings pictures, boolean turned) {
  /** Whether a job's files of kinds that can hold inks leave in inks. */
  static boolean asked(Job job, FileOrder order) {
    return job.colour().to().inks() && !order.how().plain();
  }

  boolean asked() {
    return asked(job, order);
  }

  /** The pixels in RGB. */
  Bands bands() throws Trouble {
    return Bands.of(page, order.ppi(), pictures, false, turned);
  }

  /** The inks; empty where none are asked for. */
  Optional<InkBands> inks() {
    return asked() ? Optional.of(new InkBands(page, order.ppi(), job.colour().inking(job.palette()), pictures, turned)) : Optional.empty();
  }
}
