package org.zipthimble.desktop.tag;

import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.IntConsumer;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.LiveGroups;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.CornerLook;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.shape.Setting;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** The live figures of a ready shape, of a combination, an offset or a repeat; and how a line is drawn. */
final class FormSection extends Section {
  FormSection(Session session, Item item) {
    super(session);
    item.outlined().ifPresent(shape -> {
      shape.outline().asReady().ifPresent(this::ready);
      shape.outline().asLettered().ifPresent(l -> lettered());
      shape.line().ifPresent(l -> getChildren().add(line()));
    });
    changing(item).ifPresent(this::live);
  }

  /** Whether there is anything to show for an object. */
  static boolean wants(Item item) {
    return item.outlined().filter(s -> s.outline().asReady().isPresent() || s.outline().asLettered().isPresent() || s.line().isPresent())
        .isPresent() || changing(item).isPresent();
  }

  /** A mount has a section of its own. */
  private static Optional<HoldsObjects> changing(Item item) {
    return item.holder().filter(Item::live).filter(g -> g.mount().isEmpty());
  }

  /** What the controls depend on besides the values they show. */
  static String built(Item item) {
    return item.outlined().map(s -> s.line().isPresent() + " " + s.outline().asLettered().isPresent()).orElseGet(() -> item.holder()
        .map(g -> g.effect().getClass().getSimpleName() + g.effect().bent().map(b -> b.bend().bow().name()).orElse("") + g.effect()
        .pattern().map(p -> p.getClass().getSimpleName()).orElse("")).orElse(""));
  }

  /** What was words says so, and can be again. */
  private void lettered() {
    getChildren().add(new VBox(4, Controls.wrapped(Wording.text("lettered.note"), "line-note"), pieces(), new FlowPane(6, 4,
        Controls.button("words-again", "lettered.again", () -> session.applyBeside(Shaping.wordsAgain(face(), ids()), () -> { }),
        "quiet"))));
  }

  /** In how many pieces it comes out of its material. */
  private Node pieces() {
    Label said = Controls.label("", "side-note");
    said.setId("tag-pieces");
    LatestWork counting = new LatestWork();
    fresh.add(() -> {
      Optional<Item> item = now();
      Forms forms = new Forms(session.job());
      counting.want(() -> item.map(forms::pieces), found -> said.setText(found.map(n -> Wording.text("tag.pieces", n)).orElse("")));
    });
    return said;
  }

  private Optional<Outline.Ready> readyNow() {
    return now().flatMap(Item::outlined).flatMap(s -> s.outline().asReady());
  }

  private void ready(Outline.Ready outline) {
    FlowPane fields = new FlowPane(6, 5);
    for (int i = 0; i < outline.form().settings().size(); i++) {
      Setting setting = outline.form().settings().get(i);
      int index = i;
      Node field = setting.measured() == Setting.Measured.CORNER ? corner(index) : figure(setting, index);
      VBox box = Controls.under(Wording.text("setting." + setting.name()), field);
      box.setPrefWidth(92);
      fields.getChildren().add(box);
    }
    getChildren().add(fields);
  }

  private void put(int index, double value) {
    session.perform((face, ids) -> Shaping.figure(face, ids, index, value));
  }

  private double value(int index) {
    return readyNow().filter(r -> index < r.values().size()).map(r -> r.values().get(index)).orElse(Double.NaN);
  }

  private TypedField figure(Setting setting, int index) {
    String id = "setting-" + setting.name();
    String key = "setting." + setting.name();
    return switch (setting.measured()) {
      case LENGTH -> length(id, key, setting.least(), setting.most(), () -> value(index), v -> put(index, v));
      case PART -> number(id, key, setting.least() * 100, setting.most() * 100,
          () -> Double.isNaN(value(index)) ? "" : Wording.text("proof.percent", Lengths.plain(value(index) * 100, 1)),
          v -> put(index, v / 100));
      case ANGLE -> number(id, key, setting.least(), setting.most(),
          () -> Double.isNaN(value(index)) ? "" : Wording.text("tag.degrees", Lengths.plain(value(index), 2)), v -> put(index, v));
      default -> number(id, key, setting.least(), setting.most(),
          () -> Double.isNaN(value(index)) ? "" : Lengths.plain(value(index), 0), v -> put(index, v));
    };
  }

  private ComboBox<String> corner(int index) {
    ComboBox<String> box = new ComboBox<>();
    for (CornerLook look : CornerLook.values()) {
      box.getItems().add(Wording.of(look));
    }
    box.setId("setting-corner-" + index);
    box.setMaxWidth(92);
    boolean[] showing = {false};
    fresh.add(() -> {
      showing[0] = true;
      if (!Double.isNaN(value(index))) {
        box.getSelectionModel().select((int) value(index));
      }
      showing[0] = false;
    });
    box.setOnAction(e -> {
      if (!showing[0]) {
        put(index, box.getSelectionModel().getSelectedIndex());
      }
    });
    return box;
  }

  private Optional<LineLook> lineNow() {
    return now().flatMap(Item::outlined).flatMap(HasOutline::line);
  }

  private void line(UnaryOperator<LineLook> change) {
    session.perform((face, ids) -> Edits.shape(face, ids, "edit.line", s -> s.withLine(s.line().map(change))));
  }

  /** Dashes as lengths in points, ends, corners and side. */
  private Node line() {
    TypedField dashes = new TypedField("line-dashes", Wording.text("line.dashes"), text -> {
      java.util.List<Double> lengths = new java.util.ArrayList<>();
      for (String part : text.strip().split("[\\s,;]+")) {
        if (!part.isEmpty()) {
          lengths.add(Lengths.parseNumber(part, 0, LineLook.MOST_DASH_PT));
        }
      }
      line(l -> l.withDashesPt(lengths));
    });
    fresh.add(() -> lineNow().ifPresent(l -> dashes.show(String.join(" ", l.dashesPt().stream().map(d -> Lengths.plain(d, 2)).toList()))));
    FlowPane looks = new FlowPane(4, 4);
    turning(looks, "line-end", LineEnd.values(), () -> lineNow().map(l -> (Enum<?>) l.end()),
        i -> line(l -> l.withEnd(LineEnd.values()[i])));
    turning(looks, "line-corner", Corner.values(), () -> lineNow().map(l -> (Enum<?>) l.corner()),
        i -> line(l -> l.withCorner(Corner.values()[i])));
    turning(looks, "line-side", LineSide.values(), () -> lineNow().map(l -> (Enum<?>) l.side()),
        i -> line(l -> l.withSide(LineSide.values()[i])));
    return new VBox(4, Controls.under(Wording.text("line.dashes"), dashes), looks);
  }

  /** A pill that shows one of a few words and goes on to the next at a click. */
  private void turning(FlowPane pane, String id, Enum<?>[] all, java.util.function.Supplier<Optional<Enum<?>>> now, IntConsumer take) {
    ToggleButton pill = new ToggleButton();
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setOnAction(e -> {
      pill.setSelected(false);
      now.get().ifPresent(v -> take.accept((v.ordinal() + 1) % all.length));
    });
    fresh.add(() -> now.get().ifPresent(v -> pill.setText(Wording.of(v))));
    pane.getChildren().add(pill);
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }

  private Optional<LiveEffect> effectNow() {
    return now().flatMap(Item::holder).map(HoldsObjects::effect);
  }

  private void change(UnaryOperator<LiveEffect> change) {
    now().ifPresent(i -> session.applyBeside(LiveGroups.change(face(), i.id(), "edit.figure", change), () -> { }));
  }

  private void live(HoldsObjects group) {
    getChildren().add(Controls.wrapped(LiveWords.what(group.effect()), "line-note"));
    if (group.effect().look().isPresent() && group.mount().isEmpty()) {
      getChildren().add(pieces());
    }
    group.effect().rings().ifPresent(r -> getChildren().add(rings()));
    group.effect().bent().ifPresent(b -> getChildren().add(bend(b.bend())));
    group.effect().pattern().ifPresent(p -> getChildren().add(p.accept(new PatternFields())));
    getChildren().add(new FlowPane(6, 4,
        Controls.button("live-permanent", "live.permanent", () -> session.applyBeside(Shaping.permanent(face(), ids()), () -> { }),
        "quiet"),
        Controls.button("live-back", "live.back", () -> session.applyAndSelect(
            org.zipthimble.core.edit.Grouping.ungroup(face(), ids())), "quiet")));
  }

  private Optional<Bend> bendNow() {
    return effectNow().flatMap(LiveEffect::bent).map(LiveEffect.Bent::bend);
  }

  private void bend(UnaryOperator<Bend> to) {
    change(m -> m.bent().<LiveEffect>map(b -> new LiveEffect.Bent(to.apply(b.bend()))).orElse(m));
  }

  /** How far something is bent, which way it runs and how often. */
  private Node bend(Bend bend) {
    Bow bow = bend.bow();
    String sign = bow.degrees() ? "tag.degrees" : "proof.percent";
    FlowPane ways = new FlowPane(4, 4);
    turning(ways, "bend-bow", Bow.values(), () -> bendNow().map(b -> (Enum<?>) b.bow()), i -> bend(b -> b.as(Bow.values()[i])));
    VBox amount = Controls.under(Wording.text(bow.degrees() ? "shapes.degrees" : "shapes.percent"),
        number("bend-amount", "shapes.bend", bow.least(), bow.most(),
        () -> bendNow().map(b -> Wording.text(sign, Lengths.plain(b.amount(), 2))).orElse(""),
        v -> bend(b -> new Bend(b.bow(), v, b.upright(), b.times()))));
    amount.setMaxWidth(96);
    VBox out = new VBox(5, ways, amount);
    if (bow == Bow.WAVE) {
      VBox times = Controls.under(Wording.text("shapes.waves"), number("bend-times", "shapes.waves", 1, Bend.MOST_TIMES,
          () -> bendNow().map(b -> String.valueOf(b.times())).orElse(""),
          v -> bend(b -> new Bend(b.bow(), b.amount(), b.upright(), (int) v))));
      times.setMaxWidth(96);
      out.getChildren().set(1, Controls.row(6, amount, times));
    }
    CheckBox upright = Controls.check("bend-upright", "shapes.upright", bend.upright(),
        on -> bend(b -> new Bend(b.bow(), b.amount(), on, b.times())));
    fresh.add(() -> bendNow().ifPresent(b -> upright.setSelected(b.upright())));
    out.getChildren().add(upright);
    return out;
  }

  private Node rings() {
    TypedField distances = new TypedField("live-distances", Wording.text("shapes.distances"), text -> {
      java.util.List<Double> all = new java.util.ArrayList<>();
      for (String part : text.split("[,;]")) {
        boolean inwards = part.strip().startsWith("-");
        double inches = Lengths.parse(inwards ? part.strip().substring(1) : part, session.unit());
        all.add(inwards ? -inches : inches);
      }
      change(m -> m.rings().<LiveEffect>map(r -> r.withDistances(all)).orElse(m));
    });
    fresh.add(() -> effectNow().flatMap(LiveEffect::rings).ifPresent(r ->
        distances.show(String.join(", ", r.distances().stream().map(d -> Lengths.show(d, session.unit())).toList()))));
    return Controls.under(Wording.text("shapes.distances"), distances);
  }

  /** The pattern of a repeat where it is of a kind. */
  private <P extends Pattern> Optional<P> patternNow(Class<P> kind) {
    return effectNow().flatMap(LiveEffect::pattern).filter(kind::isInstance).map(kind::cast);
  }

  private <P extends Pattern> void pattern(Class<P> kind, UnaryOperator<P> change) {
    patternNow(kind).ifPresent(p -> change(effect -> new LiveEffect.Repeated(change.apply(p))));
  }

  private <P extends Pattern> VBox count(String id, String key, int least, int most, Class<P> kind, ToIntFunction<P> read, BiFunction<P,
      Integer, P> with) {
    return Controls.under(Wording.text(key), number(id, key, least, most,
        () -> patternNow(kind).map(p -> String.valueOf(read.applyAsInt(p))).orElse(""), v -> pattern(kind, p -> with.apply(p, (int) v))));
  }

  private <P extends Pattern> VBox distance(String id, String key, double least, double most, Class<P> kind, ToDoubleFunction<P> read,
      BiFunction<P, Double, P> with) {
    return Controls.under(Wording.text(key), length(id, key, least, most,
        () -> patternNow(kind).map(read::applyAsDouble).orElse(Double.NaN), v -> pattern(kind, p -> with.apply(p, v))));
  }

  /** The figures of each kind of repeat. */
  private final class PatternFields implements Pattern.Visitor<Node> {
    @Override
    public Node grid(Pattern.Grid pattern) {
      return Controls.row(6,
          count("live-across", "shapes.across", 1, Pattern.MOST, Pattern.Grid.class, Pattern.Grid::across,
              (g, v) -> new Pattern.Grid(v, g.down(), g.gapX(), g.gapY(), g.brick())),
          count("live-down", "shapes.down", 1, Pattern.MOST, Pattern.Grid.class, Pattern.Grid::down,
              (g, v) -> new Pattern.Grid(g.across(), v, g.gapX(), g.gapY(), g.brick())));
    }

    @Override
    public Node fill(Pattern.Fill pattern) {
      return Controls.row(6,
          distance("live-width", "shapes.width", 0.05, 1000, Pattern.Fill.class, Pattern.Fill::width,
          (f, v) -> new Pattern.Fill(v, f.leastGap())),
          distance("live-gap", "shapes.leastGap", 0, 50, Pattern.Fill.class, Pattern.Fill::leastGap,
          (f, v) -> new Pattern.Fill(f.width(), v)));
    }

    @Override
    public Node round(Pattern.Round pattern) {
      return count("live-places", "shapes.places", 2, Pattern.MOST, Pattern.Round.class, Pattern.Round::count,
          (r, v) -> new Pattern.Round(v, r.centre(), r.turning(), r.mirrored()));
    }

    @Override
    public Node along(Pattern.Along pattern) {
      return count("live-places", "shapes.places", 1, Pattern.MOST, Pattern.Along.class, Pattern.Along::count,
          (a, v) -> new Pattern.Along(a.path(), v, a.turning()));
    }

    /** The axis of a mirror image: its direction and the place it runs through. */
    @Override
    public Node mirror(Pattern.Mirror pattern) {
      return Controls.row(6,
          Controls.under(Wording.text("shapes.axis"), number("live-axis", "shapes.axis", -360, 360,
              () -> patternNow(Pattern.Mirror.class).map(m -> Wording.text("tag.degrees", Lengths.plain(m.degrees(), 2))).orElse(""),
              v -> pattern(Pattern.Mirror.class, m -> new Pattern.Mirror(v, m.through())))),
          distance("live-axis-x", "shapes.axisX", -1000, 1000, Pattern.Mirror.class, m -> m.through().x(),
              (m, v) -> new Pattern.Mirror(m.degrees(), new Point(v, m.through().y()))),
          distance("live-axis-y", "shapes.axisY", -1000, 1000, Pattern.Mirror.class, m -> m.through().y(),
              (m, v) -> new Pattern.Mirror(m.degrees(), new Point(m.through().x(), v))));
    }
  }
}
