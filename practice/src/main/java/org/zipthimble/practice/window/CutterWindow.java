package org.zipthimble.practice.window;

import java.io.IOException;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.DoubleConsumer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.link.CutterLink;
import org.zipthimble.practice.machine.CutterReport;
import org.zipthimble.practice.machine.CutterServer;
import org.zipthimble.practice.machine.Misplacement;
import org.zipthimble.practice.machine.Setup;

/** The practice cutter as a window: its mat with what was cut, how it is set up, and what it says. */
public final class CutterWindow extends Application {
  private static final double WIDTH = 1000;
  private static final double HEIGHT = 720;

  private final MatPane mat = new MatPane();
  private final Label words = Knobs.label("", "words");
  private final Label cut = Knobs.label("", "figure");
  private final Label time = Knobs.label("", "figure");
  private final Label lifts = Knobs.label("", "figure");
  private final Label travel = Knobs.label("", "figure");
  private final Label refused = Knobs.label("", "figure");
  private final Label state = Knobs.label("", "state");
  private CutterServer server;
  private Button power;

  /** Starts the practice cutter; the port may be given. */
  public static void main(String[] arguments) {
    Knobs.refusePort(arguments);
    launch(CutterWindow.class, arguments);
  }

  @Override
  public void start(Stage stage) {
    Knobs.type();
    BorderPane root = new BorderPane();
    root.getStyleClass().add("cutter");
    StackPane middle = new StackPane(mat);
    middle.getStyleClass().add("table");
    root.setCenter(middle);
    root.setRight(side());
    root.setBottom(words);
    BorderPane.setAlignment(words, Pos.CENTER_LEFT);
    words.setMaxWidth(Double.MAX_VALUE);
    Scene scene = new Scene(root, WIDTH, HEIGHT);
    scene.getStylesheets().add(CutterWindow.class.getResource("cutter.css").toExternalForm());
    stage.setTitle(Wording.text("practice.title"));
    stage.setScene(scene);
    stage.setOnCloseRequest(e -> off());
    stage.show();
    on(getParameters().getUnnamed().stream().findFirst().map(Knobs::port).orElse(OptionalInt.empty()).orElse(CutterLink.PORT));
  }

  private void on(int port) {
    try {
      server = new CutterServer(port, Setup.USUAL, s -> Platform.runLater(this::show));
      words.setText(Wording.text("practice.listening", server.port()));
      show();
    } catch (IOException taken) {
      words.setText(Wording.text("practice.portTaken", port));
    }
  }

  private void off() {
    if (server != null) {
      try {
        server.close();
      } catch (IOException closing) {
        words.setText(Wording.text("practice.off"));
      }
      server = null;
    }
  }

  private void show() {
    boolean running = server != null;
    power.setText(Wording.text(running ? "practice.switchOff" : "practice.switchOn"));
    state.setText(Wording.text(!running ? "practice.off" : server.busy() ? "practice.busy" : "practice.idle"));
    if (!running) {
      return;
    }
    if (!server.words().isEmpty()) {
      words.setText(server.words());
    }
    CutterReport r = server.cutter().report();
    cut.setText(Wording.text("practice.inches", Lengths.plain(r.length(), 1)));
    time.setText(Wording.text("practice.seconds", Lengths.plain(r.seconds(), 0)));
    lifts.setText(String.valueOf(r.lifts()));
    travel.setText(Wording.text("practice.inches", Lengths.plain(r.travel(), 1)));
    refused.setText(String.valueOf(r.refused()));
    mat.show(server);
  }

  private VBox side() {
    VBox side = new VBox(7);
    side.getStyleClass().add("side");
    Label title = Knobs.label(Wording.text("practice.title"), "title");
    ComboBox<String> mats = new ComboBox<>();
    mats.getItems().setAll("12 × 12 in", "12 × 24 in", "24 × 24 in", "8 1/2 × 11 in");
    mats.setValue(mats.getItems().get(0));
    mats.setMaxWidth(Double.MAX_VALUE);
    mats.setAccessibleText(Wording.text("practice.mat"));
    mats.setOnAction(e -> {
      double[][] sizes = {{12, 12}, {12, 24}, {24, 24}, {8.5, 11}};
      double[] size = sizes[mats.getSelectionModel().getSelectedIndex()];
      change(server == null ? Setup.USUAL : server.setup().mat(size[0], size[1]));
    });
    power = Knobs.button("practice.switchOff", () -> {
      if (server == null) {
        on(CutterLink.PORT);
      } else {
        off();
        words.setText(Wording.text("practice.off"));
        show();
      }
    });
    Button stop = Knobs.button("practice.stopNow", () -> Optional.ofNullable(server).ifPresent(CutterServer::stop));
    HBox buttons = new HBox(6, stop, power);
    Region gap = new Region();
    VBox.setVgrow(gap, Priority.ALWAYS);
    side.getChildren().addAll(
        title, state, Knobs.caption("practice.mat"), mats, figures(), Knobs.caption("practice.askew"), askew(), gap, report(), buttons);
    return side;
  }

  private GridPane figures() {
    GridPane grid = Knobs.grid();
    Setup u = Setup.USUAL;
    field(grid, 0, 0, "practice.pressure", u.pressure(), v -> change(now().going(now().blade(), v, now().speed(), now().acceleration())));
    field(grid, 1, 0, "practice.speed", u.speed(), v -> change(now().going(now().blade(), now().pressure(), v, now().acceleration())));
    field(grid, 0, 1, "practice.acceleration", u.acceleration(),
        v -> change(now().going(now().blade(), now().pressure(), now().speed(), v)));
    field(grid, 1, 1, "practice.material", u.material(), v -> change(now().withMaterial(v)));
    field(grid, 0, 2, "practice.hurry", u.hurry(), v -> change(now().withHurry(v)));
    return grid;
  }

  private GridPane askew() {
    GridPane grid = Knobs.grid();
    TextField right = field(grid, 0, 0, "practice.right", 0,
        v -> lay(new Misplacement(v, lies().down(), lies().degrees(), lies().percent())));
    TextField down = field(grid, 1, 0, "practice.down", 0,
        v -> lay(new Misplacement(lies().right(), v, lies().degrees(), lies().percent())));
    TextField turn = field(grid, 0, 1, "practice.turned", 0,
        v -> lay(new Misplacement(lies().right(), lies().down(), v, lies().percent())));
    TextField larger = field(grid, 1, 1, "practice.larger", 0,
        v -> lay(new Misplacement(lies().right(), lies().down(), lies().degrees(), v)));
    Button chance = Knobs.button("practice.chance", () -> {
      Misplacement m = CutterServer.chance();
      lay(m);
      right.setText(Lengths.plain(m.right(), 3));
      down.setText(Lengths.plain(m.down(), 3));
      turn.setText(Lengths.plain(m.degrees(), 2));
      larger.setText(Lengths.plain(m.percent(), 2));
    });
    grid.add(chance, 0, 4, 2, 1);
    return grid;
  }

  private GridPane report() {
    GridPane grid = Knobs.grid();
    Knobs.line(grid, 0, "practice.cut", cut);
    Knobs.line(grid, 1, "practice.time", time);
    Knobs.line(grid, 2, "practice.lifts", lifts);
    Knobs.line(grid, 3, "practice.travel", travel);
    Knobs.line(grid, 4, "practice.refusedMoves", refused);
    grid.getStyleClass().add("report");
    return grid;
  }

  private Setup now() {
    return server == null ? Setup.USUAL : server.setup();
  }

  private Misplacement lies() {
    return server == null ? Misplacement.NONE : server.askew();
  }

  private void change(Setup setup) {
    if (server != null) {
      server.set(setup);
    }
  }

  private void lay(Misplacement askew) {
    if (server != null) {
      server.set(askew);
    }
  }

  private TextField field(GridPane grid, int column, int row, String key, double usual, DoubleConsumer change) {
    return Knobs.field(grid, column, row, key, usual, change, words::setText);
  }
}
