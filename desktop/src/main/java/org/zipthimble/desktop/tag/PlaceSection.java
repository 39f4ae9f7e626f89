package org.zipthimble.desktop.tag;

import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.arrange.Resizing;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** Where the selection stands by any of nine places, how big it is, its turn, its scale, and whether it is squashed. */
final class PlaceSection extends Section {
  private static final double LEAST_SIZE = 0.005;
  private static final double NARROW = 56;

  private int across = -1;
  private int down = -1;

  PlaceSection(Session session, boolean several, boolean line) {
    super(session);
    HBox places = Controls.row(6, nine(), Controls.under(Wording.text("tag.left"), place("tag-left", "tag.left", true)),
        Controls.under(Wording.text("tag.top"), place("tag-top", "tag.top", false)));
    getChildren().addAll(places, sizes(several, line));
    if (!several) {
      getChildren().addAll(squash(), ThingSection.whole(this));
    }
  }

  /** Lays a shape or a picture over the whole face. */
  private Node cover() {
    Button cover = Controls.button("tag-cover", "tag.cover", () -> session.apply(Edits.cover(face(), ids())), "quiet");
    fresh.add(() -> cover.setDisable(now().filter(i -> i.outlined().isPresent() || i.pictured().isPresent()).isEmpty()));
    return cover;
  }

  /** The box of one object, or that around several on their ground. */
  private Optional<Placement> standing() {
    return now().map(Item::placement).or(() -> Resizing.box(session.face(), ids()).map(Placement::of));
  }

  private Node nine() {
    GridPane grid = new GridPane();
    grid.getStyleClass().add("nine");
    ToggleGroup group = new ToggleGroup();
    for (int row = -1; row <= 1; row++) {
      for (int column = -1; column <= 1; column++) {
        int c = column;
        int r = row;
        ToggleButton dot = new ToggleButton();
        dot.getStyleClass().add("nine-dot");
        dot.setId("ref-" + (c + 1) + (r + 1));
        dot.setSelected(c == across && r == down);
        String name = Wording.text("tag.ref." + (r + 1) + (c + 1));
        dot.setAccessibleText(name);
        Controls.tip(dot, name);
        Pills.among(dot, group).setOnAction(e -> {
          across = c;
          down = r;
          refresh();
        });
        grid.add(dot, c + 1, r + 1);
      }
    }
    return grid;
  }

  private TypedField place(String id, String key, boolean x) {
    return length(id, key, -Placement.FARTHEST, Placement.FARTHEST,
        () -> standing().map(p -> Reshape.reference(p, across, down)).map(p -> x ? p.x() : p.y()).orElse(Double.NaN),
        value -> standing().ifPresent(p -> {
          Point from = Reshape.reference(p, across, down);
          double dx = x ? value - from.x() : 0;
          double dy = x ? 0 : value - from.y();
          session.apply(Edits.place(face(), ids(), "edit.place", each -> each.moved(dx, dy)));
        }));
  }

  private Node sizes(boolean several, boolean line) {
    TypedField wide = size("tag-width", line ? "tag.long" : "tag.width", Placement::width, true);
    HBox row = Controls.row(6, Controls.under(Wording.text(line ? "tag.long" : "tag.width"), wide));
    if (!line) {
      row.getChildren().add(Controls.under(Wording.text("tag.height"), size("tag-height", "tag.height", Placement::height, false)));
    }
    HBox second = Controls.row(6);
    if (!several) {
      TypedField turn = number("tag-turn", "tag.turn", -3600, 3600,
          () -> now().map(i -> Wording.text("tag.degrees", Lengths.plain(i.placement().turn(), 2))).orElse(""),
          degrees -> session.apply(Edits.place(face(), ids(), "edit.turn", p -> p.withTurn(degrees))));
      second.getChildren().add(narrow("tag.turn", turn));
    }
    TypedField scale = number("tag-scale", "tag.scale", 1, 10_000, () -> Wording.text("proof.percent", 100),
        percent -> standing().ifPresent(p -> session.perform((face, ids) ->
            Resizing.scale(face, ids, percent / 100, Reshape.reference(p, across, down)))));
    second.getChildren().add(narrow("tag.scale", scale));
    if (line) {
      return new VBox(5, row, second);
    }
    if (!several) {
      second.getChildren().add(Controls.under(Wording.text("tag.cover.over"), cover()));
    }
    CheckBox keep = new CheckBox(Wording.text("tag.keep"));
    keep.setId("tag-keep");
    keep.selectedProperty().bindBidirectional(session.selection().keepProportionProperty());
    return new VBox(5, row, second, keep);
  }

  private static Node narrow(String key, TypedField field) {
    field.setPrefWidth(NARROW);
    VBox box = Controls.under(Wording.text(key), field);
    box.setMinWidth(NARROW);
    HBox.setHgrow(box, Priority.NEVER);
    return box;
  }

  private TypedField size(String id, String key, ToDoubleFunction<Placement> get, boolean width) {
    return length(id, key, LEAST_SIZE, Placement.FARTHEST, () -> standing().map(get::applyAsDouble).orElse(Double.NaN), value -> {
      boolean keep = session.selection().keepProportionProperty().get();
      // words in proportion are words of another size of type
      if (now().filter(i -> !(keep && i.words().isPresent())).isPresent()) {
        session.apply(Edits.place(face(), ids(), "edit.resize", sized(value, width, keep)));
        return;
      }
      Resizing.box(session.face(), ids()).ifPresent(box -> {
        Placement to = sized(value, width, keep).apply(Placement.of(box));
        session.apply(Resizing.fit(face(), ids(), box, new Box(to.x(), to.y(), to.width(), to.height())));
      });
    });
  }

  private UnaryOperator<Placement> sized(double value, boolean width, boolean keep) {
    int fixedAcross = across;
    int fixedDown = down;
    return p -> {
      double factor = width ? value / p.width() : value / p.height();
      double w = width ? value : keep && p.height() > 0 ? p.width() * factor : p.width();
      double h = !width ? value : keep && p.width() > 0 ? p.height() * factor : p.height();
      return Reshape.anchored(p, w, h, fixedAcross, fixedDown);
    };
  }

  private Node squash() {
    Label badge = Controls.label("", "squash-badge");
    badge.setId("tag-squash");
    javafx.scene.control.Button mend = Controls.button("tag-unsquash", "tag.unsquash",
        () -> now().ifPresent(i -> session.apply(Resizing.unsquash(session.job(), face(), i))), "quiet");
    HBox row = Controls.row(6, badge, mend);
    row.managedProperty().bind(row.visibleProperty());
    fresh.add(() -> {
      Optional<Double> squash = now().flatMap(i -> Resizing.squash(session.shownProperty().get(), i));
      row.setVisible(squash.isPresent());
      squash.ifPresent(s -> badge.setText(s > 1
          ? Wording.text("tag.tooWide", Lengths.plain((s - 1) * 100, 0))
          : Wording.text("tag.tooHigh", Lengths.plain((1 / s - 1) * 100, 0))));
    });
    return row;
  }

  static boolean line(Item item) {
    return item.outlined().filter(s -> s.outline().straight()).isPresent();
  }
}
