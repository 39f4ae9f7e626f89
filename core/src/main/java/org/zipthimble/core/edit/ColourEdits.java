package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.fill.Recolouring;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.ShopCard;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.wording.Wording;

/** Edits of how colours leave, and of the palette with all that uses it. */
public final class ColourEdits {
  private ColourEdits() {}

  /** Changes how colours leave. */
  public static Edit plan(String key, UnaryOperator<ColourPlan> change) {
    return new Edit(Wording.text(key), job -> job.withColour(change.apply(job.colour())));
  }

  /** Sends the job elsewhere; what is pressed is mirrored from then on, what is not is no longer. */
  public static Edit destination(Destination to) {
    return new Edit(Wording.text("edit.colour.to"), job -> {
      boolean pressed = to == Destination.SUBLIMATION;
      boolean was = job.colour().to() == Destination.SUBLIMATION;
      Job out = job.withColour(job.colour().withTo(to));
      return pressed == was ? out : out.withTicket(job.ticket().withMirror(pressed));
    });
  }

  /**
   * Sends the job to a shop and keeps to its card: destination, bleed, safe area, resolution and limit of ink are those it asks for
   * where the job has less.
   */
  public static Edit shop(ShopCard card) {
    return new Edit(Wording.text("edit.shop", card.name()), job -> {
      Job out = destination(card.to()).change().apply(job);
      Ticket ticket = out.ticket().withBleed(out.ticket().bleed().atLeast(card.bleed())).withPpi(Math.max(out.ticket().ppi(), card.ppi()));
      Insets safe = ticket.safe().atLeast(card.safe()).atMost(Ticket.mostSafe(ticket.finished()));
      return out.withTicket(ticket.withSafe(safe))
          .withColour(out.colour().withLimit(Math.min(out.colour().limit(), card.limit())).withShop(Optional.of(card)));
    });
  }

  /** Gives a colour of the palette another name, colour or ink; everything that has the colour changes with it. */
  public static Edit swatch(Colour of, Swatch to) {
    return new Edit(Wording.text("edit.swatch.change", to.name()), job -> Recolouring.swatch(job, of, to));
  }

  /** Gives a colour an ink of its own; it stands in the palette from then on. */
  public static Edit ink(Colour colour, Optional<Ink> ink) {
    return new Edit(Wording.text("edit.swatch.ink"), job -> {
      Palette palette = job.palette().with(Swatch.of(colour.hex(), colour));
      List<Swatch> swatches = palette.swatches().stream().map(s -> s.colour().equals(colour) ? new Swatch(s.name(), colour, ink) : s)
          .toList();
      return job.withPalette(new Palette(swatches, palette.stock()));
    });
  }

  /**
   * Recolours the whole design: the colours of the palette in turn become those of another, which the job has from then on. Colours
   * past the end of the shorter one stay.
   */
  public static Edit repaint(List<Swatch> other) {
    return new Edit(Wording.text("edit.repaint"), job -> {
      List<Swatch> own = job.palette().swatches();
      Job out = job;
      int count = Math.min(own.size(), other.size());
      // By way of colours that nothing has, so that two that change places do not become one.
      List<Colour> between = free(job, count);
      for (int i = 0; i < count; i++) {
        out = Recolouring.recoloured(out, own.get(i).colour(), between.get(i));
      }
      for (int i = 0; i < count; i++) {
        out = Recolouring.recoloured(out, between.get(i), other.get(i).colour());
      }
      List<Swatch> swatches = new ArrayList<>(other);
      own.subList(count, own.size()).stream().filter(s -> swatches.stream().noneMatch(o -> o.colour().equals(s.colour())))
          .forEach(swatches::add);
      return out.withPalette(new Palette(swatches.subList(0, Math.min(Palette.MOST, swatches.size())), job.palette().stock()));
    });
  }

  private static List<Colour> free(Job job, int count) {
    Set<Colour> used = new HashSet<>(org.zipthimble.core.job.JobColours.of(job));
    List<Colour> out = new ArrayList<>();
    for (int rgb = 0x010203; out.size() < count; rgb += 0x010101) {
      Colour colour = Colour.of(rgb & 0xFFFFFF);
      if (!used.contains(colour)) {
        out.add(colour);
      }
    }
    return out;
  }
}
