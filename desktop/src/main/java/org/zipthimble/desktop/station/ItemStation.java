package org.zipthimble.desktop.station;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.job.Ticket;
import org.zipthimble.core.job.WallScale;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.Kit;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.samples.DemoShelf;

/** What is made and how big it is: the size wall, a typed size with its live outline, the demo shelf. */
public final class ItemStation {
  private static final double GAP = 10;
  private static final double WALL_HEIGHT = 262;
  private static final double PREVIEW = 168;
  private static final double LEAST_PIXELS = 6;
  private static final double LEAST_HANGING = 92;

  private final Session session;
  private final HBox wall = new HBox(GAP);
  private final VBox bench = new VBox(14);
  private final VBox side = new VBox(8);
  private final ToggleGroup faceChoice = new ToggleGroup();
  private final TypedField name;
  private final TypedField width;
  private final TypedField height;
  private String item = StandardItem.INVITATION.title();
  private Size size = StandardItem.INVITATION.size();
  private int faces = StandardItem.INVITATION.faces();

  /** The station for a session. */
  public ItemStation(Session session) {
    this.session = session;
    name = new TypedField("item-name", Wording.text("item.name"), text -> {
      item = text.isBlank() ? item : text.strip();
      refresh();
    });
    width = new TypedField("item-width", Wording.text("item.width"), text -> choose(item, new Size(side(text), size.height()), faces));
    height = new TypedField("item-height", Wording.text("item.height"), text -> choose(item, new Size(size.width(), side(text)), faces));
    width.textProperty().addListener(o -> live());
    height.textProperty().addListener(o -> live());
    width.setOnMouseClicked(e -> width.selectAll());
    build();
    wall.widthProperty().addListener(o -> refresh());
    refresh();
  }

  /** The wall and the shelf. */
  public Node bench() {
    return bench;
  }

  /** The typed size. */
  public Node side() {
    return side;
  }

  private void build() {
    wall.getStyleClass().add("size-wall");
    wall.setAlignment(Pos.BOTTOM_LEFT);
    wall.setMinHeight(WALL_HEIGHT + 54);
    wall.setMinWidth(0);
    bench.getStyleClass().add("item-bench");
    bench.getChildren().addAll(
        Kit.label(Wording.text("item.title"), "page-title"), Kit.wrapped(Wording.text("item.sub"), "page-sub"), wall,
        Kit.label(Wording.text("item.shelf"), "side-title"), shelf());
    bench.setMinSize(0, 0);
    HBox sizes = Kit.row(6, Kit.under(Wording.text("item.width"), width), Kit.under(Wording.text("item.height"), height),
        Kit.iconButton("item-swap", Icons.SWAP, "ticket.swap", () -> choose(item, size.swapped(), faces), "swap"));
    sizes.setAlignment(Pos.BOTTOM_LEFT);
    HBox pills = new HBox(4, pill("item-one", "item.one", 1), pill("item-two", "item.two", 2));
    VBox card = new VBox(8, Kit.under(Wording.text("item.name"), name), sizes, Kit.under(Wording.text("item.faces"), pills),
        Kit.wrapped(Wording.text("item.typing"), "side-note"),
        Kit.button("item-start", "item.start", this::start, "main"));
    card.getStyleClass().add("card");
    side.getStyleClass().add("side");
    side.getChildren().addAll(Kit.label(Wording.text("item.own"), "side-title"), card,
        Kit.button("item-open", "item.open", session::askAndOpen, "plain"));
  }

  private ToggleButton pill(String id, String key, int count) {
    ToggleButton pill = new ToggleButton(Wording.text(key));
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setToggleGroup(faceChoice);
    pill.setUserData(count);
    pill.setOnAction(e -> choose(item, size, count));
    return pill;
  }

  private double side(String text) throws Trouble {
    double inches = Lengths.parse(text, session.unit());
    if (!(inches >= Ticket.LEAST_SIDE && inches <= Ticket.MOST_SIDE)) {
      throw Trouble.of("length.range", text, Lengths.showWithSign(Ticket.LEAST_SIDE, session.unit()),
          Lengths.showWithSign(Ticket.MOST_SIDE, session.unit()));
    }
    return inches;
  }

  /** While a size is being typed the outline follows as soon as it can be read. */
  private void live() {
    try {
      size = new Size(side(width.getText()), side(height.getText()));
      hang();
    } catch (Trouble stillTyping) {
      wall.getProperties().put("typing", stillTyping.getMessage());
    }
  }

  private void choose(String newItem, Size newSize, int newFaces) {
    item = newItem;
    size = newSize;
    faces = newFaces;
    refresh();
  }

  private void refresh() {
    name.show(item);
    width.show(Lengths.show(size.width(), session.unit()));
    height.show(Lengths.show(size.height(), session.unit()));
    faceChoice.getToggles().forEach(t -> t.setSelected(Integer.valueOf(faces).equals(t.getUserData())));
    hang();
  }

  private void hang() {
    double scale = WallScale.fitting(size, Math.max(300, wall.getWidth() - 2 * GAP), WALL_HEIGHT, LEAST_HANGING, GAP);
    List<Node> hung = new ArrayList<>();
    for (StandardItem standard : StandardItem.values()) {
      hung.add(hanging(standard, scale));
    }
    hung.add(yours(scale));
    wall.getChildren().setAll(hung);
  }

  private Button hanging(StandardItem standard, double scale) {
    Button button = new Button();
    button.setGraphic(outline(standard.title(), standard.size(), scale, "hung-paper"));
    button.setId("wall-" + standard.name().toLowerCase(Locale.ROOT));
    button.setAccessibleText(Wording.text("item.spoken", standard.title(), Lengths.show(standard.size(), session.unit())));
    button.getStyleClass().add("hung");
    button.setOnAction(e -> choose(standard.title(), standard.size(), standard.faces()));
    button.setMinWidth(Region.USE_PREF_SIZE);
    return button;
  }

  private Node yours(double scale) {
    VBox box = outline(Wording.text("item.yours"), size, scale, "hung-own");
    box.setId("wall-own");
    box.getStyleClass().add("hung-yours");
    return box;
  }

  private VBox outline(String title, Size finished, double scale, String style) {
    Region paper = new Region();
    double w = Math.max(LEAST_PIXELS, finished.width() * scale);
    double h = Math.max(LEAST_PIXELS, finished.height() * scale);
    paper.setMinSize(w, h);
    paper.setPrefSize(w, h);
    paper.setMaxSize(w, h);
    paper.getStyleClass().add(style);
    VBox box = new VBox(2, paper, Kit.label(title, "hung-name"), Kit.label(Lengths.show(finished, session.unit()), "hung-size"));
    box.getChildren().forEach(n -> ((Region) n).setMinWidth(Region.USE_PREF_SIZE));
    box.setAlignment(Pos.BOTTOM_CENTER);
    return box;
  }

  private void start() {
    if (session.leave()) {
      session.take(StandardItem.blank(item, size, faces), Optional.empty());
      session.stationProperty().set(Station.COMPOSE);
    }
  }

  private Node shelf() {
    HBox shelf = new HBox(14);
    shelf.setMaxHeight(Region.USE_PREF_SIZE);
    shelf.getStyleClass().add("demo-shelf");
    for (String file : DemoShelf.NAMES) {
      shelf.getChildren().add(demo(file));
    }
    return shelf;
  }

  private Node demo(String file) {
    StackPane frame = new StackPane();
    picture(file).ifPresent(frame.getChildren()::add);
    String key = "demo." + file.replace(ThimbleFile.ENDING, "");
    VBox words = new VBox(4, Kit.wrapped(Wording.text(key), "finding-title"), Kit.wrapped(Wording.text(key + ".note"), "side-note"),
        Kit.label(Wording.text("demo.open"), "finding-go"));
    words.setPrefWidth(190);
    words.setAlignment(Pos.CENTER_LEFT);
    HBox inside = new HBox(10, frame, words);
    HBox.setHgrow(words, Priority.ALWAYS);
    return Kit.card("demo-" + file.replace(ThimbleFile.ENDING, ""), Wording.text(key), inside, () -> open(file), "demo-card");
  }

  private static Optional<ImageView> picture(String file) {
    try (InputStream in = DemoShelf.open(file)) {
      return ThimbleFile.preview(in).map(bytes -> {
        ImageView view = new ImageView(new Image(new ByteArrayInputStream(bytes)));
        view.setPreserveRatio(true);
        view.setFitHeight(PREVIEW);
        view.setSmooth(true);
        return view;
      });
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  private void open(String file) {
    if (!session.leave()) {
      return;
    }
    try {
      Job job = DemoShelf.job(file);
      session.take(job, Optional.empty());
      session.say("");
      session.stationProperty().set(Station.COMPOSE);
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }
}
