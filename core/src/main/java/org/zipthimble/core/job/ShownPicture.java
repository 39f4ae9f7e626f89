package org.zipthimble.core.job;

import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Retouch;

/**
 * A picture that an object shows, retouched as it is.
 *
 * @param toBox the map from the picture's unit square to the object's own box, in inches from its top left
 */
public record ShownPicture(Picture picture, Affine toBox) {
  /** What an object shows; empty for words, shapes, groups and empty mounts. */
  public static Optional<ShownPicture> by(Item item, Map<String, Picture> pictures) {
    Placement p = item.placement();
    if (item instanceof Item.Photo) {
      Item.Photo photo = (Item.Photo) item;
      return Optional.ofNullable(pictures.get(photo.pictureId()))
          .map(is -> new ShownPicture(is.retouched(photo.retouch()), Affine.scale(p.width(), p.height())));
    }
    return mount(item).flatMap(mount -> mount.pictureId().flatMap(id -> Optional.ofNullable(pictures.get(id))).map(is -> {
      Picture picture = is.retouched(mount.retouch());
      return new ShownPicture(picture, mount.fit().toBox(picture.width(), picture.height(), p.width(), p.height()));
    }));
  }

  /** What is done to the picture that an object holds; empty when it holds none. */
  public static Optional<Retouch> retouch(Item item) {
    return item instanceof Item.Photo ? Optional.of(((Item.Photo) item).retouch())
        : mount(item).filter(m -> m.pictureId().isPresent()).map(LiveEffect.Mounted::retouch);
  }

  /** The object with its picture retouched otherwise; unchanged when it holds none. */
  public static Item with(Item item, Retouch retouch) {
    if (item instanceof Item.Photo) {
      return ((Item.Photo) item).withRetouch(retouch);
    }
    return mount(item).filter(m -> m.pictureId().isPresent()).<Item>map(m -> ((Item.Group) item).withEffect(m.withRetouch(retouch))).orElse(item);
  }

  /** The mount that an object is. */
  public static Optional<LiveEffect.Mounted> mount(Item item) {
    return item instanceof Item.Group && ((Item.Group) item).effect() instanceof LiveEffect.Mounted
        ? Optional.of((LiveEffect.Mounted) ((Item.Group) item).effect()) : Optional.empty();
  }

  /** Pixels per inch across and down, the lower one; the map goes on from the object's box to where it is seen. */
  public double ppi(Affine fromBox) {
    Affine all = toBox.then(fromBox);
    return picture.ppiAt(Math.hypot(all.a(), all.b()), Math.hypot(all.c(), all.d()));
  }
}
