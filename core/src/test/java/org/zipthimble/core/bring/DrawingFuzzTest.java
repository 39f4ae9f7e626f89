package org.zipthimble.core.bring;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.paint.DxfFile;
import org.zipthimble.core.paint.SvgFile;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Thousands of damaged drawings: each gives a clear sentence or a sound result, and none hangs. */
class DrawingFuzzTest {
  private static final int EACH = 3000;
  private static final VectorLimits SMALL = new VectorLimits(2_000_000, 2_000, 200_000, 20);
  private static final String[] WORDS = {"<g>", "</g>", "<use href='#a'/>", "-", "e9", "99999999", "\"", "matrix(0 0 0 0 0 0)", "url(#a)",
      "M", "A1 1 0 1 1",
    "<clipPath id='a'>", "viewBox=\"0 0 0 0\"", "%", "NaN", "SPLINE", "INSERT", "0\nVERTEX\n", "70\n8\n", "EOF", "\u0000", "&#x0;",
    "1e400"};

  private static String base(boolean svg) {
    VectorSheet sheet = new VectorSheet("Seeds", new Size(6, 4), List.of(
        new VectorSheet.Layer("Cut through leaf", Colour.BLACK, List.of(), List.of(
            new VectorSheet.Line("Heart", ReadyForm.HEART.path(2, 2, List.of(0.2)), java.util.Optional.empty()),
            new VectorSheet.Line("Star", ReadyForm.STAR.path(2, 2, List.of(5.0, 0.5, 0.1)), java.util.Optional.empty()))),
        new VectorSheet.Layer("Score", Colour.WHITE, List.of(0.1, 0.1), List.of(
            new VectorSheet.Line("Fold", org.zipthimble.core.geom.Shapes.line(
            new org.zipthimble.core.geom.Point(0, 1), new org.zipthimble.core.geom.Point(3, 1)), java.util.Optional.empty())))));
    return svg ? SvgFile.text(sheet).replace("</svg>", "<defs><linearGradient id='a'><stop offset='0'/></linearGradient></defs><g "
        + "transform='scale(2)'><rect width='1' height='1' fill='url(#a)'/><text x='1' y='1'>seeds</text></g></svg>")
        : DxfFile.text(sheet);
  }

  private static String damaged(String text, Random r) {
    StringBuilder out = new StringBuilder(text);
    for (int n = 1 + r.nextInt(6); n > 0; n--) {
      int at = r.nextInt(out.length());
      int end = Math.min(out.length(), at + 1 + r.nextInt(12));
      switch (r.nextInt(5)) {
        case 0 -> out.delete(at, end);
        case 1 -> out.insert(at, WORDS[r.nextInt(WORDS.length)]);
        case 2 -> out.setCharAt(at, (char) (32 + r.nextInt(95)));
        case 3 -> out.insert(at, out.substring(at, end).repeat(1 + r.nextInt(20)));
        default -> out.setLength(Math.max(20, at));
      }
    }
    return out.toString();
  }

  @Test
  void damagedDrawingsGiveASentenceOrASoundResult() {
    int read = 0;
    for (boolean svg : new boolean[] {true, false}) {
      String base = base(svg);
      for (int i = 0; i < EACH; i++) {
        byte[] bytes = damaged(base, new Random(i)).getBytes(StandardCharsets.UTF_8);
        int seed = i;
        read += assertTimeoutPreemptively(Duration.ofSeconds(20), () -> tried(svg, bytes), () -> "seed " + seed + " svg " + svg) ? 1 : 0;
      }
    }
    assertTrue(read > EACH / 5, "many are still read: " + read);
  }

  private static boolean tried(boolean svg, byte[] bytes) {
    try {
      ImportedDrawing b = svg ? SvgIn.read("d.svg", bytes, OptionalDouble.empty(), SMALL)
          : DxfIn.read("d.dxf", bytes, OptionalDouble.empty(), SMALL);
      b.items().forEach(item -> assertTrue(Double.isFinite(item.placement().width()) && item.placement().width() <= 10_000));
      assertTrue(b.size().width() > 0);
      return true;
    } catch (Trouble told) {
      assertFalse(told.getMessage().isBlank());
      assertFalse(told.getMessage().contains("Exception"));
      return false;
    }
  }
}
