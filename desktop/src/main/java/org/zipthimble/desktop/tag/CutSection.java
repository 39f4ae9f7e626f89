package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.Pieces;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.item.CutEdge;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** What objects are for, how they are cut and from which lane, and the gap they clear around themselves. */
final class CutSection extends Section {
  private static final Colour NEW_LANE = Colour.of(0x5D8A6C);

  private static final LatestWork COUNTER = new LatestWork();

  private final Label count = Controls.wrapped("", "line-note");

  CutSection(Session session) {
    super(session);
    FlowPane roles = pills("role", Role.values(), f -> f.role(), role ->
        session.perform((face, ids) -> CutEdits.role(face, ids, role)));
    FlowPane kinds = pills("kindOf", CutKind.values(), f -> f.cutting().kind(), kind -> cut(c -> c.withKind(kind)));
    FlowPane edges = pills("edge", CutEdge.values(), f -> f.cutting().edge(), edge -> cut(c -> c.along(edge, c.distance())));
    Node distance = Controls.under(Wording.text("cutting.distance"), length("cut-distance", "cutting.distance", -Cutting.MOST, Cutting.MOST,
        () -> cutting().map(Cutting::distance).orElse(Double.NaN), v -> cut(c -> c.along(c.edge(), v))));
    Node spread = Controls.under(Wording.text("cutting.spread"), length("cut-spread", "cutting.spread", 0, Cutting.MOST,
        () -> cutting().map(Cutting::spread).orElse(Double.NaN), v -> cut(c -> c.withSpread(v))));
    Node threshold = Controls.under(Wording.text("cutting.threshold"),
        number("cut-threshold", "cutting.threshold", 1, Cutting.MOST_THRESHOLD,
        () -> cutting().map(c -> String.valueOf(c.threshold())).orElse(""), v -> cut(c -> c.withThreshold((int) v))));
    Node gap = Controls.under(Wording.text("cutting.gap"), length("clear-gap", "cutting.gap", 0, ItemProperties.MOST_GAP,
        () -> item().map(i -> i.properties().clearGap()).orElse(Double.NaN),
        v -> session.perform((face, ids) -> Edits.properties(face, ids, "edit.clearGap", f -> f.withClearGap(v)))));
    Node lane = Controls.under(Wording.text("cutting.lane"), lanes());
    Node printed = new VBox(5, edges, Controls.row(6, distance, spread, threshold));
    getChildren().addAll(
        Controls.label(Wording.text("tag.role"), "field-label"), roles, kinds, Controls.row(6, lane, gap), printed, count);
    fresh.add(() -> {
      Optional<Role> role = item().map(i -> i.properties().role());
      boolean cuts = role.filter(Role::cuts).isPresent();
      show(kinds, cuts);
      lane.setVisible(cuts);
      lane.setManaged(cuts);
      show(printed, role.filter(r -> r == Role.PRINTS_AND_CUTS).isPresent());
      boolean photo = item().flatMap(Item::pictured).isPresent();
      threshold.setVisible(photo);
      threshold.setManaged(photo);
      show(count, cuts);
      if (cuts) {
        counted();
      }
    });
  }

  private static void show(Node node, boolean on) {
    node.setVisible(on);
    node.setManaged(on);
  }

  private Optional<Item> item() {
    return now().or(() -> session.selected().stream().findFirst());
  }

  private Optional<Cutting> cutting() {
    return item().map(i -> i.properties().cutting());
  }

  private void cut(UnaryOperator<Cutting> change) {
    session.perform((face, ids) -> CutEdits.cutting(face, ids, change));
  }

  /** Tells how many separate outlines it falls into, counted beside the window; letters that overlap are one once they are joined. */
  private void counted() {
    Optional<Item> item = now().filter(i -> i.live() || i.holder().isEmpty());
    if (item.isEmpty()) {
      count.setText("");
      return;
    }
    Job job = session.shownProperty().get();
    COUNTER.want(() -> Pieces.count(new Forms(job).outline(item.get())), n -> count.setText(Wording.text("cutting.pieces", n)));
  }

  private <E extends Enum<E>> FlowPane pills(String key, E[] all, Function<ItemProperties, E> now, Consumer<E> take) {
    FlowPane pills = new FlowPane(4, 4);
    ToggleGroup group = new ToggleGroup();
    for (E one : all) {
      String word = one.name().toLowerCase(Locale.ROOT);
      ToggleButton pill = Pills.pill(key + "-" + word, Wording.of(one), group, () -> take.accept(one));
      pill.setMinWidth(USE_PREF_SIZE);
      fresh.add(() -> item().ifPresent(i -> pill.setSelected(now.apply(i.properties()) == one)));
      pills.getChildren().add(pill);
    }
    return pills;
  }

  private record Choice(String id, String name) {
    @Override
    public String toString() {
      return name;
    }
  }

  private ComboBox<Choice> lanes() {
    ComboBox<Choice> box = new ComboBox<>();
    box.setId("cut-lane");
    box.setMaxWidth(Double.MAX_VALUE);
    box.setAccessibleText(Wording.text("cutting.lane"));
    boolean[] showing = {false};
    fresh.add(() -> {
      showing[0] = true;
      CutPlan plan = session.shownProperty().get().cutting();
      List<Choice> choices = new ArrayList<>();
      choices.add(new Choice("", Wording.text("cutting.noLane")));
      plan.lanes().forEach(l -> choices.add(new Choice(l.id(), l.name())));
      choices.add(new Choice("+", Wording.text("cutting.newLane")));
      if (!box.getItems().equals(choices)) {
        box.getItems().setAll(choices);
      }
      String own = cutting().map(Cutting::lane).orElse("");
      box.setValue(choices.stream().filter(c -> c.id().equals(own)).findFirst().orElse(choices.get(0)));
      showing[0] = false;
    });
    box.setOnAction(e -> {
      Choice chosen = box.getValue();
      if (!showing[0] && chosen != null) {
        choose(chosen.id());
      }
    });
    return box;
  }

  private void choose(String id) {
    CutPlan plan = session.job().cutting();
    if (id.isEmpty()) {
      cut(c -> c.withLane(""));
      return;
    }
    if (!id.equals("+")) {
      plan.lane(id).ifPresent(lane -> session.perform((face, ids) -> CutEdits.assign(face, ids, lane)));
      return;
    }
    Colour colour = item().flatMap(i -> i.inheritedLook().fill()).orElse(NEW_LANE);
    Lane lane = CutEdits.fresh(session.job(), colour);
    session.apply(CutEdits.addLane(lane));
    session.perform((face, ids) -> CutEdits.assign(face, ids, lane));
  }
}
