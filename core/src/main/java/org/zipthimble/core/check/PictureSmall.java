package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.ShownPicture;
import org.zipthimble.core.job.Ticket;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** A picture with fewer pixels per inch, at the size it is placed, than the ticket asks for. */
final class PictureSmall implements Check {
  /** Below this share of the asked resolution the picture looks soft to anyone (common practice, no source). */
  private static final double SOFT = 2.0 / 3;

  private static final double ROUNDING = 1e-6;

  @Override
  public List<Finding> look(Job job, Face face, JobFonts fonts) {
    List<Finding> found = new ArrayList<>();
    for (Placed placed : Placed.printing(job, face, job.ticket().bleedBox())) {
      ShownPicture.by(placed.item(), job.pictures()).flatMap(shown -> look(job, face, placed, shown)).ifPresent(found::add);
    }
    return found;
  }

  private static Optional<Finding> look(Job job, Face face, Placed placed, ShownPicture shown) {
    Ticket ticket = job.ticket();
    double ppi = shown.ppi(placed.toFace());
    if (ppi >= ticket.ppi() - ROUNDING || shown.picture().kind().outlines()) {
      return Optional.empty();
    }
    Item item = placed.item();
    Picture picture = shown.picture();
    String has = Lengths.plain(Math.floor(ppi), 0);
    String wants = Lengths.plain(ticket.ppi(), 0);
    double largestWidth = picture.width() / ticket.ppi();
    double largestHeight = picture.height() / ticket.ppi();
    String largest = Wording.text(
        "size.pair", Lengths.plain(ticket.unit().fromInches(largestWidth), 2),
        Lengths.plain(ticket.unit().fromInches(largestHeight), 2), ticket.unit().sign());
    Box where = placed.toFace().apply(new Box(0, 0, item.placement().width(), item.placement().height()));
    return Optional.of(new Finding(
        "picture-small", ppi < SOFT * ticket.ppi() ? Weight.RUIN : Weight.LOOK, face.id(), Optional.of(item.id()),
        Optional.empty(), where, ppi, ticket.ppi(), Wording.text("finding.small.title", has),
        Wording.text("finding.small.sentence", item.properties().name(), has, wants, face.name()),
        Wording.text("finding.small.mend", largest, picture.width(), picture.height())));
  }
}
