package org.zipthimble.desktop.item;

import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** Three ways to begin, for whoever has no job yet; it can be put away. */
final class WaysCard extends VBox {
  private static final String NAME = "ways";

  private final Session session;
  private boolean taken;

  WaysCard(Session session, Runnable thing, Runnable demo, Runnable together) {
    super(8);
    this.session = session;
    getStyleClass().add("ways-card");
    HBox ways = new HBox(10, way("thing", thing), way("demo", demo), way("together", together));
    ways.getChildren().forEach(w -> HBox.setHgrow(w, Priority.ALWAYS));
    getChildren().addAll(Controls.row(8, Controls.label(Wording.text("waysCard.title"), "side-title"), Controls.spring(),
        Controls.button("ways-away", "waysCard.away", () -> session.preferences().change(s -> s.without(NAME)), "quiet")), ways);
    managedProperty().bind(visibleProperty());
    refresh();
  }

  private static VBox way(String name, Runnable action) {
    String title = Wording.text("waysCard." + name);
    VBox words = new VBox(3, Controls.wrapped(title, "finding-title"),
        Controls.wrapped(Wording.text("waysCard." + name + ".note"), "side-note"));
    VBox card = Controls.card("way-" + name, title, words, action, "demo-card", "way");
    card.setMaxWidth(Double.MAX_VALUE);
    card.setPrefWidth(200);
    return card;
  }

  /** Keeps it away while one of its ways is gone, or lets it come again. */
  void taken(boolean on) {
    taken = on;
    refresh();
  }

  /** Shows it to whoever has no job yet and has not put it away. */
  void refresh() {
    setVisible(!taken && session.preferences().now().recent().isEmpty() && !session.preferences().now().putAway().contains(NAME));
  }
}
