package org.zipthimble.desktop.bench;

import java.nio.file.Path;
import java.util.List;
import java.util.function.BiConsumer;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Kit;
import org.zipthimble.desktop.state.Session;

/** The bench between its two tape rulers, with the zoom slip and what the person is told. */
public final class BenchPane extends BorderPane {
  private static final double STEP = 1.25;

  private final Session session;
  private final BenchLens lens = new BenchLens();
  private final BenchView view;
  private final TapeRuler across = new TapeRuler(true);
  private final TapeRuler down = new TapeRuler(false);
  private final Label unit = Kit.label("", "ruler-unit");

  /** The bench for a session. */
  public BenchPane(Session session) {
    this.session = session;
    this.view = new BenchView(session, lens);
    unit.setMinSize(TapeRuler.THICK, TapeRuler.THICK);
    unit.setAlignment(Pos.CENTER);
    across.setMinHeight(TapeRuler.THICK);
    across.setPrefHeight(TapeRuler.THICK);
    down.setMinWidth(TapeRuler.THICK);
    down.setPrefWidth(TapeRuler.THICK);
    BorderPane top = new BorderPane(across);
    top.setLeft(unit);
    setTop(top);
    setLeft(down);
    StackPane middle = new StackPane(view, zoomSlip(), notice());
    middle.setMinSize(0, 0);
    setCenter(middle);
    setMinSize(0, 0);
    lens.viewProperty().addListener(o -> rulers());
    session.shownProperty().addListener(o -> rulers());
    view.widthProperty().addListener(o -> rulers());
    view.heightProperty().addListener(o -> rulers());
  }

  /** What happens to files that are dropped, and where on the face they fell. */
  public void setOnFiles(BiConsumer<List<Path>, Point> action) {
    view.setOnFiles(action);
  }

  /** The place of the face in the middle of what is seen. */
  public Point middle() {
    return lens.now().toFace(new Point(lens.width() / 2, lens.height() / 2));
  }

  /** Where a place of the face is, in pixels of the bench. */
  public Point pixelOf(Point face) {
    return lens.now().toPixel(face);
  }

  /** Gives the bench the keys. */
  public void takeFocus() {
    view.requestFocus();
  }

  /** Shows the whole face. */
  public void fit() {
    lens.fit();
  }

  /** Shows the face as large as it is. */
  public void trueSize() {
    lens.scaledAtMiddle(screenPpi());
  }

  /** One step nearer. */
  public void nearer() {
    lens.scaledAtMiddle(lens.now().scale() * STEP);
  }

  /** One step farther. */
  public void farther() {
    lens.scaledAtMiddle(lens.now().scale() / STEP);
  }

  /** Takes the objects that are selected away. */
  public void removeSelected() {
    view.removeSelected();
  }

  private static double screenPpi() {
    return Screen.getPrimary().getDpi();
  }

  private void rulers() {
    Viewport now = lens.now();
    Unit shown = session.unit();
    unit.setText(shown.sign());
    across.show(now, shown, view.getWidth());
    down.show(now, shown, view.getHeight());
  }

  private HBox zoomSlip() {
    Label figure = Kit.label("", "zoom-figure");
    figure.textProperty().bind(Bindings.createStringBinding(
        () -> Wording.text("zoom.percent", Lengths.plain(lens.now().scale() / screenPpi() * 100, 0)), lens.viewProperty()));
    ToggleButton clean = new ToggleButton(Wording.text("zoom.clean"));
    clean.setId("zoom-clean");
    clean.getStyleClass().add("slip-button");
    clean.setTooltip(new Tooltip(Wording.text("zoom.clean.tip")));
    view.cleanProperty().bindBidirectional(clean.selectedProperty());
    HBox slip = new HBox(
        2, Kit.button("zoom-out", "zoom.out", this::farther, "slip-button"), figure,
        Kit.button("zoom-in", "zoom.in", this::nearer, "slip-button"),
        Kit.button("zoom-fit", "zoom.fit", this::fit, "slip-button"),
        Kit.button("zoom-true", "zoom.true", this::trueSize, "slip-button"), clean);
    slip.getStyleClass().add("zoom-slip");
    slip.setAlignment(Pos.CENTER);
    slip.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    StackPane.setAlignment(slip, Pos.BOTTOM_LEFT);
    StackPane.setMargin(slip, new Insets(8));
    return slip;
  }

  private Label notice() {
    Label label = Kit.wrapped("", "notice");
    label.setId("notice");
    label.textProperty().bind(session.noticeProperty());
    label.visibleProperty().bind(session.noticeProperty().isNotEqualTo(""));
    label.setMaxWidth(520);
    label.setMaxHeight(Region.USE_PREF_SIZE);
    label.setOnMouseClicked(e -> session.say(""));
    StackPane.setAlignment(label, Pos.TOP_CENTER);
    StackPane.setMargin(label, new Insets(10));
    return label;
  }
}
