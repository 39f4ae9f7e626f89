package org.zipthimble.measure.work;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.nest.Nest;
import org.zipthimble.core.nest.Nester;
import org.zipthimble.core.nest.Part;
import org.zipthimble.core.nest.Rules;
import org.zipthimble.core.nest.Stock;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.picture.Trace;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** States how long outlines take: 200 letters joined and offset beside GEOS, a picture traced, puzzles nested. */
@Command(name = "shapes",
    description = "States how long joining, offsetting, tracing and nesting take; GEOS beside it where python3-shapely is there.",
    mixinStandardHelpOptions = true)
final class ShapesBench implements Callable<Integer> {
  private static final String GEOS = String.join("\n",
      "import sys, json, time, statistics",
      "from shapely.geometry import Polygon",
      "from shapely.ops import unary_union",
      "letters = [Polygon(l[0], l[1:]) for l in json.load(sys.stdin)]",
      "took = []",
      "for run in range(9):",
      "    a = time.process_time(); u = unary_union(letters); b = time.process_time(); o = u.buffer(0.125, resolution=28); c = "
          + "time.process_time()",
      "    took.append((b - a, c - b))",
      "print('%.1f %.1f %.6f %.6f' % (statistics.median(t[0] for t in took) * 1000, statistics.median(t[1] for t in took) * 1000, "
          + "u.area, o.area))");

  /** So many runs come before those that are counted: the compilers have done their work by then. */
  private static final int WARM = 8;

  private static final int COUNTED = 9;

  @Spec private CommandSpec spec;

  @Option(names = "--seconds", description = "how long each puzzle is nested (20)")
  private int seconds = 20;

  @Override
  public Integer call() throws IOException, Stopped, InterruptedException {
    PrintWriter out = spec.commandLine().getOut();
    letters(out);
    tracing(out);
    for (int pieces : new int[] {10, 20, 30, 60}) {
      List<Part> puzzle = puzzle(pieces, pieces);
      long begun = System.nanoTime();
      Nest nest = Nester.nest(puzzle, new Stock(new Box(0, 0, 12, 60), true, Optional.empty()), new Rules(0, 90, true, seconds * 1000L, 1),
          Progress.SILENT, n -> { });
      out.printf(Locale.ROOT, "nesting %d pieces of a 12 x 10 rectangle, any turn: yield %.1f %% after %.1f s%n", pieces,
          nest.yield() * 100, (System.nanoTime() - begun) / 1e9);
      out.flush();
    }
    return 0;
  }

  private static List<org.zipthimble.core.geom.Path> words() {
    String text = "Borrow a seed and bring back a handful when the beans have dried upon the vine ".repeat(4).replace(" ", "")
        .substring(0, 200);
    WordStyle style = new WordStyle("Alegreya", "Bold", 48, 90, -60, Align.LEFT, Colour.BLACK);
    SetWords set = Typesetter.set(text.replaceAll("(.{20})", "$1 "), style, 12, 40, BundledFonts.shelf());
    List<org.zipthimble.core.geom.Path> letters = new ArrayList<>();
    for (SetWords.Placed word : set.placed()) {
      GlyphRun run = word.piece().run();
      run.glyphs().forEach(g -> letters.add(run.face().outline(g.id()).mapped(
          Affine.scale(run.em(), run.em()).then(Affine.move(g.x(), g.y())).then(word.toBlock()))));
    }
    letters.removeIf(l -> l.segments().isEmpty());
    return letters;
  }

  private void letters(PrintWriter out) throws IOException, InterruptedException {
    List<org.zipthimble.core.geom.Path> letters = words();
    org.zipthimble.core.geom.Path joined = org.zipthimble.core.geom.Path.EMPTY;
    org.zipthimble.core.geom.Path grown = joined;
    double[] join = new double[COUNTED];
    double[] offset = new double[COUNTED];
    for (int run = -WARM; run < COUNTED; run++) {
      long a = cpu();
      joined = Combine.combine(Way.JOIN, letters);
      long b = cpu();
      grown = Offset.of(joined, 0.125, Corner.ROUND);
      join[Math.max(0, run)] = (b - a) / 1e6;
      offset[Math.max(0, run)] = (cpu() - b) / 1e6;
    }
    Arrays.sort(join);
    Arrays.sort(offset);
    out.printf(Locale.ROOT, "medians of nine runs: %d letters joined: %.0f ms CPU, curves kept (%d points); offset by 1/8 in and "
        + "fitted: %.0f ms CPU (%d points)%n",
        letters.size(), join[COUNTED / 2], Extent.points(joined), offset[COUNTED / 2], Extent.points(grown));
    StringBuilder json = new StringBuilder("[");
    for (org.zipthimble.core.geom.Path letter : letters) {
      for (org.zipthimble.core.geom.Path part : Combine.parts(letter)) {
        json.append(json.length() > 1 ? ",[" : "[");
        List<List<Point>> chains = Flatten.chains(part, 5e-5);
        for (int i = 0; i < chains.size(); i++) {
          json.append(i > 0 ? ",[" : "[");
          for (int k = 0; k < chains.get(i).size(); k++) {
            json.append(k > 0 ? "," : "").append('[').append(chains.get(i).get(k).x()).append(',').append(chains.get(i).get(k).y())
                .append(']');
          }
          json.append(']');
        }
        json.append(']');
      }
    }
    Path in = Files.createTempFile("letters", ".json");
    Files.writeString(in, json.append(']').toString());
    Process process = new ProcessBuilder("/usr/bin/python3", "-c", GEOS).redirectInput(in.toFile()).start();
    String answer = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
    process.waitFor(60, TimeUnit.SECONDS);
    Files.delete(in);
    out.println(answer.isEmpty() ? "GEOS is not there (python3-shapely)"
        : "GEOS, straight edges only, ms CPU for union and buffer, areas: " + answer
            + String.format(Locale.ROOT, "; ours %.6f %.6f", Extent.area(joined), Extent.area(grown)));
  }

  private static long cpu() {
    return java.lang.management.ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
  }

  private static void tracing(PrintWriter out) throws IOException, InterruptedException, Stopped {
    BufferedImage image = new BufferedImage(2400, 1700, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, 2400, 1700);
    Random r = new Random(1);
    for (int i = 0; i < 400; i++) {
      g.setColor(new Color(i % 4 * 40, 40 + i % 3 * 30, 30));
      g.fillOval(r.nextInt(2300), r.nextInt(1600), 30 + r.nextInt(120), 20 + r.nextInt(90));
    }
    g.dispose();
    for (int colours : new int[] {1, 4}) {
      double[] runs = new double[7];
      List<Trace.Layer> layers = List.of();
      for (int run = 0; run < runs.length; run++) {
        long a = System.nanoTime();
        layers = Trace.of(image, new Trace.TraceSetting(colours, 128, 1, 16), Progress.SILENT);
        runs[run] = (System.nanoTime() - a) / 1e9;
      }
      double first = runs[0];
      Arrays.sort(runs);
      int points = layers.stream().mapToInt(l -> Extent.points(l.unit())).sum();
      double area = layers.stream().mapToDouble(l -> Extent.area(l.unit())).sum();
      out.printf(Locale.ROOT, "4 megapixels traced in %d colour(s): first %.2f s, median of %d %.2f s, %d points, %.4f %% of the picture%n",
          colours, first, runs.length, runs[runs.length / 2], points, area * 100);
    }
    traceBeside(out, image);
  }

  /** The same picture by the tracer of Debian's potrace package, its answer read with our own reader. */
  private static void traceBeside(PrintWriter out, BufferedImage image) throws IOException, InterruptedException {
    Path grey = Files.createTempFile("traced", ".pgm");
    Path drawing = Files.createTempFile("traced", ".svg");
    byte[] head = ("P5 " + image.getWidth() + " " + image.getHeight() + " 255\n").getBytes(StandardCharsets.US_ASCII);
    byte[] all = Arrays.copyOf(head, head.length + image.getWidth() * image.getHeight());
    for (int i = head.length; i < all.length; i++) {
      int at = i - head.length;
      all[i] = (byte) (image.getRGB(at % image.getWidth(), at / image.getWidth()) >> 8);
    }
    Files.write(grey, all);
    try {
      long a = System.nanoTime();
      new ProcessBuilder("potrace", "-b", "svg", "-t", "16", "-o", drawing.toString(), grey.toString()).start()
          .waitFor(60, TimeUnit.SECONDS);
      double seconds = (System.nanoTime() - a) / 1e9;
      List<Item> items = Importers.drawing(drawing, OptionalDouble.empty()).items();
      List<org.zipthimble.core.geom.Path> found = new ArrayList<>();
      Forms forms = new Forms(Job.blank("traced", Ticket.usual("traced", new Size(34, 24)), List.of("face")));
      items.forEach(i -> found.add(forms.outline(i)));
      double area = found.stream().mapToDouble(Extent::area).sum() / (2400 / 72.0 * 1700 / 72.0);
      out.printf(Locale.ROOT, "potrace, one colour: %.2f s, %d points, %.4f %% of the picture%n",
          seconds, found.stream().mapToInt(Extent::points).sum(), area * 100);
    } catch (IOException missing) {
      out.println("potrace is not there");
    } catch (Trouble unread) {
      out.println("potrace: " + unread.getMessage());
    } finally {
      Files.delete(grey);
      Files.delete(drawing);
    }
  }

  /** A rectangle cut by straight lines, each piece turned by chance. */
  private static List<Part> puzzle(int pieces, long seed) {
    Random random = new Random(seed);
    List<org.zipthimble.core.geom.Path> cut = new ArrayList<>(List.of(Shapes.rectangle(new Box(0, 0, 12, 10))));
    while (cut.size() < pieces) {
      cut.sort((a, b) -> Double.compare(Extent.area(b), Extent.area(a)));
      org.zipthimble.core.geom.Path largest = cut.remove(0);
      Point middle = Measure.bounds(largest).orElseThrow().centre();
      org.zipthimble.core.geom.Path half = Shapes.rectangle(new Box(-50, 0, 100, 50)).mapped(
          Affine.turn(random.nextDouble() * 180, new Point(0, 0)).then(Affine.move(middle.x() + random.nextGaussian() * 0.2, middle.y())));
      cut.add(Combine.combine(Way.KEEP_OVERLAP, List.of(largest, half)));
      cut.add(Combine.combine(Way.TAKE_AWAY, List.of(largest, half)));
    }
    List<Part> parts = new ArrayList<>();
    cut.forEach(p -> parts.add(new Part("p" + parts.size(), p.mapped(Affine.turn(random.nextDouble() * 360, new Point(0, 0))))));
    return parts;
  }
}
