package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/**
 * Things people make, with their usual finished sizes in inches and faces. Common practice, no source;
 * A4 and A3 are ISO 216, letter is ANSI/ASME Y14.1 size A. The envelope sizes and those of blanks are
 * from memory: measure yours.
 */
public enum StandardItem {
  /** An invitation. */
  INVITATION(Purpose.INVITING, 5, 7, 2),
  /** A smaller invitation. */
  SMALL_INVITATION(Purpose.INVITING, 4, 6, 2),
  /** A square invitation. */
  SQUARE_INVITATION(Purpose.INVITING, 5.25, 5.25, 2),
  /** A long invitation. */
  LONG_INVITATION(Purpose.INVITING, 4, 9, 2),
  /** A postcard. */
  POSTCARD(Purpose.INVITING, 4, 6, 2),
  /** The front of a folded card. */
  FOLDED_CARD(Purpose.INVITING, 4.25, 5.5, 1),
  /** The front of a larger folded card. */
  LARGE_FOLDED_CARD(Purpose.INVITING, 5, 7, 1),
  /** A reply card. */
  REPLY_CARD(Purpose.INVITING, 5, 3.5, 2),
  /** A card for a place at the table. */
  PLACE_CARD(Purpose.INVITING, 3.5, 2, 1),
  /** A card for a table. */
  MENU_CARD(Purpose.INVITING, 4, 9, 2),
  /** A programme. */
  PROGRAMME(Purpose.INVITING, 5.5, 8.5, 4),
  /** A bookmark. */
  BOOKMARK(Purpose.LABELLING, 1.75, 7, 2),
  /** A shorter bookmark. */
  SHORT_BOOKMARK(Purpose.LABELLING, 2, 6, 2),
  /** A label for a jar. */
  JAR_LABEL(Purpose.LABELLING, 2.25, 3.25, 1),
  /** A larger label. */
  LARGE_LABEL(Purpose.LABELLING, 2.75, 4.75, 1),
  /** A label for a bottle. */
  BOTTLE_LABEL(Purpose.LABELLING, 4, 3.25, 1),
  /** A round sticker. */
  ROUND_STICKER(Purpose.LABELLING, 2, 2, 1),
  /** An address label. */
  ADDRESS_LABEL(Purpose.LABELLING, 2.625, 1, 1),
  /** A packet for seed. */
  SEED_PACKET(Purpose.LABELLING, 3.25, 4.5, 2),
  /** A gift tag. */
  GIFT_TAG(Purpose.LABELLING, 2, 3.5, 2),
  /** A business card. */
  BUSINESS_CARD(Purpose.LABELLING, 3.5, 2, 2),
  /** A badge with a name. */
  NAME_BADGE(Purpose.LABELLING, 4, 3, 1),
  /** A marker for a plant. */
  PLANT_MARKER(Purpose.LABELLING, 1, 5, 1),
  /** A print for the wall. */
  WALL_PRINT(Purpose.WALL, 8, 10, 1),
  /** A small print. */
  SMALL_PRINT(Purpose.WALL, 5, 7, 1),
  /** A print of 11 by 14. */
  PRINT_11_14(Purpose.WALL, 11, 14, 1),
  /** A print of 16 by 20. */
  PRINT_16_20(Purpose.WALL, 16, 20, 1),
  /** A poster of 18 by 24. */
  WELCOME_SIGN(Purpose.WALL, 18, 24, 1),
  /** A calendar poster. */
  CALENDAR_POSTER(Purpose.WALL, 20, 30, 1),
  /** A poster of 24 by 36. */
  POSTER_24_36(Purpose.WALL, 24, 36, 1),
  /** An A4 print. */
  PRINT_A4(Purpose.WALL, 210 / Unit.MM_PER_INCH, 297 / Unit.MM_PER_INCH, 1),
  /** An A3 print. */
  PRINT_A3(Purpose.WALL, 297 / Unit.MM_PER_INCH, 420 / Unit.MM_PER_INCH, 1),
  /** A metal bookmark. */
  METAL_BOOKMARK(Purpose.PRESSING, 1.25, 4.75, 2),
  /** A metal panel with four corner holes. */
  METAL_PANEL(Purpose.PRESSING, 12, 6, 1),
  /** A wrap for a mug. */
  MUG_WRAP(Purpose.PRESSING, 9.5, 3.75, 1),
  /** A wrap for a can-shaped glass. */
  GLASS_WRAP(Purpose.PRESSING, 9.5, 4.5, 1),
  /** A wrap for a tumbler. */
  TUMBLER_WRAP(Purpose.PRESSING, 9.25, 8.25, 1),
  /** A plate with a beaded ring. */
  RING_PLATE(Purpose.PRESSING, 12, 12, 1),
  /** A coaster. */
  COASTER(Purpose.PRESSING, 3.75, 3.75, 1),
  /** A hanging ornament. */
  HANGER(Purpose.PRESSING, 2.75, 2.75, 2),
  /** A mat for a desk. */
  DESK_MAT(Purpose.PRESSING, 9.25, 7.75, 1),
  /** A tea towel. */
  TEA_TOWEL(Purpose.PRESSING, 16, 24, 1),
  /** A decal for a window. */
  WINDOW_DECAL(Purpose.CUTTING, 11, 14, 1),
  /** A decal. */
  DECAL(Purpose.CUTTING, 6, 6, 1),
  /** A stencil for a sign. */
  SIGN_STENCIL(Purpose.CUTTING, 30, 9, 1),
  /** The front of a shirt. */
  SHIRT_FRONT(Purpose.CUTTING, 11, 11, 1),
  /** A sheet of stickers. */
  STICKER_SHEET(Purpose.CUTTING, 5, 7, 1),
  /** A word for a wall. */
  WALL_WORD(Purpose.CUTTING, 22, 6, 1),
  /** A square flyer. */
  FLYER(Purpose.PAGES, 4, 4, 2),
  /** A half-sheet flyer. */
  HALF_SHEET(Purpose.PAGES, 5.5, 8.5, 2),
  /** A page of letter size. */
  LETTER_PAGE(Purpose.PAGES, 8.5, 11, 1),
  /** A colouring page. */
  COLOURING_PAGE(Purpose.PAGES, 8.5, 11, 1),
  /** A page of an album. */
  ALBUM_PAGE(Purpose.PAGES, 11, 8, 8),
  /** A sheet that hangs on a nail. */
  TEAR_OFF(Purpose.PAGES, 4.25, 11, 1),
  /** An envelope for folded cards. */
  ENVELOPE_A2(Purpose.POSTING, 5.75, 4.375, 1),
  /** An envelope for 4 x 6 cards. */
  ENVELOPE_A6(Purpose.POSTING, 6.5, 4.75, 1),
  /** An envelope for 5 x 7 cards. */
  ENVELOPE_A7(Purpose.POSTING, 7.25, 5.25, 1),
  /** An envelope for half sheets. */
  ENVELOPE_A9(Purpose.POSTING, 8.75, 5.75, 1),
  /** A square envelope. */
  ENVELOPE_SQUARE(Purpose.POSTING, 5.5, 5.5, 1),
  /** A long envelope. */
  ENVELOPE_LONG(Purpose.POSTING, 9.5, 4.125, 1),
  /** An envelope for a whole sheet. */
  ENVELOPE_SHEET(Purpose.POSTING, 12, 9, 1);

  private final Purpose purpose;
  private final Size size;
  private final int faces;

  StandardItem(Purpose purpose, double width, double height, int faces) {
    this.purpose = purpose;
    this.size = new Size(width, height);
    this.faces = faces;
  }

  /** Its name. */
  public String title() {
    return Wording.text("item.standard." + key());
  }

  /** What it goes by in settings. */
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** What it is for. */
  public Purpose purpose() {
    return purpose;
  }

  /** The finished size. */
  public Size size() {
    return size;
  }

  /** How many faces it usually has. */
  public int faces() {
    return faces;
  }

  /** Whether it is printed and trimmed to its size; what a blade cuts out of a sheet along its own shapes has no edge that is trimmed. */
  private boolean trimmed() {
    return purpose != Purpose.CUTTING || this == STICKER_SHEET;
  }

  /** Whether a standard item of this name is cut by a blade and not trimmed. */
  public static boolean bladed(String item) {
    return Arrays.stream(values()).anyMatch(i -> !i.trimmed() && i.title().equalsIgnoreCase(item.strip()));
  }

  /**
   * A blank job for a thing of this name, size in inches and number of faces, with the usual bleed and safe area; without a bleed where a
   * standard item of this name is cut and not trimmed.
   */
  public static Job blank(String item, Size size, int faces) {
    List<String> names = new ArrayList<>();
    names.add(Wording.text("face.front"));
    if (faces >= 2) {
      names.add(Wording.text("face.back"));
    }
    for (int i = 3; i <= faces; i++) {
      names.add(Wording.text("face.numbered", i));
    }
    Ticket usual = Ticket.usual(item, size);
    return Job.blank(Wording.text("job.untitled", item), bladed(item) ? usual.withBleed(Insets.NONE) : usual, names);
  }
}
