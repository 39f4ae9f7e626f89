package org.zipthimble.desktop.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.application.Platform;
import org.zipthimble.core.arrange.Resizing;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.Bridges;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.edit.Tracing;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsPicture;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.picture.Trace;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import org.zipthimble.desktop.slip.FigureSlip;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** What is done to outlines: the figures are asked on a slip, and what they give is seen before it is done. */
public final class ShapeCommands {
  private final Session session;
  private final FigureSlip slip;
  private final LatestWork tracer = new LatestWork();
  private List<Double> distances = List.of(0.125);
  private Corner corner = Corner.ROUND;
  private boolean filled = true;
  private boolean original = true;
  private int threshold = 128;

  /** Works on the selection of a session and asks on a slip. */
  public ShapeCommands(Session session, FigureSlip slip) {
    this.session = session;
    this.slip = slip;
    session.selectionProperty().addListener((o, was, is) -> {
      if (tracing.get() % 2 == 1) {
        tracing.incrementAndGet();
        session.say("");
      }
    });
  }

  void combine(Way way) {
    session.performBeside((face, ids) -> Shaping.combine(face, ids, way));
  }

  void apart() {
    session.selectBeside(Shaping.apart(face(), ids()), () -> session.say(Wording.text("shapes.apart", session.selected().size())));
  }

  void offset() {
    FigureSlip.Rows rows = slip.rows()
        .text("shapes.distances", shown(), text -> distances = read(text))
        .choice("shapes.corner", Corner.values(), corner, c -> corner = c)
        .check("shapes.filled", filled, on -> filled = on)
        .check("shapes.original", original, on -> original = on);
    if (session.selected().stream().anyMatch(i -> i.pictured().isPresent())) {
      rows.number("shapes.threshold", threshold, 1, Cutting.MOST_THRESHOLD, v -> threshold = (int) v);
    }
    Set<String> ids = ids();
    slip.ask("shapes.offset", rows, true, () -> Optional.of(Shaping.offset(face(), ids, new LiveEffect.Rings(
        distances, corner, filled, original, threshold, new Look(Optional.empty(), Optional.empty())))));
  }

  private String shown() {
    return String.join(", ", distances.stream().map(d -> Lengths.show(d, session.unit())).toList());
  }

  private List<Double> read(String text) throws Trouble {
    List<Double> out = new ArrayList<>();
    for (String part : text.split("[,;]")) {
      boolean inwards = part.strip().startsWith("-");
      double inches = Lengths.parse(inwards ? part.strip().substring(1) : part, session.unit());
      if (!(inches <= 20) || out.size() == LiveEffect.Rings.MOST) {
        throw Trouble.of("shapes.badDistances", text);
      }
      out.add(inwards ? -inches : inches);
    }
    return out;
  }

  private double behind = 0.125;
  private Colour backed = Colour.WHITE;

  /** Lays a ground of one colour behind words, so far out from their letters; it follows them. */
  void backing() {
    Set<String> ids = ids();
    slip.ask("shapes.backing", slip.rows().length("shapes.behind", behind, 0.005, 10, v -> behind = v)
        .text("shapes.backed", backed.hex(), text -> backed = Colour.parse(text)), true,
        () -> Optional.of(Shaping.backing(face(), ids, behind, backed)));
  }

  /** The kinds of repeat that can be asked for. */
  enum Repeat { GRID, FILL, ROUND }

  private Repeat repeat = Repeat.GRID;
  private int across = 3;
  private int down = 1;
  private double gap = 0.125;
  private boolean brick;
  private double width = 6;
  private int places = 8;
  private boolean mirrored;
  private double centreX;
  private double centreY;

  void repeat() {
    Optional<Box> box = Resizing.box(session.face(), ids());
    Point centre = session.frame().trim().centre();
    centreX = centre.x();
    centreY = centre.y();
    width = Math.max(box.map(Box::width).orElse(1.0), session.frame().safeBox().width());
    ask(repeat);
  }

  private void ask(Repeat kind) {
    repeat = kind;
    FigureSlip.Rows rows = slip.rows().choice("shapes.repeat.kind", Repeat.values(), kind, k -> {
      if (k != repeat) {
        ask(k);
      }
    });
    switch (kind) {
      case GRID -> rows.number("shapes.across", across, 1, () -> Math.floorDiv(Pattern.MOST, down), v -> across = (int) v)
          .number("shapes.down", down, 1, () -> Math.floorDiv(Pattern.MOST, across), v -> down = (int) v)
          .length("shapes.gap", gap, -Pattern.MOST_GAP, Pattern.MOST_GAP, v -> gap = v).check("shapes.brick", brick, on -> brick = on);
      case FILL -> rows.length("shapes.width", width, Reshape.LEAST, Placement.FARTHEST, v -> width = v)
          .length("shapes.leastGap", Math.max(0, gap), 0, Pattern.MOST_GAP, v -> gap = v);
      default -> rows.number("shapes.places", Math.max(places, Pattern.FEWEST_ROUND), Pattern.FEWEST_ROUND, Pattern.MOST,
          v -> places = (int) v)
          .length("shapes.centreX", centreX, -Placement.FARTHEST, Placement.FARTHEST, v -> centreX = v)
          .length("shapes.centreY", centreY, -Placement.FARTHEST, Placement.FARTHEST, v -> centreY = v)
          .check("shapes.mirrored", mirrored, on -> mirrored = on);
    }
    Set<String> ids = ids();
    slip.ask("shapes.repeat", rows, true, () -> Optional.of(Shaping.repeat(face(), ids, pattern())));
  }

  private Pattern pattern() {
    return switch (repeat) {
      case GRID -> new Pattern.Grid(across, down, gap, gap, brick);
      case FILL -> new Pattern.Fill(width, Math.max(0, gap));
      default -> new Pattern.Round(places, new Point(centreX, centreY), true, mirrored);
    };
  }

  /** Repeats the lower objects along the topmost one, which must be a shape. */
  void along() {
    List<Item> selected = session.selected();
    Item path = selected.get(selected.size() - 1);
    if (path.outlined().isEmpty() || selected.size() < 2) {
      session.say(Wording.text("shapes.alongWhat"));
      return;
    }
    Set<String> ids = new java.util.LinkedHashSet<>(ids());
    ids.remove(path.id());
    var line = new Forms(session.job()).outline(path);
    FigureSlip.Rows rows = slip.rows().number("shapes.places", places, 1, Pattern.MOST, v -> places = (int) v)
        .check("shapes.turning", true, on -> mirrored = !on);
    mirrored = false;
    slip.ask("shapes.along", rows, true, () -> Optional.of(Shaping.repeat(face(), ids, new Pattern.Along(line, places, !mirrored))));
  }

  void mirrorCopy() {
    double x = session.frame().trim().centre().x();
    session.perform((face, ids) -> Shaping.repeat(face, ids, new Pattern.Mirror(90, new Point(x, 0))));
  }

  void flip(double degrees) {
    Resizing.box(session.face(), ids()).ifPresent(box -> session.perform((face, ids) -> Resizing.flip(face, ids, degrees, box.centre())));
  }

  private Bend bend = Bend.of(Bow.ARC, 60);

  /** Bends what is selected. */
  void bend() {
    ask(bend.bow());
  }

  private void ask(Bow bow) {
    bend = bend.as(bow);
    FigureSlip.Rows rows = slip.rows().choice("shapes.bow", Bow.values(), bow, b -> {
      if (b != bend.bow()) {
        ask(b);
      }
    }).number(bow.degrees() ? "shapes.degrees" : "shapes.percent", bend.amount(), bow.least(), bow.most(),
        v -> bend = new Bend(bend.bow(), v, bend.upright(), bend.times()));
    if (bow == Bow.WAVE) {
      rows.number("shapes.waves", bend.times(), 1, Bend.MOST_TIMES,
          v -> bend = new Bend(bend.bow(), bend.amount(), bend.upright(), (int) v));
    }
    rows.check("shapes.upright", bend.upright(), on -> bend = new Bend(bend.bow(), bend.amount(), on, bend.times()));
    Set<String> ids = ids();
    slip.ask("shapes.bend", rows, true, () -> Optional.of(Shaping.bend(face(), ids, bend)));
  }

  private double slant;

  void slant() {
    slant = session.single().map(i -> i.placement().slant()).orElse(0.0);
    Set<String> ids = ids();
    slip.ask("shapes.slant", slip.rows().number("shapes.degrees", slant, -Placement.MOST_SLANT, Placement.MOST_SLANT, v -> slant = v), true,
        () -> Optional.of(Resizing.slant(face(), ids, slant)));
  }

  private double speck = 0.05;

  void removeSmall() {
    slip.ask("shapes.small", slip.rows().number("shapes.area", speck, Shaping.LEAST_AREA, Shaping.MOST_AREA, v -> {
      speck = v;
      counted();
    }), false, () -> {
      Set<String> small = Shaping.smaller(session.job(), session.beside(), speck);
      return small.isEmpty() ? Optional.empty() : Optional.of(Edits.remove(face(), small));
    });
    counted();
  }

  private void counted() {
    slip.say(Wording.text("shapes.smaller", Shaping.smaller(session.job(), session.beside(), speck).size()));
  }

  private double bridge = 0.1;
  private int each = 2;

  void bridges() {
    session.single().ifPresent(item -> slip.ask(
        "shapes.bridges",
        slip.rows().length("shapes.bridgeWidth", bridge, Bridges.LEAST_WIDTH, Bridges.MOST_WIDTH, v -> bridge = v)
        .number("shapes.each", each, 1, Bridges.MOST_EACH, v -> each = (int) v),
        true, () -> {
          List<Placement> found = Bridges.propose(new Forms(session.job()).outline(item), bridge, each);
          slip.say(Wording.text("shapes.bridged", found.size()));
          return found.isEmpty() ? Optional.empty() : Optional.of(Shaping.bridged(face(), item.id(), found));
        }));
  }

  private int colours = 1;
  private double smoothness = 1;
  private double specks = 16;

  /** Traces the picture; the work goes on beside the window and shows its outcome when it is there. */
  void trace() {
    session.single().flatMap(Item::pictured).ifPresent(photo -> slip.ask(
        "shapes.trace",
        slip.rows().number("shapes.colours", colours, 1, Trace.TraceSetting.MOST_COLOURS, v -> colours = (int) v)
            .number("shapes.darkness", threshold, 1, Cutting.MOST_THRESHOLD, v -> threshold = (int) v)
            .number("shapes.smoothness", smoothness, 0, Trace.TraceSetting.SMOOTHEST, v -> smoothness = v)
            .number("shapes.specks", specks, 0, Trace.TraceSetting.LARGEST_SPECK, v -> specks = v),
        false, () -> {
          trace(photo, new Trace.TraceSetting(colours, threshold, smoothness, specks));
          return Optional.empty();
        }));
  }

  /** Odd while a trace is under way; each has a number of its own. */
  private final AtomicInteger tracing = new AtomicInteger();

  /** Traces beside the window; how far it is is said all the while, and selecting something else ends it. */
  private void trace(HoldsPicture photo, Trace.TraceSetting asked) {
    int mine = tracing.get() % 2 == 1 ? tracing.addAndGet(2) : tracing.incrementAndGet();
    String face = face();
    var job = session.job();
    Progress progress = new Progress() {
      private int said = -1;

      @Override
      public void at(double fraction) {
        int percent = (int) (fraction * 100);
        if (percent > said) {
          said = percent;
          Platform.runLater(() -> {
            if (mine == tracing.get()) {
              session.say(Wording.text("shapes.tracing", percent));
            }
          });
        }
      }

      @Override
      public boolean stopped() {
        return mine != tracing.get();
      }
    };
    tracer.want(() -> {
      try {
        return Optional.of(Tracing.edit(job, face, photo, asked, progress));
      } catch (Stopped | Trouble failed) {
        return Optional.<Edit>empty();
      }
    }, edit -> {
      if (mine == tracing.get()) {
        tracing.incrementAndGet();
        session.say("");
        edit.ifPresentOrElse(session::applyAndSelect, () -> session.say(Wording.text("shapes.nothingTraced")));
      }
    });
  }

  private FillStyle.Laying laying = FillStyle.Laying.GRID;

  void pattern(boolean asked) {
    Set<String> ids = ids();
    slip.ask("shapes.pattern",
        slip.rows().choice("shapes.laying", FillStyle.Laying.values(), laying, l -> laying = l)
        .length("shapes.gap", gap, 0, FillStyle.Tiles.MOST_SIDE, v -> gap = Math.max(0, v)),
        asked, () -> Optional.of(Shaping.pattern(face(), ids, laying, Math.max(0, gap))));
  }

  private Colour from = Colour.of(0x8FAE7E);
  private Colour to = Colour.of(0xFBF5E6);
  private boolean round;
  private double direction;

  /** Covers shapes and words with a gradient of two colours. */
  void gradient() {
    session.single().flatMap(i -> i.inheritedLook().fill()).ifPresent(c -> from = c);
    Set<String> ids = ids();
    slip.ask("shapes.gradient",
        slip.rows().text("shapes.from", from.hex(), text -> from = Colour.parse(text))
        .text("shapes.to", to.hex(), text -> to = Colour.parse(text))
            .number("shapes.direction", direction, -360, 360, v -> direction = v).check("shapes.roundGradient", round, on -> round = on),
        true, () -> Optional.of(
        Edits.covered(face(), ids, new FillStyle.Gradient(
        round, direction, List.of(new FillStyle.Stop(0, from), new FillStyle.Stop(1, to))))));
  }

  /** Makes the selected outline the scrap that its lane, or the first one, is cut from. */
  void scrap() {
    session.single().ifPresent(item -> {
      var plan = session.job().cutting();
      String lane = plan.lane(item.properties().cutting().lane()).map(l -> l.id()).orElse(plan.lanes().get(0).id());
      session.apply(CutEdits.scrap(lane, new Forms(session.job()).outline(item)));
      session.say(Wording.text("shapes.scrapTaken", plan.lane(lane).orElseThrow().name()));
    });
  }

  /** Edits the points of the selected shape; another object's outline is made a drawn shape first. */
  void points() {
    session.single().flatMap(Item::outlined).ifPresent(item ->
        session.selection().pointsProperty().set(session.selection().pointsProperty().get().isPresent() ? Optional.empty()
            : Optional.of(item.id())));
  }

  void draw(Session.Drawing what) {
    session.selectionProperty().set(Set.of());
    session.drawingProperty().set(session.drawingProperty().get() == what ? Session.Drawing.NONE : what);
    session.say(session.drawingProperty().get() == Session.Drawing.NONE ? "" : Wording.of(what));
  }

  private String face() {
    return session.faceIdProperty().get();
  }

  private Set<String> ids() {
    return session.selectionProperty().get();
  }
}
