package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.PictureEdits;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.Pick;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.PointerMode;
import org.zipthimble.desktop.state.Session;

/** The brush over a picture, and the dropper that picks a colour. */
final class BrushHand {
  private static final double STEP = 2;

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;
  private Optional<Point> pointer = Optional.empty();
  private final LatestWork picker = new LatestWork();
  private final Polyline trail = new Polyline();

  BrushHand(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
    trail.getStyleClass().add("brush-trail");
    trail.setMouseTransparent(true);
    session.pointerMode().brushProperty().addListener(o -> bench.redrawLines());
    session.pointerMode().pickingProperty().addListener(o -> bench.redrawLines());
    session.selectionProperty().addListener(o -> {
      if (session.pointerMode().brushProperty().get().isPresent() && target().isEmpty()) {
        session.pointerMode().layBy();
      }
    });
  }

  /** Whether a brush or the dropper is in hand. */
  boolean on() {
    return session.pointerMode().brushProperty().get().isPresent() || session.pointerMode().pickingProperty().get().isPresent();
  }

  void moved(Point pixel) {
    if (on()) {
      pointer = Optional.of(pixel);
      bench.redrawLines();
    } else {
      pointer = Optional.empty();
    }
  }

  /** The picture that the brush touches. */
  private Optional<Item> target() {
    return session.single().filter(i -> i.retouch().isPresent());
  }

  Drag press(Point pixel) {
    Optional<Consumer<Colour>> picking = session.pointerMode().pickingProperty().get();
    if (picking.isPresent()) {
      session.pointerMode().layBy();
      session.say("");
      Job job = session.job();
      Face face = session.face();
      Point place = lens.now().toFace(pixel);
      double average = session.pointerMode().average();
      picker.want(() -> Pick.at(Imposition.bench(job, face), place, average, session.halvings()), picking.get());
      return Drag.NONE;
    }
    if (target().isEmpty()) {
      session.say(Wording.text("brush.noPicture"));
      session.pointerMode().layBy();
      return Drag.NONE;
    }
    return new Stroke(pixel, target().get(), session.pointerMode().last());
  }

  void show(Viewport view, List<Node> nodes) {
    if (!on() || pointer.isEmpty()) {
      return;
    }
    if (!trail.getPoints().isEmpty()) {
      trail.setStrokeWidth(Math.max(2, session.pointerMode().last().size() * view.scale()));
      nodes.add(trail);
    }
    boolean picking = session.pointerMode().pickingProperty().get().isPresent();
    double across = picking ? session.pointerMode().average() : session.pointerMode().last().size();
    Circle ring = new Circle(pointer.get().x(), pointer.get().y(), Math.max(3, across / 2 * view.scale()));
    ring.getStyleClass().add(picking ? "dropper-ring" : "brush-ring");
    ring.setMouseTransparent(true);
    nodes.add(ring);
  }

  private final class Stroke implements Drag {
    private final Item item;
    private final PointerMode.Brush brush;
    private final Affine toPicture;
    private final double radius;
    private final List<Point> places = new ArrayList<>();
    private Point last;

    Stroke(Point pixel, Item item, PointerMode.Brush brush) {
      this.item = item;
      this.brush = brush;
      this.toPicture = PictureEdits.toPicture(session.job(), item, session.ground()).orElse(Affine.IDENTITY);
      this.radius = PictureEdits.radius(toPicture, brush.size());
      add(pixel);
    }

    private void add(Point pixel) {
      last = pixel;
      trail.getPoints().addAll(pixel.x(), pixel.y(), pixel.x(), pixel.y());
      Point p = toPicture.apply(lens.now().toFace(pixel));
      if (places.size() < BrushStroke.MOST && Math.abs(p.x()) < 10 && Math.abs(p.y()) < 10) {
        places.add(p);
      }
    }

    @Override
    public void to(Point now, Keys held) {
      pointer = Optional.of(now);
      if (now.distance(last) >= STEP) {
        add(now);
        if (!places.isEmpty()) {
          session.tryOut(PictureEdits.rub(session.faceIdProperty().get(), item.id(), rub()));
        }
      }
    }

    private BrushStroke rub() {
      return new BrushStroke(places, radius, brush.soft(), brush.restores());
    }

    @Override
    public void done() {
      trail.getPoints().clear();
      session.dropTry();
      if (!places.isEmpty()) {
        session.apply(PictureEdits.rub(session.faceIdProperty().get(), item.id(), rub()));
      }
    }

    @Override
    public void dropped() {
      trail.getPoints().clear();
      session.dropTry();
    }
  }
}
