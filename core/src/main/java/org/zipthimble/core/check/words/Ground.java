package org.zipthimble.core.check.words;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Contrast;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Pixels;

/** A face without its words and codes, on its stock, looked at small: what they must stand out from. */
record Ground(int[] pixels, int width, Box bleed, double ppi) {
  private static final double FINEST_PPI = 72;
  private static final double MOST_PIXELS = 600_000;
  private static final Kept<Face, String, Job, Ground> KEPT = Kept.ofNewest(24, (face, whole, job) -> painted(Subject.of(job, face)));

  /** That of a face; kept for as long as the face lives and what it is drawn with stays. */
  static Ground of(Subject on) {
    return KEPT.of(on.face(), "", on.job());
  }

  private static boolean coded(Item item) {
    return item.outlined().flatMap(s -> s.outline().asCoded()).isPresent();
  }

  private static Ground painted(Subject on) {
    Box bleed = on.frame().bleedBox();
    double ppi = Math.min(FINEST_PPI, Math.sqrt(MOST_PIXELS / (bleed.width() * bleed.height())));
    int width = (int) Math.max(1, Math.round(bleed.width() * ppi));
    int height = (int) Math.max(1, Math.round(bleed.height() * ppi));
    Set<String> words = on.face().all().stream().filter(i -> i.words().isPresent() || coded(i)).map(Item::id).collect(Collectors.toSet());
    Face bare = on.face().changed(words, i -> i.with(i.properties().withVisible(false)));
    DrawnPage page = new DrawnPage(bare.name(), on.frame().size(), on.frame().trim(), bleed,
        out -> MarkWalk.walk(on.job(), bare, Affine.IDENTITY, out));
    BufferedImage image = FacePainter.paint(page, bleed, false, Affine.move(-bleed.x(), -bleed.y()).then(Affine.scale(ppi, ppi)), width,
        height, Halvings.SHARED);
    return new Ground(Pixels.argb(onStock(image, on.job().palette().stock())), width, bleed, ppi);
  }

  private static BufferedImage onStock(BufferedImage art, Colour stock) {
    BufferedImage out = new BufferedImage(art.getWidth(), art.getHeight(), BufferedImage.TYPE_INT_RGB);
    java.awt.Graphics2D g = out.createGraphics();
    g.setColor(new java.awt.Color(stock.red(), stock.green(), stock.blue()));
    g.fillRect(0, 0, out.getWidth(), out.getHeight());
    g.drawImage(art, 0, 0, null);
    g.dispose();
    return out;
  }

  /** The light of what lies under boxes, pixel by pixel, 0 to 1; none beside the face. */
  DoubleStream lights(List<Box> boxes) {
    return boxes.stream().flatMapToInt(this::under).mapToDouble(Contrast::luminance);
  }

  private IntStream under(Box box) {
    int height = pixels.length / width;
    int left = Math.min(width, (int) Math.max(0, Math.floor((box.x() - bleed.x()) * ppi)));
    int right = (int) Math.max(left, Math.min(width, Math.ceil((box.right() - bleed.x()) * ppi)));
    int top = (int) Math.max(0, Math.floor((box.y() - bleed.y()) * ppi));
    int bottom = (int) Math.max(top, Math.min(height, Math.ceil((box.bottom() - bleed.y()) * ppi)));
    return IntStream.range(top, bottom).flatMap(y -> Arrays.stream(pixels, y * width + left, y * width + right));
  }

  /** How light it is under boxes on the whole, 0 to 1; empty beside the face. */
  OptionalDouble light(List<Box> boxes) {
    return lights(boxes).average();
  }

  /** How far a colour stands apart from what lies under boxes, but for a part of its places; empty beside the face. */
  Optional<Double> contrast(List<Box> boxes, Colour colour, double but) {
    double light = Contrast.luminance(colour);
    double[] ratios = lights(boxes).map(under -> Contrast.ratio(light, under)).sorted().toArray();
    return ratios.length == 0 ? Optional.empty() : Optional.of(ratios[(int) (ratios.length * but)]);
  }
}
