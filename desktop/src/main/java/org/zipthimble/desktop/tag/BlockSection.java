package org.zipthimble.desktop.tag;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.WordsPanel;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.Standing;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** How words stand in their block, how large their ink is, and what is painted behind them. */
final class BlockSection extends Section {
  private static final double THIRD = 60;
  private static final double HALF = 92;

  BlockSection(Session session) {
    super(session);
    getChildren().addAll(
        fields(THIRD, "block.inkWidth", ink("block-ink-width", "block.inkWidth", true), "block.inkHeight",
        ink("block-ink-height", "block.inkHeight", false)),
        flow(Controls.under(Wording.text("block.standing"), standing()), Controls.under(Wording.text("block.fitting"), fitting())),
        fields(THIRD, "block.columns", columns(), "block.gutter",
        length("block-gutter", "block.gutter", 0, 20, () -> setting().gutter(), v -> set(s -> s.withGutter(v))),
            "block.least", number("block-least", "block.least", 5, 100,
            () -> Wording.text("proof.percent", Lengths.plain(setting().leastPercent(), 1)), v -> set(s -> s.withLeastPercent(v)))),
        margins(), panel());
  }

  private Optional<HoldsWords> words() {
    return now().flatMap(Item::words);
  }

  private BlockSetting setting() {
    return words().map(HoldsWords::setting).orElse(BlockSetting.PLAIN);
  }

  private void set(UnaryOperator<BlockSetting> change) {
    session.apply(StoryEdits.setting(face(), ids(), change));
  }

  private TypedField ink(String id, String key, boolean width) {
    TypedField field = length(id, key, 0.01, Placement.FARTHEST,
        () -> words().flatMap(w -> w.set(new JobFonts(session.shownProperty().get())).ink()).map(b -> side(b, width)).orElse(Double.NaN),
        v -> words().ifPresent(w -> session.apply(StoryEdits.inkTo(face(), w.id(), width, v))));
    Controls.tip(field, Wording.text("block.ink.tip"));
    return field;
  }

  private static double side(Box box, boolean width) {
    return width ? box.width() : box.height();
  }

  private Node standing() {
    List<String> all = Arrays.stream(Standing.values()).map(s -> Wording.of(s)).toList();
    var box = choice("block-standing", "block.standing", all, () -> Optional.of(setting().standing().ordinal()),
        i -> set(s -> s.withStanding(Standing.values()[i])));
    box.setPrefWidth(HALF);
    return box;
  }

  private Node fitting() {
    List<String> all = Arrays.stream(Fitting.values()).map(s -> Wording.of(s)).toList();
    var box = choice("block-fitting", "block.fitting", all, () -> Optional.of(setting().fitting().ordinal()),
        i -> set(s -> s.withFitting(Fitting.values()[i])));
    box.setPrefWidth(HALF);
    return box;
  }

  private TypedField columns() {
    return number("block-columns", "block.columns", 1, BlockSetting.MOST_COLUMNS, () -> String.valueOf(setting().columns()),
        v -> set(s -> s.withColumns((int) Math.round(v))));
  }

  private Node margins() {
    Object[] all = new Object[2 * Side.values().length];
    for (Side side : Side.values()) {
      String key = "block.margin." + side.name().toLowerCase(java.util.Locale.ROOT);
      all[2 * side.ordinal()] = key;
      all[2 * side.ordinal() + 1] = length(key.replace('.', '-'), key, 0, 100, () -> setting().margins().at(side),
          v -> set(s -> s.withMargins(s.margins().with(side, v))));
    }
    return fields(44, all);
  }

  private WordsPanel panelNow() {
    return words().flatMap(HoldsWords::panel).orElse(new WordsPanel(Look.NONE, 0));
  }

  private void paint(UnaryOperator<WordsPanel> change) {
    session.apply(StoryEdits.words(face(), ids(), "edit.panel", w -> {
      WordsPanel next = change.apply(w.panel().orElse(new WordsPanel(Look.NONE, 0)));
      return w.withPanel(next.look().equals(Look.NONE) ? Optional.empty() : Optional.of(next));
    }));
  }

  private Node panel() {
    ColourField fill = new ColourField("block-fill", Wording.text("block.fill"), true, session, this::colours,
        c -> paint(p -> new WordsPanel(new Look(c, p.look().line()), p.corner())));
    fresh.add(() -> fill.show(panelNow().look().fill()));
    ColourField line = new ColourField("block-line", Wording.text("block.line"), true, session, this::colours,
        c -> paint(
        p -> new WordsPanel(new Look(p.look().fill(), c.map(is -> p.look().line().map(l -> l.withColour(is)).orElse(LineLook.of(1, is)))),
        p.corner())));
    fresh.add(() -> line.show(panelNow().look().line().map(LineLook::colour)));
    TypedField width = number("block-line-width", "block.lineWidth", LineLook.LEAST_PT, LineLook.MOST_PT,
        () -> panelNow().look().line().map(l -> Wording.text("tag.pt", Lengths.plain(l.widthPt(), 2))).orElse(""),
        v -> paint(p -> new WordsPanel(new Look(p.look().fill(), p.look().line().map(l -> l.withWidthPt(v))), p.corner())));
    TypedField corner = length("block-corner", "block.corner", 0, 100, () -> panelNow().corner(),
        v -> paint(p -> new WordsPanel(p.look(), v)));
    return flow(field(HALF, "block.fill", fill), field(HALF, "block.line", line), field(THIRD, "block.lineWidth", width),
        field(THIRD, "block.corner", corner));
  }
}
