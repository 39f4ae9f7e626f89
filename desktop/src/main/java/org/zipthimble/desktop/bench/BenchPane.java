package org.zipthimble.desktop.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import javafx.beans.binding.Bindings;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Insets;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Dragboard;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import org.zipthimble.core.arrange.PlacedBox;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** The bench between its two tape rulers, with the zoom slip and what the person is told. */
public final class BenchPane extends BorderPane {
  private static final double STEP = 1.25;

  /** A face that is to be worked on is given so many pixels at least. */
  private static final double LEAST_FACE = 240;

  private final Session session;
  private final BenchLens lens = new BenchLens();
  private final BenchView view;
  private final LensSlip lenses;
  private final StackPane middle = new StackPane();
  private final ThingOver thingOver;
  private final TapeRuler across = new TapeRuler(true);
  private final TapeRuler down = new TapeRuler(false);
  private List<Object> rulersShown = List.of();
  private final Label unit = Controls.label("", "ruler-unit");

  /** The bench for a session. */
  public BenchPane(Session session) {
    this.session = session;
    this.view = new BenchView(session, lens);
    this.thingOver = new ThingOver(session);
    unit.setMinSize(TapeRuler.THICK, TapeRuler.THICK);
    unit.setAlignment(Pos.CENTER);
    across.setMinHeight(TapeRuler.THICK);
    across.setPrefHeight(TapeRuler.THICK);
    down.setMinWidth(TapeRuler.THICK);
    down.setPrefWidth(TapeRuler.THICK);
    // what is seen of it where the rulers are taken away
    getStyleClass().add("plain-bench");
    BorderPane top = new BorderPane(across);
    top.setLeft(unit);
    setTop(top);
    setLeft(down);
    lenses = new LensSlip(session, view, this::lay);
    middle.getChildren().setAll(view, zoomSlip());
    middle.setMinSize(0, 0);
    middle.setViewOrder(1);
    setCenter(middle);
    setMinSize(0, 0);
    lens.viewProperty().addListener(o -> rulers());
    session.shownProperty().addListener(o -> rulers());
    view.widthProperty().addListener(o -> rulers());
    view.heightProperty().addListener(o -> rulers());
    session.preferences().settingsProperty().addListener(o -> rulers());
    guideOut(across, true);
    guideOut(down, false);
  }

  /** What is laid over the bench in place of the face. */
  enum Over {
    /** The face on its thing. */
    ON_THING,
    /** Where the ends of a wrap meet. */
    AT_SEAM,
    /** The face as it leaves, bent. */
    AS_BENT;

    /** Whether a face has such a look. */
    boolean fits(Job job, Face face) {
      return switch (this) {
        case ON_THING -> true;
        case AT_SEAM -> ThingEdits.closing(job, face).isPresent();
        case AS_BENT -> job.development(face).isPresent();
      };
    }
  }

  /**
   * Lays something over the bench, or takes it away. What is seen in its place is not drawn at the bench's scale, so that the inches of
   * the rulers would be wrong.
   */
  private void lay(Optional<Over> over) {
    for (Node ruler : List.of(across, down, unit)) {
      ruler.setVisible(over.isEmpty());
    }
    middle.getChildren().remove(thingOver);
    thingOver.show(over);
    over.ifPresent(o -> middle.getChildren().add(thingOver));
  }

  /** A press on a ruler draws a guide out of it. */
  private void guideOut(TapeRuler ruler, boolean level) {
    Drag[] drag = {Drag.NONE};
    ruler.setOnMousePressed(e -> drag[0] = view.hands().guides().fromRuler(level));
    ruler.setOnMouseDragged(e -> {
      Point2D at = view.sceneToLocal(e.getSceneX(), e.getSceneY());
      drag[0].to(new Point(at.getX(), at.getY()), new Drag.Keys(e.isShiftDown(), e.isControlDown(), e.isAltDown()));
    });
    ruler.setOnMouseReleased(e -> drag[0].done());
  }

  /** What happens to what is dropped, and where on the face it fell. */
  public void setOnDropped(BiPredicate<Dragboard, Point> action) {
    view.setOnDropped(action::test);
  }

  /** The lenses that the bench is looked at through while checking. */
  public Node lenses() {
    return lenses;
  }

  /** What happens at a press on a place of the face before all else; whether it was used. */
  public void setPlacing(Predicate<Point> action) {
    view.setPlacing(action);
  }

  /** What happens to an outline that was drawn on the bench, and whether it is closed. */
  public void setOnDrawn(java.util.function.BiConsumer<org.zipthimble.core.geom.Path, Boolean> action) {
    view.hands().drafting().setOnDrawn(action);
  }

  /** The place of the face in the middle of what is seen. */
  public Point middle() {
    return lens.now().toFace(new Point(lens.width() / 2, lens.height() / 2));
  }

  /** Where a place of the face is, in pixels of the bench. */
  public Point pixelOf(Point face) {
    return lens.now().toPixel(face);
  }

  /** Keeps a fitted face clear of so many pixels at the right and at the lower edge; 0 for none but the usual. */
  public void leave(double atRight, double atFoot) {
    lens.leave(atRight, atFoot);
  }

  /**
   * How many pixels are free between the bleed edge of the face and the right edge of the bench while nothing but the usual lies over it.
   */
  public double freeAtRight() {
    return lens.width() - usualPlace().right();
  }

  /**
   * How many pixels at the right of the bench are a slip's that would lie over the face; 0 for one that does not, or that leaves too
   * little of the bench.
   */
  public double takenBy(Region slip) {
    if (!slip.isVisible() || slip.getParent() == null) {
      return 0;
    }
    Bounds at = view.sceneToLocal(slip.getParent()
        .localToScene(new BoundingBox(slip.getLayoutX(), slip.getLayoutY(), slip.getWidth(), slip.getHeight())));
    double left = at.getMinX();
    boolean over = usualPlace().meet(new Box(left, at.getMinY(), at.getWidth(), at.getHeight())).isPresent();
    return over && left >= LEAST_FACE ? lens.width() - left : 0;
  }

  private Box usualPlace() {
    Box face = session.frame().bleedBox();
    return Box.between(lens.usual().toPixel(face.corners().get(0)), lens.usual().toPixel(face.corners().get(2)));
  }

  /** Gives the bench the keys. */
  public void takeFocus() {
    view.requestFocus();
  }

  /** Shows the whole face. */
  public void fit() {
    lens.fit();
  }

  /** Shows the face across its whole width. */
  public void width() {
    lens.acrossWhole();
  }

  /** Shows what is selected. */
  public void toSelection() {
    PlacedBox.of(session.face(), session.selectionProperty().get()).stream().map(PlacedBox::box).reduce(Box::union).ifPresent(lens::show);
  }

  /** Shows the face as large as it is. */
  public void trueSize() {
    lens.scaledAtMiddle(screenPpi());
  }

  /** Shows the face as trimmed, without lines; or with them again. */
  public void clean() {
    view.cleanProperty().set(!view.cleanProperty().get());
  }

  /** Whether the bench is shown clean. */
  public boolean isClean() {
    return view.cleanProperty().get();
  }

  /** The next drag measures a distance. */
  public void measure() {
    view.hands().measure();
    session.say(Wording.text("field.how"));
  }

  /** One step nearer. */
  public void nearer() {
    zoom(STEP);
  }

  /** Shows the face this many times as large. */
  public void zoom(double factor) {
    lens.scaledAtMiddle(lens.now().scale() * factor);
  }

  /** One step farther. */
  public void farther() {
    zoom(1 / STEP);
  }

  /** Says that what is tried out only moves objects by a distance on the face, as a drag does. */
  public void moved(double dx, double dy) {
    view.moved(java.util.Optional.of(new Point(dx, dy)));
  }

  /** Ends what {@link #moved} began. */
  public void letGo() {
    view.moved(java.util.Optional.empty());
  }

  /** How many times the art has been painted so far, for stating the pace. */
  public long painted() {
    return view.painted();
  }

  /** Takes the objects that are selected away. */
  public void removeSelected() {
    view.removeSelected();
  }

  /** Pixels of the bench in an inch of the screen: as measured with a card, else as the screen says. */
  private double screenPpi() {
    double measured = session.preferences().now().screenPpi();
    return (measured > 0 ? measured : Screen.getPrimary().getDpi()) / session.preferences().now().scale();
  }

  private void rulers() {
    Viewport now = lens.now();
    Unit shown = session.unit();
    boolean atSheet = session.preferences().now().sheetOrigin();
    List<Object> key = List.of(now, shown, atSheet, view.getWidth(), view.getHeight(),
        atSheet ? Imposition.trimOnPage(session.shownProperty().get(), session.face()) : new Point(0, 0));
    if (key.equals(rulersShown)) {
      return;
    }
    rulersShown = key;
    unit.setText(shown.sign());
    Point origin = atSheet ? Imposition.trimOnPage(session.shownProperty().get(), session.face()) : new Point(0, 0);
    Viewport from = now.moved(-origin.x() * now.scale(), -origin.y() * now.scale());
    across.show(from, shown, view.getWidth());
    down.show(from, shown, view.getHeight());
  }

  private HBox zoomSlip() {
    Label figure = Controls.label("", "zoom-figure");
    figure.textProperty().bind(Bindings.createStringBinding(
        () -> Wording.text("zoom.percent", Lengths.plain(lens.now().scale() / screenPpi() * 100, 0)), lens.viewProperty()));
    ToggleButton clean = new ToggleButton(Wording.text("zoom.clean"));
    clean.setId("zoom-clean");
    clean.getStyleClass().add("slip-button");
    Controls.tip(clean, Wording.text("zoom.clean.tip"));
    view.cleanProperty().bindBidirectional(clean.selectedProperty());
    HBox slip = new HBox(
        2, Controls.button("zoom-out", "zoom.out", this::farther, "slip-button"), figure,
        Controls.button("zoom-in", "zoom.in", this::nearer, "slip-button"),
        Controls.button("zoom-fit", "zoom.fit", this::fit, "slip-button"),
        Controls.button("zoom-true", "zoom.true", this::trueSize, "slip-button"), clean);
    slip.getStyleClass().add("zoom-slip");
    slip.setAlignment(Pos.CENTER);
    slip.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    StackPane.setAlignment(slip, Pos.BOTTOM_LEFT);
    StackPane.setMargin(slip, new Insets(8));
    return slip;
  }
}
