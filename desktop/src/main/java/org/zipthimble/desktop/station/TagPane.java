package org.zipthimble.desktop.station;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.check.PictureResolution;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.Reshape;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.JobColours;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.Outline;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.job.Role;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Kit;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.control.UndoKeys;
import org.zipthimble.desktop.state.Session;

/** The tag of what is selected: its place, size and turn, its look, its words, its role. */
public final class TagPane extends VBox {
  private static final double LEAST_SIZE = 0.005;
  private static final double STYLE_WIDTH = 136;
  private static final double OPACITY_WIDTH = 62;
  private static final double LABEL_WIDTH = 40;

  private final Session session;
  private final List<Runnable> fresh = new ArrayList<>();
  private final VBox inside = new VBox(5);
  private String built = "";
  private Optional<TextArea> wordsArea = Optional.empty();

  /** The tag of a session's selection. */
  public TagPane(Session session) {
    this.session = session;
    getStyleClass().add("tag");
    getChildren().add(inside);
    session.shownProperty().addListener(o -> refresh());
    session.selectionProperty().addListener(o -> refresh());
    session.faceIdProperty().addListener(o -> refresh());
    refresh();
  }

  /** Puts the cursor into the words, all of them chosen, so that typing replaces them. */
  public void typeWords() {
    wordsArea.ifPresent(area -> {
      area.requestFocus();
      area.selectAll();
    });
  }

  private void refresh() {
    List<Item> selected = session.selected();
    String wanted = session.faceIdProperty().get() + selected.stream().map(Item::id).toList();
    if (!wanted.equals(built)) {
      built = wanted;
      fresh.clear();
      wordsArea = Optional.empty();
      inside.getChildren().clear();
      if (selected.isEmpty()) {
        nothing();
      } else if (selected.size() > 1) {
        several(selected.size());
      } else {
        one(selected.get(0));
      }
    }
    fresh.forEach(Runnable::run);
  }

  private void nothing() {
    inside.getChildren().addAll(
        Kit.label(Wording.text("tag.none"), "side-title"), Kit.wrapped(Wording.text("tag.none.hint"), "side-note"));
  }

  private void several(int count) {
    inside.getChildren().addAll(
        Kit.label(Wording.text("tag.several", count), "side-title"),
        Kit.wrapped(Wording.text("tag.several.hint"), "side-note"),
        Kit.row(6, Kit.button("tag-group", "tag.group", () -> session.apply(Grouping.group(face(), ids())), "plain"),
            Kit.button("tag-delete", "tag.delete", () -> session.apply(Edits.remove(face(), ids())), "plain")));
  }

  private void one(Item item) {
    TypedField name = new TypedField("tag-name", Wording.text("tag.name.spoken"), text -> {
      if (!text.isBlank()) {
        session.apply(Edits.facts(face(), ids(), "edit.name", f -> f.named(text.strip())));
      }
    });
    name.getStyleClass().add("tag-name");
    HBox.setHgrow(name, Priority.ALWAYS);
    Label kind = Kit.label(item.accept(new LayersPane.KindName()), "side-note");
    kind.setMinWidth(USE_PREF_SIZE);
    fresh.add(() -> now().ifPresent(i -> name.show(i.facts().name())));
    inside.getChildren().addAll(Kit.row(6, name, kind), place(), size(item), Kit.stitch());
    item.accept(new Sections());
    inside.getChildren().add(roleRow());
  }

  private Node place() {
    TypedField left = length("tag-left", "tag.left", p -> p.x(), (p, v) -> p.moved(v - p.x(), 0), false);
    TypedField top = length("tag-top", "tag.top", p -> p.y(), (p, v) -> p.moved(0, v - p.y()), false);
    TypedField turn = new TypedField("tag-turn", Wording.text("tag.turn"), text -> {
      double degrees = Lengths.parseNumber(text, -3600, 3600);
      change("edit.turn", p -> p.turnedTo(degrees));
    });
    turn.setPrefWidth(52);
    fresh.add(() -> now().ifPresent(i ->
        turn.show(Wording.text("tag.degrees", Lengths.plain(i.placement().turn(), 2)))));
    VBox turned = Kit.under(Wording.text("tag.turn"), turn);
    turned.setMinWidth(58);
    return Kit.row(6, Kit.under(Wording.text("tag.left"), left), Kit.under(Wording.text("tag.top"), top), turned);
  }

  private Node size(Item item) {
    boolean line = item instanceof Item.Shape && ((Item.Shape) item).outline() instanceof Outline.Straight;
    TypedField wide = length("tag-width", line ? "tag.long" : "tag.width", p -> p.width(),
        (p, v) -> Reshape.widened(p, v, session.keepProportionProperty().get()), true);
    HBox row = Kit.row(6, Kit.under(Wording.text(line ? "tag.long" : "tag.width"), wide));
    if (!line) {
      TypedField high = length("tag-height", "tag.height", p -> p.height(),
          (p, v) -> Reshape.heightened(p, v, session.keepProportionProperty().get()), true);
      CheckBox keep = new CheckBox(Wording.text("tag.keep"));
      keep.setId("tag-keep");
      keep.setWrapText(true);
      keep.setMinWidth(88);
      keep.selectedProperty().bindBidirectional(session.keepProportionProperty());
      row.getChildren().addAll(Kit.under(Wording.text("tag.height"), high), keep);
    }
    return row;
  }

  private interface Placing {
    Placement put(Placement from, double value);
  }

  private TypedField length(String id, String key, ToDoubleFunction<Placement> get, Placing put, boolean size) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double inches = Lengths.parse(text, session.unit());
      if (size && inches < LEAST_SIZE || Math.abs(inches) > Placement.FARTHEST) {
        throw Trouble.of("tag.sizeRange", text);
      }
      change(size ? "edit.resize" : "edit.place", p -> put.put(p, inches));
    });
    fresh.add(() -> now().ifPresent(i -> field.show(Lengths.show(get.applyAsDouble(i.placement()), session.unit()))));
    return field;
  }

  private VBox opacity() {
    TypedField opacity = new TypedField("tag-opacity", Wording.text("tag.opacity"), text -> {
      double percent = Lengths.parseNumber(text, 0, 100);
      session.apply(Edits.facts(face(), ids(), "edit.opacity", f -> f.withOpacity(percent / 100)));
    });
    opacity.setPrefWidth(OPACITY_WIDTH);
    opacity.setMaxWidth(OPACITY_WIDTH);
    fresh.add(() -> now().ifPresent(i ->
        opacity.show(Wording.text("proof.percent", Lengths.plain(i.facts().opacity() * 100, 1)))));
    VBox box = Kit.under(Wording.text("tag.opacity"), opacity);
    HBox.setHgrow(box, Priority.NEVER);
    box.setMinWidth(OPACITY_WIDTH);
    return box;
  }

  private static Node beside(String key, Node control) {
    Label label = Kit.label(Wording.text(key), "field-label");
    label.setMinWidth(LABEL_WIDTH);
    return Kit.row(4, label, control);
  }

  private Node roleRow() {
    HBox roles = new HBox(4);
    ToggleGroup group = new ToggleGroup();
    for (Role role : Role.values()) {
      ToggleButton pill = new ToggleButton(Wording.text("role." + role.name().toLowerCase(Locale.ROOT)));
      pill.getStyleClass().add("pill");
      pill.setToggleGroup(group);
      pill.setMinWidth(USE_PREF_SIZE);
      pill.setId("role-" + role.name().toLowerCase(Locale.ROOT));
      pill.setOnAction(e -> {
        session.apply(Edits.facts(face(), ids(), "edit.role", f -> f.withRole(role)));
        pill.setSelected(true);
      });
      fresh.add(() -> now().ifPresent(i -> pill.setSelected(i.facts().role() == role)));
      roles.getChildren().add(pill);
    }
    return beside("tag.role", roles);
  }

  private String face() {
    return session.faceIdProperty().get();
  }

  private Set<String> ids() {
    return session.selectionProperty().get();
  }

  private Optional<Item> now() {
    return session.single();
  }

  private void change(String key, UnaryOperator<Placement> change) {
    session.apply(Edits.place(face(), ids(), key, change));
  }

  private List<Colour> colours() {
    return JobColours.of(session.shownProperty().get());
  }

  /** What the tag holds for each kind of object. */
  private final class Sections implements Item.Visitor<Optional<Void>> {
    @Override
    public Optional<Void> words(Item.Words item) {
      inside.getChildren().addAll(wordsBox(item), familyRow(), styleRow(), typeRow(), alignRow(), colourRow());
      return Optional.empty();
    }

    @Override
    public Optional<Void> shape(Item.Shape item) {
      if (!(item.outline() instanceof Outline.Straight)) {
        ColourField fill = new ColourField("tag-fill", Wording.text("tag.fill"), true, TagPane.this::colours,
            colour -> session.apply(Edits.shape(face(), ids(), "edit.fill", s -> s.filled(colour))));
        fresh.add(() -> shapeNow().ifPresent(s -> fill.show(s.fill())));
        inside.getChildren().add(Kit.under(Wording.text("tag.fill"), fill));
      }
      inside.getChildren().addAll(line(), opacity());
      return Optional.empty();
    }

    @Override
    public Optional<Void> photo(Item.Photo item) {
      Label figures = Kit.wrapped("", "line-note");
      figures.setId("tag-resolution");
      fresh.add(() -> figures.setText(resolution()));
      inside.getChildren().addAll(figures, opacity());
      return Optional.empty();
    }

    @Override
    public Optional<Void> group(Item.Group item) {
      inside.getChildren().addAll(Kit.button(
          "tag-ungroup", "tag.ungroup", () -> session.apply(Grouping.ungroup(face(), ids())), "plain"), opacity());
      return Optional.empty();
    }
  }

  private String resolution() {
    return Placed.on(session.face()).stream().filter(p -> ids().contains(p.item().id())).findFirst().map(placed -> {
      Picture picture = session.shownProperty().get().pictures().get(((Item.Photo) placed.item()).pictureId());
      if (picture == null) {
        return "";
      }
      double target = session.shownProperty().get().ticket().ppi();
      return Wording.text(
          "tag.resolution", Lengths.plain(Math.floor(PictureResolution.of(session.shownProperty().get(), placed)), 0),
          picture.width(), picture.height(), Lengths.plain(session.unit().fromInches(picture.width() / target), 2),
          Lengths.plain(session.unit().fromInches(picture.height() / target), 2), session.unit().sign(), Lengths.plain(target, 0));
    }).orElse("");
  }

  private Optional<Item.Shape> shapeNow() {
    return now().filter(Item.Shape.class::isInstance).map(Item.Shape.class::cast);
  }

  private Optional<Item.Words> wordsNow() {
    return now().filter(Item.Words.class::isInstance).map(Item.Words.class::cast);
  }

  private Node line() {
    ColourField colour = new ColourField("tag-line", Wording.text("tag.line"), true, this::colours,
        chosen -> session.apply(Edits.shape(face(), ids(), "edit.line",
            s -> s.lined(chosen.map(c -> new LineLook(s.line().map(LineLook::widthPt).orElse(1.0), c))))));
    TypedField width = new TypedField("tag-line-width", Wording.text("tag.lineWidth"), text -> {
      double pt = Lengths.parseNumber(text.replace("pt", ""), 0.01, 720);
      session.apply(Edits.shape(face(), ids(), "edit.line",
          s -> s.lined(Optional.of(new LineLook(pt, s.line().map(LineLook::colour).orElse(Colour.BLACK))))));
    });
    width.setPrefWidth(64);
    fresh.add(() -> shapeNow().ifPresent(s -> {
      colour.show(s.line().map(LineLook::colour));
      width.show(s.line().map(l -> Wording.text("tag.pt", Lengths.plain(l.widthPt(), 2))).orElse(Wording.text("colour.none")));
    }));
    VBox thick = Kit.under(Wording.text("tag.lineWidth"), width);
    HBox.setHgrow(thick, Priority.NEVER);
    return Kit.row(6, Kit.under(Wording.text("tag.line"), colour), thick);
  }

  private Node wordsBox(Item.Words item) {
    TextArea area = new TextArea(item.text());
    area.setId("tag-words");
    area.setAccessibleText(Wording.text("tag.words"));
    area.setWrapText(true);
    area.setPrefRowCount(2);
    area.setMinHeight(52);
    area.setPrefHeight(52);
    wordsArea = Optional.of(area);
    UndoKeys.pass(area, () -> true);
    area.textProperty().addListener((o, was, is) -> wordsNow().filter(w -> w.id().equals(item.id()) && !w.text().equals(is))
        .ifPresent(w -> session.amend("words " + w.id(), Edits.say(face(), w.id(), is))));
    area.focusedProperty().addListener((o, was, is) -> session.settle());
    fresh.add(() -> wordsNow().filter(w -> !w.text().equals(area.getText())).ifPresent(w -> area.setText(w.text())));
    return area;
  }

  private Node familyRow() {
    JobFonts fonts = new JobFonts(session.job());
    ComboBox<String> family = choice("tag-family", "tag.family", fonts.families());
    family.setOnAction(e -> wordsNow().map(Item.Words::style)
        .filter(s -> family.getValue() != null && !s.family().equals(family.getValue())).ifPresent(s -> {
          List<String> styles = fonts.styles(family.getValue());
          String kept = styles.contains(s.style()) ? s.style() : styles.get(0);
          type(w -> w.inFace(family.getValue(), kept));
        }));
    fresh.add(() -> wordsNow().ifPresent(w -> family.setValue(w.style().family())));
    return Kit.under(Wording.text("tag.family"), family);
  }

  private Node styleRow() {
    JobFonts fonts = new JobFonts(session.job());
    ComboBox<String> style = choice("tag-style", "tag.style", List.of());
    style.setMinWidth(STYLE_WIDTH);
    style.setOnAction(e -> wordsNow().map(Item.Words::style)
        .filter(s -> style.getValue() != null && !s.style().equals(style.getValue()))
        .ifPresent(s -> type(w -> w.inFace(w.family(), style.getValue()))));
    fresh.add(() -> wordsNow().map(Item.Words::style).ifPresent(s -> {
      List<String> styles = fonts.styles(s.family());
      if (!style.getItems().equals(styles)) {
        style.getItems().setAll(styles);
      }
      style.setValue(s.style());
    }));
    VBox styled = Kit.under(Wording.text("tag.style"), style);
    styled.setMinWidth(STYLE_WIDTH);
    return Kit.row(6, styled, opacity());
  }

  private Node colourRow() {
    ColourField colour = new ColourField("tag-colour", Wording.text("tag.colour"), false, this::colours,
        chosen -> chosen.ifPresent(c -> type(s -> s.inColour(c))));
    fresh.add(() -> wordsNow().ifPresent(w -> colour.show(Optional.of(w.style().colour()))));
    return beside("tag.colour", colour);
  }

  private static ComboBox<String> choice(String id, String key, List<String> values) {
    ComboBox<String> box = new ComboBox<>();
    box.setId(id);
    box.setAccessibleText(Wording.text(key));
    box.getItems().setAll(values);
    box.setMaxWidth(Double.MAX_VALUE);
    box.setVisibleRowCount(12);
    return box;
  }

  private Node typeRow() {
    TypedField size = number("tag-size", "tag.size", "tag.pt", WordStyle.LEAST_PT, WordStyle.MOST_PT,
        WordStyle::sizePt, (s, v) -> s.atSize(v));
    TypedField leading = number("tag-leading", "tag.leading", "proof.percent", 50, 400, WordStyle::leadingPercent, (s, v) -> s.withLeading(v));
    TypedField tracking = number("tag-tracking", "tag.tracking", "tag.bare", -200, 2000, WordStyle::tracking, (s, v) -> s.withTracking(v));
    return Kit.row(6, Kit.under(Wording.text("tag.size"), size), Kit.under(Wording.text("tag.leading"), leading),
        Kit.under(Wording.text("tag.tracking"), tracking));
  }

  private interface Styling {
    WordStyle put(WordStyle from, double value);
  }

  private TypedField number(
      String id, String key, String shown, double least, double most, ToDoubleFunction<WordStyle> get, Styling put) {
    TypedField field = new TypedField(id, Wording.text(key), text -> {
      double value = Lengths.parseNumber(text.replace("pt", ""), least, most);
      type(s -> put.put(s, value));
    });
    fresh.add(() -> wordsNow().ifPresent(w ->
        field.show(Wording.text(shown, Lengths.plain(get.applyAsDouble(w.style()), 2)))));
    return field;
  }

  private Node alignRow() {
    HBox aligns = new HBox(4);
    ToggleGroup group = new ToggleGroup();
    for (Align align : Align.values()) {
      ToggleButton pill = new ToggleButton(Wording.text("align." + align.name().toLowerCase(Locale.ROOT)));
      pill.setId("align-" + align.name().toLowerCase(Locale.ROOT));
      pill.getStyleClass().add("pill");
      pill.setToggleGroup(group);
      pill.setMinWidth(USE_PREF_SIZE);
      pill.setOnAction(e -> {
        type(s -> s.aligned(align));
        pill.setSelected(true);
      });
      fresh.add(() -> wordsNow().ifPresent(w -> pill.setSelected(w.style().align() == align)));
      aligns.getChildren().add(pill);
    }
    return beside("tag.align", aligns);
  }

  private void type(UnaryOperator<WordStyle> change) {
    session.apply(Edits.style(face(), ids(), "edit.type", change));
  }
}
