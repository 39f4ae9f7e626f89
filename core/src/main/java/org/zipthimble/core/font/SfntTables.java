package org.zipthimble.core.font;

import java.io.IOException;
import java.nio.ByteBuffer;

/**
 * The few figures of a TrueType file that layout needs: head.unitsPerEm, hhea ascender and descender,
 * OS/2 fsType and what it says of its kind (OpenType specification 1.9, the tables of those names).
 */
record SfntTables(int unitsPerEm, int ascent, int descent, int embedding, FontKind kind) {
  private static final int HEAD = 0x68656164;
  private static final int HHEA = 0x68686561;
  private static final int GSUB = 0x47535542;
  private static final int POST = 0x706F7374;
  private static final int OS_2 = 0x4F532F32;

  static SfntTables read(ByteBuffer file) throws IOException {
    int head = offset(file, HEAD);
    int hhea = offset(file, HHEA);
    int os2 = offset(file, OS_2);
    int unitsPerEm = file.getShort(head + 18) & 0xFFFF;
    if (unitsPerEm < 16 || unitsPerEm > 16384) {
      throw new IOException("units per em out of range: " + unitsPerEm);
    }
    return new SfntTables(unitsPerEm, file.getShort(hhea + 4), file.getShort(hhea + 6), file.getShort(os2 + 8), kind(file, os2));
  }

  private static FontKind kind(ByteBuffer file, int os2) {
    try {
      boolean fixed = file.getInt(offset(file, POST) + 12) != 0;
      return FontKind.told(file.get(os2 + 32), file.get(os2 + 33), file.get(os2 + 35), file.get(os2 + 30), fixed);
    } catch (IOException | RuntimeException unsaid) {
      return FontKind.OTHER;
    }
  }

  /**
   * The features that a font's glyphs can be substituted by (OpenType specification 1.9, GSUB and FeatureList); none where it has no such
   * table.
   */
  static java.util.SortedSet<String> features(ByteBuffer file) {
    java.util.SortedSet<String> out = new java.util.TreeSet<>();
    try {
      int table = offset(file, GSUB);
      int list = table + (file.getShort(table + 6) & 0xFFFF);
      int count = file.getShort(list) & 0xFFFF;
      byte[] tag = new byte[4];
      for (int i = 0; i < count; i++) {
        file.duplicate().position(list + 2 + 6 * i).get(tag);
        out.add(new String(tag, java.nio.charset.StandardCharsets.ISO_8859_1));
      }
    } catch (IOException | RuntimeException none) {
      return out;
    }
    return out;
  }

  private static int offset(ByteBuffer file, int tag) throws IOException {
    int tables = file.getShort(4) & 0xFFFF;
    for (int i = 0; i < tables; i++) {
      int record = 12 + 16 * i;
      if (file.getInt(record) == tag) {
        return file.getInt(record + 8);
      }
    }
    throw new IOException("a table is missing");
  }
}
