package org.zipthimble.core.form;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Trail;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Pattern;

/** Where the copies of a live repeat stand. */
public final class Repeats {
  private Repeats() {}

  /**
   * The maps from where a group's members stand to each of their copies, in the group's inner field; the first leaves them there where it
   * can. Of what does not repeat its members, they are one copy of themselves.
   */
  public static List<Affine> copies(HoldsObjects group) {
    Box box = group.members().stream().map(m -> m.placement().around()).reduce(Box::union).orElse(new Box(0, 0, 0, 0));
    return group.effect().pattern().map(p -> of(box, p)).orElse(List.of(Affine.IDENTITY));
  }

  /**
   * The maps for a block of objects.
   *
   * @param box around the originals
   */
  public static List<Affine> of(Box box, Pattern pattern) {
    return pattern.accept(new Pattern.Visitor<>() {
      @Override
      public List<Affine> grid(Pattern.Grid grid) {
        List<Affine> maps = new ArrayList<>();
        for (int row = 0; row < grid.down(); row++) {
          double shift = grid.brick() && row % 2 == 1 ? (box.width() + grid.gapX()) / 2 : 0;
          for (int column = 0; column < grid.across(); column++) {
            maps.add(Affine.move(column * (box.width() + grid.gapX()) + shift, row * (box.height() + grid.gapY())));
          }
        }
        return maps;
      }

      @Override
      public List<Affine> fill(Pattern.Fill fill) {
        int count = filling(box.width(), fill);
        double step = count < 2 ? 0 : (fill.width() - box.width()) / (count - 1);
        List<Affine> maps = new ArrayList<>();
        for (int i = 0; i < count; i++) {
          maps.add(Affine.move(i * step, 0));
        }
        return maps;
      }

      @Override
      public List<Affine> round(Pattern.Round round) {
        return Repeats.round(box, round);
      }

      @Override
      public List<Affine> along(Pattern.Along along) {
        return Repeats.along(box, along);
      }

      @Override
      public List<Affine> mirror(Pattern.Mirror mirror) {
        return List.of(Affine.IDENTITY, Repeats.mirror(mirror.degrees(), mirror.through()));
      }
    });
  }

  /** How many repeats of a width go into a row with at least its least gap; one at least. */
  public static int filling(double width, Pattern.Fill fill) {
    double step = width + fill.leastGap();
    int count = step <= 0 ? 1 : (int) Math.floor((fill.width() + fill.leastGap()) / step + 1e-9);
    return Math.max(1, Math.min(Pattern.MOST, count));
  }

  private static List<Affine> round(Box box, Pattern.Round round) {
    List<Affine> maps = new ArrayList<>();
    double step = 360.0 / round.count();
    double ray = Math.toDegrees(Math.atan2(box.centre().y() - round.centre().y(), box.centre().x() - round.centre().x()));
    for (int i = 0; i < round.count(); i++) {
      Affine turn = Affine.turn(step * i, round.centre());
      if (!round.turning()) {
        Point to = turn.apply(box.centre());
        turn = Affine.move(to.x() - box.centre().x(), to.y() - box.centre().y());
      } else if (round.mirrored() && i % 2 == 1) {
        turn = mirror(ray, round.centre()).then(turn);
      }
      maps.add(turn);
    }
    return maps;
  }

  private static List<Affine> along(Box box, Pattern.Along along) {
    List<Affine> maps = new ArrayList<>();
    Trail trail = new Trail(along.path());
    int parts = trail.closed() ? along.count() : Math.max(1, along.count() - 1);
    for (int i = 0; i < along.count(); i++) {
      Trail.Place place = trail.at(trail.length() * i / parts);
      Affine turned = along.turning() ? Affine.turn(place.degrees(), box.centre()) : Affine.IDENTITY;
      maps.add(turned.then(Affine.move(place.at().x() - box.centre().x(), place.at().y() - box.centre().y())));
    }
    return maps;
  }

  /** The mirror image across an axis through a place in inches, that lies at so many degrees. */
  public static Affine mirror(double degrees, Point through) {
    return Affine.turn(-degrees, through).then(Affine.move(-through.x(), -through.y())).then(Affine.scale(1, -1))
        .then(Affine.move(through.x(), through.y())).then(Affine.turn(degrees, through));
  }
}
