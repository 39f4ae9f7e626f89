package org.zipthimble.core.marks;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.picture.Picture;

/** Keeps marks so that they can be played again, to several outputs at once, without walking the job anew. */
public final class MarkTape implements MarkOut {
  private final Deque<List<Consumer<MarkOut>>> open = new ArrayDeque<>(List.of(new ArrayList<>()));

  /** Plays what was kept. */
  void play(MarkOut out) {
    List.copyOf(open.element()).forEach(m -> m.accept(out));
  }

  /** The marks of a page, kept. */
  public static DrawnPage kept(DrawnPage page) {
    MarkTape tape = new MarkTape();
    page.marks().accept(tape);
    List<Consumer<MarkOut>> marks = List.copyOf(tape.open.peek());
    return new DrawnPage(page.name(), page.size(), page.trim(), page.bleed(), out -> marks.forEach(m -> m.accept(out)));
  }

  @Override
  public void fill(Path path, Colour colour) {
    keep(out -> out.fill(path, colour));
  }

  @Override
  public void fill(Path path, Shade shade) {
    keep(out -> out.fill(path, shade));
  }

  @Override
  public void fill(Path path, FinishedArea finish) {
    keep(out -> out.fill(path, finish));
  }

  @Override
  public void line(Path path, Pen pen) {
    keep(out -> out.line(path, pen));
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    keep(out -> out.words(run, toPage, colour));
  }

  @Override
  public void told(GlyphRun run, Affine toPage) {
    keep(out -> out.told(run, toPage));
  }

  @Override
  public void picture(Picture picture, Affine toPage) {
    keep(out -> out.picture(picture, toPage));
  }

  @Override
  public void art(Art art) {
    keep(out -> out.art(art));
  }

  @Override
  public Scope clip(Path path) {
    return scope(out -> out.clip(path));
  }

  @Override
  public Scope opacity(double opacity) {
    return scope(out -> out.opacity(opacity));
  }

  @Override
  public Scope said(String text) {
    return scope(out -> out.said(text));
  }

  @Override
  public Scope step(ProcessingStep step) {
    return scope(out -> out.step(step));
  }

  private void keep(Consumer<MarkOut> mark) {
    open.element().add(mark);
  }

  private Scope scope(Function<MarkOut, Scope> opening) {
    List<Consumer<MarkOut>> inside = new ArrayList<>();
    open.push(inside);
    return () -> {
      open.pop();
      keep(out -> {
        try (Scope scope = opening.apply(out)) {
          inside.forEach(m -> m.accept(out));
        }
      });
    };
  }
}
