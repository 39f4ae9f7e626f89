package org.zipthimble.core.form;

/** A pin on a selection: which sides of the box it moves, -1 left or top, 1 right or bottom, 0 neither. */
public enum Handle {
  /** Top left. */
  TOP_LEFT(-1, -1),
  /** Top. */
  TOP(0, -1),
  /** Top right. */
  TOP_RIGHT(1, -1),
  /** Right. */
  RIGHT(1, 0),
  /** Bottom right. */
  BOTTOM_RIGHT(1, 1),
  /** Bottom. */
  BOTTOM(0, 1),
  /** Bottom left. */
  BOTTOM_LEFT(-1, 1),
  /** Left. */
  LEFT(-1, 0);

  private final int across;
  private final int down;

  Handle(int across, int down) {
    this.across = across;
    this.down = down;
  }

  /** -1 for the left side, 1 for the right, 0 for neither. */
  public int across() {
    return across;
  }

  /** -1 for the top, 1 for the bottom, 0 for neither. */
  public int down() {
    return down;
  }

  /** Whether it stands at a corner. */
  public boolean corner() {
    return across != 0 && down != 0;
  }
}
