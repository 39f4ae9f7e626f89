package org.zipthimble.desktop;

import java.lang.reflect.Field;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.api.FxRobotContext;
import org.testfx.robot.BaseRobot;
import org.testfx.robot.ClickRobot;
import org.testfx.robot.DragRobot;
import org.testfx.robot.KeyboardRobot;
import org.testfx.robot.Motion;
import org.testfx.robot.MouseRobot;
import org.testfx.robot.MoveRobot;
import org.testfx.robot.ScrollRobot;
import org.testfx.robot.SleepRobot;
import org.testfx.robot.TypeRobot;
import org.testfx.robot.WriteRobot;
import org.testfx.robot.impl.ClickRobotImpl;
import org.testfx.robot.impl.DragRobotImpl;
import org.testfx.robot.impl.MouseRobotImpl;
import org.testfx.robot.impl.MoveRobotImpl;
import org.testfx.robot.impl.ScrollRobotImpl;
import org.testfx.robot.impl.TypeRobotImpl;
import org.testfx.service.query.NodeQuery;
import org.testfx.util.WaitForAsyncUtils;
import org.zipthimble.desktop.state.Background;

/**
 * The robot of the tests without its sleeps: after each deed it waits until the window has taken it and has laid itself out, and not for
 * a fixed time. The library's own sleeps 50 ms after every key and every move, which was half of the time of all window tests.
 */
final class QuickRobot extends FxRobot {
  private static final long PATIENCE_SECONDS = 60;
  private static final int TRIES = 50;
  private static final int WAITS = 15;
  private static final long WAIT_MILLIS = 3;

  QuickRobot() {
    try {
      Field context = FxRobot.class.getDeclaredField("context");
      context.setAccessible(true);
      context.set(this, new Robots());
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Waits until all that was posted to the window's thread is done. */
  static void drained() {
    for (int i = 0; i < 2; i++) {
      CountDownLatch done = new CountDownLatch(1);
      Platform.runLater(done::countDown);
      await(done);
    }
  }

  /**
   * Waits until all that was posted is done, a short while for what is worked out beside the window, and for two beats of the window: a
   * slip that opens stands where it is to stand with the second.
   */
  static void settled() {
    drained();
    for (int i = 0; i < WAITS && Background.underWay() > 0; i++) {
      WaitForAsyncUtils.sleep(WAIT_MILLIS, TimeUnit.MILLISECONDS);
      drained();
    }
    CountDownLatch done = new CountDownLatch(1);
    Platform.runLater(() -> new AnimationTimer() {
      private int beats;

      @Override
      public void handle(long now) {
        if (++beats == 2) {
          stop();
          done.countDown();
        }
      }
    }.start());
    await(done);
    drained();
  }

  /** What comes a moment later, as what is worked out beside the window or at its next beat, is waited for a while. */
  private void met(String query) {
    for (int i = 0; i < TRIES && !Platform.isFxApplicationThread() && super.lookup(query).tryQuery().isEmpty(); i++) {
      WaitForAsyncUtils.sleep(i, TimeUnit.MILLISECONDS);
      settled();
    }
  }

  @Override
  public NodeQuery lookup(String query) {
    met(query);
    return super.lookup(query);
  }

  @Override
  public FxRobot clickOn(String query, Motion motion, MouseButton... buttons) {
    settled();
    met(query);
    return super.clickOn(query, motion, buttons);
  }

  @Override
  public FxRobot moveTo(String query, Motion motion) {
    met(query);
    return super.moveTo(query, motion);
  }

  private static void await(CountDownLatch done) {
    try {
      if (!done.await(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
        throw new AssertionError("the window does not answer");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new AssertionError(e);
    }
  }

  @Override
  public FxRobot interact(Runnable deed) {
    WaitForAsyncUtils.waitForAsyncFx(TimeUnit.SECONDS.toMillis(PATIENCE_SECONDS), deed);
    settled();
    return this;
  }

  @Override
  public <T> FxRobot interact(Callable<T> deed) {
    WaitForAsyncUtils.waitForAsyncFx(TimeUnit.SECONDS.toMillis(PATIENCE_SECONDS), deed);
    settled();
    return this;
  }

  /** The mouse waits for what it set going. */
  private static final class Mouse implements MouseRobot {
    private final MouseRobot hand;

    Mouse(BaseRobot base) {
      hand = new MouseRobotImpl(base);
    }

    @Override
    public void press(MouseButton... buttons) {
      hand.pressNoWait(buttons);
      settled();
    }

    @Override
    public void pressNoWait(MouseButton... buttons) {
      hand.pressNoWait(buttons);
      drained();
    }

    @Override
    public Set<MouseButton> getPressedButtons() {
      return hand.getPressedButtons();
    }

    @Override
    public void release(MouseButton... buttons) {
      hand.releaseNoWait(buttons);
      settled();
    }

    @Override
    public void releaseNoWait(MouseButton... buttons) {
      hand.releaseNoWait(buttons);
      drained();
    }

    @Override
    public void move(javafx.geometry.Point2D to) {
      hand.moveNoWait(to);
      settled();
    }

    @Override
    public void moveNoWait(javafx.geometry.Point2D to) {
      hand.moveNoWait(to);
      drained();
    }

    @Override
    public void scroll(int amount) {
      hand.scrollNoWait(amount);
      settled();
    }

    @Override
    public void scrollNoWait(int amount) {
      hand.scrollNoWait(amount);
      drained();
    }
  }

  /** Keys wait for what they set going; those held are known, so that all can be let go. */
  private static final class Keys implements KeyboardRobot {
    private final BaseRobot base;
    private final Set<KeyCode> held = EnumSet.noneOf(KeyCode.class);

    Keys(BaseRobot base) {
      this.base = base;
    }

    @Override
    public void press(KeyCode... keys) {
      pressNoWait(keys);
      settled();
    }

    @Override
    public void pressNoWait(KeyCode... keys) {
      for (KeyCode key : keys) {
        if (held.add(key)) {
          base.pressKeyboard(key);
        }
      }
      drained();
    }

    @Override
    public Set<KeyCode> getPressedKeys() {
      return Set.copyOf(held);
    }

    @Override
    public void release(KeyCode... keys) {
      releaseNoWait(keys);
      settled();
    }

    @Override
    public void releaseNoWait(KeyCode... keys) {
      Collection<KeyCode> let = keys.length == 0 ? Set.copyOf(held) : List.of(keys);
      for (KeyCode key : let) {
        if (held.remove(key)) {
          base.releaseKeyboard(key);
        }
      }
      drained();
    }
  }

  /** Letters follow one another as fast as the window takes them. */
  private static final class Letters implements WriteRobot {
    private final BaseRobot base;
    private final FxRobotContext context;

    Letters(BaseRobot base, FxRobotContext context) {
      this.base = base;
      this.context = context;
    }

    private Scene scene() {
      Window focused = context.getWindowFinder().listWindows().stream().filter(Window::isFocused).findFirst().orElse(null);
      return (focused == null ? context.getWindowFinder().window(0) : focused).getScene();
    }

    private void letter(Scene scene, char letter) {
      KeyCode key = letter == '\n' ? KeyCode.ENTER : letter == '\t' ? KeyCode.TAB : KeyCode.UNDEFINED;
      base.typeKeyboard(scene, key, Character.toString(letter));
      drained();
    }

    @Override
    public void write(char letter) {
      letter(scene(), letter);
      settled();
    }

    @Override
    public void write(String text) {
      Scene scene = scene();
      text.chars().forEach(c -> letter(scene, (char) c));
      settled();
    }

    @Override
    public void write(String text, int sleepMillis) {
      write(text);
    }
  }

  /** Does not sleep. */
  private static final class Awake implements SleepRobot {
    @Override
    public void sleep(long millis) {
      drained();
    }

    @Override
    public void sleep(long duration, TimeUnit unit) {
      drained();
    }
  }

  /** The library's robots over those that do not sleep. */
  private static final class Robots extends FxRobotContext {
    private final BaseRobot base = super.getBaseRobot();
    private final SleepRobot sleep = new Awake();
    private final MouseRobot mouse = new Mouse(base);
    private final KeyboardRobot keys = new Keys(base);
    private final MoveRobot move = new MoveRobotImpl(base, mouse, sleep);
    private final ClickRobot click = new ClickRobotImpl(mouse, move, sleep);
    private final DragRobot drag = new DragRobotImpl(mouse, move);
    private final ScrollRobot scroll = new ScrollRobotImpl(mouse);
    private final TypeRobot type = new TypeRobotImpl(keys, sleep);
    private final WriteRobot write = new Letters(base, this);

    @Override
    public MouseRobot getMouseRobot() {
      return mouse;
    }

    @Override
    public KeyboardRobot getKeyboardRobot() {
      return keys;
    }

    @Override
    public MoveRobot getMoveRobot() {
      return move;
    }

    @Override
    public SleepRobot getSleepRobot() {
      return sleep;
    }

    @Override
    public ClickRobot getClickRobot() {
      return click;
    }

    @Override
    public DragRobot getDragRobot() {
      return drag;
    }

    @Override
    public ScrollRobot getScrollRobot() {
      return scroll;
    }

    @Override
    public TypeRobot getTypeRobot() {
      return type;
    }

    @Override
    public WriteRobot getWriteRobot() {
      return write;
    }
  }
}
