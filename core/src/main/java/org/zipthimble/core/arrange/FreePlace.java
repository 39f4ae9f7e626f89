package org.zipthimble.core.arrange;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.units.Size;

/** Where a new block of words goes, so that it does not lie on others. */
public final class FreePlace {
  /** What lies between two blocks, in inches. */
  private static final double APART = 0.125;
  private static final double HAIR = 1e-9;

  private FreePlace() {}

  /**
   * The middle of the face, or where words stand there already, the nearest place straight below or above them inside the safe area; the
   * middle where there is no room.
   *
   * @param size of the new block, in inches
   * @return its box on the face, in inches
   */
  public static Box forWords(Face face, Frame frame, Size size) {
    Box middle = new Box(frame.trim().centre().x() - size.width() / 2, frame.trim().centre().y() - size.height() / 2, size.width(),
        size.height());
    Scene scene = Scene.of(face);
    List<Box> words = face.all().stream().filter(i -> i.words().isPresent() && i.properties().visible()).map(scene::around)
        .filter(b -> b.x() < middle.right() && b.right() > middle.x()).collect(Collectors.toList());
    Optional<Box> below = along(middle, words, true).filter(b -> b.bottom() <= frame.safeBox().bottom() + HAIR);
    Optional<Box> above = along(middle, words, false).filter(b -> b.y() >= frame.safeBox().y() - HAIR);
    double down = below.map(b -> b.y() - middle.y()).orElse(Double.POSITIVE_INFINITY);
    double up = above.map(b -> middle.y() - b.y()).orElse(Double.POSITIVE_INFINITY);
    return down <= up ? below.orElse(middle) : above.orElse(middle);
  }

  /** The first place one way where the box meets none. */
  private static Optional<Box> along(Box from, List<Box> others, boolean down) {
    Box at = from;
    for (int i = 0; i <= others.size(); i++) {
      Box here = at;
      List<Box> met = others.stream().filter(o -> o.y() < here.bottom() && o.bottom() > here.y()).collect(Collectors.toList());
      if (met.isEmpty()) {
        return Optional.of(at);
      }
      double y = down
          ? met.stream().mapToDouble(Box::bottom).max().getAsDouble() + APART
          : met.stream().mapToDouble(Box::y).min().getAsDouble() - APART - at.height();
      at = new Box(at.x(), y, at.width(), at.height());
    }
    return Optional.empty();
  }
}
