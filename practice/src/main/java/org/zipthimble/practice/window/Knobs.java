package org.zipthimble.practice.window;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.text.Font;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** What the windows of practice machines are made of. */
final class Knobs {
  private static final int MOST_PORT = 65_535;
  private static final List<String> TYPE = List.of("Figtree_400Regular.ttf", "Figtree_600SemiBold.ttf", "Fraunces_600SemiBold.ttf");

  private Knobs() {}

  /** Loads the type of the windows. */
  static void type() {
    TYPE.forEach(file -> Font.loadFont(BundledFonts.open(file), 12));
  }

  /** A port that was named; empty when it is none. */
  static OptionalInt port(String text) {
    try {
      int port = Integer.parseInt(text);
      return port >= 1 && port <= MOST_PORT ? OptionalInt.of(port) : OptionalInt.empty();
    } catch (NumberFormatException none) {
      return OptionalInt.empty();
    }
  }

  /** Says that what was named is no port, and ends the program with a sign of it. */
  static void refusePort(String[] arguments) {
    if (arguments.length > 0 && port(arguments[0]).isEmpty()) {
      System.err.println(Wording.text("practice.noPort", arguments[0]));
      System.exit(2);
    }
  }

  /** A field for a figure; what cannot be read is marked, and said why. */
  static TextField field(GridPane grid, int column, int row, String key, double usual, DoubleConsumer change, Consumer<String> say) {
    TextField field = new TextField(Lengths.plain(usual, 3));
    field.setId(key.replace('.', '-'));
    field.setPrefColumnCount(6);
    field.setAccessibleText(Wording.text(key));
    Runnable take = () -> {
      try {
        change.accept(Lengths.parse(field.getText(), Unit.INCH));
        field.getStyleClass().remove("misread");
      } catch (Trouble | IllegalArgumentException e) {
        if (!field.getStyleClass().contains("misread")) {
          field.getStyleClass().add("misread");
        }
        say.accept(e instanceof Trouble ? e.getMessage() : Wording.text("practice.outOfRange"));
      }
    };
    field.setOnAction(e -> take.run());
    field.focusedProperty().addListener((o, was, is) -> {
      if (was) {
        take.run();
      }
    });
    grid.add(caption(key), column, 2 * row);
    grid.add(field, column, 2 * row + 1);
    return field;
  }

  /** A row of a name and its figure. */
  static void line(GridPane grid, int row, String key, Label value) {
    grid.add(caption(key), 0, row);
    grid.add(value, 1, row);
  }

  static GridPane grid() {
    GridPane grid = new GridPane();
    grid.setHgap(8);
    grid.setVgap(2);
    return grid;
  }

  static Button button(String key, Runnable action) {
    Button button = new Button(Wording.text(key));
    button.setId(key.replace('.', '-'));
    button.setMinWidth(Button.USE_PREF_SIZE);
    button.setOnAction(e -> action.run());
    return button;
  }

  static Label caption(String key) {
    return label(Wording.text(key), "caption");
  }

  static Label label(String text, String style) {
    Label label = new Label(text);
    label.getStyleClass().add(style);
    label.setWrapText(true);
    return label;
  }
}
