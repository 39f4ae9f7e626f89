package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.wording.Wording;

/** Copies of objects: one beside another, pasted, on every face, in rows and grids. */
public final class Copies {
  /** How far a duplicate stands from its original, in inches. */
  public static final double STEP = 0.125;

  /** The most copies that one edit makes. */
  public static final int MOST = 5_000;

  private Copies() {}

  /** Puts a copy of each object above all beside it, moved by a distance in inches of the ground they stand on. */
  public static Edit duplicate(String faceId, Set<String> ids, double dx, double dy) {
    return new Edit(Wording.text("edit.duplicate", ids.size()), job -> {
      Fresh fresh = new Fresh(job);
      return ids.isEmpty() ? job : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
        List<Item> out = new ArrayList<>(items);
        items.stream().filter(i -> ids.contains(i.id())).forEach(i -> out.add(moved(fresh.of(i), dx, dy)));
        return out;
      }));
    });
  }

  /** Puts objects on top of a face under new ids, with the pictures that they use, moved by dx and dy in inches. */
  public static Edit paste(String faceId, List<Item> items, Map<String, Picture> pictures, double dx, double dy) {
    return new Edit(Wording.text("edit.paste", items.size()), job -> {
      Job stocked = stocked(job, items, pictures);
      Fresh fresh = new Fresh(stocked);
      return stocked.changed(faceId, face -> {
        List<Item> out = new ArrayList<>(face.items());
        items.forEach(i -> out.add(moved(fresh.of(i), dx, dy)));
        return face.withItems(out);
      });
    });
  }

  /** Puts a copy of each object at the same place on every other face. */
  public static Edit onAllFaces(String faceId, Set<String> ids) {
    return new Edit(Wording.text("edit.allFaces", ids.size()), job -> {
      Fresh fresh = new Fresh(job);
      List<Item> originals = job.face(faceId).map(f -> f.items().stream().filter(i -> ids.contains(i.id())).toList()).orElse(List.of());
      List<Face> faces = new ArrayList<>();
      for (Face face : job.faces()) {
        List<Item> out = new ArrayList<>(face.items());
        if (!face.id().equals(faceId)) {
          originals.forEach(i -> out.add(fresh.of(i)));
        }
        faces.add(face.withItems(out));
      }
      return job.withFaces(faces);
    });
  }

  /**
   * Repeats objects as a block in columns and rows; the originals are the first of them.
   *
   * @param columns 1 or more; columns times rows is at most {@link #MOST}
   * @param gapX between the boxes of neighbours, in inches; below zero they overlap
   */
  public static Edit grid(String faceId, Set<String> ids, int columns, int rows, double gapX, double gapY) {
    if (columns < 1 || rows < 1 || (long) columns * rows > MOST) {
      throw new IllegalArgumentException("a grid has 1 to " + MOST + " places: " + columns + " x " + rows);
    }
    return new Edit(Wording.text("edit.grid", columns, rows), job -> {
      Fresh fresh = new Fresh(job);
      return ids.isEmpty() ? job : job.changed(faceId, face -> face.changedBeside(ids.iterator().next(), items -> {
        List<Item> block = items.stream().filter(i -> ids.contains(i.id())).toList();
        Box box = block.stream().map(i -> i.placement().around()).reduce(Box::union).orElse(new Box(0, 0, 0, 0));
        List<Item> out = new ArrayList<>(items);
        for (int place = 1; place < columns * rows; place++) {
          double dx = place % columns * (box.width() + gapX);
          double dy = place / columns * (box.height() + gapY);
          block.forEach(i -> out.add(moved(fresh.of(i), dx, dy)));
        }
        return out;
      }));
    });
  }

  private static Job stocked(Job job, List<Item> items, Map<String, Picture> pictures) {
    Map<String, Picture> more = new TreeMap<>(job.pictures());
    for (Item item : items) {
      for (Item one : item.withMembers()) {
        one.pictureIds().forEach(id -> more.putIfAbsent(id, pictures.getOrDefault(id, job.pictures().get(id))));
      }
    }
    return job.withPictures(more);
  }

  private static Item moved(Item item, double dx, double dy) {
    return item.with(item.placement().moved(dx, dy));
  }

  /** Gives out ids that no object of a job has yet. */
  static final class Fresh {
    private int next;

    Fresh(Job job) {
      next = Integer.parseInt(job.freshId().substring(1));
    }

    Item of(Item item) {
      // a copy holds the words that it shows; what it went on from may be another thing where it is put
      Item alone = item.rephrased(w -> w.withFollows(Optional.empty()));
      Item out = alone.with(alone.properties().withId("i" + next++));
      return out.holding(out.members().stream().map(this::of).toList());
    }
  }
}
