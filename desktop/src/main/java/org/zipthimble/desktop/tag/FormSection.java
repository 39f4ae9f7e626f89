package org.zipthimble.desktop.tag;

import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.LiveGroups;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.CornerLook;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Setting;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.LineSide;
import org.zipthimble.core.job.LiveEffect;
import org.zipthimble.core.job.Outline;
import org.zipthimble.core.job.Pattern;
import org.zipthimble.core.job.ShownPicture;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** The live figures of a ready shape, of a combination, an offset or a repeat; and how a line is drawn. */
final class FormSection extends Section {
  FormSection(Session session, Item item) {
    super(session);
    if (item instanceof Item.Shape) {
      Item.Shape shape = (Item.Shape) item;
      if (shape.outline() instanceof Outline.Ready) {
        ready((Outline.Ready) shape.outline());
      }
      if (shape.line().isPresent()) {
        getChildren().add(line());
      }
    }
    if (changes(item)) {
      live((Item.Group) item);
    }
  }

  /** Whether there is anything to show for an object. */
  static boolean wants(Item item) {
    return item instanceof Item.Shape && (((Item.Shape) item).outline() instanceof Outline.Ready || ((Item.Shape) item).line().isPresent())
        || changes(item);
  }

  /** A mount has a section of its own. */
  private static boolean changes(Item item) {
    return item instanceof Item.Group && ((Item.Group) item).live() && ShownPicture.mount(item).isEmpty();
  }

  /** What the controls depend on besides the values they show. */
  static String built(Item item) {
    return item instanceof Item.Shape ? String.valueOf(((Item.Shape) item).line().isPresent())
        : item instanceof Item.Group ? ((Item.Group) item).effect().getClass().getSimpleName() + pattern((Item.Group) item) : "";
  }

  private static String pattern(Item.Group group) {
    return group.effect() instanceof LiveEffect.Repeated ? ((LiveEffect.Repeated) group.effect()).pattern().getClass().getSimpleName() : "";
  }

  private Optional<Outline.Ready> readyNow() {
    return now().filter(Item.Shape.class::isInstance).map(i -> ((Item.Shape) i).outline()).filter(Outline.Ready.class::isInstance)
        .map(Outline.Ready.class::cast);
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
      case LENGTH -> length(id, key, 0, 1000, () -> value(index), v -> put(index, v));
      case PART -> number(id, key, setting.least() * 100, setting.most() * 100,
          () -> Double.isNaN(value(index)) ? "" : Wording.text("proof.percent", Lengths.plain(value(index) * 100, 1)), v -> put(index, v / 100));
      case ANGLE -> number(id, key, setting.least(), setting.most(),
          () -> Double.isNaN(value(index)) ? "" : Wording.text("tag.degrees", Lengths.plain(value(index), 2)), v -> put(index, v));
      default -> number(id, key, setting.least(), setting.most(),
          () -> Double.isNaN(value(index)) ? "" : Lengths.plain(value(index), 0), v -> put(index, v));
    };
  }

  private ComboBox<String> corner(int index) {
    ComboBox<String> box = new ComboBox<>();
    for (CornerLook look : CornerLook.values()) {
      box.getItems().add(Wording.text("corner." + look.name().toLowerCase(Locale.ROOT)));
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
    return now().filter(Item.Shape.class::isInstance).flatMap(i -> ((Item.Shape) i).line());
  }

  private void line(java.util.function.UnaryOperator<LineLook> change) {
    session.perform((face, ids) -> Edits.shape(face, ids, "edit.line", s -> s.withLine(s.line().map(change))));
  }

  /** Dashes as lengths in points, ends, corners and side. */
  private Node line() {
    TypedField dashes = new TypedField("line-dashes", Wording.text("line.dashes"), text -> {
      java.util.List<Double> lengths = new java.util.ArrayList<>();
      for (String part : text.strip().split("[\\s,;]+")) {
        if (!part.isEmpty()) {
          lengths.add(Lengths.parseNumber(part, 0, 7200));
        }
      }
      line(l -> l.withDashesPt(lengths));
    });
    fresh.add(() -> lineNow().ifPresent(l -> dashes.show(String.join(" ", l.dashesPt().stream().map(d -> Lengths.plain(d, 2)).toList()))));
    FlowPane looks = new FlowPane(4, 4);
    turning(looks, "line-end", LineEnd.values(), "lineEnd.", () -> lineNow().map(l -> (Enum<?>) l.end()), i -> line(l -> l.withEnd(LineEnd.values()[i])));
    turning(looks, "line-corner", Corner.values(), "shapes.corner.", () -> lineNow().map(l -> (Enum<?>) l.corner()), i -> line(l -> l.withCorner(Corner.values()[i])));
    turning(looks, "line-side", LineSide.values(), "lineSide.", () -> lineNow().map(l -> (Enum<?>) l.side()), i -> line(l -> l.withSide(LineSide.values()[i])));
    return new VBox(4, Controls.under(Wording.text("line.dashes"), dashes), looks);
  }

  private interface Taking {
    void take(int index);
  }

  /** A pill that shows one of a few words and goes on to the next at a click. */
  private void turning(FlowPane pane, String id, Enum<?>[] all, String prefix, java.util.function.Supplier<Optional<Enum<?>>> now, Taking take) {
    ToggleButton pill = new ToggleButton();
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setOnAction(e -> {
      pill.setSelected(false);
      now.get().ifPresent(v -> take.take((v.ordinal() + 1) % all.length));
    });
    fresh.add(() -> now.get().ifPresent(v -> pill.setText(Wording.text(prefix.equals("shapes.corner.") ? "shapes.corner." + word(v)
        : prefix.equals("lineEnd.") ? "lineEnd." + word(v) : "lineSide." + word(v)))));
    pane.getChildren().add(pill);
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }

  private Optional<LiveEffect> makingNow() {
    return now().filter(Item.Group.class::isInstance).map(i -> ((Item.Group) i).effect());
  }

  private void change(java.util.function.UnaryOperator<LiveEffect> change) {
    now().ifPresent(i -> session.apply(LiveGroups.change(face(), i.id(), "edit.figure", change)));
  }

  private void live(Item.Group group) {
    getChildren().add(Controls.wrapped(Wording.text("live.what." + kind(group)), "line-note"));
    if (group.effect() instanceof LiveEffect.Rings) {
      getChildren().add(rings());
    }
    if (group.effect() instanceof LiveEffect.Repeated) {
      getChildren().add(repeated(((LiveEffect.Repeated) group.effect()).pattern()));
    }
    getChildren().add(new FlowPane(6, 4,
        Controls.button("live-permanent", "live.permanent", () -> session.apply(Shaping.permanent(face(), ids())), "quiet"),
        Controls.button("live-back", "live.back", () -> session.applyAndSelect(
            org.zipthimble.core.edit.Grouping.ungroup(face(), ids())), "quiet")));
  }

  private static String kind(Item.Group group) {
    return group.effect() instanceof LiveEffect.Combined ? ((LiveEffect.Combined) group.effect()).way().name().toLowerCase(Locale.ROOT)
        : group.effect() instanceof LiveEffect.Rings ? "rings" : "repeated";
  }

  private Node rings() {
    TypedField distances = new TypedField("live-distances", Wording.text("shapes.distances"), text -> {
      java.util.List<Double> all = new java.util.ArrayList<>();
      for (String part : text.split("[,;]")) {
        boolean inwards = part.strip().startsWith("-");
        double inches = Lengths.parse(inwards ? part.strip().substring(1) : part, session.unit());
        all.add(inwards ? -inches : inches);
      }
      change(m -> {
        LiveEffect.Rings r = (LiveEffect.Rings) m;
        return new LiveEffect.Rings(all, r.corner(), r.filled(), r.original(), r.threshold(), r.dress());
      });
    });
    fresh.add(() -> makingNow().filter(LiveEffect.Rings.class::isInstance).map(LiveEffect.Rings.class::cast).ifPresent(r ->
        distances.show(String.join(", ", r.distances().stream().map(d -> Lengths.show(d, session.unit())).toList()))));
    return Controls.under(Wording.text("shapes.distances"), distances);
  }

  private Node repeated(Pattern pattern) {
    if (pattern instanceof Pattern.Grid) {
      return Controls.row(6,
          Controls.under(Wording.text("shapes.across"), number("live-across", "shapes.across", 1, 500, () -> grid(g -> String.valueOf(g.across())),
              v -> grid(g -> new Pattern.Grid((int) v, g.down(), g.gapX(), g.gapY(), g.brick()), true))),
          Controls.under(Wording.text("shapes.down"), number("live-down", "shapes.down", 1, 500, () -> grid(g -> String.valueOf(g.down())),
              v -> grid(g -> new Pattern.Grid(g.across(), (int) v, g.gapX(), g.gapY(), g.brick()), true))));
    }
    if (pattern instanceof Pattern.Round) {
      return Controls.under(Wording.text("shapes.places"), number("live-places", "shapes.places", 2, 720,
          () -> makingNow().filter(LiveEffect.Repeated.class::isInstance).map(m -> ((LiveEffect.Repeated) m).pattern()).filter(Pattern.Round.class::isInstance)
              .map(p -> String.valueOf(((Pattern.Round) p).count())).orElse(""),
          v -> change(m -> {
            Pattern.Round r = (Pattern.Round) ((LiveEffect.Repeated) m).pattern();
            return new LiveEffect.Repeated(new Pattern.Round((int) v, r.centre(), r.turning(), r.mirrored()));
          })));
    }
    if (pattern instanceof Pattern.Fill) {
      return Controls.row(6,
          Controls.under(Wording.text("shapes.width"), length("live-width", "shapes.width", 0.05, 1000,
              () -> filling().map(Pattern.Fill::width).orElse(Double.NaN), v -> filling().ifPresent(f -> change(
                  m -> new LiveEffect.Repeated(new Pattern.Fill(v, f.leastGap())))))),
          Controls.under(Wording.text("shapes.leastGap"), length("live-gap", "shapes.leastGap", 0, 50,
              () -> filling().map(Pattern.Fill::leastGap).orElse(Double.NaN), v -> filling().ifPresent(f -> change(
                  m -> new LiveEffect.Repeated(new Pattern.Fill(f.width(), v)))))));
    }
    if (pattern instanceof Pattern.Along) {
      return Controls.under(Wording.text("shapes.places"), number("live-places", "shapes.places", 1, 720,
          () -> repeating().filter(Pattern.Along.class::isInstance).map(p -> String.valueOf(((Pattern.Along) p).count())).orElse(""),
          v -> change(m -> {
            Pattern.Along a = (Pattern.Along) ((LiveEffect.Repeated) m).pattern();
            return new LiveEffect.Repeated(new Pattern.Along(a.path(), (int) v, a.turning()));
          })));
    }
    return mirror();
  }

  /** The axis of a mirror image: its direction and the place it runs through. */
  private Node mirror() {
    return Controls.row(6,
        Controls.under(Wording.text("shapes.axis"), number("live-axis", "shapes.axis", -360, 360,
            () -> mirroring().map(m -> Wording.text("tag.degrees", Lengths.plain(m.degrees(), 2))).orElse(""),
            v -> mirrored(m -> new Pattern.Mirror(v, m.through())))),
        Controls.under(Wording.text("shapes.axisX"), length("live-axis-x", "shapes.axisX", -1000, 1000,
            () -> mirroring().map(m -> m.through().x()).orElse(Double.NaN), v -> mirrored(m -> new Pattern.Mirror(m.degrees(), new Point(v, m.through().y()))))),
        Controls.under(Wording.text("shapes.axisY"), length("live-axis-y", "shapes.axisY", -1000, 1000,
            () -> mirroring().map(m -> m.through().y()).orElse(Double.NaN), v -> mirrored(m -> new Pattern.Mirror(m.degrees(), new Point(m.through().x(), v))))));
  }

  private Optional<Pattern.Mirror> mirroring() {
    return repeating().filter(Pattern.Mirror.class::isInstance).map(Pattern.Mirror.class::cast);
  }

  private void mirrored(java.util.function.UnaryOperator<Pattern.Mirror> other) {
    mirroring().ifPresent(m -> change(making -> new LiveEffect.Repeated(other.apply(m))));
  }

  private Optional<Pattern> repeating() {
    return makingNow().filter(LiveEffect.Repeated.class::isInstance).map(m -> ((LiveEffect.Repeated) m).pattern());
  }

  private Optional<Pattern.Fill> filling() {
    return repeating().filter(Pattern.Fill.class::isInstance).map(Pattern.Fill.class::cast);
  }

  private String grid(java.util.function.Function<Pattern.Grid, String> read) {
    return makingNow().filter(LiveEffect.Repeated.class::isInstance).map(m -> ((LiveEffect.Repeated) m).pattern()).filter(Pattern.Grid.class::isInstance)
        .map(p -> read.apply((Pattern.Grid) p)).orElse("");
  }

  private void grid(java.util.function.Function<Pattern.Grid, Pattern> next, boolean done) {
    if (done) {
      change(m -> new LiveEffect.Repeated(next.apply((Pattern.Grid) ((LiveEffect.Repeated) m).pattern())));
    }
  }
}
