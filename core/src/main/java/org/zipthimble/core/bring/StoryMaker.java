package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;

/** Puts a story together from what a document says, piece by piece. */
final class StoryMaker {
  private final WordStyle look;
  private final List<Paragraph> paragraphs = new ArrayList<>();
  private final List<Run> runs = new ArrayList<>();
  private Align align;
  private int length;

  StoryMaker(WordStyle look) {
    this.look = look;
    this.align = look.align();
  }

  /** How letters look that follow, as a document says it; what it does not say is as the person's words are. */
  record Said(boolean bold, boolean italic, Optional<Double> sizePt, Optional<Colour> colour) {
    static final Said NOTHING = new Said(false, false, Optional.empty(), Optional.empty());
  }

  /** Adds text without line ends. */
  void text(String text, Said said) {
    String clean = Story.clean(text).replace('\n', ' ');
    if (!clean.isEmpty() && length <= WordsIn.MOST_CHARACTERS + 1) {
      length += clean.length();
      runs.add(Run.of(clean, letters(said)));
    }
  }

  private LetterLook letters(Said said) {
    LetterLook letters = look.letters();
    List<String> styles = BundledFonts.shelf().styles(letters.family());
    String wanted = said.bold() && said.italic() ? "Bold Italic" : said.bold() ? "Bold" : said.italic() ? "Italic" : letters.style();
    String style = styles.contains(wanted) ? wanted : said.bold() && styles.contains("Bold") ? "Bold"
        : said.italic() && styles.contains("Italic") ? "Italic" : letters.style();
    double size = said.sizePt().filter(pt -> pt >= WordStyle.LEAST_PT && pt <= WordStyle.MOST_PT).orElse(letters.sizePt());
    return letters.withStyle(style).withSizePt(size).withColour(said.colour().orElse(letters.colour()));
  }

  void align(Align other) {
    align = other;
  }

  /** Ends a paragraph. */
  void paragraph() {
    if (length <= WordsIn.MOST_CHARACTERS + 1) {
      length++;
      List<Run> all = runs.isEmpty() ? List.of(Run.of("", look.letters())) : List.copyOf(runs);
      paragraphs.add(new Paragraph(all, look.paragraph().withAlign(align), Optional.empty()));
    }
    runs.clear();
  }

  /** Whether nothing was said so far. */
  boolean empty() {
    return runs.isEmpty() && paragraphs.stream().allMatch(p -> p.length() == 0);
  }

  /** The story; a paragraph that was not ended ends. */
  Story story() {
    if (!runs.isEmpty() || paragraphs.isEmpty()) {
      paragraph();
    }
    while (paragraphs.size() > 1 && paragraphs.get(paragraphs.size() - 1).length() == 0) {
      paragraphs.remove(paragraphs.size() - 1);
    }
    return new Story(paragraphs);
  }
}
