package org.zipthimble.desktop.sending;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.cut.CutFonts;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.job.ShopCard;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.proof.Glance;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.send.Choice;
import org.zipthimble.core.send.Content;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.JpegFormat;
import org.zipthimble.core.send.OutputFormat;
import org.zipthimble.core.send.OutputFormats;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.item.PhotoPane;
import org.zipthimble.desktop.item.ThingCard;
import org.zipthimble.desktop.state.Errand;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Listening;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.StationView;

/** Out to a file: what it will look like, how far it is, and what the written file measures. */
public final class SendStation implements StationView {
  /** Room for the thing beside the pages. */
  private static final double BESIDE = 398;

  /** Pages stand below each other from this width on. */
  private static final double LEAST_PAGES = 340;

  /** So many pixels for one that is shown, for a screen that is finer. */
  private static final double FINER = 2;
  private static final int DRAWN_PAGES = 12;
  private static final int MOST_VERSIONS = 999;

  private final Session session;
  private final SendChoices choices;
  private final SendPreview previews;
  private final SendReport report = new SendReport();
  private final Label previewTitle = Controls.label("", "side-title");
  private final VBox bench = new VBox(12);
  private final ScrollPane scroll = new PlainScroll(bench);
  private final VBox side = new VBox(8);
  private final VBox versionRow = new VBox();
  private final Label notes = Controls.wrapped("", "side-note");
  private final Label warning = Controls.wrapped("", "line-note", "ruin");
  private final Button write;
  private final Button stop;
  private final ProgressBar bar = new ProgressBar(0);
  private final Errand errand = new Errand();
  private final LatestWork estimator = new LatestWork();
  private final Listening listening = new Listening();
  private final CutterCard cutter;
  private final PrinterCard printer;
  private final ThingCard thing;
  private final PhotoPane photo;
  private final Notebook notebook;
  private final StackPane sides = new StackPane();
  private final TypedField version;
  private Optional<Path> lastFolder = Optional.empty();
  private List<Object> estimated = List.of();
  private boolean sending;

  /** The station for a session. */
  public SendStation(Session session) {
    this.session = session;
    choices = new SendChoices(session, this::refresh);
    previews = new SendPreview(session, choices);
    write = Controls.button("send-write", "sendPane.write", this::write, "main");
    stop = Controls.button("send-stop", "sendPane.stop", errand::stop, "plain");
    cutter = new CutterCard(session);
    printer = new PrinterCard(session);
    photo = new PhotoPane(session, () -> photo(false));
    thing = new ThingCard(session, () -> photo(true));
    notebook = new Notebook(session, () -> notebook(false));
    version = new TypedField("send-version", Wording.text("sendPane.version"), text -> {
      int next = (int) Lengths.parseNumber(text, 1, Making.MOST_VERSIONS);
      session.apply(new Edit(Wording.text("edit.version"), j -> j.withMaking(j.making().withVersion(next))));
    });
    build();
    listening.to(session.historyProperty(), (o, was, is) -> {
      if (was.now().ticket().ppi() != is.now().ticket().ppi()) {
        choices.resolution(is.now().ticket().ppi());
      }
      report.clear();
      printer.clear();
      refresh();
    });
    listening.to(session.checking().reportProperty(), this::refresh).to(session.faceIdProperty(), this::refresh);
  }

  @Override
  public Node middle() {
    return scroll;
  }

  @Override
  public Node side() {
    return sides;
  }

  /** Opens the press notebook over the side, or puts it away. */
  public void notebook(boolean open) {
    notebook.setVisible(open);
    if (open) {
      notebook.refresh();
    }
  }

  /** Opens the person's photograph above the files, or puts it away. */
  private void photo(boolean open) {
    photo.setVisible(open);
    if (open) {
      photo.refresh();
    }
  }

  @Override
  public void entered() {
    listening.attach();
    report.clear();
    refresh();
  }

  @Override
  public void left() {
    listening.release();
    estimator.drop();
    previews.drop();
    thing.drop();
    photo.drop();
    estimated = List.of();
  }

  private void build() {
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("bench-scroll");
    scroll.setFitToHeight(true);
    scroll.setMinSize(0, 0);
    bench.getStyleClass().add("item-bench");
    photo.managedProperty().bind(photo.visibleProperty());
    photo.setVisible(false);
    notebook.managedProperty().bind(notebook.visibleProperty());
    notebook.setVisible(false);
    version.setPrefWidth(60);
    versionRow.managedProperty().bind(versionRow.visibleProperty());
    versionRow.getChildren().setAll(Controls.under(Wording.text("sendPane.version"), version));
    previews.prefWrapLengthProperty().bind(Bindings.max(LEAST_PAGES, scroll.widthProperty().subtract(BESIDE)));
    bench.getChildren().addAll(photo, printer.after(), previewTitle, besideOrBelow(), report);
    bar.setMaxWidth(Double.MAX_VALUE);
    bar.setAccessibleText(Wording.text("sendPane.progress"));
    HBox.setHgrow(bar, Priority.ALWAYS);
    HBox running = Controls.row(8, bar, stop);
    running.visibleProperty().bind(bar.visibleProperty());
    running.managedProperty().bind(bar.visibleProperty());
    bar.setVisible(false);
    VBox card = new VBox(10, choices, versionRow, Controls.stitch(), notes, warning, write, running);
    card.getStyleClass().add("card");
    side.getStyleClass().add("side");
    side.getChildren().addAll(Controls.row(6, Controls.label(Wording.text("sendPane.title"), "side-title"), Controls.spring(),
        Controls.button("send-notebook", "sendPane.notebook", () -> notebook(true), "quiet")), card, printer, cutter);
    ScrollPane scrolled = new PlainScroll(side);
    scrolled.setFitToWidth(true);
    scrolled.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scrolled.getStyleClass().add("bare-scroll");
    sides.getChildren().setAll(scrolled, notebook);
  }

  /** The thing stands beside the pages, or below them where there is no room. */
  private Node besideOrBelow() {
    FlowPane both = new FlowPane(22, 16, previews, thing);
    both.setRowValignment(VPos.TOP);
    return both;
  }

  private void refresh() {
    Job job = session.job();
    cutter.refresh();
    printer.refresh();
    thing.refresh();
    versionRow.setVisible(choices.content() == Content.PROOF);
    version.show(String.valueOf(job.making().version()));
    if (photo.isVisible()) {
      photo.refresh();
    }
    if (notebook.isVisible()) {
      notebook.refresh();
    }
    choices.refresh(job);
    lastInTheSide(choices.content().cut() ? printer : cutter);
    estimate(job);
    notes.setText(hand(job) + " "
        + Wording.text(job.sheet().onPaper() ? "sendPane.onPaper" : "sendPane.alone") + colours(job));
    int findings = session.checking().report().counted();
    String id = choices.format().id();
    String unwanted = job.colour().shop().filter(c -> choices.content() == Content.PAGES && !c.formats().contains(id))
        .map(c -> Wording.text("shopCard.format", c.name(), String.join(", ", c.formats()))).orElse("");
    warning.setText((unwanted + " " + (findings == 0 ? "" : Wording.text("sendPane.findings", findings))).strip());
    warning.setManaged(!warning.getText().isEmpty());
    write.setDisable(sending);
    if (report.empty()) {
      previewTitle.setText(Wording.text("sendPane.preview"));
      previews.show(job);
    }
  }

  /** Which way round it leaves: what is cut as its lanes say, all else as the ticket says. */
  private String hand(Job job) {
    if (!choices.content().cut()) {
      return Wording.text(job.ticket().mirror() ? "sendPane.mirrored" : "sendPane.asSeen");
    }
    String turned = job.cutting().lanes().stream().filter(job::mirrorsHere).map(Lane::name).collect(Collectors.joining(", "));
    return turned.isEmpty() ? Wording.text("sendPane.cutAsSeen") : Wording.text("sendPane.cutMirrored", turned);
  }

  /** The machine that this file is for stands next to it, the other below. */
  private void lastInTheSide(Node card) {
    if (side.getChildren().get(side.getChildren().size() - 1) != card) {
      card.toFront();
    }
  }

  /** How the colours leave; what a kind of file cannot hold is said before it is written. */
  private String colours(Job job) {
    if (!choices.inks(job)) {
      return "";
    }
    String profile = job.colour().profile().name();
    OutputFormat format = choices.format();
    return " " + (format.choices(choices.content()).contains(Choice.PICTURES) ? Wording.text("sendPane.press", profile)
        : format.inks() ? Wording.text("sendPane.pressTiff", profile) : Wording.text("sendPane.noInk", format.title()));
  }

  /** About how large a file with loss will be, before it is written; worked out anew only when something has changed. */
  private void estimate(Job job) {
    if (!choices.format().choices(choices.content()).contains(Choice.QUALITY) || sending) {
      choices.say("");
      estimated = List.of();
      return;
    }
    FileOrder order = choices.order(job, Path.of("estimate" + choices.format().ending()));
    int face = Math.max(1, order.face().orElse(1));
    List<Object> asked = List.of(job, order, face);
    if (asked.equals(estimated)) {
      return;
    }
    estimated = asked;
    estimator.replace(() -> {
      try {
        return Wording.text("sendPane.about",
            Lengths.plain(JpegFormat.estimate(job, order, face, session.halvings(), Progress.SILENT) / 1e6, 2));
      } catch (Trouble | Stopped e) {
        return "";
      }
    }, choices::say);
  }

  /** The name that is proposed: by the shop's pattern with the next version that is not there yet, else the job's. */
  private String proposed(Job job) {
    String ending = choices.format().ending();
    Optional<ShopCard> card = job.colour().shop();
    if (card.isEmpty()) {
      return session.fileName(ending);
    }
    int version = 1;
    String name = card.get().fileName(job.name(), job.ticket().item(), version) + ending;
    while (lastFolder.isPresent() && Files.exists(lastFolder.get().resolve(name)) && version < MOST_VERSIONS) {
      version++;
      name = card.get().fileName(job.name(), job.ticket().item(), version) + ending;
    }
    return name;
  }

  private void write() {
    Job job = session.job();
    OutputFormat format = choices.format();
    Optional<Path> chosen = session.asker().whereToSend(proposed(job), format.ending());
    if (chosen.isEmpty()) {
      return;
    }
    Path file = chosen.get();
    lastFolder = Optional.ofNullable(file.toAbsolutePath().getParent());
    boolean seen = !format.endingOf(file.getFileName().toString()).isEmpty();
    FileOrder order = standIns(job, choices.order(job, seen ? file : file.resolveSibling(file.getFileName() + format.ending())));
    if (mayWrite(job, order, seen)) {
      send(job, order);
    }
  }

  /** Words whose face is not here are cut in the stand-in only with the person's word. */
  private FileOrder standIns(Job job, FileOrder order) {
    List<String> missing = choices.content().cut() ? CutFonts.missing(job) : List.of();
    return missing.isEmpty() ? order : order.withStandIns(session.asker().mayCutStandIn(missing));
  }

  /** The person has agreed to the one name that was chosen; other files that are there already are asked about. */
  private boolean mayWrite(Job job, FileOrder order, boolean seen) {
    try {
      List<String> there = Sender.files(job, order).stream().filter(f -> !(seen && f.equals(order.file())))
          .filter(Files::exists).map(f -> f.getFileName().toString()).toList();
      return there.isEmpty() || session.asker().mayReplace(there);
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
      return false;
    }
  }

  private void send(Job job, FileOrder order) {
    sending = true;
    bar.setProgress(0);
    bar.setVisible(true);
    session.say("");
    // a button that goes dim hands the keyboard to whatever comes next, and the pane would be drawn there
    if (write.isFocused()) {
      stop.requestFocus();
    }
    refresh();
    double room = previews.room();
    errand.begin(progress -> written(job, order, progress, room), bar::setProgress, new Errand.Ending<>(came -> {
      written(came.measured(), came.drawn());
      ended("");
    }, this::ended, () -> ended(Wording.text("sendPane.stopped"))));
  }

  /** Files that were written, and what they look like. */
  private record CameOutAs(List<Measured> measured, List<BufferedImage> drawn) {}

  private static CameOutAs written(Job job, FileOrder order, Progress progress, double room) throws Trouble, Stopped {
    try {
      List<Measured> measured = Sender.send(job, order, progress);
      return new CameOutAs(measured, drawn(measured, OutputFormats.of(order.file().getFileName().toString()), room));
    } catch (IOException e) {
      throw Trouble.because(e, "proof.damaged", order.file().getFileName());
    }
  }

  private static List<BufferedImage> drawn(List<Measured> measured, OutputFormat format, double room) throws IOException {
    DoubleBinaryOperator finer = (width, height) -> FINER * SendPreview.scale(width, height, room);
    List<BufferedImage> pictures = new ArrayList<>();
    for (Measured one : measured) {
      if (format.pixels()) {
        pictures.add(Glance.picture(one.file(), finer));
      } else if (one.file().toString().toLowerCase(Locale.ROOT).endsWith(".pdf")) {
        pictures.addAll(Glance.pages(one.file(), DRAWN_PAGES, finer));
      }
    }
    return pictures;
  }

  private void ended(String sentence) {
    sending = false;
    boolean held = stop.isFocused();
    refresh();
    if (held) {
      write.requestFocus();
    }
    bar.setVisible(false);
    session.say(sentence);
  }

  private void written(List<Measured> measured, List<BufferedImage> drawn) {
    report.show(measured);
    session.writtenProperty().set(session.writtenProperty().get() + 1);
    if (!drawn.isEmpty()) {
      previewTitle.setText(Wording.text("sendPane.drawn"));
      previews.drawn(drawn);
    }
  }
}
