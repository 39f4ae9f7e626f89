package org.zipthimble.core.check.edge;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Difference;
import org.zipthimble.core.colour.Lab;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.thing.Cup;

/**
 * Whether the two ends of a wrap meet, looked at as it is painted: where the upper end stops, its art is compared with the art of the
 * lower end that goes on there.
 *
 * @param apart the part of the seam where the two differ by more than {@link #SEEN}, 0 to 1
 * @param most the greatest difference along it, CIEDE2000
 * @param shift by how much the art would have to be moved down at the right end for the two to meet best, in inches; 0 where that helps
 *     little
 * @param picture the seam in its middle, an inch of each end beside it
 */
public record Seam(double apart, double most, double shift, BufferedImage picture) {
  /** Colours that differ less go for the same, CIEDE2000; common practice, no source. */
  public static final double SEEN = 5;

  private static final double PPI = 100;
  private static final double BESIDE = 1;
  private static final double FARTHEST = 0.4;
  private static final double HELPS = 0.4;
  private static final Kept<Face, String, Job,
      Optional<Seam>> KEPT = Kept.ofNewest(Kept.STATES, (face, whole, job) -> ThingEdits.closing(job, face)
      .map(cup -> looked(job, face, cup)));

  /** The seam of a face; empty where it goes round nothing whose ends meet. */
  public static Optional<Seam> of(Job job, Face face) {
    return KEPT.of(face, "", job);
  }

  private static Seam looked(Job job, Face face, Cup cup) {
    int high = (int) Math.max(1, Math.round(cup.slant() * PPI));
    double wide = cup.along();
    // the upper end stops at the end of the flap; below it the other end goes on from there
    BufferedImage upper = strip(job, face, wide - BESIDE, high);
    BufferedImage lower = strip(job, face, wide - cup.round(), high);
    int edge = upper.getWidth() - 1;
    double most = 0;
    int differ = 0;
    for (int y = 0; y < high; y++) {
      double difference = difference(upper.getRGB(edge, y), lower.getRGB(0, y));
      most = Math.max(most, difference);
      differ += difference > SEEN ? 1 : 0;
    }
    return new Seam((double) differ / high, most, shift(upper, lower, high), joined(upper, lower, high));
  }

  private static BufferedImage strip(Job job, Face face, double from, int high) {
    int wide = (int) Math.round(BESIDE * PPI);
    Box all = job.frame(face).bleedBox();
    DrawnPage page = new DrawnPage(face.name(), job.frame(face).size(), job.frame(face).trim(), all,
        out -> MarkWalk.walk(job, face, Affine.IDENTITY, out));
    BufferedImage art = FacePainter.paint(page, all, false, Affine.move(-from, 0).then(Affine.scale(PPI, PPI)), wide, high,
        Halvings.SHARED);
    BufferedImage out = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    Colour stock = job.making().thing().map(t -> t.colour()).orElse(job.palette().stock());
    g.setColor(new java.awt.Color(stock.rgb()));
    g.fillRect(0, 0, wide, high);
    g.drawImage(art, 0, 0, null);
    g.dispose();
    return out;
  }

  private static double difference(int one, int two) {
    return (one & 0xFFFFFF) == (two & 0xFFFFFF) ? 0
        : Difference.ciede2000(Lab.of(Colour.of(one & 0xFFFFFF)), Lab.of(Colour.of(two & 0xFFFFFF)));
  }

  /** The move of the right end that makes the differences least, of those that take away most of them. */
  private static double shift(BufferedImage upper, BufferedImage lower, int high) {
    int reach = (int) Math.min(high / 3.0, FARTHEST * PPI);
    double now = mean(upper, lower, high, 0);
    double best = now;
    int at = 0;
    for (int by = -reach; by <= reach; by++) {
      double mean = mean(upper, lower, high, by);
      if (mean < best - 1e-9) {
        best = mean;
        at = by;
      }
    }
    return best < HELPS * now ? at / PPI : 0;
  }

  private static double mean(BufferedImage upper, BufferedImage lower, int high, int by) {
    double sum = 0;
    int count = 0;
    for (int y = Math.max(0, -by); y < Math.min(high, high - by); y++) {
      int a = upper.getRGB(upper.getWidth() - 1, y);
      int b = lower.getRGB(0, y + by);
      sum += Math.abs((a >> 16 & 255) - (b >> 16 & 255)) + Math.abs((a >> 8 & 255) - (b >> 8 & 255)) + Math.abs((a & 255) - (b & 255));
      count++;
    }
    return sum / Math.max(1, count);
  }

  private static BufferedImage joined(BufferedImage upper, BufferedImage lower, int high) {
    BufferedImage out = new BufferedImage(upper.getWidth() + lower.getWidth(), high, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.drawImage(upper, 0, 0, null);
    g.drawImage(lower, upper.getWidth(), 0, null);
    g.dispose();
    return out;
  }

  /** Whether the ends meet as far as an eye can tell. */
  public boolean meets() {
    return apart < 0.02;
  }
}
