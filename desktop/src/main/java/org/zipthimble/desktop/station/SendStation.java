package org.zipthimble.desktop.station;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.ShopCard;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.cut.Assembly;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.send.CutDrawings;
import org.zipthimble.core.send.CutOrder;
import org.zipthimble.core.send.CutSender;
import org.zipthimble.core.send.Format;
import org.zipthimble.core.paint.LensPainter;
import org.zipthimble.core.paint.TiffFile;
import org.zipthimble.core.send.SendOptions;
import org.zipthimble.core.send.Order;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Pages;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.PagePicture;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** Out to a file: what it will look like, how far it is, and what the written file measures. */
public final class SendStation {
  private static final double PREVIEW_ROOM = 300;
  private static final double DRAWN_PPI = 90;
  private static final int DRAWN_PIXELS = 900;
  private static final double SENT = 0.85;
  private static final int MOST_VERSIONS = 999;

  private final Session session;
  private final VBox bench = new VBox(12);
  private final ScrollPane scroll = new ScrollPane(bench);
  private final VBox side = new VBox(8);
  private final FlowPane previews = new FlowPane(18, 12);
  private final LatestWork cutLayer = new LatestWork("cut-preview");
  private final LatestWork estimator = new LatestWork("estimate");
  private final Label previewTitle = Controls.label("", "side-title");
  private final VBox report = new VBox(8);
  private final ToggleGroup kinds = new ToggleGroup();
  private final ToggleGroup which = new ToggleGroup();
  private final TypedField ppi;
  private SendOptions manner = SendOptions.USUAL;
  private final SendOptionRows mannerRows;
  private final CheckBox bleed;
  private final Label notes = Controls.wrapped("", "side-note");
  private final Label warning = Controls.wrapped("", "line-note", "ruin");
  private final Button write;
  private final Button stop;
  private final ProgressBar bar = new ProgressBar(0);
  private final AtomicBoolean stopping = new AtomicBoolean();
  /** What a file for a cutter shows; or the printed pages. */
  private enum CutWhat { PAGES, DESIGN, SHEETS, ASSEMBLY }

  private final ToggleGroup whats = new ToggleGroup();
  private final FlowPane whatPills = new FlowPane(4, 4);
  private final Node whatRow = Controls.under(Wording.text("send.what"), whatPills);
  private Node facesRow;
  private final CutterCard cutter;
  private CutWhat cutWhat = CutWhat.PAGES;
  private Format format = Format.PDF;
  private boolean onlyThisFace;
  private Optional<Path> lastFolder = Optional.empty();
  private double resolution;
  private boolean sending;

  /** The station for a session. */
  public SendStation(Session session) {
    this.session = session;
    resolution = session.job().ticket().ppi();
    ppi = new TypedField("send-ppi", Wording.text("send.ppi"), text -> {
      resolution = Lengths.parseNumber(text.replace(Wording.text("ticket.ppi"), ""), Order.LEAST_PPI, Order.MOST_PPI);
      refresh();
    });
    mannerRows = new SendOptionRows(() -> manner, other -> {
      manner = other;
      refresh();
    });
    bleed = Controls.check("send-bleed", "send.bleed", true, on -> refresh());
    write = Controls.button("send-write", "send.write", this::write, "main");
    stop = Controls.button("send-stop", "send.stop", () -> stopping.set(true), "plain");
    cutter = new CutterCard(session);
    build();
    session.historyProperty().addListener((o, was, is) -> {
      if (was.now().ticket().ppi() != is.now().ticket().ppi()) {
        resolution = is.now().ticket().ppi();
      }
      report.getChildren().clear();
      refresh();
    });
    session.stationProperty().addListener(o -> refresh());
    session.findingsProperty().addListener(o -> refresh());
    session.faceIdProperty().addListener(o -> refresh());
    refresh();
  }

  /** The preview and the report. */
  public Node bench() {
    return scroll;
  }

  /** The settings. */
  public Node side() {
    return side;
  }

  private void build() {
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("bench-scroll");
    scroll.setFitToHeight(true);
    scroll.setMinSize(0, 0);
    bench.getStyleClass().add("item-bench");
    previews.getStyleClass().add("previews");
    bench.getChildren().addAll(previewTitle, previews, report);
    FlowPane formats = new FlowPane(4, 4);
    for (Format one : Format.values()) {
      ToggleButton pill = pill("send-" + one.name().toLowerCase(Locale.ROOT), Wording.text("format." + one.name().toLowerCase(Locale.ROOT)), kinds, () -> format = one);
      pill.managedProperty().bind(pill.visibleProperty());
      formats.getChildren().add(pill);
    }
    HBox faces = new HBox(4, pill("send-all", Wording.text("send.all"), which, () -> onlyThisFace = false),
        pill("send-this", Wording.text("send.this"), which, () -> onlyThisFace = true));
    for (CutWhat what : CutWhat.values()) {
      ToggleButton pill = pill("send-what-" + what.name().toLowerCase(Locale.ROOT), Wording.text("sendWhat." + what.name().toLowerCase(Locale.ROOT)), whats, () -> cutWhat = what);
      pill.managedProperty().bind(pill.visibleProperty());
      whatPills.getChildren().add(pill);
    }
    whats.selectToggle(whats.getToggles().get(0));
    kinds.selectToggle(kinds.getToggles().get(0));
    which.selectToggle(which.getToggles().get(0));
    facesRow = Controls.under(Wording.text("send.faces"), faces);
    ppi.setMaxWidth(90);
    bar.setMaxWidth(Double.MAX_VALUE);
    bar.setAccessibleText(Wording.text("send.progress"));
    HBox.setHgrow(bar, Priority.ALWAYS);
    HBox running = Controls.row(8, bar, stop);
    running.visibleProperty().bind(bar.visibleProperty());
    running.managedProperty().bind(bar.visibleProperty());
    bar.setVisible(false);
    VBox card = new VBox(10, Controls.under(Wording.text("send.kind"), formats), whatRow, facesRow,
        Controls.under(Wording.text("send.ppi"), ppi), mannerRows, bleed, Controls.stitch(), notes, warning, write, running);
    card.getStyleClass().add("card");
    side.getStyleClass().add("side");
    whatRow.managedProperty().bind(whatRow.visibleProperty());
    facesRow.managedProperty().bind(facesRow.visibleProperty());
    ppi.managedProperty().bind(ppi.visibleProperty());
    side.getChildren().addAll(Controls.label(Wording.text("send.title"), "side-title"), card, cutter);
  }

  private ToggleButton pill(String id, String text, ToggleGroup group, Runnable action) {
    ToggleButton pill = new ToggleButton(text);
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setToggleGroup(group);
    pill.setOnAction(e -> {
      pill.setSelected(true);
      action.run();
      refresh();
    });
    return pill;
  }

  private void refresh() {
    if (session.stationProperty().get() != Station.SEND) {
      return;
    }
    Job job = session.job();
    cutter.refresh();
    choices(job);
    ppi.show(Wording.text("ticket.ppi.value", Lengths.plain(resolution, 1)));
    ppi.setDisable(!format.pixels());
    mannerRows.refresh(format, job.colour().to().inks() && cutWhat == CutWhat.PAGES);
    estimate(job);
    notes.setText(Wording.text(job.ticket().mirror() ? "send.mirrored" : "send.asSeen") + " "
        + Wording.text(job.sheet().onPaper() ? "send.onPaper" : "send.alone") + colours(job));
    int findings = session.findingsProperty().get().size();
    String unwanted = job.colour().shop().filter(c -> cutWhat == CutWhat.PAGES && !c.formats().contains(format.name().toLowerCase(Locale.ROOT)))
        .map(c -> Wording.text("shop.format", c.name(), String.join(", ", c.formats()))).orElse("");
    warning.setText((unwanted + " " + (findings == 0 ? "" : Wording.counted("send.findings", findings))).strip());
    warning.setManaged(!warning.getText().isEmpty());
    write.setDisable(sending);
    if (report.getChildren().isEmpty()) {
      preview(job);
    }
  }

  /** How the colours leave; what a kind of file cannot hold is said before it is written. */
  private String colours(Job job) {
    if (!job.colour().to().inks() || cutWhat != CutWhat.PAGES || manner.plain()) {
      return "";
    }
    String profile = job.colour().profile().name();
    return " " + (format == Format.PDF ? Wording.text("send.press", profile) : format.inks() ? Wording.text("send.pressTiff", profile)
        : Wording.text("send.noInk", Wording.text("format." + format.name().toLowerCase(Locale.ROOT))));
  }

  /** About how large a JPEG will be, before it is written. */
  private void estimate(Job job) {
    if (format != Format.JPEG || sending) {
      mannerRows.say("");
      return;
    }
    Order order = order(job, Path.of("estimate.jpg"));
    int face = Math.max(1, face(job).orElse(1));
    estimator.want(() -> {
      try {
        return Wording.text("send.about", Lengths.plain(Sender.estimate(job, order, face, session.halvings(), Progress.SILENT) / 1e6, 2));
      } catch (Trouble | Stopped e) {
        return "";
      }
    }, mannerRows::say);
  }

  private Order order(Job job, Path file) {
    return new Order(file, face(job), resolution, options(job), manner);
  }

  /** Shows what can be chosen: cut files only where something is cut, and of those only what their kind can hold. */
  private void choices(Job job) {
    boolean cuts = !job.cutting().lanes().isEmpty();
    if (!cuts && (format.cuts() || cutWhat != CutWhat.PAGES)) {
      format = Format.PDF;
      cutWhat = CutWhat.PAGES;
    }
    for (int i = 0; i < Format.values().length; i++) {
      ((ToggleButton) kinds.getToggles().get(i)).setVisible(cuts || !Format.values()[i].cuts());
    }
    boolean pdf = format == Format.PDF;
    boolean onlyCut = cuts && job.faces().stream().allMatch(f -> Scene.of(f).printing(job.frame(f).bleedBox()).isEmpty());
    for (CutWhat what : CutWhat.values()) {
      boolean fits = switch (what) {
        case PAGES -> !format.cuts() && !(onlyCut && pdf);
        case DESIGN -> format == Format.SVG || format == Format.DXF;
        case SHEETS -> format.cuts() || pdf;
        case ASSEMBLY -> pdf && job.cutting().split().on();
      };
      ((ToggleButton) whats.getToggles().get(what.ordinal())).setVisible(fits);
      if (!fits && cutWhat == what) {
        cutWhat = format.cuts() ? (format == Format.PLOTTER ? CutWhat.SHEETS : CutWhat.DESIGN) : onlyCut && pdf ? CutWhat.SHEETS : CutWhat.PAGES;
      }
    }
    kinds.selectToggle(kinds.getToggles().get(format.ordinal()));
    whats.selectToggle(whats.getToggles().get(cutWhat.ordinal()));
    whatRow.setVisible(cuts && !format.pixels());
    facesRow.setVisible(cutWhat == CutWhat.PAGES);
    bleed.setVisible(cutWhat == CutWhat.PAGES);
    bleed.setManaged(cutWhat == CutWhat.PAGES);
  }

  private Optional<CutOrder> cutOrder(Path file) {
    return cutWhat == CutWhat.PAGES ? Optional.empty()
        : Optional.of(new CutOrder(file, CutOrder.What.valueOf(cutWhat.name()), Optional.empty()));
  }

  private PageOptions options(Job job) {
    return PageOptions.of(job).withBleed(bleed.isSelected());
  }

  private OptionalInt face(Job job) {
    return onlyThisFace
        ? OptionalInt.of(1 + job.faces().stream().map(f -> f.id()).toList().indexOf(session.faceIdProperty().get()))
        : OptionalInt.empty();
  }

  private void preview(Job job) {
    previewTitle.setText(Wording.text("send.preview"));
    previews.getChildren().clear();
    if (cutWhat != CutWhat.PAGES) {
      cutPreview(job);
      return;
    }
    try {
      OptionalInt one = face(job);
      for (int i = 0; i < job.faces().size(); i++) {
        if (one.isPresent() && one.getAsInt() != i + 1) {
          continue;
        }
        DrawnPage page = Pages.of(job, job.faces().get(i), options(job));
        PagePicture picture = new PagePicture(new LatestWork("preview"));
        boolean proof = job.colour().to().inks() && format.inks() && !manner.plain();
        double scale = scale(page.size().width(), page.size().height());
        if (proof) {
          picture.show(ppi -> LensPainter.proof(page, ppi, session.halvings(), job.colour().inking(job.palette()), job.palette().stock()), scale);
        } else {
          picture.show(() -> page, scale, session.halvings());
        }
        previews.getChildren().add(captioned(picture, Wording.text(
            proof ? "send.pageInk" : "send.page", page.name(), Lengths.show(page.size(), session.unit()))));
      }
    } catch (Trouble trouble) {
      previews.getChildren().setAll(Controls.wrapped(trouble.getMessage(), "finding-text"));
    }
  }

  /** The sheets that are cut, or the design, drawn with their cut lines. */
  private void cutPreview(Job job) {
    cutLayer.want(() -> cutPages(job), pages -> {
      previews.getChildren().clear();
      for (DrawnPage page : pages) {
        PagePicture picture = new PagePicture(new LatestWork("preview"));
        picture.show(() -> page, scale(page.size().width(), page.size().height()), session.halvings());
        previews.getChildren().add(captioned(picture, Wording.text("send.page", page.name(), Lengths.show(page.size(), session.unit()))));
      }
    });
  }

  private List<DrawnPage> cutPages(Job job) {
    return switch (cutWhat) {
      case DESIGN -> List.of(CutDrawings.designPage(job));
      case ASSEMBLY -> Assembly.pages(job);
      default -> Layout.of(job).sheets().stream().map(s -> CutDrawings.shown(job, s)).toList();
    };
  }

  private static double scale(double width, double height) {
    return Math.min(PREVIEW_ROOM / height, PREVIEW_ROOM * 1.2 / width);
  }

  private static Node captioned(Node picture, String caption) {
    VBox box = new VBox(4, picture, Controls.label(caption, "side-note"));
    box.setAlignment(Pos.BOTTOM_LEFT);
    return box;
  }

  /** The name that is proposed: by the shop's pattern with the next version that is not there yet, else the job's. */
  private String proposed(Job job) {
    Optional<ShopCard> card = job.colour().shop();
    if (card.isEmpty()) {
      return session.fileName(format.ending());
    }
    int version = 1;
    String name = card.get().fileName(job.name(), job.ticket().item(), version) + format.ending();
    while (lastFolder.isPresent() && Files.exists(lastFolder.get().resolve(name)) && version < MOST_VERSIONS) {
      version++;
      name = card.get().fileName(job.name(), job.ticket().item(), version) + format.ending();
    }
    return name;
  }

  private void write() {
    Job job = session.job();
    Optional<Path> chosen = session.asker().whereToSend(proposed(job), format.ending());
    if (chosen.isEmpty()) {
      return;
    }
    Path file = chosen.get();
    lastFolder = Optional.ofNullable(file.toAbsolutePath().getParent());
    boolean seen = !format.endingOf(file.getFileName().toString()).isEmpty();
    if (format.endingOf(file.getFileName().toString()).isEmpty()) {
      file = file.resolveSibling(file.getFileName() + format.ending());
    }
    Order order = order(job, file);
    Optional<CutOrder> cuts = cutOrder(file);
    if (!mayWrite(job, order, cuts, seen)) {
      return;
    }
    sending = true;
    stopping.set(false);
    bar.setProgress(0);
    bar.setVisible(true);
    session.say("");
    refresh();
    Thread thread = new Thread(() -> send(job, order, cuts), "send");
    thread.setDaemon(true);
    thread.start();
  }

  /** The person has agreed to the one name that was chosen; other files that are there already are asked about. */
  private boolean mayWrite(Job job, Order order, Optional<CutOrder> cuts, boolean seen) {
    try {
      List<Path> files = cuts.isPresent() ? CutSender.files(job, cuts.get()) : Sender.files(job, order);
      List<String> there = files.stream().filter(f -> !(seen && f.equals(order.file())))
          .filter(Files::exists).map(f -> f.getFileName().toString()).toList();
      return there.isEmpty() || session.asker().mayReplace(there);
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
      return false;
    }
  }

  private void send(Job job, Order order, Optional<CutOrder> cuts) {
    Progress progress = new Progress() {
      @Override
      public void at(double fraction) {
        Platform.runLater(() -> bar.setProgress(fraction * SENT));
      }

      @Override
      public boolean stopped() {
        return stopping.get();
      }
    };
    try {
      List<Measured> measured = cuts.isPresent() ? CutSender.send(job, cuts.get(), progress) : Sender.send(job, order, progress);
      List<BufferedImage> drawn = drawn(measured, Format.of(order.file().getFileName().toString()));
      Platform.runLater(() -> written(measured, drawn));
    } catch (Trouble trouble) {
      Platform.runLater(() -> ended(trouble.getMessage()));
    } catch (Stopped stopped) {
      Platform.runLater(() -> ended(Wording.text("send.stopped")));
    } catch (IOException e) {
      Platform.runLater(() -> ended(Wording.text("proof.damaged", order.file().getFileName())));
    }
  }

  private static List<BufferedImage> drawn(List<Measured> measured, Format format) throws IOException {
    List<BufferedImage> pictures = new ArrayList<>();
    for (Measured one : measured) {
      if (format.pixels()) {
        pictures.add(ReadBack.small(one.file(), DRAWN_PIXELS));
      } else if (!format.cuts()) {
        byte[] bytes = Files.readAllBytes(one.file());
        for (int page = 0; page < ReadBack.pages(bytes); page++) {
          pictures.add(ReadBack.draw(bytes, page, DRAWN_PPI));
        }
      }
    }
    return pictures;
  }

  private void ended(String sentence) {
    sending = false;
    bar.setVisible(false);
    session.say(sentence);
    refresh();
  }

  private void written(List<Measured> measured, List<BufferedImage> drawn) {
    report.getChildren().clear();
    for (Measured one : measured) {
      report.getChildren().add(table(one));
    }
    if (!drawn.isEmpty()) {
      previewTitle.setText(Wording.text("send.drawn"));
      previews.getChildren().clear();
    }
    for (BufferedImage image : drawn) {
      ImageView view = new ImageView(FxPictures.of(image));
      view.setPreserveRatio(true);
      view.setSmooth(true);
      view.setFitHeight(scale(image.getWidth(), image.getHeight()) * image.getHeight());
      view.getStyleClass().add("page-picture");
      previews.getChildren().add(view);
    }
    ended("");
  }

  private static Node table(Measured measured) {
    GridPane grid = new GridPane();
    grid.getStyleClass().add("report");
    grid.setHgap(18);
    grid.setVgap(5);
    grid.addRow(0, Controls.label(Wording.text("report.what"), "field-label"), Controls.label(Wording.text("report.wanted"), "field-label"),
        Controls.label(Wording.text("report.found"), "field-label"));
    int row = 1;
    for (Measured.Line line : measured.lines()) {
      grid.addRow(row++, Controls.label(line.name(), "report-cell"), Controls.label(line.wanted(), "report-cell"),
          Controls.label(line.found(), "report-figure"),
          Icons.of(line.right() ? Icons.WELL : Icons.RUIN, line.right() ? "mark-well" : "mark-ruin"));
    }
    Label title = Controls.label(Wording.text(measured.right() ? "report.right" : "report.wrong", measured.file().getFileName()), "side-title");
    title.setId("report-title");
    VBox card = new VBox(6, title, Controls.label(Wording.text("report.where", measured.file().toAbsolutePath().getParent(),
        Lengths.plain(measured.bytes() / 1000.0, 0)), "side-note"), grid);
    card.getStyleClass().add("card");
    return card;
  }
}
