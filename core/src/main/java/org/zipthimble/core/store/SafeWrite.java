package org.zipthimble.core.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;
import org.zipthimble.core.wording.Trouble;

/** Writes a file whole or not at all: beside its place first, forced to the disk, then moved over it in one step. */
public final class SafeWrite {
  private SafeWrite() {}

  /**
   * Writes the bytes; what stood there before stays until the new file is whole.
   *
   * @throws Trouble when the folder is missing or cannot be written, or the disk is full
   */
  public static void write(Path file, byte[] bytes) throws Trouble {
    Path place = file.toAbsolutePath();
    Path beside = null;
    try {
      if (place.getParent() == null || !Files.isDirectory(place.getParent())) {
        throw new NoSuchFileException(String.valueOf(place.getParent()));
      }
      beside = place.resolveSibling("." + UUID.randomUUID() + ".part");
      try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
        ByteBuffer left = ByteBuffer.wrap(bytes);
        while (left.hasRemaining()) {
          channel.write(left);
        }
        channel.force(true);
      }
      moveOver(beside, place);
    } catch (NoSuchFileException e) {
      throw Trouble.because(e, "file.noFolder", place.getParent());
    } catch (IOException e) {
      throw Trouble.because(e, "file.unwritable", place.getFileName(), place.getParent());
    } finally {
      discard(beside);
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
