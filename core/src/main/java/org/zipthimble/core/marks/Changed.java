package org.zipthimble.core.marks;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Piece;
import org.zipthimble.core.type.SetWords;

/** Where a face may look otherwise after an edit, so that only that part need be painted anew. */
public final class Changed {
  /** Nothing differs: a box without an area. */
  private static final Box NOTHING = new Box(0, 0, 0, 0);

  private Changed() {}

  /**
   * The box of the face in inches outside of which two states look the same.
   *
   * @return empty where that cannot be told: objects came or went, something clears, mixes or is cut, or what all objects share has changed
   */
  public static Optional<Box> box(Job before, Job now, String faceId) {
    Optional<Face> a = before.face(faceId);
    Optional<Face> b = now.face(faceId);
    boolean alike = a.isPresent() && b.isPresent() && before.ticket().equals(now.ticket()) && before.palette() == now.palette()
        && before.fonts().equals(now.fonts())
        && before.pictures().equals(now.pictures()) && before.cutting() == now.cutting();
    List<Item> from = alike ? items(a.get()) : List.of();
    List<Item> to = alike ? items(b.get()) : List.of();
    if (!alike || from.size() != to.size() || b.get().all().stream().anyMatch(Changed::reachesFar)) {
      return Optional.empty();
    }
    Box all = NOTHING;
    for (int i = 0; i < from.size(); i++) {
      Item was = from.get(i);
      Item is = to.get(i);
      if (was != is) {
        if (!was.id().equals(is.id()) || reachesFar(was) || reachesFar(is)) {
          return Optional.empty();
        }
        all = joined(all, difference(before, now, was, is));
      }
    }
    return Optional.of(all);
  }

  private static List<Item> items(Face face) {
    return Scene.of(face).nodes().stream().map(SceneNode::item).toList();
  }

  private static boolean reachesFar(Item item) {
    return item.properties().clearGap() > 0 || item.properties().effects().blend() != Blend.NORMAL || item.properties().role().cuts();
  }

  private static Box joined(Box a, Box b) {
    return a.width() * a.height() == 0 ? b : b.width() * b.height() == 0 ? a : a.union(b);
  }

  private static Box difference(Job before, Job now, Item was, Item is) {
    boolean words = was.words().isPresent() && is.words().isPresent() && stays(was.words().get(), is.words().get());
    return words ? lines(before, now, was.words().get(), is.words().get()) : joined(marks(before, was), marks(now, is));
  }

  /** Whether only what words say has changed, so that lines which say the same look the same. */
  private static boolean stays(HoldsWords a, HoldsWords b) {
    return a.placement().equals(b.placement()) && a.properties().equals(b.properties()) && a.panel().equals(b.panel())
        && a.fillStyle().isEmpty() && b.fillStyle().isEmpty()
        && a.properties().effects().equals(Effects.NONE);
  }

  private static Box lines(Job before, Job now, HoldsWords was, HoldsWords is) {
    List<SetWords.Line> a = was.set(new JobFonts(before)).lines();
    List<SetWords.Line> b = is.set(new JobFonts(now)).lines();
    Box all = NOTHING;
    for (int i = 0; i < Math.max(a.size(), b.size()); i++) {
      boolean same = i < a.size() && i < b.size() && looks(a.get(i), b.get(i));
      if (!same) {
        all = i < a.size() ? joined(all, box(a.get(i))) : all;
        all = i < b.size() ? joined(all, box(b.get(i))) : all;
      }
    }
    return all.width() * all.height() == 0 ? NOTHING : is.placement().toGround().apply(all);
  }

  /** Whether two lines look the same, wherever in the story they stand. */
  private static boolean looks(SetWords.Line a, SetWords.Line b) {
    if (!a.baseline().equals(b.baseline()) || a.pieces().size() != b.pieces().size()) {
      return false;
    }
    for (int i = 0; i < a.pieces().size(); i++) {
      Piece p = a.pieces().get(i);
      Piece q = b.pieces().get(i);
      if (!p.map().equals(q.map()) || !p.look().equals(q.look()) || p.run() != q.run() && !p.run().equals(q.run())) {
        return false;
      }
    }
    return true;
  }

  /** What the letters of a line may cover, with the lines round them. */
  private static Box box(SetWords.Line line) {
    Box all = NOTHING;
    for (Piece piece : line.pieces()) {
      double em = piece.run().em();
      Box about = new Box(0, -2 * em, Math.max(0, piece.run().advance()), 3 * em).grown(em + piece.look().detail().outside() / 72);
      all = joined(all, piece.map().then(line.toBlock()).apply(about));
    }
    return all;
  }

  /** What the marks of an object cover. */
  private static Box marks(Job job, Item item) {
    MarkBounds bounds = new MarkBounds();
    Face alone = Face.of("alone", "alone", List.of(item));
    MarkWalk.made(job, alone, Affine.IDENTITY, bounds);
    return bounds.all().map(b -> b.union(Scene.of(alone).around(item))).orElse(NOTHING);
  }
}
