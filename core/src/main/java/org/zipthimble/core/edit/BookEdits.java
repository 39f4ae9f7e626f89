package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.FaceForm;
import org.zipthimble.core.job.Fold;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Edits of how faces are made: their own sizes, folds, and how they are bound. */
public final class BookEdits {
  private BookEdits() {}

  /** Binds the faces, or leaves them loose. */
  public static Edit bind(Optional<Book> book) {
    return new Edit(Wording.text(book.isPresent() ? "edit.book" : "edit.noBook"), job -> job.withBook(book));
  }

  /** Changes how they are bound; loose faces stay loose. */
  public static Edit book(UnaryOperator<Book> change) {
    return new Edit(Wording.text("edit.book"), job -> job.withBook(job.book().map(change)));
  }

  /** Puts blank pages before the back cover until their number can be bound. */
  public static Edit filled() {
    return new Edit(Wording.text("edit.blankPages"), job -> {
      List<Face> pages = job.pages();
      int lacking = job.book().isEmpty() || pages.isEmpty() ? 0 : job.book().get().binding().lacking(pages.size());
      Job out = job;
      for (int i = 0; i < lacking && out.faces().size() < Job.MOST_FACES; i++) {
        List<Face> faces = new ArrayList<>(out.faces());
        int last = faces.indexOf(out.pages().get(out.pages().size() - 1));
        faces.add(pages.size() == 1 ? last + 1 : last,
            Face.of(FactDesigns.nextId(out), Wording.text("face.numbered", out.pages().size()), List.of()));
        out = out.withFaces(faces);
      }
      return out;
    });
  }

  /** Folds a face; none leaves it flat. */
  public static Edit fold(String faceId, Optional<Fold> fold) {
    return formed(faceId, "edit.fold", f -> f.withFold(fold));
  }

  /** Gives a face a size of its own; none gives it that of the ticket. */
  public static Edit size(String faceId, Optional<Size> size) {
    return formed(faceId, "edit.faceSize", f -> f.withSize(size));
  }

  private static Edit formed(String faceId, String key, UnaryOperator<FaceForm> change) {
    return new Edit(Wording.text(key), job -> job.changed(faceId, f -> f.withForm(change.apply(f.form()))));
  }
}
