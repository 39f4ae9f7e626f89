package org.zipthimble.samples;

import java.io.IOException;
import java.nio.file.Path;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.samples.ornament.OrnamentMaker;

/** Makes the demo jobs anew. The same program makes the same bytes. */
public final class Generator {
  private Generator() {}

  /**
   * Writes every demo job into a folder, and the ornament shelf into another.
   *
   * @param arguments the folder of the jobs, and that of the ornaments
   */
  public static void main(String[] arguments) throws Trouble, IOException {
    Path folder = Path.of(arguments[0]);
    OrnamentMaker.write(Path.of(arguments[1]));
    for (String name : DemoShelf.NAMES) {
      ThimbleFile.save(make(name), folder.resolve(name));
    }
  }

  /** Makes one of the demo jobs. */
  static Job make(String name) throws Trouble {
    return switch (name) {
      case "swap-invitation.thimble" -> SwapInvitation.good();
      case "two-faults.thimble" -> SwapInvitation.faulty();
      case "bookmark.thimble" -> GardenPapers.bookmark();
      case "thank-you.thimble" -> GardenPapers.thanks();
      case "sowing-list.thimble" -> GardenPapers.sowing();
      case "seed-wheel.thimble" -> GardenPapers.colouring();
      case "window-decal.thimble" -> CutJobs.decal();
      case "jar-stickers.thimble" -> CutJobs.stickers();
      case "planting-calendar.thimble" -> CalendarPoster.make();
      case "foil-invitation.thimble" -> FoilInvitation.make();
      case "swap-designs.thimble" -> WordJobs.designs();
      case "swap-flyer.thimble" -> WordJobs.flyer();
      case "seed-ring.thimble" -> ThingJobs.on("ring-plate-12", WordJobs.ring());
      case "mug-wrap.thimble" -> ThingJobs.mug();
      case "tumbler-wrap.thimble" -> ThingJobs.tumbler();
      case "metal-bookmarks.thimble" -> ThingJobs.bookmarks();
      case "metal-panel.thimble" -> ThingJobs.panel();
      case "shirt.thimble" -> ThingJobs.shirt();
      case "jar-label.thimble" -> WordJobs.label();
      case "colouring-phrase.thimble" -> WordJobs.phrase();
      case "jar-labels.thimble" -> ListJobs.jarLabels();
      case "place-cards.thimble" -> ListJobs.placeCards();
      case "plot-album.thimble" -> BookJobs.album();
      case "sowing-poster.thimble" -> BookJobs.poster();
      case "tickets.thimble" -> ListJobs.tickets();
      case "bed-sign.thimble" -> CutJobs.stencil();
      default -> throw new IllegalArgumentException("no demo job " + name);
    };
  }
}
