package org.zipthimble.core.shape;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Path;

/** The ready shapes; their figures stay live and can be typed at any time. */
public enum ReadyForm {
  /** A rectangle whose corners are finished one by one. */
  CORNERED(
      Setting.length("topLeft", 0.2), Setting.corner("topLeftLook"), Setting.length("topRight", 0.2), Setting.corner("topRightLook"),
      Setting.length("bottomRight", 0.2), Setting.corner("bottomRightLook"), Setting.length("bottomLeft", 0.2),
      Setting.corner("bottomLeftLook")),
  /** A regular polygon stretched over the box. */
  POLYGON(Setting.count("sides", 3, 60, 6), Setting.length("rounding", 0)),
  /** A star. */
  STAR(Setting.count("points", 3, 120, 5), Setting.part("waist", 0.05, 0.98, 0.45), Setting.length("rounding", 0)),
  /** A heart. */
  HEART(Setting.part("dip", 0.05, 0.5, 0.22)),
  /** A doorway: straight sides under an arch. */
  ARCH(Setting.part("rise", 0.05, 1, 0.5)),
  /** A rectangle with a row of bumps along every side. */
  SCALLOP(Setting.count("across", 2, 200, 8), Setting.part("depth", -1, 1, 0.5)),
  /** A round band. */
  RING(Setting.length("band", 0.15)),
  /** A slice of a round, or of a band. */
  SECTOR(Setting.angle("from", 0, 360, 270), Setting.angle("sweep", 1, 359.9, 90), Setting.part("hollow", 0, 0.98, 0)),
  /** A swing tag with a hole. */
  TAG(Setting.length("shoulder", 0.3), Setting.length("hole", 0.16), Setting.length("rounding", 0.06)),
  /** A ribbon with swallow tails. */
  BANNER(Setting.part("tail", 0.05, 0.4, 0.14), Setting.part("notch", 0, 0.9, 0.45), Setting.part("bend", -0.5, 0.5, 0)),
  /** A label whose ends are drawn like curly brackets. */
  BRACKET_LABEL(Setting.length("end", 0.3)),
  /** A drop. */
  DROP(Setting.part("fullness", 0.2, 1, 0.6)),
  /** A line that curls at its ends; it has no inside. */
  FLOURISH(Setting.count("waves", 1, 12, 2), Setting.part("curl", 0, 1, 0.6));

  private final List<Setting> settings;

  ReadyForm(Setting... settings) {
    this.settings = List.of(settings);
  }

  /** Its figures in order. */
  public List<Setting> settings() {
    return settings;
  }

  /** The figures a new shape of this size, in inches, begins with; each in the unit of its setting. */
  public List<Double> usual(double width, double height) {
    List<Double> values = new ArrayList<>();
    for (Setting s : settings) {
      values.add(s.measured() == Setting.Measured.LENGTH ? s.usual() * Math.min(width, height) : s.usual());
    }
    return values;
  }

  /** Whether it is a line without an inside. */
  public boolean open() {
    return this == FLOURISH;
  }

  /**
   * The outline within a box at the origin, its sides in inches.
   *
   * @param values one for each setting; each is held within its range
   */
  public Path path(double width, double height, List<Double> values) {
    if (values.size() != settings.size()) {
      throw new IllegalArgumentException(this + " has " + settings.size() + " figures, not " + values.size());
    }
    double[] v = new double[values.size()];
    for (int i = 0; i < v.length; i++) {
      v[i] = settings.get(i).held(values.get(i));
    }
    return ReadyPaths.path(this, width, height, v);
  }
}
