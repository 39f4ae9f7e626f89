package org.zipthimble.core.font;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.wording.Trouble;

/**
 * One font file: its bytes, its metrics and its outlines. Everything is laid out at a size of one
 * font unit (the em is {@link #unitsPerEm} units) and scaled afterwards, so nothing is rounded to a
 * screen grid. Safe for use from several threads.
 */
public final class FontFace {
  private static final int NO_EMBEDDING = 0x0002;
  private static final int TRIED_GLYPHS = 3000;
  private static final FontRenderContext EXACT = new FontRenderContext(new AffineTransform(), true, true);

  private final String family;
  private final String style;
  private final byte[] bytes;
  private final int unitsPerEm;
  private final double ascent;
  private final double descent;
  private final Font drawing;
  private final HarfBuzzFont shaping;
  private final FontKind kind;
  private final java.util.SortedSet<String> features;
  private final Map<Integer, Path> outlines = new ConcurrentHashMap<>();
  private final Map<Integer, Path2D> drawings = new ConcurrentHashMap<>();
  private final Map<Integer, Optional<Box>> boxes = new ConcurrentHashMap<>();

  private FontFace(String family, String style, byte[] bytes) throws IOException, FontFormatException {
    this.family = family;
    this.style = style;
    this.bytes = bytes.clone();
    SfntTables tables = SfntTables.read(ByteBuffer.wrap(this.bytes));
    if ((tables.embedding() & NO_EMBEDDING) != 0) {
      throw new FontFormatException("the font may not be embedded");
    }
    this.unitsPerEm = tables.unitsPerEm();
    this.kind = tables.kind();
    this.ascent = tables.ascent() / (double) unitsPerEm;
    this.descent = -tables.descent() / (double) unitsPerEm;
    this.drawing = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(this.bytes)).deriveFont((float) unitsPerEm);
    this.features = java.util.Collections.unmodifiableSortedSet(SfntTables.features(ByteBuffer.wrap(this.bytes)));
    this.shaping = new HarfBuzzFont(this.bytes, unitsPerEm);
  }

  /**
   * Reads a TrueType font.
   *
   * @throws Trouble when the bytes are not a font that can be used and embedded
   */
  public static FontFace read(String family, String style, byte[] bytes) throws Trouble {
    try {
      return new FontFace(family, style, bytes);
    } catch (IOException | FontFormatException | RuntimeException e) {
      throw Trouble.because(e, "font.unreadable", family + " " + style);
    }
  }

  /** What the file says of its kind. */
  public FontKind kind() {
    return kind;
  }

  /**
   * Whether a font's maker lets it be embedded in files (OS/2 fsType, OpenType specification 1.9); true for what is no font, which reading
   * tells.
   */
  public static boolean mayBeEmbedded(byte[] bytes) {
    try {
      return (SfntTables.read(ByteBuffer.wrap(bytes)).embedding() & NO_EMBEDDING) == 0;
    } catch (IOException | RuntimeException none) {
      return true;
    }
  }

  /**
   * Reads a font that somebody brought: its glyphs are drawn, and it is put into a file as it would be sent, so that nothing fails later.
   *
   * @throws Trouble when the bytes are not a font that can be used, drawn and embedded
   */
  public static FontFace tried(String family, String style, byte[] bytes) throws Trouble {
    FontFace face = read(family, style, bytes);
    try (PDDocument document = new PDDocument()) {
      PDType0Font font = PDType0Font.load(document, new ByteArrayInputStream(bytes), true);
      Set<Integer> glyphs = new HashSet<>();
      for (int glyph = 0; glyph < Math.min(face.plainGlyphs(), TRIED_GLYPHS); glyph++) {
        face.drawn(glyph);
        glyphs.add(glyph);
      }
      font.addGlyphsToSubset(glyphs);
      font.subset();
      return face;
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "font.unreadable", family + " " + style);
    }
  }

  /** How many glyphs it has. */
  int glyphs() {
    return drawing.getNumGlyphs();
  }

  /** Whether it has a drawing for a character. */
  boolean draws(int character) {
    return drawing.canDisplay(character);
  }

  /** The glyph of a character, 0 for none. */
  int glyph(int character) {
    return drawing.createGlyphVector(EXACT, Character.toString(character)).getGlyphCode(0);
  }

  private int plainGlyphs() {
    return drawing.getNumGlyphs();
  }

  /** The family, such as Fraunces. */
  public String family() {
    return family;
  }

  /** The style within the family, such as Semibold Italic. */
  public String style() {
    return style;
  }

  /** Family and style as one name. */
  public String name() {
    return family + " " + style;
  }

  /** A copy of the file's bytes. */
  public byte[] bytes() {
    return bytes.clone();
  }

  /** Font units in an em. */
  public int unitsPerEm() {
    return unitsPerEm;
  }

  /** How far the face rises above the baseline, in ems. */
  public double ascent() {
    return ascent;
  }

  /** How far it falls below the baseline, in ems, above zero. */
  public double descent() {
    return descent;
  }

  /** The features by which glyphs can be exchanged, by their tags (OpenType specification, registered features). */
  public java.util.SortedSet<String> features() {
    return features;
  }

  /** The height of capitals in ems, measured on the outline of an upright one. */
  public double capHeight() {
    List<HarfBuzzFont.Shaped> shaped = shape("H", 0, 1, false, List.of());
    return shaped.isEmpty() ? ascent : Measure.bounds(outline(shaped.get(0).glyph())).map(box -> -box.y()).filter(h -> h > 0)
        .orElse(ascent);
  }

  /** The first character the face has no drawing for, by its place in the text from 0, or -1. */
  public int firstMissing(String text) {
    return text.codePoints().filter(c -> !has(c)).findFirst().orElse(-1);
  }

  /** Whether the face has a drawing for a character (a code point of Unicode), or the character needs none. */
  public boolean has(int character) {
    return Character.isWhitespace(character) || Character.isISOControl(character) || Character.getType(character) == Character.FORMAT
        || drawing.canDisplay(character);
  }

  /** The outline of a glyph, told by its number in the face, in ems, y downwards from the baseline. */
  public Path outline(int glyph) {
    return outlines.computeIfAbsent(glyph, this::drawn);
  }

  /** The same outline in the form in which it is drawn into pixels. It must not be changed. */
  public Path2D drawing(int glyph) {
    return drawings.computeIfAbsent(glyph, g -> AwtPaths.write(outline(g)));
  }

  /** The exact box of a glyph's outline in ems; empty where it has none. */
  Optional<Box> box(int glyph) {
    return boxes.computeIfAbsent(glyph, g -> Measure.bounds(outline(g)));
  }

  public List<HarfBuzzFont.Shaped> shape(String text, int from, int to, boolean rightToLeft, List<String> features) {
    return shaping.shape(text, from, to, rightToLeft, features);
  }

  private Path drawn(int glyph) {
    GlyphVector one = drawing.createGlyphVector(EXACT, new int[] {glyph});
    PathIterator in = one.getGlyphOutline(0).getPathIterator(AffineTransform.getScaleInstance(1.0 / unitsPerEm, 1.0 / unitsPerEm));
    return AwtPaths.read(in);
  }
}
