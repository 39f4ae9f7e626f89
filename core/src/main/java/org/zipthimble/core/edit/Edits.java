package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.fill.BlockRoom;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;

/** The edits there are. Each is a value; an edit that finds nothing to change returns the job as it is. */
public final class Edits {
  /** What is thinner is as thick as this when its proportion is kept, in inches. */
  private static final double THINNEST = 0.01;
  private static final double SAME = 1e-9;

  private Edits() {}

  /** Puts a new object on top of a face. */
  public static Edit add(String faceId, Item item) {
    return new Edit(
        Wording.text("edit.add", item.properties().name()),
        job -> job.changed(faceId, face -> face.withItems(plus(face.items(), item))));
  }

  /** Puts a picture into the job and on top of a face. */
  public static Edit add(String faceId, Item item, Picture picture) {
    Edit add = add(faceId, item);
    return new Edit(add.label(), job -> add.change().apply(job.with(picture)));
  }

  /** Takes objects away. */
  public static Edit remove(String faceId, Set<String> ids) {
    return new Edit(
        Wording.text("edit.remove", ids.size()),
        job -> job.changed(faceId, face -> Flow.rescued(face, ids).without(ids)).withoutUnusedPictures());
  }

  /**
   * Puts objects at new places, each by a function of its old one; a grid of mounts is laid out anew in its new size, and a block that
   * grows with its words is as high as they need in a new width.
   */
  public static Edit place(String faceId, Set<String> ids, String key, UnaryOperator<Placement> change) {
    String label = Wording.text(key);
    return new Edit(label, job -> each(faceId, ids, label, item -> {
      Item placed = Mounts.laid(item.with(change.apply(item.placement())));
      boolean width = Math.abs(placed.placement().width() - item.placement().width()) > SAME
          && Math.abs(placed.placement().height() - item.placement().height()) < SAME;
      return width ? placed.rephrased(w -> BlockRoom.grown(w, new JobFonts(job))) : placed;
    }).change().apply(job));
  }

  /**
   * Lays objects over the whole face, past every edge by its bleed: shapes and mounts take the form of the face, pictures and all else
   * keep their proportion and reach over what is too narrow for it.
   */
  public static Edit cover(String faceId, Set<String> ids) {
    return new Edit(Wording.text("edit.cover"), job -> job.face(faceId).map(face -> {
      Box all = job.frame(face).bleedBox();
      return each(faceId, ids, "", item -> Mounts.laid(
          item.with(Placement.of(item.outlined().isPresent() ? all : covering(all, item.placement()))))).change().apply(job);
    }).orElse(job));
  }

  private static Box covering(Box all, Placement p) {
    double scale = Math.max(all.width() / Math.max(p.width(), THINNEST), all.height() / Math.max(p.height(), THINNEST));
    double width = p.width() * scale;
    double height = p.height() * scale;
    return new Box(all.centre().x() - width / 2, all.centre().y() - height / 2, width, height);
  }

  /** Changes properties such as name, visibility, lock, role or opacity. */
  public static Edit properties(String faceId, Set<String> ids, String key, UnaryOperator<ItemProperties> change) {
    return each(faceId, ids, Wording.text(key), item -> item.with(change.apply(item.properties())));
  }

  /** Changes the look of words; other objects stay. */
  public static Edit style(String faceId, Set<String> ids, String key, UnaryOperator<WordStyle> change) {
    return StoryEdits.words(faceId, ids, key, w -> w.styled(change));
  }

  /** Changes what a block of words says. */
  public static Edit say(String faceId, String id, String text) {
    return StoryEdits.words(faceId, Set.of(id), "edit.words", w -> w.saying(text));
  }

  /** Changes shapes; other objects stay. */
  public static Edit shape(String faceId, Set<String> ids, String key, UnaryOperator<HasOutline> change) {
    return each(faceId, ids, Wording.text(key),
        item -> item.outlined().<Item>map(change).orElseGet(() -> dressed(item, change)));
  }

  /** What a live group makes has a fill and a line as a shape has; they are changed the same way. */
  private static Item dressed(Item item, UnaryOperator<HasOutline> change) {
    return item.look().map(look -> item.with(change.apply(
        ItemShape.of(item.properties(), item.placement(), new Outline.Ellipse(), look.fill(), look.line())).inheritedLook())).orElse(item);
  }

  /**
   * Moves an object in the order of its face.
   *
   * @param index the new place among those beside it, 0 the lowest; held within the list
   */
  public static Edit order(String faceId, String id, int index) {
    return new Edit(
        Wording.text("edit.order"),
        job -> job.changed(faceId, face -> {
          Optional<Item> item = face.find(id);
          return item.isEmpty() ? face : face.changedBeside(id, beside -> {
            List<Item> items = new ArrayList<>(beside);
            items.remove(item.get());
            items.add(Math.max(0, Math.min(items.size(), index)), item.get());
            return items;
          });
        }));
  }

  /** Changes the ticket. */
  public static Edit ticket(String key, UnaryOperator<Ticket> change) {
    return new Edit(Wording.text(key), job -> job.withTicket(change.apply(job.ticket())));
  }

  /** Names a job after the file it is saved to, its hyphens and low lines as spaces; empty where the job has a name of its own. */
  public static Optional<Edit> namedAfter(Job job, String stem) {
    String name = stem.replaceAll("[-_\\s]+", " ").strip();
    boolean untitled = job.name().equals(Wording.text("job.untitled", job.ticket().item()));
    return untitled && !name.isEmpty() && !name.equalsIgnoreCase(job.name())
        ? Optional.of(new Edit(Wording.text("edit.name"),
        j -> j.withName(name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1)))) : Optional.empty();
  }

  /** Changes how the item lies on the sheet. */
  public static Edit sheet(UnaryOperator<SheetPlan> change) {
    return new Edit(Wording.text("edit.sheet"), job -> job.withSheet(change.apply(job.sheet())));
  }

  /** Gives the job another name. */
  public static Edit rename(String name) {
    return new Edit(Wording.text("edit.rename"), job -> job.withName(name));
  }

  /** Adds a blank face after the others. */
  public static Edit addFace(String name) {
    return new Edit(Wording.text("edit.addFace", name), job -> {
      int number = job.faces().size() + 1;
      while (job.face("f" + number).isPresent()) {
        number++;
      }
      List<Face> faces = new ArrayList<>(job.faces());
      faces.add(Face.of("f" + number, name, List.of()));
      return job.withFaces(faces);
    });
  }

  /** Takes a face away; the last one stays. */
  public static Edit removeFace(String faceId) {
    return new Edit(Wording.text("edit.removeFace"), job -> job.faces().size() == 1
        ? job
        : job.withFaces(job.faces().stream().filter(f -> !f.id().equals(faceId)).toList()).withoutUnusedPictures());
  }

  /** Covers shapes and words with a gradient, a pattern or a finish. */
  public static Edit covered(String faceId, Set<String> ids, FillStyle style) {
    return each(faceId, ids, Wording.text("edit.fill"), item -> item.covered(Optional.of(style)));
  }

  /** Sets all letters of words in one colour; a gradient or a pattern on them goes, foil takes the colour. */
  public static Edit inked(String faceId, Set<String> ids, Colour colour) {
    return each(faceId, ids, Wording.text("edit.type"), item -> item.rephrased(w ->
        w.styled(s -> s.withColour(colour)).withFillStyle(w.finish().map(f -> f.withColour(colour)))));
  }

  /** One edit for each of some objects, wherever they stand. */
  static Edit each(String faceId, Set<String> ids, String label, UnaryOperator<Item> change) {
    return new Edit(label, job -> job.changed(faceId, face -> face.changed(ids, change)));
  }

  private static List<Item> plus(List<Item> items, Item item) {
    List<Item> more = new ArrayList<>(items);
    more.add(item);
    return more;
  }
}
