package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.picture.Retouch;

/**
 * What a group makes of its members; the members themselves stay as they are. What can be asked of any effect it answers itself; a new one
 * is a record here, its outline in {@code form.Forms} and its form in the job file.
 */
public sealed interface LiveEffect {
  /** It only holds them together. */
  LiveEffect TOGETHER = new Together();

  /** How opaque a picture must be to count for an outline where nothing else is said. */
  int USUAL_THRESHOLD = 128;

  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** Whether what is drawn is anything but its members as they are. */
  default boolean live() {
    return true;
  }

  /** The fill and line of what is made; empty when the members keep their own looks. */
  default Optional<Look> look() {
    return Optional.empty();
  }

  /** The same with another look; unchanged where there is none. */
  default LiveEffect with(Look look) {
    return this;
  }

  /** The same in other colours. */
  default LiveEffect recoloured(UnaryOperator<Colour> map) {
    return look().map(l -> with(l.recoloured(map))).orElse(this);
  }

  /** The same for members that are moved within the group, in inches. */
  default LiveEffect moved(double dx, double dy) {
    return this;
  }

  /** Whether members are drawn as they are: by themselves, several times or over what is made. */
  default boolean showsMembers() {
    return true;
  }

  /** Whether something is drawn that is more than members. */
  default boolean drawsMore() {
    return look().isPresent();
  }

  /** Whether any proportion of the group is as good as any other. */
  default boolean anyProportion() {
    return false;
  }

  /** How the members are repeated. */
  default Optional<Pattern> pattern() {
    return Optional.empty();
  }

  /** Itself as a mount. */
  default Optional<Mounted> mount() {
    return Optional.empty();
  }

  /** Itself as rings. */
  default Optional<Rings> rings() {
    return Optional.empty();
  }

  /** Itself as a grid. */
  default Optional<Gridded> grid() {
    return Optional.empty();
  }

  /** Itself as a bend. */
  default Optional<Bent> bent() {
    return Optional.empty();
  }

  /**
   * The effect with nothing but what changes the outline that is made: two with the same answer make the same outline of the same members.
   */
  default LiveEffect recipe() {
    return TOGETHER;
  }

  /** How opaque a picture among the members must be to count for the outline, 1 to 255. */
  default int threshold() {
    return USUAL_THRESHOLD;
  }

  /** It only holds them together. */
  record Together() implements LiveEffect {
    @Override
    public boolean live() {
      return false;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.together(this);
    }
  }

  /** One outline, combined from its members. */
  @RecordBuilder
  record Combined(Way way, Look dress) implements LiveEffect, LiveEffectCombinedBuilder.With {
    @Override
    public Optional<Look> look() {
      return Optional.of(dress);
    }

    @Override
    public LiveEffect with(Look other) {
      return withDress(other);
    }

    @Override
    public boolean showsMembers() {
      return false;
    }

    @Override
    public LiveEffect recipe() {
      return withDress(Look.NONE);
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
  @RecordBuilder
  record Rings(List<Double> distances, Corner corner, boolean filled, boolean original, int threshold, Look dress)
      implements LiveEffect, LiveEffectRingsBuilder.With {
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
    public LiveEffect with(Look other) {
      return withDress(other);
    }

    @Override
    public boolean showsMembers() {
      return original;
    }

    @Override
    public Optional<Rings> rings() {
      return Optional.of(this);
    }

    @Override
    public LiveEffect recipe() {
      return withOriginal(false).withDress(Look.NONE);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.rings(this);
    }
  }

  /** Its members several times. */
  record Repeated(Pattern places) implements LiveEffect {
    @Override
    public LiveEffect moved(double dx, double dy) {
      return new Repeated(places.moved(dx, dy));
    }

    @Override
    public Optional<Pattern> pattern() {
      return Optional.of(places);
    }

    @Override
    public LiveEffect recipe() {
      return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.repeated(this);
    }
  }

  /**
   * A picture within the outline of its members.
   *
   * @param pictureId empty while it waits for one
   */
  @RecordBuilder
  record Mounted(Optional<String> pictureId, Retouch retouch, PictureFit fit, Look dress)
      implements LiveEffect, LiveEffectMountedBuilder.With {
    /** An empty mount. */
    public static Mounted empty(Look dress) {
      return new Mounted(Optional.empty(), Retouch.NONE, PictureFit.FILLING, dress);
    }

    /** The same holding another picture, which just fills it. */
    public Mounted holding(Optional<String> id) {
      return withPictureId(id).withRetouch(Retouch.NONE).withFit(PictureFit.FILLING);
    }

    @Override
    public Optional<Look> look() {
      return Optional.of(dress);
    }

    @Override
    public LiveEffect with(Look other) {
      return withDress(other);
    }

    @Override
    public LiveEffect recoloured(UnaryOperator<Colour> map) {
      return withRetouch(retouch.withTint(retouch.tint().map(map))).withDress(dress.recoloured(map));
    }

    @Override
    public boolean showsMembers() {
      return false;
    }

    @Override
    public boolean anyProportion() {
      return true;
    }

    @Override
    public Optional<Mounted> mount() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.mounted(this);
    }
  }

  /**
   * Its members laid out in columns and rows with one gutter: mounts above all.
   *
   * @param columns the shares of the columns, 1 to 50, each above zero
   * @param rows those of the rows
   * @param gutter between neighbours, in inches, 0 to 20
   */
  record Gridded(List<Double> columns, List<Double> rows, double gutter) implements LiveEffect {
    /** The most columns or rows. */
    public static final int MOST = 50;

    /** Keeps copies and checks the figures. */
    public Gridded {
      columns = List.copyOf(columns);
      rows = List.copyOf(rows);
      if (columns.isEmpty() || rows.isEmpty() || columns.size() > MOST || rows.size() > MOST || !(gutter >= 0 && gutter <= 20)
          || columns.stream().anyMatch(c -> !(c > 0 && c < 1e6)) || rows.stream().anyMatch(r -> !(r > 0 && r < 1e6))) {
        throw new IllegalArgumentException("a grid has 1 to " + MOST + " columns and rows: " + columns + ", " + rows);
      }
    }

    @Override
    public boolean live() {
      return false;
    }

    @Override
    public boolean anyProportion() {
      return true;
    }

    @Override
    public Optional<Gridded> grid() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.gridded(this);
    }
  }

  /** Its members as they are, bent together; the field that is bent is the box around theirs. */
  record Bent(Bend bend) implements LiveEffect {
    @Override
    public boolean showsMembers() {
      return false;
    }

    @Override
    public boolean drawsMore() {
      return true;
    }

    @Override
    public Optional<Bent> bent() {
      return Optional.of(this);
    }

    @Override
    public LiveEffect recipe() {
      return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.bent(this);
    }
  }

  /** What to do with each effect. */
  interface Visitor<R> {
    /** Held together. */
    R together(Together effect);

    /** Combined. */
    R combined(Combined effect);

    /** Offset. */
    R rings(Rings effect);

    /** Repeated. */
    R repeated(Repeated effect);

    /** A picture within an outline. */
    R mounted(Mounted effect);

    /** In columns and rows. */
    R gridded(Gridded effect);

    /** Bent. */
    R bent(Bent effect);
  }
}
