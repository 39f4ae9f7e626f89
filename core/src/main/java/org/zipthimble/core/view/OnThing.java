package org.zipthimble.core.view;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Fold;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.thing.Body;
import org.zipthimble.core.thing.Cloth;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.thing.Development;
import org.zipthimble.core.thing.Disc;
import org.zipthimble.core.thing.Framed;
import org.zipthimble.core.thing.Hole;
import org.zipthimble.core.thing.Panel;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.units.Size;

/**
 * Stages for jobs: a face on its thing, a folded card, an open book, and a flat sheet where there is nothing else. Inks let the blank's
 * own colour through where the process prints no white; vinyl and paper cover.
 */
public final class OnThing {
  private static final double MOST_PIXELS = 3_000_000;
  private static final double FINEST = 220;
  private static final double PAPER = 0.012;

  /** How deep the folds of cloth are that lies flat. */
  private static final double FOLDS = 0.05;
  private static final Colour MAT = new Colour(0xF6, 0xF2, 0xE9);
  private static final Colour WOOD = new Colour(0x8A, 0x62, 0x3C);
  private static final Colour COVERS = new Colour(0x6E, 0x4B, 0x37);
  private static final Kept<Face, String, Job, Stage> KEPT = Kept.ofNewest(8, (face, whole, job) -> new OnThing(job, face).stage());

  private final Job job;
  private final Face face;
  private final Frame frame;

  private OnThing(Job job, Face face) {
    this.job = job;
    this.face = face;
    this.frame = job.frame(face);
  }

  /** The stage of a face; kept for as long as the face lives. */
  public static Stage of(Job job, Face face) {
    return KEPT.of(face, "", job);
  }

  /** From where a face on its thing is best looked at first. */
  public static Camera usual(Job job, Face face) {
    boolean cup = job.onThing(face).flatMap(Body::asCup).isPresent();
    boolean handle = job.onThing(face).flatMap(Body::asCup).filter(c -> !c.closes()).isPresent();
    return cup ? Camera.USUAL.withTurn(handle ? -62 : 0)
        : new Camera(face.form().fold().isPresent() || job.book().isPresent() ? 0 : -16, face.form().fold().isPresent() ? 18 : 6, 5);
  }

  /** What is printed within a face's finished edge, see-through where nothing is. */
  public static BufferedImage art(Job job, Face face) {
    Surface.Art art = art(job, face, job.frame(face).trim(), false);
    BufferedImage out = new BufferedImage(art.width(), art.height(), BufferedImage.TYPE_INT_ARGB_PRE);
    out.getRaster().setDataElements(0, 0, art.width(), art.height(), art.pixels());
    return out;
  }

  private Stage stage() {
    Optional<Body> body = job.onThing(face);
    if (body.isPresent()) {
      return body.get().accept(new Bodies());
    }
    if (face.form().fold().isPresent()) {
      return folded(face.form().fold().get());
    }
    return job.book().isPresent() && job.pages().size() > 1 && job.pages().contains(face) ? album() : sheet();
  }

  private Thing thing() {
    return job.making().thing().orElseThrow();
  }

  /** What is painted on a face within a box of what is composed. */
  private static Surface.Art art(Job job, Face face, Box area, boolean mixed) {
    double ppi = Math.min(FINEST, Math.sqrt(MOST_PIXELS / Math.max(1e-6, area.width() * area.height())));
    int wide = (int) Math.max(1, Math.round(area.width() * ppi));
    int high = (int) Math.max(1, Math.round(area.height() * ppi));
    Frame frame = job.frame(face);
    DrawnPage page = new DrawnPage(face.name(), frame.size(), frame.trim(), frame.bleedBox(),
        out -> MarkWalk.made(job, face, Affine.IDENTITY, out));
    BufferedImage image = FacePainter.paint(page, area, false,
        Affine.move(-area.x(), -area.y()).then(Affine.scale(wide / area.width(), high / area.height())), wide, high, Halvings.SHARED);
    return Surface.Art.of(image, area, mixed);
  }

  private Surface printed(Colour blank, double sheen) {
    boolean mixed = job.process() == Process.TRANSFER;
    return new Surface(blank, sheen, Optional.of(art(job, face, frame.trim(), mixed)));
  }

  private final class Bodies implements Body.Visitor<Stage> {
    @Override
    public Stage cup(Cup cup) {
      Thing thing = thing();
      Surface blank = Surface.bare(thing.colour(), thing.sheen());
      double high = cup.height();
      double top = cup.top() / 2;
      double base = cup.base() / 2;
      double wall = Math.min(0.14, top / 10);
      List<Solid> solids = new ArrayList<>();
      solids.add(new Frustum(-high / 2, high / 2, top, base, wrapped(cup), bare(), printed(thing.colour(), thing.sheen()), blank));
      solids.add(new Frustum(-high / 2, high / 2 - wall, top - wall, base - wall, bare(), bare(), blank, blank));
      solids.add(new RingSolid(-high / 2, top - wall, top, 0, Cover.ALL, blank, blank));
      solids.add(new RingSolid(high / 2 - wall, 0, base - wall, 0, Cover.ALL, blank, blank));
      solids.add(new RingSolid(high / 2, 0, base, 0, Cover.ALL, blank, blank));
      if (!cup.closes()) {
        double middle = (top + base) / 2;
        solids.add(new BodyHandle(middle - 0.1, Math.min(1.3, middle * 0.75), high * 0.33, Math.min(0.24, cup.gap() / 5), 0, blank));
      }
      double reach = cup.closes() ? Math.max(top, base) : Math.max(top, base) + 1;
      return new Stage(solids, Math.hypot(high / 2, reach) * 1.02, 0, high / 2, base);
    }

    @Override
    public Stage disc(Disc disc) {
      Thing thing = thing();
      Surface front = printed(thing.colour(), thing.sheen());
      Surface blank = Surface.bare(thing.colour(), thing.sheen());
      double outer = disc.across() / 2;
      double well = disc.well() / 2;
      double thick = disc.well() > 0 ? 0.12 : 0.1;
      Cover cover = disc.holes().isEmpty() ? Cover.ALL
          : Cover.of(disc.outline().orElseThrow(), disc.holes().stream().map(Hole::outline).toList(),
          new Box(0, 0, disc.across(), disc.across()));
      List<Solid> solids = new ArrayList<>();
      if (well > 0) {
        // the rim rises towards the eye; its art is told by the way along the plate, as the paper lies
        solids.add(new RingSolid(0, 0, well, outer, Cover.ALL, front, blank));
        solids.add(new Frustum(-disc.rise(), 0, outer, well, bare(), radial(outer, well), blank, front));
        solids.add(new RingSolid(thick, 0, well, outer, Cover.ALL, blank, blank));
      } else {
        solids.add(new RingSolid(-thick / 2, 0, outer, outer, cover, front, blank));
        solids.add(new RingSolid(thick / 2, 0, outer, outer, cover, blank, blank));
        solids.add(new Frustum(-thick / 2, thick / 2, outer, outer, bare(), bare(), blank, blank));
      }
      return new Stage(solids, Math.hypot(outer, disc.rise()) * 1.04, 90, 0, 0);
    }

    @Override
    public Stage panel(Panel panel) {
      Thing thing = thing();
      Size size = panel.size();
      Path edge = panel.outline().orElse(Shapes.rectangle(new Box(0, 0, size.width(), size.height())));
      Cover cover = Cover.of(edge, panel.holes().stream().map(Hole::outline).toList(), new Box(0, 0, size.width(), size.height()));
      return slab(size, Math.max(0.02, panel.thick()), cover, printed(thing.colour(), thing.sheen()),
          Surface.bare(thing.colour(), thing.sheen()));
    }

    @Override
    public Stage cloth(Cloth cloth) {
      Thing thing = thing();
      Size whole = cloth.whole();
      Box box = new Box(0, 0, whole.width(), whole.height());
      Surface bare = Surface.bare(thing.colour(), 0);
      Vec corner = new Vec(-whole.width() / 2, -whole.height() / 2, 0);
      List<Solid> solids = new ArrayList<>();
      Path outline = Garments.outline(cloth);
      solids.add(new Facet(corner, new Vec(1, 0, 0), new Vec(0, 1, 0), box, Cover.of(outline, List.of(), box), bare, bare, FOLDS));
      Garments.seams(cloth)
          .forEach(s -> solids.add(
          new Facet(corner.plus(new Vec(0, 0, 0.006)), new Vec(1, 0, 0), new Vec(0, 1, 0), box, Cover.of(s, List.of(), box),
          Surface.bare(Garments.darker(thing.colour()), 0), bare, FOLDS)));
      Surface print = printed(thing.colour(), job.process() == Process.IRON_ON ? 0.15 : 0);
      Box at = cloth.print();
      Vec place = corner.plus(new Vec(at.x(), at.y(), 0.012));
      boolean mixed = job.process() == Process.TRANSFER;
      Cover seen = mixed ? Cover.ALL : inked(print.art().orElseThrow());
      solids.add(new Facet(place, new Vec(1, 0, 0), new Vec(0, 1, 0), new Box(0, 0, at.width(), at.height()), seen, print, bare, FOLDS));
      return new Stage(solids, Math.hypot(whole.width(), whole.height()) / 2 * 1.02, 0, 0, 0);
    }

    @Override
    public Stage framed(Framed framed) {
      Size size = framed.size();
      double open = framed.covered();
      double outX = size.width() / 2 - open + framed.mat();
      double outY = size.height() / 2 - open + framed.mat();
      List<Solid> solids = new ArrayList<>();
      Surface print = new Surface(job.palette().stock(), 0.12, Optional.of(art(job, face, frame.trim(), false)));
      Surface back = Surface.bare(WOOD, 0);
      solids.add(new Facet(new Vec(-size.width() / 2, -size.height() / 2, 0), new Vec(1, 0, 0), new Vec(0, 1, 0), frame.trim(), Cover.ALL,
          print, back, 0));
      if (framed.mat() > 0) {
        Box mat = new Box(-outX, -outY, 2 * outX, 2 * outY);
        Box window = new Box(-size.width() / 2 + open, -size.height() / 2 + open, size.width() - 2 * open, size.height() - 2 * open);
        Cover hole = (x, y) -> !window.contains(new Point(x, y));
        solids.add(new Facet(new Vec(0, 0, 0.06), new Vec(1, 0, 0), new Vec(0, 1, 0), mat, hole, Surface.bare(MAT, 0), back, 0));
      }
      if (framed.frame() > 0) {
        wood(solids, outX, outY, framed.frame());
      }
      return new Stage(solids, Math.hypot(outX + framed.frame(), outY + framed.frame()) * 1.02, 0, 0, 0);
    }
  }

  /** Four mitred bars, each with a front and two sides. */
  private static void wood(List<Solid> solids, double x, double y, double wide) {
    Surface wood = Surface.bare(WOOD, 0.35);
    double deep = 0.55;
    double farX = x + wide;
    double farY = y + wide;
    Cover bars = (a, b) -> Math.abs(a) > x || Math.abs(b) > y;
    solids.add(new Facet(new Vec(0, 0, deep), new Vec(1, 0, 0), new Vec(0, 1, 0), new Box(-farX, -farY, 2 * farX, 2 * farY), bars, wood,
        wood, 0));
    for (double[] s : new double[][] {{x, y}, {farX, farY}}) {
      for (int sign : new int[] {-1, 1}) {
        solids.add(new Facet(new Vec(sign * s[0], 0, 0), new Vec(0, 1, 0), new Vec(0, 0, 1), new Box(-s[1], -0.1, 2 * s[1], deep + 0.1),
            Cover.ALL, wood, wood, 0));
        solids.add(new Facet(new Vec(0, sign * s[1], 0), new Vec(1, 0, 0), new Vec(0, 0, 1), new Box(-s[0], -0.1, 2 * s[0], deep + 0.1),
            Cover.ALL, wood, wood, 0));
      }
    }
  }

  /** Only where something covers the cloth. */
  private static Cover inked(Surface.Art art) {
    return (x, y) -> {
      int column = (int) ((x - art.area().x()) / art.area().width() * art.width());
      int row = (int) ((y - art.area().y()) / art.area().height() * art.height());
      return column >= 0 && row >= 0 && column < art.width() && row < art.height() && (art.pixels()[row * art.width() + column] >>> 24) > 8;
    };
  }

  /** From the cup's side to what is composed: the middle of the wrap is in front, and its right end lies on its left one. */
  static Frustum.Flat wrapped(Cup cup) {
    double wide = cup.along();
    double once = cup.round();
    double under = cup.closes() ? cup.flap() : 0;
    Optional<Development> flat = cup.bent() ? Optional.empty() : cup.band();
    return new Frustum.Flat() {
      private double along(double angle) {
        double x = wide / 2 + angle / (2 * Math.PI) * once;
        // where the ends overlap the right one is seen
        return x < under ? x + once : x;
      }

      @Override
      public double x(double angle, double down) {
        double x = along(angle);
        return x < 0 || x > wide ? Double.NaN : flat.map(f -> f.there(new Point(x, down * cup.slant())).x()).orElse(x);
      }

      @Override
      public double y(double angle, double down) {
        return flat.map(f -> f.there(new Point(along(angle), down * cup.slant())).y()).orElse(down * cup.slant());
      }
    };
  }

  private static Frustum.Flat bare() {
    return new Frustum.Flat() {
      @Override
      public double x(double angle, double down) {
        return Double.NaN;
      }

      @Override
      public double y(double angle, double down) {
        return Double.NaN;
      }
    };
  }

  /** From the rim of a plate to the disc of paper that lies on it. The plate's upper edge is its outer one. */
  private static Frustum.Flat radial(double outer, double well) {
    return new Frustum.Flat() {
      private double radius(double down) {
        return well + (outer - well) * (1 - down);
      }

      @Override
      public double x(double angle, double down) {
        return outer + radius(down) * Math.sin(angle);
      }

      @Override
      public double y(double angle, double down) {
        return outer + radius(down) * Math.cos(angle);
      }
    };
  }

  private static Stage slab(Size size, double thick, Cover cover, Surface front, Surface bare) {
    List<Solid> solids = new ArrayList<>();
    Box box = new Box(0, 0, size.width(), size.height());
    double x = size.width() / 2;
    double y = size.height() / 2;
    solids.add(new Facet(new Vec(-x, -y, thick / 2), new Vec(1, 0, 0), new Vec(0, 1, 0), box, cover, front, bare, 0));
    solids.add(new Facet(new Vec(-x, -y, -thick / 2), new Vec(1, 0, 0), new Vec(0, 1, 0), box, cover, bare, bare, 0));
    // the middle of the slab seen at its edge, in two leaves
    for (double z : new double[] {thick / 4, 0, -thick / 4}) {
      solids.add(new Facet(new Vec(-x, -y, z), new Vec(1, 0, 0), new Vec(0, 1, 0), box, cover, bare, bare, 0));
    }
    return new Stage(solids, Math.hypot(x, y) * 1.02, 0, 0, 0);
  }

  private Stage sheet() {
    Size size = frame.size();
    Surface print = new Surface(job.palette().stock(), 0.05, Optional.of(art(job, face, frame.trim(), false)));
    Cover cover = frame.outline().map(o -> Cover.of(o, List.of(), frame.trim())).orElse(Cover.ALL);
    return slab(size, PAPER, cover, print, Surface.bare(job.palette().stock(), 0));
  }

  /** Panels hinged one after another; what is inside is that of the face that is folded the same way seen from inside. */
  private Stage folded(Fold fold) {
    List<Fold.Panel> panels = fold.panels(frame.size());
    Colour stock = job.palette().stock();
    Surface front = new Surface(stock, 0.06, Optional.of(art(job, face, frame.trim(), false)));
    Optional<Face> other = job.leaving().stream()
        .filter(f -> f != face && f.form().fold().filter(o -> o.outside() != fold.outside() && o.kind() == fold.kind()).isPresent())
        .findFirst();
    Surface back = other.map(f -> new Surface(stock, 0.06, Optional.of(turned(art(job, f, job.frame(f).trim(), false), fold.across()))))
        .orElse(Surface.bare(stock, 0));
    double[] turns = hinges(fold, panels.size());
    List<Solid> solids = new ArrayList<>();
    // from the first hinge on, every panel begins where the one before it ends
    Vec at = new Vec(0, 0, 0);
    double turn = Math.toRadians(turns[0]);
    List<Vec> ends = new ArrayList<>(List.of(at));
    for (int i = 0; i < panels.size(); i++) {
      Box box = panels.get(i).box();
      double length = fold.across() ? box.height() : box.width();
      Vec along = fold.across() ? new Vec(0, Math.cos(turn), Math.sin(turn)) : new Vec(Math.cos(turn), 0, Math.sin(turn));
      Vec side = fold.across() ? new Vec(1, 0, 0) : new Vec(0, 1, 0);
      double begins = fold.across() ? box.y() : box.x();
      Vec corner = at.minus(along.times(begins));
      solids.add(new Facet(corner, fold.across() ? side : along, fold.across() ? along : side, box, Cover.ALL, front, back, 0));
      at = at.plus(along.times(length));
      ends.add(at);
      turn += i + 1 < panels.size() ? Math.toRadians(turns[i + 1]) : 0;
    }
    double across = fold.across() ? frame.size().width() : frame.size().height();
    Vec middle = ends.stream().reduce(new Vec(0, 0, 0), Vec::plus).times(1.0 / ends.size())
        .plus(fold.across() ? new Vec(across / 2, 0, 0) : new Vec(0, across / 2, 0));
    List<Solid> about = solids.stream().map(s -> (Facet) s)
        .<Solid>map(f -> new Facet(f.corner().minus(middle), f.right(), f.down(), f.part(), f.cover(), f.front(), f.back(), 0)).toList();
    double reach = ends.stream().mapToDouble(
        e -> e.minus(middle.plus(fold.across() ? new Vec(-across / 2, 0, 0) : new Vec(0, -across / 2, 0))).length()).max().orElse(1);
    return new Stage(about, Math.hypot(reach, across / 2) * 1.03, 0, 0, 0);
  }

  /** The other side's art as it lies behind this one: turned over the fold. */
  private static Surface.Art turned(Surface.Art art, boolean across) {
    int[] out = new int[art.pixels().length];
    for (int y = 0; y < art.height(); y++) {
      for (int x = 0; x < art.width(); x++) {
        int from = across ? (art.height() - 1 - y) * art.width() + x : y * art.width() + art.width() - 1 - x;
        out[y * art.width() + x] = art.pixels()[from];
      }
    }
    return new Surface.Art(out, art.width(), art.height(), art.area(), art.mixed());
  }

  /**
   * By how many degrees each panel is turned against the one before it; the first against the picture. Panels that go inwards go away from
   * an outside face.
   */
  private static double[] hinges(Fold fold, int count) {
    double[] out = new double[count];
    int sign = fold.outside() ? 1 : -1;
    for (int i = 1; i < count; i++) {
      out[i] = switch (fold.kind()) {
        case HALF -> -sign * 125;
        case ACCORDION -> (i % 2 == 1 ? -1 : 1) * 75;
        default -> -sign * 70;
      };
    }
    out[0] = switch (fold.kind()) {
      case HALF -> sign * 62.5 + (fold.outside() ? 45 : 0);
      case ACCORDION -> 37.5;
      default -> sign * 35;
    };
    return out;
  }

  /**
   * The two pages of an open book that a page belongs to, or its cover in the middle; what is bound at its back has boards, a stapled
   * booklet or one in rings has none.
   */
  private Stage album() {
    List<Face> pages = job.pages();
    int at = pages.indexOf(face);
    int right = at % 2 == 0 ? at : at + 1;
    boolean open = right > 0 && right < pages.size();
    boolean boards = job.book().filter(b -> b.binding() == Book.Binding.BACK).isPresent();
    Size size = frame.size();
    double rise = Math.toRadians(open ? 9 : 0);
    double board = boards ? 0.15 : 0;
    List<Solid> solids = new ArrayList<>();
    Surface stock = Surface.bare(job.palette().stock(), 0.05);
    Surface cover = Surface.bare(COVERS, 0.2);
    for (int side : new int[] {-1, 1}) {
      int index = side < 0 ? right - 1 : right;
      if (index < 0 || index >= pages.size()) {
        continue;
      }
      Vec along = new Vec(Math.cos(rise), 0, side * Math.sin(rise));
      // an open book has its back in the middle, a closed one its cover
      Vec corner = along.times(open ? Math.min(0, side) * size.width() : -size.width() / 2).plus(new Vec(0, -size.height() / 2, 0));
      Box page = new Box(0, 0, size.width(), size.height());
      Surface print = new Surface(job.palette().stock(), 0.08,
          Optional.of(art(job, pages.get(index), job.frame(pages.get(index)).trim(), false)));
      solids.add(new Facet(corner, along, new Vec(0, 1, 0), page, Cover.ALL, print, stock, 0));
      solids.add(new Facet(corner.plus(new Vec(0, 0, -0.05)), along, new Vec(0, 1, 0), page, Cover.ALL, stock, stock, 0));
      if (boards) {
        Box around = new Box(side < 0 ? -board : 0, -board, size.width() + board, size.height() + 2 * board);
        solids.add(new Facet(corner.plus(new Vec(0, 0, -0.12)), along, new Vec(0, 1, 0), around, Cover.ALL, cover, cover, 0));
      }
    }
    double reach = (open ? size.width() : size.width() / 2) + board;
    return new Stage(solids, Math.hypot(reach, size.height() / 2 + board) * 1.04, 0, 0, 0);
  }
}
