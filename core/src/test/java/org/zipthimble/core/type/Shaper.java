package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;

/** Words of one look shaped as one line, for tests. */
public final class Shaper {
  private Shaper() {}

  public static GlyphRun shape(FontFace face, String text, double sizePt, double tracking) {
    return shape(face, text, sizePt, tracking, List.of());
  }

  /** The whole text as one run, tracking after its last glyph left out. */
  public static GlyphRun shape(FontFace face, String text, double sizePt, double tracking, List<String> features) {
    LetterLook look = new LetterLook(face.family(), face.style(), sizePt, tracking, Colour.BLACK, LetterDetail.NONE.withFeatures(features));
    Paragraph paragraph = new Paragraph(List.of(Run.of(text, look)), new ParagraphLook(Align.LEFT, 120, ParagraphDetail.NONE),
        Optional.empty());
    ShapedParagraph.Part part = new ShapedParagraph(paragraph, new OneFace(face)).part(0, text.length());
    List<Glyph> glyphs = new ArrayList<>();
    for (Piece piece : part.pieces()) {
      Affine map = piece.map();
      piece.run().glyphs()
          .forEach(g -> glyphs.add(new Glyph(g.id(), g.x() + map.e(), g.y() + map.f(), g.text(), g.cluster() + piece.begins(),
          g.advance())));
    }
    return new GlyphRun(face, sizePt, glyphs, part.advance(), text);
  }

  private record OneFace(FontFace face) implements FontShelf {
    @Override
    public List<String> families() {
      return List.of(face.family());
    }

    @Override
    public List<String> styles(String family) {
      return List.of(face.style());
    }

    @Override
    public Optional<FontFace> find(String family, String style) {
      return Optional.of(face);
    }
  }
}
