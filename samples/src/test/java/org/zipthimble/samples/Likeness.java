package org.zipthimble.samples;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * What is alike of two output files however their bytes are packed: the words and figures that a report would tell, and a small picture of
 * what a person sees. PDF is drawn and read by poppler.
 *
 * @param said what must be the same to the letter
 * @param figures what must be the same within a thousandth
 * @param seen means of red, green and blue in {@value #CELLS} by {@value #CELLS} cells of every page, which must be the same within a few
 *     levels of 255
 */
record Likeness(String said, List<Double> figures, List<Integer> seen) {
  private static final int CELLS = 8;
  private static final int LEVELS = 3;
  private static final double SHARE = 1e-3;
  private static final int PARTS = 6;
  private static final Pattern FIGURE = Pattern.compile("-?\\d+(?:\\.\\d+)?(?:[eE]-?\\d+)?");

  /** The likeness of a file. */
  static Likeness of(Path file) throws IOException, InterruptedException {
    String name = file.getFileName().toString();
    switch (name.substring(name.lastIndexOf('.') + 1)) {
      case "pdf":
        return pdf(file);
      case "png", "jpg", "tif":
        return picture(file);
      default:
        return text(Files.readString(file, StandardCharsets.UTF_8));
    }
  }

  /** What a refusal says. */
  static Likeness refused(String sentence) {
    return new Likeness("refused " + sentence, List.of(), List.of());
  }

  private static Likeness pdf(Path file) throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("likeness");
    try {
      String words = run("pdftotext", file.toString(), "-").replaceAll("\\s+", " ");
      String boxes = run("pdfinfo", "-box", "-l", "-1", file.toString()).lines().filter(l -> l.contains("Box:") || l.startsWith("Pages"))
          .map(l -> l.replaceAll("\\s+", " ")).collect(Collectors.joining("; "));
      run("pdftoppm", "-r", "24", "-png", file.toString(), folder.resolve("page").toString());
      List<Integer> seen = new ArrayList<>();
      for (Path page : inOrder(folder)) {
        seen.addAll(cells(ImageIO.read(page.toFile())));
      }
      return new Likeness(boxes + "; words " + Integer.toHexString(words.hashCode()) + " of " + words.length(), List.of(), seen);
    } finally {
      for (Path left : inOrder(folder)) {
        Files.delete(left);
      }
      Files.delete(folder);
    }
  }

  private static List<Path> inOrder(Path folder) throws IOException {
    try (Stream<Path> pages = Files.list(folder)) {
      return pages.sorted().toList();
    }
  }

  private static Likeness picture(Path file) throws IOException, InterruptedException {
    String size = run("identify", "-units", "PixelsPerInch", "-format", "%m %w x %h %[colorspace] ", file.toString());
    Path drawn = Files.createTempFile("likeness", ".png");
    try {
      run("convert", file + "[0]", "-background", "white", "-alpha", "remove", "-colorspace", "sRGB", "PNG24:" + drawn);
      return new Likeness(size.strip(), List.of(), cells(ImageIO.read(drawn.toFile())));
    } finally {
      Files.delete(drawn);
    }
  }

  /** A text without its figures, and the means of its figures in {@value #PARTS} parts, plain and by their place. */
  private static Likeness text(String text) {
    Matcher figures = FIGURE.matcher(text);
    List<Double> all = figures.results().map(r -> Double.valueOf(r.group())).toList();
    List<Double> means = new ArrayList<>();
    for (int part = 0; part < PARTS; part++) {
      List<Double> some = all.subList(all.size() * part / PARTS, all.size() * (part + 1) / PARTS);
      means.add(some.stream().mapToDouble(Math::abs).average().orElse(0));
      double byPlace = 0;
      for (int i = 0; i < some.size(); i++) {
        byPlace += some.get(i) * (i % 7 + 1) / some.size();
      }
      means.add(byPlace);
    }
    return new Likeness("words " + Integer.toHexString(figures.replaceAll("#").hashCode()) + ", figures " + all.size(), means, List.of());
  }

  private static List<Integer> cells(BufferedImage image) {
    List<Integer> means = new ArrayList<>();
    for (int cell = 0; cell < CELLS * CELLS; cell++) {
      int left = cell % CELLS * image.getWidth() / CELLS;
      int top = cell / CELLS * image.getHeight() / CELLS;
      int width = Math.max(1, (cell % CELLS + 1) * image.getWidth() / CELLS - left);
      int height = Math.max(1, (cell / CELLS + 1) * image.getHeight() / CELLS - top);
      int[] pixels = image.getRGB(left, top, width, height, null, 0, width);
      for (int shift = 16; shift >= 0; shift -= 8) {
        long sum = 0;
        for (int pixel : pixels) {
          sum += pixel >> shift & 0xff;
        }
        means.add(Math.round((float) sum / pixels.length));
      }
    }
    return means;
  }

  private static String run(String... command) throws IOException, InterruptedException {
    Process process = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    if (process.waitFor() != 0) {
      throw new IOException(command[0] + " refuses the file");
    }
    return out;
  }

  /** One line, which {@link #read} reads. */
  String written() {
    String means = figures.stream().map(d -> String.format(Locale.ROOT, "%.6g", d)).collect(Collectors.joining(" "));
    return said.replace('\n', ' ').replace('|', '/') + "|" + means + "|" + seen.stream().map(i -> String.format("%02x", i))
        .collect(Collectors.joining());
  }

  static Likeness read(String line) {
    String[] parts = line.split("\\|", -1);
    List<Double> figures = parts[1].isEmpty() ? List.of() : Stream.of(parts[1].split(" ")).map(Double::valueOf).toList();
    List<Integer> seen = new ArrayList<>();
    for (int i = 0; i < parts[2].length(); i += 2) {
      seen.add(Integer.parseInt(parts[2].substring(i, i + 2), 16));
    }
    return new Likeness(parts[0], figures, seen);
  }

  /** How another one differs; empty when it is alike. */
  String unlike(Likeness other) {
    if (!said.equals(other.said)) {
      return "was: " + said + "\n   is: " + other.said;
    }
    for (int i = 0; i < figures.size(); i++) {
      if (Math.abs(figures.get(i) - other.figures.get(i)) > SHARE * Math.max(1, Math.abs(figures.get(i)))) {
        return "figures were " + figures + "\n   are " + other.figures;
      }
    }
    if (seen.size() != other.seen.size()) {
      return "pages were " + seen.size() / (3 * CELLS * CELLS) + ", are " + other.seen.size() / (3 * CELLS * CELLS);
    }
    for (int i = 0; i < seen.size(); i++) {
      if (Math.abs(seen.get(i) - other.seen.get(i)) > LEVELS) {
        return "page " + (i / (3 * CELLS * CELLS) + 1) + ", cell " + i / 3 % (CELLS * CELLS) + " was " + seen.get(i) + ", is "
            + other.seen.get(i);
      }
    }
    return "";
  }
}
