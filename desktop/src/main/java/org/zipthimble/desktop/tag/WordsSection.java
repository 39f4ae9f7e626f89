package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.FactEdits;
import org.zipthimble.core.edit.StyleEdits;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.NamedStyle;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Walk;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Typing;

/** The face, size and colour of words and how their lines stand. */
final class WordsSection extends WordsPart {
  private static final double SIZE_WIDTH = 62;

  /**
   * The section.
   *
   * @param onStyles what happens when the styles are asked for
   * @param onFonts what happens when the fonts are asked for
   */
  WordsSection(Session session, Runnable onStyles, Runnable onFonts) {
    super(session);
    getChildren().addAll(styleRow(onStyles), familyRow(onFonts), typeRow(), spaceRow(), alignRow(), colourRow(), formRow(), ink());
  }

  /** The named style of what is chosen; another one is given. */
  private Node styleRow(Runnable onStyles) {
    ComboBox<String> style = new ComboBox<>();
    style.setId("tag-named-style");
    style.setAccessibleText(Wording.text("tag.namedStyle"));
    style.setPromptText(Wording.text("tag.noStyle"));
    style.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(style, Priority.ALWAYS);
    boolean[] showing = {false};
    fresh.add(() -> {
      showing[0] = true;
      List<String> names = session.shownProperty().get().styles().stream().map(NamedStyle::name).toList();
      if (!style.getItems().equals(names)) {
        style.getItems().setAll(names);
      }
      style.setValue(named().orElse(null));
      showing[0] = false;
    });
    style.setOnAction(e -> {
      if (!showing[0] && style.getValue() != null) {
        wordsNow().ifPresent(w -> {
          Walk.Span span = chosen(w);
          session.apply(StyleEdits.give(face(), w.id(), span.from(), span.to(), style.getValue()));
        });
      }
    });
    return Controls.under(Wording.text("tag.namedStyle"),
        Controls.row(4, style, Controls.button("tag-styles", "tag.styles", onStyles, "quiet")));
  }

  private Walk.Span chosen(HoldsWords words) {
    return session.typing().cursorProperty().get().filter(c -> c.itemId().equals(words.id())).map(Typing.Cursor::span)
        .orElse(new Walk.Span(0, words.story().length()));
  }

  private Optional<String> named() {
    return wordsNow().flatMap(w -> {
      Walk.Span span = chosen(w);
      int first = w.story().paragraphAt(span.from());
      Paragraph paragraph = w.story().paragraphs().get(first);
      return paragraph.runBefore(span.from() + (span.empty() ? 0 : 1) - w.story().begins(first)).named().or(paragraph::named);
    });
  }

  /** The form of a field: only seen while one is chosen or the caret is beside it. */
  private Node formRow() {
    ComboBox<String> form = new ComboBox<>();
    form.setId("tag-field-form");
    form.setAccessibleText(Wording.text("tag.fieldForm"));
    form.setMaxWidth(Double.MAX_VALUE);
    Node row = Controls.under(Wording.text("tag.fieldForm"), form);
    boolean[] showing = {false};
    fresh.add(() -> {
      showing[0] = true;
      Optional<Fact> fact = fieldNow().flatMap(f -> Filling.find(session.shownProperty().get(), f.name()))
          .filter(f -> f.forms().size() > 1 && !f.value().isEmpty());
      form.getItems().setAll(fact.map(f -> f.forms().stream().map(f::shown).toList()).orElse(List.of()));
      fact.ifPresent(f -> form.getSelectionModel().select(Math.max(0, f.forms().indexOf(fieldNow().orElseThrow().form()))));
      row.setVisible(fact.isPresent());
      row.setManaged(fact.isPresent());
      showing[0] = false;
    });
    form.setOnAction(e -> {
      int index = form.getSelectionModel().getSelectedIndex();
      if (!showing[0] && index >= 0) {
        wordsNow().ifPresent(w -> fieldNow().flatMap(f -> Filling.find(session.job(), f.name())).ifPresent(f ->
            session.apply(FactEdits.form(face(), w.id(), chosen(w).from(), chosen(w).to(), f.forms().get(index)))));
      }
    });
    return row;
  }

  /** The field that is chosen or beside which the caret stands; of words nobody types in, their only one. */
  private Optional<FieldUse> fieldNow() {
    return wordsNow().flatMap(w -> {
      Walk.Span span = chosen(w);
      int at = 0;
      List<FieldUse> found = new ArrayList<>();
      for (Paragraph p : w.story().paragraphs()) {
        for (Run r : p.runs()) {
          int end = at + r.text().length();
          r.field().filter(f -> span.from() <= end && span.to() >= from(r, end)).ifPresent(found::add);
          at = end;
        }
        at++;
      }
      return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    });
  }

  private static int from(Run run, int end) {
    return end - run.text().length();
  }

  private Node familyRow(Runnable onFonts) {
    JobFonts fonts = new JobFonts(session.job());
    List<String> families = fonts.families();
    ComboBox<String> family = choice("tag-family", "tag.family", families,
        () -> same(WordStyle::family).map(families::indexOf).filter(i -> i >= 0), i -> {
      List<String> styles = fonts.styles(families.get(i));
      letters(l -> l.withFamily(families.get(i)).withStyle(styles.contains(l.style()) ? l.style() : styles.get(0)));
      session.preferences().change(s -> s.afterFont(families.get(i)));
    });
    family.setVisibleRowCount(12);
    family.setPromptText(Wording.text("tag.several.values"));
    fresh.add(() -> same(WordStyle::family).filter(f -> !families.contains(f)).ifPresent(family::setPromptText));
    HBox.setHgrow(family, Priority.ALWAYS);
    return Controls.under(Wording.text("tag.family"), Controls.row(4, family, Controls.button("tag-fonts", "tag.fonts", onFonts, "quiet")));
  }

  private Node style() {
    JobFonts fonts = new JobFonts(session.job());
    ComboBox<String> style = new ComboBox<>();
    style.setId("tag-style");
    style.setAccessibleText(Wording.text("tag.style"));
    style.setMaxWidth(Double.MAX_VALUE);
    style.setPromptText(Wording.text("tag.several.values"));
    boolean[] showing = {false};
    fresh.add(() -> {
      showing[0] = true;
      List<String> styles = same(WordStyle::family).map(fonts::styles).orElse(List.of());
      if (!style.getItems().equals(styles)) {
        style.getItems().setAll(styles);
      }
      style.setValue(same(WordStyle::style).orElse(null));
      showing[0] = false;
    });
    style.setOnAction(e -> {
      if (!showing[0] && style.getValue() != null) {
        letters(l -> l.withStyle(style.getValue()));
      }
    });
    return style;
  }

  private Node typeRow() {
    TypedField size = figure("tag-size", "tag.size", "tag.pt", WordStyle.LEAST_PT, WordStyle.MOST_PT, WordStyle::sizePt,
        (s, v) -> s.withSizePt(v));
    return Controls.row(6, Controls.under(Wording.text("tag.style"), style()), narrow("tag.size", size));
  }

  private static VBox narrow(String key, TypedField field) {
    field.setPrefWidth(SIZE_WIDTH);
    VBox box = Controls.under(Wording.text(key), field);
    HBox.setHgrow(box, Priority.NEVER);
    box.setMinWidth(SIZE_WIDTH);
    return box;
  }

  /** The height of capitals in inches, which is what a sign maker types. */
  private static double capitals(LetterLook look, JobFonts fonts) {
    return fonts.findOrStandIn(look.family(), look.style()).capHeight() * look.em();
  }

  private Node spaceRow() {
    TypedField capitals = inches("tag-capitals", "tag.capitals", 0.005, 30, s -> capitals(s.letters(), new JobFonts(session.job())),
        (s, v) -> {
      FontFace face = new JobFonts(session.job()).findOrStandIn(s.family(), s.style());
      return s.withSizePt(Math.max(WordStyle.LEAST_PT, Math.min(WordStyle.MOST_PT, v / face.capHeight() * 72)));
    });
    Controls.tip(capitals, Wording.text("tag.capitals.tip"));
    TypedField leading = figure("tag-leading", "tag.leading", "proof.percent", 50, 400, WordStyle::leadingPercent,
        (s, v) -> s.withLeadingPercent(v));
    TypedField tracking = figure("tag-tracking", "tag.tracking", "tag.bare", -200, 2000, WordStyle::tracking, (s, v) -> s.withTracking(v));
    Controls.tip(tracking, Wording.text("tag.tracking.tip"));
    return Controls.row(6, narrow("tag.capitals", capitals), narrow("tag.leading", leading), narrow("tag.tracking", tracking));
  }

  private Node alignRow() {
    HBox aligns = new HBox(3);
    for (Align align : Align.values()) {
      ToggleButton pill = new ToggleButton(Wording.of(align));
      pill.setId("align-" + align.name().toLowerCase(Locale.ROOT));
      pill.getStyleClass().add("pill");
      pill.setMinWidth(USE_PREF_SIZE);
      pill.setOnAction(e -> {
        style(s -> s.withAlign(align));
        refresh();
      });
      fresh.add(() -> pill.setSelected(same(WordStyle::align).filter(a -> a == align).isPresent()));
      aligns.getChildren().add(pill);
    }
    return aligns;
  }

  private Node colourRow() {
    ColourField colour = new ColourField("tag-colour", Wording.text("tag.colour"), false, session, this::colours,
        chosen -> chosen.ifPresent(this::inked));
    fresh.add(() -> colour.show(same(WordStyle::colour)));
    return beside("tag.colour", colour);
  }

  private void inked(Colour colour) {
    if (session.typing().on()) {
      style(s -> s.withColour(colour));
    } else {
      session.perform((face, ids) -> Edits.inked(face, ids, colour));
    }
  }

  /** The measured size of the ink, beside that of the block. */
  private Node ink() {
    Label said = Controls.label("", "side-note");
    said.setId("tag-ink");
    // of a long story it takes longer than a letter may
    LatestWork measuring = new LatestWork();
    fresh.add(() -> {
      Optional<HoldsWords> words = wordsNow();
      JobFonts fonts = new JobFonts(session.shownProperty().get());
      measuring.want(() -> words.flatMap(w -> w.set(fonts).ink()), ink -> said.setText(ink.map(this::said).orElse("")));
    });
    return said;
  }

  private String said(Box ink) {
    return Wording.text("tag.ink", Lengths.show(ink.width(), session.unit()), Lengths.showWithSign(ink.height(), session.unit()));
  }
}
