package org.zipthimble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.hp.jipp.encoding.IppInputStream;
import com.hp.jipp.encoding.IppPacket;
import com.hp.jipp.model.Types;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.zipthimble.practice.machine.Cutter;
import org.zipthimble.practice.machine.CutterOrder;
import org.zipthimble.practice.machine.OrderReader;
import org.zipthimble.practice.machine.Setup;
import org.zipthimble.practice.printer.Printer;
import org.zipthimble.practice.printer.PrinterServer;
import org.zipthimble.practice.printer.PrinterSetup;

/**
 * Damaged requests of the printing protocol and damaged plotter language, by fixed seeds; with {@code -Dzt.fuzz=MINUTES} by new ones,
 * printed.
 */
class DamagedWireTest {
  private static final int EACH = 900;
  private static final long NEW_SEEDS_MINUTES = Long.getLong("zt.fuzz", 0);
  private static final String PLOTTER = "IN;SP1;PU1016,1016;PD2032,1016,2032,2032;PA100,100;PU0,0;SP0;";

  private interface Try {
    void with(byte[] damaged, long seed) throws Exception;
  }

  private static byte[] damaged(byte[] sound, Random r) {
    byte[] b = sound.clone();
    for (int n = 1 + r.nextInt(6); n > 0 && b.length > 1; n--) {
      int at = r.nextInt(b.length);
      switch (r.nextInt(4)) {
        case 0 -> b[at] = (byte) r.nextInt(256);
        case 1 -> b[at] ^= 1 << r.nextInt(8);
        case 2 -> b = Arrays.copyOf(b, at);
        default -> {
          byte[] doubled = Arrays.copyOf(b, b.length + b.length - at);
          System.arraycopy(b, at, doubled, b.length, b.length - at);
          b = doubled;
        }
      }
    }
    return b;
  }

  private static IppPacket answer(byte[] bytes) throws IOException {
    return new IppInputStream(new ByteArrayInputStream(bytes)).readPacket();
  }

  private static void each(byte[] sound, Try one) throws Exception {
    long first = NEW_SEEDS_MINUTES > 0 ? System.nanoTime() : 0;
    long end = System.nanoTime() + TimeUnit.MINUTES.toNanos(NEW_SEEDS_MINUTES) / 2;
    if (first != 0) {
      System.out.println("new seeds from " + first);
    }
    for (long seed = first; first != 0 ? System.nanoTime() < end : seed < EACH; seed++) {
      one.with(damaged(sound, new Random(seed)), seed);
    }
  }

  @Test
  void thePrinterAnswersEveryDamagedRequestAndStaysUp() throws Exception {
    try (PrinterServer server = new PrinterServer(0, new Printer(PrinterSetup.USUAL.withPace(0).withPpi(72), () -> { }))) {
      URI printer = URI.create(server.uri());
      IppPacket packet = IppPacket.printJob(printer)
          .putOperationAttributes(Types.requestingUserName.of("test"), Types.documentFormat.of("application/pdf")).build();
      ByteArrayOutputStream sound = new ByteArrayOutputStream();
      packet.write(sound);
      sound.writeBytes("%PDF-1.4 nothing".getBytes(StandardCharsets.US_ASCII));
      URI address = URI.create("http://127.0.0.1:" + server.port() + "/ipp/print");
      HttpClient client = HttpClient.newHttpClient();
      int[] kinds = new int[2];
      each(sound.toByteArray(), (bytes, seed) -> {
        HttpResponse<byte[]> answer = client.send(
            HttpRequest.newBuilder(address).header("Content-Type", "application/ipp").POST(HttpRequest.BodyPublishers.ofByteArray(bytes))
            .build(), HttpResponse.BodyHandlers.ofByteArray());
        assertTrue(answer.statusCode() == 200 || answer.statusCode() == 400, "seed " + seed + ": " + answer.statusCode());
        if (answer.statusCode() == 200) {
          assertTrue(answer(answer.body()).getStatus() != null, "seed " + seed + ": an answer of the protocol");
        }
        kinds[answer.statusCode() == 200 ? 0 : 1]++;
      });
      assertTrue(kinds[0] > 0 && kinds[1] > 0, kinds[0] + " answered in the protocol, " + kinds[1] + " refused before it");
      ByteArrayOutputStream asked = new ByteArrayOutputStream();
      IppPacket.getPrinterAttributes(printer).build().write(asked);
      HttpResponse<byte[]> still = client.send(
          HttpRequest.newBuilder(address).header("Content-Type", "application/ipp").POST(
          HttpRequest.BodyPublishers.ofByteArray(asked.toByteArray())).build(), HttpResponse.BodyHandlers.ofByteArray());
      assertEquals(0, answer(still.body()).getStatus().getCode(), "a sound question is answered as before: successful-ok");
    }
  }

  @Test
  void theCutterNeverLeavesItsBedWhateverComes() throws Exception {
    each(PLOTTER.getBytes(StandardCharsets.US_ASCII), (bytes, seed) -> {
      Setup setup = Setup.USUAL;
      Cutter cutter = new Cutter(setup);
      cutter.sheet(12);
      OrderReader reader = new OrderReader(new ByteArrayInputStream(bytes));
      int told = 0;
      for (boolean more = true; more;) {
        try {
          Optional<CutterOrder> order = reader.next();
          more = order.isPresent();
          order.ifPresent(cutter::obey);
        } catch (OrderReader.Nonsense nonsense) {
          assertTrue(nonsense.getMessage() != null && told++ < bytes.length, "seed " + seed + ": reading goes on after what is no order");
        }
      }
      cutter.finish();
      assertTrue(cutter.report().length() >= 0 && Double.isFinite(cutter.report().seconds()), "seed " + seed);
      cutter.cuts().forEach(cut -> cut.places()
          .forEach(p -> assertTrue(p.x() >= -1e-9 && p.x() <= setup.width() + 1e-9 && p.y() >= -1e-9 && p.y() <= setup.height() + 1e-9,
          "seed " + seed + ": " + p)));
    });
  }
}
