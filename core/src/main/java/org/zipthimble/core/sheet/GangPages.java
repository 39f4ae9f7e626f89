package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.cut.CutMarks;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.form.Leaving;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Guest;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.SheetStock;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Ongoing;

/**
 * Sheets with several pieces: the one value from which the preview, the files and the figures come. With a list its rows follow each other
 * over the places of a sheet, or pile by pile; without, every place has the same piece and the sheet is printed as often as it takes.
 * Fronts and backs follow each other where the sheet is turned.
 */
public final class GangPages implements PageRun {
  private static final double NEAR = 1e-6;
  private static final int MOST_MIXED = 10_000;

  private final Job job;
  private final List<Face> faces;
  private final PageOptions options;
  private final Gang gang;
  private final Size paper;
  private final List<Spots.Spot> spots;
  private final List<Integer> rows;
  /** With guests every sheet as it is laid; empty without. */
  private final List<List<Shelves.Laid>> mixed;
  private final Map<Integer, Job> bound = new HashMap<>();

  private GangPages(Job job, List<Face> faces, PageOptions options, Gang gang, Size paper, List<Spots.Spot> spots,
      List<List<Shelves.Laid>> mixed) {
    this.mixed = mixed;
    this.job = job;
    this.faces = faces;
    this.options = options;
    this.gang = gang;
    this.paper = paper;
    this.spots = moved(spots, gang);
    this.rows = job.list().map(RowList::sent).orElse(List.of());
  }

  /**
   * The sheets of some faces.
   *
   * @throws Trouble when no piece goes on the sheet
   */
  public static GangPages of(Job job, List<Face> faces, PageOptions options) throws Trouble {
    Gang gang = options.sheet().gang().orElseThrow(() -> new IllegalArgumentException("one piece on a sheet is no gang"));
    Frame frame = Leaving.of(job, faces.get(0)).frame();
    Insets bleed = options.bleed() ? frame.bleed() : Insets.NONE;
    boolean registered = faces.stream().anyMatch(Register::wanted);
    double edge = registered ? Math.max(gang.margin(), Register.OUT + Register.RADIUS + Register.RADIUS) : gang.margin();
    double free = Math.max(Math.max(edge, SheetSigns.room(options.sheet().marks())),
        options.sheet().cropMarks() ? CropMarks.reach(bleed.most()) - bleed.most() : 0);
    Size upright = options.sheet().paper();
    if (!job.guests().isEmpty() && gang.labels().isEmpty()) {
      return mixed(job, faces, options, gang, free);
    }
    boolean roll = options.sheet().stock().roll();
    List<Spots.Spot> here = Spots.of(frame.size(), bleed, upright, grained(gang, options.sheet(), upright), free);
    List<Spots.Spot> swapped = Spots.of(frame.size(), bleed, upright.swapped(), grained(gang, options.sheet(), upright.swapped()), free);
    boolean other = gang.labels().isEmpty() && !roll && swapped.size() > here.size();
    List<Spots.Spot> spots = other ? swapped : here;
    if (spots.isEmpty()) {
      throw Trouble.of("sheet.gangTooSmall", Lengths.show(frame.size(), job.ticket().unit()), Lengths.show(upright, job.ticket().unit()));
    }
    GangPages whole = new GangPages(job, faces, options, gang, other ? upright.swapped() : upright, spots, List.of());
    return roll && gang.labels().isEmpty() ? whole.shortened() : whole;
  }

  /** This job's pieces and those of its guests, on shelves. */
  private static GangPages mixed(Job job, List<Face> faces, PageOptions options, Gang gang, double free) throws Trouble {
    List<Shelves.Kind> kinds = new ArrayList<>();
    int own = job.list().map(l -> l.sent().size()).orElse(job.ticket().quantity());
    kinds.add(new Shelves.Kind(Leaving.of(job, faces.get(0)).frame().size(), Math.min(MOST_MIXED, own)));
    job.guests().forEach(g -> kinds.add(new Shelves.Kind(Leaving.of(g.job(), g.job().leaving().get(0)).frame().size(), g.quantity())));
    double bleed = options.bleed() ? job.guests().stream().mapToDouble(g -> g.job().usualFrame().bleed().most()).max().orElse(0) : 0;
    double edge = free + Math.max(bleed, options.bleed() ? job.usualFrame().bleed().most() : 0);
    Size upright = options.sheet().paper();
    boolean mayTurn = gang.turning() != Gang.Turning.UPRIGHT;
    List<List<Shelves.Laid>> here = Shelves.of(kinds, upright, edge, gang.gutter(), mayTurn);
    List<List<Shelves.Laid>> swapped = Shelves.of(kinds, upright.swapped(), edge, gang.gutter(), mayTurn);
    boolean other = here.isEmpty() || !swapped.isEmpty() && swapped.size() < here.size();
    List<List<Shelves.Laid>> sheets = other ? swapped : here;
    if (sheets.isEmpty()) {
      throw Trouble.of("sheet.guestsTooLarge", largest(job), Lengths.show(upright, job.ticket().unit()));
    }
    return new GangPages(job, faces, options, gang, other ? upright.swapped() : upright,
        sheets.get(0).stream().map(Shelves.Laid::spot).toList(), sheets);
  }

  private static String largest(Job job) {
    List<Job> all = new ArrayList<>(List.of(job));
    job.guests().forEach(g -> all.add(g.job()));
    return all.stream().max(java.util.Comparator.comparingDouble(
        j -> Math.max(j.usualFrame().size().width(), j.usualFrame().size().height()))).orElseThrow().name();
  }

  /** The way round that the grain of the paper asks for. */
  private static Gang grained(Gang gang, SheetPlan sheet, Size lying) {
    if (gang.along() == Gang.Along.ANY || sheet.stock().grain() == SheetStock.Grain.UNKNOWN) {
      return gang;
    }
    boolean down = (sheet.stock().grain() == SheetStock.Grain.LONG) == lying.height() >= lying.width();
    return gang.withTurning(down == (gang.along() == Gang.Along.HEIGHT) ? Gang.Turning.UPRIGHT : Gang.Turning.TURNED);
  }

  /** From a roll no more is taken than the lines of pieces that are wanted. */
  private GangPages shortened() {
    TreeSet<Double> lines = new TreeSet<>();
    spots.forEach(s -> lines.add(Math.rint(s.trim().y() / NEAR) * NEAR));
    int line = Math.max(1, spots.size() / Math.max(1, lines.size()));
    int needed = Math.min(spots.size(), (wanted() + line - 1) / line * line);
    List<Spots.Spot> some = spots.subList(0, needed);
    Box all = spots.stream().map(Spots.Spot::trim).reduce(Box::union).orElseThrow();
    Box kept = some.stream().map(Spots.Spot::trim).reduce(Box::union).orElseThrow();
    double bottom = paper.height() - all.bottom();
    double top = Math.min(all.y(), Math.max(bottom, SheetSigns.ROOM));
    List<Spots.Spot> up = some.stream()
        .map(s -> new Spots.Spot(new Box(s.trim().x(), s.trim().y() - all.y() + top, s.trim().width(), s.trim().height()), s.turned()))
        .toList();
    return new GangPages(job, faces, options, gang, new Size(paper.width(), kept.height() + 2 * top), up, List.of());
  }

  /** The places as a hand has moved them. */
  private static List<Spots.Spot> moved(List<Spots.Spot> spots, Gang gang) {
    List<Spots.Spot> out = new ArrayList<>();
    for (int i = 0; i < spots.size(); i++) {
      Ongoing.check();
      Box t = spots.get(i).trim();
      Point by = gang.moved().get(i);
      out.add(by == null ? spots.get(i) : new Spots.Spot(new Box(t.x() + by.x(), t.y() + by.y(), t.width(), t.height()),
          spots.get(i).turned()));
    }
    return out;
  }

  /** How many pieces lie on a full sheet. */
  public int each() {
    return spots.size() - (int) gang.left().stream().filter(p -> p < spots.size()).count();
  }

  /**
   * How many sheets it takes: for every row that is sent, or for as many pieces as the ticket asks for; with guests for all pieces
   * together.
   */
  public int sheets() {
    if (!mixed.isEmpty()) {
      return mixed.size();
    }
    int first = each() - used();
    return wanted() <= first || each() == 0 ? 1 : 1 + (wanted() - first + each() - 1) / each();
  }

  /** How many places of the first sheet are left free. */
  private int used() {
    return gang.stacked() ? 0 : (int) gang.used().stream().filter(p -> p < spots.size() && !gang.left().contains(p)).count();
  }

  /** Whether a place (from 0, row by row) is left free by hand, on this sheet (from 0) or on all. */
  public boolean leftFree(int sheet, int place) {
    return mixed.isEmpty() && free(sheet, place);
  }

  /** The row of the list that lies on a place, from 0; empty where none does. */
  public Optional<Integer> row(int sheet, int place) {
    if (job.list().isEmpty()) {
      return Optional.empty();
    }
    if (!mixed.isEmpty()) {
      return mixed.get(sheet).get(place).kind() > 0 ? Optional.empty() : Optional.of(rows.get(ownBefore(sheet, place)));
    }
    return piece(sheet, place);
  }

  /** Whether any place of a sheet is left free at all. */
  private boolean leavesPlaces(int sheet) {
    return !gang.left().isEmpty() || sheet == 0 && !gang.stacked() && !gang.used().isEmpty();
  }

  /** Whether a place of a sheet is left free. */
  private boolean free(int sheet, int place) {
    return gang.left().contains(place) || sheet == 0 && !gang.stacked() && gang.used().contains(place);
  }

  /** How many pieces are wanted in all. */
  public int wanted() {
    int own = job.list().isPresent() ? rows.size() : job.ticket().quantity();
    return own + (mixed.isEmpty() ? 0 : job.guests().stream().mapToInt(Guest::quantity).sum());
  }

  /** What all sheets cost, in the person's money and never below 0; 0 where the cost of one is not known. */
  public double cost() {
    return sheets() * options.sheet().stock().cost();
  }

  /** The straight cuts that take the pieces of a sheet apart, in order; the sheet is told by its number from 0. Empty when none do. */
  public List<Guillotine.Cut> straightCuts(int sheet) {
    List<Box> trims = new ArrayList<>();
    List<Spots.Spot> laid = spots(sheet);
    for (int place = 0; place < laid.size(); place++) {
      if (onPlace(sheet, place).isPresent()) {
        trims.add(laid.get(place).trim());
      }
    }
    return Guillotine.cuts(paper, trims);
  }

  /** The part of a sheet that no piece covers, 0 to 1. */
  public double waste() {
    double used = spots.stream().mapToDouble(s -> s.trim().width() * s.trim().height()).sum();
    return 1 - used / (paper.width() * paper.height());
  }

  /** Where the pieces lie on a full sheet. */
  public List<Spots.Spot> spots() {
    return spots;
  }

  /** Where the pieces lie on a sheet from 0. */
  public List<Spots.Spot> spots(int sheet) {
    return mixed.isEmpty() ? spots : mixed.get(sheet).stream().map(Shelves.Laid::spot).toList();
  }

  /** The sheet, lying as it is used. */
  public Size paper() {
    return paper;
  }

  /** Sheets that differ from each other: all of a list's, else one. */
  private int different() {
    return job.list().isPresent() || !mixed.isEmpty() ? sheets() : used() > 0 ? Math.min(2, sheets()) : 1;
  }

  @Override
  public int count() {
    return different() * faces.size();
  }

  @Override
  public DrawnPage at(int index) throws Trouble {
    boolean paired = gang.backs() != Gang.Backs.NONE && faces.size() > 1;
    int sheet = paired ? index / faces.size() : index % different();
    int side = paired ? index % faces.size() : index / different();
    return shown(sheet, side);
  }

  /**
   * A sheet as a face lies on it.
   *
   * @param sheet from 0
   * @param side the face's place among those of the sheets
   */
  public DrawnPage shown(int sheet, int side) {
    boolean back = gang.backs() != Gang.Backs.NONE && faces.size() > 1 && side % 2 == 1;
    return page(Math.max(0, Math.min(different() - 1, sheet)), faces.get(side), back);
  }

  /** How many sheets differ from each other. */
  public int differing() {
    return different();
  }

  /** The row on a place of a sheet; empty where none is left. Without a list every place has the one piece. */
  Optional<Integer> piece(int sheet, int place) {
    if (free(sheet, place)) {
      return Optional.empty();
    }
    int before = place;
    for (int p = 0; p < place && leavesPlaces(sheet); p++) {
      before -= free(sheet, p) ? 1 : 0;
    }
    int index = gang.stacked() ? before * sheets() + sheet : sheet == 0 ? before : each() - used() + (sheet - 1) * each() + before;
    return index < rows.size() ? Optional.of(rows.get(index)) : Optional.empty();
  }

  private synchronized Job bound(int row) {
    if (bound.size() > spots.size() * 2) {
      bound.clear();
    }
    return bound.computeIfAbsent(row, r -> Filling.bound(job, r));
  }

  private DrawnPage page(int sheet, Face face, boolean back) {
    Insets bleed = options.bleed() ? Leaving.of(job, face).frame().bleed() : Insets.NONE;
    List<Spots.Spot> lying = spots(sheet).stream().map(s -> back ? behind(s) : s).toList();
    Box block = lying.stream().map(Spots.Spot::trim).reduce(Box::union).orElseThrow();
    double most = bleed.most();
    return new DrawnPage(Wording.text("sheet.gangPage", face.name(), sheet + 1), paper, block, block.grown(most), out -> {
      for (int place = 0; place < lying.size(); place++) {
        Optional<Job> piece = onPlace(sheet, place);
        int at = place;
        piece.flatMap(p -> side(p, face)).ifPresent(f -> draw(piece.get(), f, lying.get(at), block, back, out));
      }
      marks(lying, block, most, out);
      SheetSigns.draw(options.sheet(), job, paper, block, bleed, folds(face, lying, back),
          gang.slug() ? Wording.text("sheet.slug", sheet + 1, sheets(), face.name()) : "", Affine.IDENTITY, out);
      if (Register.wanted(face) && !back) {
        Register.marks(block.grown(most)).forEach(at -> out.fill(Register.mark(at), Colour.BLACK));
        if (options.cuts()) {
          CutMarks.steps(job, cuts(sheet, face.id()), Affine.IDENTITY, CropMarks.WIDTH, out);
        }
      }
    });
  }

  /** The cut lines of every piece on a sheet, in inches from its top left. */
  public List<CutLine> cuts(int sheet, String faceId) {
    List<CutLine> out = new ArrayList<>();
    List<Spots.Spot> laid = spots(sheet);
    Face face = job.face(faceId).orElseThrow();
    for (int place = 0; place < laid.size(); place++) {
      Spots.Spot spot = laid.get(place);
      onPlace(sheet, place).ifPresent(p -> side(p, face)
          .ifPresent(f -> CutLines.leaving(p, f).forEach(l -> out.add(l.mapped(toSheet(Leaving.of(p, f).frame().size(), spot, false))))));
    }
    return out;
  }

  /** The job as it is on a place; empty where the place is free. */
  private Optional<Job> onPlace(int sheet, int place) {
    if (!mixed.isEmpty()) {
      int kind = mixed.get(sheet).get(place).kind();
      return kind > 0 ? Optional.of(job.guests().get(kind - 1).job()) : job.list().isEmpty() ? Optional.of(job)
          : Optional.of(bound(rows.get(ownBefore(sheet, place))));
    }
    return job.list().isEmpty() ? free(sheet, place) ? Optional.empty() : Optional.of(job) : piece(sheet, place).map(this::bound);
  }

  /** How many of this job's own pieces come before a place. */
  private int ownBefore(int sheet, int place) {
    int before = 0;
    for (int s = 0; s <= sheet; s++) {
      List<Shelves.Laid> laid = mixed.get(s);
      before += (int) laid.subList(0, s < sheet ? laid.size() : place).stream().filter(l -> l.kind() == 0).count();
    }
    return before;
  }

  /** The face of a piece that lies on the side of a face: the same, or of a guest the one at its place among those that leave. */
  private Optional<Face> side(Job piece, Face face) {
    Optional<Face> same = guest(piece) ? Optional.empty() : piece.face(face.id());
    int at = faces.indexOf(face);
    return same.isPresent() || at < 0 || at >= piece.leaving().size() || !guest(piece) ? same : Optional.of(piece.leaving().get(at));
  }

  private boolean guest(Job piece) {
    return job.guests().stream().anyMatch(g -> g.job() == piece);
  }

  /** From a piece's inches, 0, 0 at the top left of its trim, to the sheet. */
  private Affine toSheet(Size size, Spots.Spot spot, boolean back) {
    Point middle = spot.trim().centre();
    return Affine.move(-size.width() / 2, -size.height() / 2).then(options.mirror() ? Affine.scale(-1, 1) : Affine.IDENTITY)
        .then(Affine.turn(turn(spot, back), new Point(0, 0))).then(Affine.move(middle.x(), middle.y()));
  }

  /** Where a piece is seen from behind, put right by what the printer is off. */
  private Spots.Spot behind(Spots.Spot front) {
    Box t = front.trim();
    boolean aboutUpright = aboutUpright();
    double x = (aboutUpright ? paper.width() - t.right() : t.x()) - gang.backX();
    double y = (aboutUpright ? t.y() : paper.height() - t.bottom()) - gang.backY();
    return new Spots.Spot(new Box(x, y, t.width(), t.height()), front.turned());
  }

  /** Whether the sheet is turned about an upright axis, so that left and right change places. */
  private boolean aboutUpright() {
    boolean tall = paper.height() >= paper.width();
    return (gang.backs() == Gang.Backs.LONG_EDGE) == tall;
  }

  /** How far a piece is turned on its side of the sheet, clockwise, so that front and back of it have one head. */
  private double turn(Spots.Spot spot, boolean back) {
    if (!back) {
      return spot.turned() ? 90 : 0;
    }
    return aboutUpright() ? spot.turned() ? -90 : 0 : spot.turned() ? 90 : 180;
  }

  private void draw(Job piece, Face face, Spots.Spot spot, Box block, boolean back, MarkOut out) {
    Leaving leaving = Leaving.of(piece, face);
    Insets bleed = options.bleed() ? leaving.frame().bleed() : Insets.NONE;
    Face like = guest(piece) ? face : job.face(face.id()).orElseThrow();
    Size size = leaving.frame().size();
    Box t = spot.trim();
    Affine turned = toSheet(size, spot, back);
    Box own = turned.apply(new Box(-bleed.left(), -bleed.top(), size.width() + bleed.left() + bleed.right(),
        size.height() + bleed.top() + bleed.bottom()));
    // towards a neighbour the bleed ends in the middle of the gutter
    double half = gang.labels().map(l -> Math.min(l.stepX() - t.width(), l.stepY() - t.height()) / 2).orElse(gang.gutter() / 2);
    double left = near(t.x(), block.x()) ? own.x() : Math.max(own.x(), t.x() - half);
    double top = near(t.y(), block.y()) ? own.y() : Math.max(own.y(), t.y() - half);
    double right = near(t.right(), block.right()) ? own.right() : Math.min(own.right(), t.right() + half);
    double bottom = near(t.bottom(), block.bottom()) ? own.bottom() : Math.min(own.bottom(), t.bottom() + half);
    try (MarkOut.Scope scope = out.clip(Shapes.rectangle(new Box(left, top, right - left, bottom - top)))) {
      draw(piece, face, like, leaving, turned, out);
    }
  }

  private void draw(Job piece, Face face, Face like, Leaving leaving, Affine turned, MarkOut out) {
    Box area = piece.frame(face).trim().grown(options.bleed() ? piece.frame(face).bleed() : Insets.NONE);
    if (leaving.bend().isEmpty()) {
      MarkWalk.leave(piece, face, like, area, turned, out);
      return;
    }
    // what leaves bent ends at its own band, not at the box around it
    try (MarkOut.Scope band = out.clip(leaving.area(piece.frame(face), options.bleed()).mapped(turned))) {
      MarkWalk.leave(piece, face, like, area, turned, out);
    }
  }

  private static boolean near(double a, double b) {
    return Math.abs(a - b) < NEAR;
  }

  /** Crop marks outside the whole, for every cut that reaches its edge. */
  private void marks(List<Spots.Spot> lying, Box block, double bleed, MarkOut out) {
    // what is cut already wants no marks
    if (!options.sheet().cropMarks() || gang.labels().isPresent()) {
      return;
    }
    double far = CropMarks.reach(bleed);
    for (boolean low : new boolean[] {false, true}) {
      TreeSet<Double> across = new TreeSet<>();
      TreeSet<Double> down = new TreeSet<>();
      for (Spots.Spot s : lying) {
        Box t = s.trim();
        if (near(low ? t.bottom() : t.y(), low ? block.bottom() : block.y())) {
          across.add(t.x());
          across.add(t.right());
        }
        if (near(low ? t.right() : t.x(), low ? block.right() : block.x())) {
          down.add(t.y());
          down.add(t.bottom());
        }
      }
      List<Path> all = new ArrayList<>();
      double y = low ? block.bottom() + far : block.y() - far;
      double x = low ? block.right() + far : block.x() - far;
      double inwards = low ? -CropMarks.LENGTH : CropMarks.LENGTH;
      across.forEach(at -> all.add(Shapes.line(new Point(at, y), new Point(at, y + inwards))));
      down.forEach(at -> all.add(Shapes.line(new Point(x, at), new Point(x + inwards, at))));
      all.forEach(m -> out.line(m, CropMarks.WIDTH, Colour.BLACK));
    }
  }

  /** Where pieces are folded, on the sheet. */
  private List<Path> folds(Face face, List<Spots.Spot> lying, boolean back) {
    Frame frame = Leaving.of(job, face).frame();
    return frame.folds().isEmpty() ? List.of()
        : lying.stream().flatMap(s -> frame.folds().stream().map(f -> f.mapped(toSheet(frame.size(), s, back)))).toList();
  }
}
