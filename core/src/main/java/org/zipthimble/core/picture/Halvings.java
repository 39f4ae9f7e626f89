package org.zipthimble.core.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.lang.ref.SoftReference;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.zipthimble.core.wording.Trouble;

/**
 * Decoded pictures and their halved copies, kept while memory lasts. Drawing far below full size needs
 * them: the toolkit's bicubic drawing does not average what it skips. Safe for several threads.
 */
public final class Halvings {
  private final Map<String, SoftReference<BufferedImage>> kept = new ConcurrentHashMap<>();

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

  private BufferedImage halved(Picture picture, int level) throws Trouble {
    String key = picture.id() + "/" + level;
    SoftReference<BufferedImage> soft = kept.get(key);
    BufferedImage image = soft == null ? null : soft.get();
    if (image != null) {
      return image;
    }
    synchronized (this) {
      soft = kept.get(key);
      image = soft == null ? null : soft.get();
      if (image != null) {
        return image;
      }
      image = level == 0 ? Pictures.decode(picture) : half(halved(picture, level - 1));
      kept.put(key, new SoftReference<>(image));
    }
    return image;
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
