package org.zipthimble.desktop.control;

import javafx.scene.Node;
import javafx.scene.shape.SVGPath;

/** Small drawings of our own; their colours come from the style sheet. */
public final class Icons {
  /** A thimble. */
  public static final String THIMBLE =
      "M4 6C4 2 7 0 12 0C17 0 20 2 20 6L22 30L24 30L24 34L0 34L0 30L2 30Z";
  /** The dimples of the thimble. */
  public static final String DIMPLES =
      "M8 8h1.6v1.6h-1.6z M11.4 8h1.6v1.6h-1.6z M14.8 8h1.6v1.6h-1.6z M7.4 12h1.6v1.6h-1.6z M11.2 12h1.6v1.6h-1.6z "
          + "M15 12h1.6v1.6h-1.6z M7 16h1.6v1.6h-1.6z M11.2 16h1.6v1.6h-1.6z M15.4 16h1.6v1.6h-1.6z "
          + "M6.6 20h1.6v1.6h-1.6z M11.2 20h1.6v1.6h-1.6z M15.8 20h1.6v1.6h-1.6z";
  /** A tick. */
  public static final String WELL = "M0 6L4 10L12 1L10.6 0L4 7.4L1.3 4.7Z";
  /** Something that would ruin the job. */
  public static final String RUIN =
      "M2 0H12A2 2 0 0 1 14 2V12A2 2 0 0 1 12 14H2A2 2 0 0 1 0 12V2A2 2 0 0 1 2 0Z M6 3V8H8V3Z M6 9.4V11.4H8V9.4Z";
  /** Worth a look: an upright bar. */
  public static final String LOOK = "M4 0H9A1.5 1.5 0 0 1 10.5 1.5V12.5A1.5 1.5 0 0 1 9 14H4A1.5 1.5 0 0 1 2.5 12.5V1.5A1.5 1.5 0 0 1 "
      + "4 0Z M5.5 3V8H7.5V3Z M5.5 9.4V11.4H7.5V9.4Z";
  /** Good to know: a dot. */
  public static final String NOTE = "M7 2A5 5 0 1 1 7 12A5 5 0 1 1 7 2Z M6.2 4.4H7.8V5.8H6.2Z M6.2 6.6H7.8V9.8H6.2Z";
  private static final String[] WEIGHTS = {RUIN, LOOK, NOTE};
  /** Six dots to take hold of. */
  public static final String GRIP = "M0 0h2v2h-2z M5 0h2v2h-2z M0 5h2v2h-2z M5 5h2v2h-2z M0 10h2v2h-2z M5 10h2v2h-2z";
  /** Two arrows that change places. */
  public static final String SWAP =
      "M0 4H11L8 1L9.2 0L14 4.8L9.2 9.4L8 8.3L11 5.6H0Z M18 14H7L10 17L8.8 18L4 13.2L8.8 8.6L10 9.7L7 12.4H18Z";
  /** A fold. */
  public static final String FOLD = "M7 0L1 6L7 12L8.4 10.6L3.8 6L8.4 1.4Z";
  /** A rectangle. */
  public static final String RECTANGLE = "M0 0H30V20H0Z M2 2V18H28V2Z";
  /** An ellipse. */
  public static final String ELLIPSE =
      "M15 0C23.3 0 30 4.5 30 10S23.3 20 15 20S0 15.5 0 10S6.7 0 15 0Z M15 2C7.8 2 2 5.6 2 10S7.8 18 15 18S28 14.4 28 10S22.2 2 15 2Z";
  /** A line. */
  public static final String LINE = "M0 18.4L28.6 0L30 1.8L1.4 20Z";
  /** A picture. */
  public static final String PICTURE =
      "M2 0H32A2 2 0 0 1 34 2V20A2 2 0 0 1 32 22H2A2 2 0 0 1 0 20V2A2 2 0 0 1 2 0Z M2 2V20H32V2Z "
          + "M4 18L12 9L18 15L23 11L30 18Z M24 4.4A2.6 2.6 0 1 1 24 9.6A2.6 2.6 0 1 1 24 4.4Z";

  /** Frames beside each other. */
  public static final String MOUNTS =
      "M0 0H18V13H0Z M2 2V11H16V2Z M21 0H31V13H21Z M23 2V11H29V2Z M0 16H10V24H0Z M2 18V22H8V18Z M13 16H31V24H13Z M15 18V22H29V18Z";

  /** One place back. */
  public static final String EARLIER = "M8 0L9.4 1.4L4.8 6L9.4 10.6L8 12L2 6Z";

  /** One farther along. */
  public static final String LATER = "M4 0L10 6L4 12L2.6 10.6L7.2 6L2.6 1.4Z";

  /** Something that is taken away. */
  public static final String AWAY = "M1.4 0L6 4.6L10.6 0L12 1.4L7.4 6L12 10.6L10.6 12L6 7.4L1.4 12L0 10.6L4.6 6L0 1.4Z";
  /** Three boxes side by side with even gaps. */
  public static final String SPACE_ACROSS = "M0 2h4v12h-4z M7 4h3v8h-3z M13 2h4v12h-4z";
  /** Three boxes one below another with even gaps. */
  public static final String SPACE_DOWN = "M2 0h12v4h-12z M4 7h8v3h-8z M2 13h12v4h-12z";
  /** A sewing button: what it is sewn to is kept in front. */
  public static final String BUTTON =
      "M7 0A7 7 0 1 1 7 14A7 7 0 1 1 7 0Z M4.6 4.6h1.6v1.6h-1.6z M7.8 4.6h1.6v1.6h-1.6z M4.6 7.8h1.6v1.6h-1.6z M7.8 7.8h1.6v1.6h-1.6z";
  /** A border within a page. */
  public static final String BORDER = "M0 0H24V22H0Z M3 3V19H21V3Z M5 5H19V17H5Z M6.4 6.4V15.6H17.6V6.4Z";
  /** A table. */
  public static final String FORM = "M0 0H28V22H0Z M2 2V6H26V2Z M2 8V13H9V8Z M11 8V13H26V8Z M2 15V20H9V15Z M11 15V20H26V15Z";
  /** A sprig. */
  public static final String SPRIG =
      "M1 20C8 18 16 14 30 3L31 4.4C18 16 9 20 1.4 21.6Z M8 16C8 11 11 9 15 9C15 13 12 16 8 16Z M15 11C15 6 18 4 22 4C22 8 19 11 15 11Z "
          + "M14 16C18 13 22 14 24 17C20 20 16 19 14 16Z M21 10C25 7 29 8 31 11C27 14 23 13 21 10Z";
  /** A star. */
  public static final String STAR =
      "M12 0L15 8L24 8.4L17 14L19.4 22.6L12 17.7L4.6 22.6L7 14L0 8.4L9 8Z M12 5L10.3 9.8L5.2 10L9.2 13.2L7.9 18.1L12 15.3L16.1 "
          + "18.1L14.8 13.2L18.8 10L13.7 9.8Z";
  private static final String[] ALIGNS = {
    "M0 0h2v18h-2z M4 3h12v4h-12z M4 11h7v4h-7z", "M8 0h2v3h4v4h-4v4h3v4h-3v3h-2v-3h-3v-4h3v-4h-4v-4h4z",
    "M16 0h2v18h-2z M2 3h12v4h-12z M7 11h7v4h-7z", "M0 0h18v2h-18z M3 4h4v12h-4z M11 4h4v7h-4z",
    "M0 8h3v-4h4v4h4v-3h4v3h3v2h-3v3h-4v-3h-4v4h-4v-4h-3z", "M0 16h18v2h-18z M3 2h4v12h-4z M11 7h4v7h-4z"};

  private Icons() {}

  /** The drawing for how much a finding matters: block, bar or dot, from 0. */
  public static String weight(int which) {
    return WEIGHTS[which];
  }

  /** The drawing for lining up left, middle, right, top, centre or bottom, in that order from 0. */
  public static String align(int which) {
    return ALIGNS[which];
  }

  /** A drawing with style classes. */
  public static Node of(String path, String... styles) {
    SVGPath shape = new SVGPath();
    shape.setContent(path);
    shape.setFillRule(javafx.scene.shape.FillRule.EVEN_ODD);
    shape.getStyleClass().add("icon");
    shape.getStyleClass().addAll(styles);
    return shape;
  }
}
