package org.zipthimble.desktop.tag;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.ParagraphDetail;
import org.zipthimble.core.type.ParagraphLook;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** A part of the tag that tells and changes how words look: what is chosen in them while somebody types, else all of them. */
abstract class WordsPart extends Section {
  /** Held by the part alone: a tag is made anew for every choice, and the session outlives them all. */
  private final InvalidationListener followed = cursor -> {
    if (getParent() != null) {
      refresh();
    }
  };

  WordsPart(Session session) {
    super(session);
    session.typing().cursorProperty().addListener(new WeakInvalidationListener(followed));
  }

  Optional<HoldsWords> wordsNow() {
    return now().flatMap(Item::words);
  }

  /** Every look of what a change would change. */
  List<WordStyle> looks() {
    return session.typing().on() ? session.typing().styles() : wordsNow().map(w -> w.story().styles(0, w.story().length()))
        .orElse(List.of());
  }

  /** A value that all of it has; empty where it has several. */
  <T> Optional<T> same(Function<WordStyle, T> of) {
    List<T> all = looks().stream().map(of).distinct().toList();
    return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
  }

  void style(UnaryOperator<WordStyle> change) {
    if (session.typing().on()) {
      session.typing().style(change);
    } else {
      session.apply(Edits.style(face(), ids(), "edit.type", change));
    }
  }

  void letters(UnaryOperator<LetterLook> change) {
    style(s -> s.withLetters(change.apply(s.letters())));
  }

  void detail(UnaryOperator<LetterDetail> change) {
    letters(l -> l.withDetail(change.apply(l.detail())));
  }

  void paragraph(UnaryOperator<ParagraphLook> change) {
    style(s -> s.withParagraph(change.apply(s.paragraph())));
  }

  void paragraphDetail(UnaryOperator<ParagraphDetail> change) {
    paragraph(p -> p.withDetail(change.apply(p.detail())));
  }

  /** A field for a figure of the look; it says so where there are several. */
  TypedField figure(String id, String key, String shown, double least, double most, Function<WordStyle, Double> get, BiFunction<WordStyle,
      Double, WordStyle> put) {
    return several(number(id, key, least, most, () -> same(get).map(v -> Wording.text(shown, Lengths.plain(v, 2))).orElse(""),
        v -> style(s -> put.apply(s, v))), () -> same(get).isEmpty());
  }

  /** A field for a length of the look in the job's unit. */
  TypedField inches(String id, String key, double least, double most, Function<WordStyle, Double> get, BiFunction<WordStyle, Double,
      WordStyle> put) {
    return several(length(id, key, least, most, () -> same(get).orElse(Double.NaN), v -> style(s -> put.apply(s, v))),
        () -> same(get).isEmpty());
  }

  private TypedField several(TypedField field, Supplier<Boolean> mixed) {
    fresh.add(() -> field.setPromptText(mixed.get() ? Wording.text("tag.several.values") : ""));
    return field;
  }
}
