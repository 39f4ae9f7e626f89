package org.zipthimble.core.check.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.colour.Lab;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** A large area in black ink alone: it looks grey beside pictures (common practice, no source). */
public final class FlatBlack extends FaceCheck {
  /** Smaller areas look black enough, in square inches (common practice, no source). */
  private static final double LARGE = 4;

  private static final double DEEP = 0.9;

  @Override
  public Set<String> codes() {
    return Set.of("black-flat");
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
    for (SceneNode placed : inked) {
      Optional<Colour> fill = placed.item().outlined().flatMap(HasOutline::fill);
      double area = placed.around().width() * placed.around().height();
      if (area >= LARGE && fill.filter(c -> flat(inking.of(c))).isPresent()) {
        found.add(new Finding("black-flat", Weight.LOOK, face.id(), Optional.of(placed.item().id()), Optional.empty(), placed.around(),
            area, LARGE,
            Wording.text("finding.flat.title"),
            Wording.text("finding.flat.sentence", placed.item().properties().name(), Lengths.plain(area, 1)),
            Wording.text("finding.flat.mend", Cmyk.RICH_BLACK.text())));
      }
    }
    return found;
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    return rich(face, finding);
  }

  /** Black with depth, for a fill that is black or nearly so. */
  static List<Mend> rich(Face face, Finding finding) {
    return finding.itemId().flatMap(face::find).flatMap(Item::outlined).flatMap(HasOutline::fill).filter(c -> Lab.of(c).nearlyBlack())
        .map(c -> List.of(new Mend("mend.richBlack", ColourEdits.ink(c, Optional.of(new Ink.Process(Cmyk.RICH_BLACK)))))).orElse(List.of());
  }

  static boolean flat(Ink ink) {
    Cmyk is = ink.process();
    return ink.asSpot().isEmpty() && is.cyan() + is.magenta() + is.yellow() < 0.02 && is.black() >= DEEP;
  }
}
