package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.picture.Retouch;

/** The colours to offer for a job: those it uses, then a few that go with seeds and paper. */
public final class JobColours {
  private static final int MOST = 30;
  private static final int[] SHELF = {
    0x2B2F55, 0x3B2B26, 0x7A2E22, 0xC9593A, 0xDDA33A, 0xB07F2A, 0x3A6B45, 0x4F8A57, 0x86AE6A, 0x7A3F63, 0x5B8FB0,
    0xFBF5E6, 0xFFFFFF, 0x000000
  };

  private JobColours() {}

  /** All colours of an object itself: fill, line, words, gradient, what a group makes; not those of members. */
  public static Set<Colour> of(Item item) {
    Set<Colour> colours = new LinkedHashSet<>();
    if (item instanceof Item.Words) {
      colours.add(((Item.Words) item).style().colour());
    } else if (item instanceof Item.Shape) {
      Item.Shape shape = (Item.Shape) item;
      shape.fill().filter(c -> shape.fillStyle().isEmpty()).ifPresent(colours::add);
      shape.line().ifPresent(line -> colours.add(line.colour()));
      if (shape.fillStyle().isPresent() && shape.fillStyle().get() instanceof FillStyle.Gradient) {
        ((FillStyle.Gradient) shape.fillStyle().get()).stops().forEach(s -> colours.add(s.colour()));
      }
      shape.fillStyle().filter(FillStyle.Finish.class::isInstance).ifPresent(f -> colours.add(((FillStyle.Finish) f).colour()));
    } else if (item instanceof Item.Group) {
      ((Item.Group) item).effect().look().ifPresent(look -> {
        look.fill().ifPresent(colours::add);
        look.line().ifPresent(line -> colours.add(line.colour()));
      });
    }
    ShownPicture.retouch(item).flatMap(Retouch::tint).ifPresent(colours::add);
    item.properties().effects().shadow().ifPresent(s -> colours.add(s.colour()));
    item.properties().effects().glow().ifPresent(g -> colours.add(g.colour()));
    return colours;
  }

  /** At most 30 colours, each once. */
  public static List<Colour> of(Job job) {
    Set<Colour> colours = new LinkedHashSet<>();
    for (Face face : job.faces()) {
      for (Item item : face.all()) {
        colours.addAll(of(item));
      }
    }
    for (int rgb : SHELF) {
      colours.add(Colour.of(rgb));
    }
    List<Colour> list = new ArrayList<>(colours);
    return List.copyOf(list.subList(0, Math.min(MOST, list.size())));
  }
}
