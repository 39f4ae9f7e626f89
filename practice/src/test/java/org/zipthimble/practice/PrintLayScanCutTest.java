package org.zipthimble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.PrintAndCut;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.sheet.Register;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.work.Progress;
import org.zipthimble.link.CutterLink;
import org.zipthimble.link.PrinterLink;
import org.zipthimble.practice.machine.CutterServer;
import org.zipthimble.practice.machine.Misplacement;
import org.zipthimble.practice.machine.Scan;
import org.zipthimble.practice.machine.Setup;
import org.zipthimble.practice.printer.Printer;
import org.zipthimble.practice.printer.PrinterServer;
import org.zipthimble.practice.printer.PrinterSetup;

/** Printed by the practice printer, laid crooked, looked at and cut: from the picture of the sheet alone. */
class PrintLayScanCutTest {
  @TempDir Path folder;

  private static Job job() {
    Job blank = StandardItem.blank("Stickers", new Size(5, 6), 1);
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      ItemProperties properties = ItemProperties.of("i" + (i + 1), "sticker").withRole(Role.PRINTS_AND_CUTS)
          .withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS));
      items.add(ItemShape.of(properties, Placement.of(0.5 + i % 2 * 2.2, 0.4 + i / 2 * 1.9, 1.6, 1.4, 0), new Outline.Ellipse(),
          Optional.of(Colour.of(0x2B2F55 + 0x101010 * i)), Optional.empty()));
    }
    return blank.changed(blank.faces().get(0).id(), f -> f.withItems(items)).withSheet(new SheetPlan(true, SheetPlan.LETTER, true))
        .withCutting(CutPlan.NONE.withLanes(List.of(Lane.of("l1", "Sticker paper", Material.STICKER_PAPER, Colour.of(0xF0E4C4)))));
  }

  private PrinterLink.Sheet printed(Job job) throws Exception {
    try (PrinterServer server = new PrinterServer(0, new Printer(PrinterSetup.USUAL.withPace(0), () -> { }))) {
      Path pdf = folder.resolve("sheet.pdf");
      Sender.send(job, FileOrder.of(pdf, OptionalInt.empty(), 300, PageOptions.of(job)), Progress.SILENT);
      PrinterLink.Facts facts = PrinterLink.look(PrinterLink.address(server.uri()));
      PrinterLink.Ending ending = PrinterLink.print(facts.uri(), Files.readAllBytes(pdf),
          new PrinterLink.PrintRequest("stickers", "application/pdf", 1, Optional.of(facts.trays().get(0)), Printing.Scaling.ACTUAL, 4),
          new PrinterLink.Watch() {
            @Override
            public void said(String words, int sheets) {
              assertTrue(sheets <= 1, words);
            }

            @Override
            public boolean stopped() {
              return false;
            }
          });
      assertTrue(ending.whole(), ending.words());
      return PrinterLink.sheets(facts, ending.job()).get(0);
    }
  }

  /** Turned by up to 3 degrees, larger or smaller by up to 0.5 %, shifted by up to 0.3 in: every corner is found to 0.01 in. */
  @Test
  void everyCornerIsFoundToAHundredth() throws Exception {
    Job job = job();
    PrinterLink.Sheet sheet = printed(job);
    assertEquals(300, sheet.figure("ppi"));
    PrintAndCut both = PrintAndCut.of(job, job.faces().get(0), Progress.SILENT);
    BufferedImage picture = ImageIO.read(new ByteArrayInputStream(sheet.png()));
    Random random = new Random(2026);
    System.out.println("seed 2026");
    double worst = 0;
    for (int i = 0; i < 24; i++) {
      Misplacement askew = new Misplacement(0.8 + (random.nextDouble() - 0.5) * 0.6, 0.2 + random.nextDouble() * 0.3,
          (random.nextDouble() - 0.5) * 6, random.nextDouble() - 0.5);
      // the far edge of a sheet that is turned clockwise goes left of the mat: the eye sees 12 x 13 in from a little further left
      BufferedImage seen = Scan.seen(picture, 300, askew, 12, 13);
      List<Point> found = Scan.marks(seen, both.marks(), Register.RADIUS);
      assertEquals(both.marks().size(), found.size(), "all marks are seen: " + askew);
      Affine fitted = Scan.fit(both.marks(), found);
      for (Point corner : Box.around(both.marks()).corners()) {
        worst = Math.max(worst, fitted.apply(corner).distance(askew.map().apply(corner)));
      }
    }
    System.out.println("print, lay, scan, cut: largest error at a corner " + worst + " in");
    assertTrue(worst < 0.01, worst + " in");
  }

  /** The whole way through both machines: what the cutter says it is off by, and that it cut. */
  @Test
  void theCutterGoesByTheSheetFromTheTray() throws Exception {
    Job job = job();
    PrinterLink.Sheet sheet = printed(job);
    PrintAndCut both = PrintAndCut.of(job, job.faces().get(0), Progress.SILENT);
    try (CutterServer cutter = new CutterServer(0, Setup.USUAL.withHurry(0), s -> { })) {
      cutter.set(new Misplacement(0.9, 0.25, 2.4, -0.4));
      CutterLink.Ending ending = CutterLink.send(cutter.port(), both.plotter(), both.height(),
          Optional.of(new CutterLink.Print(sheet.png(), sheet.figure("ppi"), Register.RADIUS, both.marks())), 0,
          new CutterLink.Watch() {
            @Override
            public void done(int orders, int all) {
              assertTrue(orders <= all);
            }

            @Override
            public void said(String words) {
              assertTrue(!words.isBlank());
            }

            @Override
            public boolean paused() {
              return false;
            }

            @Override
            public boolean stopped() {
              return false;
            }
          });
      assertTrue(ending.whole(), ending.words());
      assertEquals(6, cutter.cutter().cuts().stream().filter(c -> c.pen() >= 4).count());
    }
  }
}
