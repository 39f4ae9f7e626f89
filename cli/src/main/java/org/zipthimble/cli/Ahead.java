package org.zipthimble.cli;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;

/** What is done beside the reading of arguments and jobs. */
final class Ahead {
  private static final double COARSE_PPI = 20;

  private Ahead() {}

  /** Does something beside; the program may end without it. */
  static void run(Runnable work) {
    Thread thread = new Thread(work, "ahead");
    thread.setDaemon(true);
    // what goes wrong here goes wrong again where it is needed, and is told there
    thread.setUncaughtExceptionHandler((t, e) -> { });
    thread.start();
  }

  /** Sets and paints two letters, so that what setting and painting load is there once they are needed. Nothing waits for it. */
  static void paint() {
    List<Item> items = List.of(
        ItemShape.of(ItemProperties.of("i1", "ahead"), Placement.of(0.5, 2, 1, 1, 0), new Outline.Ellipse(), Optional.of(Colour.BLACK),
        Optional.empty()),
        ItemWords.of(ItemProperties.of("i2", "ahead"), Placement.of(0.5, 0.5, 2, 1, 0), "Ag",
        new WordStyle("Figtree", "Regular", 24, 120, 0, Align.CENTRE, Colour.BLACK)));
    Job job = StandardItem.blank("ahead", StandardItem.INVITATION.size(), 1).changed("f1", f -> f.withItems(items));
    FacePainter.onPaper(Imposition.bench(job, job.faces().get(0)), COARSE_PPI, Halvings.SHARED);
  }
}
