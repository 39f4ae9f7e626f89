package org.zipthimble.core.marks;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.WordsPanel;
import org.zipthimble.core.type.LetterRing;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.units.Unit;

/** The marks of words: what is behind them, the lines round their letters and the letters. */
final class WordMarks {
  private final MarkOut out;
  private final ShapeMarks shapes;

  WordMarks(MarkOut out, ShapeMarks shapes) {
    this.out = out;
    this.shapes = shapes;
  }

  /** Paints a panel as the rectangle it is. */
  void panel(WordsPanel panel, Placement placement, Affine ground) {
    double corner = Math.min(panel.corner(), Math.min(placement.width(), placement.height()) / 2);
    shapes.draw(ItemShape.of(
        ItemProperties.of("panel", "Panel"), placement, new Outline.Rectangle(corner), panel.look().fill(), panel.look().line()), ground);
  }

  /** Lines that lie outside come first, so that none covers a neighbour's letter; then the letters; then the lines on and inside them. */
  void letters(SetWords set, Affine map) {
    List<SetWords.Placed> placed = set.placed();
    int rings = placed.stream().mapToInt(w -> w.piece().look().detail().rings().size()).max().orElse(0);
    for (int i = 0; i < rings; i++) {
      for (SetWords.Placed word : placed) {
        ring(word, i).filter(r -> r.side() == LineSide.OUTSIDE).ifPresent(r -> out.line(outline(word, map), pen(2 * r.widthPt(), r, map)));
      }
    }
    set.lines().forEach(line -> line(line, line.toBlock().then(map)));
    for (int i = 0; i < rings; i++) {
      for (SetWords.Placed word : placed) {
        ring(word, i).filter(r -> r.side() != LineSide.OUTSIDE).ifPresent(r -> over(r, outline(word, map), map));
      }
    }
  }

  /** Pieces of one line say together what it says, wherever each of them stands. */
  private void line(SetWords.Line line, Affine map) {
    if (line.pieces().size() < 2 || line.pieces().stream().anyMatch(p -> p.run().rightToLeft())) {
      line.pieces().forEach(p -> out.words(p.run(), p.map().then(map), p.look().colour()));
      return;
    }
    try (MarkOut.Scope scope = out.said(line.text())) {
      line.pieces().forEach(p -> out.words(p.run(), p.map().then(map), p.look().colour()));
    }
  }

  /** Says what letters say that were drawn as paths. */
  void told(SetWords set, Affine map) {
    for (SetWords.Line line : set.lines()) {
      if (!line.pieces().isEmpty()) {
        try (MarkOut.Scope scope = out.said(line.text())) {
          line.pieces().forEach(p -> out.told(p.run(), p.map().then(line.toBlock()).then(map)));
        }
      }
    }
  }

  private static Optional<LetterRing> ring(SetWords.Placed word, int index) {
    List<LetterRing> all = word.piece().look().detail().rings();
    return index < all.size() ? Optional.of(all.get(index)) : Optional.empty();
  }

  private static Path outline(SetWords.Placed word, Affine map) {
    return word.piece().run().outline().mapped(word.toBlock().then(map));
  }

  private void over(LetterRing ring, Path outline, Affine map) {
    if (ring.side() == LineSide.CENTRE) {
      out.line(outline, pen(ring.widthPt(), ring, map));
      return;
    }
    try (MarkOut.Scope scope = out.clip(outline)) {
      out.line(outline, pen(2 * ring.widthPt(), ring, map));
    }
  }

  private static Pen pen(double widthPt, LetterRing ring, Affine map) {
    return new Pen(Unit.POINT.toInches(widthPt) * map.meanScale(), ring.colour(), List.of(), LineEnd.ROUND, Corner.ROUND, Optional.empty());
  }
}
