package org.zipthimble.core.store;

import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.zipthimble.core.wording.Trouble;

/**
 * Unpacks a ZIP into memory within limits; names that have no place in a job ({@code docs/job-format.md}) are refused, and two of one
 * name.
 */
final class ZipEntries {
  /** The most entries. */
  static final int MOST_ENTRIES = 5_000;

  /** The most bytes of all entries, unpacked. */
  static final long MOST_BYTES = 1_500_000_000L;

  private static final Pattern KNOWN = Pattern.compile(
      "job\\.json|preview\\.png|pictures/[0-9a-f]{64}\\.[a-z]{3,4}|profiles/[0-9a-f]{32,64}\\.icc|guests/g[0-9]{1,4}\\.thimble|fonts/[^"
          + "/\\\\]{1,120}/[^/\\\\]{1,120}\\.ttf");
  private static final Pattern FOLDER = Pattern.compile("(pictures|profiles|guests|fonts(/[^/\\\\]{1,120})?)/");

  private ZipEntries() {}

  static Map<String, byte[]> read(InputStream in, long mostBytes) throws IOException, Trouble {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    long left = mostBytes;
    int count = 0;
    try (ZipInputStream zip = new ZipInputStream(in)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = entry.getName();
        if (++count > MOST_ENTRIES) {
          throw Trouble.of("thimble.manyEntries", MOST_ENTRIES);
        }
        if (entry.isDirectory() && FOLDER.matcher(name).matches()) {
          continue;
        }
        if (!KNOWN.matcher(name).matches() || name.contains("..")) {
          throw Trouble.of("thimble.badEntry", name);
        }
        byte[] bytes = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 16, left + 1));
        left -= bytes.length;
        if (left < 0) {
          throw Trouble.of("thimble.tooLarge", mostBytes / 1_000_000);
        }
        if (entries.put(name, bytes) != null) {
          throw Trouble.of("thimble.badEntry", name);
        }
      }
    }
    return entries;
  }
}
