package org.zipthimble.desktop.tag;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.PictureFit;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Shares;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** How a mount holds its picture; how a mount grid is laid out. */
final class MountSection extends Section {
  private static final double FOURTH = 43;
  private static final double HALF = 92;

  MountSection(Session session, Item item) {
    super(session);
    if (item.mount().isPresent()) {
      getChildren().addAll(held());
    } else {
      getChildren().addAll(grid());
    }
  }

  /** Whether there is anything to show for an object. */
  static boolean wants(Item item) {
    return item.mount().isPresent() || item.holder().flatMap(g -> g.effect().grid()).isPresent();
  }

  private PictureFit heldNow() {
    return now().flatMap(Item::mount).map(LiveEffect.Mounted::fit).orElse(PictureFit.FILLING);
  }

  private void hold(UnaryOperator<PictureFit> change) {
    session.perform((face, ids) -> Mounts.hold(face, ids, change));
  }

  private List<Node> held() {
    FlowPane figures = fields(FOURTH,
        "mountTag.zoom", percent("mount-zoom", "mountTag.zoom", PictureFit.LEAST_ZOOM * 100, PictureFit.MOST_ZOOM * 100,
        () -> heldNow().zoom(), v -> hold(h -> h.withZoom(v))),
        "mountTag.dx", percent("mount-dx", "mountTag.dx", -PictureFit.MOST_ZOOM * 100, PictureFit.MOST_ZOOM * 100, () -> heldNow().dx(),
        v -> hold(h -> new PictureFit(h.zoom(), v, h.dy(), h.turn()))),
        "mountTag.dy", percent("mount-dy", "mountTag.dy", -PictureFit.MOST_ZOOM * 100, PictureFit.MOST_ZOOM * 100, () -> heldNow().dy(),
        v -> hold(h -> new PictureFit(h.zoom(), h.dx(), v, h.turn()))),
        "mountTag.turn", number("mount-turn", "mountTag.turn", -360, 360,
        () -> Wording.text("tag.degrees", Lengths.plain(heldNow().turn(), 2)),
            v -> hold(h -> h.withTurn(v))));
    FlowPane buttons = flow(
        Controls.button("mount-fill", "mountTag.fill", () -> hold(h -> PictureFit.FILLING), "quiet"),
        Controls.button("mount-fit", "mountTag.fit", () -> now().ifPresent(i -> {
          double zoom = Mounts.fitting(session.job(), i);
          hold(h -> new PictureFit(zoom, 0, 0, 0));
        }), "quiet"),
        Controls.button("mount-true", "mountTag.true", () -> now().ifPresent(i -> {
          double zoom = Mounts.zoomAt(session.job(), i, session.job().ticket().ppi());
          hold(h -> h.withZoom(zoom));
        }), "quiet"),
        Controls.button("mount-put", "mountTag.put", () -> session.pictureHands().fill(), "quiet"),
        Controls.button("mount-out", "mountTag.out", () -> now().ifPresent(i -> session.applyAndSelect(Mounts.takeOut(face(), i.id()))),
        "quiet"));
    return List.of(Controls.wrapped(Wording.text("mountTag.how"), "line-note"), figures, buttons);
  }

  private Optional<LiveEffect.Gridded> gridNow() {
    return now().flatMap(Item::holder).flatMap(g -> g.effect().grid());
  }

  private void regrid(UnaryOperator<LiveEffect.Gridded> change) throws Trouble {
    Optional<LiveEffect.Gridded> grid = gridNow();
    if (grid.isPresent()) {
      session.apply(Mounts.regrid(session.job(), face(), now().orElseThrow().id(), change.apply(grid.get())));
    }
  }

  private List<Node> grid() {
    TypedField columns = shares("mount-columns", "mountTag.columns", g -> g.columns(),
        (g, all) -> new LiveEffect.Gridded(all, g.rows(), g.gutter()));
    TypedField rows = shares("mount-rows", "mountTag.rows", g -> g.rows(),
        (g, all) -> new LiveEffect.Gridded(g.columns(), all, g.gutter()));
    TypedField gutter = new TypedField("mount-gutter", Wording.text("mountTag.gutter"), text -> {
      double inches = Lengths.parse(text, session.unit());
      regrid(g -> new LiveEffect.Gridded(g.columns(), g.rows(), inches));
    });
    fresh.add(() -> gridNow().ifPresent(g -> gutter.show(Lengths.show(g.gutter(), session.unit()))));
    return List.of(Controls.wrapped(Wording.text("mountTag.grid.how"), "line-note"),
        fields(HALF, "mountTag.columns", columns, "mountTag.rows", rows, "mountTag.gutter", gutter),
        Controls.button("mount-grid-fill", "mountTag.refill", () -> session.pictureHands().fill(), "quiet"));
  }

  private interface Put {
    LiveEffect.Gridded with(LiveEffect.Gridded grid, List<Double> shares);
  }

  /** A count (3) or shares (2 1 1). */
  private TypedField shares(String id, String key, java.util.function.Function<LiveEffect.Gridded, List<Double>> get, Put put) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      List<Double> all = Shares.read(text);
      regrid(g -> put.with(g, all));
    });
    fresh.add(() -> gridNow().ifPresent(g -> field.show(Shares.show(get.apply(g)))));
    return field;
  }
}
