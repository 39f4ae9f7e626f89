package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.Item;

/** The colours to offer for a job: those it uses, then a few that go with seeds and paper. */
public final class JobColours {
  private static final int MOST = 30;
  private static final int[] SHELF = {
    0x2B2F55, 0x3B2B26, 0x7A2E22, 0xC9593A, 0xDDA33A, 0xB07F2A, 0x3A6B45, 0x4F8A57, 0x86AE6A, 0x7A3F63, 0x5B8FB0,
    0xFBF5E6, 0xFFFFFF, 0x000000
  };

  private JobColours() {}

  /** At most 30 colours, each once. */
  public static List<Colour> of(Job job) {
    Set<Colour> colours = new LinkedHashSet<>();
    for (Face face : job.faces()) {
      for (Item item : face.all()) {
        colours.addAll(item.colours());
      }
    }
    for (int rgb : SHELF) {
      colours.add(Colour.of(rgb));
    }
    List<Colour> list = new ArrayList<>(colours);
    return List.copyOf(list.subList(0, Math.min(MOST, list.size())));
  }
}
