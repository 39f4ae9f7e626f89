package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import javafx.animation.PauseTransition;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Pane;
import javafx.util.Duration;
import org.zipthimble.core.arrange.Hint;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.Seen;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.LensView;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** The face at size, with the ticket's lines, the selection and the flags of findings. */
final class BenchView extends Pane {
  private static final int MOST_LOOKED_AT = 400;
  private static final double PANEL_LABEL_IN = 5;
  private static final int MOST_OUTLINED = 60;

  /** More blocks whose words do not go in are told by one flag. */
  private static final int MOST_CHIPS = 12;

  /** Whether any object of a face is a guide. */
  private record Guided(Face of, boolean any) {}

  private final Session session;
  private final BenchLens lens;
  private final LatestWork painter = new LatestWork();
  private final ImageView art = new ImageView();
  private final Group under = new Group();
  private final Group fixed = new Group();
  private final Group over = new Group();
  private final ArtPainter artist;
  private Optional<Point> moved = Optional.empty();
  private List<Object> fixedShown = List.of();
  private final ReadOnlyObjectWrapper<Optional<LensView>> seen = new ReadOnlyObjectWrapper<>(Optional.empty());
  private final BooleanProperty clean = new SimpleBooleanProperty();
  private Optional<Pins> pins = Optional.empty();
  private Optional<Guided> guided = Optional.empty();
  private Optional<Box> band = Optional.empty();
  private boolean bandEncloses;
  private long painted;
  private List<Hint> hints = List.of();
  private Optional<Hint> tape = Optional.empty();
  /** So long the view rests before its art is painted sharp. */
  private final PauseTransition settled = new PauseTransition(Duration.millis(90));
  private ArtPainter.PaintRequest asked;
  private Optional<Viewport> artView = Optional.empty();
  private final BenchHands hands;
  private final DropTargets targets;
  private Dropped dropped = (board, at) -> false;
  private Predicate<Point> placing = at -> false;

  /** What happens to what is dropped, and where on the face it fell; whether it could be used. */
  interface Dropped {
    boolean drop(Dragboard board, Point at);
  }

  BenchView(Session session, BenchLens lens) {
    this.session = session;
    this.lens = lens;
    this.artist = new ArtPainter(session.halvings());
    setId("bench");
    getStyleClass().add("bench");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setAccessibleText(Wording.text("bench.spoken"));
    art.setMouseTransparent(true);
    art.setPreserveRatio(false);
    getChildren().addAll(under, art, fixed, over);
    // What reaches past the bench, as art that a zoom enlarges, would have all of the window painted anew in every frame.
    Controls.clip(this);
    hands = new BenchHands(session, lens, this);
    targets = new DropTargets(session, lens, this);
    listen();
  }

  private void listen() {
    widthProperty().addListener(o -> resized());
    heightProperty().addListener(o -> resized());
    settled.setOnFinished(e -> paint());
    lens.viewProperty().addListener(o -> redraw());
    session.shownProperty().addListener(o -> redraw());
    session.faceIdProperty().addListener(o -> redraw());
    session.selectionProperty().addListener(o -> redrawLines());
    session.checking().findingsProperty().addListener(o -> redrawLines());
    session.checking().lookedAtProperty().addListener(o -> redrawLines());
    session.stationProperty().addListener(o -> redrawLines());
    clean.addListener(o -> redraw());
    session.checking().lensProperty().addListener(o -> redraw());
    session.openProperty().addListener(o -> redrawLines());
    session.keyProperty().addListener(o -> redrawLines());
    session.selection().pointsProperty().addListener(o -> redrawLines());
    session.selection().chosenPointsProperty().addListener(o -> redrawLines());
    session.preferences().settingsProperty().addListener(o -> redraw());
    setOnDragOver(e -> {
      Dragboard board = e.getDragboard();
      if (board.hasFiles() || board.hasImage() || board.hasString()) {
        e.acceptTransferModes(TransferMode.COPY);
        targets.over(board, new Point(e.getX(), e.getY()));
      }
      e.consume();
    });
    setOnDragExited(e -> targets.gone());
    setOnDragDropped(e -> {
      e.setDropCompleted(dropped.drop(e.getDragboard(), lens.now().toFace(new Point(e.getX(), e.getY()))));
      e.consume();
    });
  }

  void setOnDropped(Dropped action) {
    dropped = action;
  }

  /** What happens at a press on a place of the face before all else; whether it was used. */
  void setPlacing(Predicate<Point> action) {
    placing = action;
  }

  boolean place(Point at) {
    return placing.test(at);
  }

  BenchHands hands() {
    return hands;
  }

  long painted() {
    return painted;
  }

  /** What is seen through the lens. */
  ReadOnlyObjectProperty<Optional<LensView>> seenProperty() {
    return seen.getReadOnlyProperty();
  }

  BooleanProperty cleanProperty() {
    return clean;
  }

  Optional<Pins> pins() {
    return pins;
  }

  void band(Optional<Box> box, boolean encloses) {
    band = box;
    bandEncloses = encloses;
    redrawLines();
  }

  void hints(List<Hint> shown) {
    if (!shown.isEmpty() || !hints.isEmpty()) {
      hints = shown;
      redrawLines();
    }
  }

  void tape(Optional<Hint> shown) {
    if (shown.isPresent() || tape.isPresent()) {
      tape = shown;
      redrawLines();
    }
  }

  boolean removeSelected() {
    Set<String> ids = session.selectionProperty().get();
    if (ids.isEmpty()) {
      return false;
    }
    session.apply(Edits.remove(session.faceIdProperty().get(), ids));
    return true;
  }

  private void resized() {
    if (getWidth() > 0 && getHeight() > 0) {
      lens.size(getWidth(), getHeight());
      redraw();
    }
  }

  private void redraw() {
    lens.whole(session.frame().bleedBox());
    redrawLines();
    if (getWidth() < 1 || getHeight() < 1) {
      return;
    }
    double sharp = getScene() == null || getScene().getWindow() == null ? 1
        : getScene().getWindow().getOutputScaleX() * session.preferences().now().scale();
    int width = (int) Math.ceil(getWidth() * sharp);
    int height = (int) Math.ceil(getHeight() * sharp);
    ArtPainter.PaintRequest before = asked;
    asked = new ArtPainter.PaintRequest(
        session.trying() ? session.job() : session.shownProperty().get(), session.shownProperty().get(), session.face().id(), lens.now(),
        sharp, width, height, clean.get(), moved,
        session.checking().lensProperty().get());
    laid();
    if (before != null && artView.isPresent() && !before.view().equals(asked.view()) && before.sameBut(asked)) {
      settled.playFromStart();
    } else {
      settled.stop();
      paint();
    }
  }

  private void paint() {
    ArtPainter.PaintRequest wanted = asked;
    painter.want(() -> artist.paint(wanted), image -> {
      painted++;
      art.setImage(FxPictures.of(image));
      art.setFitWidth(wanted.width() / wanted.sharp());
      art.setFitHeight(wanted.height() / wanted.sharp());
      artView = Optional.of(wanted.view());
      laid();
      seen.set(artist.seen());
    });
  }

  /**
   * While the view moves, the art that was painted last is laid where it belongs and as large as it is; it is painted sharp once the view
   * rests.
   */
  private void laid() {
    Optional<Affine> map = artView.filter(v -> !v.equals(lens.now())).map(v -> v.toPixels().inverse().then(lens.now().toPixels()));
    art.setSmooth(map.isEmpty());
    art.getTransforms().setAll(map.map(m -> new javafx.scene.transform.Affine(m.a(), m.c(), m.e(), m.b(), m.d(), m.f())).stream().toList());
  }

  /** Says that the next edits that are tried out only move objects by this distance on the face; empty ends it. */
  void moved(Optional<Point> by) {
    moved = by;
  }

  void redrawLines() {
    Viewport view = lens.now();
    if (!fixedKey().equals(fixedShown)) {
      fixedShown = fixedKey();
      redrawFixed(view);
    }
    List<Node> nodes = new ArrayList<>();
    pins = Optional.empty();
    if (!clean.get()) {
      sideTable(view, nodes);
      guideObjects(view, nodes);
      openGroup(view, nodes);
      if (session.selection().pointsProperty().get().isPresent()) {
        hands.points().show(view, nodes);
      } else {
        selection(view, nodes);
      }
      hands.drafting().show(view, nodes);
      targets.show(view, nodes);
      hands.brush().show(view, nodes);
      hands.mounts().show(view, nodes);
      hands.typing().show(view, nodes);
    }
    nodes.addAll(Chalk.hints(hints, view, getWidth(), getHeight()));
    tape.ifPresent(t -> nodes.addAll(Chalk.tape(t, view, getWidth(), getHeight())));
    band.ifPresent(box -> nodes.add(DrawnNodes.box(box, view, bandEncloses ? "band-encloses" : "band-touches")));
    over.getChildren().setAll(nodes);
  }

  /** What the paper and the ticket's lines depend on; while it stays the same they are not drawn anew. */
  private List<Object> fixedKey() {
    Job job = session.shownProperty().get();
    return List.of(lens.now(), job.ticket(), session.frame(), session.face().form(), job.palette().stock(), session.face().guides(),
        session.face().id(), session.checking().findingsProperty().get(),
        session.stationProperty().get(), clean.get(), session.preferences().now(), getWidth(), getHeight());
  }

  /** What lies beside the face lies on its side table, which is never printed or cut. */
  private void sideTable(Viewport view, List<Node> nodes) {
    if (session.face().items().size() > MOST_LOOKED_AT) {
      return;
    }
    Box bleed = session.frame().bleedBox();
    Scene scene = Scene.of(session.face());
    if (scene.nodes().size() > MOST_LOOKED_AT) {
      return;
    }
    scene.nodes().stream().filter(n -> n.visible() && n.cut().isEmpty() && n.leavesBelow().stream().noneMatch(l -> l.reaches(bleed)))
        .map(n -> scene.around(n.item())).reduce(Box::union).ifPresent(all -> {
      Box table = all.grown(0.1);
      nodes.add(DrawnNodes.box(table, view, "side-table"));
      Label label = Controls.label(Wording.text("bench.sideTable"), "side-table-label");
      Point at = view.toPixel(new Point(table.x(), table.y()));
      label.relocate(at.x(), at.y() - 18);
      label.setMouseTransparent(true);
      nodes.add(label);
    });
  }

  /** What the panels of a folded face are called, inside their heads; one that stands on its head says so. */
  private void panels(Frame frame, Viewport view, List<Node> nodes) {
    session.face().form().fold().ifPresent(fold -> fold.panels(frame.size()).forEach(panel -> {
      String name = Wording.text(panel.key(), panel.number());
      Label label = Controls.label(panel.headDown() ? Wording.text("panel.headDown", name) : name, "side-table-label");
      Point at = view.toPixel(new Point(panel.box().x(), panel.box().y()));
      label.relocate(at.x() + PANEL_LABEL_IN, at.y() + PANEL_LABEL_IN);
      label.setMouseTransparent(true);
      nodes.add(label);
    }));
  }

  private void redrawFixed(Viewport view) {
    Job job = session.shownProperty().get();
    Frame frame = session.frame();
    if (clean.get()) {
      under.getChildren().setAll(TicketLines.trimmed(frame, job.palette().stock(), view));
      fixed.getChildren().clear();
      return;
    }
    under.getChildren().setAll(TicketLines.paper(frame, job.palette().stock(), view));
    List<Node> nodes = new ArrayList<>();
    if (session.preferences().now().gridShown()) {
      nodes.addAll(Chalk.grid(frame.bleedBox(), session.preferences().now().grid(), view));
    }
    nodes.addAll(TicketLines.of(frame, view));
    panels(frame, view, nodes);
    nodes.addAll(Chalk.guides(session.face(), frame.size(), view, getWidth(), getHeight()));
    findings(view, nodes);
    fixed.getChildren().setAll(nodes);
  }

  private void guideObjects(Viewport view, List<Node> nodes) {
    targets.empty(view, nodes);
    // looked for once in a face: while it is zoomed or dragged across, thousands of objects would be gone through in each frame
    if (guided.isEmpty() || guided.get().of() != session.face()) {
      guided = Optional.of(new Guided(session.face(), session.face().all().stream().anyMatch(i -> i.properties().role() == Role.GUIDE)));
    }
    if (!guided.get().any()) {
      return;
    }
    Forms forms = new Forms(session.shownProperty().get());
    Scene.of(session.face()).leaves().stream().filter(n -> n.visible() && n.helps())
        .forEach(n -> nodes.add(DrawnNodes.path(forms.silhouette(n), view, "guide-object")));
  }

  private void findings(Viewport view, List<Node> nodes) {
    boolean checking = session.stationProperty().get() == Station.CHECK;
    List<Finding> flagged = new ArrayList<>();
    List<Finding> leftOver = new ArrayList<>();
    for (Finding finding : session.checking().findingsProperty().get()) {
      if (!finding.faceId().equals(session.face().id())) {
        continue;
      }
      if (finding.code().equals("words-left-over")) {
        leftOver.add(finding);
      } else if (checking || finding.code().equals("bleed-short")) {
        flagged.add(finding);
      }
    }
    if (leftOver.size() > MOST_CHIPS) {
      flagged.addAll(leftOver);
    } else {
      leftOver.forEach(f -> nodes.add(Flags.leftOver(f, view)));
    }
    nodes.addAll(Flags.of(flagged, view, getWidth(), getHeight(), session.frame().bleedBox()));
  }

  private void openGroup(Viewport view, List<Node> nodes) {
    session.openProperty().get().flatMap(session.face()::find).ifPresent(group -> {
      Affine ground = Scene.of(session.face()).under(group.id());
      nodes.add(outline(group.placement(), ground, view, "open-group"));
    });
  }

  private void selection(Viewport view, List<Node> nodes) {
    List<Item> selected = session.selected();
    Affine ground = session.ground();
    if (selected.isEmpty()) {
      return;
    }
    if (session.openProperty().get().filter(g -> Seen.bent(session.face(), g)).isPresent()) {
      // pins would stand where nothing is seen; figures in the tag and drags move what is bent
      selected.forEach(i -> nodes.add(DrawnNodes.bent(i.placement(), Seen.of(session.face(), i.id()), view, "selected-box")));
      return;
    }
    if (selected.size() == 1) {
      pins = Optional.of(new Pins(selected.get(0).placement(), ground, view, false));
    } else {
      for (Item item : selected.size() <= MOST_OUTLINED ? selected : List.<Item>of()) {
        boolean key = session.keyProperty().get().filter(item.id()::equals).isPresent();
        nodes.add(outline(item.placement(), ground, view, key ? "key-box" : "selected-box"));
      }
      Box whole = selected.stream().map(i -> i.placement().around()).reduce(Box::union).orElseThrow();
      pins = Optional.of(new Pins(Placement.of(whole), ground, view, selected.size() > 2));
    }
    nodes.addAll(pins.get().nodes());
  }

  private static Node outline(Placement placement, Affine ground, Viewport view, String style) {
    Box own = new Box(0, 0, placement.width(), placement.height());
    return DrawnNodes.polygon(own.corners().stream().map(placement.toGround().then(ground)::apply).toList(), view, style);
  }
}
