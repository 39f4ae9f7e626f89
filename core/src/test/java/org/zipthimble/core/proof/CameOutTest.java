package org.zipthimble.core.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.units.Insets;

/** A sheet that came out, set beside what was asked for. */
class CameOutTest {
  private static final double PPI = 120;

  /** A light dot near the upper left corner: the two hands differ. */
  private static Item dot() {
    return ItemShape.of(ItemProperties.of("i2", "dot"), Placement.of(0.5, 0.5, 1.2, 1.2, 0), new Outline.Ellipse(),
        Optional.of(org.zipthimble.core.colour.Colour.WHITE), Optional.empty());
  }

  private static Job job(Process process) {
    Job job = Made.card(Made.rectangle("i1", -0.125, -0.125, 5.25, 7.25), dot()).withSheet(new SheetPlan(true, SheetPlan.LETTER, false));
    return job.withMaking(Making.FLAT.withProcess(process)).withTicket(job.ticket().withMirror(process.mirrored()));
  }

  private static BufferedImage printed(DrawnPage page, Printing how) {
    BufferedImage art = FacePainter.onPaper(page, PPI * 2, new Halvings());
    BufferedImage out = new BufferedImage((int) (how.paper().width() * PPI), (int) (how.paper().height() * PPI),
        BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, out.getWidth(), out.getHeight());
    g.setRenderingHint(java.awt.RenderingHints.KEY_INTERPOLATION, java.awt.RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    Affine m = Affine.scale(0.5 / PPI, 0.5 / PPI).then(how.place(page.size())).then(Affine.scale(PPI, PPI));
    g.drawImage(art, new AffineTransform(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()), null);
    g.dispose();
    return out;
  }

  private static List<Measured.Line> lines(Job job, Printing how, boolean transfer, boolean rightSide) throws Exception {
    DrawnPage sent = Imposition.of(job, job.faces().get(0), PageOptions.of(job));
    DrawnPage seen = Imposition.of(job, job.faces().get(0), PageOptions.of(job).withMirror(false));
    return new CameOut(printed(sent, how), PPI, how, transfer, transfer, rightSide, SheetPlan.LETTER)
        .lines(job, sent, seen, job.mirrorsHere());
  }

  private static Printing how(Printing.Scaling scaling, boolean mirror) {
    return new Printing(SheetPlan.LETTER, Insets.all(0.25), scaling, 2, mirror);
  }

  @Test
  void asAskedEveryLineIsRight() throws Exception {
    List<Measured.Line> lines = lines(job(Process.AS_SEEN), how(Printing.Scaling.ACTUAL, false), false, true);
    assertTrue(lines.stream().allMatch(Measured.Line::right), lines.toString());
    assertEquals(6, lines.size());
  }

  /** Shrunk by (8.5 - 0.5) / 8.5 a card 5 wide comes out as 4.706 (arithmetic). */
  @Test
  void aShrunkSheetIsToldWithItsMeasuredSize() throws Exception {
    Measured.Line size = lines(job(Process.AS_SEEN), how(Printing.Scaling.SHRINK, false), false, true).get(0);
    assertFalse(size.right());
    assertTrue(size.found().startsWith("4.706 × 6.588"), size.found());
  }

  @Test
  void aMirrorTooManyTheWrongPaperAndTheWrongSideAreTold() throws Exception {
    List<Measured.Line> twice = lines(job(Process.TRANSFER), how(Printing.Scaling.ACTUAL, true), false, false);
    assertFalse(twice.get(2).right(), "mirrored by the program and by the printer: " + twice.get(2));
    assertFalse(twice.get(4).right(), "no transfer paper");
    assertFalse(twice.get(5).right(), "the wrong side");
    List<Measured.Line> once = lines(job(Process.TRANSFER), how(Printing.Scaling.ACTUAL, false), true, true);
    assertTrue(once.stream().allMatch(Measured.Line::right), once.toString());
  }

  @Test
  void edgesThatAreLostAreNamed() throws Exception {
    Measured.Line edges = lines(job(Process.AS_SEEN), how(Printing.Scaling.ACTUAL, false).withMargins(new Insets(0.25, 0.25, 2.2, 0.25)),
        false, true).get(1);
    assertFalse(edges.right());
    assertTrue(edges.found().contains("right") && edges.found().contains("cut into"), edges.found());
  }
}
