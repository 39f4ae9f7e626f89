package org.zipthimble.desktop.slip;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.zipthimble.core.edit.WordSearch;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Walk;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** Finds words over all faces and replaces them. */
public final class SearchSlip extends ToolSlip {
  private final TextField text = field("search-text", "search.text");
  private final TextField with = field("search-with", "search.with");
  private final CheckBox exactly;
  private final CheckBox whole;
  private final CheckBox look;
  private final Label told = Controls.wrapped("", "side-note");
  private Optional<LetterLook> taken = Optional.empty();
  private int at = -1;

  /** The slip of a session. */
  public SearchSlip(Session session) {
    super(session, "search", "search.title", 318);
    exactly = Controls.check("search-exactly", "search.exactly", false, on -> show());
    whole = Controls.check("search-whole", "search.whole", false, on -> show());
    look = Controls.check("search-look", "search.look", false, on -> {
      taken = on ? lookNow() : Optional.empty();
      show();
    });
    told.setId("search-told");
    text.textProperty().addListener(o -> {
      at = -1;
      show();
    });
    text.setOnKeyPressed(e -> {
      if (e.getCode() == KeyCode.ENTER) {
        next();
        e.consume();
      }
    });
    inside.getChildren().addAll(Controls.under(Wording.text("search.text"), text), Controls.under(Wording.text("search.with"), with),
        exactly, whole, look, told,
        Controls.row(6, Controls.button("search-next", "search.next", this::next, "quiet"),
        Controls.button("search-all", "search.all", this::all, "quiet")));
  }

  private static TextField field(String id, String key) {
    TextField field = new TextField();
    field.setId(id);
    field.setAccessibleText(Wording.text(key));
    return field;
  }

  private Optional<LetterLook> lookNow() {
    return session.typing().on() ? session.typing().lookOfNext() : session.single().flatMap(Item::words).map(w -> w.style().letters());
  }

  private WordSearch.Wanted wanted() {
    return new WordSearch.Wanted(text.getText(), exactly.isSelected(), whole.isSelected(), taken);
  }

  @Override
  void show() {
    int count = WordSearch.in(session.job(), wanted()).size();
    told.setText(wanted().nothing() ? "" : Wording.text("search.found", count));
  }

  /** Goes to the next place: its face, its words, with the caret around it. */
  private void next() {
    List<WordSearch.Match> all = WordSearch.in(session.job(), wanted());
    if (!all.isEmpty()) {
      at = (at + 1) % all.size();
      WordSearch.Match found = all.get(at);
      session.faceIdProperty().set(found.faceId());
      session.openProperty().set(Optional.empty());
      session.selectionProperty().set(Set.of(found.itemId()));
      session.typing().beginAll(found.itemId());
      session.typing().choose(new Walk.Span(found.from(), found.to()));
      told.setText(Wording.text("search.at", at + 1, all.size()));
    }
  }

  private void all() {
    int count = WordSearch.in(session.job(), wanted()).size();
    if (!text.getText().isEmpty() && count > 0) {
      session.typing().end();
      session.apply(WordSearch.replace(wanted(), with.getText()));
      told.setText(Wording.text("search.replaced", count));
    }
  }

  @Override
  Node first() {
    return text;
  }
}
