package org.zipthimble.core.font;

import java.lang.ref.Cleaner;
import java.lang.ref.Reference;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import org.lwjgl.system.MemoryStack;
import org.lwjgl.system.MemoryUtil;
import org.lwjgl.util.harfbuzz.HarfBuzz;
import org.lwjgl.util.harfbuzz.hb_feature_t;
import org.lwjgl.util.harfbuzz.hb_glyph_info_t;
import org.lwjgl.util.harfbuzz.hb_glyph_position_t;

/**
 * A face as the shaping library knows it, in font units. What it holds outside of Java's memory goes when nobody uses the face any more.
 * Safe for several threads: nothing of it changes.
 */
public final class HarfBuzzFont {
  private static final Cleaner CLEANER = Cleaner.create();

  private final long font;

  /** A glyph: its number, the place in the text where its characters begin, and figures in font units, y upwards. */
  public record Shaped(int glyph, int cluster, int advance, int dx, int dy) {}

  /** Takes a copy of a font's bytes. */
  HarfBuzzFont(byte[] bytes, int unitsPerEm) {
    HarfBuzzLibrary.load();
    ByteBuffer copy = MemoryUtil.memAlloc(bytes.length);
    copy.put(bytes).flip();
    long blob = HarfBuzz.hb_blob_create(copy, HarfBuzz.HB_MEMORY_MODE_READONLY, 0, null);
    long face = HarfBuzz.hb_face_create(blob, 0);
    this.font = HarfBuzz.hb_font_create(face);
    HarfBuzz.hb_font_set_scale(font, unitsPerEm, unitsPerEm);
    HarfBuzz.hb_font_make_immutable(font);
    CLEANER.register(this, new Freed(font, face, blob, copy));
  }

  /** What is let go; it must not know the font it belongs to. */
  private record Freed(long font, long face, long blob, ByteBuffer copy) implements Runnable {
    @Override
    public void run() {
      HarfBuzz.hb_font_destroy(font);
      HarfBuzz.hb_face_destroy(face);
      HarfBuzz.hb_blob_destroy(blob);
      MemoryUtil.memFree(copy);
    }
  }

  /**
   * Shapes a run of one direction; its script is told by its letters.
   *
   * @param text the whole text, so that letters beside the run are known
   * @param from where the run begins
   * @param to where it ends
   * @param features as {@code liga=0} or {@code smcp}, in the standard's tags (OpenType, registered features)
   * @return glyphs from left to right
   */
  List<Shaped> shape(String text, int from, int to, boolean rightToLeft, List<String> features) {
    long buffer = HarfBuzz.hb_buffer_create();
    ByteBuffer letters = MemoryUtil.memUTF16(text, false);
    try (MemoryStack stack = MemoryStack.stackPush(); hb_feature_t.Buffer wanted = hb_feature_t.calloc(features.size())) {
      HarfBuzz.hb_buffer_add_utf16(buffer, letters, from, to - from);
      HarfBuzz.hb_buffer_set_direction(buffer, rightToLeft ? HarfBuzz.HB_DIRECTION_RTL : HarfBuzz.HB_DIRECTION_LTR);
      HarfBuzz.hb_buffer_guess_segment_properties(buffer);
      for (int i = 0; i < features.size(); i++) {
        if (!HarfBuzz.hb_feature_from_string(stack.ASCII(features.get(i), false), wanted.get(i))) {
          throw new IllegalArgumentException("no feature of a font: " + features.get(i));
        }
      }
      HarfBuzz.hb_shape(font, buffer, features.isEmpty() ? null : wanted);
      hb_glyph_info_t.Buffer infos = HarfBuzz.hb_buffer_get_glyph_infos(buffer);
      hb_glyph_position_t.Buffer positions = HarfBuzz.hb_buffer_get_glyph_positions(buffer);
      List<Shaped> out = new ArrayList<>();
      for (int i = 0; infos != null && positions != null && i < infos.remaining(); i++) {
        hb_glyph_position_t at = positions.get(i);
        out.add(new Shaped(infos.get(i).codepoint(), infos.get(i).cluster(), at.x_advance(), at.x_offset(), at.y_offset()));
      }
      return out;
    } finally {
      MemoryUtil.memFree(letters);
      HarfBuzz.hb_buffer_destroy(buffer);
      // without it this could be let go, and with it what the library reads, while the library still shapes
      Reference.reachabilityFence(this);
    }
  }
}
