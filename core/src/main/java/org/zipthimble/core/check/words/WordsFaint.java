package org.zipthimble.core.check.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Contrast;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.WordsPanel;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.LetterRing;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.units.Lengths;

/** Words that hardly stand out from what lies under them. */
public final class WordsFaint extends FaceCheck {
  /** In this part of what lies under words they may stand out less: a picture is seldom one colour. */
  private static final double FEW = 0.2;

  /** Less dense than this a halo is no ground. */
  private static final double DENSE = 0.75;

  /** Of the weight 700 or more, which is what the standard's style sheets call bold. */
  private static final Pattern BOLD = Pattern.compile("(?<!Semi|Demi|Semi |Demi )Bold|Black|Heavy");

  @Override
  public Set<String> codes() {
    return Set.of("words-faint");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<SceneNode> words = on.printing().stream().filter(n -> n.item().words().filter(w -> w.fillStyle().isEmpty()).isPresent()).toList();
    if (words.isEmpty()) {
      return List.of();
    }
    Ground ground = Ground.of(on);
    List<Finding> found = new ArrayList<>();
    for (SceneNode node : words) {
      faintest(on, node, ground).ifPresent(found::add);
    }
    return found;
  }

  /** Of several looks that of which most is lacking. */
  private static Optional<Finding> faintest(Subject on, SceneNode node, Ground ground) {
    HoldsWords item = node.item().words().orElseThrow();
    List<Box> ink = ink(item, node.toFace(), on);
    Finding worst = null;
    double share = 1;
    for (LetterLook look : item.story().runs().stream().filter(r -> !r.text().isBlank()).map(Run::look).distinct().toList()) {
      double least = Contrast.least(look.sizePt(), bold(look));
      Optional<Double> ratio = ratio(item, ink, look.colour(), ground);
      if (ratio.isPresent() && ratio.get() / least < share && ringed(look).isEmpty()) {
        share = ratio.get() / least;
        worst = on.finding("words-faint", Weight.LOOK, node, ratio.get(), least, item.properties().name(), Lengths.plain(ratio.get(), 1),
            Lengths.plain(least, 1));
      }
    }
    return Optional.ofNullable(worst);
  }

  /** How far a colour would stand out from the words' own panel or, where they have none, from their halo or from what lies under them. */
  private static Optional<Double> ratio(HoldsWords item, List<Box> ink, Colour colour, Ground ground) {
    Optional<Double> halo = halo(item.properties().effects()).map(h -> Contrast.ratio(colour, h));
    return item.panel().flatMap(p -> p.look().fill()).map(p -> Contrast.ratio(colour, p))
        .or(() -> ground.contrast(ink, colour, FEW).map(g -> Math.max(g, halo.orElse(1.0))));
  }

  /**
   * The colour that lies all round letters: of a halo, or of a shadow that falls straight under them; where it is dense enough to be a
   * ground.
   */
  private static Optional<Colour> halo(Effects effects) {
    return effects.glow().filter(g -> g.opacity() >= DENSE).map(Effect.Glow::colour)
        .or(() -> effects.shadow().filter(s -> s.opacity() >= DENSE && s.distance() <= s.softness() / 2).map(Effect.Shadow::colour));
  }

  /** Where the letters are: a box for each piece of a line, or for each letter on a curve. */
  static List<Box> ink(HoldsWords words, Affine toFace, Subject on) {
    return words.set(on.fonts()).placed().stream()
        .flatMap(p -> Measure.bounds(p.piece().run().outline().mapped(p.toBlock().then(toFace))).stream()).toList();
  }

  /** A line round letters that stands out from them makes them plain. */
  private static Optional<LetterRing> ringed(LetterLook look) {
    return look.detail().rings().stream().filter(r -> Contrast.ratio(r.colour(), look.colour()) >= Contrast.LEAST_LARGE).findFirst();
  }

  private static boolean bold(LetterLook style) {
    return BOLD.matcher(style.style()).find();
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    Optional<HoldsWords> words = finding.itemId().flatMap(face::find).flatMap(Item::words);
    if (words.isEmpty()) {
      return List.of();
    }
    Subject on = Subject.of(job, face);
    Ground ground = Ground.of(on);
    List<Box> ink = ink(words.get(), words.get().placement().toGround().then(Scene.of(face).under(words.get().id())), on);
    Colour better = ratio(words.get(), ink, Colour.BLACK, ground).orElse(1.0) >= ratio(words.get(), ink, Colour.WHITE, ground).orElse(1.0)
        ? Colour.BLACK : Colour.WHITE;
    List<Mend> all = new ArrayList<>(List.of(
        new Mend(better.equals(Colour.BLACK) ? "mend.inBlack" : "mend.inWhite",
        Edits.style(face.id(), Set.of(words.get().id()), "edit.type", s -> s.withColour(better)))));
    Colour own = words.get().style().colour();
    Colour behind = Contrast.ratio(own, Colour.WHITE) >= Contrast.ratio(own, Colour.BLACK) ? Colour.WHITE : Colour.BLACK;
    double em = words.get().style().letters().em();
    all.add(changed(face, "mend.panel", words.get(),
        w -> w.withPanel(Optional.of(new WordsPanel(new Look(Optional.of(behind), Optional.empty()), em / 4)))));
    all.add(changed(face, "mend.halo", words.get(),
        w -> effects(w, w.properties().effects().with(new Effect.Glow(Math.min(Effect.MOST, em / 3), behind, 1)))));
    all.add(changed(face, "mend.shade", words.get(),
        w -> effects(w, w.properties().effects().with(new Effect.Shadow(90, 0, Math.min(Effect.MOST, em / 3), behind, 1)))));
    return all;
  }

  private static HoldsWords effects(HoldsWords words, Effects effects) {
    return words.with(words.properties().withEffects(effects));
  }

  private static Mend changed(Face face, String key, HoldsWords words, UnaryOperator<HoldsWords> change) {
    return new Mend(key, StoryEdits.words(face.id(), Set.of(words.id()), "edit.panel", change));
  }
}
