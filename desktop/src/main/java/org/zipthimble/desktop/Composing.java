package org.zipthimble.desktop;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.Dragboard;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.bring.OrnamentShelf;
import org.zipthimble.core.check.all.Report;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.desktop.bench.BenchPane;
import org.zipthimble.desktop.command.ShapeCommands;
import org.zipthimble.desktop.compose.LayersPane;
import org.zipthimble.desktop.compose.TrayPane;
import org.zipthimble.desktop.slip.FigureSlip;
import org.zipthimble.desktop.slip.HintSlip;
import org.zipthimble.desktop.slip.PlacingSlip;
import org.zipthimble.desktop.slip.ShelfPane;
import org.zipthimble.desktop.slip.WordSlips;
import org.zipthimble.desktop.state.CopiedObjects;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.state.StationView;
import org.zipthimble.desktop.tag.TagPane;
import org.zipthimble.desktop.tray.Adders;

/** The station where a job is composed: the bench, the tag and the layers at the right, the tray and the ornament shelf below. */
final class Composing implements StationView {
  private final Session session;
  private static final AtomicBoolean WARM = new AtomicBoolean();
  private static final double SLIP_MARGIN = 10;

  private final BenchPane bench;
  private Runnable beside = () -> { };
  private final Adders adders;
  private final CopiedObjects clip;
  private final LayersPane layers;
  private final TagPane tag;
  private final ShelfPane shelf;
  private final VBox bottom = new VBox();
  private final TrayPane tray;
  private final VBox side;
  private final PlacingSlip placing;
  private final FigureSlip figures;
  private final WordSlips wordSlips;
  private final List<Region> over;
  private final ShapeCommands shapes;

  /**
   * The station of a session.
   *
   * @param place what its side stands in
   */
  Composing(Session session, Region place) {
    this.session = session;
    bench = new BenchPane(session);
    adders = Adders.of(session);
    shelf = new ShelfPane(session, adders, () -> shelf(false));
    placing = new PlacingSlip(session, adders.pictures());
    figures = new FigureSlip(session);
    shapes = new ShapeCommands(session, figures);
    wordSlips = new WordSlips(session, bench::takeFocus);
    bench.setOnDrawn(adders.objects()::drawn);
    bench.setOnDropped(this::dropped);
    bench.setPlacing(placing::place);
    adders.pictures().setOnSeveral(placing::wait);
    adders.shelf().setOnShelf(shelf::fill);
    tag = new TagPane(session);
    tag.setOnStyles(() -> wordSlips.styles().open());
    tag.setOnFonts(() -> wordSlips.fonts().open());
    layers = new LayersPane(session);
    VBox.setVgrow(layers, Priority.ALWAYS);
    tag.maxHeightProperty().bind(Bindings.createDoubleBinding(() -> Math.floor(place.getHeight() * 0.7), place.heightProperty()));
    over = new ArrayList<>(wordSlips.all());
    over.add(figures);
    for (Region slip : over) {
      slip.boundsInParentProperty().addListener((o, was, is) -> beside.run());
      slip.visibleProperty().addListener(o -> beside.run());
    }
    session.historyProperty().addListener(o -> beside.run());
    session.preferences().settingsProperty().addListener(o -> beside.run());
    session.faceIdProperty().addListener(o -> beside.run());
    session.stationProperty().addListener(o -> beside.run());
    side = new VBox(8, tag, layers);
    side.getStyleClass().add("side");
    tray = new TrayPane(session, adders, () -> shelf(!shelfOpen()), () -> wordSlips.faces().open(), bench::takeFocus);
    bottom.getChildren().add(tray);
    clip = new CopiedObjects(session, files -> adders.pictures().loose(files, bench.middle()),
        text -> adders.objects().words(text, bench.middle()),
        (name, bytes) -> adders.pictures().picture(name, bytes, bench.middle()));
  }

  /**
   * What does beforehand what the first use would wait for, each a short piece of work: setting and drawing words and shapes beside the
   * window, the tag's parts and the shelf. What has been used once needs none of it: it is given to the first window of the process alone.
   */
  List<Runnable> warmings() {
    if (WARM.getAndSet(true)) {
      return List.of();
    }
    HoldsWords words = ItemWords.of(
        ItemProperties.of("i1", "warm"), Placement.of(0.5, 0.5, 2, 1, 0), "Ag",
        new WordStyle("Figtree", "Regular", 24, 120, 0, Align.CENTRE, Colour.BLACK));
    HasOutline shape = ItemShape.of(
        ItemProperties.of("i2", "warm"), Placement.of(0.5, 2, 1, 1, 0), new Outline.Ellipse(), Optional.of(Colour.BLACK),
        Optional.of(LineLook.of(1, Colour.BLACK)));
    Job job = StandardItem.blank("warm", StandardItem.INVITATION.size(), 1).changed("f1", f -> f.withItems(List.of(words, shape)));
    List<Runnable> warmings = new ArrayList<>();
    warmings.add(() -> LatestWork.aside(() -> {
      OrnamentShelf.all();
      FacePainter.onPaper(Imposition.bench(job, job.faces().get(0)), 20, session.halvings());
      Report.of(job);
    }));
    TagPane.parts(session, List.of(words, shape)).forEach(part -> warmings.add(() -> SceneLooks.warm(part.get())));
    warmings.add(shelf::fill);
    warmings.add(() -> {
      if (!shelfOpen()) {
        SceneLooks.warm(shelf);
      }
    });
    return warmings;
  }

  TrayPane tray() {
    return tray;
  }

  void tagAtOnce() {
    tag.makeAtOnce();
  }

  private boolean dropped(Dragboard board, Point at) {
    if (board.hasString() && shelf.dropped(board.getString(), at)) {
      return true;
    }
    if (board.hasFiles()) {
      adders.pictures().dropped(board.getFiles().stream().map(File::toPath).toList(), at);
      return true;
    }
    if (board.hasImage() && board.getImage() != null) {
      adders.pictures().picture("dropped", CopiedObjects.png(board.getImage()), at);
      return true;
    }
    if (board.hasString() && !board.getString().isBlank()) {
      adders.objects().words(board.getString(), at);
      return true;
    }
    return false;
  }

  /** Opens or closes the ornament shelf above the tray. */
  void shelf(boolean open) {
    if (open && !shelfOpen()) {
      shelf.fill();
      bottom.getChildren().add(0, shelf);
    } else if (!open) {
      bottom.getChildren().remove(shelf);
    }
  }

  boolean shelfOpen() {
    return bottom.getChildren().contains(shelf);
  }

  /** Lays the slips of the bench over it. */
  void dress(StackPane centre, HintSlip hint) {
    hint.show();
    // the bench lays its face out once it has its own width
    beside = () -> Platform.runLater(() -> {
      boolean here = session.stationProperty().get() == Station.COMPOSE;
      double taken = here ? over.stream().mapToDouble(bench::takenBy).max().orElse(0) : 0;
      // elsewhere it stands in the side
      boolean room = hint.beside(here ? bench.freeAtRight() - 4 * SLIP_MARGIN : 0) || taken > 0;
      bench.leave(taken, room || !here || hint.high() == 0 ? 0 : hint.high() + 2 * SLIP_MARGIN);
    });
    centre.widthProperty().addListener(o -> beside.run());
    VBox slips = new VBox(6, placing, hint);
    slips.setAlignment(Pos.BOTTOM_RIGHT);
    slips.setPickOnBounds(false);
    slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
    StackPane.setMargin(slips, new Insets(SLIP_MARGIN));
    centre.getChildren().add(slips);
    centre.getChildren().addAll(over);
    for (Region slip : over) {
      StackPane.setAlignment(slip, Pos.TOP_RIGHT);
      StackPane.setMargin(slip, new Insets(34, 12, 0, 0));
    }
  }

  @Override
  public Node middle() {
    return bench;
  }

  @Override
  public Node side() {
    return side;
  }

  @Override
  public void entered() {
    // The bench is shared with checking and follows the job all the time.
  }

  @Override
  public void left() {
    bench.leave(0, 0);
    figures.close();
  }

  BenchPane bench() {
    return bench;
  }

  Adders adders() {
    return adders;
  }

  CopiedObjects clip() {
    return clip;
  }

  WordSlips wordSlips() {
    return wordSlips;
  }

  ShapeCommands shapes() {
    return shapes;
  }

  LayersPane layers() {
    return layers;
  }

  Node bottom() {
    return bottom;
  }
}
