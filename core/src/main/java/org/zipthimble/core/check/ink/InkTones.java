package org.zipthimble.core.check.ink;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.InkTable;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ShownPicture;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pixels;
import org.zipthimble.core.wording.Trouble;

/** What inks make of pictures, looked at small: a halved picture has the tones of the whole one. */
final class InkTones {
  /** Longest side of the small picture, nearly. */
  private static final int SMALL = 400;

  private static final Kept<Blob, InkedPicture, Void,
      Optional<InkTones>> KEPT = Kept.ofAll((blob, asked, nothing) -> examine(asked.drawn().of(blob), asked.plan()));

  private record InkedPicture(Picture.Drawn drawn, ColourPlan plan) {}

  private final double missed;
  private final double worst;
  private final double load;

  private InkTones(double missed, double worst, double load) {
    this.missed = missed;
    this.worst = worst;
    this.load = load;
  }

  /** The part of the picture that is out of range, 0 to 1. */
  double missed() {
    return missed;
  }

  /** The largest difference as CIEDE2000. */
  double worst() {
    return worst;
  }

  /** The highest load of ink, 0 to 4; a thousandth of the picture may be above it. */
  double load() {
    return load;
  }

  /** Empty when the picture cannot be decoded; another check tells that. */
  static Optional<InkTones> of(Picture picture, ColourPlan plan) {
    return KEPT.of(picture.blob(), new InkedPicture(picture.drawn(), plan), null);
  }

  private static Optional<InkTones> examine(Picture picture, ColourPlan plan) {
    try {
      double share = Math.min(1, (double) SMALL / Math.max(picture.width(), picture.height()));
      BufferedImage small = Halvings.SHARED.atLeast(picture, share);
      int width = small.getWidth();
      int[] row = new int[width];
      byte[] inks = new byte[width * 4];
      InkTable table = InkTable.of(plan.press());
      Press press = plan.press();
      Map<Integer, Double> known = new HashMap<>();
      int[] loads = new int[1021];
      long seen = 0;
      long missed = 0;
      double worst = 0;
      for (int y = 0; y < small.getHeight(); y++) {
        Pixels.row(small, y, row);
        table.inks(row, 0, width, inks, 0);
        for (int x = 0; x < width; x++) {
          if (row[x] >>> 24 < 128) {
            continue;
          }
          seen++;
          loads[(inks[4 * x] & 255) + (inks[4 * x + 1] & 255) + (inks[4 * x + 2] & 255) + (inks[4 * x + 3] & 255)]++;
          int pixel = row[x] & 0xFFFFFF;
          double miss = known.computeIfAbsent(pixel & 0xF8F8F8, k -> press.miss(Colour.of(pixel)));
          worst = Math.max(worst, miss);
          missed += miss > Press.MISSED ? 1 : 0;
        }
      }
      return Optional.of(new InkTones(seen == 0 ? 0 : (double) missed / seen, worst, high(loads, seen / 1000) / 255.0));
    } catch (Trouble unreadable) {
      return Optional.empty();
    }
  }

  private static int high(int[] loads, long few) {
    long above = 0;
    for (int load = loads.length - 1; load > 0; load--) {
      above += loads[load];
      if (above > few) {
        return load;
      }
    }
    return 0;
  }

  /** The picture of an object that holds one. */
  static Optional<Picture> picture(Job job, Item item) {
    return item.shown(job.pictures()).map(ShownPicture::picture);
  }

  /** What is printed on a face with inks; nothing when the job goes to no press. */
  static List<SceneNode> inked(Subject on) {
    return on.job().colour().to().inks() ? on.painting() : List.of();
  }
}
