package org.zipthimble.core.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Lays pieces with straight sides one by one, always into the topmost corner that is still free, corner into corner and side along side;
 * of many beginnings those are followed whose sides lie open the least and whose free corners can still be filled (a beam search).
 * Pieces of which most is curved are not its work.
 */
final class CornerSearch {
  /** How much of a piece's outline must be straight. */
  private static final double STRAIGHT = 0.6;

  private static final double RIGHT = Math.PI / 2;

  /** Two angles nearer than this are one, in radians. */
  private static final double SAME = 1e-4;

  /** Narrower corners are left, in radians. */
  private static final double LEAST = 0.002;

  /** Corners of pieces that fill a free one as exactly as this belong there, in radians. */
  private static final double EXACT = 3e-6;

  /** What a free corner weighs that no one or two of the pieces that are left fill, in inches of open sides; found by trying. */
  private static final double LOOSE = 30;

  /** What tells a corner has one figure more when nothing goes into it. */
  private static final int LOST = 4;

  private static final int FIRST_WIDTH = 12;
  private static final int MOST_WIDTH = 972;

  /** No state is followed in more ways than this at once. */
  private static final int MOST_WAYS = 40;

  private final List<Form> forms;
  private final Field field;
  private final Rules rules;
  private final BooleanSupplier over;
  private final double[][] walls;
  private final double[] lengths;
  private final int corners;

  /** The pieces of the same shape that come before each, as bits: they are laid before it. */
  private final long[] twins;

  CornerSearch(List<Form> forms, Field field, Rules rules, BooleanSupplier over) {
    this.forms = forms;
    this.field = field;
    this.rules = rules;
    this.over = over;
    lengths = forms.stream().mapToDouble(f -> f.bare.length).toArray();
    corners = forms.stream().mapToInt(f -> f.bare.corners.length).sum();
    twins = new long[forms.size()];
    for (int f = 0; f < twins.length; f++) {
      for (int before = 0; before < f; before++) {
        twins[f] |= forms.get(f).bare.like(forms.get(before).bare) ? 1L << before : 0;
      }
    }
    walls = new double[][] {
        {field.right, field.top, field.left, field.top},
        {field.left, field.top, field.left, field.bottom},
        {field.right, field.bottom, field.right, field.top}};
  }

  /** Whether these pieces are such that they go together by their corners. */
  static boolean suits(List<Form> forms) {
    return forms.size() > 1 && forms.size() <= Long.SIZE && forms.stream()
        .allMatch(f -> f.bare.corners.length >= 2 && f.bare.straight > STRAIGHT);
  }

  /** Searches more and more widely until there is no time left, and tells each way that ends higher than any before. */
  void search(Consumer<List<Pose>> found) {
    double limit = field.bottom;
    double least = field.top + forms.stream().mapToDouble(f -> f.area).sum() / field.width() + Corners.NEAR;
    for (int width = FIRST_WIDTH; width <= MOST_WIDTH && limit > least && !over.getAsBoolean(); width *= 3) {
      Optional<State> end = search(width, limit);
      if (end.isPresent()) {
        limit = end.get().bottom - 1e-6;
        found.accept(end.get().poses());
      }
    }
  }

  private Optional<State> search(int width, double limit) {
    List<State> now = List.of(new State());
    for (int count = 0; count < forms.size(); count++) {
      List<State> from = now;
      List<List<State>> next = IntStream.range(0, from.size()).parallel()
          .mapToObj(i -> over.getAsBoolean() ? List.<State>of() : grown(from.get(i), limit)).toList();
      if (over.getAsBoolean()) {
        return Optional.empty();
      }
      List<State> all = new ArrayList<>();
      next.forEach(all::addAll);
      all.sort(Comparator.comparingDouble(s -> s.worth));
      Set<Long> seen = new HashSet<>();
      now = all.stream().filter(s -> seen.add(s.likeness())).limit(width).toList();
    }
    return now.stream().min(Comparator.comparingDouble(s -> s.bottom));
  }

  /** Whether one or two of the corners fill an angle exactly. */
  private static boolean closes(double[] angles, double whole) {
    int near = Arrays.binarySearch(angles, whole - EXACT);
    int next = near < 0 ? -near - 1 : near;
    if (next < angles.length && angles[next] < whole + EXACT) {
      return true;
    }
    for (int i = 0, k = angles.length - 1; i < k;) {
      double sum = angles[i] + angles[k];
      if (Math.abs(sum - whole) < EXACT) {
        return true;
      }
      if (sum < whole) {
        i++;
      } else {
        k--;
      }
    }
    return false;
  }

  /** A piece as it lies. */
  private record Lain(int form, Pose pose, Corners corners) {}

  /** Some pieces laid; each state knows the one that it was grown from. */
  private final class State {
    private final State before;
    private final Lain last;
    private final long used;
    private final double open;
    private final double bottom;
    private final double worth;

    /** The free corners: each its place, the angle at which the free room begins, and how wide it is. */
    private final List<double[]> free;

    /** Nothing laid yet. */
    State() {
      before = null;
      last = null;
      used = 0;
      open = 0;
      bottom = field.top;
      worth = 0;
      free = new ArrayList<>();
      corner(List.of(), field.left, field.top, free);
      corner(List.of(), field.right, field.top, free);
    }

    State(State before, List<Lain> lying, Lain last, double closed) {
      this.before = before;
      this.last = last;
      used = before.used | 1L << last.form;
      open = before.open + last.corners.length - closed;
      bottom = Math.max(before.bottom, last.pose.bottom);
      free = before.beside(lying, last);
      double[] angles = angles();
      double bad = 0;
      for (double[] corner : free) {
        bad += angles.length == 0 || closes(angles, corner[3]) ? 0 : LOOSE;
      }
      double whole = 0;
      for (int f = 0; f < lengths.length; f++) {
        whole += (used >> f & 1) == 0 ? 0 : lengths[f];
      }
      worth = (open + bad) / whole;
    }

    /** The corners that are free once a piece more lies there: about it all are looked at anew. */
    private List<double[]> beside(List<Lain> lying, Lain piece) {
      List<double[]> out = new ArrayList<>();
      for (double[] corner : free) {
        if (!piece.corners.near(corner[0], corner[1])) {
          out.add(corner);
        }
      }
      int kept = out.size();
      List<Lain> about = new ArrayList<>();
      for (Lain other : lying) {
        if (other.corners.near(piece.corners)) {
          about.add(other);
        }
      }
      about.add(piece);
      List<double[]> fresh = out.subList(kept, kept);
      for (Lain other : about) {
        for (double[] c : other.corners.corners) {
          if (piece.corners.near(c[0], c[1])) {
            corner(about, c[0], c[1], fresh);
          }
        }
      }
      if (piece.corners.near(field.left, field.top)) {
        corner(about, field.left, field.top, fresh);
      }
      if (piece.corners.near(field.right, field.top)) {
        corner(about, field.right, field.top, fresh);
      }
      return out;
    }

    /** All corners of the pieces that are left, from the narrowest on. */
    private double[] angles() {
      double[] out = new double[corners];
      int n = 0;
      for (int f = 0; f < lengths.length; f++) {
        if ((used >> f & 1) == 0) {
          for (double[] corner : forms.get(f).bare.corners) {
            out[n++] = corner[3];
          }
        }
      }
      double[] angles = Arrays.copyOf(out, n);
      Arrays.sort(angles);
      return angles;
    }

    long likeness() {
      return used * 1_000_003L + Math.round(open * 1e4) * 31 + Math.round(bottom * 1e4);
    }

    List<Lain> lying() {
      List<Lain> all = new ArrayList<>();
      for (State s = this; s.last != null; s = s.before) {
        all.add(s.last);
      }
      return all;
    }

    List<Pose> poses() {
      return lying().stream().map(Lain::pose).toList();
    }
  }

  /** All states with one piece more in the topmost free corner into which any goes; those into which none goes are not looked at again. */
  private List<State> grown(State state, double limit) {
    List<Lain> lying = state.lying();
    List<double[]> free = new ArrayList<>(state.free);
    free.sort(Comparator.<double[]>comparingDouble(c -> Math.rint(c[1] / Corners.NEAR)).thenComparingDouble(c -> c[0]));
    for (double[] corner : free) {
      List<State> out = corner.length > LOST ? List.of() : filled(state, lying, corner, limit);
      if (!out.isEmpty()) {
        out.sort(Comparator.comparingDouble(s -> s.worth));
        return out.subList(0, Math.min(MOST_WAYS, out.size()));
      }
      state.free.remove(corner);
      state.free.add(lost(corner));
    }
    return List.of();
  }

  /** A corner into which none of the pieces goes. */
  private static double[] lost(double[] corner) {
    return Arrays.copyOf(corner, LOST + 1);
  }

  private List<State> filled(State state, List<Lain> lying, double[] corner, double limit) {
    List<State> out = new ArrayList<>();
    for (int f = 0; f < forms.size(); f++) {
      if ((state.used >> f & 1) == 0 && (state.used | ~twins[f]) == -1L) {
        Form form = forms.get(f);
        Pose trial = new Pose(form);
        for (double[] own : form.bare.corners) {
          if (own[3] <= corner[3] + SAME) {
            lay(state, lying, corner, limit, f, trial, own, corner[2] - own[2], out);
            if (own[3] < corner[3] - SAME) {
              lay(state, lying, corner, limit, f, trial, own, corner[2] + corner[3] - own[2] - own[3], out);
            }
          }
        }
      }
    }
    return out;
  }

  private void lay(State state, List<Lain> lying, double[] at, double limit, int f, Pose trial, double[] own, double turned,
      List<State> out) {
    double turn = Math.toDegrees(turned);
    if (!rules.free()) {
      double whole = Math.rint(turn / rules.step()) * rules.step();
      if (Math.abs(whole - turn) > 1e-4) {
        return;
      }
      turn = whole;
    }
    double angle = Math.toRadians(turn);
    double x = at[0] - (Math.cos(angle) * own[0] - Math.sin(angle) * own[1]);
    double y = at[1] - (Math.sin(angle) * own[0] + Math.cos(angle) * own[1]);
    trial.set(x, y, turn);
    if (trial.bottom > limit || trial.left < field.left - Field.EDGE || trial.right > field.right + Field.EDGE
        || trial.top < field.top - Field.EDGE) {
      return;
    }
    for (Lain other : lying) {
      if (Pose.overlap(trial, other.pose) > 0) {
        return;
      }
    }
    Corners moved = forms.get(f).bare.moved(x, y, turn);
    double closed = 0;
    for (double[] side : moved.sides) {
      for (double[] wall : walls) {
        closed += Corners.along(side, wall);
      }
    }
    Pose pose = new Pose(trial.form);
    pose.set(trial);
    Lain piece = new Lain(f, pose, moved);
    for (Lain other : lying) {
      if (moved.near(other.corners)) {
        for (double[] side : moved.sides) {
          for (double[] beside : other.corners.sides) {
            closed += 2 * Corners.along(side, beside);
          }
        }
      }
    }
    out.add(new State(state, lying, piece, closed));
  }

  private void corner(List<Lain> lying, double x, double y, List<double[]> out) {
    if (out.stream().anyMatch(c -> Math.hypot(c[0] - x, c[1] - y) < Corners.NEAR)) {
      return;
    }
    List<double[]> taken = new ArrayList<>();
    wall(Math.abs(x - field.left) < Corners.NEAR, RIGHT, taken);
    wall(Math.abs(x - field.right) < Corners.NEAR, -RIGHT, taken);
    wall(Math.abs(y - field.top) < Corners.NEAR, Math.PI, taken);
    for (Lain piece : lying) {
      if (piece.corners.near(x, y) && !takes(piece.corners, x, y, taken) && piece.pose.covers(x, y)) {
        return;
      }
    }
    taken.sort(Comparator.comparingDouble(t -> t[0]));
    for (int i = 0; i < taken.size(); i++) {
      double end = taken.get(i)[0] + taken.get(i)[1];
      double next = i + 1 < taken.size() ? taken.get(i + 1)[0] : taken.get(0)[0] + 2 * Math.PI;
      if (next - end > LEAST && next - end < Math.PI - LEAST) {
        out.add(new double[] {x, y, end, next - end});
      }
    }
  }

  private static void wall(boolean there, double from, List<double[]> taken) {
    if (there) {
      taken.add(new double[] {norm(from), Math.PI});
    }
  }

  /** Which directions from a place a piece takes that has a corner or a side there; false when it has none. */
  private static boolean takes(Corners piece, double x, double y, List<double[]> taken) {
    for (double[] c : piece.corners) {
      if (Math.abs(c[0] - x) < Corners.NEAR && Math.abs(c[1] - y) < Corners.NEAR) {
        taken.add(new double[] {norm(c[2]), c[3]});
        return true;
      }
    }
    for (double[] s : piece.sides) {
      double dx = s[2] - s[0];
      double dy = s[3] - s[1];
      double length = Math.hypot(dx, dy);
      double off = ((x - s[0]) * dy - (y - s[1]) * dx) / length;
      double on = ((x - s[0]) * dx + (y - s[1]) * dy) / length;
      if (Math.abs(off) < Corners.NEAR && on > 0 && on < length) {
        taken.add(new double[] {norm(Math.atan2(dy, dx)), Math.PI});
        return true;
      }
    }
    return false;
  }

  private static double norm(double angle) {
    double turned = angle % (2 * Math.PI);
    return turned < 0 ? turned + 2 * Math.PI : turned;
  }
}
