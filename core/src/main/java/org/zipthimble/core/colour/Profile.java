package org.zipthimble.core.colour;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.Map;
import org.zipthimble.core.wording.Trouble;

/**
 * A printing condition: an ICC profile of a CMYK printer with tables in both directions (ISO 15076-1; version 2 and 4).
 * Never changes; safe for several threads.
 */
public final class Profile {
  /** The largest file that is read. */
  public static final int MOST_BYTES = 20_000_000;

  private static final int HEADER = 128;
  private static final String SHIPPED = "/org/zipthimble/core/profiles/coated-cmyk-tr006.icc";

  private final byte[] bytes;
  private final String name;
  private final String id;
  private final double[] paper;
  private final Map<String, IccTables.Table> tables;

  private Profile(byte[] bytes, String name, double[] paper, Map<String, IccTables.Table> tables) {
    this.bytes = bytes;
    this.name = name;
    this.paper = paper;
    this.tables = tables;
    this.id = digest(bytes);
  }

  /** The one that ships: derived from the characterization data of ANSI/CGATS TR 006-2007, coated paper. */
  public static Profile shipped() {
    return Shipped.PROFILE;
  }

  private static final class Shipped {
    static final Profile PROFILE = load();

    private static Profile load() {
      try (InputStream in = Profile.class.getResourceAsStream(SHIPPED)) {
        return read(in.readAllBytes());
      } catch (IOException | Trouble broken) {
        throw new IllegalStateException("the shipped profile cannot be read", broken);
      }
    }
  }

  /**
   * Reads a profile.
   *
   * @throws Trouble when it is none, is damaged, or is not that of a CMYK printer with tables both ways
   */
  public static Profile read(byte[] file) throws Trouble {
    if (file.length > MOST_BYTES) {
      throw Trouble.of("profile.tooLarge", MOST_BYTES / 1_000_000);
    }
    if (file.length < HEADER + 4 || !IccTables.signature(ByteBuffer.wrap(file), 36).equals("acsp")) {
      throw Trouble.of("profile.none");
    }
    ByteBuffer all = ByteBuffer.wrap(file.clone());
    String inks = IccTables.signature(all, 16);
    String space = IccTables.signature(all, 20);
    if (!IccTables.signature(all, 12).equals("prtr") || !inks.equals("CMYK") || !space.equals("Lab ")) {
      throw Trouble.of("profile.otherKind", inks.strip());
    }
    try {
      Map<String, ByteBuffer> tags = tags(all);
      Map<String, IccTables.Table> tables = new HashMap<>();
      for (String tag : new String[] {"A2B0", "A2B1", "A2B2", "B2A0", "B2A1", "B2A2"}) {
        if (tags.containsKey(tag)) {
          IccTables.Table table = IccTables.read(tags.get(tag));
          boolean toLab = tag.startsWith("A");
          if (table.inputs() != (toLab ? 4 : 3) || table.outputs() != (toLab ? 3 : 4)) {
            throw new IllegalArgumentException(tag + " does not fit");
          }
          tables.put(tag, table);
        }
      }
      if (!tables.containsKey("A2B0") || !tables.containsKey("B2A0")) {
        throw Trouble.of("profile.oneWay");
      }
      return new Profile(all.array(), described(tags), paper(tags), tables);
    } catch (IllegalArgumentException | IndexOutOfBoundsException damaged) {
      throw Trouble.because(damaged, "profile.damaged");
    }
  }

  private static Map<String, ByteBuffer> tags(ByteBuffer all) {
    int count = all.getInt(HEADER);
    if (count < 1 || count > 200) {
      throw new IllegalArgumentException("so many tags: " + count);
    }
    Map<String, ByteBuffer> out = new HashMap<>();
    for (int i = 0; i < count; i++) {
      int at = HEADER + 4 + 12 * i;
      int offset = all.getInt(at + 4);
      int length = all.getInt(at + 8);
      if (offset < HEADER || length < 8 || offset > all.limit() - length) {
        throw new IllegalArgumentException("a tag lies outside the file");
      }
      out.put(IccTables.signature(all, at), all.slice(offset, length));
    }
    return out;
  }

  private static double[] paper(Map<String, ByteBuffer> tags) {
    ByteBuffer white = tags.get("wtpt");
    if (white == null || white.limit() < 20) {
      return Lab.WHITE.clone();
    }
    double[] xyz = new double[3];
    for (int i = 0; i < 3; i++) {
      xyz[i] = white.getInt(8 + 4 * i) / 65536.0;
      if (!(xyz[i] > 0.05 && xyz[i] < 2)) {
        throw new IllegalArgumentException("the paper's white is out of range");
      }
    }
    return xyz;
  }

  /** The name it calls itself by, from either kind of description (ISO 15076-1, 10.15; version 2: ICC.1:2001-04, 6.5.17). */
  private static String described(Map<String, ByteBuffer> tags) {
    ByteBuffer desc = tags.get("desc");
    String text = "";
    if (desc != null && IccTables.signature(desc, 0).equals("desc")) {
      text = text(desc, 12, Math.max(0, desc.getInt(8) - 1), false);
    } else if (desc != null && IccTables.signature(desc, 0).equals("mluc")) {
      text = text(desc, desc.getInt(24), desc.getInt(20), true);
    }
    String plain = text.replaceAll("[^\\p{L}\\p{N}\\p{P}\\p{Zs}]", "").strip();
    return plain.isEmpty() ? "CMYK" : plain.length() > 80 ? plain.substring(0, 80) : plain;
  }

  private static String text(ByteBuffer tag, int from, int length, boolean wide) {
    if (length < 0 || length > 4096 || from < 0 || from > tag.limit() - length) {
      throw new IllegalArgumentException("a description is cut short");
    }
    byte[] out = new byte[length];
    tag.get(from, out);
    return new String(out, wide ? StandardCharsets.UTF_16BE : StandardCharsets.ISO_8859_1);
  }

  private static String digest(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)).substring(0, 32);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  IccTables.Table table(String direction, Intent intent) {
    IccTables.Table own = tables.get(direction + intent.table());
    return own != null ? own : tables.get(direction + 0);
  }

  /** XYZ of the paper's white, against D50. */
  double[] paper() {
    return paper.clone();
  }

  /** The file as it was. */
  public byte[] bytes() {
    return bytes.clone();
  }

  /** What it calls itself. */
  public String name() {
    return name;
  }

  /** Tells it from all others: the same for the same bytes. */
  public String id() {
    return id;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Profile && ((Profile) other).id.equals(id);
  }

  @Override
  public int hashCode() {
    return id.hashCode();
  }

  @Override
  public String toString() {
    return name + " " + id;
  }
}
