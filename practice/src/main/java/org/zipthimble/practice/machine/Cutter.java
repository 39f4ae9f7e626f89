package org.zipthimble.practice.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;

/**
 * The machine itself: a tool over a mat that obeys the orders of the plotter language at 1016 units for each inch, y
 * upwards from the mat's lower edge as it is sent. It refuses what lies outside its reach, stops at the end of the
 * material, and keeps what it cut. Not for several threads at once, but for {@link #stop}.
 */
public final class Cutter {
  private static final double UNITS = 1016;

  /** A turn sharper than this brings the tool to a stand. */
  private static final double SHARP = Math.toRadians(20);

  private final Setup setup;
  private final List<Cut> cuts = new ArrayList<>();
  private List<Point> run = new ArrayList<>();
  private Point at;
  private boolean down;
  private boolean relative;
  private int pen = 1;
  private double speed;
  private double length;
  private double travel;
  private double seconds;
  private int lifts;
  private int refused;
  private double ground;
  private Affine correction = Affine.IDENTITY;
  private volatile boolean stopped;

  /** A cutter that is set up and has cut nothing yet. */
  public Cutter(Setup setup) {
    this.setup = setup;
    this.speed = setup.speed();
    this.ground = setup.height();
    this.at = new Point(0, setup.height());
  }

  /** Why an order was not obeyed. */
  public enum Refusal {
    /** It was. */
    NONE,
    /** It lies outside the reach of the tool. */
    OUTSIDE,
    /** There is no material there. */
    NO_MATERIAL,
    /** The cutter was told to stop. */
    STOPPED,
    /** It knows no such order. */
    UNKNOWN
  }

  /** The height of the sheet that is sent, in inches; its lower edge is where y begins. Usual is the whole mat. */
  public void sheet(double height) {
    ground = height;
  }

  /** Cuts where a scan of the printed sheet says, not where the program that sends thinks. */
  public void correct(Affine map) {
    correction = map;
  }

  /** Obeys one order. */
  public Refusal obey(CutterOrder order) {
    if (stopped) {
      return Refusal.STOPPED;
    }
    List<Double> f = order.figures();
    switch (order.word()) {
      case "IN", "DF" -> {
        lift();
        relative = false;
        speed = setup.speed();
      }
      case "SP" -> {
        lift();
        pen = f.isEmpty() ? 0 : (int) Math.max(0, Math.min(8, f.get(0)));
      }
      case "VS" -> speed = f.isEmpty() ? setup.speed() : Math.max(0.1, Math.min(127, f.get(0))) / 2.54;
      case "FS", "PW", "LT" -> { }
      case "PU" -> {
        lift();
        return moves(f);
      }
      case "PD" -> {
        lower();
        return moves(f);
      }
      case "PA" -> {
        relative = false;
        return moves(f);
      }
      case "PR" -> {
        relative = true;
        return moves(f);
      }
      default -> {
        return Refusal.UNKNOWN;
      }
    }
    return Refusal.NONE;
  }

  private Refusal moves(List<Double> figures) {
    Refusal worst = Refusal.NONE;
    Point before = at;
    for (int i = 0; i + 1 < figures.size(); i += 2) {
      double x = figures.get(i) / UNITS;
      double y = figures.get(i + 1) / UNITS;
      Point sent = relative ? new Point(at.x() + x, at.y() - y) : correction.apply(new Point(x, ground - y));
      Refusal refusal = reachable(sent);
      if (refusal != Refusal.NONE) {
        refused++;
        worst = refusal;
        lift();
        if (refusal == Refusal.NO_MATERIAL) {
          return refusal;
        }
        continue;
      }
      time(before, at, sent);
      before = at;
      go(sent);
    }
    return worst;
  }

  /** Home is always reached; what is cut must lie on the material within the margins. */
  private Refusal reachable(Point p) {
    double slack = 1.0 / UNITS;
    if (!down) {
      boolean on = p.x() >= -slack && p.y() >= -slack && p.x() <= setup.width() + slack
          && p.y() <= Math.max(setup.height(), ground) + slack;
      return on ? Refusal.NONE : Refusal.OUTSIDE;
    }
    double m = setup.margin() - slack;
    if (p.x() < m || p.y() < m || p.x() > setup.width() - m || p.y() > setup.height() - m) {
      return Refusal.OUTSIDE;
    }
    return p.y() > setup.material() + slack ? Refusal.NO_MATERIAL : Refusal.NONE;
  }

  private void go(Point to) {
    double step = at.distance(to);
    if (down) {
      length += step;
      if (run.isEmpty()) {
        run.add(at);
      }
      run.add(to);
    } else {
      travel += step;
    }
    at = to;
  }

  /** From a stand at sharp turns, else at the pace it has: the time of a trapezoid of speed. */
  private void time(Point before, Point from, Point to) {
    double step = from.distance(to);
    double top = down ? speed : Math.max(speed, 12);
    double a = setup.acceleration();
    double turn = Math.abs(Math.IEEEremainder(
        Math.atan2(to.y() - from.y(), to.x() - from.x()) - Math.atan2(from.y() - before.y(), from.x() - before.x()), 2 * Math.PI));
    boolean stands = before.equals(from) || turn > SHARP;
    double ramp = stands ? top * top / a : 0;
    seconds += step >= ramp ? step / top + (stands ? top / a : 0) : 2 * Math.sqrt(step / a);
  }

  private void lower() {
    if (!down) {
      down = true;
      lifts++;
      seconds += 0.06;
    }
  }

  private void lift() {
    if (run.size() > 1) {
      cuts.add(new Cut(pen, run));
    }
    run = new ArrayList<>();
    down = false;
  }

  /** Ends the work in the middle; the tool is lifted at the next order. */
  public void stop() {
    stopped = true;
  }

  /** Ends a job: what is still being cut is kept. */
  public void finish() {
    lift();
  }

  /** What was cut so far. */
  public List<Cut> cuts() {
    List<Cut> all = new ArrayList<>(cuts);
    if (run.size() > 1) {
      all.add(new Cut(pen, run));
    }
    return all;
  }

  /** What it did so far. */
  public CutterReport report() {
    return new CutterReport(length, travel, seconds, lifts, refused);
  }

  /** How it is set up. */
  public Setup setup() {
    return setup;
  }

  @Override
  public String toString() {
    return String.format(Locale.ROOT, "cutter %s x %s", setup.width(), setup.height());
  }
}
