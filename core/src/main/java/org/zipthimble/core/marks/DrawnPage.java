package org.zipthimble.core.marks;

import java.util.function.Consumer;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.units.Size;

/**
 * A page ready to be painted: its size, the boxes a printer asks for, and its marks. Inches, y
 * downwards, origin at the page's top left.
 *
 * @param bleed the box the bleed reaches, within the page
 * @param marks emits the page's marks; may be called more than once
 */
public record DrawnPage(String name, Size size, Box trim, Box bleed, Consumer<MarkOut> marks) {
  /** The whole page as a box. */
  public Box media() {
    return new Box(0, 0, size.width(), size.height());
  }
}
