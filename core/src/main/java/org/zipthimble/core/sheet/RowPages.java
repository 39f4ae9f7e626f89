package org.zipthimble.core.sheet;

import java.util.List;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.wording.Trouble;

/** The faces of a job for every row of its list that is sent, one row after another; each row binds when its first page is asked for. */
final class RowPages implements PageRun {
  private final Job job;
  private final List<String> faces;
  private final PageOptions options;
  private final List<Integer> rows;
  private int boundRow = -1;
  private Job bound;

  RowPages(Job job, List<Face> faces, PageOptions options) {
    this.job = job;
    this.faces = faces.stream().map(Face::id).toList();
    this.options = options;
    this.rows = job.list().map(RowList::sent).orElse(List.of());
  }

  @Override
  public int count() {
    return rows.size() * faces.size();
  }

  @Override
  public DrawnPage at(int index) throws Trouble {
    Job now = bound(rows.get(index / faces.size()));
    Face face = now.face(faces.get(index % faces.size())).orElseThrow();
    return Imposition.of(now, face, job.face(face.id()).orElseThrow(), options);
  }

  private synchronized Job bound(int row) {
    if (row != boundRow) {
      bound = Filling.bound(job, row);
      boundRow = row;
    }
    return bound;
  }
}
