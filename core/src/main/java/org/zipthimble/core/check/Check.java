package org.zipthimble.core.check;

import java.util.List;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;

/** One kind of question asked of a face. */
interface Check {
  /** Every finding of this kind, never only the first. */
  List<Finding> look(Job job, Face face, JobFonts fonts);
}
