package org.zipthimble.desktop.sending;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javax.imageio.ImageIO;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.proof.CameOut;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.MirrorGuard;
import org.zipthimble.core.send.SendOptions;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Errand;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.link.PrinterLink;

/** Printing on a printer that speaks the Internet Printing Protocol: what it is set to, what will come out by that, and what did. */
final class PrinterCard extends VBox {
  private static final double PICTURE = 300;

  /** A program that is being started is asked so often before it is given up. */
  private static final int STARTING = 200;

  /** Qualities as the standard counts them (RFC 8011, print-quality). */
  private static final int DRAFT = 3;
  private static final int NORMAL = 4;
  private static final int BEST = 5;

  private final Session session;
  private final Label name = Controls.wrapped("", "side-note");
  private final ComboBox<String> trays = new ComboBox<>();
  private final ToggleGroup scalings = new ToggleGroup();
  private final FlowPane scalingPills = new FlowPane(4, 4);
  private final Label before = Controls.wrapped("", "line-note");
  private final Label mirror = Controls.wrapped("", "line-note");
  private final Label words = Controls.wrapped("", "side-note");
  private final ProgressBar bar = new ProgressBar(-1);
  private final HBox running;
  private final Button print = Controls.button("printer-print", "printerCard.print", this::print, "main");
  private final VBox after = new VBox(8);
  private final Errand errand = new Errand();
  private final LatestWork looker = new LatestWork();
  private Optional<PrinterLink.Facts> facts = Optional.empty();
  private volatile String address = String.valueOf(PrinterLink.PORT);
  private Printing.Scaling scaling = Printing.Scaling.ACTUAL;
  private int quality = NORMAL;
  private boolean showing;

  PrinterCard(Session session) {
    super(8);
    this.session = session;
    getStyleClass().add("card");
    TypedField at = new TypedField("printer-address", Wording.text("printerCard.address"), text -> {
      PrinterLink.address(text);
      address = text.strip();
      look();
    }).keeping();
    at.show(address);
    at.setPrefWidth(110);
    trays.setId("printer-tray");
    trays.setAccessibleText(Wording.text("printerCard.tray"));
    trays.setMaxWidth(Double.MAX_VALUE);
    trays.setOnAction(e -> {
      if (!showing) {
        foretell();
      }
    });
    for (Printing.Scaling one : Printing.Scaling.values()) {
      ToggleButton pill = Pills.pill("printer-" + one.name().toLowerCase(java.util.Locale.ROOT), one.title(), scalings, () -> {
        scaling = one;
        foretell();
      });
      pill.setSelected(one == scaling);
      scalingPills.getChildren().add(pill);
    }
    FlowPane qualities = new FlowPane(4, 4);
    ToggleGroup one = new ToggleGroup();
    for (int i = DRAFT; i <= BEST; i++) {
      int value = i;
      ToggleButton pill = Pills.pill("printer-quality-" + i, Wording.text("printerCard.quality." + i), one, () -> quality = value);
      pill.setSelected(i == NORMAL);
      qualities.getChildren().add(pill);
    }
    before.setId("printer-before");
    mirror.setId("printer-mirror");
    words.setId("printer-words");
    after.setId("came-out");
    bar.setMaxWidth(Double.MAX_VALUE);
    bar.setAccessibleText(Wording.text("printerCard.progress"));
    running = Controls.row(6, bar, Controls.button("printer-stop", "sendPane.stop", errand::stop, "plain"));
    running.managedProperty().bind(running.visibleProperty());
    running.setVisible(false);
    for (Label label : List.of(before, mirror, name)) {
      label.managedProperty().bind(label.textProperty().isNotEmpty());
    }
    getChildren().addAll(Controls.label(Wording.text("printerCard.title"), "card-title"),
        Controls.under(Wording.text("printerCard.address"), at),
        Controls.row(6, Controls.button("printer-look", "printerCard.look", this::look, "plain"),
            Controls.button("printer-start", "printerCard.start", this::start, "quiet")),
        name, Controls.under(Wording.text("printerCard.tray"), trays), Controls.under(Wording.text("printerCard.scaling"), scalingPills),
        Controls.under(Wording.text("printerCard.quality"), qualities), before, mirror, print, running, words);
    show();
  }

  /** What came out, to be shown where there is room for it. */
  Node after() {
    return after;
  }

  /** Brings what will come out up to date with the job. */
  void refresh() {
    foretell();
  }

  private void look() {
    words.setText(Wording.text("printerCard.looking"));
    look(1);
  }

  /** Looks, so often at most until it answers or another address is typed. */
  private void look(int times) {
    String typed = address;
    looker.want(() -> {
      try {
        return new Object[] {PrinterLink.started(PrinterLink.address(typed), times, () -> typed.equals(address)), ""};
      } catch (Trouble trouble) {
        return new Object[] {null, trouble.getMessage()};
      }
    }, found -> {
      facts = Optional.ofNullable((PrinterLink.Facts) found[0]);
      words.setText(facts.map(f -> f.stopped() ? f.words() : "").orElse(String.valueOf(found[1])));
      show();
    });
  }

  private void show() {
    showing = true;
    List<String> names = facts.map(f -> f.trays().stream()
        .map(t -> Wording.text("printerCard.trayOf", Lengths.show(round(t.paper()), session.unit()),
        Wording.text(t.transfer() ? "printerCard.transfer" : "printerCard.ordinary"))).toList()).orElse(List.of());
    trays.getItems().setAll(names);
    // the tray with the right kind of paper is proposed
    boolean transfer = session.job().process() == Process.TRANSFER;
    int fitting = facts.map(f -> f.trays().stream().map(PrinterLink.Ready::transfer).toList().indexOf(transfer)).orElse(-1);
    trays.getSelectionModel().select(Math.max(0, fitting));
    showing = false;
    name.setText(facts.map(f -> Wording.text("printerCard.is", f.name(), f.usual().title(), plain(f.margins().most())))
        .orElse(Wording.text("printerCard.none")));
    foretell();
  }

  private static Size round(Size size) {
    return new Size(Math.round(size.width() * 100) / 100.0, Math.round(size.height() * 100) / 100.0);
  }

  private Optional<PrinterLink.Ready> tray() {
    int index = trays.getSelectionModel().getSelectedIndex();
    return facts.filter(f -> index >= 0 && index < f.trays().size()).map(f -> f.trays().get(index));
  }

  private boolean machine(Job job) {
    return facts.flatMap(PrinterLink.Facts::mirror).orElse(job.making().by() == Making.MirrorBy.MACHINE);
  }

  /** Says before it is printed how large it will come out and what would be lost, and whether it is turned once. */
  private void foretell() {
    Job job = session.job();
    before.setText("");
    mirror.setText("");
    print.setDisable(facts.isEmpty() || running.isVisible());
    if (tray().isEmpty()) {
      return;
    }
    try {
      DrawnPage page = Imposition.run(job, job.leaving(), PageOptions.of(job)).at(0);
      Printing how = facts.orElseThrow().printing(tray().get(), scaling);
      before.setText(told(page, how) + paper(job));
      judge(before, how.trueSize(page.size()) && how.lost(page.size(), page.trim()).most() < 0.002 && paper(job).isEmpty());
      MirrorGuard.Verdict verdict = MirrorGuard.of(job.mustMirror(), job.mirrorsHere(), machine(job));
      mirror.setText(verdict.right() ? Wording.text(!job.mustMirror() ? "printerCard.mirrorNo" : job.mirrorsHere()
          ? "printerCard.mirrorHere" : "printerCard.mirrorThere")
          : Wording.text("mirror." + verdict.name().toLowerCase(java.util.Locale.ROOT), job.process().title()));
      judge(mirror, verdict.right());
    } catch (Trouble trouble) {
      before.setText(trouble.getMessage());
      judge(before, false);
    }
  }

  private static void judge(Label label, boolean well) {
    label.getStyleClass().removeAll("well", "ruin");
    label.getStyleClass().add(well ? "well" : "ruin");
  }

  private String told(DrawnPage page, Printing how) {
    double scale = how.scale(page.size());
    String size = Lengths.show(new Size(page.trim().width(), page.trim().height()), session.unit());
    String first = how.trueSize(page.size()) ? Wording.text("printerCard.trueSize", size)
        : Wording.text("printerCard.otherSize", size, plain(page.trim().width() * scale), plain(page.trim().height() * scale),
        Lengths.plain(scale * 100, 2));
    Insets lost = how.lost(page.size(), page.bleed());
    List<String> sides = new ArrayList<>();
    for (Side side : Side.values()) {
      if (lost.at(side) > 0.002) {
        sides.add(Wording.text("printerCard.lost", plain(lost.at(side)), side.spoken()));
      }
    }
    return first + (sides.isEmpty() ? "" : " " + Wording.text("printerCard.losing", String.join(", ", sides)));
  }

  private String paper(Job job) {
    boolean wanted = job.process() == Process.TRANSFER;
    return tray().filter(t -> t.transfer() != wanted && !t.type().isEmpty())
        .map(t -> " " + Wording.text(wanted ? "printerCard.notTransfer" : "printerCard.isTransfer")).orElse("");
  }

  private String plain(double inches) {
    return Lengths.plain(session.unit().fromInches(inches), 2);
  }

  private void print() {
    Job job = session.job();
    PrinterLink.Facts printer = facts.orElseThrow();
    boolean machine = machine(job);
    try {
      MirrorGuard.refuse(MirrorGuard.of(job.mustMirror(), job.mirrorsHere(), machine), job.process().title());
    } catch (Trouble refused) {
      words.setText(refused.getMessage());
      return;
    }
    working(true);
    Optional<PrinterLink.Ready> tray = tray();
    PrinterLink.PrintRequest asked = new PrinterLink.PrintRequest(job.name(), "application/pdf", 1, tray, scaling, quality);
    Job turned = job.withMaking(job.making().withBy(machine ? Making.MirrorBy.MACHINE : Making.MirrorBy.PROGRAM));
    errand.begin(progress -> {
      try {
        PrinterLink.Ending ending = PrinterLink.print(printer.uri(), pdf(turned, progress), asked, watch(progress));
        List<Came> came = came(job, printer, ending.job(), tray);
        Platform.runLater(() -> show(came));
        return ending.words();
      } catch (IOException e) {
        throw Trouble.because(e, "printerCard.noRoom");
      }
    }, far -> { }, new Errand.Ending<>(this::ended, this::ended, () -> ended(Wording.text("printerCard.stopped"))));
  }

  private void ended(String sentence) {
    working(false);
    words.setText(sentence);
  }

  private PrinterLink.Watch watch(Progress progress) {
    return new PrinterLink.Watch() {
      @Override
      public void said(String said, int sheets) {
        Platform.runLater(() -> words.setText(said));
      }

      @Override
      public boolean stopped() {
        return progress.stopped();
      }
    };
  }

  /** The pages as they are sent, made like any other file and read back like it. */
  private static byte[] pdf(Job job, Progress progress) throws Trouble, Stopped, IOException {
    Path folder = Files.createTempDirectory("zip-thimble-print");
    Path file = folder.resolve("pages.pdf");
    try {
      Sender.send(job, FileOrder.of(file, OptionalInt.empty(), job.ticket().ppi(), PageOptions.of(job))
          .withHow(SendOptions.USUAL.withPlain(true)), progress);
      return Files.readAllBytes(file);
    } finally {
      Files.deleteIfExists(file);
      Files.deleteIfExists(folder);
    }
  }

  private record Came(BufferedImage picture, List<Measured.Line> lines) {}

  private static List<Came> came(Job job, PrinterLink.Facts printer, int id, Optional<PrinterLink.Ready> tray) throws Trouble, IOException {
    List<Came> out = new ArrayList<>();
    PageRun sent = Imposition.run(job, job.leaving(), PageOptions.of(job));
    PageRun seen = Imposition.run(job, job.leaving(), PageOptions.of(job).withMirror(false));
    for (PrinterLink.Sheet sheet : PrinterLink.sheets(printer, id)) {
      BufferedImage picture = ImageIO.read(new ByteArrayInputStream(sheet.png()));
      int page = Math.max(0, Math.min(sent.count() - 1, (int) sheet.figure("page") - 1));
      CameOut came = new CameOut(picture, sheet.figure("ppi"), sheet.how(), "TRANSFER".equals(sheet.told().get("kind")),
          "TRANSFER".equals(sheet.told().get("ink")),
          Boolean.parseBoolean(sheet.told().get("rightSide")), tray.map(PrinterLink.Ready::paper).orElse(sheet.how().paper()));
      out.add(new Came(picture, came.lines(job, sent.at(page), seen.at(page), job.mirrorsHere())));
    }
    return out;
  }

  private void show(List<Came> came) {
    after.getChildren().clear();
    if (!came.isEmpty()) {
      after.getChildren().add(Controls.label(Wording.text("printerCard.cameOut"), "side-title"));
    }
    for (Came one : came) {
      ImageView view = new ImageView(FxPictures.of(one.picture()));
      view.setPreserveRatio(true);
      view.setSmooth(true);
      view.setFitHeight(PICTURE);
      view.getStyleClass().add("page-picture");
      VBox lines = new VBox(4);
      for (Measured.Line line : one.lines()) {
        lines.getChildren()
            .add(Controls.wrapped(Wording.text(line.right() ? "printerCard.right" : "printerCard.wrong", line.name(), line.found(),
            line.wanted()), "line-note", line.right() ? "well" : "ruin"));
      }
      lines.setMaxWidth(PICTURE * 1.3);
      after.getChildren().add(new HBox(14, view, lines));
    }
  }

  /** Nothing has come out of the job as it is now. */
  void clear() {
    after.getChildren().clear();
  }

  private void working(boolean on) {
    running.setVisible(on);
    print.setDisable(on || facts.isEmpty());
  }

  /** Starts the practice printer as a program of its own, and looks at it once it listens. */
  private void start() {
    try {
      URI uri = PrinterLink.address(address);
      PracticePrograms.start(session, "org.zipthimble.practice.window.PrinterWindow", uri.getPort(), "practice-printer.log");
      words.setText(Wording.text("printerCard.starting", uri.getPort()));
      look(STARTING);
    } catch (Trouble | IOException e) {
      words.setText(Wording.text("printerCard.notStarted"));
    }
  }
}
