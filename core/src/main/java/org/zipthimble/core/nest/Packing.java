package org.zipthimble.core.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;

/**
 * Pieces in one field. They may lie over each other while the search goes on: pieces that do are moved to where the
 * weighted sum of their overlaps is least, and pairs that stay in each other's way weigh more and more (guided local
 * search; Egeblad, Nielsen and Odgaard, "Fast neighborhood search for two- and three-dimensional nesting problems",
 * European Journal of Operational Research 183, 2007).
 */
final class Packing {
  private static final int SAMPLES = 26;
  private static final int NEAR_SAMPLES = 10;
  private static final int FLUSH_SAMPLES = 24;
  private static final int REFINED = 3;

  final List<Pose> poses;
  private final Field field;
  private final Rules rules;
  private final Random random;
  private final double[][] weights;
  private final Pose[] trials;

  Packing(List<Pose> poses, Field field, Rules rules, Random random) {
    this.poses = poses;
    this.field = field;
    this.rules = rules;
    this.random = random;
    weights = new double[poses.size()][poses.size() + 1];
    for (double[] row : weights) {
      Arrays.fill(row, 1);
    }
    trials = new Pose[poses.size()];
  }

  /** Moves pieces until none lies over another; false when time or patience ends before. */
  boolean separate(int patience, BooleanSupplier over) {
    double best = Double.MAX_VALUE;
    int idle = 0;
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < poses.size(); i++) {
      order.add(i);
    }
    while (idle < patience) {
      java.util.Collections.shuffle(order, random);
      for (int i : order) {
        if (over.getAsBoolean()) {
          return free();
        }
        if (cost(i, poses.get(i), Double.MAX_VALUE, false) > 0) {
          move(i);
        }
      }
      double total = reweigh();
      if (total <= 0) {
        return true;
      }
      idle = total < best * 0.98 ? 0 : idle + 1;
      best = Math.min(best, total);
    }
    return false;
  }

  boolean free() {
    for (int i = 0; i < poses.size(); i++) {
      if (cost(i, poses.get(i), Double.MAX_VALUE, false) > 0) {
        return false;
      }
    }
    return true;
  }

  /** The overlaps of a piece at a pose; gives up once they pass a limit. */
  private double cost(int i, Pose pose, double limit, boolean weighted) {
    double sum = field.outside(pose) * (weighted ? weights[i][poses.size()] : 1);
    for (int k = 0; k < poses.size() && sum < limit; k++) {
      if (k != i) {
        double lap = Pose.overlap(pose, poses.get(k));
        sum += lap == 0 ? 0 : lap * (weighted ? weights[i][k] : 1);
      }
    }
    return sum;
  }

  /** Pairs in each other's way weigh more, all others a little less. */
  private double reweigh() {
    double total = 0;
    double most = 0;
    double[][] laps = new double[poses.size()][poses.size() + 1];
    for (int i = 0; i < poses.size(); i++) {
      laps[i][poses.size()] = field.outside(poses.get(i));
      most = Math.max(most, laps[i][poses.size()]);
      total += laps[i][poses.size()];
      for (int k = 0; k < i; k++) {
        laps[i][k] = Pose.overlap(poses.get(i), poses.get(k));
        most = Math.max(most, laps[i][k]);
        total += laps[i][k];
      }
    }
    for (int i = 0; i < poses.size(); i++) {
      weights[i][poses.size()] = heavier(weights[i][poses.size()], laps[i][poses.size()], most);
      for (int k = 0; k < i; k++) {
        weights[i][k] = heavier(weights[i][k], laps[i][k], most);
        weights[k][i] = weights[i][k];
      }
    }
    return total;
  }

  private static double heavier(double weight, double lap, double most) {
    return lap > 0 ? Math.min(1e6, weight * (1.2 + 0.8 * lap / most)) : Math.max(1, weight * 0.95);
  }

  private void move(int i) {
    Pose now = poses.get(i);
    if (trials[i] == null) {
      trials[i] = new Pose(now.form);
    }
    Pose trial = trials[i];
    double[][] best = new double[REFINED][];
    double here = cost(i, now, Double.MAX_VALUE, true);
    keep(best, here, now.x, now.y, now.turn);
    for (int s = 0; s < SAMPLES + NEAR_SAMPLES; s++) {
      boolean near = s >= SAMPLES;
      double turn = near ? nearTurn(now) : turn(now.form);
      trial.set(0, 0, turn);
      double w = trial.right - trial.left;
      double h = trial.bottom - trial.top;
      double x = near ? now.x + random.nextGaussian() * now.form.radius * 0.3
          : field.left - trial.left + random.nextDouble() * Math.max(0, field.width() - w);
      double y = near ? now.y + random.nextGaussian() * now.form.radius * 0.3
          : field.top - trial.top + random.nextDouble() * Math.max(0, field.length() - h);
      trial.set(x, y, turn);
      double worst = best[REFINED - 1] == null ? Double.MAX_VALUE : best[REFINED - 1][0];
      keep(best, cost(i, trial, worst, true), x, y, turn);
    }
    for (int s = 0; rules.free() && s < FLUSH_SAMPLES; s++) {
      if (flush(trial, i)) {
        double worst = best[REFINED - 1] == null ? Double.MAX_VALUE : best[REFINED - 1][0];
        keep(best, cost(i, trial, worst, true), trial.x, trial.y, trial.turn);
      }
    }
    double[] chosen = {here, now.x, now.y, now.turn};
    for (double[] candidate : best) {
      if (candidate != null) {
        double[] refined = refine(i, trial, candidate);
        chosen = refined[0] < chosen[0] ? refined : chosen;
      }
    }
    now.set(chosen[1], chosen[2], chosen[3]);
  }

  /**
   * Lays an edge along an edge of another piece or of the field, with one corner on a corner: how the pieces of a torn
   * sheet go together again.
   */
  private boolean flush(Pose trial, int i) {
    int k = random.nextInt(poses.size() + 1);
    if (k == i) {
      return false;
    }
    double[] edge = k == poses.size() ? fieldEdge() : edge(poses.get(k), random);
    double[] fx = trial.form.xs[0];
    double[] fy = trial.form.ys[0];
    int a = random.nextInt(fx.length);
    int b = (a + 1) % fx.length;
    double own = Math.toDegrees(Math.atan2(fy[b] - fy[a], fx[b] - fx[a]));
    double turn = Math.toDegrees(Math.atan2(edge[3] - edge[1], edge[2] - edge[0])) + 180 - own;
    boolean first = random.nextBoolean();
    int corner = first ? a : b;
    trial.set(0, 0, turn);
    trial.set((first ? edge[2] : edge[0]) - trial.xs[0][corner], (first ? edge[3] : edge[1]) - trial.ys[0][corner], turn);
    return true;
  }

  private static double[] edge(Pose other, Random random) {
    int a = random.nextInt(other.xs[0].length);
    int b = (a + 1) % other.xs[0].length;
    return new double[] {other.xs[0][a], other.ys[0][a], other.xs[0][b], other.ys[0][b]};
  }

  /** The field's edges run the other way round, for pieces lie on their inner side. */
  private double[] fieldEdge() {
    return switch (random.nextInt(4)) {
      case 0 -> new double[] {field.right, field.top, field.left, field.top};
      case 1 -> new double[] {field.left, field.top, field.left, field.bottom};
      case 2 -> new double[] {field.left, field.bottom, field.right, field.bottom};
      default -> new double[] {field.right, field.bottom, field.right, field.top};
    };
  }

  private static void keep(double[][] best, double cost, double x, double y, double turn) {
    for (int b = 0; b < best.length; b++) {
      if (best[b] == null || cost < best[b][0]) {
        System.arraycopy(best, b, best, b + 1, best.length - b - 1);
        best[b] = new double[] {cost, x, y, turn};
        return;
      }
    }
  }

  /** Small steps in every direction, and small turns where any turn is allowed, as long as they lessen the overlap. */
  private double[] refine(int i, Pose trial, double[] from) {
    double[] at = from.clone();
    double step = trial.form.radius * 0.2;
    double swing = 8;
    while (step > trial.form.radius * 0.0015 && at[0] > 0) {
      boolean better = false;
      double angle = random.nextDouble() * Math.PI * 2;
      for (int d = 0; d < 4 && !better; d++) {
        double a = angle + d * Math.PI / 2;
        trial.set(at[1] + step * Math.cos(a), at[2] + step * Math.sin(a), at[3]);
        better = taken(i, trial, at);
      }
      if (rules.free() && !better) {
        for (int d = -1; d <= 1 && !better; d += 2) {
          trial.set(at[1], at[2], at[3] + d * swing);
          better = taken(i, trial, at);
        }
      }
      if (!better) {
        step /= 2;
        swing /= 2;
      }
    }
    return at;
  }

  private boolean taken(int i, Pose trial, double[] at) {
    double cost = cost(i, trial, at[0], true);
    if (cost < at[0]) {
      at[0] = cost;
      at[1] = trial.x;
      at[2] = trial.y;
      at[3] = trial.turn;
      return true;
    }
    return false;
  }

  private double nearTurn(Pose now) {
    if (!rules.free()) {
      return now.turn;
    }
    return random.nextInt(3) == 0 ? now.turn : now.turn + random.nextGaussian() * 4;
  }

  /** Any allowed turn; where all are allowed, most often one that lays an edge along the field's or another piece's edges. */
  private double turn(Form form) {
    if (!rules.free()) {
      return rules.step() * random.nextInt((int) Math.max(1, Math.round(360 / rules.step())));
    }
    if (form.edgeAngles.length == 0 || random.nextInt(5) == 0) {
      return random.nextDouble() * 360;
    }
    double own = form.edgeAngles[random.nextInt(form.edgeAngles.length)];
    Pose other = poses.get(random.nextInt(poses.size()));
    if (random.nextBoolean() || other.form.edgeAngles.length == 0) {
      return 90 * random.nextInt(4) - own;
    }
    return other.form.edgeAngles[random.nextInt(other.form.edgeAngles.length)] + other.turn + 180 - own;
  }
}
