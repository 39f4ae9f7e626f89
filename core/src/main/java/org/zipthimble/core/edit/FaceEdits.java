package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Following;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/** Faces as a whole: duplicated, put in another order, named, and objects taken from one to another. */
public final class FaceEdits {
  /** The longest name of a face. */
  public static final int LONGEST_NAME = 60;

  /** From the bleed to what is put aside, in inches. */
  private static final double ASIDE = 0.25;

  private FaceEdits() {}

  /** Adds a blank face after the others, called as one more of them is: the back of a single front, a page by its number elsewhere. */
  public static Edit another(Job job) {
    boolean front = job.faces().size() == 1 && job.faces().get(0).name().equals(Wording.text("face.front"));
    return Edits.addFace(front ? Wording.text("face.back") : Wording.text("face.numbered", job.faces().size() + 1));
  }

  /** The same face once more, behind the first; words that flow on flow on in the copy too. */
  public static Edit duplicate(String faceId) {
    return new Edit(Wording.text("edit.faceTwice"), job -> {
      Optional<Face> face = job.face(faceId);
      if (face.isEmpty() || job.faces().size() >= Job.MOST_FACES) {
        return job;
      }
      List<Face> faces = new ArrayList<>(job.faces());
      faces.add(faces.indexOf(face.get()) + 1, copy(job, face.get(), FactDesigns.nextId(job)));
      return job.withFaces(faces);
    });
  }

  private static Face copy(Job job, Face face, String id) {
    Copies.Fresh fresh = new Copies.Fresh(job);
    Map<String, String> ids = new HashMap<>();
    List<Item> items = new ArrayList<>();
    for (Item item : face.items()) {
      Item one = fresh.of(item);
      pair(item, one, ids);
      items.add(one);
    }
    Map<String, Following> links = new HashMap<>();
    face.all().forEach(i -> i.words().flatMap(HoldsWords::follows)
        .ifPresent(f -> links.put(ids.get(i.id()), new Following(ids.getOrDefault(f.block(), f.block()), f.within()))));
    Face out = face.withId(id).withName(Wording.text("face.copy", face.name())).withItems(items);
    return out.changed(links.keySet(), i -> i.rephrased(w -> w.withFollows(Optional.of(links.get(w.id())))));
  }

  private static void pair(Item was, Item is, Map<String, String> ids) {
    ids.put(was.id(), is.id());
    for (int i = 0; i < was.members().size(); i++) {
      pair(was.members().get(i), is.members().get(i), ids);
    }
  }

  /**
   * Puts a face at another place among all.
   *
   * @param to from 0; beyond the ends it is put at the end
   */
  public static Edit place(String faceId, int to) {
    return new Edit(Wording.text("edit.faceOrder"), job -> {
      Optional<Face> face = job.face(faceId);
      if (face.isEmpty()) {
        return job;
      }
      List<Face> faces = new ArrayList<>(job.faces());
      faces.remove(face.get());
      faces.add(Math.max(0, Math.min(faces.size(), to)), face.get());
      return faces.equals(job.faces()) ? job : job.withFaces(faces);
    });
  }

  /** Names a face; a blank name changes nothing. */
  public static Edit rename(String faceId, String name) {
    String kept = name.strip().length() > LONGEST_NAME ? name.strip().substring(0, LONGEST_NAME) : name.strip();
    return new Edit(Wording.text("edit.faceName", kept), job -> kept.isEmpty() ? job : job.changed(faceId, f -> f.withName(kept)));
  }

  /**
   * Takes objects from one face to another, on top of what is there, where they stood.
   *
   * @param copying whether they stay on the first face too
   */
  public static Edit carry(String from, Set<String> ids, String to, boolean copying) {
    return new Edit(Wording.text(copying ? "edit.copyToFace" : "edit.moveToFace"), job -> {
      List<Item> some = job.face(from).map(f -> f.items().stream().filter(i -> ids.contains(i.id())).toList()).orElse(List.of());
      if (some.isEmpty() || from.equals(to) || job.face(to).isEmpty()) {
        return job;
      }
      Copies.Fresh fresh = new Copies.Fresh(job);
      List<Item> carried = copying ? some.stream().map(fresh::of).toList() : some.stream().map(FaceEdits::alone).toList();
      Job without = copying ? job : Edits.remove(from, ids).change().apply(job).withPictures(job.pictures());
      return without.changed(to, f -> {
        List<Item> all = new ArrayList<>(f.items());
        all.addAll(carried);
        return f.withItems(all);
      });
    });
  }

  /**
   * Puts objects on the side table: beside the face, past its bleed, at the height where they stood. What lies there is not printed; what
   * is cut would be cut wherever it lies, and becomes guide-only.
   */
  public static Edit aside(String faceId, Set<String> ids) {
    return new Edit(Wording.text("edit.sideTable"), job -> job.face(faceId).map(face -> {
      Scene scene = Scene.of(face);
      Frame frame = job.frame(face);
      List<Box> boxes = face.items().stream().filter(i -> ids.contains(i.id())).map(scene::around).toList();
      if (boxes.isEmpty()) {
        return job;
      }
      double by = frame.bleedBox().right() + ASIDE - boxes.stream().mapToDouble(Box::x).min().orElse(0);
      return job.changed(faceId, f -> f.changed(ids, i -> put(i, by)));
    }).orElse(job));
  }

  private static Item put(Item item, double by) {
    Item moved = item.with(item.placement().moved(by, 0));
    return item.properties().role().cuts() ? moved.with(item.properties().withRole(Role.GUIDE)) : moved;
  }

  /** What it went on from stays behind. */
  private static Item alone(Item item) {
    return item.rephrased(w -> w.withFollows(Optional.empty()));
  }
}
