package org.zipthimble.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Course;
import org.zipthimble.core.wording.Wording;

/** Edits of what words run along. */
public final class CourseEdits {
  private static final double LEAST_SIDE = 0.25;
  private static final double LINE_ROOM = 1.3;

  private CourseEdits() {}

  /** Changes the course of words that have one. */
  public static Edit change(String faceId, Set<String> ids, UnaryOperator<Course> change) {
    return StoryEdits.words(faceId, ids, "edit.course", w -> w.withCourse(w.course().map(change)));
  }

  /** Sets words in lines again. */
  public static Edit lines(String faceId, Set<String> ids) {
    return StoryEdits.words(faceId, ids, "edit.course", w -> w.withCourse(Optional.empty()));
  }

  /** Lays words round a circle as wide as their block, about its middle. */
  public static Edit round(String faceId, Set<String> ids, boolean foot) {
    return StoryEdits.words(faceId, ids, "edit.course", w -> {
      boolean already = w.course().filter(c -> c.kind() == Course.Kind.ROUND).isPresent();
      Course course = w.course().filter(c -> already).orElse(Course.OVER_THE_TOP).withFoot(foot);
      double side = Math.max(LEAST_SIDE, w.placement().width());
      return centred(w).withCourse(Optional.of(course)).with(already ? w.placement() : about(w.placement(), side, side));
    });
  }

  /** Lays words over an arc as wide as their block. */
  public static Edit arc(String faceId, Set<String> ids) {
    return StoryEdits.words(faceId, ids, "edit.course", w -> {
      double rise = w.placement().width() / 10;
      double high = Math.max(w.placement().height(), rise + w.style().letters().em() * LINE_ROOM);
      return centred(w).withCourse(Optional.of(Course.ARC.withRise(rise))).with(about(w.placement(), w.placement().width(), high));
    });
  }

  /** Gives a round of words a radius in inches, about its middle, or an arc its radius. */
  public static Edit radius(String faceId, Set<String> ids, double inches) {
    return StoryEdits.words(faceId, ids, "edit.course", w -> w.course().map(c -> switch (c.kind()) {
      case ROUND -> w.with(about(w.placement(), 2 * inches, 2 * inches));
      case ARC -> w.withCourse(Optional.of(c.withRise(Math.copySign(Course.rise(w.placement().width(), inches), c.rise()))));
      case PATH -> w;
    }).orElse(w));
  }

  /** The radius of the circle that words run along; empty for others. */
  public static Optional<Double> radius(HoldsWords words) {
    return words.course().flatMap(c -> switch (c.kind()) {
      case ROUND -> Optional.of(words.placement().width() / 2);
      case ARC -> Optional.of(Course.radius(words.placement().width(), c.rise()));
      case PATH -> Optional.empty();
    });
  }

  private static HoldsWords centred(HoldsWords words) {
    return words.course().isPresent() ? words : words.styled(s -> s.withAlign(Align.CENTRE));
  }

  /** A placement of another size about the same middle. */
  private static Placement about(Placement p, double width, double height) {
    Placement sized = p.withWidth(width).withHeight(height);
    Point was = p.toGround().apply(new Point(p.width() / 2, p.height() / 2));
    Point is = sized.toGround().apply(new Point(width / 2, height / 2));
    return sized.withX(sized.x() + was.x() - is.x()).withY(sized.y() + was.y() - is.y());
  }

  /** Whether among some objects there are words and one outline that they could run along. */
  public static boolean canFollow(Face face, Set<String> ids) {
    List<Item> all = ids.stream().flatMap(id -> face.find(id).stream()).toList();
    return all.stream().anyMatch(i -> i.words().isPresent()) && all.stream().filter(i -> i.outlined().isPresent()).count() == 1;
  }

  /** Lays words along the outline of the one shape beside them; the shape stays as it is. */
  public static Edit along(String faceId, Set<String> ids) {
    return new Edit(Wording.text("edit.course"), job -> job.changed(faceId, face -> {
      Optional<HasOutline> shape = ids.stream().flatMap(id -> face.find(id).stream()).flatMap(i -> i.outlined().stream()).findFirst();
      return shape.map(s -> face.changed(ids, item -> item.rephrased(w -> along(w, s)))).orElse(face);
    }));
  }

  private static HoldsWords along(HoldsWords words, HasOutline shape) {
    Placement p = shape.placement();
    Path path = shape.outline().within(p.width(), p.height(), p.toGround());
    Optional<Box> bounds = Measure.bounds(path);
    if (bounds.isEmpty()) {
      return words;
    }
    Box b = bounds.get();
    double width = Math.max(LEAST_SIDE, b.width());
    double height = Math.max(LEAST_SIDE, b.height());
    Path unit = path.mapped(Affine.move(-b.x(), -b.y()).then(Affine.scale(1 / width, 1 / height)));
    return words.withCourse(Optional.of(words.course().map(c -> new Course(
        Course.Kind.PATH, 0, Optional.of(unit), false, c.sits(), c.slide(), c.spread(), c.least())).orElse(Course.along(unit))))
        .with(Placement.of(b.x(), b.y(), width, height, 0));
  }
}
