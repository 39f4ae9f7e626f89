package org.zipthimble.core.bring;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zipthimble.core.wording.Trouble;

/** The ornaments that ship with the program, in their sets. Safe for several threads. */
public final class OrnamentShelf {
  private static final String FOLDER = "/org/zipthimble/core/ornaments/";

  private OrnamentShelf() {}

  private static final class Read {
    private static final List<Ornament> ALL = read();
  }

  /** All of them, set after set. */
  public static List<Ornament> all() {
    return Read.ALL;
  }

  /** Those in whose name, set or words every word of a search is found; all of them for a blank search. */
  public static List<Ornament> search(String text) {
    String[] wanted = text.strip().toLowerCase(Locale.ROOT).split("\\s+");
    return all().stream().filter(o -> {
      String all = (o.name() + " " + o.set() + " " + o.words()).toLowerCase(Locale.ROOT);
      return List.of(wanted).stream().allMatch(all::contains);
    }).toList();
  }

  private static List<Ornament> read() {
    List<Ornament> all = new ArrayList<>();
    try (BufferedReader index = new BufferedReader(new InputStreamReader(open("index.txt"), StandardCharsets.UTF_8))) {
      for (String line = index.readLine(); line != null; line = index.readLine()) {
        try (InputStream in = open(line)) {
          all.add(OrnamentSvg.read(line.substring(0, line.indexOf('/')), line, in));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException("the ornaments cannot be read", e);
    } catch (Trouble e) {
      throw new IllegalStateException("a bundled ornament is damaged", e);
    }
    return List.copyOf(all);
  }

  private static InputStream open(String file) {
    InputStream in = OrnamentShelf.class.getResourceAsStream(FOLDER + file);
    if (in == null) {
      throw new IllegalStateException("no bundled ornament " + file);
    }
    return in;
  }
}
