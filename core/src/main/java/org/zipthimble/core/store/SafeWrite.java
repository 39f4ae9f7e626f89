package org.zipthimble.core.store;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Stopped;

/** Writes a file whole or not at all: beside its place first, forced to the disk, then moved over it in one step. */
public final class SafeWrite {
  private static final int BUFFER = 1 << 16;
  private static final long LEAST_FREE = 4_000_000;

  private SafeWrite() {}

  /** Puts a file's bytes into a stream. */
  public interface Content {
    /** Writes all of it; the stream is closed by the caller. */
    void to(OutputStream out) throws IOException, Trouble, Stopped;
  }

  /**
   * Writes the bytes; what stood there before stays until the new file is whole.
   *
   * @throws Trouble when the folder is missing or cannot be written, or the disk is full
   */
  public static void write(Path file, byte[] bytes) throws Trouble {
    try {
      write(file, out -> out.write(bytes), () -> { });
    } catch (Stopped e) {
      throw new IllegalStateException("nobody stops ready bytes", e);
    }
  }

  /**
   * Writes what is made while it is written; what stood there before stays until the new file is whole.
   *
   * @param before done when the new file is whole on the disk, just before it takes the old one's place
   * @throws Trouble when the folder is missing or cannot be written, or the disk is full; nothing is left behind
   */
  public static void write(Path file, Content content, Before before) throws Trouble, Stopped {
    Path place = file.toAbsolutePath();
    Path beside = null;
    try {
      if (place.getParent() == null || !Files.isDirectory(place.getParent())) {
        throw new NoSuchFileException(String.valueOf(place.getParent()));
      }
      beside = place.resolveSibling("." + UUID.randomUUID() + ".part");
      try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
        OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), BUFFER);
        content.to(out);
        out.flush();
        channel.force(true);
      }
      before.run();
      moveOver(beside, place);
    } catch (NoSuchFileException e) {
      throw Trouble.because(e, "file.noFolder", place.getParent());
    } catch (IOException e) {
      throw full(place) ? Trouble.because(e, "file.diskFull", place.getFileName(), place.getParent())
          : Trouble.because(e, "file.unwritable", place.getFileName(), place.getParent());
    } finally {
      discard(beside);
    }
  }

  /** What is done just before a new file takes the place of an old one. */
  public interface Before {
    /** Does it. */
    void run() throws Trouble;
  }

  private static boolean full(Path place) {
    try {
      return Files.getFileStore(place.getParent()).getUsableSpace() < LEAST_FREE;
    } catch (IOException unknown) {
      return false;
    }
  }

  private static void moveOver(Path from, Path to) throws IOException {
    try {
      Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } catch (AtomicMoveNotSupportedException e) {
      Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
    }
  }

  private static void discard(Path beside) throws Trouble {
    try {
      if (beside != null) {
        Files.deleteIfExists(beside);
      }
    } catch (IOException e) {
      throw Trouble.because(e, "file.leftPart", beside);
    }
  }
}
