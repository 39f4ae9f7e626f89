package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.stream.IntStream;
import org.zipthimble.core.colour.Colour;

/**
 * A surface that is worked out, place by place, at whatever resolution it is wanted: foil with its sheen, or glitter of single flakes.
 *
 * @param grain the width of a band of sheen or of a flake, in inches
 * @param degrees the direction the sheen runs in
 * @param seed tells surfaces of one kind apart
 * @param width in inches
 * @param height in inches
 */
public record Texture(Surface surface, Colour colour, double grain, double degrees, int seed, double width, double height) {
  /** Kinds of surfaces. */
  public enum Surface {
    /** Metal foil: bands of sheen and fine creases. */
    FOIL,
    /** Flakes that lie at all angles. */
    GLITTER
  }

  private static final double FINEST = 600;
  private static final double MOST_PIXELS = 24_000_000;

  /** Pixels per inch it is drawn at: 600, or what keeps large surfaces within bounds. */
  public double ppi() {
    return Math.min(FINEST, Math.sqrt(MOST_PIXELS / Math.max(1e-6, width * height)));
  }

  /** The surface as a picture of its size. */
  public Picture picture() {
    String said = String.format(Locale.ROOT, "%s %s %.6f %.6f %d %.6f %.6f", surface, colour.hex(), grain, degrees, seed, width, height);
    int across = (int) Math.max(1, Math.round(width * ppi()));
    int down = (int) Math.max(1, Math.round(height * ppi()));
    return Picture.of(new Blob(said.getBytes(StandardCharsets.US_ASCII)), Kind.TEXTURE, surface.name(), across, down);
  }

  /** Draws what {@link #picture()} wrote down, one of so many pixels across and down. */
  static BufferedImage draw(Picture picture, int step) {
    String[] said = new String(picture.blob().bytes(), StandardCharsets.US_ASCII).split(" ");
    Texture texture = new Texture(
        Surface.valueOf(said[0]), Colour.of(Integer.parseInt(said[1].substring(1), 16)), Double.parseDouble(said[2]),
        Double.parseDouble(said[3]), Integer.parseInt(said[4]), Double.parseDouble(said[5]), Double.parseDouble(said[6]));
    return texture.draw(step);
  }

  private BufferedImage draw(int step) {
    double ppi = ppi() / step;
    int across = (int) Math.max(1, Math.round(width * ppi));
    int down = (int) Math.max(1, Math.round(height * ppi));
    BufferedImage out = new BufferedImage(across, down, BufferedImage.TYPE_INT_RGB);
    int[] to = ((DataBufferInt) out.getRaster().getDataBuffer()).getData();
    double cos = Math.cos(Math.toRadians(degrees));
    double sin = Math.sin(Math.toRadians(degrees));
    IntStream.range(0, down).parallel().forEach(row -> {
      for (int column = 0; column < across; column++) {
        double x = (column + 0.5) / ppi;
        double y = (row + 0.5) / ppi;
        double level = surface == Surface.FOIL ? foil((x * cos + y * sin) / grain, (y * cos - x * sin) / grain)
            : glitter(x / grain, y / grain);
        to[row * across + column] = coloured(level);
      }
    });
    return out;
  }

  /** Broad bands along the direction, narrower ones within them, and creases. */
  private double foil(double u, double v) {
    double bend = 0.6 * noise(u * 0.35, v * 0.35, 1);
    double bands = 0.62 * noise(u * 0.45 + bend, v * 0.06, 2) + 0.28 * noise(u * 1.3 + bend, v * 0.12, 3);
    double crease = 0.10 * noise(u * 4, v * 2.2, 4);
    double level = bands + crease;
    return level * level * (3 - 2 * level);
  }

  /** The flake a place lies on, by the nearest of jittered middles, and how it catches the light. */
  private double glitter(double x, double y) {
    int cx = (int) Math.floor(x);
    int cy = (int) Math.floor(y);
    double nearest = Double.MAX_VALUE;
    double second = Double.MAX_VALUE;
    int flake = 0;
    for (int dy = -1; dy <= 1; dy++) {
      for (int dx = -1; dx <= 1; dx++) {
        int hash = hash(cx + dx, cy + dy, 5);
        double fx = cx + dx + (hash & 1023) / 1024.0;
        double fy = cy + dy + (hash >> 10 & 1023) / 1024.0;
        double away = (fx - x) * (fx - x) + (fy - y) * (fy - y);
        if (away < nearest) {
          second = nearest;
          nearest = away;
          flake = hash;
        } else {
          second = Math.min(second, away);
        }
      }
    }
    double light = (flake >>> 20 & 1023) / 1023.0;
    double level = light > 0.93 ? 1 : 0.12 + 0.62 * light;
    return Math.sqrt(second) - Math.sqrt(nearest) < 0.08 ? level * 0.55 : level;
  }

  /** From a deep tone by way of the colour to a light one. */
  private int coloured(double level) {
    int out = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      double c = colour.rgb() >> shift & 255;
      double dark = 0.42 * c;
      double light = c + (255 - c) * 0.82;
      double v = level < 0.5 ? dark + (c - dark) * level * 2 : c + (light - c) * (level - 0.5) * 2;
      out |= (int) Math.round(Math.max(0, Math.min(255, v))) << shift;
    }
    return out;
  }

  /** Smooth values between chosen ones at whole places, 0 to 1. */
  private double noise(double x, double y, int layer) {
    int ix = (int) Math.floor(x);
    int iy = (int) Math.floor(y);
    double fx = x - ix;
    double fy = y - iy;
    double sx = fx * fx * (3 - 2 * fx);
    double sy = fy * fy * (3 - 2 * fy);
    double top = value(ix, iy, layer) * (1 - sx) + value(ix + 1, iy, layer) * sx;
    double low = value(ix, iy + 1, layer) * (1 - sx) + value(ix + 1, iy + 1, layer) * sx;
    return top * (1 - sy) + low * sy;
  }

  private double value(int x, int y, int layer) {
    return (hash(x, y, layer) & 0xFFFF) / 65535.0;
  }

  private int hash(int x, int y, int layer) {
    int h = seed * 0x9E3779B9 + layer * 0x85EBCA6B + x * 0xC2B2AE35 + y * 0x27D4EB2F;
    h ^= h >>> 15;
    h *= 0x2C1B3C6D;
    h ^= h >>> 12;
    h *= 0x297A2D39;
    return h ^ h >>> 15;
  }
}
