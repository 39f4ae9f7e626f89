package org.zipthimble.core.check.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.JobCheck;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.ShopCard;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** What the card of the print shop asks for and the ticket does not keep. Told once, on the first face. */
public final class ShopAsks extends JobCheck {
  private static final double ROUNDING = 1e-9;

  @Override
  public Set<String> codes() {
    return Set.of("shop-bleed", "shop-safe", "shop-ppi", "shop-colour", "shop-limit", "shop-pages", "shop-marks");
  }

  @Override
  public List<Finding> examine(Job job) {
    Face face = job.faces().get(0);
    List<Finding> found = new ArrayList<>();
    if (job.colour().shop().isEmpty()) {
      return found;
    }
    ShopCard card = job.colour().shop().get();
    Frame frame = job.frame(face);
    Ticket ticket = job.ticket();
    if (frame.bleed().least() < card.bleed() - ROUNDING) {
      found.add(finding(job, face, card, "bleed", frame.bleed().least(), card.bleed(), length(job, frame.bleed().least()),
          length(job, card.bleed())));
    }
    double safe = Math.min(card.safe(), Ticket.mostSafe(frame.size()));
    if (frame.safe().least() < safe - ROUNDING) {
      found.add(finding(job, face, card, "safe", frame.safe().least(), safe, length(job, frame.safe().least()), length(job, safe)));
    }
    if (ticket.ppi() < card.ppi() - ROUNDING) {
      found.add(finding(job, face, card, "ppi", ticket.ppi(), card.ppi(), Lengths.plain(ticket.ppi(), 0), Lengths.plain(card.ppi(), 0)));
    }
    if (job.colour().to() != card.to()) {
      found.add(finding(job, face, card, "colour", 0, 1, Wording.of(job.colour().to()), Wording.of(card.to())));
    }
    if (card.to().inks() && job.colour().limit() > card.limit() + ROUNDING) {
      found.add(finding(job, face, card, "limit", job.colour().limit(), card.limit(), Lengths.plain(job.colour().limit() * 100, 0),
          Lengths.plain(card.limit() * 100, 0)));
    }
    int pages = job.leaving().size();
    if (pages < card.fewest() || pages > card.most()) {
      found.add(finding(job, face, card, "pages", pages, card.most(), String.valueOf(pages),
          card.fewest() == card.most() ? String.valueOf(card.most()) : card.fewest() + " – " + card.most()));
    }
    if (card.cropMarks() && !(job.sheet().onPaper() && job.sheet().cropMarks())) {
      found.add(finding(job, face, card, "marks", 0, 1, "", ""));
    }
    return found;
  }

  private static String length(Job job, double inches) {
    return Lengths.showWithSign(inches, job.ticket().unit());
  }

  private static Finding finding(Job job, Face face, ShopCard card, String what, double figure, double limit, String has, String wants) {
    return new Finding("shop-" + what, Weight.RUIN, face.id(), Optional.empty(), Optional.empty(), job.frame(face).trim(), figure, limit,
        Wording.text("finding.shop.title", card.name()), Wording.text("shop.asks." + what, card.name(), wants, has),
        Wording.text("finding.shop.mend"));
  }
}
