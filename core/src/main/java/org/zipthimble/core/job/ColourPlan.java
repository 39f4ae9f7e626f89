package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.colour.Profile;

/**
 * How a job's colours leave.
 *
 * @param own a print shop's own profile; the shipped one without
 * @param intent what is kept where inks cannot show a colour
 * @param blackPoint whether black is fitted to the darkest ink
 * @param blackWords whether black and grey words are in black ink alone
 * @param limit the most ink in one place, as a sum of four amounts of 0 to 1
 * @param shop the card of the shop that prints it
 */
@RecordBuilder
public record ColourPlan(Destination to, Optional<Profile> own, Intent intent, boolean blackPoint, boolean blackWords, double limit,
    Optional<ShopCard> shop) implements ColourPlanBuilder.With {
  /** The lowest limit. */
  public static final double LEAST_LIMIT = 1;

  /** No limit at all. */
  public static final double MOST_LIMIT = 4;

  /** A printer at home. A limit of 300 % is common practice (no source). */
  public static final ColourPlan HOME = new ColourPlan(Destination.HOME_PRINTER, Optional.empty(), Intent.RELATIVE, true, true, 3,
      Optional.empty());

  /** Checks the range. */
  public ColourPlan {
    if (to == null || own == null || shop == null || intent == null || !(limit >= LEAST_LIMIT && limit <= MOST_LIMIT)) {
      throw new IllegalArgumentException("a colour plan's limit is 1 to 4: " + limit);
    }
  }

  /** The printing condition. */
  public Profile profile() {
    return own.orElseGet(Profile::shipped);
  }

  /** The press by it. */
  public Press press() {
    return Press.of(profile(), intent, blackPoint);
  }

  /** The inks of a palette's colours and all others. */
  public Inking inking(Palette palette) {
    Map<Colour, Ink> said = new HashMap<>();
    palette.swatches().forEach(s -> s.ink().ifPresent(ink -> said.put(s.colour(), ink)));
    return new Inking(press(), said, blackWords);
  }
}
