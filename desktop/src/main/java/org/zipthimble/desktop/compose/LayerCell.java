package org.zipthimble.desktop.compose;

import java.awt.image.BufferedImage;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** One layer: a small drawing of it, its name, whether it is seen and locked, and a grip to drag it by. */
final class LayerCell extends ListCell<Item> {
  private static final double ROW = 34;

  /** How high a cell is: a row, and a pixel above and below it. */
  static final double HIGH = ROW + 2;

  private static final int THUMB = 26;

  private final Session session;
  private final LatestWork painter = Thumbs.PAINTER;
  private final ImageView thumb = new ImageView();
  private final ToggleButton seen = toggle("layer-seen", "layers.show");
  private final ToggleButton locked = toggle("layer-lock", "layers.lock");
  private final Label name = Controls.label("", "layer-name");
  private final Label kind = Controls.label("", "layer-kind");
  private final HBox row;
  private Item drawn;

  /** Draws the thumbnails of all cells. */
  private static final class Thumbs {
    private static final LatestWork PAINTER = new LatestWork();
  }

  LayerCell(Session session) {
    this.session = session;
    getStyleClass().add("layer-cell");
    VBox names = new VBox(name, kind);
    names.setMinWidth(0);
    names.setAlignment(Pos.CENTER_LEFT);
    HBox.setHgrow(names, Priority.ALWAYS);
    StackPane grip = new StackPane(Icons.of(Icons.GRIP));
    grip.getStyleClass().add("grip");
    Controls.tip(grip, Wording.text("layers.drag"));
    StackPane frame = new StackPane(thumb);
    frame.getStyleClass().add("layer-thumb");
    frame.setMinSize(THUMB + 2, THUMB + 2);
    frame.setMaxSize(THUMB + 2, THUMB + 2);
    row = Controls.row(6, seen, frame, names, locked, grip);
    row.setMinHeight(ROW);
    row.setMaxHeight(ROW);
    seen.setOnAction(e -> change("edit.show", true));
    locked.setOnAction(e -> change("edit.lock", false));
    setPrefWidth(0);
    dragging();
  }

  private static ToggleButton toggle(String style, String key) {
    ToggleButton button = new ToggleButton();
    button.getStyleClass().add(style);
    button.setAccessibleText(Wording.text(key));
    Controls.tip(button, Wording.text(key));
    button.setMinSize(18, 18);
    return button;
  }

  private void change(String key, boolean visibility) {
    session.apply(Edits.properties(session.faceIdProperty().get(), Set.of(getItem().id()), key,
        f -> visibility ? f.withVisible(!f.visible()) : f.withLocked(!f.locked())));
  }

  @Override
  protected void updateItem(Item item, boolean empty) {
    super.updateItem(item, empty);
    if (empty || item == null) {
      setGraphic(null);
      setId(null);
      return;
    }
    setId("layer-" + item.id());
    setAccessibleText(item.properties().name());
    seen.setSelected(item.properties().visible());
    locked.setSelected(item.properties().locked());
    name.setText(item.properties().name());
    String what = LayersPane.told(item);
    kind.setText(item.properties().role() == Role.GUIDE ? Wording.text("kind.guide", what) : what);
    setGraphic(row);
    if (item != drawn) {
      drawn = item;
      draw(item);
    }
  }

  private void draw(Item item) {
    Job job = session.job();
    painter.queue(() -> picture(job, item), image -> {
      if (drawn == item) {
        thumb.setImage(FxPictures.of(image));
        thumb.setFitWidth(THUMB);
        thumb.setFitHeight(THUMB);
      }
    });
  }

  private BufferedImage picture(Job job, Item item) {
    Item shown = item.with(item.properties().withVisible(true).withRole(Role.PRINTS));
    Box box = shown.placement().around();
    double scale = 2 * THUMB / Math.max(0.02, Math.max(box.width(), box.height()) + 0.02);
    Affine map = Affine.move(-box.centre().x(), -box.centre().y()).then(Affine.scale(scale, scale)).then(Affine.move(THUMB, THUMB));
    Face alone = Face.of("thumb", "thumb", java.util.List.of(shown));
    return FacePainter.paint(Imposition.bench(job, alone), box.grown(1), false, map, 2 * THUMB, 2 * THUMB, session.halvings());
  }

  private void dragging() {
    setOnDragDetected(e -> {
      if (getItem() != null) {
        Dragboard board = startDragAndDrop(TransferMode.MOVE);
        ClipboardContent content = new ClipboardContent();
        content.putString(getItem().id());
        board.setContent(content);
        e.consume();
      }
    });
    setOnDragOver(e -> {
      if (e.getGestureSource() instanceof LayerCell && e.getGestureSource() != this && getItem() != null) {
        e.acceptTransferModes(TransferMode.MOVE);
      }
      e.consume();
    });
    setOnDragDropped(e -> {
      session.apply(Edits.order(session.faceIdProperty().get(), e.getDragboard().getString(), session.beside().indexOf(getItem())));
      e.setDropCompleted(true);
      e.consume();
    });
  }
}
