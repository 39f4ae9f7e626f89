package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.Optional;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** More ink in one place than the print shop allows: it does not dry and comes off on the next sheet. */
final class InkLoad extends FaceCheck {
  /** Half a per cent too much is a matter of rounding. */
  private static final double ROUNDING = 0.005;

  @Override
  Set<String> codes() {
    return Set.of("ink-load");
  }

  @Override
  List<Finding> look(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    List<SceneNode> inked = Tones.inked(on);
    if (inked.isEmpty()) {
      return found;
    }
    Inking inking = job.colour().inking(job.palette());
    double limit = job.colour().limit() + ROUNDING;
    for (SceneNode placed : inked) {
      boolean words = placed.item().asWords().isPresent();
      double highest = 0;
      Cmyk inks = Cmyk.NONE;
      for (Colour colour : placed.item().colours()) {
        Cmyk here = (words ? inking.ofWords(colour) : inking.of(colour)).process();
        inks = here.load() > highest ? here : inks;
        highest = Math.max(highest, here.load());
      }
      if (highest > limit) {
        found.add(finding(job, face, placed, highest, Wording.text("finding.load.sentence", placed.item().properties().name(), percent(highest), inks.text(),
            percent(job.colour().limit())), "finding.load.mend"));
      }
      Tones.picture(job, placed.item()).flatMap(p -> Tones.of(p, job.colour())).filter(t -> t.load() > limit)
          .ifPresent(t -> found.add(finding(job, face, placed, t.load(), Wording.text("finding.load.pictureSentence", placed.item().properties().name(),
              percent(t.load()), percent(job.colour().limit())), "finding.load.pictureMend")));
    }
    return found;
  }

  @Override
  List<Mend> mends(Job job, Face face, Finding finding) {
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
