package org.zipthimble.desktop.sending;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.LineUnavailableException;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Bell;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.LatestWork;

/** A timer beside the press: it counts down, rings when the time is over, and goes on to say how long it has been over. */
final class PressTimer extends VBox {
  private final Label left = Controls.label("", "press-timer");
  private final Label what = Controls.wrapped("", "side-note");
  private final Button stop = Controls.button("timer-stop", "notebook.timerStop", this::stop, "quiet");
  private final Timeline ticking = new Timeline(new KeyFrame(Duration.millis(200), e -> tick()));
  private long ends;
  private boolean rung;

  PressTimer() {
    super(2);
    setId("press-timer");
    left.setId("timer-left");
    getChildren().addAll(what, Controls.row(8, left, stop));
    ticking.setCycleCount(Animation.INDEFINITE);
    managedProperty().bind(visibleProperty());
    setVisible(false);
  }

  void start(int seconds, String blank) {
    ends = System.nanoTime() + seconds * 1_000_000_000L;
    rung = false;
    left.getStyleClass().remove("rung");
    what.setText(blank);
    setVisible(true);
    ticking.play();
    tick();
  }

  private void stop() {
    ticking.stop();
    setVisible(false);
  }

  private void tick() {
    long seconds = Math.floorDiv(ends - System.nanoTime() + 999_999_999L, 1_000_000_000L);
    long shown = Math.abs(seconds);
    left.setText(Wording.text(seconds > 0 ? "notebook.timerLeft" : "notebook.timerOver", shown / 60,
        String.format(java.util.Locale.ROOT, "%02d", shown % 60)));
    if (seconds <= 0 && !rung) {
      rung = true;
      left.getStyleClass().add("rung");
      LatestWork.aside(PressTimer::ring);
    }
  }

  /** Three strokes of a bell; a machine without sound shows it alone. */
  private static void ring() {
    byte[] sound = Bell.strokes();
    try {
      Clip clip = AudioSystem.getClip();
      clip.open(new AudioFormat(Bell.RATE, 8, 1, true, false), sound, 0, sound.length);
      clip.start();
    } catch (LineUnavailableException | IllegalArgumentException | SecurityException silent) {
      // the figure has turned red and counts on; there is nothing to ring with
    }
  }
}
