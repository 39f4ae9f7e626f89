package org.zipthimble.desktop.tag;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.control.UndoKeys;
import org.zipthimble.desktop.state.Session;

/** What a block of words says and how it is set. */
final class WordsSection extends Section {
  private static final double SIZE_WIDTH = 62;

  private final TextArea area;

  WordsSection(Session session, Item.Words item) {
    super(session);
    area = new TextArea(item.text());
    getChildren().addAll(wordsBox(item), familyRow(), typeRow(), spaceRow(), alignRow(), colourRow());
  }

  /** Puts the cursor into the words, all of them chosen. */
  void typeWords() {
    area.requestFocus();
    area.selectAll();
  }

  private Optional<Item.Words> wordsNow() {
    return now().flatMap(Item::asWords);
  }

  private Node wordsBox(Item.Words item) {
    area.setId("tag-words");
    area.setAccessibleText(Wording.text("tag.words"));
    area.setWrapText(true);
    area.setPrefRowCount(2);
    area.setMinHeight(52);
    area.setPrefHeight(52);
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
    return Controls.under(Wording.text("tag.family"), family);
  }

  private Node style() {
    JobFonts fonts = new JobFonts(session.job());
    ComboBox<String> style = choice("tag-style", "tag.style", List.of());
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
    return style;
  }

  private Node colourRow() {
    ColourField colour = new ColourField("tag-colour", Wording.text("tag.colour"), false, session, this::colours,
        chosen -> chosen.ifPresent(c -> type(s -> s.withColour(c))));
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
    TypedField size = type("tag-size", "tag.size", "tag.pt", WordStyle.LEAST_PT, WordStyle.MOST_PT,
        WordStyle::sizePt, (s, v) -> s.withSizePt(v));
    size.setPrefWidth(SIZE_WIDTH);
    VBox sized = Controls.under(Wording.text("tag.size"), size);
    HBox.setHgrow(sized, Priority.NEVER);
    sized.setMinWidth(SIZE_WIDTH);
    return Controls.row(6, Controls.under(Wording.text("tag.style"), style()), sized);
  }

  private Node spaceRow() {
    TypedField leading = type("tag-leading", "tag.leading", "proof.percent", 50, 400, WordStyle::leadingPercent, (s, v) -> s.withLeadingPercent(v));
    TypedField tracking = type("tag-tracking", "tag.tracking", "tag.bare", -200, 2000, WordStyle::tracking, (s, v) -> s.withTracking(v));
    return Controls.row(6, Controls.under(Wording.text("tag.leading"), leading), Controls.under(Wording.text("tag.tracking"), tracking));
  }

  private interface Styling {
    WordStyle put(WordStyle from, double value);
  }

  private TypedField type(
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
      ToggleButton pill = new ToggleButton(Wording.of(align));
      pill.setId("align-" + align.name().toLowerCase(Locale.ROOT));
      pill.getStyleClass().add("pill");
      pill.setToggleGroup(group);
      pill.setMinWidth(USE_PREF_SIZE);
      pill.setOnAction(e -> {
        type(s -> s.withAlign(align));
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
