package org.zipthimble.core.guide;

import java.util.Optional;
import java.util.stream.Stream;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.check.all.Report;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/**
 * A first job made together: a 5 x 7 in invitation in ten steps. Each step looks at the job and at where the person is, and is done when
 * what it asked for is there, by whatever way it came.
 */
public enum Together {
  /** The item is chosen and begun. */
  BEGIN(Place.ITEM, "item-start"),
  /** A shape is laid down. */
  GROUND(Place.COMPOSE, "add-rectangle"),
  /** It reaches past every edge. */
  EDGES(Place.COMPOSE, "tag-cover"),
  /** Words are added and typed. */
  WORDS(Place.COMPOSE, "add-words"),
  /** They are large. */
  LARGE(Place.COMPOSE, "tag-size"),
  /** They stand in the middle. */
  MIDDLE(Place.COMPOSE, "arrange-middle"),
  /** When and where. */
  WHEN(Place.COMPOSE, "add-words"),
  /** Nothing would ruin it. */
  CHECK(Place.CHECK, "findings"),
  /** It is saved. */
  KEEP(Place.COMPOSE, "job-name"),
  /** It is a file that is measured. */
  OUT(Place.SEND, "send-write");

  /** The item's finished size, in inches. */
  public static final Size SIZE = new Size(5, 7);

  private static final double LARGE_POINTS = 30;
  private static final double SHORTEST = 3;
  private static final double MIDDLE_OFF = 0.02;
  private static final double SAME = 1e-6;

  private final Place place;
  private final String points;

  Together(Place place, String points) {
    this.place = place;
    this.points = points;
  }

  /** Where the person is. */
  public enum Place {
    /** Where the item is chosen. */
    ITEM,
    /** Where things are laid. */
    COMPOSE,
    /** Where findings are. */
    CHECK,
    /** Where it lies on its sheet. */
    SHEET,
    /** Where files are written. */
    SEND
  }

  /**
   * What a step looks at.
   *
   * @param report what the checks said last; it counts where it is of this very job
   * @param saved whether all of the job stands in its file
   * @param written whether a file of it has been written and measured since the first step
   */
  public record Seen(Job job, Report report, Place place, boolean saved, boolean written) {
    private Optional<Report> checked() {
      return Optional.of(report).filter(r -> r.job() == job && !r.edges().isEmpty());
    }
  }

  /** Where it is done. */
  public Place place() {
    return place;
  }

  /** The part of the window that does it. */
  public String points() {
    return points;
  }

  /** Whether it is done. */
  public boolean done(Seen seen) {
    Job job = seen.job();
    Face face = job.faces().get(0);
    switch (this) {
      case BEGIN:
        Box size = job.frame(face).trim();
        return seen.place() != Place.ITEM && Math.abs(size.width() - SIZE.width()) < SAME && Math.abs(size.height() - SIZE.height()) < SAME;
      case GROUND:
        return face.items().stream().anyMatch(i -> i.words().isEmpty());
      case EDGES:
        return seen.checked().flatMap(r -> r.edges(face.id()))
            .filter(reach -> Stream.of(Side.values())
            .allMatch(side -> reach.past(side).orElse(-1) >= job.frame(face).bleed().at(side) - SAME)).isPresent();
      case WORDS:
        return typed(face).findAny().isPresent();
      case LARGE:
        return typed(face).anyMatch(w -> w.story().runs().stream().anyMatch(r -> r.look().sizePt() >= LARGE_POINTS));
      case MIDDLE:
        Box trim = job.frame(face).trim();
        return typed(face).anyMatch(w -> Math.abs(w.placement().box().centre().x() - trim.centre().x()) < MIDDLE_OFF);
      case WHEN:
        return typed(face).anyMatch(w -> w.text().chars().anyMatch(Character::isDigit));
      case CHECK:
        return seen.place() == Place.CHECK && seen.checked().filter(r -> !Checks.ruin(r.findings())).isPresent();
      case KEEP:
        return seen.saved();
      default:
        return seen.written();
    }
  }

  private static Stream<HoldsWords> typed(Face face) {
    return face.items().stream().flatMap(i -> i.words().stream())
        .filter(w -> w.text().strip().length() >= SHORTEST && !w.text().equals(Wording.text("words.new")));
  }
}
