package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.HoldsPicture;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.PictureFit;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** Mounts, which hold pictures within outlines, and grids of them. */
public final class Mounts {
  private Mounts() {}

  /**
   * Makes mounts of objects: each shape, block of words or group becomes one where it stands, and pictures among them are put into
   * the mounts in reading order, as far as there are mounts.
   */
  public static Edit make(String faceId, Set<String> ids) {
    return new Edit(Wording.text("edit.mount"), job -> ids.isEmpty() ? job
        : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
      List<Item> chosen = items.stream().filter(i -> ids.contains(i.id())).toList();
      List<HoldsPicture> photos = new ArrayList<>();
      chosen.stream().sorted(READING).flatMap(i -> i.pictured().stream()).forEach(photos::add);
      List<Item> frames = chosen.stream().filter(i -> i.pictured().isEmpty()).sorted(READING).toList();
      Copies.Fresh fresh = new Copies.Fresh(job);
      List<Item> out = new ArrayList<>(items);
      for (Item frame : frames) {
        Optional<HoldsPicture> photo = photos.isEmpty() ? Optional.empty() : Optional.of(photos.remove(0));
        LiveEffect.Mounted empty = frame.mount().orElse(LiveEffect.Mounted.empty(look(frame)));
        LiveEffect.Mounted making = photo.map(p -> empty.holding(Optional.of(p.pictureId())).withRetouch(p.retouching())).orElse(empty);
        out.set(out.indexOf(frame), frame.mount().isPresent() ? frame.remounted(m -> making) : mount(job, fresh, frame, making));
        photo.ifPresent(out::remove);
      }
      return out;
    })));
  }

  private static final Comparator<Item> READING = Comparator.<Item>comparingDouble(i -> i.placement().y())
      .thenComparingDouble(i -> i.placement().x());

  private static Item mount(Job job, Copies.Fresh fresh, Item frame, LiveEffect.Mounted making) {
    HoldsObjects held = LiveGroups.of(job, frame.properties(), List.of(frame), making);
    Item inner = fresh.of(held.members().get(0).with(ItemProperties.of("x", frame.properties().name())));
    return held.holding(List.of(inner));
  }

  /** A mount keeps the line of what it was made of; its ground stays open, so that nothing shows behind a see-through picture. */
  private static Look look(Item frame) {
    return new Look(Optional.empty(), frame.inheritedLook().line());
  }

  /** A mount and the face it stands on. */
  private record Place(String face, String mount) {}

  /** Puts pictures into mounts, the first into the first; those too many are left out. */
  public static Edit fill(String faceId, List<String> mounts, List<Picture> pictures) {
    return fill(mounts.stream().map(m -> new Place(faceId, m)).toList(), pictures);
  }

  /**
   * Puts pictures into mounts of a face and what is left into the empty mounts of the faces after it, so that an album is filled at
   * once; those too many even so are left out.
   */
  public static Edit fillOn(Job job, String faceId, List<String> mounts, List<Picture> pictures) {
    return fill(places(job, faceId, mounts), pictures);
  }

  /** How many pictures {@link #fillOn} takes. */
  public static int room(Job job, String faceId, List<String> mounts) {
    return places(job, faceId, mounts).size();
  }

  private static List<Place> places(Job job, String faceId, List<String> mounts) {
    List<Place> places = new ArrayList<>(mounts.stream().map(m -> new Place(faceId, m)).toList());
    job.faces().stream().dropWhile(f -> !f.id().equals(faceId)).skip(1).forEach(face -> among(face.items()).stream()
        .filter(m -> m.pictureIds().isEmpty()).forEach(m -> places.add(new Place(face.id(), m.id()))));
    return places;
  }

  private static Edit fill(List<Place> places, List<Picture> pictures) {
    return new Edit(Wording.text("edit.fillMounts", Math.min(places.size(), pictures.size())), before -> {
      Job job = before;
      for (int i = 0; i < Math.min(places.size(), pictures.size()); i++) {
        Optional<String> id = Optional.of(pictures.get(i).id());
        Place place = places.get(i);
        job = job.with(pictures.get(i)).changed(place.face(),
            face -> face.changed(place.mount(), item -> item.remounted(m -> m.holding(id))));
      }
      return job.withoutUnusedPictures();
    });
  }

  /** Changes how a mount holds its picture. */
  public static Edit hold(String faceId, Set<String> ids, UnaryOperator<PictureFit> change) {
    return Edits.each(faceId, ids, Wording.text("edit.hold"), item -> item.remounted(m -> m.withFit(change.apply(m.fit()))));
  }

  /** The zoom at which all of a mount's picture is seen, as a factor of what fills the mount: above 0, at most 1. */
  public static double fitting(Job job, Item mount) {
    Placement p = mount.placement();
    return mount.shown(job.pictures())
        .map(s -> Math.max(0.01, PictureFit.fitting(s.picture().width(), s.picture().height(), p.width(), p.height()))).orElse(1.0);
  }

  /** The zoom at which a mount's picture has so many pixels per inch. */
  public static double zoomAt(Job job, Item mount, double ppi) {
    Placement p = mount.placement();
    return mount.mount().flatMap(m -> mount.shown(job.pictures()).map(s -> {
      double filling = m.fit().withZoom(1).inchesPerPixel(s.picture().width(), s.picture().height(), p.width(), p.height());
      return Math.max(0.01, Math.min(PictureFit.MOST_ZOOM, 1 / ppi / filling));
    })).orElse(1.0);
  }

  /** Takes the picture out of a mount and lays it over it, as large as it was. */
  public static Edit takeOut(String faceId, String id) {
    return new Edit(Wording.text("edit.takeOut"), job -> job.changed(faceId, face -> {
      Optional<Item> loose = face.find(id).flatMap(m -> loose(job, m));
      return loose.isEmpty() ? face
          : face.changed(id, i -> i.remounted(m -> m.holding(Optional.empty()))).changedBeside(id, items -> plus(items, loose.get()));
    }));
  }

  /** The picture of a mount as it lies there, loose on the same ground; empty for all that is no mount or holds none. */
  static Optional<Item> loose(Job job, Item mount) {
    return mount.mount().flatMap(making -> mount.shown(job.pictures()).map(shown -> {
      Affine map = shown.toBox().then(mount.placement().toGround());
      return new ItemPhoto(ItemProperties.of(job.freshId(), Wording.text("item.picture")), Reshape.lifted(Placement.of(0, 0, 1, 1, 0), map),
          making.pictureId().orElseThrow(), making.retouch());
    }));
  }

  /**
   * A grid of empty mounts.
   *
   * @param box where it goes
   * @param gutter between neighbours, in inches
   */
  public static Edit grid(String faceId, Box box, List<Double> columns, List<Double> rows, double gutter) {
    LiveEffect.Gridded grid = new LiveEffect.Gridded(columns, rows, gutter);
    return new Edit(Wording.text("edit.mountGrid", columns.size(), rows.size()), job -> {
      Copies.Fresh fresh = new Copies.Fresh(job);
      List<Item> mounts = new ArrayList<>();
      for (int i = 0; i < columns.size() * rows.size(); i++) {
        mounts.add(cell());
      }
      HoldsObjects group = new ItemGroup(
          ItemProperties.of("x", Wording.text("item.mountGrid")), Placement.of(box), new Size(box.width(), box.height()), mounts, grid);
      Item named = fresh.of(laid(group));
      return job.changed(faceId, face -> face.withItems(plus(face.items(), named)));
    });
  }

  private static Item cell() {
    HasOutline rectangle = ItemShape.of(
        ItemProperties.of("x", Wording.text("item.mount")), Placement.of(0, 0, 1, 1, 0), new Outline.Rectangle(0),
        Optional.of(Colour.WHITE), Optional.empty());
    return new ItemGroup(ItemProperties.of("x", Wording.text("item.mount")), rectangle.placement(), new Size(1, 1), List.of(rectangle),
        LiveEffect.Mounted.empty(Look.NONE));
  }

  private static List<Item> plus(List<Item> items, Item item) {
    List<Item> more = new ArrayList<>(items);
    more.add(item);
    return more;
  }

  /**
   * Lays a grid out anew; mounts are added, and empty ones taken away, so that there are as many as places.
   *
   * @throws Trouble when more pictures are mounted than there would be places
   */
  public static Edit regrid(Job now, String faceId, String id, LiveEffect.Gridded grid) throws Trouble {
    int places = grid.columns().size() * grid.rows().size();
    long filled = now.face(faceId).flatMap(f -> f.find(id)).stream().flatMap(g -> g.members().stream())
        .filter(m -> !m.pictureIds().isEmpty()).count();
    if (filled > places) {
      throw Trouble.of("mount.tooFew", filled, places);
    }
    return new Edit(Wording.text("edit.mountGrid", grid.columns().size(), grid.rows().size()),
        job -> job.changed(faceId, face -> face.changed(id, item -> {
      if (item.holder().isEmpty()) {
        return item;
      }
      Copies.Fresh fresh = new Copies.Fresh(job);
      List<Item> members = new ArrayList<>(item.members());
      for (int i = members.size() - 1; i >= 0 && members.size() > places; i--) {
        if (members.get(i).pictureIds().isEmpty()) {
          members.remove(i);
        }
      }
      while (members.size() < places) {
        members.add(fresh.of(cell()));
      }
      return laid(item.holder().get().holding(members).withEffect(grid));
    })));
  }

  /** A grid with its members in their places; unchanged when it is none. */
  public static Item laid(Item item) {
    return item.holder().flatMap(group -> group.effect().grid().<Item>map(grid -> laid(group, grid))).orElse(item);
  }

  private static Item laid(HoldsObjects group, LiveEffect.Gridded grid) {
    Placement p = group.placement();
    List<double[]> across = spans(grid.columns(), p.width(), grid.gutter());
    List<double[]> down = spans(grid.rows(), p.height(), grid.gutter());
    List<Item> members = new ArrayList<>();
    for (int i = 0; i < group.members().size(); i++) {
      double[] x = across.get(i % across.size());
      double[] y = down.get(Math.min(down.size() - 1, i / across.size()));
      members.add(group.members().get(i).with(Placement.of(new Box(x[0], y[0], x[1], y[1]))));
    }
    return new ItemGroup(group.properties(), p, new Size(p.width(), p.height()), members, grid);
  }

  /** Where each share begins and how long it is; the gutters are taken off first. */
  private static List<double[]> spans(List<Double> shares, double length, double gutter) {
    double sum = shares.stream().mapToDouble(s -> s).sum();
    double free = Math.max(shares.size() * Reshape.LEAST, length - gutter * (shares.size() - 1));
    List<double[]> out = new ArrayList<>();
    double at = 0;
    for (double share : shares) {
      double span = free * share / sum;
      out.add(new double[] {at, span});
      at += span + gutter;
    }
    return out;
  }

  /** The mounts under a place, topmost first, members of grids and groups too; what is locked or hidden never is. */
  public static List<String> at(Face face, Point place) {
    List<String> found = new ArrayList<>();
    for (SceneNode node : Scene.of(face).leaves()) {
      boolean free = node.visible() && !node.item().properties().locked() && node.owners().stream().noneMatch(o -> o.properties().locked());
      if (node.item().mount().isPresent() && free) {
        Point own = node.toFace().inverse().apply(place);
        Placement p = node.item().placement();
        if (own.x() >= 0 && own.y() >= 0 && own.x() <= p.width() && own.y() <= p.height()) {
          found.add(node.item().id());
        }
      }
    }
    Collections.reverse(found);
    return found;
  }

  /** The mounts of objects in reading order, those in groups too. */
  public static List<Item> among(List<Item> items) {
    List<Item> found = new ArrayList<>();
    items.forEach(i -> collect(i, found));
    return found;
  }

  private static void collect(Item item, List<Item> mounts) {
    if (item.mount().isPresent()) {
      mounts.add(item);
    }
    item.members().forEach(m -> collect(m, mounts));
  }
}
