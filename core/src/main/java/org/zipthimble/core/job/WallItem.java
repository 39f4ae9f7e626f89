package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * Something that hangs on the size wall: a standard item or one of the person's own.
 *
 * @param key what it goes by among the favourites
 * @param faces how many faces it has, 1 or more
 * @param purpose empty for the person's own
 */
public record WallItem(String key, String title, Size size, int faces, Optional<Purpose> purpose, String words) {
  /** Sizes this near each other are the same size to a search, in inches. */
  public static final double NEAR = 1.0 / 8;

  /** A card needs at least this much room in its envelope each way, in inches (common practice, no source). */
  public static final double LEAST_ROOM = 1.0 / 8;

  /** More room than this each way and the card slides about, in inches (common practice, no source). */
  public static final double MOST_ROOM = 0.75;

  private static final double ROUNDING = 1e-9;
  private static final Pattern PAIR = Pattern.compile("(.+?)(?:\\s*×\\s*|\\s+x\\s+|\\s+by\\s+|(?<=[\\d\"])x(?=[\\d.]))(.+)");

  /** All standard items. */
  public static List<WallItem> standard() {
    List<WallItem> all = new ArrayList<>();
    for (StandardItem item : StandardItem.values()) {
      all.add(new WallItem(item.key(), item.title(), item.size(), item.faces(), Optional.of(item.purpose()),
          item.purpose().title() + " " + Wording.text("item.words." + item.key())));
    }
    return all;
  }

  /** One of the person's own, with so many faces. */
  public static WallItem own(String name, Size size, int faces) {
    return new WallItem("own:" + name, name, size, faces, Optional.empty(), Wording.text("item.words.own"));
  }

  /** Whether it answers a search: every word is found in it, or it has the size that was typed, either way round. */
  public boolean answers(String search, Unit unit) {
    if (search.isBlank()) {
      return true;
    }
    Optional<Size> wanted = size(search, unit);
    if (wanted.isPresent()) {
      return near(size, wanted.get()) || near(size.swapped(), wanted.get());
    }
    String all = (title + " " + words).toLowerCase(Locale.ROOT);
    return List.of(search.strip().toLowerCase(Locale.ROOT).split("\\s+")).stream().allMatch(all::contains);
  }

  /** The envelopes that a card of this size goes into, the snuggest first. */
  public static List<StandardItem> envelopes(Size card) {
    List<StandardItem> fitting = new ArrayList<>();
    for (StandardItem item : StandardItem.values()) {
      if (item.purpose() == Purpose.POSTING && (fits(card, item.size()) || fits(card.swapped(), item.size()))) {
        fitting.add(item);
      }
    }
    fitting.sort((a, b) -> Double.compare(a.size().width() * a.size().height(), b.size().width() * b.size().height()));
    return fitting;
  }

  private static boolean fits(Size card, Size envelope) {
    double across = envelope.width() - card.width();
    double down = envelope.height() - card.height();
    return Math.min(across, down) >= LEAST_ROOM - ROUNDING && Math.max(across, down) <= MOST_ROOM + ROUNDING;
  }

  private static Optional<Size> size(String search, Unit unit) {
    Matcher pair = PAIR.matcher(search.strip());
    if (!pair.matches()) {
      return Optional.empty();
    }
    try {
      double width = Lengths.parse(pair.group(1), unit);
      double height = Lengths.parse(pair.group(2), unit);
      return width > 0 && height > 0 ? Optional.of(new Size(width, height)) : Optional.empty();
    } catch (Trouble words) {
      return Optional.empty();
    }
  }

  private static boolean near(Size a, Size b) {
    return Math.abs(a.width() - b.width()) <= NEAR + ROUNDING && Math.abs(a.height() - b.height()) <= NEAR + ROUNDING;
  }
}
