package org.zipthimble.core.type;

import org.zipthimble.core.colour.Colour;

/** How words look: their letters and their paragraph. */
public record WordStyle(LetterLook letters, ParagraphLook paragraph) {
  /** Least type size in points. */
  public static final double LEAST_PT = 1;

  /** Most type size in points. */
  public static final double MOST_PT = 2000;

  /** Checks that both are there. */
  public WordStyle {
    if (letters == null || paragraph == null) {
      throw new IllegalArgumentException("a word style needs all its parts");
    }
  }

  /**
   * One with nothing special.
   *
   * @param sizePt type size in points, 1 to 2000
   * @param leadingPercent distance of baselines as per cent of the size, 50 to 400
   * @param tracking space added after each letter in thousandths of an em, -200 to 2000
   */
  public WordStyle(String family, String style, double sizePt, double leadingPercent, double tracking, Align align, Colour colour) {
    this(new LetterLook(family, style, sizePt, tracking, colour, LetterDetail.NONE),
        new ParagraphLook(align, leadingPercent, ParagraphDetail.NONE));
  }

  /** The family of the face. */
  public String family() {
    return letters.family();
  }

  /** The style of the face within its family. */
  public String style() {
    return letters.style();
  }

  /** Type size in points. */
  public double sizePt() {
    return letters.sizePt();
  }

  /** Space after each letter in thousandths of an em. */
  public double tracking() {
    return letters.tracking();
  }

  /** The colour of the letters. */
  public Colour colour() {
    return letters.colour();
  }

  /** Distance of baselines as per cent of the size. */
  public double leadingPercent() {
    return paragraph.leadingPercent();
  }

  /** How lines stand in their block. */
  public Align align() {
    return paragraph.align();
  }

  /** The same with other letters. */
  public WordStyle withLetters(LetterLook other) {
    return new WordStyle(other, paragraph);
  }

  /** The same with another paragraph. */
  public WordStyle withParagraph(ParagraphLook other) {
    return new WordStyle(letters, other);
  }

  /** The same in another size, in points. */
  public WordStyle withSizePt(double pt) {
    return withLetters(letters.withSizePt(pt));
  }

  /** The same with other tracking, in thousandths of an em. */
  public WordStyle withTracking(double tracking) {
    return withLetters(letters.withTracking(tracking));
  }

  /** The same in another colour. */
  public WordStyle withColour(Colour colour) {
    return withLetters(letters.withColour(colour));
  }

  /** The same with other leading, in per cent of the size. */
  public WordStyle withLeadingPercent(double percent) {
    return withParagraph(paragraph.withLeadingPercent(percent));
  }

  /** The same aligned otherwise. */
  public WordStyle withAlign(Align align) {
    return withParagraph(paragraph.withAlign(align));
  }

  /** The same in another face. */
  public WordStyle inFace(String newFamily, String newStyle) {
    return withLetters(letters.withFamily(newFamily).withStyle(newStyle));
  }
}
