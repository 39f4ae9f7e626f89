package org.zipthimble.core.marks;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Curving;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Warp;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Remapped;
import org.zipthimble.core.wording.Trouble;

/**
 * Bends marks on their way: what comes in the inches of a group's members goes out bent, on the page. Letters become paths and are told as
 * text, each where it stands; pictures are drawn anew at the resolution they have; gradients become areas of one colour each. Lines keep
 * their width, and foil its grain.
 */
final class BendOut implements MarkOut {
  private static final Kept<Blob, BentPicture, Void,
      Picture> PICTURES = Kept.ofAll((blob, asked, nothing) -> drawn(asked.drawn().of(blob), asked.map(), asked.curving()));

  /** How a picture lies, and how it is bent. */
  private record BentPicture(Picture.Drawn drawn, Affine map, Curving curving) {}

  /** Most areas of one colour that a gradient becomes between two of its colours; more cannot be told apart in eight bits. */
  private static final int MOST_TONES = 64;

  private final MarkOut out;
  private final Curving curving;
  private final Warp warp;
  private final Affine toPage;
  private boolean saying;

  /** Sends marks on, bent, by way of a map from the members' field to the page. */
  BendOut(MarkOut out, Curving curving, Affine toPage) {
    this.out = out;
    this.curving = curving;
    this.warp = curving.warp();
    this.toPage = toPage;
  }

  private Path bent(Path path) {
    return curving.path(path).mapped(toPage);
  }

  @Override
  public void fill(Path path, Colour colour) {
    out.fill(bent(path), colour);
  }

  @Override
  public void fill(Path path, FinishedArea finish) {
    out.fill(bent(path), new FinishedArea(finish.colour(), finish.picture(), finish.toPage().then(toPage)));
  }

  /** From the first colour to the last, each area from where its colour begins to beyond the end, so that no gap shows between two. */
  @Override
  public void fill(Path path, Shade shade) {
    Optional<Box> reach = Measure.bounds(path);
    if (reach.isEmpty()) {
      return;
    }
    Shade fine = shade.finer(MOST_TONES);
    Box seen = shade.toPage().inverse().apply(reach.get());
    double far = Math.abs(seen.x()) + Math.abs(seen.right()) + Math.abs(seen.y()) + Math.abs(seen.bottom()) + 2;
    try (Scope scope = out.clip(bent(path))) {
      boolean round = shade.round();
      for (int i = 0; i < fine.places().size(); i++) {
        // outwards from the last colour of a round one, forwards from the first of a straight one
        int at = round ? fine.places().size() - 1 - i : i;
        if (i > 0 && fine.colours().get(at).equals(fine.colours().get(round ? at + 1 : at - 1))) {
          continue;
        }
        double edge = i == 0 ? round ? far : -far : fine.places().get(at);
        Path area = round ? Shapes.ellipse(new Box(-edge, -edge, 2 * edge, 2 * edge))
            : Shapes.rectangle(new Box(edge, -far, far - edge, 2 * far));
        if (!round || edge > 0) {
          fill(within(area.mapped(shade.toPage()), reach.get().grown(0.01)), fine.colours().get(at));
        }
      }
    }
  }

  /** Only what lies near the path is bent: what is far away may be folded. */
  private static Path within(Path area, Box near) {
    return Combine.combine(Way.KEEP_OVERLAP, List.of(area, Shapes.rectangle(near)));
  }

  @Override
  public void line(Path path, Pen pen) {
    out.line(bent(path), pen.scaled(toPage.meanScale()));
  }

  @Override
  public void words(GlyphRun run, Affine map, Colour colour) {
    out.fill(bent(run.outline().mapped(map)), colour);
    if (saying) {
      told(run, map);
    } else if (!run.glyphs().isEmpty()) {
      try (Scope scope = out.said(run.text())) {
        told(run, map);
      }
    }
  }

  @Override
  public void told(GlyphRun run, Affine map) {
    for (Glyph glyph : run.glyphs()) {
      Affine straight = map.then(warp.about(map.apply(new Point(glyph.x() + glyph.advance() / 2, glyph.y())))).then(toPage);
      out.told(new GlyphRun(run.face(), run.sizePt(), List.of(glyph), glyph.advance(), glyph.text()), straight);
    }
  }

  @Override
  public void picture(Picture picture, Affine map) {
    Path frame = frame(map, curving);
    Optional<Box> box = Measure.bounds(frame);
    if (box.isEmpty()) {
      return;
    }
    Picture bent = PICTURES.of(picture.blob(), new BentPicture(picture.drawn(), map, curving), null);
    try (Scope scope = out.clip(frame.mapped(toPage))) {
      out.picture(bent, Affine.scale(box.get().width(), box.get().height()).then(Affine.move(box.get().x(), box.get().y())).then(toPage));
    }
  }

  private static Path frame(Affine map, Curving curving) {
    return curving.path(Shapes.rectangle(new Box(0, 0, 1, 1)).mapped(map));
  }

  private static Picture drawn(Picture picture, Affine map, Curving curving) {
    Box box = Measure.bounds(frame(map, curving)).orElseThrow();
    double ppi = Math.max(picture.width() / Math.hypot(map.a(), map.b()), picture.height() / Math.hypot(map.c(), map.d()));
    Affine toUnit = map.inverse();
    Warp warp = curving.warp();
    try {
      return Remapped.of(picture, box, ppi, p -> toUnit.apply(warp.back(p)));
    } catch (Trouble damaged) {
      // told by the check of pictures; drawing goes on with the picture as it is
      return picture;
    }
  }

  @Override
  public void art(Art art) {
    Box covered = Measure.bounds(bent(Shapes.rectangle(art.area()))).orElse(art.area());
    out.art(art.mapped(toPage, covered, to -> new BendOut(to, curving, toPage)));
  }

  @Override
  public Scope clip(Path path) {
    return out.clip(bent(path));
  }

  @Override
  public Scope opacity(double opacity) {
    return out.opacity(opacity);
  }

  @Override
  public Scope step(ProcessingStep step) {
    return out.step(step);
  }

  @Override
  public Scope said(String text) {
    Scope scope = out.said(text);
    saying = true;
    return () -> {
      saying = false;
      scope.close();
    };
  }
}
