package org.zipthimble.desktop.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.job.JobColours;
import org.zipthimble.core.plan.Blade;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Finish;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Split;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.plan.Turns;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** The lanes as cards in the order they are applied, the chosen one unfolded; and how pieces are laid, weeded and split. */
final class LaneCards {
  private final Session session;
  private final Consumer<String> show;
  private final VBox inside = new VBox(9);
  private final ScrollPane scroll = new PlainScroll(inside);
  private final VBox cards = new VBox(7);
  private final VBox settings = new VBox(7);
  private final List<Runnable> fresh = new ArrayList<>();
  private Layout.Plan plan = new Layout.Plan(List.of(), List.of());
  private String open = "";
  private String built = "";

  LaneCards(Session session, Consumer<String> show, Runnable printed) {
    this.session = session;
    this.show = show;
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    inside.getStyleClass().add("side");
    inside.getChildren().addAll(
        Controls.row(6, Controls.label(Wording.text("lanes.title"), "side-title"), Controls.spring(),
        Controls.label(Wording.text("lanes.order"), "side-note")),
        cards, Controls.button("lane-add", "lanes.add", this::add, "dashed"), Controls.stitch(), settings,
        Controls.button("cut-printed", "cutSheet.printed", printed, "quiet"));
    buildSettings();
  }

  Node pane() {
    return scroll;
  }

  void refresh(Layout.Plan found) {
    plan = found;
    CutPlan cutting = now();
    if (open.isEmpty() || cutting.lane(open).isEmpty()) {
      open = cutting.lanes().isEmpty() ? "" : cutting.lanes().get(0).id();
    }
    String wanted = open + cutting.lanes().stream()
        .map(l -> l.id() + l.material() + l.colour() + l.name() + l.supply() + found.of(l.id()).size()).toList();
    if (!wanted.equals(built)) {
      built = wanted;
      build();
    }
    fresh.forEach(Runnable::run);
  }

  private CutPlan now() {
    return session.shownProperty().get().cutting();
  }

  private void add() {
    Lane lane = CutEdits.fresh(session.job(), JobColours.of(session.job()).stream().findFirst()
        .orElse(org.zipthimble.core.colour.Colour.BLACK));
    session.apply(CutEdits.addLane(lane));
    open = lane.id();
    refresh(plan);
  }

  private final List<Runnable> cardFresh = new ArrayList<>();

  private void build() {
    fresh.removeAll(cardFresh);
    cardFresh.clear();
    int before = fresh.size();
    cards.getChildren().clear();
    List<Lane> lanes = now().lanes();
    for (int i = 0; i < lanes.size(); i++) {
      cards.getChildren().add(card(lanes.get(i), i + 1));
    }
    cardFresh.addAll(fresh.subList(before, fresh.size()));
  }

  private Node card(Lane lane, int number) {
    Rectangle colour = new Rectangle(30, 30);
    colour.setStyle(CutMat.fill(lane, 1));
    colour.getStyleClass().add("lane-colour");
    VBox badge = new VBox(3, colour, Controls.label(String.valueOf(number), "lane-number"));
    badge.setAlignment(javafx.geometry.Pos.TOP_CENTER);
    badge.setMinWidth(34);
    VBox words = new VBox(2, Controls.label(lane.name(), "lane-name"), Controls.wrapped(properties(lane), "side-note"));
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox head = Controls.row(8, badge, words);
    boolean unfolded = lane.id().equals(open);
    VBox all = new VBox(6, head);
    if (unfolded) {
      all.getChildren().addAll(settings(lane));
      all.getStyleClass().addAll("lane-card", "lane-open");
      return all;
    }
    return Controls.card("lane-" + lane.id(), lane.name(), all, () -> {
      open = lane.id();
      show.accept(lane.id());
      refresh(plan);
    }, "lane-card");
  }

  private String properties(Lane lane) {
    var sheets = plan.of(lane.id());
    int pieces = sheets.stream().mapToInt(s -> s.pieces().size()).sum();
    double length = sheets.stream().flatMap(s -> s.lines().stream()).mapToDouble(l -> Extent.length(l.path())).sum();
    Size size = lane.supply().size();
    String supply = lane.supply().roll() ? Wording.text("lanes.roll", Lengths.show(size.width(), session.unit()))
        : Wording.text("lanes.sheets", Lengths.show(size, session.unit()));
    return Wording.of(lane.material()) + " · " + supply + "\n"
        + Wording.text("lanes.pieces", pieces, Lengths.plain(length, 0));
  }

  private Optional<Lane> lane() {
    return now().lane(open);
  }

  private void change(UnaryOperator<Lane> change) {
    session.apply(CutEdits.lane(open, change));
  }

  private List<Node> settings(Lane lane) {
    TypedField name = typed("lane-name", "lanes.name", l -> l.name(), (l, text) -> text.isBlank() ? l : l.withName(text.strip()));
    ColourField colour = new ColourField("lane-colour", Wording.text("lanes.colour"), false, session,
        () -> JobColours.of(session.job()), c -> c.ifPresent(to -> change(l -> l.withColour(to))));
    fresh.add(() -> lane().ifPresent(l -> colour.show(Optional.of(l.colour()))));
    Node blade = row(
        typed("lane-blade", "lanes.blade", l -> l.blade().name(),
        (l, t) -> l.withBlade(l.blade().set(t.strip(), l.blade().pressure(), l.blade().speed(), l.blade().passes()))),
        "lanes.blade",
        figure("lane-pressure", "lanes.pressure", 1, Blade.MOST_PRESSURE, l -> l.blade().pressure(),
        (b, v) -> b.set(b.name(), v, b.speed(), b.passes())), "lanes.pressure");
    Node speed = row(
        figure("lane-speed", "lanes.speed", 0.1, Blade.MOST_SPEED, l -> l.blade().speed(),
        (b, v) -> b.set(b.name(), b.pressure(), v, b.passes())), "lanes.speed",
        figure("lane-passes", "lanes.passes", 1, Blade.MOST_PASSES, l -> l.blade().passes(),
        (b, v) -> b.set(b.name(), b.pressure(), b.speed(), v.intValue())), "lanes.passes");
    Node reach = row(
        length("lane-overcut", "lanes.overcut", 0, Blade.MOST_OVERCUT, l -> l.blade().overcut(),
        (l, v) -> l.withBlade(l.blade().reaching(v, l.blade().trail()))), "lanes.overcut",
        length("lane-trail", "lanes.trail", 0, Blade.MOST_TRAIL, l -> l.blade().trail(),
        (l, v) -> l.withBlade(l.blade().reaching(l.blade().overcut(), v))), "lanes.trail");
    Node under = row(
        underlay(), "lanes.underlay",
        length("lane-least", "lanes.least", 0, Lane.MOST_LEAST_WIDTH, Lane::leastWidth, Lane::withLeastWidth), "lanes.least");
    Node money = row(
        number("lane-cost", "lanes.cost", 0, Lane.MOST_COST, l -> Lengths.plain(l.cost(), 4), (l, v) -> l.withCost(v)), "lanes.cost",
        currency(), "lanes.currency");
    Node margin = Controls.under(Wording.text("lanes.margin"),
        length("lane-margin", "lanes.margin", 0, Supply.MOST_MARGIN, l -> l.supply().margin(),
        (l, v) -> l.withSupply(new Supply(l.supply().size(), v, l.supply().roll(), l.supply().scrap()))));
    Node size = row(
        length("lane-wide", "lanes.wide", Supply.LEAST_SIDE, Supply.MOST_SIDE, l -> l.supply().size().width(),
        (l, v) -> l.withSupply(sized(l.supply(), v, l.supply().size().height()))), "lanes.wide",
        length("lane-high", "lanes.high", Supply.LEAST_SIDE, Supply.MOST_SIDE, l -> l.supply().size().height(),
        (l, v) -> l.withSupply(sized(l.supply(), l.supply().size().width(), v))), "lanes.high");
    CheckBox mirror = Controls.check("lane-mirror", "lanes.mirror", lane.mirrored(), on -> change(l -> l.withMirrored(on)));
    fresh.add(() -> lane().ifPresent(l -> mirror.setSelected(l.mirrored())));
    return List.of(
        Controls.under(Wording.text("lanes.name"), name), Controls.under(Wording.text("lanes.colour"), colour),
        pick("lane-material", "lanes.material", Material.values(), Lane::material, m -> session.apply(CutEdits.material(open, m))),
        pick("lane-finish", "lanes.finish", Finish.values(), Lane::finish, f -> change(l -> l.withFinish(f))), supplies(), size, blade,
        speed, reach, under, money, margin, mirror,
        Controls.row(4, Controls.button("lane-up", "lanes.down", () -> move(-1), "quiet"),
        Controls.button("lane-down", "lanes.up", () -> move(1), "quiet"),
            Controls.button("lane-remove", "lanes.remove", () -> session.apply(CutEdits.removeLane(open)), "quiet")));
  }

  /** The sign of the person's currency; it is the program's and not the job's. */
  private TypedField currency() {
    TypedField field = new TypedField("lane-currency", Wording.text("lanes.currency"), text ->
        session.preferences().change(s -> s.withCurrency(text.strip())));
    field.setPromptText(Wording.text("lanes.currency.prompt"));
    fresh.add(() -> field.show(session.preferences().now().currency()));
    return field;
  }

  private void move(int by) {
    List<String> ids = now().lanes().stream().map(Lane::id).toList();
    session.apply(CutEdits.orderLane(open, ids.indexOf(open) + by));
  }

  private static Supply sized(Supply supply, double width, double height) {
    return new Supply(new Size(width, height), supply.margin(), supply.roll(), supply.roll() ? Optional.empty() : supply.scrap());
  }

  private static Node row(Region a, String keyA, Region b, String keyB) {
    return Controls.row(6, Controls.under(Wording.text(keyA), a), Controls.under(Wording.text(keyB), b));
  }

  private TypedField typed(String id, String key, Function<Lane, String> read, BiFunction<Lane, String, Lane> write) {
    TypedField field = new TypedField(id, Wording.text(key), text -> change(l -> write.apply(l, text)));
    fresh.add(() -> lane().ifPresent(l -> field.show(read.apply(l))));
    return field;
  }

  private TypedField figure(String id, String key, double least, double most, Function<Lane, Number> read, BiFunction<Blade, Double,
      Blade> write) {
    return number(id, key, least, most, l -> Lengths.plain(read.apply(l).doubleValue(), 2),
        (l, v) -> l.withBlade(write.apply(l.blade(), v)));
  }

  private TypedField number(String id, String key, double least, double most, Function<Lane, String> read, BiFunction<Lane, Double,
      Lane> write) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double value = Lengths.parseNumber(text, least, most);
      change(l -> write.apply(l, value));
    });
    fresh.add(() -> lane().ifPresent(l -> field.show(read.apply(l))));
    return field;
  }

  private TypedField length(String id, String key, double least, double most, Function<Lane, Double> read, BiFunction<Lane, Double,
      Lane> write) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double value = inches(text, least, most);
      change(l -> write.apply(l, value));
    });
    fresh.add(() -> lane().ifPresent(l -> field.show(Lengths.show(read.apply(l), session.unit()))));
    return field;
  }

  private double inches(String text, double least, double most) throws Trouble {
    boolean below = text.strip().startsWith("-");
    double inches = Lengths.parse(below ? text.strip().substring(1) : text, session.unit()) * (below ? -1 : 1);
    if (!(inches >= least && inches <= most)) {
      throw Trouble.of("field.range", text, Lengths.showWithSign(least, session.unit()), Lengths.showWithSign(most, session.unit()));
    }
    return inches;
  }

  private TypedField underlay() {
    TypedField field = new TypedField("lane-underlay", Wording.text("lanes.underlay"), text -> {
      Optional<Double> reach = text.isBlank() || text.equals(Wording.text("colourField.none")) ? Optional.empty()
          : Optional.of(inches(text, -Lane.MOST_UNDERLAY, Lane.MOST_UNDERLAY));
      change(l -> l.withUnderlay(reach));
    });
    fresh.add(
        () -> lane()
        .ifPresent(l -> field.show(l.underlay().map(u -> Lengths.show(u, session.unit())).orElse(Wording.text("colourField.none")))));
    return field;
  }

  private <E extends Enum<E>> ComboBox<String> pick(String id, String key, E[] all, Function<Lane, E> read, Consumer<E> take) {
    ComboBox<String> box = new ComboBox<>();
    for (E one : all) {
      box.getItems().add(Wording.of(one));
    }
    box.setId(id);
    box.setAccessibleText(Wording.text(key));
    box.setMaxWidth(Double.MAX_VALUE);
    boolean[] showing = {false};
    fresh.add(() -> {
      showing[0] = true;
      lane().ifPresent(l -> box.getSelectionModel().select(read.apply(l).ordinal()));
      showing[0] = false;
    });
    box.setOnAction(e -> {
      if (!showing[0]) {
        take.accept(all[box.getSelectionModel().getSelectedIndex()]);
      }
    });
    return box;
  }

  private ComboBox<String> supplies() {
    List<Supply> known = List.of(Supply.MAT_12, Supply.MAT_24, Supply.ROLL_12, Supply.mat(8.5, 11, 0.25));
    ComboBox<String> box = new ComboBox<>();
    for (int i = 0; i < known.size(); i++) {
      box.getItems().add(Wording.text("supply." + i));
    }
    box.getItems().add(Wording.text("supply.own"));
    box.setId("lane-supply");
    box.setAccessibleText(Wording.text("lanes.supply"));
    box.setMaxWidth(Double.MAX_VALUE);
    boolean[] showing = {false};
    fresh.add(() -> {
      showing[0] = true;
      lane().ifPresent(l -> box.getSelectionModel().select(known.contains(l.supply()) ? known.indexOf(l.supply()) : known.size()));
      showing[0] = false;
    });
    box.setOnAction(e -> {
      int chosen = box.getSelectionModel().getSelectedIndex();
      if (!showing[0] && chosen >= 0 && chosen < known.size()) {
        change(l -> l.withSupply(known.get(chosen)));
      }
    });
    return box;
  }

  private void plan(UnaryOperator<CutPlan> change) {
    session.apply(CutEdits.plan("edit.cutPlan", change));
  }

  private void buildSettings() {
    CheckBox nested = Controls.check("cut-nested", "cutSheet.nestedCheck", false, on -> plan(p -> p.withNested(on)));
    CheckBox grain = Controls.check("cut-grain", "cutSheet.grain", false, on -> plan(p -> p.spaced(p.gap(), p.turns(), on)));
    CheckBox marks = Controls.check("cut-marks", "cutSheet.marks", false, on -> plan(p -> p.withMarks(on)));
    CheckBox split = Controls.check("cut-split", "cutSheet.split", false,
        on -> plan(p -> p.withSplit(new Split(on, p.split().at(), p.split().stepped(), p.split().overlap()))));
    CheckBox stepped = Controls.check("cut-stepped", "cutSheet.stepped", true,
        on -> plan(p -> p.withSplit(new Split(p.split().on(), p.split().at(), on, p.split().overlap()))));
    FlowPane turns = new FlowPane(4, 4);
    ToggleGroup group = new ToggleGroup();
    for (Turns one : Turns.values()) {
      ToggleButton pill = Pills.pill("turns-" + one.name().toLowerCase(Locale.ROOT), Wording.of(one), group,
          () -> plan(p -> p.spaced(p.gap(), one, p.grain())));
      fresh.add(() -> pill.setSelected(now().turns() == one));
      turns.getChildren().add(pill);
    }
    fresh.add(() -> {
      nested.setSelected(now().nested());
      grain.setSelected(now().grain());
      marks.setSelected(now().marks());
      split.setSelected(now().split().on());
      stepped.setSelected(now().split().stepped());
    });
    settings.getChildren().addAll(
        nested, turns, grain,
        row(whole("cut-gap", "cutSheet.gap", 0, CutPlan.MOST_GAP, CutPlan::gap, (p, v) -> p.spaced(v, p.turns(), p.grain())),
        "cutSheet.gap",
            whole("cut-weed-box", "cutSheet.weedBox", 0, CutPlan.MOST_GAP, CutPlan::weedBox, (p, v) -> p.weeded(v, p.weedLines())),
            "cutSheet.weedBox"),
        row(whole("cut-weed-lines", "cutSheet.weedLines", 0, CutPlan.MOST_WEED_LINES, CutPlan::weedLines,
        (p, v) -> p.weeded(p.weedBox(), v)), "cutSheet.weedLines",
            whole("cut-weed-clear", "cutSheet.weedClear", 0, CutPlan.MOST_GAP, CutPlan::weedDistance,
            (p, v) -> p.withWeedClear(Optional.of(v))), "cutSheet.weedClear"),
        Controls.under(Wording.text("cutSheet.overlap"),
        whole("cut-overlap", "cutSheet.overlap", 0, Split.MOST_OVERLAP, p -> p.split().overlap(),
                (p, v) -> p.withSplit(new Split(p.split().on(), p.split().at(), p.split().stepped(), v)))),
        marks, split, stepped, Controls.under(Wording.text("cutSheet.seams"), seams()));
  }

  /** Where the seams stand from the design's left; empty to have them proposed. */
  private TypedField seams() {
    TypedField field = new TypedField("cut-seams", Wording.text("cutSheet.seams"), text -> {
      List<Double> at = new ArrayList<>();
      for (String part : text.split("[,;]")) {
        if (!part.isBlank() && !part.strip().equals(Wording.text("cutSheet.proposed"))) {
          at.add(inches(part, 0.1, 2000));
        }
      }
      plan(p -> p.withSplit(new Split(p.split().on(), at, p.split().stepped(), p.split().overlap())));
    });
    fresh.add(() -> field.show(now().split().at().isEmpty() ? Wording.text("cutSheet.proposed")
        : String.join(", ", now().split().at().stream().map(x -> Lengths.show(x, session.unit())).toList())));
    return field;
  }

  private TypedField whole(String id, String key, double least, double most, Function<CutPlan, Double> read, BiFunction<CutPlan, Double,
      CutPlan> write) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double value = inches(text, least, most);
      plan(p -> write.apply(p, value));
    });
    fresh.add(() -> field.show(Lengths.show(read.apply(now()), session.unit())));
    return field;
  }
}
