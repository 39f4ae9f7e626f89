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
import org.zipthimble.core.wording.Wording;

/** A swatch that opens a paper of colours, and beside it the colour's digits to type. */
public final class ColourField extends HBox {
  private static final int ACROSS = 6;

  private final Button swatch = new Button();
  private final TypedField digits;
  private final Supplier<List<Colour>> offered;
  private final Consumer<Optional<Colour>> taken;
  private final boolean none;

  /**
   * A field.
   *
   * @param none whether there may be no colour
   * @param offered the colours on the paper
   */
  public ColourField(
      String id, String spoken, boolean none, Supplier<List<Colour>> offered, Consumer<Optional<Colour>> taken) {
    super(6);
    this.offered = offered;
    this.taken = taken;
    this.none = none;
    swatch.setId(id + "-swatch");
    swatch.setAccessibleText(spoken);
    swatch.getStyleClass().add("swatch");
    swatch.setOnAction(e -> unfold());
    digits = new TypedField(id, spoken, text -> taken.accept(
        none && (text.isBlank() || text.equals(Wording.text("colour.none"))) ? Optional.empty() : Optional.of(Colour.parse(text))));
    digits.setPrefWidth(74);
    digits.setMinWidth(62);
    HBox.setHgrow(digits, Priority.ALWAYS);
    getChildren().addAll(swatch, digits);
  }

  /** Shows a colour or none. */
  public void show(Optional<Colour> colour) {
    swatch.setStyle(colour.map(c -> "-fx-background-color: -zt-line, " + c.hex() + ";").orElse(""));
    swatch.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("none"), colour.isEmpty());
    digits.show(colour.map(Colour::hex).orElse(Wording.text("colour.none")));
  }

  private void unfold() {
    Popup popup = new Popup();
    popup.setAutoHide(true);
    popup.setHideOnEscape(true);
    TilePane tiles = new TilePane(6, 6);
    tiles.setPrefColumns(ACROSS);
    for (Colour colour : offered.get()) {
      Button tile = new Button();
      tile.getStyleClass().add("swatch");
      tile.setAccessibleText(colour.hex());
      tile.setStyle("-fx-background-color: -zt-line, " + colour.hex() + ";");
      tile.setOnAction(e -> choose(popup, Optional.of(colour)));
      tiles.getChildren().add(tile);
    }
    VBox paper = new VBox(8, tiles);
    if (none) {
      paper.getChildren().add(Kit.button("colour-none", "colour.noColour", () -> choose(popup, Optional.empty()), "quiet"));
    }
    paper.getStyleClass().addAll("slip", "root-colours");
    popup.getContent().add(paper);
    popup.getScene().getStylesheets().addAll(getScene().getStylesheets());
    Bounds at = swatch.localToScreen(swatch.getBoundsInLocal());
    popup.show(swatch, at.getMinX(), at.getMaxY() + 4);
  }

  private void choose(Popup popup, Optional<Colour> colour) {
    popup.hide();
    taken.accept(colour);
  }
}
