package org.zipthimble.measure.window;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.zipthimble.core.guide.Order;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.view.OnThing;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.samples.DemoShelf;

/** Draws the ready job of every order on its thing, for the help. */
final class OrderPictures {
  private static final int WIDE = 360;
  private static final int HIGH = 270;
  private static final int SMOOTH = 3;
  private static final Color PAPER = new Color(0xEB, 0xE4, 0xD5);

  private OrderPictures() {}

  /** Writes them into a folder, a picture a job. */
  static void write(Path folder) throws IOException, Trouble {
    Files.createDirectories(folder);
    for (String demo : Stream.of(Order.values()).map(Order::demo).collect(Collectors.toCollection(TreeSet::new))) {
      Job job = DemoShelf.job(demo + ".thimble");
      Face face = job.faces().get(0);
      if (!ImageIO.write(opaque(OnThing.of(job, face).draw(OnThing.usual(job, face), WIDE, HIGH, SMOOTH)), "jpg",
          folder.resolve(demo + ".jpg").toFile())) {
        throw new IOException("no JPEG of " + demo);
      }
    }
  }

  private static BufferedImage opaque(BufferedImage image) {
    BufferedImage out = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.drawImage(image, 0, 0, PAPER, null);
    g.dispose();
    return out;
  }
}
