package org.zipthimble.core.edit;

import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemVisitor;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/** Fill, line, type and opacity: taken up from one object and given to others, recoloured, kept as swatches. */
public final class LookEdits {
  private LookEdits() {}

  /**
   * What can be taken up from an object.
   *
   * @param fill of a shape, or the colour of words; empty where the object has none
   * @param radius of a rectangle's corners in inches
   */
  public record Taken(
      double opacity, boolean shape, Optional<Colour> fill, Optional<LineLook> line, Optional<Double> radius,
      Optional<WordStyle> type) {
    static Taken opacity(double opacity) {
      return new Taken(opacity, false, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }
  }

  /** The look of an object; a group gives only its opacity. */
  public static Taken of(Item item) {
    double opacity = item.properties().opacity();
    return item.accept(new ItemVisitor<>() {
      @Override
      public Taken words(ItemWords words) {
        return new Taken(opacity, false, Optional.of(words.style().colour()), Optional.empty(), Optional.empty(),
            Optional.of(words.style()));
      }

      @Override
      public Taken shape(ItemShape shape) {
        return new Taken(opacity, true, shape.fill(), shape.line(), shape.outline().cornerRadius(), Optional.empty());
      }

      @Override
      public Taken photo(ItemPhoto photo) {
        return Taken.opacity(opacity);
      }

      @Override
      public Taken group(ItemGroup group) {
        return Taken.opacity(opacity);
      }
    });
  }

  /** Gives a look to objects, as far as each can carry it. */
  public static Edit give(String faceId, Set<String> ids, Taken look) {
    return Edits.each(faceId, ids, Wording.text("edit.look"), item -> dressed(item, look));
  }

  /** Fills shapes and words with foil or glitter, or with their colour alone. */
  public static Edit finish(String faceId, Set<String> ids, Optional<FillStyle.Finish> finish) {
    return Edits.each(faceId, ids, Wording.text("edit.surface"), item -> item.finished(finish));
  }

  /** Gives the corners of rectangles a radius in inches. */
  public static Edit round(String faceId, Set<String> ids, double radius) {
    return Edits.shape(faceId, ids, "edit.corners", s -> s.withOutline(s.outline().rounded(radius)));
  }

  /** Puts one colour in place of another in fills, lines and words, members of groups included. */
  public static Edit recolour(String faceId, Set<String> ids, Colour from, Colour to) {
    return Edits.each(faceId, ids, Wording.text("edit.recolour"), item -> item.recoloured(c -> c.equals(from) ? to : c));
  }

  /** Changes the job's palette. */
  public static Edit palette(String key, UnaryOperator<Palette> change) {
    return new Edit(Wording.text(key), job -> job.withPalette(change.apply(job.palette())));
  }

  /** Keeps a colour as a swatch under its digits. */
  public static Edit keep(Colour colour) {
    return palette("edit.swatch", p -> p.with(Swatch.of(colour.hex(), colour)));
  }

  /**
   * A border: a rectangle without a fill whose outer edge keeps a distance from the trim.
   *
   * @param distance from the trim to the line's outer edge, in inches; below zero it lies outside
   */
  public static HasOutline border(String id, Frame frame, double distance, LineLook line, double radius) {
    double half = Unit.POINT.toInches(line.widthPt()) / 2;
    Box box = frame.trim().grown(-distance - half);
    return ItemShape.of(
        ItemProperties.of(id, Wording.text("item.border")), Placement.of(box), new Outline.Rectangle(Math.max(0, radius)),
        Optional.empty(), Optional.of(line));
  }

  private static Item dressed(Item item, Taken look) {
    Item faded = item.with(item.properties().withOpacity(look.opacity()));
    return faded.accept(new ItemVisitor<>() {
      @Override
      public Item words(ItemWords words) {
        return look.type().map(t -> words.styled(s -> t))
            .orElseGet(() -> look.fill().map(c -> words.styled(s -> s.withColour(c))).orElse(words));
      }

      @Override
      public Item shape(ItemShape shape) {
        if (!look.shape()) {
          return look.fill().isPresent() ? shape.filled(look.fill()) : shape;
        }
        HasOutline lined = shape.withLine(look.line());
        HasOutline filled = shape.outline().open() ? lined : lined.filled(look.fill());
        return look.radius().map(r -> filled.withOutline(filled.outline().rounded(r))).orElse(filled);
      }

      @Override
      public Item photo(ItemPhoto photo) {
        return photo;
      }

      @Override
      public Item group(ItemGroup group) {
        return group;
      }
    });
  }
}
