package org.zipthimble.samples;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;

/** The demo jobs that ship with the program. */
public final class DemoShelf {
  /** The file names, in the order they stand on the shelf. */
  public static final List<String> NAMES = List.of(
      "swap-invitation.thimble", "two-faults.thimble", "bookmark.thimble", "thank-you.thimble", "sowing-list.thimble", "seed-wheel.thimble",
      "window-decal.thimble", "bed-sign.thimble", "jar-stickers.thimble", "planting-calendar.thimble", "foil-invitation.thimble",
      "swap-designs.thimble", "swap-flyer.thimble", "seed-ring.thimble", "jar-label.thimble", "colouring-phrase.thimble",
      "place-cards.thimble", "jar-labels.thimble", "tickets.thimble",
      "plot-album.thimble", "sowing-poster.thimble", "mug-wrap.thimble", "tumbler-wrap.thimble", "metal-bookmarks.thimble",
      "metal-panel.thimble", "shirt.thimble");

  private DemoShelf() {}

  /** The bytes of a demo job's file. */
  public static InputStream open(String name) {
    InputStream in = DemoShelf.class.getResourceAsStream("/org/zipthimble/samples/" + name);
    if (in == null) {
      throw new IllegalArgumentException("no demo job " + name);
    }
    return in;
  }

  /** A demo job, opened. */
  public static Job job(String name) throws Trouble {
    try (InputStream in = open(name)) {
      return ThimbleFile.read(name, in);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", name);
    }
  }
}
