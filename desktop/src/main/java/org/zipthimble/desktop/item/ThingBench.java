package org.zipthimble.desktop.item;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.thing.Body;
import org.zipthimble.core.thing.Cloth;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.thing.Development;
import org.zipthimble.core.thing.Disc;
import org.zipthimble.core.thing.Framed;
import org.zipthimble.core.thing.Gauge;
import org.zipthimble.core.thing.Hole;
import org.zipthimble.core.thing.Laid;
import org.zipthimble.core.thing.Panel;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.thing.Taping;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.view.Garments;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.bench.DrawnNodes;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.FieldText;
import org.zipthimble.desktop.state.Session;

/** One thing with the places to measure as tape ends, its figures typed there, and the flat piece that follows from them beside it. */
final class ThingBench extends VBox {
  private static final double WIDE = 392;
  private static final double HIGH = 330;
  private static final double FIELD = 84;

  private final Session session;
  private final ThingTaker taking;
  private final TypedField name;
  private final Pane drawing = new Pane();
  private final Pane flat = new Pane();
  private final Label figures = Controls.wrapped("", "finding-text");
  private final Label sure = Controls.wrapped("", "side-note");
  private final Label trouble = Controls.wrapped("", "line-note", "ruin");
  private final Label where = Controls.wrapped("", "side-note");
  private final CheckBox bent;
  private final VBox side = new VBox(8);
  private Thing thing;
  private Optional<Taping.Strip> strip = Optional.empty();
  private double stripLength;
  private double error = Taping.USUAL_ERROR;

  /** What is done with a thing. */
  interface ThingTaker {
    /** A new job is begun on it. */
    void start(Thing thing);

    /** The job that is open is put onto it. */
    void put(Thing thing);

    /** It is kept among the person's own. */
    void keep(Thing thing);

    /** The catalogue is shown again. */
    void back();
  }

  ThingBench(Session session, ThingTaker taking) {
    super(10);
    this.session = session;
    this.taking = taking;
    getStyleClass().add("thing-bench");
    name = new TypedField("thing-name", Wording.text("itemPage.name"), text -> {
      if (!text.isBlank()) {
        thing = thing.withTitle(text.strip()).withKey(PressCard.keyOf(text));
        show(thing);
      }
    });
    name.setPrefWidth(240);
    bent = Controls.check("thing-bent", "thingBench.bent", true,
        on -> body(thing.body().asCup().<Body>map(c -> c.withBent(on)).orElse(thing.body())));
    drawing.setMinSize(WIDE, HIGH);
    drawing.setPrefSize(WIDE, HIGH);
    drawing.getStyleClass().add("thing-drawing");
    flat.setMinSize(WIDE - 58, HIGH);
    flat.setPrefSize(WIDE - 58, HIGH);
    flat.getStyleClass().add("thing-drawing");
    figures.setId("thing-figures");
    sure.setId("thing-sure");
    trouble.setId("thing-trouble");
    for (Label label : List.of(sure, trouble)) {
      label.managedProperty().bind(label.textProperty().isNotEmpty());
    }
    Button start = Controls.button("thing-start", "thingBench.start", () -> taking.start(thing), "main");
    VBox buttons = new VBox(8, start, Controls.button("thing-put", "thingBench.put", () -> taking.put(thing), "plain"),
        Controls.button("thing-keep", "thingBench.keep", () -> taking.keep(thing), "quiet"));
    HBox head = Controls.row(10, Controls.button("thing-back", "thingBench.back", taking::back, "quiet"), name, Controls.spring());
    VBox left = new VBox(4, Controls.label(Wording.text("thingBench.measure"), "field-label"), drawing, where);
    VBox right = new VBox(4, Controls.label(Wording.text("thingBench.flat"), "field-label"), flat, bent);
    left.setMaxWidth(WIDE);
    HBox both = new HBox(14, left, right);
    VBox card = new VBox(8, figures, sure, trouble, buttons);
    card.getStyleClass().add("card");
    side.getStyleClass().add("side");
    side.getChildren().addAll(Controls.label(Wording.text("thingBench.follows"), "side-title"), card);
    HBox.setHgrow(right, Priority.ALWAYS);
    getChildren().addAll(head, both);
  }

  /** What follows from the figures, and what can be done with the thing. */
  Node side() {
    return side;
  }

  /** Shows a thing. */
  void show(Thing shown) {
    thing = shown;
    name.show(thing.title());
    drawing.getChildren().clear();
    thing.body().accept(new Drawn());
    length("thing-overhang", "thingBench.overhang", 8, HIGH - 46, 0, 2, thing.overhang(), v -> show(thing.withOverhang(v)));
    flat();
    told();
  }

  /** A cup of the person's own, to be measured. */
  void measure() {
    strip = Optional.empty();
    stripLength = 0;
    show(new Thing("mine", Wording.text("thingBench.mine"), Thing.Group.CUPS,
        new Taping(11, 8.5, 6, Optional.empty(), error).cup(0, Cup.USUAL_FLAP),
        org.zipthimble.core.colour.Colour.WHITE, 0.7, org.zipthimble.core.thing.Process.TRANSFER, 0.125, "tumbler-oven"));
  }

  private void body(Body body) {
    show(thing.withBody(body));
  }

  private void line(double x0, double y0, double x1, double y1, String style) {
    javafx.scene.shape.Line line = new javafx.scene.shape.Line(x0, y0, x1, y1);
    line.getStyleClass().add(style);
    drawing.getChildren().add(line);
  }

  /** A tape between two places, with a brass end at each. */
  private void tape(double x0, double y0, double x1, double y1) {
    line(x0, y0, x1, y1, "measure-tape");
    for (double[] p : new double[][] {{x0, y0}, {x1, y1}}) {
      javafx.scene.shape.Circle end = new javafx.scene.shape.Circle(p[0], p[1], 4);
      end.getStyleClass().add("measure-end");
      drawing.getChildren().add(end);
    }
  }

  private void path(Path path, String style) {
    drawing.getChildren().add(DrawnNodes.path(path, new Viewport(1, 0, 0), style));
  }

  private TypedField length(String id, String key, double x, double y, double least, double most, double value, DoubleConsumer take) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double inches = FieldText.length(text, session.unit(), least, most);
      try {
        take.accept(inches);
      } catch (IllegalArgumentException impossible) {
        throw Trouble.because(impossible, "thingBench.impossible");
      }
    });
    field.show(Lengths.show(Math.round(value * 1e5) / 1e5, session.unit()));
    field.setPrefWidth(FIELD);
    VBox box = new VBox(1, Controls.label(Wording.text(key), "tape-label"), field);
    box.relocate(x, y);
    drawing.getChildren().add(box);
    return field;
  }

  /** What a cup's tape says: the rounds follow from the diameters it has now. */
  private Taping taping(Cup cup) {
    return new Taping(Math.PI * cup.top(), Math.PI * cup.base(), cup.slant(), strip, error);
  }

  private void taped(Cup before, double top, double base, double side) {
    Taping taping = new Taping(top, base, side, strip, error);
    Cup cup = before.withTop(top / Math.PI).withBase(base / Math.PI).withSlant(side);
    body(taping.tapered() ? cup : cup.withTop((top + base) / 2 / Math.PI).withBase((top + base) / 2 / Math.PI));
  }

  private final class Drawn implements Body.Visitor<Void> {
    @Override
    public Void cup(Cup cup) {
      double scale = Math.min(190 / cup.height(), 150 / Math.max(cup.top(), cup.base()));
      double x = 196;
      double y = 66;
      double top = cup.top() / 2 * scale;
      double base = cup.base() / 2 * scale;
      double high = cup.height() * scale;
      Path side = Path.build().start(x - top, y).line(x + top, y).line(x + base, y + high).line(x - base, y + high).close().path();
      path(side, "thing-body");
      path(Shapes.ellipse(new Box(x - top, y - top * 0.14, 2 * top, top * 0.28)), "thing-rim");
      path(Shapes.ellipse(new Box(x - base, y + high - base * 0.14, 2 * base, base * 0.28)), "thing-foot");
      if (!cup.closes()) {
        double middle = (top + base) / 2;
        path(Shapes.ellipse(new Box(x - middle - 46, y + high * 0.22, 62, high * 0.5)), "thing-handle");
        path(side, "thing-body");
      }
      double roundTop = Math.PI * cup.top();
      double roundBase = Math.PI * cup.base();
      tape(x - top, y, x + top, y);
      tape(x - base, y + high, x + base, y + high);
      tape(x + top + 9, y, x + base + 9, y + high);
      double right = 306;
      length("thing-round-top", "thingBench.roundTop", right, 36, Taping.LEAST, Taping.MOST, roundTop,
          v -> taped(cup, v, roundBase, cup.slant()));
      length("thing-side", "thingBench.side", right, y + high / 2 - 20, 0.25, Cup.TALLEST, cup.slant(),
          v -> taped(cup, roundTop, roundBase, v));
      length("thing-round-base", "thingBench.roundBase", right, y + high - 14, Taping.LEAST, Taping.MOST, roundBase,
          v -> taped(cup, roundTop, v, cup.slant()));
      length("thing-height", "thingBench.height", right, HIGH - 46, 0.25, Cup.TALLEST, cup.height(),
          v -> taped(cup, roundTop, roundBase, Taping.side(roundTop, roundBase, v)));
      length("thing-strip", "thingBench.strip", 8, 36, 0, 100, stripLength, v -> strip(v, strip.map(Taping.Strip::sag).orElse(0.0)));
      length("thing-sag", "thingBench.sag", 8, 84, 0, 20, strip.map(Taping.Strip::sag).orElse(0.0), v -> strip(stripLength, v));
      length("thing-gap", "thingBench.gap", 8, 148, 0, 40, cup.gap(), v -> body(cup.withGap(v).withFlap(v > 0 ? 0 : cup.flap())));
      length("thing-flap", "thingBench.flap", 8, 200, 0, 2, cup.flap(), v -> body(cup.withFlap(v)));
      length("thing-error", "thingBench.error", 108, HIGH - 46, 0, 1, error, v -> {
        error = v;
        show(thing);
      });
      bent.setVisible(!cup.untapered());
      bent.setSelected(cup.bent());
      where.setText(Wording.text("thingBench.whereCup"));
      return null;
    }

    @Override
    public Void disc(Disc disc) {
      double scale = 220 / disc.across();
      double r = 110;
      double x = 200;
      double y = 140;
      path(Shapes.ellipse(new Box(x - r, y - r, 2 * r, 2 * r)), "thing-body");
      double well = disc.well() / 2 * scale;
      if (well > 0) {
        path(Shapes.ellipse(new Box(x - well, y - well, 2 * well, 2 * well)), "thing-rim");
        tape(x - well, y, x + well, y);
      }
      disc.holes().forEach(h -> hole(h, scale, x - r, y - r));
      tape(x - r, y + r + 12, x + r, y + r + 12);
      length("thing-across", "thingBench.across", x - FIELD / 2, HIGH - 64, 0.25, 60, disc.across(),
          v -> body(new Disc(v, Math.min(disc.well(), v * 0.9), disc.bend(), disc.rise(), disc.edge(), disc.holes())));
      length("thing-well", "thingBench.well", x - FIELD / 2, y - 46, 0, 60, disc.well(),
          v -> body(disc.withWell(v).withBend(v > 0 ? Math.max(0.15, disc.bend()) : 0).withRise(v > 0 ? Math.max(0.4, disc.rise()) : 0)));
      length("thing-edge", "thingBench.edge", 310, 20, 0, 4, disc.edge(), v -> body(disc.withEdge(v)));
      bent.setVisible(false);
      where.setText(Wording.text("thingBench.whereDisc"));
      return null;
    }

    @Override
    public Void panel(Panel panel) {
      Size size = panel.size();
      double scale = Math.min(230 / size.width(), 190 / size.height());
      double w = size.width() * scale;
      double h = size.height() * scale;
      double x = 190 - w / 2;
      double y = 135 - h / 2;
      path(Shapes.rectangle(new Box(x, y, w, h), panel.corner() * scale), "thing-body");
      panel.holes().forEach(one -> hole(one, scale, x, y));
      tape(x, y + h + 12, x + w, y + h + 12);
      tape(x + w + 12, y, x + w + 12, y + h);
      length("thing-width", "thingBench.width", 190 - FIELD / 2, HIGH - 64, 0.25, 100, size.width(),
          v -> body(resized(panel, new Size(v, size.height()))));
      length("thing-tall", "thingBench.tall", 312, 110, 0.25, 100, size.height(), v -> body(resized(panel, new Size(size.width(), v))));
      length("thing-corner", "thingBench.corner", 8, 12, 0, 50, panel.corner(), v -> body(panel.withCorner(v)));
      length("thing-fold", "thingBench.fold", 312, 12, 0, 20, panel.fold(), v -> body(panel.withFold(v)));
      bent.setVisible(false);
      where.setText(Wording.text("thingBench.wherePanel"));
      return null;
    }

    /** Holes keep their distance from the edge they are nearest to. */
    private Panel resized(Panel panel, Size size) {
      List<Hole> holes = new ArrayList<>();
      for (Hole one : panel.holes()) {
        double x = one.at().x() * 2 > panel.size().width() + 1e-6 ? size.width() - (panel.size().width() - one.at().x())
            : Math.abs(one.at().x() * 2 - panel.size().width()) < 1e-6 ? size.width() / 2 : one.at().x();
        double y = one.at().y() * 2 > panel.size().height() ? size.height() - (panel.size().height() - one.at().y()) : one.at().y();
        holes.add(new Hole(new Point(x, y), one.across()));
      }
      return new Panel(size, Math.min(panel.corner(), Math.min(size.width(), size.height()) / 2), panel.fold(), panel.thick(), holes);
    }

    private void hole(Hole hole, double scale, double x, double y) {
      double r = hole.across() / 2 * scale;
      path(Shapes.ellipse(new Box(x + hole.at().x() * scale - r, y + hole.at().y() * scale - r, 2 * r, 2 * r)), "thing-hole");
    }

    @Override
    public Void cloth(Cloth cloth) {
      double scale = Math.min(250 / cloth.whole().width(), 230 / cloth.whole().height());
      double x = 195 - cloth.whole().width() * scale / 2;
      double y = 20;
      drawing.getChildren().add(DrawnNodes.path(Garments.outline(cloth), new Viewport(scale, x, y), "thing-body"));
      Box p = cloth.print();
      double left = x + p.x() * scale;
      double top = y + p.y() * scale;
      path(Shapes.rectangle(new Box(left, top, p.width() * scale, p.height() * scale)), "thing-print");
      tape(left, top + p.height() * scale + 8, left + p.width() * scale, top + p.height() * scale + 8);
      tape(left + p.width() * scale + 8, top, left + p.width() * scale + 8, top + p.height() * scale);
      length("thing-width", "thingBench.width", 195 - FIELD / 2, HIGH - 50, 0.25, 60, p.width(),
          v -> body(cloth.withPrint(new Box(p.centre().x() - v / 2, p.y(), v, p.height()))));
      length("thing-tall", "thingBench.tall", 312, 120, 0.25, 60, p.height(),
          v -> body(cloth.withPrint(new Box(p.x(), p.y(), p.width(), v))));
      length("thing-down", "thingBench.down", 8, 12, 0, 60, p.y(), v -> body(cloth.withPrint(new Box(p.x(), v, p.width(), p.height()))));
      length("thing-in", "thingBench.in", 8, 110, 0, 60, p.x(), v -> body(cloth.withPrint(new Box(v, p.y(), p.width(), p.height()))));
      bent.setVisible(false);
      where.setText(Wording.text("thingBench.whereCloth"));
      return null;
    }

    @Override
    public Void framed(Framed framed) {
      double outX = framed.size().width() - 2 * framed.covered() + 2 * framed.mat() + 2 * framed.frame();
      double outY = framed.size().height() - 2 * framed.covered() + 2 * framed.mat() + 2 * framed.frame();
      double scale = Math.min(190 / outX, 220 / outY);
      double cx = 190;
      double cy = 138;
      nested(cx, cy, outX * scale, outY * scale, "thing-wood");
      nested(cx, cy, (outX - 2 * framed.frame()) * scale, (outY - 2 * framed.frame()) * scale, "thing-body");
      nested(cx, cy, (framed.size().width() - 2 * framed.covered()) * scale, (framed.size().height() - 2 * framed.covered()) * scale,
          "thing-print");
      Size size = framed.size();
      length("thing-width", "thingBench.width", cx - FIELD / 2, HIGH - 60, 0.25, 100, size.width(),
          v -> body(framed.withSize(new Size(v, size.height()))));
      length("thing-tall", "thingBench.tall", 312, 120, 0.25, 100, size.height(), v -> body(framed.withSize(new Size(size.width(), v))));
      length("thing-mat", "thingBench.mat", 8, 20, 0, 20, framed.mat(), v -> body(framed.withMat(v)));
      length("thing-frame", "thingBench.frame", 8, 80, 0, 6, framed.frame(), v -> body(framed.withFrame(v)));
      length("thing-covered", "thingBench.covered", 8, 140, 0, 4, framed.covered(), v -> body(framed.withCovered(v)));
      bent.setVisible(false);
      where.setText(Wording.text("thingBench.whereFramed"));
      return null;
    }

    private void nested(double cx, double cy, double w, double h, String style) {
      path(Shapes.rectangle(new Box(cx - w / 2, cy - h / 2, w, h)), style);
    }
  }

  private void strip(double length, double sag) {
    stripLength = length;
    strip = length >= 0.25 ? Optional.of(new Taping.Strip(length, Math.min(sag, length / 2))) : Optional.empty();
    show(thing);
  }

  /** The flat piece: its edge, the art past it, what words keep out of. */
  private void flat() {
    flat.getChildren().clear();
    Optional<Development> band = thing.body().asCup().flatMap(Cup::band);
    Laid laid = Laid.of(thing.body());
    boolean bending = thing.body().development().isPresent();
    Insets over = Insets.all(thing.overhang());
    Path edge = bending ? band.orElseThrow().band(Insets.NONE)
        : laid.outline().orElse(Shapes.rectangle(new Box(0, 0, laid.size().width(), laid.size().height())));
    Path beyond = bending ? band.orElseThrow().band(over)
        : laid.outline().map(o -> thing.overhang() > 0
        ? org.zipthimble.core.overlay.Offset.of(o, thing.overhang(), org.zipthimble.core.geom.Corner.ROUND) : o)
        .orElse(Shapes.rectangle(new Box(0, 0, laid.size().width(), laid.size().height()).grown(over)));
    Box around = Measure.bounds(beyond).orElseThrow();
    Viewport view = Viewport.fit(around, WIDE - 58, HIGH, 16);
    flat.getChildren().add(DrawnNodes.path(beyond, view, "flat-beyond"));
    flat.getChildren().add(DrawnNodes.path(edge, view, "flat-edge"));
    for (Body.Zone zone : laid.zones()) {
      flat.getChildren().add(DrawnNodes.path(bending ? band.orElseThrow().path(zone.outline()) : zone.outline(), view, "no-go"));
    }
  }

  private void told() {
    Size size = Laid.of(thing.body()).size();
    figures.setText(Wording.text("thingBench.size", Lengths.show(round(size), session.unit())));
    // a blank that is a hair larger than was read shows bare beyond the art
    sure.setText(Wording.text("thingBench.sureFlat", plain(Taping.across(error)),
        Wording.text(thing.overhang() >= Taping.across(error) ? "thingBench.overWell" : "thingBench.overShort")));
    trouble.setText("");
    thing.body().asCup().ifPresent(cup -> told(cup, size));
  }

  private void told(Cup cup, Size size) {
    Taping taping = taping(cup);
    String across = Lengths.show(Math.round(cup.top() * 1000) / 1000.0, session.unit());
    String below = Lengths.show(Math.round(cup.base() * 1000) / 1000.0, session.unit());
    figures.setText(
        cup.band().map(b -> Wording.text("thingBench.tapered", across, below,
        Lengths.show(round(b.straight().width() > 0 ? new Size(b.width(), b.slant()) : size), session.unit()),
        Lengths.show(round(b.size()), session.unit()), plain(b.outer()), plain(b.inner()), Lengths.plain(Math.toDegrees(b.once()), 2)))
        .orElse(Wording.text("thingBench.straight", across, Lengths.show(round(size), session.unit()))));
    sure.setText(Wording.text("thingBench.sure", plain(taping.atSeam()), plain(taping.top().within()),
        Wording.text(cup.closes() && taping.atSeam() > cup.flap() ? "thingBench.flapShort" : "thingBench.flapWell")));
    strip.ifPresent(s -> {
      Gauge expected = taping.sagExpected().orElseThrow();
      trouble.setText(taping.agrees() ? "" : Wording.text("thingBench.disagrees", plain(s.sag()), plain(expected.value()),
          plain(taping.radius().map(Gauge::value).orElse(Double.NaN)), plain(taping.stripRadius().map(Gauge::value).orElse(Double.NaN))));
      if (taping.agrees()) {
        sure.setText(sure.getText() + " " + Wording.text("thingBench.agrees", plain(expected.value())));
      }
    });
  }

  private static Size round(Size size) {
    return new Size(Math.round(size.width() * 1000) / 1000.0, Math.round(size.height() * 1000) / 1000.0);
  }

  private String plain(double inches) {
    return Lengths.plain(session.unit().fromInches(inches), 3);
  }
}
