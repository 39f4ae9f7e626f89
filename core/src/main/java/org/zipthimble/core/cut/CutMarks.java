package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.ProcessingStep;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.wording.Wording;

/** How cut lines look: the kind is told by the pattern, the lane by the colour. */
public final class CutMarks {
  private static final Colour NO_LANE = new Colour(0x6B, 0x64, 0x58);
  private static final Colour PAPER = new Colour(0xFF, 0xFE, 0xFA);

  private CutMarks() {}

  /** The colour of a line: that of its lane, dark enough to be seen on paper. */
  public static Colour colour(Job job, String lane) {
    return job.cutting().lane(lane).map(Lane::colour).map(CutMarks::dark).orElse(NO_LANE);
  }

  /** Whether dark lines stand out better from a colour than light ones: its luma (Rec. ITU-R BT.601) is above 0.6. */
  public static boolean light(Colour c) {
    return 0.299 * c.red() + 0.587 * c.green() + 0.114 * c.blue() > 0.6 * 255;
  }

  /** A colour mixed with ink until its luma (Rec. ITU-R BT.601) is below a half. */
  public static Colour dark(Colour c) {
    double luma = (0.299 * c.red() + 0.587 * c.green() + 0.114 * c.blue()) / 255;
    double keep = luma < 0.5 ? 1 : 0.5 / luma;
    return new Colour((int) (c.red() * keep), (int) (c.green() * keep), (int) (c.blue() * keep));
  }

  /**
   * Draws lines in the patterns of their kinds.
   *
   * @param width of a solid line in inches of the page
   */
  public static void draw(Job job, List<CutLine> lines, Affine toPage, double width, MarkOut out) {
    for (CutLine line : lines) {
      draw(line.path().mapped(toPage), line.kind(), colour(job, line.lane()), width, out);
    }
  }

  /** Draws one line in the pattern of its kind: solid, double, dashed, dotted or wavy; its width in inches. */
  public static void draw(Path path, CutKind kind, Colour colour, double width, MarkOut out) {
    Pen plain = new Pen(width, colour, List.of(), LineEnd.BUTT, Corner.ROUND, Optional.empty());
    switch (kind) {
      case THROUGH -> out.line(path, plain);
      case KISS -> {
        out.line(path, new Pen(width * 3, colour, List.of(), LineEnd.BUTT, Corner.ROUND, Optional.empty()));
        out.line(path, new Pen(width, PAPER, List.of(), LineEnd.BUTT, Corner.ROUND, Optional.empty()));
      }
      case SCORE -> out.line(path, plain.dashed(width * 7, width * 4));
      case PERFORATE -> out.line(path, new Pen(width * 1.6, colour, List.of(0.0, width * 4), LineEnd.ROUND, Corner.ROUND,
          Optional.empty()));
      default -> out.line(wavy(path, width * 7, width * 1.6), plain);
    }
  }

  /** The path with waves along it: a place every eighth of a wave, to either side in turn. */
  static Path wavy(Path path, double wave, double reach) {
    Path.Builder out = Path.build();
    for (List<Point> chain : Flatten.chains(path, reach / 4)) {
      List<Point> places = new ArrayList<>();
      double gone = 0;
      double step = wave / 8;
      double next = 0;
      for (int i = 0; i + 1 < chain.size(); i++) {
        Point a = chain.get(i);
        Point b = chain.get(i + 1);
        double length = a.distance(b);
        while (length > 0 && next <= gone + length) {
          double t = (next - gone) / length;
          double off = reach * Math.sin(2 * Math.PI * next / wave);
          places.add(new Point(
              a.x() + (b.x() - a.x()) * t - (b.y() - a.y()) / length * off, a.y() + (b.y() - a.y()) * t + (b.x() - a.x()) / length * off));
          next += step;
        }
        gone += length;
      }
      if (places.size() > 1) {
        out.start(places.get(0));
        places.subList(1, places.size()).forEach(out::line);
      }
    }
    return out.path();
  }

  /** Draws lines as spot colours, each kind of a lane in a layer of its own (ISO 19593-1). */
  public static void steps(Job job, List<CutLine> lines, Affine toPage, double width, MarkOut out) {
    for (CutKind kind : CutKind.values()) {
      List<String> lanes = lines.stream().filter(l -> l.kind() == kind).map(CutLine::lane).distinct().toList();
      for (String lane : lanes) {
        String name = spot(job, kind, lane);
        Pen pen = Pen.plain(width, colour(job, lane)).spot(name);
        Pen dashed = kind == CutKind.SCORE ? pen.dashed(0.08, 0.05) : kind == CutKind.PERFORATE ? pen.dashed(0.03, 0.03) : pen;
        try (MarkOut.Scope scope = out.step(new ProcessingStep(name, kind == CutKind.PEN ? "" : "Structural", type(kind)))) {
          lines.stream().filter(l -> l.kind() == kind && l.lane().equals(lane)).forEach(l -> out.line(l.path().mapped(toPage), dashed));
        }
      }
    }
  }

  /** The types of ISO 19593-1's group Structural; their spelling is from memory. */
  private static String type(CutKind kind) {
    return switch (kind) {
      case THROUGH -> "Cutting";
      case KISS -> "PartialCutting";
      case SCORE -> "Creasing";
      case PERFORATE -> "Perforating";
      case PEN -> "";
    };
  }

  /** The name of a spot colour, and of the layer: the kind, then the lane. */
  public static String spot(Job job, CutKind kind, String lane) {
    String word = Wording.of(kind, "spot");
    return job.cutting().lane(lane).map(l -> word + " " + l.name()).orElse(word);
  }
}
