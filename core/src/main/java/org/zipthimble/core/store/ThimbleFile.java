package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipOutputStream;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.fill.Grounds;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.form.Load;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Guest;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Kind;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** The {@code .thimble} file: a ZIP of {@code job.json}, picture bytes, used fonts and a preview. */
public final class ThimbleFile {
  /** The ending of a job's file name. */
  public static final String ENDING = ".thimble";

  private static final double PREVIEW_PIXELS = 480;
  private static final long FIXED_TIME = 315_619_200_000L;

  /** Working out the SHA-256 of more would hold up the window; the ZIP's own checksum of every entry holds all the same. */
  private static final long PROVED_AT_ONCE = 32_000_000;

  private ThimbleFile() {}

  /**
   * Saves a job whole or not at all.
   *
   * @throws Trouble when the file cannot be written; what stood there before is untouched
   */
  public static void save(Job job, Path file) throws Trouble {
    save(job, file, () -> { });
  }

  /**
   * Saves a job whole or not at all.
   *
   * @param before done when the new file is whole, just before it takes the place of an old one
   * @throws Trouble when the file cannot be written; what stood there before is untouched
   */
  public static void save(Job job, Path file, SafeWrite.Before before) throws Trouble {
    if (file.toAbsolutePath().getParent() != null) {
      SafeWrite.clean(file.toAbsolutePath().getParent());
    }
    try {
      SafeWrite.write(file, out -> pack(job, out), before);
    } catch (Stopped e) {
      throw new IllegalStateException("nobody stops a save", e);
    }
  }

  /** The bytes of a job's file; the same job gives the same bytes. */
  public static byte[] bytes(Job job) throws Trouble {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      pack(job, bytes);
    } catch (IOException e) {
      throw Trouble.because(e, "thimble.cannotPack", job.name());
    }
    return bytes.toByteArray();
  }

  /** The bytes of a job's file without its preview and fonts, for handing objects on within one machine. */
  public static byte[] bare(Job job) throws Trouble {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      put(zip, "job.json", json(job));
      pictures(job, zip);
    } catch (IOException e) {
      throw Trouble.because(e, "thimble.cannotPack", job.name());
    }
    return bytes.toByteArray();
  }

  private static void pictures(Job job, ZipOutputStream zip) throws IOException {
    for (Picture picture : job.pictures().values()) {
      keep(zip, JobDocument.file(picture), picture.blob());
    }
    if (job.colour().own().isPresent()) {
      put(zip, JobDocument.file(job.colour().own().get()), job.colour().own().get().bytes());
    }
  }

  private static void guests(Job job, ZipOutputStream zip) throws IOException, Trouble {
    for (Guest guest : job.guests()) {
      put(zip, JobDocument.file(guest), bytes(guest.job()));
    }
  }

  /** The guests of a job; one that has guests itself leaves them behind. */
  private static List<Guest> guests(JobDocument document, Map<String, byte[]> entries) throws Trouble {
    List<Guest> out = new ArrayList<>();
    for (JobDocument.GuestEntry guest : document.guests().orElse(List.of())) {
      byte[] bytes = entries.get(guest.entry());
      if (bytes == null || out.size() >= Guest.MOST_GUESTS) {
        throw Trouble.of("thimble.noGuest", guest.file());
      }
      // a job within a job within a job is not looked into
      Map<String, byte[]> inside = new TreeMap<>();
      Job job = whole(guest.file(), () -> {
        inside.putAll(ZipEntries.read(new ByteArrayInputStream(bytes), ZipEntries.MOST_BYTES));
        if (inside.keySet().stream().anyMatch(k -> k.startsWith("guests/"))) {
          throw Trouble.of("thimble.noGuest", guest.file());
        }
        return inside;
      }, true, sentence -> { });
      out.add(new Guest(guest.id(), job, guest.file(), guest.quantity()));
    }
    return out;
  }

  private static void pack(Job job, OutputStream out) throws IOException, Trouble {
    ZipOutputStream zip = new ZipOutputStream(out);
    byte[] json = json(job);
    readBack(job, json);
    put(zip, "job.json", json);
    Optional<byte[]> preview = preview(job);
    if (preview.isPresent()) {
      put(zip, "preview.png", preview.get());
    }
    pictures(job, zip);
    guests(job, zip);
    // Half of the time of a save went into making fonts a twentieth smaller.
    zip.setLevel(Deflater.BEST_SPEED);
    for (FontFace font : used(job).values()) {
      put(zip, "fonts/" + font.family() + "/" + font.style() + ".ttf", font.bytes());
    }
    zip.finish();
  }

  /** A description that could not be opened again is not written: what stands in the file is worth more. */
  private static void readBack(Job job, byte[] json) throws Trouble {
    Map<String, Profile> profiles = new TreeMap<>();
    job.colour().own().ifPresent(p -> profiles.put(JobDocument.file(p), p));
    try {
      document(json, profiles).job(job.pictures(), job.fonts(), job.guests());
      Load.check(job);
    } catch (Trouble e) {
      throw Trouble.because(e, "thimble.notReadBack", job.name(), e.getMessage());
    } catch (JsonProcessingException e) {
      throw Trouble.because(e, "thimble.notReadBack", job.name(), JsonTrouble.of(e).getMessage());
    } catch (IOException | IllegalArgumentException e) {
      throw Trouble.because(e, "thimble.notReadBack", job.name(), Wording.text("thimble.damaged"));
    }
  }

  private static JobDocument document(byte[] json, Map<String, Profile> profiles) throws IOException, Trouble {
    JsonNode tree = Binding.MAPPER.readTree(json);
    JsonLimits.check(tree);
    return Binding.MAPPER.readerFor(JobDocument.class).withAttribute(Texts.PROFILES, profiles).readValue(Upcasters.newest(tree));
  }

  /** The bytes of {@code job.json}. */
  static byte[] json(Job job) throws IOException {
    return Binding.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(JobDocument.of(job));
  }

  /**
   * Opens a job.
   *
   * @throws Trouble with a sentence when the file is missing, damaged, too large or from a newer program
   */
  public static Job open(Path file) throws Trouble {
    return open(file, sentence -> { });
  }

  /**
   * Opens a job.
   *
   * @param told is told a sentence for each picture that cannot be drawn any more or whose bytes have changed; the job opens all the same
   *     and
   *     keeps the bytes. Of more than 32 million bytes of pictures {@link #changed} tells it later
   * @throws Trouble with a sentence when the file is missing, damaged, too large or from a newer program
   */
  public static Job open(Path file, Consumer<String> told) throws Trouble {
    String name = String.valueOf(file.getFileName());
    if (!Files.isRegularFile(file)) {
      throw Trouble.of(Files.isDirectory(file) ? "file.folder" : "file.none", file);
    }
    try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
      return whole(name, () -> ZipEntries.read(in, ZipEntries.MOST_BYTES), true, told);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", name);
    }
  }

  /**
   * A sentence for each picture whose bytes are not those that its file states, as far as that was not seen when it was opened; some 100
   * million bytes take a second.
   * Ends early where the thread is interrupted.
   */
  public static List<String> changed(Job job) {
    return job.pictures().values().stream().takeWhile(p -> !Thread.currentThread().isInterrupted()).filter(p -> !p.blob().proved())
        .map(p -> Wording.text("thimble.otherPicture", p.name())).toList();
  }

  /** Reads a job from a stream; the name is for the sentences. */
  public static Job read(String name, InputStream in) throws Trouble {
    return whole(name, () -> ZipEntries.read(in, ZipEntries.MOST_BYTES), true, sentence -> { });
  }

  /** Where the entries of a job come from. */
  interface Source {
    Map<String, byte[]> entries() throws IOException, Trouble;
  }

  /** Reads a job from its entries as they lie in a folder, with no checksums; the name is for the sentences. */
  static Job whole(String name, Source source) throws Trouble {
    return whole(name, source, false, sentence -> { });
  }

  private static Job whole(String name, Source source, boolean summed, Consumer<String> told) throws Trouble {
    try {
      Map<String, byte[]> entries = source.entries();
      byte[] json = entries.get("job.json");
      if (json == null) {
        throw Trouble.of("thimble.notJob");
      }
      JobDocument document = document(json, profiles(entries));
      Job job = document.job(pictures(document, entries, summed, told), fonts(entries), guests(document, entries));
      Load.check(job);
      return Grounds.laid(job);
    } catch (Trouble e) {
      throw Trouble.because(e, "thimble.cannotOpen", name, e.getMessage());
    } catch (JsonProcessingException e) {
      throw Trouble.because(e, "thimble.cannotOpen", name, JsonTrouble.of(e).getMessage());
    } catch (IOException | IllegalArgumentException e) {
      throw Trouble.because(e, "thimble.cannotOpen", name, Wording.text("thimble.damaged"));
    }
  }

  /** The preview inside a job's file, if there is one that can be read. */
  public static Optional<byte[]> preview(InputStream in) throws IOException {
    try {
      return Optional.ofNullable(ZipEntries.read(in, ZipEntries.MOST_BYTES).get("preview.png"));
    } catch (Trouble | ZipException unreadable) {
      return Optional.empty();
    }
  }

  /** What came of looking at a picture: itself, what is told of it, or why the job cannot be opened. */
  private record Looked(Optional<Picture> picture, Optional<String> told, Optional<Trouble> failed) {}

  /**
   * All pictures, looked at beside each other; what is told of them comes in their order.
   *
   * @param summed whether every entry was held against a checksum when it was read
   */
  private static Map<String, Picture> pictures(JobDocument document, Map<String, byte[]> entries, boolean summed, Consumer<String> told)
      throws Trouble {
    for (JobDocument.Entry entry : document.pictures()) {
      if (entries.get(entry.file()) == null) {
        throw Trouble.of("thimble.noPicture", entry.name());
      }
    }
    boolean large = document.pictures().stream().mapToLong(e -> entries.get(e.file()).length).sum() > PROVED_AT_ONCE;
    List<Looked> all = document.pictures().parallelStream().map(e -> look(e, entries.get(e.file()), large && summed)).toList();
    Map<String, Picture> pictures = new TreeMap<>();
    for (int i = 0; i < all.size(); i++) {
      Looked looked = all.get(i);
      if (looked.failed().isPresent()) {
        throw looked.failed().get();
      }
      looked.told().ifPresent(told);
      pictures.put(document.pictures().get(i).id(), looked.picture().orElseThrow());
    }
    return pictures;
  }

  /** A picture that is broken stays where it is, with its bytes: others may yet make something of them. */
  private static Looked look(JobDocument.Entry entry, byte[] bytes, boolean provedLater) {
    try {
      Picture picture = provedLater ? Pictures.stated(entry.name(), bytes, Pictures.Limits.USUAL, entry.id())
          : Pictures.look(entry.name(), bytes, Pictures.Limits.USUAL, entry.id());
      return new Looked(Optional.of(picture), picture.id().equals(entry.id()) ? Optional.empty()
          : Optional.of(Wording.text("thimble.otherPicture", entry.name())), Optional.empty());
    } catch (Trouble broken) {
      String ending = entry.file().substring(entry.file().lastIndexOf('.') + 1);
      Optional<Kind> kind = Kind.of(bytes).or(() -> Arrays.stream(Kind.values()).filter(k -> k.ending().equals(ending)).findFirst());
      return kind.map(k -> new Looked(
          Optional.of(Picture.of(new Blob(bytes), k, entry.name(), Math.max(1, entry.width()), Math.max(1, entry.height()))),
          Optional.of(Wording.text("thimble.brokenPicture", broken.getMessage())), Optional.empty()))
          .orElse(new Looked(Optional.empty(), Optional.empty(), Optional.of(broken)));
    }
  }

  private static Map<String, Profile> profiles(Map<String, byte[]> entries) throws Trouble {
    Map<String, Profile> out = new TreeMap<>();
    for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
      if (entry.getKey().startsWith("profiles/")) {
        out.put(entry.getKey(), Profile.read(entry.getValue()));
      }
    }
    return out;
  }

  private static List<CarriedFont> fonts(Map<String, byte[]> entries) {
    List<CarriedFont> fonts = new ArrayList<>();
    entries.forEach((name, bytes) -> {
      String[] parts = name.split("/");
      if (parts.length == 3 && parts[0].equals("fonts") && parts[2].endsWith(".ttf")) {
        String style = parts[2].substring(0, parts[2].length() - 4);
        if (BundledFonts.shelf().find(parts[1], style).isEmpty()) {
          fonts.add(new CarriedFont(parts[1], style, new Blob(bytes)));
        }
      }
    });
    return fonts;
  }

  private static Map<String, FontFace> used(Job job) {
    Map<String, FontFace> used = new TreeMap<>();
    JobFonts shelf = new JobFonts(job);
    for (Face face : job.faces()) {
      Scene.of(face).everything().stream().flatMap(n -> n.item().words().stream())
          .flatMap(w -> w.story().runs().stream()).map(Run::look)
          .forEach(l -> shelf.find(l.family(), l.style()).ifPresent(f -> used.put(f.name(), f)));
    }
    job.fonts().forEach(c -> shelf.find(c.family(), c.style()).ifPresent(f -> used.put(f.name(), f)));
    return used;
  }

  /** A small picture of the first face; a job of which none can be drawn is saved without. */
  private static Optional<byte[]> preview(Job job) {
    Size size = job.frame(job.faces().get(0)).size();
    double longest = Math.max(size.width(), size.height());
    double ppi = PREVIEW_PIXELS / longest;
    PageOptions options = PageOptions.of(false, false, SheetPlan.ALONE);
    try {
      BufferedImage image =
          RasterPainter.paint(Imposition.of(job, job.faces().get(0), options), ppi, Halvings.SHARED, Progress.SILENT);
      return Optional.of(PngFile.bytes(image, ppi));
    } catch (Stopped e) {
      throw new IllegalStateException("nobody stops a preview", e);
    } catch (Trouble | RuntimeException | StackOverflowError notDrawn) {
      return Optional.empty();
    }
  }

  private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTime(FIXED_TIME);
    zip.putNextEntry(entry);
    zip.write(bytes);
    zip.closeEntry();
  }

  private static void keep(ZipOutputStream zip, String name, Blob blob) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    CRC32 crc = new CRC32();
    try (InputStream in = new CheckedInputStream(blob.open(), crc)) {
      in.transferTo(OutputStream.nullOutputStream());
    }
    entry.setMethod(ZipEntry.STORED);
    entry.setSize(blob.length());
    entry.setCrc(crc.getValue());
    entry.setTime(FIXED_TIME);
    zip.putNextEntry(entry);
    blob.open().transferTo(zip);
    zip.closeEntry();
  }
}
