package org.zipthimble.desktop.sending;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zipthimble.core.cut.CutFonts;
import org.zipthimble.core.cut.CutSheet;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.send.CutDrawings;
import org.zipthimble.core.send.PrintAndCut;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.sheet.Register;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Errand;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.link.CutterLink;
import org.zipthimble.link.PrinterLink;

/** Sends a sheet to a cutter on this machine: started, paused, ended, taken up again where it broke off. */
final class CutterCard extends VBox {
  private final Session session;
  private final LatestWork layer = new LatestWork();
  private final ComboBox<String> sheets = new ComboBox<>();
  private final Label words = Controls.wrapped("", "line-note");
  private final ProgressBar bar = new ProgressBar(0);
  private final Button send = Controls.button("cutter-send", "cutter.send", () -> begin(0), "main");
  private final Button pause = Controls.button("cutter-pause", "cutter.pause", this::pause, "plain");
  private final Button end = Controls.button("cutter-end", "cutter.end", this::end, "plain");
  private final Button resume = Controls.button("cutter-resume", "cutter.resume", () -> begin(this.brokenAt), "plain");
  private final AtomicBoolean paused = new AtomicBoolean();
  private final Errand errand = new Errand();
  private final HBox running;
  private final CheckBox fromTray = new CheckBox(Wording.text("cutter.fromTray"));
  private List<CutSheet> known = List.of();
  private boolean printed;
  private int port = CutterLink.PORT;
  private int brokenAt;
  private volatile int lastDone;

  CutterCard(Session session) {
    super(8);
    this.session = session;
    getStyleClass().add("card");
    sheets.setId("cutter-sheet");
    sheets.setMaxWidth(Double.MAX_VALUE);
    sheets.setAccessibleText(Wording.text("cutter.sheet"));
    TypedField at = new TypedField("cutter-port", Wording.text("cutter.port"), text -> port = (int) Lengths.parseNumber(text, 1, 65_535))
        .keeping();
    at.show(String.valueOf(port));
    at.setMaxWidth(80);
    bar.setMaxWidth(Double.MAX_VALUE);
    bar.setAccessibleText(Wording.text("cutter.progress"));
    running = Controls.row(6, pause, end);
    for (Node node : List.of(running, bar, resume)) {
      node.managedProperty().bind(node.visibleProperty());
      node.setVisible(false);
    }
    getChildren().addAll(
        Controls.label(Wording.text("cutter.title"), "card-title"), Controls.under(Wording.text("cutter.sheet"), sheets),
        Controls.row(6, Controls.under(Wording.text("cutter.port"), at),
        Controls.button("cutter-start", "cutter.start", this::start, "quiet")),
        fromTray, send, bar, running, resume, words);
    fromTray.setId("cutter-from-tray");
    fromTray.setWrapText(true);
    fromTray.managedProperty().bind(fromTray.visibleProperty());
  }

  /** Brings the list of sheets up to date. */
  void refresh() {
    Job job = session.job();
    printed = job.sheet().onPaper() && Register.wanted(job);
    fromTray.setVisible(printed);
    setVisible(!job.cutting().lanes().isEmpty());
    setManaged(!job.cutting().lanes().isEmpty());
    layer.replace(() -> Layout.of(job).sheets(), found -> {
      known = found;
      List<String> names = new java.util.ArrayList<>();
      if (printed) {
        names.add(Wording.text("cutter.printed"));
      }
      found.forEach(s -> names.add(Wording.text("cutter.one", s.lane().name(), s.number())));
      if (!names.equals(sheets.getItems())) {
        sheets.getItems().setAll(names);
        sheets.getSelectionModel().select(0);
      }
      send.setDisable(names.isEmpty());
    });
  }

  private record Work(String plotter, double height, Optional<CutterLink.Print> print) {}

  private Work work(Job job, int index) throws Trouble, Stopped {
    if (printed && index == 0) {
      PrintAndCut both = PrintAndCut.of(job, job.leaving().get(0), Progress.SILENT);
      if (fromTray.isSelected()) {
        return new Work(both.plotter(), both.height(), Optional.of(fromTray(both)));
      }
      return new Work(both.plotter(), both.height(),
          Optional.of(new CutterLink.Print(both.png(), both.ppi(), Register.RADIUS, both.marks())));
    }
    CutSheet sheet = known.get(index - (printed ? 1 : 0));
    return new Work(CutDrawings.plotter(sheet), CutDrawings.size(sheet).height(), Optional.empty());
  }

  /** The sheet that lies on top of the practice printer's tray: the cutter looks for the marks in its picture and goes by them. */
  private static CutterLink.Print fromTray(PrintAndCut both) throws Trouble {
    PrinterLink.Sheet sheet = PrinterLink.top(PrinterLink.look(PrinterLink.address(String.valueOf(PrinterLink.PORT))))
        .orElseThrow(() -> Trouble.of("cutter.trayEmpty"));
    Size page = new Size(sheet.figure("askedWidth"), sheet.figure("askedHeight"));
    // a page that was turned by a quarter to lie as the paper does is laid under the cutter as it was made
    Printing how = sheet.how();
    double ppi = sheet.figure("ppi");
    return new CutterLink.Print(how.turned(page) ? PngFile.turned(sheet.png(), ppi) : sheet.png(), ppi, Register.RADIUS, both.marks());
  }

  private void begin(int from) {
    int index = sheets.getSelectionModel().getSelectedIndex();
    if (index < 0) {
      return;
    }
    Job job = session.job();
    List<String> missing = CutFonts.missing(job);
    if (!missing.isEmpty() && !session.asker().mayCutStandIn(missing)) {
      ended(Wording.text("send.standIn", String.join(", ", missing)), 0);
      return;
    }
    paused.set(false);
    lastDone = from;
    working(true);
    AtomicReference<String> plotter = new AtomicReference<>("");
    errand.begin(progress -> {
      Work work = work(job, index);
      plotter.set(work.plotter());
      return CutterLink.send(port, work.plotter(), work.height(), work.print(), from, watch(progress));
    }, bar::setProgress, new Errand.Ending<>(ending -> ended(ending.words(), 0), sentence -> {
      boolean begun = !plotter.get().isEmpty() && lastDone > 0;
      ended(sentence, begun ? CutterLink.resume(plotter.get(), lastDone) : 0);
    }, () -> ended(Wording.text("cutter.ended"), 0)));
  }

  private CutterLink.Watch watch(Progress progress) {
    return new CutterLink.Watch() {
      @Override
      public void done(int orders, int all) {
        lastDone = orders;
        progress.at((double) orders / all);
      }

      @Override
      public void said(String said) {
        Platform.runLater(() -> words.setText(said));
      }

      @Override
      public boolean paused() {
        return paused.get();
      }

      @Override
      public boolean stopped() {
        return progress.stopped();
      }
    };
  }

  private void working(boolean on) {
    running.setVisible(on);
    bar.setVisible(on);
    send.setDisable(on);
    resume.setVisible(false);
    pause.setText(Wording.text("cutter.pause"));
    if (on) {
      bar.setProgress(0);
    }
  }

  private void ended(String sentence, int at) {
    working(false);
    words.setText(sentence);
    brokenAt = at;
    resume.setVisible(at > 0);
  }

  private void pause() {
    boolean now = !paused.get();
    paused.set(now);
    pause.setText(Wording.text(now ? "cutter.goOn" : "cutter.pause"));
  }

  private void end() {
    errand.stop();
  }

  /** Starts the practice cutter as a program of its own. */
  private void start() {
    try {
      PracticePrograms.start(session, "org.zipthimble.practice.window.CutterWindow", port, "practice-cutter.log");
      words.setText(Wording.text("cutter.starting", port));
    } catch (IOException e) {
      words.setText(Wording.text("cutter.notStarted"));
    }
  }
}
