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
  public static final String RUIN = "M2 0H12A2 2 0 0 1 14 2V12A2 2 0 0 1 12 14H2A2 2 0 0 1 0 12V2A2 2 0 0 1 2 0Z M6 3V8H8V3Z M6 9.4V11.4H8V9.4Z";
  /** Six dots to take hold of. */
  public static final String GRIP = "M0 0h2v2h-2z M5 0h2v2h-2z M0 5h2v2h-2z M5 5h2v2h-2z M0 10h2v2h-2z M5 10h2v2h-2z";
  /** Two arrows that change places. */
  public static final String SWAP = "M0 4H11L8 1L9.2 0L14 4.8L9.2 9.4L8 8.3L11 5.6H0Z M18 14H7L10 17L8.8 18L4 13.2L8.8 8.6L10 9.7L7 12.4H18Z";
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

  private Icons() {}

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
