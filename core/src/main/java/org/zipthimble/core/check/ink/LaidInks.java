package org.zipthimble.core.check.ink;

import java.util.stream.Stream;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.paint.LensPainter;
import org.zipthimble.core.paint.LensView;
import org.zipthimble.core.picture.Halvings;

/** The inks that a face lays down once all that lies over one another is mixed, looked at small. */
final class LaidInks {
  private static final double FINEST_PPI = 100;
  private static final double MOST_PIXELS = 800_000;
  private static final Kept<Face, String, Job,
      LaidInks> KEPT = Kept.ofNewest(24, (face, whole, job) -> new LaidInks(Subject.of(job, face)));

  private final LensView view;
  private final Box bleed;
  private final double ppi;

  private LaidInks(Subject on) {
    this.bleed = on.frame().bleedBox();
    this.ppi = Math.min(FINEST_PPI, Math.sqrt(MOST_PIXELS / (bleed.width() * bleed.height())));
    int width = (int) Math.max(1, Math.round(bleed.width() * ppi));
    int height = (int) Math.max(1, Math.round(bleed.height() * ppi));
    DrawnPage page = new DrawnPage(on.face().name(), on.frame().size(), on.frame().trim(), bleed,
        out -> MarkWalk.walk(on.job(), on.face(), Affine.IDENTITY, out));
    Inking inking = on.job().colour().inking(on.job().palette());
    this.view = LensPainter.paint(page, bleed, Affine.move(-bleed.x(), -bleed.y()).then(Affine.scale(ppi, ppi)), width, height,
        Halvings.SHARED, inking, Lens.INK_LOAD,
        on.job().colour().limit(), Colour.WHITE);
  }

  /** Those of a face; kept for as long as the face lives and what it is drawn with stays. */
  static LaidInks of(Subject on) {
    return KEPT.of(on.face(), "", on.job());
  }

  /** What was painted. */
  LensView view() {
    return view;
  }

  /** The pixels that a box on the face covers: left, top, right and bottom, the last two not included. */
  int[] pixels(Box box) {
    return new int[] {
      Math.max(0, (int) Math.floor((box.x() - bleed.x()) * ppi)), Math.max(0, (int) Math.floor((box.y() - bleed.y()) * ppi)),
      Math.min(view.image().getWidth(), (int) Math.ceil((box.right() - bleed.x()) * ppi)),
      Math.min(view.image().getHeight(), (int) Math.ceil((box.bottom() - bleed.y()) * ppi))};
  }

  /** The place on the face of a span of pixels. */
  Box place(int left, int top, int right, int bottom) {
    return new Box(bleed.x() + left / ppi, bleed.y() + top / ppi, (right - left) / ppi, (bottom - top) / ppi);
  }

  /** Whether an object, or a group that holds it, mixes with what lies below it. */
  static boolean mixes(SceneNode node) {
    return Stream.concat(node.owners().stream(), Stream.of(node.item())).map(Item::properties)
        .anyMatch(p -> p.opacity() < 1 || !p.effects().equals(Effects.NONE));
  }

  /** Whether an object, or a group that holds it, mixes by another way than lying on top. */
  static boolean blends(SceneNode node) {
    return Stream.concat(node.owners().stream(), Stream.of(node.item())).map(Item::properties)
        .anyMatch(p -> p.opacity() < 1 || p.effects().blend() != Blend.NORMAL);
  }
}
