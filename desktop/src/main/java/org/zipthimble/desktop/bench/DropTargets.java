package org.zipthimble.desktop.bench;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.Dragboard;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** Shows which mounts wait for a picture, and which one would take what is dragged over the bench. */
final class DropTargets {
  private static final double ROOMY = 40;

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;
  private Optional<Point> over = Optional.empty();

  /** The face whose empty mounts are known; in each frame of a drag or a zoom it is mostly the same. */
  private Face lookedAt;
  private List<Item> empty = List.of();

  DropTargets(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
  }

  void over(Dragboard board, Point pixel) {
    if (board.hasFiles() || board.hasImage()) {
      over = Optional.of(lens.now().toFace(pixel));
      bench.redrawLines();
    }
  }

  void gone() {
    if (over.isPresent()) {
      over = Optional.empty();
      bench.redrawLines();
    }
  }

  /** While a picture is dragged over the bench: all mounts, and the one that would take it. */
  void show(Viewport view, List<Node> nodes) {
    if (over.isEmpty()) {
      return;
    }
    List<String> under = Mounts.at(session.face(), over.get());
    for (Item mount : Mounts.among(session.face().items())) {
      boolean takes = !under.isEmpty() && under.get(0).equals(mount.id());
      Path path = outline(mount);
      nodes.add(DrawnNodes.path(path, view, takes ? "mount-takes" : "mount-waits"));
      if (takes) {
        String said = mount.pictureIds().isEmpty() ? "mountTag.takes" : "mountTag.asks";
        label(path, view, Wording.text(said), nodes);
      }
    }
  }

  /** The mounts that are empty, in chalk: they print nothing. */
  void empty(Viewport view, List<Node> nodes) {
    if (lookedAt != session.face()) {
      lookedAt = session.face();
      empty = Mounts.among(lookedAt.items()).stream()
          .filter(m -> m.properties().visible() && m.pictureIds().isEmpty() && m.mount().isPresent()).toList();
    }
    for (Item mount : empty) {
      Path path = outline(mount);
      nodes.add(DrawnNodes.path(path, view, "mount-empty"));
      label(path, view, Wording.text("mountTag.empty"), nodes);
    }
  }

  private Path outline(Item mount) {
    Affine ground = Scene.of(session.face()).under(mount.id());
    return new Forms(session.shownProperty().get()).outline(mount).mapped(ground);
  }

  private static void label(Path path, Viewport view, String text, List<Node> nodes) {
    Measure.bounds(path).filter(b -> b.width() * view.scale() > ROOMY && b.height() * view.scale() > ROOMY / 2).ifPresent(box -> {
      Label label = Controls.label(text, "mount-label");
      Point middle = view.toPixel(box.centre());
      label.layoutXProperty().bind(label.widthProperty().divide(-2).add(middle.x()));
      label.layoutYProperty().bind(label.heightProperty().divide(-2).add(middle.y()));
      label.setMouseTransparent(true);
      nodes.add(label);
    });
  }
}
