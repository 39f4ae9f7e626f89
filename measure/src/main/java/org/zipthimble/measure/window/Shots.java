package org.zipthimble.measure.window;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.animation.KeyFrame;
import javafx.animation.PauseTransition;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.guide.Together;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.send.Traveller;
import org.zipthimble.core.type.Walk;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.desktop.Main;
import org.zipthimble.desktop.Workbench;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Preferences;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.samples.DemoShelf;
import org.zipthimble.samples.Scratch;

/** Takes a picture of each station from the demo jobs. */
public final class Shots extends Application {
  private static final Duration SETTLES = Duration.millis(1400);
  private static final double SCREEN_PPI = 96;
  private static final int HELP_WIDE = 720;
  private static final String PALETTE = "palette.png";
  private static final Map<String, String> HELP = Map.of("item.png", "start", "snapping.png", "place", "arranging.png", "arrange",
      "guides.png", "guides", "shelf.png", "shelf", "check.png", "check", "send.png", "send", "steps.png", "safe", "mounts.png",
      "pictures", "typing.png", "words");

  /** Taken for the help alone. */
  private static final Set<String> NOT_KEPT = Set.of("arranging.png", "guides.png", "steps.png", "snapping.png", "shelf.png", "glyphs.png",
      "facts.png", PALETTE, "ring.png", "mounts.png", "compose-cut.png", "sizes.png", "list.png", "labels.png", "faces.png", "measure.png");

  private static final double TRAVELLER_PPI = 90;

  private final Deque<Step> steps = new ArrayDeque<>();
  private Stage stage;
  private Workbench workbench;
  private Robot robot;
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
    Session session = Main.session(new Answers(), new Preferences(Folders.in(Scratch.folder("shots-home"))));
    workbench = Main.fill(window, session);
    robot = new Robot();
    plan();
    next(session);
  }

  private void plan() {
    atFirst();
    words();
    checking();
    faces();
    sheets();
    sending();
    things();
    notebookAndNight();
  }

  private void atFirst() {
    step("item.png", s -> {
      workbench.prepareAll();
      s.preferences().change(t -> t.liking("jar_label").liking("bookmark"));
    });
    step("item.png", s -> { });
    step("item.png", s -> { });
    step("compose.png", s -> {
      putAwayHints(s);
      take(s, "swap-invitation.thimble");
      s.stationProperty().set(Station.COMPOSE);
      s.selectionProperty().set(idOf(s, "Title"));
    });
    step("snapping.png", s -> {
      take(s, "bookmark.thimble");
      s.selectionProperty().set(idOf(s, "Pumpkin seed"));
    });
    step("snapping.png", s -> run("menu.fit"));
    step("snapping.png", s -> drag(s, "Pumpkin seed", 0.018, 0.1));
    step("snapping.png", s -> { });
    step("arranging.png", s -> {
      robot.mouseRelease(MouseButton.PRIMARY);
      take(s, "bookmark.thimble");
      Set<String> three = new java.util.LinkedHashSet<>(idOf(s, "Kidney bean"));
      three.addAll(idOf(s, "Pea"));
      three.addAll(idOf(s, "Pumpkin seed"));
      s.selectionProperty().set(three);
      s.keyProperty().set(idOf(s, "Pea").stream().findFirst());
    });
    step("shelf.png", s -> {
      take(s, "thank-you.thimble");
      workbench.shelf(true);
      s.selectionProperty().set(idOf(s, "Leaf wreath"));
    });
    step("guides.png", s -> {
      workbench.shelf(false);
      take(s, "sowing-list.thimble");
      s.selectionProperty().set(Set.of());
    });
    step("steps.png", s -> {
      take(s, "swap-invitation.thimble");
      for (String name : List.of("Motto", "When", "Where")) {
        s.apply(Edits.place("f1", idOf(s, name), "edit.move", p -> p.moved(0, 0.05)));
      }
      s.apply(Edits.properties("f1", idOf(s, "Beans"), "edit.opacity", f -> f.withOpacity(0.9)));
      s.undo();
      s.selectionProperty().set(idOf(s, "Motto"));
      run("menu.steps");
    });
  }

  private void words() {
    step("typing.png", s -> {
      run("menu.steps");
      take(s, "swap-invitation.thimble");
      s.typing().beginAll(idOf(s, "Title").iterator().next());
      s.typing().choose(new Walk.Span(7, 11));
    });
    step("typing.png", s -> s.typing().style(w -> w.withColour(Colour.of(0x3A6B45))));
    step("facts.png", s -> {
      take(s, "swap-designs.thimble");
      s.typing().beginAll(idOf(s, "When").iterator().next());
      s.typing().moveTo(4, false);
      run("menu.facts");
    });
    step("facts.png", s -> s.typing().edge(false, true, false));
    step("glyphs.png", s -> {
      take(s, "swap-designs.thimble");
      s.selectionProperty().set(idOf(s, "Title"));
      run("menu.glyphs");
    });
    for (int i = 0; i < 2; i++) {
      step("glyphs.png", s -> Optional.ofNullable(stage.getScene().lookup("#glyph-60")).ifPresent(n -> ((Button) n).fire()));
    }
    step("ring.png", s -> {
      ((Button) stage.getScene().lookup("#glyphs-close")).fire();
      take(s, "seed-ring.thimble");
      s.selectionProperty().set(idOf(s, "Above"));
      run("menu.fit");
    });
    step("ring.png", s -> Optional.ofNullable(stage.getScene().lookup("#fold-course")).ifPresent(n -> ((Button) n).fire()));
  }

  private void checking() {
    step("check.png", s -> {
      take(s, "two-faults.thimble");
      s.apply(Edits.say("f1", idOf(s, "Motto").iterator().next(), "Bring a handfull, take a handful"));
      s.stationProperty().set(Station.CHECK);
    });
    step("check.png", s -> s.checking().findingsProperty().get().stream().findFirst().ifPresent(s::goTo));
    step("lenses.png", s -> take(s, "planting-calendar.thimble"));
    step("lenses.png", s -> s.checking().lensProperty().set(Lens.OUT_OF_RANGE));
    for (int i = 0; i < 3; i++) {
      step("lenses.png", s -> { });
    }
    step(PALETTE, s -> {
      s.stationProperty().set(Station.COMPOSE);
      s.selectionProperty().set(Set.of());
      ((Button) stage.getScene().lookup("#ticket-colour")).fire();
    });
    step(PALETTE, s -> ((Button) stage.getScene().lookup("#swatch-5")).fire());
  }

  private void faces() {
    step("faces.png", s -> {
      ((Button) stage.getScene().lookup("#ticket-colour")).fire();
      take(s, "plot-album.thimble");
      s.faceIdProperty().set("f3");
      run("menu.faces");
    });
    step("faces.png", s -> { });
    step("faces.png", s -> { });
    step("list.png", s -> {
      ((Button) stage.getScene().lookup("#faces-close")).fire();
      take(s, "place-cards.thimble");
      s.apply(ListEdits.show(7));
      s.selectionProperty().set(idOf(s, "Guest"));
      run("menu.list");
    });
    step("list.png", s -> { });
    step("sizes.png", s -> {
      ((Button) stage.getScene().lookup("#list-close")).fire();
      take(s, "sowing-poster.thimble");
      run("menu.sizes");
    });
    step("sizes.png", s -> { });
  }

  private void sheets() {
    step("labels.png", s -> {
      ((Button) stage.getScene().lookup("#sizes-close")).fire();
      take(s, "jar-labels.thimble");
      s.stationProperty().set(Station.SHEET);
    });
    step("labels.png", s -> { });
    step("booklet.png", s -> take(s, "plot-album.thimble"));
    step("booklet.png", s -> s.stationProperty().set(Station.SHEET));
    step("booklet.png", s -> { });
    step("sheet.png", s -> take(s, "bookmark.thimble"));
    step("sheet.png", s -> s.stationProperty().set(Station.SHEET));
    step("sheet.png", s -> ((ButtonBase) stage.getScene().lookup("#sheet-look-light")).fire());
    step("sheet.png", s -> { });
    step("compose-cut.png", s -> {
      take(s, "window-decal.thimble");
      s.stationProperty().set(Station.COMPOSE);
      s.selectionProperty().set(idOf(s, "Outer leaves"));
    });
    step("compose-cut.png", s -> { });
    step("compose-cut.png", s -> { });
    step("sheet-cut.png", s -> s.stationProperty().set(Station.SHEET));
    for (int i = 0; i < 3; i++) {
      step("sheet-cut.png", s -> s.say(""));
    }
    step("sheet-cut.png", s -> click("#cut-sheet-2"));
    step("sheet-cut.png", s -> { });
  }

  private void sending() {
    step("send.png", s -> {
      take(s, "swap-invitation.thimble");
      s.stationProperty().set(Station.SEND);
      Platform.runLater(() -> ((Button) stage.getScene().lookup("#send-write")).fire());
    });
    for (int i = 0; i < 3; i++) {
      step("send.png", s -> { });
    }
    step("send.png", s -> { });
    step("mounts.png", s -> {
      take(s, "foil-invitation.thimble");
      s.stationProperty().set(Station.COMPOSE);
      s.faceIdProperty().set("f2");
      s.openGroup(idOf(s, "Mount grid").iterator().next());
      s.selectionProperty().set(Set.of(Mounts.among(s.face().items()).get(2).id()));
    });
    step("mounts.png", s -> run("menu.fit"));
    step("mounts.png", s -> { });
  }

  private void things() {
    step("things.png", s -> {
      s.stationProperty().set(Station.ITEM);
      ((ButtonBase) stage.getScene().lookup("#item-things")).fire();
    });
    for (int i = 0; i < 4; i++) {
      step("things.png", s -> { });
    }
    step("measure.png", s -> ((ButtonBase) stage.getScene().lookup("#item-measure")).fire());
    step("tapered.png", s -> {
      take(s, "tumbler-wrap.thimble");
      s.stationProperty().set(Station.COMPOSE);
      s.selectionProperty().set(Set.of());
    });
    step("tapered.png", s -> run("menu.fit"));
    step("on-thing.png", s -> s.stationProperty().set(Station.CHECK));
    step("on-thing.png", s -> ((ButtonBase) stage.getScene().lookup("#lens-on-thing")).fire());
    step("on-thing.png", s -> { });
  }

  private void notebookAndNight() {
    step("notebook.png", s -> {
      ((ButtonBase) stage.getScene().lookup("#lens-none")).fire();
      take(s, "metal-panel.thimble");
      s.stationProperty().set(Station.SEND);
      ((ButtonBase) stage.getScene().lookup("#send-notebook")).fire();
    });
    step("notebook.png", s -> { });
    step("notebook.png", s -> { });
    step("notebook.png", s -> traveller(s.job()));
    step("night.png", s -> {
      ((ButtonBase) stage.getScene().lookup("#notebook-away")).fire();
      s.preferences().change(t -> t.withNight(true));
      take(s, "thank-you.thimble");
      s.stationProperty().set(Station.COMPOSE);
      s.selectionProperty().set(idOf(s, "Thanks"));
    });
    step("help.png", s -> {
      s.preferences().change(t -> t.withNight(false));
      run("menu.hands");
      if (getParameters().getUnnamed().size() > 1) {
        orders();
      }
    });
    step("together.png", s -> {
      run("menu.hands");
      run("menu.together");
      s.take(StandardItem.blank("Invitation", Together.SIZE, 1), Optional.empty());
      s.stationProperty().set(Station.COMPOSE);
      workbench.adding().objects().rectangle();
    });
  }

  /** The ready jobs of all orders, for the help. */
  private void orders() {
    try {
      OrderPictures.write(Path.of(getParameters().getUnnamed().get(1)).resolve("orders"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (Trouble e) {
      throw new IllegalStateException(e);
    }
  }

  /** The traveller as it is printed, small. */
  private void traveller(Job job) {
    try {
      Files.write(folder.resolve("traveller.png"),
          PngFile.bytes(FacePainter.onPaper(Traveller.of(job), TRAVELLER_PPI, new Halvings()), TRAVELLER_PPI));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void step(String picture, Consumer<Session> before) {
    steps.add(new Step(picture, before));
  }

  private void click(String id) {
    Optional.ofNullable(stage.getScene().lookup(id)).ifPresent(node -> node.fireEvent(new javafx.scene.input.MouseEvent(
        javafx.scene.input.MouseEvent.MOUSE_CLICKED, 5, 5, 0, 0, MouseButton.PRIMARY, 1, false, false, false, false, true, false, false,
        true, false, true, null)));
  }

  private void run(String key) {
    workbench.commands().stream().filter(c -> c.key().equals(key)).forEach(org.zipthimble.desktop.command.Command::run);
  }

  private static void putAwayHints(Session session) {
    for (Station station : Station.values()) {
      session.preferences().change(t -> t.without(station.name().toLowerCase(java.util.Locale.ROOT)));
    }
  }

  /** Presses on an object and pulls it by inches of its face; the button stays down. */
  private void drag(Session session, String name, double dx, double dy) {
    Item item = session.face().items().stream().filter(i -> i.properties().name().equals(name)).findFirst().orElseThrow();
    Point from = item.placement().centre();
    Timeline hand = new Timeline(
        new KeyFrame(Duration.millis(100), e -> robot.mouseMove(onScreen(from))),
        new KeyFrame(Duration.millis(250), e -> robot.mousePress(MouseButton.PRIMARY)));
    for (int i = 1; i <= 10; i++) {
      Point to = from.plus(dx * i / 10, dy * i / 10);
      hand.getKeyFrames().add(new KeyFrame(Duration.millis(350 + 40 * i), e -> robot.mouseMove(onScreen(to))));
    }
    hand.play();
  }

  private Point2D onScreen(Point face) {
    Point pixel = workbench.bench().pixelOf(face);
    return workbench.lookup("#bench").localToScreen(pixel.x(), pixel.y());
  }

  private static Set<String> idOf(Session session, String name) {
    return session.face().items().stream().filter(i -> i.properties().name().equals(name)).findFirst()
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
    try {
      step.before().accept(session);
    } catch (RuntimeException failed) {
      throw new IllegalStateException(step.picture(), failed);
    }
    PauseTransition pause = new PauseTransition(SETTLES);
    pause.setOnFinished(e -> {
      save(step.picture());
      next(session);
    });
    pause.play();
  }

  private void save(String name) {
    // A slip is a window of its own, which only the screen shows.
    WritableImage shot = name.equals(PALETTE)
        ? robot.getScreenCapture(null, stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight()) : stage.getScene().snapshot(null);
    int width = (int) shot.getWidth();
    int height = (int) shot.getHeight();
    int[] pixels = new int[width * height];
    shot.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, width, height, pixels, 0, width);
    try {
      Files.createDirectories(folder);
      if (!NOT_KEPT.contains(name)) {
        Files.write(folder.resolve(name), PngFile.bytes(image, SCREEN_PPI));
      }
      if (HELP.containsKey(name) && getParameters().getUnnamed().size() > 1) {
        Path help = Files.createDirectories(Path.of(getParameters().getUnnamed().get(1)));
        Files.write(help.resolve(HELP.get(name) + ".png"), PngFile.bytes(small(image), SCREEN_PPI));
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static BufferedImage small(BufferedImage image) {
    BufferedImage out = new BufferedImage(HELP_WIDE, image.getHeight() * HELP_WIDE / image.getWidth(), BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.drawImage(image, 0, 0, out.getWidth(), out.getHeight(), null);
    g.dispose();
    return out;
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
        Path file = Files.createDirectories(Path.of(System.getProperty("java.io.tmpdir"), "marrowfield")).resolve(suggestedName);
        Files.deleteIfExists(file);
        return Optional.of(file);
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
    public boolean mayReplace(List<String> fileNames) {
      return false;
    }

    @Override
    public Changed changedOutside(String fileName) {
      return Changed.STAY;
    }
  }
}
