package org.zipthimble.measure.window;

import java.awt.image.BufferedImage;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.zipthimble.core.files.Folders;
import org.zipthimble.desktop.Main;
import org.zipthimble.desktop.WarmUp;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.state.Preferences;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.samples.Scratch;

/**
 * States what the toolkit itself takes on this machine, to set our figures beside: with {@code start} the
 * time from the start of the program to a usable window, ours or (with {@code bare}) an empty one; with
 * nothing, the frame times of a bare window whose one picture, as large as the bench, is changed each frame.
 */
public final class Bare extends Application {
  private static final int FRAMES = 120;
  private static final int WIDE = 800;
  private static final int HIGH = 600;

  /** Begins the measuring. */
  public static void main(String[] arguments) {
    if (!List.of(arguments).contains("bare")) {
      WarmUp.begin();
    }
    launch(Bare.class, arguments);
  }

  @Override
  public void start(Stage stage) throws java.io.IOException {
    List<String> asked = getParameters().getUnnamed();
    if (asked.contains("start")) {
      if (asked.contains("bare")) {
        stage.setScene(new Scene(new StackPane(new Label(".")), Main.WIDTH, Main.HEIGHT));
        stage.show();
      } else {
        Session session = Main.session(null, new Preferences(Folders.in(Scratch.folder("start"))));
        Main.fill(stage, session);
      }
      afterFrames(asked.contains("bare") ? "bare window" : "Zip Thimble");
    } else {
      frames(stage);
    }
  }

  private static void afterFrames(String what) {
    new AnimationTimer() {
      private int frame;

      @Override
      public void handle(long now) {
        if (++frame == 3) {
          long since = System.currentTimeMillis() - ManagementFactory.getRuntimeMXBean().getStartTime();
          System.out.println(String.format(Locale.ROOT, "%s usable after %.2f s", what, since / 1000.0));
          Platform.exit();
        }
      }
    }.start();
  }

  private static void frames(Stage stage) {
    ImageView view = new ImageView();
    Group group = new Group((Node) view);
    stage.setScene(new Scene(group, Main.WIDTH, Main.HEIGHT));
    stage.show();
    List<Double> frames = new ArrayList<>();
    new AnimationTimer() {
      private long before;

      @Override
      public void handle(long now) {
        if (before > 0) {
          frames.add((now - before) / 1e6);
        }
        before = now;
        view.setImage(FxPictures.of(new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_ARGB_PRE)));
        if (frames.size() >= FRAMES) {
          Collections.sort(frames);
          System.out.println(String.format(Locale.ROOT, "bare window, one picture changed: frame median %.1f ms, 95th %.1f ms",
              frames.get(FRAMES / 2), frames.get(FRAMES * 95 / 100)));
          Platform.exit();
        }
      }
    }.start();
  }
}
