package org.zipthimble.core.edit;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.job.Columns;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.wording.Wording;

/** Edits of a face's guides. */
public final class GuideEdits {
  private GuideEdits() {}

  /** Adds a guide, unless the face has as many as it may. */
  public static Edit add(String faceId, Guide guide) {
    return of(faceId, "edit.guide.add", g -> g.lines().size() < Guides.MOST ? g.with(guide) : g);
  }

  /** Puts another guide in the place of one. */
  public static Edit change(String faceId, int index, Guide guide) {
    return of(faceId, "edit.guide.move", g -> index < g.lines().size() ? g.changed(index, guide) : g);
  }

  /** Takes a guide away, told by its place in the face's guides from 0. */
  public static Edit remove(String faceId, int index) {
    return of(faceId, "edit.guide.remove", g -> index < g.lines().size() ? g.without(index) : g);
  }

  /** Takes all guides and columns away. */
  public static Edit clear(String faceId) {
    return of(faceId, "edit.guide.clear", g -> Guides.NONE);
  }

  /** Lays columns and rows over the face, or takes them away. */
  public static Edit columns(String faceId, Optional<Columns> columns) {
    return of(faceId, "edit.columns", g -> g.withColumns(columns));
  }

  private static Edit of(String faceId, String key, UnaryOperator<Guides> change) {
    return new Edit(Wording.text(key), job -> job.changed(faceId, face -> face.withGuides(change.apply(face.guides()))));
  }
}
