package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.nest.Nest;
import org.zipthimble.core.nest.Nester;
import org.zipthimble.core.nest.Part;
import org.zipthimble.core.nest.Rules;
import org.zipthimble.core.nest.Stock;
import org.zipthimble.core.overlay.Polygons;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.PiecePlace;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.plan.Turns;
import org.zipthimble.core.work.Ongoing;
import org.zipthimble.core.work.Progress;

/** How the pieces of every lane lie on its sheets. */
public final class Layout {
  /** Half a thousandth of an inch too much still goes on a sheet. */
  private static final double SLACK = 5e-4;

  private static final Kept<List<Face>, String, Job, Plan> KEPT = Kept.ofNewest(Kept.STATES, (faces, whole, job) -> laidOut(job));

  private Layout() {}

  /**
   * The sheets of all lanes.
   *
   * @param sheets in the order the lanes are applied
   * @param tooLarge what goes on no sheet of its lane
   */
  public record Plan(List<CutSheet> sheets, List<TooLarge> tooLarge) {
    /** Keeps copies. */
    public Plan {
      sheets = List.copyOf(sheets);
      tooLarge = List.copyOf(tooLarge);
    }

    /** The sheets of one lane. */
    public List<CutSheet> of(String lane) {
      return sheets.stream().filter(s -> s.lane().id().equals(lane)).toList();
    }
  }

  /**
   * A piece that goes on no sheet of its lane as it lies.
   *
   * @param turned whether it goes on once it is turned by a quarter
   * @param scale the largest scale at which it goes on as it lies, as a factor above 0
   */
  public record TooLarge(Lane lane, CutPiece piece, Box box, boolean turned, double scale) {}

  /** The sheets as the job says: as they were nested or moved by hand; pieces that have no place yet are laid quickly. */
  public static Plan of(Job job) {
    return KEPT.of(job.faces(), "", job);
  }

  private static Plan laidOut(Job job) {
    List<CutSheet> sheets = new ArrayList<>();
    List<TooLarge> large = new ArrayList<>();
    for (Lane lane : job.cutting().lanes()) {
      Ongoing.check();
      List<CutPiece> pieces = Pieces.of(job, lane);
      if (pieces.isEmpty()) {
        continue;
      }
      if (job.cutting().split().on()) {
        Splitting.Parts parts = Splitting.parts(job, lane, pieces);
        sheets.addAll(parts.sheets());
        parts.whole().ifPresent(p -> large.add(tooLarge(lane, p)));
      } else {
        lay(job, lane, pieces, sheets, large);
      }
    }
    return new Plan(sheets, large);
  }

  private static void lay(Job job, Lane lane, List<CutPiece> pieces, List<CutSheet> sheets, List<TooLarge> large) {
    Map<String, PiecePlace> known = new HashMap<>();
    job.cutting().laid().getOrDefault(lane.id(), List.of()).forEach(l -> known.put(l.piece(), l));
    Map<Integer, List<CutPiece>> bySheet = new LinkedHashMap<>();
    List<CutPiece> rest = new ArrayList<>();
    for (CutPiece piece : pieces) {
      PiecePlace laid = known.get(piece.id());
      if (laid == null) {
        rest.add(piece);
      } else {
        bySheet.computeIfAbsent(laid.sheet(), k -> new ArrayList<>()).add(piece.mapped(map(laid)));
      }
    }
    int next = bySheet.keySet().stream().mapToInt(i -> i + 1).max().orElse(0);
    if (!rest.isEmpty()) {
      for (CutPiece piece : new ArrayList<>(rest)) {
        if (!goesOn(lane.supply(), piece, job.cutting())) {
          large.add(tooLarge(lane, piece));
          bySheet.computeIfAbsent(next++, k -> new ArrayList<>()).add(asItLies(piece, lane));
          rest.remove(piece);
        }
      }
      Nest quick = nest(lane, rest, job.cutting(), 0, Progress.SILENT, n -> {});
      for (org.zipthimble.core.nest.Spot spot : quick.spots()) {
        CutPiece piece = rest.stream().filter(p -> p.id().equals(spot.id())).findFirst().orElseThrow();
        bySheet.computeIfAbsent(next + spot.sheet(), k -> new ArrayList<>()).add(piece.mapped(spot.map()));
      }
      for (String left : quick.left()) {
        CutPiece piece = rest.stream().filter(p -> p.id().equals(left)).findFirst().orElseThrow();
        large.add(tooLarge(lane, piece));
        bySheet.computeIfAbsent(next++ + quick.sheets(), k -> new ArrayList<>()).add(asItLies(piece, lane));
      }
    }
    int number = 1;
    for (List<CutPiece> on : new java.util.TreeMap<>(bySheet).values()) {
      sheets.add(sheet(job.cutting(), lane, number++, lane.supply(), on));
    }
  }

  private static Affine map(PiecePlace laid) {
    return Affine.turn(laid.turn(), new Point(0, 0)).then(Affine.move(laid.x(), laid.y()));
  }

  /**
   * Puts what lies in a box into the upper left corner of where the blade goes, as far from the edge as a trailing blade's
   * holder runs ahead where there is room for that.
   */
  static Affine intoCorner(Box own, Box usable, double trail) {
    double right = Math.max(0, Math.min(trail, (usable.width() - own.width()) / 2));
    double down = Math.max(0, Math.min(trail, (usable.height() - own.height()) / 2));
    return Affine.move(usable.x() + right - own.x(), usable.y() + down - own.y());
  }

  private static CutPiece asItLies(CutPiece piece, Lane lane) {
    Box own = Measure.bounds(piece.outline()).orElseThrow();
    return piece.mapped(intoCorner(own, lane.supply().usable(), lane.blade().trail()));
  }

  private static boolean goesOn(Supply supply, CutPiece piece, CutPlan plan) {
    Box box = Measure.bounds(piece.outline()).orElseThrow();
    boolean lies = fits(box.width(), box.height(), supply);
    boolean turns = plan.nested() && step(plan) <= 90 && fits(box.height(), box.width(), supply);
    return lies || turns || plan.nested() && plan.turns() == Turns.ANY && !plan.grain();
  }

  private static boolean fits(double width, double height, Supply supply) {
    return width <= supply.usable().width() + SLACK && height <= supply.usable().height() + SLACK;
  }

  /** What is known of a piece that goes on no sheet. */
  static TooLarge tooLarge(Lane lane, CutPiece piece) {
    Box box = Measure.bounds(piece.outline()).orElseThrow();
    Box usable = lane.supply().usable();
    double scale = Math.min(usable.width() / box.width(), usable.height() / box.height());
    return new TooLarge(lane, piece, box, fits(box.height(), box.width(), lane.supply()), Math.min(1, scale));
  }

  private static double step(CutPlan plan) {
    return plan.grain() ? (plan.turns() == Turns.NONE ? 360 : 180) : plan.turns().step();
  }

  /**
   * Nests the pieces of a lane.
   *
   * @param millis how long to look for something better, in milliseconds
   */
  public static Nest nest(Lane lane, List<CutPiece> pieces, CutPlan plan, long millis, Progress progress, Consumer<Nest> better) {
    List<Part> parts = pieces.stream().map(p -> new Part(p.id(), p.outline())).toList();
    Optional<Stock> weeded = weeded(lane, plan).filter(inner -> pieces.stream().flatMap(p -> Measure.bounds(p.outline()).stream())
        .allMatch(b -> b.width() <= inner.usable().width() && b.height() <= inner.usable().height()));
    return Nester.nest(parts, weeded.orElse(stock(lane)), rules(plan, millis), progress, better);
  }

  /** Stock on which a weeding box has room beside the pieces; empty where none is wanted, or where the stock is a scrap. */
  private static Optional<Stock> weeded(Lane lane, CutPlan plan) {
    Stock whole = stock(lane);
    return plan.weedBox() > 0 && whole.scrap().isEmpty()
        ? Optional.of(new Stock(whole.usable().grown(-plan.weedDistance() - SLACK), whole.roll(), whole.scrap())) : Optional.empty();
  }

  private static Rules rules(CutPlan plan, long millis) {
    boolean turns = plan.nested();
    return new Rules(plan.gap(), turns ? step(plan) : 360, turns && plan.turns() == Turns.ANY && !plan.grain(), millis, 1);
  }

  private static Stock stock(Lane lane) {
    Supply supply = lane.supply();
    // The holder runs ahead of a trailing blade, so that the blade itself must keep that much from the edge of its reach.
    return new Stock(supply.usable().grown(-lane.blade().trail()), supply.roll(), supply.scrap());
  }

  /** Where a nest puts the pieces, for the job to keep. */
  public static List<PiecePlace> laid(Nest nest) {
    return nest.spots().stream().map(s -> new PiecePlace(s.id(), s.sheet(), s.x(), s.y(), s.turn())).toList();
  }

  /** Where all pieces of a lane lie now, for the job to keep once one of them is moved by hand. */
  public static List<PiecePlace> laid(Job job, Lane lane) {
    Map<String, CutPiece> own = new HashMap<>();
    Pieces.of(job, lane).forEach(p -> own.put(p.id(), p));
    Map<String, PiecePlace> known = new HashMap<>();
    job.cutting().laid().getOrDefault(lane.id(), List.of()).forEach(l -> known.put(l.piece(), l));
    List<PiecePlace> out = new ArrayList<>();
    for (CutSheet sheet : of(job).of(lane.id())) {
      for (CutPiece piece : sheet.pieces()) {
        PiecePlace before = known.get(piece.id());
        PiecePlace lies = before != null ? before : found(own.get(piece.id()), piece, sheet.number() - 1);
        out.add(new PiecePlace(lies.piece(), sheet.number() - 1, lies.x(), lies.y(), lies.turn()));
      }
    }
    return out;
  }

  /**
   * Lays a piece on another sheet of its lane, where there is room for it, or on a new one.
   *
   * @param sheet the number of the sheet, from 1; one more than there are for a new one
   * @return where all pieces of the lane lie then; empty when the sheet has no room
   */
  public static Optional<List<PiecePlace>> onto(Job job, Lane lane, CutPiece piece, int sheet) {
    List<CutSheet> sheets = of(job).of(lane.id());
    List<CutPiece> there = sheet <= sheets.size() ? sheets.get(sheet - 1).pieces() : List.of();
    List<Part> lying = there.stream().map(p -> new Part(p.id(), p.outline())).toList();
    Rules rules = rules(job.cutting(), 0);
    return Nester.room(lying, new Part(piece.id(), piece.outline()), stock(lane), rules).map(spot -> {
      List<PiecePlace> out = new ArrayList<>();
      for (PiecePlace l : laid(job, lane)) {
        Point origin = spot.map().apply(new Point(l.x(), l.y()));
        out.add(l.piece().equals(piece.id()) ? new PiecePlace(l.piece(), sheet - 1, origin.x(), origin.y(), l.turn() + spot.turn()) : l);
      }
      return out;
    });
  }

  /** The map that a piece was laid by, told from its first line. */
  private static PiecePlace found(CutPiece own, CutPiece laid, int sheet) {
    List<Point> a = ends(own);
    List<Point> b = ends(laid);
    double turn = Math.toDegrees(
        Math.atan2(b.get(1).y() - b.get(0).y(), b.get(1).x() - b.get(0).x())
        - Math.atan2(a.get(1).y() - a.get(0).y(), a.get(1).x() - a.get(0).x()));
    Point turned = Affine.turn(turn, new Point(0, 0)).apply(a.get(0));
    return new PiecePlace(own.id(), sheet, b.get(0).x() - turned.x(), b.get(0).y() - turned.y(), turn);
  }

  private static List<Point> ends(CutPiece piece) {
    var spans = org.zipthimble.core.geom.Contour.of(piece.outline()).get(0).spans();
    return List.of(spans.get(0).from(), spans.get(spans.size() / 2).from());
  }

  static CutSheet sheet(CutPlan plan, Lane lane, int number, Supply supply, List<CutPiece> pieces) {
    Box usable = supply.usable();
    double low = pieces.stream().flatMap(p -> Measure.bounds(p.outline()).stream()).mapToDouble(Box::bottom).max().orElse(usable.y());
    double length = supply.roll() ? Math.max(0.25, low - usable.y()) : usable.height();
    double area = pieces.stream().mapToDouble(p -> Extent.area(p.outline())).sum();
    double stock = supply.scrap().map(Extent::area).orElse(usable.width() * length);
    return new CutSheet(lane, number, supply, pieces, Weeding.of(plan, lane, supply, pieces), length, Math.min(1, area / stock));
  }

  /** Whether a piece may lie where it is put by hand: on the usable area, the gap in inches kept to all others. */
  public static Optional<String> conflict(CutSheet sheet, CutPiece moved, double gap) {
    Box box = Measure.bounds(moved.outline()).orElseThrow();
    if (!sheet.supply().usable().contains(box, SLACK)
        || sheet.supply().scrap().isPresent() && !Polygons.within(moved.outline(), sheet.supply().scrap().get(), SLACK)) {
      return Optional.of("");
    }
    for (CutPiece other : sheet.pieces()) {
      if (!other.id().equals(moved.id()) && Polygons.distance(other.outline(), moved.outline()) < gap - SLACK) {
        return Optional.of(other.name());
      }
    }
    return Optional.empty();
  }
}
