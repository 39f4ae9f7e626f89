package org.zipthimble.core.check;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Contrast;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.Memo;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;

/** Words that hardly stand out from what lies under them. */
final class WordsFaint extends FaceCheck {
  private static final double FINEST_PPI = 72;
  private static final double MOST_PIXELS = 600_000;

  /** In this part of what lies under words they may stand out less: a picture is seldom one colour. */
  private static final double FEW = 0.2;

  private static final Halvings PICTURES = new Halvings();
  private static final Memo<Ground> KEPT = new Memo<>();

  @Override
  Set<String> codes() {
    return Set.of("words-faint");
  }

  @Override
  List<Finding> look(Subject on) {
    List<SceneNode> words = on.printing().stream().filter(n -> n.item().asWords().filter(w -> w.finish().isEmpty()).isPresent()).toList();
    if (words.isEmpty()) {
      return List.of();
    }
    Ground ground = Ground.of(on);
    List<Finding> found = new ArrayList<>();
    for (SceneNode node : words) {
      WordStyle style = node.item().asWords().orElseThrow().style();
      double least = Contrast.least(style.sizePt(), bold(style));
      Optional<Double> ratio = Measure.bounds(on.forms().silhouette(node)).flatMap(ink -> ground.contrast(ink, style.colour()));
      if (ratio.isPresent() && ratio.get() < least) {
        found.add(on.finding("words-faint", Weight.LOOK, node, ratio.get(), least, node.item().properties().name(), Lengths.plain(ratio.get(), 1), Lengths.plain(least, 1)));
      }
    }
    return found;
  }

  private static boolean bold(WordStyle style) {
    return style.style().contains("Bold") || style.style().contains("Black");
  }

  @Override
  List<Mend> mends(Job job, Face face, Finding finding) {
    Optional<Item.Words> words = finding.itemId().flatMap(face::find).flatMap(Item::asWords);
    if (words.isEmpty()) {
      return List.of();
    }
    Ground ground = Ground.of(Subject.of(job, face));
    Colour better = ground.contrast(finding.where(), Colour.BLACK).orElse(1.0) >= ground.contrast(finding.where(), Colour.WHITE).orElse(1.0) ? Colour.BLACK : Colour.WHITE;
    return List.of(new Mend(better.equals(Colour.BLACK) ? "mend.inBlack" : "mend.inWhite", Edits.style(face.id(), Set.of(words.get().id()), "edit.type", s -> s.withColour(better))));
  }

  /** A face without its words, on its stock, looked at small. */
  private record Ground(BufferedImage image, Box bleed, double ppi) {
    /** That of a face; kept for as long as the face lives and what it is drawn with stays. */
    static Ground of(Subject on) {
      return KEPT.get(on.face(), List.of(on.frame(), on.job().fonts(), on.job().pictures().keySet(), on.job().cutting(), on.job().palette().stock()), () -> painted(on));
    }

    private static Ground painted(Subject on) {
      Box bleed = on.frame().bleedBox();
      double ppi = Math.min(FINEST_PPI, Math.sqrt(MOST_PIXELS / (bleed.width() * bleed.height())));
      int width = (int) Math.max(1, Math.round(bleed.width() * ppi));
      int height = (int) Math.max(1, Math.round(bleed.height() * ppi));
      Set<String> words = on.face().all().stream().filter(i -> i.asWords().isPresent()).map(Item::id).collect(Collectors.toSet());
      Face bare = on.face().changed(words, i -> i.with(i.properties().withVisible(false)));
      Job without = on.job().changed(on.face().id(), f -> bare);
      DrawnPage page = new DrawnPage(bare.name(), on.frame().size(), on.frame().trim(), bleed, out -> MarkWalk.walk(without, bare, Affine.IDENTITY, out));
      BufferedImage image = FacePainter.paint(page, bleed, false, Affine.move(-bleed.x(), -bleed.y()).then(Affine.scale(ppi, ppi)), width, height, PICTURES);
      return new Ground(onStock(image, on.job().palette().stock()), bleed, ppi);
    }

    private static BufferedImage onStock(BufferedImage art, Colour stock) {
      BufferedImage out = new BufferedImage(art.getWidth(), art.getHeight(), BufferedImage.TYPE_INT_RGB);
      java.awt.Graphics2D g = out.createGraphics();
      g.setColor(new java.awt.Color(stock.red(), stock.green(), stock.blue()));
      g.fillRect(0, 0, out.getWidth(), out.getHeight());
      g.drawImage(art, 0, 0, null);
      g.dispose();
      return out;
    }

    /** How far a colour stands apart from what lies under a box, but for a few places; empty beside the face. */
    Optional<Double> contrast(Box box, Colour colour) {
      List<Double> ratios = new ArrayList<>();
      int left = (int) Math.max(0, Math.floor((box.x() - bleed.x()) * ppi));
      int top = (int) Math.max(0, Math.floor((box.y() - bleed.y()) * ppi));
      for (int y = top; y < Math.min(image.getHeight(), Math.ceil((box.bottom() - bleed.y()) * ppi)); y++) {
        for (int x = left; x < Math.min(image.getWidth(), Math.ceil((box.right() - bleed.x()) * ppi)); x++) {
          ratios.add(Contrast.ratio(colour, Colour.of(image.getRGB(x, y) & 0xFFFFFF)));
        }
      }
      ratios.sort(null);
      return ratios.isEmpty() ? Optional.empty() : Optional.of(ratios.get((int) (ratios.size() * FEW)));
    }
  }
}
