package org.zipthimble.core.check.ink;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pixels;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** White in what is pressed: sublimation has no white, the blank's own colour shows there (common practice, no source). */
public final class WhiteUnprinted extends FaceCheck {
  private static final double SMALL = 200;
  private static final int NEARLY = 252;
  private static final Kept<Blob, Picture.Drawn, Void, Boolean> WHITE = Kept.ofAll((blob, drawn, nothing) -> white(drawn.of(blob)));

  @Override
  public Set<String> codes() {
    return Set.of("white-unprinted", "white-on-white");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    if (job.colour().to() != Destination.SUBLIMATION) {
      return List.of();
    }
    List<SceneNode> white = on.painting().stream().filter(n -> n.item().colours().contains(Colour.WHITE) || whitePicture(job, n)).toList();
    if (white.isEmpty()) {
      return List.of();
    }
    if (job.palette().stock().equals(Colour.WHITE)) {
      // On a white blank it looks as it should: said once.
      return List.of(on.finding("white-on-white", Weight.NOTE, Optional.of(white.get(0).item().id()), white.get(0).around(), white.size(),
          0, face.name()));
    }
    List<Finding> found = new ArrayList<>();
    for (SceneNode placed : white) {
      found.add(new Finding("white-unprinted", Weight.LOOK, face.id(), Optional.of(placed.item().id()), Optional.empty(), placed.around(),
          255, 255,
          Wording.text("finding.white.title"),
          Wording.text("finding.white.sentence", placed.item().properties().name(), job.palette().stock().hex()),
          Wording.text("finding.white.mend")));
    }
    return found;
  }

  /** Whether nothing of a picture but white would print. */
  private static boolean whitePicture(Job job, SceneNode placed) {
    return InkTones.picture(job, placed.item()).filter(p -> WHITE.of(p.blob(), p.drawn(), null)).isPresent();
  }

  private static boolean white(Picture picture) {
    try {
      BufferedImage small = Halvings.SHARED.atLeast(picture, Math.min(1, SMALL / Math.max(picture.width(), picture.height())));
      int[] row = new int[small.getWidth()];
      for (int y = 0; y < small.getHeight(); y++) {
        Pixels.row(small, y, row);
        for (int pixel : row) {
          if (pixel >>> 24 > 8 && ((pixel >> 16 & 255) < NEARLY || (pixel >> 8 & 255) < NEARLY || (pixel & 255) < NEARLY)) {
            return false;
          }
        }
      }
      return true;
    } catch (Trouble unreadable) {
      return false;
    }
  }
}
