package org.zipthimble.desktop.tag;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemVisitor;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** Fill, line, corners, opacity and role of one object; the colours of a group by part. */
final class LookSection extends Section {
  private static final double SMALL = 62;
  private static final int MOST_PARTS = 12;

  private final FlowPane parts = new FlowPane(4, 4);
  private List<Map.Entry<Colour, String>> partsShown = List.of();

  LookSection(Session session, Item item) {
    super(session);
    item.accept(new Kinds());
    getChildren().add(Controls.row(6, opacity(), looks()));
  }

  private final class Kinds implements ItemVisitor<Optional<Void>> {
    @Override
    public Optional<Void> words(ItemWords item) {
      return Optional.empty();
    }

    @Override
    public Optional<Void> shape(ItemShape item) {
      HBox first = Controls.row(6);
      if (!item.outline().open()) {
        ColourField fill = new ColourField("tag-fill", Wording.text("tag.fill"), true, session, LookSection.this::colours,
            colour -> session.perform((face, ids) -> Edits.shape(face, ids, "edit.fill", s -> s.filled(colour))));
        fresh.add(() -> shapeNow().ifPresent(s -> fill.show(s.fill())));
        first.getChildren().add(Controls.under(Wording.text("tag.fill"), fill));
      }
      if (item.outline().cornerRadius().isPresent()) {
        TypedField corners = length("tag-corners", "tag.corners", 0, Placement.FARTHEST,
            () -> shapeNow().flatMap(s -> s.outline().cornerRadius()).orElse(Double.NaN),
            radius -> session.perform((face, ids) -> LookEdits.round(face, ids, radius)));
        first.getChildren().add(small("tag.corners", corners));
      }
      getChildren().addAll(first, line());
      return Optional.empty();
    }

    @Override
    public Optional<Void> photo(ItemPhoto item) {
      return Optional.empty();
    }

    @Override
    public Optional<Void> group(ItemGroup item) {
      if (item.effect().look().isPresent()) {
        ColourField fill = new ColourField("tag-fill", Wording.text("tag.fill"), true, session, LookSection.this::colours,
            colour -> session.perform((face, ids) -> Edits.shape(face, ids, "edit.fill", s -> s.filled(colour))));
        fresh.add(() -> madeNow().ifPresent(l -> fill.show(l.fill())));
        getChildren().addAll(Controls.row(6, Controls.under(Wording.text("tag.fill"), fill)), line());
      }
      if (!MountSection.wants(item)) {
        getChildren().addAll(Controls.label(Wording.text("tag.parts"), "field-label"), parts);
      }
      getChildren().add(Controls.row(6,
          Controls.button("tag-open", "tag.open", () -> now().ifPresent(i -> session.openGroup(i.id())), "quiet"),
          Controls.button("tag-ungroup", "tag.ungroup", () -> session.applyAndSelect(
              org.zipthimble.core.edit.Grouping.ungroup(face(), ids())), "quiet")));
      fresh.add(LookSection.this::showParts);
      return Optional.empty();
    }
  }

  private Optional<HasOutline> shapeNow() {
    return now().flatMap(Item::outlined);
  }

  private Optional<Look> madeNow() {
    return now().flatMap(Item::holder).flatMap(Item::look);
  }

  /** The line of a shape or of what a group makes; empty for all else, an empty line within for none. */
  private Optional<Optional<LineLook>> lineNow() {
    return shapeNow().map(HasOutline::line).or(() -> madeNow().map(Look::line));
  }

  private Node line() {
    ColourField colour = new ColourField("tag-line", Wording.text("tag.line"), true, session, this::colours,
        chosen -> session.perform((face, ids) -> Edits.shape(face, ids, "edit.line",
            s -> s.withLine(chosen.map(c -> s.line().map(l -> l.withColour(c)).orElseGet(() -> LineLook.of(1, c)))))));
    TypedField width = new TypedField("tag-line-width", Wording.text("tag.lineWidth"), text -> {
      double pt = Unit.POINT.fromInches(Lengths.parse(text, Unit.POINT));
      if (!(pt >= LineLook.LEAST_PT && pt <= LineLook.MOST_PT)) {
        throw Trouble.of("number.range", text, Wording.text("tag.pt", LineLook.LEAST_PT), Wording.text("tag.pt", LineLook.MOST_PT));
      }
      session.perform((face, ids) -> Edits.shape(face, ids, "edit.line",
          s -> s.withLine(Optional.of(s.line().map(l -> l.withWidthPt(pt)).orElseGet(() -> LineLook.of(pt, Colour.BLACK))))));
    });
    fresh.add(() -> lineNow().ifPresent(line -> {
      colour.show(line.map(LineLook::colour));
      width.show(line.map(l -> Wording.text("tag.pt", Lengths.plain(l.widthPt(), 2))).orElse(Wording.text("colourField.none")));
    }));
    Controls.tip(width, Wording.text("tag.lineWidth.tip"));
    return Controls.row(6, Controls.under(Wording.text("tag.line"), colour), small("tag.lineWidth", width));
  }

  private static VBox small(String key, TypedField field) {
    field.setPrefWidth(SMALL);
    field.setMaxWidth(SMALL);
    VBox box = Controls.under(Wording.text(key), field);
    HBox.setHgrow(box, Priority.NEVER);
    box.setMinWidth(SMALL);
    return box;
  }

  private VBox opacity() {
    return small("tag.opacity", number("tag-opacity", "tag.opacity", 0, 100,
        () -> now().map(i -> Wording.text("proof.percent", Lengths.plain(i.properties().opacity() * 100, 1))).orElse(""),
        percent -> session.perform((face, ids) -> Edits.properties(face, ids, "edit.opacity", f -> f.withOpacity(percent / 100)))));
  }

  private Node looks() {
    javafx.scene.control.Button give = Controls.button("look-give", "look.give", session::giveLook, "quiet");
    fresh.add(() -> give.setDisable(!session.hasLook()));
    return Controls.under(Wording.text("look.title"), Controls.row(4, Controls.button("look-take", "look.take", () -> {
      session.takeLook();
      refresh();
    }, "quiet"), give));
  }

  /** The colours in a group, each with the names of the parts that have it; a new digit recolours them. */
  private void showParts() {
    Map<Colour, String> found = new LinkedHashMap<>();
    now().ifPresent(group -> group.withMembers().stream().flatMap(i -> i.outlined().stream()).forEach(s -> {
      s.fill().ifPresent(c -> found.putIfAbsent(c, s.properties().name()));
      s.line().ifPresent(l -> found.putIfAbsent(l.colour(), s.properties().name()));
    }));
    List<Map.Entry<Colour, String>> wanted = found.entrySet().stream().limit(MOST_PARTS).map(e -> Map.entry(e.getKey(), e.getValue()))
        .toList();
    if (wanted.equals(partsShown)) {
      return;
    }
    partsShown = wanted;
    parts.getChildren().clear();
    for (Map.Entry<Colour, String> part : wanted) {
      ColourField field = new ColourField("part-" + part.getKey().hex().substring(1), part.getValue(), false, session, this::colours,
          colour -> colour.ifPresent(to -> session.apply(LookEdits.recolour(face(), ids(), part.getKey(), to))));
      field.show(Optional.of(part.getKey()));
      field.setMaxWidth(104);
      parts.getChildren().add(new VBox(1, Controls.label(part.getValue(), "field-label"), field));
    }
  }
}
