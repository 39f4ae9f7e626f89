package org.zipthimble.desktop.state;

import java.util.Optional;
import java.util.function.Function;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;

/** What fields of the window take as text, and how fields of words are put where the caret is. */
public final class FieldText {
  private FieldText() {}

  /**
   * A length in inches as a person types it.
   *
   * @throws Trouble with a sentence when it is none or out of range
   */
  public static double length(String text, Unit unit, double least, double most) throws Trouble {
    double inches = text.strip().startsWith("-") && least < 0 ? -Lengths.parse(text.strip().substring(1), unit) : Lengths.parse(text, unit);
    if (!(inches >= least && inches <= most)) {
      throw Trouble.of("field.range", text, Lengths.showWithSign(least, unit), Lengths.showWithSign(most, unit));
    }
    return inches;
  }

  /** The words that a field would be put into. */
  public static Optional<HoldsWords> words(Session session) {
    return session.typing().on() ? session.typing().words() : session.single().flatMap(Item::words);
  }

  /**
   * Puts a field at the caret, or into the words that are selected: for a paragraph that reads the same, else at their end; in the look it
   * has there.
   */
  public static void put(Session session, Function<WordStyle, Story> field) {
    if (session.typing().on()) {
      session.typing().put(field.apply(session.typing().styles().get(0)));
      return;
    }
    words(session).ifPresent(w -> session.apply(StoryEdits.putIn(session.faceIdProperty().get(), w.id(), field)));
  }
}
