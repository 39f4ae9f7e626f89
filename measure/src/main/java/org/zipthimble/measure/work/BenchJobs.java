package org.zipthimble.measure.work;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import javax.imageio.ImageIO;
import org.zipthimble.core.bring.OrnamentShelf;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Makes the large jobs that speed is stated on: one of about 200 MB, and a 20 x 30 in poster with the same page as SVG. */
final class BenchJobs {
  private static final int LARGE_PICTURES = 8;
  private static final Size POSTER = new Size(20, 30);

  private BenchJobs() {}

  static void write(Path folder) throws Trouble, IOException {
    Files.createDirectories(folder);
    Files.write(folder.resolve("srgb.icc"), ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
    ThimbleFile.save(large(), folder.resolve("large.thimble"));
    Job poster = poster();
    ThimbleFile.save(poster, folder.resolve("poster.thimble"));
    PageOptions whole = PageOptions.of(poster).withBleed(false);
    BenchSvg svg = new BenchSvg(POSTER);
    Imposition.of(poster, poster.faces().get(0), whole).marks().accept(svg);
    Files.writeString(folder.resolve("poster.svg"), svg.end());
  }

  /** Eight pictures of noise, which no packing makes smaller: 3,000 x 2,800 pixels of three bytes each. */
  private static Job large() throws Trouble {
    Map<String, Picture> pictures = new TreeMap<>();
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < LARGE_PICTURES; i++) {
      BufferedImage noise = new BufferedImage(3000, 2800, BufferedImage.TYPE_INT_RGB);
      int[] pixels = new Random(i).ints(3000L * 2800, 0, 0x1000000).toArray();
      noise.setRGB(0, 0, 3000, 2800, pixels, 0, 3000);
      Picture picture = Pictures.look("noise-" + i + ".png", PngFile.bytes(noise, 300), Pictures.Limits.USUAL);
      pictures.put(picture.id(), picture);
      items.add(ItemPhoto.of(ItemProperties.of("i" + (i + 1), "Noise " + i), Placement.of(i % 2 * 10, i / 2 * 9, 10, 9, 0), picture.id()));
    }
    return job("Large", items, pictures);
  }

  private static Job poster() throws Trouble, IOException {
    List<Item> items = new ArrayList<>();
    Map<String, Picture> pictures = new TreeMap<>();
    items.add(ItemShape.of(ItemProperties.of("i1", "Paper"), Placement.of(new Box(-0.125, -0.125, 20.25, 30.25)), new Outline.Rectangle(0),
        Optional.of(Colour.of(0xFBF5E6)), Optional.empty()));
    for (int i = 0; i < 2; i++) {
      Picture picture = Pictures.look("field-" + i + ".jpg", photograph(4500, 2400, i), Pictures.Limits.USUAL);
      pictures.put(picture.id(), picture);
      items.add(ItemPhoto.of(ItemProperties.of("i" + (i + 2), "Field " + i), Placement.of(1 + i * 9.25, 1, 8.75, 4.667, 0), picture.id()));
    }
    int id = 10;
    WordStyle style = new WordStyle("Alegreya", "Regular", 18, 130, 0, Align.LEFT, Colour.of(0x3B2B26));
    for (int i = 0; i < 240; i++) {
      Point at = new Point(1.8 + i % 12 * 1.5, 7 + i / 12 * 1.12);
      Item item = i % 3 == 0
          ? ItemWords.of(ItemProperties.of("i" + id, "Words " + i), Placement.of(at.x() - 0.7, at.y() - 0.4, 1.4, 0.9, 0),
          "Sow beans in week " + (i / 3 + 1), style)
          : OrnamentShelf.all().get(i % OrnamentShelf.all().size()).item(id, at);
      double scale = Math.min(1, 1.2 / Math.max(item.placement().width(), item.placement().height()));
      Placement p = item.placement();
      items.add(i % 3 == 0 ? item : item.with(Placement.of(
          at.x() - p.width() * scale / 2, at.y() - p.height() * scale / 2, p.width() * scale, p.height() * scale, 0)));
      id += item.withMembers().size();
    }
    return job("Poster", items, pictures);
  }

  private static Job job(String name, List<Item> items, Map<String, Picture> pictures) {
    return Job.of(name, Ticket.usual(name, POSTER), List.of(Face.of("f1", "face", items)), pictures);
  }

  private static byte[] photograph(int width, int height, int seed) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int grain = (x * 31 + y * 17 + x * y % 97 + seed * 40) % 24;
        int green = Math.min(255, 70 + y * 120 / height + grain);
        image.setRGB(x, y, Math.min(255, 120 + x * 90 / width + grain) << 16 | green << 8 | 60 + grain);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }
}
