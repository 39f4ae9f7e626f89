package org.zipthimble.core.item;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.code.CodeKind;
import org.zipthimble.core.code.Codes;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.shape.Setting;
import org.zipthimble.core.units.Size;

/** The form of a shape, fitted into whatever box it is given. */
public sealed interface Outline {
  /** The path within a box of this width and height, in inches. */
  Path within(double width, double height);

  /** The path within a box of this width and height, seen through a map. */
  default Path within(double width, double height, Affine map) {
    return within(width, height).mapped(map);
  }

  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** Whether it is a line without an inside. */
  default boolean open() {
    return false;
  }

  /** Whether it is a straight line. */
  default boolean straight() {
    return false;
  }

  /** The radius of its corners in inches; empty for what has no such corners. */
  default Optional<Double> cornerRadius() {
    return Optional.empty();
  }

  /** The same with its corners rounded otherwise. */
  default Outline rounded(double radius) {
    return this;
  }

  /** Itself as a ready shape. */
  default Optional<Ready> asReady() {
    return Optional.empty();
  }

  /** Itself as a code. */
  default Optional<Coded> asCoded() {
    return Optional.empty();
  }

  /** Itself as what was words. */
  default Optional<Lettered> asLettered() {
    return Optional.empty();
  }

  /** Whether it fills its box to the corners. */
  default boolean boxed() {
    return false;
  }

  /** How many places its path has; of what is worked out by figures so few that they do not count. */
  default int places() {
    return 0;
  }

  /** Whether its points may be moved by hand without losing anything. */
  default boolean drawn() {
    return false;
  }

  /** A rectangle, its corners rounded by a radius in inches. */
  record Rectangle(double radius) implements Outline {
    /** Checks the radius. */
    public Rectangle {
      if (!(radius >= 0 && radius <= Placement.FARTHEST)) {
        throw new IllegalArgumentException("a corner's radius is 0 or more: " + radius);
      }
    }

    @Override
    public Path within(double width, double height) {
      return Shapes.rectangle(new Box(0, 0, width, height), radius);
    }

    @Override
    public Optional<Double> cornerRadius() {
      return Optional.of(radius);
    }

    @Override
    public Outline rounded(double other) {
      return new Rectangle(other);
    }

    @Override
    public boolean boxed() {
      return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.rectangle(this);
    }
  }

  /** An ellipse. */
  record Ellipse() implements Outline {
    @Override
    public Path within(double width, double height) {
      return Shapes.ellipse(new Box(0, 0, width, height));
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.ellipse(this);
    }
  }

  /** A straight line from the left to the right at half height. */
  record Straight() implements Outline {
    @Override
    public Path within(double width, double height) {
      return Shapes.line(new Point(0, height / 2), new Point(width, height / 2));
    }

    @Override
    public boolean straight() {
      return true;
    }

    @Override
    public boolean open() {
      return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.straight(this);
    }
  }

  /** A path of any form. */
  sealed interface Penned extends Outline {
    /** The path within a square of one by one. */
    Path unit();

    @Override
    default Path within(double width, double height) {
      return unit().mapped(Affine.scale(width, height));
    }

    @Override
    default Path within(double width, double height, Affine map) {
      return unit().mapped(Affine.scale(width, height).then(map));
    }

    @Override
    default int places() {
      return unit().segments().size();
    }

    @Override
    default boolean drawn() {
      return true;
    }
  }

  /** A drawn path, given within a square of one by one. */
  record Drawn(Path unit) implements Penned {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.drawn(this);
    }
  }

  /**
   * A ready shape whose figures stay live.
   *
   * @param values one for each of the form's settings
   */
  record Ready(ReadyForm form, List<Double> values) implements Outline {
    /** Keeps a copy and checks the count. */
    public Ready {
      values = List.copyOf(values);
      if (values.size() != form.settings().size() || values.stream().anyMatch(v -> !(Math.abs(v) <= Placement.FARTHEST))) {
        throw new IllegalArgumentException(form + " has " + form.settings().size() + " figures: " + values);
      }
    }

    /**
     * A ready shape with figures by their names.
     *
     * @throws IllegalArgumentException when one is missing
     */
    public static Ready named(ReadyForm form, Map<String, Double> figures) {
      List<Double> values = new ArrayList<>();
      for (Setting setting : form.settings()) {
        if (!figures.containsKey(setting.name())) {
          throw new IllegalArgumentException(form + " has a figure " + setting.name());
        }
        values.add(figures.get(setting.name()));
      }
      return new Ready(form, values);
    }

    /** The figures by their names. */
    public Map<String, Double> figures() {
      Map<String, Double> figures = new LinkedHashMap<>();
      for (int i = 0; i < values.size(); i++) {
        figures.put(form.settings().get(i).name(), values.get(i));
      }
      return figures;
    }

    /** The same with one figure changed, told by its place from 0; it is held within its setting's range. */
    public Ready with(int index, double value) {
      List<Double> changed = new ArrayList<>(values);
      changed.set(index, form.settings().get(index).held(value));
      return new Ready(form, changed);
    }

    @Override
    public Path within(double width, double height) {
      return form.path(width, height, values);
    }

    @Override
    public boolean open() {
      return form.open();
    }

    @Override
    public Optional<Ready> asReady() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.ready(this);
    }
  }

  /**
   * A code that machines read, its quiet zone within the box.
   *
   * @param fact the fact of the job whose value it says; empty where the content was typed
   */
  record Coded(CodeKind code, String content, Optional<String> fact) implements Outline {
    /** Checks that both are there. */
    public Coded {
      if (code == null || content == null || content.length() > Codes.LONGEST) {
        throw new IllegalArgumentException("a code says up to " + Codes.LONGEST + " characters");
      }
    }

    /** The width of a module in a box of a size, in inches. */
    public double module(double width, double height) {
      Codes.Drawn drawn = Codes.draw(code, content);
      return code.matrix() ? Math.min(width / drawn.width(), height / drawn.height()) : width / drawn.width();
    }

    @Override
    public Path within(double width, double height) {
      Codes.Drawn drawn = Codes.draw(code, content);
      double across = module(width, height);
      double down = code.matrix() ? across : height / drawn.height();
      return drawn.bars().mapped(Affine.scale(across, down)
          .then(Affine.move((width - across * drawn.width()) / 2, (height - down * drawn.height()) / 2)));
    }

    @Override
    public Optional<Coded> asCoded() {
      return Optional.of(this);
    }

    @Override
    public int places() {
      return Codes.draw(code, content).bars().segments().size();
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.coded(this);
    }
  }

  /**
   * A drawn path that was words and can be words again.
   *
   * @param unit the path within a square of one by one
   * @param words as they were, placed from the top left of the box in inches
   * @param size of the box when they became a path
   */
  record Lettered(Path unit, HoldsWords words, Size size) implements Penned {
    /** Checks that all is there. */
    public Lettered {
      if (unit == null || words == null || size == null) {
        throw new IllegalArgumentException("what was words has a path, its words and a size");
      }
    }

    @Override
    public Optional<Lettered> asLettered() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.lettered(this);
    }
  }

  /** What to do with each form. */
  interface Visitor<R> {
    /** A rectangle. */
    R rectangle(Rectangle outline);

    /** An ellipse. */
    R ellipse(Ellipse outline);

    /** A straight line. */
    R straight(Straight outline);

    /** A drawn path. */
    R drawn(Drawn outline);

    /** A ready shape. */
    R ready(Ready outline);

    /** A code. */
    R coded(Coded outline);

    /** What was words. */
    R lettered(Lettered outline);
  }
}
