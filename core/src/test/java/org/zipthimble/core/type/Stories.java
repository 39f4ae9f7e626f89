package org.zipthimble.core.type;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontShelf;

/** Stories and their setting, for tests. */
public final class Stories {
  public static final FontShelf SHELF = BundledFonts.shelf();
  public static final Colour BEET = Colour.of(0x7A2E22);

  private Stories() {}

  public static WordStyle style(String family, double pt) {
    return new WordStyle(family, "Regular", pt, 120, 0, Align.LEFT, Colour.BLACK);
  }

  public static WordStyle style(double pt) {
    return style("Alegreya", pt);
  }

  public static Story of(String text) {
    return Story.of(text, style(12));
  }

  /** The same with what stands in the paragraphs' details. */
  public static Story detailed(Story story, ParagraphDetail detail) {
    return story.restyled(s -> s.withParagraph(s.paragraph().withDetail(detail)));
  }

  public static SetWords set(Story story, double width, double height) {
    return Typesetter.set(story, BlockSetting.PLAIN, width, height, SHELF);
  }

  public static LineBreaks breaks(String text, ParagraphDetail detail) {
    Paragraph paragraph = new Paragraph(List.of(Run.of(text, style(12).letters())), style(12).paragraph(), Optional.empty());
    return new LineBreaks(new ShapedParagraph(paragraph, SHELF), detail, (from, to, exactly) -> to - from);
  }
}
