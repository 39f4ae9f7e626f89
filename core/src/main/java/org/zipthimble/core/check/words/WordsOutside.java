package org.zipthimble.core.check.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/** Words whose ink leaves the safe area; past the trim they would be cut. */
public final class WordsOutside extends FaceCheck {
  /** Less is no figure a person could see: it would be told as nothing. */
  private static final double ROUNDING = 0.005;

  @Override
  public Set<String> codes() {
    return Set.of("words-outside");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    for (SceneNode placed : on.printing()) {
      Optional<Box> ink = placed.item().words().isPresent()
          ? placed.item().words().flatMap(w -> ink(w, placed.toFace(), on.fonts())) : made(on, placed);
      ink.flatMap(box -> finding(on, placed.item(), box)).ifPresent(found::add);
    }
    return found;
  }

  /** The box of what a combination, rings or a mount make of words. */
  private static Optional<Box> made(Subject on, SceneNode placed) {
    boolean words = placed.item().live() && placed.item().withMembers().stream().anyMatch(i -> i.words().isPresent());
    return words ? Measure.bounds(on.forms().silhouette(placed)) : Optional.empty();
  }

  /** The exact box of the ink of set words, on the face. */
  static Optional<Box> ink(HoldsWords words, Affine toFace, FontShelf fonts) {
    return words.set(fonts).ink(toFace);
  }

  private static Optional<Finding> finding(Subject on, Item item, Box ink) {
    Unit unit = on.job().ticket().unit();
    Face face = on.face();
    Side worst = null;
    double most = ROUNDING;
    for (Side side : Side.values()) {
      double over = over(on.frame().safeBox(), ink, side);
      if (over > most) {
        most = over;
        worst = side;
      }
    }
    if (worst == null) {
      return Optional.empty();
    }
    boolean cut = !on.frame().trim().contains(ink, ROUNDING);
    String key = cut ? "finding.cut" : "finding.outside";
    String by = Wording.text("length.about", Lengths.plain(unit.fromInches(most), 2), unit.sign());
    return Optional.of(new Finding(
        "words-outside", cut ? Weight.RUIN : Weight.LOOK, face.id(), Optional.of(item.id()), Optional.of(worst), ink,
        most, 0, Wording.text(key + ".title", by, worst.spoken()),
        Wording.text(key + ".sentence", item.properties().name(), by, worst.spoken(), face.name()),
        Wording.text(key + ".mend", by, worst.spoken())));
  }

  private static double over(Box safe, Box ink, Side side) {
    return switch (side) {
      case LEFT -> safe.x() - ink.x();
      case RIGHT -> ink.right() - safe.right();
      case TOP -> safe.y() - ink.y();
      case BOTTOM -> ink.bottom() - safe.bottom();
    };
  }
}
