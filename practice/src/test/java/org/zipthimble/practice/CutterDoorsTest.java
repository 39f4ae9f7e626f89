package org.zipthimble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.practice.machine.CutterServer;
import org.zipthimble.practice.machine.Setup;

/** Bad orders get their sentence, and one client neither kills the machine nor holds it up for the next. */
class CutterDoorsTest {
  private static final String JOB = "IN;SP1;PU1016,1016;PD2032,1016;SP0;";

  private static String send(int port, String text) throws IOException {
    try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
      socket.getOutputStream().write(text.getBytes(StandardCharsets.US_ASCII));
      socket.getOutputStream().flush();
      StringBuilder all = new StringBuilder();
      BufferedReader in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        all.append(line).append('\n');
        if (line.startsWith("done ") || line.startsWith("stopped ")) {
          break;
        }
      }
      return all.toString();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"#sheet NaN\n", "#sheet 1e400\n", "#sheet -3\n", "#sheet\n", "#print 300 -5 1 2\n", "#print NaN 10 NaN\n", "#\n",
      "#what is this\n"})
  void aBadLineIsRefusedAndTheNextJobIsCut(String line) throws Exception {
    try (CutterServer server = new CutterServer(0, Setup.USUAL, s -> { })) {
      String first = send(server.port(), line + JOB);
      assertTrue(first.contains("refused "), first);
      assertTrue(first.contains("done "), first);
      assertTrue(send(server.port(), "#sheet 12\n" + JOB).contains("done "));
    }
  }

  @Test
  void whoSaysNothingDoesNotHoldUpTheOthersForEver() throws Exception {
    try (CutterServer server = new CutterServer(0, Setup.USUAL, s -> { }); Socket silent = new Socket(
        InetAddress.getLoopbackAddress(), server.port())) {
      assertEquals('r', silent.getInputStream().read(), "it has been greeted");
      String told = send(server.port(), JOB);
      assertTrue(told.startsWith("stopped "), told);
      assertTrue(told.contains("another job"), told);
      while (silent.getInputStream().read() >= 0) {
        // until the machine lets it go
      }
      assertTrue(send(server.port(), JOB).contains("done "));
    }
  }
}
