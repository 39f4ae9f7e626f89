package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.SheetPlan;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Pages;
import org.zipthimble.core.type.BundledFonts;
import org.zipthimble.core.type.FontFace;
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

  private static void pack(Job job, OutputStream out) throws IOException, Trouble {
    ZipOutputStream zip = new ZipOutputStream(out);
    put(zip, "job.json", json(job));
    put(zip, "preview.png", preview(job));
    pictures(job, zip);
    for (FontFace font : used(job).values()) {
      put(zip, "fonts/" + font.family() + "/" + font.style() + ".ttf", font.bytes());
    }
    zip.finish();
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
    String name = String.valueOf(file.getFileName());
    if (!Files.isRegularFile(file)) {
      throw Trouble.of("file.none", file);
    }
    try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
      return read(name, in);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", name);
    }
  }

  /** Reads a job from a stream; the name is for the sentences. */
  public static Job read(String name, InputStream in) throws Trouble {
    return whole(name, () -> ZipEntries.read(in, ZipEntries.MOST_BYTES));
  }

  /** Where the entries of a job come from. */
  interface Source {
    Map<String, byte[]> entries() throws IOException, Trouble;
  }

  /** Reads a job from its entries, wherever they come from; the name is for the sentences. */
  static Job whole(String name, Source source) throws Trouble {
    try {
      Map<String, byte[]> entries = source.entries();
      byte[] json = entries.get("job.json");
      if (json == null) {
        throw Trouble.of("thimble.notJob");
      }
      JsonNode tree = Binding.MAPPER.readTree(json);
      JsonLimits.check(tree);
      JobDocument document = Binding.MAPPER.readerFor(JobDocument.class).withAttribute(Texts.PROFILES, profiles(entries)).readValue(Upcasters.newest(tree));
      return document.job(pictures(document, entries), fonts(entries));
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
    } catch (Trouble unreadable) {
      return Optional.empty();
    }
  }

  private static Map<String, Picture> pictures(JobDocument document, Map<String, byte[]> entries) throws Trouble {
    Map<String, Picture> pictures = new TreeMap<>();
    for (JobDocument.Entry entry : document.pictures()) {
      String id = entry.id();
      String name = entry.name();
      byte[] bytes = entries.get(entry.file());
      if (bytes == null) {
        throw Trouble.of("thimble.noPicture", name);
      }
      Picture picture = Pictures.look(name, bytes, Pictures.Limits.USUAL);
      if (!picture.id().equals(id)) {
        throw Trouble.of("thimble.otherPicture", name);
      }
      pictures.put(id, picture);
    }
    return pictures;
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
      Scene.of(face).everything().stream().flatMap(n -> n.item().asWords().stream())
          .forEach(w -> shelf.find(w.style().family(), w.style().style()).ifPresent(f -> used.put(f.name(), f)));
    }
    job.fonts().forEach(c -> shelf.find(c.family(), c.style()).ifPresent(f -> used.put(f.name(), f)));
    return used;
  }

  private static byte[] preview(Job job) throws Trouble {
    Size size = job.frame(job.faces().get(0)).size();
    double longest = Math.max(size.width(), size.height());
    double ppi = PREVIEW_PIXELS / longest;
    PageOptions options = PageOptions.of(false, false, SheetPlan.ALONE);
    try {
      BufferedImage image =
          RasterPainter.paint(Pages.of(job, job.faces().get(0), options), ppi, new Halvings(), Progress.SILENT);
      return PngFile.bytes(image, ppi);
    } catch (Stopped e) {
      throw new IllegalStateException("nobody stops a preview", e);
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
