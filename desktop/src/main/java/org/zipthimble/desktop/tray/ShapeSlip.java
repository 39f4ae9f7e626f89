package org.zipthimble.desktop.tray;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import org.zipthimble.core.code.CodeKind;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.Slips;

/** A paper slip with the ready shapes, each drawn as it is. */
public final class ShapeSlip {
  private static final double WIDE = 34;
  private static final double HIGH = 26;
  private static final double RISE = 376;

  private ShapeSlip() {}

  public static void show(Node card, ObjectAdder adding) {
    FlowPane shapes = new FlowPane(6, 6);
    shapes.setPrefWrapLength(4 * 84);
    Popup[] popup = new Popup[1];
    for (ReadyForm form : ReadyForm.values()) {
      String word = form.name().toLowerCase(Locale.ROOT);
      StackPane picture = new StackPane(Icons.of(PathText.write(form.path(WIDE, HIGH, form.usual(WIDE, HIGH)).mapped(Affine.IDENTITY))));
      if (form.open()) {
        picture.getStyleClass().add("open-shape");
      }
      picture.setMinHeight(30);
      VBox inside = new VBox(2, picture, Controls.label(Wording.of(form), "card-name"));
      inside.setAlignment(javafx.geometry.Pos.CENTER);
      Button one = new Button();
      one.setGraphic(inside);
      one.setId("ready-" + word.replace('_', '-'));
      one.setAccessibleText(Wording.of(form));
      one.getStyleClass().add("shape-card");
      one.setOnAction(e -> {
        popup[0].hide();
        adding.ready(form);
      });
      shapes.getChildren().add(one);
    }
    FlowPane codes = new FlowPane(6, 6);
    codes.setPrefWrapLength(4 * 84);
    for (CodeKind kind : CodeKind.values()) {
      codes.getChildren().add(Controls.button("code-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'), Wording.key(kind), () -> {
        popup[0].hide();
        adding.code(kind);
      }, "quiet"));
    }
    VBox paper = new VBox(8, Controls.label(Wording.text("tray.shapes.title"), "side-title"), shapes,
        Controls.label(Wording.text("tray.codes"), "field-label"), codes);
    popup[0] = Slips.above(card, paper, RISE);
  }
}
