package org.zipthimble.core.check.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** More ink in one place than the print shop allows: it does not dry and comes off on the next sheet. */
public final class InkLoad extends FaceCheck {
  /** Half a per cent too much is a matter of rounding. */
  private static final double ROUNDING = 0.005;

  /** Plates are looked at in 255 steps. */
  private static final double MIXED_ROUNDING = 0.02;

  private static final int FEW = 8;

  @Override
  public Set<String> codes() {
    return Set.of("ink-load");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    List<SceneNode> inked = InkTones.inked(on);
    if (inked.isEmpty()) {
      return found;
    }
    Inking inking = job.colour().inking(job.palette());
    double limit = job.colour().limit() + ROUNDING;
    for (SceneNode placed : inked) {
      boolean words = placed.item().words().isPresent();
      double highest = 0;
      Cmyk inks = Cmyk.NONE;
      for (Colour colour : placed.item().colours()) {
        Cmyk here = (words ? inking.ofWords(colour) : inking.of(colour)).process();
        inks = here.load() > highest ? here : inks;
        highest = Math.max(highest, here.load());
      }
      if (highest > limit) {
        found.add(finding(job, face, placed, highest,
            Wording.text("finding.load.sentence", placed.item().properties().name(), percent(highest), inks.text(),
            percent(job.colour().limit())), "finding.load.mend"));
      }
      InkTones.picture(job, placed.item()).flatMap(p -> InkTones.of(p, job.colour())).filter(t -> t.load() > limit)
          .ifPresent(
          t -> found.add(finding(job, face, placed, t.load(),
          Wording.text("finding.load.pictureSentence", placed.item().properties().name(),
              percent(t.load()), percent(job.colour().limit())), "finding.load.pictureMend")));
    }
    mixed(on, inked, found);
    return found;
  }

  /** What is over the limit only where things lie over one another, once they are mixed and printed one on another. */
  private static void mixed(Subject on, List<SceneNode> inked, List<Finding> found) {
    Inking inking = on.job().colour().inking(on.job().palette());
    List<SceneNode> over = inked.stream().filter(n -> LaidInks.mixes(n) || overprints(n, inking)).toList();
    if (over.isEmpty()) {
      return;
    }
    LaidInks laid = LaidInks.of(on);
    Set<String> told = found.stream().flatMap(f -> f.itemId().stream()).collect(Collectors.toSet());
    for (SceneNode node : over) {
      boolean here = inked.stream().anyMatch(n -> told.contains(n.item().id()) && n.reaches(node.around()));
      if (!here) {
        most(laid, node, on.job().colour().limit() + MIXED_ROUNDING)
            .ifPresent(m -> found.add(finding(on.job(), on.face(), node, m.load(), Wording.text(
            "finding.load.mixedSentence", node.item().properties().name(), percent(m.load()), m.text(),
            percent(on.job().colour().limit())), "finding.load.mixedMend")));
      }
    }
  }

  private static boolean overprints(SceneNode node, Inking inking) {
    return node.item().words().isPresent() && node.item().colours().stream()
        .anyMatch(c -> inking.ofWords(c).equals(new Ink.Process(Cmyk.BLACK)));
  }

  /** The most ink in one place of an object, if more than a few places have more than a limit. */
  private static Optional<Cmyk> most(LaidInks laid, SceneNode node, double limit) {
    int[] at = laid.pixels(node.around());
    Cmyk most = Cmyk.NONE;
    int count = 0;
    for (int y = at[1]; y < at[3]; y++) {
      for (int x = at[0]; x < at[2]; x++) {
        Cmyk inks = laid.view().inks(x, y);
        count += inks.load() > limit ? 1 : 0;
        most = inks.load() > most.load() ? inks : most;
      }
    }
    return count > Math.max(FEW, (at[2] - at[0]) * (at[3] - at[1]) / 1000) ? Optional.of(most) : Optional.empty();
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    return FlatBlack.rich(face, finding);
  }

  private static String percent(double load) {
    return Lengths.plain(load * 100, 0);
  }

  private static Finding finding(Job job, Face face, SceneNode placed, double figure, String sentence, String mend) {
    return new Finding("ink-load", Weight.RUIN, face.id(), Optional.of(placed.item().id()), Optional.empty(), placed.around(), figure,
        job.colour().limit(), Wording.text("finding.load.title", percent(figure)), sentence, Wording.text(mend));
  }
}
