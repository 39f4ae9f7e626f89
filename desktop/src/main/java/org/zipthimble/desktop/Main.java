package org.zipthimble.desktop;

import java.nio.file.Path;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.store.Places;
import org.zipthimble.core.type.BundledFonts;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Preferences;

/** Opens the window. */
public final class Main extends Application {
  /** The window's size at first. */
  static final double WIDTH = 1280;

  /** The window's height at first. */
  static final double HEIGHT = 800;

  private static final List<String> TYPE = List.of(
      "Figtree_400Regular.ttf", "Figtree_400Regular_Italic.ttf", "Figtree_500Medium.ttf", "Figtree_600SemiBold.ttf",
      "Figtree_700Bold.ttf", "Fraunces_600SemiBold.ttf");

  /** Begins the program. */
  public static void main(String[] arguments) {
    launch(Main.class, arguments);
  }

  @Override
  public void start(Stage stage) {
    Preferences preferences = new Preferences(Places.usual(System.getenv(), Path.of(System.getProperty("user.home"))));
    Session session = session(new WindowAsker(stage), preferences);
    fill(stage, session);
    Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> session.say(Wording.text("window.failed")));
    List<String> named = getParameters().getUnnamed();
    if (!named.isEmpty()) {
      session.filing().open(Path.of(named.get(0)));
    }
  }

  /** A session that begins with a blank invitation. */
  static Session session(Asker asker, Preferences preferences) {
    return new Session(blank(), asker, preferences);
  }

  /** Fills and shows a window for a session. */
  static Workbench fill(Stage stage, Session session) {
    TYPE.forEach(file -> Font.loadFont(BundledFonts.open(file), 12));
    Workbench workbench = new Workbench(session, () -> quit(stage, session));
    Scene scene = new Scene(new Scaled(workbench, session.preferences()), WIDTH, HEIGHT);
    Looks.follow(scene, session.preferences());
    stage.setScene(scene);
    stage.setMinWidth(960);
    stage.setMinHeight(640);
    stage.titleProperty().bind(Bindings.createStringBinding(
        () -> Wording.text("window.title", session.job().name()), session.historyProperty()));
    stage.setOnCloseRequest(e -> {
      if (session.filing().leave()) {
        session.filing().end();
      } else {
        e.consume();
      }
    });
    stage.show();
    return workbench;
  }

  private static void quit(Stage stage, Session session) {
    if (session.filing().leave()) {
      session.filing().end();
      stage.close();
      Platform.exit();
    }
  }

  private static Job blank() {
    return StandardItem.blank(StandardItem.INVITATION.title(), StandardItem.INVITATION.size(), StandardItem.INVITATION.faces());
  }
}
