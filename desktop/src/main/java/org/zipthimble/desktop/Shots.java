package org.zipthimble.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.job.SheetPlan;
import org.zipthimble.core.paint.PngWriter;
import org.zipthimble.core.store.Places;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.state.Taste;
import org.zipthimble.samples.DemoShelf;

/** Takes a picture of each station from the demo jobs. */
public final class Shots extends Application {
  private static final Duration SETTLES = Duration.millis(1400);
  private static final double SCREEN_PPI = 96;

  private final Deque<Step> steps = new ArrayDeque<>();
  private Stage stage;
  private Path folder;

  /** What to do before a picture is taken, and its name. */
  private record Step(String picture, Consumer<Session> before) {}

  /**
   * Takes the pictures.
   *
   * @param arguments the folder
   */
  public static void main(String[] arguments) {
    launch(Shots.class, arguments);
  }

  @Override
  public void start(Stage window) throws IOException {
    stage = window;
    folder = Path.of(getParameters().getUnnamed().get(0));
    Session session = Main.session(new Answers(), new Taste(Places.in(Files.createTempDirectory("shots-home"))));
    Main.fill(window, session);
    steps.add(new Step("item.png", s -> {}));
    steps.add(new Step("compose.png", s -> {
      take(s, "swap-invitation.thimble");
      s.stationProperty().set(Station.COMPOSE);
      s.selectionProperty().set(idOf(s, "Title"));
    }));
    steps.add(new Step("check.png", s -> {
      take(s, "two-faults.thimble");
      s.stationProperty().set(Station.CHECK);
    }));
    steps.add(new Step("check.png", s -> {
      Optional<Finding> first = s.findingsProperty().get().stream().findFirst();
      first.ifPresent(s::goTo);
    }));
    steps.add(new Step("sheet.png", s -> {
      take(s, "swap-invitation.thimble");
      s.apply(Edits.sheet(p -> new SheetPlan(true, p.paper(), true)));
      s.stationProperty().set(Station.SHEET);
    }));
    steps.add(new Step("send.png", s -> {
      take(s, "swap-invitation.thimble");
      s.stationProperty().set(Station.SEND);
      Platform.runLater(() -> ((Button) stage.getScene().lookup("#send-write")).fire());
    }));
    for (int i = 0; i < 3; i++) {
      steps.add(new Step("send.png", s -> {}));
    }
    next(session);
  }

  private static Set<String> idOf(Session session, String name) {
    return session.face().items().stream().filter(i -> i.facts().name().equals(name)).findFirst()
        .map(i -> Set.of(i.id())).orElse(Set.of());
  }

  private static void take(Session session, String demo) {
    try {
      session.take(DemoShelf.job(demo), Optional.empty());
    } catch (Trouble e) {
      throw new IllegalStateException(e);
    }
  }

  private void next(Session session) {
    if (steps.isEmpty()) {
      Platform.exit();
      return;
    }
    Step step = steps.poll();
    step.before().accept(session);
    PauseTransition pause = new PauseTransition(SETTLES);
    pause.setOnFinished(e -> {
      save(step.picture());
      next(session);
    });
    pause.play();
  }

  private void save(String name) {
    WritableImage shot = stage.getScene().snapshot(null);
    int width = (int) shot.getWidth();
    int height = (int) shot.getHeight();
    int[] pixels = new int[width * height];
    shot.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, width, height, pixels, 0, width);
    try {
      Files.createDirectories(folder);
      Files.write(folder.resolve(name), PngWriter.bytes(image, SCREEN_PPI));
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Answers that a picture needs: files go to a folder that is thrown away. */
  private static final class Answers implements Asker {
    @Override
    public Optional<Path> jobToOpen() {
      return Optional.empty();
    }

    @Override
    public Optional<Path> whereToSave(String suggestedName) {
      return Optional.empty();
    }

    @Override
    public Optional<Path> whereToSend(String suggestedName, String ending) {
      try {
        return Optional.of(Files.createTempDirectory("outbox").resolve(suggestedName));
      } catch (IOException e) {
        return Optional.empty();
      }
    }

    @Override
    public List<Path> pictures() {
      return List.of();
    }

    @Override
    public Unsaved unsaved(String jobName) {
      return Unsaved.LOSE;
    }

    @Override
    public Changed changedOutside(String fileName) {
      return Changed.STAY;
    }
  }
}
