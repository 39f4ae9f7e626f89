package org.zipthimble.core.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Optional;

/** What a file looked like when it was last read or written here (its size in bytes), to see whether another program changed it. */
public record FileStamp(long size, FileTime modified, String key) {
  /** The mark of a file nobody has looked at: it is like no other. */
  public static final FileStamp UNKNOWN = new FileStamp(-1, FileTime.fromMillis(0), "");

  /** The mark of a file; empty when there is none or it cannot be looked at. */
  public static Optional<FileStamp> of(Path file) {
    try {
      BasicFileAttributes seen = Files.readAttributes(file, BasicFileAttributes.class);
      return Optional.of(new FileStamp(seen.size(), seen.lastModifiedTime(), String.valueOf(seen.fileKey())));
    } catch (IOException none) {
      return Optional.empty();
    }
  }
}
