package org.zipthimble.core.job;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Way;

/** What a group makes of its members; the members themselves stay as they are. */
public sealed interface Making {
  /** It only holds them together. */
  Making TOGETHER = new Together();

  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** The fill and line of what is made; empty when the members keep their own looks. */
  default Optional<Look> look() {
    return Optional.empty();
  }

  /** The same with another look; unchanged where there is none. */
  default Making with(Look look) {
    return this;
  }

  /** A fill, a line, both or neither. */
  record Look(Optional<Colour> fill, Optional<LineLook> line) {}

  /** It only holds them together. */
  record Together() implements Making {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.together(this);
    }
  }

  /** One outline, combined from its members. */
  record Combined(Way way, Look dress) implements Making {
    @Override
    public Optional<Look> look() {
      return Optional.of(dress);
    }

    @Override
    public Making with(Look other) {
      return new Combined(way, other);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.combined(this);
    }
  }

  /**
   * Outlines at distances from its members joined.
   *
   * @param distances in inches, outwards above zero; one ring for each
   * @param filled whether holes are filled
   * @param original whether the members are drawn on top
   * @param threshold how opaque a picture must be to count, 1 to 255
   */
  record Rings(List<Double> distances, Corner corner, boolean filled, boolean original, int threshold, Look dress)
      implements Making {
    /** The most rings. */
    public static final int MOST = 24;

    /** Keeps a copy and checks the figures. */
    public Rings {
      distances = List.copyOf(distances);
      if (distances.isEmpty() || distances.size() > MOST || distances.stream().anyMatch(d -> !(Math.abs(d) <= 100))
          || threshold < 1 || threshold > 255 || corner == null) {
        throw new IllegalArgumentException("an offset has 1 to " + MOST + " rings: " + distances);
      }
    }

    @Override
    public Optional<Look> look() {
      return Optional.of(dress);
    }

    @Override
    public Making with(Look other) {
      return new Rings(distances, corner, filled, original, threshold, other);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.rings(this);
    }
  }

  /** Its members several times. */
  record Repeated(Pattern pattern) implements Making {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.repeated(this);
    }
  }

  /** What to do with each making. */
  interface Visitor<R> {
    /** Held together. */
    R together(Together making);

    /** Combined. */
    R combined(Combined making);

    /** Offset. */
    R rings(Rings making);

    /** Repeated. */
    R repeated(Repeated making);
  }
}
