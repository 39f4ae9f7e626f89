package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Lengths;

/** Writes marks down as readable lines, such as {@code fill #aabbcc 0 0 5 7}. */
public final class RecordingOut implements MarkOut {
  private final List<String> lines = new ArrayList<>();

  /** What was emitted, in order. */
  public List<String> lines() {
    return List.copyOf(lines);
  }

  @Override
  public void fill(Path path, Colour colour) {
    lines.add("fill " + colour.hex() + " " + box(path));
  }

  @Override
  public void fill(Path path, Shade shade) {
    lines.add("shade " + (shade.round() ? "round " : "straight ") + shade.colours().stream().map(Colour::hex).toList() + " " + box(path));
  }

  @Override
  public void line(Path path, Pen pen) {
    String dashes = pen.dashes().isEmpty() ? "" : " dashed";
    lines.add("line " + pen.colour().hex() + " " + Lengths.plain(pen.width(), 5) + " " + box(path) + dashes);
  }

  @Override
  public Scope step(ProcessingStep step) {
    lines.add("step " + step.name());
    return () -> lines.add("end");
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    Point at = toPage.apply(new Point(0, 0));
    lines.add("words " + colour.hex() + " " + number(at.x()) + " " + number(at.y()) + " " + run.text());
  }

  @Override
  public void picture(Picture picture, Affine toPage) {
    lines.add("picture " + picture.name() + " " + box(toPage.apply(new Box(0, 0, 1, 1))));
  }

  @Override
  public void art(Art art) {
    lines.add("art " + art.blend().pdf() + " " + number(art.opacity()) + " blur " + number(art.blur()) + " feather " + number(art.feather())
        + art.shadow().map(h -> " shadow " + h.colour().hex() + " " + number(h.shift().x()) + " " + number(h.shift().y())).orElse("")
        + art.glow().map(h -> " glow " + h.colour().hex()).orElse(""));
    art.marks().accept(this);
    lines.add("end");
  }

  @Override
  public Scope clip(Path path) {
    lines.add("clip " + box(path));
    return () -> lines.add("end");
  }

  @Override
  public Scope opacity(double opacity) {
    lines.add("opacity " + number(opacity));
    return () -> lines.add("end");
  }

  private static String box(Path path) {
    return Measure.bounds(path).map(RecordingOut::box).orElse("nothing");
  }

  private static String box(Box b) {
    return number(b.x()) + " " + number(b.y()) + " " + number(b.width()) + " " + number(b.height());
  }

  private static String number(double value) {
    return Lengths.plain(value, 4);
  }
}
