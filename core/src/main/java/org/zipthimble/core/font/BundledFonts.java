package org.zipthimble.core.font;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.zipthimble.core.wording.Trouble;

/** The faces that ship with the program, each read when it is first wanted. Safe for several threads. */
public final class BundledFonts implements FontShelf {
  private static final String FOLDER = "/org/zipthimble/core/fonts/";
  private static final BundledFonts ONE = new BundledFonts();

  private final Map<String, Map<String, String>> files = new LinkedHashMap<>();
  private final Map<String, FontKind> kinds = new LinkedHashMap<>();
  private final Map<String, FontFace> read = new ConcurrentHashMap<>();

  private BundledFonts() {
    try (BufferedReader in = new BufferedReader(new InputStreamReader(open("catalogue.txt"), StandardCharsets.UTF_8))) {
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String[] parts = line.split("\\|");
        files.computeIfAbsent(parts[0], f -> new LinkedHashMap<>()).put(parts[1], parts[2]);
        kinds.put(parts[0], FontKind.valueOf(parts[3]));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("the catalogue of fonts cannot be read", e);
    }
  }

  /** The shelf. */
  public static BundledFonts shelf() {
    return ONE;
  }

  @Override
  public List<String> families() {
    return List.copyOf(files.keySet());
  }

  @Override
  public List<String> styles(String family) {
    return new ArrayList<>(files.getOrDefault(family, Map.of()).keySet());
  }

  @Override
  public Optional<FontFace> find(String family, String style) {
    String file = files.getOrDefault(family, Map.of()).get(style);
    return file == null ? Optional.empty() : Optional.of(read.computeIfAbsent(file, f -> load(family, style, f)));
  }

  @Override
  public FontKind kind(String family) {
    return kinds.getOrDefault(family, FontKind.OTHER);
  }

  private static FontFace load(String family, String style, String file) {
    try (InputStream in = open(file)) {
      return FontFace.read(family, style, in.readAllBytes());
    } catch (IOException | Trouble e) {
      throw new IllegalStateException("the bundled font " + file + " cannot be read", e);
    }
  }

  /** The bytes of a bundled font file, for the interface's own type. */
  public static InputStream open(String file) {
    InputStream in = BundledFonts.class.getResourceAsStream(FOLDER + file);
    if (in == null) {
      throw new IllegalArgumentException("no bundled font file " + file);
    }
    return in;
  }
}
