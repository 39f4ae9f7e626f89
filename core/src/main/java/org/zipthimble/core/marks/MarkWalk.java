package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Grounds;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.job.CutEdge;
import org.zipthimble.core.job.Cutting;
import org.zipthimble.core.job.Effects;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.Lane;
import org.zipthimble.core.job.LiveEffect;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.job.Role;
import org.zipthimble.core.job.ShownPicture;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.FontShelf;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;

/** The one walk over a face: every screen and every file is drawn from what it emits. */
public final class MarkWalk {
  /** Directions in which art is drawn beneath itself to grow its colour; between two of them it reaches 0.98 as far. */
  private static final int SPREADS = 16;

  private final Job job;
  private final MarkOut out;
  private final FontShelf fonts;
  private final Map<String, Picture> pictures;
  private final Forms forms;
  private final ShapeMarks shapes;

  /** Whether what is only cut is drawn too, in the colour of its lane. */
  private final boolean materials;

  private MarkWalk(Job job, MarkOut out, boolean materials) {
    this.job = job;
    this.out = out;
    this.fonts = new JobFonts(job);
    this.pictures = job.pictures();
    this.forms = new Forms(job);
    this.materials = materials;
    this.shapes = new ShapeMarks(out, (item, ground) -> item(item, ground, List.of()));
  }

  /**
   * Emits all that a face prints, lowest first.
   *
   * @param toPage from the face's inches to the page's
   */
  public static void walk(Job job, Face face, Affine toPage, MarkOut out) {
    new MarkWalk(job, out, false).items(face.items(), toPage, List.of());
  }

  /** The same with what is only cut, each piece in the colour of its lane, as it will be seen once it is made. */
  public static void made(Job job, Face face, Affine toPage, MarkOut out) {
    new MarkWalk(job, out, true).items(face.items(), toPage, List.of());
  }

  /** Draws objects, the lowest first; what later ones clear away of earlier ones is left out. */
  private void items(List<Item> items, Affine ground, List<Path> above) {
    List<List<Path>> clears = new ArrayList<>();
    List<Path> now = new ArrayList<>(above);
    for (int i = items.size() - 1; i >= 0; i--) {
      clears.add(0, List.copyOf(now));
      if (drawn(items.get(i))) {
        forms.clearing(items.get(i)).ifPresent(p -> now.add(p.mapped(ground)));
      }
    }
    for (int i = 0; i < items.size(); i++) {
      item(items.get(i), ground, clears.get(i));
    }
  }

  private boolean drawn(Item item) {
    return item.properties().printed() || materials && item.properties().cut() && item.properties().opacity() > 0;
  }

  private void item(Item item, Affine ground, List<Path> clears) {
    if (!drawn(item)) {
      return;
    }
    if (!item.properties().effects().equals(Effects.NONE)) {
      MarkTape tape = new MarkTape();
      new MarkWalk(job, tape, materials).spread(item, ground, clears);
      MarkBounds reach = new MarkBounds();
      tape.play(reach);
      reach.all().ifPresent(area -> out.art(Art.of(item.properties().effects(), item.properties().opacity(), ground, tape::play, area)));
    } else if (item.properties().opacity() < 1) {
      try (MarkOut.Scope scope = out.opacity(item.properties().opacity())) {
        spread(item, ground, clears);
      }
    } else {
      spread(item, ground, clears);
    }
  }

  /** Grows the colour of what is printed and cut past its cut line, then draws it. */
  private void spread(Item item, Affine ground, List<Path> clears) {
    Cutting cut = item.properties().cutting();
    double reach = cut.spread() + (cut.edge() == CutEdge.TRIM ? 0 : Math.max(0, cut.distance()));
    if (item.properties().role() == Role.PRINTS_AND_CUTS && cut.spread() > 0) {
      for (int i = 0; i < SPREADS; i++) {
        double angle = 2 * Math.PI * i / SPREADS;
        Affine moved = Affine.move(reach * Math.cos(angle), reach * Math.sin(angle)).then(ground);
        draw(item, moved, clears);
      }
    }
    draw(item, ground, clears);
  }

  private void draw(Item item, Affine ground, List<Path> clears) {
    Box around = ground.apply(item.placement().around());
    List<Path> near = clears.stream().filter(c -> Measure.bounds(c).filter(b -> meets(b, around)).isPresent()).toList();
    boolean takesPart = item instanceof Item.Group && !((Item.Group) item).live();
    if (near.isEmpty() || takesPart) {
      item.accept(new Drawer(ground, near));
      return;
    }
    try (MarkOut.Scope scope = out.clip(Clearing.outside(item, around, near))) {
      item.accept(new Drawer(ground, List.of()));
    }
  }

  private static boolean meets(Box a, Box b) {
    return a.x() < b.right() && a.right() > b.x() && a.y() < b.bottom() && a.bottom() > b.y();
  }

  /** The colour in which an object that is only cut is seen: that of its lane. */
  private Optional<Colour> material(Item item) {
    return item.properties().role() == Role.CUTS
        ? job.cutting().lane(item.properties().cutting().lane()).map(Lane::colour)
        : Optional.empty();
  }

  private boolean solid(Item item) {
    return item.properties().role() != Role.CUTS || item.properties().cutting().kind().parts();
  }

  private final class Drawer implements Item.Visitor<Optional<Void>> {
    private final Affine ground;
    private final List<Path> clears;

    Drawer(Affine ground, List<Path> clears) {
      this.ground = ground;
      this.clears = clears;
    }

    @Override
    public Optional<Void> words(Item.Words words) {
      if (!solid(words)) {
        return Optional.empty();
      }
      Placement p = words.placement();
      Affine map = p.toGround().then(ground);
      Colour colour = material(words).orElse(words.style().colour());
      SetWords set = Typesetter.set(words.text(), words.style(), p.width(), p.height(), fonts);
      for (SetWords.Line line : set.lines()) {
        out.words(line.run(), Affine.move(line.baseline().x(), line.baseline().y()).then(map), colour);
      }
      return Optional.empty();
    }

    @Override
    public Optional<Void> shape(Item.Shape shape) {
      if (shape.properties().role() == Role.CUTS) {
        if (solid(shape) && !ShapeMarks.open(shape)) {
          out.fill(shapes.path(shape, ground), material(shape).or(shape::fill).orElse(UNKNOWN));
        }
        return Optional.empty();
      }
      shapes.draw(shape, ground);
      return Optional.empty();
    }

    @Override
    public Optional<Void> photo(Item.Photo photo) {
      if (photo.properties().role() == Role.CUTS) {
        out.fill(forms.outline(photo, photo.properties().cutting().threshold()).mapped(ground), material(photo).orElse(UNKNOWN));
        return Optional.empty();
      }
      ShownPicture.by(photo, pictures).ifPresent(s -> out.picture(s.picture(), s.toBox().then(photo.placement().toGround()).then(ground)));
      return Optional.empty();
    }

    @Override
    public Optional<Void> group(Item.Group group) {
      Affine map = Grounds.innerToGround(group).then(ground);
      if (group.effect() instanceof LiveEffect.Repeated) {
        for (Affine copy : Repeats.of(group, ((LiveEffect.Repeated) group.effect()).pattern())) {
          items(group.members(), copy.then(map), clears);
        }
      } else if (group.live()) {
        live(group, map);
      } else {
        items(group.members(), map, clears);
      }
      return Optional.empty();
    }

    private void live(Item.Group group, Affine map) {
      Path path = forms.made(group).mapped(ground);
      if (group.properties().role() == Role.CUTS) {
        if (solid(group)) {
          out.fill(path, material(group).or(() -> group.effect().look().flatMap(LiveEffect.Look::fill)).orElse(UNKNOWN));
        }
        return;
      }
      if (group.effect() instanceof LiveEffect.Mounted) {
        mounted(group, path);
        return;
      }
      group.effect().look().ifPresent(look -> shapes.dress(path, look.fill(), look.line(), ground.meanScale()));
      boolean original = group.effect() instanceof LiveEffect.Rings && ((LiveEffect.Rings) group.effect()).original();
      if (original) {
        items(group.members(), map, List.of());
      }
    }

    /** The ground of a mount, its picture within its outline, its line on top. */
    private void mounted(Item.Group group, Path path) {
      LiveEffect.Look look = group.effect().look().orElseThrow();
      shapes.dress(path, look.fill(), Optional.empty(), ground.meanScale());
      ShownPicture.by(group, pictures).ifPresent(s -> {
        try (MarkOut.Scope scope = out.clip(path)) {
          out.picture(s.picture(), s.toBox().then(group.placement().toGround()).then(ground));
        }
      });
      shapes.dress(path, Optional.empty(), look.line(), ground.meanScale());
    }
  }

  /** What a piece without a lane or a colour of its own is seen in. */
  private static final Colour UNKNOWN = new Colour(0xB9, 0xB2, 0xA4);
}
