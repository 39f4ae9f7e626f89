package org.zipthimble.desktop.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutMarks;
import org.zipthimble.core.cut.CutPiece;
import org.zipthimble.core.cut.CutSheet;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Finish;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.PiecePlace;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.bench.DrawnNodes;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** One sheet drawn to scale; its pieces can be moved by hand where they stay valid. */
final class CutMat extends Pane {
  private static final double BORDER = 26;
  private static final double FINE = 0.01;
  private static final int MOST_NUMBERS = 60;
  private static final int SPARKS = 420;

  private final Session session;
  private final Runnable again;
  private final Leaving leaving;
  private Optional<CutSheet> sheet = Optional.empty();
  private Viewport view = new Viewport(40, 0, 0);
  private Optional<CutPiece> held = Optional.empty();
  private Point pressed = new Point(0, 0);
  private Point by = new Point(0, 0);

  /** Told of a piece that is pulled off the sheet. */
  interface Leaving {
    /** A piece is pulled over a place of the scene. */
    void over(double sceneX, double sceneY);

    /** A piece is let go at a place of the scene; false when nothing takes it there. */
    boolean dropped(CutSheet from, CutPiece piece, double sceneX, double sceneY);
  }

  CutMat(Session session, Runnable again, Leaving leaving) {
    this.session = session;
    this.again = again;
    this.leaving = leaving;
    setId("cut-mat");
    setMinSize(0, 0);
    widthProperty().addListener(o -> draw());
    heightProperty().addListener(o -> draw());
    setOnMousePressed(this::press);
    setOnMouseDragged(this::drag);
    setOnMouseReleased(this::release);
  }

  void show(CutSheet shown) {
    sheet = Optional.of(shown);
    held = Optional.empty();
    draw();
  }

  void clear() {
    sheet = Optional.empty();
    getChildren().clear();
  }

  /** Where a place of the sheet is, in pixels of this pane. */
  Point pixelOf(Point place) {
    return view.toPixel(place);
  }

  private static Box stock(CutSheet sheet) {
    double length = sheet.supply().roll() ? sheet.length() + 2 * sheet.supply().margin() : sheet.supply().size().height();
    return new Box(0, 0, sheet.supply().size().width(), length);
  }

  private void draw() {
    getChildren().clear();
    if (sheet.isEmpty() || getWidth() < 60 || getHeight() < 60) {
      return;
    }
    CutSheet s = sheet.get();
    Box stock = stock(s);
    view = Viewport.fit(stock, getWidth(), getHeight(), BORDER);
    List<Node> nodes = new ArrayList<>();
    nodes.add(DrawnNodes.box(stock.grown(0.12), view, "mat-edge"));
    Shape material = DrawnNodes.path(s.supply().scrap().orElse(Shapes.rectangle(stock)), view, "material");
    material.setStyle(fill(s.lane(), s.lane().finish() == Finish.CLEAR ? 0.35 : 1));
    nodes.add(material);
    finish(s, stock, nodes);
    nodes.add(DrawnNodes.box(usable(s), view, "usable"));
    for (CutPiece piece : s.pieces()) {
      boolean lifted = held.filter(h -> h.id().equals(piece.id())).isPresent();
      nodes.add(piece(lifted ? piece.mapped(Affine.move(by.x(), by.y())) : piece, lifted));
    }
    for (CutLine line : s.extras()) {
      nodes.add(DrawnNodes.path(line.path(), view, CutMarks.light(s.lane().colour()) ? "weed-line-dark" : "weed-line"));
    }
    numbers(s, nodes);
    free(s, nodes);
    getChildren().setAll(nodes);
  }

  /** The look of a material over its colour: sparks, a grain along it, or a shine across it. */
  private void finish(CutSheet s, Box stock, List<Node> nodes) {
    Box b = view.toPixels().apply(stock);
    switch (s.lane().finish()) {
      case GLITTER -> {
        for (int i = 1; i <= SPARKS; i++) {
          // Parts of the golden ratio and of the root of two spread places evenly.
          Rectangle spark = new Rectangle(b.x() + b.width() * (i * 0.6180339887 % 1), b.y() + b.height() * (i * 0.4142135624 % 1), 1.6,
              1.6);
          spark.getStyleClass().add("finish-spark");
          nodes.add(spark);
        }
      }
      case BRUSHED -> {
        for (double x = b.x() + 5; x < b.right(); x += 5) {
          Line grain = new Line(x, b.y(), x, b.bottom());
          grain.getStyleClass().add("finish-grain");
          nodes.add(grain);
        }
      }
      case GLOSS -> {
        Polygon shine = new Polygon(b.x() + b.width() * 0.55, b.y(), b.x() + b.width() * 0.75, b.y(), b.x() + b.width() * 0.45, b.bottom(),
            b.x() + b.width() * 0.25, b.bottom());
        shine.getStyleClass().add("finish-shine");
        nodes.add(shine);
      }
      default -> { }
    }
  }

  private static Box usable(CutSheet s) {
    Box usable = s.supply().usable();
    return s.supply().roll() ? new Box(usable.x(), usable.y(), usable.width(), s.length()) : usable;
  }

  /** A lane's colour as it is; it is the person's own and stands in no style sheet. */
  static String fill(Lane lane, double opacity) {
    return String.format(Locale.ROOT, "-fx-fill: %s%02x;", lane.colour().hex(), Math.round(opacity * 255));
  }

  private Node piece(CutPiece piece, boolean lifted) {
    Group group = new Group();
    if (CutMarks.light(sheet.orElseThrow().lane().colour())) {
      group.getStyleClass().add("on-light");
    }
    Shape area = DrawnNodes.path(piece.outline(), view, lifted ? "piece-lifted" : "piece");
    group.getChildren().add(area);
    for (CutLine line : piece.lines()) {
      group.getChildren().add(DrawnNodes.path(line.path(), view, "cut-" + line.kind().name().toLowerCase(Locale.ROOT)));
    }
    return group;
  }

  private void numbers(CutSheet s, List<Node> nodes) {
    for (int i = 0; i < Math.min(s.pieces().size(), MOST_NUMBERS); i++) {
      if (s.pieces().size() == 1) {
        return;
      }
      Box box = Measure.bounds(s.pieces().get(i).outline()).orElseThrow();
      Point at = view.toPixel(box.centre());
      if (box.width() * view.scale() > 26 && box.height() * view.scale() > 22) {
        Label number = Controls.label(String.valueOf(i + 1), "piece-number");
        StackPane disc = new StackPane(number);
        disc.getStyleClass().add("piece-disc");
        disc.setMouseTransparent(true);
        disc.relocate(at.x() - 10, at.y() - 10);
        nodes.add(disc);
      }
    }
  }

  /** How much of the sheet stays free below the pieces. */
  private void free(CutSheet s, List<Node> nodes) {
    Optional<Box> reach = s.reach();
    double left = reach.map(r -> s.supply().usable().bottom() - r.bottom()).orElse(0.0);
    if (s.supply().roll() || left < 1 || s.pieces().isEmpty()) {
      return;
    }
    Point at = view.toPixel(new Point(s.supply().usable().centre().x(), reach.orElseThrow().bottom() + left / 2));
    Label tag = Controls.label(Wording.text("cutSheet.free", Lengths.showWithSign(Math.floor(left * 16) / 16, session.unit())), "free-tag");
    tag.setMouseTransparent(true);
    tag.relocate(at.x() - 70, at.y() - 12);
    nodes.add(tag);
  }

  private void press(MouseEvent e) {
    if (sheet.isEmpty()) {
      return;
    }
    pressed = view.toFace(new Point(e.getX(), e.getY()));
    by = new Point(0, 0);
    held = sheet.get().pieces().stream().filter(p -> Inside.contains(p.outline(), pressed, FINE)).reduce((a, b) -> b);
    if (e.getClickCount() == 2) {
      held.ifPresent(p -> lay(p, 90, new Point(0, 0)));
      held = Optional.empty();
    }
  }

  private void drag(MouseEvent e) {
    if (held.isPresent()) {
      Point now = view.toFace(new Point(e.getX(), e.getY()));
      by = new Point(now.x() - pressed.x(), now.y() - pressed.y());
      leaving.over(e.getSceneX(), e.getSceneY());
      draw();
    }
  }

  private void release(MouseEvent e) {
    if (held.isPresent() && leaving.dropped(sheet.orElseThrow(), held.get(), e.getSceneX(), e.getSceneY())) {
      held = Optional.empty();
      draw();
    } else if (held.isPresent() && (by.x() != 0 || by.y() != 0)) {
      CutPiece piece = held.get();
      held = Optional.empty();
      lay(piece, 0, by);
    } else {
      held = Optional.empty();
    }
  }

  /** Turns and moves a piece where that keeps everything valid; else says why not. */
  private void lay(CutPiece piece, double turn, Point move) {
    Job job = session.job();
    CutSheet s = sheet.orElseThrow();
    Point middle = Measure.bounds(piece.outline()).orElseThrow().centre();
    Affine map = Affine.turn(turn, middle).then(Affine.move(move.x(), move.y()));
    Optional<String> conflict = Layout.conflict(s, piece.mapped(map), job.cutting().gap());
    if (conflict.isPresent()) {
      session.say(conflict.get().isEmpty() ? Wording.text("cutSheet.outside") : Wording.text("cutSheet.tooNear", conflict.get()));
      again.run();
      return;
    }
    List<PiecePlace> laid = new ArrayList<>();
    for (PiecePlace l : Layout.laid(job, s.lane())) {
      if (l.piece().equals(piece.id()) && l.sheet() == s.number() - 1) {
        Point origin = map.apply(new Point(l.x(), l.y()));
        laid.add(new PiecePlace(l.piece(), l.sheet(), origin.x(), origin.y(), l.turn() + turn));
      } else {
        laid.add(l);
      }
    }
    session.say("");
    session.apply(CutEdits.laid(s.lane().id(), laid, "edit.layPiece"));
  }

  /** A sheet drawn small. */
  static Node small(CutSheet s, double side) {
    Box stock = stock(s);
    Viewport tiny = Viewport.fit(stock, side, side, 1);
    Pane pane = new Pane();
    pane.setMinSize(side, side);
    pane.setMaxSize(side, side);
    Shape material = DrawnNodes.path(Shapes.rectangle(stock), tiny, "material");
    material.setStyle(fill(s.lane(), 1));
    Path outlines = s.outlines();
    pane.getChildren().addAll(material, DrawnNodes.path(outlines, tiny, "piece"));
    return pane;
  }
}
