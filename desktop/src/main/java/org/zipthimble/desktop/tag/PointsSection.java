package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.layout.FlowPane;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.shape.Nodes;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** The chosen points of the shape that is being edited: where they stand, and what they are. */
final class PointsSection extends Section {
  PointsSection(Session session) {
    super(session);
    getChildren().add(Controls.wrapped(Wording.text("points.how"), "line-note"));
    getChildren().add(Controls.row(6,
        Controls.under(Wording.text("tag.left"), length("point-left", "tag.left", -Placement.FARTHEST, Placement.FARTHEST,
            () -> first().map(n -> n.place().x()).orElse(Double.NaN), v -> first().ifPresent(n -> moved(v - n.place().x(), 0)))),
        Controls.under(Wording.text("tag.top"), length("point-top", "tag.top", -Placement.FARTHEST, Placement.FARTHEST,
            () -> first().map(n -> n.place().y()).orElse(Double.NaN), v -> first().ifPresent(n -> moved(0, v - n.place().y()))))));
    FlowPane forms = new FlowPane(4, 4);
    forms.getChildren().addAll(
        Controls.button("point-corner", "points.corner", () -> redraw(p -> Nodes.cornered(p, chosen())), "quiet"),
        Controls.button("point-smooth", "points.smooth", () -> redraw(p -> Nodes.smoothed(p, chosen())), "quiet"),
        Controls.button("point-straight", "points.straight", () -> redraw(p -> Nodes.bent(p, chosen(), true)), "quiet"),
        Controls.button("point-curved", "points.curved", () -> redraw(p -> Nodes.bent(p, chosen(), false)), "quiet"),
        Controls.button("point-add", "points.add", this::add, "quiet"),
        Controls.button("point-remove", "points.remove", () -> {
          redraw(p -> Nodes.removed(p, chosen()));
          session.selection().chosenPointsProperty().set(java.util.Set.of());
        }, "quiet"),
        Controls.button("point-open", "points.open", () -> chosen().stream().findFirst().ifPresent(at -> redraw(p -> Nodes.opened(p, at))),
        "quiet"),
        Controls.button("point-join", "points.join", this::join, "quiet"));
    getChildren().addAll(forms, Controls.button("points-done", "points.done",
        () -> session.selection().pointsProperty().set(Optional.empty()), "main"));
  }

  private List<Nodes.At> chosen() {
    return new ArrayList<>(session.selection().chosenPointsProperty().get());
  }

  private Optional<Path> path() {
    return now().map(i -> new Forms(session.shownProperty().get()).outline(i));
  }

  private Optional<Nodes.Node> first() {
    return path().flatMap(p -> Nodes.of(p).stream().filter(n -> session.selection().chosenPointsProperty().get().contains(n.at()))
        .findFirst());
  }

  private void moved(double dx, double dy) {
    redraw(p -> Nodes.moved(p, chosen(), dx, dy));
  }

  private void redraw(UnaryOperator<Path> change) {
    if (!chosen().isEmpty()) {
      now().ifPresent(i -> path().ifPresent(p -> session.apply(Shaping.redraw(face(), i.id(), change.apply(p), "edit.pointForm"))));
    }
  }

  /** A point in the middle of the span after each chosen one. */
  private void add() {
    redraw(p -> {
      Path out = p;
      List<Nodes.At> order = chosen();
      order.sort((a, b) -> b.index() - a.index());
      for (Nodes.At at : order) {
        out = Nodes.added(out, at, 0.5);
      }
      return out;
    });
  }

  /** Joins two chosen ends, or both ends of the one open outline. */
  private void join() {
    List<Nodes.At> at = chosen();
    if (at.size() == 2) {
      redraw(p -> Nodes.joined(p, at.get(0), at.get(1)));
    } else if (at.size() == 1) {
      redraw(p -> {
        int last = (int) Nodes.of(p).stream().filter(n -> n.at().contour() == at.get(0).contour()).count() - 1;
        return Nodes.joined(p, new Nodes.At(at.get(0).contour(), 0), new Nodes.At(at.get(0).contour(), last));
      });
    }
  }
}
