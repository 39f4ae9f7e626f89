package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;

/**
 * What is shaped against the tables of the font files themselves, read by another library (Debian's python3-fonttools): advance widths
 * (hmtx), pairs that are kerned (GPOS) and ligatures (GSUB).
 */
class FontTablesTest {
  private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789.,-";
  private static final List<String> PLAIN = List.of("liga=0", "calt=0", "clig=0");

  /** Prints the advance of each letter, what each pair of capitals is kerned by, and the glyph that a ligature of letters gives. */
  private static final String SCRIPT = """
      import sys
      from fontTools.ttLib import TTFont
      font = TTFont(sys.argv[1]); cmap = font.getBestCmap(); order = font.getGlyphID; letters = sys.argv[2]
      def lookups(table, tag):
          if table not in font: return []
          t = font[table].table; wanted = []
          scripts = {s.ScriptTag: s.Script for s in t.ScriptList.ScriptRecord}
          latin = (scripts.get('latn') or scripts['DFLT']).DefaultLangSys
          for n, r in enumerate(t.FeatureList.FeatureRecord):
              if r.FeatureTag == tag and n in latin.FeatureIndex:
                  for i in r.Feature.LookupListIndex:
                      if i not in wanted: wanted.append(i)
          return [t.LookupList.Lookup[i] for i in sorted(wanted)]
      def plain(lookup, kind):
          out = []
          for s in lookup.SubTable:
              if s.LookupType in (7, 9) and hasattr(s, 'ExtSubTable'): s = s.ExtSubTable
              if s.LookupType == kind: out.append(s)
          return out
      # what a face always puts in place of a letter (the feature rvrn, which no text can switch off)
      instead = {}
      for lookup in lookups('GSUB', 'rvrn'):
          for s in plain(lookup, 1): instead.update(s.mapping)
      cmap = {c: instead.get(g, g) for c, g in cmap.items()}
      for c in letters:
          print('a', c, font['hmtx'][cmap[ord(c)]][0])
      def kern(a, b):
          total = 0
          for lookup in lookups('GPOS', 'kern'):
              for s in plain(lookup, 2):
                  if a not in s.Coverage.glyphs: continue
                  if s.Format == 1:
                      found = [p for p in s.PairSet[s.Coverage.glyphs.index(a)].PairValueRecord if p.SecondGlyph == b]
                      if found:
                          total += (found[0].Value1.XAdvance if found[0].Value1 and hasattr(found[0].Value1, 'XAdvance') else 0); break
                  else:
                      v = s.Class1Record[s.ClassDef1.classDefs.get(a, 0)].Class2Record[s.ClassDef2.classDefs.get(b, 0)].Value1
                      total += v.XAdvance if v and hasattr(v, 'XAdvance') else 0; break
          return total
      for a in letters[:26]:
          for b in letters[:26]:
              print('k', a + b, kern(cmap[ord(a)], cmap[ord(b)]))
      for word in ('fi', 'fl', 'ff', 'ffi'):
          names = [cmap[ord(c)] for c in word]; found = -1
          # where letters are changed by their neighbours first, no plain table tells what comes out
          if any(plain(lookup, 5) + plain(lookup, 6) for lookup in lookups('GSUB', 'liga')): continue
          for lookup in lookups('GSUB', 'liga'):
              for s in plain(lookup, 4):
                  for l in s.ligatures.get(names[0], []):
                      if l.Component == names[1:] and found < 0: found = order(l.LigGlyph)
          print('l', word, found)
      """;

  @TempDir Path folder;

  private List<String[]> read(FontFace face) throws Exception {
    Path script = Files.writeString(folder.resolve("tables.py"), SCRIPT);
    Path font = Files.write(folder.resolve("font.ttf"), face.bytes());
    Process process = new ProcessBuilder("/usr/bin/python3", script.toString(), font.toString(), LETTERS).redirectErrorStream(true).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(process.waitFor(60, TimeUnit.SECONDS) && process.exitValue() == 0, out);
    return out.lines().map(l -> l.split(" ")).toList();
  }

  private static long units(FontFace face, String text) {
    return Math.round(Shaper.shape(face, text, 72, 0, PLAIN).advance() * face.unitsPerEm());
  }

  @ParameterizedTest
  @CsvSource({"Alegreya, Regular", "Caveat, Regular", "Cormorant Garamond, Regular", "Courier Prime, Regular", "Figtree, Regular",
      "Fraunces, Regular",
      "Great Vibes, Regular", "Josefin Sans, Regular"})
  void advancesPairsAndLigaturesAreThoseOfTheFont(String family, String style) throws Exception {
    FontFace face = BundledFonts.shelf().find(family, style).orElseThrow();
    int kerned = 0;
    int joined = 0;
    for (String[] line : read(face)) {
      int wanted = Integer.parseInt(line[2]);
      switch (line[0]) {
        case "a" -> assertEquals(wanted, units(face, line[1]), family + " " + line[1]);
        case "k" -> {
          String pair = line[1];
          assertEquals(wanted, units(face, pair) - units(face, pair.substring(0, 1)) - units(face, pair.substring(1)),
              family + " kerns " + pair);
          kerned += wanted == 0 ? 0 : 1;
        }
        default -> {
          if (wanted >= 0) {
            List<Glyph> glyphs = Shaper.shape(face, line[1], 12, 0, List.of("calt=0")).glyphs();
            assertEquals(List.of(wanted), glyphs.stream().map(Glyph::id).toList(), family + " joins " + line[1]);
            assertEquals(line[1], glyphs.get(0).text(), "the ligature stands for its letters");
            joined++;
          }
        }
      }
    }
    System.out.println(family + ": " + LETTERS.length() + " advances, " + kerned + " kerned pairs of 676 and " + joined
        + " ligatures, largest difference 0 units");
    assertTrue(kerned > 0 || family.equals("Courier Prime"), "pairs that are kerned: " + kerned);
  }

  /** Every character belongs to one glyph, whatever the letters do; a caret finds its place by that. */
  @ParameterizedTest
  @ValueSource(strings = {"office affluent", "Ä½ x²", "a\u0301bc", "AVATAR To Wa", "1/2 fl. oz"})
  void clustersCoverTheTextInOrder(String text) {
    for (String family : List.of("Fraunces", "Alegreya", "Figtree")) {
      List<Glyph> glyphs = Shaper.shape(BundledFonts.shelf().find(family, "Regular").orElseThrow(), text, 12, 0).glyphs();
      StringBuilder said = new StringBuilder();
      int last = 0;
      for (Glyph glyph : glyphs) {
        assertTrue(glyph.cluster() >= last && glyph.cluster() < text.length());
        last = glyph.cluster();
        assertTrue(glyph.text().isEmpty() || text.startsWith(glyph.text(), glyph.cluster()));
        said.append(glyph.text());
      }
      assertEquals(text, said.toString(), family);
    }
  }

  /** What runs from right to left stands in its order for the eye, and its characters are still told in theirs (UAX 9). */
  @Test
  void wordsOfBothDirectionsStandInTheirOrderForTheEye() {
    FontFace face = BundledFonts.shelf().find("Figtree", "Regular").orElseThrow();
    String text = "ab \u05D0\u05D1\u05D2 cd";
    List<Integer> clusters = new ArrayList<>();
    Shaper.shape(face, text, 12, 0).glyphs().forEach(g -> clusters.add(g.cluster()));
    assertEquals(List.of(0, 1, 2, 5, 4, 3, 6, 7, 8), clusters);
  }

  @Test
  void featuresAreAskedForByTheirTags() {
    FontFace face = BundledFonts.shelf().find("Fraunces", "Regular").orElseThrow();
    assertEquals(16, Shaper.shape(face, "office affluent coat", 12, 0).glyphs().size(), "ffi and ffl are one glyph each");
    assertEquals(20, Shaper.shape(face, "office affluent coat", 12, 0, PLAIN).glyphs().size());
    assertEquals(20, Shaper.shape(face, "office affluent coat", 12, 50).glyphs().size(), "letters that are tracked apart are not joined");
    assertThrows(IllegalArgumentException.class, () -> Shaper.shape(face, "a", 12, 0, List.of("no feature at all")));
  }

  /** A run of marks and a line of a megabyte are shaped like any other, with bounded memory. */
  @Test
  void hostileTextIsShaped() {
    FontFace face = BundledFonts.shelf().find("Figtree", "Regular").orElseThrow();
    for (String text : List.of("a" + "\u0301".repeat(10_000), "\uD800", "\uDC00\uD800x", "\u202E\u202Dabc\u202C", "\u0000\u0001\u007F",
        "\uFFFF\uFEFF")) {
      GlyphRun run = Shaper.shape(face, text, 12, 0);
      assertTrue(Double.isFinite(run.advance()) && run.glyphs().size() <= text.length() + 1, "glyphs: " + run.glyphs().size());
    }
    assertEquals(100_000, Shaper.shape(face, "x".repeat(100_000), 12, 0).glyphs().size());
  }
}
