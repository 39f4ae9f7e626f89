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
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Gang;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * Sheets with several pieces: the one value from which the preview, the files and the figures come. With a list its rows follow each other over
 * the places of a sheet, or pile by pile; without, every place has the same piece and the sheet is printed as often as it takes. Fronts and
 * backs follow each other where the sheet is turned.
 */
public final class GangPages implements PageRun {
  private static final double NEAR = 1e-6;
  private static final double SLUG_PT = 6;

  private final Job job;
  private final List<Face> faces;
  private final PageOptions options;
  private final Gang gang;
  private final Size paper;
  private final List<Spots.Spot> spots;
  private final List<Integer> rows;
  private final Map<Integer, Job> bound = new HashMap<>();

  private GangPages(Job job, List<Face> faces, PageOptions options, Gang gang, Size paper, List<Spots.Spot> spots) {
    this.job = job;
    this.faces = faces;
    this.options = options;
    this.gang = gang;
    this.paper = paper;
    this.spots = spots;
    this.rows = job.list().map(RowList::sent).orElse(List.of());
  }

  /**
   * The sheets of some faces.
   *
   * @throws Trouble when no piece goes on the sheet
   */
  public static GangPages of(Job job, List<Face> faces, PageOptions options) throws Trouble {
    Gang gang = options.sheet().gang().orElseThrow(() -> new IllegalArgumentException("one piece on a sheet is no gang"));
    Frame frame = job.frame(faces.get(0));
    Insets bleed = options.bleed() ? frame.bleed() : Insets.NONE;
    boolean registered = faces.stream().anyMatch(Register::wanted);
    double edge = registered ? Math.max(gang.margin(), Register.OUT + Register.RADIUS + Register.RADIUS) : gang.margin();
    double free = Math.max(edge, options.sheet().cropMarks() ? CropMarks.reach(bleed.most()) - bleed.most() : 0);
    Size upright = options.sheet().paper();
    List<Spots.Spot> here = Spots.of(frame.size(), bleed, upright, gang, free);
    List<Spots.Spot> swapped = Spots.of(frame.size(), bleed, upright.swapped(), gang, free);
    boolean other = gang.labels().isEmpty() && swapped.size() > here.size();
    List<Spots.Spot> spots = other ? swapped : here;
    if (spots.isEmpty()) {
      throw Trouble.of("sheet.gangTooSmall", Lengths.show(frame.size(), job.ticket().unit()), Lengths.show(upright, job.ticket().unit()));
    }
    return new GangPages(job, faces, options, gang, other ? upright.swapped() : upright, spots);
  }

  /** How many pieces lie on a sheet. */
  public int each() {
    return spots.size();
  }

  /** How many sheets it takes: for every row that is sent, or for as many pieces as the ticket asks for. */
  public int sheets() {
    int first = spots.size() - used();
    return wanted() <= first ? 1 : 1 + (wanted() - first + spots.size() - 1) / spots.size();
  }

  /** How many places of the first sheet are left free. */
  private int used() {
    return gang.stacked() ? 0 : (int) gang.used().stream().filter(p -> p < spots.size()).count();
  }

  /** Whether a place of a sheet is left free. */
  private boolean free(int sheet, int place) {
    return sheet == 0 && !gang.stacked() && gang.used().contains(place);
  }

  /** How many pieces are wanted in all. */
  public int wanted() {
    return job.list().isPresent() ? rows.size() : job.ticket().quantity();
  }

  /** The part of a sheet that no piece covers, 0 to 1. */
  public double waste() {
    double used = spots.stream().mapToDouble(s -> s.trim().width() * s.trim().height()).sum();
    return 1 - used / (paper.width() * paper.height());
  }

  /** Where the pieces lie. */
  public List<Spots.Spot> spots() {
    return spots;
  }

  /** The sheet, lying as it is used. */
  public Size paper() {
    return paper;
  }

  /** Sheets that differ from each other: all of a list's, else one. */
  private int different() {
    return job.list().isPresent() ? sheets() : used() > 0 ? Math.min(2, sheets()) : 1;
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
    int before = sheet > 0 ? used() : gang.stacked() ? 0 : (int) gang.used().stream().filter(p -> p < place).count();
    int index = gang.stacked() ? place * sheets() + sheet : sheet * spots.size() + place - before;
    return index < rows.size() ? Optional.of(rows.get(index)) : Optional.empty();
  }

  private synchronized Job bound(int row) {
    if (bound.size() > spots.size() * 2) {
      bound.clear();
    }
    return bound.computeIfAbsent(row, r -> ListEdits.bound(job, r));
  }

  private DrawnPage page(int sheet, Face face, boolean back) {
    Insets bleed = options.bleed() ? job.frame(face).bleed() : Insets.NONE;
    List<Spots.Spot> lying = spots.stream().map(s -> back ? behind(s) : s).toList();
    Box block = lying.stream().map(Spots.Spot::trim).reduce(Box::union).orElseThrow();
    double most = bleed.most();
    return new DrawnPage(Wording.text("sheet.gangPage", face.name(), sheet + 1), paper, block, block.grown(most), out -> {
      for (int place = 0; place < lying.size(); place++) {
        Optional<Job> piece = onPlace(sheet, place);
        int at = place;
        piece.ifPresent(p -> draw(p, p.face(face.id()).orElseThrow(), lying.get(at), block, bleed, back, out));
      }
      marks(lying, block, most, out);
      slug(sheet, face, out);
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
    for (int place = 0; place < spots.size(); place++) {
      Spots.Spot spot = spots.get(place);
      onPlace(sheet, place).ifPresent(p -> p.face(faceId).ifPresent(f -> CutLines.own(p, f).forEach(l -> out.add(l.mapped(toSheet(p.frame(f).size(), spot, false))))));
    }
    return out;
  }

  /** The job as it is on a place; empty where the place is free. */
  private Optional<Job> onPlace(int sheet, int place) {
    return job.list().isEmpty() ? free(sheet, place) ? Optional.empty() : Optional.of(job) : piece(sheet, place).map(this::bound);
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

  private void draw(Job piece, Face face, Spots.Spot spot, Box block, Insets bleed, boolean back, MarkOut out) {
    Size size = piece.frame(face).size();
    Box t = spot.trim();
    Affine turned = toSheet(size, spot, back);
    Box own = turned.apply(new Box(-bleed.left(), -bleed.top(), size.width() + bleed.left() + bleed.right(), size.height() + bleed.top() + bleed.bottom()));
    // towards a neighbour the bleed ends in the middle of the gutter
    double half = gang.labels().map(l -> Math.min(l.stepX() - t.width(), l.stepY() - t.height()) / 2).orElse(gang.gutter() / 2);
    double left = near(t.x(), block.x()) ? own.x() : Math.max(own.x(), t.x() - half);
    double top = near(t.y(), block.y()) ? own.y() : Math.max(own.y(), t.y() - half);
    double right = near(t.right(), block.right()) ? own.right() : Math.min(own.right(), t.right() + half);
    double bottom = near(t.bottom(), block.bottom()) ? own.bottom() : Math.min(own.bottom(), t.bottom() + half);
    try (MarkOut.Scope scope = out.clip(Shapes.rectangle(new Box(left, top, right - left, bottom - top)))) {
      MarkWalk.walk(piece, face, turned, out);
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

  /** The job, the sheet and the side, small at the foot. */
  private void slug(int sheet, Face face, MarkOut out) {
    if (!gang.slug()) {
      return;
    }
    String text = Wording.text("sheet.slug", job.name(), sheet + 1, sheets(), face.name());
    SetWords set = Typesetter.set(text, new WordStyle("Figtree", "Regular", SLUG_PT, 100, 0, Align.LEFT, Colour.BLACK), paper.width(), 1, new JobFonts(job));
    double x = Math.max(0.1, gang.margin());
    double y = paper.height() - 0.12;
    set.placed().forEach(p -> out.words(p.piece().run(), p.piece().map().then(Affine.move(x, y)), Colour.BLACK));
  }
}
