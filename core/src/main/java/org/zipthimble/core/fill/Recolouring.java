package org.zipthimble.core.fill;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;

/** Colours of the whole job in place of others. */
public final class Recolouring {
  private Recolouring() {}

  /** The job with a colour of its palette under another name, colour or ink, and all that has the colour changed with it. */
  public static Job swatch(Job job, Colour of, Swatch to) {
    List<Swatch> swatches = new ArrayList<>();
    for (Swatch swatch : job.palette().swatches()) {
      boolean taken = !to.colour().equals(of) && swatch.colour().equals(to.colour());
      if (swatch.colour().equals(of)) {
        swatches.add(to);
      } else if (!taken) {
        swatches.add(swatch);
      }
    }
    return recoloured(job, of, to.colour()).withPalette(new Palette(swatches, job.palette().stock()));
  }

  /** The job with one colour in place of another wherever it is. */
  public static Job recoloured(Job job, Colour from, Colour to) {
    if (from.equals(to)) {
      return job;
    }
    List<Face> faces = new ArrayList<>();
    for (Face face : job.faces()) {
      List<Item> items = face.items().stream().map(i -> i.recoloured(c -> c.equals(from) ? to : c)).toList();
      faces.add(face.withItems(items));
    }
    return job.withFaces(faces);
  }
}
