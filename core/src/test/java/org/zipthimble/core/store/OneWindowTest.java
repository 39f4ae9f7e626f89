package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.ByteBuffer;
import java.nio.channels.SocketChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.files.Folders;

/** A second start hands its job to the window that is open. */
class OneWindowTest {
  @TempDir Path folder;

  private final BlockingQueue<Optional<Path>> taken = new LinkedBlockingQueue<>();

  private Path socket() {
    return OneWindow.socket(Map.of("XDG_RUNTIME_DIR", folder.toString(), "DISPLAY", ":1"), Folders.in(folder)).orElseThrow();
  }

  @Test
  void aSecondStartHandsItsJobOverAndOpensNoWindow() throws Exception {
    assertFalse(OneWindow.hand(socket(), Optional.empty()), "nobody is there yet");
    try (OneWindow window = OneWindow.listen(socket(), taken::add).orElseThrow()) {
      Path job = folder.resolve("Süße Möhre 24.thimble");
      assertTrue(OneWindow.hand(socket(), Optional.of(job)));
      assertEquals(Optional.of(job), taken.poll(60, TimeUnit.SECONDS));
      assertTrue(OneWindow.hand(socket(), Optional.empty()), "without a job the window comes to the front");
      assertEquals(Optional.empty(), taken.poll(60, TimeUnit.SECONDS));
    }
    assertFalse(OneWindow.hand(socket(), Optional.empty()), "the window is closed");
    assertFalse(Files.exists(socket()));
  }

  @Test
  void aSocketThatAKilledWindowLeftIsReplaced() throws Exception {
    Files.createFile(socket());
    assertFalse(OneWindow.hand(socket(), Optional.empty()), "nobody listens there");
    try (OneWindow window = OneWindow.listen(socket(), taken::add).orElseThrow()) {
      assertTrue(OneWindow.hand(socket(), Optional.of(folder)));
    }
  }

  @Test
  void whoTalksNonsenseIsNotTakenAndTheNextIs() throws Exception {
    try (OneWindow window = OneWindow.listen(socket(), taken::add).orElseThrow()) {
      Random random = new Random(8);
      for (int i = 0; i < 40; i++) {
        byte[] nonsense = new byte[random.nextInt(200)];
        random.nextBytes(nonsense);
        try (SocketChannel channel = SocketChannel.open(StandardProtocolFamily.UNIX)) {
          channel.connect(UnixDomainSocketAddress.of(socket()));
          channel.write(ByteBuffer.wrap(nonsense));
        }
      }
      Path job = folder.resolve("a.thimble");
      assertTrue(OneWindow.hand(socket(), Optional.of(job)), "seed 8");
      Optional<Path> last = taken.poll(60, TimeUnit.SECONDS);
      while (last.filter(job::equals).isEmpty()) {
        last = taken.poll(60, TimeUnit.SECONDS);
        assertTrue(last != null, "seed 8: the sound one comes through");
      }
    }
  }

  @Test
  void everyScreenAndEverySetOfSettingsHasItsOwn() {
    Path other = OneWindow.socket(Map.of("XDG_RUNTIME_DIR", folder.toString(), "DISPLAY", ":2"), Folders.in(folder)).orElseThrow();
    Path mine = OneWindow.socket(Map.of("XDG_RUNTIME_DIR", folder.toString(), "DISPLAY", ":1"), Folders.in(folder.resolve("mine")))
        .orElseThrow();
    assertNotEquals(socket(), other);
    assertNotEquals(socket(), mine);
    assertEquals(Optional.empty(), OneWindow.socket(Map.of("DISPLAY", ":1"), Folders.in(folder.resolve("x".repeat(120)))),
        "a name too long for a socket");
  }
}
