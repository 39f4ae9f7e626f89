package org.zipthimble.core.arrange;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;

/** Objects that have something in common with those that are selected. */
public final class SimilarObjects {
  /** What they share. */
  public enum By {
    /** Words, shapes, pictures or groups. */
    KIND,
    /** The fill of shapes, the colour of words. */
    FILL,
    /** The font of words, its style included. */
    FONT
  }

  private SimilarObjects() {}

  /**
   * All that can be selected among these objects and is like one of the selected; the selected are among them.
   *
   * @param beside the objects to look through; what is hidden or locked is left out
   */
  public static Set<String> among(List<Item> beside, Set<String> selected, By by) {
    Function<Item, Optional<?>> trait = switch (by) {
      case KIND -> item -> Optional.of(item.getClass());
      case FILL -> SimilarObjects::fill;
      case FONT -> SimilarObjects::font;
    };
    Set<Object> wanted = new LinkedHashSet<>();
    beside.stream().filter(i -> selected.contains(i.id())).map(trait).flatMap(Optional::stream).forEach(wanted::add);
    Set<String> found = new LinkedHashSet<>(selected);
    beside.stream().filter(i -> i.properties().visible() && !i.properties().locked())
        .filter(i -> trait.apply(i).filter(Objects::nonNull).map(wanted::contains).orElse(false))
        .forEach(i -> found.add(i.id()));
    return found;
  }

  private static Optional<Colour> fill(Item item) {
    return item.words().map(w -> w.style().colour()).or(() -> item.outlined().flatMap(HasOutline::fill));
  }

  private static Optional<String> font(Item item) {
    return item.words().map(w -> w.style().family() + "/" + w.style().style());
  }
}
