package org.zipthimble.desktop.slip;

import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.FactDesigns;
import org.zipthimble.core.edit.WordingBank;
import org.zipthimble.core.job.FamilyNames;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** Wording by occasion and tone, filled from the facts; family names in the plural; a new design from the facts. */
public final class WordingSlip extends ToolSlip {
  private final VBox cards = new VBox(6);
  private final ToggleButton firstPill;
  private final Label rule = Controls.wrapped("", "field-label");
  private WordingBank.Occasion occasion = WordingBank.Occasion.INVITATION;
  private WordingBank.Tone tone = WordingBank.Tone.WARM;

  /** The slip of a session. */
  public WordingSlip(Session session) {
    super(session, "wording", "wordingSlip.title", 372);
    FlowPane occasions = pills("wording-", WordingBank.Occasion.values(), () -> occasion, o -> occasion = o);
    FlowPane tones = pills("wording-", WordingBank.Tone.values(), () -> tone, t -> tone = t);
    firstPill = (ToggleButton) occasions.getChildren().get(0);
    ScrollPane scroll = new PlainScroll(cards);
    scroll.setFitToWidth(true);
    scroll.setPrefHeight(236);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    TypedField family = new TypedField("wording-family", Wording.text("wordingSlip.family"), this::family).keeping();
    family.setPromptText(Wording.text("wordingSlip.family.like"));
    rule.setId("wording-rule");
    inside.getChildren().addAll(occasions, tones, scroll, Controls.under(Wording.text("wordingSlip.family"), family), rule,
        Controls.row(6, Controls.wrapped(Wording.text("wordingSlip.design.note"), "field-label"), Controls.spring(),
            Controls.button("wording-design", "wordingSlip.design", this::design, "quiet")));
  }

  private <E extends Enum<E>> FlowPane pills(String id, E[] all, Supplier<E> now, Consumer<E> take) {
    FlowPane pane = new FlowPane(4, 4);
    for (E one : all) {
      ToggleButton pill = new ToggleButton(Wording.of(one));
      pill.setId(id + one.name().toLowerCase(Locale.ROOT));
      pill.getStyleClass().add("pill");
      pill.setSelected(now.get() == one);
      pill.setUserData(one);
      pill.setOnAction(e -> {
        take.accept(one);
        pane.getChildren().forEach(p -> ((ToggleButton) p).setSelected(p.getUserData() == one));
        show();
      });
      pane.getChildren().add(pill);
    }
    return pane;
  }

  @Override
  void show() {
    cards.getChildren().clear();
    for (WordingBank.Entry entry : WordingBank.of(occasion, tone)) {
      cards.getChildren()
          .add(Controls.card("wording-take-" + cards.getChildren().size(), entry.said(session.job()),
          Controls.wrapped(entry.said(session.job()), "finding-text"), () -> take(entry), "demo-card"));
    }
  }

  /** At the caret, or as a block of its own. */
  private void take(WordingBank.Entry entry) {
    if (session.typing().on()) {
      session.apply(new Edit(Wording.text("edit.wording"), entry::known));
      session.typing().put(entry.story(session.job(), session.typing().styles().get(0)));
      return;
    }
    session.openProperty().set(java.util.Optional.empty());
    String id = session.job().freshId();
    session.apply(WordingBank.put(session.faceIdProperty().get(), entry));
    session.selectionProperty().set(Set.of(id));
  }

  private void design() {
    String id = FactDesigns.nextId(session.job());
    session.apply(FactDesigns.next(occasion));
    session.faceIdProperty().set(id);
  }

  /** The plural of a family name, the one that owns, and why. */
  private void family(String text) {
    String name = text.strip();
    rule.setText(name.isEmpty() ? "" : Wording.text(FamilyNames.hissing(name) ? "wordingSlip.rule.es" : "wordingSlip.rule.s", name,
        FamilyNames.plural(name), FamilyNames.owning(name)));
  }

  @Override
  Node first() {
    return firstPill;
  }
}
