package org.zipthimble.desktop.control;

import java.util.function.Consumer;
import javafx.event.EventHandler;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import org.zipthimble.core.wording.Wording;

/** Small parts that many places are built of. Texts are wording keys unless said otherwise. */
public final class Controls {
  private Controls() {}

  /** A label with ready text and style classes. */
  public static Label label(String text, String... styles) {
    Label label = new Label(text);
    label.getStyleClass().addAll(styles);
    return label;
  }

  /** Cuts off what stands out of a region. */
  public static void clip(Region region) {
    Rectangle edge = new Rectangle();
    edge.widthProperty().bind(region.widthProperty());
    edge.heightProperty().bind(region.heightProperty());
    region.setClip(edge);
  }

  /** A label that breaks its lines. */
  public static Label wrapped(String text, String... styles) {
    Label label = label(text, styles);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }

  /** What a node says when the pointer rests on it and to a reader of the screen; its slip is made when the pointer first comes. */
  public static void tip(Node node, String text) {
    node.setAccessibleHelp(text);
    node.addEventHandler(MouseEvent.MOUSE_ENTERED, new EventHandler<>() {
      @Override
      public void handle(MouseEvent e) {
        node.removeEventHandler(MouseEvent.MOUSE_ENTERED, this);
        Tooltip.install(node, new Tooltip(text));
      }
    });
  }

  /** A button by wording key; the key with .tip is its tooltip where there is one. */
  public static Button button(String id, String key, Runnable action, String... styles) {
    Button button = new Button(Wording.text(key));
    button.setId(id);
    button.getStyleClass().addAll(styles);
    button.setOnAction(e -> action.run());
    button.setMinWidth(Region.USE_PREF_SIZE);
    if (Wording.has(key + ".tip")) {
      String told = Wording.text(key + ".tip");
      tip(button, told);
      if (button.getText().length() == 1) {
        // A sign is no name.
        button.setAccessibleText(told);
      }
    }
    return button;
  }

  /** A button that is only a drawing; the key is what it says aloud and in its tooltip. */
  public static Button iconButton(String id, String icon, String key, Runnable action, String... styles) {
    Button button = new Button();
    button.setGraphic(Icons.of(icon));
    button.setId(id);
    button.setAccessibleText(Wording.text(key));
    tip(button, Wording.text(key));
    button.getStyleClass().add("icon-button");
    button.getStyleClass().addAll(styles);
    button.setOnAction(e -> action.run());
    return button;
  }

  /** A check box by wording key. */
  public static CheckBox check(String id, String key, boolean on, Consumer<Boolean> action) {
    CheckBox box = new CheckBox(Wording.text(key));
    box.setId(id);
    box.setWrapText(true);
    box.setSelected(on);
    box.setOnAction(e -> action.accept(box.isSelected()));
    return box;
  }

  /** A field under its small label. */
  public static VBox under(String label, Node field) {
    VBox box = new VBox(2, label(label, "field-label"), field);
    HBox.setHgrow(box, Priority.ALWAYS);
    box.setMinWidth(0);
    return box;
  }

  /** Parts side by side. */
  public static HBox row(double gap, Node... parts) {
    HBox row = new HBox(gap, parts);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  /** Room that takes what is left. */
  public static Region spring() {
    Region spring = new Region();
    HBox.setHgrow(spring, Priority.ALWAYS);
    VBox.setVgrow(spring, Priority.ALWAYS);
    return spring;
  }

  /** A card that is clicked as a whole, or taken by Enter or Space; its lines break to its width. */
  public static VBox card(String id, String spoken, Node inside, Runnable action, String... styles) {
    VBox card = new VBox(inside);
    card.setId(id);
    card.setAccessibleText(spoken);
    card.setAccessibleRole(AccessibleRole.BUTTON);
    card.setFocusTraversable(true);
    card.getStyleClass().addAll(styles);
    card.setOnMouseClicked(e -> action.run());
    card.setOnKeyPressed(e -> {
      if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
        action.run();
        e.consume();
      }
    });
    return card;
  }

  /** A stitched line across. */
  public static Region stitch() {
    Region line = new Region();
    line.getStyleClass().add("stitch");
    return line;
  }
}
