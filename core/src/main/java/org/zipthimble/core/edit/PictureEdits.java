package org.zipthimble.core.edit;

import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsPicture;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.PictureFit;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.wording.Wording;

/** Edits of pictures, placed or in mounts; the pictures' bytes stay as they came. */
public final class PictureEdits {
  private PictureEdits() {}

  /** Changes what is done to the pictures of objects; other objects stay. */
  public static Edit retouch(String faceId, Set<String> ids, String key, UnaryOperator<Retouch> change) {
    return Edits.each(faceId, ids, Wording.text(key), item -> retouched(item, change));
  }

  private static Item retouched(Item item, UnaryOperator<Retouch> change) {
    return item.retouch().map(r -> item.retouched(change.apply(r))).orElse(item);
  }

  /** Gives the pictures of a face, or of the whole job, the same look and the same tones, so that they agree. */
  public static Edit agree(Optional<String> faceId, Retouch like) {
    UnaryOperator<Face> all = face -> face.changed(
        face.all().stream().map(Item::id).collect(java.util.stream.Collectors.toSet()),
        item -> retouched(item, r -> r.looking(like.look(), like.strength()).withTones(like.tones())));
    return new Edit(Wording.text(faceId.isPresent() ? "edit.agreeFace" : "edit.agreeJob"), job -> faceId.isPresent()
        ? job.changed(faceId.get(), all) : job.withFaces(job.faces().stream().map(all).toList()));
  }

  /** Gives pictures a named look, as strong as a share from 0 to 1. */
  public static Edit look(String faceId, Set<String> ids, PictureLook look, double strength) {
    return retouch(faceId, ids, "edit.look.picture", r -> r.looking(look, strength));
  }

  /**
   * Keeps another part of a placed picture; what is still seen of it does not move. In a mount the picture is framed anew.
   *
   * @param crop 0 to 1 across and down the whole picture
   */
  public static Edit crop(String faceId, String id, Box crop) {
    return new Edit(Wording.text("edit.crop"), job -> job.changed(faceId, face -> face.changed(id, item -> item.pictured()
        .<Item>map(photo -> cropped(photo, crop, job.pictures().get(photo.pictureId())))
        .orElseGet(() -> retouched(item, r -> r.withCrop(crop))))));
  }

  /**
   * The picture in a smaller or larger frame, its pixels where they were: turned straight about another middle they are moved along with
   * it.
   */
  private static Item cropped(HoldsPicture photo, Box crop, Picture came) {
    Retouch was = photo.retouching();
    Retouch is = was.withCrop(crop);
    Placement p = photo.placement();
    Point scale = perPixel(photo, came);
    double zoom = is.zoom(came.width(), came.height());
    double w = scale.x() * came.width() * crop.width() / zoom;
    double h = scale.y() * came.height() * crop.height() / zoom;
    Point moved = Affine.turn(was.straighten(), new Point(0, 0)).apply(new Point(
        (crop.centre().x() - was.crop().centre().x()) * came.width(), (crop.centre().y() - was.crop().centre().y()) * came.height()));
    double dx = (was.flippedX() ? -moved.x() : moved.x()) * scale.x();
    double dy = (was.flippedY() ? -moved.y() : moved.y()) * scale.y();
    Point middle = p.toGround().apply(new Point(p.width() / 2 + dx, p.height() / 2 + dy));
    return photo.withRetouching(is).with(p.boxed(middle.x() - w / 2, middle.y() - h / 2, w, h));
  }

  /** Inches that a pixel of the picture's file takes, across and down its frame. */
  private static Point perPixel(HoldsPicture photo, Picture came) {
    Retouch r = photo.retouching();
    double zoom = r.zoom(came.width(), came.height());
    return new Point(photo.placement().width() * zoom / (came.width() * r.crop().width()),
        photo.placement().height() * zoom / (came.height() * r.crop().height()));
  }

  /**
   * Crops a placed picture to another frame, as when its pins are pulled; what is seen does not move, and the frame ends where the
   * picture does.
   *
   * @param frame turned and leaning as the picture is
   */
  public static Edit frame(Job job, String faceId, String id, Placement frame) {
    Optional<HoldsPicture> found = job.face(faceId).flatMap(f -> f.find(id)).flatMap(Item::pictured);
    return found.map(photo -> {
      Placement p = photo.placement();
      Box now = frame.toGround().then(p.toGround().inverse()).apply(new Box(0, 0, frame.width(), frame.height()));
      Retouch r = photo.retouching();
      if (r.straighten() != 0) {
        return crop(faceId, id, straightened(photo, now, job.pictures().get(photo.pictureId())));
      }
      double left = r.flippedX() ? p.width() - now.right() : now.x();
      double top = r.flippedY() ? p.height() - now.bottom() : now.y();
      double x = held(r.crop().x() + left / p.width() * r.crop().width(), 0, 1 - LEAST);
      double y = held(r.crop().y() + top / p.height() * r.crop().height(), 0, 1 - LEAST);
      double right = held(r.crop().x() + (left + now.width()) / p.width() * r.crop().width(), x + LEAST, 1);
      double bottom = held(r.crop().y() + (top + now.height()) / p.height() * r.crop().height(), y + LEAST, 1);
      return crop(faceId, id, new Box(x, y, right - x, bottom - y));
    }).orElse(new Edit(Wording.text("edit.crop"), j -> j));
  }

  /** The crop of a picture that was turned straight whose frame is a box in its own inches, as far as the picture goes. */
  private static Box straightened(HoldsPicture photo, Box frame, Picture came) {
    Retouch r = photo.retouching();
    Point scale = perPixel(photo, came);
    double across = (frame.centre().x() - photo.placement().width() / 2) / scale.x();
    double down = (frame.centre().y() - photo.placement().height() / 2) / scale.y();
    Point off = Affine.turn(-r.straighten(), new Point(0, 0))
        .apply(new Point(r.flippedX() ? -across : across, r.flippedY() ? -down : down));
    double x = held(r.crop().centre().x() + off.x() / came.width(), LEAST / 2, 1 - LEAST / 2);
    double y = held(r.crop().centre().y() + off.y() / came.height(), LEAST / 2, 1 - LEAST / 2);
    double w = Math.min(frame.width() / scale.x() / came.width(), 2 * Math.min(x, 1 - x));
    double h = Math.min(frame.height() / scale.y() / came.height(), 2 * Math.min(y, 1 - y));
    return new Box(x - w / 2, y - h / 2, w, h);
  }

  /** The smallest part that pulling leaves. */
  private static final double LEAST = 0.01;

  private static double held(double v, double least, double most) {
    return Math.max(least, Math.min(most, v));
  }

  /**
   * Moves and zooms a picture behind its frame, which stays.
   *
   * @param across how far the picture goes to the right, in parts of the frame
   * @param times how much larger it is drawn
   */
  public static Edit slide(String faceId, String id, double across, double down, double times) {
    return Edits.each(faceId, Set.of(id), Wording.text("edit.hold"), item -> {
      if (item.pictured().isEmpty()) {
        return item;
      }
      HoldsPicture photo = item.pictured().get();
      Box c = photo.retouching().crop();
      double most = Math.min(1 / c.width(), 1 / c.height());
      double scale = held(1 / times, Math.max(LEAST / c.width(), LEAST / c.height()), most);
      double w = c.width() * scale;
      double h = c.height() * scale;
      double dx = photo.retouching().flippedX() ? -across : across;
      double dy = photo.retouching().flippedY() ? -down : down;
      double x = held(c.centre().x() - dx * c.width() - w / 2, 0, 1 - w);
      double y = held(c.centre().y() - dy * c.height() - h / 2, 0, 1 - h);
      return photo.withRetouching(photo.retouching().withCrop(new Box(x, y, w, h)));
    });
  }

  /** Adds a stroke of the brush to a picture. */
  public static Edit rub(String faceId, String id, BrushStroke stroke) {
    return retouch(faceId, Set.of(id), stroke.restores() ? "edit.restore" : "edit.rub", r -> r.rubbed(stroke));
  }

  /**
   * The map from a face to the whole picture that an object shows, 0 to 1 across and down: where a brush over the object touches it.
   *
   * @param fromGround the map from the ground the object stands on to the face
   */
  public static Optional<Affine> toPicture(Job job, Item item, Affine fromGround) {
    return item.shown(job.pictures()).map(shown -> {
      Affine unitToFace = shown.toBox().then(item.placement().toGround()).then(fromGround);
      Retouch r = shown.picture().retouch();
      Picture came = job.pictures().get(item.pictureIds().get(0));
      Affine toWhole = Affine.move(-0.5, -0.5).then(Affine.scale(r.flippedX() ? -1 : 1, r.flippedY() ? -1 : 1))
          .then(Affine.scale(shown.picture().width(), shown.picture().height()))
          .then(Affine.turn(-r.straighten(), new Point(0, 0))).then(Affine.scale(1.0 / came.width(), 1.0 / came.height()))
          .then(Affine.move(r.crop().centre().x(), r.crop().centre().y()));
      return unitToFace.inverse().then(toWhole);
    });
  }

  /**
   * How large a brush is on a picture, as a part of its width.
   *
   * @param toPicture as {@link #toPicture} gives it
   * @param size across, in inches
   */
  public static double radius(Affine toPicture, double size) {
    return Math.max(1e-5, Math.min(1, size / 2 * Math.hypot(toPicture.a(), toPicture.c())));
  }

  /** Puts another picture where one is; it takes over the tones and the look, and what does not fit the frame is cropped evenly. */
  public static Edit replace(String faceId, String id, Picture picture) {
    return new Edit(Wording.text("edit.replacePicture"), job -> job.with(picture).changed(faceId, face -> face.changed(id, item -> {
      Retouch kept = kept(item.retouch().orElse(Retouch.NONE));
      return item.pictured().<Item>map(p -> p.withPictureId(picture.id()).withRetouching(kept.withCrop(middle(picture, item.placement()))))
          .orElseGet(() -> item.remounted(m -> m.holding(Optional.of(picture.id())).withRetouch(kept)));
    })).withoutUnusedPictures());
  }

  private static Retouch kept(Retouch r) {
    return Retouch.NONE.withTones(r.tones()).looking(r.look(), r.strength()).withTint(r.tint());
  }

  /** The middle part of a picture with the proportion of a frame. */
  private static Box middle(Picture picture, Placement frame) {
    double own = (double) picture.width() / picture.height();
    double wanted = frame.width() / frame.height();
    double w = Math.min(1, wanted / own);
    double h = Math.min(1, own / wanted);
    return new Box((1 - w) / 2, (1 - h) / 2, w, h);
  }

  /** Another file in place of a picture, wherever the job shows it; all that was done to it is done to the new one. */
  public static Edit relink(String pictureId, Picture picture) {
    return new Edit(Wording.text("edit.relink"), job -> {
      Job more = job.with(picture);
      return more.withFaces(more.faces().stream().map(face -> face.changed(
          face.all().stream().filter(i -> i.pictureIds().contains(pictureId)).map(Item::id).collect(java.util.stream.Collectors.toSet()),
          item -> item.repictured(id -> id.equals(pictureId) ? picture.id() : id))).toList()).withoutUnusedPictures();
    });
  }

  /** Two objects change their pictures; each picture keeps what was done to it and fills its new place. */
  public static Edit swap(String faceId, String first, String second) {
    return new Edit(Wording.text("edit.swapPictures"), job -> job.changed(faceId, face -> {
      Optional<Item> a = face.find(first);
      Optional<Item> b = face.find(second);
      return a.isEmpty() || b.isEmpty() ? face
          : face.changed(first, i -> showing(job, i, b.get())).changed(second, i -> showing(job, i, a.get()));
    }));
  }

  private static Item showing(Job job, Item item, Item other) {
    Optional<String> id = other.pictureIds().stream().findFirst();
    Retouch retouch = other.retouch().orElse(Retouch.NONE);
    return item.pictured().<Item>map(photo -> id.map(i -> {
      Retouch fitting = retouch.withStraighten(0).withCrop(middle(job.pictures().get(i), item.placement()));
      return photo.withPictureId(i).withRetouching(fitting);
    }).orElse(photo)).orElseGet(() -> item.remounted(m -> m.holding(id).withRetouch(retouch).withFit(PictureFit.FILLING)));
  }
}
