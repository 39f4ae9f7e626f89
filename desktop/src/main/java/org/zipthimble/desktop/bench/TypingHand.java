package org.zipthimble.desktop.bench;

import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.InputMethodEvent;
import javafx.scene.input.InputMethodRequests;
import javafx.scene.input.InputMethodTextRun;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Line;
import javafx.util.Duration;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.geom.Warp;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Carets;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Run;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Typing;

/** Typing in words where they stand: keys, mouse and input methods, the caret and what is chosen. */
final class TypingHand {
  private static final Duration BLINK = Duration.millis(530);

  private final Session session;
  private final BenchLens lens;
  private final BenchView bench;
  private final Timeline blinking;
  private final Line caret = new Line();
  private String composed = "";

  TypingHand(Session session, BenchLens lens, BenchView bench) {
    this.session = session;
    this.lens = lens;
    this.bench = bench;
    caret.getStyleClass().add("type-caret");
    caret.setId("type-caret");
    caret.setMouseTransparent(true);
    blinking = new Timeline(new KeyFrame(BLINK, e -> caret.setVisible(!caret.isVisible())));
    blinking.setCycleCount(Animation.INDEFINITE);
    typing().cursorProperty().addListener(o -> {
      caret.setVisible(true);
      if (typing().on()) {
        blinking.playFromStart();
      } else {
        blinking.stop();
        composed = "";
      }
      bench.redrawLines();
    });
    bench.addEventHandler(KeyEvent.KEY_TYPED, this::typed);
    bench.setOnInputMethodTextChanged(this::composing);
    bench.setInputMethodRequests(new Requests());
  }

  private Typing typing() {
    return session.typing();
  }

  boolean on() {
    return typing().on();
  }

  /** Whether a place of the face is in the words that are typed in. */
  private boolean within(Point face) {
    Optional<HoldsWords> words = typing().words();
    Point own = typing().toFace().back(face);
    double near = 3 / lens.now().scale();
    return words.filter(w -> new Box(0, 0, w.placement().width(), w.placement().height()).grown(near).contains(own)
        || w.set(fonts()).ink().filter(ink -> ink.grown(near).contains(own)).isPresent()).isPresent();
  }

  private JobFonts fonts() {
    return new JobFonts(session.shownProperty().get());
  }

  /** A press in the words moves the caret; beside them typing ends. */
  Optional<Drag> press(MouseEvent e, Point pixel) {
    if (!on()) {
      return Optional.empty();
    }
    Point face = lens.now().toFace(pixel);
    if (!within(face)) {
      typing().end();
      return Optional.empty();
    }
    typing().pointed(face, e.isShiftDown(), e.getClickCount());
    return Optional.of(new Choosing(e.getClickCount()));
  }

  private final class Choosing implements Drag {
    private final int times;

    Choosing(int times) {
      this.times = times;
    }

    @Override
    public void to(Point now, Keys held) {
      if (times == 1) {
        typing().pointed(lens.now().toFace(now), true, 1);
      }
    }
  }

  /** What a key does to the words; whether it was used. */
  boolean key(KeyEvent e) {
    if (!on()) {
      return false;
    }
    boolean shortcut = e.isShortcutDown();
    if (e.isAltDown() || e.isMetaDown() && !shortcut) {
      return false;
    }
    return shortcut ? shortcut(e) : plain(e);
  }

  private boolean plain(KeyEvent e) {
    boolean choosing = e.isShiftDown();
    switch (e.getCode()) {
      case LEFT -> typing().step(false, false, choosing);
      case RIGHT -> typing().step(true, false, choosing);
      case UP -> typing().lines(-1, choosing);
      case DOWN -> typing().lines(1, choosing);
      case HOME -> typing().edge(false, false, choosing);
      case END -> typing().edge(true, false, choosing);
      case BACK_SPACE -> typing().delete(false, false);
      case DELETE -> typing().delete(true, false);
      case ENTER -> typing().type(choosing ? "\u2028" : "\n");
      case TAB -> typing().type("\t");
      case ESCAPE -> typing().end();
      default -> {
        // letters come as what was typed; they move nothing on the bench
        return !e.getCode().isFunctionKey();
      }
    }
    return true;
  }

  private boolean shortcut(KeyEvent e) {
    boolean choosing = e.isShiftDown();
    switch (e.getCode()) {
      case LEFT -> typing().step(false, true, choosing);
      case RIGHT -> typing().step(true, true, choosing);
      case HOME -> typing().edge(false, true, choosing);
      case END -> typing().edge(true, true, choosing);
      case BACK_SPACE -> typing().delete(false, true);
      case DELETE -> typing().delete(true, true);
      case A -> typing().all();
      case C -> typing().copy();
      case X -> typing().cut();
      case V -> typing().paste(choosing);
      default -> {
        return false;
      }
    }
    return true;
  }

  private void typed(KeyEvent e) {
    boolean command = (e.isControlDown() || e.isMetaDown()) && !e.isAltDown() || e.isAltDown() && !e.isControlDown();
    String text = e.getCharacter();
    if (on() && !command && !text.isEmpty() && text.codePoints().noneMatch(Character::isISOControl)) {
      typing().type(text);
      e.consume();
    }
  }

  /** What an input method has put together so far is shown at the caret; what it has finished is typed. */
  private void composing(InputMethodEvent e) {
    if (!on()) {
      return;
    }
    StringBuilder soFar = new StringBuilder();
    for (InputMethodTextRun run : e.getComposed()) {
      soFar.append(run.getText());
    }
    composed = soFar.toString();
    if (!e.getCommitted().isEmpty()) {
      typing().type(e.getCommitted());
    }
    bench.redrawLines();
    e.consume();
  }

  /** Tells an input method where the caret is and what is chosen. */
  private final class Requests implements InputMethodRequests {
    @Override
    public Point2D getTextLocation(int offset) {
      return place().map(c -> lens.now().toPixel(typing().toFace().there(c.bottom()))).map(p -> bench.localToScreen(p.x(), p.y()))
          .orElse(new Point2D(0, 0));
    }

    @Override
    public int getLocationOffset(int x, int y) {
      return 0;
    }

    @Override
    public void cancelLatestCommittedText() {
      // what was typed is taken back by undo
    }

    @Override
    public String getSelectedText() {
      return typing().cursorProperty().get().flatMap(c -> typing().words().map(w -> w.text().substring(c.span().from(), c.span().to())))
          .orElse("");
    }
  }

  /** Fields are drawn as sewn-on patches. */
  private void patches(Typing.Cursor now, Carets carets, Warp map, Viewport view, List<Node> nodes) {
    int at = 0;
    for (Paragraph p : typing().words().map(w -> w.story().paragraphs()).orElse(List.of())) {
      for (Run run : p.runs()) {
        int end = at + run.text().length();
        if (run.field().isPresent()) {
          List<Carets.Chosen> parts = carets.chosen(at, end);
          parts.forEach(part -> nodes.add(DrawnNodes.polygon(
              corners(part, map), view, "type-patch")));
          boolean near = now.span().from() <= end && now.span().to() >= at;
          if (near && !parts.isEmpty()) {
            Point pixel = view.toPixel(map.there(parts.get(0).topLeft()));
            Node name = Controls.label(run.field().get().name(), "type-told");
            name.relocate(pixel.x(), pixel.y() - 22);
            nodes.add(name);
          }
        }
        at = end;
      }
      at++;
    }
  }

  private static List<Point> corners(Carets.Chosen part, Warp map) {
    return List.of(map.there(part.topLeft()), map.there(part.topRight()), map.there(part.bottomRight()), map.there(part.bottomLeft()));
  }

  private Optional<Carets.Caret> place() {
    return typing().cursorProperty().get().flatMap(c -> typing().carets().flatMap(all -> all.at(c.caret())));
  }

  void show(Viewport view, List<Node> nodes) {
    Optional<Typing.Cursor> now = typing().cursorProperty().get();
    Optional<Carets> carets = typing().carets();
    if (now.isEmpty() || carets.isEmpty()) {
      return;
    }
    Warp map = typing().toFace();
    typing().words().ifPresent(w -> nodes.add(DrawnNodes.bent(w.placement(), map, view, "type-block")));
    patches(now.get(), carets.get(), map, view, nodes);
    for (Carets.Chosen part : carets.get().chosen(now.get().span().from(), now.get().span().to())) {
      nodes.add(DrawnNodes.polygon(corners(part, map), view, "type-chosen"));
    }
    carets.get().at(now.get().caret()).ifPresent(c -> {
      Point top = view.toPixel(map.there(c.top()));
      Point bottom = view.toPixel(map.there(c.bottom()));
      caret.setStartX(top.x());
      caret.setStartY(top.y());
      caret.setEndX(bottom.x());
      caret.setEndY(bottom.y());
      nodes.add(caret);
      if (!composed.isEmpty()) {
        Node soFar = Controls.label(composed, "type-told");
        soFar.relocate(bottom.x(), bottom.y() + 2);
        nodes.add(soFar);
      }
    });
  }
}
