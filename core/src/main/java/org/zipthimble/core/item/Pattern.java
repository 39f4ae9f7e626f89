package org.zipthimble.core.item;

import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Columns;

/** Where the copies of a live repeat stand. */
public sealed interface Pattern {
  /** The most copies of one repeat. */
  int MOST = 5_000;

  /** The farthest that neighbours stand apart, or overlap, in inches. */
  double MOST_GAP = 1000;

  /** The fewest places round a centre. */
  int FEWEST_ROUND = 2;

  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** The same for originals that are moved, in inches: places go along with them. */
  default Pattern moved(double dx, double dy) {
    return this;
  }

  /** Itself as columns and rows. */
  default Optional<Grid> asGrid() {
    return Optional.empty();
  }

  /** Itself as a filled width. */
  default Optional<Fill> asFill() {
    return Optional.empty();
  }

  /**
   * Columns and rows.
   *
   * @param gapX between the boxes of neighbours, in inches; below zero they overlap
   * @param brick whether every second row is moved by half a step
   */
  record Grid(int across, int down, double gapX, double gapY, boolean brick) implements Pattern {
    /** Checks the counts. */
    public Grid {
      if (across < 1 || down < 1 || (long) across * down > MOST || !(Math.abs(gapX) <= MOST_GAP && Math.abs(gapY) <= MOST_GAP)) {
        throw new IllegalArgumentException("a repeat has 1 to " + MOST + " places: " + across + " x " + down);
      }
    }

    @Override
    public Optional<Grid> asGrid() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.grid(this);
    }
  }

  /**
   * A row that fills a width exactly with a whole number of repeats: as many as go in with at least the least gap, the
   * gaps then made equal.
   */
  record Fill(double width, double leastGap) implements Pattern {
    /** Checks the figures. */
    public Fill {
      if (!(width > 0 && width <= Placement.FARTHEST) || !(leastGap >= 0 && leastGap <= MOST_GAP)) {
        throw new IllegalArgumentException("a row fills a width above zero: " + width + ", " + leastGap);
      }
    }

    @Override
    public Optional<Fill> asFill() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.fill(this);
    }
  }

  /**
   * Round a centre.
   *
   * @param count of places, 2 or more, evenly round
   * @param centre on the ground the originals stand on
   * @param turning whether each copy is turned with its place
   * @param mirrored whether every second copy is the mirror image across its ray
   */
  record Round(int count, Point centre, boolean turning, boolean mirrored) implements Pattern {
    /** Checks the count. */
    public Round {
      if (count < FEWEST_ROUND || count > MOST) {
        throw new IllegalArgumentException("a round has 2 to " + MOST + " places: " + count);
      }
    }

    @Override
    public Pattern moved(double dx, double dy) {
      return new Round(count, centre.plus(dx, dy), turning, mirrored);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.round(this);
    }
  }

  /**
   * Along a path, at equal distances of its length; the middle of the originals goes along it.
   *
   * @param path on the ground the originals stand on
   * @param turning whether each copy is turned with the path
   */
  record Along(Path path, int count, boolean turning) implements Pattern {
    /** Checks the count. */
    public Along {
      if (count < 1 || count > MOST || path.segments().isEmpty()) {
        throw new IllegalArgumentException("a row along a path has a path and 1 to " + MOST + " places: " + count);
      }
    }

    @Override
    public Pattern moved(double dx, double dy) {
      return new Along(path.mapped(Affine.move(dx, dy)), count, turning);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.along(this);
    }
  }

  /**
   * The originals and their mirror image.
   *
   * @param degrees the direction of the axis, 90 for upright
   * @param through a place the axis runs through, on the ground the originals stand on
   */
  record Mirror(double degrees, Point through) implements Pattern {
    @Override
    public Pattern moved(double dx, double dy) {
      return new Mirror(degrees, through.plus(dx, dy));
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.mirror(this);
    }
  }

  /** What to do with each pattern. */
  interface Visitor<R> {
    /** Columns and rows. */
    R grid(Grid pattern);

    /** A filled width. */
    R fill(Fill pattern);

    /** Round a centre. */
    R round(Round pattern);

    /** Along a path. */
    R along(Along pattern);

    /** A mirror image. */
    R mirror(Mirror pattern);
  }
}
