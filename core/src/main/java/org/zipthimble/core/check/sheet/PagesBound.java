package org.zipthimble.core.check.sheet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.JobCheck;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.edit.BookEdits;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/** A number of pages that cannot be bound: odd, or for folded and stapled sheets not in fours. */
public final class PagesBound extends JobCheck {
  @Override
  public Set<String> codes() {
    return Set.of("pages-bound");
  }

  @Override
  public List<Finding> examine(Job job) {
    int lacking = lacking(job);
    if (lacking == 0) {
      return List.of();
    }
    Face last = job.pages().get(job.pages().size() - 1);
    Book.Binding binding = job.book().orElseThrow().binding();
    return List.of(Finding.worded("pages-bound", Weight.RUIN, last.id(), Optional.empty(), job.frame(last).trim(), job.pages().size(),
        job.pages().size() + lacking,
        Wording.of(binding), job.pages().size(), job.pages().size() + lacking, binding.pages()));
  }

  private static int lacking(Job job) {
    int pages = job.pages().size();
    return job.book().isEmpty() || pages == 0 ? 0 : job.book().get().binding().lacking(pages);
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    int lacking = lacking(job);
    return lacking == 0 ? List.of() : List.of(new Mend("mend.blankPages", BookEdits.filled(), List.of(String.valueOf(lacking))));
  }
}
