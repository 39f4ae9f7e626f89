package org.zipthimble.desktop.slip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.StyleEdits;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.NamedStyle;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** The named styles of a job: looks are kept here, given to words, and renewed so that all words follow. */
public final class StylesSlip extends ToolSlip {
  private final VBox rows = new VBox(4);
  private final TypedField name;
  private final List<Runnable> fresh = new ArrayList<>();
  private List<NamedStyle> rowsShown = List.of();
  private boolean made;

  /** The slip of a session. */
  public StylesSlip(Session session) {
    super(session, "styles", "styles.title", 372);
    name = new TypedField("styles-name", Wording.text("styles.name"), this::keep).keeping();
    name.setPromptText(Wording.text("styles.name"));
    HBox.setHgrow(name, Priority.ALWAYS);
    inside.getChildren().addAll(Controls.wrapped(Wording.text("styles.note"), "side-note"), rows,
        Controls.row(6, name, Controls.button("styles-keep", "styles.keep", () -> keep(name.getText()), "quiet")));
  }

  private Optional<HoldsWords> words() {
    return session.typing().on() ? session.typing().words() : session.single().flatMap(Item::words);
  }

  private Optional<WordStyle> look() {
    return session.typing().on() ? session.typing().styles().stream().findFirst() : words().map(w -> w.story().style());
  }

  private void keep(String text) {
    if (!text.isBlank()) {
      look().ifPresent(l -> {
        session.apply(StyleEdits.keep(text.strip(), l));
        give(text.strip());
      });
      name.show("");
      name.setText("");
    }
  }

  private void give(String style) {
    words().ifPresent(w -> {
      var span = session.typing().cursorProperty().get().map(c -> c.span());
      session.apply(StyleEdits.give(session.faceIdProperty().get(), w.id(), span.map(s -> s.from()).orElse(0),
          span.map(s -> s.to()).orElse(w.story().length()), style));
    });
  }

  @Override
  void show() {
    if (!session.job().styles().equals(rowsShown) || !made) {
      made = true;
      rowsShown = session.job().styles();
      fresh.clear();
      rows.getChildren().setAll(rowsShown.stream().map(this::row).toList());
    }
    fresh.forEach(Runnable::run);
  }

  private Node row(NamedStyle style) {
    String id = style.name().replaceAll("[^\\p{L}\\p{N}]+", "-");
    TypedField called = new TypedField("style-name-" + id, Wording.text("styles.name"),
        text -> session.apply(StyleEdits.rename(style.name(), text.strip())));
    called.show(style.name());
    called.setPrefWidth(104);
    WordStyle look = style.look();
    Node said = Controls.label(Wording.text("styles.said", look.family(), look.style(), Lengths.plain(look.sizePt(), 1)), "field-label");
    Node give = Controls.button("style-give-" + id, "styles.give", () -> give(style.name()), "quiet");
    Node renew = Controls.button("style-renew-" + id, "styles.renew",
        () -> look().ifPresent(l -> session.apply(StyleEdits.keep(style.name(), l))), "quiet");
    fresh.add(() -> {
      give.setDisable(words().isEmpty());
      renew.setDisable(words().isEmpty());
    });
    return new VBox(1, Controls.row(4, called, give, renew,
        Controls.button("style-away-" + id, "styles.away", () -> session.apply(StyleEdits.remove(style.name())), "quiet")), said);
  }

  @Override
  Node first() {
    return name;
  }
}
