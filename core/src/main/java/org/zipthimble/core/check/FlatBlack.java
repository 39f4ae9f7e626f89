package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** A large area in black ink alone: it looks grey beside pictures (common practice, no source). */
final class FlatBlack implements Check {
  /** Smaller areas look black enough, in square inches (common practice, no source). */
  private static final double LARGE = 4;

  private static final double DEEP = 0.9;

  @Override
  public List<Finding> look(Job job, Face face, JobFonts fonts) {
    List<Finding> found = new ArrayList<>();
    List<Placed> inked = Tones.inked(job, face);
    if (inked.isEmpty()) {
      return found;
    }
    Inking inking = job.colour().inking(job.palette());
    for (Placed placed : inked) {
      Optional<Colour> fill = placed.item() instanceof Item.Shape ? ((Item.Shape) placed.item()).fill() : Optional.empty();
      double area = Tones.where(placed).width() * Tones.where(placed).height();
      if (area >= LARGE && fill.filter(c -> flat(inking.of(c))).isPresent()) {
        found.add(new Finding("black-flat", Weight.LOOK, face.id(), Optional.of(placed.item().id()), Optional.empty(), Tones.where(placed), area, LARGE,
            Wording.text("finding.flat.title"), Wording.text("finding.flat.sentence", placed.item().properties().name(), Lengths.plain(area, 1)),
            Wording.text("finding.flat.mend", Cmyk.RICH_BLACK.text())));
      }
    }
    return found;
  }

  static boolean flat(Ink ink) {
    Cmyk is = ink.process();
    return ink instanceof Ink.Process && is.cyan() + is.magenta() + is.yellow() < 0.02 && is.black() >= DEEP;
  }
}
