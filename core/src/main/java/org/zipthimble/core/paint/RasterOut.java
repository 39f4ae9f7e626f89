package org.zipthimble.core.paint;

import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.AwtPaths;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.marks.Art;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.Shade;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Levelled;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.wording.Trouble;

/** Draws marks into a picture through a map from page inches to pixels. For one thread at a time. */
public final class RasterOut implements MarkOut {
  private final Affine toPixels;
  private final Halvings pictures;
  private final Deque<BufferedImage> layers = new ArrayDeque<>();
  private Graphics2D g;

  /** Draws into an image; close its graphics by {@link #done}. */
  public RasterOut(BufferedImage image, Affine toPixels, Halvings pictures) {
    this.toPixels = toPixels;
    this.pictures = pictures;
    layers.push(image);
    this.g = graphics(image, null);
  }

  /** Ends the drawing. */
  public void done() {
    g.dispose();
  }

  @Override
  public void fill(Path path, Colour colour) {
    if (seen(path, 0)) {
      g.setColor(awt(colour));
      g.fill(awt(path));
    }
  }

  @Override
  public void fill(Path path, Shade shade) {
    if (seen(path, 0)) {
      g.setPaint(RasterStrokes.paint(shade, awt(shade.toPage().then(toPixels))));
      g.fill(awt(path));
    }
  }

  @Override
  public void line(Path path, Pen pen) {
    double scale = toPixels.meanScale();
    if (!seen(path, pen.width() * scale * RasterStrokes.MITRE)) {
      return;
    }
    g.setColor(awt(pen.colour()));
    g.setStroke(RasterStrokes.stroke(pen, scale));
    g.draw(awt(path));
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    Box about = new Box(0, -2 * run.em(), Math.max(0, run.advance()), 3 * run.em()).grown(run.em());
    if (seen(toPage.then(toPixels).apply(about), 0)) {
      g.setColor(awt(colour));
      g.fill(letters(run, toPage.then(toPixels)));
    }
  }

  /** Sets words below what is there already. */
  void wordsUnder(GlyphRun run, Affine toPage, Colour colour) {
    g.setComposite(AlphaComposite.DstOver);
    words(run, toPage, colour);
    g.setComposite(AlphaComposite.SrcOver);
  }

  /** Pixels with opacity, and where they lie. */
  record Laid(BufferedImage image, int left, int top) {}

  /** What is seen of a picture, drawn by itself; empty when nothing is. */
  Optional<Laid> drawn(Picture picture, Affine toPage) {
    BufferedImage below = layers.peek();
    return toPage.then(toPixels).apply(new Box(0, 0, 1, 1)).grown(2).meet(new Box(0, 0, below.getWidth(), below.getHeight())).map(seen -> {
      int left = (int) Math.floor(seen.x());
      int top = (int) Math.floor(seen.y());
      BufferedImage image = new BufferedImage(
          (int) Math.ceil(seen.right()) - left + 1, (int) Math.ceil(seen.bottom()) - top + 1, BufferedImage.TYPE_INT_ARGB_PRE);
      RasterOut out = new RasterOut(image, toPixels.then(Affine.move(-left, -top)), pictures);
      out.picture(picture, toPage);
      out.done();
      return new Laid(image, left, top);
    });
  }

  void lay(Laid laid) {
    g.drawImage(laid.image(), laid.left(), laid.top(), null);
  }

  @Override
  public void picture(Picture picture, Affine toPage) {
    Affine all = toPage.then(toPixels);
    if (!seen(all.apply(new Box(0, 0, 1, 1)), 0)) {
      return;
    }
    try {
      BufferedImage image = pictures.atLeast(picture, PicturesAhead.share(picture, all));
      if (Levelled.can(image, all)) {
        Levelled.of(image, all, open()).ifPresent(part -> g.drawImage(part.image(), part.left(), part.top(), null));
      } else {
        g.drawImage(image, awt(Affine.scale(1.0 / image.getWidth(), 1.0 / image.getHeight()).then(all)), null);
      }
    } catch (Trouble trouble) {
      throw new IllegalStateException(trouble.getMessage(), trouble);
    }
  }

  /** The pixels that can be drawn to. */
  private Rectangle open() {
    Rectangle whole = new Rectangle(layers.peek().getWidth(), layers.peek().getHeight());
    return g.getClip() == null ? whole : whole.intersection(g.getClipBounds());
  }

  @Override
  public void art(Art art) {
    art(art, UnaryOperator.identity());
  }

  /** Draws art, its softened pixels turned into others of the same size before they are laid down. */
  void art(Art art, UnaryOperator<BufferedImage> turned) {
    BufferedImage under = layers.peek();
    BlurredArt.of(art, toPixels, new Box(0, 0, under.getWidth(), under.getHeight()), pictures).ifPresent(soft -> {
      BufferedImage image = turned.apply(soft.image());
      art.shadow().ifPresent(h -> halo(soft, h, art.opacity()));
      art.glow().ifPresent(h -> halo(soft, h, art.opacity()));
      if (art.blend() == Blend.NORMAL) {
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) art.opacity()));
        g.drawImage(image, soft.left(), soft.top(), null);
        g.setComposite(AlphaComposite.SrcOver);
      } else {
        new Blending(art.blend()).lay(clipped(image, soft), under, soft.left(), soft.top(), art.opacity());
      }
    });
  }

  private void halo(BlurredArt soft, Art.Halo halo, double opacity) {
    double dx = toPixels.a() * halo.shift().x() + toPixels.c() * halo.shift().y();
    double dy = toPixels.b() * halo.shift().x() + toPixels.d() * halo.shift().y();
    g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) opacity));
    g.drawImage(soft.halo(halo), AffineTransform.getTranslateInstance(soft.left() + dx, soft.top() + dy), null);
    g.setComposite(AlphaComposite.SrcOver);
  }

  /** The art without what the clip leaves out. */
  private BufferedImage clipped(BufferedImage whole, BlurredArt soft) {
    if (g.getClip() == null) {
      return whole;
    }
    BufferedImage image = new BufferedImage(whole.getWidth(), whole.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D inside = image.createGraphics();
    inside.translate(-soft.left(), -soft.top());
    inside.setClip(g.getClip());
    inside.drawImage(whole, soft.left(), soft.top(), null);
    inside.dispose();
    return image;
  }

  @Override
  public Scope clip(Path path) {
    Shape before = g.getClip();
    g.clip(awt(path));
    return () -> g.setClip(before);
  }

  @Override
  public Scope opacity(double opacity) {
    BufferedImage below = layers.peek();
    BufferedImage layer = new BufferedImage(below.getWidth(), below.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D outer = g;
    layers.push(layer);
    g = graphics(layer, outer.getClip());
    return () -> {
      g.dispose();
      layers.pop();
      g = outer;
      g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) opacity));
      g.drawImage(layer, 0, 0, null);
      g.setComposite(AlphaComposite.SrcOver);
    };
  }

  /** Whether any of a path can fall into the picture; judged by its places, curves' controls included. */
  private boolean seen(Path path, double border) {
    return Measure.hull(path).filter(hull -> seen(toPixels.apply(hull), border)).isPresent();
  }

  private boolean seen(Box pixels, double border) {
    BufferedImage image = layers.peek();
    return pixels.right() >= -1 - border && pixels.x() <= image.getWidth() + 1 + border
        && pixels.bottom() >= -1 - border && pixels.y() <= image.getHeight() + 1 + border;
  }

  private static Graphics2D graphics(BufferedImage image, Shape clip) {
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.setRenderingHint(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
    if (clip != null) {
      g.setClip(clip);
    }
    return g;
  }

  static Color awt(Colour colour) {
    return new Color(colour.red(), colour.green(), colour.blue());
  }

  private static AffineTransform awt(Affine m) {
    return new AffineTransform(m.a(), m.b(), m.c(), m.d(), m.e(), m.f());
  }

  /** All letters of a run as one path, straight from the glyphs as they were drawn once: of long stories every one is drawn often. */
  private static Path2D letters(GlyphRun run, Affine map) {
    Path2D.Double all = new Path2D.Double(Path2D.WIND_NON_ZERO);
    for (Glyph glyph : run.glyphs()) {
      Affine own = Affine.scale(run.em(), run.em()).then(Affine.move(glyph.x(), glyph.y())).then(map);
      all.append(run.face().drawing(glyph.id()).getPathIterator(awt(own)), false);
    }
    return all;
  }

  private Path2D awt(Path path) {
    return AwtPaths.write(path.mapped(toPixels));
  }
}
