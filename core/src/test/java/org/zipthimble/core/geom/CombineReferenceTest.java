package org.zipthimble.core.geom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.picture.Trace;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.type.Piece;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;

/**
 * Combining against an independent geometry library: GEOS, through Debian's python3-shapely. The library is given the
 * shapes as polygons far finer than ours; areas and lengths must agree, and it must find every result of ours valid.
 */
class CombineReferenceTest {
  private static final double FINE = 1e-5;
  private static final int PAIRS = 240;

  private static final String SCRIPT = String.join("\n",
      "import sys, json",
      "from shapely.geometry import Polygon",
      "from shapely.validation import explain_validity",
      "def area(rings):",
      "    shape = Polygon()",
      "    for ring in rings:",
      "        shape = shape.symmetric_difference(Polygon(ring).buffer(0))",
      "    return shape",
      "for line in sys.stdin:",
      "    d = json.loads(line)",
      "    a, b = area(d['a']), area(d['b'])",
      "    out = {}",
      "    for name, r in (('JOIN', a.union(b)), ('TAKE_AWAY', a.difference(b)), ('KEEP_OVERLAP', a.intersection(b))):",
      "        ours = area(d[name])",
      "        rings = [Polygon(x) for x in d[name]]",
      "        bad = [explain_validity(p) for p in rings if not p.is_valid]",
      "        out[name] = dict(area=r.area, length=r.length, ours=ours.area, off=r.symmetric_difference(ours).area, bad=bad)",
      "    print(json.dumps(out))");

  @Test
  void joinTakeAwayAndKeepOverlapAgreeWithGeos(@TempDir java.nio.file.Path folder) throws Exception {
    Random random = new Random(7);
    List<Path[]> pairs = new ArrayList<>();
    for (int i = 0; i < PAIRS; i++) {
      pairs.add(pair(random, i));
    }
    java.nio.file.Path in = folder.resolve("pairs.json");
    try (BufferedWriter out = Files.newBufferedWriter(in)) {
      for (Path[] pair : pairs) {
        StringBuilder line = new StringBuilder("{\"a\":").append(rings(pair[0])).append(",\"b\":").append(rings(pair[1]));
        for (Way way : List.of(Way.JOIN, Way.TAKE_AWAY, Way.KEEP_OVERLAP)) {
          line.append(",\"").append(way).append("\":").append(rings(Combine.combine(way, List.of(pair))));
        }
        out.write(line.append("}\n").toString());
      }
    }
    compare(pairs, Files.readAllLines(run(folder, in)));
  }

  private static void compare(List<Path[]> pairs, List<String> answers) throws IOException {
    assertEquals(PAIRS, answers.size());
    double worst = 0;
    for (int i = 0; i < PAIRS; i++) {
      JsonNode answer = new ObjectMapper().readTree(answers.get(i));
      double edge = Extent.length(pairs.get(i)[0]) + Extent.length(pairs.get(i)[1]);
      for (Way way : List.of(Way.JOIN, Way.TAKE_AWAY, Way.KEEP_OVERLAP)) {
        JsonNode one = answer.get(way.name());
        String what = "pair " + i + " " + way + " " + one;
        assertEquals(0, one.get("bad").size(), what);
        // The mean distance between the two outlines: what lies in only one of them, over the length of the edge.
        double deviation = one.get("off").doubleValue() / edge;
        worst = Math.max(worst, deviation);
        assertTrue(deviation < 1e-4, what);
        assertEquals(one.get("area").doubleValue(), one.get("ours").doubleValue(), edge * 1e-4, what);
      }
    }
    System.out.printf("combine: %d pairs, largest mean deviation %.7f in%n", PAIRS, worst);
    assertTrue(worst < 5e-4);
  }

  private static java.nio.file.Path run(java.nio.file.Path folder, java.nio.file.Path in) throws Exception {
    java.nio.file.Path script = Files.writeString(folder.resolve("reference.py"), SCRIPT);
    java.nio.file.Path out = folder.resolve("out.json");
    Process process = new ProcessBuilder("/usr/bin/python3", script.toString()).redirectInput(in.toFile())
        .redirectOutput(out.toFile()).redirectError(folder.resolve("err.txt").toFile()).start();
    assertTrue(process.waitFor(180, TimeUnit.SECONDS), "the reference library takes too long");
    assertEquals(0, process.exitValue(), Files.readString(folder.resolve("err.txt")));
    return out;
  }

  private static String rings(Path path) {
    StringBuilder out = new StringBuilder("[");
    for (List<Point> chain : Flatten.chains(path, FINE)) {
      if (chain.size() < 4) {
        continue;
      }
      out.append(out.length() > 1 ? ",[" : "[");
      for (int i = 0; i < chain.size(); i++) {
        out.append(i > 0 ? "," : "").append('[').append(chain.get(i).x()).append(',').append(chain.get(i).y()).append(']');
      }
      out.append(']');
    }
    return out.append(']').toString();
  }

  private static Path[] pair(Random r, int i) {
    Path a = one(r, i % 6);
    if (i % 8 == 5) {
      // The very same outline moved along itself: coincident edges.
      return new Path[] {a, Combine.combine(Way.KEEP_OVERLAP, List.of(a, Shapes.rectangle(new Box(-9, -9, 9.2, 18))))};
    }
    if (i % 8 == 6) {
      Box box = Measure.bounds(a).orElseThrow();
      return new Path[] {a, Shapes.rectangle(new Box(box.right(), box.y(), 1, box.height()))};
    }
    Path b = one(r, (i / 6) % 6).mapped(Affine.turn(r.nextInt(360), new Point(0, 0))
        .then(Affine.move(r.nextGaussian() * 0.5, r.nextGaussian() * 0.5)));
    return new Path[] {a, b};
  }

  private static Path one(Random r, int kind) {
    double size = 1 + r.nextDouble();
    Path path = switch (kind) {
      case 0 -> ReadyForm.STAR.path(size * 2, size * 2,
          List.of((double) (4 + r.nextInt(9)), 0.3 + r.nextDouble() * 0.5, r.nextDouble() * 0.1));
      case 1 -> ReadyForm.RING.path(size * 2, size * 1.6, List.of(0.1 + r.nextDouble() * 0.4));
      case 2 -> words("Beans", r);
      case 3 -> picture(r.nextInt(4));
      case 4 -> ReadyForm.SCALLOP.path(size * 2, size * 1.4, List.of((double) (4 + r.nextInt(8)), 0.6));
      default -> ReadyForm.HEART.path(size * 2, size * 2, List.of(0.22));
    };
    Box box = Measure.bounds(path).orElseThrow();
    return path.mapped(Affine.move(-box.centre().x(), -box.centre().y()));
  }

  private static Path words(String text, Random r) {
    SetWords set = Typesetter.set(text, Made.style(r.nextBoolean() ? "Alegreya" : "Josefin Sans", "Bold", 60 + r.nextInt(40)), 20, 5,
        BundledFonts.shelf());
    Path all = Path.EMPTY;
    for (SetWords.Line line : set.lines()) {
      for (Piece piece : line.pieces()) {
        all = all.plus(piece.outline());
      }
    }
    return Combine.clean(all, Rule.NON_ZERO);
  }

  private static Path picture(int lobes) {
    BufferedImage image = new BufferedImage(160, 120, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    for (int i = 0; i <= lobes; i++) {
      g.fillOval(15 + i * 22, 20 + i % 2 * 30, 60, 55);
    }
    g.dispose();
    return Trace.opaque(image, 128).mapped(Affine.scale(2.4, 1.8));
  }
}
