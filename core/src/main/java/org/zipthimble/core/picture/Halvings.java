package org.zipthimble.core.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.lang.ref.SoftReference;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Ongoing;

/**
 * Decoded pictures and their halved copies, kept while memory lasts. Drawing far below full size needs
 * them: the toolkit's bicubic drawing does not average what it skips. Safe for several threads.
 */
public final class Halvings {
  /** Pictures of more pixels are read coarser where they are drawn small. */
  private static final long LARGE = 20_000_000;

  /** Those of the whole program: what one part of it has decoded, the others need not decode again. */
  public static final Halvings SHARED = new Halvings();

  private final Map<Key, SoftReference<BufferedImage>> kept = new ConcurrentHashMap<>();
  /** One thread makes a copy while others wait for that one alone; a copy waits for a larger one only. */
  private final Map<Key, Object> making = new ConcurrentHashMap<>();

  /** The bytes of a picture, what tells them and what is done to them from others, and how often they are halved. */
  private record Key(Blob blob, String id, int level) {
    static Key untouched(Picture picture, int level) {
      return new Key(picture.blob(), picture.blob().id(), level);
    }
  }

  /**
   * The picture at a size at or above the wanted share of its pixels.
   *
   * @param share drawn pixels over picture pixels, above zero
   * @throws Trouble when the picture cannot be decoded
   */
  public BufferedImage atLeast(Picture picture, double share) throws Trouble {
    int level = 0;
    for (double s = share; s <= 0.5 && level < 12; s *= 2) {
      level++;
    }
    return halved(picture, level);
  }

  /**
   * Sees whether a picture can be decoded; one that is kept has been. One that is not large is kept: what looks at it next need not decode
   * it again.
   *
   * @throws Trouble when it cannot
   */
  public void tried(Picture picture) throws Trouble {
    if (found(Key.untouched(picture, 0)) != null) {
      return;
    }
    if (picture.kind().outlines() || picture.kind() == Kind.PDF || Pictures.pixels(picture) > LARGE / 2) {
      Pictures.tried(picture);
    } else {
      kept(Key.untouched(picture, 0), () -> untouched(picture, 0));
    }
  }

  private BufferedImage halved(Picture picture, int level) throws Trouble {
    if (picture.retouch().none()) {
      return kept(Key.untouched(picture, level), () -> untouched(picture, level));
    }
    return kept(new Key(picture.blob(), picture.id(), level), () -> {
      BufferedImage image = kept(Key.untouched(picture, level), () -> untouched(picture, level));
      return Retoucher.apply(image, picture.retouch(), level == 0);
    });
  }

  private interface Maker {
    BufferedImage make() throws Trouble;
  }

  private BufferedImage kept(Key key, Maker maker) throws Trouble {
    Ongoing.check();
    BufferedImage image = found(key);
    if (image != null) {
      return image;
    }
    synchronized (making.computeIfAbsent(key, k -> new Object())) {
      image = found(key);
      if (image == null) {
        image = maker.make();
        kept.values().removeIf(soft -> soft.get() == null);
        kept.put(key, new SoftReference<>(image));
        making.remove(key);
      }
    }
    return image;
  }

  private BufferedImage found(Key key) {
    SoftReference<BufferedImage> soft = kept.get(key);
    return soft == null ? null : soft.get();
  }

  /** As it came; a very large picture that is wanted small is never decoded whole. */
  private BufferedImage untouched(Picture picture, int level) throws Trouble {
    if (level == 0) {
      return Pictures.untouched(picture, 1);
    }
    boolean large = level > 1 && found(Key.untouched(picture, level - 1)) == null
        && (picture.kind() == Kind.PDF || Pictures.pixels(picture) > LARGE);
    if (large) {
      return half(Pictures.untouched(picture, 1 << (level - 1)));
    }
    return half(kept(Key.untouched(picture, level - 1), () -> untouched(picture, level - 1)));
  }

  static BufferedImage half(BufferedImage full) {
    int width = Math.max(1, full.getWidth() / 2);
    int height = Math.max(1, full.getHeight() / 2);
    boolean alpha = full.getColorModel().hasAlpha();
    BufferedImage out =
        new BufferedImage(width, height, alpha ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.drawImage(full, 0, 0, width, height, null);
    g.dispose();
    return out;
  }
}
