package org.zipthimble.desktop.sheets;

import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** How several pieces lie on a sheet: which way round, how many, what is between them, their backs; and what it comes to. */
final class GangCard extends VBox {
  private final Session session;
  private final Label told = Controls.wrapped("", "side-note");
  private final java.util.List<Runnable> fresh = new java.util.ArrayList<>();
  private final Node backs;
  private final VBox loose = new VBox(6);
  private final VBox precut = new VBox(6);
  private final CheckBox stacked;

  GangCard(Session session) {
    super(6);
    this.session = session;
    told.setId("gang-told");
    stacked = check("gang-stacked", "gangCard.stacked", Gang::stacked, Gang::withStacked);
    backs = new VBox(4, Controls.under(Wording.text("gangCard.backs"),
        pills("gang-", Gang.Backs.values(), Gang::backs, (g, b) -> g.withBacks(b))), Controls.row(6,
        length("gang-back-x", "gangCard.backX", -Gang.MOST_SHIFT, Gang.MOST_SHIFT, Gang::backX, v -> g -> g.withBackX(v)),
        length("gang-back-y", "gangCard.backY", -Gang.MOST_SHIFT, Gang.MOST_SHIFT, Gang::backY, v -> g -> g.withBackY(v))));
    loose.getChildren()
        .addAll(Controls.under(Wording.text("gangCard.turning"),
        pills("gang-", Gang.Turning.values(), Gang::turning, (g, t) -> g.withTurning(t))));
    getChildren().addAll(check("gang-labels", "gangCard.labels", g -> g.labels().isPresent(),
        (g, on) -> g.withLabels(on ? Optional.of(labels(g)) : Optional.empty())), loose,
        Controls.row(6, count("gang-across", "gangCard.across", Gang::across, v -> g -> g.withAcross(v)),
        count("gang-down", "gangCard.down", Gang::down, v -> g -> g.withDown(v))),
        precut, backs, stacked, check("gang-slug", "gangCard.slug", Gang::slug, Gang::withSlug), told);
    loose.getChildren()
        .addAll(Controls.row(6, length("gang-gutter", "gangCard.gutter", 0, Gang.MOST_GAP, Gang::gutter, v -> g -> g.withGutter(v)),
        length("gang-margin", "gangCard.margin", 0, Gang.MOST_GAP, Gang::margin, v -> g -> g.withMargin(v))),
        check("gang-corner", "gangCard.corner", Gang::corner, Gang::withCorner),
        Controls.row(4, Controls.button("gang-as-laid", "gangCard.asLaid",
        () -> change(g -> g.withMoved(java.util.Map.of()).withLeft(java.util.Set.of())), "quiet")),
        Controls.wrapped(Wording.text("gangCard.byHand"), "side-note"));
    precut.getChildren().addAll(
        Controls.row(6, label("gang-left", "gangCard.left", Gang.Labels::left, v -> l -> new Gang.Labels(v, l.top(), l.stepX(), l.stepY())),
            label("gang-top", "gangCard.top", Gang.Labels::top, v -> l -> new Gang.Labels(l.left(), v, l.stepX(), l.stepY()))),
        Controls.row(6, label("gang-step-x", "gangCard.stepX", Gang.Labels::stepX,
        v -> l -> new Gang.Labels(l.left(), l.top(), v, l.stepY())),
            label("gang-step-y", "gangCard.stepY", Gang.Labels::stepY, v -> l -> new Gang.Labels(l.left(), l.top(), l.stepX(), v))),
        Controls.wrapped(Wording.text("gangCard.used"), "side-note"));
    getStyleClass().add("indented");
    setId("gang-card");
  }

  /** Labels as the pieces lie now, which is where the typing of their figures begins. */
  private Gang.Labels labels(Gang gang) {
    double width = session.frame().size().width();
    double height = session.frame().size().height();
    return new Gang.Labels(gang.margin(), gang.margin(), width + gang.gutter(), height + gang.gutter());
  }

  private Node label(String id, String key, ToDoubleFunction<Gang.Labels> read, DoubleFunction<UnaryOperator<Gang.Labels>> with) {
    return length(id, key, 0, Gang.MOST_LABEL, g -> g.labels().map(read::applyAsDouble).orElse(0.0),
        v -> g -> g.withLabels(g.labels().map(l -> with.apply(v).apply(l))));
  }

  private Optional<Gang> now() {
    return session.job().sheet().gang();
  }

  private void change(UnaryOperator<Gang> to) {
    session.apply(Edits.sheet(s -> s.withGang(s.gang().map(to))));
  }

  private <E extends Enum<E>> Node pills(String id, E[] all, Function<Gang, E> read, BiFunction<Gang, E, Gang> with) {
    FlowPane pane = new FlowPane(4, 4);
    for (E one : all) {
      ToggleButton pill = new ToggleButton(Wording.of(one));
      pill.setId(id + one.name().toLowerCase(Locale.ROOT).replace('_', '-'));
      pill.getStyleClass().add("pill");
      pill.setOnAction(e -> {
        pill.setSelected(true);
        change(g -> with.apply(g, one));
      });
      fresh.add(() -> pill.setSelected(now().filter(g -> read.apply(g) == one).isPresent()));
      pane.getChildren().add(pill);
    }
    return pane;
  }

  private CheckBox check(String id, String key, Function<Gang, Boolean> read, BiFunction<Gang, Boolean, Gang> with) {
    CheckBox box = Controls.check(id, key, false, on -> change(g -> with.apply(g, on)));
    fresh.add(() -> now().ifPresent(g -> box.setSelected(read.apply(g))));
    return box;
  }

  private Node length(String id, String key, double least, double most, ToDoubleFunction<Gang> read,
      DoubleFunction<UnaryOperator<Gang>> with) {
    return field(id, key, text -> {
      double inches = text.strip().startsWith("-") ? -Lengths.parse(text.strip().substring(1), session.unit())
          : Lengths.parse(text, session.unit());
      if (!(inches >= least && inches <= most)) {
        throw Trouble.of("field.range", text, Lengths.showWithSign(least, session.unit()), Lengths.showWithSign(most, session.unit()));
      }
      change(with.apply(inches));
    }, f -> now().ifPresent(g -> f.show(Lengths.show(read.applyAsDouble(g), session.unit()))));
  }

  /** A count; nothing typed, or 0, is for as many as go on. */
  private Node count(String id, String key, ToDoubleFunction<Gang> read, IntFunction<UnaryOperator<Gang>> with) {
    return field(id, key, text -> change(with.apply(text.isBlank() ? 0 : (int) Lengths.parseNumber(text, 0, Gang.MOST))),
        f -> now().ifPresent(g -> f.show(read.applyAsDouble(g) == 0 ? "" : Lengths.plain(read.applyAsDouble(g), 0))));
  }

  private Node field(String id, String key, TypedField.TextTaker taking, Consumer<TypedField> show) {
    TypedField field = new TypedField(id, Wording.text(key), taking);
    field.setPrefWidth(84);
    field.setPromptText(Wording.text("gangCard.most"));
    fresh.add(() -> show.accept(field));
    VBox box = Controls.under(Wording.text(key), field);
    box.setPrefWidth(96);
    return box;
  }

  /** Shows what is chosen and what it comes to. */
  void show(Optional<GangPages> pages) {
    fresh.forEach(Runnable::run);
    boolean several = session.job().leaving().size() > 1;
    backs.setVisible(several);
    backs.setManaged(several);
    boolean cut = now().flatMap(Gang::labels).isPresent();
    loose.setVisible(!cut);
    loose.setManaged(!cut);
    precut.setVisible(cut);
    precut.setManaged(cut);
    stacked.setVisible(session.job().list().isPresent());
    stacked.setManaged(session.job().list().isPresent());
    told.setText(pages.map(p -> Wording.text("gangCard.told", p.each(), p.wanted(), p.sheets(), Lengths.plain(p.waste() * 100, 0))
        + (p.cost() > 0 ? " " + Wording.text("gangCard.cost", Lengths.plain(p.cost(), 2)) : "")).orElse(""));
  }
}
