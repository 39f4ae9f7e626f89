package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import org.zipthimble.core.arrange.Snapper;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.shape.Draft;
import org.zipthimble.desktop.state.Session;

/** Drawing new outlines on the bench: points and curves one after another, or a line by free hand. */
final class Drafting {
  private static final double CLOSE = 8;
  private static final double SMOOTH = 4;
  private static final double SNAP = 6;

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;
  private Draft draft = new Draft();
  private List<Point> hand = new ArrayList<>();
  private Optional<Point> pointer = Optional.empty();
  private BiConsumer<Path, Boolean> onDrawn = (path, closed) -> { };

  Drafting(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
    session.drawingProperty().addListener(o -> {
      draft = new Draft();
      hand = new ArrayList<>();
      bench.redrawLines();
    });
  }

  void setOnDrawn(BiConsumer<Path, Boolean> action) {
    onDrawn = action;
  }

  boolean on() {
    return session.drawingProperty().get() != Session.Drawing.NONE;
  }

  /** What a press begins while something is drawn. */
  Drag press(MouseEvent e, Point pixel) {
    if (session.drawingProperty().get() == Session.Drawing.FREEHAND) {
      hand = new ArrayList<>(List.of(lens.now().toFace(pixel)));
      return new ByHand();
    }
    Point at = snapped(pixel, e.isControlDown());
    if (draft.count() > 1 && lens.now().toPixel(draft.begin()).distance(pixel) < CLOSE) {
      finish(true);
      return Drag.NONE;
    }
    if (e.getClickCount() == 2) {
      finish(false);
      return Drag.NONE;
    }
    draft.add(at);
    bench.redrawLines();
    return new Pulling(at);
  }

  private Point snapped(Point pixel, boolean free) {
    Point face = lens.now().toFace(pixel);
    if (!session.preferences().now().snap() || free) {
      return face;
    }
    Snapper.Snapped s = Snapper.of(session.job(), session.face(), Set.of(),
        session.preferences().now().gridShown() ? session.preferences().now().grid() : 0)
        .point(face, true, true, SNAP / lens.now().scale());
    return face.plus(s.dx(), s.dy());
  }

  /** Follows the pointer between clicks. */
  void moved(Point pixel) {
    pointer = Optional.of(lens.now().toFace(pixel));
    if (draft.count() > 0) {
      bench.redrawLines();
    }
  }

  /** Ends the line where it is; whether there was one. */
  boolean finish(boolean closed) {
    if (!on()) {
      return false;
    }
    Path path = draft.path(closed);
    boolean enough = draft.count() > 1;
    end();
    if (enough) {
      onDrawn.accept(path, closed);
    }
    return true;
  }

  /** Drops what was drawn; whether something was being drawn. */
  boolean drop() {
    boolean was = on();
    if (was) {
      end();
    }
    return was;
  }

  private void end() {
    draft = new Draft();
    hand = new ArrayList<>();
    session.drawingProperty().set(Session.Drawing.NONE);
    session.say("");
  }

  void show(Viewport view, List<Node> nodes) {
    if (!on()) {
      return;
    }
    Path path = hand.size() > 1 ? Draft.chain(hand) : draft.shown(pointer);
    if (!path.segments().isEmpty()) {
      nodes.add(DrawnNodes.path(path, view, "point-line"));
    }
    for (Point place : draft.places()) {
      Point at = view.toPixel(place);
      Circle dot = new Circle(at.x(), at.y(), 4);
      dot.getStyleClass().addAll("point", "point-free");
      dot.setMouseTransparent(true);
      nodes.add(dot);
    }
  }

  private final class Pulling implements Drag {
    private final Point from;

    Pulling(Point from) {
      this.from = from;
    }

    @Override
    public void to(Point now, Keys held) {
      draft.bend(from, lens.now().toFace(now));
      bench.redrawLines();
    }
  }

  private final class ByHand implements Drag {
    @Override
    public void to(Point now, Keys held) {
      hand.add(lens.now().toFace(now));
      bench.redrawLines();
    }

    @Override
    public void done() {
      List<Point> drawn = hand;
      double reach = CLOSE / lens.now().scale();
      end();
      Draft.smoothed(drawn, SMOOTH / lens.now().scale(), reach).ifPresent(c -> onDrawn.accept(c.path(), c.closed()));
    }

    @Override
    public void dropped() {
      drop();
    }
  }
}
