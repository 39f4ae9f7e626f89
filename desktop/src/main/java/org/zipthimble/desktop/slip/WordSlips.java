package org.zipthimble.desktop.slip;

import java.util.List;
import javafx.scene.layout.Region;
import org.zipthimble.desktop.state.Session;

/** The slips for words and faces; at most one of them is open. */
public final class WordSlips {
  private final FactsSlip facts;
  private final StylesSlip styles;
  private final SearchSlip search;
  private final GlyphSlip glyphs;
  private final FontSlip fonts;
  private final WordingSlip wording;
  private final FacesSlip faces;
  private final ListSlip list;
  private final MakeSlip make;
  private final SizesSlip sizes;
  private final List<ToolSlip> slips;

  /** The slips of a session. */
  public WordSlips(Session session, Runnable closed) {
    facts = new FactsSlip(session);
    styles = new StylesSlip(session);
    search = new SearchSlip(session);
    glyphs = new GlyphSlip(session);
    fonts = new FontSlip(session);
    wording = new WordingSlip(session);
    faces = new FacesSlip(session);
    list = new ListSlip(session);
    make = new MakeSlip(session);
    sizes = new SizesSlip(session);
    slips = List.of(facts, styles, search, glyphs, fonts, wording, faces, list, make, sizes);
    for (ToolSlip slip : slips) {
      slip.setOnClosed(closed);
      slip.visibleProperty().addListener((o, was, is) -> {
        if (is) {
          slips.stream().filter(other -> other != slip).forEach(ToolSlip::close);
        }
      });
    }
  }

  /** The facts of the job. */
  public FactsSlip facts() {
    return facts;
  }

  /** The named styles. */
  public StylesSlip styles() {
    return styles;
  }

  /** Find and replace. */
  public SearchSlip search() {
    return search;
  }

  /** Every glyph of a face. */
  public GlyphSlip glyphs() {
    return glyphs;
  }

  /** The fonts, by kind. */
  public FontSlip fonts() {
    return fonts;
  }

  /** The bank of wording. */
  public WordingSlip wording() {
    return wording;
  }

  /** All faces at once. */
  public FacesSlip faces() {
    return faces;
  }

  /** The list that fills the fields. */
  public ListSlip list() {
    return list;
  }

  /** All of them, to be laid over the bench. */
  public List<Region> all() {
    return List.copyOf(slips);
  }

  /** How faces are made and bound. */
  public MakeSlip make() {
    return make;
  }

  /** The other sizes of the design. */
  public SizesSlip sizes() {
    return sizes;
  }
}
