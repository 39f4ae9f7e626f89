package org.zipthimble.desktop.page;

import java.io.InputStream;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zipthimble.core.guide.Order;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.command.Command;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.PlainScroll;

/** The help: task by task with pictures, order by order, and every shortcut. */
public final class HelpPage extends VBox {
  /** The tasks, by wording key. */
  public static final List<String> TASKS = List.of("start", "place", "arrange", "guides", "shelf", "looks", "words", "pictures", "safe",
      "check", "send");

  private static final double PICTURE = 560;
  private static final double ORDER_PICTURE = 220;

  private final ScrollPane scroll;

  /**
   * The help of a window.
   *
   * @param open opens the ready job of an order
   */
  public HelpPage(Supplier<List<Command>> commands, Consumer<Order> open, Runnable close) {
    super(10);
    getStyleClass().add("help-page");
    VBox text = new VBox(12);
    text.getStyleClass().add("help-text");
    for (String task : TASKS) {
      text.getChildren().addAll(Controls.wrapped(Wording.text("help." + task + ".title"), "side-title"),
          Controls.wrapped(Wording.text("help." + task + ".text"), "help-words"));
      picture(task + ".png", PICTURE).ifPresent(text.getChildren()::add);
    }
    Node orders = Controls.label(Wording.text("orderHelp.title"), "page-title");
    text.getChildren().addAll(orders, Controls.wrapped(Wording.text("orderHelp.note"), "side-note"));
    for (Order order : Order.values()) {
      text.getChildren().add(order(order, open));
    }
    Node keys = Controls.label(Wording.text("help.keys.title"), "side-title");
    text.getChildren().addAll(keys, keys(commands.get()),
        Controls.label(Wording.text("help.hands.title"), "side-title"), Controls.wrapped(Wording.text("help.hands"), "help-words"),
        Controls.label(Wording.text("help.alone.title"), "side-title"), Controls.wrapped(Wording.text("help.alone"), "help-words"));
    scroll = new PlainScroll(text);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("bare-scroll");
    scroll.setId("help-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(Controls.row(10, Controls.label(Wording.text("help.title"), "page-title"), Controls.spring(),
        Controls.button("help-orders", "help.orders", () -> to(orders), "quiet"),
        Controls.button("help-keys", "help.keys.title", () -> to(keys), "quiet"),
        Controls.button("help-close", "help.close", close, "plain")), scroll);
    setOnKeyPressed(e -> {
      if (e.getCode() == KeyCode.ESCAPE) {
        close.run();
      }
    });
  }

  /** Shows a part of the page from its top. */
  private void to(Node part) {
    Node all = scroll.getContent();
    double free = all.getLayoutBounds().getHeight() - scroll.getViewportBounds().getHeight();
    scroll.setVvalue(free <= 0 ? 0 : Math.min(1, part.getBoundsInParent().getMinY() / free));
  }

  private static Node order(Order order, Consumer<Order> open) {
    VBox steps = new VBox(5, Controls.wrapped(order.title(), "side-title"));
    int number = 1;
    for (String step : order.steps()) {
      Label text = Controls.wrapped(step, "help-words");
      HBox.setHgrow(text, Priority.ALWAYS);
      Label count = Controls.label(String.valueOf(number++), "help-count");
      HBox row = new HBox(8, count, text);
      steps.getChildren().add(row);
    }
    steps.getChildren()
        .add(Controls.button("help-open-" + order.name().toLowerCase(Locale.ROOT), "orderHelp.open", () -> open.accept(order), "quiet"));
    HBox.setHgrow(steps, Priority.ALWAYS);
    HBox card = new HBox(14);
    card.setAlignment(Pos.TOP_LEFT);
    card.getStyleClass().add("help-order");
    picture("orders/" + order.demo() + ".jpg", ORDER_PICTURE).ifPresent(card.getChildren()::add);
    card.getChildren().add(steps);
    return card;
  }

  private static Optional<Node> picture(String file, double width) {
    InputStream in = HelpPage.class.getResourceAsStream("/org/zipthimble/desktop/help/" + file);
    if (in == null) {
      return Optional.empty();
    }
    ImageView view = new ImageView(new Image(in));
    view.setPreserveRatio(true);
    view.setFitWidth(width);
    view.setSmooth(true);
    VBox frame = new VBox(view);
    frame.getStyleClass().add("help-picture");
    frame.setMaxSize(width + 2, Region.USE_PREF_SIZE);
    frame.setMinWidth(width + 2);
    return Optional.of(frame);
  }

  private static Node keys(List<Command> commands) {
    GridPane grid = new GridPane();
    grid.setHgap(24);
    grid.setVgap(4);
    int row = 0;
    for (Command command : commands) {
      if (!command.keys().isEmpty()) {
        grid.addRow(row++, Controls.label(command.keysShown(), "finder-note"), Controls.label(command.title(), "report-cell"));
      }
    }
    return grid;
  }
}
