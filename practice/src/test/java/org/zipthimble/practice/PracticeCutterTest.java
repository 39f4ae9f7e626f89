package org.zipthimble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutEdge;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.send.PrintAndCut;
import org.zipthimble.core.sheet.Register;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import org.zipthimble.link.CutterLink;
import org.zipthimble.practice.machine.Cut;
import org.zipthimble.practice.machine.Cutter;
import org.zipthimble.practice.machine.CutterOrder;
import org.zipthimble.practice.machine.CutterServer;
import org.zipthimble.practice.machine.Misplacement;
import org.zipthimble.practice.machine.OrderReader;
import org.zipthimble.practice.machine.Setup;

/** The practice cutter: what it cuts and reports, what it refuses, how it fails, and print-and-cut by its marks. */
class PracticeCutterTest {
  private static final Setup SETUP = Setup.USUAL.withHurry(0);
  private static final String SQUARE = "IN;SP4;VS20;FS110;PU1016,9144;PD5080,9144,5080,5080,1016,5080,1016,9144;PU0,0;SP0;";

  private static class Watcher implements CutterLink.Watch {
    final List<String> said = new ArrayList<>();
    final AtomicInteger done = new AtomicInteger();
    final AtomicBoolean pause = new AtomicBoolean();
    volatile int stopAt = Integer.MAX_VALUE;

    @Override
    public void done(int orders, int all) {
      done.set(orders);
    }

    @Override
    public void said(String words) {
      said.add(words);
    }

    @Override
    public boolean paused() {
      return pause.get();
    }

    @Override
    public boolean stopped() {
      return done.get() >= stopAt;
    }
  }

  private static CutterLink.Ending sent(CutterServer server, String plotter, double height, Watcher watch) throws Trouble, Stopped {
    return CutterLink.send(server.port(), plotter, height, Optional.empty(), 0, watch);
  }

  /** 1016 units for each inch: a square of 4 in is cut 16 in long, its corner one inch in from the left, three from the top. */
  @Test
  void aSquareIsCutWhereItShouldBeAndReported() throws Exception {
    try (CutterServer server = new CutterServer(0, SETUP, s -> { })) {
      CutterLink.Ending ending = sent(server, SQUARE, 12, new Watcher());
      assertTrue(ending.whole(), ending.words());
      Cut cut = server.cutter().cuts().get(0);
      assertEquals(4, cut.pen());
      assertEquals(new Point(1, 3), cut.places().get(0));
      assertEquals(16, server.cutter().report().length(), 1e-9);
      assertEquals(1, server.cutter().report().lifts());
      assertTrue(ending.words().contains("16 in cut"), ending.words());
      double least = 16 / (20 / 2.54);
      assertTrue(server.cutter().report().seconds() > least, "four stops at the corners take longer than the way alone");
    }
  }

  @Test
  void whatLiesOutsideIsRefusedAndTheMaterialEnds() throws Exception {
    try (CutterServer server = new CutterServer(0, SETUP, s -> { })) {
      Watcher watch = new Watcher();
      CutterLink.Ending ending = sent(server, "IN;SP4;PU1016,1016;PD20000,1016;PU1016,1016;PD2032,1016;XX1;PU0,0;SP0;", 12, watch);
      assertTrue(ending.whole());
      assertEquals(2, ending.refused().size(), ending.refused().toString());
      assertEquals(1, server.cutter().report().refused());
      server.set(SETUP.withMaterial(4));
      CutterLink.Ending stopped = sent(server, SQUARE, 12, new Watcher());
      assertFalse(stopped.whole());
      assertTrue(stopped.words().contains("material ends after 4"), stopped.words());
    }
  }

  @Test
  void itStopsHalfWayWhenToldAndTheRestIsSentFromThere() throws Exception {
    try (CutterServer server = new CutterServer(0, SETUP, s -> { })) {
      server.stopAfter(5);
      CutterLink.Ending half = sent(server, SQUARE, 12, new Watcher());
      assertFalse(half.whole());
      int from = CutterLink.resume(SQUARE, half.done());
      CutterLink.Ending rest = CutterLink.send(server.port(), SQUARE, 12, Optional.empty(), from, new Watcher());
      assertTrue(rest.whole());
      assertEquals(16, server.cutter().report().length(), 1e-9, "the stroke that broke off is cut again");
    }
  }

  @Test
  void switchedOffInMidJobItIsToldHowFarItCame() throws Exception {
    StringBuilder many = new StringBuilder("IN;SP4;");
    for (int i = 0; i < 3000; i++) {
      many.append("PU").append(1016 + i).append(",1016;PD").append(1016 + i).append(",9000;");
    }
    CutterServer server = new CutterServer(0, SETUP.withHurry(2), s -> { });
    // switched off by the first report that twenty orders are done, of a job that would take half a minute: no thread has to be as quick
    // as the machine
    Watcher watch = new Watcher() {
      @Override
      public void done(int orders, int all) {
        super.done(orders, all);
        if (orders >= 20 && orders < 6000) {
          try {
            server.close();
          } catch (IOException closing) {
            throw new UncheckedIOException(closing);
          }
        }
      }
    };
    Trouble trouble = assertThrows(Trouble.class, () -> sent(server, many + "SP0;", 12, watch));
    assertTrue(trouble.getMessage().contains("switched off after"), trouble.getMessage());
    assertTrue(watch.done.get() > 0 && watch.done.get() < 6000);
    Trouble none = assertThrows(Trouble.class, () -> sent(server, SQUARE, 12, new Watcher()));
    assertTrue(none.getMessage().contains("Start the practice cutter"), none.getMessage());
  }

  @Test
  void aJobIsPausedAndEnded() throws Exception {
    try (CutterServer server = new CutterServer(0, SETUP, s -> { })) {
      Watcher watch = new Watcher();
      watch.stopAt = 3;
      assertThrows(Stopped.class, () -> sent(server, SQUARE.replace("SP0;", "") + SQUARE, 12, watch));
      Watcher paused = new Watcher();
      paused.pause.set(true);
      Thread go = new Thread(() -> {
        while (!server.busy()) {
          Thread.onSpinWait();
        }
        assertEquals(0, paused.done.get(), "nothing is cut while it is paused");
        paused.pause.set(false);
      });
      go.start();
      assertTrue(sent(server, SQUARE, 12, paused).whole());
      go.join();
    }
  }

  private static Job stickers() {
    Ticket ticket = Ticket.usual("Sticker", new Size(5, 7));
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      ItemProperties properties = ItemProperties.of("i" + (i + 1), "Sticker " + i).withRole(Role.PRINTS_AND_CUTS)
          .withCutting(Cutting.PLAIN.withLane("l1").along(CutEdge.OUTLINE, 0.0625).withSpread(0.03));
      items.add(ItemShape.of(properties, Placement.of(0.5 + i % 2 * 2.2, 0.6 + i / 2 * 3, 1.6, 2, 0), new Outline.Ellipse(),
          Optional.of(Colour.of(0x3A6B45)), Optional.empty()));
    }
    Lane lane = Lane.of("l1", "Stickers", Material.STICKER_PAPER, Colour.WHITE);
    return Job.of("Stickers", ticket, List.of(Face.of("f1", "front", items)), Map.of())
        .withSheet(new SheetPlan(true, SheetPlan.LETTER, true))
        .withCutting(CutPlan.NONE.plus(lane));
  }

  private static double worst(Misplacement askew) throws Exception {
    Job job = stickers();
    PrintAndCut both = PrintAndCut.of(job, job.faces().get(0), Progress.SILENT);
    try (CutterServer server = new CutterServer(0, SETUP, s -> { })) {
      server.set(askew);
      CutterLink.Ending ending = CutterLink.send(server.port(), both.plotter(), both.height(),
          Optional.of(new CutterLink.Print(both.png(), both.ppi(), Register.RADIUS, both.marks())), 0, new Watcher());
      assertTrue(ending.whole(), ending.words());
      // The same cuts on a machine that needs no eye tell where each place should be on the sheet.
      Cutter blind = new Cutter(SETUP);
      blind.sheet(both.height());
      OrderReader reader = new OrderReader(new ByteArrayInputStream(both.plotter().getBytes(StandardCharsets.US_ASCII)));
      for (Optional<CutterOrder> order = reader.next(); order.isPresent(); order = reader.next()) {
        blind.obey(order.get());
      }
      blind.finish();
      Affine truth = askew.map();
      double worst = 0;
      for (int c = 0; c < blind.cuts().size(); c++) {
        for (int i = 0; i < blind.cuts().get(c).places().size(); i++) {
          worst = Math.max(worst, truth.apply(blind.cuts().get(c).places().get(i)).distance(server.cutter().cuts().get(c).places().get(i)));
        }
      }
      assertEquals(4, blind.cuts().size());
      return worst;
    }
  }

  @Test
  void printAndCutGoesWhereTheMarksSay() throws Exception {
    double worst = worst(new Misplacement(0.08, -0.08, 0.7, 0.4));
    Random random = new Random(3);
    for (int i = 0; i < 6; i++) {
      worst = Math.max(worst, worst(Misplacement.random(random)));
    }
    System.out.printf("print-and-cut: largest error %.5f in%n", worst);
    assertTrue(worst < 0.005, "largest error " + worst);
  }

  @Test
  void aSheetWithoutItsMarksIsNotCut() throws Exception {
    Job job = stickers();
    PrintAndCut both = PrintAndCut.of(job, job.faces().get(0), Progress.SILENT);
    List<Point> elsewhere = new Box(6.2, 0.5, 1, 1).corners();
    try (CutterServer server = new CutterServer(0, SETUP, s -> { })) {
      CutterLink.Ending ending = CutterLink.send(server.port(), both.plotter(), both.height(),
          Optional.of(new CutterLink.Print(both.png(), both.ppi(), Register.RADIUS, elsewhere)), 0, new Watcher());
      assertFalse(ending.whole());
      assertEquals(0, server.cutter().report().length());
    }
  }

  @Test
  void damagedOrdersNeverHangOrBreakIt() {
    for (int seed = 0; seed < 3000; seed++) {
      Random r = new Random(seed);
      StringBuilder text = new StringBuilder(SQUARE);
      for (int n = r.nextInt(8); n >= 0; n--) {
        int at = r.nextInt(Math.max(1, text.length()));
        switch (r.nextInt(4)) {
          case 0 -> text.delete(at, at + 1);
          case 1 -> text.insert(at, new String[] {"PD", "1e999", ";;", "-", "ZZ", ",", "\u00e9", "PR", "99999999999"}[r.nextInt(9)]);
          case 2 -> text.replace(at, at + 1, String.valueOf((char) r.nextInt(256)));
          default -> text.setLength(at);
        }
      }
      Cutter cutter = new Cutter(SETUP);
      assertTimeoutPreemptively(Duration.ofSeconds(10), () -> run(cutter, text.toString()));
      assertTrue(Double.isFinite(cutter.report().length()) && Double.isFinite(cutter.report().seconds()));
      cutter.cuts().forEach(c -> c.places().subList(1, c.places().size()).forEach(
          p -> assertTrue(new Box(0, 0, 12, 12).grown(-0.24).contains(p), "nothing is cut outside its reach: " + p)));
    }
  }

  private static void run(Cutter cutter, String text) throws IOException {
    OrderReader reader = new OrderReader(new ByteArrayInputStream(text.getBytes(StandardCharsets.ISO_8859_1)));
    while (true) {
      try {
        Optional<CutterOrder> order = reader.next();
        if (order.isEmpty()) {
          return;
        }
        cutter.obey(order.get());
      } catch (OrderReader.Nonsense told) {
        assertFalse(told.getMessage().isEmpty());
      }
    }
  }
}
