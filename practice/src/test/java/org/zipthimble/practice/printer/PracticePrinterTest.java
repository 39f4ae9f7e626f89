package org.zipthimble.practice.printer;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Stopped;
import org.zipthimble.link.PrinterLink;

/** The practice printer as a sender meets it: what comes out, trouble in mid-job, and senders that behave badly. */
class PracticePrinterTest {
  private static final PrinterSetup QUICK = PrinterSetup.USUAL.withPace(0).withPpi(72);

  private static final PrinterLink.Watch QUIET = new PrinterLink.Watch() {
    @Override
    public void said(String words, int sheets) {
      // nothing is watched for
    }

    @Override
    public boolean stopped() {
      return false;
    }
  };

  /** A page of letter size with a black bar at its left third, 6 in long. */
  private static byte[] page(int count) throws IOException {
    try (PDDocument document = new PDDocument()) {
      for (int i = 0; i < count; i++) {
        PDPage page = new PDPage(new PDRectangle(612, 792));
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
          content.addRect(144, 180, 72, 432);
          content.fill();
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  private static PrinterLink.PrintRequest asked(Printing.Scaling scaling) {
    return new PrinterLink.PrintRequest("test", "application/pdf", 1, Optional.empty(), scaling, 4);
  }

  private static int[] dark(BufferedImage image) {
    int[] box = {Integer.MAX_VALUE, Integer.MAX_VALUE, -1, -1};
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        if ((image.getRGB(x, y) & 255) < 128) {
          box[0] = Math.min(box[0], x);
          box[1] = Math.min(box[1], y);
          box[2] = Math.max(box[2], x + 1);
          box[3] = Math.max(box[3], y + 1);
        }
      }
    }
    return box;
  }

  private static PrinterLink.Sheet print(PrinterServer server, Printing.Scaling scaling) throws Exception {
    PrinterLink.Facts facts = PrinterLink.look(PrinterLink.address(server.uri()));
    PrinterLink.Ending ending = PrinterLink.print(facts.uri(), page(1), asked(scaling), QUIET);
    assertTrue(ending.whole(), ending.words());
    return PrinterLink.sheets(facts, ending.job()).get(0);
  }

  @Test
  void whatComesOutIsAsLargeAsTheSettingSays() throws Exception {
    try (PrinterServer server = new PrinterServer(0, new Printer(QUICK, () -> { }))) {
      for (Printing.Scaling scaling : Printing.Scaling.values()) {
        PrinterLink.Sheet sheet = print(server, scaling);
        double ppi = sheet.figure("ppi");
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(sheet.png()));
        assertEquals(8.5 * ppi, image.getWidth(), 1);
        int[] box = dark(image);
        double wanted = switch (scaling) {
          case ACTUAL -> 1;
          case SHRINK -> 8 / 8.5;
          case FILL -> 10.5 / 11;
          case BORDERLESS -> 1.02;
        };
        assertEquals(6 * wanted, (box[3] - box[1]) / ppi, 0.01, scaling + " as measured in the picture");
        assertEquals(wanted, sheet.figure("scale"), 1e-5);
      }
    }
  }

  @Test
  void itsMarginsStayWhite() throws Exception {
    byte[] black;
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(612, 792));
      document.addPage(page);
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.addRect(-10, -10, 700, 900);
        content.fill();
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      black = out.toByteArray();
    }
    Printer printer = new Printer(QUICK, () -> { });
    try (PrinterServer server = new PrinterServer(0, printer)) {
      PrinterLink.print(PrinterLink.address(server.uri()), black, asked(Printing.Scaling.ACTUAL), QUIET);
      int[] box = dark(ImageIO.read(new ByteArrayInputStream(printer.sheets().get(0).png())));
      double ppi = printer.sheets().get(0).ppi();
      assertEquals(0.25, box[0] / ppi, 0.01);
      assertEquals(0.25, box[1] / ppi, 0.01);
      assertEquals(8.25, box[2] / ppi, 0.01);
      assertEquals(10.75, box[3] / ppi, 0.01);
    }
  }

  @Test
  void itsOwnMirrorIsToldAndTurnsThePage() throws Exception {
    try (PrinterServer server = new PrinterServer(0, new Printer(QUICK.withMirror(true), () -> { }))) {
      PrinterLink.Facts facts = PrinterLink.look(PrinterLink.address(server.uri()));
      assertEquals(Optional.of(true), facts.mirror());
      int[] box = dark(ImageIO.read(new ByteArrayInputStream(print(server, Printing.Scaling.ACTUAL).png())));
      assertTrue(box[0] > 8.5 * 150, "the bar lies at the right: " + box[0]);
    }
  }

  @Test
  void aDriverLeftOnItsOwnSettingSaysSoAndDoesIt() throws Exception {
    try (PrinterServer server = new PrinterServer(
        0, new Printer(QUICK.withScaling(Printing.Scaling.SHRINK).withOverride(true), () -> { }))) {
      PrinterLink.Facts facts = PrinterLink.look(PrinterLink.address(server.uri()));
      assertEquals(List.of(Printing.Scaling.SHRINK), facts.scalings());
      assertEquals(8 / 8.5, facts.printing(facts.trays().get(0), Printing.Scaling.ACTUAL).scale(new Size(8.5, 11)), 1e-9,
          "known before it is printed");
      assertEquals(8 / 8.5, print(server, Printing.Scaling.ACTUAL).figure("scale"), 1e-5);
    }
  }

  @Test
  void theSheetIsAPictureAndAPdfOfThePapersSize() throws Exception {
    Printer printer = new Printer(QUICK, () -> { });
    try (PrinterServer server = new PrinterServer(0, printer)) {
      print(server, Printing.Scaling.ACTUAL);
      Printed sheet = printer.sheets().get(0);
      try (PDDocument pdf = Loader.loadPDF(sheet.pdf())) {
        assertEquals(612, pdf.getPage(0).getMediaBox().getWidth(), 1e-3);
        assertEquals(792, pdf.getPage(0).getMediaBox().getHeight(), 1e-3);
        PDResources inside = pdf.getPage(0).getResources();
        BufferedImage drawn = ((PDImageXObject) inside.getXObject(inside.getXObjectNames().iterator().next())).getImage();
        BufferedImage png = ImageIO.read(new ByteArrayInputStream(sheet.png()));
        int width = png.getWidth();
        assertArrayEquals(png.getRGB(0, 0, width, png.getHeight(), null, 0, width),
            drawn.getRGB(0, 0, width, drawn.getHeight(), null, 0, width), "the same pixels in both");
      }
      assertEquals(new Size(8.5, 11), sheet.came());
      assertEquals(Insets.all(0.25), sheet.lost());
    }
  }

  @Test
  void traysAndTheirPaperAreToldAndTaken() throws Exception {
    try (PrinterServer server = new PrinterServer(0, new Printer(QUICK, () -> { }))) {
      PrinterLink.Facts facts = PrinterLink.look(PrinterLink.address(String.valueOf(server.port())));
      PrinterLink.Ready transfer = facts.trays().stream().filter(PrinterLink.Ready::transfer).findFirst().orElseThrow();
      assertEquals(13, transfer.paper().width(), 0.01);
      PrinterLink.PrintRequest asked = new PrinterLink.PrintRequest(
          "wrap", "application/pdf", 2, Optional.of(transfer), Printing.Scaling.ACTUAL, 3);
      PrinterLink.Ending ending = PrinterLink.print(facts.uri(), page(1), asked, QUIET);
      assertEquals(2, ending.sheets());
      PrinterLink.Sheet sheet = PrinterLink.sheets(facts, ending.job()).get(0);
      assertEquals("TRANSFER", sheet.told().get("kind"));
      assertEquals(150, sheet.figure("ppi"));
    }
  }

  /** Stops at trouble, says what it is, and goes on when it is mended. */
  @Test
  void itJamsRunsOutAndGoesOn() throws Exception {
    Printer printer = new Printer(QUICK, () -> { });
    try (PrinterServer server = new PrinterServer(0, printer)) {
      printer.jamAfter(1);
      List<String> said = Collections.synchronizedList(new ArrayList<>());
      PrinterLink.Watch watch = new PrinterLink.Watch() {
        @Override
        public void said(String words, int sheets) {
          said.add(words);
          // what is mended is what was told, as by a person: the printer may have stopped since it answered
          if (words.contains("stuck") && printer.trouble() == Printer.Trouble.JAM) {
            // the tray is emptied first: once nothing is stuck the next sheet comes at once
            printer.set(printer.setup().with(printer.setup().trays().get(0).withSheets(0)));
            printer.trouble(Printer.Trouble.NONE);
          } else if (words.contains("empty")) {
            printer.set(printer.setup().withLevel(0).with(printer.setup().trays().get(0).withSheets(9)));
          } else if (words.contains("run out")) {
            printer.set(printer.setup().withLevel(1));
          }
        }

        @Override
        public boolean stopped() {
          return false;
        }
      };
      PrinterLink.Ending ending = PrinterLink.print(PrinterLink.address(server.uri()), page(3), asked(Printing.Scaling.ACTUAL), watch);
      assertTrue(ending.whole(), ending.words());
      assertEquals(3, ending.sheets());
      for (String told : List.of("stuck", "empty", "run out")) {
        assertTrue(said.stream().anyMatch(w -> w.contains(told)), told + " in " + said);
      }
    }
  }

  @Test
  void aJobIsTakenBackWhileThePrinterStandsStill() throws Exception {
    Printer printer = new Printer(QUICK, () -> { });
    printer.trouble(Printer.Trouble.COVER);
    try (PrinterServer server = new PrinterServer(0, printer)) {
      AtomicBoolean seen = new AtomicBoolean();
      PrinterLink.Watch watch = new PrinterLink.Watch() {
        @Override
        public void said(String words, int sheets) {
          seen.set(true);
        }

        @Override
        public boolean stopped() {
          return seen.get();
        }
      };
      assertThrows(Stopped.class, () -> PrinterLink.print(PrinterLink.address(server.uri()), page(1), asked(Printing.Scaling.ACTUAL),
          watch));
      assertTrue(printer.sheets().isEmpty());
    }
  }

  @Test
  void switchedOffInMidJobTheSenderIsTold() throws Exception {
    Printer printer = new Printer(QUICK, () -> { });
    printer.trouble(Printer.Trouble.JAM);
    PrinterServer server = new PrinterServer(0, printer);
    PrinterLink.Watch watch = new PrinterLink.Watch() {
      @Override
      public void said(String words, int sheets) {
        server.close();
      }

      @Override
      public boolean stopped() {
        return false;
      }
    };
    Trouble trouble = assertThrows(Trouble.class,
        () -> PrinterLink.print(PrinterLink.address(server.uri()), page(1), asked(Printing.Scaling.ACTUAL), watch));
    assertTrue(trouble.getMessage().contains("No printer answers"), trouble.getMessage());
  }

  @Test
  void whatIsNoDocumentIsToldAndTheNextIsPrinted() throws Exception {
    try (PrinterServer server = new PrinterServer(0, new Printer(QUICK, () -> { }))) {
      PrinterLink.Ending bad = PrinterLink.print(PrinterLink.address(server.uri()),
          "%PDF-1.4 and then nothing".getBytes(StandardCharsets.US_ASCII), asked(Printing.Scaling.ACTUAL), QUIET);
      assertFalse(bad.whole());
      assertTrue(bad.words().contains("no document"), bad.words());
      print(server, Printing.Scaling.ACTUAL);
    }
  }

  /** A printer that is being started is found once it listens; one that nobody waits for any longer is asked once. */
  @Test
  void aPrinterThatIsBeingStartedIsWaitedFor() throws Exception {
    List<PrinterServer> servers = new ArrayList<>();
    int port;
    try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      port = free.getLocalPort();
    }
    int[] asked = {0};
    assertThrows(Trouble.class, () -> PrinterLink.started(PrinterLink.address(String.valueOf(port)), 100, () -> {
      asked[0]++;
      return false;
    }));
    assertEquals(1, asked[0]);
    try {
      PrinterLink.Facts found = PrinterLink.started(PrinterLink.address(String.valueOf(port)), 100, () -> {
        if (++asked[0] == 4) {
          try {
            servers.add(new PrinterServer(port, new Printer(QUICK, () -> { })));
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
        }
        return true;
      });
      assertEquals(2, found.trays().size());
      assertEquals(4, asked[0]);
    } finally {
      servers.forEach(PrinterServer::close);
    }
  }

  @Test
  void itListensOnLoopbackAlone() throws Exception {
    try (PrinterServer server = new PrinterServer(0, new Printer(QUICK, () -> { }))) {
      for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        for (InetAddress address : Collections.list(card.getInetAddresses())) {
          if (!address.isLoopbackAddress()) {
            assertThrows(IOException.class, () -> {
              try (Socket socket = new Socket()) {
                socket.connect(new InetSocketAddress(address, server.port()), 500);
              }
            }, address.toString());
          }
        }
      }
    }
  }

  private static byte[] request(int port) throws Exception {
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    com.hp.jipp.encoding.IppPacket.printJob(java.net.URI.create("ipp://127.0.0.1:" + port + "/ipp/print")).build().write(body);
    body.write(page(1));
    byte[] bytes = body.toByteArray();
    String head = "POST /ipp/print HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/ipp\r\nContent-Length: " + bytes.length
        + "\r\nConnection: close\r\n\r\n";
    ByteArrayOutputStream whole = new ByteArrayOutputStream();
    whole.write(head.getBytes(StandardCharsets.US_ASCII));
    whole.write(bytes);
    return whole.toByteArray();
  }

  /** Jobs cut off at any byte, and bytes of no sense: it stays up, and prints the next job. */
  @Test
  void itStaysUpWhateverIsSent() throws Exception {
    Printer printer = new Printer(QUICK, () -> { });
    try (PrinterServer server = new PrinterServer(0, printer)) {
      byte[] whole = request(server.port());
      Random random = new Random(6311);
      System.out.println("seed 6311");
      for (int i = 0; i < 400; i++) {
        // every byte of the head and of the packet, and places in the document
        int length = i < 300 ? i * Math.min(600, whole.length) / 300 : random.nextInt(whole.length);
        byte[] sent = java.util.Arrays.copyOf(whole, length);
        if (i % 4 == 3) {
          for (int k = 0; k < 8 && length > 0; k++) {
            sent[random.nextInt(length)] = (byte) random.nextInt(256);
          }
        }
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), server.port())) {
          OutputStream out = socket.getOutputStream();
          out.write(sent);
          out.flush();
        } catch (IOException refused) {
          assertTrue(refused.getMessage() != null, "hanging up on nonsense is an answer too");
        }
      }
      int length = page(1).length;
      assertEquals(0, printer.jobs().stream().filter(j -> j.state() == Printer.State.COMPLETED && j.bytes() < length).count(),
          "nothing cut off is printed");
      print(server, Printing.Scaling.ACTUAL);
    }
  }

  @Test
  void aHundredSendersAtOnceAreAllAnswered() throws Exception {
    try (PrinterServer server = new PrinterServer(0, new Printer(QUICK, () -> { }))) {
      ExecutorService pool = Executors.newFixedThreadPool(100);
      CountDownLatch start = new CountDownLatch(1);
      List<Future<PrinterLink.Facts>> asked = new ArrayList<>();
      for (int i = 0; i < 100; i++) {
        asked.add(pool.submit(() -> {
          start.await();
          return PrinterLink.look(PrinterLink.address(server.uri()));
        }));
      }
      start.countDown();
      for (Future<PrinterLink.Facts> one : asked) {
        assertEquals(2, one.get(120, TimeUnit.SECONDS).trays().size());
      }
      pool.shutdownNow();
    }
  }

  @Test
  void anAddressIsReadAsPeopleTypeIt() throws Exception {
    assertEquals("ipp://127.0.0.1:9118/ipp/print", PrinterLink.address(" 9118 ").toString());
    assertEquals("ipp://printer.example/ipp/print", PrinterLink.address("ipp://printer.example/ipp/print").toString());
    for (String wrong : List.of("", "0", "70000", "http://x/", "a b", "ipp:")) {
      assertThrows(Trouble.class, () -> PrinterLink.address(wrong), wrong);
    }
  }

  @Test
  void aPictureIsPrintedAtTheSizeItSays() throws Exception {
    BufferedImage image = new BufferedImage(300, 600, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.BLACK);
    g.fillRect(0, 0, 300, 600);
    g.dispose();
    byte[] png = org.zipthimble.core.paint.PngFile.bytes(image, 150);
    Printer printer = new Printer(QUICK, () -> { });
    try (PrinterServer server = new PrinterServer(0, printer)) {
      PrinterLink.PrintRequest asked = new PrinterLink.PrintRequest("picture", "image/png", 1, Optional.empty(), Printing.Scaling.ACTUAL,
          3);
      assertTrue(PrinterLink.print(PrinterLink.address(server.uri()), png, asked, QUIET).whole());
      Printed sheet = printer.sheets().get(0);
      assertEquals(2, sheet.asked().width(), 1e-3);
      assertEquals(4, sheet.came().height(), 2e-3);
    }
  }
}
