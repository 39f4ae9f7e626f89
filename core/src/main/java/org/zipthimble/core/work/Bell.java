package org.zipthimble.core.work;

/** A bell that rings when something is done. */
public final class Bell {
  /** Samples a second. */
  public static final int RATE = 22_050;

  private static final int SECONDS = 2;
  private static final double[] STROKES = {0, 0.5, 1.0};
  private static final double[] PITCHES = {1318, 2637};
  private static final double[] LOUD = {0.6, 0.25};
  private static final double[] FADING = {6, 9};

  private Bell() {}

  /** Three strokes as signed samples of eight bits, one channel. */
  public static byte[] strokes() {
    byte[] sound = new byte[RATE * SECONDS];
    for (int i = 0; i < sound.length; i++) {
      double value = 0;
      for (double from : STROKES) {
        double t = (double) i / RATE - from;
        for (int tone = 0; t >= 0 && tone < PITCHES.length; tone++) {
          value += Math.sin(2 * Math.PI * PITCHES[tone] * t) * Math.exp(-FADING[tone] * t) * LOUD[tone];
        }
      }
      sound[i] = (byte) Math.max(-127, Math.min(127, value * 110));
    }
    return sound;
  }
}
