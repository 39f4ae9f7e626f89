package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.TextWrap;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** How words make room for an object. */
final class WrapSection extends Section {
  private static final double USUAL_GAP = 0.125;

  WrapSection(Session session) {
    super(session);
    List<String> ways = new ArrayList<>(List.of(Wording.text("aside.none")));
    Arrays.stream(TextWrap.Way.values()).map(w -> Wording.of(w)).forEach(ways::add);
    var way = choice("aside-way", "aside.title", ways, () -> Optional.of(aside().map(a -> a.way().ordinal() + 1).orElse(0)),
        i -> put(i == 0 ? Optional.empty()
        : Optional.of(new TextWrap(TextWrap.Way.values()[i - 1], aside().map(TextWrap::gap).orElse(USUAL_GAP)))));
    TypedField gap = length("aside-gap", "aside.gap", 0, 5, () -> aside().map(TextWrap::gap).orElse(Double.NaN),
        v -> put(aside().map(a -> new TextWrap(a.way(), v))));
    fresh.add(() -> gap.setDisable(aside().isEmpty()));
    getChildren().add(Controls.row(6, Controls.under(Wording.text("aside.title"), way), field(60, "aside.gap", gap)));
  }

  private Optional<TextWrap> aside() {
    return now().map(Item::properties).flatMap(p -> p.aside());
  }

  private void put(Optional<TextWrap> aside) {
    session.apply(Edits.properties(face(), ids(), "edit.aside", p -> p.withAside(aside)));
  }
}
