package org.zipthimble.core.picture;

import org.zipthimble.core.colour.Colour;

/** A named look: how the tones and colours of pictures are brought to agree. */
public enum PictureLook {
  /** As it is. */
  NONE(Tones.NONE, Colour.BLACK, 0, Colour.WHITE, 0),
  /** Pale and warm, blacks lifted. */
  WASHED_LINEN(new Tones(0.15, -0.25, 0.15, -0.3), Colour.of(0x6B5A48), 0.22, Colour.of(0xF6EDDC), 0.35),
  /** Like an old printed packet: brown shadows, creamy lights. */
  SEED_PACKET(new Tones(0.05, 0.1, 0.3, -0.15), Colour.of(0x4A2F1C), 0.3, Colour.of(0xF7E8C4), 0.45),
  /** Moist and green. */
  UNDER_GLASS(new Tones(0.1, -0.05, -0.1, 0.05), Colour.of(0x1F3D2E), 0.22, Colour.of(0xEAF5E4), 0.35),
  /** Pale and cool. */
  FIRST_FROST(new Tones(0.2, -0.1, -0.45, -0.35), Colour.of(0x2A3D5C), 0.2, Colour.of(0xEEF4FB), 0.4),
  /** Low golden light. */
  LATE_HARVEST(new Tones(0.05, 0.15, 0.5, 0.15), Colour.of(0x5A2A12), 0.15, Colour.of(0xFFE9B8), 0.35),
  /** Dark and quiet. */
  ROOT_CELLAR(new Tones(-0.3, 0.2, 0.1, -0.4), Colour.of(0x16110F), 0.2, Colour.of(0xE9DDCB), 0.3),
  /** One brown ink. */
  ALMANAC(new Tones(0.05, 0.1, 0, -1), Colour.of(0x33200F), 1, Colour.of(0xF6EAD2), 1),
  /** Black ink on white. */
  NEWSPRINT(new Tones(0.05, 0.3, 0, -1), Colour.BLACK, 0, Colour.WHITE, 0),
  /** Bright and clear. */
  MORNING_DEW(new Tones(0.3, 0.05, -0.05, 0.15), Colour.of(0x20323A), 0.1, Colour.WHITE, 0),
  /** Blue shadows, rosy lights. */
  LONG_DUSK(new Tones(-0.05, 0.1, 0, -0.1), Colour.of(0x232A5E), 0.35, Colour.of(0xFBDCC8), 0.45),
  /** One beet-red ink. */
  BEETROOT(new Tones(0.1, 0.15, 0, -1), Colour.of(0x5B1535), 1, Colour.of(0xFBEDEF), 1),
  /** Burnt clay. */
  FLOWERPOT(new Tones(0, 0.05, 0.4, -0.35), Colour.of(0x6A2C18), 0.3, Colour.of(0xF8DFCB), 0.4);

  private final Tones tones;
  private final Colour dark;
  private final double darkShare;
  private final Colour light;
  private final double lightShare;

  PictureLook(Tones tones, Colour dark, double darkShare, Colour light, double lightShare) {
    this.tones = tones;
    this.dark = dark;
    this.darkShare = darkShare;
    this.light = light;
    this.lightShare = lightShare;
  }

  Tones tones() {
    return tones;
  }

  /** What the colour with this level is tinted towards, from the dark to the light end. */
  double tint(int shift, double level) {
    double dark = this.dark.rgb() >> shift & 255;
    double light = this.light.rgb() >> shift & 255;
    return dark + (light - dark) * level;
  }

  /** How far a colour of this level is tinted: most at the ends, least in the middle. */
  double share(double level) {
    double d = 1 - level;
    return Math.min(1, darkShare == 1 ? 1 : darkShare * d * d + lightShare * level * level);
  }
}
