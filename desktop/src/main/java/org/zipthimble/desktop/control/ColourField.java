package org.zipthimble.desktop.control;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Bounds;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Session;

/** A swatch that opens a paper of colours, and beside it the colour's digits to type. */
public final class ColourField extends HBox {
  private static final int ACROSS = 6;

  private final Button swatch = new Button();
  private final TypedField digits;
  private final Session session;
  private final Supplier<List<Colour>> offered;
  private final Consumer<Optional<Colour>> taken;
  private final boolean none;
  private Optional<Colour> shown = Optional.empty();

  /**
   * A field.
   *
   * @param none whether there may be no colour
   * @param session whose swatches stand on the paper too
   * @param offered the colours on the paper
   */
  public ColourField(
      String id, String spoken, boolean none, Session session, Supplier<List<Colour>> offered, Consumer<Optional<Colour>> taken) {
    super(6);
    this.session = session;
    this.offered = offered;
    this.taken = taken;
    this.none = none;
    swatch.setId(id + "-swatch");
    swatch.setAccessibleText(spoken);
    swatch.getStyleClass().add("swatch");
    swatch.setOnAction(e -> unfold());
    digits = new TypedField(id, spoken, text -> taken.accept(
        none && (text.isBlank() || text.equals(Wording.text("colourField.none"))) ? Optional.empty() : Optional.of(Colour.parse(text))));
    digits.setPrefWidth(74);
    digits.setMinWidth(62);
    HBox.setHgrow(digits, Priority.ALWAYS);
    getChildren().addAll(swatch, digits);
  }

  /** Shows a colour or none. */
  public void show(Optional<Colour> colour) {
    shown = colour;
    swatch.setStyle(colour.map(c -> "-fx-background-color: -zt-line, " + c.hex() + ";").orElse(""));
    swatch.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("none"), colour.isEmpty());
    digits.show(colour.map(Colour::hex).orElse(Wording.text("colourField.none")));
  }

  private void unfold() {
    Popup popup = new Popup();
    popup.setAutoHide(true);
    popup.setHideOnEscape(true);
    TilePane tiles = new TilePane(6, 6);
    tiles.setPrefColumns(ACROSS);
    for (Colour colour : offered.get()) {
      tiles.getChildren().add(tile(popup, colour, colour.hex()));
    }
    VBox paper = new VBox(8);
    List<Swatch> kept = session.job().palette().swatches();
    if (!kept.isEmpty()) {
      TilePane own = new TilePane(6, 6);
      own.setPrefColumns(ACROSS);
      kept.forEach(s -> own.getChildren().add(tile(popup, s.colour(), s.name())));
      paper.getChildren().addAll(Controls.label(Wording.text("colourField.swatches"), "field-label"), own);
    }
    paper.getChildren().addAll(Controls.label(Wording.text("colourField.used"), "field-label"), tiles);
    shown.ifPresent(colour -> paper.getChildren().add(Controls.button("colour-keep", "colourField.keep", () -> {
      popup.hide();
      session.apply(LookEdits.keep(colour));
    }, "quiet")));
    if (none) {
      paper.getChildren().add(Controls.button("colour-none", "colourField.noColour", () -> choose(popup, Optional.empty()), "quiet"));
    }
    paper.getStyleClass().addAll("slip", "root-colours");
    popup.getContent().add(paper);
    popup.getScene().getStylesheets().addAll(getScene().getStylesheets());
    Bounds at = swatch.localToScreen(swatch.getBoundsInLocal());
    popup.show(swatch, at.getMinX(), at.getMaxY() + 4);
  }

  private Button tile(Popup popup, Colour colour, String name) {
    Button tile = new Button();
    tile.getStyleClass().add("swatch");
    tile.setAccessibleText(name);
    tile.setStyle("-fx-background-color: -zt-line, " + colour.hex() + ";");
    tile.setOnAction(e -> choose(popup, Optional.of(colour)));
    return tile;
  }

  private void choose(Popup popup, Optional<Colour> colour) {
    popup.hide();
    taken.accept(colour);
  }
}
