package org.zipthimble.core.files;

import java.io.BufferedOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Collection;
import java.util.Collections;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Stopped;

/**
 * Writes a file whole or not at all: beside its place first, forced to the disk, then moved over it in one step. A file keeps its rights, a
 * link stays one and what it leads to is written, and a write-protected file is refused.
 */
public final class SafeWrite {
  private static final int BUFFER = 1 << 16;
  private static final long LEAST_FREE = 4_000_000;

  private SafeWrite() {}

  private static final String PART = ".zip-thimble-";
  private static final Pattern LEFT = Pattern.compile("\\.(zip-thimble-)?[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\\.part");
  private static final Set<PosixFilePermission> OWN_ALONE = PosixFilePermissions.fromString("rw-------");
  private static final Set<PosixFilePermission> WRITING =
      Set.of(PosixFilePermission.OWNER_WRITE, PosixFilePermission.GROUP_WRITE, PosixFilePermission.OTHERS_WRITE);
  /** A part that was touched so lately may be one that is about to be locked. */
  private static final long AGE_MILLIS = 60_000;
  /** Programs of before did not lock their parts. */
  private static final long OLD_AGE_MILLIS = 86_400_000;

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
    ready(file, bytes, false);
  }

  /**
   * Writes bytes that nobody but the person is to read; one that is there keeps no wider rights.
   *
   * @throws Trouble when the folder is missing or cannot be written, or the disk is full
   */
  public static void secret(Path file, byte[] bytes) throws Trouble {
    ready(file, bytes, true);
  }

  private static void ready(Path file, byte[] bytes, boolean secret) throws Trouble {
    try {
      write(file, out -> out.write(bytes), () -> { }, secret);
    } catch (Stopped e) {
      throw new IllegalStateException("nobody stops ready bytes", e);
    }
  }

  /**
   * Writes what is made while it is written; what stood there before stays until the new file is whole.
   *
   * @param before done when the new file is whole on the disk, just before it takes the old one's place
   * @throws Trouble when the folder is missing or cannot be written, the file is write-protected or a folder, or the disk is full; nothing
   *     is left behind
   */
  public static void write(Path file, Content content, Before before) throws Trouble, Stopped {
    write(file, content, before, false);
  }

  private static void write(Path file, Content content, Before before, boolean secret) throws Trouble, Stopped {
    Path place = meant(file);
    Path beside = null;
    try {
      if (place.getParent() == null || !Files.isDirectory(place.getParent())) {
        throw new NoSuchFileException(String.valueOf(place.getParent()));
      }
      Optional<Set<PosixFilePermission>> rights = rights(place);
      writable(place, rights);
      beside = place.resolveSibling(PART + UUID.randomUUID() + ".part");
      try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
        hold(channel);
        give(beside, secret ? Optional.of(OWN_ALONE) : rights);
        Disk disk = new Disk(Channels.newOutputStream(channel));
        OutputStream out = new BufferedOutputStream(disk, BUFFER);
        try {
          content.to(out);
        } catch (IOException e) {
          // What could not be made is no fault of the disk's.
          if (disk.failed) {
            throw e;
          }
          throw Trouble.because(e, "file.notMade", place.getFileName());
        }
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

  /** Removes the parts in a folder that a program which is no longer there has left; what may still be somebody's stays. */
  public static void clean(Path folder) {
    try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, ".*.part")) {
      for (Path part : parts) {
        if (LEFT.matcher(part.getFileName().toString()).matches()) {
          cleanPart(part);
        }
      }
    } catch (IOException | DirectoryIteratorException unreadable) {
      return;
    }
  }

  /** The same for every folder in which one of these files stands. */
  public static void cleanBeside(Collection<Path> files) {
    files.stream().map(f -> f.toAbsolutePath().getParent()).filter(Objects::nonNull).distinct().forEach(SafeWrite::clean);
  }

  private static void cleanPart(Path part) {
    boolean locks = part.getFileName().toString().startsWith(PART);
    try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE); FileLock lock = channel.tryLock()) {
      long age = System.currentTimeMillis() - Files.getLastModifiedTime(part).toMillis();
      if (lock != null && age > (locks ? AGE_MILLIS : OLD_AGE_MILLIS)) {
        Files.deleteIfExists(part);
      }
    } catch (IOException | OverlappingFileLockException inUse) {
      return;
    }
  }

  /** Where a file really is to stand: behind a link that is what it leads to. */
  private static Path meant(Path file) throws Trouble {
    Path place = file.toAbsolutePath();
    try {
      for (int i = 0; i < 40 && Files.isSymbolicLink(place); i++) {
        place = place.resolveSibling(Files.readSymbolicLink(place)).normalize();
      }
      return place;
    } catch (IOException e) {
      throw Trouble.because(e, "file.unwritable", place.getFileName(), place.getParent());
    }
  }

  private static Optional<Set<PosixFilePermission>> rights(Path place) throws IOException {
    PosixFileAttributeView view = Files.exists(place) ? Files.getFileAttributeView(place, PosixFileAttributeView.class) : null;
    return view == null ? Optional.empty() : Optional.of(view.readAttributes().permissions());
  }

  /** A file that nobody may write to is not replaced, though the folder would allow it. */
  private static void writable(Path place, Optional<Set<PosixFilePermission>> rights) throws Trouble {
    if (Files.isDirectory(place)) {
      throw Trouble.of("file.folder", place);
    }
    if (Files.exists(place) && (!Files.isWritable(place) || rights.filter(r -> Collections.disjoint(r, WRITING)).isPresent())) {
      throw Trouble.of("file.protected", place.getFileName());
    }
  }

  /** Holds a part for as long as it is written, so that nobody takes it for one that was left; some disks cannot. */
  private static void hold(FileChannel channel) {
    try {
      channel.tryLock();
    } catch (IOException | OverlappingFileLockException noLocksHere) {
      return;
    }
  }

  private static void give(Path part, Optional<Set<PosixFilePermission>> rights) throws IOException {
    PosixFileAttributeView view = Files.getFileAttributeView(part, PosixFileAttributeView.class);
    if (view != null && rights.isPresent()) {
      view.setPermissions(rights.get());
    }
  }

  /** Passes bytes on and remembers when they could not be written. */
  private static final class Disk extends FilterOutputStream {
    private boolean failed;

    Disk(OutputStream out) {
      super(out);
    }

    @Override
    public void write(int one) throws IOException {
      write(new byte[] {(byte) one}, 0, 1);
    }

    @Override
    public void write(byte[] bytes, int from, int count) throws IOException {
      try {
        out.write(bytes, from, count);
      } catch (IOException full) {
        failed = true;
        throw full;
      }
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
