package org.zipthimble.samples.ornament;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Draws the ornament shelf anew: an SVG file for each ornament and an index. The same program makes the same bytes. */
public final class OrnamentMaker {
  private OrnamentMaker() {}

  /** Writes all ornaments into a folder, one folder for each set, and {@code index.txt} with a line for each. */
  public static int write(Path folder) throws IOException {
    List<OrnamentDraft> all = new ArrayList<>();
    all.addAll(Plants.sprigs());
    all.addAll(Plants.seeds());
    all.addAll(Edges.borders());
    all.addAll(Edges.corners());
    all.addAll(Edges.dividers());
    all.addAll(Signs.banners());
    all.addAll(Signs.frames());
    all.addAll(Signs.stars());
    all.addAll(Signs.rays());
    all.addAll(Signs.tools());
    StringBuilder index = new StringBuilder();
    for (OrnamentDraft draft : all) {
      Path set = Files.createDirectories(folder.resolve(draft.set));
      Files.writeString(set.resolve(draft.file()), draft.svg(), StandardCharsets.UTF_8);
      index.append(draft.set).append('/').append(draft.file()).append('\n');
    }
    Files.writeString(folder.resolve("index.txt"), index.toString(), StandardCharsets.UTF_8);
    return all.size();
  }
}
