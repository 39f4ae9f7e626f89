package org.zipthimble.core.check.ink;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** Colours that the press's inks cannot show. */
public final class ColourRange extends FaceCheck {
  /** A picture may be out of range in this part of it. */
  private static final double FEW = 0.02;

  @Override
  public Set<String> codes() {
    return Set.of("colour-range");
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
    Set<Colour> told = new HashSet<>();
    for (SceneNode placed : inked) {
      for (Colour colour : placed.item().colours()) {
        if (!inking.own().containsKey(colour) && told.add(colour)) {
          flat(face, placed, colour, inking).ifPresent(found::add);
        }
      }
      InkTones.picture(job, placed.item()).flatMap(p -> InkTones.of(p, job.colour())).filter(t -> t.missed() > FEW)
          .ifPresent(t -> found.add(finding(face, placed, t.worst(), Wording.text("finding.range.pictureSentence",
              placed.item().properties().name(), Lengths.plain(t.missed() * 100, 0), Lengths.plain(t.worst(), 1)),
              "finding.range.pictureMend")));
    }
    return found;
  }

  private static Optional<Finding> flat(Face face, SceneNode placed, Colour colour, Inking inking) {
    double miss = inking.press().miss(colour);
    if (miss <= Press.MISSED) {
      return Optional.empty();
    }
    String nearest = inking.press().seen(inking.press().ink(colour)).colour().hex();
    return Optional.of(finding(face, placed, miss, Wording.text(
        "finding.range.sentence", colour.hex(), placed.item().properties().name(), nearest, Lengths.plain(miss, 1)), "finding.range.mend"));
  }

  private static Finding finding(Face face, SceneNode placed, double figure, String sentence, String mend) {
    return new Finding("colour-range", Weight.LOOK, face.id(), Optional.of(placed.item().id()), Optional.empty(), placed.around(), figure,
        Press.MISSED,
        Wording.text("finding.range.title"), sentence, Wording.text(mend));
  }
}
