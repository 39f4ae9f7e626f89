package org.zipthimble.desktop.bench;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import org.zipthimble.core.arrange.PlacedBox;
import org.zipthimble.core.form.Handle;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.marks.Hit;
import org.zipthimble.desktop.state.Session;

/** What mouse and keys do on the bench. */
final class BenchHands {
  private static final double REACH = 5;
  private static final double START = 3;
  private static final double WHEEL = 1.0018;
  private static final double BIG = 4;

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;
  private final ObjectDrags drags;
  private final GuideDrags guides;
  private final Points points;
  private final Drafting drafting;
  private final BrushHand brush;
  private final MountHand mounts;
  private final TypingHand typing;
  private Drag drag = Drag.NONE;
  private boolean spaceHeld;
  private boolean measuring;

  BenchHands(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
    this.drags = new ObjectDrags(session, lens, bench);
    this.guides = new GuideDrags(session, lens, bench);
    this.points = new Points(session, lens, bench);
    this.drafting = new Drafting(session, lens, bench);
    this.brush = new BrushHand(session, lens, bench);
    this.mounts = new MountHand(session, lens, bench);
    this.typing = new TypingHand(session, lens, bench);
    bench.setOnMousePressed(this::press);
    bench.setOnMouseDragged(this::drag);
    bench.setOnMouseReleased(this::release);
    bench.setOnMouseMoved(e -> {
      bench.setCursor(cursor(pixel(e)));
      drafting.moved(pixel(e));
      brush.moved(pixel(e));
    });
    bench.setOnScroll(this::wheel);
    bench.setOnKeyPressed(this::key);
    bench.setOnKeyReleased(e -> spaceHeld = e.getCode() != KeyCode.SPACE && spaceHeld);
  }

  /** The next drag measures. */
  void measure() {
    measuring = true;
    bench.setCursor(Cursor.CROSSHAIR);
    bench.requestFocus();
  }

  Points points() {
    return points;
  }

  Drafting drafting() {
    return drafting;
  }

  BrushHand brush() {
    return brush;
  }

  TypingHand typing() {
    return typing;
  }

  MountHand mounts() {
    return mounts;
  }

  GuideDrags guides() {
    return guides;
  }

  private void press(MouseEvent e) {
    bench.requestFocus();
    if (!typing.on()) {
      session.settle();
    }
    bench.tape(Optional.empty());
    drag = begin(e);
    e.consume();
  }

  private Drag begin(MouseEvent e) {
    Point pressed = pixel(e);
    if (e.getButton() == MouseButton.MIDDLE || spaceHeld) {
      return new Panning(pressed);
    }
    if (e.getButton() != MouseButton.PRIMARY) {
      return Drag.NONE;
    }
    if (measuring) {
      measuring = false;
      return guides.measure(pressed);
    }
    if (drafting.on()) {
      return drafting.press(e, pressed);
    }
    if (brush.on()) {
      return brush.press(pressed);
    }
    Optional<Drag> writing = typing.press(e, pressed);
    if (writing.isPresent()) {
      return writing.get();
    }
    Optional<Drag> cropping = bench.pins().flatMap(pins -> pins.at(pressed)).flatMap(mounts::crop);
    Optional<Drag> within = points.press(e, pressed).or(() -> cropping).or(() -> mounts.press(pressed));
    if (within.isPresent()) {
      return within.get();
    }
    if (bench.place(lens.now().toFace(pressed))) {
      return Drag.NONE;
    }
    boolean locked = session.selection().pointsProperty().get().isPresent() || session.selected().stream()
        .allMatch(i -> i.properties().locked());
    if (bench.pins().isPresent() && !locked) {
      Pins pins = bench.pins().get();
      if (pins.onBead(pressed)) {
        return drags.turn();
      }
      if (pins.spreadAt(pressed).isPresent()) {
        return drags.spread(pins.spreadAt(pressed).get());
      }
      Optional<Handle> pin = pins.at(pressed);
      if (pin.isPresent()) {
        return drags.pull(pin.get());
      }
    }
    return pick(e, pressed);
  }

  private Drag pick(MouseEvent e, Point pressed) {
    List<String> under = Hit.at(session.job(), session.face(), session.openProperty().get(), lens.now().toFace(pressed),
        REACH / lens.now().scale());
    Set<String> selected = session.selectionProperty().get();
    if (under.isEmpty()) {
      return nothingUnder(e, pressed);
    }
    if (e.getClickCount() == 2 && enter(under, Optional.of(pressed))) {
      return Drag.NONE;
    }
    if (e.isShiftDown()) {
      Set<String> more = new LinkedHashSet<>(selected);
      if (!more.remove(under.get(0))) {
        more.add(under.get(0));
      }
      session.selectionProperty().set(more);
      return drags.move(pressed, () -> { });
    }
    if (under.stream().anyMatch(selected::contains)) {
      return drags.move(pressed, () -> clickedAgain(under));
    }
    session.selectionProperty().set(Set.of(under.get(0)));
    return drags.move(pressed, () -> { });
  }

  private Drag nothingUnder(MouseEvent e, Point pressed) {
    Optional<Drag> guide = guides.at(pressed);
    if (guide.isPresent()) {
      return guide.get();
    }
    if (!e.isShiftDown()) {
      session.selectionProperty().set(Set.of());
    }
    if (e.getClickCount() == 2 && session.openProperty().get().isPresent()) {
      session.closeGroup();
    }
    return new Banding(pressed);
  }

  /** A click on what is selected already: of several it takes one, of one it takes what lies below. */
  private void clickedAgain(List<String> under) {
    Set<String> selected = session.selectionProperty().get();
    String top = under.stream().filter(selected::contains).findFirst().orElseThrow();
    if (selected.size() > 1) {
      session.keyProperty().set(Optional.of(top));
      return;
    }
    session.selectionProperty().set(Set.of(under.get((under.indexOf(top) + 1) % under.size())));
  }

  /** Opens a group or goes into words; whether there was either. */
  private boolean enter(List<String> under, Optional<Point> pressed) {
    Optional<Item> item = session.single().filter(i -> under.contains(i.id())).or(() -> session.face().find(under.get(0)));
    if (item.isEmpty()) {
      return false;
    }
    if (item.get().words().isPresent()) {
      pressed.ifPresentOrElse(p -> session.typing().beginAt(item.get().id(), lens.now().toFace(p)),
          () -> session.typing().beginAll(item.get().id()));
      return true;
    }
    if (item.get().outlined().isPresent()) {
      session.selectionProperty().set(Set.of(item.get().id()));
      session.selection().pointsProperty().set(Optional.of(item.get().id()));
      return true;
    }
    if (mounts.enter(item.get())) {
      return true;
    }
    if (item.get().members().isEmpty()) {
      return false;
    }
    session.openGroup(item.get().id());
    // words that are bent alone are what is meant
    item.get().holder().filter(g -> g.effect().bent().isPresent() && g.members().size() == 1).map(g -> g.members().get(0))
        .flatMap(Item::words)
        .ifPresent(w -> pressed.ifPresentOrElse(p -> session.typing().beginAt(w.id(), lens.now().toFace(p)),
        () -> session.typing().beginAll(w.id())));
    return true;
  }

  private void drag(MouseEvent e) {
    drag.to(pixel(e), held(e));
    e.consume();
  }

  private void release(MouseEvent e) {
    Drag ended = drag;
    drag = Drag.NONE;
    ended.done();
    e.consume();
  }

  private static Drag.Keys held(MouseEvent e) {
    return new Drag.Keys(e.isShiftDown(), e.isControlDown(), e.isAltDown());
  }

  private final class Panning implements Drag {
    private Point last;

    Panning(Point pressed) {
      last = pressed;
    }

    @Override
    public void to(Point now, Keys held) {
      lens.moved(now.x() - last.x(), now.y() - last.y());
      last = now;
    }
  }

  private final class Banding implements Drag {
    private final Point pressed;
    private Point now;

    Banding(Point pressed) {
      this.pressed = pressed;
      this.now = pressed;
    }

    @Override
    public void to(Point pixel, Keys held) {
      now = pixel;
      bench.band(Optional.of(Box.between(lens.now().toFace(pressed), lens.now().toFace(now))), encloses());
    }

    private boolean encloses() {
      return session.preferences().now().band().encloses(now.x() >= pressed.x());
    }

    @Override
    public void done() {
      bench.band(Optional.empty(), false);
      if (now.distance(pressed) >= START) {
        select(Box.between(lens.now().toFace(pressed), lens.now().toFace(now)), encloses());
      }
    }

    @Override
    public void dropped() {
      bench.band(Optional.empty(), false);
    }
  }

  private void select(Box band, boolean encloses) {
    Set<String> ids = new HashSet<>();
    session.beside().stream().filter(i -> i.properties().visible() && !i.properties().locked() && i.properties().role() != Role.GUIDE)
        .map(Item::id).forEach(ids::add);
    Set<String> taken = new LinkedHashSet<>(session.selectionProperty().get());
    for (PlacedBox s : PlacedBox.of(session.face(), ids)) {
      if (encloses ? band.contains(s.box(), 0) : touches(band, s.box())) {
        taken.add(s.id());
      }
    }
    session.selectionProperty().set(taken);
  }

  private static boolean touches(Box a, Box b) {
    return a.x() <= b.right() && b.x() <= a.right() && a.y() <= b.bottom() && b.y() <= a.bottom();
  }

  private void wheel(ScrollEvent e) {
    if (!e.isControlDown() && mounts.wheel(e.getDeltaY())) {
      e.consume();
      return;
    }
    if (e.isControlDown()) {
      lens.scaledAt(lens.now().scale() * Math.pow(WHEEL, e.getDeltaY()), new Point(e.getX(), e.getY()));
    } else {
      lens.moved(e.getDeltaX(), e.getDeltaY());
    }
    e.consume();
  }

  private void key(KeyEvent e) {
    if (typing.key(e)) {
      e.consume();
      return;
    }
    if (e.isControlDown() || e.isAltDown() || e.isMetaDown()) {
      return;
    }
    double step = session.preferences().now().nudge() * (e.isShiftDown() ? BIG : 1);
    boolean used = switch (e.getCode()) {
      case SPACE -> spaceHeld = true;
      case LEFT -> points.nudge(-step, 0) || nudge(-step, 0);
      case RIGHT -> points.nudge(step, 0) || nudge(step, 0);
      case UP -> points.nudge(0, -step) || nudge(0, -step);
      case DOWN -> points.nudge(0, step) || nudge(0, step);
      case DELETE, BACK_SPACE -> points.remove() || bench.removeSelected();
      case ENTER -> drafting.finish(false) || session.single().map(i -> enter(List.of(i.id()), Optional.empty())).orElse(false);
      case ESCAPE -> letGo();
      default -> false;
    };
    if (used) {
      e.consume();
    }
  }

  private boolean letGo() {
    drag.dropped();
    drag = Drag.NONE;
    measuring = false;
    bench.tape(Optional.empty());
    if (session.stopWorking() || drafting.drop() || session.pointerMode().layBy()) {
      return true;
    }
    if (session.selection().pointsProperty().get().isPresent()) {
      session.selection().pointsProperty().set(Optional.empty());
      return true;
    }
    if (session.selectionProperty().get().isEmpty() && session.openProperty().get().isPresent()) {
      session.closeGroup();
    } else {
      session.selectionProperty().set(Set.of());
    }
    return true;
  }

  private boolean nudge(double dx, double dy) {
    Set<String> ids = session.selectionProperty().get();
    if (ids.isEmpty()) {
      return guides.nudge(dx, dy);
    }
    session.apply(PlacedBox.shift(session.faceIdProperty().get(), "edit.nudge", ids, dx, dy));
    return true;
  }

  private Cursor cursor(Point pixel) {
    if (spaceHeld) {
      return Cursor.OPEN_HAND;
    }
    if (measuring || drafting.on() || brush.on()) {
      return Cursor.CROSSHAIR;
    }
    if (bench.pins().isEmpty()) {
      return Cursor.DEFAULT;
    }
    Pins pins = bench.pins().get();
    if (pins.onBead(pixel)) {
      return Cursor.CROSSHAIR;
    }
    if (pins.spreadAt(pixel).isPresent()) {
      return Cursor.HAND;
    }
    return pins.at(pixel).map(BenchHands::cursor).orElse(Cursor.DEFAULT);
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
