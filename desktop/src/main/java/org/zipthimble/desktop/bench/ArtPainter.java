package org.zipthimble.desktop.bench;

import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.Changed;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.paint.LensPainter;
import org.zipthimble.core.paint.LensView;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.sheet.Imposition;

/**
 * Paints the art of the bench. While something is dragged, what lies below and above it is painted once
 * and kept; what only moves is painted once too and laid down shifted by whole pixels until it is let go.
 * For one thread.
 */
final class ArtPainter {
  private static final double FAINT = 0.28;
  private static final long LONG_WORK = 60;
  private static final long REST = 25;

  /** Smoothed edges reach so many pixels past what is drawn. */
  private static final double SEAM = 2;

  /** Above this part of the picture all is painted. */
  private static final double MOST_MENDED = 0.7;

  private final Halvings pictures;
  private Optional<Layers> kept = Optional.empty();
  private Optional<Painted> last = Optional.empty();
  private volatile Optional<LensView> seen = Optional.empty();

  /**
   * What is to be painted.
   *
   * @param base the job before the drag
   * @param shown the job as it is shown
   * @param sharp pixels of the picture for each of the window
   * @param moved how far the objects that differ were moved on the face, when that is all that was done
   */
  record PaintRequest(
      Job base, Job shown, String faceId, Viewport view, double sharp, int width, int height, boolean trimmed,
      Optional<Point> moved, Lens lens) {
    Affine toPixels() {
      return view.toPixels().then(Affine.scale(sharp, sharp));
    }

    /** Whether the same is asked for, only looked at from elsewhere. */
    boolean sameBut(PaintRequest o) {
      return base == o.base && shown == o.shown && faceId.equals(o.faceId) && sharp == o.sharp && width == o.width && height == o.height
          && trimmed == o.trimmed && moved.equals(o.moved) && lens == o.lens;
    }

    /** Whether it is looked at from the same place, whatever is seen. */
    boolean seenAlike(PaintRequest o) {
      return faceId.equals(o.faceId) && view.equals(o.view) && sharp == o.sharp && width == o.width && height == o.height
          && trimmed == o.trimmed && lens == o.lens;
    }

    boolean sameBase(PaintRequest o) {
      return base == o.base && faceId.equals(o.faceId) && view.equals(o.view) && sharp == o.sharp && width == o.width
          && height == o.height && trimmed == o.trimmed;
    }
  }

  /** What is kept during a drag: the run of objects that change, and the pictures below, above and of them. */
  private record Layers(PaintRequest asked, int from, int to, BufferedImage below, BufferedImage above, Optional<BufferedImage> moving) {}

  /** What was painted last as a whole. */
  private record Painted(PaintRequest asked, BufferedImage art) {}

  ArtPainter(Halvings pictures) {
    this.pictures = pictures;
  }

  BufferedImage paint(PaintRequest asked) {
    long begun = System.nanoTime();
    BufferedImage art = painted(asked);
    breathe((System.nanoTime() - begun) / 1_000_000);
    return art;
  }

  /** After long work the thread rests a little, so that on a small machine the window itself stays quick. */
  private static void breathe(long millis) {
    if (millis > LONG_WORK) {
      try {
        Thread.sleep(REST);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }

  /** What was last seen through a lens. */
  Optional<LensView> seen() {
    return seen;
  }

  private BufferedImage lensed(PaintRequest asked, Face face) {
    DrawnPage page = Imposition.bench(asked.shown(), face);
    ColourPlan colour = asked.shown().colour();
    LensView view = LensPainter.paint(page, asked.trimmed() ? page.trim() : page.bleed(), asked.toPixels(), asked.width(), asked.height(),
        pictures,
        colour.inking(asked.shown().palette()), asked.lens(), colour.limit(), asked.shown().palette().stock());
    seen = Optional.of(view);
    return view.image();
  }

  private BufferedImage painted(PaintRequest asked) {
    Face face = asked.shown().face(asked.faceId()).orElseThrow();
    if (asked.lens() != Lens.NONE) {
      kept = Optional.empty();
      return lensed(asked, face);
    }
    seen = Optional.empty();
    boolean clearing = face.all().stream().anyMatch(i -> i.properties().clearGap() > 0) || mixing(face);
    int[] run = clearing || asked.base() == asked.shown() ? new int[0] : changed(asked.base().face(asked.faceId()).orElse(face), face);
    if (run.length == 0) {
      kept = Optional.empty();
      return whole(asked, face);
    }
    Layers layers = kept.filter(k -> k.asked().sameBase(asked) && k.from() == run[0] && k.to() == run[1])
        .orElseGet(() -> keep(asked, face, run));
    kept = Optional.of(layers);
    return composed(asked, face, layers);
  }

  /** Whether anything mixes with what lies below it. */
  private static boolean mixing(Face face) {
    return face.all().stream().anyMatch(i -> i.properties().effects().blend() != Blend.NORMAL);
  }

  /** All of it, or what was painted last with only the part painted anew that has changed. */
  private BufferedImage whole(PaintRequest asked, Face face) {
    BufferedImage art = last.filter(l -> l.asked().seenAlike(asked))
        .flatMap(l -> Changed.box(l.asked().shown(), asked.shown(), asked.faceId()).flatMap(b -> mended(asked, face, l.art(), b)))
        .orElseGet(() -> part(asked, face, 0, 0, asked.width(), asked.height()));
    last = Optional.of(new Painted(asked, art));
    return art;
  }

  /** What was painted, its part in a box painted anew; empty where painting it all is as quick. */
  private Optional<BufferedImage> mended(PaintRequest asked, Face face, BufferedImage before, Box changed) {
    Box pixels = asked.toPixels().apply(changed).grown(SEAM);
    int left = (int) Math.max(0, Math.floor(pixels.x()));
    int top = (int) Math.max(0, Math.floor(pixels.y()));
    int width = (int) Math.min(asked.width(), Math.ceil(pixels.right())) - left;
    int height = (int) Math.min(asked.height(), Math.ceil(pixels.bottom())) - top;
    if ((double) width * height > MOST_MENDED * asked.width() * asked.height()) {
      return Optional.empty();
    }
    BufferedImage out = new BufferedImage(asked.width(), asked.height(), BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D g = out.createGraphics();
    g.setComposite(AlphaComposite.Src);
    g.drawImage(before, 0, 0, null);
    if (width > 0 && height > 0) {
      g.drawImage(part(asked, face, left, top, width, height), left, top, null);
    }
    g.dispose();
    return Optional.of(out);
  }

  private BufferedImage part(PaintRequest asked, Face face, int left, int top, int width, int height) {
    DrawnPage page = Imposition.bench(asked.shown(), face);
    Box within = asked.trimmed() ? page.trim() : page.bleed();
    return FacePainter.paint(page, within, !asked.trimmed() && outside(face, within), mixing(face),
        asked.toPixels().then(Affine.move(-left, -top)), width, height, pictures);
  }

  private static boolean outside(Face face, Box within) {
    return Scene.of(face).leaves().stream().anyMatch(n -> !within.grown(0.02).contains(n.around(), 0));
  }

  /** The first and one past the last place whose objects differ; nothing when others lie between them. */
  private static int[] changed(Face before, Face now) {
    if (before.items().size() != now.items().size()) {
      return new int[0];
    }
    int from = -1;
    int to = -1;
    int count = 0;
    for (int i = 0; i < now.items().size(); i++) {
      if (before.items().get(i) != now.items().get(i)) {
        from = from < 0 ? i : from;
        to = i + 1;
        count++;
      }
    }
    return count == 0 || count != to - from ? new int[0] : new int[] {from, to};
  }

  private Layers keep(PaintRequest asked, Face face, int[] run) {
    Face before = asked.base().face(asked.faceId()).orElseThrow();
    BufferedImage below = layer(asked, before.items().subList(0, run[0]), 0);
    BufferedImage above = layer(asked, before.items().subList(run[1], before.items().size()), 0);
    Optional<BufferedImage> moving = asked.moved().map(d -> layer(asked, before.items().subList(run[0], run[1]), margin(asked)));
    return new Layers(asked, run[0], run[1], below, above, moving);
  }

  private static int margin(PaintRequest asked) {
    return Math.max(asked.width(), asked.height()) / 3;
  }

  private BufferedImage layer(PaintRequest asked, List<Item> items, int margin) {
    Face only = Face.of(asked.faceId(), "layer", new ArrayList<>(items));
    Affine map = asked.toPixels().then(Affine.move(margin, margin));
    Box all = new Box(-10_000, -10_000, 20_000, 20_000);
    return FacePainter.paint(Imposition.bench(asked.shown(), only), all, false, map, asked.width() + 2 * margin,
        asked.height() + 2 * margin, pictures);
  }

  private BufferedImage composed(PaintRequest asked, Face face, Layers layers) {
    BufferedImage art = new BufferedImage(asked.width(), asked.height(), BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D g = art.createGraphics();
    g.drawImage(layers.below(), 0, 0, null);
    int margin = margin(asked);
    Point shift = asked.moved()
        .map(d -> new Point(d.x() * asked.view().scale() * asked.sharp(), d.y() * asked.view().scale() * asked.sharp()))
        .orElse(new Point(Double.MAX_VALUE, 0));
    if (layers.moving().isPresent() && Math.abs(shift.x()) < margin && Math.abs(shift.y()) < margin) {
      g.drawImage(layers.moving().get(), (int) Math.round(shift.x()) - margin, (int) Math.round(shift.y()) - margin, null);
    } else {
      g.drawImage(layer(asked, face.items().subList(layers.from(), layers.to()), 0), 0, 0, null);
    }
    g.drawImage(layers.above(), 0, 0, null);
    g.dispose();
    return framed(asked, face, art);
  }

  /** What lies outside the bleed is faint, or not there at all on a clean bench. */
  private static BufferedImage framed(PaintRequest asked, Face face, BufferedImage art) {
    BufferedImage out = new BufferedImage(asked.width(), asked.height(), BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D g = out.createGraphics();
    Frame frame = asked.shown().frame(face);
    Box within = asked.toPixels().apply(asked.trimmed() ? frame.trim() : frame.bleedBox());
    if (!asked.trimmed()) {
      g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) FAINT));
      g.drawImage(art, 0, 0, null);
      g.setComposite(AlphaComposite.Src);
    }
    g.clip(new java.awt.geom.Rectangle2D.Double(within.x(), within.y(), within.width(), within.height()));
    g.drawImage(art, 0, 0, null);
    g.dispose();
    return out;
  }
}
