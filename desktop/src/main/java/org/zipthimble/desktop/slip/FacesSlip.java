package org.zipthimble.desktop.slip;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.FaceEdits;
import org.zipthimble.core.edit.FactDesigns;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PagePicture;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** All faces at once: looked over, named, put in another order by dragging or by arrows, duplicated and removed. */
public final class FacesSlip extends ToolSlip {
  private static final double THUMB = 132;
  private static final double CELL = 156;

  private final FlowPane cells = new FlowPane(10, 10);
  private final Map<String, PagePicture> pictures = new HashMap<>();
  private final Map<String, Object> drawn = new HashMap<>();
  private final Button add;
  private List<String> shown = List.of();
  private String carried = "";

  /** The slip of a session. */
  public FacesSlip(Session session) {
    super(session, "faces", "facesSlip.title", 3 * CELL + 70);
    ScrollPane scroll = new PlainScroll(cells);
    scroll.setFitToWidth(true);
    scroll.prefHeightProperty()
        .bind(Bindings.createDoubleBinding(() -> cells.getChildren().size() > 2 ? 440.0 : 236.0, cells.getChildren()));
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    add = Controls.button("faces-add", "tray.addFace", () -> session.apply(FaceEdits.another(session.job())), "quiet");
    inside.getChildren().addAll(Controls.wrapped(Wording.text("facesSlip.note"), "side-note"), scroll, add);
  }

  @Override
  void show() {
    Job job = session.job();
    List<String> now = job.faces().stream().map(f -> f.id() + " " + f.name() + f.form() + job.inner(f)).toList();
    if (!now.equals(shown)) {
      shown = now;
      pictures.clear();
      drawn.clear();
      cells.getChildren().setAll(pegged(job));
    }
    for (Face face : job.faces()) {
      Size size = job.frame(face).size();
      List<Object> of = List.of(face, job.ticket(), job.palette(), job.cutting(), job.fonts(), job.pictures().keySet());
      if (!of.equals(drawn.put(face.id(), of))) {
        pictures.get(face.id()).show(() -> Imposition.bench(job, face), THUMB / Math.max(size.width(), size.height()), session.halvings());
      }
    }
  }

  /** Pages of a book that face each other hang together. */
  private List<Node> pegged(Job job) {
    List<Node> all = new ArrayList<>();
    HBox pair = null;
    for (int i = 0; i < job.faces().size(); i++) {
      Face face = job.faces().get(i);
      Node cell = cell(face, i);
      boolean right = job.inner(face).filter(s -> s == Side.LEFT).isPresent();
      if (right && pair != null) {
        pair.getChildren().add(cell);
        pair = null;
      } else {
        pair = job.inner(face).isPresent() && !right ? new HBox(0, cell) : null;
        all.add(pair == null ? cell : pair);
        Optional.ofNullable(pair).ifPresent(p -> p.getStyleClass().add("pegged"));
      }
    }
    return all;
  }

  private String numbered(Face face, int index) {
    Job job = session.job();
    if (face.form().shared()) {
      return Wording.text("facesSlip.shared", index + 1);
    }
    return job.inner(face)
        .map(side -> Wording.text(side == Side.LEFT ? "facesSlip.right" : "facesSlip.left", job.pages().indexOf(face) + 1))
        .orElse(Wording.text("facesSlip.number", index + 1));
  }

  private Node cell(Face face, int index) {
    PagePicture picture = new PagePicture(new LatestWork());
    pictures.put(face.id(), picture);
    Button open = new Button();
    StackPane frame = new StackPane(picture);
    frame.setMinSize(THUMB, THUMB);
    open.setGraphic(frame);
    open.setId("faces-open-" + face.id());
    open.setAccessibleText(Wording.text("faceTag.spoken", face.name()));
    open.getStyleClass().add("font-row");
    open.setMaxWidth(CELL);
    open.setOnAction(e -> {
      session.selectionProperty().set(Set.of());
      session.faceIdProperty().set(face.id());
    });
    open.setOnDragDetected(e -> {
      carried = face.id();
      open.startFullDrag();
    });
    open.setOnMouseDragReleased(e -> {
      if (!carried.isEmpty() && !carried.equals(face.id())) {
        session.apply(FaceEdits.place(carried, index));
      }
      carried = "";
    });
    TypedField name = new TypedField("faces-name-" + face.id(), Wording.text("facesSlip.name"),
        text -> session.apply(FaceEdits.rename(face.id(), text)));
    name.show(face.name());
    name.setMaxWidth(CELL);
    FlowPane does = new FlowPane(3, 3,
        Controls.iconButton("faces-earlier-" + face.id(), Icons.EARLIER, "facesSlip.earlier",
        () -> session.apply(FaceEdits.place(face.id(), index - 1))),
        Controls.iconButton("faces-later-" + face.id(), Icons.LATER, "facesSlip.later",
        () -> session.apply(FaceEdits.place(face.id(), index + 1))),
        Controls.button("faces-twice-" + face.id(), "facesSlip.twice", () -> twice(face), "quiet"),
        Controls.iconButton("faces-away-" + face.id(), Icons.AWAY, "menu.removeFace", () -> session.apply(Edits.removeFace(face.id()))));
    does.setAlignment(Pos.CENTER_LEFT);
    VBox cell = new VBox(4, Controls.label(numbered(face, index), "field-label"), open, name, does);
    cell.setPrefWidth(CELL);
    cell.setMaxWidth(CELL);
    return cell;
  }

  private void twice(Face face) {
    String id = FactDesigns.nextId(session.job());
    session.apply(FaceEdits.duplicate(face.id()));
    session.faceIdProperty().set(id);
  }

  @Override
  Node first() {
    return add;
  }
}
