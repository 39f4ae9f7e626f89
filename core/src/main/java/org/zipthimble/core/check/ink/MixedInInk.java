package org.zipthimble.core.check.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Difference;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.units.Lengths;

/**
 * What mixes with what lies below it does so in inks when it is printed, and in light on the screen: where the two differ for all to see,
 * it is said.
 */
public final class MixedInInk extends FaceCheck {
  /** In this part of it at least. */
  private static final double FEW = 0.02;

  /** Pixels between two that are looked at. */
  private static final int STEP = 3;

  @Override
  public Set<String> codes() {
    return Set.of("mixed-in-ink");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    for (SceneNode node : InkTones.inked(on)) {
      if (LaidInks.blends(node)) {
        apart(on, node, found);
      }
    }
    return found;
  }

  private static void apart(Subject on, SceneNode node, List<Finding> found) {
    LaidInks laid = LaidInks.of(on);
    Press press = on.job().colour().press();
    int[] at = laid.pixels(node.around());
    long looked = 0;
    long off = 0;
    double worst = 0;
    for (int y = at[1]; y < at[3]; y += STEP) {
      for (int x = at[0]; x < at[2]; x += STEP) {
        Colour screen = laid.view().colour(x, y);
        double apart = Difference.ciede2000(press.seen(press.ink(screen)), press.seen(laid.view().inks(x, y)));
        looked++;
        off += apart > Press.MISSED ? 1 : 0;
        worst = Math.max(worst, apart);
      }
    }
    if (looked > 0 && off > FEW * looked) {
      found.add(on.finding("mixed-in-ink", Weight.LOOK, node, worst, Press.MISSED, node.item().properties().name(), Lengths.plain(worst, 0),
          Lengths.plain(Math.max(1, 100.0 * off / looked), 0)));
    }
  }
}
