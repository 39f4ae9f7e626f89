package org.zipthimble.core.code;

import org.zipthimble.core.units.Insets;

/** Codes that machines read, with what their standards ask for. */
public enum CodeKind {
  /** QR code (ISO/IEC 18004): a quiet zone of 4 modules all round (clause 6.3.8). */
  QR(true, new Insets(4, 4, 4, 4), 0.4 / 25.4),
  /** Data Matrix (ISO/IEC 16022): a quiet zone of 1 module all round. */
  DATA_MATRIX(true, new Insets(1, 1, 1, 1), 0.255 / 25.4),
  /** UPC-A (ISO/IEC 15420): quiet zones of 9 modules; from 80 per cent of the nominal module of 0.33 mm. */
  UPC_A(false, new Insets(9, 0, 9, 0), 0.264 / 25.4),
  /** EAN-13 (ISO/IEC 15420): quiet zones of 11 and 7 modules; from 80 per cent of the nominal module of 0.33 mm. */
  EAN_13(false, new Insets(11, 0, 7, 0), 0.264 / 25.4),
  /** Code 128 (ISO/IEC 15417): quiet zones of 10 modules; the least module is a figure of trade, no source. */
  CODE_128(false, new Insets(10, 0, 10, 0), 0.191 / 25.4);

  private final boolean matrix;
  private final Insets quiet;
  private final double leastModule;

  CodeKind(boolean matrix, Insets quiet, double leastModule) {
    this.matrix = matrix;
    this.quiet = quiet;
    this.leastModule = leastModule;
  }

  /** Whether it is as high as wide. */
  public boolean matrix() {
    return matrix;
  }

  /** The free room that a reader needs at each side, in modules. */
  public Insets quiet() {
    return quiet;
  }

  /** The narrowest module that usual readers see, in inches. */
  public double leastModule() {
    return leastModule;
  }
}
