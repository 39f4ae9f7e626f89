package org.zipthimble.core;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.HoldsWords;
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
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Small jobs for tests: a 5 x 7 in card, 1/8 in bleed and safe area, 300 ppi. */
public final class Made {
  public static final Colour CREAM = Colour.of(0xFBF5E6);
  public static final Colour BEET = Colour.of(0x7A2E22);

  private Made() {}

  public static Job card(Item... items) {
    Ticket ticket = Ticket.usual("Card", new Size(5, 7));
    Job blank = Job.blank("Test card", ticket, List.of("front"));
    return blank.withFaces(List.of(Face.of("f1", "front", List.of(items))));
  }

  public static Job with(Picture picture, Item... items) {
    Job blank = Job.blank("Test card", Ticket.usual("Card", new Size(5, 7)), List.of("front")).with(picture);
    return blank.withFaces(List.of(Face.of("f1", "front", List.of(items))));
  }

  public static ItemShape rectangle(String id, double x, double y, double width, double height) {
    return ItemShape.of(
        ItemProperties.of(id, "Rectangle " + id), Placement.of(new Box(x, y, width, height)), new Outline.Rectangle(0),
        Optional.of(CREAM), Optional.empty());
  }

  public static ItemShape ellipse(String id, double x, double y, double width, double height) {
    return ItemShape.of(
        ItemProperties.of(id, "Ellipse " + id), Placement.of(new Box(x, y, width, height)), new Outline.Ellipse(),
        Optional.of(BEET), Optional.empty());
  }

  public static ItemShape drawn(String id) {
    Path path = Path.build().start(1 / 3.0, 0).curve(Math.E / 3, 1e-7, Math.PI / 4, 1 / 7.0, 1, 1 - 1e-12).line(0, 2 / 3.0).close().path();
    return ItemShape.of(
        ItemProperties.of(id, "Drawn " + id), Placement.of(1, 5, 1, 1, 12), new Outline.Drawn(path), Optional.of(BEET), Optional.empty());
  }

  public static ItemShape background(String id) {
    return rectangle(id, -0.125, -0.125, 5.25, 7.25);
  }

  public static WordStyle style(String family, String style, double pt) {
    return new WordStyle(family, style, pt, 120, 0, Align.LEFT, BEET);
  }

  public static HoldsWords words(String id, String text, double x, double y, double width, double height, WordStyle style) {
    return ItemWords.of(ItemProperties.of(id, "Words " + id), Placement.of(x, y, width, height, 0), text, style);
  }

  public static ItemPhoto photo(String id, Picture picture, double x, double y, double width, double height) {
    return ItemPhoto.of(ItemProperties.of(id, "Photo " + id), Placement.of(x, y, width, height, 0), picture.id());
  }

  public static BufferedImage chequers(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    for (int y = 0; y < height; y += 20) {
      for (int x = 0; x < width; x += 20) {
        g.setColor(new Color(60 + (x * 7 + y * 3) % 180, 90 + (x + y) % 120, (x * y) % 200));
        g.fillRect(x, y, 20, 20);
      }
    }
    g.dispose();
    return image;
  }

  public static byte[] png(int width, int height) {
    return PngFile.bytes(chequers(width, height), 300);
  }

  public static byte[] jpeg(int width, int height) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(chequers(width, height), "jpg", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public static Picture picture(int width, int height) {
    try {
      return Pictures.look("chequers.png", png(width, height), Pictures.Limits.USUAL);
    } catch (Trouble e) {
      throw new IllegalStateException(e);
    }
  }

  public static Picture photograph(int width, int height) {
    try {
      return Pictures.look("chequers.jpg", jpeg(width, height), Pictures.Limits.USUAL);
    } catch (Trouble e) {
      throw new IllegalStateException(e);
    }
  }
}
