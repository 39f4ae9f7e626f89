package org.zipthimble.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.picture.PdfPages;
import org.zipthimble.core.store.OneWindow;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Background;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Preferences;
import org.zipthimble.desktop.state.Session;

/** Opens the window. */
public final class Main extends Application {
  /** The window's size at first. */
  public static final double WIDTH = 1280;

  /** The window's height at first. */
  public static final double HEIGHT = 800;

  /** So many frames are drawn before what is not shown is made. */
  private static final int FRAMES = 3;

  private static final long CLOSING_MILLIS = 3_000;

  private static final List<String> TYPE = List.of(
      "Figtree_400Regular.ttf", "Figtree_400Regular_Italic.ttf", "Figtree_500Medium.ttf", "Figtree_600SemiBold.ttf",
      "Figtree_700Bold.ttf", "Fraunces_600SemiBold.ttf");

  private static final List<Integer> ICONS = List.of(16, 32, 48, 64, 128, 256);

  /** Begins the program. */
  public static void main(String[] arguments) {
    Folders places = places();
    Optional<Path> job = Arrays.stream(arguments).findFirst().map(Path::of);
    if (OneWindow.socket(System.getenv(), places).filter(s -> OneWindow.hand(s, job)).isPresent()) {
      // the toolkit runs before this is reached, and would keep a program without a window alive
      System.exit(0);
    }
    SceneLooks.ground();
    WarmUp.begin();
    Folders.cache(System.getenv(), Path.of(System.getProperty("user.home"))).ifPresent(PdfPages::keepListIn);
    launch(Main.class, arguments);
  }

  private static Folders places() {
    return Folders.usual(System.getenv(), Path.of(System.getProperty("user.home")));
  }

  @Override
  public void start(Stage stage) {
    Preferences preferences = new Preferences(places());
    Session session = session(new WindowAsker(stage), preferences);
    OneWindow.socket(System.getenv(), places())
        .flatMap(s -> OneWindow.listen(s, job -> Platform.runLater(() -> handed(stage, session, job))))
        .ifPresent(window -> Runtime.getRuntime().addShutdownHook(new Thread(() -> closed(window))));
    place(stage, preferences);
    fill(stage, session);
    Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> session.say(told(e)));
    Background.setOnFailure(e -> Platform.runLater(() -> session.say(told(e))));
    afterFrames(() -> LatestWork.aside(() -> SafeWrite.cleanBeside(preferences.now().recent())));
    List<String> named = getParameters().getUnnamed();
    if (!named.isEmpty()) {
      session.filing().open(Path.of(named.get(0)));
    }
  }

  /** Another start has handed its job over: the window comes to the front and opens it, once what is open may be left. */
  static void handed(Stage stage, Session session, Optional<Path> job) {
    stage.setIconified(false);
    stage.show();
    stage.toFront();
    stage.requestFocus();
    job.map(Path::toAbsolutePath).filter(j -> !session.filing().file().map(Path::toAbsolutePath).equals(Optional.of(j)))
        .ifPresent(j -> {
          if (session.filing().leave()) {
            session.filing().open(j);
          }
        });
  }

  private static void closed(OneWindow window) {
    try {
      window.close();
    } catch (IOException gone) {
      // a socket that stays behind is replaced by the next start
    }
  }

  /** A session that begins with a blank invitation. */
  public static Session session(Asker asker, Preferences preferences) {
    return new Session(blank(), asker, preferences);
  }

  /** Fills and shows a window for a session. */
  public static Workbench fill(Stage stage, Session session) {
    SceneLooks.ground();
    CompletableFuture<Void> type = WarmUp.type(TYPE);
    Workbench workbench = new Workbench(session, () -> quit(stage, session));
    type.join();
    Scene scene = new Scene(new Scaled(workbench, session.preferences()), WIDTH, HEIGHT);
    SceneLooks.follow(scene, session.preferences());
    stage.setScene(scene);
    stage.getIcons().setAll(ICONS.stream().map(size -> new Image(Main.class.getResourceAsStream("icon/" + size + ".png")))
        .collect(Collectors.toList()));
    stage.setMinWidth(960);
    stage.setMinHeight(640);
    stage.titleProperty().bind(Bindings.createStringBinding(
        () -> Wording.text("window.title", session.job().name()), session.historyProperty()));
    stage.setOnCloseRequest(e -> {
      if (session.filing().leave()) {
        end(stage, session);
      } else {
        e.consume();
      }
    });
    stage.show();
    afterFrames(workbench::prepare);
    return workbench;
  }

  /** Does something once the window has been drawn and can be used. */
  private static void afterFrames(Runnable then) {
    new AnimationTimer() {
      private int frame;

      @Override
      public void handle(long now) {
        if (++frame > FRAMES) {
          stop();
          Platform.runLater(then);
        }
      }
    }.start();
  }

  /** Where the window was left the last time, else over all of the usable screen; never beyond it. */
  private static void place(Stage stage, Preferences preferences) {
    Rectangle2D screen = Screen.getPrimary().getVisualBounds();
    Box usable = new Box(screen.getMinX(), screen.getMinY(), screen.getWidth(), screen.getHeight());
    Settings.Window window = preferences.now().window()
        .orElse(new Settings.Window(usable.x(), usable.y(), usable.width(), usable.height(), true));
    Box at = window.within(usable);
    stage.setX(at.x());
    stage.setY(at.y());
    stage.setWidth(at.width());
    stage.setHeight(at.height());
    stage.setMaximized(window.maximised());
  }

  /** Keeps where the window is and ends what goes on beside it. */
  private static void end(Stage stage, Session session) {
    session.filing().end();
    session.preferences().change(s -> s.withWindow(Optional.of(
        new Settings.Window(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight(), stage.isMaximized()))));
    session.preferences().flush();
    Background.close(CLOSING_MILLIS);
  }

  private static void quit(Stage stage, Session session) {
    if (session.filing().leave()) {
      end(stage, session);
      stage.close();
      Platform.exit();
    }
  }

  private static Job blank() {
    return StandardItem.blank(StandardItem.INVITATION.title(), StandardItem.INVITATION.size(), StandardItem.INVITATION.faces());
  }

  private static String told(Throwable failure) {
    return Trouble.in(failure).map(Trouble::getMessage).orElseGet(() -> Wording.text("window.failed"));
  }
}
