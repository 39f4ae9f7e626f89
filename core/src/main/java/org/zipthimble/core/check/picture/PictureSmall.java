package org.zipthimble.core.check.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ShownPicture;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** A picture with fewer pixels per inch, at the size it is placed, than the ticket asks for. */
public final class PictureSmall extends FaceCheck {
  /** Below this share of the asked resolution the picture looks soft to anyone (common practice, no source). */
  private static final double SOFT = 2.0 / 3;

  private static final double ROUNDING = 1e-6;

  @Override
  public Set<String> codes() {
    return Set.of("picture-small");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    for (SceneNode placed : on.painting()) {
      examine(on, placed).ifPresent(found::add);
    }
    return found;
  }

  /** What there is to say of one object. */
  public Optional<Finding> examine(Subject on, SceneNode placed) {
    return placed.item().shown(on.job().pictures()).flatMap(shown -> examine(on, placed, shown));
  }

  private static Optional<Finding> examine(Subject on, SceneNode placed, ShownPicture shown) {
    Ticket ticket = on.job().ticket();
    Face face = on.face();
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
    Box where = placed.around();
    return Optional.of(new Finding(
        "picture-small", ppi < SOFT * ticket.ppi() ? Weight.RUIN : Weight.LOOK, face.id(), Optional.of(item.id()),
        Optional.empty(), where, ppi, ticket.ppi(), Wording.text("finding.small.title", has),
        Wording.text("finding.small.sentence", item.properties().name(), has, wants, face.name()),
        Wording.text("finding.small.mend", largest, picture.width(), picture.height())));
  }
}
