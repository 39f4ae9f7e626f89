package org.zipthimble.desktop.bench;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Handle;
import org.zipthimble.core.edit.Reshape;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Facts;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.marks.Hit;
import org.zipthimble.desktop.state.Session;

/** What mouse and keys do on the bench. */
final class BenchHands {
  private static final double REACH = 5;
  private static final double START = 3;
  private static final double TURN_STEP = 15;
  private static final double WHEEL = 1.0018;
  private static final double NUDGE = 1.0 / 16;
  private static final double BIG_NUDGE = 1.0 / 4;

  private enum Doing { NOTHING, MOVE, PULL, TURN, PAN, BAND }

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;
  private Doing doing = Doing.NOTHING;
  private Handle handle = Handle.BOTTOM_RIGHT;
  private Point pressed = new Point(0, 0);
  private Point last = pressed;
  private Placement from = new Placement(0, 0, 1, 1, 0);
  private Optional<Edit> tried = Optional.empty();
  private boolean spaceHeld;

  BenchHands(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
    bench.setOnMousePressed(this::press);
    bench.setOnMouseDragged(this::drag);
    bench.setOnMouseReleased(this::release);
    bench.setOnMouseMoved(e -> bench.setCursor(cursor(pixel(e))));
    bench.setOnScroll(this::wheel);
    bench.setOnKeyPressed(this::key);
    bench.setOnKeyReleased(e -> spaceHeld = e.getCode() != KeyCode.SPACE && spaceHeld);
  }

  private void press(MouseEvent e) {
    bench.requestFocus();
    session.settle();
    pressed = pixel(e);
    last = pressed;
    tried = Optional.empty();
    doing = begin(e);
    e.consume();
  }

  private Doing begin(MouseEvent e) {
    if (e.getButton() == MouseButton.MIDDLE || spaceHeld) {
      return Doing.PAN;
    }
    if (e.getButton() != MouseButton.PRIMARY) {
      return Doing.NOTHING;
    }
    Optional<Item> single = session.single().filter(i -> !i.facts().locked());
    if (single.isPresent() && bench.pins().isPresent()) {
      from = single.get().placement();
      if (bench.pins().get().onBead(pressed)) {
        return Doing.TURN;
      }
      Optional<Handle> pin = bench.pins().get().at(pressed);
      if (pin.isPresent()) {
        handle = pin.get();
        return Doing.PULL;
      }
    }
    return pick(e);
  }

  private Doing pick(MouseEvent e) {
    List<String> under = Hit.at(session.face(), Optional.empty(), lens.now().toFace(pressed), REACH / lens.now().scale());
    Set<String> selected = session.selectionProperty().get();
    if (under.isEmpty()) {
      if (!e.isShiftDown()) {
        session.selectionProperty().set(Set.of());
      }
      return Doing.BAND;
    }
    String top = under.get(0);
    if (e.isShiftDown()) {
      Set<String> more = new HashSet<>(selected);
      if (!more.remove(top)) {
        more.add(top);
      }
      session.selectionProperty().set(Set.copyOf(more));
    } else if (under.stream().noneMatch(selected::contains)) {
      session.selectionProperty().set(Set.of(top));
    }
    return session.selectionProperty().get().isEmpty() ? Doing.NOTHING : Doing.MOVE;
  }

  private void drag(MouseEvent e) {
    Point now = pixel(e);
    if (doing == Doing.PAN) {
      lens.moved(now.x() - last.x(), now.y() - last.y());
    } else if (doing == Doing.BAND) {
      bench.band(Optional.of(Box.between(lens.now().toFace(pressed), lens.now().toFace(now))));
    } else if (doing != Doing.NOTHING && (tried.isPresent() || now.distance(pressed) >= START)) {
      tried = Optional.of(edit(now, e.isShiftDown()));
      session.tryOut(tried.get());
    }
    last = now;
    e.consume();
  }

  private Edit edit(Point now, boolean held) {
    Point to = lens.now().toFace(now);
    Set<String> ids = session.selectionProperty().get();
    if (doing == Doing.PULL) {
      boolean keep = session.keepProportionProperty().get() != held;
      return place(ids, "edit.resize", p -> Reshape.pulled(from, handle, to, keep));
    }
    if (doing == Doing.TURN) {
      return place(ids, "edit.turn", p -> Reshape.turnedTowards(from, to, held ? TURN_STEP : 0));
    }
    Point begun = lens.now().toFace(pressed);
    double dx = to.x() - begun.x();
    double dy = to.y() - begun.y();
    boolean across = Math.abs(dx) >= Math.abs(dy);
    return place(free(ids), "edit.move", p -> p.moved(held && !across ? 0 : dx, held && across ? 0 : dy));
  }

  private Edit place(Set<String> ids, String key, UnaryOperator<Placement> change) {
    return Edits.place(session.faceIdProperty().get(), ids, key, change);
  }

  private Set<String> free(Set<String> ids) {
    Set<String> free = new HashSet<>(ids);
    session.selected().stream().filter(i -> i.facts().locked()).map(Item::facts).map(Facts::id).forEach(free::remove);
    return free;
  }

  private void release(MouseEvent e) {
    if (doing == Doing.BAND) {
      Box band = Box.between(lens.now().toFace(pressed), lens.now().toFace(pixel(e)));
      bench.band(Optional.empty());
      if (pixel(e).distance(pressed) >= START) {
        select(band);
      }
    } else if (tried.isPresent()) {
      session.apply(tried.get());
    } else if (doing != Doing.PAN) {
      session.dropTry();
    }
    tried = Optional.empty();
    doing = Doing.NOTHING;
    e.consume();
  }

  private void select(Box band) {
    Set<String> inside = new HashSet<>(session.selectionProperty().get());
    for (Item item : session.face().items()) {
      if (item.facts().visible() && !item.facts().locked() && band.contains(item.placement().around(), 0)) {
        inside.add(item.id());
      }
    }
    session.selectionProperty().set(Set.copyOf(inside));
  }

  private void wheel(ScrollEvent e) {
    if (e.isControlDown()) {
      lens.scaledAt(lens.now().scale() * Math.pow(WHEEL, e.getDeltaY()), new Point(e.getX(), e.getY()));
    } else {
      lens.moved(e.getDeltaX(), e.getDeltaY());
    }
    e.consume();
  }

  private void key(KeyEvent e) {
    if (e.isControlDown() || e.isAltDown() || e.isMetaDown()) {
      return;
    }
    double step = e.isShiftDown() ? BIG_NUDGE : NUDGE;
    boolean used = switch (e.getCode()) {
      case SPACE -> spaceHeld = true;
      case LEFT -> nudge(-step, 0);
      case RIGHT -> nudge(step, 0);
      case UP -> nudge(0, -step);
      case DOWN -> nudge(0, step);
      case DELETE, BACK_SPACE -> bench.removeSelected();
      case ESCAPE -> letGo();
      default -> false;
    };
    if (used) {
      e.consume();
    }
  }

  private boolean letGo() {
    session.dropTry();
    tried = Optional.empty();
    doing = Doing.NOTHING;
    session.selectionProperty().set(Set.of());
    return true;
  }

  private boolean nudge(double dx, double dy) {
    if (session.selectionProperty().get().isEmpty()) {
      return false;
    }
    session.apply(place(free(session.selectionProperty().get()), "edit.nudge", p -> p.moved(dx, dy)));
    return true;
  }

  private Cursor cursor(Point pixel) {
    if (spaceHeld) {
      return Cursor.OPEN_HAND;
    }
    if (bench.pins().isEmpty()) {
      return Cursor.DEFAULT;
    }
    if (bench.pins().get().onBead(pixel)) {
      return Cursor.CROSSHAIR;
    }
    return bench.pins().get().at(pixel).map(BenchHands::cursor).orElse(Cursor.DEFAULT);
  }

  private static Cursor cursor(Handle handle) {
    if (handle.corner()) {
      return handle.across() == handle.down() ? Cursor.NW_RESIZE : Cursor.NE_RESIZE;
    }
    return handle.across() != 0 ? Cursor.H_RESIZE : Cursor.V_RESIZE;
  }

  private static Point pixel(MouseEvent e) {
    return new Point(e.getX(), e.getY());
  }
}
