package org.zipthimble.core.check.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.code.Codes;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Contrast;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** Codes that a machine could not read: no content, modules too narrow, bars too faint, a quiet zone that is not quiet. */
public final class CodeReads extends FaceCheck {
  /**
   * The difference of reflectances from which a symbol has the second of five grades (ISO/IEC 15416, 5.4.3 and ISO/IEC 15415: symbol
   * contrast of 55 per cent).
   */
  private static final double LEAST_CONTRAST = 0.55;

  public static final double SLACK = 1e-6;

  @Override
  public Set<String> codes() {
    return Set.of("code-unfit", "code-small", "code-faint", "code-crowded");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    List<SceneNode> printing = on.printing();
    for (int i = 0; i < printing.size(); i++) {
      SceneNode node = printing.get(i);
      Optional<HasOutline> shape = node.item().outlined();
      Optional<Outline.Coded> code = shape.flatMap(s -> s.outline().asCoded());
      if (code.isPresent()) {
        examine(on, node, shape.get(), code.get(), printing.subList(i + 1, printing.size()), found);
      }
    }
    return found;
  }

  private static void examine(Subject on, SceneNode node, HasOutline shape, Outline.Coded code, List<SceneNode> above,
      List<Finding> found) {
    String name = node.item().properties().name();
    Codes.Drawn drawn = Codes.draw(code.code(), code.content());
    if (drawn.trouble().isPresent()) {
      found.add(on.finding("code-unfit", Weight.RUIN, node, 0, 0, name, drawn.trouble().get().getMessage()));
      return;
    }
    double module = code.module(shape.placement().width(), shape.placement().height()) * node.ground().meanScale();
    if (module < code.code().leastModule() - SLACK) {
      found.add(on.finding("code-small", Weight.RUIN, node, module, code.code().leastModule(), name, Wording.of(code.code()),
          thousandths(module), thousandths(code.code().leastModule())));
    }
    Box box = node.around();
    Optional<SceneNode> over = above.stream().filter(n -> n.item().placement().width() > 0 && n.reaches(box)).findFirst();
    over.ifPresent(n -> found.add(on.finding("code-crowded", Weight.RUIN, node, 0, 0, name, n.item().properties().name())));
    double contrast = contrast(on, node, shape);
    if (over.isEmpty() && contrast < LEAST_CONTRAST) {
      found.add(on.finding("code-faint", Weight.RUIN, node, contrast, LEAST_CONTRAST, name, Lengths.plain(Math.max(0, contrast) * 100, 0),
          Lengths.plain(LEAST_CONTRAST * 100, 0)));
    }
  }

  private static String thousandths(double inches) {
    return Lengths.plain(inches, 4);
  }

  /** How much more light the darkest ground gives back than the bars; below zero where the bars are the lighter ones. */
  private static double contrast(Subject on, SceneNode node, HasOutline shape) {
    double bars = Contrast.luminance(shape.fill().orElse(Colour.BLACK));
    return Ground.of(on).lights(List.of(node.around())).min().orElse(1) - bars;
  }
}
