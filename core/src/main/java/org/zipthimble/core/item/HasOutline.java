package org.zipthimble.core.item;

import java.util.Optional;
import org.zipthimble.core.colour.Colour;

/** What has an outline of its own that is filled, lined, drawn anew or given other figures. */
public sealed interface HasOutline extends Item permits ItemShape {
  /** The outline in its box. */
  Outline outline();

  /** What its inside is painted with. */
  Optional<Colour> fill();

  /** What runs along it. */
  Optional<LineLook> line();

  /** What covers its inside in place of the fill. */
  Optional<FillStyle> fillStyle();

  /** The same with another outline. */
  HasOutline withOutline(Outline outline);

  /** The same with another line, or none. */
  HasOutline withLine(Optional<LineLook> line);

  /** The same covered otherwise. */
  HasOutline withFillStyle(Optional<FillStyle> fillStyle);

  /** The same with another fill of one colour. */
  HasOutline filled(Optional<Colour> other);

  @Override
  HasOutline with(ItemProperties other);

  @Override
  HasOutline with(Placement other);

  /** Whether it has an inside that is painted. */
  default boolean painted() {
    return fill().isPresent() || fillStyle().isPresent();
  }
}
