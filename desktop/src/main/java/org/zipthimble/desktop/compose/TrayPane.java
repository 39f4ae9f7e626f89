package org.zipthimble.desktop.compose;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.FaceEdits;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.command.Command;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PagePicture;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.tray.Adders;
import org.zipthimble.desktop.tray.BorderSlip;
import org.zipthimble.desktop.tray.FormSlip;
import org.zipthimble.desktop.tray.MountSlip;
import org.zipthimble.desktop.tray.ObjectAdder;
import org.zipthimble.desktop.tray.ShapeSlip;

/** The tray under the bench: the faces, and what can be put on them. */
public final class TrayPane extends HBox {
  private static final double THUMB = 46;

  private final Session session;
  private final HBox faces = new HBox(5);
  /** How wide a card is, with what it stands apart from the next. */
  private static final double CARD = 59;

  /** The least that one face, the buttons beside the faces and the seam take. */
  private static final double BESIDE = 190;

  private final Map<String, PagePicture> pictures = new HashMap<>();
  /** What each face's picture was drawn of; a face that has not changed is not drawn anew. */
  private final Map<String, List<Object>> shownOf = new HashMap<>();
  private final Runnable used;
  private final List<Command> commands = new ArrayList<>();
  private List<String> shownFaces = List.of();

  /**
   * The tray of a session; all faces are asked for by a press beside them, and used is done at each press of a card, before what the card
   * does.
   */
  public TrayPane(Session session, Adders adding, Runnable ornaments, Runnable all, Runnable used) {
    this.session = session;
    this.used = used;
    getStyleClass().add("tray");
    ScrollPane strip = new PlainScroll(faces);
    strip.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    strip.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    strip.setFitToHeight(true);
    strip.setMaxWidth(180);
    strip.setMinWidth(60);
    strip.getStyleClass().add("bare-scroll");
    Button add = Controls.button("add-face", "tray.addFace", () -> session.apply(FaceEdits.another(session.job())), "quiet");
    VBox beside = new VBox(6, add, Controls.button("all-faces", "tray.allFaces", all, "quiet"));
    beside.setAlignment(Pos.CENTER_LEFT);
    beside.setMinWidth(USE_PREF_SIZE);
    VBox faceSide = new VBox(4, Controls.label(Wording.text("tray.faces"), "tray-title"), Controls.row(6, strip, beside));
    FlowPane cards = new FlowPane(
        4, 4, words(adding.objects()), card("add-rectangle", Icons.RECTANGLE, "tray.rectangle", adding.objects()::rectangle),
        card("add-ellipse", Icons.ELLIPSE, "tray.ellipse", adding.objects()::ellipse),
        card("add-line", Icons.LINE, "tray.line", adding.objects()::line),
        card("add-shape", Icons.STAR, "tray.shapes", () -> ShapeSlip.show(lookup("#add-shape"), adding.objects())),
        card("add-border", Icons.BORDER, "tray.border", () -> BorderSlip.show(lookup("#add-border"), session, adding.objects())),
        card("add-form", Icons.FORM, "tray.form", () -> formSlip(adding.objects())),
        card("add-picture", Icons.PICTURE, "tray.picture", adding.pictures()::pictures),
        card("add-mounts", Icons.MOUNTS, "tray.mount", () -> MountSlip.show(lookup("#add-mounts"), session, adding.pictures())),
        card("add-ornament", Icons.SPRIG, "tray.ornament", ornaments));
    // in one row, for which the faces make room, and in two where the window is narrow
    double row = cards.getChildren().size() * CARD - cards.getHgap();
    cards.setPrefWrapLength(row);
    cards.minWidthProperty().bind(Bindings.when(widthProperty().greaterThan(row + BESIDE)).then(row).otherwise(0));
    VBox addSide = new VBox(4, Controls.label(Wording.text("tray.add"), "tray-title"), cards);
    Region seam = new Region();
    seam.getStyleClass().add("tray-seam");
    getChildren().addAll(faceSide, seam, addSide);
    HBox.setHgrow(addSide, Priority.ALWAYS);
    setSpacing(7);
    setMinWidth(0);
    session.historyProperty().addListener(o -> refresh());
    session.faceIdProperty().addListener(o -> refresh());
    refresh();
  }

  private Button words(ObjectAdder adding) {
    Button card = card("add-words", Icons.LINE, "tray.words", adding::words);
    ((VBox) card.getGraphic()).getChildren().set(0, new StackPane(Controls.label(Wording.text("tray.words.sign"), "words-sign")));
    return card;
  }

  private Button card(String id, String icon, String key, Runnable action) {
    StackPane picture = new StackPane(Icons.of(icon));
    picture.setMinHeight(28);
    VBox inside = new VBox(1, picture, Controls.label(Wording.text(key), "card-name"));
    inside.setAlignment(Pos.CENTER);
    Button card = new Button();
    card.setGraphic(inside);
    card.setId(id);
    card.setAccessibleText(Wording.text(key + ".tip"));
    Controls.tip(card, Wording.text(key + ".tip"));
    card.getStyleClass().add("tray-card");
    card.setOnAction(e -> {
      used.run();
      action.run();
    });
    commands.add(Command.of(key + ".tip", "", () -> true, () -> {
      session.stationProperty().set(Station.COMPOSE);
      Platform.runLater(card::fire);
    }));
    return card;
  }

  /** What its cards add, for whoever looks for it by name. */
  public List<Command> commands() {
    return commands;
  }

  /** A slip above the form card: what kind, how many columns and rows, how thick the lines. */
  private void formSlip(ObjectAdder adding) {
    FormSlip.show(lookup("#add-form"), adding);
  }

  private void refresh() {
    Job job = session.job();
    List<String> keys = job.faces().stream().map(f -> f.id() + f.name()).toList();
    if (!keys.equals(shownFaces)) {
      shownFaces = keys;
      pictures.clear();
      shownOf.clear();
      List<Node> tabs = new ArrayList<>();
      job.faces().forEach(face -> tabs.add(tab(face)));
      faces.getChildren().setAll(tabs);
      faces.setAlignment(Pos.CENTER_LEFT);
    }
    for (Face face : job.faces()) {
      Size size = job.frame(face).size();
      double scale = THUMB / Math.max(size.width(), size.height());
      List<Object> drawn = List.of(face, job.ticket(), job.palette(), job.cutting(), job.fonts(), job.pictures().keySet());
      if (!drawn.equals(shownOf.put(face.id(), drawn))) {
        pictures.get(face.id()).show(() -> Imposition.bench(job, face), scale, session.halvings());
      }
    }
    for (Node node : faces.getChildren()) {
      if (node instanceof ToggleButton) {
        ((ToggleButton) node).setSelected(node.getUserData().equals(session.faceIdProperty().get()));
      }
    }
  }

  private ToggleButton tab(Face face) {
    PagePicture picture = new PagePicture(new LatestWork());
    pictures.put(face.id(), picture);
    Label name = Controls.label(face.name(), "card-name");
    VBox inside = new VBox(2, picture, name);
    inside.setAlignment(Pos.CENTER);
    ToggleButton tab = new ToggleButton();
    tab.setGraphic(inside);
    tab.setUserData(face.id());
    tab.setId("face-" + face.id());
    tab.setAccessibleText(Wording.text("faceTag.spoken", face.name()));
    tab.getStyleClass().add("face-tab");
    tab.setOnAction(e -> {
      session.selectionProperty().set(Set.of());
      session.faceIdProperty().set(face.id());
      tab.setSelected(true);
    });
    return tab;
  }
}
