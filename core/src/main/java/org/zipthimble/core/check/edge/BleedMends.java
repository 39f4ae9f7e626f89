package org.zipthimble.core.check.edge;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsPicture;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** What can be done at once about artwork that stops short of the bleed. */
final class BleedMends {
  private static final int EDGE = 64;

  private BleedMends() {}

  static List<Mend> of(Job job, Face face, Finding finding) {
    List<Mend> out = new ArrayList<>();
    Optional<Item> item = finding.itemId().flatMap(id -> face.items().stream().filter(i -> i.id().equals(id)).findFirst());
    if (finding.side().isPresent() && item.filter(BleedMends::straight).isPresent()) {
      out.add(new Mend("mend.stretch", stretch(job, face, item.get())));
      item.get().pictured().ifPresent(photo -> out.add(new Mend("mend.mirror", mirror(job, face, photo))));
    }
    boolean trim = finding.side().isPresent() || finding.itemId().isEmpty();
    if (trim) {
      out.add(new Mend("mend.ground", ground(job, face, item)));
    }
    return out;
  }

  private static boolean straight(Item item) {
    Placement p = item.placement();
    boolean level = Math.abs(p.turn()) < 1e-9 && p.slant() == 0;
    boolean box = item.pictured().isPresent() || item.mount().isPresent() || item.outlined().filter(s -> s.outline().boxed()).isPresent();
    return level && box && !item.properties().locked();
  }

  /** How far each side lies short of the bleed edge, of sides that reach the trim: left, top, right, bottom. */
  private static double[] short4(Frame frame, Placement p) {
    Box trim = frame.trim();
    Insets b = frame.bleed();
    double[] bleed = {b.left(), b.top(), b.right(), b.bottom()};
    double near = 1.0 / 64;
    double[] past = {-p.x(), -p.y(), p.x() + p.width() - trim.right(), p.y() + p.height() - trim.bottom()};
    double[] out = new double[4];
    for (int i = 0; i < 4; i++) {
      out[i] = past[i] >= -near && past[i] < bleed[i] ? bleed[i] - past[i] : 0;
    }
    return out;
  }

  /**
   * Pulls the sides that reach the trim out to the bleed edge; a picture keeps its proportion, grown about the middle of what it covers
   * as little as will do.
   */
  static Edit stretch(Job job, Face face, Item item) {
    double[] s = short4(job.frame(face), item.placement());
    return Edits.place(face.id(), Set.of(item.id()), "edit.stretch", p -> {
      Box wanted = new Box(p.x() - s[0], p.y() - s[1], p.width() + s[0] + s[2], p.height() + s[1] + s[3]);
      if (item.pictured().isEmpty()) {
        return p.boxed(wanted.x(), wanted.y(), wanted.width(), wanted.height());
      }
      double scale = Math.max(wanted.width() / p.width(), wanted.height() / p.height());
      double w = p.width() * scale;
      double h = p.height() * scale;
      double left = s[0] > 0 == s[2] > 0 ? wanted.centre().x() - w / 2 : s[0] > 0 ? wanted.right() - w : wanted.x();
      double top = s[1] > 0 == s[3] > 0 ? wanted.centre().y() - h / 2 : s[1] > 0 ? wanted.bottom() - h : wanted.y();
      return p.boxed(left, top, w, h);
    });
  }

  /** Lays mirror images of a picture's edges around it, out to the bleed edge; what is inside the trim stays as it is. */
  static Edit mirror(Job job, Face face, HoldsPicture photo) {
    double[] s = short4(job.frame(face), photo.placement());
    return new Edit(Wording.text("edit.mirrorEdge"), before -> {
      Job now = before;
      for (int dx = -1; dx <= 1; dx++) {
        for (int dy = -1; dy <= 1; dy++) {
          double wide = dx == 0 ? photo.placement().width() : dx < 0 ? s[0] : s[2];
          double high = dy == 0 ? photo.placement().height() : dy < 0 ? s[1] : s[3];
          if ((dx != 0 || dy != 0) && wide > 0 && high > 0) {
            Item strip = strip(now.freshId(), photo, dx, dy, wide, high);
            now = now.changed(face.id(), f -> f.changedBeside(photo.id(), items -> {
              List<Item> more = new ArrayList<>(items);
              more.add(more.indexOf(more.stream().filter(i -> i.id().equals(photo.id())).findFirst().orElseThrow()), strip);
              return more;
            }));
          }
        }
      }
      return now;
    });
  }

  private static Item strip(String id, HoldsPicture photo, int dx, int dy, double wide, double high) {
    Placement p = photo.placement();
    Retouch r = photo.retouching();
    double part = Math.min(1, wide / p.width());
    double slice = Math.min(1, high / p.height());
    boolean fromLeft = dx < 0 != (r.flippedX() != p.flipped());
    boolean fromTop = dy < 0 != r.flippedY();
    Box crop = new Box(
        dx == 0 ? r.crop().x() : fromLeft ? r.crop().x() : r.crop().right() - part * r.crop().width(),
        dy == 0 ? r.crop().y() : fromTop ? r.crop().y() : r.crop().bottom() - slice * r.crop().height(),
        dx == 0 ? r.crop().width() : part * r.crop().width(), dy == 0 ? r.crop().height() : slice * r.crop().height());
    double x = dx == 0 ? p.x() : dx < 0 ? p.x() - wide : p.x() + p.width();
    double y = dy == 0 ? p.y() : dy < 0 ? p.y() - high : p.y() + p.height();
    Retouch mirrored = r.withCrop(crop).flipped(r.flippedX() != (dx != 0), r.flippedY() != (dy != 0));
    ItemProperties properties = ItemProperties.of(id, Wording.text("item.mirroredEdge", photo.properties().name()),
        photo.properties().visible(), false, photo.properties().role(), photo.properties().opacity());
    return new ItemPhoto(properties, p.boxed(x, y, wide, high), photo.pictureId(), mirrored);
  }

  /** Puts a ground over the whole bleed under all else, in the colour that the artwork has along its edge. */
  static Edit ground(Job job, Face face, Optional<Item> item) {
    // The colour is looked for when the mend is done: that may decode a picture.
    return new Edit(Wording.text("edit.ground"), before -> {
      Colour colour = item.map(i -> edge(job, i)).orElseGet(() -> lowest(job, face));
      Item ground = ItemShape.of(
          ItemProperties.of(before.freshId(), Wording.text("item.ground")), Placement.of(before.frame(face).bleedBox()),
          new Outline.Rectangle(0),
          Optional.of(colour), Optional.empty());
      return before.changed(face.id(), f -> {
        List<Item> more = new ArrayList<>(List.of(ground));
        more.addAll(f.items());
        return f.withItems(more);
      });
    });
  }

  private static Colour lowest(Job job, Face face) {
    return face.items().stream().filter(i -> i.properties().printed()).findFirst().map(i -> edge(job, i)).orElse(Colour.WHITE);
  }

  /** The mean colour along the edges of an object. */
  private static Colour edge(Job job, Item item) {
    Optional<Colour> fill = item.outlined().flatMap(HasOutline::fill);
    return fill.or(() -> item.shown(job.pictures()).map(s -> {
      try {
        BufferedImage small = new BufferedImage(EDGE, EDGE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, EDGE, EDGE);
        g.drawImage(Halvings.SHARED.atLeast(s.picture(), (double) EDGE / s.picture().width()), 0, 0, EDGE, EDGE, null);
        g.dispose();
        return rim(small);
      } catch (Trouble unreadable) {
        return Colour.WHITE;
      }
    })).orElse(Colour.WHITE);
  }

  private static Colour rim(BufferedImage image) {
    long[] sum = new long[3];
    for (int i = 0; i < EDGE; i++) {
      for (int rgb : new int[] {image.getRGB(i, 0), image.getRGB(i, EDGE - 1), image.getRGB(0, i), image.getRGB(EDGE - 1, i)}) {
        sum[0] += rgb >> 16 & 255;
        sum[1] += rgb >> 8 & 255;
        sum[2] += rgb & 255;
      }
    }
    return new Colour((int) (sum[0] / (4 * EDGE)), (int) (sum[1] / (4 * EDGE)), (int) (sum[2] / (4 * EDGE)));
  }
}
