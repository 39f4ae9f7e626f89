package org.zipthimble.core.marks;

import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.edit.Grounds;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.FontShelf;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.units.Unit;

/** The one walk over a face: every screen and every file is drawn from what it emits. */
public final class MarkWalk {
  private final MarkOut out;
  private final FontShelf fonts;
  private final Map<String, Picture> pictures;

  private MarkWalk(Job job, MarkOut out) {
    this.out = out;
    this.fonts = new JobFonts(job);
    this.pictures = job.pictures();
  }

  /**
   * Emits all that a face prints, lowest first.
   *
   * @param toPage from the face's inches to the page's
   */
  public static void walk(Job job, Face face, Affine toPage, MarkOut out) {
    MarkWalk walk = new MarkWalk(job, out);
    face.items().forEach(item -> walk.item(item, toPage));
  }

  private void item(Item item, Affine ground) {
    if (!item.facts().printed()) {
      return;
    }
    if (item.facts().opacity() < 1) {
      try (MarkOut.Scope scope = out.opacity(item.facts().opacity())) {
        item.accept(new Drawer(ground));
      }
    } else {
      item.accept(new Drawer(ground));
    }
  }

  private final class Drawer implements Item.Visitor<Optional<Void>> {
    private final Affine ground;

    Drawer(Affine ground) {
      this.ground = ground;
    }

    @Override
    public Optional<Void> words(Item.Words words) {
      Placement p = words.placement();
      Affine map = p.toGround().then(ground);
      SetWords set = Typesetter.set(words.text(), words.style(), p.width(), p.height(), fonts);
      for (SetWords.Line line : set.lines()) {
        out.words(line.run(), Affine.move(line.baseline().x(), line.baseline().y()).then(map), words.style().colour());
      }
      return Optional.empty();
    }

    @Override
    public Optional<Void> shape(Item.Shape shape) {
      Placement p = shape.placement();
      Path path = shape.outline().within(p.width(), p.height(), p.toGround().then(ground));
      shape.fill().ifPresent(colour -> out.fill(path, colour));
      shape.line().ifPresent(line -> out.line(path, width(line), line.colour()));
      return Optional.empty();
    }

    @Override
    public Optional<Void> photo(Item.Photo photo) {
      Placement p = photo.placement();
      out.picture(pictures.get(photo.pictureId()), Affine.scale(p.width(), p.height()).then(p.toGround()).then(ground));
      return Optional.empty();
    }

    @Override
    public Optional<Void> group(Item.Group group) {
      Affine map = Grounds.innerToGround(group).then(ground);
      group.members().forEach(member -> item(member, map));
      return Optional.empty();
    }

    private double width(LineLook line) {
      return Unit.POINT.toInches(line.widthPt()) * ground.meanScale();
    }
  }
}
