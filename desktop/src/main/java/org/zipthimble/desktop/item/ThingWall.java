package org.zipthimble.desktop.item;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.store.ThingShelf;
import org.zipthimble.core.thing.Laid;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.view.OnThing;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.control.OneStop;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** The catalogue of things that are pressed, wrapped or dressed: each drawn as it is, in boards by what they are. */
final class ThingWall extends PlainScroll {
  private static final int PICTURE = 92;
  private static final double WIDE = 118;

  private final Session session;
  private final Consumer<Thing> take;
  private final VBox boards = new VBox(8);
  private final TextField search = new TextField();
  private final LatestWork pictures = new LatestWork();
  private boolean hung;

  ThingWall(Session session, Consumer<Thing> take) {
    this.session = session;
    this.take = take;
    getStyleClass().add("size-wall");
    boards.getStyleClass().add("wall-boards");
    setContent(boards);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setMinHeight(150);
    OneStop.of(boards);
    search.setId("thing-search");
    search.setPromptText(Wording.text("thingWall.search"));
    search.setAccessibleText(Wording.text("thingWall.search"));
    search.setPrefWidth(240);
    search.textProperty().addListener(o -> hang());
  }

  TextField search() {
    return search;
  }

  /** Hangs the things when they are first looked at. */
  void show() {
    if (!hung) {
      hang();
    }
  }

  /** Hangs them anew, the person's own first. */
  void hang() {
    hung = true;
    boards.getChildren().clear();
    ThingShelf.Own own = ThingShelf.own(session.preferences().places().things());
    own.troubles().forEach(t -> boards.getChildren().add(Controls.wrapped(t, "line-note", "ruin")));
    board(Wording.text("thingWall.own"), own.things());
    for (Thing.Group group : Thing.Group.values()) {
      board(Wording.of(group), ThingShelf.shipped().stream().filter(t -> t.group() == group).toList());
    }
    if (boards.getChildren().isEmpty()) {
      boards.getChildren().add(Controls.wrapped(Wording.text("thingWall.none", search.getText()), "side-note"));
    }
  }

  private void board(String title, List<Thing> things) {
    List<Node> cards = new ArrayList<>();
    things.stream().filter(t -> answers(t, title)).forEach(t -> cards.add(card(t)));
    if (!cards.isEmpty()) {
      FlowPane flow = new FlowPane(6, 8);
      flow.getChildren().setAll(cards);
      VBox board = new VBox(3, Controls.label(title, "board-tab"), flow);
      board.getStyleClass().add("board");
      boards.getChildren().add(board);
    }
  }

  private boolean answers(Thing thing, String board) {
    String all = (thing.title() + " " + board + " " + thing.process().title()).toLowerCase(Locale.ROOT);
    return List.of(search.getText().strip().toLowerCase(Locale.ROOT).split("\\s+")).stream().allMatch(all::contains);
  }

  private Node card(Thing thing) {
    ImageView picture = new ImageView();
    picture.setFitWidth(PICTURE);
    picture.setFitHeight(PICTURE);
    pictures.queue(() -> {
      Job job = ThingEdits.put(thing).change().apply(StandardItem.blank(thing.title(), new Size(5, 7), 1));
      return FxPictures.of(OnThing.of(job, job.faces().get(0)).draw(OnThing.usual(job, job.faces().get(0)), PICTURE * 2, PICTURE * 2, 1));
    }, picture::setImage);
    Size size = Laid.of(thing.body()).size();
    String told = Lengths.show(new Size(Math.round(size.width() * 100) / 100.0, Math.round(size.height() * 100) / 100.0), session.unit());
    VBox inside = new VBox(1, picture, Controls.wrapped(thing.title(), "hung-name"), Controls.label(told, "hung-size"));
    inside.setAlignment(Pos.TOP_CENTER);
    VBox card = Controls.card("thing-" + thing.key(), Wording.text("itemPage.spoken", thing.title(), told), inside,
        () -> take.accept(thing), "hung", "thing-card");
    card.setPrefWidth(WIDE);
    card.setMaxWidth(WIDE);
    card.setMinWidth(WIDE);
    card.setAlignment(Pos.TOP_CENTER);
    return card;
  }

  /** What is still being drawn counts for nothing. */
  void drop() {
    pictures.drop();
  }

  /** A thing of the catalogue by its key. */
  Optional<Thing> find(String key) {
    return ThingShelf.shipped(key);
  }
}
