package org.zipthimble.desktop.page;

import java.io.InputStream;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.command.Command;
import org.zipthimble.desktop.control.Controls;

/** The help: task by task with pictures, and every shortcut. */
public final class HelpPage extends VBox {
  /** The tasks, by wording key. */
  public static final List<String> TASKS = List.of("start", "place", "arrange", "guides", "shelf", "looks", "words", "pictures", "safe", "check", "send");

  private static final double PICTURE = 560;

  /** The help of a window. */
  public HelpPage(Supplier<List<Command>> commands, Runnable close) {
    super(10);
    getStyleClass().add("help-page");
    VBox text = new VBox(12);
    text.getStyleClass().add("help-text");
    for (String task : TASKS) {
      text.getChildren().addAll(Controls.wrapped(Wording.text("help." + task + ".title"), "side-title"),
          Controls.wrapped(Wording.text("help." + task + ".text"), "help-words"));
      picture(task).ifPresent(text.getChildren()::add);
    }
    text.getChildren().addAll(Controls.label(Wording.text("help.keys.title"), "side-title"), keys(commands.get()),
        Controls.label(Wording.text("help.hands.title"), "side-title"), Controls.wrapped(Wording.text("help.hands"), "help-words"));
    ScrollPane scroll = new ScrollPane(text);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("bare-scroll");
    scroll.setId("help-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(Controls.row(10, Controls.label(Wording.text("help.title"), "page-title"), Controls.spring(),
        Controls.button("help-close", "help.close", close, "plain")), scroll);
    setOnKeyPressed(e -> {
      if (e.getCode() == KeyCode.ESCAPE) {
        close.run();
      }
    });
  }

  private static java.util.Optional<Node> picture(String task) {
    InputStream in = HelpPage.class.getResourceAsStream("/org/zipthimble/desktop/help/" + task + ".png");
    if (in == null) {
      return java.util.Optional.empty();
    }
    ImageView view = new ImageView(new Image(in));
    view.setPreserveRatio(true);
    view.setFitWidth(PICTURE);
    view.setSmooth(true);
    VBox frame = new VBox(view);
    frame.getStyleClass().add("help-picture");
    frame.setMaxWidth(PICTURE + 2);
    return java.util.Optional.of(frame);
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
