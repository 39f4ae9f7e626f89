package org.zipthimble.core.thing;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.colour.Colour;

/**
 * What is pressed, wrapped or dressed.
 *
 * @param key what it goes by in the catalogue
 * @param title its name
 * @param group under which it stands in the catalogue, as a key of the wording
 * @param body its form
 * @param colour of the blank itself
 * @param sheen 0 (dull) to 1 (mirror-bright)
 * @param process how a job comes onto it
 * @param overhang by which art passes its edge on every side, in inches, 0 to 2
 * @param press the key of the press card to begin with; empty for none
 */
@RecordBuilder
public record Thing(String key, String title, Group group, Body body, Colour colour, double sheen, Process process, double overhang,
    String press)
    implements ThingBuilder.With {
  /** What things stand together in the catalogue. */
  public enum Group {
    /** Mugs, tumblers and glasses. */
    CUPS,
    /** Plates, discs and coasters. */
    ROUND,
    /** Panels, bookmarks, tags and tiles. */
    PANELS,
    /** Shirts, totes and towels. */
    CLOTH,
    /** Prints in frames. */
    FRAMES
  }

  /** The longest name. */
  public static final int LONGEST = 80;

  /** Checks what it is made of. */
  public Thing {
    if (key == null || key.isBlank() || title == null || title.isBlank() || key.length() > LONGEST || title.length() > LONGEST
        || press == null) {
      throw new IllegalArgumentException("a thing needs a key and a name of up to " + LONGEST + " letters");
    }
    if (group == null || body == null || colour == null || process == null || !(sheen >= 0 && sheen <= 1)) {
      throw new IllegalArgumentException("a thing needs a body, a colour, a sheen of 0 to 1 and a process");
    }
    Ranges.check("overhang", overhang, 0, 2);
  }
}
