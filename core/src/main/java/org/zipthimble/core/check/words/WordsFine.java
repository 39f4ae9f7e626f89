package org.zipthimble.core.check.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.colour.Contrast;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Sturdy;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.overlay.Thin;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.LetterRing;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** Letters that are too small, or have strokes too thin, for what they are printed or pressed with; measured on their outlines. */
public final class WordsFine extends FaceCheck {
  /** Strokes are not looked for where no face has any so thin, in ems. */
  private static final double THINNEST_EM = 0.008;

  /** Words that are lighter than what lies under them by so much are left out of ink: what is around them runs into them. */
  private static final double LIGHTER = 1.5;

  /** Less is no line. */
  private static final double LEAST_MORE_PT = 0.02;

  /** Of each face the strokes of its letters at the widths that were asked for. */
  private static final Kept<FontFace, Letter, Void,
      Double> STROKES = Kept.ofDetails(20_000, (face, letter, nothing) -> measured(face.outline(letter.glyph()), letter.asked()));

  private record Letter(int glyph, double asked) {}

  /**
   * What letters must have, in points.
   *
   * @param size of the type
   * @param stroke of its thinnest part
   */
  private record Least(double size, double stroke) {
    /**
     * Print: 0.25 pt, left out of ink 6 pt and 0.5 pt (trade facts, common practice); 5 pt, and what a transfer asks for (common practice,
     * no source).
     */
    static Least of(Destination to, boolean leftOut) {
      boolean pressed = to == Destination.SUBLIMATION;
      return new Least(leftOut ? 6 : 5, (leftOut ? 0.5 : 0.25) * (pressed ? 2 : 1));
    }
  }

  @Override
  public Set<String> codes() {
    return Set.of("words-small", "words-thin");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    on.printing().stream().filter(n -> n.item().words().isPresent()).forEach(n -> examine(on, n, n.item().words().orElseThrow(), found));
    return found;
  }

  private static void examine(Subject on, SceneNode node, HoldsWords words, List<Finding> found) {
    SetWords set = words.set(on.fonts());
    boolean leftOut = leftOut(on, node, words);
    Least least = Least.of(on.job().colour().to(), leftOut);
    double scale = node.toFace().meanScale();
    double small = Double.MAX_VALUE;
    double thin = Double.MAX_VALUE;
    for (SetWords.Placed placed : set.placed()) {
      GlyphRun run = placed.piece().run();
      if (!run.text().isBlank()) {
        double size = run.sizePt() * placed.toBlock().then(node.toFace()).meanScale();
        small = Math.min(small, size);
        if (placed.piece().look().detail().rings().isEmpty()) {
          thin = Math.min(thin, thinnest(run, least.stroke() / size) * size);
        }
      }
    }
    if (small < least.size() - 1e-6) {
      found.add(on.finding("words-small", Weight.LOOK, node, small / scale, least.size() / scale, words.properties().name(),
          Lengths.plain(small, 2), Lengths.plain(least.size(), 2), way(on, leftOut)));
    }
    if (thin < least.stroke()) {
      found.add(on.finding("words-thin", Weight.LOOK, node, thin / scale, least.stroke() / scale, words.properties().name(),
          Lengths.plain(thin, 2), Lengths.plain(least.stroke(), 2), way(on, leftOut)));
    }
  }

  private static String way(Subject on, boolean leftOut) {
    return Wording.text(on.job().colour().to() == Destination.SUBLIMATION ? leftOut ? "fine.pressed.out" : "fine.pressed" : leftOut
        ? "fine.printed.out" : "fine.printed");
  }

  /** Whether the words are lighter than what lies under them. */
  private static boolean leftOut(Subject on, SceneNode node, HoldsWords words) {
    double ink = Contrast.luminance(words.style().colour());
    double under = words.panel().flatMap(p -> p.look().fill()).map(Contrast::luminance)
        .orElseGet(() -> Ground.of(on).light(WordsFaint.ink(words, node.toFace(), on)).orElse(1));
    return (ink + 0.05) / (under + 0.05) >= LIGHTER;
  }

  /** The thinnest stroke of a run's letters in ems, if one is thinner than so many; else a great figure. */
  private static double thinnest(GlyphRun run, double lessThan) {
    double thin = Double.MAX_VALUE;
    if (lessThan >= THINNEST_EM) {
      for (Glyph glyph : run.glyphs()) {
        thin = Math.min(thin, stroke(run.face(), glyph.id(), lessThan));
      }
    }
    return thin;
  }

  private static double stroke(FontFace face, int glyph, double lessThan) {
    // letters of nearly the same size are measured once; in coarser steps a short thin place counts at one size and not at another
    double asked = Math.ceil(lessThan * 2000) / 2000;
    double width = STROKES.of(face, new Letter(glyph, asked), null);
    return width < lessThan ? width : Double.MAX_VALUE;
  }

  private static double measured(Path letter, double lessThan) {
    return Sturdy.everywhere(letter, lessThan) ? Double.MAX_VALUE : Thin.thinnest(letter, lessThan).map(Thin.Place::width)
        .orElse(Double.MAX_VALUE);
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    Optional<HoldsWords> words = finding.itemId().flatMap(face::find).flatMap(Item::words);
    if (words.isEmpty()) {
      return List.of();
    }
    if (finding.code().equals("words-small")) {
      double size = finding.limit();
      return List.of(
          new Mend("mend.larger", Edits.style(face.id(), Set.of(words.get().id()), "edit.type", s -> s.sizePt() < size ? s.withSizePt(size)
          : s), List.of(Lengths.plain(size, 2))));
    }
    double more = Math.max(LEAST_MORE_PT, finding.limit() - finding.figure());
    return List.of(
        new Mend("mend.thicker", Edits.style(face.id(), Set.of(words.get().id()), "edit.type",
        s -> s.withLetters(thicker(s.letters(), more))), List.of(Lengths.plain(more, 2))));
  }

  /** A line of the letters' own colour on their edge, which makes every stroke so much thicker. */
  private static LetterLook thicker(LetterLook look, double morePt) {
    List<LetterRing> rings = new ArrayList<>(look.detail().rings());
    if (rings.size() < LetterDetail.MOST_RINGS) {
      rings.add(new LetterRing(morePt, look.colour(), LineSide.CENTRE));
    }
    return look.withDetail(look.detail().withRings(rings));
  }
}
