package org.zipthimble.desktop.bench;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.arrange.Hint;
import org.zipthimble.core.arrange.Snapper;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.GuideEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Guide;
import org.zipthimble.desktop.state.Session;

/** Drags of guides out of the rulers and along the bench, and the measuring tape. */
final class GuideDrags {
  private static final double REACH = 5;
  private static final double SNAP = 7;

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;
  private Optional<Integer> held = Optional.empty();

  GuideDrags(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
  }

  /** A drag of the guide under a pixel; empty when there is none. */
  Optional<Drag> at(Point pixel) {
    List<Guide> lines = session.face().guides().lines();
    Point face = lens.now().toFace(pixel);
    for (int i = 0; i < lines.size(); i++) {
      if (lines.get(i).distance(face) * lens.now().scale() <= REACH) {
        held = Optional.of(i);
        int index = i;
        return Optional.of(new Sliding(lines.get(i), guide -> outside(guide)
            ? GuideEdits.remove(faceId(), index) : GuideEdits.change(faceId(), index, guide)));
      }
    }
    held = Optional.empty();
    return Optional.empty();
  }

  /** A drag of a new guide out of a ruler. */
  Drag fromRuler(boolean acrossRuler) {
    return new Sliding(acrossRuler ? Guide.across(0) : Guide.down(0), guide -> GuideEdits.add(faceId(), guide));
  }

  /** A drag that measures. */
  Drag measure(Point pressed) {
    return new Measuring(pressed);
  }

  /** Nudges the guide that was held last; whether there is one. */
  boolean nudge(double dx, double dy) {
    List<Guide> lines = session.face().guides().lines();
    if (held.isEmpty() || held.get() >= lines.size()) {
      return false;
    }
    Guide guide = lines.get(held.get());
    session.apply(GuideEdits.change(faceId(), held.get(), guide.withThrough(guide.through().plus(dx, dy))));
    return true;
  }

  private boolean outside(Guide guide) {
    Box seen = Box.between(lens.now().toFace(new Point(0, 0)), lens.now().toFace(new Point(lens.width(), lens.height())));
    return guide.within(seen).isEmpty();
  }

  private String faceId() {
    return session.faceIdProperty().get();
  }

  private interface Ending {
    Edit edit(Guide guide);
  }

  private final class Sliding implements Drag {
    private final Guide from;
    private final Ending ending;
    private final Snapper snapper = Snapper.of(session.job(), session.face().withGuides(org.zipthimble.core.job.Guides.NONE), Set.of(), 0);
    private Optional<Guide> now = Optional.empty();

    Sliding(Guide from, Ending ending) {
      this.from = from;
      this.ending = ending;
    }

    @Override
    public void to(Point pixel, Keys keys) {
      Point place = lens.now().toFace(pixel);
      if (session.preferences().now().snap() && !keys.free()) {
        Snapper.Snapped snapped = snapper.point(place, !from.level(), !from.upright(), SNAP / lens.now().scale());
        place = place.plus(snapped.dx(), snapped.dy());
      }
      now = Optional.of(from.withThrough(place));
      String text = from.level() ? Gaps.length(place.y(), session.unit()) : Gaps.length(place.x(), session.unit());
      session.tryOut(ending.edit(now.get()));
      bench.hints(List.of(new Hint(place, place, text)));
    }

    @Override
    public void done() {
      bench.hints(List.of());
      if (now.isPresent()) {
        session.apply(ending.edit(now.get()));
      } else {
        session.dropTry();
      }
    }

    @Override
    public void dropped() {
      bench.hints(List.of());
      session.dropTry();
    }
  }

  private final class Measuring implements Drag {
    private final Snapper snapper = Snapper.of(session.job(), session.face(), Set.of(), 0);
    private final Point from;

    Measuring(Point pressed) {
      from = snapped(pressed, new Keys(false, false, false));
    }

    private Point snapped(Point pixel, Keys keys) {
      Point place = lens.now().toFace(pixel);
      if (!session.preferences().now().snap() || keys.free()) {
        return place;
      }
      Snapper.Snapped snapped = snapper.point(place, true, true, SNAP / lens.now().scale());
      return place.plus(snapped.dx(), snapped.dy());
    }

    @Override
    public void to(Point pixel, Keys keys) {
      Point to = snapped(pixel, keys);
      if (keys.keep()) {
        to = Math.abs(to.x() - from.x()) >= Math.abs(to.y() - from.y()) ? new Point(to.x(), from.y()) : new Point(from.x(), to.y());
      }
      bench.tape(Optional.of(new Hint(from, to, Gaps.length(from.distance(to), session.unit()))));
    }
  }
}
