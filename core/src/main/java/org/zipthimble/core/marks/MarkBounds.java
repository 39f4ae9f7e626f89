package org.zipthimble.core.marks;

import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.picture.Picture;

/** Measures what marks cover, clips not counted: nothing lies outside of it. */
final class MarkBounds implements MarkOut {
  /** How many widths the corner of a line may reach out. */
  private static final double MITRE = 5;

  private Optional<Box> all = Optional.empty();

  Optional<Box> all() {
    return all;
  }

  private void with(Box box) {
    all = Optional.of(all.map(a -> a.union(box)).orElse(box));
  }

  @Override
  public void fill(Path path, Colour colour) {
    Measure.bounds(path).ifPresent(this::with);
  }

  @Override
  public void fill(Path path, Shade shade) {
    Measure.bounds(path).ifPresent(this::with);
  }

  @Override
  public void line(Path path, Pen pen) {
    Measure.bounds(path).ifPresent(b -> with(b.grown(pen.width() * MITRE)));
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    Measure.bounds(run.outline().mapped(toPage)).ifPresent(this::with);
  }

  @Override
  public void picture(Picture picture, Affine toPage) {
    with(toPage.apply(new Box(0, 0, 1, 1)));
  }

  @Override
  public void art(Art art) {
    with(art.area().grown(art.reach()));
  }

  @Override
  public Scope clip(Path path) {
    Optional<Box> before = all;
    all = Optional.empty();
    return () -> {
      Optional<Box> inside = all.flatMap(a -> Measure.bounds(path).flatMap(a::meet));
      all = before;
      inside.ifPresent(this::with);
    };
  }

  @Override
  public Scope opacity(double opacity) {
    return () -> { };
  }
}
