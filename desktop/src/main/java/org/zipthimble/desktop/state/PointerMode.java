package org.zipthimble.desktop.state;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.zipthimble.core.colour.Colour;

/** What the next touch of the bench does instead of choosing and moving: the brush, or picking a colour. */
public final class PointerMode {
  private final ObjectProperty<Optional<Brush>> brush = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<Consumer<Colour>>> picking = new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Optional<String>> inside = new SimpleObjectProperty<>(Optional.empty());
  private Brush last = new Brush(0.15, 0.3, false);
  private double average;

  /**
   * A brush.
   *
   * @param size across, in inches
   * @param soft how much of it fades out, 0 to 1
   * @param restores whether it brings back what was rubbed out
   */
  public record Brush(double size, double soft, boolean restores) {}

  /** The brush in hand. */
  public ObjectProperty<Optional<Brush>> brushProperty() {
    return brush;
  }

  /** The brush last in hand. */
  public Brush last() {
    return brush.get().orElse(last);
  }

  /** Takes a brush into the hand. */
  public void take(Brush other) {
    last = other;
    picking.set(Optional.empty());
    brush.set(Optional.of(other));
  }

  /** Changes the brush, whether it is in hand or lies by. */
  public void change(Brush other) {
    last = other;
    brush.set(brush.get().map(b -> other));
  }

  /** The mount whose picture is moved, by its id. */
  public ObjectProperty<Optional<String>> insideProperty() {
    return inside;
  }

  /** What is done with the colour that is picked next. */
  public ObjectProperty<Optional<Consumer<Colour>>> pickingProperty() {
    return picking;
  }

  /** The side of the square that is averaged when a colour is picked, in inches; 0 for the point itself. */
  public double average() {
    return average;
  }

  /** Changes what is averaged. */
  public void average(double inches) {
    average = inches;
  }

  /** The next place that is pressed gives its colour. */
  public void pick(Consumer<Colour> then) {
    brush.set(Optional.empty());
    picking.set(Optional.of(then));
  }

  /** Lays all by; whether anything was in hand. */
  public boolean layBy() {
    boolean had = brush.get().isPresent() || picking.get().isPresent() || inside.get().isPresent();
    inside.set(Optional.empty());
    brush.set(Optional.empty());
    picking.set(Optional.empty());
    return had;
  }
}
