package org.zipthimble.core.check.sheet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.JobCheck;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.wording.Wording;

/** What is pressed and not mirrored: it reads the wrong way round on the blank. */
public final class TransferMirror extends JobCheck {
  @Override
  public Set<String> codes() {
    return Set.of("transfer-unmirrored");
  }

  @Override
  public List<Finding> examine(Job job) {
    boolean wrong = job.process().mirrored() && !job.ticket().mirror() && job.making().by() == Making.MirrorBy.PROGRAM;
    return wrong ? List.of(Finding.worded(
        "transfer-unmirrored", Weight.RUIN, job.faces().get(0).id(), Optional.empty(), job.frame(job.faces().get(0)).trim(), 0, 1,
        job.process().title())) : List.of();
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    return List.of(new Mend("mend.transfer", new Edit(Wording.text("edit.mirror"), j -> j.withTicket(j.ticket().withMirror(true)))));
  }
}
