package org.zipthimble.core.store;

import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.zipthimble.core.wording.Trouble;

/** Unpacks a ZIP into memory within limits; names that climb out of the file are refused. */
final class ZipEntries {
  /** The most entries. */
  static final int MOST_ENTRIES = 5_000;

  /** The most bytes of all entries, unpacked. */
  static final long MOST_BYTES = 1_500_000_000L;

  private ZipEntries() {}

  static Map<String, byte[]> read(InputStream in, long mostBytes) throws IOException, Trouble {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    long left = mostBytes;
    try (ZipInputStream zip = new ZipInputStream(in)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = entry.getName();
        if (entry.isDirectory()) {
          continue;
        }
        if (name.startsWith("/") || name.contains("..") || name.contains("\\")) {
          throw Trouble.of("thimble.badEntry", name);
        }
        byte[] bytes = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 16, left + 1));
        left -= bytes.length;
        if (left < 0) {
          throw Trouble.of("thimble.tooLarge", mostBytes / 1_000_000);
        }
        if (entries.put(name, bytes) != null || entries.size() > MOST_ENTRIES) {
          throw Trouble.of("thimble.badEntry", name);
        }
      }
    }
    return entries;
  }
}
