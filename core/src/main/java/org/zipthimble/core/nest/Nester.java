package org.zipthimble.core.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.zipthimble.core.work.Ongoing;
import org.zipthimble.core.work.Progress;

/** Lays pieces on stock by their true outlines. Can be stopped at any time and then gives the best so far. */
public final class Nester {
  private static final double SHRINK = 0.985;
  private static final int PATIENCE = 60;
  private static final int MOST_FLUSH = 60;

  /**
   * How much of the time pieces with straight sides are put together by their corners, before they are moved about; longer gives less
   * where they do not fit each other.
   */
  private static final double CORNERS_SHARE = 0.3;

  /** Less than any blade knows, in inches. */
  private static final double APART = 1e-7;

  private final List<Form> forms;
  private final Stock stock;
  private final Rules rules;
  private final Random random;
  private final BooleanSupplier over;
  private final Best best;

  private Nester(List<Form> forms, Stock stock, Rules rules, BooleanSupplier over, Best best) {
    this.best = best;
    this.forms = forms;
    this.stock = stock;
    this.rules = rules;
    this.random = new Random(rules.seed());
    this.over = over;
  }

  /**
   * Lays pieces.
   *
   * @param better told each time something better is found, by whichever thread found it
   */
  public static Nest nest(List<Part> parts, Stock stock, Rules rules, Progress progress, Consumer<Nest> better) {
    long begun = System.nanoTime();
    BooleanSupplier over = () -> {
      double gone = (System.nanoTime() - begun) / 1e6;
      progress.at(Math.min(1, gone / Math.max(1, rules.millis())));
      return progress.stopped() || gone > rules.millis();
    };
    List<Form> forms = new ArrayList<>();
    parts.forEach(p -> forms.add(Form.of(p, rules.gap())));
    forms.sort(Comparator.comparingDouble(f -> -f.area * 0.5 - f.radius * f.radius));
    Best best = new Best(better);
    if (!stock.roll() && stock.scrap().isPresent()) {
      best.offer(new Nester(forms, stock, rules, over, best).sheets(new ArrayList<>(forms)));
      return best.nest();
    }
    Nester second = new Nester(forms, stock, new Rules(rules.gap(), rules.step(), rules.free(), rules.millis(), rules.seed() + 1), over,
        best);
    Thread beside = new Thread(second::strip, "nesting");
    beside.setDaemon(true);
    new Nester(forms, stock, rules, over, best).strip(beside);
    try {
      beside.join();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    return best.nest();
  }

  /**
   * A free place for one more piece among pieces that stay where they lie, as near to the top as can be.
   *
   * @param lying on the stock's ground
   * @return where the piece goes, from where it is; empty when there is no room
   */
  public static Optional<Spot> room(List<Part> lying, Part piece, Stock stock, Rules rules) {
    List<Pose> there = new ArrayList<>();
    for (Part part : lying) {
      Pose pose = new Pose(Form.of(part, rules.gap()));
      pose.set(pose.form.middle.x(), pose.form.middle.y(), 0);
      there.add(pose);
    }
    Form form = Form.of(piece, rules.gap());
    Nester nester = new Nester(List.of(form), stock, rules, () -> false, new Best(n -> { }));
    return Optional.ofNullable(nester.room(form, there)).map(p -> nester.result(List.of(List.of(p)), List.of()).spots().get(0));
  }

  /** The best way found so far by any of the searches. */
  private static final class Best {
    private final Consumer<Nest> better;
    private Nest nest;

    Best(Consumer<Nest> better) {
      this.better = better;
    }

    synchronized void offer(Nest other) {
      boolean more = nest == null || other.spots().size() > nest.spots().size()
          || other.spots().size() == nest.spots().size() && other.used() < nest.used() - 1e-9;
      if (more) {
        nest = other;
        better.accept(other);
      }
    }

    synchronized Nest nest() {
      return nest;
    }
  }

  private Field field(double length) {
    Field field = new Field(stock.usable(), stock.scrap(), rules.gap() / 2);
    field.bottom = Math.min(field.bottom, field.top + length + rules.gap());
    return field;
  }

  /** One strip made shorter and shorter; a second search is begun once the first way to lay all is found. */
  private void strip(Thread beside) {
    best.offer(sheets(new ArrayList<>(forms)));
    boolean several = best.nest().sheets() > 1 && area() > stock.usable().width() * stock.usable().height() * 0.97;
    if (several || best.nest().sheets() == 0) {
      return;
    }
    if (stock.scrap().isEmpty() && CornerSearch.suits(forms)) {
      double until = System.nanoTime() / 1e6 + rules.millis() * CORNERS_SHARE;
      new CornerSearch(forms, field(best.nest().length()), rules, () -> over.getAsBoolean() || System.nanoTime() / 1e6 > until)
          .search(poses -> best.offer(laid(poses, stock, rules)));
    }
    beside.start();
    strip();
  }

  private void strip() {
    Nest now = best.nest();
    double length = now.sheets() == 1 && now.left().isEmpty() ? now.length() : stock.usable().height() / SHRINK;
    double least = area() / stock.usable().width();
    List<Pose> poses = poses(now);
    double shrink = 0.97;
    while (!over.getAsBoolean() && length * shrink > least) {
      List<Pose> trial = copies(poses);
      Field field = field(length * shrink);
      pullIn(trial, field);
      if (new Packing(trial, field, rules, random).separate(PATIENCE, over)) {
        poses = trial;
        Nest found = result(List.of(trial), List.of());
        length = found.length();
        best.offer(found);
      } else if (!over.getAsBoolean()) {
        shrink = shrink < 0.98 ? SHRINK : shrink < 0.993 ? 0.995 : SHRINK;
        boolean behind = best.nest().sheets() == 1 && best.nest().length() < length * 0.995;
        poses = behind ? poses(best.nest()) : swapped(poses);
        length = behind ? best.nest().length() : length;
      }
    }
  }

  private double area() {
    return forms.stream().mapToDouble(f -> f.area).sum();
  }

  /** Two pieces change places, so that the next try begins elsewhere. */
  private List<Pose> swapped(List<Pose> poses) {
    List<Pose> out = copies(poses);
    for (int round = 0; round < 1 + random.nextInt(2); round++) {
      Pose a = out.get(random.nextInt(out.size()));
      Pose b = out.get(random.nextInt(out.size()));
      double x = a.x;
      double y = a.y;
      a.set(b.x, b.y, a.turn);
      b.set(x, y, b.turn);
    }
    return out;
  }

  private static List<Pose> copies(List<Pose> poses) {
    List<Pose> out = new ArrayList<>();
    for (Pose p : poses) {
      Pose copy = new Pose(p.form);
      copy.set(p);
      out.add(copy);
    }
    return out;
  }

  private void pullIn(List<Pose> poses, Field field) {
    for (Pose p : poses) {
      if (p.bottom > field.bottom) {
        p.set(p.x, p.y - Math.min(p.bottom - field.bottom, Math.max(0, p.top - field.top)), p.turn);
      }
    }
  }

  /** Each piece in turn to the first sheet that has room for it, as near to the top as can be. */
  private Nest sheets(List<Form> order) {
    List<List<Pose>> sheets = new ArrayList<>();
    List<String> left = new ArrayList<>();
    for (Form form : order) {
      Ongoing.check();
      Pose place = null;
      for (List<Pose> sheet : sheets) {
        place = room(form, sheet);
        if (place != null) {
          sheet.add(place);
          break;
        }
      }
      if (place == null) {
        List<Pose> fresh = new ArrayList<>();
        place = room(form, fresh);
        if (place == null) {
          left.add(form.id);
        } else {
          fresh.add(place);
          sheets.add(fresh);
        }
      }
    }
    return result(sheets, left);
  }

  /** The highest free place, then the one farthest left, among turns and a raster of places drawn together afterwards. */
  private Pose room(Form form, List<Pose> sheet) {
    Field field = field(stock.usable().height());
    Pose best = null;
    double bestDown = Double.MAX_VALUE;
    Pose trial = new Pose(form);
    for (double turn : turns(form)) {
      Pose flush = flush(form, turn, sheet, field, bestDown);
      if (flush != null) {
        best = flush;
        bestDown = flush.bottom;
      }
      trial.set(0, 0, turn);
      double step = Math.max(0.02, form.radius / (forms.size() > 24 ? 8 : 14));
      double dx = -trial.left;
      double dy = -trial.top;
      double w = trial.right - trial.left;
      double h = trial.bottom - trial.top;
      double most = stock.scrap().isPresent() ? field.bottom - h : Math.min(field.bottom - h, lowest(sheet, field) + step);
      boolean found = false;
      for (double y = field.top; y <= most + 1e-9 && y + h < bestDown && !found; y += step) {
        for (double x = field.left; x <= field.right - w + 1e-9 && !found; x += step) {
          trial.set(x + dx, y + dy, turn);
          if (fits(trial, sheet, field)) {
            settle(trial, sheet, field, step);
            found = true;
            if (trial.bottom < bestDown) {
              bestDown = trial.bottom;
              best = new Pose(form);
              best.set(trial);
            }
          }
        }
      }
    }
    return best;
  }

  /** The highest free place where a piece lies flush with the edges of the field and of others, which a raster passes by; null for none. */
  private static Pose flush(Form form, double turn, List<Pose> sheet, Field field, double above) {
    if (sheet.size() > MOST_FLUSH) {
      return null;
    }
    Pose trial = new Pose(form);
    trial.set(0, 0, turn);
    double dx = -trial.left;
    double dy = -trial.top;
    double high = trial.bottom - trial.top;
    TreeSet<Double> downs = new TreeSet<>(List.of(field.top));
    TreeSet<Double> acrosses = new TreeSet<>(List.of(field.left));
    for (Pose other : sheet) {
      downs.add(other.bottom + APART);
      acrosses.add(other.right + APART);
    }
    for (double y : downs) {
      Ongoing.check();
      for (double x : acrosses) {
        trial.set(x + dx, y + dy, turn);
        if (y + high < above - APART && fits(trial, sheet, field)) {
          return trial;
        }
      }
    }
    return null;
  }

  private static double lowest(List<Pose> sheet, Field field) {
    return sheet.stream().mapToDouble(p -> p.bottom).max().orElse(field.top);
  }

  private static boolean fits(Pose pose, List<Pose> sheet, Field field) {
    for (Pose other : sheet) {
      if (Pose.overlap(pose, other) > 0) {
        return false;
      }
    }
    return field.holds(pose);
  }

  /** Slides a pose up and to the left as far as it goes. */
  private static void settle(Pose pose, List<Pose> sheet, Field field, double first) {
    Pose trial = new Pose(pose.form);
    for (double step = first; step > 0.002; step /= 2) {
      boolean moved = true;
      for (int guard = 0; moved && guard < 200; guard++) {
        trial.set(pose.x, pose.y - step, pose.turn);
        moved = fits(trial, sheet, field);
        if (!moved) {
          trial.set(pose.x - step, pose.y, pose.turn);
          moved = fits(trial, sheet, field);
        }
        if (moved) {
          pose.set(trial);
        }
      }
    }
  }

  private List<Double> turns(Form form) {
    List<Double> out = new ArrayList<>();
    if (!rules.free()) {
      for (double t = 0; t < 360 - 1e-9; t += rules.step()) {
        out.add(t);
      }
      return out;
    }
    for (double angle : form.edgeAngles) {
      for (int quarter = 0; quarter < 4 && out.size() < (forms.size() > 24 ? 6 : 16); quarter += forms.size() > 24 ? 2 : 1) {
        out.add(quarter * 90 - angle);
      }
    }
    for (int i = 0; out.size() < 4; i++) {
      out.add(i * 45.0);
    }
    return out;
  }

  private List<Pose> poses(Nest nest) {
    List<Pose> out = new ArrayList<>();
    for (Form form : forms) {
      Pose pose = new Pose(form);
      nest.spots().stream().filter(s -> s.id().equals(form.id) && s.sheet() == 0).findFirst().ifPresentOrElse(
          s -> pose.set(s.map().apply(form.middle).x(), s.map().apply(form.middle).y(), s.turn()),
          () -> pose.set(stock.usable().centre().x(), stock.usable().centre().y(), 0));
      out.add(pose);
    }
    return out;
  }

  /** The figures of pieces that lie on one sheet. */
  static Nest laid(List<Pose> poses, Stock stock, Rules rules) {
    return result(List.of(poses), List.of(), stock, rules);
  }

  private Nest result(List<List<Pose>> sheets, List<String> left) {
    return result(sheets, left, stock, rules);
  }

  private static Nest result(List<List<Pose>> sheets, List<String> left, Stock stock, Rules rules) {
    List<Spot> spots = new ArrayList<>();
    double length = 0;
    double pieces = 0;
    for (int sheet = 0; sheet < sheets.size(); sheet++) {
      length = 0;
      for (Pose p : sheets.get(sheet)) {
        double cos = Math.cos(Math.toRadians(p.turn));
        double sin = Math.sin(Math.toRadians(p.turn));
        double mx = cos * p.form.middle.x() - sin * p.form.middle.y();
        double my = sin * p.form.middle.x() + cos * p.form.middle.y();
        spots.add(new Spot(p.form.id, sheet, p.x - mx, p.y - my, p.turn));
        length = Math.max(length, p.bottom - rules.gap() / 2 - stock.usable().y());
        pieces += p.form.area;
      }
    }
    double whole = stock.usable().width() * stock.usable().height();
    double used = sheets.isEmpty() ? 0 : (sheets.size() - 1) * whole + stock.usable().width() * Math.max(0, length);
    return new Nest(spots, left, sheets.size(), Math.max(0, length), used == 0 ? 0 : Math.min(1, pieces / used), used);
  }
}
