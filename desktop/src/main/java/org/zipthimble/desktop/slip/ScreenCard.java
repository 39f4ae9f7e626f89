package org.zipthimble.desktop.slip;

import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/**
 * Measures the screen with any bank or library card held to it: its outline is pulled until both are
 * alike. Such cards are 85.60 mm wide and 53.98 mm high (ISO/IEC 7810, ID-1).
 */
public final class ScreenCard extends VBox {
  private static final double WIDE = 85.60 / Unit.MM_PER_INCH;
  private static final double HIGH = 53.98 / Unit.MM_PER_INCH;
  private static final double USUAL = 96;

  private final Session session;
  private final StackPane card = new StackPane();
  private final Region edge = new Region();
  private final TypedField figure;
  private double ppi;

  /** The slip of a window; it is hidden until it is opened. */
  public ScreenCard(Session session) {
    super(8);
    this.session = session;
    getStyleClass().add("slip");
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    edge.getStyleClass().add("card-edge");
    edge.setMinWidth(10);
    edge.setMaxWidth(10);
    edge.setCursor(javafx.scene.Cursor.H_RESIZE);
    card.getStyleClass().add("held-card");
    card.getChildren().add(Controls.label(Wording.text("screen.card"), "side-note"));
    HBox row = new HBox(card, edge);
    double[] begun = new double[2];
    edge.setOnMousePressed(e -> {
      begun[0] = e.getScreenX();
      begun[1] = ppi;
    });
    edge.setOnMouseDragged(e -> set(begun[1] + (e.getScreenX() - begun[0]) / WIDE));
    figure = new TypedField("screen-ppi", Wording.text("screen.ppi"), text ->
        set(Lengths.parseNumber(text.replace(Wording.text("ticket.ppi"), ""), Settings.LEAST_SCREEN_PPI, Settings.MOST_SCREEN_PPI)));
    figure.setPrefWidth(90);
    getChildren().addAll(Controls.label(Wording.text("screen.title"), "side-title"),
        Controls.wrapped(Wording.text("screen.how"), "side-note"), row,
        Controls.row(8, figure, Controls.button("screen-keep", "screen.keep", () -> {
          session.preferences().change(s -> s.withScreenPpi(ppi));
          setVisible(false);
        }, "plain"), Controls.button("screen-leave", "screen.leave", () -> setVisible(false), "quiet")));
    setVisible(false);
    managedProperty().bind(visibleProperty());
  }

  /** Opens it at what was measured last. */
  public void open() {
    set(session.preferences().now().screenPpi() > 0 ? session.preferences().now().screenPpi() : USUAL);
    setVisible(true);
    edge.requestFocus();
  }

  private void set(double value) {
    ppi = Math.max(Settings.LEAST_SCREEN_PPI, Math.min(Settings.MOST_SCREEN_PPI, value));
    double scale = session.preferences().now().scale();
    card.setMinSize(WIDE * ppi / scale, HIGH * ppi / scale);
    card.setMaxSize(WIDE * ppi / scale, HIGH * ppi / scale);
    edge.setMinHeight(HIGH * ppi / scale);
    figure.show(Wording.text("ticket.ppi.value", Lengths.plain(ppi, 1)));
  }
}
