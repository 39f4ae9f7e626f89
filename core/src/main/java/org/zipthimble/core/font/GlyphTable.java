package org.zipthimble.core.font;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.kept.Kept;

/**
 * Every glyph of a face: with the character that it draws, or with the character and the feature by which it is reached, or alone. Worked
 * out once for a face.
 */
public final class GlyphTable {
  private static final int LAST_CHARACTER = 0x1FFFF;

  /** Features that exchange single letters, figures and signs are tried on these. */
  private static final int LAST_TRIED = 0x24F;

  private static final Kept<FontFace, String, Void, GlyphTable> KEPT = Kept.ofAll((face, whole, nothing) -> new GlyphTable(face));

  private final List<Entry> entries;

  /**
   * A glyph.
   *
   * @param character the character that it draws, by itself or through the feature
   * @param feature what must be on for it
   * @param outline in ems, y downwards from the baseline
   */
  public record Entry(int glyph, Optional<Integer> character, Optional<String> feature, Path outline) {
    /** What it is called: the name of its character in Unicode, in small letters; its number where it has none. */
    public String name() {
      return character.map(c -> Character.getName(c).toLowerCase(Locale.ROOT)).orElse("glyph " + glyph) + feature.map(f -> " (" + f + ")")
          .orElse("");
    }

    /** Its character by its code, as U+0041; empty where it has none. */
    public String code() {
      return character.map(c -> String.format(Locale.ROOT, "U+%04X", c)).orElse("");
    }
  }

  private GlyphTable(FontFace face) {
    Map<Integer, Entry> found = new HashMap<>();
    List<Integer> characters = new ArrayList<>();
    for (int c = ' '; c <= LAST_CHARACTER; c++) {
      if (Character.isDefined(c) && !Character.isISOControl(c) && Character.getType(c) != Character.SURROGATE && face.draws(c)) {
        int character = c;
        int glyph = face.glyph(c);
        if (glyph > 0 && glyph < face.glyphs()) {
          found.putIfAbsent(glyph, new Entry(glyph, Optional.of(character), Optional.empty(), face.outline(glyph)));
          characters.add(c);
        }
      }
    }
    // the one that gathers all others tells nothing by its name
    for (String feature : face.features().stream().filter(f -> !f.equals("aalt")).toList()) {
      characters.stream().filter(c -> c <= LAST_TRIED).forEach(c -> {
        String text = Character.toString(c);
        List<HarfBuzzFont.Shaped> shaped = face.shape(text, 0, text.length(), false, List.of(feature));
        if (shaped.size() == 1 && shaped.get(0).glyph() > 0) {
          int glyph = shaped.get(0).glyph();
          found.putIfAbsent(glyph, new Entry(glyph, Optional.of(c), Optional.of(feature), face.outline(glyph)));
        }
      });
    }
    for (int glyph = 1; glyph < face.glyphs(); glyph++) {
      int one = glyph;
      found.computeIfAbsent(one, g -> new Entry(one, Optional.empty(), Optional.empty(), face.outline(one)));
    }
    // by their characters, what is reached by features after the plain ones, those without a character at the end
    entries = found.values().stream()
        .sorted(java.util.Comparator.comparingInt((Entry e) -> e.character().isEmpty() ? 2 : e.feature().isPresent() ? 1 : 0)
        .thenComparingInt(e -> e.character().orElse(0)).thenComparingInt(Entry::glyph)).toList();
  }

  /** The glyphs of a face. */
  public static GlyphTable of(FontFace face) {
    return KEPT.of(face, "", null);
  }

  /** All of them. */
  public List<Entry> all() {
    return entries;
  }

  /** Those of a name, a code as U+2766 or 2766, a feature, or the very character; all for nothing. */
  public List<Entry> search(String wanted) {
    String plain = wanted.strip().toLowerCase(Locale.ROOT);
    if (plain.isEmpty()) {
      return entries;
    }
    boolean one = wanted.strip().codePointCount(0, wanted.strip().length()) == 1;
    int character = wanted.strip().codePointAt(0);
    return entries.stream().filter(e -> one ? e.character().filter(c -> c == character).isPresent()
        : e.name().contains(plain) || e.code().toLowerCase(Locale.ROOT).endsWith(plain.replace("u+", "")) && plain.length() > 2).toList();
  }
}
