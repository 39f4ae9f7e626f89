package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Things people make, with their usual finished sizes in inches and faces. Common practice, no source. */
public enum StandardItem {
  /** An invitation. */
  INVITATION(5, 7, 2),
  /** A postcard. */
  POSTCARD(4, 6, 2),
  /** A bookmark. */
  BOOKMARK(1.75, 7, 2),
  /** A label for a jar. */
  JAR_LABEL(2.25, 3.25, 1),
  /** A square flyer. */
  FLYER(4, 4, 2),
  /** A print for the wall. */
  WALL_PRINT(8, 10, 1);

  private final Size size;
  private final int faces;

  StandardItem(double width, double height, int faces) {
    this.size = new Size(width, height);
    this.faces = faces;
  }

  /** Its name. */
  public String title() {
    return Wording.text("item.standard." + name().toLowerCase(Locale.ROOT));
  }

  /** The finished size. */
  public Size size() {
    return size;
  }

  /** How many faces it usually has. */
  public int faces() {
    return faces;
  }

  /** A blank job for a thing of this name, size and number of faces, with the usual bleed and safe area. */
  public static Job blank(String item, Size size, int faces) {
    List<String> names = new ArrayList<>();
    names.add(Wording.text(faces == 1 ? "face.only" : "face.front"));
    if (faces >= 2) {
      names.add(Wording.text("face.back"));
    }
    for (int i = 3; i <= faces; i++) {
      names.add(Wording.text("face.numbered", i));
    }
    return Job.blank(Wording.text("job.untitled", item), Ticket.usual(item, size), names);
  }
}
