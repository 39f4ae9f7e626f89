package org.zipthimble.core.bring;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * Brings drawing exchange files in: lines, arcs, circles, ellipses, polylines with bulges, splines and blocks, one group
 * for each layer, at the size that INSUNITS tells. Lines and arcs whose ends meet become one outline.
 */
public final class DxfIn {
  private static final int LONGEST_WHY = 100;

  private static final Set<String> SILENT = Set.of("VERTEX", "SEQEND", "ENDBLK", "BLOCK", "VIEWPORT", "ATTDEF", "ATTRIB", "ENDSEC");
  private static final double MEETS = 1e-4;

  private final VectorLimits limits;
  private final Map<String, List<DxfEntity>> blocks = new HashMap<>();
  private final Map<String, Integer> colours = new HashMap<>();
  private final Map<String, List<Contour>> layers = new LinkedHashMap<>();
  private final Set<String> left = new LinkedHashSet<>();
  private int places;

  private DxfIn(VectorLimits limits) {
    this.limits = limits;
  }

  /**
   * Reads a drawing exchange file in text form.
   *
   * @param perInch units for each inch, for a file that does not say; 1 without it
   * @throws Trouble with a sentence when it cannot be read or asks for too much
   */
  public static ImportedDrawing read(String name, byte[] bytes, OptionalDouble perInch, VectorLimits limits) throws Trouble {
    if (bytes.length > limits.bytes()) {
      throw Trouble.of("drawing.tooManyBytes", name, limits.bytes() / 1_000_000);
    }
    String text = new String(bytes, StandardCharsets.ISO_8859_1);
    if (!text.contains("SECTION") || !text.contains("ENTITIES")) {
      throw Trouble.of("drawing.notDxf", name);
    }
    try {
      return new DxfIn(limits).drawing(text, perInch);
    } catch (SvgIn.TooMuch e) {
      throw Trouble.because(e, "drawing.tooMuch", name);
    } catch (OutOfMemoryError e) {
      throw Trouble.because(e, "drawing.tooMuch", name);
    } catch (RuntimeException | StackOverflowError e) {
      throw Trouble.because(e, "drawing.damaged", name, why(e));
    }
  }

  private ImportedDrawing drawing(String text, OptionalDouble perInch) {
    DxfEntity.Parsed parsed = DxfEntity.parse(text);
    blocks.putAll(parsed.blocks());
    colours.putAll(parsed.layerColours());
    OptionalDouble known = inches(parsed.units());
    double unit = known.orElse(1 / perInch.orElse(1));
    for (DxfEntity e : parsed.entities()) {
      entity(e, Affine.IDENTITY, e.layer(), 0);
    }
    List<Item> items = new ArrayList<>();
    Optional<Box> all = layers.values().stream().flatMap(List::stream).flatMap(c -> Measure.bounds(c.path()).stream()).reduce(Box::union);
    if (all.isEmpty()) {
      return new ImportedDrawing(List.of(), Map.of(), new Size(1, 1), known.isPresent(), List.copyOf(left));
    }
    Box box = all.get();
    Affine map = Affine.move(-box.x(), -box.bottom()).then(Affine.scale(unit, -unit));
    if (!(Math.max(box.width(), box.height()) * unit < 10_000)) {
      throw new IllegalArgumentException("too large");
    }
    int id = 1;
    for (Map.Entry<String, List<Contour>> layer : layers.entrySet()) {
      List<Item> members = new ArrayList<>();
      Colour colour = Colour.of(colours.getOrDefault(layer.getKey(), 0x2B2F55));
      for (Contour contour : chained(layer.getValue(), MEETS / unit)) {
        if (contour.spans().isEmpty()) {
          continue;
        }
        if (id > limits.objects()) {
          throw new SvgIn.TooMuch();
        }
        members.add(Drawings.shape(
            ItemProperties.of("i" + id++, layer.getKey() + " " + (members.size() + 1)), contour.path().mapped(map), Optional.empty(),
            Optional.of(LineLook.of(0.75, colour))));
      }
      if (members.size() == 1) {
        items.add(members.get(0));
      } else if (!members.isEmpty()) {
        items.add(Grouping.of(ItemProperties.of("i" + id++, layer.getKey()), members));
      }
    }
    Size size = new Size(Math.max(1e-3, box.width() * unit), Math.max(1e-3, box.height() * unit));
    return new ImportedDrawing(items, Map.of(), size, known.isPresent(), List.copyOf(left));
  }

  /** Inches for each unit by the codes of INSUNITS; empty for none. */
  private static OptionalDouble inches(int code) {
    return switch (code) {
      case 1 -> OptionalDouble.of(1);
      case 2 -> OptionalDouble.of(12);
      case 4 -> OptionalDouble.of(1 / 25.4);
      case 5 -> OptionalDouble.of(10 / 25.4);
      case 6 -> OptionalDouble.of(1000 / 25.4);
      case 8 -> OptionalDouble.of(1e-6);
      case 9 -> OptionalDouble.of(0.001);
      case 10 -> OptionalDouble.of(36);
      default -> OptionalDouble.empty();
    };
  }

  private void entity(DxfEntity e, Affine map, String layer, int depth) {
    if (depth > limits.depth() || ++places > limits.places()) {
      throw new SvgIn.TooMuch();
    }
    if (e.kind().equals("INSERT")) {
      insert(e, map, layer, depth);
      return;
    }
    Optional<Contour> contour = DxfCurves.of(e);
    if (contour.isPresent()) {
      places += contour.get().spans().size();
      Contour seen = new Contour(contour.get().spans().stream().map(s -> s.mapped(map)).toList(), contour.get().closed());
      layers.computeIfAbsent(layer, k -> new ArrayList<>()).add(seen);
    } else if (!SILENT.contains(e.kind()) && !e.kind().equals("POINT")) {
      left.add(Wording.text("drawing.left.element", e.kind()));
    }
  }

  private void insert(DxfEntity e, Affine map, String layer, int depth) {
    List<DxfEntity> block = blocks.get(e.text(2));
    if (block == null) {
      left.add(Wording.text("drawing.left.reference", e.text(2)));
      return;
    }
    double sx = e.number(41, 1);
    double sy = e.number(42, 1);
    // The file's y goes up, so that its turns are against the clock here.
    Affine place = Affine.scale(sx, sy).then(Affine.turn(e.number(50, 0), new Point(0, 0)))
        .then(Affine.move(e.number(10, 0), e.number(20, 0)));
    for (DxfEntity inner : block) {
      entity(inner, place.then(map), inner.layer().equals("0") ? layer : inner.layer(), depth + 1);
    }
  }

  /** Open contours whose ends meet, run together; those that come back to their beginning are closed. */
  static List<Contour> chained(List<Contour> contours, double meets) {
    List<Contour> out = new ArrayList<>();
    Map<Long, Set<Integer>> ends = new HashMap<>();
    List<Contour> open = new ArrayList<>();
    for (Contour c : contours) {
      if (c.closed() || c.spans().isEmpty()) {
        out.add(c);
      } else {
        int i = open.size();
        open.add(c);
        ends.computeIfAbsent(key(c.begin(), meets), k -> new LinkedHashSet<>()).add(i);
        ends.computeIfAbsent(key(c.end(), meets), k -> new LinkedHashSet<>()).add(i);
      }
    }
    boolean[] used = new boolean[open.size()];
    for (int i = 0; i < open.size(); i++) {
      if (!used[i]) {
        use(i, open, used, ends, meets);
        List<Span> run = new ArrayList<>(open.get(i).spans());
        extend(run, open, used, ends, meets);
        List<Span> back = new ArrayList<>(new Contour(run, false).reversed().spans());
        extend(back, open, used, ends, meets);
        Contour whole = new Contour(back, false).reversed();
        boolean closes = whole.spans().size() > 1 && whole.begin().distance(whole.end()) <= meets;
        out.add(closes ? closed(whole) : whole);
      }
    }
    return out;
  }

  private static Contour closed(Contour c) {
    List<Span> spans = new ArrayList<>(c.spans());
    Span last = spans.get(spans.size() - 1);
    spans.set(spans.size() - 1, last.between(last.from(), c.begin()));
    return new Contour(spans, true);
  }

  /** Takes a contour out of what can still be gone on with, so that none is looked at again: a thousand lines may leave from one place. */
  private static void use(int i, List<Contour> open, boolean[] used, Map<Long, Set<Integer>> ends, double meets) {
    used[i] = true;
    ends.get(key(open.get(i).begin(), meets)).remove(i);
    ends.get(key(open.get(i).end(), meets)).remove(i);
  }

  private static void extend(List<Span> run, List<Contour> open, boolean[] used, Map<Long, Set<Integer>> ends, double meets) {
    Point end = run.get(run.size() - 1).to();
    for (int i = next(open, ends, end, meets); i >= 0; i = next(open, ends, end, meets)) {
      Contour c = open.get(i);
      use(i, open, used, ends, meets);
      List<Span> spans = c.begin().distance(end) <= meets ? c.spans() : c.reversed().spans();
      run.add(spans.get(0).between(end, spans.get(0).to()));
      run.addAll(spans.subList(1, spans.size()));
      end = run.get(run.size() - 1).to();
    }
  }

  /** The first contour that begins or ends at a place; below zero when there is none. */
  private static int next(List<Contour> open, Map<Long, Set<Integer>> ends, Point p, double meets) {
    for (int dx = -1; dx <= 1; dx++) {
      for (int dy = -1; dy <= 1; dy++) {
        for (int i : ends.getOrDefault(key(p.plus(dx * meets, dy * meets), meets), Set.of())) {
          if (open.get(i).begin().distance(p) <= meets || open.get(i).end().distance(p) <= meets) {
            return i;
          }
        }
      }
    }
    return -1;
  }

  private static long key(Point p, double cell) {
    return (long) Math.floor(p.x() / cell) * 73_856_093L ^ (long) Math.floor(p.y() / cell) * 19_349_663L;
  }

  /** What was met, as far as a sentence can say it. */
  static String why(Throwable e) {
    boolean plain = e instanceof IllegalArgumentException && !(e instanceof NumberFormatException) && e.getMessage() != null
        && e.getMessage().length() < LONGEST_WHY;
    return plain ? "(" + e.getMessage() + ")" : "";
  }
}
