package org.zipthimble.samples;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.LetterCase;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;

/** What is true of the Spring Swap, and words that show it. */
final class SwapFacts {
  static final Fact NAMES = new Fact("names", Fact.Kind.NAMES, "Marrowfield Seed Library");
  static final Fact DATE = new Fact("date", Fact.Kind.DATE, "2027-03-13");
  static final Fact TIME = new Fact("time", Fact.Kind.TIME, "14:00");
  static final Fact PLACE = new Fact("place", Fact.Kind.PLACE, "The Old Drying Barn, Mill Lane");
  static final Fact REPLY = new Fact("reply by", Fact.Kind.REPLY, "2027-03-06");
  static final Fact WEB = new Fact("web address", Fact.Kind.WEB, "https://marrowfield.example/swap");
  static final List<Fact> ALL = List.of(NAMES, DATE, TIME, PLACE, REPLY, WEB);

  private SwapFacts() {}

  /** The same letters shown as capitals, whatever is typed. */
  static WordStyle capitals(WordStyle style) {
    return style.withLetters(style.letters().withDetail(style.letters().detail().withLetters(LetterCase.CAPITALS)));
  }

  static Run text(String text, WordStyle style) {
    return Run.of(text, style.letters());
  }

  static Run field(Fact fact, String form, WordStyle style) {
    LetterLook look = style.letters();
    return new Run(fact.shown(form), look, Optional.empty(), Optional.of(new FieldUse(fact.name(), form)));
  }

  /** A paragraph of a named style. */
  static Paragraph line(WordStyle style, String named, Run... runs) {
    return new Paragraph(List.of(runs), style.paragraph(), Optional.of(named));
  }

  static Story story(Paragraph... lines) {
    return new Story(List.of(lines));
  }
}
