package org.zipthimble.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemVisitor;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.picture.Trace;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/**
 * The true outlines of objects, on the ground they stand on: a shape's own, the letters of words, the opaque part of
 * a picture, what a live group makes. Results are kept, since objects never change.
 */
public final class Forms {
  private static final Kept<List<Item>, Recipe, Job,
      Path> MADE = Kept.ofAll((members, recipe, job) -> new Forms(job).make(recipe.group(members), Affine.scale(recipe.sx(), recipe.sy())));
  private static final Kept<Item, Double, Job,
      Path> CLEARED = Kept.ofAll((item, gap, job) -> Offset.of(new Forms(job).filled(item), gap, Corner.ROUND));
  private static final Kept<Blob, Opaque, Void,
      Path> OPAQUE = Kept.ofAll((blob, asked, nothing) -> traced(asked.drawn().of(blob), asked.threshold()));

  private record Opaque(Picture.Drawn drawn, int threshold) {}

  /** What makes an outline of a group's members: where the group stands and how it looks is left out. */
  private record Recipe(LiveEffect effect, double sx, double sy) {
    private static final Placement NOWHERE = Placement.of(0, 0, 1, 1, 0);

    HoldsObjects group(List<Item> members) {
      return new ItemGroup(ItemProperties.of("made", "made"), NOWHERE, new Size(1, 1), members, effect);
    }
  }

  private final Job job;
  private final FontShelf fonts;

  /** Works out the outlines of a job's objects. */
  public Forms(Job job) {
    this.job = job;
    this.fonts = new JobFonts(job);
  }

  /** An object's outline on its own ground; closed contours, save for a line's. Hidden members count for nothing. */
  public Path outline(Item item) {
    return outline(item, LiveEffect.USUAL_THRESHOLD);
  }

  /**
   * The same.
   *
   * @param threshold how opaque a picture must be to count, 1 to 255
   */
  public Path outline(Item item, int threshold) {
    return item.accept(new Outliner(threshold));
  }

  /** The outline of what a group makes, on its own ground, its distances true whatever the group's size. */
  public Path made(HoldsObjects group) {
    return madeHere(group).mapped(group.placement().toGround());
  }

  /** The outline of what a group makes, within its own box. */
  private Path madeHere(HoldsObjects group) {
    double sx = group.placement().width() / group.inner().width();
    double sy = group.placement().height() / group.inner().height();
    return MADE.of(group.members(), new Recipe(group.effect().recipe(), sx, sy), job);
  }

  private Path make(HoldsObjects group, Affine scale) {
    return group.effect().accept(new LiveEffect.Visitor<>() {
      @Override
      public Path together(LiveEffect.Together making) {
        return Combine.combine(Way.JOIN, members(group, scale, LiveEffect.USUAL_THRESHOLD));
      }

      @Override
      public Path combined(LiveEffect.Combined making) {
        return Combine.combine(making.way(), members(group, scale, LiveEffect.USUAL_THRESHOLD));
      }

      @Override
      public Path rings(LiveEffect.Rings making) {
        Path whole = Combine.combine(Way.JOIN, members(group, scale, making.threshold()));
        Path all = Path.EMPTY;
        for (double distance : making.distances()) {
          all = all.plus(Forms.ring(whole, distance, making));
        }
        return all;
      }

      @Override
      public Path repeated(LiveEffect.Repeated making) {
        Path one = Combine.combine(Way.JOIN, members(group, Affine.IDENTITY, LiveEffect.USUAL_THRESHOLD));
        List<Path> all = new ArrayList<>();
        Repeats.copies(group).forEach(map -> all.add(one.mapped(map.then(scale))));
        return Combine.combine(Way.JOIN, all);
      }

      @Override
      public Path mounted(LiveEffect.Mounted making) {
        return Combine.combine(Way.JOIN, members(group, scale, LiveEffect.USUAL_THRESHOLD));
      }

      @Override
      public Path gridded(LiveEffect.Gridded making) {
        return Combine.combine(Way.JOIN, members(group, scale, LiveEffect.USUAL_THRESHOLD));
      }

      @Override
      public Path bent(LiveEffect.Bent making) {
        Path flat = Combine.combine(Way.JOIN, members(group, Affine.IDENTITY, LiveEffect.USUAL_THRESHOLD));
        return Bowed.of(group).path(flat).mapped(scale);
      }
    });
  }

  private static Path ring(Path whole, double distance, LiveEffect.Rings making) {
    Path ring = Offset.of(whole, distance, making.corner());
    return making.filled() ? Combine.withoutHoles(ring) : ring;
  }

  private List<Path> members(HoldsObjects group, Affine scale, int threshold) {
    List<Path> out = new ArrayList<>();
    for (Item member : group.members()) {
      if (member.properties().visible()) {
        Path path = outline(member, threshold).mapped(scale);
        out.add(path);
      }
    }
    return out;
  }

  /** In how many pieces an object comes out of its material: overlapping letters hold together. */
  public int pieces(Item item) {
    Path path = outline(item);
    return path.segments().isEmpty() ? 0 : Combine.parts(Combine.clean(path, Rule.NON_ZERO)).size();
  }

  /**
   * What an object clears away: all within its gap.
   *
   * @return empty when it clears nothing
   */
  public Optional<Path> clearing(Item item) {
    double gap = item.properties().clearGap();
    if (gap <= 0) {
      return Optional.empty();
    }
    return Optional.of(CLEARED.of(item, gap, job));
  }

  /** An object's outline as an area; of a line, what its width covers. */
  private Path filled(Item item) {
    Path outline = outline(item);
    boolean open = Contour.of(outline).stream().noneMatch(Contour::closed);
    return item.outlined().filter(s -> open).map(s -> Strokes.outline(s, outline)).orElse(outline);
  }

  /** What a node clears away on the face: all within its gap. */
  public Path clearing(SceneNode node) {
    return clearing(node.item()).map(p -> p.mapped(node.ground())).orElse(Path.EMPTY);
  }

  /** The outline of what a node covers on the face: a shape's own or what a group makes, else the box. */
  public Path silhouette(SceneNode node) {
    Placement p = node.item().placement();
    Path own = node.item().accept(new ItemVisitor<>() {
      @Override
      public Path words(ItemWords words) {
        return Shapes.rectangle(new Box(0, 0, p.width(), p.height()));
      }

      @Override
      public Path shape(ItemShape shape) {
        return shape.outline().within(p.width(), p.height());
      }

      @Override
      public Path photo(ItemPhoto photo) {
        return Shapes.rectangle(new Box(0, 0, p.width(), p.height()));
      }

      @Override
      public Path group(ItemGroup group) {
        return madeHere(group);
      }
    });
    return own.mapped(node.toFace());
  }

  /** Whether a place of the face is among the letters of words: in the box of one of them. */
  public boolean inkBox(SceneNode words, Point place) {
    return words.item().words().map(w -> w.set(fonts).placed().stream()
        .anyMatch(p -> p.piece().run().ink().filter(box -> box.contains(p.toBlock().then(words.toFace()).inverse().apply(place)))
        .isPresent())).orElse(false);
  }

  /** The outline of a picture's opaque part in its unit square; empty when it cannot be decoded, which a check tells. */
  public Path opaque(Picture picture, int threshold) {
    return OPAQUE.of(picture.blob(), new Opaque(picture.drawn(), threshold), null);
  }

  private static Path traced(Picture picture, int threshold) {
    try {
      return Trace.opaque(Pictures.decode(picture), threshold);
    } catch (Trouble damaged) {
      return Path.EMPTY;
    }
  }

  private final class Outliner implements ItemVisitor<Path> {
    private final int threshold;

    Outliner(int threshold) {
      this.threshold = threshold;
    }

    @Override
    public Path words(ItemWords words) {
      Placement p = words.placement();
      return words.set(fonts).outline().mapped(p.toGround());
    }

    @Override
    public Path shape(ItemShape shape) {
      Placement p = shape.placement();
      return shape.outline().within(p.width(), p.height(), p.toGround());
    }

    @Override
    public Path photo(ItemPhoto photo) {
      Placement p = photo.placement();
      Path unit = opaque(job.pictures().get(photo.pictureId()).retouched(photo.retouching()), threshold);
      return unit.mapped(Affine.scale(p.width(), p.height()).then(p.toGround()));
    }

    @Override
    public Path group(ItemGroup group) {
      return made(group);
    }
  }
}
