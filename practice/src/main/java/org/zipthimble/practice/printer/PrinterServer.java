package org.zipthimble.practice.printer;

import com.hp.jipp.encoding.IppInputStream;
import com.hp.jipp.encoding.IppPacket;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;

/**
 * A practice printer on loopback: the Internet Printing Protocol at {@code /ipp/print}, and what lies in its output tray at {@code /tray},
 * {@code /tray/N.txt}, {@code /tray/N.png} and {@code /tray/N.pdf}.
 */
public final class PrinterServer implements Closeable {
  /** The largest document. */
  private static final int LARGEST = 300_000_000;
  private static final int THREADS = 24;
  private static final int WAITING = 256;
  private static final String SECONDS_A_REQUEST = "60";

  static {
    // a sender that stops in the middle of a request is let go
    System.setProperty("sun.net.httpserver.maxReqTime", System.getProperty("sun.net.httpserver.maxReqTime", SECONDS_A_REQUEST));
    System.setProperty("sun.net.httpserver.maxRspTime", System.getProperty("sun.net.httpserver.maxRspTime", SECONDS_A_REQUEST));
    // head and body of an answer leave as two packets: without this the second waits some 40 ms until the first is acknowledged
    System.setProperty("sun.net.httpserver.nodelay", System.getProperty("sun.net.httpserver.nodelay", "true"));
  }

  private final Printer printer;
  private final HttpServer server;
  private final PrinterDesk desk;
  private final ThreadPoolExecutor pool;
  private volatile boolean off;

  /**
   * Begins to listen.
   *
   * @param port 0 for any free one
   */
  public PrinterServer(int port, Printer printer) throws IOException {
    this.printer = printer;
    this.server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), WAITING);
    this.desk = new PrinterDesk(printer, port());
    this.pool = new ThreadPoolExecutor(THREADS, THREADS, 10, TimeUnit.SECONDS, new ArrayBlockingQueue<>(WAITING), r -> {
      Thread thread = new Thread(r, "practice-printer-desk");
      thread.setDaemon(true);
      return thread;
    });
    pool.allowCoreThreadTimeOut(true);
    server.setExecutor(pool);
    server.createContext("/ipp/print", e -> guarded(e, this::printing));
    server.createContext("/tray", e -> guarded(e, this::tray));
    server.createContext("/", e -> guarded(e, this::about));
    server.start();
  }

  /** The port it listens on. */
  public int port() {
    return server.getAddress().getPort();
  }

  /** The address that senders use. */
  public String uri() {
    return "ipp://127.0.0.1:" + port() + "/ipp/print";
  }

  /** The machine behind it. */
  public Printer printer() {
    return printer;
  }

  private interface Handler {
    void handle(HttpExchange exchange) throws IOException;
  }

  /** Whatever a sender does, the desk stays open for the next. */
  private void guarded(HttpExchange exchange, Handler handler) {
    try (exchange) {
      if (off) {
        return;
      }
      try {
        handler.handle(exchange);
      } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
        send(exchange, 400, "text/plain", "This request cannot be read.".getBytes(StandardCharsets.UTF_8));
      }
    } catch (IOException | RuntimeException gone) {
      // the sender has hung up; there is nobody left to be told
    }
  }

  private void printing(HttpExchange exchange) throws IOException {
    String type = String.valueOf(exchange.getRequestHeaders().getFirst("Content-Type"));
    if (!exchange.getRequestMethod().equals("POST") || !type.startsWith("application/ipp")) {
      send(exchange, 400, "text/plain", "Send application/ipp by POST.".getBytes(StandardCharsets.UTF_8));
      return;
    }
    byte[] body;
    try (InputStream in = exchange.getRequestBody()) {
      body = in.readNBytes(LARGEST + 1);
    }
    String length = exchange.getRequestHeaders().getFirst("Content-Length");
    if (body.length > LARGEST) {
      send(exchange, 413, "text/plain", "The document is too large.".getBytes(StandardCharsets.UTF_8));
      return;
    }
    if (length != null && !length.equals(String.valueOf(body.length))) {
      send(exchange, 400, "text/plain", "The request ends too early.".getBytes(StandardCharsets.UTF_8));
      return;
    }
    // the reader takes more than the packet; what follows is read from it as well
    IppInputStream in = new IppInputStream(new ByteArrayInputStream(body));
    IppPacket request;
    try {
      request = in.readPacket();
    } catch (IOException | RuntimeException e) {
      send(exchange, 400, "text/plain", "This is no request of the printing protocol.".getBytes(StandardCharsets.UTF_8));
      return;
    }
    IppPacket answer = desk.answer(request, in.readAllBytes());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    answer.write(out);
    send(exchange, 200, "application/ipp", out.toByteArray());
  }

  private void tray(HttpExchange exchange) throws IOException {
    String path = exchange.getRequestURI().getPath();
    List<Printed> sheets = printer.sheets();
    if (path.equals("/tray") || path.equals("/tray/")) {
      String list = sheets.stream().map(s -> s.number() + " " + s.job() + " " + s.page()).collect(Collectors.joining("\n"));
      send(exchange, 200, "text/plain", list.getBytes(StandardCharsets.UTF_8));
      return;
    }
    String name = path.substring("/tray/".length());
    Optional<Printed> sheet = sheets.stream().filter(s -> name.startsWith(s.number() + ".")).findFirst();
    if (sheet.isEmpty()) {
      send(exchange, 404, "text/plain", "There is no such sheet.".getBytes(StandardCharsets.UTF_8));
      return;
    }
    if (name.endsWith(".png")) {
      send(exchange, 200, "image/png", sheet.get().png());
    } else if (name.endsWith(".pdf")) {
      send(exchange, 200, "application/pdf", sheet.get().pdf());
    } else {
      String told = sheet.get().told().entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()).collect(Collectors.joining("\n"));
      send(exchange, 200, "text/plain", told.getBytes(StandardCharsets.UTF_8));
    }
  }

  private void about(HttpExchange exchange) throws IOException {
    send(exchange, 200, "text/plain", ("Practice printer at " + uri() + "\n").getBytes(StandardCharsets.UTF_8));
  }

  private static void send(HttpExchange exchange, int code, String type, byte[] body) throws IOException {
    exchange.getResponseHeaders().set("Content-Type", type);
    exchange.sendResponseHeaders(code, body.length == 0 ? -1 : body.length);
    exchange.getResponseBody().write(body);
  }

  /** Switches it off at once, whatever it is doing. */
  @Override
  public void close() {
    off = true;
    server.stop(0);
    pool.shutdownNow();
    printer.close();
  }
}
