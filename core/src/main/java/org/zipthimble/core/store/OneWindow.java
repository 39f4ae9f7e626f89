package org.zipthimble.core.store;

import java.io.Closeable;
import java.io.IOException;
import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.ServerSocketChannel;
import java.nio.channels.SocketChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.zip.CRC32;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.wording.Trouble;

/**
 * Hands a job to the window that is open already instead of opening a second one. The window listens on a socket of the file system, which
 * nobody but the person reaches; there is one for each screen and each set of settings.
 */
public final class OneWindow implements Closeable {
  /** A socket's name is no longer than this on every system, in bytes. */
  private static final int LONGEST_NAME = 100;

  private static final int MOST_BYTES = 8192;
  private static final long PATIENCE_MS = 4000;
  private static final byte TAKEN = '+';

  private final Path socket;
  private final ServerSocketChannel server;
  private final Consumer<Optional<Path>> taken;

  private OneWindow(Path socket, ServerSocketChannel server, Consumer<Optional<Path>> taken) {
    this.socket = socket;
    this.server = server;
    this.taken = taken;
  }

  /**
   * Where the socket is, for the screen and the settings of this start; empty where none can be.
   *
   * @param environment the environment's variables: XDG_RUNTIME_DIR, else the data folder; DISPLAY and WAYLAND_DISPLAY
   */
  public static Optional<Path> socket(Map<String, String> environment, Folders places) {
    CRC32 sum = new CRC32();
    for (String part : List.of(environment.getOrDefault("DISPLAY", ""), environment.getOrDefault("WAYLAND_DISPLAY", ""),
        places.settingsFile().toAbsolutePath().toString())) {
      sum.update((part + "\n").getBytes(StandardCharsets.UTF_8));
    }
    String name = String.format("zip-thimble-%08x.sock", sum.getValue());
    Optional<Path> folder = Optional.ofNullable(environment.get("XDG_RUNTIME_DIR")).filter(f -> !f.isBlank()).map(Path::of)
        .filter(Path::isAbsolute).filter(Files::isWritable);
    try {
      Path socket = (folder.isPresent() ? folder.get() : Folders.secret(places.data())).resolve(name);
      return socket.toString().getBytes(StandardCharsets.UTF_8).length <= LONGEST_NAME ? Optional.of(socket) : Optional.empty();
    } catch (Trouble noFolder) {
      return Optional.empty();
    }
  }

  /**
   * Hands over what this start was to open.
   *
   * @param job empty when the window is only to come to the front
   * @return whether a window took it; otherwise this start opens its own
   */
  public static boolean hand(Path socket, Optional<Path> job) {
    if (!Files.exists(socket)) {
      return false;
    }
    CompletableFuture<Boolean> answer = CompletableFuture.supplyAsync(() -> handed(socket, job));
    return answer.completeOnTimeout(false, PATIENCE_MS, TimeUnit.MILLISECONDS).join();
  }

  private static boolean handed(Path socket, Optional<Path> job) {
    try (SocketChannel channel = SocketChannel.open(StandardProtocolFamily.UNIX)) {
      channel.connect(UnixDomainSocketAddress.of(socket));
      ByteBuffer words = ByteBuffer.wrap((job.map(j -> j.toAbsolutePath().toString()).orElse("") + "\0").getBytes(StandardCharsets.UTF_8));
      while (words.hasRemaining()) {
        channel.write(words);
      }
      return Channels.newInputStream(channel).read() == TAKEN;
    } catch (IOException | RuntimeException nobody) {
      return false;
    }
  }

  /**
   * Begins to listen; a socket that a killed window left behind is replaced.
   *
   * @param taken told what was handed over, on a thread of its own
   * @return empty where no socket can be made: then every start opens a window
   */
  public static Optional<OneWindow> listen(Path socket, Consumer<Optional<Path>> taken) {
    try {
      Files.deleteIfExists(socket);
      ServerSocketChannel server = ServerSocketChannel.open(StandardProtocolFamily.UNIX);
      server.bind(UnixDomainSocketAddress.of(socket));
      OneWindow window = new OneWindow(socket, server, taken);
      Thread thread = new Thread(window::serve, "one-window");
      thread.setDaemon(true);
      thread.start();
      return Optional.of(window);
    } catch (IOException | RuntimeException noSocket) {
      return Optional.empty();
    }
  }

  private void serve() {
    while (server.isOpen()) {
      try (SocketChannel client = server.accept()) {
        CompletableFuture<Optional<String>> words = CompletableFuture.supplyAsync(() -> words(client));
        Optional<String> said = words.completeOnTimeout(Optional.empty(), PATIENCE_MS, TimeUnit.MILLISECONDS).join();
        if (said.isPresent()) {
          client.write(ByteBuffer.wrap(new byte[] {TAKEN}));
          taken.accept(said.filter(s -> !s.isEmpty()).map(Path::of));
        }
      } catch (IOException | RuntimeException gone) {
        // who asked has gone, or asked for what is no path: the window goes on
      }
    }
  }

  /** What is said up to its end; empty when it does not end. */
  private static Optional<String> words(SocketChannel client) {
    ByteBuffer bytes = ByteBuffer.allocate(MOST_BYTES);
    try {
      while (bytes.hasRemaining() && client.read(bytes) >= 0) {
        int last = bytes.position() - 1;
        if (last >= 0 && bytes.get(last) == 0) {
          return Optional.of(new String(bytes.array(), 0, last, StandardCharsets.UTF_8));
        }
      }
    } catch (IOException gone) {
      return Optional.empty();
    }
    return Optional.empty();
  }

  /** Stops listening. */
  @Override
  public void close() throws IOException {
    server.close();
    Files.deleteIfExists(socket);
  }
}
