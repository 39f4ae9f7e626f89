package org.zipthimble.practice.window;

import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import javafx.stage.Stage;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.link.PrinterLink;
import org.zipthimble.practice.printer.PaperKind;
import org.zipthimble.practice.printer.Printed;
import org.zipthimble.practice.printer.Printer;
import org.zipthimble.practice.printer.PrinterServer;
import org.zipthimble.practice.printer.PrinterSetup;
import org.zipthimble.practice.printer.Tray;

/**
 * The practice printer as a window: paper in at the left, sheets out in the middle, what its driver was told and knobs for trouble at the
 * right.
 */
public final class PrinterWindow extends Application {
  private static final double WIDTH = 1080;
  private static final double HEIGHT = 740;
  private static final double LEAST_WIDTH = 860;
  private static final double LEAST_HEIGHT = 600;
  private static final double SMALL = 72;
  private static final int SMALL_SHEETS = 8;

  private final Label words = Knobs.label("", "words");
  private final Label state = Knobs.label("", "state");
  private final Label size = Knobs.label("", "figure");
  private final Label how = Knobs.label("", "caption");
  private final ImageView sheet = new ImageView();
  private final FlowPane before = new FlowPane(6, 6);
  private final VBox trays = new VBox(10);
  private final ProgressBar ink = new ProgressBar(1);
  private PrinterServer server;
  private int shown = -1;
  private javafx.scene.control.Button power;

  /** Starts the practice printer; the port may be given. */
  public static void main(String[] arguments) {
    Knobs.refusePort(arguments);
    launch(PrinterWindow.class, arguments);
  }

  @Override
  public void start(Stage stage) {
    Knobs.type();
    BorderPane root = new BorderPane();
    root.getStyleClass().add("cutter");
    root.setLeft(scrolling(left()));
    root.setCenter(output(stage));
    root.setRight(scrolling(driver()));
    root.setBottom(words);
    BorderPane.setAlignment(words, Pos.CENTER_LEFT);
    words.setMaxWidth(Double.MAX_VALUE);
    Scene scene = new Scene(root, WIDTH, HEIGHT);
    scene.getStylesheets().add(PrinterWindow.class.getResource("cutter.css").toExternalForm());
    stage.setTitle(Wording.text("printerWindow.title"));
    stage.setScene(scene);
    stage.setOnCloseRequest(e -> off());
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    stage.show();
    // the least size is what some window managers take for the first
    Platform.runLater(() -> {
      stage.setWidth(WIDTH);
      stage.setHeight(HEIGHT);
    });
    on(getParameters().getUnnamed().stream().findFirst().map(Knobs::port).orElse(OptionalInt.empty()).orElse(PrinterLink.PORT));
  }

  private static ScrollPane scrolling(VBox side) {
    ScrollPane scroll = new ScrollPane(side);
    scroll.setFitToWidth(true);
    scroll.setFitToHeight(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare");
    return scroll;
  }

  private void on(int port) {
    try {
      server = new PrinterServer(port, new Printer(PrinterSetup.USUAL, () -> Platform.runLater(this::show)));
      words.setText(Wording.text("printerWindow.listening", server.uri()));
      trays();
      show();
    } catch (IOException taken) {
      words.setText(Wording.text("practice.portTaken", port));
    }
  }

  private void off() {
    if (server != null) {
      server.close();
      server = null;
    }
  }

  private PrinterSetup setup() {
    return server == null ? PrinterSetup.USUAL : server.printer().setup();
  }

  private void change(UnaryOperator<PrinterSetup> change) {
    if (server != null) {
      server.printer().set(change.apply(setup()));
    }
  }

  private VBox left() {
    VBox side = new VBox(8, Knobs.label(Wording.text("printerWindow.title"), "title"), state, trays, Knobs.caption("printerWindow.ink"),
        inks(), ink);
    ink.setMaxWidth(Double.MAX_VALUE);
    ink.setAccessibleText(Wording.text("printerWindow.level"));
    side.getStyleClass().addAll("side", "narrow");
    return side;
  }

  /** The trays as they are; made anew when the printer is switched on. */
  private void trays() {
    trays.getChildren().clear();
    for (Tray tray : setup().trays()) {
      trays.getChildren().add(tray(tray.name()));
    }
  }

  private VBox tray(String name) {
    Tray now = tray(setup(), name);
    ComboBox<String> papers = choice(List.of(Tray.Paper.values()).stream().map(p -> Lengths.show(round(p.size()), Unit.INCH)).toList(),
        Tray.Paper.of(now.paper()).ordinal(),
        "printerWindow.paper", i -> change(s -> s.with(tray(s, name).withPaper(Tray.Paper.values()[i].size()))));
    ComboBox<String> kinds = choice(List.of(PaperKind.values()).stream().map(PaperKind::title).toList(), now.kind().ordinal(),
        "printerWindow.kind",
        i -> change(s -> s.with(tray(s, name).withKind(PaperKind.values()[i]))));
    GridPane count = Knobs.grid();
    Knobs.field(count, 0, 0, "printerWindow.sheets", now.sheets(),
        v -> change(s -> s.with(tray(s, name).withSheets((int) Math.max(0, Math.min(500, v))))), words::setText);
    CheckBox side = new CheckBox(Wording.text("printerWindow.rightSide"));
    side.setSelected(now.rightSide());
    side.setWrapText(true);
    side.setOnAction(e -> change(s -> s.with(tray(s, name).withRightSide(side.isSelected()))));
    VBox box = new VBox(5, Knobs.label(Wording.text("printerWindow.tray." + (name.equals("main") ? "main" : "second")), "figure"), papers,
        kinds, count, side);
    box.getStyleClass().add("tray");
    return box;
  }

  private static Tray tray(PrinterSetup setup, String name) {
    return setup.trays().stream().filter(t -> t.name().equals(name)).findFirst().orElseThrow();
  }

  private static Size round(Size size) {
    return new Size(Math.round(size.width() * 100) / 100.0, Math.round(size.height() * 100) / 100.0);
  }

  private ComboBox<String> inks() {
    return choice(List.of(PrinterSetup.Ink.values()).stream().map(PrinterSetup.Ink::title).toList(), PrinterSetup.USUAL.ink().ordinal(),
        "printerWindow.ink",
        i -> change(s -> s.withInk(PrinterSetup.Ink.values()[i])));
  }

  private ComboBox<String> choice(List<String> names, int at, String key, Consumer<Integer> change) {
    ComboBox<String> box = new ComboBox<>();
    box.getItems().setAll(names);
    box.getSelectionModel().select(at);
    box.setMaxWidth(Double.MAX_VALUE);
    box.setId(key.replace('.', '-'));
    box.setAccessibleText(Wording.text(key));
    box.setOnAction(e -> change.accept(box.getSelectionModel().getSelectedIndex()));
    return box;
  }

  private StackPane output(Stage stage) {
    sheet.setPreserveRatio(true);
    sheet.setSmooth(true);
    StackPane frame = new StackPane(sheet);
    frame.setMinSize(0, 0);
    sheet.fitWidthProperty().bind(frame.widthProperty().subtract(40));
    sheet.fitHeightProperty().bind(frame.heightProperty().subtract(30));
    sheet.getStyleClass().add("sheet");
    HBox buttons = new HBox(6, Knobs.button("printerWindow.keep", () -> keep(stage)), Knobs.button("printerWindow.empty", () -> {
      if (server != null) {
        server.printer().empty();
      }
    }));
    BorderPane middle = new BorderPane(frame);
    middle.getStyleClass().add("output");
    VBox below = new VBox(6, size, how, before, buttons);
    below.getStyleClass().add("below");
    middle.setTop(Knobs.label(Wording.text("printerWindow.out"), "heading"));
    middle.setBottom(below);
    StackPane out = new StackPane(middle);
    out.getStyleClass().add("table");
    return out;
  }

  private VBox driver() {
    VBox side = new VBox(7);
    side.getStyleClass().add("side");
    CheckBox own = new CheckBox(Wording.text("printerWindow.override"));
    own.setWrapText(true);
    own.setId("printerWindow-override");
    own.setOnAction(e -> change(s -> s.withOverride(own.isSelected())));
    CheckBox mirror = new CheckBox(Wording.text("printerWindow.mirror"));
    mirror.setWrapText(true);
    mirror.setId("printerWindow-mirror");
    mirror.setOnAction(e -> change(s -> s.withMirror(mirror.isSelected())));
    GridPane grid = Knobs.grid();
    PrinterSetup u = PrinterSetup.USUAL;
    Knobs.field(grid, 0, 0, "printerWindow.margins", u.margins().most(), v -> change(s -> s.withMargins(Insets.all(v))), words::setText);
    Knobs.field(grid, 1, 0, "printerWindow.enlarge", u.enlarge(), v -> change(s -> s.withEnlarge(v)), words::setText);
    Knobs.field(grid, 0, 1, "printerWindow.ppi", u.ppi(), v -> change(s -> s.withPpi(v)), words::setText);
    Knobs.field(grid, 1, 1, "printerWindow.pace", u.pace(), v -> change(s -> s.withPace(v)), words::setText);
    power = Knobs.button("practice.switchOff", this::power);
    FlowPane trouble = new FlowPane(6, 6, Knobs.button("printerWindow.jam", () -> trouble(Printer.Trouble.JAM)),
        Knobs.button("printerWindow.jamSoon", () -> {
      if (server != null) {
        server.printer().jamAfter(1);
      }
    }), Knobs.button("printerWindow.cover", () -> trouble(Printer.Trouble.COVER)),
        Knobs.button("printerWindow.noPaper", () -> change(s -> s.withTrays(s.trays().stream().map(t -> t.withSheets(0)).toList()))),
        Knobs.button("printerWindow.noInk", () -> change(s -> s.withLevel(0))), Knobs.button("printerWindow.mend", this::mend), power);
    side.getChildren().addAll(Knobs.label(Wording.text("printerWindow.driver"), "heading"), Knobs.caption("printerWindow.scaling"),
        choice(List.of(Printing.Scaling.values()).stream().map(Printing.Scaling::title).toList(), u.scaling().ordinal(),
        "printerWindow.scaling",
            i -> change(s -> s.withScaling(Printing.Scaling.values()[i]))), own, mirror, grid,
            Knobs.label(Wording.text("printerWindow.trouble"), "heading"), trouble);
    return side;
  }

  private void trouble(Printer.Trouble trouble) {
    if (server != null) {
      server.printer().trouble(trouble);
    }
  }

  private void mend() {
    change(s -> s.withLevel(s.level() <= 0 ? 1 : s.level())
        .withTrays(s.trays().stream().map(t -> t.sheets() == 0 ? t.withSheets(20) : t).toList()));
    trouble(Printer.Trouble.NONE);
    trays();
  }

  private void power() {
    if (server == null) {
      on(getParameters().getUnnamed().stream().findFirst().map(Knobs::port).orElse(OptionalInt.empty()).orElse(PrinterLink.PORT));
    } else {
      off();
      words.setText(Wording.text("printerWindow.off"));
      show();
    }
  }

  private void keep(Stage stage) {
    List<Printed> all = server == null ? List.of() : server.printer().sheets();
    if (all.isEmpty()) {
      words.setText(Wording.text("printerWindow.nothing"));
      return;
    }
    DirectoryChooser chooser = new DirectoryChooser();
    chooser.setTitle(Wording.text("printerWindow.keep"));
    File folder = chooser.showDialog(stage);
    if (folder != null) {
      keep(all.get(all.size() - 1), folder.toPath());
    }
  }

  private void keep(Printed last, Path folder) {
    try {
      Files.write(folder.resolve("sheet-" + last.number() + ".png"), last.png());
      Files.write(folder.resolve("sheet-" + last.number() + ".pdf"), last.pdf());
      words.setText(Wording.text("printerWindow.kept", folder));
    } catch (IOException e) {
      words.setText(Wording.text("printerWindow.notKept", folder));
    }
  }

  private void show() {
    boolean running = server != null;
    power.setText(Wording.text(running ? "practice.switchOff" : "practice.switchOn"));
    if (!running) {
      state.setText(Wording.text("printerWindow.off"));
      return;
    }
    Printer printer = server.printer();
    state.setText(Wording.text(printer.trouble() != Printer.Trouble.NONE ? "printerWindow.stopped" : printer.busy() ? "printerWindow.busy"
        : "printer.idle"));
    ink.setProgress(printer.setup().level());
    if (!printer.words().isEmpty()) {
      words.setText(printer.words());
    }
    List<Printed> all = printer.sheets();
    Printed last = all.isEmpty() ? null : all.get(all.size() - 1);
    int number = last == null ? 0 : last.number();
    if (number != shown) {
      shown = number;
      show(last, all);
    }
  }

  private void show(Printed last, List<Printed> all) {
    before.getChildren().clear();
    if (last == null) {
      sheet.setImage(null);
      size.setText(Wording.text("printerWindow.nothing"));
      how.setText("");
      return;
    }
    sheet.setImage(new Image(new ByteArrayInputStream(last.png()), 1400, 1400, true, true));
    size.setText(Wording.text("printerWindow.came", Lengths.show(round(last.asked()), Unit.INCH),
        Lengths.show(round(last.came()), Unit.INCH), Lengths.plain(100 * last.how().scale(last.asked()), 2)));
    how.setText(Wording.text("printerWindow.how", Lengths.show(round(last.how().paper()), Unit.INCH), last.tray().kind().title(),
        last.how().scaling().title(),
        Wording.text(last.how().mirror() ? "printerWindow.mirrored" : "printerWindow.notMirrored"), last.ink().title()));
    for (Printed one : all.subList(Math.max(0, all.size() - SMALL_SHEETS), all.size())) {
      ImageView small = new ImageView(new Image(new ByteArrayInputStream(one.png()), SMALL * 2, SMALL * 2, true, true));
      small.setFitHeight(SMALL);
      small.setPreserveRatio(true);
      small.getStyleClass().add("sheet");
      before.getChildren().add(small);
    }
  }
}
