package org.zipthimble.core.arrange;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;

/** Lines objects up. */
public final class AlignObjects {
  /** What they are lined up to. */
  public enum To {
    /** The box around all of them. */
    EACH_OTHER,
    /** One of them, which stays. */
    KEY,
    /** The finished edge. */
    TRIM,
    /** The safe area. */
    SAFE,
    /** The face with its bleed. */
    FACE
  }

  /** Which part of each is lined up. */
  public enum Edge {
    /** Left sides. */
    LEFT(Axis.ACROSS, 0),
    /** Middles from left to right. */
    MIDDLE(Axis.ACROSS, 0.5),
    /** Right sides. */
    RIGHT(Axis.ACROSS, 1),
    /** Tops. */
    TOP(Axis.DOWN, 0),
    /** Middles from top to bottom. */
    CENTRE(Axis.DOWN, 0.5),
    /** Lower sides. */
    BOTTOM(Axis.DOWN, 1);

    private final Axis axis;
    private final double share;

    Edge(Axis axis, double share) {
      this.axis = axis;
      this.share = share;
    }

    /** The direction in which things move. */
    public Axis axis() {
      return axis;
    }

    double of(Box box) {
      return axis.start(box) + share * axis.length(box);
    }
  }

  private AlignObjects() {}

  /**
   * The edit that lines objects up.
   *
   * @param key the object that stays, when that is what they are lined up to; without one it is the last
   */
  public static Edit edit(Frame frame, Face face, Set<String> ids, Edge edge, To to, Optional<String> key) {
    List<PlacedBox> standing = PlacedBox.of(face, ids);
    Map<String, Point> moves = new HashMap<>();
    if (!standing.isEmpty()) {
      double line = edge.of(reference(frame, standing, to, key));
      standing.forEach(s -> moves.put(s.id(), edge.axis().shift(line - edge.of(s.box()))));
    }
    return PlacedBox.shift(face.id(), "edit.align", moves);
  }

  /** The box that things are lined up to or spread over. */
  static Box reference(Frame frame, List<PlacedBox> standing, To to, Optional<String> key) {
    return switch (to) {
      case EACH_OTHER -> standing.stream().map(PlacedBox::box).reduce(Box::union).orElseThrow();
      case KEY -> standing.stream().filter(s -> key.isPresent() && s.id().equals(key.get())).findFirst()
          .orElse(standing.get(standing.size() - 1)).box();
      case TRIM -> frame.trim();
      case SAFE -> frame.safeBox();
      case FACE -> frame.bleedBox();
    };
  }
}
