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
import org.zipthimble.core.type.BundledFonts;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Session;

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
    Session session = open(stage, new WindowAsker(stage));
    Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> session.say(Wording.text("window.failed")));
    List<String> named = getParameters().getUnnamed();
    if (!named.isEmpty()) {
      session.open(Path.of(named.get(0)));
    }
  }

  /** Fills and shows a window; the session it works on. */
  static Session open(Stage stage, Asker asker) {
    Session session = new Session(blank(), asker);
    fill(stage, session);
    return session;
  }

  /** Fills and shows a window for a session. */
  static Workbench fill(Stage stage, Session session) {
    TYPE.forEach(file -> Font.loadFont(BundledFonts.open(file), 12));
    Workbench workbench = new Workbench(session, () -> quit(stage, session));
    Scene scene = new Scene(workbench, WIDTH, HEIGHT);
    scene.getStylesheets().add(Main.class.getResource("linen.css").toExternalForm());
    stage.setScene(scene);
    stage.setMinWidth(960);
    stage.setMinHeight(640);
    stage.titleProperty().bind(Bindings.createStringBinding(
        () -> Wording.text("window.title", session.job().name()), session.historyProperty()));
    stage.setOnCloseRequest(e -> {
      if (!session.leave()) {
        e.consume();
      }
    });
    stage.show();
    return workbench;
  }

  private static void quit(Stage stage, Session session) {
    if (session.leave()) {
      stage.close();
      Platform.exit();
    }
  }

  private static Job blank() {
    return StandardItem.blank(StandardItem.INVITATION.title(), StandardItem.INVITATION.size(), StandardItem.INVITATION.faces());
  }
}
